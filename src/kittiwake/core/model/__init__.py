"""Plain immutable data: facts of a source, clips and their touch-ups, receivers, jobs."""

from typing import TYPE_CHECKING, Any

from .clip import Clip, TouchUp
from .facts import Facts, Header, Measures, Note, SignalLevel
from .find_receiver import load_receiver
from .receiver import Receiver
from .receiver_file import shipped_receivers
from .stated import Stated

if TYPE_CHECKING:
    from .job import Job, MadeRecord
    from .span import Cut, Line, Span

__all__ = [
    "Clip",
    "Cut",
    "Facts",
    "Header",
    "Job",
    "Line",
    "MadeRecord",
    "Measures",
    "Note",
    "Receiver",
    "SignalLevel",
    "Span",
    "Stated",
    "TouchUp",
    "load_receiver",
    "shipped_receivers",
]


def __getattr__(name: str) -> Any:
    # Commands know nothing of jobs and cuts: those are loaded when they are asked for.
    if name in ("Job", "MadeRecord"):
        from . import job

        return getattr(job, name)
    if name in ("Cut", "Line", "Span"):
        from . import span

        return getattr(span, name)
    raise AttributeError(f"module {__name__!r} has no attribute {name!r}")
