"""How the window looks."""

from ....words import phrase
from ..setting import Setting, register

register(
    Setting(
        "look.theme",
        "Colours",
        phrase("Light, dark, or as the desktop has it."),
        "desktop",
        (("desktop", phrase("as the desktop")), ("light", "light"), ("dark", "dark")),
    ),
    Setting(
        "look.text_size",
        phrase("Text size"),
        phrase("Of everything in the window, beside its usual size."),
        100,
        low=80,
        high=200,
        unit="%",
    ),
    Setting("look.still", phrase("Less motion"), phrase("Nothing blinks, glides or fades."), False),
)
