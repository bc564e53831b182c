"""Hold music: the loop that is found, its seam, its length, what is laid over it, and whose it is."""

from __future__ import annotations

import datetime
import math
from pathlib import Path

import numpy as np
import soundfile
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.bundled.music.core.fitting import banded, loudness, repeated, with_messages
from kittiwake.bundled.music.core.known_rights import keep_rights, rights_of
from kittiwake.bundled.music.core.loop import NoLoopError, find_loop
from kittiwake.bundled.music.core.making import clip_of_hold, hold_beside, make, mono_of, read_hold, write_hold
from kittiwake.bundled.music.core.recipe import HoldRecipe, Part
from kittiwake.bundled.music.core.seam import blended, closed, seam_of
from kittiwake.core.batch import plan_outputs
from kittiwake.core.codec.info import read_info
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.fit import fit
from kittiwake.core.make import make_output
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Job, load_receiver
from kittiwake.core.model.clip import TouchUp
from kittiwake.core.model.job import load_job, save_job
from kittiwake.core.model.rights import Rights
from tests.sounds import FolderCase, speech_like

RATE = 22_050
BAR = 2.0  # s


def music(bars: int, seed: int = 1, rate: int = RATE) -> np.ndarray:
    """Chords that come round every four bars, a beat, a melody that does not, and a little air."""
    dice, count = np.random.default_rng(seed), round(bars * BAR * rate)
    time = np.arange(count) / rate
    out = 0.003 * dice.standard_normal(count)
    chords = ((220.0, 277.2, 329.6), (196.0, 246.9, 293.7), (174.6, 220.0, 261.6), (164.8, 207.7, 246.9))
    for bar in range(bars):
        first, last = round(bar * BAR * rate), min(count, round((bar + 1) * BAR * rate))
        local = time[first:last] - time[first]
        swell = np.minimum(1, local / 0.02) * np.exp(-local / 1.5)
        for hz in chords[bar % 4]:
            out[first:last] += 0.08 * swell * np.sin(2 * np.pi * hz * time[first:last])
        for beat in range(4):
            at = first + round(beat * BAR / 4 * rate)
            tail = np.arange(min(round(0.12 * rate), count - at)) / rate
            out[at : at + len(tail)] += (
                0.15 * np.exp(-tail / 0.02) * np.sin(2 * np.pi * (90 if beat % 2 == 0 else 180) * tail)
            )
            note = float(dice.choice([440, 523.3, 587.3, 659.3, 784]))
            long = np.arange(min(round(0.45 * rate), count - at)) / rate
            out[at : at + len(long)] += (
                0.05 * np.minimum(1, long / 0.01) * np.exp(-long / 0.2) * np.sin(2 * np.pi * note * long)
            )
    return out.astype(np.float32)


