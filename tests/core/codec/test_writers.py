"""Every format that is written: exact size, read by libraries that did not write it."""

from __future__ import annotations

import itertools
import unittest
import wave
import zlib

import numpy as np
import soundfile
import soxr
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.codec import FORMATS, find_format
from kittiwake.core.codec.pcm import Dither, Quantiser
from kittiwake.core.errors import RulesError
from kittiwake.core.intake import libav, open_sound
from kittiwake.core.make.proof import _int32_by_libav
from kittiwake.core.model import Stated
from tests.sounds import DEMO, FolderCase, db, noise, rms, sine


def speech() -> tuple[np.ndarray, int]:
    """A demo sentence at its own rate: real signal for codecs that are made for speech."""
    return soundfile.read(str(DEMO / "Ticket to Skerrow.wav"), dtype="float32")


#: Formats whose library is on this machine.
HERE = {key: form for key, form in FORMATS.items() if form.is_there()}

#: Least ratio (dB) of signal to difference after decoding, by encoding; what is not here is PCM. Codecs that model the voice and
#: not the wave (AMR, G.723.1) are held to the level in bands instead.
RATIO = {
    "ulaw": 33, "alaw": 33, "gsm": 8, "ima_adpcm": 18, "ms_adpcm": 15, "oki_adpcm": 13, "g722": 18, "g726_16": 7, "g726_24": 13,
    "g726_32": 18, "g726_40": 22, "opus": 6, "vorbis": 14, "mp3": 12, "aac": 12,
}  # fmt: skip


def bands(x: np.ndarray, rate: int) -> np.ndarray:
    """Level (dB) in seven bands up to 3400 Hz."""
    power = np.abs(np.fft.rfft(x)) ** 2
    hertz = np.fft.rfftfreq(len(x), 1 / rate)
    edges = [200, 400, 700, 1100, 1600, 2200, 2800, 3400]
    return np.array([10 * np.log10(power[(hertz >= a) & (hertz < b)].sum()) for a, b in itertools.pairwise(edges)])


