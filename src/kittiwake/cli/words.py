"""Results as people read them."""

from __future__ import annotations

from pathlib import Path
from typing import Any

from ..core.cut.spoken import Spoken
from ..core.fit import Fit
from ..core.make import Proof
from ..core.make.compare import Comparison
from ..core.make.status import OutputStatus
from ..core.model import Facts, Receiver
from ..core.model.text import printable
from ..core.model.units import db, format_bandwidth, format_bytes, format_db, format_hz, format_kind, format_seconds

VERDICTS = {
    "as_is": "as is",
    "convert": "will convert",
    "decide": "decide",
    "cannot": "cannot",
    "left_out": "not for it",
}


def facts_in_words(facts: Facts) -> str:
    head, sound = facts.header, facts.measures
    if facts.error or head is None or sound is None:
        return f"{printable(str(facts.path))}\n  not readable: {facts.error}"
    level = sound.level
    lines = [
        printable(str(facts.path)),
        f"  {format_kind(head.container, head.encoding)}, {format_hz(head.sample_rate)}, {head.channels} ch, "
        f"{format_seconds(facts.seconds)}, {format_bytes(head.bytes)}",
        f"  peak {format_db(db(sound.peak))}, RMS {format_db(db(sound.rms))}, "
        f"speech {format_db(level.active_dbov, 'dBov')} {level.activity:.0%} of the time, "
        f"sound up to {format_bandwidth(sound.bandwidth_hz)}, sides {sound.sides.replace('_', ' ')}",
    ]
    if sound.clipped_samples:
        lines.append(f"  {sound.clipped_samples:,} clipped samples")
    if sound.flat_samples:
        lines.append(f"  {sound.flat_samples:,} samples in tops cut off at up to {format_db(db(sound.peak))}")
    lines += [f"  note: {note}" for note in facts.notes]
    return "\n".join(lines)


def fit_in_words(path: Path, receiver: Receiver, fit: Fit) -> str:
    lines = [f"{printable(str(path))} → {receiver.name}: {VERDICTS[fit.verdict]}"]
    for problem in fit.problems:
        lines.append(f"  {problem.severity}: {problem.message}")
        lines += [
            f"    → {r.what}{f' ({r.result})' if r.result else ''}{f'  [{r.code}]' if r.applies else ''}"
            for r in problem.remedies
        ]
    lines += [f"  {n}. {step.what} ({step.reason})" for n, step in enumerate(fit.steps, 1)]
    return "\n".join(lines)


def made_in_words(told: dict[str, Any]) -> str:
    """What came of one output, from the fields of ``make --json``."""
    if told["status"] in ("made", "kept"):
        proved = ", proof passed" if told["proof"] else ""
        size = f"{format_bytes(told['bytes'])}, {format_seconds(told['seconds'])}{proved}"
        return "\n".join(
            [f"{told['status']}  {printable(told['output'])}  ({size})", *(f"  {s}" for s in told["said"])]
        )
    return f"{told['status']}  {printable(told['path'])}\n  {told['error']}"


def would_make_in_words(
    path: Path, receiver: Receiver, output: Path | None, taken: str, fit: Fit, ready: bool
) -> str:
    """What would come of one file."""
    if ready and output is not None:
        exact = "" if fit.predicted_exact else "about "
        size = f"{exact}{format_bytes(fit.predicted_bytes)}, {format_seconds(fit.predicted_seconds)}"
        return f"would make  {printable(str(output))}  ({size}, {VERDICTS[fit.verdict]})"
    why = " ".join(problem.message for problem in fit.problems) or f"Its name “{taken}” is taken."
    return f"would refuse  {printable(str(path))} for {receiver.name}\n  {why}"


def explained_in_words(found: OutputStatus, steps: tuple[str, ...]) -> str:
    entry = found.entry
    figures = [f"{format_bytes(entry.bytes)}", f"{format_seconds(entry.seconds)}"]
    if entry.level_dbov is not None:
        figures.append(f"speech at {format_db(entry.level_dbov, 'dBov')}")
    if entry.gain_db is not None:
        figures.append(f"gain {entry.gain_db:+.1f} dB".replace("-", "−"))
    lines = [
        f"{printable(str(found.output))}: {found.state}",
        f"  made {entry.time or 'some time'} for {entry.receiver} from {printable(entry.source)}",
        f"  {', '.join(figures)}",
        *(f"  {n}. {step}" for n, step in enumerate(steps, 1)),
        f"  output SHA-256 {entry.sha256}",
        f"  source BLAKE3 {entry.source_digest or '–'}",
        f"  rules and touch-ups {entry.order or '–'}, all that shaped it {entry.fingerprint}",
        f"  by {entry.versions or '–'}",
    ]
    return "\n".join(lines)


def span_in_words(span: Spoken, rate: int, written: Path | None) -> str:
    level = "" if span.level_dbov is None else f"  {format_db(span.level_dbov, 'dBov')}"
    times = f"{span.start / rate:10.3f} – {span.stop / rate:.3f} s"
    inner = (
        f"  (spoken {span.speech_start / rate:.3f} – {span.speech_stop / rate:.3f})" if span.kind == "speech" else ""
    )
    name = printable(f"  {span.name}" if span.kind == "speech" else "  other sound")
    return f"{times}{inner}{level}{name}" + (f"  → {printable(str(written))}" if written else "")


def proof_in_words(path: Path, receiver: Receiver, proof: Proof) -> str:
    lines = [f"{printable(str(path))} for {receiver.name}: {'passed' if proof.passed else 'FAILED'}"]
    for check in proof.checks:
        mark = "ok " if check.passed else "NO "
        lines.append(f"  {mark} {check.name}: {check.found}" + ("" if check.passed else f", wanted {check.expected}"))
    return "\n".join(lines)


def receiver_in_words(receiver: Receiver) -> str:
    forms = " or ".join(format_kind(a.container, a.encoding) for a in receiver.rules.accepts)
    return f"{receiver.slug:16} {receiver.name}: {forms}. {receiver.purpose}"


COMPARISON_HEAD = (
    f"{'codec':58} {'bytes':>10} {'kbit/s':>8} {'ratio':>7} {'signal to dist.':>15} {'segmental':>10} {'STOI':>7}"
)


def comparison_in_words(found: Comparison) -> str:
    whole, each = (
        "–" if value is None else f"{value:.1f} dB" for value in (found.signal_to_distortion_db, found.segmental_db)
    )
    stoi = "–" if found.stoi is None else f"{found.stoi:.3f}"
    return f"{found.candidate.name:58} {found.bytes:>10,} {found.kbit_s:>8.1f} {found.ratio:>6.1f}:1 {whole:>15} {each:>10} {stoi:>7}"
