"""Which sound of a video; and files whose headers lie or are damaged."""

from __future__ import annotations

import struct
from fractions import Fraction
from pathlib import Path

import av
import numpy as np
import soundfile

from kittiwake.core.intake.libav import streams_of
from kittiwake.core.measure import analyze
from kittiwake.core.model import Stated
from tests.sounds import FolderCase, sine


class TestStreams(FolderCase):
    def video(self) -> Path:
        path = self.folder / "two.mkv"
        with av.open(str(path), "w") as file:
            streams = []
            for language in ("eng", "fra"):
                stream = file.add_stream("pcm_s16le", rate=16_000, layout="mono")
                stream.metadata["language"] = language
                streams.append(stream)
            for stream, hertz in zip(streams, (400, 1700), strict=True):
                whole = (sine(hertz, 16_000, 1) * 32767).astype(np.int16)
                frame = av.AudioFrame.from_ndarray(whole[None, :], format="s16", layout="mono")
                frame.sample_rate, frame.pts, frame.time_base = 16_000, 0, Fraction(1, 16_000)
                file.mux(stream.encode(frame))
                file.mux(stream.encode(None))
        return path

    def test_each_can_be_chosen(self) -> None:
        path = self.video()
        self.assertEqual([expected[:6] for expected in streams_of(path)], ["1: eng", "2: fra"])
        for stream, hertz in ((0, 400), (1, 1700)):
            facts = analyze(path, Stated.of_stream(stream))
            assert facts.measures
            self.assertAlmostEqual(facts.measures.spectrum.argmax() * facts.measures.spectrum_step, hertz, delta=30)
            self.assertTrue(any(f"stream {stream + 1} is used" in note.message for note in facts.notes))
        self.assertEqual(analyze(path).measures.frames, 16_000)  # type: ignore[union-attr]
        error = analyze(path, Stated.of_stream(2)).error
        self.assertIn("holds 2 sound streams", error.message if error else "")
        self.assertEqual(Stated.parse("stream@2"), Stated.of_stream(1))
        self.assertEqual(str(Stated.of_stream(1)), "stream@2")


class TestDamagedHeaders(FolderCase):
    """A second of sound, whole, behind headers that lie: all of it, or a clear sentence."""

    def wav(self) -> bytearray:
        path = self.write("x.wav", sine(440, 8000), 8000)
        return bytearray(path.read_bytes())

    def look(self, data: bytes, name: str = "y.wav"):
        path = self.folder / name
        path.write_bytes(data)
        return analyze(path)

    def test_sizes_that_lie(self) -> None:
        for place, value in ((4, 0), (4, 0xFFFFFFFF), (40, 0), (40, 0xFFFFFFFF), (40, 0x7FFFFFFF), (4, 17)):
            data = self.wav()
            struct.pack_into("<I", data, place, value)
            facts = self.look(bytes(data))
            self.assertTrue(facts.ok, (place, value, facts.error))
            self.assertEqual(facts.measures.frames, 8000, (place, value))

    def test_fields_that_lie(self) -> None:
        for place, form, value in ((28, "<I", 1), (32, "<H", 0), (32, "<H", 7), (28, "<I", 0xFFFFFFFF)):
            data = self.wav()
            struct.pack_into(form, data, place, value)
            facts = self.look(bytes(data))
            self.assertTrue(facts.ok, (place, value, facts.error))
            self.assertEqual(facts.measures.frames, 8000, (place, value))

    def test_what_cannot_be_is_said(self) -> None:
        for place, form, value in (
            (22, "<H", 0),
            (24, "<I", 0),
            (34, "<H", 0),
            (20, "<H", 0x7777),
            (24, "<I", 0xFFFFFFFF),
        ):
            data = self.wav()
            struct.pack_into(form, data, place, value)
            facts = self.look(bytes(data))
            if not facts.ok:
                assert facts.error
                self.assertTrue(facts.error.message and facts.error.remedy, (place, value))

    def test_au_and_flac_that_state_no_length(self) -> None:
        path = self.write("x.au", sine(440, 8000), 8000, format="AU")
        data = bytearray(path.read_bytes())
        struct.pack_into(">I", data, 8, 0xFFFFFFFF)
        self.assertEqual(self.look(bytes(data), "y.au").measures.frames, 8000)
        soundfile.write(str(self.folder / "x.flac"), sine(440, 8000), 8000)
        data = bytearray((self.folder / "x.flac").read_bytes())
        data[21] &= 0xF0
        data[22:26] = b"\0\0\0\0"
        facts = self.look(bytes(data), "y.flac")
        self.assertTrue(facts.ok, facts.error)
        self.assertEqual(facts.measures.frames, 8000)

    def test_a_lost_beginning_is_said_and_can_be_stated(self) -> None:
        facts = self.look(bytes(self.wav()[44:]), "z.wav")
        assert facts.error
        self.assertIn("state its format", facts.error.remedy)
        facts = analyze(self.folder / "z.wav", Stated("pcm_s16le", 8000))
        self.assertEqual(facts.measures.frames, 8000)  # type: ignore[union-attr]
