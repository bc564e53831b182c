"""What is known of a source: what its header says, and what its samples say."""

from __future__ import annotations

import dataclasses
import math
from dataclasses import asdict, field
from pathlib import Path
from typing import Any, Literal

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ...words import joined
from .stated import Stated

Sides = Literal["mono", "identical", "inverted", "left_only", "right_only", "left_leads", "right_leads", "different"]
#: ``mono``, ``left``, ``right``, ``mix``; of more than two channels also ``ch3``, ``ch4`` and so on.
Signal = str

#: Largest magnitude of what counts as silence: −80 dBFS.
SILENT = 1e-4

#: Which signal stands for the whole when one channel has to do.
SIGNAL_OF: dict[Sides, Signal] = {
    "mono": "mono",
    "identical": "left",
    "inverted": "left",
    "left_only": "left",
    "right_only": "right",
    "left_leads": "left",
    "right_leads": "right",
    "different": "mix",
}


@dataclass(frozen=True, slots=True)
class Note:
    """Something worth knowing about a source, and what to do about it."""

    code: str
    message: str
    remedy: str = ""

    def __str__(self) -> str:
        return joined(part for part in (self.message, self.remedy) if part)


@dataclass(frozen=True, slots=True)
class Header:
    """What a file says of itself.

    Attributes
    ----------
    container : ``wav``, ``aiff``, ``flac``, ``ogg``, ``mp3``, ``mp4``, …; decided by content, not by extension.
    encoding : ``pcm_s16``, ``pcm_s24``, ``pcm_f32``, ``ulaw``, ``alaw``, ``flac``, ``mp3``, ``aac``, ``opus``, …
    sample_rate : Hz.
    bits : bits a sample, None where the encoding has no such number.
    frames : as stated; None where only decoding tells.
    full_scale : the largest magnitude that the encoding can hold, nominal ±1.0.
    speakers : the loudspeaker that each of more than two channels is for, where they are others than the usual (``model/downmix.py``).
    """

    container: str
    encoding: str
    sample_rate: int
    channels: int
    bits: int | None
    frames: int | None
    bytes: int
    full_scale: float = 1.0
    notes: tuple[Note, ...] = ()
    speakers: tuple[str, ...] = ()


class NotMeasuredError(Exception):
    """Something is asked for that was not measured: that is no value, and nothing may be decided by it."""


@dataclass(frozen=True, slots=True)
class SignalLevel:
    """Level of one signal (one channel, or a mix).

    Attributes
    ----------
    peak : largest magnitude, nominal 0 to 1.
    rms : root mean square, nominal 0 to 1.
    active : active speech level (dBov), ITU-T P.56 method B; -inf where nothing is active, not a number where it was not measured.
    activity : share of the time that is active, 0 to 1; not a number where it was not measured.
    """

    peak: float
    rms: float
    active: float
    activity: float

    @property
    def active_dbov(self) -> float:
        """``active``.

        Raises
        ------
        NotMeasuredError : it was not measured. Whoever asks has it measured, and asks again.
        """
        if math.isnan(self.active):
            raise NotMeasuredError("active speech level")
        return self.active


