"""Run paths: temporary file, proof, atomic rename, ledger; many at once."""

from .engine import Made, WorkItem, fingerprint, make_all, make_clip, plan_outputs
from .proof import Check, Proof, prove

__all__ = ["Check", "Made", "Proof", "WorkItem", "fingerprint", "make_all", "make_clip", "plan_outputs", "prove"]
