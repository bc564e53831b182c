"""The panel of the stand-in voicemail box."""

from __future__ import annotations

from ...core.standin import Machine
from ...core.standin.machines.voicemail import MEMORY
from ...words import tr
from .drawing import box as drawn
from .panel import panel
from .set_panel import SetPanel


@panel("voicemail")
def voicemail_panel(machine: Machine) -> SetPanel:
    return SetPanel(machine, "voicemail", tr("STAND-IN: A VOICEMAIL BOX"), drawn, MEMORY)
