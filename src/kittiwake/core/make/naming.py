"""Names for the files of a run, found as they are asked for: of a hundred thousand files not much more than the names is in memory."""

from __future__ import annotations

import hashlib
import os
from collections.abc import Iterator, Sequence
from pathlib import Path

from ..codec import FORMATS
from ..fit import legal_name, numbered_name, output_name, unique_names
from ..fit.names import numbered
from ..model import Clip, Receiver, TouchUp
from .ledger import Entry, Ledger
from .work import as_made


def clip_of(path: Path) -> Clip:
    """The clip that a whole file is, with an id that is the same in every run."""
    return Clip(source=path, name=path.stem, id=hashlib.blake2b(os.fsencode(path), digest_size=6).hexdigest())


class Naming:
    """The name of each file at a receiver. None is taken that belongs to a file that was not made here, or was altered since.

    The folder is looked through once, at the beginning.
    """

    def __init__(
        self, paths: Sequence[Path], receiver: Receiver, folder: Path, ledger: Ledger, true_rate: int | None
    ) -> None:
        self._paths, self._receiver, self._folder = paths, receiver, folder
        self._ledger, self._true_rate = ledger, true_rate
        self._rules = receiver.rules.names
        self._extensions = {
            form.extension for a in receiver.rules.accepts if (form := FORMATS.get((a.container, a.encoding)))
        }
        #: Size and time of each file that is there already, as ``stamp_of``.
        self.seen: dict[str, str] = {}
        # Those whose name could be wanted, by stem without case.
        self._there: dict[str, str] = {}
        self._also: dict[str, list[str]] = {}  # further ones of the same stem
        self._look_through()

    def _look_through(self) -> None:
        with os.scandir(self._folder) as entries:
            for entry in entries:
                name = entry.name
                if name.startswith("."):
                    continue
                try:
                    found = entry.stat()
                    self.seen[name] = f"{found.st_size}:{found.st_mtime_ns}"
                except OSError:
                    if not os.path.lexists(entry.path):
                        continue  # gone this moment
                for extension in self._extensions:
                    if name.casefold().endswith(extension):
                        stem = name[: len(name) - len(extension)].casefold()
                        if self._there.setdefault(stem, name) != name:
                            self._also.setdefault(stem, []).append(name)

    def __iter__(self) -> Iterator[tuple[str, Entry | None]]:
        """For each file in order its name without extension, and the ledger's entry of what has that name and was made from it."""
        rules = self._rules
        own = [path.stem for path in self._paths]
        wanted = [self._wanted(path, stem, n) for n, (path, stem) in enumerate(zip(self._paths, own, strict=True), 1)]
        unique = unique_names(wanted, rules)
        used: set[str] = set()
        for path, clip, wish, name in zip(self._paths, own, wanted, unique, strict=True):
            key = (str(path), clip, self._receiver.slug)
            before = self._ledger.output_of(*key)
            kept = numbered_name(before.output, wish, self._extensions, rules) if before is not None else None
            stem, number = kept or name, 2
            while (plain := stem.casefold()) in used or self._taken(plain, key, before):
                stem, number = numbered(name, number, rules), number + 1
            used.add(plain)
            yield stem, before if kept == stem else None

    def _wanted(self, path: Path, stem: str, place: int) -> str:
        """What the output of a file is to be called, were it alone."""
        rules = self._rules
        if rules.pattern == "{name}" and not self._true_rate and 2 * len(stem) <= rules.max_length:
            return legal_name(stem, rules)  # as below, without a clip for each of so many files
        clip = clip_of(path).changed(touch_up=TouchUp(true_rate=self._true_rate))
        return output_name(clip, place, rules)

    def _taken(self, stem: str, key: tuple[str, str, str], before: Entry | None) -> bool:
        """Whether a name belongs to something else than what was made from this file, and is as it was made."""
        name = self._there.get(stem)
        if name is None:
            return False
        if stem in self._also:
            return not all(self._ours(one, key, before) for one in (name, *self._also[stem]))
        return not self._ours(name, key, before)

    def _ours(self, name: str, key: tuple[str, str, str], before: Entry | None) -> bool:
        entry = before if before is not None and before.output == name else self._ledger.get(name)
        if entry is None or (entry.source, entry.clip, entry.receiver) != key:
            return False
        return self.seen.get(name) == entry.output_stamp != "" or as_made(self._folder / name, entry)
