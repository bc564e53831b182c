"""One output to make, and what came of it."""

from __future__ import annotations

import hashlib
import json
import stat
from dataclasses import dataclass, field
from functools import cache, lru_cache
from pathlib import Path
from typing import Any, Literal

from ... import __version__
from ..fit import Fit
from ..measure.look import stamp_of
from ..model import Clip, Facts, Receiver
from .ledger import Entry
from .place import file_digest
from .proof import Proof

Status = Literal["made", "kept", "refused", "failed"]


@dataclass(frozen=True, slots=True)
class WorkItem:
    """One output to make.

    Attributes
    ----------
    output : the full path it will have.
    """

    clip: Clip
    facts: Facts
    fit: Fit
    receiver: Receiver
    output: Path


@dataclass(frozen=True, slots=True)
class Made:
    """What came of a work item."""

    item: WorkItem
    status: Status
    bytes: int | None = None
    seconds: float | None = None
    sha256: str | None = None
    proof: Proof | None = None
    error: str | None = None
    code: str = ""
    fingerprint: str = ""
    gain_db: float | None = None
    said: tuple[str, ...] = field(default=())

    def to_dict(self) -> dict[str, Any]:
        """JSON-ready: the fields of ``kittiwake make --json``."""
        done = self.status in ("made", "kept")
        return {
            "path": str(self.item.clip.source),
            "receiver": self.item.receiver.slug,
            "output": str(self.item.output) if done else None,
            "status": self.status,
            "bytes": self.bytes,
            "seconds": self.seconds,
            "sha256": self.sha256,
            "proof": self.proof.to_dict() if self.proof else None,
            "error": self.error,
            "said": list(self.said),
            "altered": None,
        }


def unaltered(path: Path, entry: Entry) -> bool:
    """Whether an output is an ordinary file with the bytes that were made."""
    try:
        found = path.lstat()
        return stat.S_ISREG(found.st_mode) and found.st_size == entry.bytes and file_digest(path) == entry.sha256
    except OSError:
        return False


def as_made(path: Path, entry: Entry) -> bool:
    """Whether an output is as it was made: by size and time, and by its bytes where the time is another."""
    return (entry.output_stamp != "" and entry.output_stamp == stamp_of(path)) or unaltered(path, entry)


@cache
def versions() -> dict[str, str]:
    """Versions of everything that shapes samples."""
    import numpy
    import soundfile
    import soxr

    return {
        "kittiwake": __version__,
        "numpy": numpy.__version__,
        "soxr": soxr.__version__,
        "libsndfile": soundfile.__libsndfile_version__,
    }


def fingerprint(fit: Fit, receiver: Receiver, source_digest: str = "") -> str:
    """Digest of everything that shapes an output: the source's bytes (if given), recipe, rules, libraries."""
    assert fit.recipe is not None
    recipe = json.dumps(fit.recipe.to_dict(), sort_keys=True)
    return hashlib.sha256(f"{source_digest}\n{recipe}\n{_rules_text(receiver)}".encode()).hexdigest()


@lru_cache(maxsize=64)
def _rules_text(receiver: Receiver) -> str:
    return json.dumps({"rules": receiver.model_dump(mode="json"), "versions": versions()}, sort_keys=True)
