"""Planning: verdicts, paths, sizes, problems and remedies."""

from __future__ import annotations

import numpy as np

from kittiwake.core.batch import plan_outputs
from kittiwake.core.fit import Fit, fit
from kittiwake.core.fit.findings import findings
from kittiwake.core.make import make_output
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver, TouchUp, load_receiver
from kittiwake.core.model.receiver_file import parse_receiver
from tests.sounds import DEMO, FolderCase, noise, sine, speech_like

MENU, BEACON, ENGINE = (load_receiver(slug) for slug in ("phone-menu", "quay-beacon", "speech-engine"))


def demo_fit(name: str, receiver: Receiver, **touch: object) -> Fit:
    path = DEMO / name
    clip = Clip(path, path.stem, touch_up=TouchUp(**touch))  # type: ignore[arg-type]
    return fit(clip, analyze(path), receiver)


class TestVerdicts(FolderCase):
    def test_the_demo_on_the_whole(self) -> None:
        wanted = {
            ("Hold the line.wav", "phone-menu"): "as_is",
            ("Quay closed.wav", "quay-beacon"): "as_is",
            ("Ticket to Skerrow.wav", "speech-engine"): "as_is",
            ("Welcome.wav", "phone-menu"): "convert",
            ("Harbour tour.mp4", "speech-engine"): "convert",
            ("Safety notice.ogg", "quay-beacon"): "decide",
            ("Weather warning.wav", "phone-menu"): "decide",
            ("Ticket office.wav", "phone-menu"): "cannot",
            ("Notes for the reader.wav", "quay-beacon"): "cannot",
        }
        for (name, slug), verdict in wanted.items():
            found = demo_fit(name, load_receiver(slug))
            self.assertEqual(found.verdict, verdict, (name, slug))
            if verdict in ("decide", "cannot"):
                self.assertTrue(found.problems[0].message)
                self.assertTrue(found.problems[0].remedies, name)

    def test_as_is_needs_the_level_too(self) -> None:
        loud = self.write("loud.wav", speech_like(8000, 3, -15), 8000, "ULAW")
        found = fit(Clip.whole(loud), analyze(loud), MENU)
        self.assertEqual(found.verdict, "convert")
        self.assertTrue(any("Lower" in step.what for step in found.steps))

    def test_every_step_has_a_reason_and_the_numbers_are_there(self) -> None:
        found = demo_fit("Main menu.wav", MENU)
        text = "\n".join(f"{step.what} | {step.reason}" for step in found.steps)
        for part in ("44.1 kHz → 8 kHz", "left side", "both sides hold the same", "−26.0 dBov", "µ-law", "exactly"):
            self.assertIn(part, text)
        self.assertTrue(all(step.reason for step in found.steps))

    def test_sides_are_chosen_by_what_they_hold(self) -> None:
        for name, take in (("Pier two.wav", "left"), ("Gangway.wav", "left"), ("Two at the desk.wav", "mix")):
            self.assertEqual(demo_fit(name, MENU).recipe.take, take)  # type: ignore[union-attr]
        self.assertEqual(demo_fit("Pier two.wav", MENU, side="right").recipe.take, "right")  # type: ignore[union-attr]

    def test_stating_the_true_rate_changes_length_not_samples(self) -> None:
        # 48 kHz stamped 44.1: 8.84 % too long, 1.467 semitones too low; stating the truth undoes just that.
        stamped, true = demo_fit("Spring fares.wav", MENU), demo_fit("Spring fares.wav", MENU, true_rate=48000)
        self.assertAlmostEqual(true.predicted_seconds / stamped.predicted_seconds, 0.91875, delta=0.0002)  # type: ignore[operator]
        text = " ".join(step.reason for step in true.steps)
        self.assertRegex(text, r"−8\.1\d % in length, \+1\.47 semitones")