class TestWriters(FolderCase):
    def made(
        self, key: tuple[str, str], sound: np.ndarray, rate: int = 8000, dither: Dither = "none", bit_rate: int = 0
    ):
        form = FORMATS[key]
        path = self.folder / f"{key[1]}{len(list(self.folder.iterdir()))}{form.extension}"
        columns = sound if sound.ndim == 2 else sound[:, None]
        writer = form.open(path, rate, columns.shape[1], dither=dither, bit_rate=bit_rate)
        for at in range(0, len(columns), 777):
            writer.write(columns[at : at + 777])
        writer.close()
        return path, writer

    def test_sizes_are_as_predicted_to_the_byte(self) -> None:
        for key, form in HERE.items():
            if not form.size:
                continue
            rates = form.rates[:1] or [rate for rate in (8000, 16_000, 22_050, 48_000) if form.takes_rate(rate)]
            for frames in (1, 2, 109, 110, 159, 160, 999, 8001):
                for channels in range(1, form.max_channels + 1):
                    for rate in rates:
                        path, _ = self.made(key, np.zeros((frames, channels), np.float32), rate)
                        wanted = form.exact_size(frames, channels, rate)
                        self.assertEqual(path.stat().st_size, wanted, (key, frames, channels, rate))
                        path.unlink()

    def test_sizes_of_the_standards(self) -> None:
        # Sizes a second, with the source of each.
        for key, bit_rate, frames, size in (
            (("raw", "ulaw"), 0, 8000, 8000),  # RFC 3551, static payload 0
            (("raw", "gsm"), 0, 160, 33), (("wav", "gsm"), 0, 640, 60 + 130),  # GSM 06.10: 33 a frame; 65 for two in WAV
            (("amr", "amr_nb"), 12_200, 160 * 50 - 51, 6 + 32 * 50),  # RFC 4867
            (("raw", "g722"), 0, 16_000, 8000), (("raw", "g726_32be"), 0, 8000, 4000), (("raw", "g723_1"), 0, 240, 24),
        ):  # fmt: skip
            self.assertEqual(FORMATS[key].exact_size(frames, 1, FORMATS[key].nearest_rate(8000), bit_rate), size, key)
        ima = FORMATS["wav", "ima_adpcm"]  # a block of B bytes holds 2·(B − 4) + 1 frames
        self.assertEqual(ima.exact_size(2 * (256 - 4) + 1, 1, 8000), 60 + 256)
        self.assertEqual(ima.exact_size(2 * (256 - 4) + 2, 1, 8000), 60 + 512)

    def test_a_limit_in_bytes_is_turned_into_frames(self) -> None:
        # (57344 − 44) / 16000 = 3.581 s, (56000 − 44) / 16000 = 3.497 s, (200000 − 44) / 16000 = 12.497 s.
        pcm = FORMATS["wav", "pcm_s16"]
        for limit, seconds in ((57344, 3.581), (56000, 3.497), (200_000, 12.497)):
            self.assertAlmostEqual(pcm.frames_within(limit, 1, 8000) / 8000, seconds, delta=0.0005)  # type: ignore[operator]
        # Of what depends on the sound, as many as surely fit.
        self.assertEqual(FORMATS["flac", "pcm_s16"].frames_within(1000, 1, 8000), 398)

    def test_every_format_is_read_back_with_its_signal_by_the_reader_that_proves_it(self) -> None:
        x, own = speech()
        for key, form in HERE.items():
            with self.subTest(key):
                rate = form.nearest_rate(8000 if "g722" not in key[1] else 16_000)
                sound = soxr.resample(x, own, rate, quality="HQ")
                path, _ = self.made(key, sound, rate)
                stated = Stated(key[1], rate) if key[0] == "raw" else None
                if form.second_reader == "libsndfile" and key[0] != "raw":
                    found, found_rate = soundfile.read(str(path), dtype="float32")
                    found = soxr.resample(found, found_rate, rate) if found_rate != rate else found
                else:
                    reader = open_sound(path, stated) if stated else libav.open_file(path, path.stat().st_size)
                    found = np.concatenate(list(reader.blocks()))[:, 0]
                    found_rate = reader.header.sample_rate
                    reader.close()
                self.assertTrue(
                    len(sound) <= len(found) <= form.decoded_frames(len(sound), rate), (len(sound), len(found))
                )
                heard = found[form.delay : form.delay + len(sound)]
                meant = sound[: len(heard)]
                encoding = key[1][:7] if key[1].startswith("g726") else key[1]
                if encoding in ("amr_nb", "g723_1", "g729"):
                    np.testing.assert_allclose(
                        bands(heard, rate), bands(meant, rate), atol=6 if encoding == "g729" else 3.5
                    )
                    continue
                error = np.mean((heard.astype(np.float64) - meant) ** 2)
                ratio = 10 * np.log10(np.mean(meant.astype(np.float64) ** 2) / max(error, 1e-20))
                least = RATIO.get(encoding, 22 if (form.bits or 16) == 8 else 65)
                self.assertGreater(ratio, least, f"{key}: {ratio:.1f} dB")

    def test_exact_formats_are_exact_in_two_libraries(self) -> None:
        x = np.stack([noise(8000, 1.1, -20, 1), noise(8000, 1.1, -30, 2)], axis=1)
        for key, form in HERE.items():
            path, writer = self.made(key, x[:, : form.max_channels], form.nearest_rate(8000))
            if writer.digest is None or key[1].startswith(
                "g726"
            ):  # that no library here has right: test_second_readers
                continue
            with self.subTest(key):
                raw = {}
                if key[0] == "raw":
                    subtype = {"ulaw": "ULAW", "alaw": "ALAW"}.get(key[1], "PCM_16")
                    endian = {"pcm_s16be": "BIG", "pcm_s16le": "LITTLE"}.get(key[1])
                    raw = {"samplerate": 8000, "channels": 2, "format": "RAW", "subtype": subtype, "endian": endian}
                as_int = soundfile.read(str(path), dtype="int32", always_2d=True, **raw)[0]
                self.assertEqual(as_int.shape, x.shape)
                self.assertEqual(zlib.crc32(as_int.astype("<i4").tobytes()), writer.digest)
                if key[0] == "raw":
                    continue
                value = 0
                for block in _int32_by_libav(path, None):
                    value = zlib.crc32(block.astype("<i4").tobytes(), value)
                self.assertEqual(value, writer.digest)

    def test_amr_in_all_its_modes(self) -> None:
        x, own = speech()
        sound = soxr.resample(x, own, 8000)
        for bit_rate in FORMATS["amr", "amr_nb"].bit_rates:
            path, _ = self.made(("amr", "amr_nb"), sound, 8000, bit_rate=bit_rate)
            self.assertEqual(path.stat().st_size, FORMATS["amr", "amr_nb"].exact_size(len(sound), 1, 8000, bit_rate))
            self.assertEqual(path.read_bytes()[:6], b"#!AMR\n")

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

    def test_heads_tell_what_is_true(self) -> None:
        """RIFF/WAVE: ``nAvgBytesPerSec`` of ``fmt ``, and ``fact``, the frames of sound without what fills up the last block; NIST SPHERE 1a:
        ``sample_n_bytes`` is a whole number (-i).
        """
        x = speech()[0][:7001]
        for encoding, rate, per_second in (
            ("g722", 16_000, 8000),
            ("gsm", 8000, 1625),
            ("ima_adpcm", 8000, 4055),
            ("ms_adpcm", 8000, 4096),
        ):
            path, _ = self.made(("wav", encoding), x, rate)
            data = path.read_bytes()
            self.assertEqual(int.from_bytes(data[28:32], "little"), per_second, encoding)
            at = data.index(b"fact")
            self.assertEqual(int.from_bytes(data[at + 8 : at + 12], "little"), len(x), encoding)
        path, _ = self.made(("sphere", "ulaw"), x, 8000)
        head = path.read_bytes()[:1024]
        self.assertIn(b"\nsample_n_bytes -i 1\n", head)
        self.assertEqual((len(path.read_bytes()), soundfile.info(str(path)).frames), (1024 + 7001, 7001))

    def test_mp3_keeps_its_level(self) -> None:
        x, own = speech()
        for rate, bit_rate in (
            (16_000, 64_000),
            (44_100, 64_000),
            (44_100, 128_000),
            (44_100, 192_000),
            (44_100, 224_000),
            (44_100, 320_000),
        ):
            if bit_rate not in FORMATS["mp3", "mp3"].legal_bit_rates(rate):
                continue
            sound = soxr.resample(x, own, rate)
            path, _ = self.made(("mp3", "mp3"), sound, rate, bit_rate=bit_rate)
            heard = soundfile.read(str(path), dtype="float32")[0]
            self.assertAlmostEqual(
                db(rms(heard)) - db(rms(sound)), 0.0, delta=0.05, msg=f"{rate} Hz, {bit_rate} bit/s"
            )

    def test_same_input_gives_the_same_bytes(self) -> None:
        for key, form in HERE.items():
            rate = form.nearest_rate(8000)
            first, _ = self.made(key, noise(rate, 0.7), rate, dither="tpdf")
            second, _ = self.made(key, noise(rate, 0.7), rate, dither="tpdf")
            self.assertEqual(first.read_bytes(), second.read_bytes(), key)

    def test_an_unknown_format_is_named_with_those_that_are_known(self) -> None:
        with self.assertRaises(RulesError) as caught:
            find_format("wav", "telepathy")
        self.assertIn("telepathy", str(caught.exception))
        self.assertIn("ulaw, alaw, pcm_s16", str(caught.exception))


