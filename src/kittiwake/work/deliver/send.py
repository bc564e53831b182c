"""Hand a set over: into a folder, whole files or none, and note which copy went."""

from __future__ import annotations

import datetime
import hashlib
import os
from collections.abc import Callable, Mapping, Sequence
from dataclasses import field
from itertools import islice
from pathlib import Path

from ...core.disk.place import name_key, part_name, put_in_place, sweep, sync_files, sync_folder
from ...core.errors import Cancelled, KittiwakeError, reason_of
from ...core.make.delivered import PACKED, Delivered, all_delivered, note_delivered, only_delivery
from ...plain_data import dataclass
from ...words import joined, phrase
from .form import Files, bytes_of, form_called
from .manifest import manifests
from .old import deletable, digest_of, identity_of, inside, wanted_no_more
from .plan import Plan, key_of

_TAKEN = "taken"  # what a machine says of a file that it took
_LOT = 16  # files that are put in place together, by one round of forcing things to the disk


@dataclass(frozen=True, slots=True)
class Sent:
    """What was done.

    Attributes
    ----------
    written, same : names of files in the folder.
    gone : names of files that lie there and are wanted no more.
    deleted : names of files of earlier deliveries that were deleted.
    stays : names of files that were to be deleted and were not, each with why.
    refused : names of files that the stand-in did not take.
    """

    plan: Plan
    written: tuple[str, ...]
    same: tuple[str, ...]
    gone: tuple[str, ...]
    deleted: tuple[str, ...] = ()
    stays: Mapping[str, str] = field(default_factory=dict, hash=False)
    refused: tuple[str, ...] = ()

    @property
    def words(self) -> str:
        sentence = phrase(
            "{n} files handed over to {into}",
            "{n} file handed over to {into}",
            len(self.written),
            n=len(self.written),
            into=self.plan.into,
        )
        if self.same:
            sentence += phrase(", {count} as they were", count=len(self.same))
        if self.refused:
            sentence += phrase(
                "; {count} that the stand-in refuses: {list}", count=len(self.refused), list=_first(self.refused)
            )
        if self.deleted:
            sentence += phrase("; {count} deleted there: {list}", count=len(self.deleted), list=_first(self.deleted))
        if self.gone:
            sentence += phrase(
                "; {count} there that the set has no more: {list}", count=len(self.gone), list=_first(self.gone)
            )
        for name, why in islice(self.stays.items(), 3):
            sentence += phrase("; {name} stays: {why}", name=name, why=why)
        if len(self.stays) > 3:
            sentence += phrase("; and {count} more that stay", count=len(self.stays) - 3)
        return sentence + "."


def _first(names: Sequence[str]) -> str:
    return joined(names[:3], ", ") + (" …" if len(names) > 3 else "")


def send(
    plan: Plan,
    verdicts: Mapping[str, str] | None = None,
    *,
    take_away: bool = False,
    progress: Callable[[int], None] | None = None,
    cancelled: Callable[[], bool] = bool,
) -> Sent:
    """Hand over what is new or has changed.

    Parameters
    ----------
    verdicts : what a machine said of each place, for the manifest and the record.
    take_away : whether files of earlier deliveries of this receiver that are wanted no more are deleted in the folder; nothing else ever is.
    progress : gets how many files are done.

    Raises
    ------
    KittiwakeError : an output is not as it was made, the form cannot hold the set, another delivery goes on, the folder is another one than it
        was at the beginning, or the disk. What was handed over until then is noted.
    Cancelled
    """
    try:
        plan.root.mkdir(parents=True, exist_ok=True)
        with only_delivery(plan.root):
            return _Sending(plan, verdicts or {}).run(take_away, progress, cancelled)
    except OSError as error:
        raise KittiwakeError(
            f"{plan.into}: {reason_of(error)}.", phrase("Free it, or choose another folder."), "no_folder"
        ) from error


