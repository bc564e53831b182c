"""What was made: found again whatever it is called, and whatever happened to the file."""

from __future__ import annotations

import os
import tempfile
import unittest
from pathlib import Path
from unittest import mock

from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.disk.place import put_in_place
from kittiwake.core.make.ledger import Entry, Ledger
from kittiwake.core.make.ledger_place import LEDGER
from tests.sounds import FolderCase

_NAMES = st.sampled_from(
    ["a.wav", "ä.wav", 'q"uote, ".wav', "back\\slash.wav", "brace}.wav", "lo\udcffst.wav", "b.wav"]
)
_ENTRIES = st.builds(
    Entry,
    output=_NAMES,
    sha256=st.text("0123456789abcdef", min_size=4, max_size=4),
    bytes=st.integers(0, 9),
    source=_NAMES.map(lambda name: f"/in/{name}"),
    clip=_NAMES,
    receiver=st.sampled_from(["x", "y"]),
    fingerprint=st.just("f"),
    path=st.lists(st.sampled_from(['Read ("it")], "seconds": 1', "Write"]), max_size=3).map(tuple),
    seconds=st.sampled_from([None, 1.5]),
)


class TestLedger(FolderCase):
    @settings(max_examples=60, deadline=None)
    @given(st.lists(st.lists(_ENTRIES, min_size=1, max_size=3), max_size=8), st.booleans())
    def test_the_last_line_of_an_output_counts(self, lots: list[list[Entry]], paths: bool) -> None:
        with tempfile.TemporaryDirectory() as name:
            folder = Path(name)
            live = Ledger(folder, paths=paths)
            last: dict[str, Entry] = {}
            for lot in lots:
                live.add(*lot)
                for entry in lot:
                    last.pop(entry.output, None)
                    last[entry.output] = entry
            for ledger in (live, Ledger(folder, paths=paths)):
                reported = [(e.output, e.sha256, e.bytes, e.source, e.clip, e.receiver, e.seconds) for e in ledger]
                wanted = last.values()
                self.assertEqual(
                    reported, [(e.output, e.sha256, e.bytes, e.source, e.clip, e.receiver, e.seconds) for e in wanted]
                )
                self.assertEqual(len(ledger), len(last))
                for entry in (entry for lot in lots for entry in lot):
                    found = ledger.get(entry.output)
                    assert found is not None
                    self.assertEqual(found.sha256, last[entry.output].sha256)
                    self.assertEqual(found.path, last[entry.output].path if paths else ())
                    of_clip = ledger.output_of(entry.source, entry.clip, entry.receiver)
                    key = (entry.source, entry.clip, entry.receiver)
                    if of_clip is not None:
                        self.assertEqual((of_clip.source, of_clip.clip, of_clip.receiver), key)
                    mine = [e for lot in lots for e in lot if (e.source, e.clip, e.receiver) == key][-1]
                    self.assertEqual(of_clip is not None, last[mine.output] is mine)

    def test_what_another_process_appends_is_seen_when_looked_for(self) -> None:
        ledger = Ledger(self.folder)
        self.assertIsNone(ledger.get("a.wav"))
        Ledger(self.folder).add(Entry("a.wav", "00", 1, "/s", "a", "x", "f"))
        self.assertIsNone(ledger.get("a.wav"))
        ledger.refresh()
        self.assertIsNotNone(ledger.get("a.wav"))
        # Another file in its place, and none at all.
        (self.folder / LEDGER).unlink()
        Ledger(self.folder).add(Entry("b.wav", "11", 1, "/s", "b", "x", "f"))
        ledger.refresh()
        self.assertEqual([entry.output for entry in ledger], ["b.wav"])
        (self.folder / LEDGER).unlink()
        ledger.refresh()
        self.assertEqual(len(ledger), 0)


class TestPlace(FolderCase):
    def test_never_over_what_is_there_also_where_the_system_cannot_promise_it(self) -> None:
        for without in (False, True):
            part, taken, free = (self.folder / f"{name}{without}" for name in ("part", "taken", "free"))
            part.write_bytes(b"new")
            taken.write_bytes(b"theirs")
            with mock.patch("kittiwake.core.disk.place._NOT_OVER", 1 << 20 if without else 1):
                with self.assertRaisesRegex(Exception, "could not be put"):
                    put_in_place(part, taken, replace=False)
                self.assertEqual(taken.read_bytes(), b"theirs")
                put_in_place(part, free, replace=False)
            self.assertEqual(free.read_bytes(), b"new")
            part.unlink(missing_ok=True)
            self.assertFalse(os.path.lexists(part))


if __name__ == "__main__":
    unittest.main()