@dataclass(frozen=True, slots=True)
class Measures:
    """What the samples of a source hold.

    Attributes
    ----------
    frames : counted, not stated.
    peak, rms : over every sample of every channel, nominal 0 to 1 (a full-scale sine has RMS 0.707, −3.01 dBFS).
    swing : half the way from the lowest to the highest sample of the channel where that is most: the peak without what is constant.
    dc_offsets : mean of each channel.
    clipped_samples : samples in runs of three or more at full scale.
    flat_samples : samples of flat tops below full scale, or of tops too broad for a wave, as of sound that was clipped and made softer or resampled since.
    levels : of ``mono``, or of ``left``, ``right`` and ``mix``, and of each further channel.
    side_lag : s, by which the right side comes later where both hold the same sound.
    side_bands : correlation of the two sides in each of ``measure.sides.BANDS``; empty where they were not looked at so closely.
    side_loss_db : by how much mixing lowers the band or the second that loses most, beside two sides that have nothing in common.
    pitch_hz : median pitch of the voice; None where there is none, or where it was not asked for.
    bandwidth_hz : highest frequency that holds sound; None where no spectrum was measured.
    overview : [shape=(n, 2)] lowest and highest sample of each n-th part.
    spectrum : [shape=(m,)] mean power in dB a bin of ``spectrum_step`` Hz.
    """

    frames: int
    peak: float
    rms: float
    dc_offsets: tuple[float, ...]
    clipped_samples: int
    sides: Sides
    levels: dict[Signal, SignalLevel]
    bandwidth_hz: float | None
    overview: NDArray[np.float32] = field(repr=False, compare=False)
    spectrum: NDArray[np.float32] = field(repr=False, compare=False)
    spectrum_step: float = 0.0
    pitch_hz: float | None = None
    swing: float = 1.0
    flat_samples: int = 0
    side_lag: float = 0.0
    side_bands: tuple[float, ...] = ()
    side_loss_db: float = 0.0

    @property
    def pictured(self) -> bool:
        """Whether outline, spectrum and bandwidth were measured."""
        return self.spectrum_step > 0

    @property
    def bandwidth(self) -> float:
        """``bandwidth_hz``, for whoever decides by it.

        Raises
        ------
        NotMeasuredError : no spectrum was measured.
        """
        if self.bandwidth_hz is None:
            raise NotMeasuredError("bandwidth")
        return self.bandwidth_hz

    @property
    def silent(self) -> bool:
        """Whether nothing is to be heard: no sample is farther than 80 dB under full scale from what is constant."""
        return self.swing < SILENT

    @property
    def dc_offset(self) -> float:
        """The mean of the channel whose mean is farthest from zero."""
        return max(self.dc_offsets, key=abs, default=0.0)

    @property
    def signal(self) -> Signal:
        """The signal that stands for the whole when one channel has to do."""
        return SIGNAL_OF[self.sides]

    @property
    def level(self) -> SignalLevel:
        """Level of that signal."""
        return self.levels[self.signal]

    def speech_span(self, start: int = 0, stop: int | None = None) -> tuple[int, int]:
        """Frames between ``start`` and ``stop`` at which sound worth hearing begins and ends: where peaks come within 16 dB of the
        active level.

        As fine as the outline, that is within 3 ms in ten seconds, and never inside the sound; all of it where nothing is loud enough to tell by.

        Raises
        ------
        NotMeasuredError : there is no outline. Whoever asks has it measured, and asks again.
        """
        if not self.pictured:
            raise NotMeasuredError("outline")
        stop = self.frames if stop is None else min(stop, self.frames)
        if not len(self.overview) or not np.isfinite(self.level.active_dbov):
            return start, stop
        part = 64  # measure.overview.FIRST
        while part * len(self.overview) < self.frames:
            part *= 2
        first, last = start // part, -(-stop // part)
        threshold = 10 ** ((self.level.active_dbov - 16) / 20)
        loud = np.flatnonzero(np.abs(self.overview[first:last]).max(axis=1) >= threshold)
        if not len(loud):
            return start, stop
        return max(start, (first + int(loud[0])) * part), min(stop, (first + int(loud[-1]) + 1) * part)

    @property
    def stereo_level(self) -> SignalLevel:
        """Level of the louder side, which stands for both where both are delivered."""
        if "left" not in self.levels:
            return self.level
        left, right = self.levels["left"], self.levels["right"]
        if math.isnan(left.active) or math.isnan(right.active):
            louder = dataclasses.replace(left if left.rms >= right.rms else right, active=math.nan, activity=math.nan)
        else:
            louder = left if left.active >= right.active else right
        return dataclasses.replace(louder, peak=max(left.peak, right.peak))


@dataclass(frozen=True, slots=True)
class Facts:
    """All that is known of one source. ``error`` is set, and the rest empty, where it cannot be read.

    Attributes
    ----------
    suggested : how a file without a header is probably to be read; ``error`` has the code ``headerless`` then.
    digest : BLAKE3 of the file, where it came for nothing; otherwise empty.
    stamp : size and time of the file before it was read.
    """

    path: Path
    header: Header | None = None
    measures: Measures | None = None
    notes: tuple[Note, ...] = ()
    error: Note | None = None
    stated: Stated | None = None
    suggested: Stated | None = None
    digest: str = ""
    stamp: str = ""

    @property
    def ok(self) -> bool:
        return self.error is None and self.header is not None and self.measures is not None

    @property
    def seconds(self) -> float | None:
        if self.header is None or self.measures is None:
            return None
        return self.measures.frames / self.header.sample_rate

    def has(self, code: str) -> bool:
        """Whether a note with this code is there."""
        return any(note.code == code for note in self.notes)

    def to_dict(self) -> dict[str, Any]:
        """Flat and JSON-ready: the fields of ``kittiwake facts --json``. Infinite levels become None."""
        from .units import db

        head = asdict(self.header) if self.header else {}
        sound = self.measures
        level = sound.level if sound else None
        return {
            "path": str(self.path),
            "ok": self.ok,
            "error": str(self.error) if self.error else None,
            "suggested": str(self.suggested).replace("x1+", "+").removesuffix("x1") if self.suggested else None,
            **{key: head.get(key) for key in ("container", "encoding", "sample_rate", "channels", "bits")},
            "frames": sound.frames if sound else None,
            "seconds": self.seconds,
            "bytes": head.get("bytes"),
            "peak_dbfs": _finite(db(sound.peak), 3) if sound else None,
            "rms_dbfs": _finite(db(sound.rms), 3) if sound else None,
            "active_level_dbov": _finite(level.active_dbov, 3) if level else None,
            "activity": _finite(level.activity, 4) if level else None,
            "clipped_samples": sound.clipped_samples if sound else None,
            "flat_samples": sound.flat_samples if sound else None,
            "dc_offset": _finite(sound.dc_offset, 6) if sound else None,
            "bandwidth_hz": round(sound.bandwidth_hz) if sound and sound.bandwidth_hz is not None else None,
            "sides": sound.sides if sound else None,
            "side_lag_ms": round(sound.side_lag * 1000, 3) if sound else None,
            "side_bands": list(sound.side_bands) if sound else None,
            "side_loss_db": sound.side_loss_db if sound else None,
            "pitch_hz": round(sound.pitch_hz, 1) if sound and sound.pitch_hz else None,
            "notes": [str(note) for note in self.notes],
        }


def _finite(value: float, digits: int) -> float | None:
    return round(value, digits) if np.isfinite(value) else None
