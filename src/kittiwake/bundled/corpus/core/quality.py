"""How good a clip is to train on: one pass over its sound, a number for each quality."""

from __future__ import annotations

import dataclasses
import math
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ....core import schema
from ....core.measure.analyze import analyze_as_stated
from ....core.measure.meters import Meters
from ....core.model import Facts, Header, Stated
from ....core.model.facts import SIGNAL_OF
from ....plain_data import dataclass
from ....words import phrase
from .bands import Bands
from .flaws import Flaws
from .heard import words_wrong
from .likeness import Likeness, likeness_of
from .noise import speech_and_noise
from .reverberation import decay_time


@dataclass(frozen=True, slots=True)
class Measure:
    """A quality by name: its unit, and what it tells."""

    name: str
    unit: str
    description: str
    digits: int = 1

    def number(self, value: float) -> str:
        """As it is shown, with as many digits as are worth something."""
        return f"{value:,.{self.digits}f}".replace("-", "−")

    def with_unit(self, value: float) -> str:
        return f"{self.number(value)} {self.unit}".strip()


MEASURES = {
    one.name: one
    for one in (
        Measure("seconds", "s", phrase("length"), 2),
        Measure("level", "dBov", phrase("active speech level, ITU-T P.56")),
        Measure("snr", "dB", phrase("speech to noise: active level without the noise, over the noise that goes on")),
        Measure("noise", "dBov", phrase("noise that goes on")),
        Measure("bandwidth", "Hz", phrase("highest frequency that holds sound"), 0),
        Measure("speech", "%", phrase("share of the time that is speech"), 0),
        Measure("reverb", "s", phrase("time in which sound falls by 60 dB, estimated from the ends of syllables"), 2),
        Measure("hum", "dB", phrase("hum of the mains, beside the speech")),
        Measure("clipped", "%", phrase("samples that are cut off"), 3),
        Measure("dc", "%", phrase("constant part, of full scale"), 2),
        Measure("dropouts", "", phrase("holes of digital silence within speech"), 0),
        Measure("start", "dB", phrase("first 30 ms, beside the speech: near 0 where the beginning is cut off")),
        Measure("end", "dB", phrase("last 30 ms, beside the speech")),
        Measure("pace", "/s", phrase("characters of the text a second of speech")),
        Measure("words_wrong", "%", phrase("word error rate of what was heard"), 0),
    )
}


@dataclass(frozen=True, slots=True)
class Quality:
    """Values by the names of ``MEASURES``, in their units; None where one is not known. ``error`` is why nothing is."""

    seconds: float = 0.0
    level: float | None = None
    snr: float | None = None
    noise: float | None = None
    bandwidth: float | None = None
    speech: float | None = None
    reverb: float | None = None
    hum: float | None = None
    clipped: float | None = None
    dc: float | None = None
    dropouts: float | None = None
    start: float | None = None
    end: float | None = None
    pace: float | None = None
    words_wrong: float | None = None
    error: str = ""

    def get(self, name: str) -> float | None:
        value: float | None = getattr(self, name)
        return value

    def to_dict(self) -> dict[str, Any]:
        """What is known."""
        return {
            name: round(value, MEASURES[name].digits + 1) if name in MEASURES else value
            for name in (one.name for one in dataclasses.fields(self))
            if (value := getattr(self, name)) not in (None, "")
        }

    @classmethod
    def from_dict(cls, data: dict[str, Any]) -> Quality:
        """Raises
        ------
        ValueError : a value is not of its kind.
        """
        return schema.read(cls, data, strict=False)

    def with_text(self, text: str, heard: str = "", language: str = "") -> Quality:
        """With the pace of a text, and how much of it was heard wrongly, where something was heard."""
        speech = self.seconds * (self.speech or 0) / 100
        letters = sum(map(str.isalnum, text))
        pace = letters / speech if letters and speech > 0.1 else None
        wrong = words_wrong(text, heard, language) if text and heard else None
        return dataclasses.replace(self, pace=pace, words_wrong=wrong)


