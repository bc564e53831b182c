"""An output on its way to its place: written under a temporary name first, then proved.

Of many short clips each step is done for several before the next: code and data that are still in the processor's cache from the clip before
are there for this one too.
"""

from __future__ import annotations

import math
import shutil
from collections.abc import Callable
from dataclasses import dataclass
from datetime import UTC, datetime
from pathlib import Path

from ..codec.cues import add_cues
from ..errors import Cancelled, KittiwakeError, MakeError, reason_of
from ..fit import Problem
from ..fit.names import lost_in
from ..fit.verdict import Recipe
from ..intake.digest import source_digest
from ..log import log, log_path
from ..measure.look import stamp_of
from .ahead import Ahead
from .ledger import Entry
from .place import file_digest, part_name
from .proof import Promise, Proof, prove
from .stream import Written, write_stream
from .work import Made, WorkItem, fingerprint, unaltered, versions


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


@dataclass(frozen=True, slots=True)
class Draft:
    """An output that is written under a temporary name, and not proved yet.

    Attributes
    ----------
    written : None where the source was copied as it is.
    stamp, source_digest : of the source, when it was read.
    replace : whether a file of ours has its name.
    """

    item: WorkItem
    part: Path
    promise: Promise
    written: Written | None
    stamp: str
    source_digest: str
    fingerprint: str
    order: str
    replace: bool

    def drop(self) -> None:
        """Nothing will come of it."""
        self.part.unlink(missing_ok=True)


