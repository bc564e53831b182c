"""What is said where a job file holds what it cannot."""

from __future__ import annotations

from ...words import phrase
from ..errors import JobError
from ..schema import Document

#: Fields of a later version are left alone (``unknown`` keeps them).
JOB_FILE = Document(
    JobError,
    phrase("In the job file"),
    phrase("Open an older copy of the job, or mend that entry."),
    "job_damaged",
    strict=False,
)