class Listener:
    """Takes the blocks of ``measure.analyze`` (its ``tee``), and listens to the frames from ``start`` and before ``stop``."""

    def __init__(self, start: int = 0, stop: int | None = None) -> None:
        self._start, self._stop, self._at = start, stop, 0
        self._bands: Bands | None = None
        self._flaws: Flaws | None = None
        self._meters: Meters | None = None  # of a part; what is measured of a whole file is among its facts

    def __call__(
        self, header: Header, columns: NDArray[np.float32], middle: NDArray[np.float32], signal: str | None
    ) -> None:
        if self._bands is None or self._flaws is None:
            self._bands, self._flaws = Bands(header.sample_rate), Flaws(header.sample_rate)
            if self._start or self._stop is not None:
                self._meters = Meters(header)
        if self._meters is not None:
            count = columns.shape[1]
            first = max(0, self._start - self._at)
            last = count if self._stop is None else min(count, self._stop - self._at)
            columns, middle = columns[:, first : max(first, last)], middle[first : max(first, last)]
            self._at += count
            if columns.shape[1]:
                self._meters.add(columns.T)
        self._bands.add(middle)
        self._flaws.add(middle)

    def result(self, facts: Facts) -> tuple[Quality, Likeness | None]:
        """What was found, once all blocks were taken."""
        if facts.error is not None or facts.measures is None or self._bands is None or self._flaws is None:
            return Quality(error=str(facts.error or phrase("It holds no sound."))), None
        found, bands = facts.measures, self._bands
        if self._meters is not None:
            found = self._meters.result()
            if not found.frames:
                return Quality(error=phrase("It lies beyond the end of its source.")), None
        powers = bands.powers()
        voice = speech_and_noise(powers, bands.widths, bands.seconds)
        signal = found.levels[SIGNAL_OF[found.sides]]
        finite = math.isfinite(voice.speech_dbov) and math.isfinite(voice.noise_dbov)
        flaws = self._flaws.result(voice.active, bands.seconds, voice.speech_dbov)
        quality = Quality(
            seconds=found.frames / bands.rate,
            level=signal.active_dbov if math.isfinite(signal.active_dbov) else None,
            snr=min(99.0, voice.speech_dbov - voice.noise_dbov) if finite else None,
            noise=voice.noise_dbov if finite else None,
            bandwidth=_bandwidth(bands),
            speech=100 * voice.share,
            reverb=decay_time(powers, bands.seconds, voice),
            hum=flaws.hum,
            clipped=100 * (found.clipped_samples + found.flat_samples) / max(1, found.frames),
            dc=100 * abs(found.dc_offset),
            dropouts=float(flaws.dropouts),
            start=flaws.start,
            end=flaws.end,
        )
        return quality, likeness_of(powers, bands.seconds, bands.raised_powers())


#: By how many bins a Hann window smears an edge over which the spectrum falls by so many dB; chosen on one half of the voices.
_FALLS, _SMEARS = (15.0, 25.0, 35.0, 45.0, 55.0, 75.0), (0.0, 0.8, 1.1, 1.9, 3.0, 4.3)


def _bandwidth(bands: Bands) -> float:
    """Hz; what the window smears over an edge is taken off again."""
    found, most, step = bands.spectrum.bandwidth(), bands.rate / 2, bands.spectrum.step
    if found > 0.97 * most:
        return min(most, found)
    curve, at = bands.spectrum.result(), round(found / step)
    before, after = curve[max(1, at - 14) : max(2, at - 6)], curve[at + 6 : at + 14]
    if not len(before) or not len(after):
        return found
    return max(0.0, found - step * float(np.interp(float(before.mean() - after.mean()), _FALLS, _SMEARS)))


def quality_of(
    path: Path, stated: Stated | None = None, start: int = 0, stop: int | None = None
) -> tuple[Quality, Likeness | None, Facts]:
    """Of a file, or of some frames of it, with what they sound like; and the facts of the file. Never raises for a bad file: ``Quality.error`` says
    what is wrong.
    """
    listener = Listener(start, stop)
    part = start > 0 or stop is not None
    facts = analyze_as_stated(path, stated, picture=part, tee=listener)
    quality, likeness = listener.result(facts)
    if facts.measures is not None and not part and quality.bandwidth is not None:
        facts = dataclasses.replace(
            facts, measures=dataclasses.replace(facts.measures, bandwidth_hz=quality.bandwidth)
        )
    return quality, likeness, facts
