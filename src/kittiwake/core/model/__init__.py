"""Plain immutable data: facts of a source, clips and their touch-ups, receivers, jobs."""

from .clip import Clip, TouchUp
from .facts import Facts, Header, Measures, Note, SignalLevel
from .find_receiver import load_receiver
from .job import Job, MadeRecord
from .receiver import Receiver
from .receiver_file import shipped_receivers
from .span import Cut, Line, Span
from .stated import Stated

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
