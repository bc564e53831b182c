"""An output on its way to its place: written under a temporary name, verified by proof, committed by a rename.

The three are apart, so that each can be done for several clips before the next: of short ones, code and data that the clip before left in the
processor's cache are there for this one too, and the disk is waited for once.
"""

from __future__ import annotations

import contextlib
import math
from collections.abc import Callable, Sequence
from dataclasses import replace
from datetime import UTC, datetime
from pathlib import Path

from ...plain_data import dataclass
from ...words import joined, phrase
from ..codec.cues import add_cues
from ..codec.info import add_info
from ..disk.place import file_digest, part_name, put_in_place, sync_files, sync_folder
from ..errors import Cancelled, KittiwakeError, MakeError, reason_of
from ..fit import Problem
from ..fit.names import lost_in
from ..fit.verdict import Recipe
from ..intake.digest import source_digest
from ..log import log, log_path
from ..measure.analyze import source_stamp
from ..model.clip import id_of_source
from .ledger import Entry, Ledger
from .output import OutputPlan, Result, as_made, fingerprint, is_older, unaltered, versions
from .proof import Proof, WriteReport, prove
from .speculative import SpeculativePass
from .stream import Written, write_stream


@dataclass(frozen=True, slots=True)
class StagedOutput:
    """An output that is written under a temporary name.

    Attributes
    ----------
    written : None where the source was copied as it is.
    stamp, source_digest : of the source, when it was read.
    request : digest of what was asked for.
    replaces : SHA-256 of the file of ours that has its name; empty where there is none.
    old : the ledger's entry of what was made of the same clip under another name, which this takes the place of.
    verified : the result to give once it is committed; None while it is not proved.
    entry : its line in the ledger, once it is proved.
    """

    plan: OutputPlan
    part: Path
    promise: WriteReport
    written: Written | None
    stamp: str
    source_digest: str
    fingerprint: str
    request: str
    replaces: str
    old: Entry | None
    verified: Result | None = None
    entry: Entry | None = None

    def drop(self) -> None:
        """Nothing will come of it."""
        self.part.unlink(missing_ok=True)