class TestProblems(FolderCase):
    def test_too_large_says_the_exact_seconds_and_the_remedy_suffices(self) -> None:
        path = DEMO / "Safety notice.ogg"
        facts, clip = analyze(path), Clip.whole(path)
        problem = fit(clip, facts, BEACON).problems[0]
        self.assertEqual(problem.code, "too_large")
        self.assertIn("exactly 12.497 s fit", problem.message)
        codes = [remedy.code for remedy in problem.remedies]
        self.assertEqual(codes, ["trim_and_speed_up", "cut_to_length", "ask"])
        for remedy in problem.remedies[:2]:
            changed = remedy.apply(clip, "quay-beacon")
            again = fit(changed, facts, BEACON)
            self.assertEqual(again.verdict, "convert", remedy)
            self.assertLess(again.predicted_bytes, 200_000)  # type: ignore[operator]
            self.assertGreater(again.predicted_bytes, 199_700)  # type: ignore[operator]
            # What is done for the beacon leaves the phone menu alone.
            self.assertEqual(fit(changed, facts, MENU), fit(clip, facts, MENU))

    def test_56_kb_is_exactly_so_many_seconds_and_every_remedy_offered_passes_proof(self) -> None:
        # 56 KB at 8 kHz, 16-bit, mono: 3.581 s where a KB is 1024, 3.497 s where it is 1000.
        for limit, seconds in (("56 KiB", "3.581"), ("56 kB", "3.497")):
            radio = parse_receiver(
                f"""
                slug = "radio"
                name = "Radio"
                [rules]
                limits = {{max_bytes = "{limit}"}}
                [[rules.accepts]]
                container = "wav"
                encoding = "pcm_s16"
                sample_rates = [8000]
                [[rules.accepts]]
                container = "wav"
                encoding = "ulaw"
                sample_rates = [8000]
                """,
                "radio.toml",
            )
            air = np.zeros(round(48000 * 0.35), np.float32)
            for name, sound, wanted in (
                (
                    "airy",
                    np.concatenate([air, speech_like(48000, 3.2), air]),
                    {"trim_air", "speed_up", "other_encoding"},
                ),
                ("long", speech_like(48000, 3.9), {"speed_up", "other_encoding"}),
                ("longest", speech_like(48000, 9.0), {"cut_to_length"}),
            ):
                path = self.write(f"{name}.wav", sound, 48000)
                clip, facts = Clip.whole(path), analyze(path)
                problem = fit(clip, facts, radio).problems[0]
                self.assertIn(f"exactly {seconds} s fit", problem.message)
                offered = [remedy for remedy in problem.remedies if remedy.applies]
                self.assertLessEqual(wanted, {remedy.code for remedy in offered}, name)
                for remedy in offered:
                    changed = remedy.apply(clip, "radio")
                    again = fit(changed, facts, radio)
                    self.assertTrue(again.ready, (name, remedy))
                    made = make_output(plan_outputs([(changed, facts, again)], radio, self.folder / remedy.code)[0])
                    self.assertIn(made.status, ("made", "kept"), (name, remedy, made.error))
                    self.assertTrue(made.proof and made.proof.passed)
                    self.assertEqual(made.bytes, again.predicted_bytes)

    def test_an_illegal_wish_is_caught_with_the_nearest_legal_one(self) -> None:
        path = self.write("x.wav", sine(440, 48000), 48000)
        for form, wish, nearest in (
            ('container = "mp4", encoding = "aac", sample_rates = [8192]', "8.192 kHz", "8 kHz"),
            ('container = "raw", encoding = "g722", sample_rates = [8000]', "8 kHz", "16 kHz"),
            (
                'container = "amr", encoding = "amr_nb", sample_rates = [8000], bit_rate = 12000',
                "12 kbit/s",
                "12.2 kbit/s",
            ),
        ):
            odd = parse_receiver(f'slug = "odd"\nname = "Odd"\n[rules]\naccepts = [{{{form}}}]', "odd.toml")
            found = fit(Clip.whole(path), analyze(path), odd)
            self.assertEqual((found.verdict, found.problems[0].code), ("cannot", "illegal_wish"))
            self.assertIn(wish, found.problems[0].message)
            self.assertIn(f"to {nearest},", found.problems[0].remedies[0].what)

    def test_accepting_a_truncated_file(self) -> None:
        path = DEMO / "Weather warning.wav"
        facts, clip = analyze(path), Clip.whole(path)
        remedy = fit(clip, facts, MENU).problems[0].remedies[0]
        self.assertEqual(fit(remedy.apply(clip, "phone-menu"), facts, MENU).verdict, "convert")

    def test_silence_is_a_decision(self) -> None:
        path = self.write("silent.wav", np.zeros(8000, np.float32), 8000)
        found = fit(Clip.whole(path), analyze(path), MENU)
        self.assertEqual((found.verdict, found.problems[0].code), ("decide", "silent"))

    def test_warnings_do_not_stop_it(self) -> None:
        for name, receiver, code in (
            ("Drill shout.wav", MENU, "clipped"), ("Night whisper.wav", MENU, "very_quiet"),
            ("Old greeting.wav", ENGINE, "narrow_band"),
        ):  # fmt: skip
            found = demo_fit(name, receiver)
            self.assertEqual(found.verdict, "convert")
            self.assertIn(code, [problem.code for problem in found.warnings])

    def test_sides_that_cancel_are_pointed_out(self) -> None:
        common, other = noise(8000, 2, -26, 1), noise(8000, 2, -33, 2)
        pair = np.stack([common + other, -common + other], axis=1)
        path = self.write("cancel.wav", pair, 8000)
        facts = analyze(path)
        self.assertEqual(facts.measures.sides, "different")  # type: ignore[union-attr]
        problem = next(p for p in fit(Clip.whole(path), facts, MENU).problems if p.code == "sides_cancel")
        fixed = problem.remedies[0].apply(Clip.whole(path), "phone-menu")
        self.assertEqual(fit(fixed, facts, MENU).recipe.take, "left")  # type: ignore[union-attr]

    def test_absurd_rates_and_empty_spans(self) -> None:
        path = self.write("x.wav", sine(440, 8000), 8000)
        facts = analyze(path)
        wrong = Clip(path, "x", touch_up=TouchUp(true_rate=5))
        self.assertEqual(fit(wrong, facts, MENU).problems[0].code, "absurd_rate")
        self.assertEqual(fit(Clip(path, "x", start=9000), facts, MENU).problems[0].code, "empty")

    def test_findings_of_the_demo(self) -> None:
        for name, code in (
            ("Pier two.wav", "inverted"), ("Gangway.wav", "one_sided"), ("Drill shout.wav", "clipped"),
            ("Old greeting.wav", "narrow_band"), ("Harbour tour.mp4", "video"), ("Two at the desk.wav", "sides_differ"),
        ):  # fmt: skip
            found = findings(Clip.whole(DEMO / name), analyze(DEMO / name))
            self.assertIn(code, [finding.code for finding in found], name)
        self.assertEqual(findings(Clip.whole(DEMO / "Welcome.wav"), analyze(DEMO / "Welcome.wav")), [])


