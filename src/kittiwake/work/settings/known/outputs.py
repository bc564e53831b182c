"""Where outputs go."""

from ....words import phrase
from ..setting import Setting, register

register(
    Setting(
        "outputs.folder",
        phrase("Outputs go to"),
        phrase(
            "Jobs that say nothing else put their outputs into a folder of their own in this one. Empty: Kittiwake in your documents."
        ),
        "",
        kind="folder",
    ),
    Setting(
        "outputs.placement",
        phrase("How they lie there"),
        phrase("Holds for new jobs; each job may say otherwise in the Job menu."),
        "one",
        (
            ("one", phrase("one folder for each receiver")),
            ("mirrored", phrase("mirrored, as the sources lie")),
            ("beside", phrase("beside their sources")),
        ),
    ),
)
