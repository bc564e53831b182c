"""Names for the files of a run, found as they are asked for: of a hundred thousand files not much more than the names is in memory."""

from __future__ import annotations

import hashlib
import os
from collections.abc import Iterable, Iterator
from pathlib import Path
from typing import NamedTuple

from ..codec import FORMATS
from ..fit import numbered_name, output_name
from ..fit.names import numbered
from ..measure.look import stamp_of
from ..model import Clip, Receiver, TouchUp
from .hashed import HashSet, hash_of
from .ledger import Entry, Ledger
from .work import as_made


def clip_of(path: Path) -> Clip:
    """The clip that a whole file is, with an id that is the same in every run."""
    return Clip(source=path, name=path.stem, id=hashlib.blake2b(os.fsencode(path), digest_size=6).hexdigest())


class Named(NamedTuple):
    """What the output of a file is to be called.

    Attributes
    ----------
    stem : the name without extension; empty where it is taken and no number may be put behind it.
    before : the ledger's entry of what has that name and was made from this file.
    altered : the name of an output that was made from it, and is left alone since it was altered; empty where there is none.
    taken : the name that it would have, where that is taken.
    """

    stem: str
    before: Entry | None = None
    altered: str = ""
    taken: str = ""


class Naming:
    """The name of each file at a receiver. None is taken that belongs to a file that was not made here, or was altered since.

    The folder is looked through once, at the beginning.
    """

    def __init__(
        self, receiver: Receiver, folder: Path, ledger: Ledger, true_rate: int | None, *, numbers: bool = True
    ) -> None:
        self._numbers = numbers
        self._receiver, self._folder = receiver, folder
        self._ledger, self._true_rate = ledger, true_rate
        self._rules = receiver.rules.names
        self._extensions = {
            form.extension for a in receiver.rules.accepts if (form := FORMATS.get((a.container, a.encoding)))
        }
        # Stems, without case, of the files whose names could be wanted, and of those that several files share.
        self._there, self._several = HashSet(), HashSet()
        for stem, _ in self._look_through():
            if not self._there.add(mark := hash_of(stem)):
                self._several.add(mark)
        self._names: dict[str, list[str]] | None = None
        self._last = ("", "")

    def _look_through(self) -> Iterator[tuple[str, str]]:
        """Stem and name of each file that is there already."""
        if not os.path.isdir(self._folder):  # noqa: PTH112 - where nothing was made yet
            return
        with os.scandir(self._folder) as entries:
            for entry in entries:
                name = entry.name
                if name.startswith("."):
                    continue
                plain = name.casefold()
                for extension in self._extensions:
                    if plain.endswith(extension):
                        yield plain[: len(plain) - len(extension)], name

    def stamp(self, name: str) -> str:
        """Size and time of a file of the folder, as ``stamp_of``."""
        if self._last[0] != name:
            self._last = (name, stamp_of(f"{self._folder}{os.sep}{name}"))
        return self._last[1]

    def names(self, paths: Iterable[Path]) -> Iterator[Named]:
        """A name for each file, in order."""
        rules, slug, extensions, there = self._rules, self._receiver.slug, self._extensions, self._there
        output_of, is_legal = self._ledger.output_of, rules.is_legal
        plain = rules.pattern == "{name}" and not self._true_rate
        # Names given without regard to what is in the folder, and those that are used in the end.
        unique, used = HashSet(), HashSet()
        for n, path in enumerate(paths, 1):
            own = path.stem
            wish = own if plain and is_legal(own) else self._wanted(path, n)
            name, number = wish, 2
            while not unique.add(mark := hash_of(name.casefold())):
                name, number = numbered(wish, number, rules), number + 1
            key = (str(path), own, slug)
            before = output_of(*key)
            kept = numbered_name(before.output, wish, extensions, rules) if before is not None else None
            stem, taken, number = kept or name, mark, 2
            if stem != name:
                taken = hash_of(stem.casefold())
            while taken in used or (
                taken in there and self._taken(stem, taken, key, before if stem is kept else None)
            ):
                stem, number = numbered(name, number, rules), number + 1
                taken = hash_of(stem.casefold())
            used.add(taken)
            same = kept == stem
            altered = before.output if before is not None and kept and not same else ""
            if not self._numbers and stem != wish:
                yield Named("", None, altered, wish)
            else:
                yield Named(stem, before if same else None, altered)

    def _wanted(self, path: Path, place: int) -> str:
        """What the output of a file is to be called, were it alone."""
        clip = clip_of(path).changed(touch_up=TouchUp(true_rate=self._true_rate))
        return output_name(clip, place, self._rules)

    def _taken(self, stem: str, mark: int, key: tuple[str, str, str], before: Entry | None) -> bool:
        """Whether a name that is there belongs to something else than what was made from this file, and is as it was made. ``before`` is the
        ledger's entry of it, if known.
        """
        if before is not None and mark not in self._several and (stamp := self.stamp(before.output)):
            return stamp != before.output_stamp and not as_made(self._folder / before.output, before)
        if self._names is None:  # it is seldom asked for, and takes memory
            self._names = {}
            for found, name in self._look_through():
                self._names.setdefault(found, []).append(name)
        return not all(self._ours(name, key) for name in self._names.get(stem.casefold(), ()))

    def _ours(self, name: str, key: tuple[str, str, str]) -> bool:
        entry = self._ledger.get(name)
        if entry is None or (entry.source, entry.clip, entry.receiver) != key:
            return False
        return self.stamp(name) == entry.output_stamp != "" or as_made(self._folder / name, entry)