class TestQuantiser(unittest.TestCase):
    @given(st.integers(1, 400), st.sampled_from([8, 16, 24]))
    def test_blocks_do_not_matter(self, block: int, bits: int) -> None:
        x = noise(8000, 0.1, -30)
        whole = Quantiser(bits, "tpdf")(x)
        quantise = Quantiser(bits, "tpdf")
        parts = np.concatenate([quantise(x[at : at + block]) for at in range(0, len(x), block)])
        np.testing.assert_array_equal(whole, parts)

    def test_dither_makes_the_error_independent_of_the_sound(self) -> None:
        # TPDF: total error power is a quarter of a step squared, whatever the sound; a constant below half a step
        # survives in the mean. Lipshitz, Wannamaker, Vanderkooy, J. AES 40(5), 1992.
        step = 2.0**-15
        for offset in (0.0, 0.2, 0.37):
            x = np.full(400_000, offset * step, np.float32)
            error = Quantiser(16, "tpdf")(x) * step - x.astype(np.float64)
            self.assertAlmostEqual(float(np.mean(error) / step), 0.0, delta=0.01)
            self.assertAlmostEqual(float(np.mean(error**2) / step**2), 0.25, delta=0.005)

    def test_16_bit_goes_through_unchanged_without_dither(self) -> None:
        every = np.arange(-32768, 32768, dtype=np.int32)
        np.testing.assert_array_equal(Quantiser(16, "none")((every / 32768).astype(np.float32)), every)

    def test_what_does_not_fit_is_held_and_counted(self) -> None:
        quantise = Quantiser(16, "none")
        self.assertEqual(quantise(np.array([1.0, 2.0, -3.0], np.float32)).tolist(), [32767, 32767, -32768])
        self.assertEqual(quantise.clipped, 3)
