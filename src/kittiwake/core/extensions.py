"""What adds to the registries beside what the core has: bundled extensions, and files and folders from outside.

A bundled extension is a folder of ``kittiwake.bundled``. What lies in it under the name of a door is looked at where its kind is wanted, and
nothing of it before: ``commands``, ``places``, ``machines``, ``panels``, ``rules``, ``remedies``, ``formats``, ``voices``, ``forms``,
``settings``, ``engines`` (each a module, or a package of which every module is loaded), and ``…_verb.py`` for a verb of the terminal. ``receivers``
holds TOML files of receivers that ship with it, ``languages`` what is said in it in other languages (``de.ts``, and ``de.qm`` compiled of it).
``NEEDS`` in its ``__init__.py`` names others that it is built on. ``KITTIWAKE_WITHOUT`` names those that are left out.

``KITTIWAKE_EXTENSIONS`` names files and folders from outside, as ``PATH`` names folders. A folder is an extension like those that are bundled. Files whose
names end in ``_ui.py`` are loaded by the window alone, all others by every process. See CONTRIBUTING.md and ``tests/extending``.
"""

from __future__ import annotations

import importlib.util
import os
import sys
from collections.abc import Iterable
from functools import cache
from importlib import import_module
from pathlib import Path
from pkgutil import iter_modules
from types import ModuleType
from typing import Literal

from ..words import phrase
from .errors import KittiwakeError

VARIABLE = "KITTIWAKE_EXTENSIONS"
WITHOUT = "KITTIWAKE_WITHOUT"
_BUNDLED = "kittiwake.bundled"


def import_all(package: str, path: Iterable[str]) -> None:
    """Import every module of a folder, so that it registers what it has; ``path`` is the ``__path__`` of the package."""
    for found in iter_modules(path):
        import_module(f"{package}.{found.name}")


@cache
def _folders() -> dict[str, Path]:
    """The folder of each extension, by its name. Those that are left out, or built on one that is, are not among them."""
    room = import_module(_BUNDLED)
    inside = Path(next(iter(room.__path__)))
    bundled = _modules_in(inside)
    folders = {name: inside / name for name in sorted(bundled)}
    for name, path in _from_outside_by_name().items():
        if name in folders:
            raise _cannot_be_loaded(path, ValueError(f"there is an extension {name} already"))
        folders[name] = path
        _from_outside(path)
    left_out = {one.strip() for one in os.environ.get(WITHOUT, "").split(",")}
    there = {name: path for name, path in folders.items() if name not in left_out}
    # Those that are bundled have what they need, unless some are left out: only then, and of others, it is asked for, which loads them.
    asked = there if bundled - there.keys() else there.keys() - bundled
    while built_on_none := [
        name
        for name in asked
        if any(other not in there for other in getattr(import_module(f"{_BUNDLED}.{name}"), "NEEDS", ()))
    ]:
        for name in built_on_none:
            del there[name]
        asked = there
    return there


@cache
def _contents() -> dict[str, frozenset[str]]:
    """What each extension has, by its name: names of its modules and packages."""
    return {name: _modules_in(path) for name, path in _folders().items()}


def _modules_in(folder: Path) -> frozenset[str]:
    """Names of the modules and packages in a folder."""
    with os.scandir(folder) as entries:
        return frozenset(
            entry.name.removesuffix(".py")
            for entry in entries
            if (entry.name.endswith(".py") and entry.name != "__init__.py")
            or (entry.name.isidentifier() and Path(entry.path, "__init__.py").is_file())
        )


def _from_outside_by_name() -> dict[str, Path]:
    """Folders from outside."""
    paths = map(Path, filter(None, os.environ.get(VARIABLE, "").split(os.pathsep)))
    return {path.name: path for path in paths if path.is_dir()}


def _from_outside(path: Path) -> None:
    """Make a folder from outside a package of ``kittiwake.bundled``, loaded as it is."""
    _loaded(f"{_BUNDLED}.{path.name}", path, path / "__init__.py", [str(path)])


def _loaded(name: str, path: Path, file: Path, inside: list[str] | None = None) -> None:
    """Load a file of somebody's as the module of that name, if it is not loaded already; ``inside`` is where those of a package lie.

    Raises
    ------
    KittiwakeError : it cannot be loaded; ``path`` is named.
    """
    if name in sys.modules:
        return
    try:
        spec = importlib.util.spec_from_file_location(name, file, submodule_search_locations=inside)
        if spec is None or spec.loader is None:
            raise ImportError("it is no Python file")
        module = sys.modules[name] = importlib.util.module_from_spec(spec)
        spec.loader.exec_module(module)
    except Exception as error:  # whatever somebody's file does
        sys.modules.pop(name, None)
        raise _cannot_be_loaded(path, error) from error


def _cannot_be_loaded(path: Path, error: Exception) -> KittiwakeError:
    return KittiwakeError(
        phrase(
            "The extension {path} cannot be loaded ({kind}: {error}).",
            path=path,
            kind=type(error).__name__,
            error=error,
        ),
        phrase("Mend it, or take it out of {VARIABLE}.", VARIABLE=VARIABLE),
        "extension",
    )


def extensions() -> tuple[str, ...]:
    """Names of the bundled extensions, and of folders from outside, that are not left out."""
    return tuple(_folders())


def behind(door: str) -> list[str]:
    """Modules and packages of that name, ``kittiwake.bundled.tones.commands``, in all extensions that have one; none is loaded."""
    return [f"{_BUNDLED}.{name}.{door}" for name, has in _contents().items() if door in has]


def data_behind(door: str) -> list[Path]:
    """Folders of that name in all extensions that have one, with files that are no code: ``receivers``, ``languages``."""
    return [inside for path in _folders().values() if (inside := path / door).is_dir()]


def verbs() -> list[str]:
    """Modules with verbs of the terminal in all extensions; none is loaded."""
    return [
        f"{_BUNDLED}.{name}.{one}"
        for name, has in _contents().items()
        for one in sorted(has)
        if one.endswith("_verb")
    ]


def import_of(name: str) -> ModuleType:
    """The module of that name of an extension.

    Raises
    ------
    KittiwakeError : it lies in a folder from outside, and cannot be loaded.
    """
    try:
        return import_module(name)
    except Exception as error:  # whatever somebody's file does
        folder = _from_outside_by_name().get(name.removeprefix(f"{_BUNDLED}.").partition(".")[0])
        if folder is None:
            raise
        raise _cannot_be_loaded(folder, error) from error


def import_door(door: str) -> None:
    """Import what every extension has behind a door: a module, or each module of a package; see ``import_of``."""
    for name in behind(door):
        for inside in iter_modules(getattr(import_of(name), "__path__", ())):
            import_of(f"{name}.{inside.name}")


def load(part: Literal["core", "ui"]) -> list[str]:
    """Load the extensions of the core, or those of the window; returns the names of their modules. One that is loaded already stays as it is.

    Raises
    ------
    KittiwakeError : one cannot be loaded.
    """
    loaded = []
    for text in filter(None, os.environ.get(VARIABLE, "").split(os.pathsep)):
        path = Path(text)
        if path.is_dir():
            continue  # what it has is looked for behind its doors
        if path.stem.endswith("_ui") != (part == "ui"):
            continue
        name = f"kittiwake_extension_{path.stem}"
        _loaded(name, path, path)
        loaded.append(name)
    return loaded
