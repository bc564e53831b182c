"""Where outputs go."""

from ..setting import Setting, register

register(
    Setting(
        "outputs.folder",
        "Outputs go to",
        "Jobs that say nothing else put their outputs into a folder of their own in this one. Empty: Kittiwake in your documents.",
        "",
        kind="folder",
    ),
    Setting(
        "outputs.placement",
        "How they lie there",
        "Holds for new jobs; each job may say otherwise in the Job menu.",
        "one",
        (
            ("one", "one folder for each receiver"),
            ("mirrored", "mirrored, as the sources lie"),
            ("beside", "beside their sources"),
        ),
    ),
)
