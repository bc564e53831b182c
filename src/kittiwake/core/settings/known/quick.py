"""Quick convert."""

from ..setting import Setting, register

register(
    Setting(
        "quick.close_after",
        "Close by itself after",
        "Counted once everything is made and nothing is asked. 0: it stays.",
        20,
        high=600,
        unit="s",
    ),
    Setting(
        "quick.place",
        "Results lie",
        "Beside the source, or where outputs go; they are on the clipboard either way.",
        "beside",
        (("beside", "beside the source"), ("outputs", "where outputs go")),
    ),
)
