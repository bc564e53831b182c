"""What a machine keeps from one start to the next: as safe as any other record of what was made."""

from __future__ import annotations

import stat

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.bundled.standins.core.shelf import Shelf, held_between_starts
from kittiwake.core.errors import KittiwakeError
from kittiwake.work.standin.machine import StoredSound
from tests.sounds import FolderCase


def _held(name: str, data: bytes) -> StoredSound:
    return StoredSound(name, len(data), 8000, np.zeros(1, np.float32))


class TestKept(FolderCase):
    def shelf(self, **files: bytes) -> Shelf:
        shelf = Shelf(1000, 20)
        for name, data in files.items():
            shelf.put(_held(name, data), data)
        return shelf

    def back(self) -> dict[str, tuple[bytes, bool]]:
        shelf = Shelf(1000, 20)
        shelf.restore(self.folder / "box", lambda name, data: shelf.put(_held(name, data), data) is None)
        return {name: (one.data, one.new) for name, one in shelf.files.items()}

    @settings(max_examples=25, deadline=None)
    @given(st.lists(st.dictionaries(st.sampled_from("abcd"), st.binary(max_size=9)), min_size=1, max_size=4))
    def test_the_last_state_comes_back_and_nothing_else_lies_there(self, states: list[dict[str, bytes]]) -> None:
        for state in states:
            self.shelf(**state).keep(self.folder / "box")
            self.assertEqual({name: data for name, (data, _) in self.back().items()}, state)
        kept = [path.name for path in (self.folder / "box").iterdir()]
        self.assertEqual(len(kept), 1 + len({*states[-1].values()}), kept)

    def test_a_run_that_ends_on_the_way_leaves_the_state_of_before(self) -> None:
        self.shelf(a=b"one").keep(self.folder / "box")
        journal = self.folder / "box" / "held.jsonl"
        before = self.back()
        with journal.open("ab") as file:
            file.write(b'{"kittiwake": "held", "files": [{"name": "b", "ne')
        self.assertEqual(self.back(), before)
        # The torn line does not swallow the next.
        self.shelf(b=b"two").keep(self.folder / "box")
        self.assertEqual(self.back(), {"b": (b"two", True)})

    def test_what_was_changed_or_is_no_such_folder_is_refused_with_a_sentence(self) -> None:
        box = self.folder / "box"
        self.shelf(a=b"one").keep(box)
        (data,) = box.glob("*.bin")
        data.write_bytes(b"another")
        with self.assertRaises(KittiwakeError) as caught:
            self.back()
        self.assertEqual(caught.exception.code, "no_state")
        for line in (
            '{"kittiwake": "held", "files": [{"name": "a", "new": true, "sha256": "../../etc/passwd"}]}',
            '{"kittiwake": "held", "files": 3}',
        ):
            (box / "held.jsonl").write_text(line + "\n")
            with self.assertRaises(KittiwakeError):
                self.back()

    def test_nobody_else_reads_it_and_two_do_not_write_it_at_once(self) -> None:
        box = self.folder / "box"
        with held_between_starts(box):
            self.shelf(a=b"one").keep(box)
            with self.assertRaises(KittiwakeError) as caught, held_between_starts(box):
                self.fail("two at once")
            self.assertIn("Another command", str(caught.exception))
        self.assertEqual(stat.S_IMODE(box.stat().st_mode), 0o700)
        self.assertEqual({stat.S_IMODE(path.stat().st_mode) for path in box.iterdir()}, {0o600})
