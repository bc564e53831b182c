"""The fast way into PCM WAV gives the very samples that libsndfile gives."""

from __future__ import annotations

import numpy as np
import soundfile
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.intake import open_sound
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
