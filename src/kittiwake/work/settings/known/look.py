"""How the window looks, and in which language it speaks."""

from ....words import phrase
from ..setting import Setting, register

register(
    Setting(
        "look.theme",
        phrase("Colours"),
        phrase("Light, dark, or as the desktop has it."),
        "desktop",
        (("desktop", phrase("as the desktop")), ("light", phrase("light")), ("dark", phrase("dark"))),
    ),
    Setting(
        "look.language",
        phrase("Language"),
        phrase("Of all that is shown here; files and what programs read stay English."),
        "desktop",
        (("desktop", phrase("as the desktop")), ("en", "English"), ("de", "Deutsch"), ("fr", "français")),
    ),
    Setting(
        "look.decimal",
        phrase("Decimal sign"),
        phrase("On the screen only; in files it is always a point."),
        "language",
        (
            ("language", phrase("as in the language")),
            ("point", phrase("a point: 3.5")),
            ("comma", phrase("a comma: 3,5")),
        ),
    ),
    Setting(
        "look.kilobyte",
        phrase("A kilobyte has"),
        phrase("On the screen only; limits of receivers count as they are written."),
        1000,
        ((1000, phrase("1000 bytes (kB)")), (1024, phrase("1024 bytes (KiB)"))),
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
