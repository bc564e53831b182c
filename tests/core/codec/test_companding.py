"""Companding: ITU-T G.711 (11/1988)."""

from __future__ import annotations

import unittest

import av
import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.codec import alaw, ulaw
from tests.sounds import FolderCase, sine

CODES = np.arange(256, dtype=np.uint8)


class TestTables(FolderCase):
    def test_corner_codes(self) -> None:
        # Values from memory of G.711; the two libraries below confirm all 256.
        wanted = {0x00: -32124, 0x80: 32124, 0xFF: 0, 0x7F: 0}
        for code, value in wanted.items():
            self.assertEqual(int(ulaw.DECODE[code]), value)

    def test_all_codes_decode_as_libsndfile_does(self) -> None:
        import soundfile

        raw = self.folder / "codes.ul"
        raw.write_bytes(CODES.tobytes())
        values, _ = soundfile.read(str(raw), dtype="int16", samplerate=8000, channels=1, format="RAW", subtype="ULAW")
        np.testing.assert_array_equal(ulaw.decode(CODES), values)

    def test_all_codes_decode_as_libavcodec_does(self) -> None:
        decoder = av.CodecContext.create("pcm_mulaw", "r")
        decoder.sample_rate = 8000
        decoder.layout = "mono"
        frames = decoder.decode(av.Packet(CODES.tobytes()))
        np.testing.assert_array_equal(ulaw.decode(CODES), frames[0].to_ndarray().ravel())

    def test_every_code_comes_back(self) -> None:
        again = ulaw.encode(ulaw.decode(CODES).astype(np.float32) / 32768)
        wanted = CODES.copy()
        wanted[0x7F] = 0xFF  # the second zero
        np.testing.assert_array_equal(again, wanted)

    def test_digital_milliwatt(self) -> None:
        # G.711 table 6: 1 kHz at 0 dBm0, sampled at 8 kHz; a full-scale sine is +3.17 dBm0.
        octets = np.frombuffer(bytes.fromhex("1E0B0B1E9E8B8B9E"), np.uint8)
        wave = ulaw.decode(octets).astype(np.float64) / 32768
        turn = np.exp(-2j * np.pi * np.arange(8) / 8)
        peak = 2 * abs(np.sum(wave * turn)) / 8
        # Full scale of the encoder is 8159 on the 14-bit scale of the recommendation.
        full = 8159 * 4 / 32768
        self.assertAlmostEqual(20 * np.log10(peak / full), -3.17, delta=0.02)
        np.testing.assert_array_equal(ulaw.encode(wave.astype(np.float32)), octets)


class TestNearest(unittest.TestCase):
    @given(st.floats(-1.0, 1.0, width=32))
    def test_no_code_is_nearer(self, value: float) -> None:
        found = int(ulaw.DECODE[int(ulaw.encode(np.array([value], np.float32))[0])]) / 32768
        best = float(np.abs(ulaw.DECODE.astype(np.float64) / 32768 - value).min())
        self.assertAlmostEqual(abs(found - value), best, delta=1e-9)

    def test_beyond_full_scale_never_wraps(self) -> None:
        codes = ulaw.encode(np.array([1.0, 1.5, 40.0, -1.0, -40.0], np.float32))
        self.assertEqual(codes.tolist(), [0x80, 0x80, 0x80, 0x00, 0x00])

    def test_signal_to_distortion_of_a_nearest_code_encoder(self) -> None:
        # Figures measured for a nearest-code encoder with a 1020 Hz sine; a truncating one falls short of them.
        for dbfs, wanted in ((-20, 38.1), (-30, 35.0), (-40, 35.2), (-50, 30.3)):
            x = sine(1020, 8000, 20, dbfs)
            error = ulaw.decode(ulaw.encode(x)) / 32768 - x.astype(np.float64)
            ratio = 10 * np.log10(np.mean(x.astype(np.float64) ** 2) / np.mean(error**2))
            self.assertAlmostEqual(ratio, wanted, delta=0.1, msg=f"{dbfs} dBFS")

    def test_distortion_mask(self) -> None:
        # ITU-T G.712: at least 33 dB from 0 to −30 dBm0, 27 at −40, 22 at −45. 0 dBm0 is 3.17 dB under full scale.
        for dbm0, least in ((0, 33), (-10, 33), (-20, 33), (-30, 33), (-40, 27), (-45, 22)):
            x = sine(1020, 8000, 20, dbm0 - 3.17)
            error = ulaw.decode(ulaw.encode(x)) / 32768 - x.astype(np.float64)
            ratio = 10 * np.log10(np.mean(x.astype(np.float64) ** 2) / np.mean(error**2))
            self.assertGreaterEqual(ratio, least, f"{dbm0} dBm0")


