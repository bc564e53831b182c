"""Sources in folders: sound that was not made here."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from pathlib import Path

from ..intake.folder import MADE_HERE, PassedOver, find_sound_files, in_batches
from ..make.ledger import Ledger
from ..make.ledger_place import ledger_path
from ..make.output import as_made


def find_sources(
    paths: list[Path], passed: PassedOver, *, everything: bool = False, into: Path | None = None
) -> Iterator[Path]:
    """``find_sound_files`` without outputs that are as they were made: taken for sources they would be made of again, one run after the other.

    Where nothing but outputs is found, they are what is meant: what was made for one machine is to go on to another. Those in the folder
    ``into``, where new outputs go, never are.
    """
    any_found = False
    for path in find_sound_files(paths, everything=everything, made_here=made_here, passed=passed):
        any_found = True
        yield path
    if any_found or not passed.made_here:
        return
    target = into.resolve() if into is not None else None
    for path in find_sound_files(paths, everything=everything):
        whole = path.resolve()
        if target is None or target not in whole.parents:
            passed.made_here -= 1
            passed.listed[:] = [one for one in passed.listed if one != (str(path), MADE_HERE)]
            yield path


def made_here(folder: Path) -> Callable[[str], bool] | None:
    """Tells of a file's name whether it was made in this folder, and is as it was made; None where nothing was made in it."""
    if not ledger_path(folder).is_file():
        return None
    ledger = Ledger(folder)

    def ours(name: str) -> bool:
        entry = ledger.get(name)
        return entry is not None and as_made(folder / name, entry)

    return ours


def tell_sources(paths: list[str], tell: Callable[[list[str]], object]) -> tuple[int, str]:
    """``find_sources`` for a process of its own: tells of what it finds in batches, and returns how many there are, and what was passed over in
    words.
    """
    passed = PassedOver()
    total = in_batches(find_sources([Path(path) for path in paths], passed), tell)
    return total, str(passed)
