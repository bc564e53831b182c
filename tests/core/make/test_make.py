"""Making: what comes out, and that nothing is lost on the way."""

from __future__ import annotations

import hashlib
import signal
import subprocess
import time
import unittest
import wave
from pathlib import Path

import av
import numpy as np
import soundfile
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from kittiwake.core.batch import plan_outputs
from kittiwake.core.codec import FORMATS
from kittiwake.core.fit import fit
from kittiwake.core.make import OutputPlan, Result, make_output
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver, TouchUp, load_receiver
from kittiwake.core.model.receiver import Accepts, Level, Limits, Rules, Treatment
from tests.sounds import DEMO, FolderCase, batch_of, db, make_command, rms, sine, speech_like, tone_level

MENU, BEACON, ENGINE = (load_receiver(slug) for slug in ("phone-menu", "quay-beacon", "speech-engine"))


class MakeCase(FolderCase):
    def items(self, paths: list[Path], receiver: Receiver, into: Path | None = None) -> list[OutputPlan]:
        wanted = [(Clip.whole(p), f := analyze(p), fit(Clip.whole(p), f, receiver)) for p in paths]
        return plan_outputs(wanted, receiver, into or self.folder / "out")

    def make(self, path: Path, receiver: Receiver, **touch: object) -> Result:
        clip, facts = Clip(path, path.stem, touch_up=TouchUp(**touch)), analyze(path)  # type: ignore[arg-type]
        item = plan_outputs([(clip, facts, fit(clip, facts, receiver))], receiver, self.folder / "out")[0]
        return make_output(item)

    def sound(self, made: Result) -> tuple[np.ndarray, int]:
        self.assertIn(made.status, ("made", "kept"), made.error)
        return soundfile.read(str(made.plan.output), dtype="float32")


class TestTheWholeDemo(MakeCase):
    def test_everything_that_can_be_made_is_made_and_proved_and_no_source_changes(self) -> None:
        sources = sorted(DEMO.iterdir())
        before = {p: hashlib.sha256(p.read_bytes()).hexdigest() for p in sources}
        for receiver, least in ((MENU, 23), (BEACON, 22), (ENGINE, 23)):
            items = self.items(sources, receiver, self.folder / receiver.slug)
            made = list(batch_of(items))
            self.assertEqual(len(made), len(sources))
            good = [m for m in made if m.status == "made"]
            self.assertEqual(len(good), least)
            for m in good:
                self.assertTrue(m.proof and m.proof.passed)
                self.assertEqual(m.bytes, m.plan.output.stat().st_size)
                if m.plan.fit.predicted_exact:
                    self.assertEqual(m.bytes, m.plan.fit.predicted_bytes, m.plan.output)
                self.assertAlmostEqual(m.seconds, m.plan.fit.predicted_seconds)  # type: ignore[arg-type]
            for m in made:
                if m.status != "made":
                    self.assertEqual(m.status, "refused")
                    self.assertTrue(m.error)
            names = {p.name for p in (self.folder / receiver.slug).iterdir()}
            self.assertEqual(len(names), least + 1)  # and the ledger
        after = {p: hashlib.sha256(p.read_bytes()).hexdigest() for p in sources}
        self.assertEqual(before, after)

    def test_other_readers_find_the_stated_format(self) -> None:
        path = DEMO / "Welcome.wav"
        menu, beacon, engine = (self.make(path, r).plan.output for r in (MENU, BEACON, ENGINE))
        info = soundfile.info(str(menu))
        self.assertEqual((info.subtype, info.samplerate, info.channels), ("ULAW", 8000, 1))
        with av.open(str(menu)) as file:
            stream = file.streams.audio[0]
            self.assertEqual((stream.codec_context.name, stream.rate, stream.channels), ("pcm_mulaw", 8000, 1))
        with wave.open(str(beacon)) as file:
            self.assertEqual((file.getframerate(), file.getsampwidth(), file.getnchannels()), (8000, 2, 1))
        with av.open(str(engine)) as file:
            self.assertEqual((file.format.name, file.streams.audio[0].rate), ("flac", 16000))


