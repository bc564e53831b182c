"""Measures of many sounds, held as a table."""

from __future__ import annotations

import dataclasses
from pathlib import Path
from typing import Any

import numpy as np
import soundfile
import soxr

from kittiwake.core.codec import FORMATS
from kittiwake.core.measure import Loudness, TruePeak, analyze
from kittiwake.core.measure.guess import guess
from kittiwake.core.measure.rate_guess import (
    band_edges,
    band_end,
    end_score,
    pace_score,
    pitch_score,
    rate_scores,
    sureness,
)
from kittiwake.core.model import Facts
from tests.approved import approve
from tests.sounds import DEMO, FolderCase
from tests.variety import voice, written


def described(facts: Facts) -> dict[str, Any]:
    """All that was measured; pictures by some of their figures."""
    sound = facts.measures
    if sound is None or facts.header is None:
        return {"error": facts.error.message if facts.error else None}
    out = {
        one.name: getattr(sound, one.name)
        for one in dataclasses.fields(sound)
        if one.name not in ("overview", "spectrum", "levels")
    }
    out["levels"] = {name: dataclasses.astuple(level) for name, level in sound.levels.items()}
    overview, spectrum = sound.overview, sound.spectrum
    out["overview"] = (
        [len(overview), np.abs(overview).mean(), *overview[:: max(1, len(overview) // 6)].ravel()]
        if len(overview)
        else []
    )
    out["spectrum"] = [len(spectrum), *np.round(spectrum[:: max(1, len(spectrum) // 12)], 2)] if len(spectrum) else []
    out["notes"] = [note.message for note in facts.notes]
    out["header"] = [facts.header.container, facts.header.encoding, facts.header.full_scale, facts.header.frames]
    out["span"] = [*sound.speech_span(), *sound.speech_span(sound.frames // 4, sound.frames // 2)]
    out["stereo"] = dataclasses.astuple(sound.stereo_level)
    out["said"] = [sound.signal, sound.silent, sound.dc_offset, facts.seconds]
    return out


class TestApproved(FolderCase):
    def test_measures(self) -> None:
        found = {}
        for name, path in written(self.folder):
            found[name] = described(analyze(path, pitch=True))
            quick = analyze(path, picture=False).measures
            assert quick is not None
            found[name]["quick"] = [
                quick.sides,
                quick.level.active_dbov,
                quick.peak,
                quick.clipped_samples,
                quick.rms,
            ]
        # Long enough for outlines and spectra to be thinned out.
        long = np.tile(voice(8000), 60)
        for name, sound in (
            ("long", long),
            ("long two", np.stack([long, 0.5 * long], axis=1)),
            ("long odd", long[: len(long) // 2 + 777]),
        ):
            found[name] = described(analyze(self.write("long.wav", sound, 8000), pitch=True))
        approve(self, "measure", found)

    def test_loudness_and_true_peak(self) -> None:
        found = {}
        for name, path in written(self.folder):
            sound, rate = soundfile.read(str(path), dtype="float32", always_2d=True)
            loudness, peak = Loudness(rate, min(2, sound.shape[1])), TruePeak(rate, min(2, sound.shape[1]))
            for start in range(0, len(sound), 3001):
                block = np.ascontiguousarray(sound[start : start + 3001, :2])
                loudness.add(block)
                peak.add(block)
            loudness.finish()
            found[name] = [loudness.result(), loudness.result(3.0), peak.finish()]
        approve(self, "loudness", found)

    def headerless(self, encoding: str, rate: int, seconds: float = 1.2) -> Path:
        form = FORMATS["raw", encoding]
        path = self.folder / f"{encoding}-{rate}"
        writer = form.open(path, rate, 1, dither="none")
        writer.write(voice(rate, seconds=seconds)[:, None])
        writer.close()
        return path

    def test_guesses(self) -> None:
        found = {}
        sample = [
            (encoding, form.nearest_rate(8000))
            for (container, encoding), form in FORMATS.items()
            if container == "raw" and form.is_there()
        ]
        sample += [("pcm_s16le", 16_000), ("ulaw", 16_000), ("pcm_s16be", 44_100)]
        for encoding, rate in sample:
            path = self.headerless(encoding, rate)
            guesses = guess(path)
            found[f"{encoding} {rate}"] = [
                [
                    str(one.stated),
                    one.score,
                    one.evidence,
                    one.level_db,
                    one.seconds,
                    one.sure,
                    one.is_sound,
                    one.rates[:3],
                    one.outline[::80],
                ]
                for one in guesses[:4]
            ]
        approve(self, "guess", found)

    def test_rates(self) -> None:
        found: dict[str, Any] = {}
        for rate in (8000, 16_000, 22_050, 48_000):
            for name in ("Safety notice.ogg", "Opening hours.flac"):
                sound, own = soundfile.read(str(DEMO / name), dtype="float32")
                sound = sound[: 5 * own]
                signal = np.asarray(soxr.resample(sound if sound.ndim == 1 else sound[:, 0], own, rate), np.float64)
                scores = rate_scores(signal)
                found[f"{name} at {rate}"] = [scores, sureness(scores), band_end(signal)]
            found[f"edges {rate}"] = band_edges(rate)
        for hertz in (40, 80, 110, 160, 220, 400):
            found[f"pitch {hertz}"] = pitch_score(hertz)
        for swings in (0.5, 1.5, 3, 5, 9):
            found[f"pace {swings}"] = pace_score(swings)
        for hertz in (3400, 4000, 5500, 7000, 7800, 8100, 11_000, 15_900, 16_000, 20_000, 22_000):
            found[f"end {hertz}"] = end_score(hertz)
        approve(self, "rates", found)
