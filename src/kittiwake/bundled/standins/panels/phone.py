"""The panel of the stand-in telephone system, beside the rules of its receiver: what it holds. Its menu has a page of its own."""

from __future__ import annotations

from ....ui.standins.panel import panel
from ....words import tr
from ....work.standin import Machine
from ..machines.phone import MEMORY
from .drawing import handset as drawn
from .set_panel import SetPanel


@panel("phone")
def phone_panel(machine: Machine) -> SetPanel:
    return SetPanel(machine, "phone", tr("STAND-IN: A PHONE"), drawn, MEMORY, ("walk",))