class TestALaw(FolderCase):
    def test_corner_codes(self) -> None:
        # From memory of G.711: 0x55/0xD5 decode to ∓8, 0x2A/0xAA to ∓32256; two libraries confirm all 256 below.
        for code, value in ((0x55, -8), (0xD5, 8), (0x2A, -32256), (0xAA, 32256)):
            self.assertEqual(int(alaw.DECODE[code]), value)

    def test_all_codes_decode_as_two_libraries_do_and_come_back(self) -> None:
        import soundfile

        raw = self.folder / "codes.al"
        raw.write_bytes(CODES.tobytes())
        values, _ = soundfile.read(str(raw), dtype="int16", samplerate=8000, channels=1, format="RAW", subtype="ALAW")
        np.testing.assert_array_equal(alaw.decode(CODES), values)
        decoder = av.CodecContext.create("pcm_alaw", "r")
        decoder.sample_rate, decoder.layout = 8000, "mono"  # type: ignore[attr-defined]
        frames = decoder.decode(av.Packet(CODES.tobytes()))  # type: ignore[attr-defined]
        np.testing.assert_array_equal(alaw.decode(CODES), frames[0].to_ndarray().ravel())
        np.testing.assert_array_equal(alaw.encode(alaw.decode(CODES).astype(np.float32) / 32768), CODES)

    def test_digital_milliwatt(self) -> None:
        # G.711 table 5: 1 kHz at 0 dBm0; a full-scale sine is +3.14 dBm0.
        octets = np.frombuffer(bytes.fromhex("34212134B4A1A1B4"), np.uint8)
        wave = alaw.decode(octets).astype(np.float64) / 32768
        peak = 2 * abs(np.sum(wave * np.exp(-2j * np.pi * np.arange(8) / 8))) / 8
        self.assertAlmostEqual(20 * np.log10(peak), -3.14, delta=0.02)
        np.testing.assert_array_equal(alaw.encode(wave.astype(np.float32)), octets)

    @given(st.floats(-1.0, 1.0, width=32))
    def test_no_code_is_nearer(self, value: float) -> None:
        found = int(alaw.DECODE[int(alaw.encode(np.array([value], np.float32))[0])]) / 32768
        best = float(np.abs(alaw.DECODE.astype(np.float64) / 32768 - value).min())
        self.assertAlmostEqual(abs(found - value), best, delta=1e-9)

    def test_distortion_mask(self) -> None:
        # ITU-T G.712, as for µ-law; 0 dBm0 is 3.14 dB under full scale.
        for dbm0, least in ((0, 33), (-10, 33), (-20, 33), (-30, 33), (-40, 27), (-45, 22)):
            x = sine(1020, 8000, 20, dbm0 - 3.14)
            error = alaw.decode(alaw.encode(x)) / 32768 - x.astype(np.float64)
            ratio = 10 * np.log10(np.mean(x.astype(np.float64) ** 2) / np.mean(error**2))
            self.assertGreaterEqual(ratio, least, f"{dbm0} dBm0")
