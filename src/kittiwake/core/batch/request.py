"""What is asked of a batch, and the parts it is done in."""

from __future__ import annotations

import hashlib
import json
from collections.abc import Mapping
from pathlib import Path
from typing import NamedTuple

from ...plain_data import dataclass
from ..fit import BatchContext, Fit, shares_anything
from ..make.ledger import Entry
from ..make.output import versions
from ..measure.analyze import Tee, analyze_as_stated
from ..model import Clip, Facts, Receiver, Stated, TouchUp


@dataclass(frozen=True, slots=True)
class BatchRequest:
    """What is asked of every file of a batch.

    Attributes
    ----------
    folders : of each receiver, where its outputs go.
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

    def digest(self, receiver: Receiver) -> str:
        """Digest of what is asked for one receiver, and of the libraries that shape samples: 32 hexadecimal digits."""
        asked = {
            "rules": receiver.shaping(),
            "stated": str(self.stated),
            "stream": self.stream,
            "true_rate": self.true_rate,
            "remedies": self.remedies,
            "versions": versions(),
        }
        return hashlib.sha256(json.dumps(asked, sort_keys=True).encode()).hexdigest()[:32]

    def analyze(self, path: Path, *, picture: bool = True, every: bool = False, tee: Tee | None = None) -> Facts:
        """``measure.analyze`` of one of the files, read as is stated of it."""
        guessed = "read_as_guessed" in self.remedies
        return analyze_as_stated(
            path, self.stated, self.stream, picture=picture, every=every, tee=tee, guessed=guessed
        )


@dataclass(frozen=True, slots=True)
class PlannedClip:
    """A clip whose source was looked at before, and how it fits.

    Attributes
    ----------
    fits : by slug of receiver; it is made for these.
    place : in its set, from 1, for names that count.
    """

    clip: Clip
    facts: Facts
    fits: Mapping[str, Fit]
    place: int

    def is_plain(self, receiver: Receiver) -> bool:
        """Whether a terminal could be asked to make the same, in its words: of the whole file, untouched but for its true rate."""
        clip = self.clip
        return (
            self.facts.stated is None
            and not shares_anything(receiver)
            and not receiver.rules.cue_points
            and clip.whole_source
            and not clip.at
            and clip.touch_up == TouchUp(true_rate=clip.touch_up.true_rate)
            and clip.name == clip.source.stem
            and not clip.kind
        )


class Target(NamedTuple):
    """An output of a source.

    Attributes
    ----------
    n : place of its receiver in the request.
    stem : its name without extension.
    before : the ledger's entry of what has that name already and was made from this clip.
    digest : of what is asked for.
    fit : where it is known already.
    old : the entry of what was made from it under another name, and is to go.
    over : the entry of what has its name and is to be replaced, where that is another clip's.
    """

    n: int
    stem: str
    before: Entry | None
    digest: str
    fit: Fit | None = None
    old: Entry | None = None
    over: Entry | None = None


class Source(NamedTuple):
    """A source and what is to be made of it; clip and facts are None where it is a whole file that nobody has looked at."""

    path: Path
    targets: tuple[Target, ...]
    clip: Clip | None = None
    facts: Facts | None = None


@dataclass(frozen=True, slots=True)
class Chunk:
    """A task: a few sources for one worker.

    Attributes
    ----------
    batch : which it is a part of, the same for all its chunks.
    contexts : of the request's receivers; empty where clips share nothing.
    """

    batch: str
    request: BatchRequest
    sources: tuple[Source, ...]
    contexts: tuple[BatchContext | None, ...] = ()
