"""Qualities, likenesses and sides of many clips, held as tables."""

from __future__ import annotations

from typing import Any

import numpy as np
import soundfile
import soxr

from kittiwake.bundled.corpus.core.doubles import doubles
from kittiwake.bundled.corpus.core.quality import MEASURES, quality_of
from kittiwake.bundled.corpus.core.rules import rule_of
from kittiwake.bundled.corpus.core.segments import joined, lengths_of
from kittiwake.bundled.corpus.core.sheet import _table, histogram
from kittiwake.bundled.corpus.core.split import Speaker, shares_of, split
from kittiwake.bundled.corpus.core.spread import spread_of
from kittiwake.core.errors import KittiwakeError
from tests.approved import approve
from tests.sounds import FolderCase, noise, sine
from tests.variety import voice, written


class TestApproved(FolderCase):
    def of(self, sound: np.ndarray, rate: int, start: int = 0, stop: int | None = None) -> tuple[Any, Any]:
        path = self.folder / "clip.wav"
        soundfile.write(str(path), sound, rate, subtype="FLOAT")
        return quality_of(path, None, start, stop)[:2]

    def test_qualities(self) -> None:
        found: dict[str, Any] = {}
        for name, path in written(self.folder):
            quality, like, _ = quality_of(path)
            found[name] = [
                quality.to_dict(),
                quality.with_text(
                    "Life jackets are under the seats.", "life jackets are on the seats", "en"
                ).to_dict(),
                len(like.packed()) if like else None,
            ]
        v = voice(16_000)
        holes = v.copy()
        for at in (8000, 20_000, 31_000, 44_000):
            holes[at : at + 400] = 0
        cases = {
            "holes": holes, "many holes": np.where(np.arange(len(v)) % 4000 < 160, 0, v).astype(np.float32), "hum 50": v + sine(50, 16_000, 4, -30), "hum 60": v + sine(60, 16_000, 4, -34) + sine(120, 16_000, 4, -40), "no hum": v + sine(57, 16_000, 4, -30), "cut off": v[6000:30_000],
            "hiss": v + noise(16_000, 4, -50), "loud hiss": v + noise(16_000, 4, -30), "offset": v + 0.02, "clipped": np.clip(5 * v, -1, 1), "room": np.convolve(v, np.exp(-np.arange(8000) / 1600) * noise(16_000, 0.5, 0) * 0.2)[: len(v)].astype(np.float32) + v,
            "air": np.concatenate([np.zeros(8000, np.float32), v[:32_000], np.zeros(16_000, np.float32)]),
        }  # fmt: skip
        for name, sound in cases.items():
            found[name] = self.of(sound, 16_000)[0].to_dict()
        found["part"] = self.of(v, 16_000, 8000, 40_000)[0].to_dict()
        found["beyond"] = self.of(v, 16_000, 99_000, 100_000)[0].to_dict()
        found["shown"] = {name: [one.number(3.14159), one.with_unit(27.1828)] for name, one in MEASURES.items()}
        approve(self, "qualities", found)

    def test_doubles(self) -> None:
        a, b = voice(16_000), voice(16_000, "Opening hours.flac")
        sample = {
            "a": a, "a softer": 0.3 * a, "a later": np.concatenate([np.zeros(900, np.float32), a]), "a hissing": a + noise(16_000, len(a) / 16_000, -45), "a narrow": soxr.resample(soxr.resample(a, 16_000, 8000), 8000, 16_000),
            "a faster": soxr.resample(a, 16_000, 15_000), "a half": a[: len(a) // 2], "b": b, "noise": noise(16_000, 3, -20), "a and b": np.concatenate([a[: len(a) // 2], b]), "silence": np.zeros(16_000, np.float32), "short": a[:800],
        }  # fmt: skip
        likes = [self.of(sound.astype(np.float32), 16_000)[1] for sound in sample.values()]
        names = list(sample)
        found = [[names[one.one], names[one.other], one.unlike] for one in doubles(likes)]
        approve(self, "doubles", [found, [None if like is None else len(like.packed()) for like in likes]])

    def test_spreads(self) -> None:
        dice = np.random.default_rng(4)
        found: dict[str, Any] = {}
        for name, values in {
            "snr": dice.normal(30, 8, 300),
            "seconds": dice.exponential(4, 500),
            "level": np.array([-26.0]),
            "clipped": np.zeros(50),
            "reverb": np.array([np.nan, np.inf]),
        }.items():
            spread = spread_of(values, MEASURES[name])
            found[name] = (
                [
                    spread.known,
                    spread.median,
                    spread.p5,
                    spread.p95,
                    spread.counts,
                    spread.low,
                    spread.high,
                    spread.fences,
                    histogram(spread),
                ]
                if spread
                else None
            )
        found["table"] = _table(("a", "b"), [("x|y", "1"), ("z", "2")])
        approve(self, "spreads", found)

    def test_sides_and_rules(self) -> None:
        dice = np.random.default_rng(5)
        speakers = [
            Speaker(
                f"s{n}",
                float(dice.exponential(300)),
                ("language=fr", "gender=f") if n % 3 == 0 else ("language=en",),
            )
            for n in range(40)
        ]
        found: dict[str, Any] = {}
        for text in ("80/10/10", "90/10", "50/50", "70/20/10", "0.8/0.1/0.1", "x", "80", "100/0/0", "-1/2", ""):
            try:
                shares = shares_of(text)
            except KittiwakeError as error:
                found[text] = str(error)
                continue
            found[text] = [
                shares,
                split(speakers, shares, "seed"),
                split(speakers[:7], shares, "other", {"s0": "test", "s1": "nowhere"}),
            ]
        for text in (
            "snr >= 20",
            "snr<15",
            "seconds 1..15",
            "clipped > 0.1 %",
            "nothing > 3",
            "snr",
            "drop snr < 10",
            "level < -40 flag",
            "bandwidth < 7 kHz",
            "flag: reverb > 0.8",
            "",
            "pace>30",
        ):
            try:
                rule = rule_of(text)
                found[f"rule {text}"] = [
                    rule.words,
                    [
                        rule.keeps(quality_of(path)[0])
                        for name, path in written(self.folder)
                        if name in ("voice 16", "soft", "short", "clipped")
                    ],
                ]
            except KittiwakeError as error:
                found[f"rule {text}"] = str(error)
        for text in ("3-12", "3-12 s", "1..20", "x", "12-3", "2", ""):
            try:
                lengths = lengths_of(text)
                found[f"lengths {text}"] = joined(
                    [(0, 1.2), (1.4, 2.0), (2.1, 9.0), (9.5, 11), (14, 14.4), (15, 30)], lengths
                )
            except KittiwakeError as error:
                found[f"lengths {text}"] = str(error)
        approve(self, "sides", found)
