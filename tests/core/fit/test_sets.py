"""What clips of one set share at a receiver, and rules that concern names, kinds, levels and channels."""

from __future__ import annotations

import numpy as np
import soundfile

from kittiwake.core.batch import plan_outputs
from kittiwake.core.fit import context_of, fit, output_name
from kittiwake.core.make import make_output, prove
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Facts, Receiver, TouchUp
from kittiwake.core.model.name_rules import Names
from kittiwake.core.model.receiver_file import parse_receiver
from tests.sounds import DEMO, FolderCase, noise, sine, speech_like

Pairs = list[tuple[Clip, Facts]]


def receiver(rules: str = "", treatment: str = "", form: str = '"wav", encoding = "pcm_s16"') -> Receiver:
    return parse_receiver(
        f'slug = "any"\nname = "Any"\n[rules]\naccepts = [{{container = {form}, sample_rates = [8000]}}]\n{rules}\n'
        f"[treatment]\n{treatment}\n",
        "any.toml",
    )


class SetCase(FolderCase):
    def pair(self, name: str, seconds: float, dbov: float, seed: int = 1) -> tuple[Clip, Facts]:
        path = self.write(name, speech_like(8000, seconds, dbov, seed), 8000, "PCM_24")
        return Clip.whole(path), analyze(path)

    def made(self, pairs: Pairs, any_: Receiver) -> list:
        context = context_of(pairs, any_, lambda c, f, alone: fit(c, f, any_, alone).predicted_bytes)
        items = plan_outputs([(c, f, fit(c, f, any_, context)) for c, f in pairs], any_, self.folder / "out")
        return [make_output(item) for item in items]


class TestOneGain(SetCase):
    def test_differences_stay_and_the_set_is_at_its_target(self) -> None:
        pairs = [self.pair(f"{n}.wav", 3, level, n) for n, level in enumerate((-20, -30, -26))]
        any_ = receiver(treatment='level = {measure = "active", target_dbov = -30, together = true}')
        before = [facts.measures.level.active_dbov for _, facts in pairs]  # type: ignore[union-attr]
        outs = [made.proof.facts.measures.level.active_dbov for made in self.made(pairs, any_)]
        changes = np.array(outs) - np.array(before)
        self.assertLess(changes.max() - changes.min(), 0.25)
        powers = [10 ** (level / 10) for level in outs]
        self.assertAlmostEqual(10 * np.log10(np.mean(powers)), -30, delta=0.7)

    def test_the_loudest_peak_decides_for_all(self) -> None:
        pairs = [self.pair("soft.wav", 3, -40), self.pair("loud.wav", 3, -24, 2)]
        any_ = receiver(treatment='level = {measure = "active", target_dbov = -6, together = true}')
        made = self.made(pairs, any_)
        gains = [m.gain_db for m in made]
        self.assertAlmostEqual(gains[0], gains[1], delta=0.01)
        self.assertTrue(all(m.proof.passed for m in made))


class TestMemory(SetCase):
    def test_first_come_first_served_and_only_remedies_that_suffice(self) -> None:
        pairs = [self.pair(f"{n}.wav", 2.0, -26, n) for n in range(3)]
        any_ = receiver('limits = {total_bytes = "84 kB"}')  # two of 32,044 bytes, and 19,912 bytes for the third

        def fits(pairs: Pairs) -> list:
            context = context_of(pairs, any_, lambda c, f, alone: fit(c, f, any_, alone).predicted_bytes)
            return [fit(c, f, any_, context) for c, f in pairs]

        found = fits(pairs)
        self.assertEqual([one.verdict for one in found], ["convert", "convert", "decide"])
        problem = found[2].problems[0]
        self.assertEqual(problem.code, "memory_full")
        self.assertIn("1.242 s fit", problem.message)  # (19912 − 44) / 16000
        clip, facts = pairs[2]
        for remedy in problem.remedies:
            if remedy.applies:
                changed = [*pairs[:2], (remedy.apply(clip, any_.slug), facts)]
                self.assertEqual([one.verdict for one in fits(changed)], ["convert"] * 3, remedy.code)
                self.assertLessEqual(sum(one.predicted_bytes for one in fits(changed)), 84_000)
        tight = receiver('limits = {total_bytes = "65 kB"}')
        context = context_of(pairs, tight, lambda c, f, alone: fit(c, f, tight, alone).predicted_bytes)
        self.assertEqual(fit(clip, facts, tight, context).verdict, "cannot")


