"""Chunks of WAV files, held against the standard library and libsndfile."""

from __future__ import annotations

import io
import os
import struct
import unittest
import wave

import soundfile
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.riff import append_chunks, chunk, chunks, form_of, head_of, in_bytes, in_file, is_wave
from tests.sounds import FolderCase

NAMES = st.binary(min_size=4, max_size=4)


class TestChunks(unittest.TestCase):
    @given(st.lists(st.tuples(NAMES, st.binary(max_size=40)), max_size=8))
    def test_what_is_written_is_read(self, wanted: list[tuple[bytes, bytes]]) -> None:
        whole = b"RIFF\0\0\0\0WAVE" + b"".join(chunk(name, body) for name, body in wanted)
        read = in_bytes(whole)
        self.assertTrue(is_wave(read))
        self.assertEqual([(one.name, read(one.place, one.length)) for one in chunks(read)], wanted)

    @given(st.binary(max_size=200))
    def test_whatever_is_there_it_ends(self, data: bytes) -> None:
        for order in ("<", ">"):
            for one in chunks(in_bytes(data), 0, order):  # type: ignore[arg-type]
                self.assertLessEqual(one.place, len(data))

    def test_chunks_without_end_are_left_alone(self) -> None:
        self.assertEqual(len(list(chunks(in_bytes(bytes(80_000)), 0))), 1000)

    @given(st.sampled_from((8, 16, 24, 32)), st.integers(1, 2), st.integers(1000, 96_000), st.integers(0, 50))
    def test_a_head_as_the_standard_library_reads_it(self, bits: int, channels: int, rate: int, frames: int) -> None:
        data = bytes(frames * channels * bits // 8)
        whole = head_of(form_of(1, channels, rate, bits), len(data)) + data + b"\0" * (len(data) & 1)
        self.assertEqual(struct.unpack_from("<I", whole, 4)[0], len(whole) - 8)
        with wave.open(io.BytesIO(whole)) as file:
            found = (file.getnchannels(), file.getsampwidth() * 8, file.getframerate(), file.getnframes())
        self.assertEqual(found, (channels, bits, rate, frames))


class TestFiles(FolderCase):
    def test_float_and_more_chunks_as_libsndfile_reads_them(self) -> None:
        path = self.folder / "a.wav"
        data = struct.pack("<3f", 0.5, -0.25, 1.0)
        path.write_bytes(head_of(form_of(3, 1, 22_050, 32), len(data), frames=3) + data)
        append_chunks(path, chunk(b"note", bytes(5001)))
        info = soundfile.info(path)
        self.assertEqual((info.subtype, info.frames, info.samplerate), ("FLOAT", 3, 22_050))
        self.assertEqual(struct.unpack("<I", path.read_bytes()[4:8])[0], path.stat().st_size - 8)
        file = os.open(path, os.O_RDONLY)
        try:
            read = in_file(file)
            names = [one.name for one in chunks(read)]
            # Beyond what is read at once it is the file that is asked.
            self.assertEqual(read(4000, 200), path.read_bytes()[4000:4200])
        finally:
            os.close(file)
        self.assertEqual(names, [b"fmt ", b"fact", b"data", b"note"])

    def test_what_is_no_wave_file_gets_no_chunks(self) -> None:
        path = self.folder / "a.txt"
        path.write_bytes(b"no wave")
        with self.assertRaises(ValueError):
            append_chunks(path, b"")
