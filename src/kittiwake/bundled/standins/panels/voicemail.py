"""The panel of the stand-in voicemail box."""

from __future__ import annotations

from ....ui.standins.panel import panel
from ....words import tr
from ....work.standin import Machine
from ..machines.voicemail import MEMORY
from .drawing import box as drawn
from .set_panel import SetPanel


@panel("voicemail")
def voicemail_panel(machine: Machine) -> SetPanel:
    return SetPanel(machine, "voicemail", tr("STAND-IN: A VOICEMAIL BOX"), drawn, MEMORY)