class TestReceiversNobodyThoughtOf(FolderCase):
    def test_limits_in_seconds_and_both_formats(self) -> None:
        text = """
            slug = "tide-clock"
            name = "Tide clock"
            [rules]
            accepts = [{container = "wav", encoding = "pcm_s24", sample_rates = [11025, 22050]}]
            limits = {max_seconds = 0.5, min_seconds = 0.1}
            names = {allowed = "A-Z", case = "upper", max_length = 8, replace_with = ""}
        """
        clock = parse_receiver(text, "tide-clock.toml")
        path = self.write("x.wav", sine(440, 48000, 0.8), 48000)
        facts, clip = analyze(path), Clip.whole(path)
        found = fit(clip, facts, clock)
        self.assertEqual((found.verdict, found.problems[0].code), ("decide", "too_long"))
        # What loses words is never first, and no key takes it.
        say, remedy = found.problems[0].remedies[:2]
        self.assertEqual((say.applies, remedy.code, remedy.by_key), (False, "cut_to_length", False))
        cut = remedy.apply(clip, "tide-clock")
        again = fit(cut, facts, clock)
        self.assertTrue(again.ready)
        self.assertEqual(again.recipe.rate_out, 22050)  # type: ignore[union-attr]
        short = fit(Clip(path, "x", stop=100), facts, clock)
        self.assertEqual((short.verdict, short.problems[0].code), ("cannot", "too_short"))
