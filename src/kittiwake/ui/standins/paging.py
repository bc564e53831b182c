"""The panel of the stand-in paging controller."""

from __future__ import annotations

from ...core.standin import Machine
from ...core.standin.machines.paging import MEMORY
from ...words import tr
from .drawing import horns as drawn
from .panel import panel
from .set_panel import SetPanel


@panel("paging")
def paging_panel(machine: Machine) -> SetPanel:
    return SetPanel(machine, "paging", tr("STAND-IN: A PAGING CONTROLLER"), drawn, MEMORY)