class TestTheSound(MakeCase):
    def test_as_is_is_bit_for_bit(self) -> None:
        for name, receiver in (
            ("Hold the line.wav", MENU), ("Quay closed.wav", BEACON), ("Ticket to Skerrow.wav", ENGINE),
        ):  # fmt: skip
            made = self.make(DEMO / name, receiver)
            self.assertEqual(made.plan.fit.verdict, "as_is")
            self.assertEqual(made.plan.output.read_bytes(), (DEMO / name).read_bytes())

    def test_the_level_is_reached(self) -> None:
        for name in ("Main menu.wav", "Night whisper.wav", "Drill shout.wav", "Pier two.wav", "Gangway.wav"):
            made = self.make(DEMO / name, MENU)
            level = analyze(made.plan.output).measures.level.active_dbov  # type: ignore[union-attr]
            if not made.messages:
                self.assertAlmostEqual(level, -26, delta=0.2, msg=name)
            self.assertLess(level, -25.8)

    def test_the_inverted_pair_does_not_cancel_and_the_one_sided_does_not_lose_6_db(self) -> None:
        x = speech_like(48000, 3, -23)
        self.write("m.wav", x, 48000)
        for name, pair in (("inverted", (x, -x)), ("left", (x, 0 * x)), ("right", (0 * x, x)), ("same", (x, x))):
            y, _ = self.sound(self.make(self.write(f"{name}.wav", np.stack(pair, 1), 48000), ENGINE))
            mono = self.sound(self.make(self.folder / "m.wav", ENGINE))[0]
            self.assertAlmostEqual(db(rms(y)), db(rms(mono)), delta=0.02, msg=name)

    def test_aliases_in_16_bit_lie_below_90_db(self) -> None:
        path = self.write("high.wav", sine(6000, 48000, 4, -3), 48000, "PCM_24")
        y, rate = self.sound(self.make(path, BEACON))
        self.assertEqual(rate, 8000)
        self.assertLess(tone_level(y, 2000, 8000), -90)

    def test_overshoot_is_brought_down_by_what_is_needed_and_said(self) -> None:
        dice = np.random.default_rng(5)
        square = np.sign(dice.standard_normal(48000 * 2)).astype(np.float32) * np.float32(0.999)
        made = self.make(self.write("square.wav", square, 48000), ENGINE)
        y, _ = self.sound(made)
        self.assertAlmostEqual(db(float(np.abs(y).max())), -0.1, delta=0.01)
        self.assertIn("brought down by", made.messages[0])
        self.assertEqual(analyze(made.plan.output).measures.clipped_samples, 0)  # type: ignore[union-attr]

    def test_a_source_that_is_clipped_gets_no_more_clipping(self) -> None:
        for receiver in (MENU, BEACON, ENGINE):
            made = self.make(DEMO / "Drill shout.wav", receiver)
            self.assertEqual(analyze(made.plan.output).measures.clipped_samples, 0)  # type: ignore[union-attr]

    def test_16_bit_that_needs_nothing_but_another_container_keeps_every_sample(self) -> None:
        x = (speech_like(16000, 2, -20) * 32768).astype(np.int16)
        path = self.folder / "a.aiff"
        soundfile.write(str(path), x, 16000, subtype="PCM_16")
        made = self.make(path, ENGINE)
        np.testing.assert_array_equal(soundfile.read(str(made.plan.output), dtype="int16")[0], x)

    def test_true_rate_changes_the_pitch_back(self) -> None:
        path = self.write("false.wav", sine(1000, 48000, 2), 44100)  # taken at 48 kHz, stamped 44.1
        y, rate = self.sound(self.make(path, ENGINE))
        self.assertLess(tone_level(y, 1000, rate), -60)
        made = self.make(path, ENGINE, true_rate=48000)
        y, rate = self.sound(made)
        self.assertAlmostEqual(tone_level(y, 1000, rate), -20, delta=0.1)
        self.assertEqual(len(y), 32000)

    def test_span_and_fade(self) -> None:
        path = self.write("long.wav", sine(440, 16000, 3), 16000)
        made = self.make(path, ENGINE, keep=16000, fade_out=0.05)
        y, _ = self.sound(made)
        self.assertEqual(len(y), 16000)
        self.assertLess(rms(y[-80:]), 0.02 * rms(y[:8000]))

    def test_same_input_same_bytes(self) -> None:
        for receiver in (MENU, BEACON, ENGINE):
            digests = []
            for number in (1, 2):
                out = self.folder / f"{receiver.slug}{number}"
                items = self.items([DEMO / "Welcome.wav", DEMO / "Main menu.wav"], receiver, out)
                digests.append(sorted(m.sha256 for m in batch_of(items, workers=number)))  # type: ignore[type-var]
            self.assertEqual(*digests)


