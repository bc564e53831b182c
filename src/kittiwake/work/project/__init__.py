"""The work at hand: a job with its history, what is known of its sources, how its clips fit, what was made of them.

Objects with plain callbacks; a window listens to them (``ui.shell.session``), and so can anything else.
"""

from .cell import Cell
from .events import Event
from .history import History
from .project import Project

__all__ = ["Cell", "Event", "History", "Project"]
