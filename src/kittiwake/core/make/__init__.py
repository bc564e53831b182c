"""Run paths: temporary file, proof, atomic rename, ledger; many at once."""

from .engine import make_clip, plan_outputs
from .handful import planned
from .many import make_all
from .proof import Check, Proof, prove
from .run import make_files
from .wish import Outcome, Wish
from .work import Made, WorkItem, fingerprint

__all__ = [
    "Check",
    "Made",
    "Outcome",
    "Proof",
    "Wish",
    "WorkItem",
    "fingerprint",
    "make_all",
    "make_clip",
    "make_files",
    "plan_outputs",
    "planned",
    "prove",
]
