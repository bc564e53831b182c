"""Python files from outside that add to the registries: a codec family, a stand-in, a panel, a command.

``KITTIWAKE_EXTENSIONS`` names them, as ``PATH`` names folders. Those whose names end in ``_ui.py`` are loaded by the window alone, all others by
every process. See CONTRIBUTING.md and ``tests/extending``.
"""

from __future__ import annotations

import importlib.util
import os
import sys
from collections.abc import Iterable
from importlib import import_module
from pathlib import Path
from pkgutil import iter_modules
from typing import Literal

from ..words import phrase
from .errors import KittiwakeError

VARIABLE = "KITTIWAKE_EXTENSIONS"


def import_all(package: str, path: Iterable[str]) -> None:
    """Import every module of a folder, so that it registers what it has; ``path`` is the ``__path__`` of the package."""
    for found in iter_modules(path):
        import_module(f"{package}.{found.name}")


def load(part: Literal["core", "ui"]) -> list[str]:
    """Load the extensions of the core, or those of the window; returns the names of their modules. One that is loaded already stays as it is.

    Raises
    ------
    KittiwakeError : one cannot be loaded.
    """
    loaded = []
    for text in filter(None, os.environ.get(VARIABLE, "").split(os.pathsep)):
        path = Path(text)
        if path.stem.endswith("_ui") != (part == "ui"):
            continue
        name = f"kittiwake_extension_{path.stem}"
        loaded.append(name)
        if name in sys.modules:
            continue
        try:
            spec = importlib.util.spec_from_file_location(name, path)
            if spec is None or spec.loader is None:
                raise ImportError("it is no Python file")
            module = sys.modules[name] = importlib.util.module_from_spec(spec)
            spec.loader.exec_module(module)
        except Exception as error:  # whatever somebody's file does
            sys.modules.pop(name, None)
            raise KittiwakeError(
                phrase(
                    "The extension {path} cannot be loaded ({kind}: {error}).",
                    path=path,
                    kind=type(error).__name__,
                    error=error,
                ),
                phrase("Mend it, or take it out of {VARIABLE}.", VARIABLE=VARIABLE),
                "extension",
            ) from error
    return loaded
