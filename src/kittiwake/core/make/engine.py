"""Plan and make outputs."""

from __future__ import annotations

import contextlib
import hashlib
import json
import math
import os
import shutil
from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import UTC, datetime
from functools import cache, lru_cache
from pathlib import Path
from typing import Any, Literal

from ... import __version__
from ..codec.cues import add_cues
from ..errors import Cancelled, KittiwakeError, MakeError, reason_of
from ..fit import Fit, Problem, numbered_name, output_name, unique_names
from ..fit.names import numbered
from ..intake.digest import source_digest
from ..measure.look import stamp_of
from ..model import Clip, Facts, Receiver
from .ahead import Ahead
from .ledger import LEDGER, Entry, Ledger
from .place import file_digest, part_name, put_in_place, sync_files, sync_folder
from .proof import Promise, Proof, prove
from .stream import write_stream

Status = Literal["made", "kept", "refused", "failed"]


@dataclass(frozen=True, slots=True)
class WorkItem:
    """One output to make.

    Attributes
    ----------
    output : the full path it will have.
    """

    clip: Clip
    facts: Facts
    fit: Fit
    receiver: Receiver
    output: Path


@dataclass(frozen=True, slots=True)
class Made:
    """What came of a work item."""

    item: WorkItem
    status: Status
    bytes: int | None = None
    seconds: float | None = None
    sha256: str | None = None
    proof: Proof | None = None
    error: str | None = None
    code: str = ""
    fingerprint: str = ""
    gain_db: float | None = None
    said: tuple[str, ...] = field(default=())

    def to_dict(self) -> dict[str, Any]:
        """JSON-ready: the fields of ``kittiwake make --json``."""
        done = self.status in ("made", "kept")
        return {
            "path": str(self.item.clip.source),
            "receiver": self.item.receiver.slug,
            "output": str(self.item.output) if done else None,
            "status": self.status,
            "bytes": self.bytes,
            "seconds": self.seconds,
            "sha256": self.sha256,
            "proof": self.proof.to_dict() if self.proof else None,
            "error": self.error,
            "said": list(self.said),
        }


def plan_outputs(
    wanted: Iterable[tuple[Clip, Facts, Fit]],
    receiver: Receiver,
    folder: Path,
    places: Mapping[str, int] | None = None,
) -> list[WorkItem]:
    """Give each clip its output path in ``folder``: legal, unique, and never that of a file that was not made here.

    A clip that was made here before keeps its name, so that making it again replaces it.

    Parameters
    ----------
    places : of each clip (by id) in its set, from 1, for names that count; by default the order given.
    """
    chosen = list(wanted)
    ledger = Ledger(folder)
    rules = receiver.rules.names
    wishes = [output_name(clip, places[clip.id] if places else n, rules) for n, (clip, _, _) in enumerate(chosen, 1)]
    names = unique_names(wishes, rules)
    used: set[str] = set()
    items = []
    for (clip, facts, fit), wish, name in zip(chosen, wishes, names, strict=True):
        extension = fit.recipe.format.extension if fit.recipe else ""
        before = ledger.output_of(str(clip.source), clip.name, receiver.slug)
        file = f"{name}{extension}"
        if before and numbered_name(before.output, wish, {extension}, rules) and before.output.casefold() not in used:
            file = before.output
        number = 2
        while file.casefold() in used or (extension and not _free(folder, file, clip, receiver, ledger)):
            file = f"{numbered(name, number, rules)}{extension}"
            number += 1
        used.add(file.casefold())
        items.append(WorkItem(clip, facts, fit, receiver, folder / file))
    return items


def _free(folder: Path, file: str, clip: Clip, receiver: Receiver, ledger: Ledger) -> bool:
    """Whether a name may be used: nothing there, or an output of this very clip."""
    if not os.path.lexists(folder / file):
        return True
    entry = ledger.get(file)
    return entry is not None and (entry.source, entry.clip, entry.receiver) == (
        str(clip.source), clip.name, receiver.slug
    ) and unaltered(folder / file, entry)  # fmt: skip


def unaltered(path: Path, entry: Entry) -> bool:
    try:
        return not path.is_symlink() and path.stat().st_size == entry.bytes and file_digest(path) == entry.sha256
    except OSError:
        return False


def as_made(path: Path, entry: Entry) -> bool:
    """Whether an output is as it was made: by size and time, and by its bytes where the time is another."""
    return (entry.output_stamp != "" and entry.output_stamp == stamp_of(path)) or unaltered(path, entry)


