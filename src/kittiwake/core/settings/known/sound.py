"""What is heard and recorded with."""

from ..setting import Setting, register

register(
    Setting(
        "sound.loudspeaker",
        "Loudspeaker",
        "What the ear plays on. Empty: what the desktop uses.",
        "",
        kind="loudspeaker",
    ),
    Setting(
        "sound.microphone",
        "Microphone",
        "What is recorded from at first. Empty: what the desktop uses.",
        "",
        kind="microphone",
    ),
)