@st.composite
def receivers(draw: st.DrawFn) -> Receiver:
    """Any receiver that can be made for: every format, with legal rates, channels and bit rates."""
    form = draw(st.sampled_from([form for form in FORMATS.values() if form.is_there()]))
    sample = form.rates or [r for r in (8000, 11_025, 16_000, 22_050, 48_000) if form.takes_rate(r)]
    rates = draw(st.lists(st.sampled_from(sample), min_size=1, max_size=2, unique=True))
    bit_rate = draw(st.sampled_from(form.bit_rates)) if form.bit_rates else 0
    accepted = Accepts(
        container=form.container,
        encoding=form.encoding,
        sample_rates=tuple(rates),
        bit_rate=bit_rate,
        variable=form.variable and draw(st.booleans()),
    )
    level = draw(
        st.builds(
            Level,
            measure=st.sampled_from(["leave", "active", "loudness", "peak"]),
            target_dbov=st.floats(-40, -6),
            target_lufs=st.floats(-40, -6),
            target_dbfs=st.floats(-30, 0),
        )
    )
    if level.measure != "loudness":
        level = level.changed(together=draw(st.booleans()))
    lead, loop = draw(st.sampled_from([(0.0, 0.0), (0.25, 0.0), (0.0, 0.05)]))
    air = st.sampled_from([None, 0.0, 0.1])
    treatment = Treatment(
        level=level,
        ceiling_dbfs=max(draw(st.floats(-6, 0)), level.target_dbfs if level.measure == "peak" else -6.0),
        band=draw(st.sampled_from(["full", "telephone"])),
        high_pass_hz=draw(st.sampled_from([None, 100])),
        lead_seconds=lead,
        loop_seconds=loop,
        limiter_db=draw(st.sampled_from([0.0, 0.0, 6.0])),
        presence_db=draw(st.sampled_from([0.0, 0.0, 3.0])),
        dither=draw(st.sampled_from(["none", "tpdf", "shaped"])),
        side=draw(st.sampled_from(["auto", "left", "right", "mix"])),
        trim_lead_seconds=draw(air),
        trim_tail_seconds=draw(air),
    )
    limits = Limits(max_bytes=draw(st.sampled_from([None, 4000, 40_000])))
    channels = draw(st.integers(0, form.max_channels)) if form.max_channels > 1 else 1
    rules = Rules(channels=channels, accepts=(accepted,), limits=limits)
    return Receiver(slug="any", name="Any", rules=rules, treatment=treatment)


