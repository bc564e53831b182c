"""Receivers of one's own, kept from job to job."""

from __future__ import annotations

from unittest import mock

from kittiwake.core.errors import RulesError
from kittiwake.core.model import load_receiver
from kittiwake.core.model import own_receivers as own
from tests.sounds import FolderCase


class TestOwn(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        there = mock.patch.object(own, "own_folder", lambda: self.folder / "receivers")
        there.start()
        self.addCleanup(there.stop)

    def test_kept_found_and_forgotten(self) -> None:
        mine = own.as_own(load_receiver("master"))
        self.assertEqual((mine.slug, mine.name, mine.delivery.folder), ("my-master", "My Master", "my-master"))
        own.keep_own(mine)
        self.assertEqual(load_receiver("my-master"), mine)
        self.assertEqual(own.as_own(load_receiver("master")).slug, "my-master-2")
        own.note_used(("my-master", "phone-menu", "gone"))
        self.assertEqual(own.last_used(), ("my-master", "phone-menu"))
        own.forget_own("my-master")
        self.assertEqual(own.last_used(), ("phone-menu",))
        with self.assertRaisesRegex(RulesError, "no receiver “my-master”"):
            load_receiver("my-master")

    def test_what_is_wrong_there_is_left_out(self) -> None:
        folder = self.folder / "receivers"
        folder.mkdir()
        (folder / "broken.toml").write_text("slug = ")
        (folder / "last-used.json").write_text("{")
        (folder / "shadow.toml").write_text(own.to_toml(load_receiver("master")))
        fine = own.to_toml(own.as_own(load_receiver("corpus")))
        (folder / "huge.toml").write_text(fine.replace("16000", "9" * 6000))
        (folder / "endless.toml").write_text(fine.replace("16000", "1e400"))
        (folder / "bytes.toml").write_bytes(b"\xff\xfe")
        (folder / "gone.toml").symlink_to(self.folder / "nowhere")
        self.assertEqual((own.own_receivers(), own.last_used()), ({}, ()))
        self.assertEqual(set(own.broken_own()), {"broken", "shadow", "huge", "endless", "bytes", "gone"})
        with self.assertRaisesRegex(RulesError, "broken.toml is not valid TOML"):
            load_receiver("broken")
        for name in ("huge", "endless", "bytes", "gone", "shadow"):
            (folder / f"{name}.toml").unlink()
        with self.assertRaisesRegex(RulesError, "ships"):
            own.keep_own(load_receiver("master"))
        (folder / "broken.toml").write_text(own.to_toml(own.as_own(load_receiver("corpus"))))
        self.assertEqual(list(own.own_receivers()), ["my-corpus"])
        (self.folder / "file").write_text("")
        with mock.patch.object(own, "own_folder", lambda: self.folder / "file" / "x"), self.assertRaises(RulesError):
            own.keep_own(own.as_own(load_receiver("corpus")))