class TestLevelsTaken(SetCase):
    def test_outside_is_a_decision_with_a_remedy_that_passes_proof(self) -> None:
        for limits, level in (("min_level_dbov = -25", -32.0), ("max_level_dbov = -35", -24.0)):
            # Noise as wide as 24 kHz loses much of its level on the way to 8 kHz, which the plan cannot know.
            path = self.write("x.wav", speech_like(16_000, 3, level), 16_000, "PCM_24")
            clip, facts = Clip.whole(path), analyze(path)
            any_ = receiver(f"limits = {{{limits}}}")
            found = fit(clip, facts, any_)
            self.assertEqual(found.verdict, "decide")
            remedy = found.problems[-1].remedies[0]
            self.assertEqual(remedy.code, "level_inside")
            fixed = remedy.apply(clip, "any")
            item = plan_outputs([(fixed, facts, fit(fixed, facts, any_))], any_, self.folder / limits[:3])[0]
            made = make_output(item)
            self.assertEqual(made.status, "made", made.error)
            self.assertTrue(prove(item.output, any_).passed)
            plain = receiver()
            other = make_output(plan_outputs([(clip, facts, fit(clip, facts, plain))], plain, self.folder / "p")[0])
            self.assertFalse(prove(other.plan.output, any_).passed)


class TestKinds(SetCase):
    def test_a_kind_is_asked_for_once_and_kept(self) -> None:
        clip, facts = self.pair("x.wav", 1, -26)
        any_ = receiver('kinds = ["alert", "general"]')
        found = fit(clip, facts, any_)
        self.assertEqual((found.verdict, found.problems[0].code), ("decide", "no_kind"))
        reported = found.problems[0].remedies[0].apply(clip, "any")
        self.assertEqual((reported.kind, fit(reported, facts, any_).verdict), ("alert", "convert"))


class TestPatterns(SetCase):
    def test_names_from_fields(self) -> None:
        clip = Clip.whole(DEMO / "Main menu.wav").changed(speaker="Joe", language="en", id="a1")
        for pattern, wanted in (
            ("{name}", "Main menu"), ("{speaker}_{counter:04}", "Joe_0007"), ("{language}-{id}-{name}", "en-a1-Main menu")
        ):  # fmt: skip
            self.assertEqual(output_name(clip, 7, Names(pattern=pattern)), wanted)
        short = Names(pattern="{name}{counter:03}", max_length=8, replace_with="", allowed="A-Z0-9", case="upper")
        self.assertEqual(output_name(clip, 12, short), "MAINM012")

    def test_a_pattern_that_cannot_be_is_said(self) -> None:
        for pattern in ("{nmae}", "plain", "{name", "{name.__class__}", "{counter:q}"):
            with self.assertRaises(ValueError, msg=pattern):
                Names(pattern=pattern)

    def test_the_mark_of_a_corrected_rate(self) -> None:
        clip = Clip.whole(DEMO / "Spring fares.wav").changed(touch_up=TouchUp(true_rate=48_000))
        self.assertEqual(output_name(clip, 1, Names(mark_corrected=True)), "Spring fares_true48000")
        self.assertEqual(output_name(clip, 1, Names()), "Spring fares")

    def test_new_naming_rules_give_new_names(self) -> None:
        clip, facts = self.pair("quay.wav", 1, -26)
        first = receiver()
        item = plan_outputs([(clip, facts, fit(clip, facts, first))], first, self.folder / "out")[0]
        self.assertEqual(make_output(item).status, "made")
        second = receiver('names = {pattern = "{counter:02}-{name}"}')
        item = plan_outputs([(clip, facts, fit(clip, facts, second))], second, self.folder / "out")[0]
        self.assertEqual(item.output.name, "01-quay.wav")
        self.assertEqual(make_output(item).status, "made")


