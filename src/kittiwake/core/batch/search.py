"""Sources in folders: sound that was not made here."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from pathlib import Path

from ..intake.folder import PassedOver, find_sound_files, in_batches
from ..make.ledger import LEDGER, Ledger
from ..make.output import as_made


def find_sources(paths: list[Path], passed: PassedOver, *, everything: bool = False) -> Iterator[Path]:
    """``find_sound_files`` without outputs that are as they were made: taken for sources they would be made of again, one run after the other."""
    return find_sound_files(paths, everything=everything, made_here=made_here, passed=passed)


def made_here(folder: Path) -> Callable[[str], bool] | None:
    """Tells of a file's name whether it was made in this folder, and is as it was made; None where nothing was made in it."""
    if not (folder / LEDGER).is_file():
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
