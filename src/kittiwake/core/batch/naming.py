"""Names for the outputs of a batch, found as they are asked for: of a hundred thousand files not much more than the names is in memory."""

from __future__ import annotations

import os
from collections.abc import Collection, Iterable, Iterator, Mapping
from pathlib import Path
from typing import NamedTuple

from ..fit import Fit, numbered_name, output_name
from ..fit.names import bare_name, beside_its_source, extensions_of, numbered
from ..intake.digest import source_digest
from ..make.ledger import Entry, Ledger
from ..make.output import OutputPlan, is_ours
from ..measure.analyze import stamp_of
from ..model import Clip, Facts, Receiver, TouchUp
from ..model.clip import clip_of, id_of_source
from .request import PlannedClip


class Named(NamedTuple):
    """What the output of a clip is to be called.

    Attributes
    ----------
    stem : the name without extension; empty where it is taken and no number may be put behind it.
    before : the ledger's entry of what has that name and was made from this clip.
    altered : the name of an output that was made from it, and is left alone since it was altered; empty where there is none.
    taken : the name that it would have, where that is taken.
    old : the ledger's entry of what was made from it under another name, which goes once this one is made.
    over : the entry of what lies there by that name and is to be replaced, made from a clip that is called otherwise by now.
    """

    stem: str
    before: Entry | None = None
    altered: str = ""
    taken: str = ""
    old: Entry | None = None
    over: Entry | None = None


class Naming:
    """The name of each clip at a receiver. None is taken that belongs to a file that was not made here, or was altered since.

    A clip is known by its id, whatever it is called by now and whatever sound it has: what was made of it is replaced, under its old name or a new
    one. A whole file has no id but its path; where nothing was made of it and its name belongs to what was made of a file that is gone, or that
    holds the very same, it is that one, which has moved.

    The folder is looked through once, at the beginning.

    Parameters
    ----------
    items : all that are named, to be gone through more than once.
    others : ids of clips of the same job that are not named now.
    """

    def __init__(
        self,
        receiver: Receiver,
        folder: Path,
        ledger: Ledger,
        true_rate: int | None,
        *,
        numbers: bool = True,
        items: Iterable[Path | PlannedClip] = (),
        others: Collection[str] = (),
    ) -> None:
        self._numbers, self._items, self._others = numbers, items, others
        self._wishes: dict[str, str] | None = None
        self._over: Entry | None = None  # of the name that is looked for now
        self._receiver, self._folder = receiver, folder
        self._ledger, self._true_rate = ledger, true_rate
        self._rules = receiver.rules.names
        self._extensions = extensions_of(receiver)
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
            wish = self._beside_its_source(source, wish)
            name, number = wish, 2
            while (mark := hash(name.casefold())) in unique:
                name, number = numbered(wish, number, rules), number + 1
            unique.add(mark)
            key = _Key(source, own, slug, item.clip.id if isinstance(item, PlannedClip) else "")
            before = self._before(key, name) if key.id else output_of(source, own, slug)
            if before is None and mark in there:
                before = self._moved(key, name)
            kept = numbered_name(before.output, wish, extensions, rules) if before is not None else None
            stem, taken, number = kept or name, mark, 2
            self._over = None
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
            old = before if before is not None and not same and not altered else None
            if not self._numbers and stem != wish:
                yield Named("", None, altered, wish)
            else:
                yield Named(stem, before if same else None, altered, old=old, over=None if same else self._over)

    def _before(self, key: _Key, name: str) -> Entry | None:
        """What was made of a clip: by its id, or else, of before there were ids or in another job, of the same span of the same source, unless that
        is another clip of this batch.
        """
        before = self._ledger.output_of_id(key.id, key.receiver)
        if before is not None:
            return before
        before = self._ledger.output_of(key.source, key.clip, key.receiver)
        if before is not None and before.id and (before.id in self._others or before.id in self._wished()):
            return None
        return before

    def _moved(self, key: _Key, name: str) -> Entry | None:
        """What was made under a name from a file that is this one, and was elsewhere then."""
        for found in self._named_so(name.casefold()):
            entry = self._ledger.get(found)
            if entry is None or (entry.clip, entry.receiver) != (key.clip, key.receiver) or entry.id:
                continue
            if entry.source == key.source or entry.source in self._wished():
                continue
            if not os.path.lexists(entry.source) or self._is_same(key.source, entry):
                return entry
        return None

    def _is_same(self, source: str, entry: Entry) -> bool:
        """Whether a file holds what an output was made from."""
        size = entry.stamp.partition(":")[0]
        try:
            return os.stat(source).st_size == int(size) and source_digest(Path(source)) == entry.source_digest  # noqa: PTH116
        except (OSError, ValueError):
            return False

    def _wished(self) -> dict[str, str]:
        """What each item of this batch is to be called, by its id, and by its path where it is a whole file."""
        if self._wishes is None:
            self._wishes = {}
            for n, item in enumerate(self._items, 1):
                if isinstance(item, PlannedClip):
                    wish = output_name(item.clip, item.place, self._rules)
                    self._wishes[item.clip.id] = self._beside_its_source(str(item.clip.source), wish)
                else:
                    self._wishes[str(item)] = self._beside_its_source(str(item), self._wanted(item, n))
        return self._wishes

    def _beside_its_source(self, source: str, wish: str) -> str:
        return beside_its_source(wish, source, str(self._folder), self._receiver, self._extensions)

    def _wanted(self, path: Path, place: int) -> str:
        """What the output of a file is to be called, were it alone."""
        clip = clip_of(path).changed(touch_up=TouchUp(true_rate=self._true_rate))
        return output_name(clip, place, self._rules)

    def _taken(self, stem: str, mark: int, key: _Key, before: Entry | None) -> bool:
        """Whether a name that is there belongs to something else than what was made from this file, and is as it was made. ``before`` is the
        ledger's entry of it, if known.
        """
        if before is not None and mark not in self._several and (stamp := self.stamp(before.output)):
            return stamp != before.output_stamp and not is_ours(self._folder / before.output, before)
        return not all(self._ours(name, stem, key, before) for name in self._named_so(stem.casefold()))

    def _named_so(self, stem: str) -> list[str]:
        """Files of the folder with a stem, whatever their case."""
        if self._names is None:  # it is seldom asked for, and takes memory
            self._names = {}
            for found, name in self._look_through():
                self._names.setdefault(found, []).append(name)
        return self._names.get(stem, [])

    def _ours(self, name: str, stem: str, key: _Key, before: Entry | None) -> bool:
        """Whether a file may be replaced: it is as it was made, of this clip, or of another of this batch that is called otherwise by now."""
        if not os.path.lexists(self._folder / name):
            return True  # taken away since the folder was looked through, as an output that goes by another name now
        entry = self._ledger.get(name)
        if entry is None or entry.receiver != key.receiver:
            return False
        if not (self.stamp(name) == entry.output_stamp != "" or is_ours(self._folder / name, entry)):
            return False
        if before is not None and before.output == name:
            return True
        if entry.id or key.id:
            if entry.id == key.id:
                return True
            wish = self._wished().get(entry.id or id_of_source(Path(entry.source)))
            is_free = wish is not None and wish.casefold() != stem.casefold()
            self._over = entry if is_free else self._over
            return is_free
        return (entry.source, entry.clip) == (key.source, key.clip)


class _Key(NamedTuple):
    """What a clip is known by: its own id, empty for a whole file of a terminal."""

    source: str
    clip: str
    receiver: str
    id: str


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
    names = Naming(receiver, folder, Ledger(folder), None, items=clips).names(clips)
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
