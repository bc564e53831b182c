"""What happens at the start."""

from ..setting import Setting, register

register(
    Setting(
        "start.session",
        "Open the last job at the start",
        "The job that was open when the window was closed, and the clip that was chosen.",
        True,
    ),
    Setting(
        "start.second",
        "Files from outside go to",
        "What “Open with” does while a window is open.",
        "ask",
        (("ask", "ask each time"), ("here", "the job that is open"), ("new", "a window of their own")),
    ),
)
