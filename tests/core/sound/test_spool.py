"""Sound that is kept between two passes: the same from memory and from a file."""

from __future__ import annotations

from unittest import mock

import numpy as np

from kittiwake.core.sound import spool as spool_room
from kittiwake.core.sound.spool import Spool
from tests.sounds import FolderCase, noise


class TestSpool(FolderCase):
    def test_what_was_appended_comes_back_whichever_way_it_is_kept(self) -> None:
        for channels in (1, 2, 3):
            sound = noise(8000, 0.5)[: 3999 - 3999 % channels].reshape(-1, channels)
            for most in (1 << 20, 4 * channels * 100, 1):
                with mock.patch.object(spool_room, "_IN_MEMORY", most):
                    kept = Spool(channels, self.folder)
                    for start in range(0, len(sound), 77):
                        kept.append(sound[start : start + 77])
                    self.assertEqual(kept.frames, len(sound))
                    self.assertEqual(not kept.is_on_disk, most == 1 << 20)
                    np.testing.assert_array_equal(
                        np.concatenate([b.reshape(-1, channels) for b in kept.blocks()]), sound
                    )
                    for frames in (1, 5, 78, len(sound)):
                        np.testing.assert_array_equal(kept.last(frames).reshape(-1, channels), sound[-frames:])
                    # Once more, from the start.
                    self.assertEqual(sum(b.size for b in kept.blocks()), sound.size)
                    kept.close()
        self.assertEqual(list(self.folder.iterdir()), [])
