"""What headerless files might be."""

from __future__ import annotations

import sys
from pathlib import Path

import numpy as np
import soundfile
import soxr

from kittiwake.core.codec import FORMATS, ulaw
from kittiwake.core.intake.bare import like_sound
from kittiwake.core.intake.folder import PassedOver, find_sound_files
from kittiwake.core.measure import analyze
from kittiwake.core.measure.guess import _goes_on, guess
from tests.sounds import DEMO, FolderCase, noise, spoken

HERE = {key: form for key, form in FORMATS.items() if form.is_there()}


class TestGuess(FolderCase):
    def test_the_first_guess_is_right_for_real_speech(self) -> None:
        right = tried = 0
        for name in ("Safety notice.ogg", "Opening hours.flac"):
            x, own = soundfile.read(str(DEMO / name), dtype="float32")
            for (container, encoding), form in HERE.items():
                if container == "raw":
                    rate = form.nearest_rate(8000)
                    path = self.folder / f"mystery{tried}"
                    writer = form.open(path, rate, 1, dither="none")
                    sample = x[
                        : (1 if encoding.startswith("g726") else 2) * own
                    ]  # of which a second takes a second to code
                    writer.write(soxr.resample(sample, own, rate)[:, None])
                    writer.close()
                    found = guess(path)
                    right += found[0].stated.encoding == encoding
                    tried += 1
                    self.assertIn(encoding, [one.stated.encoding for one in found[:3]], (name, encoding))
        self.assertGreater(right / tried, 0.95)

    def test_noise_is_not_taken_for_a_voice_codec(self) -> None:
        # Codecs that model the voice make a voice of any bytes; only the marks in their frames may speak for them.
        path = self.folder / "noise"
        path.write_bytes((noise(8000, 2, -6) * 32768).astype("<i2").tobytes())
        self.assertFalse({"gsm", "amr_nb", "g723_1", "g729"} & {one.stated.encoding for one in guess(path)})

    def test_samples_that_go_on_from_one_to_the_next(self) -> None:
        """Nearly as near to the one before as to none; soft sound in 8 bits needs less of that."""
        even = noise(8000, 8, -20).astype(np.float64)
        for before, level, goes_on in (
            (1.0, 1, True),
            (0.25, 1, False),
            (0.25, 0.05, True),
            (0.101, 0.05, True),
            (0.06, 0.05, False),
        ):
            sound = level * (even[1:] + before * even[:-1])  # as near to the one before as before / (1 + before²)
            self.assertEqual(_goes_on(sound), goes_on, (before, level))

    def test_the_name_of_the_file_counts(self) -> None:
        path = self.folder / "x.vox"
        path.write_bytes(bytes(4000))
        self.assertIn("often that", next(one for one in guess(path) if one.stated.encoding == "oki_adpcm").evidence)

    def test_more_forms_two_channels_and_a_rate(self) -> None:
        x, own = soundfile.read(str(DEMO / "Safety notice.ogg"), dtype="float32")
        for rate in (8000, 16_000):
            y = soxr.resample(x, own, rate)
            path = self.folder / f"{rate}.f32"
            path.write_bytes(y.astype("<f4").tobytes())
            self.assertEqual(guess(path)[0].stated.encoding, "pcm_f32le")
            path.write_bytes(np.round(y * 8388607).astype("<i4").view(np.uint8).reshape(-1, 4)[:, :3].tobytes())
            self.assertEqual(guess(path)[0].stated.encoding, "pcm_s24le")
            both = np.stack([y, np.roll(y, rate // 2)], axis=1)
            path.write_bytes((both * 32767).astype("<i2").tobytes())
            best = guess(path)[0]
            self.assertEqual((best.stated.encoding, best.stated.channels), ("pcm_s16le", 2))
            self.assertAlmostEqual(best.seconds * best.stated.rate, len(y), delta=1)
            shares = [share for _, share in best.rates]
            self.assertAlmostEqual(sum(shares), 1.0, places=6)
            self.assertEqual(shares, sorted(shares, reverse=True))
            self.assertIn(rate, [one for one, _ in best.rates[:3]])

    def test_a_file_of_any_ending_is_taken_by_what_is_in_it(self) -> None:
        """In folders of telephone systems the ending is whatever somebody thought of."""
        sound, rate = soundfile.read(DEMO / "Welcome.wav")
        there = self.folder / "there"
        there.mkdir()
        for subtype in ("PCM_16", "PCM_24", "PCM_U8", "PCM_S8", "ULAW", "ALAW", "FLOAT"):
            soundfile.write(there / f"{subtype}.dat", sound, rate, subtype, format="RAW")
        amr = self.folder / "a.amr"
        writer = FORMATS["amr", "amr_nb"].open(amr, 8000, 1, dither="none")
        writer.write(soxr.resample(sound, rate, 8000).astype(np.float32)[:, None])
        writer.close()
        (there / "frames.bin").write_bytes(amr.read_bytes()[6:])
        (there / "noise.dat").write_bytes(np.random.default_rng(3).bytes(60_000))
        (there / "program.dat").write_bytes(Path(sys.executable).resolve().read_bytes()[:200_000])
        (there / "notes.dat").write_text("A list of prompts, and who read them.\n" * 100)
        passed = PassedOver()
        found = {Path(path).name for path in find_sound_files([there], passed=passed)}
        self.assertEqual(
            found,
            {f"{one}.dat" for one in ("PCM_16", "PCM_24", "PCM_U8", "PCM_S8", "ULAW", "ALAW", "FLOAT")}
            | {"frames.bin"},
        )
        self.assertEqual(passed.others, 3)

    def test_what_is_no_sound_is_not_taken_for_any(self) -> None:
        path = self.folder / "bytes"
        path.write_bytes(np.random.default_rng(2).bytes(60_000))
        self.assertFalse(like_sound(path))
        self.assertFalse(guess(path)[0].is_sound)
        facts = analyze(path)
        assert facts.error
        self.assertEqual((facts.error.code, facts.suggested), ("not_sound", None))
        named = path.rename(self.folder / "bytes.raw")
        facts = analyze(named)
        assert facts.error
        self.assertEqual((facts.error.code, facts.suggested), ("headerless", None))

    def test_a_name_alone_makes_no_sound_of_a_file(self) -> None:
        """Libraries read ``.ul`` and ``.al`` by their names, at a rate of their own: that would be a guess that nobody sees."""
        for ending in ("ul", "al", "sw", "ub", "raw"):
            path = self.folder / f"x.{ending}"
            path.write_bytes(ulaw.encode(spoken(8000)).tobytes())
            facts = analyze(path)
            assert facts.error
            self.assertEqual(facts.error.code, "headerless", ending)
