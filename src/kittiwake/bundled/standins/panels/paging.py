"""The panel of the stand-in paging controller."""

from __future__ import annotations

from ....ui.standins.panel import panel
from ....words import tr
from ....work.standin import Machine
from ..machines.paging import MEMORY
from .drawing import horns as drawn
from .set_panel import SetPanel


@panel("paging")
def paging_panel(machine: Machine) -> SetPanel:
    return SetPanel(machine, "paging", tr("STAND-IN: A PAGING CONTROLLER"), drawn, MEMORY)
