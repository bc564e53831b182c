"""Codecs that one library both writes and reads here, held against an independent one; and sizes of what is compressed."""

from __future__ import annotations

import unittest
from collections.abc import Callable

import av
import numpy as np
import soundfile
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.signal import butter, sosfilt

from kittiwake.core.codec import FORMATS
from kittiwake.core.codec.compressed import mp3_bit_rates
from kittiwake.core.codec.pcm import Quantiser
from kittiwake.core.intake import open_sound
from kittiwake.core.intake.packing import packed, unpacked
from kittiwake.core.model import Stated
from tests.core.codec import second
from tests.sounds import FolderCase, noise, really_spoken, sine, spoken


class CodecCase(FolderCase):
    def coded(self, container: str, encoding: str, sound: np.ndarray, rate: int, bit_rate: int = 0, **more) -> bytes:
        path = self.folder / "x"
        path.unlink(missing_ok=True)
        writer = FORMATS[container, encoding].open(path, rate, 1, dither="none", bit_rate=bit_rate, **more)
        for at in range(0, len(sound), 5000):
            writer.write(sound[at : at + 5000, None])
        writer.close()
        return path.read_bytes()

    def decoded(self, data: bytes, stated: Stated) -> np.ndarray:
        path = self.folder / "y"
        path.write_bytes(data)
        reader = open_sound(path, stated)
        out = np.concatenate(list(reader.blocks()))[:, 0]
        reader.close()
        return out

    def ratio(self, meant: np.ndarray, heard: np.ndarray) -> float:
        count = min(len(meant), len(heard))
        error = np.mean((heard[:count].astype(np.float64) - meant[:count]) ** 2)
        return float(10 * np.log10(np.mean(meant[:count].astype(np.float64) ** 2) / error))


Codes = Callable[[np.ndarray], bytes]
Samples = Callable[[bytes], np.ndarray]


