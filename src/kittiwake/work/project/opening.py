"""A job file with all that belongs to it: all that takes time is done here, in whatever thread asks."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from ...core.errors import KittiwakeError
from ...core.model import Job, MadeRecord, Receiver, load_receiver, shipped_receivers
from ...core.model.job import load_job
from ...core.model.unknown import words_of
from ...plain_data import dataclass
from ...words import joined, phrase

_LARGE = 200_000  # bytes


@dataclass(frozen=True, slots=True)
class Opened:
    """A job file that was read.

    Attributes
    ----------
    receivers : those of the board.
    records : of outputs of its clips that are still there, by clip id and receiver slug.
    trouble : what could not be had of it, in words.
    """

    path: Path
    job: Job
    receivers: list[Receiver]
    records: dict[tuple[str, str], MadeRecord]
    trouble: str = ""


def is_large(path: Path) -> bool:
    """Whether reading a job file takes longer than one wants to wait for without seeing anything."""
    try:
        return path.stat().st_size > _LARGE
    except OSError:
        return False


def read(path: Path, checkpoint: Callable[[], object] = bool) -> Opened:
    """Read a job file. ``checkpoint`` is called between small pieces of work, and may raise to end it.

    Raises
    ------
    KittiwakeError
    """
    job = load_job(path, checkpoint)
    job, receivers, trouble = with_rules(job)
    records, ids = {}, {clip.id for clip in job.clips}
    for record in job.made:
        if record.clip in ids and _still_there(record):
            records[record.clip, record.receiver] = record
        checkpoint()
    for clip in job.clips:
        hash(clip.source)  # which a path remembers
        checkpoint()
    return Opened(path, job, receivers, records, joined(filter(None, (trouble, words_of(job.unknown)))))


def with_rules(job: Job) -> tuple[Job, list[Receiver], str]:
    """A job that has the rules of every receiver in it, those receivers, and what is missing in words.

    Rules that came from a file travel in the job from then on: the file may be gone tomorrow.
    """
    found: dict[str, Receiver] = {}
    own, trouble = dict(job.own), []
    for name in job.receivers:
        try:
            receiver = receiver_of(name, job)
        except KittiwakeError as error:
            trouble.append(phrase("A receiver is left out: {message}", message=error.message))
            continue
        if name != receiver.slug or name not in shipped_receivers():
            own.setdefault(receiver.slug, receiver)
        found.setdefault(receiver.slug, receiver)
    return job.changed(receivers=tuple(found), own=own), list(found.values()), joined(trouble)


def receiver_of(name: str, job: Job) -> Receiver:
    """A receiver of a job: its own, a shipped one, or one from a file."""
    return job.own[name] if name in job.own else load_receiver(name)


def _still_there(record: MadeRecord) -> bool:
    try:
        return Path(record.output).stat().st_size == record.bytes
    except OSError:
        return False
