"""Worker processes: work that may take long, or crash, done beside the process that asks for it.

What starts processes is loaded where one is first wanted: a command of one clip does its work itself.
"""

from importlib import import_module
from typing import TYPE_CHECKING, Any

from .events import Deferred, Progress, Unexpected, WorkerCrash
from .executor import Executor, InProcess

if TYPE_CHECKING:
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
_STARTING_PROCESSES = {"Processes": "pool", "WorkerProcess": "worker", "end_servers": "worker"}


def __getattr__(name: str) -> Any:
    if name not in _STARTING_PROCESSES:
        raise AttributeError(f"module {__name__} has no attribute {name}")
    return getattr(import_module(f"{__name__}.{_STARTING_PROCESSES[name]}"), name)
