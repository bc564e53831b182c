"""Proof: the checks find what is wrong."""

from __future__ import annotations

import io
import shutil
from dataclasses import fields, replace
from pathlib import Path

import av
import numpy as np
import pyloudnorm
import soundfile

from kittiwake.core.batch import plan_outputs
from kittiwake.core.codec.cues import Cue
from kittiwake.core.fit import fit
from kittiwake.core.make import Result, make_output, prove
from kittiwake.core.make.proof import Proof, WriteReport, _int32_by_libav
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver, load_receiver
from kittiwake.core.model.receiver import Limits
from kittiwake.core.model.receiver_file import receiver_from_data
from tests.sounds import DEMO, FolderCase, really_spoken, speech_like, spoken

MENU, BEACON = load_receiver("phone-menu"), load_receiver("quay-beacon")


def failed(proof: Proof) -> list[str]:
    return [check.name for check in proof.failures]


class TestProof(FolderCase):
    def good(self) -> Path:
        path = self.folder / "Hold.wav"
        shutil.copy(DEMO / "Hold the line.wav", path)
        return path

    def test_a_good_file_passes(self) -> None:
        proof = prove(self.good(), MENU)
        self.assertTrue(proof.passed, failed(proof))

    def test_each_fault_is_found_by_its_own_check(self) -> None:
        x = speech_like(8000, 3, -26)
        cases = {
            "format": self.write("a.wav", x, 8000, "ALAW"),
            "sample rate": self.write("b.wav", speech_like(16000, 3, -26), 16000, "ULAW"),
            "channels": self.write("c.wav", np.stack([x, x], 1), 8000, "ULAW"),
            "level": self.write("d.wav", x * np.float32(0.2), 8000, "ULAW"),
            "name": self.good().rename(self.folder / "Hold it.wav"),
        }
        for name, path in cases.items():
            with self.subTest(name):
                self.assertIn(name, failed(prove(path, MENU)))
        short = self.good()
        short.write_bytes(short.read_bytes()[:-3000])
        self.assertIn("whole", failed(prove(short, MENU)))
        big = self.write("big.wav", speech_like(8000, 13), 8000)
        self.assertEqual(failed(prove(big, BEACON)), ["size"])
        text = self.folder / "t.wav"
        text.write_text("not sound")
        self.assertEqual(failed(prove(text, MENU)), ["readable"])

    def test_too_quiet_is_right_where_peaks_allow_no_more(self) -> None:
        x = np.zeros(8000 * 3, np.float32)
        x[::400] = 0.9  # all peaks
        self.assertTrue(prove(self.write("peaks.wav", x, 8000, "ULAW"), MENU).passed)

    def test_one_wrong_sample_is_found_in_files_of_ours(self) -> None:
        clip, facts = Clip.whole(DEMO / "Welcome.wav"), analyze(DEMO / "Welcome.wav")
        for slug in ("phone-menu", "quay-beacon", "speech-engine"):
            receiver = load_receiver(slug)
            item = plan_outputs([(clip, facts, fit(clip, facts, receiver))], receiver, self.folder / slug)[0]
            made = make_output(item)
            checks = {check.name: check for check in made.proof.checks}  # type: ignore[union-attr]
            reader = "libav" if slug == "speech-engine" else "libsndfile"
            check = checks[f"samples, by {reader}"]
            self.assertTrue(check.passed)
            promise = WriteReport(item.fit.recipe, int(check.expected, 16))  # type: ignore[arg-type]
            self.assertTrue(prove(item.output, receiver, promise).passed)
            if slug != "speech-engine":
                data = bytearray(item.output.read_bytes())
                data[-101] ^= 0x10
                item.output.write_bytes(bytes(data))
            else:
                x, rate = soundfile.read(str(item.output), dtype="int16")
                x[5000] += 1
                soundfile.write(str(item.output), x, rate, subtype="PCM_16")
            self.assertIn(f"samples, by {reader}", failed(prove(item.output, receiver, promise)))

    def test_a_piece_that_libav_takes_for_a_frame_is_passed_over_and_a_missing_frame_is_not(self) -> None:
        sound = (speech_like(16_000, 1.5) * 32767).astype(np.int16)
        out = io.BytesIO()
        soundfile.write(out, sound, 16_000, format="FLAC", subtype="PCM_16")
        data = out.getvalue()
        first = data.index(b"\xff\xf8")
        second = data.index(data[first : first + 4], first + 4)
        path = self.folder / "odd.flac"
        path.write_bytes(data + data[second : second + 144])
        with av.open(str(path)) as container, self.assertRaises(av.error.InvalidDataError):
            list(container.decode(audio=0))
        read = np.concatenate(list(_int32_by_libav(path, None)))[:, 0]
        np.testing.assert_array_equal(read, sound.astype(np.int32) << 16)
        path.write_bytes(data[:second] + data[second + 200 :])
        self.assertFalse(np.array_equal(np.concatenate(list(_int32_by_libav(path, None)))[:, 0], read))

    def test_a_wrong_length_and_size_are_found(self) -> None:
        clip, facts = Clip.whole(DEMO / "Welcome.wav"), analyze(DEMO / "Welcome.wav")
        recipe = fit(clip, facts, MENU).recipe
        assert recipe
        item = plan_outputs([(clip, facts, fit(clip, facts, MENU))], MENU, self.folder)[0]
        make_output(item)
        wrong = WriteReport(replace(recipe, frames_out=recipe.frames_out + 1))
        self.assertEqual(failed(prove(item.output, MENU, wrong)), ["exact length", "exact size"])


