"""Looking at a source for a window: known things at once, long ones shown while they are read."""

from __future__ import annotations

import contextlib
import os
import time
from collections.abc import Callable
from dataclasses import field, replace
from functools import lru_cache
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ..intake.digest import source_digest
from ..measure.analyze import analyze
from ..model import Facts, Header, Stated
from .facts_cache import FactsCache, is_kept
from .peaks import PeaksWriter

LONG = 60.0  # s; of longer sound the outline is kept at every scale
_LARGE = 4 << 20  # bytes; larger files are coarse through first
_EVERY = 0.25  # s between partial
_LEAVES, _LEAF = 400, 1024


@dataclass(frozen=True, slots=True)
class PartialOverview:
    """What can be drawn of a source that is still being looked at.

    Attributes
    ----------
    coarse : outline of the whole, from a few places only, float32 [shape=(n, 2)]; empty where that cannot be had.
    outline : of what has been read so far, float32 [shape=(m, 2)].
    seconds : of the whole; None where only reading tells.
    done : seconds that have been read.
    """

    path: Path
    coarse: NDArray[np.float32] = field(repr=False, compare=False)
    outline: NDArray[np.float32] = field(repr=False, compare=False)
    seconds: float | None = None
    done: float = 0.0

    @property
    def share(self) -> float | None:
        return self.done / self.seconds if self.seconds else None


@lru_cache(maxsize=1)
def _cache(folder: str) -> FactsCache:
    shelf = FactsCache(Path(folder) if folder else None)
    shelf.tidy()
    return shelf


def look_for_drawing(
    asked: tuple[Path, Stated | None, bool], tell: Callable[[PartialOverview], None], shelf: str = ""
) -> Facts:
    """``analyze`` with all that a window draws and tells; what is known of the content already comes from the shelf.

    Parameters
    ----------
    asked : path, format of a headerless file, and whether to look anew, whatever is on the shelf.
    tell : called with partial of a long source while it is read.
    shelf : folder of the shelf; default the user's.
    """
    path, stated, anew = asked
    kept = _cache(shelf)
    known = None if anew else kept.facts(path, stated)
    if known is not None and ((known.seconds or 0) < LONG or kept.peaks(known.digest, stated).exists()):
        return known
    showing = _Showing(path, tell, kept)
    try:
        if stated is None and path.stat().st_size > _LARGE:
            showing.leaf_through()
        facts = analyze(path, stated, pitch=True, tee=showing.add)
        if is_kept(facts) and not facts.digest:
            facts = replace(facts, digest=source_digest(path))
        showing.finish(facts)
        kept.keep(facts)
        return facts
    except OSError:
        # Whatever became of the file or the shelf: the usual way says what is to be said.
        return analyze(path, stated, pitch=True)
    finally:
        showing.close()


class _Showing:
    """Gathers the outline of one source while it is looked at, and tells of it now and then."""

    def __init__(self, path: Path, tell: Callable[[PartialOverview], None], shelf: FactsCache) -> None:
        self._path, self._tell, self._cache = path, tell, shelf
        self._leafed: NDArray[np.float32] = np.zeros((0, 2), np.float32)
        self._writer: PeaksWriter | None = None
        self._begun = False
        self._reported_at = time.monotonic()

    def leaf_through(self) -> None:
        """A few samples from many places: the shape of hours within a fraction of a second, where the file can be skipped in."""
        import soundfile

        with contextlib.suppress(Exception):  # nothing depends on it
            with soundfile.SoundFile(os.fsencode(self._path)) as file:
                pcm = file.subtype.startswith("PCM") or file.subtype in ("FLOAT", "DOUBLE", "ULAW", "ALAW")
                if not (pcm and file.seekable() and 0 < file.frames < 2**62):
                    return
                pairs = np.zeros((_LEAVES, 2), np.float32)
                until = time.monotonic() + 0.5  # a slow disk is not coarse through for long
                for n in range(_LEAVES):
                    file.seek(n * file.frames // _LEAVES)
                    block = file.read(_LEAF, dtype="float32", always_2d=True)
                    if len(block):
                        pairs[n] = block.min(), block.max()
                    if time.monotonic() > until:
                        return
                self._leafed = pairs
                seconds = file.frames / file.samplerate
            self._tell(PartialOverview(self._path, pairs, np.zeros((0, 2), np.float32), seconds))

    def add(self, header: Header, columns: NDArray[np.float32], middle: NDArray[np.float32], *_: object) -> None:
        """As ``analyze`` tells."""
        if not self._begun:
            self._begun = True
            if header.frames is None or header.frames > LONG * header.sample_rate:
                with contextlib.suppress(OSError):
                    self._writer = PeaksWriter(self._cache.scratch())
        if self._writer is None:
            return
        try:
            self._writer.add(columns)
        except OSError:  # a full disk: then it is drawn from what is kept in memory
            self.close()
            return
        if time.monotonic() - self._reported_at > _EVERY:
            self._reported_at = time.monotonic()
            rate = header.sample_rate
            seconds = header.frames / rate if header.frames else None
            done = self._writer.frames / rate
            self._tell(PartialOverview(self._path, self._leafed, self._writer.so_far(), seconds, done))

    def finish(self, facts: Facts) -> None:
        """Keep the outline, if the sound turned out to be long."""
        if self._writer is not None and facts.ok and (facts.seconds or 0) >= LONG:
            self._writer.finish(self._cache.peaks(facts.digest, facts.stated))
            self._writer = None

    def close(self) -> None:
        """Leave nothing unfinished."""
        if self._writer is not None:
            with contextlib.suppress(OSError):
                self._writer.drop()
            self._writer = None
