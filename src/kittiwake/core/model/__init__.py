"""Plain immutable data: facts of a source, clips and their touch-ups, receivers, jobs."""

from .clip import Clip, TouchUp
from .facts import Facts, Header, Measures, Note, SignalLevel
from .job import Job, MadeRecord
from .receiver import Receiver, load_receiver, shipped_receivers
from .stated import Stated

__all__ = [
    "Clip",
    "Facts",
    "Header",
    "Job",
    "MadeRecord",
    "Measures",
    "Note",
    "Receiver",
    "SignalLevel",
    "Stated",
    "TouchUp",
    "load_receiver",
    "shipped_receivers",
]