class _Sending:
    """One delivery."""

    def __init__(self, plan: Plan, verdicts: Mapping[str, str]) -> None:
        self._plan, self._verdicts = plan, verdicts
        self._form = form_called(plan.receiver.delivery.form)
        self._files: Files = self._form.pack(plan, manifests(plan.receiver.delivery.manifest, plan.places, verdicts))
        self._packed_in = next(iter(self._files), "") if self._form.whole else ""
        self._now = datetime.datetime.now(datetime.UTC).isoformat(timespec="seconds")
        self._digests = {
            name: hashlib.sha256(data).hexdigest() if data is not None else plan.places[name].sha256
            for name, data in self._files.items()
        }
        self._there = {name: digest_of(inside(plan.into, name)) for name in self._files}
        self._written: list[str] = []
        self._same: list[str] = []

    def run(self, take_away: bool, progress: Callable[[int], None] | None, cancelled: Callable[[], bool]) -> Sent:
        plan = self._plan
        self._check_free()
        plan.into.mkdir(parents=True, exist_ok=True)
        self._folder = identity_of(plan.into)
        self._sweep()
        names = iter(self._files)
        done = 0
        while lot := list(islice(names, _LOT)):
            self._hand_over(lot, cancelled)
            done += len(lot)
            if progress is not None:
                progress(done)
            if cancelled():
                raise Cancelled
        if self._form.whole:
            note_delivered(plan.root, [self._note(place, self._packed_in) for place in plan.places])
        self._check_handed_over()
        old = wanted_no_more(plan, self._files, self._packed_in)
        deleted, stays = self._take_away(old) if take_away else ([], {})
        gone = () if take_away else tuple(one.name for one in old if not one.packed_in)
        refused = tuple(place for place, said in self._verdicts.items() if said != _TAKEN)
        return Sent(plan, tuple(self._written), tuple(self._same), gone, tuple(deleted), stays, refused)

    def _hand_over(self, names: Sequence[str], cancelled: Callable[[], bool]) -> None:
        """Some files: first all their bytes, then their lines, then their names."""
        plan = self._plan
        parts: dict[str, Path] = {}
        lines = []
        try:
            for name in names:
                if cancelled():
                    raise Cancelled
                if self._there[name] != self._digests[name]:
                    self._check_folder()
                    parts[name] = _written_beside(inside(plan.into, name), self._bytes_of(name))
                data = self._files[name]
                lines.append(self._note(name) if data is None else self._note_packed(name))
            for folder in {part.parent for part in parts.values()}:
                sync_files([part for part in parts.values() if part.parent == folder])
            note_delivered(plan.root, lines)
            for name in names:
                if name in parts:
                    put_in_place(parts[name], plan.into / name, replace=self._there[name] is not None, sync=False)
                    self._written.append(name)
                else:
                    self._same.append(name)
            for folder in {part.parent for part in parts.values()}:
                sync_folder(folder)
        finally:
            for part in parts.values():
                part.unlink(missing_ok=True)

    def _bytes_of(self, name: str) -> bytes:
        data = self._files[name]
        return bytes_of(self._plan, name) if data is None else data

    def _note(self, place: str, packed_in: str = "") -> Delivered:
        plan, item = self._plan, self._plan.places[place]
        return Delivered(
            key_of(item.output, plan.root),
            place,
            item.sha256,
            item.source,
            item.clip,
            item.fingerprint,
            str(plan.into),
            self._now,
            self._verdicts.get(place, ""),
            receiver=plan.receiver.slug,
            packed_in=packed_in,
        )

    def _note_packed(self, name: str) -> Delivered:
        slug = self._plan.receiver.slug
        key = f"{PACKED}{slug}/{name}"
        return Delivered(key, name, self._digests[name], into=str(self._plan.into), time=self._now, receiver=slug)

    def _check_free(self) -> None:
        """Only what an earlier delivery of the same receiver put there is replaced, whichever of its deliveries that was: of one that was killed the
        line is there before the file is.
        """
        plan = self._plan
        ours = {
            (name_key(one.name), one.sha256)
            for one in all_delivered(plan.root)
            if one.into == str(plan.into) and one.receiver in ("", plan.receiver.slug)
        }
        for name, found in self._there.items():
            if found is not None and found != self._digests[name] and (name_key(name), found) not in ours:
                raise KittiwakeError(
                    phrase(
                        "“{name}” lies in {into} already, and is not as an earlier delivery left it.",
                        name=name,
                        into=plan.into,
                    ),
                    phrase("Move it away, or choose another folder. Nothing was handed over."),
                    "taken",
                )

    def _check_folder(self) -> None:
        """A disk that is unmounted leaves an empty folder of the same name behind."""
        if identity_of(self._plan.into) != self._folder:
            raise KittiwakeError(
                phrase("{into} is not the folder any more that it was: its disk is gone.", into=self._plan.into),
                phrase("Put the disk back, and deliver again: only what is missing goes."),
                "folder_gone",
            )

    def _check_handed_over(self) -> None:
        """What was handed over lies there, and on the disk that it went to."""
        self._check_folder()
        missing = [name for name in self._files if not (self._plan.into / name).is_file()]
        if missing:
            raise KittiwakeError(
                phrase(
                    "{count} of {all} files do not lie in {into} any more: {list}.",
                    count=len(missing),
                    all=len(self._files),
                    into=self._plan.into,
                    list=_first(missing),
                ),
                phrase("Look at its disk, and deliver again: only what is missing goes."),
                "folder_gone",
            )

    def _take_away(self, old: Sequence[Delivered]) -> tuple[list[str], dict[str, str]]:
        """Delete what is wanted no more; names of what was deleted, and of what stays, with why."""
        plan = self._plan
        going, stays = deletable(plan, old, self._files)
        self._check_folder()
        deleted = []
        for one in going:
            path = plan.into / one.name
            if not one.packed_in and os.path.lexists(path):
                path.unlink()
                deleted.append(one.name)
        note_delivered(plan.root, [one.changed_to_gone(self._now) for one in going])
        return deleted, stays

    def _sweep(self) -> None:
        """Remove what killed deliveries left."""
        for folder in {(self._plan.into / name).parent for name in self._files} | {self._plan.into}:
            sweep(folder)


def _written_beside(path: Path, data: bytes) -> Path:
    """Bytes under a temporary name in the folder of ``path``."""
    part = part_name(path.parent)
    try:
        with part.open("xb") as file:
            file.write(data)
    except BaseException:
        part.unlink(missing_ok=True)
        raise
    return part
