"""Codecs compared: the figures agree with what is known of each."""

from __future__ import annotations

import numpy as np
import pystoi
import soundfile
import soxr

from kittiwake.core.codec import FORMATS, ulaw
from kittiwake.core.make.compare import Candidate, compare
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, TouchUp
from tests.sounds import DEMO, FolderCase, noise


class TestCompare(FolderCase):
    def test_figures(self) -> None:
        path = DEMO / "Ticket to Skerrow.wav"
        found = {c.candidate.name: c for c in compare(Clip.whole(path), analyze(path), self.folder)}
        law = found["WAV, µ-law, 8 kHz"]
        # 16 kHz mono 16-bit is 32,000 bytes a second, 8 kHz µ-law 8,000 (common practice, no source).
        self.assertAlmostEqual(law.ratio, 4.0, delta=0.02)
        self.assertAlmostEqual(law.kbit_s, 64, delta=0.5)
        stois = [found[f"AMR narrow-band, 8 kHz, {rate} kbit/s"].stoi for rate in ("12.2", "7.95", "4.75")]
        self.assertEqual(stois, sorted(stois, reverse=True))  # type: ignore[type-var]
        ratios = [
            found[f"headerless G.726 at {k} kbit/s, high bits first, 8 kHz"].signal_to_distortion_db
            for k in (40, 32, 24, 16)
        ]
        self.assertEqual(ratios, sorted(ratios, reverse=True))  # type: ignore[type-var]
        for one in found.values():
            self.assertEqual(one.bytes, one.file.stat().st_size)
            self.assertGreater(one.stoi or 0, 0.85)
        # An independent calculation of one line: companding by table, STOI by its reference implementation.
        x, rate = soundfile.read(str(path))
        x = soxr.resample(x, rate, 8000, quality="HQ")
        y = ulaw.decode(ulaw.encode(x.astype(np.float32))) / 32768
        self.assertAlmostEqual(law.stoi or 0, pystoi.stoi(x, y, 8000), delta=0.002)
        self.assertAlmostEqual(
            law.signal_to_distortion_db or 0, 10 * np.log10(np.mean(x**2) / np.mean((x - y) ** 2)), delta=0.3
        )

    def test_an_mp3_of_192_kbit_against_cd_sound(self) -> None:
        # CD sound is 1411.2 kbit/s; one of its channels against 192 kbit/s is half of 7.35 to 1.
        pair = np.stack([noise(44_100, 4, -20, 1), noise(44_100, 4, -20, 2)], 1)
        path = self.write("cd.wav", pair, 44_100)
        wanted = [Candidate(FORMATS["mp3", "mp3"], 44_100, 192_000)]
        found = next(compare(Clip.whole(path), analyze(path), self.folder, wanted))
        self.assertAlmostEqual(found.ratio, 7.35 / 2, delta=0.08)

    def test_an_offset_is_no_distortion(self) -> None:
        x = soundfile.read(str(DEMO / "Ticket to Skerrow.wav"), dtype="float32")[0][:60_000]
        wanted = [Candidate(FORMATS["wav", "pcm_s16"], 16_000), Candidate(FORMATS["wav", "ulaw"], 16_000)]
        figures = []
        for offset in (0.0, 0.003):
            path = self.write(f"{offset}.wav", x + np.float32(offset), 16_000)
            found = list(compare(Clip.whole(path), analyze(path), self.folder, wanted))
            figures.append([one.signal_to_distortion_db for one in found])
            for one in found:
                one.file.unlink()
        (_, law), (plain_off, law_off) = figures
        self.assertGreater(plain_off or 0, 90)
        self.assertAlmostEqual(law or 0, 37, delta=2)
        self.assertAlmostEqual(law_off or 0, law or 0, delta=1.5)

    def test_touch_ups_are_not_the_codec_s_doing(self) -> None:
        path = DEMO / "Ticket to Skerrow.wav"
        clip = Clip.whole(path)
        wanted = [Candidate(FORMATS["wav", "ulaw"], 8000)]
        plain = next(compare(clip, analyze(path), self.folder, wanted))
        plain.file.unlink()
        faster = clip.changed(touch_up=TouchUp(speed=1.2, fade_out=0.5, low_cut=200.0, pitch=2.0))
        touched = next(compare(faster, analyze(path), self.folder, wanted))
        self.assertEqual(plain.signal_to_distortion_db, touched.signal_to_distortion_db)

    def test_too_short_to_tell(self) -> None:
        path = self.write("short.wav", noise(8000, 0.1), 8000)
        wanted = [Candidate(FORMATS["wav", "ulaw"], 8000)]
        self.assertIsNone(next(compare(Clip.whole(path), analyze(path), self.folder, wanted)).stoi)
