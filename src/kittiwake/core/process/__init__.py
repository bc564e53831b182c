"""Worker processes: work that may take long, or crash, done beside the process that asks for it."""

from .events import Deferred, Progress, Unexpected, WorkerCrash
from .executor import Executor, InProcess
from .pool import Processes
from .worker import WorkerProcess, end_servers

__all__ = [
    "Deferred",
    "Executor",
    "InProcess",
    "Processes",
    "Progress",
    "Unexpected",
    "WorkerCrash",
    "WorkerProcess",
    "end_servers",
]