class TestTreatments(SetCase):
    def out(self, pairs: Pairs, any_: Receiver) -> np.ndarray:
        made = self.made(pairs, any_)[0]
        self.assertEqual(made.status, "made", made.error)
        self.assertEqual(made.bytes, made.plan.fit.predicted_bytes)
        return soundfile.read(str(made.plan.output), dtype="float32")[0]

    def test_air_is_trimmed_to_what_is_stated_and_no_word_is_cut(self) -> None:
        hush, word = noise(16_000, 1.0, -75), speech_like(16_000, 1.5, -20)
        word[:400] = word[-400:] = 0.2
        path = self.write("air.wav", np.concatenate([hush, word, hush]), 16_000, "PCM_24")
        any_ = receiver(treatment="trim_lead_seconds = 0.1\ntrim_tail_seconds = 0.3")
        y = self.out([(Clip.whole(path), analyze(path))], any_)
        self.assertAlmostEqual(len(y) / 8000, 0.1 + 1.5 + 0.3, delta=0.01)
        loud = np.flatnonzero(np.abs(y) > 0.1)
        self.assertAlmostEqual(loud[0] / 8000, 0.1, delta=0.006)
        self.assertLess(abs(float(y[0])), 2e-4)
        self.assertLess(abs(float(y[-1])), 2e-4)
        steps = fit(Clip.whole(path), analyze(path), any_).steps
        self.assertTrue(any("air is trimmed" in step.reason for step in steps))

    def test_what_somebody_trimmed_stays_so(self) -> None:
        hush = noise(16_000, 1.0, -75)
        path = self.write("air.wav", np.concatenate([hush, speech_like(16_000, 1.5, -20), hush]), 16_000, "PCM_24")
        clip = Clip.whole(path).changed(touch_up=TouchUp(skip=3200, keep=40_000))
        found = fit(clip, analyze(path), receiver(treatment="trim_lead_seconds = 0.0"))
        self.assertEqual(found.recipe.frames_out, 20_000)  # type: ignore[union-attr]

    def test_a_limiter_lets_the_level_be_reached(self) -> None:
        x = speech_like(16_000, 3, -26)
        x[24_000] = 0.95
        path = self.write("peak.wav", x, 16_000, "PCM_24")
        pair = (Clip.whole(path), analyze(path))
        level = 'level = {measure = "active", target_dbov = -20}\n'
        held, plain = (self.out([pair], receiver(treatment=level + more)) for more in ("limiter_db = 9", ""))
        levels = [
            analyze(self.write(f"{n}.wav", y, 8000)).measures.level.active_dbov for n, y in enumerate((held, plain))
        ]
        self.assertAlmostEqual(levels[0], -20, delta=0.5)
        self.assertLess(levels[1], -24)
        self.assertLess(np.abs(held).max(), 0.99)

    def test_hold_music_repeats_without_a_step(self) -> None:
        path = self.write("hold.wav", sine(432.1, 16_000, 3, -12), 16_000, "PCM_24")
        y = self.out([(Clip.whole(path), analyze(path))], receiver(treatment="loop_seconds = 0.5"))
        self.assertEqual(len(y), 20_000)
        step = np.abs(np.diff(np.concatenate([y, y])))
        self.assertLess(step[19_990:20_010].max(), 1.2 * step[5000:15_000].max())

    def test_shaped_dither_and_presence_pass_proof(self) -> None:
        pair = (Clip.whole(DEMO / "Welcome.wav"), analyze(DEMO / "Welcome.wav"))
        self.out([pair], receiver(treatment='dither = "shaped"\npresence_db = 3'))

    def test_a_side_is_the_receiver_s_policy_until_a_person_says_otherwise(self) -> None:
        facts = analyze(DEMO / "Two at the desk.wav")
        clip = Clip.whole(facts.path)
        right = receiver(treatment='side = "right"')
        self.assertEqual(fit(clip, facts, right).recipe.take, "right")  # type: ignore[union-attr]
        left = clip.changed(touch_up=TouchUp(side="left"))
        self.assertEqual(fit(left, facts, right).recipe.take, "left")  # type: ignore[union-attr]


class TestChannels(SetCase):
    def test_one_of_many(self) -> None:
        rate, tones = 16_000, (300, 500, 700, 900)
        many = np.stack([sine(hertz, rate, 1, -20) for hertz in tones], axis=1)
        path = self.write("four.wav", many, rate)
        facts, any_ = analyze(path), receiver()
        clip = Clip.whole(path)
        for side, hertz in (("left", 300), ("right", 500), ("ch3", 700), ("ch4", 900)):
            chosen = clip.changed(touch_up=TouchUp(side=side))
            item = plan_outputs([(chosen, facts, fit(chosen, facts, any_))], any_, self.folder / side)[0]
            self.assertEqual(make_output(item).status, "made")
            y = soundfile.read(str(item.output))[0]
            spectrum = np.abs(np.fft.rfft(y))
            self.assertAlmostEqual(float(spectrum.argmax()) * 8000 / len(y), hertz, delta=2)
        none = clip.changed(touch_up=TouchUp(side="ch7"))
        self.assertEqual(fit(none, facts, any_).problems[0].code, "no_channel")
