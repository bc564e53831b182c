"""What happens at the start."""

from ....words import phrase
from ..setting import Setting, register

register(
    Setting(
        "start.session",
        phrase("Open the last job at the start"),
        phrase("The job that was open when the window was closed, and the clip that was chosen."),
        True,
    ),
    Setting(
        "start.second",
        phrase("Files from outside go to"),
        phrase("What “Open with” does while a window is open."),
        "ask",
        (
            ("ask", phrase("ask each time")),
            ("here", phrase("the job that is open")),
            ("new", phrase("a window of their own")),
        ),
    ),
)
