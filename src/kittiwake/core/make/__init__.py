"""One output: written under a temporary name, proved, given its name, entered in the ledger."""

from .output import OutputPlan, Result, fingerprint
from .proof import Check, Proof, prove
from .staged import make_output

__all__ = ["Check", "OutputPlan", "Proof", "Result", "fingerprint", "make_output", "prove"]
