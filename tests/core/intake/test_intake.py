"""Opening anything: content decides, and trouble is said in words."""

from __future__ import annotations

import os
from pathlib import Path

import av
import numpy as np
import soundfile
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.errors import IntakeError
from kittiwake.core.intake import PathList, find_sound_files, open_sound
from kittiwake.core.intake.folder import in_batches
from kittiwake.core.measure import analyze
from tests.sounds import DEMO, FolderCase, coded_by_libav, sine, tone_level


def read(path: Path) -> tuple[np.ndarray, int]:
    reader = open_sound(path)
    try:
        return np.concatenate(list(reader.blocks())), reader.header.sample_rate
    finally:
        reader.close()


class TestFormats(FolderCase):
    def test_every_kind_is_read_with_its_signal(self) -> None:
        x = sine(440, 48000, 1.0, -12)
        kinds = [
            ("a.wav", "WAV", "PCM_U8", "wav", "pcm_u8"), ("b.wav", "WAV", "PCM_16", "wav", "pcm_s16"),
            ("c.wav", "WAV", "PCM_24", "wav", "pcm_s24"), ("d.wav", "WAV", "FLOAT", "wav", "pcm_f32"),
            ("e.wav", "WAV", "ULAW", "wav", "ulaw"), ("f.wav", "WAV", "ALAW", "wav", "alaw"),
            ("g.aiff", "AIFF", "PCM_16", "aiff", "pcm_s16"), ("h.flac", "FLAC", "PCM_24", "flac", "pcm_s24"),
            ("i.ogg", "OGG", "VORBIS", "ogg", "vorbis"), ("j.opus", "OGG", "OPUS", "ogg", "opus"),
            ("k.mp3", "MP3", "MPEG_LAYER_III", "mp3", "mp3"), ("l.au", "AU", "PCM_16", "au", "pcm_s16"),
            ("m.caf", "CAF", "PCM_16", "caf", "pcm_s16"), ("n.rf64", "RF64", "PCM_16", "rf64", "pcm_s16"),
            ("o.wav", "WAV", "IMA_ADPCM", "wav", "ima_adpcm"), ("p.sph", "NIST", "PCM_16", "sphere", "pcm_s16"),
        ]  # fmt: skip
        for name, form, subtype, container, encoding in kinds:
            with self.subTest(name):
                path = self.folder / name
                soundfile.write(str(path), x, 48000, format=form, subtype=subtype)
                facts = analyze(path)
                self.assertTrue(facts.ok, facts.error)
                self.assertEqual((facts.header.container, facts.header.encoding), (container, encoding))  # type: ignore[union-attr]
                sound, rate = read(path)
                self.assertAlmostEqual(tone_level(sound[:, 0], 440, rate), -12, delta=0.3)
                self.assertAlmostEqual(len(sound) / rate, 1.0, delta=0.06)

    def test_what_only_libav_reads(self) -> None:
        for name, form, codec, container in (
            ("a.m4a", "mp4", "aac", "mp4"), ("b.mka", "matroska", "libopus", "matroska"), ("c.aac", "adts", "aac", "adts"),
        ):  # fmt: skip
            with self.subTest(name):
                path = self.folder / name
                rate = 48000 if codec == "libopus" else 44100
                with av.open(str(path), "w", format=form) as file:
                    stream = file.add_stream(codec, rate=rate, layout="mono")
                    frame = av.AudioFrame.from_ndarray(sine(440, rate, 1.0, -12)[None], format="fltp", layout="mono")
                    frame.sample_rate = rate
                    resampler = av.AudioResampler(format=stream.codec_context.format, layout="mono", rate=rate)
                    for part in resampler.resample(frame):
                        file.mux(stream.encode(part))
                    file.mux(stream.encode(None))
                sound, found_rate = read(path)
                self.assertEqual(found_rate, rate)
                self.assertAlmostEqual(tone_level(sound[:, 0], 440, rate), -12, delta=0.5)
                self.assertEqual(analyze(path).header.container, container)  # type: ignore[union-attr]

    def test_how_many_bits_a_sample_has_in_a_container(self) -> None:
        sound = sine(440, 8000, 1.0, -12)
        for codec, encoding, bits in (
            ("pcm_s16le", "pcm_s16", 16), ("pcm_s24le", "pcm_s24", 24), ("pcm_f32le", "pcm_f32", 32), ("pcm_mulaw", "ulaw", 8), ("pcm_alaw", "alaw", 8),
        ):  # fmt: skip
            path = coded_by_libav(self.folder / f"{codec}.mov", codec, sound, 8000)
            header = analyze(path).header
            assert header is not None
            self.assertEqual((header.encoding, header.bits), (encoding, bits))

    def test_content_decides_not_the_extension(self) -> None:
        path = self.folder / "really.wav"
        soundfile.write(str(path), sine(440, 48000), 48000, format="FLAC", subtype="PCM_16")
        self.assertEqual(analyze(path).header.container, "flac")  # type: ignore[union-attr]
        mp4 = self.folder / "film.wav"
        mp4.write_bytes((DEMO / "Harbour tour.mp4").read_bytes())
        self.assertEqual(analyze(mp4).header.container, "mp4")  # type: ignore[union-attr]


