"""How outputs are made, and what happens at the end of a run."""

from ....words import phrase
from ..setting import Setting, register

register(
    Setting(
        "making.at_once",
        phrase("How many at once"),
        phrase("More is faster up to the number of cores; fewer leave room for other work. 0: one for each core."),
        0,
        high=64,
        zero=phrase("one for each core"),
    ),
    Setting(
        "making.stay_awake",
        phrase("Keep the machine awake while making"),
        phrase("The desktop is asked not to sleep until the run is over."),
        True,
    ),
    Setting(
        "making.notify",
        phrase("Tell when a run has ended"),
        phrase("A notification of the desktop, while the window is not the one in use."),
        True,
    ),
    Setting(
        "making.chime",
        phrase("Sound when a run has ended"),
        phrase("Two short tones: rising where all is well, falling where something failed."),
        False,
    ),
    Setting(
        "making.show_folder",
        phrase("Show the folder when a run has ended"),
        phrase("Opens it in the file manager, where something was made."),
        False,
    ),
    Setting(
        "making.close",
        phrase("Close the window when a run has ended"),
        phrase("Only where nothing failed and the job is saved."),
        False,
    ),
)