def write(
    item: WorkItem,
    before: Entry | None,
    *,
    order: str = "",
    ahead: Ahead | None = None,
    progress: Callable[[float], None] | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Draft | Prepared:
    """Write an output under a temporary name; or what came of it already. Never raises for what a file or a disk does.

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
        return _write(item, item.fit.recipe, before, order, ahead, progress, cancelled)
    except Exception as error:  # a library's surprise must not stop the others
        return Prepared(failed(item, error))


def settle(draft: Draft | Prepared, cancelled: Callable[[], bool] | None = None) -> Prepared:
    """Prove what was written. Never raises for what a file or a disk does."""
    if isinstance(draft, Prepared):
        return draft
    kept = False
    try:
        prepared = _settle(draft, cancelled)
        kept = prepared.part is not None
        return prepared
    except Exception as error:  # as above
        return Prepared(failed(draft.item, error))
    finally:
        if not kept:
            draft.drop()


def prepare(
    item: WorkItem,
    before: Entry | None,
    *,
    progress: Callable[[float], None] | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Prepared:
    """``write`` and ``settle``."""
    return settle(write(item, before, progress=progress, cancelled=cancelled), cancelled)


def failed(item: WorkItem, error: Exception) -> Made:
    if isinstance(error, KittiwakeError):
        return Made(item, "failed", error=str(error), code=error.code)
    if isinstance(error, OSError):
        full = f"{item.output.name} could not be made: {reason_of(error)}."
        told = f"{full} Nothing was left half-made; see to the disk and make it again."
        return Made(item, "failed", error=told, code="disk")
    log.error("while making %s", item.output, exc_info=error)
    told = f"Making {item.output.name} failed unexpectedly ({type(error).__name__}: {error}). Report it with the log ({log_path()})."
    return Made(item, "failed", error=told, code="internal")


def _what_to_do(problem: Problem) -> str:
    """The remedies of a problem as one sentence or two, with the code of those that can be taken as they are."""
    ways = [f"{r.what} ({r.code})." if r.applies else r.what for r in problem.remedies]
    return " Or: ".join(ways)


def _write(
    item: WorkItem,
    recipe: Recipe,
    before: Entry | None,
    order: str,
    ahead: Ahead | None,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> Draft | Prepared:
    source, output = item.clip.source, item.output
    if output.exists() and output.samefile(source):
        raise MakeError("The output would overwrite its own source.", "Choose another output folder.", "own_source")
    stamp = stamp_of(source)
    # Looking may have read every byte already, and nothing has changed since.
    known = item.facts.digest if item.facts.stamp == stamp else ""
    digest_in = known or source_digest(source, cancelled)
    mark = fingerprint(item.fit, item.receiver, digest_in)
    ours = before is not None and unaltered(output, before)
    accepted = item.clip.touch_up_at(item.receiver.slug).accepted
    sound = item.facts.measures
    # A sample that goes to both sides counts on both.
    promised = (sound.clipped_samples if sound else 0) * (1 if recipe.take == "both" else recipe.channels)
    if ours and before is not None and before.fingerprint == mark:
        proof = prove(output, item.receiver, Promise(recipe, None, promised, accepted=accepted), cancelled=cancelled)
        if proof.passed:
            seconds = recipe.seconds
            return Prepared(Made(item, "kept", before.bytes, seconds, before.sha256, proof, fingerprint=mark))
    part = part_name(output.parent)
    try:
        written = None
        if recipe.copy:
            _copy(source, part)
        else:
            written = write_stream(item.facts, recipe, part, ahead=ahead, progress=progress, cancelled=cancelled)
        if recipe.cues:
            add_cues(part, recipe.cues)
    except BaseException:
        part.unlink(missing_ok=True)
        raise
    promise = Promise(
        recipe,
        written.digest if written else None,
        promised,
        written.rms if written else None,
        written.limited_db if written else 0.0,
        accepted,
    )
    return Draft(item, part, promise, written, stamp, digest_in, mark, order, ours)


def _settle(draft: Draft, cancelled: Callable[[], bool] | None) -> Prepared:
    item, part, recipe, source = draft.item, draft.part, draft.promise.recipe, draft.item.clip.source
    said, gain = (draft.written.said, draft.written.gain_db) if draft.written else ((), None)
    stem = item.output.name.removesuffix(recipe.format.extension) if recipe.format.extension else item.output.name
    if item.receiver.rules.names.pattern == "{name}" and lost_in(item.clip.name, stem):
        said = (*said, f"It is called “{stem}”: {item.receiver.name} does not take “{item.clip.name}” for a name.")
    proof = prove(part, item.receiver, draft.promise, name=item.output.name, cancelled=cancelled)
    if not proof.passed:
        faults = "; ".join(f"{c.name}: {c.found}, wanted {c.expected}" for c in proof.failures)
        told = f"It did not pass proof and was not delivered: {faults}."
        return Prepared(Made(item, "failed", proof=proof, error=told, code="proof", fingerprint=draft.fingerprint))
    if stamp_of(source) != draft.stamp:
        raise MakeError("The source has changed while it was read.", "Make it again.", "changed")
    checksum = file_digest(part)
    if cancelled and cancelled():
        raise Cancelled
    found = part.stat()
    entry = Entry(
        item.output.name,
        checksum,
        found.st_size,
        str(source),
        item.clip.name,
        item.receiver.slug,
        draft.fingerprint,
        stamp=draft.stamp,
        source_digest=draft.source_digest,
        order=draft.order,
        output_stamp=f"{found.st_size}:{found.st_mtime_ns}",
        versions=", ".join(f"{name} {version}" for name, version in versions().items()),
        path=tuple(f"{step.what} ({step.reason})" for step in item.fit.steps),
        seconds=round(recipe.seconds, 6),
        gain_db=None if gain is None else round(gain, 3),
        level_dbov=_level_of(proof),
        time=datetime.now(UTC).isoformat(timespec="seconds"),
    )
    made = Made(
        item,
        "made",
        found.st_size,
        recipe.seconds,
        checksum,
        proof,
        fingerprint=draft.fingerprint,
        gain_db=gain,
        said=said,
    )
    return Prepared(made, part, entry, draft.replace)


def _level_of(proof: Proof) -> float | None:
    sound = proof.facts.measures if proof.facts else None
    level = sound.stereo_level.active_dbov if sound else float("-inf")
    return round(level, 2) if math.isfinite(level) else None


def _copy(source: Path, part: Path) -> None:
    with source.open("rb") as original, part.open("xb") as copy:
        shutil.copyfileobj(original, copy, 1 << 20)
