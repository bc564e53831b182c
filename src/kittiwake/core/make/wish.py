"""What is asked of the files of a run, and what is told of each."""

from __future__ import annotations

import hashlib
import json
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from ..fit import Company
from ..measure.look import Tee, look_as_stated
from ..model import Clip, Facts, Receiver, Stated, TouchUp
from .ledger import Entry
from .work import versions


@dataclass(frozen=True, slots=True)
class Wish:
    """What is asked of every file of a run.

    Attributes
    ----------
    stated : the format of files without a header, or the stream of those with several.
    remedies : codes of remedies to take wherever they are offered.
    numbers : whether a name that is taken gets a number; else the file is refused.
    strict : whether a file with warnings is refused.
    """

    receivers: tuple[Receiver, ...]
    folders: tuple[Path, ...]
    stated: Stated | None = None
    stream: int | None = None
    true_rate: int | None = None
    remedies: tuple[str, ...] = ()
    numbers: bool = True
    strict: bool = False

    def order(self, receiver: Receiver) -> str:
        """Digest of what is asked for one receiver, and of the libraries that shape samples."""
        asked = {
            "rules": receiver.model_dump(mode="json"),
            "stated": str(self.stated),
            "stream": self.stream,
            "true_rate": self.true_rate,
            "remedies": self.remedies,
            "versions": versions(),
        }
        return hashlib.sha256(json.dumps(asked, sort_keys=True).encode()).hexdigest()[:32]

    @classmethod
    def of_untouched(cls, clip: Clip, receiver: Receiver, folder: Path) -> Wish | None:
        """What a terminal would be asked to get what a clip of a window gets; None where no words of a terminal say it."""
        rate_only = TouchUp(true_rate=clip.touch_up.true_rate)
        if (
            not clip.whole_source
            or clip.at
            or clip.touch_up != rate_only
            or clip.name != clip.source.stem
            or clip.kind
        ):
            return None
        return cls((receiver,), (folder,), true_rate=clip.touch_up.true_rate)

    def look_at(self, path: Path, *, picture: bool = True, tee: Tee | None = None) -> Facts:
        """``measure.look_at`` of one of the files, read as is stated of it."""
        guessed = "read_as_guessed" in self.remedies
        return look_as_stated(path, self.stated, self.stream, picture=picture, tee=tee, guessed=guessed)


#: Which receiver (its place in the wish), the name without extension, and the ledger's entry of what has that name already.
Target = tuple[int, str, Entry | None]


@dataclass(frozen=True, slots=True)
class Task:
    """Some files for one process, each with what is to be made of it."""

    wish: Wish
    orders: tuple[str, ...]
    files: tuple[tuple[Path, tuple[Target, ...]], ...]
    companies: tuple[Company | None, ...] = ()


@dataclass(slots=True)
class Outcome:
    """What came of one file at one receiver: the fields of ``kittiwake make --json`` with what a terminal says of it."""

    told: dict[str, Any]
    source_seconds: float = 0.0

    @property
    def good(self) -> bool:
        return self.told["status"] in ("made", "kept")


def told_by(entry: Entry, path: Path, output: Path | str, status: str) -> dict[str, Any]:
    """What the ledger tells of an output."""
    return {
        "path": str(path), "receiver": entry.receiver, "output": str(output), "status": status, "bytes": entry.bytes,
        "seconds": entry.seconds, "sha256": entry.sha256, "proof": None, "error": None, "said": [], "altered": None,
    }  # fmt: skip


def lost(path: Path, receiver: Receiver, error: str, status: str = "failed", altered: str = "") -> Outcome:
    told: dict[str, Any] = {
        "path": str(path), "receiver": receiver.slug, "output": None, "status": status, "bytes": None, "seconds": None,
        "sha256": None, "proof": None, "error": error, "said": [], "altered": altered or None,
    }  # fmt: skip
    return Outcome(told)