class TestTrouble(FolderCase):
    def code_of(self, path: Path) -> str:
        with self.assertRaises(IntakeError) as caught:
            open_sound(path)
        self.assertTrue(caught.exception.message.endswith("."))
        self.assertTrue(caught.exception.remedy)
        return caught.exception.code

    def test_each_has_its_word(self) -> None:
        text, empty = self.folder / "t.wav", self.folder / "e.wav"
        text.write_text("Grüße vom Kai\n" * 1000, "utf-8")
        empty.touch()
        junk = self.folder / "j.wav"
        junk.write_bytes(bytes(range(256)) * 40)
        os.mkfifo(self.folder / "fifo.wav")
        self.assertEqual(self.code_of(text), "not_sound")
        self.assertEqual(self.code_of(empty), "empty")
        self.assertEqual(self.code_of(junk), "not_sound")
        self.assertEqual(self.code_of(self.folder / "none.wav"), "missing")
        self.assertEqual(self.code_of(self.folder / "fifo.wav"), "not_a_file")
        self.assertEqual(self.code_of(self.folder), "not_a_file")

    def test_header_without_sound(self) -> None:
        path = self.write("h.wav", np.zeros(0, np.float32), 8000)
        self.assertEqual(analyze(path).error.code, "empty")  # type: ignore[union-attr]

    def test_truncated_files_say_how_much_is_missing(self) -> None:
        for name, subtype in (("t.wav", "PCM_16"), ("t.aiff", "PCM_16"), ("t.flac", "PCM_16")):
            with self.subTest(name):
                path = self.write(name, sine(440, 8000, 4.0) + np.float32(0.001), 8000, subtype)
                data = path.read_bytes()
                path.write_bytes(data[: len(data) // 2])
                facts = analyze(path)
                self.assertTrue(facts.ok, facts.error)
                self.assertTrue(facts.has("truncated") or facts.has("damaged"), facts.notes)
                self.assertLess(facts.seconds, 3.0)

    def test_whole_files_are_not_called_truncated(self) -> None:
        path = self.write("w.wav", sine(440, 8000, 1.0), 8000)
        self.assertEqual(analyze(path).notes, ())
        # A stream's header promises nothing: its size was never filled in.
        data = bytearray(path.read_bytes())
        data[40:44] = b"\xff\xff\xff\xff"
        path.write_bytes(bytes(data))
        self.assertFalse(analyze(path).has("truncated"))


class TestFolders(FolderCase):
    def test_finds_by_name_or_content_in_order(self) -> None:
        self.write("b/two.wav", sine(440, 8000, 0.1), 8000)
        self.write("a/one.WAV", sine(440, 8000, 0.1), 8000, format="WAV")
        (self.folder / "a/notes.txt").write_text("no sound")
        (self.folder / "a/.hidden.wav").write_bytes(b"RIFF")
        odd = self.folder / "b/recording.001"
        odd.write_bytes((self.folder / "b/two.wav").read_bytes())
        (self.folder / ".git").mkdir()
        (self.folder / ".git/x.wav").write_bytes(b"RIFF")
        found = [path.name for path in find_sound_files([self.folder])]
        self.assertEqual(found, ["one.WAV", "recording.001", "two.wav"])

    def test_told_in_batches_of_which_the_first_comes_soon(self) -> None:
        for number in range(600):
            (self.folder / f"{number:03}.wav").write_bytes(b"RIFF")
        lots: list[list[str]] = []
        self.assertEqual(in_batches(find_sound_files([self.folder]), lots.append), 600)
        self.assertEqual([len(lot) for lot in lots], [20, 500, 80])
        self.assertEqual([name for lot in lots for name in lot], [str(p) for p in find_sound_files([self.folder])])

    def test_named_files_are_always_taken_and_each_once(self) -> None:
        note = self.folder / "notes.txt"
        note.write_text("x")
        self.assertEqual(list(find_sound_files([note, note, self.folder])), [note])

    @given(
        st.lists(st.lists(st.sampled_from(["a", "bé", "c\udce9", "d e", "\n"]), min_size=1, max_size=4)), st.data()
    )
    def test_many_paths_in_little_memory(self, parts: list[list[str]], data: st.DataObject) -> None:
        paths = [Path("/", *names) for names in parts]
        kept = PathList(paths)
        self.assertEqual((len(kept), list(kept)), (len(paths), paths))
        chosen = data.draw(st.slices(len(paths)))
        self.assertEqual(list(kept[chosen]), paths[chosen])
        for n in range(-len(paths), len(paths)):
            self.assertEqual(kept[n], paths[n])
        with self.assertRaises(IndexError):
            kept[len(paths)]
