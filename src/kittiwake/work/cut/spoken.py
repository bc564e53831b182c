"""What is spoken in a file, span by span: for the terminal, and whoever wants it without a window."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import replace
from pathlib import Path
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from ...core.intake import open_sound
from ...core.measure.level import ActiveLevel
from ...core.model import Stated
from ...core.model.downmix import mixed
from ...core.model.span import Line, Span
from ...plain_data import dataclass
from .activity import activity_of
from .find import Find, find_speech
from .names import named, shown_names

Kind = Literal["speech", "other"]


@dataclass(frozen=True, slots=True)
class Spoken:
    """A stretch of a source.

    Attributes
    ----------
    start, stop : frames, air included.
    speech_start, speech_stop : frames, without the air; of other sound the same as with it.
    level_dbov : active speech level by ITU-T P.56, air included as in the clip, of the louder of the mix and each channel; None where there is none.
    name : that its clip gets; empty for other sound.
    """

    kind: Kind
    start: int
    stop: int
    speech_start: int
    speech_stop: int
    name: str = ""
    text: str = ""
    level_dbov: float | None = None


@dataclass(frozen=True, slots=True)
class SpokenRecording:
    """All of a file, and what its room is like: ``room_dbfs``, and the median of what sound had to reach to count, dBFS."""

    path: Path
    rate: int
    frames: int
    spans: tuple[Spoken, ...]
    room_dbfs: float
    threshold_dbfs: float | None


def spoken_in(
    path: Path,
    stated: Stated | None = None,
    find: Find | None = None,
    lines: Sequence[Line] = (),
    cancelled: Callable[[], bool] | None = None,
) -> SpokenRecording:
    """Speech and other sound in a file, in order, with names and levels.

    Raises
    ------
    IntakeError : it cannot be read.
    Cancelled
    """
    activity = activity_of(path, stated, cancelled=cancelled)
    found = find_speech(activity, find)
    speech = named([Span(start, stop) for start, stop in found.speech], lines)
    names = shown_names(speech, path.stem)
    spans = [
        Spoken("speech", span.start, span.stop, *spoken, names[span.id], span.text)
        for span, spoken in zip(speech, found.spoken, strict=True)
    ]
    spans += [Spoken("other", start, stop, start, stop) for start, stop in found.other]
    spans.sort(key=lambda span: span.start)
    meters = [_Meter(activity.rate) for _ in spans]
    for n, block in cut_from(path, stated, [(span.start, span.stop) for span in spans]):
        meters[n].add(block)
    spans = [replace(span, level_dbov=meter.level) for span, meter in zip(spans, meters, strict=True)]
    threshold = float(np.median(found.threshold)) if len(found.threshold) else None
    return SpokenRecording(path, activity.rate, activity.frames, tuple(spans), found.room_dbfs, threshold)


def cut_from(
    path: Path, stated: Stated | None, spans: Sequence[tuple[int, int]]
) -> Iterator[tuple[int, NDArray[np.float32]]]:
    """Blocks of the spans of a source, each with the number of its span; the source is read once.

    Parameters
    ----------
    spans : frames, in the order of their starts; they may overlap.
    """
    reader = open_sound(path, stated)
    try:
        at = reader.skip_to(spans[0][0]) if spans else 0
        for block in reader.blocks() if spans else ():
            for n, (start, stop) in enumerate(spans):
                if start < at + len(block) and stop > at:
                    yield n, block[max(0, start - at) : stop - at]
            at += len(block)
            if at >= max(stop for _, stop in spans):
                break
    finally:
        reader.close()


class _Meter:
    """The active level of a span: of all channels mixed, and of each, since a mix may cancel."""

    def __init__(self, rate: int) -> None:
        self._rate = rate
        self._levels: list[ActiveLevel] = []

    def add(self, block: NDArray[np.float32]) -> None:
        columns = np.ascontiguousarray(block.T)
        signals = [columns[0]] if len(columns) == 1 else [mixed(columns), *columns]
        if not self._levels:
            self._levels = [ActiveLevel(self._rate) for _ in signals]
        for level, signal in zip(self._levels, signals, strict=True):
            level.add(signal)

    @property
    def level(self) -> float | None:
        every = [level.result()[0] for level in self._levels]
        return max((one for one in every if np.isfinite(one)), default=None)
