"""Kittiwake: puts recorded voices into the machines that must speak them.

For scripts: ``look``, ``plan``, ``make``, ``prove`` and ``receiver``; see docs/library.md.
"""

from __future__ import annotations

from importlib import import_module
from typing import TYPE_CHECKING, Any

from .version import __version__

__all__ = ["__version__", "look", "make", "plan", "prove", "receiver"]

if TYPE_CHECKING:
    from .library import look, make, plan, prove, receiver


def __getattr__(name: str) -> Any:
    # Loaded when it is asked for: the terminal and the window begin with this module too, and need none of it.
    if name in __all__:
        return getattr(import_module(".library", __name__), name)
    raise AttributeError(f"module {__name__!r} has no attribute {name!r}")
