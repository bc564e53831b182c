"""Every format that is written: exact size, read by libraries that did not write it."""

from __future__ import annotations

import unittest
import wave
import zlib

import av
import numpy as np
import soundfile
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.codec import FORMATS, find_format
from kittiwake.core.codec.pcm import Quantiser
from kittiwake.core.errors import RulesError
from tests.sounds import FolderCase, noise, sine


class TestWriters(FolderCase):
    def made(self, key: tuple[str, str], sound: np.ndarray, rate: int = 8000, dither: bool = False):
        form = FORMATS[key]
        path = self.folder / f"{key[1]}{len(list(self.folder.iterdir()))}{form.extension}"
        columns = sound if sound.ndim == 2 else sound[:, None]
        writer = form.open(path, rate, columns.shape[1], dither=dither)
        for at in range(0, len(columns), 777):
            writer.write(columns[at : at + 777])
        writer.close()
        return path, writer

    def test_sizes_are_as_predicted_to_the_byte(self) -> None:
        for key, form in FORMATS.items():
            for frames in (0, 1, 2, 999, 8000):
                for channels in (1, 2):
                    if form.size:
                        path, _ = self.made(key, np.zeros((frames, channels), np.float32))
                        self.assertEqual(path.stat().st_size, form.size(frames, channels), (key, frames, channels))

    def test_a_limit_in_bytes_is_turned_into_frames(self) -> None:
        # (57344 − 44) / 16000 = 3.581 s, (56000 − 44) / 16000 = 3.497 s, (200000 − 44) / 16000 = 12.497 s.
        pcm = FORMATS["wav", "pcm_s16"]
        for limit, seconds in ((57344, 3.581), (56000, 3.497), (200_000, 12.497)):
            self.assertAlmostEqual(pcm.frames_within(limit, 1) / 8000, seconds, delta=0.0005)  # type: ignore[operator]
        self.assertIsNone(FORMATS["flac", "pcm_s16"].frames_within(1000, 1))

    def test_read_by_libsndfile_and_libav(self) -> None:
        x = np.stack([noise(8000, 1.1, -20, 1), noise(8000, 1.1, -30, 2)], axis=1)
        for key, form in FORMATS.items():
            with self.subTest(key):
                path, writer = self.made(key, x)
                by_sndfile, rate = soundfile.read(str(path), dtype="float32", always_2d=True)
                with av.open(str(path)) as file:
                    stream = file.streams.audio[0]
                    self.assertEqual(stream.rate, 8000)
                    resampler = av.AudioResampler(format="flt", layout="stereo", rate=8000)
                    frames = [f.to_ndarray() for g in file.decode(stream) for f in resampler.resample(g)]
                by_libav = np.concatenate(frames, axis=1).reshape(-1, 2)
                self.assertEqual((rate, by_sndfile.shape), (8000, x.shape))
                np.testing.assert_allclose(by_sndfile, by_libav, atol=1e-7)
                error = by_sndfile.astype(np.float64) - x
                ratio = 10 * np.log10(np.mean(x.astype(np.float64) ** 2) / np.mean(error**2))
                self.assertGreater(ratio, 36 if form.depth is None else 70)
                as_int = soundfile.read(str(path), dtype="int32", always_2d=True)[0]
                self.assertEqual(zlib.crc32(as_int.astype("<i4").tobytes()), writer.digest)

    def test_pcm_is_read_by_pythons_own_wave_module(self) -> None:
        for bits in (16, 24):
            path, _ = self.made(("wav", f"pcm_s{bits}"), sine(440, 16000), 16000)
            with wave.open(str(path)) as file:
                self.assertEqual(
                    (file.getframerate(), file.getnchannels(), file.getsampwidth(), file.getnframes()),
                    (16000, 1, bits // 8, 16000),
                )

    def test_wav_header_byte_by_byte(self) -> None:
        # Multimedia Programming Interface and Data Specifications 1.0 (1991): WAVE, µ-law is tag 7.
        path, _ = self.made(("wav", "ulaw"), np.zeros(3, np.float32))
        wanted = (
            "52494646" "36000000" "57415645" "666d7420" "12000000" "0700" "0100" "401f0000" "401f0000" "0100" "0800"
            "0000" "66616374" "04000000" "03000000" "64617461" "03000000" "ffffff" "00"
        )  # fmt: skip
        self.assertEqual(path.read_bytes().hex(), wanted)

    def test_same_input_gives_the_same_bytes(self) -> None:
        for key in FORMATS:
            first, _ = self.made(key, noise(8000, 0.7), dither=True)
            second, _ = self.made(key, noise(8000, 0.7), dither=True)
            self.assertEqual(first.read_bytes(), second.read_bytes(), key)

    def test_an_unknown_format_is_named_with_those_that_are_known(self) -> None:
        with self.assertRaises(RulesError) as caught:
            find_format("wav", "telepathy")
        self.assertIn("telepathy", str(caught.exception))
        self.assertIn("wav ulaw", str(caught.exception))


class TestQuantiser(unittest.TestCase):
    @given(st.integers(1, 400), st.sampled_from([8, 16, 24]))
    def test_blocks_do_not_matter(self, block: int, bits: int) -> None:
        x = noise(8000, 0.1, -30)
        whole = Quantiser(bits, True)(x)
        quantise = Quantiser(bits, True)
        parts = np.concatenate([quantise(x[at : at + block]) for at in range(0, len(x), block)])
        np.testing.assert_array_equal(whole, parts)

    def test_dither_makes_the_error_independent_of_the_sound(self) -> None:
        # TPDF: total error power is a quarter of a step squared, whatever the sound; a constant below half a step
        # survives in the mean. Lipshitz, Wannamaker, Vanderkooy, J. AES 40(5), 1992.
        step = 2.0**-15
        for offset in (0.0, 0.2, 0.37):
            x = np.full(400_000, offset * step, np.float32)
            error = Quantiser(16, True)(x) * step - x.astype(np.float64)
            self.assertAlmostEqual(float(np.mean(error) / step), 0.0, delta=0.01)
            self.assertAlmostEqual(float(np.mean(error**2) / step**2), 0.25, delta=0.005)

    def test_16_bit_goes_through_unchanged_without_dither(self) -> None:
        every = np.arange(-32768, 32768, dtype=np.int32)
        np.testing.assert_array_equal(Quantiser(16, False)((every / 32768).astype(np.float32)), every)

    def test_what_does_not_fit_is_held_and_counted(self) -> None:
        quantise = Quantiser(16, False)
        self.assertEqual(quantise(np.array([1.0, 2.0, -3.0], np.float32)).tolist(), [32767, 32767, -32768])
        self.assertEqual(quantise.clipped, 3)
