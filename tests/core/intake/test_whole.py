"""Files that say nothing of their length, or something that is not true, are read to their end; those that break off are told."""

from __future__ import annotations

import numpy as np
import soundfile

from kittiwake.core.measure import analyze
from tests.sounds import FolderCase, coded_by_libav, spoken

VARIABLE = {"flags": "+qscale", "global_quality": "472"}  # libav's λ for quality 4


class TestMpeg(FolderCase):
    def sound(self, rate: int) -> np.ndarray:
        """Loud at first and soft then, so that frames at a variable bit rate are of very different sizes."""
        x = np.concatenate([spoken(rate)] * 4)
        x[len(x) // 2 :] *= np.float32(0.01)
        return x

    def test_a_variable_bit_rate_without_a_table_is_read_to_its_end(self) -> None:
        for rate in (16_000, 22_050, 44_100, 48_000):
            x = self.sound(rate)
            path = coded_by_libav(self.folder / "x.mp3", "libmp3lame", x, rate, {"write_xing": "0"}, **VARIABLE)
            facts = analyze(path)
            # What a coder puts before and after nobody can know of such a file: its delay, and up to two frames.
            self.assertGreaterEqual(facts.seconds, len(x) / rate)
            self.assertLess(facts.seconds, len(x) / rate + (0.05 if rate > 16_000 else 0.07), rate)
            self.assertEqual(facts.notes, ())

    def test_two_that_were_joined_end_and_say_what_is_not_read(self) -> None:
        for first, second in ((44_100, 22_050), (22_050, 48_000), (48_000, 44_100)):
            parts = []
            for rate in (first, second):
                part = self.folder / f"{first}-{second}-{rate}.mp3"
                soundfile.write(str(part), spoken(rate), rate, format="MP3", subtype="MPEG_LAYER_III")
                parts.append(part.read_bytes())
            path = self.folder / f"{first}-{second}.mp3"
            path.write_bytes(b"".join(parts))
            facts = analyze(path)
            assert facts.header is not None
            self.assertEqual(facts.header.sample_rate, first)
            self.assertEqual([note.code for note in facts.notes], ["damaged"], (first, second))
            self.assertIn("another sample rate or kind", facts.notes[0].message)

    def test_with_a_table_it_is_exact(self) -> None:
        x = self.sound(44_100)
        path = coded_by_libav(self.folder / "x.mp3", "libmp3lame", x, 44_100, **VARIABLE)
        self.assertEqual(analyze(path).measures.frames, len(x))  # type: ignore[union-attr]

    def test_a_table_that_speaks_of_the_first_half_only(self) -> None:
        x = self.sound(44_100)
        path = coded_by_libav(self.folder / "x.mp3", "libmp3lame", x, 44_100, **VARIABLE)
        path.write_bytes(path.read_bytes() * 2)
        self.assertGreater(analyze(path).seconds, 1.99 * len(x) / 44_100)

    def test_one_that_breaks_off_is_told_and_a_whole_one_is_not(self) -> None:
        for muxer in ({"write_xing": "0"}, {}):
            for options in (VARIABLE, {"b": "64k"}):
                x = self.sound(44_100)
                path = coded_by_libav(self.folder / "x.mp3", "libmp3lame", x, 44_100, muxer, **options)
                self.assertFalse(analyze(path).has("truncated"))
                path.write_bytes(path.read_bytes()[: path.stat().st_size // 2 + 17])
                self.assertTrue(analyze(path).has("truncated"), (muxer, options))


class TestOgg(FolderCase):
    def test_half_a_file_is_told(self) -> None:
        for subtype, rate in (("OPUS", 48_000), ("VORBIS", 44_100)):
            path = self.folder / "x.ogg"
            soundfile.write(str(path), np.concatenate([spoken(rate)] * 3), rate, format="OGG", subtype=subtype)
            self.assertEqual(analyze(path).notes, ())
            data = path.read_bytes()
            for share in (0.5, 0.9, 0.99):
                path.write_bytes(data[: int(len(data) * share)])
                self.assertTrue(analyze(path).has("truncated"), (subtype, share))

    def test_one_piece_after_another_is_read_to_the_last(self) -> None:
        for subtype, rate in (("OPUS", 48_000), ("VORBIS", 44_100)):
            path = self.folder / "x.ogg"
            soundfile.write(str(path), spoken(rate), rate, format="OGG", subtype=subtype)
            path.write_bytes(path.read_bytes() * 2)
            self.assertGreater(analyze(path).seconds, 1.95 * len(spoken(rate)) / rate)


class TestOthers(FolderCase):
    def test_sound_in_a_container_that_breaks_off_is_told(self) -> None:
        for name, codec, rate, muxer in (
            ("x.m4a", "aac", 44_100, {"movflags": "faststart"}),
            ("x.mka", "libopus", 48_000, {}),
            ("x.flac", "flac", 44_100, {}),
        ):
            path = coded_by_libav(self.folder / name, codec, np.concatenate([spoken(rate)] * 3), rate, muxer)
            self.assertEqual(analyze(path).notes, ())
            path.write_bytes(path.read_bytes()[: path.stat().st_size // 2])
            self.assertTrue({"truncated", "damaged"} & {note.code for note in analyze(path).notes}, name)
