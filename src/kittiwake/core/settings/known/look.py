"""How the window looks."""

from ..setting import Setting, register

register(
    Setting(
        "look.theme",
        "Colours",
        "Light, dark, or as the desktop has it.",
        "desktop",
        (("desktop", "as the desktop"), ("light", "light"), ("dark", "dark")),
    ),
    Setting(
        "look.text_size",
        "Text size",
        "Of everything in the window, beside its usual size.",
        100,
        low=80,
        high=200,
        unit="%",
    ),
    Setting("look.still", "Less motion", "Nothing blinks, glides or fades.", False),
)
