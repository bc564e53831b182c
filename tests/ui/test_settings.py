"""The page of settings: found by searching, done at once, taken back."""

from __future__ import annotations

from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeySequence
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QCheckBox, QComboBox, QSpinBox

from kittiwake import commands
from kittiwake.ui.settings.caches import CachesPart
from kittiwake.ui.settings.keys import KeyDialog
from kittiwake.ui.settings.page import SettingsPage
from kittiwake.ui.theme import scale
from kittiwake.ui.theme.colours import colours
from kittiwake.ui.theme.sheet import use_font
from kittiwake.work.settings import Settings

from .base import WindowCase

CTRL = Qt.KeyboardModifier.ControlModifier


class TestSettingsPage(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        self.addCleanup(self._as_it_was)
        self.press(Qt.Key.Key_Comma, CTRL)
        self.page = self.window.findChild(SettingsPage)
        assert self.page is not None
        QTest.qWaitForWindowActive(self.page)

    def _as_it_was(self) -> None:
        commands.rebind({})
        scale.set_percent(100)
        use_font(self.app)

    def test_what_is_searched_for_is_all_that_shows(self) -> None:
        QTest.keyClicks(self.page.field, "dark")
        shown = {key for key, row in self.page.rows.items() if row.isVisible()}
        self.assertEqual(shown, {"look.theme"})
        self.page.field.setText("no such thing")
        self.assertTrue(self.page.nothing.isVisible())
        self.page.field.setText("caches")
        self.assertTrue(self.page.caches.isVisible())
        self.assertFalse(self.page.keys.isVisible())

    def test_every_setting_has_a_control_with_a_name_for_readers_of_screens(self) -> None:
        for key, row in self.page.rows.items():
            self.assertEqual(row.control.accessibleName(), row.setting.text, key)
            self.assertIsNotNone(row.control.focusPolicy() or row.control.focusProxy(), key)

    def test_colours_change_at_once_and_ctrl_z_takes_it_back(self) -> None:
        choice = self.page.rows["look.theme"].control
        assert isinstance(choice, QComboBox)
        choice.setFocus()
        QTest.keyClick(choice, Qt.Key.Key_End)
        self.assertTrue(colours().dark)
        self.assertEqual(Settings(self.window.settings.kept.path)["look.theme"], "dark")
        QTest.keyClick(choice, Qt.Key.Key_Z, CTRL)
        self.assertFalse(colours().dark)
        self.assertEqual(choice.currentData(), "desktop")

    def test_text_grows_and_shrinks_to_what_it_was(self) -> None:
        self.open_demo()
        board, ear = self.window.board, self.window.ear.play_button
        before = (board.fontInfo().pixelSize(), board.rowHeight(0), ear.minimumWidth())
        size = self.page.rows["look.text_size"].control
        assert isinstance(size, QSpinBox)
        size.setValue(200)
        self.app.processEvents()
        grown = (board.fontInfo().pixelSize(), board.rowHeight(0), ear.minimumWidth())
        self.assertEqual(grown, tuple(2 * one for one in before))
        self.page.undo_button.click()
        self.app.processEvents()
        self.assertEqual((board.fontInfo().pixelSize(), board.rowHeight(0), ear.minimumWidth()), before)

    def test_making_uses_as_many_as_were_set(self) -> None:
        number = self.page.rows["making.at_once"].control
        assert isinstance(number, QSpinBox)
        number.setValue(1)
        self.assertEqual(self.window.maker.at_once, 1)
        self.page.rows["making.at_once"].back.click()
        self.assertIsNone(self.window.maker.at_once)

    def test_a_folder_for_outputs_is_that_of_jobs_that_say_nothing_else(self) -> None:
        self.window.settings.set("outputs.folder", str(self.folder / "all"))
        project = self.session.project
        project.begin(("phone-menu",), self.window.settings["outputs.placement"])
        self.assertEqual(project.output_folder, self.folder / "all" / project.job.name)

    def test_other_keys_work_at_once_and_are_said_wherever_keys_are(self) -> None:
        keys = self.page.keys
        self.page.field.setText("levels")
        keys.table.setFocus()
        QTest.keyClick(keys.table, Qt.Key.Key_Return)
        dialog = keys.findChild(KeyDialog)
        assert dialog is not None
        dialog.edit.setKeySequence(QKeySequence("M"))
        self.assertIn("Make all that can be made", dialog.notice.text())
        dialog.edit.setKeySequence(QKeySequence("Ctrl+Alt+L"))
        self.assertEqual(dialog.notice.text(), "")
        dialog.accept()
        self.assertEqual(self.window.qactions["view.levels"].shortcuts(), [QKeySequence("Ctrl+Alt+L")])
        self.assertEqual(commands.key_of("view.levels"), "Ctrl+Alt+L")
        QTest.keyClick(keys.table, Qt.Key.Key_Delete)
        self.assertEqual(self.window.qactions["view.levels"].shortcuts(), [])
        self.page.undo_button.click()
        self.page.undo_button.click()
        self.assertEqual(commands.key_of("view.levels"), "L")

    def test_two_commands_with_one_key_are_told(self) -> None:
        self.window.settings.set_keys("view.levels", ("M",))
        self.assertIn(
            "M is the key of “Make all that can be made” and of “Levels of the set”", self.page.keys.conflict.text()
        )

    def test_the_list_of_keys_is_written(self) -> None:
        target = self.folder / "keys.txt"
        with mock.patch("kittiwake.ui.settings.keys.where_to_save", return_value=target):
            self.page.keys.export()
        self.assertIn("Make all that can be made", target.read_text())

    def test_what_was_written_into_the_file_holds_when_the_window_is_used_again(self) -> None:
        self.window.settings.set("making.chime", True)
        path = self.window.settings.kept.path
        path.write_text(
            path.read_text().replace("chime = true", "chime = false").replace('# theme = "desktop"', 'theme = "dark"')
        )
        self.page.close()
        self.window.settings.look()
        self.assertTrue(colours().dark)
        self.assertFalse(self.window.settings["making.chime"])

    def test_a_cache_is_counted_and_emptied(self) -> None:
        caches = self.page.caches
        (caches.folder / "tones").mkdir(parents=True, exist_ok=True)
        (caches.folder / "tones" / "a.wav").write_bytes(bytes(200_000))
        caches.count()
        button = caches.rows["tones"][2]
        self.wait_for(button.isEnabled)
        button.click()
        self.wait_for(lambda: not button.isEnabled())
        self.assertFalse((caches.folder / "tones").exists())

    def test_no_cache_is_emptied_before_it_is_known_what_it_holds(self) -> None:
        part = CachesPart(self.folder)
        self.addCleanup(part.shut_down)
        self.assertFalse(any(button.isEnabled() for _, _, button in part.rows.values()))

    def test_a_switch_is_a_checkbox_that_the_space_bar_turns(self) -> None:
        box = self.page.rows["look.still"].control
        assert isinstance(box, QCheckBox)
        box.setFocus()
        QTest.keyClick(box, Qt.Key.Key_Space)
        self.assertEqual(QApplication.cursorFlashTime(), 0)
        QTest.keyClick(box, Qt.Key.Key_Space)
        self.assertEqual(QApplication.cursorFlashTime(), 1000)