class TestProperties(MakeCase):
    @settings(suppress_health_check=[HealthCheck.differing_executors])
    @given(
        receivers(),
        st.sampled_from([8000, 11025, 16000, 44100, 48000]),
        st.integers(1, 20_000),
        st.sampled_from([1, 2]),
        st.floats(-70, 3),
        st.integers(0, 3),
    )
    def test_any_clip_for_any_receiver_is_proved_or_refused_with_a_reason(
        self, receiver: Receiver, rate: int, frames: int, channels: int, level: float, seed: int
    ) -> None:
        dice = np.random.default_rng(seed)
        x = np.clip(dice.standard_normal((frames, channels)) * 10 ** (level / 20), -1, 32767 / 32768)
        path = self.write(f"x{time.monotonic_ns()}.wav", x.astype(np.float32), rate)
        made = self.make(path, receiver)
        if made.status == "refused":
            self.assertTrue(made.error)
            return
        if made.status == "failed" and not made.plan.fit.predicted_exact and "size: " in (made.error or ""):
            # Only where size depends on the sound can a file come out too large; it is not delivered.
            self.assertFalse(made.plan.output.exists())
            return
        self.assertEqual(made.status, "made", made.error)
        self.assertTrue(made.proof and made.proof.passed)
        recipe = made.plan.fit.recipe
        assert recipe
        if made.plan.fit.predicted_exact:
            self.assertEqual(made.bytes, made.plan.fit.predicted_bytes)
        source, output = analyze(path).measures, analyze(made.plan.output, recipe.stated).measures
        assert source and output
        self.assertLessEqual(output.clipped_samples, source.clipped_samples * recipe.channels)
        path.unlink()
        made.plan.output.unlink()


