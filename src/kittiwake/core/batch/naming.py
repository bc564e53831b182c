"""Names for the outputs of a batch, found as they are asked for: of a hundred thousand files not much more than the names is in memory."""

from __future__ import annotations

import hashlib
import os
from collections.abc import Iterable, Iterator, Mapping
from pathlib import Path
from typing import NamedTuple

from ..codec import FORMATS
from ..fit import Fit, numbered_name, output_name
from ..fit.names import bare_name, numbered
from ..make.ledger import Entry, Ledger
from ..make.output import OutputPlan, as_made
from ..measure.analyze import stamp_of
from ..model import Clip, Facts, Receiver, TouchUp
from .request import PlannedClip


def clip_of(path: Path) -> Clip:
    """The clip that a whole file is, with an id that is the same in every run."""
    return Clip(source=path, name=path.stem, id=hashlib.blake2b(os.fsencode(path), digest_size=6).hexdigest())


class Named(NamedTuple):
    """What the output of a clip is to be called.

    Attributes
    ----------
    stem : the name without extension; empty where it is taken and no number may be put behind it.
    before : the ledger's entry of what has that name and was made from this clip.
    altered : the name of an output that was made from it, and is left alone since it was altered; empty where there is none.
    taken : the name that it would have, where that is taken.
    """

    stem: str
    before: Entry | None = None
    altered: str = ""
    taken: str = ""


class Naming:
    """The name of each clip at a receiver. None is taken that belongs to a file that was not made here, or was altered since.

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
            self._rules.extension_for(form.extension)
            for a in receiver.rules.accepts
            if (form := FORMATS.get((a.container, a.encoding)))
        }
        # Stems, without case, of the files whose names could be wanted, and of those that several files share.
        # Hashes, since there may be a million names: that two of these share one happens once in tens of thousands of batches, and costs a number.
        self._there: set[int] = set()
        self._several: set[int] = set()
        for stem, _ in self._look_through():
            if (mark := hash(stem)) in self._there:
                self._several.add(mark)
            self._there.add(mark)
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

    def names(self, items: Iterable[Path | PlannedClip]) -> Iterator[Named]:
        """A name for each whole file or clip, in order."""
        rules, slug, extensions, there = self._rules, self._receiver.slug, self._extensions, self._there
        output_of, is_legal = self._ledger.output_of, rules.is_legal
        plain = rules.pattern == "{name}" and not self._true_rate
        # Names given without regard to what is in the folder, and those that are used in the end.
        unique: set[int] = set()
        used: set[int] = set()
        for n, item in enumerate(items, 1):
            if isinstance(item, PlannedClip):
                source, own = str(item.clip.source), item.clip.name
                wish = output_name(item.clip, item.place, rules)
            else:
                source, own = str(item), item.stem
                wish = own if plain and is_legal(own) else self._wanted(item, n)
            name, number = wish, 2
            while (mark := hash(name.casefold())) in unique:
                name, number = numbered(wish, number, rules), number + 1
            unique.add(mark)
            key = (source, own, slug)
            before = output_of(*key)
            kept = numbered_name(before.output, wish, extensions, rules) if before is not None else None
            stem, taken, number = kept or name, mark, 2
            if stem != name:
                taken = hash(stem.casefold())
            while taken in used or (
                taken in there and self._taken(stem, taken, key, before if stem is kept else None)
            ):
                stem, number = numbered(name, number, rules), number + 1
                taken = hash(stem.casefold())
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


def plan_outputs(
    wanted: Iterable[tuple[Clip, Facts, Fit]],
    receiver: Receiver,
    folder: Path,
    places: Mapping[str, int] | None = None,
) -> list[OutputPlan]:
    """Give each clip its output path in ``folder``: legal, unique, and never that of a file that was not made here.

    A clip that was made here before keeps its name, so that making it again replaces it.

    Parameters
    ----------
    places : of each clip (by id) in its set, from 1, for names that count; by default the order given.
    """
    clips = [
        PlannedClip(clip, facts, {receiver.slug: fit}, places[clip.id] if places else n)
        for n, (clip, facts, fit) in enumerate(wanted, 1)
    ]
    names = Naming(receiver, folder, Ledger(folder), None).names(clips)
    return [
        OutputPlan(
            one.clip,
            one.facts,
            fit := one.fits[receiver.slug],
            receiver,
            output_path(folder, name.stem, fit, receiver),
        )
        for one, name in zip(clips, names, strict=True)
    ]


def output_path(folder: Path, stem: str, fit: Fit, receiver: Receiver) -> Path:
    """Where an output goes."""
    own = fit.recipe.format.extension if fit.recipe else ""
    return folder / bare_name(f"{stem}{receiver.rules.names.extension_for(own) if fit.recipe else ''}")
