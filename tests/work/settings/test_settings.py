"""Settings: described once, kept as a file that explains itself and keeps what a person wrote."""

from __future__ import annotations

import tomllib

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.errors import RulesError
from kittiwake.work.settings import Setting, Settings, known_settings, register
from kittiwake.work.settings.store import explained
from tests.sounds import FolderCase


class SettingsFile(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "settings.toml"
        self.settings = Settings(self.path)

    def test_without_a_file_all_is_as_it_comes_and_reading_writes_none(self) -> None:
        for one in known_settings():
            self.assertEqual(self.settings[one.key], one.default)
        self.assertFalse(self.path.exists())

    def test_what_is_set_is_on_the_disk_at_once_and_taken_back_leaves_the_explanations_as_they_were(self) -> None:
        self.settings.set("look.theme", "dark")
        self.settings.set("making.at_once", 2)
        self.settings.set_keys("make.all", ("Ctrl+M",))
        other = Settings(self.path)
        self.assertEqual(("dark", 2), (other["look.theme"], other["making.at_once"]))
        self.assertEqual(other.keys, {"make.all": ("Ctrl+M",)})
        # In its own section, where it was explained.
        self.assertIn('# One of "desktop", "light", "dark".\ntheme = "dark"\n', self.path.read_text())
        for key in ("keys.make.all", "making.at_once", "look.theme"):
            self.assertEqual(self.settings.undo(), key)
        self.assertEqual(self.path.read_text(), explained())
        self.assertEqual(self.settings.undo(), "")

    def test_what_a_person_wrote_stays(self) -> None:
        self.path.write_text('# mine\n[look]\ntheme = "light"  # on the sunny side\n\n[making]\nat_once = 3\n')
        settings = Settings(self.path)
        settings.set("look.theme", "dark")
        settings.set("quick.close_after", 5)
        text = self.path.read_text()
        self.assertIn("# mine\n", text)
        self.assertIn("# on the sunny side", text)
        self.assertEqual(
            tomllib.loads(text), {"look": {"theme": "dark"}, "making": {"at_once": 3}, "quick": {"close_after": 5}}
        )

    def test_what_is_wrong_is_told_and_nothing_else_suffers(self) -> None:
        self.path.write_text(
            '[look]\ntheme = "pink"\ntext_size = 500\n[making]\nat_once = true\nnotify = false\n[moon]\na = 1\n'
        )
        settings = Settings(self.path)
        self.assertEqual(len(settings.wrong), 4)
        self.assertIn("look.theme = 'pink': desktop, light or dark is wanted.", settings.wrong)
        self.assertIn("look.text_size = 500: a whole number from 80 to 200 is wanted.", settings.wrong)
        self.assertEqual(
            ("desktop", 100, 0, False),
            tuple(settings[k] for k in ("look.theme", "look.text_size", "making.at_once", "making.notify")),
        )

    def test_a_file_that_is_no_toml_is_kept_aside_when_something_is_set(self) -> None:
        self.path.write_text("theme: dark")
        settings = Settings(self.path)
        self.assertIn("cannot be read", settings.wrong[0])
        settings.set("look.theme", "dark")
        self.assertEqual((self.folder / "settings.toml.unreadable").read_text(), "theme: dark")
        self.assertEqual(Settings(self.path)["look.theme"], "dark")

    def test_a_wrong_value_and_a_folder_that_cannot_be_written_change_nothing(self) -> None:
        with self.assertRaises(RulesError):
            self.settings.set("look.text_size", 10)
        blocked = self.folder / "file"
        blocked.write_text("")
        settings = Settings(blocked / "settings.toml")
        with self.assertRaises(RulesError):
            settings.set("look.theme", "dark")
        self.assertEqual((settings["look.theme"], settings.can_undo), ("desktop", False))

    def test_a_change_from_outside_is_seen(self) -> None:
        self.settings.set("look.theme", "dark")
        Settings(self.path).set("making.at_once", 1)
        self.assertEqual(self.settings.read(), {"making.at_once"})
        self.assertEqual(self.settings.read(), set())

    def test_no_two_settings_share_a_key(self) -> None:
        with self.assertRaises(ValueError):
            register(Setting("look.theme", "", "", "x"))

    @given(st.text(st.characters(exclude_categories=["Cs"]), max_size=30))
    def test_any_text_comes_back_as_it_was(self, text: str) -> None:
        settings = Settings(self.path)
        settings.set("outputs.folder", text)
        self.assertEqual(Settings(self.path)["outputs.folder"], text)
        settings.set("outputs.folder", None)
        self.assertFalse(Settings(self.path).is_set("outputs.folder"))
