"""The panel of the stand-in deck radio."""

from __future__ import annotations

from ....ui.standins.panel import panel
from ....words import tr
from ....work.standin import Machine
from ..machines.radio import MEMORY
from .drawing import radio as drawn
from .set_panel import SetPanel


@panel("radio")
def radio_panel(machine: Machine) -> SetPanel:
    return SetPanel(machine, "radio", tr("STAND-IN: A DECK RADIO"), drawn, MEMORY)
