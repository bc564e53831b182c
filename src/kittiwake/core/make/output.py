"""One output: what is planned, and what came of it."""

from __future__ import annotations

import hashlib
import json
import stat
from dataclasses import replace
from functools import cache, lru_cache
from pathlib import Path
from typing import Any, Literal

from ...plain_data import dataclass
from ...version import __version__
from ..disk.place import file_digest
from ..fit import Fit
from ..measure.analyze import stamp_of
from ..model import Clip, Facts, Receiver
from ..model.untreated import receiver_for
from .ledger import Entry
from .proof import Proof

Status = Literal["made", "kept", "refused", "failed"]


@dataclass(frozen=True, slots=True)
class OutputPlan:
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

    @property
    def judge(self) -> Receiver:
        """The receiver with the treatment that holds for the clip."""
        return receiver_for(self.receiver, self.clip.touch_up_at(self.receiver.slug))


@dataclass(slots=True)
class Result:
    """What came of one clip at one receiver: the fields of ``kittiwake make --json``, and what a window wants to know besides.

    Attributes
    ----------
    path : of the source.
    clip : id of the clip.
    receiver : slug.
    output : where it is; None where nothing was made.
    status : ``made``; ``kept``, as it was made before; ``refused``, for what its source or the rules are; ``failed``.
    seconds : of the output.
    code : of the error; of what was refused its verdict.
    remedies : codes of what can be done about it, for ``--remedy``.
    messages : further sentences for the user.
    altered : name of an output that was made before and altered since, which is left alone; empty where there is none.
    source_seconds : length of the source, where it is known.
    plan : what it was made by, where it was made in this process.
    """

    path: str
    clip: str
    receiver: str
    status: Status
    output: str | None = None
    bytes: int | None = None
    seconds: float | None = None
    sha256: str | None = None
    proof: Proof | None = None
    error: str | None = None
    code: str = ""
    fingerprint: str = ""
    gain_db: float | None = None
    messages: tuple[str, ...] = ()
    altered: str = ""
    source_seconds: float = 0.0
    plan: OutputPlan | None = None
    remedies: tuple[str, ...] = ()

    @classmethod
    def of(cls, plan: OutputPlan, status: Status, **known: Any) -> Result:
        done = status in ("made", "kept")
        return cls(
            str(plan.clip.source),
            plan.clip.id,
            plan.receiver.slug,
            status,
            str(plan.output) if done else None,
            source_seconds=plan.facts.seconds or 0.0,
            plan=plan,
            **known,
        )

    @classmethod
    def known(cls, entry: Entry, output: Path | str, clip: str, status: Status) -> Result:
        """What the ledger tells of an output."""
        return cls(
            entry.source,
            clip,
            entry.receiver,
            status,
            str(output),
            entry.bytes,
            entry.seconds,
            entry.sha256,
            fingerprint=entry.fingerprint,
            gain_db=entry.gain_db,
        )

    @property
    def good(self) -> bool:
        return self.status in ("made", "kept")

    def light(self) -> Result:
        """Without what the one that asked has already, or does not need: to be sent between processes."""
        proof = replace(self.proof, facts=None) if self.proof is not None else None
        return replace(self, plan=None, proof=proof)

    def to_dict(self) -> dict[str, Any]:
        """JSON-ready: the fields of ``kittiwake make --json``."""
        return {
            "path": self.path,
            "receiver": self.receiver,
            "output": self.output,
            "status": self.status,
            "bytes": self.bytes,
            "seconds": self.seconds,
            "sha256": self.sha256,
            "proof": self.proof.to_dict() if self.proof else None,
            "error": self.error,
            "code": self.code or None,
            "remedies": list(self.remedies),
            "said": list(self.messages),
            "altered": self.altered or None,
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


def is_older(path: Path, entry: Entry) -> bool:
    """Whether what lies there is what the output was to replace, and could not, or did not come to."""
    try:
        return entry.replaces != "" and stat.S_ISREG(path.lstat().st_mode) and file_digest(path) == entry.replaces
    except OSError:
        return False


def is_ours(path: Path, entry: Entry) -> bool:
    """Whether what lies there was made here, as its output or as the one before it: it may be replaced."""
    return as_made(path, entry) or is_older(path, entry)


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
    return json.dumps({"rules": receiver.shaping(), "versions": versions()}, sort_keys=True)
