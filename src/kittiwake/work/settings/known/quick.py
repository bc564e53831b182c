"""Quick convert."""

from ....words import phrase
from ..setting import Setting, register

register(
    Setting(
        "quick.close_after",
        phrase("Close by itself after"),
        phrase("Counted once everything is made and nothing is asked. 0: it stays."),
        20,
        high=600,
        unit="s",
        zero=phrase("it stays"),
    ),
    Setting(
        "quick.place",
        phrase("Results lie"),
        phrase("Beside the source, or where outputs go; they are on the clipboard either way."),
        "beside",
        (("beside", phrase("beside the source")), ("outputs", phrase("where outputs go"))),
    ),
)