def write(
    plan: OutputPlan,
    before: Entry | None,
    *,
    old: Entry | None = None,
    over: Entry | None = None,
    request: str = "",
    speculative: SpeculativePass | None = None,
    progress: Callable[[float], None] | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> StagedOutput | Result:
    """Write an output under a temporary name; or what came of it already. Never raises for what a file or a disk does.

    Parameters
    ----------
    before : the ledger's entry for its name.
    old : its entry of what was made of the same clip under another name, which goes once this one is there.
    over : its entry of what has its name, where that was made of another clip and is to be replaced.
    request : digest of what was asked for, to be kept in the ledger.
    speculative : what was done of it while the source was looked at.
    """
    if not plan.fit.ready or plan.fit.recipe is None:
        blocking = [problem for problem in plan.fit.problems if problem.severity in ("decide", "cannot")]
        sentence = joined(part for problem in blocking for part in (problem.message, _what_to_do(problem)) if part)
        ways = tuple(one.code for problem in blocking for one in problem.remedies if one.applies)
        why = sentence or phrase("It does not fit.")
        return Result.of(plan, "refused", error=why, code=plan.fit.verdict, remedies=ways)
    try:
        return _write(plan, plan.fit.recipe, before, old, over, request, speculative, progress, cancelled)
    except Exception as error:  # a library's surprise must not stop the others
        return failed(plan, error)


def verify(staged: StagedOutput | Result, cancelled: Callable[[], bool] | None = None) -> StagedOutput | Result:
    """Prove what was written. Never raises for what a file or a disk does."""
    if isinstance(staged, Result):
        return staged
    try:
        found = _verify(staged, cancelled)
    except Exception as error:  # as above
        found = failed(staged.plan, error)
    except BaseException:
        staged.drop()
        raise
    if isinstance(found, Result):
        staged.drop()
    return found


def commit(verified: Sequence[StagedOutput | Result], ledger: Ledger) -> list[Result]:
    """Put outputs of one folder in place, all by one round of forcing things to the disk: first their bytes, then the ledger, then their
    names. Never raises for what a disk does.
    """
    ready = [one for one in verified if isinstance(one, StagedOutput)]
    trouble: Exception | None = None
    try:
        if ready:
            sync_files([one.part for one in ready])
            ledger.add(*(one.entry for one in ready if one.entry is not None))
    except OSError as error:
        trouble = error
    out = []
    for one in verified:
        if isinstance(one, Result):
            out.append(one)
            continue
        assert one.verified is not None
        result = one.verified
        try:
            if trouble is not None:
                raise trouble
            put_in_place(one.part, one.plan.output, replace=bool(one.replaces), sync=False)
            if one.old is not None:
                _take_away(one.plan.output.parent, one.old)
        except (OSError, KittiwakeError) as error:
            result = failed(one.plan, error)
        finally:
            one.part.unlink(missing_ok=True)
        out.append(result)
    if ready and trouble is None:
        with contextlib.suppress(OSError):
            sync_folder(ready[0].plan.output.parent)
    return out


def make_output(
    plan: OutputPlan,
    *,
    ledger: Ledger | None = None,
    progress: Callable[[float], None] | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Result:
    """Make one output. Never raises for what a file or a disk does: the result says what happened.

    The source is read only. The output is written under a temporary name in its folder, proved there, and given its
    own name in one step; until then nothing of that name changes.

    Parameters
    ----------
    ledger : of the output's folder, where many outputs share it; otherwise it is read anew.
    """
    ledger = ledger or Ledger(plan.output.parent)
    staged = write(plan, ledger.get(plan.output.name), progress=progress, cancelled=cancelled)
    return commit([verify(staged, cancelled)], ledger)[0]


def failed(plan: OutputPlan, error: Exception) -> Result:
    if isinstance(error, KittiwakeError):
        return Result.of(plan, "failed", error=str(error), code=error.code)
    if isinstance(error, OSError):
        full = phrase("{name} could not be made: {reason_of}.", name=plan.output.name, reason_of=reason_of(error))
        sentence = phrase("{full} Nothing was left half-made; see to the disk and make it again.", full=full)
        return Result.of(plan, "failed", error=sentence, code="disk")
    log.error("while making %s", plan.output, exc_info=error)
    sentence = phrase(
        "Making {name} failed unexpectedly ({kind}: {error}). Report it with the log ({log_path}).",
        name=plan.output.name,
        kind=type(error).__name__,
        error=error,
        log_path=log_path(),
    )
    return Result.of(plan, "failed", error=sentence, code="internal")


def _what_to_do(problem: Problem) -> str:
    """The remedies of a problem as one sentence or two, with the code of those that can be taken as they are."""
    ways = [r.what + f" ({r.code})." if r.applies else r.what for r in problem.remedies]
    return joined(ways, phrase(" Or: "))


def _write(
    plan: OutputPlan,
    recipe: Recipe,
    before: Entry | None,
    old: Entry | None,
    over: Entry | None,
    request: str,
    speculative: SpeculativePass | None,
    progress: Callable[[float], None] | None,
    cancelled: Callable[[], bool] | None,
) -> StagedOutput | Result:
    source, output = plan.clip.source, plan.output
    if output.exists() and output.samefile(source):
        raise MakeError(
            phrase("The output would overwrite its own source."),
            phrase("Choose another output folder."),
            "own_source",
        )
    # From before its first byte was read, when it was looked at, to behind the last that is read here, it has to be the same.
    stamp = plan.facts.stamp or source_stamp(source)
    known = plan.facts.digest
    if source_stamp(source) != stamp:
        now = source_stamp(source)
        if not known or source_digest(source, cancelled) != known:
            raise _changed()
        stamp = now  # copied or touched, it is still the same
    digest_in = known or source_digest(source, cancelled)
    mark = fingerprint(plan.fit, plan.receiver, digest_in)
    ours = before is not None and unaltered(output, before)
    replaces = _digest_of_ours(output, before or over)
    accepted = plan.clip.touch_up_at(plan.receiver.slug).accepted
    sound = plan.facts.measures
    # A sample that goes to both sides counts on both.
    promised = (sound.clipped_samples if sound else 0) * (1 if recipe.take == "both" else recipe.channels)
    # What is known by another source or name by now is made once more, so that the ledger tells those.
    same = before is not None and (before.source, before.clip) == (str(source), plan.clip.name)
    if ours and before is not None and same and before.fingerprint == mark:
        proof = prove(output, plan.judge, WriteReport(recipe, None, promised, accepted=accepted), cancelled=cancelled)
        if proof.passed:
            seconds = recipe.seconds
            return Result.of(
                plan, "kept", bytes=before.bytes, seconds=seconds, sha256=before.sha256, proof=proof, fingerprint=mark
            )
    part = part_name(output.parent)
    try:
        written = None
        if recipe.copy:
            _copy(source, part)
        else:
            written = write_stream(
                plan.facts, recipe, part, speculative=speculative, progress=progress, cancelled=cancelled
            )
        if recipe.cues:
            add_cues(part, recipe.cues)
        if recipe.info:
            add_info(part, recipe.info)
    except BaseException:
        part.unlink(missing_ok=True)
        raise
    promise = WriteReport(
        recipe,
        written.digest if written else None,
        promised,
        written.rms if written else None,
        written.limited_db if written else 0.0,
        accepted,
        written.short_db if written else 0.0,
        written.peak if written else 0.0,
        written.off_db if written and written.leaps else 0.0,
    )
    if before is not None and before.output != output.name:
        old = before  # the same name with another ending
    return StagedOutput(plan, part, promise, written, stamp, digest_in, mark, request, replaces, old)


def _messages_of_name(plan: OutputPlan, extension: str) -> tuple[str, ...]:
    """That a clip cannot keep its name at its receiver, where that is so."""
    names = plan.receiver.rules.names
    stem = plan.output.name.removesuffix(names.extension_for(extension))
    if names.pattern != "{name}" or not lost_in(plan.clip.name, stem):
        return ()
    sentence = phrase(
        "It is called “{stem}”: {receiver} does not take “{wanted}” for a name.",
        stem=stem,
        receiver=plan.receiver.name,
        wanted=plan.clip.name,
    )
    return (sentence,)


def _verify(staged: StagedOutput, cancelled: Callable[[], bool] | None) -> StagedOutput | Result:
    plan, part, recipe, source = staged.plan, staged.part, staged.promise.recipe, staged.plan.clip.source
    messages, gain = (staged.written.messages, staged.written.gain_db) if staged.written else ((), None)
    messages = (*messages, *_messages_of_name(plan, recipe.format.extension))
    proof = prove(part, plan.judge, staged.promise, name=plan.output.name, cancelled=cancelled)
    if not proof.passed:
        faults = joined(
            (
                phrase("{name}: {found}, wanted {expected}", name=c.name, found=c.found, expected=c.expected)
                for c in proof.failures
            ),
            "; ",
        )
        sentence = phrase("It did not pass proof and was not delivered: {faults}.", faults=faults)
        return Result.of(plan, "failed", proof=proof, error=sentence, code="proof", fingerprint=staged.fingerprint)
    if source_stamp(source) != staged.stamp:
        raise _changed()
    checksum = file_digest(part)
    if cancelled and cancelled():
        raise Cancelled
    found = part.stat()
    entry = Entry(
        plan.output.name,
        checksum,
        found.st_size,
        str(source),
        plan.clip.name,
        plan.receiver.slug,
        staged.fingerprint,
        stamp=staged.stamp,
        source_digest=staged.source_digest,
        order=staged.request,
        output_stamp=f"{found.st_size}:{found.st_mtime_ns}",
        versions=joined((f"{name} {version}" for name, version in versions().items()), ", "),
        path=tuple(f"{step.what} ({step.reason})" for step in plan.fit.steps),
        seconds=round(recipe.seconds, 6),
        gain_db=None if gain is None else round(gain, 3),
        level_dbov=_level_of(proof),
        time=datetime.now(UTC).isoformat(timespec="seconds"),
        id="" if plan.clip.id == id_of_source(source) else plan.clip.id,
        replaces=staged.replaces,
    )
    result = Result.of(
        plan,
        "made",
        bytes=found.st_size,
        seconds=recipe.seconds,
        sha256=checksum,
        proof=proof,
        fingerprint=staged.fingerprint,
        gain_db=gain,
        messages=messages,
    )
    return replace(staged, verified=result, entry=entry)


def _changed() -> MakeError:
    return MakeError(phrase("The source has changed while it was read."), phrase("Make it again."), "changed")


def _digest_of_ours(output: Path, entry: Entry | None) -> str:
    """SHA-256 of what lies there, where it was made here; else nothing, and it must not be replaced."""
    if entry is None:
        return ""
    return entry.sha256 if unaltered(output, entry) else entry.replaces if is_older(output, entry) else ""


def _take_away(folder: Path, old: Entry) -> None:
    """Delete what another output took the place of, where it is as it was made and nothing else was made under its name since."""
    path = folder / old.output
    with contextlib.suppress(OSError):
        ledger = Ledger(folder)
        last = ledger.get(old.output)
        if last is None or (last.sha256, last.id, last.clip) != (old.sha256, old.id, old.clip):
            return
        if as_made(path, last):
            path.unlink()
        if not path.exists():
            ledger.forget(old.output)


def _level_of(proof: Proof) -> float | None:
    sound = proof.facts.measures if proof.facts else None
    level = sound.stereo_level.active_dbov if sound else float("-inf")
    return round(level, 2) if math.isfinite(level) else None


def _copy(source: Path, part: Path) -> None:
    with source.open("rb") as original, part.open("xb") as copy:
        import shutil

        shutil.copyfileobj(original, copy, 1 << 20)
