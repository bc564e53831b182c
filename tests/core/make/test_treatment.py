"""What is done on the way, in the bytes that come out."""

from __future__ import annotations

import numpy as np
import soundfile

from kittiwake.core.batch import plan_outputs
from kittiwake.core.fit import fit
from kittiwake.core.make import Result, make_output, prove
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver, TouchUp
from kittiwake.core.model.receiver_file import parse_receiver
from tests.core.measure.test_loudness import loudness
from tests.sounds import DEMO, FolderCase, db, sine, speech_like, tone_level


def receiver(treatment: str, rate: int = 16_000) -> Receiver:
    return parse_receiver(
        f"""
        slug = "any"
        name = "Any"
        [rules]
        accepts = [{{container = "wav", encoding = "pcm_s16", sample_rates = [{rate}]}}]
        [treatment]
        {treatment}
        """,
        "any.toml",
    )


class TestTreatment(FolderCase):
    def make(self, path, treatment: str, rate: int = 16_000) -> tuple[Result, np.ndarray]:
        any_ = receiver(treatment, rate)
        clip, facts = Clip.whole(path), analyze(path)
        made = make_output(plan_outputs([(clip, facts, fit(clip, facts, any_))], any_, self.folder / "out")[0])
        self.assertEqual(made.status, "made", made.error)
        self.assertEqual(made.bytes, made.plan.fit.predicted_bytes)
        self.assertTrue(prove(made.plan.output, any_).passed)
        return made, soundfile.read(str(made.plan.output), dtype="float32")[0]

    def test_loudness_is_reached(self) -> None:
        for name in ("Welcome.wav", "Main menu.wav", "Safety notice.ogg"):
            made, y = self.make(DEMO / name, 'level = {measure = "loudness", target_lufs = -25.0}')
            self.assertAlmostEqual(loudness(y, 16_000), -25.0, delta=0.1 if not made.messages else 9)

    def test_loudness_is_reached_from_far_below_the_gate_of_its_meter(self) -> None:
        sound, rate = soundfile.read(str(DEMO / "Welcome.wav"), dtype="float32")
        for lufs in (-62, -68, -75):  # ITU-R BS.1770: nothing under -70 LUFS counts
            path = self.write(f"soft{lufs}.wav", sound * np.float32(10 ** ((lufs + 23) / 20)), rate, "PCM_24")
            made, y = self.make(path, 'level = {measure = "loudness", target_lufs = -23.0}', 44_100)
            self.assertAlmostEqual(loudness(y, 44_100), -23.0, delta=0.1 if not made.messages else 2)

    def test_where_peaks_stop_it_short_the_limiter_is_offered_with_what_comes_of_it(self) -> None:
        path = DEMO / "Welcome.wav"
        any_, facts = receiver('level = {measure = "active", target_dbov = -16.0}'), analyze(path)
        clip = Clip.whole(path)
        (problem,) = (p for p in fit(clip, facts, any_).problems if p.code == "peaks_limit_level")
        remedy = problem.remedies[0]
        self.assertEqual((remedy.code, remedy.by_key), ("allow_limiter", True))
        self.assertIn("it reaches its level", remedy.result)
        allowed = remedy.apply(clip, "any")
        found = fit(allowed, facts, any_)
        self.assertNotIn("peaks_limit_level", [p.code for p in found.problems])
        made = make_output(plan_outputs([(allowed, facts, found)], any_, self.folder / "out")[0])
        self.assertEqual(made.status, "made", made.error)
        out = analyze(made.plan.output)
        assert out.measures
        self.assertAlmostEqual(out.measures.level.active_dbov, -16.0, delta=0.2)

    def test_a_loop_belongs_to_a_clip(self) -> None:
        path, facts = DEMO / "Main menu.wav", analyze(DEMO / "Main menu.wav")
        looping, plain = receiver("loop_seconds = 0.5"), receiver("remove_dc = false")
        for any_, loop, seconds in (
            (looping, None, 0.5),
            (looping, 0.0, 0.0),
            (plain, None, 0.0),
            (plain, 0.25, 0.25),
        ):
            found = fit(Clip(path, "x", touch_up=TouchUp(loop=loop)), facts, any_)
            assert found.recipe
            self.assertEqual(found.recipe.loop / found.recipe.rate_out, seconds)

    def test_peak_is_reached(self) -> None:
        for name in ("Welcome.wav", "Night whisper.wav", "Drill shout.wav"):
            _, y = self.make(DEMO / name, 'level = {measure = "peak", target_dbfs = -3.0}')
            self.assertAlmostEqual(db(float(np.abs(y).max())), -3.0, delta=0.05)

    def test_dc_is_taken_away(self) -> None:
        x = speech_like(16_000, 2, -30) + np.float32(0.05)
        path = self.write("dc.wav", x, 16_000, "PCM_24")
        made, y = self.make(path, "remove_dc = true")
        self.assertLess(abs(float(y.mean())), 1e-4)
        self.assertTrue(any("DC offset" in step.what for step in made.plan.fit.steps))
        _, kept = self.make(path, "remove_dc = false")
        self.assertAlmostEqual(float(kept.mean()), 0.05, delta=1e-3)

    def test_high_pass_and_telephone_band(self) -> None:
        x = sine(50, 16_000, 3, -20) + sine(1000, 16_000, 3, -20) + sine(5000, 16_000, 3, -20)
        path = self.write("tones.wav", x, 16_000)
        _, y = self.make(path, "high_pass_hz = 120")
        self.assertLess(tone_level(y, 50, 16_000), -70)
        for hertz in (1000, 5000):
            self.assertAlmostEqual(tone_level(y, hertz, 16_000), -20, delta=0.05)
        _, y = self.make(path, 'band = "telephone"')
        self.assertAlmostEqual(tone_level(y, 1000, 16_000), -20, delta=0.05)
        for hertz in (50, 5000):
            self.assertLess(tone_level(y, hertz, 16_000), -70)
        self.assertEqual(len(y), len(x))

    def test_lead_in_silence_is_exact_and_the_rest_follows(self) -> None:
        path = self.write("lead.wav", speech_like(16_000, 2, -20), 16_000)
        made, y = self.make(path, "lead_seconds = 0.5", 8000)
        self.assertEqual(len(y), 4000 + 16_000)
        self.assertLess(np.abs(y[:3990]).max(), 3 / 32768)
        _, plain = self.make(path, "", 8000)
        np.testing.assert_allclose(y[4000:], plain, atol=4 / 32768)
        self.assertAlmostEqual(made.plan.fit.predicted_seconds or 0, 2.5)