class TestSecondReaders(CodecCase):
    def both_ways(self, sound: np.ndarray, rate: int, encoding: str, codes: Codes, samples: Samples) -> None:
        """Our stream read by the other, and the other's by us, each against how it is read by its own side."""
        stated = Stated(encoding, rate)
        ours = self.coded("raw", encoding, sound, rate)
        theirs = codes(np.clip(np.rint(sound * 32768), -32768, 32767).astype(np.int16))
        for stream in (ours, theirs):
            here = self.decoded(stream, stated)
            there = samples(stream).astype(np.float64) / 32768
            count = min(len(here), len(there))
            self.assertGreaterEqual(count, len(sound) - 8)
            # Bit by bit: the recommendations fix every sample.
            np.testing.assert_array_equal(
                here[:count], there[:count], (encoding, "ours" if stream is ours else "theirs")
            )

    def test_g726_against_libspandsp_in_both_directions(self) -> None:
        for whole in (spoken(8000)[8000:18_000], really_spoken(8000)[:10_000]):
            for kbits in (16, 24, 32, 40):
                for order in ("be", "le"):
                    # The codes are the same in both orders, which are a matter of packing: half a second says it.
                    sound = whole if order == "be" else whole[:4000]
                    self.both_ways(
                        sound,
                        8000,
                        f"g726_{kbits}{order}",
                        lambda x, k=kbits, o=order: second.g726_codes(x, k, o == "be"),
                        lambda x, k=kbits, o=order: second.g726_samples(x, k, o == "be"),
                    )
                    # From the same 14 bits both make the same codes.
                    steps = np.clip(np.rint(sound * 8192), -8192, 8191).astype(np.int16)
                    ours = self.coded("raw", f"g726_{kbits}{order}", sound, 8000)
                    theirs = second.g726_codes(steps * 4, kbits, order == "be")
                    self.assertEqual(ours[: len(theirs) - 1], theirs[:-1], (kbits, order))

    def test_g726_in_au_as_libsndfile_writes_it_is_decoded_by_the_recommendation(self) -> None:
        sound = really_spoken(8000)[:16_000] * np.float32(0.5)  # beyond full scale the other's samples wrap around
        path = self.folder / "x.au"
        for kbits, subtype in ((24, "G723_24"), (32, "G721_32"), (40, "G723_40")):
            soundfile.write(str(path), sound, 8000, format="AU", subtype=subtype)
            data = path.read_bytes()
            reader = open_sound(path)
            heard = np.concatenate(list(reader.blocks()))[:, 0]
            reader.close()
            self.assertEqual((reader.header.container, reader.header.encoding), ("au", f"g726_{kbits}"))
            right = second.g726_samples(data[int.from_bytes(data[4:8], "big") :], kbits, False) / 32768
            count = min(len(right), len(heard))
            self.assertGreaterEqual(count, len(sound))
            np.testing.assert_array_equal(heard[:count], right[:count].astype(np.float32))

    def test_g722_against_libspandsp(self) -> None:
        self.both_ways(really_spoken(16_000), 16_000, "g722", second.g722_codes, second.g722_samples)

    def test_gsm_against_libgsm(self) -> None:
        sound = really_spoken(8000)
        self.both_ways(sound[: len(sound) // 160 * 160], 8000, "gsm", second.gsm_codes, second.gsm_samples)

    def test_gsm_in_wav_against_libgsm(self) -> None:
        sound = really_spoken(8000)
        data = self.coded("wav", "gsm", sound, 8000)
        heard = second.gsm_samples(data[data.index(b"data") + 8 :], wav=True) / 32768
        path = self.folder / "x"
        reader = open_sound(path)
        ours = np.concatenate(list(reader.blocks()))[:, 0]
        reader.close()
        count = min(len(ours), len(heard))
        self.assertGreaterEqual(count, len(sound))
        np.testing.assert_array_equal(ours[:count], heard[:count].astype(np.float32))

    def test_oki_against_libspandsp(self) -> None:
        """Step sizes and their steps are the same. It cuts each of the four parts of a difference to a whole number, as the chip does, others
        the sum of them: what comes of that is a slow drift, which is below what is heard.
        """
        sound = really_spoken(8000)
        high = butter(4, 100, "highpass", fs=8000, output="sos")
        for data in (self.coded("raw", "oki_adpcm", sound, 8000), second.oki_codes(np.rint(sound * 32767))):
            here = sosfilt(high, self.decoded(data, Stated("oki_adpcm", 8000)))
            there = sosfilt(high, second.oki_samples(data) / 32768)
            self.assertGreater(self.ratio(there, here), 25)

    def test_amr_against_two_decoders(self) -> None:
        """A beep is no voice: libav's own decoder is 2 dB and more off there, OpenCORE is right, and so are we."""
        for sound in (really_spoken(8000), sine(440, 8000, 2, -10)):
            for bit_rate in (12_200, 7950, 4750):
                data = self.coded("amr", "amr_nb", sound, 8000, bit_rate)
                path = self.folder / "x"
                reader = open_sound(path)
                ours = np.concatenate(list(reader.blocks()))[:, 0]
                reader.close()
                theirs = second.amr_samples(data) / 32768
                np.testing.assert_array_equal(ours, theirs[: len(ours)].astype(np.float32))

    def test_g729_against_libbcg729(self) -> None:
        # Encoder and this decoder are of one library; libav's, by which we read, shares no code with it.
        sound = really_spoken(8000)
        data = self.coded("raw", "g729", sound, 8000)
        there = second.g729_samples(data) / 32768
        self.assertGreater(self.ratio(there, self.decoded(data, Stated("g729", 8000))), 15)

    def test_aac_by_libfaad2(self) -> None:
        sound = really_spoken(44_100)
        self.coded("mp4", "aac", sound, 44_100, 96_000)
        path = self.folder / "x"
        theirs = second.aac_samples(path) / 32768
        reader = open_sound(path)
        ours = np.concatenate(list(reader.blocks()))[:, 0]
        reader.close()
        # They differ by what is taken for the coder's delay, in whole frames and halves of them.
        shift = max(range(0, 4096, 1024), key=lambda n: self.ratio(ours[:40_000], theirs[n : n + 40_000]))
        self.assertGreater(self.ratio(ours, theirs[shift:]), 35)

    def test_opus_by_libav_s_own_decoder(self) -> None:
        """The encoder is libopus, and libsndfile reads by libopus too; libav has a decoder of its own (RFC 6716)."""
        sound = really_spoken(48_000)
        self.coded("ogg", "opus", sound, 48_000, 64_000)
        path = self.folder / "x"
        with av.open(str(path)) as container:
            self.assertEqual(container.streams.audio[0].codec_context.codec.name, "opus")
            theirs = np.concatenate([frame.to_ndarray()[0] for frame in container.decode(audio=0)])
        ours = soundfile.read(str(path), dtype="float32")[0]
        skipped = len(theirs) - len(ours)  # libav leaves the pre-skip of the header in, or not
        self.assertGreater(self.ratio(ours, theirs[skipped if 0 < skipped <= 312 else 0 :]), 40)

    def test_codes_packed_and_unpacked_are_the_same(self) -> None:
        dice = np.random.default_rng(5)
        for bits in (2, 3, 4, 5):
            for high_first in (True, False):
                codes = dice.integers(0, 1 << bits, 80).astype(np.uint8)
                np.testing.assert_array_equal(unpacked(packed(codes, bits, high_first), bits, high_first), codes)
        self.assertEqual(packed(np.array([1, 2], np.uint8), 4, True), b"\x12")
        self.assertEqual(packed(np.array([1, 2], np.uint8), 4, False), b"\x21")


class TestSizes(CodecCase):
    @settings(max_examples=25, deadline=None)
    @given(data=st.data())
    def test_constant_mp3_and_opus_are_as_large_as_predicted(self, data: st.DataObject) -> None:
        encoding = data.draw(st.sampled_from(["mp3", "opus"]))
        form = FORMATS["ogg" if encoding == "opus" else "mp3", encoding]
        rate = data.draw(st.sampled_from(form.rates))
        bit_rate = data.draw(st.sampled_from(form.legal_bit_rates(rate)))
        channels = data.draw(st.integers(1, 2))
        frames = data.draw(st.integers(1, 3 * rate))
        path = self.folder / "x"
        path.unlink(missing_ok=True)
        writer = form.open(path, rate, channels, dither="none", bit_rate=bit_rate)
        writer.write(np.repeat(noise(rate, frames / rate + 1, -30)[:frames, None], channels, axis=1))
        writer.close()
        self.assertEqual(path.stat().st_size, form.exact_size(frames, channels, rate, bit_rate))

    def test_variable_is_another_file_about_as_large(self) -> None:
        sound = np.concatenate([spoken(16_000)] * 3)
        for container, encoding, bit_rate in (("mp3", "mp3", 32_000), ("ogg", "opus", 24_000)):
            constant = self.coded(container, encoding, sound, 16_000, bit_rate)
            variable = self.coded(container, encoding, sound, 16_000, bit_rate, variable=True)
            self.assertNotEqual(constant, variable)
            self.assertAlmostEqual(len(variable) / len(constant), 1, delta=0.3)
            self.assertIsNone(FORMATS[container, encoding].exact_size(1000, 1, 16_000, bit_rate, variable=True))

    def test_bit_rates_of_the_standard(self) -> None:
        # ISO/IEC 11172-3: 32 to 320 kbit/s; 13818-3: 8 to 160.
        self.assertEqual((min(mp3_bit_rates(44_100)), max(mp3_bit_rates(44_100))), (32_000, 320_000))
        self.assertEqual((min(mp3_bit_rates(22_050)), max(mp3_bit_rates(22_050))), (8000, 160_000))


class TestNoiseShaping(unittest.TestCase):
    def test_noise_goes_up_out_of_the_voice(self) -> None:
        rate = 48_000
        quiet = sine(997, rate, 2, -50)[:, None]
        spectra = {}
        for kind in ("tpdf", "shaped"):
            error = Quantiser(16, kind)(quiet)[:, 0] / 32768 - quiet[:, 0].astype(np.float64)
            spectra[kind] = np.abs(np.fft.rfft(error * np.hanning(len(error)))) ** 2
        hertz = np.fft.rfftfreq(len(quiet), 1 / rate)
        low, high = (hertz > 100) & (hertz < 3400), hertz > 18_000
        gain = {
            name: 10 * np.log10(spectra["shaped"][band].mean() / spectra["tpdf"][band].mean())
            for name, band in (("low", low), ("high", high))
        }
        self.assertLess(gain["low"], -12)
        self.assertGreater(gain["high"], 6)

    def test_the_cut_into_blocks_makes_no_difference(self) -> None:
        sound = noise(8000, 2, -30).reshape(-1, 2)
        whole = Quantiser(16, "shaped")(sound)
        quantise = Quantiser(16, "shaped")
        parts = np.concatenate([quantise(part) for part in np.split(sound, [1, 17, 4096, 4097, 7000])])
        np.testing.assert_array_equal(parts, whole)
        # It is just the feedback that it says it is: y = x + e − 2e₋₁ + e₋₂ with errors under a step and a half.
        moved = whole - sound.astype(np.float64) * 32768
        self.assertLess(np.abs(moved).max(), 6.0)
