"""What says it will be converted is made at the level that its receiver states: also where the measure leaps, and behind every codec."""

from __future__ import annotations

import random
import unittest
from pathlib import Path

import av
import numpy as np
import soundfile
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.batch import BatchRequest, run_batch
from kittiwake.core.fit import fit
from kittiwake.core.measure import ActiveLevel, analyze
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.process import InProcess
from tests.sounds import DEMO, FolderCase, speech_like


def level(sound: np.ndarray, rate: int) -> float:
    meter = ActiveLevel(rate)
    meter.add(np.ascontiguousarray(sound, np.float32))
    return meter.result()[0]


class TestMeasure(unittest.TestCase):
    @settings(max_examples=40)
    @given(st.floats(0.15, 2.5), st.integers(1, 200), st.floats(-30, 24))
    def test_the_level_after_a_gain_is_that_of_the_louder_sound(self, seconds: float, seed: int, gain: float) -> None:
        """ITU-T P.56 has thresholds 6 dB apart that stay where they are: short sound does not just move with its gain."""
        sound = speech_like(8000, seconds, seed=seed) * np.float32(10 ** (-12 / 20))
        meter = ActiveLevel(8000)
        meter.add(sound)
        self.assertAlmostEqual(
            meter.level_after(gain), level(sound * np.float32(10 ** (gain / 20)), 8000), delta=0.25
        )


def decoded(path: Path) -> tuple[np.ndarray, int]:
    """By libav, which wrote none of the headers."""
    with av.open(str(path)) as container:
        frames = [frame.to_ndarray() for frame in container.decode(audio=0)]
        rate = container.streams.audio[0].rate
    whole = np.concatenate([one.reshape(1, -1) if one.shape[0] == 1 else one[:1] for one in frames], axis=1)[0]
    return (whole / 32768 if whole.dtype == np.int16 else whole).astype(np.float32), rate


class TestReached(FolderCase):
    def cuts(self, count: int, seed: int) -> list[Path]:
        """Pieces of half a second to two and a half of the voices of the demo."""
        dice = random.Random(seed)
        names = (
            "Car deck.aiff",
            "Lost property.opus",
            "Opening hours.flac",
            "Safety notice.ogg",
            "Sailing times.mp3",
            "Spring fares.wav",
            "Welcome.wav",
        )
        sources = [DEMO / name for name in names]
        out = []
        for n in range(count):
            sound, rate = soundfile.read(dice.choice(sources), dtype="float32", always_2d=True)
            length = round(dice.uniform(0.5, 2.5) * rate)
            start = dice.randrange(max(1, len(sound) - length))
            part = sound[start : start + length].mean(axis=1)
            if np.abs(part).max() > 0.01:
                out.append(self.write(f"in/{n}.wav", part, rate))
        return out

    def test_no_promise_is_broken_and_the_level_is_right_by_another_decoder(self) -> None:
        cuts = self.cuts(24, 5)
        for slug, within in (("phone-menu", 1.0), ("mobile-voice", 1.0), ("phone-menu-gsm", 1.0)):
            receiver = load_receiver(slug)
            out = self.folder / slug
            self.assertLessEqual(receiver.treatment.level.tolerance_db, within)
            found = list(run_batch(cuts, BatchRequest((receiver,), (out,)), InProcess()))
            for one in found:
                path = Path(one.path)
                promised = fit(Clip.whole(path), analyze(path), receiver).ready
                with self.subTest(slug, clip=path.name, error=one.error):
                    self.assertEqual(one.good, promised)
                    if one.output is None or slug == "phone-menu-gsm":
                        continue
                    sound, rate = decoded(Path(one.output))
                    if len(sound) / rate < 0.6 or any("below the wanted" in said for said in one.messages):
                        continue
                    self.assertAlmostEqual(
                        level(sound, rate), receiver.treatment.level.target_dbov or 0, delta=within
                    )

    def test_rumble_that_a_voice_codec_makes_something_else_of(self) -> None:
        rate = 8000
        t = np.arange(2 * rate) / rate
        rumble = (0.3 * np.sin(2 * np.pi * 22 * t) * (t < 1.3)).astype(np.float32)
        path = self.write("rumble.wav", rumble + speech_like(rate, 2.0, dbov=-35), rate)
        receiver = load_receiver("mobile-voice")
        (one,) = run_batch([path], BatchRequest((receiver,), (self.folder / "out",)), InProcess())
        self.assertEqual(one.status, "made", one.error)
        self.assertTrue(any("below 80 Hz is taken away" in said for said in one.messages))
        sound, rate = decoded(Path(one.output or ""))
        self.assertAlmostEqual(level(sound, rate), receiver.treatment.level.target_dbov or 0, delta=1.0)
