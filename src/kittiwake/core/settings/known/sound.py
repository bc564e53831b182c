"""What is heard and recorded with."""

from ....words import phrase
from ..setting import Setting, register

register(
    Setting(
        "sound.loudspeaker",
        phrase("Loudspeaker"),
        phrase("What the ear plays on. Empty: what the desktop uses."),
        "",
        kind="loudspeaker",
    ),
    Setting(
        "sound.microphone",
        phrase("Microphone"),
        phrase("What is recorded from at first. Empty: what the desktop uses."),
        "",
        kind="microphone",
    ),
)
