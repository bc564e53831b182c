"""Results as people read them."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING, Any

from ..core.disk.text import printable
from ..core.model.units import db, format_bandwidth, format_bytes, format_db, format_hz, format_kind, format_seconds
from ..words import in_words, phrase, tr

if TYPE_CHECKING:
    # What has no results of a kind does without what makes them.
    from ..core.fit import Fit
    from ..core.make import Proof
    from ..core.make.compare import Comparison
    from ..core.make.status import OutputStatus
    from ..core.model import Facts, Receiver
    from ..work.cut.spoken import Spoken

VERDICTS = {
    "as_is": phrase("as is"),
    "convert": phrase("will convert"),
    "decide": phrase("decide"),
    "cannot": phrase("cannot"),
    "left_out": phrase("not for it"),
}
#: What became of one that was to be made.
STATUS = {
    "made": phrase("made"),
    "kept": phrase("kept"),
    "refused": phrase("refused"),
    "failed": phrase("failed"),
    "stopped": phrase("stopped"),
}
#: What became of an output since.
STATES = {
    "as made": phrase("as made"),
    "older": phrase("older, not replaced yet"),
    "altered": phrase("altered"),
    "deleted": phrase("deleted"),
    "source changed": phrase("source changed"),
    "source gone": phrase("source gone"),
}
SEVERITIES = {
    "note": phrase("note"),
    "cannot": phrase("cannot"),
    "decide": phrase("decide"),
    "warning": phrase("warning"),
}
SIDES = {
    "mono": phrase("mono"),
    "identical": phrase("identical"),
    "inverted": phrase("inverted"),
    "left_only": phrase("left only"),
    "right_only": phrase("right only"),
    "left_leads": phrase("left leads"),
    "right_leads": phrase("right leads"),
    "different": phrase("different"),
}


def facts_in_words(facts: Facts) -> str:
    head, sound = facts.header, facts.measures
    if facts.error or head is None or sound is None:
        return tr("{path}\n  not readable: {error}", path=printable(str(facts.path)), error=str(facts.error))
    level = sound.level
    lines = [
        printable(str(facts.path)),
        f"  {in_words(format_kind(head.container, head.encoding))}, {in_words(format_hz(head.sample_rate))}, {tr('{n} ch', n=head.channels)}, {in_words(format_seconds(facts.seconds))}, {in_words(format_bytes(head.bytes))}",
        tr(
            "  peak {peak}, RMS {rms}, speech {speech} {activity:.0%} of the time, sound up to {highest}, sides {sides}",
            peak=format_db(db(sound.peak)),
            rms=format_db(db(sound.rms)),
            speech=format_db(level.active_dbov, "dBov"),
            activity=level.activity,
            highest=format_bandwidth(sound.bandwidth),
            sides=SIDES[sound.sides],
        ),
    ]
    if sound.clipped_samples:
        lines.append(tr("  {clipped_samples:,} clipped samples", clipped_samples=sound.clipped_samples))
    if sound.flat_samples:
        lines.append(
            tr(
                "  {flat_samples:,} samples in tops cut off at up to {db}",
                flat_samples=sound.flat_samples,
                db=format_db(db(sound.peak)),
            )
        )
    lines += [tr("  note: {note}", note=str(note)) for note in facts.notes]
    return "\n".join(lines)


def fit_in_words(path: Path, receiver: Receiver, fit: Fit) -> str:
    lines = [f"{printable(str(path))} → {in_words(receiver.name)}: {in_words(VERDICTS[fit.verdict])}"]
    for problem in fit.problems:
        lines.append(f"  {in_words(SEVERITIES[problem.severity])}: {in_words(problem.message)}")
        lines += [
            f"    → {in_words(r.what)}{f' ({in_words(r.result)})' if r.result else ''}{f'  [{r.code}]' if r.applies else ''}"
            for r in problem.remedies
        ]
    lines += [f"  {n}. {in_words(step.what)} ({in_words(step.reason)})" for n, step in enumerate(fit.steps, 1)]
    return "\n".join(lines)


def made_in_words(values: dict[str, Any]) -> str:
    """What came of one output, from the fields of ``make --json``."""
    if values["status"] in ("made", "kept"):
        proved = tr(", proof passed") if values["proof"] else ""
        size = f"{in_words(format_bytes(values['bytes']))}, {in_words(format_seconds(values['seconds']))}{proved}"
        return "\n".join(
            [
                f"{in_words(STATUS[values['status']])}  {printable(values['output'])}  ({size})",
                *(f"  {in_words(s)}" for s in values["said"]),
            ]
        )
    return f"{in_words(STATUS[values['status']])}  {printable(values['path'])}\n  {in_words(values['error'])}"


def would_make_in_words(
    path: Path, receiver: Receiver, output: Path | None, taken: str, fit: Fit, ready: bool
) -> str:
    """What would come of one file."""
    if ready and output is not None:
        exact = "" if fit.predicted_exact else tr("about ")
        size = (
            f"{exact}{in_words(format_bytes(fit.predicted_bytes))}, {in_words(format_seconds(fit.predicted_seconds))}"
        )
        return tr(
            "would make  {path}  ({size}, {verdict})",
            path=printable(str(output)),
            size=size,
            verdict=VERDICTS[fit.verdict],
        )
    why = " ".join(in_words(problem.message) for problem in fit.problems) or tr(
        "Its name “{taken}” is taken.", taken=taken
    )
    return tr("would refuse  {path} for {name}\n  {why}", path=printable(str(path)), name=receiver.name, why=why)


def explained_in_words(found: OutputStatus, steps: tuple[str, ...]) -> str:
    entry = found.entry
    figures = [f"{in_words(format_bytes(entry.bytes))}", f"{in_words(format_seconds(entry.seconds))}"]
    if entry.level_dbov is not None:
        figures.append(tr("speech at {level_dbov}", level_dbov=format_db(entry.level_dbov, "dBov")))
    if entry.gain_db is not None:
        figures.append(tr("gain {gain_db:+.1f} dB", gain_db=entry.gain_db).replace("-", "−"))
    lines = [
        f"{printable(str(found.output))}: {in_words(STATES[found.state])}",
        tr(
            "  made {time} for {receiver} from {source}",
            time=entry.time or tr("some time"),
            receiver=entry.receiver,
            source=printable(entry.source),
        ),
        f"  {', '.join(map(in_words, figures))}",
        *(f"  {n}. {in_words(step)}" for n, step in enumerate(steps, 1)),
        tr("  output SHA-256 {sha256}", sha256=entry.sha256),
        tr("  source BLAKE3 {source_digest}", source_digest=entry.source_digest or "–"),
        tr(
            "  rules and touch-ups {order}, all that shaped it {fingerprint}",
            order=entry.order or "–",
            fingerprint=entry.fingerprint,
        ),
        f"  by {in_words(entry.versions or '–')}",
    ]
    return "\n".join(lines)


def span_in_words(span: Spoken, rate: int, written: Path | None) -> str:
    level = "" if span.level_dbov is None else f"  {in_words(format_db(span.level_dbov, 'dBov'))}"
    times = tr("{start:10.3f} – {stop:.3f} s", start=span.start / rate, stop=span.stop / rate)
    inner = (
        tr("  (spoken {start:.3f} – {stop:.3f})", start=span.speech_start / rate, stop=span.speech_stop / rate)
        if span.kind == "speech"
        else ""
    )
    name = printable(f"  {in_words(span.name)}" if span.kind == "speech" else tr("  other sound"))
    return f"{times}{inner}{level}{name}" + (f"  → {printable(str(written))}" if written else "")


def proof_in_words(path: Path, receiver: Receiver, proof: Proof) -> str:
    lines = [
        tr(
            "{path} for {receiver}: {outcome}",
            path=printable(str(path)),
            receiver=receiver.name,
            outcome=tr("passed") if proof.passed else tr("FAILED"),
        )
    ]
    for check in proof.checks:
        mark = tr("ok ") if check.passed else tr("NO ")
        lines.append(
            f"  {mark} {in_words(check.name)}: {in_words(check.found)}"
            + ("" if check.passed else tr(", wanted {expected}", expected=check.expected))
        )
    return "\n".join(lines)


def receiver_in_words(receiver: Receiver) -> str:
    forms = tr(" or ").join(in_words(format_kind(a.container, a.encoding)) for a in receiver.rules.accepts)
    return f"{receiver.slug:16} {in_words(receiver.name)}: {forms}. {in_words(receiver.purpose)}"


COMPARISON_HEAD = (
    f"{'codec':58} {'bytes':>10} {'kbit/s':>8} {'ratio':>7} {'signal to dist.':>15} {'segmental':>10} {'STOI':>7}"
)


def comparison_in_words(found: Comparison) -> str:
    whole, each = (
        "–" if value is None else f"{value:.1f} dB" for value in (found.signal_to_distortion_db, found.segmental_db)
    )
    stoi = "–" if found.stoi is None else f"{found.stoi:.3f}"
    return f"{found.candidate.name:58} {found.bytes:>10,} {found.kbit_s:>8.1f} {found.ratio:>6.1f}:1 {whole:>15} {each:>10} {stoi:>7}"
