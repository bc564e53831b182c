"""The fast way into PCM WAV gives the very samples that libsndfile gives."""

from __future__ import annotations

import struct

import numpy as np
import soundfile
from blake3 import blake3
from hypothesis import event, given, settings
from hypothesis import strategies as st

from kittiwake.core.intake import open_sound
from kittiwake.core.intake.plain import try_plain
from kittiwake.core.sound import span_of
from tests.sounds import FolderCase


class TestPcm(FolderCase):
    @settings(max_examples=30, deadline=None)
    @given(
        st.sampled_from(["PCM_16", "PCM_24", "PCM_32"]),
        st.integers(1, 5),
        st.integers(1, 140_000),
        st.booleans(),
        st.integers(0, 9),
    )
    def test_same_samples(self, subtype: str, channels: int, frames: int, extra: bool, seed: int) -> None:
        dice = np.random.default_rng(seed)
        whole = dice.integers(-(2**31), 2**31 - 1, (frames, channels), np.int32)
        path = self.folder / "x.wav"
        with soundfile.SoundFile(
            str(path), "w", 16_000, channels, subtype, format="WAVEX" if extra else "WAV"
        ) as file:
            file.title = "a chunk before or after"
            file.write(whole)
        reader = open_sound(path)
        ours = np.concatenate(list(reader.blocks()))
        reader.close()
        theirs = soundfile.read(str(path), dtype="float32", always_2d=True)[0]
        np.testing.assert_array_equal(ours, theirs)

    def test_a_file_that_shrinks_ends_early(self) -> None:
        path = self.write("x.wav", np.zeros(100_000, np.float32), 8000)
        reader = open_sound(path)
        with path.open("rb+") as file:
            file.truncate(100_000)
        self.assertEqual(sum(len(block) for block in reader.blocks()), (100_000 - 44) // 2)
        reader.close()


class TestPlain(FolderCase):
    @settings(max_examples=150, deadline=None)
    @given(
        st.sampled_from(["PCM_16", "PCM_24", "PCM_32"]),
        st.integers(1, 3),
        st.sampled_from([1, 7, 8000, 44_100, 192_000]),
        st.lists(st.tuples(st.integers(0, 63), st.integers(0, 255)), max_size=3),
        st.integers(-3, 3),
        st.booleans(),
    )
    def test_what_is_taken_without_the_library_is_what_the_library_takes(
        self, subtype: str, channels: int, rate: int, mutations: list[tuple[int, int]], longer: int, first: bool
    ) -> None:
        path = self.folder / "x.wav"
        with soundfile.SoundFile(str(path), "w", rate, channels, subtype) as file:
            file.write(np.full((20, channels), 0.25))
        data = bytearray(path.read_bytes())
        if first:  # a chunk before the sound
            data[36:36] = b"JUNK" + struct.pack("<I", 3) + b"abc\0"
            data[4:8] = struct.pack("<I", len(data) - 8)
        for place, value in mutations:
            data[place % len(data)] = value
        data = data[:longer] if longer < 0 else data + b"\0" * longer
        path.write_bytes(data)
        plain = try_plain(path, len(data))
        event("taken" if plain else "left to the library")
        if not mutations and not longer:
            assert plain is not None
        if plain is not None:
            library = open_sound(path, by_library=True)
            self.assertEqual(plain.header, library.header)
            np.testing.assert_array_equal(
                np.concatenate(list(plain.blocks())), np.concatenate(list(library.blocks()))
            )
            library.close()
            self.assertEqual(plain.digest, blake3(data).hexdigest())


class TestSkipping(FolderCase):
    def test_a_span_is_the_same_whether_what_lies_before_was_read_or_not(self) -> None:
        dice = np.random.default_rng(7)
        sound = dice.uniform(-0.9, 0.9, (150_000, 2)).astype(np.float32)
        kinds = [
            ("x.wav", "WAV", "PCM_16"), ("x24.wav", "WAV", "PCM_24"), ("x.flac", "FLAC", "PCM_16"), ("x.au", "AU", "ULAW"),
            ("f.wav", "WAV", "FLOAT"), ("x.rf64", "RF64", "PCM_16"), ("a.aiff", "AIFF", "PCM_16"), ("x.ogg", "OGG", "VORBIS"),
        ]  # fmt: skip
        for name, form, subtype in kinds:
            path = self.folder / name
            soundfile.write(str(path), sound, 48_000, format=form, subtype=subtype)
            whole = np.concatenate(list(open_sound(path).blocks()))
            for start, stop in ((0, 10), (70_001, 70_500), (149_999, None), (65_536, 140_000)):
                sample = np.concatenate(list(span_of(open_sound(path), start, stop)))
                np.testing.assert_array_equal(sample, whole[start:stop], err_msg=f"{name} {start}")
