"""The panel of the stand-in voice board."""

from __future__ import annotations

from ....ui.standins.panel import panel
from ....words import tr
from ....work.standin import Machine
from ..machines.board import FLASH
from .drawing import board as drawn
from .set_panel import SetPanel


@panel("board")
def board_panel(machine: Machine) -> SetPanel:
    return SetPanel(machine, "board", tr("STAND-IN: A VOICE BOARD"), drawn, FLASH)