class TestTrust(MakeCase):
    def test_a_second_run_keeps_what_is_there(self) -> None:
        first = self.make(DEMO / "Welcome.wav", MENU)
        stamp = first.plan.output.stat().st_mtime_ns
        second = self.make(DEMO / "Welcome.wav", MENU)
        self.assertEqual((first.status, second.status), ("made", "kept"))
        self.assertEqual(second.plan.output.stat().st_mtime_ns, stamp)
        self.assertTrue(second.proof and second.proof.passed)

    def test_changed_touch_ups_replace_our_own_output(self) -> None:
        first = self.make(DEMO / "Welcome.wav", MENU)
        second = self.make(DEMO / "Welcome.wav", MENU, gain_db=-6.0)
        self.assertEqual(second.status, "made", second.error)
        self.assertEqual(first.plan.output, second.plan.output)
        self.assertNotEqual(first.sha256, second.sha256)

    def test_files_of_others_are_never_overwritten(self) -> None:
        out = self.folder / "out"
        out.mkdir()
        (out / "Welcome.wav").write_bytes(b"somebody's own")
        made = self.make(DEMO / "Welcome.wav", MENU)
        self.assertEqual(made.plan.output.name, "Welcome_2.wav")
        self.assertEqual((out / "Welcome.wav").read_bytes(), b"somebody's own")
        # Our own output, altered by somebody, is theirs from then on.
        made.plan.output.write_bytes(b"altered")
        again = self.make(DEMO / "Welcome.wav", MENU)
        self.assertEqual(made.plan.output.read_bytes(), b"altered")
        self.assertEqual((again.status, again.plan.output.name), ("made", "Welcome_3.wav"))

    def test_made_into_the_folder_of_the_source_leaves_the_source(self) -> None:
        path = self.write("out/Menu.wav", speech_like(48000, 2), 48000)
        before = path.read_bytes()
        made = self.make(path, MENU)
        self.assertEqual(made.plan.output.name, "Menu_phone-menu.wav")
        self.assertEqual(path.read_bytes(), before)
        self.assertEqual(self.make(path, MENU).plan.output.name, "Menu_phone-menu.wav")
        # Forced upon its source all the same, it refuses.
        forced = make_output(OutputPlan(made.plan.clip, made.plan.facts, made.plan.fit, MENU, path))
        self.assertEqual((forced.status, forced.code), ("failed", "own_source"))
        self.assertEqual(path.read_bytes(), before)

    def test_clips_of_one_name_from_two_folders_do_not_replace_each_other(self) -> None:
        one = self.write("a/Menu.wav", speech_like(48000, 2, -24, 1), 48000)
        two = self.write("b/Menu.wav", speech_like(48000, 2, -24, 2), 48000)
        made = [self.make(one, MENU), self.make(two, MENU), self.make(one, MENU)]
        self.assertEqual([m.plan.output.name for m in made], ["Menu.wav", "Menu_2.wav", "Menu.wav"])
        self.assertEqual([m.status for m in made], ["made", "made", "kept"])

    def test_a_source_that_changed_meanwhile_is_noticed(self) -> None:
        path = self.write("x.wav", speech_like(48000, 2), 48000)
        item = self.items([path], MENU)[0]
        self.write("x.wav", speech_like(48000, 1), 48000)
        made = make_output(item)
        self.assertEqual((made.status, made.code), ("failed", "changed"))
        self.assertEqual(visible(self.folder / "out"), [])

    def test_a_folder_that_cannot_be_written_says_so(self) -> None:
        (self.folder / "out").write_text("a file where the folder should be")
        made = self.make(DEMO / "Welcome.wav", MENU)
        self.assertEqual(made.status, "failed")
        self.assertIn("cannot be made", made.error or "")

    def test_cancelling_at_any_moment_leaves_nothing(self) -> None:
        path = self.write("long.wav", speech_like(48000, 30), 48000)
        digest = hashlib.sha256(path.read_bytes()).hexdigest()
        for after in (1, 5, 12, 20, 30):
            asked = iter(range(10_000))
            item = self.items([path], MENU, self.folder / f"out{after}")[0]
            made = make_output(item, cancelled=lambda asked=asked, after=after: next(asked) >= after)  # type: ignore[misc]
            self.assertEqual((made.status, made.code), ("failed", "cancelled"), after)
            folder = self.folder / f"out{after}"
            self.assertEqual(list(folder.iterdir()) if folder.exists() else [], [])
        self.assertEqual(hashlib.sha256(path.read_bytes()).hexdigest(), digest)

    def test_killed_at_any_moment_leaves_no_half_file_and_no_changed_source(self) -> None:
        sources = [self.write(f"{n}.wav", speech_like(48000, 25, seed=n), 48000) for n in range(6)]
        digests = [hashlib.sha256(p.read_bytes()).hexdigest() for p in sources]
        whole = {m.sha256 for m in batch_of(self.items(sources, MENU, self.folder / "whole"))}
        command = make_command(self.folder / "timed", *sources)
        began = time.monotonic()
        subprocess.run(command, stdout=subprocess.DEVNULL, check=True)
        whole_run = time.monotonic() - began
        shares = [0.4, 0.55, 0.7, 0.85]
        for turn in range(30):
            if not shares:
                break
            out = self.folder / f"killed{turn}"
            command[7] = str(out)
            process = subprocess.Popen(command, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
            time.sleep(shares[-1] * whole_run)
            process.send_signal(signal.SIGKILL)
            if process.wait() == -signal.SIGKILL:
                shares.pop()
            else:
                whole_run *= 0.8  # it was over sooner than the one that was timed
            for path in visible(out):
                self.assertIn(hashlib.sha256(path.read_bytes()).hexdigest(), whole)
            # Started again it completes, and sweeps up.
            made = list(batch_of(self.items(sources, MENU, out)))
            self.assertEqual({m.sha256 for m in made}, whole)
            self.assertEqual([p.name for p in out.iterdir() if p.name.endswith(".part")], [])
        self.assertEqual(shares, [])
        self.assertEqual([hashlib.sha256(p.read_bytes()).hexdigest() for p in sources], digests)


def visible(folder: Path) -> list[Path]:
    return [p for p in folder.iterdir() if not p.name.startswith(".")] if folder.exists() else []


if __name__ == "__main__":
    unittest.main()