def rules(encoding: str = "pcm_s16", rate: int = 16_000, *, container: str = "wav", **more: object) -> Receiver:
    """A receiver of files of one form, WAV where nothing else is said, with these limits and this treatment."""
    accepts = {"container": container, "encoding": encoding, "sample_rates": [rate]}
    limits = {name: more.pop(name) for name in list(more) if name in {field.name for field in fields(Limits)}}
    return receiver_from_data(
        {"slug": "any", "name": "Any", "rules": {"accepts": [accepts], "limits": limits}, "treatment": more}, "It"
    )


class TestWhatProofCouldNotSee(FolderCase):
    """One check after the other, on a file made to break just that one."""

    def speech(self, peak_db: float = -6.0) -> np.ndarray:
        x = really_spoken(16_000)[:48_000]
        return (x / np.abs(x).max() * 10 ** (peak_db / 20)).astype(np.float32)

    def made_of(self, x: np.ndarray, receiver: Receiver) -> Result:
        path = self.write("in.wav", x, 16_000)
        clip, facts = Clip.whole(path), analyze(path)
        made = make_output(
            plan_outputs([(clip, facts, fit(clip, facts, receiver))], receiver, self.folder / "out")[0]
        )
        self.assertEqual(made.status, "made", made.error)
        return made

    def test_a_peak_over_the_ceiling(self) -> None:
        path = self.write("a.wav", self.speech(-4), 16_000)
        self.assertEqual(failed(prove(path, rules(ceiling_dbfs=-6.0))), ["peak"])
        self.assertEqual(failed(prove(path, rules(ceiling_dbfs=-3.0))), [])

    def test_a_true_peak_over_its_ceiling(self) -> None:
        # ITU-R BS.1770 annex 2: a quarter-rate sine sampled at 45 degrees reads 3.01 dB over its samples.
        n = np.arange(16_000)
        x = (0.5 * np.sin(np.pi / 2 * n + np.pi / 4)).astype(np.float32)
        path = self.write("a.wav", x, 16_000)
        self.assertEqual(failed(prove(path, rules(ceiling_dbtp=-6.5))), ["true peak"])
        self.assertEqual(failed(prove(path, rules(ceiling_dbtp=-5.9))), [])

    def test_an_offset_that_the_treatment_takes_away(self) -> None:
        path = self.write("a.wav", self.speech() + np.float32(0.05), 16_000)
        self.assertEqual(failed(prove(path, rules())), ["DC offset"])
        self.assertEqual(failed(prove(path, rules(remove_dc=False))), [])

    def test_silence_and_a_dead_microphone(self) -> None:
        level = {"measure": "active", "target_dbov": -26.0}
        for name, x in (("zeros", np.zeros(16_000, np.float32)), ("constant", np.full(16_000, 0.1, np.float32))):
            path = self.write(f"{name}.wav", x, 16_000)
            self.assertIn("something to hear", failed(prove(path, rules(level=level))), name)
            self.assertIn("something to hear", failed(prove(path, rules())), name)
            clip, facts = Clip.whole(path), analyze(path)
            found = fit(clip, facts, rules())
            self.assertEqual((found.verdict, found.problems[0].code), ("decide", "silent"), name)
            # Who wants silence gets it, and it is proved.
            lives = found.problems[0].remedies[0].apply(clip, "any")
            item = plan_outputs([(lives, facts, fit(lives, facts, rules()))], rules(), self.folder / "out")[0]
            self.assertEqual(make_output(item).status, "made", name)

    def test_a_length_of_next_to_nothing(self) -> None:
        path = self.write("a.wav", self.speech()[20_000:20_100], 16_000)
        self.assertEqual(failed(prove(path, rules())), ["length"])
        clip, facts = Clip.whole(path), analyze(path)
        self.assertEqual(fit(clip, facts, rules()).verdict, "cannot")

    def test_a_length_over_the_longest(self) -> None:
        path = self.write("a.wav", self.speech(), 16_000)
        self.assertEqual(failed(prove(path, rules(max_seconds=2.9))), ["length"])
        self.assertEqual(failed(prove(path, rules(max_seconds=3.0))), [])

    def test_a_speech_level_that_is_not_taken(self) -> None:
        path = self.write("a.wav", self.speech(), 16_000)
        level = analyze(path).measures.level.active_dbov  # type: ignore[union-attr]
        for limits in ({"min_level_dbov": level + 1}, {"max_level_dbov": level - 1}):
            leave = {"measure": "leave"}
            self.assertEqual(failed(prove(path, rules(level=leave, **limits))), ["speech level taken"], limits)
        self.assertEqual(failed(prove(path, rules(min_level_dbov=level - 1, max_level_dbov=level + 1))), [])

    def test_clipping_that_the_source_had_not(self) -> None:
        receiver = rules(ceiling_dbfs=0.0, remove_dc=False)
        made = self.made_of(self.speech(), receiver)
        self.assertEqual(failed(made.proof), [])  # type: ignore[arg-type]
        x, rate = soundfile.read(str(made.plan.output), dtype="float32")
        x[20_000:20_050] = 1.0
        soundfile.write(str(made.plan.output), x, rate, subtype="PCM_16")
        promise = WriteReport(made.plan.fit.recipe)  # type: ignore[arg-type]
        self.assertEqual(failed(prove(made.plan.output, receiver, promise)), ["no clipping added"])

    def test_a_codec_that_makes_it_softer_than_meant(self) -> None:
        """Three decibels are let pass, of codecs that model the voice ten."""
        for container, encoding, rate, within in (("mp3", "mp3", 16_000, 3.0), ("amr", "amr_nb", 8000, 10.0)):
            form = {"container": container, "encoding": encoding, "sample_rates": [rate]}
            receiver = receiver_from_data(
                {"slug": "any", "name": "Any", "rules": {"accepts": [form]}, "treatment": {"level": {"measure": "leave"}}}, "It"
            )  # fmt: skip
            made = self.made_of(self.speech(), receiver)
            rms = analyze(made.plan.output).measures.rms  # type: ignore[union-attr]
            recipe = made.plan.fit.recipe
            assert recipe is not None
            for off, right in ((0.0, True), (0.95, True), (-0.95, True), (1.05, False), (-1.05, False)):
                promise = WriteReport(recipe, rms=rms * 10 ** (off * within / 20))
                missed = [] if right else ["sounds as meant"]
                self.assertEqual(failed(prove(made.plan.output, receiver, promise)), missed, (encoding, off))

    def test_spans_that_are_missing(self) -> None:
        made = self.made_of(self.speech(), rules())
        recipe = made.plan.fit.recipe
        assert recipe is not None
        wanted = replace(recipe, cues=(Cue(100, 200, "one"),))
        self.assertIn("spans as cue points", failed(prove(made.plan.output, rules(), WriteReport(wanted))))

    def test_softer_than_it_had_to_be(self) -> None:
        """Six dB under the target with three of them left under the ceiling: once that passed."""
        x = self.speech(-4)
        level = analyze(self.write("m.wav", x, 16_000)).measures.level.active_dbov  # type: ignore[union-attr]
        wanted = {"measure": "active", "target_dbov": min(0.0, level + 6)}
        path = self.write("a.wav", x, 16_000)
        self.assertEqual(failed(prove(path, rules(level=wanted, ceiling_dbfs=-1.0))), ["level"])
        self.assertEqual(failed(prove(path, rules(level=wanted, ceiling_dbfs=-4.0))), [])
        # With a limiter allowed there is room even at the ceiling.
        self.assertEqual(failed(prove(path, rules(level=wanted, ceiling_dbfs=-4.0, limiter_db=12.0))), ["level"])


