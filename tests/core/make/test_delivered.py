"""The record of what was handed over: read anew only where it has changed, and as it was before a time."""

from __future__ import annotations

from kittiwake.core.make.delivered import Delivered, delivered_in, note_delivered
from tests.sounds import FolderCase


class TestRecord(FolderCase):
    def test_it_is_read_again_where_it_has_changed(self) -> None:
        self.assertEqual(delivered_in(self.folder), {})
        note_delivered(
            self.folder, [Delivered("a.wav", "a.wav", "1" * 64, into="/x", time="2026-01-01T00:00:00+00:00")]
        )
        first = delivered_in(self.folder)
        self.assertEqual(len(first), 1)
        self.assertEqual(delivered_in(self.folder), first)
        note_delivered(
            self.folder, [Delivered("b.wav", "b.wav", "2" * 64, into="/x", time="2026-01-02T00:00:00+00:00")]
        )
        self.assertEqual(len(delivered_in(self.folder)), 2)
        self.assertEqual(delivered_in(self.folder, "2026-01-02T00:00:00+00:00"), first)
        note_delivered(
            self.folder,
            [Delivered("a.wav", "a.wav", "1" * 64, into="/x", time="2026-01-03T00:00:00+00:00", gone=True)],
        )
        self.assertEqual(len(delivered_in(self.folder)), 1)
