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
    Setting(
        "sound.silence_ends_take",
        phrase("A take ends after so much silence"),
        phrase("In tenths of a second. 0: a take ends only where it is stopped, as for a reading of many sentences."),
        25,
        high=200,
        zero=phrase("it ends only where it is stopped"),
    ),
)