class TestLevelIsReached(FolderCase):
    def made(self, x: np.ndarray, receiver: Receiver, subtype: str = "PCM_24", rate: int = 16_000) -> Result:
        path = self.write("in.wav", x, rate, subtype)
        clip, facts = Clip.whole(path), analyze(path)
        return make_output(
            plan_outputs([(clip, facts, fit(clip, facts, receiver))], receiver, self.folder / "out")[0]
        )

    def test_short_behind_a_codec_has_to_be_so_and_for_peaks(self) -> None:
        """Whatever making says of itself: softer than wanted by another figure, or without peaks at the ceiling, is not let pass."""
        softer, louder = (
            rules("mp3", container="mp3", level={"measure": "active", "target_dbov": target}, ceiling_dbfs=-1.0)
            for target in (-36.0, -30.0)
        )
        made = self.made(spoken(16_000), softer)
        self.assertEqual(made.status, "made", made.error)
        recipe = made.plan.fit.recipe
        assert recipe is not None
        for short, peak, passes in (
            (6.0, 0.89, True), (6.0, 0.3, False), (6.0, 0.0, False), (3.0, 0.89, False), (9.0, 0.89, False), (0.0, 0.89, False),
        ):  # fmt: skip
            promise = WriteReport(recipe, short_db=short, peak=peak)
            found = "level" not in failed(prove(made.plan.output, louder, promise))
            self.assertEqual(found, passes, (short, peak))

    def test_behind_the_limiter(self) -> None:
        for name in ("Ticket to Skerrow.wav", "Welcome.wav"):
            receiver = rules(level={"measure": "active", "target_dbov": -16.0}, limiter_db=12.0, ceiling_dbfs=-1.0)
            made = self.made(spoken(16_000, name), receiver)
            self.assertEqual(made.status, "made", made.error)
            sound = analyze(made.plan.output).measures
            assert sound is not None
            self.assertAlmostEqual(sound.level.active_dbov, -16.0, delta=0.1)

    def test_a_click_that_a_fade_takes_away_keeps_it_from_nothing(self) -> None:
        x = spoken(16_000) * np.float32(0.1)
        x[80:84] = 0.9
        receiver = rules(level={"measure": "active", "target_dbov": -26.0}, fade_in_seconds=0.4, ceiling_dbfs=-1.0)
        made = self.made(x, receiver)
        self.assertEqual((made.status, made.messages), ("made", ()), made.error)
        sound = analyze(made.plan.output).measures
        assert sound is not None
        self.assertAlmostEqual(sound.level.active_dbov, -26.0, delta=0.1)

    def test_what_peaks_do_not_allow_is_told_as_it_is(self) -> None:
        receiver = rules(level={"measure": "active", "target_dbov": -6.0}, limiter_db=3.0, ceiling_dbfs=-1.0)
        made = self.made(spoken(16_000), receiver)
        self.assertEqual(made.status, "made", made.error)
        sound = analyze(made.plan.output).measures
        assert sound is not None
        short = -6.0 - sound.level.active_dbov
        reported = next(
            float(s.split(" dB below")[0].rpartition(" ")[2]) for s in made.messages if "below the wanted" in s
        )
        self.assertAlmostEqual(reported, short, delta=0.15)
        self.assertGreater(short, 1)

    def test_loudness_of_a_short_clip_with_a_lead(self) -> None:
        receiver = rules(level={"measure": "loudness", "target_lufs": -23.0}, lead_seconds=0.25)
        made = self.made(spoken(16_000)[6000 : 6000 + 8800], receiver)
        self.assertEqual(made.status, "made", made.error)

    def test_loudness_of_what_lies_below_its_gate_before_the_gain(self) -> None:
        sound = np.concatenate([spoken(48_000), spoken(48_000, "Welcome.wav")])
        sound *= np.float32(10 ** (-38 / 20))
        receiver = rules("pcm_s24", 48_000, level={"measure": "loudness", "target_lufs": -20.0}, ceiling_dbfs=0.0)
        made = self.made(sound, receiver, rate=48_000)
        self.assertEqual(made.status, "made", made.error)
        out, rate = soundfile.read(str(made.plan.output))
        # pyloudnorm is an independent reader of ITU-R BS.1770-4.
        loud = pyloudnorm.Meter(rate).integrated_loudness(out)
        peaks_allow = any("below the wanted level" in said for said in made.messages)
        self.assertTrue(peaks_allow or abs(loud + 20) < 0.1, loud)

    def test_as_is_only_where_nothing_would_change(self) -> None:
        x = spoken(16_000)
        x = (x / np.abs(x).max() * 10 ** (-4.5 / 20)).astype(np.float32)
        for treatment, verdict in (
            ({}, "as_is"),
            ({"ceiling_dbfs": -6.0}, "convert"),
            (
                {"ceiling_dbfs": -1.0, "level": {"measure": "active", "target_dbov": -14.0}, "limiter_db": 12.0},
                "convert",
            ),
            ({"high_pass_hz": 100.0}, "convert"),
            ({"presence_db": 3.0}, "convert"),
            ({"ceiling_dbtp": -1.0}, "convert"),
            ({"lead_seconds": 0.2}, "convert"),
            ({"band": "telephone"}, "convert"),
            ({"loop_seconds": 0.1}, "convert"),
        ):
            path = self.write("x.wav", x, 16_000)
            found = fit(Clip.whole(path), analyze(path), rules(**treatment))
            self.assertEqual(found.verdict, verdict, treatment)
        path = self.write("dc.wav", np.clip(x + np.float32(0.05), -1, 0.999), 16_000)
        self.assertEqual(fit(Clip.whole(path), analyze(path), rules()).verdict, "convert")
        self.assertEqual(fit(Clip.whole(path), analyze(path), rules(remove_dc=False)).verdict, "as_is")
