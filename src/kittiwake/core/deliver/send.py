"""Hand a set over: into a folder, whole files or none, and note which copy went."""

from __future__ import annotations

import datetime
import hashlib
from collections.abc import Callable, Iterator, Mapping
from pathlib import Path

from ...plain_data import dataclass
from ...words import joined, phrase
from ..disk.place import write_whole
from ..errors import Cancelled, KittiwakeError, reason_of
from ..make.delivered import PACKED, Delivered, delivered_in, note_delivered
from .form import bytes_of, form_called
from .manifest import manifests
from .plan import Plan, key_of


@dataclass(frozen=True, slots=True)
class Sent:
    """What was done. ``written`` and ``same`` are names of files in the folder; ``gone`` those that lie there and are wanted no more."""

    plan: Plan
    written: tuple[str, ...]
    same: tuple[str, ...]
    gone: tuple[str, ...]

    @property
    def words(self) -> str:
        told = phrase(
            "{n} files handed over to {into}",
            "{n} file handed over to {into}",
            len(self.written),
            n=len(self.written),
            into=self.plan.into,
        )
        if self.same:
            told += phrase(", {count} as they were", count=len(self.same))
        if self.gone:
            told += phrase(
                "; {count} there that the set has no more: {list}{more}",
                count=len(self.gone),
                list=joined(self.gone[:3], ", "),
                more=" …" if len(self.gone) > 3 else "",
            )
        return f"{told}."


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
    take_away : whether files of earlier deliveries that are wanted no more are deleted in the folder; nothing else ever is.
    progress : gets how many files are done.

    Raises
    ------
    KittiwakeError : an output is not as it was made, the form cannot hold the set, or the disk. What was handed over until then is noted.
    Cancelled
    """
    verdicts = verdicts or {}
    form = form_called(plan.receiver.delivery.form)
    files = form.pack(plan, manifests(plan.receiver.delivery.manifest, plan.places, verdicts))
    written, same, noted = [], [], []
    now = datetime.datetime.now(datetime.UTC).isoformat(timespec="seconds")
    digests = {
        name: hashlib.sha256(data).hexdigest() if data is not None else plan.places[name].sha256
        for name, data in files.items()
    }
    there = {name: _digest_of(_inside(plan.into, name)) for name in files}
    _check_free(plan, digests, there)
    try:
        for n, (name, data) in enumerate(files.items(), 1):
            if cancelled():
                raise Cancelled
            if there[name] == digests[name]:
                same.append(name)
            else:
                _write(plan.into / name, data if data is not None else bytes_of(plan, name))
                written.append(name)
            if data is None:
                noted.append(_note(plan, name, verdicts.get(name, ""), now))
            else:
                noted.append(Delivered(PACKED + name, name, digests[name], into=str(plan.into), time=now))
            if progress is not None:
                progress(n)
        if form.whole:
            noted += [_note(plan, place, verdicts.get(place, ""), now) for place in plan.places]
        if take_away:
            noted += _taken_away(plan, form.whole, now)
    except OSError as error:
        raise KittiwakeError(
            f"{plan.into}: {reason_of(error)}.", phrase("Free it, or choose another folder."), "no_folder"
        ) from error
    finally:
        if noted:
            note_delivered(plan.root, noted)
    gone = () if take_away else tuple(one.name for one in plan.gone)
    return Sent(plan, tuple(written), tuple(same), gone)


def _taken_away(plan: Plan, whole: bool, now: str) -> Iterator[Delivered]:
    """Delete what is wanted no more, where it is still what was handed over; of a form that is written as a whole nothing lies there by itself."""
    for one in plan.gone:
        if not whole and _digest_of(_inside(plan.into, one.name)) == one.sha256:
            (plan.into / one.name).unlink()
        yield Delivered(one.output, one.name, one.sha256, into=one.into, time=now, gone=True)


def _note(plan: Plan, place: str, verdict: str, now: str) -> Delivered:
    item = plan.places[place]
    return Delivered(
        key_of(item.output, plan.root),
        place,
        item.sha256,
        item.source,
        item.clip,
        item.fingerprint,
        str(plan.into),
        now,
        verdict,
    )


def _inside(folder: Path, name: str) -> Path:
    """A place in the folder, and nowhere else: not through a link that somebody has put there either."""
    target = folder / name
    if not target.resolve().is_relative_to(folder.resolve()):
        raise KittiwakeError(
            phrase("“{name}” would lie outside of {folder}.", name=name, folder=folder),
            phrase("Look at what lies there; a link, most likely."),
            "outside",
        )
    return target


def _digest_of(path: Path) -> str | None:
    """SHA-256 of what lies there; empty where that cannot be read, None where nothing does."""
    try:
        return hashlib.sha256(path.read_bytes()).hexdigest()
    except FileNotFoundError:
        return None
    except OSError:
        return ""


def _check_free(plan: Plan, digests: Mapping[str, str], there: Mapping[str, str | None]) -> None:
    """Only what an earlier delivery put there is replaced."""
    ours = {(one.name, one.sha256) for one in delivered_in(plan.root).values() if one.into == str(plan.into)}
    for name, found in there.items():
        if found is not None and found != digests[name] and (name, found) not in ours:
            raise KittiwakeError(
                phrase(
                    "“{name}” lies in {into} already, and is not as an earlier delivery left it.",
                    name=name,
                    into=plan.into,
                ),
                phrase("Move it away, or choose another folder. Nothing was handed over."),
                "taken",
            )


def _write(path: Path, data: bytes) -> None:
    path.parent.mkdir(parents=True, exist_ok=True)
    write_whole(path, data)