@cache
def versions() -> dict[str, str]:
    """Versions of everything that shapes samples."""
    import numpy
    import soundfile
    import soxr

    return {
        "kittiwake": __version__,
        "numpy": numpy.__version__,
        "soxr": soxr.__version__,
        "libsndfile": soundfile.__libsndfile_version__,
    }


def fingerprint(fit: Fit, receiver: Receiver, source_digest: str = "") -> str:
    """Digest of everything that shapes an output: the source's bytes (if given), recipe, rules, libraries."""
    assert fit.recipe is not None
    recipe = json.dumps(fit.recipe.to_dict(), sort_keys=True)
    return hashlib.sha256(f"{source_digest}\n{recipe}\n{_rules_text(receiver)}".encode()).hexdigest()


@lru_cache(maxsize=64)
def _rules_text(receiver: Receiver) -> str:
    return json.dumps({"rules": receiver.model_dump(mode="json"), "versions": versions()}, sort_keys=True)


def make_clip(
    item: WorkItem,
    *,
    ledger: Ledger | None = None,
    progress: Callable[[float], None] | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Made:
    """Make one output. Never raises for what a file or a disk does: ``Made`` says what happened.

    The source is read only. The output is written under a temporary name in its folder, proved there, and given its
    own name in one step; until then nothing of that name changes.

    Parameters
    ----------
    ledger : of the output's folder, where many outputs share it; otherwise it is read anew.
    """
    ledger = ledger or Ledger(item.output.parent)
    return deliver([prepare(item, ledger.get(item.output.name), progress=progress, cancelled=cancelled)], ledger)[0]


@dataclass(frozen=True, slots=True)
class Prepared:
    """An output that is written and proved under a temporary name, or what came of it where it is not.

    Attributes
    ----------
    part : the temporary file; None where there is nothing to put in place.
    entry : its line in the ledger.
    replace : whether a file of ours has its name.
    """

    made: Made
    part: Path | None = None
    entry: Entry | None = None
    replace: bool = False


def prepare(
    item: WorkItem,
    before: Entry | None,
    *,
    order: str = "",
    ahead: Ahead | None = None,
    progress: Callable[[float], None] | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Prepared:
    """Write and prove an output without putting it in place. Never raises for what a file or a disk does.

    Parameters
    ----------
    before : the ledger's entry for its name.
    order : digest of what was asked for, to be kept in the ledger.
    ahead : what was done of it while the source was looked at.
    """
    if not item.fit.ready or item.fit.recipe is None:
        blocking = [problem for problem in item.fit.problems if problem.severity in ("decide", "cannot")]
        told = " ".join(f"{problem.message} {_what_to_do(problem)}".strip() for problem in blocking)
        return Prepared(Made(item, "refused", error=told or "It does not fit.", code=item.fit.verdict))
    try:
        return _prepare(item, before, order, ahead, progress, cancelled)
    except Exception as error:  # a library's surprise must not stop the others
        return Prepared(_failed(item, error))


def _failed(item: WorkItem, error: Exception) -> Made:
    if isinstance(error, KittiwakeError):
        return Made(item, "failed", error=str(error), code=error.code)
    if isinstance(error, OSError):
        full = f"{item.output.name} could not be made: {reason_of(error)}."
        told = f"{full} Nothing was left half-made; see to the disk and make it again."
        return Made(item, "failed", error=told, code="disk")
    return Made(item, "failed", error=f"Making {item.output.name} failed unexpectedly: {error}.", code="internal")


def deliver(prepared: Sequence[Prepared], ledger: Ledger) -> list[Made]:
    """Put outputs of one folder in place, all by one round of forcing things to the disk: first their bytes, then the ledger, then their
    names. Never raises for what a disk does.
    """
    ready = [one for one in prepared if one.part is not None and one.entry is not None]
    trouble: Exception | None = None
    try:
        if ready:
            sync_files([one.part for one in ready if one.part is not None])
            ledger.add(*(one.entry for one in ready if one.entry is not None))
    except OSError as error:
        trouble = error
    out = []
    for one in prepared:
        made = one.made
        if one.part is not None:
            try:
                if trouble is not None:
                    raise trouble
                put_in_place(one.part, made.item.output, replace=one.replace, sync=False)
            except (OSError, KittiwakeError) as error:
                made = _failed(made.item, error)
            finally:
                one.part.unlink(missing_ok=True)
        out.append(made)
    if ready and trouble is None:
        with contextlib.suppress(OSError):
            sync_folder(ready[0].made.item.output.parent)
    return out


def _what_to_do(problem: Problem) -> str:
    """The remedies of a problem as one sentence or two, with the code of those that can be taken as they are."""
    ways = [f"{r.what} ({r.code})." if r.applies else r.what for r in problem.remedies]
    return " Or: ".join(ways)


def _prepare(
    item: WorkItem,
    before: Entry | None,
    order: str,
    ahead: Ahead | None,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> Prepared:
    recipe, source, output = item.fit.recipe, item.clip.source, item.output
    assert recipe is not None
    if output.exists() and output.samefile(source):
        raise MakeError("The output would overwrite its own source.", "Choose another output folder.", "own_source")
    stamp = stamp_of(source)
    # Looking may have read every byte already, and nothing has changed since.
    known = item.facts.digest if item.facts.stamp == stamp else ""
    digest_in = known or source_digest(source, cancelled)
    mark = fingerprint(item.fit, item.receiver, digest_in)
    ours = before is not None and unaltered(output, before)
    outside = "level_outside" in item.clip.touch_up_at(item.receiver.slug).accepted
    sound = item.facts.measures
    # A sample that goes to both sides counts on both.
    promised = (sound.clipped_samples if sound else 0) * (1 if recipe.take == "both" else recipe.channels)
    if ours and before is not None and before.fingerprint == mark:
        proof = prove(output, item.receiver, Promise(recipe, None, promised, outside=outside), cancelled=cancelled)
        if proof.passed:
            seconds = recipe.seconds
            return Prepared(Made(item, "kept", before.bytes, seconds, before.sha256, proof, fingerprint=mark))
    part = part_name(output.parent)
    try:
        said: tuple[str, ...] = ()
        gain = None
        digest = rms = None
        if recipe.copy:
            _copy(source, part)
        else:
            written = write_stream(item.facts, recipe, part, ahead=ahead, progress=progress, cancelled=cancelled)
            said, gain = written.said, written.gain_db
            digest, rms = written.digest, written.rms
        if recipe.cues:
            add_cues(part, recipe.cues)
        promise = Promise(recipe, digest, promised, rms, outside)
        proof = prove(part, item.receiver, promise, name=output.name, cancelled=cancelled)
        if not proof.passed:
            faults = "; ".join(f"{c.name}: {c.found}, wanted {c.expected}" for c in proof.failures)
            told = f"It did not pass proof and was not delivered: {faults}."
            raise _Unproved(Made(item, "failed", proof=proof, error=told, code="proof", fingerprint=mark))
        if stamp_of(source) != stamp:
            raise MakeError("The source has changed while it was read.", "Make it again.", "changed")
        checksum = file_digest(part)
        if cancelled and cancelled():
            raise Cancelled
        found = part.stat()
        entry = Entry(
            output.name,
            checksum,
            found.st_size,
            str(source),
            item.clip.name,
            item.receiver.slug,
            mark,
            stamp=stamp,
            source_digest=digest_in,
            order=order,
            output_stamp=f"{found.st_size}:{found.st_mtime_ns}",
            versions=", ".join(f"{name} {version}" for name, version in versions().items()),
            path=tuple(f"{step.what} ({step.reason})" for step in item.fit.steps),
            seconds=round(recipe.seconds, 6),
            gain_db=None if gain is None else round(gain, 3),
            level_dbov=_level_of(proof),
            time=datetime.now(UTC).isoformat(timespec="seconds"),
        )
    except _Unproved as unproved:
        part.unlink(missing_ok=True)
        return Prepared(unproved.made)
    except BaseException:
        part.unlink(missing_ok=True)
        raise
    made = Made(
        item, "made", found.st_size, recipe.seconds, checksum, proof, fingerprint=mark, gain_db=gain, said=said
    )
    return Prepared(made, part, entry, ours)


class _Unproved(Exception):  # noqa: N818 - carries a result out of the block that cleans up
    def __init__(self, made: Made) -> None:
        super().__init__(made.error)
        self.made = made


def _level_of(proof: Proof) -> float | None:
    sound = proof.facts.measures if proof.facts else None
    level = sound.stereo_level.active_dbov if sound else float("-inf")
    return round(level, 2) if math.isfinite(level) else None


def _copy(source: Path, part: Path) -> None:
    with source.open("rb") as original, part.open("xb") as copy:
        shutil.copyfileobj(original, copy, 1 << 20)


__all__ = ["LEDGER", "Made", "Status", "WorkItem", "fingerprint", "make_clip", "plan_outputs"]
