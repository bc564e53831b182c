"""Run paths: temporary file, proof, atomic rename, ledger; many at once."""

from .engine import Made, WorkItem, fingerprint, make_clip, plan_outputs
from .many import make_all
from .proof import Check, Proof, prove
from .run import Outcome, Wish, make_files, planned

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
