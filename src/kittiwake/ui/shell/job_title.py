"""What a job is called where it is shown: its name, or that it has none yet."""

from __future__ import annotations

from ...core.model import Job
from ...words import in_words, tr

_UNNAMED = Job().name


def title_of(job: Job) -> str:
    return in_words(tr("Untitled")) if job.name == _UNNAMED else job.name