class TestLoop(FolderCase):
    def test_it_comes_round_with_the_bars(self) -> None:
        sound = music(32)
        loop = find_loop(sound, RATE, 16)
        bars = (loop.stop - loop.start) / RATE / (4 * BAR)
        self.assertAlmostEqual(bars, round(bars), delta=0.02)
        self.assertGreaterEqual((loop.stop - loop.start) / RATE, 16)

    def test_a_hard_seam_is_found_and_a_closed_one_is_not(self) -> None:
        sound, dice = music(40, 2), np.random.default_rng(3)
        hard, inside = [], []
        for _ in range(14):
            start = int(dice.integers(0, len(sound) // 2))
            stop = start + int(dice.integers(8 * RATE, 16 * RATE))
            piece = sound[start:stop]
            hard.append(seam_of(piece, RATE).is_heard)
            inside.append(seam_of(piece, RATE, int(dice.integers(RATE, len(piece) - RATE))).is_heard)
        self.assertGreaterEqual(np.mean(hard), 0.9)  # 95 % and more of real music: docs/hold-music.md
        self.assertLessEqual(np.mean(inside), 0.1)
        loop = find_loop(sound, RATE, 16)
        self.assertFalse(seam_of(closed(sound, loop.start, loop.stop, RATE // 4)[:, 0], RATE).is_heard)

    def test_what_is_too_short_is_a_sentence(self) -> None:
        for sound in (np.zeros(RATE, np.float32), np.zeros(100, np.float32)):
            with self.assertRaises(NoLoopError):
                find_loop(sound, RATE)

    @settings(max_examples=30, deadline=None)
    @given(st.integers(0, 100), st.floats(0, 1), st.integers(40, 2000))
    def test_a_crossfade_keeps_the_power_whatever_both_have_in_common(
        self, seed: int, share: float, frames: int
    ) -> None:
        dice = np.random.default_rng(seed)
        common, first, second = dice.standard_normal((3, 200, frames))
        one = math.sqrt(share) * common + math.sqrt(1 - share) * first
        other = math.sqrt(share) * common + math.sqrt(1 - share) * second
        mixed = blended(one.T, other.T)
        self.assertAlmostEqual(float(np.mean(mixed**2)), 1, delta=0.12)
        middle = mixed[frames // 3 : 2 * frames // 3]
        self.assertAlmostEqual(float(np.mean(middle**2)), 1, delta=0.15)


class TestRecipe(FolderCase):
    def test_what_is_wrong_is_said_of_the_recipe_and_of_a_job_again_afterwards(self) -> None:
        with self.assertRaisesRegex(KittiwakeError, "In the recipe, fade = 99: .* is wanted"):
            HoldRecipe.from_dict({"fade": 99})
        with self.assertRaisesRegex(KittiwakeError, "In the job file, loop of a touch-up = 99"):
            TouchUp.from_dict({"loop": 99})


class TestFitting(FolderCase):
    def test_band_and_rate_go_round(self) -> None:
        # A tone of whole periods stays one, without an edge where it meets itself; what is beyond the band goes.
        loop = (0.1 * np.sin(2 * np.pi * 1000 / RATE * np.arange(RATE))).astype(np.float32)
        out = banded(loop, RATE, 8000, 8000, "telephone")
        wanted = 0.1 * np.sin(2 * np.pi * 1000 / 8000 * np.arange(8000))
        self.assertLess(float(np.abs(out - wanted).max()), 1e-5)
        for hz, there in ((100, False), (300, True), (3400, True), (3800, False)):
            tone = (0.1 * np.sin(2 * np.pi * hz / RATE * np.arange(RATE))).astype(np.float32)
            level = float(np.abs(banded(tone, RATE, 8000, 8000, "telephone")).max())
            self.assertEqual(level > 0.09, there, hz)
            self.assertEqual(level < 1e-4, not there, hz)

    @settings(max_examples=40, deadline=None)
    @given(st.integers(50, 900), st.integers(1, 5000), st.integers(0, 400))
    def test_repeated_to_the_sample(self, length: int, frames: int, fade: int) -> None:
        loop = np.random.default_rng(length).standard_normal(length).astype(np.float32)
        out = repeated(loop, frames, fade, blended)
        self.assertEqual(len(out), frames)
        plain = np.resize(loop, frames)
        same = frames - (min(fade, length // 2, frames // 2) if frames % length else 0)
        self.assertTrue(np.array_equal(out[:same], plain[:same]))

    def test_messages_lie_over_softer_music(self) -> None:
        rate = 8000
        music_ = (0.1 * np.sin(2 * np.pi * 440 / rate * np.arange(60 * rate))).astype(np.float32)
        message = np.zeros(2 * rate, np.float32)
        out, count = with_messages(music_, rate, [message], 10, 12)
        self.assertEqual(count, 5)
        for second in (5, 10.5, 11.5, 15, 20.5, 55):
            part = out[round(second * rate) : round((second + 0.3) * rate)]
            level = 20 * math.log10(float(np.sqrt(np.mean(part**2))) / (0.1 / math.sqrt(2)))
            self.assertAlmostEqual(level, -12 if 0 < second % 10 < 2 else 0, delta=0.3, msg=str(second))


class TestMaking(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.piece = self.write("theme.wav", music(24), RATE)

    def test_a_loop_of_half_a_minute_repeated_to_three(self) -> None:
        found = None
        for rate, seconds in ((8000, 180.0), (16_000, 61.3), (32_000, 40.0), (48_000, 59.9)):
            # What was found once is given to the others: looking for it takes longest.
            recipe = HoldRecipe("x", (Part("theme.wav"),), loop=found, seconds=seconds, rate=rate, shortest=20)
            sound, held = make(recipe, self.folder)
            found = held.loop
            self.assertEqual(len(sound), round(seconds * rate))
            self.assertLess(float(np.abs(sound).max()), 0.9)
            self.assertFalse(held.seam.is_heard, held.seam.words)
            self.assertFalse(held.end.is_heard, held.end.words)
            self.assertAlmostEqual(held.lufs, -24, delta=0.1)
            if rate == 8000:
                once = round((held.loop[1] - held.loop[0]) * rate)
                rounds = [seam_of(sound[: once * 4], rate, once * k).is_heard for k in range(1, 4)]
                self.assertFalse(any(rounds))

    def test_the_same_recipe_gives_the_same_bytes_and_is_found_beside(self) -> None:
        recipe = HoldRecipe("Theme", (Part("theme.wav"),), seconds=61.5)
        first = write_hold(recipe, self.folder / "a", self.folder)
        again = write_hold(recipe, self.folder / "b", self.folder)
        self.assertEqual(first.path.read_bytes(), again.path.read_bytes())
        self.assertEqual(soundfile.info(str(first.path)).frames, round(61.5 * 8000))
        beside = hold_beside(first.path)
        assert beside is not None
        self.assertEqual(beside.changed(loop=None), recipe)
        fixed = write_hold(beside, self.folder / "c", self.folder)
        self.assertEqual(fixed.loop, beside.loop)

    def test_sides_that_would_cancel_are_not_mixed(self) -> None:
        one = music(8)
        path = self.write("wide.wav", np.stack([one, -one], axis=1), RATE)
        sound, _ = mono_of(Part(path.name), self.folder)
        self.assertGreater(float(np.sqrt(np.mean(sound**2))), 0.9 * float(np.sqrt(np.mean(one**2))))

    def test_several_pieces_a_message_and_a_marked_loop(self) -> None:
        self.write("more.wav", music(8, 5, 16_000), 16_000)
        self.write("word.wav", speech_like(16_000, 2), 16_000)
        recipe = HoldRecipe(
            "x", (Part("theme.wav", 0, 20), Part("more.wav")), loop=(4.0, 30.0), seconds=90.0, messages=("word.wav",), every=20.0
        )  # fmt: skip
        sound, held = make(recipe, self.folder)
        self.assertEqual((len(sound), held.messages, held.loop), (720_000, 4, (4.0, 30.0)))
        self.assertAlmostEqual(held.seconds, 20 + 16 - 1, delta=0.01)
        self.assertTrue(math.isfinite(loudness(sound, 8000)))

    def test_no_receiver_treats_it_and_its_rights_are_in_the_file(self) -> None:
        rights = Rights("Brinmar Music", "own work", "invoice 12", "2099-12-31")
        recipe = HoldRecipe("Theme", (Part("theme.wav"),), rights=rights, seconds=30.0)
        held = write_hold(recipe, self.folder / "m", self.folder)
        clip, receiver = clip_of_hold(recipe, held.path), load_receiver("hold-music")
        facts = analyze(held.path)
        found = fit(clip, facts, receiver)
        assert found.recipe
        self.assertEqual((found.recipe.level, found.recipe.loop, [p.code for p in found.problems]), ("leave", 0, []))
        made = make_output(plan_outputs([(clip, facts, found)], receiver, self.folder / "out")[0])
        self.assertEqual((made.status, made.bytes, made.seconds), ("made", found.predicted_bytes, 30.0), made.error)
        assert made.output
        tags = dict(read_info(Path(made.output)))
        self.assertEqual(tags["ICOP"], "Brinmar Music")
        self.assertEqual(tags["ICMT"], "own work; proof: invoice 12; until 2099-12-31")
        # Two readers from elsewhere find them, and the sound.
        self.assertEqual(soundfile.SoundFile(str(made.output)).copyright, "Brinmar Music")
        self.assertEqual(soundfile.info(str(made.output)).frames, 30 * 8000)
        self.assertEqual(rights_of(Path(made.output)).holder, "Brinmar Music")

    def test_missing_and_past_rights_are_warned_about(self) -> None:
        clip, facts, receiver = (
            Clip.whole(self.piece).changed(kind="music"),
            analyze(self.piece),
            load_receiver("hold-music"),
        )
        yesterday = (datetime.date.today() - datetime.timedelta(days=1)).isoformat()
        today = datetime.date.today().isoformat()
        for rights, codes in (
            (None, ["rights_missing"]), (Rights("A"), ["rights_missing"]), (Rights("A", "B", until=today), []), (Rights("A", "B", until=yesterday), ["rights_past"]),
        ):  # fmt: skip
            found = fit(clip.changed(rights=rights), facts, receiver)
            self.assertEqual([p.code for p in found.problems if p.code.startswith("rights")], codes)
            self.assertTrue(found.ready)
        job = self.folder / "j.kittiwake"
        save_job(Job(clips=(clip.changed(rights=Rights("A", "B")),)), job)
        self.assertEqual(load_job(job).clips[0].rights, Rights("A", "B"))

    def test_rights_are_stated_once(self) -> None:
        self.assertEqual(rights_of(self.piece), Rights())
        keep_rights(self.piece, Rights("A", "B"))
        self.assertEqual(rights_of(self.piece), Rights("A", "B"))
        (self.folder / ".config" / "kittiwake" / "rights.json").write_text("[", "utf-8")
        self.assertEqual(rights_of(self.piece), Rights())

    def test_what_is_wrong_is_a_sentence(self) -> None:
        good = {"name": "x", "part": [{"path": "theme.wav"}]}
        HoldRecipe.from_dict(good)
        for change in (
            {"rate": 8001}, {"loop": [3, 2]}, {"loop": [1]}, {"fade": -1}, {"seconds": 0}, {"colour": 1}, {"band": "wide"}, {"part": [{}]},
            {"rights": {"until": "soon"}}, {"messages": [1]}, {"lufs": "loud"},
        ):  # fmt: skip
            with self.assertRaises(KittiwakeError, msg=str(change)):
                HoldRecipe.from_dict({**good, **change})
        noise = self.folder / "noise.hold.toml"
        noise.write_bytes(b"\xff\xfe{")
        for wrong in (noise, self.folder / "none.toml"):
            with self.assertRaises(KittiwakeError):
                read_hold(wrong)
        for recipe in (
            HoldRecipe("x"), HoldRecipe("x", (Part("none.wav"),)), HoldRecipe("x", (Part("theme.wav", 900),)),
            HoldRecipe("x", (Part("theme.wav"),), loop=(1.0, 900.0)), HoldRecipe("x", (Part("noise.hold.toml"),)),
        ):  # fmt: skip
            with self.assertRaises(KittiwakeError):
                make(recipe, self.folder)
        with self.assertRaises(KittiwakeError):
            make(HoldRecipe("x", (Part("theme.wav"),)), self.folder, lambda: True)
