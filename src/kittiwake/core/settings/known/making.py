"""How outputs are made, and what happens at the end of a run."""

from ..setting import Setting, register

register(
    Setting(
        "making.at_once",
        "How many at once",
        "More is faster up to the number of cores; fewer leave room for other work. 0: one for each core.",
        0,
        high=64,
    ),
    Setting(
        "making.stay_awake",
        "Keep the machine awake while making",
        "The desktop is asked not to sleep until the run is over.",
        True,
    ),
    Setting(
        "making.notify",
        "Tell when a run has ended",
        "A notification of the desktop, while the window is not the one in use.",
        True,
    ),
    Setting(
        "making.chime",
        "Sound when a run has ended",
        "Two short tones: rising where all is well, falling where something failed.",
        False,
    ),
    Setting(
        "making.show_folder",
        "Show the folder when a run has ended",
        "Opens it in the file manager, where something was made.",
        False,
    ),
    Setting(
        "making.close",
        "Close the window when a run has ended",
        "Only where nothing failed and the job is saved.",
        False,
    ),
)
