"""The window, driven offscreen by keys, clicks and drops."""

from __future__ import annotations

import re
import sys
import unittest
from pathlib import Path
from unittest import mock

from PySide6.QtCore import QMimeData, QPoint, QPointF, Qt, QUrl
from PySide6.QtGui import QDropEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QAbstractButton, QLineEdit, QMessageBox

from kittiwake.commands import MENUS, Command, register, window_commands
from kittiwake.core.model.job import load_job
from kittiwake.ui.board.model import HEADS
from kittiwake.ui.dialogs.palette import Palette
from tests.sounds import DEMO, speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestTheLine(WindowCase):
    def drop(self, *paths: Path) -> None:
        mime = QMimeData()
        mime.setUrls([QUrl.fromLocalFile(str(path)) for path in paths])
        event = QDropEvent(
            QPointF(300, 300), Qt.DropAction.CopyAction, mime, Qt.MouseButton.LeftButton, Mod.NoModifier
        )
        # Qt passes drops only on from a real drag, which the journeys make; here the window is handed one.
        self.window.dropEvent(event)

    def test_drop_a_folder_press_one_key(self) -> None:
        self.drop(DEMO)
        self.settle()
        self.assertEqual(len(self.session.project.job.clips), 27)
        self.assertEqual(self.session.project.job.name, "sounds")
        self.session.project.job = self.session.project.job.changed(output=str(self.folder / "made"))
        self.press(Key.Key_M)
        self.assertTrue(self.window.maker.busy)
        self.settle()
        states = [cell.state for cell in self.session.project.cells()]
        self.assertEqual({s: states.count(s) for s in set(states)}, {"made": 68, "decide": 7, "cannot": 6})
        self.assertEqual(len(self.visible_outputs()), 68)
        for cell in self.session.project.cells():
            if cell.state == "made":
                self.assertTrue(cell.made and cell.made.proof and cell.made.proof.passed)
        self.assertIn("68 made, and every one passed its proof", self.window.status.words.text())

    def test_broken_files_say_what_is_wrong_where_one_looks(self) -> None:
        self.open_demo()
        for name, part in (
            ("Ticket office", "The file is empty"), ("Notes for the reader", "text file, not sound"),
            ("Weather warning", "The file breaks off"),
        ):  # fmt: skip
            self.window.board.select(self.clip(name).id, "phone-menu")
            page = self.window.bench.page_of("cell")
            text = " ".join(label.text() for label in page.problems.findChildren(type(page.path_label)))
            self.assertIn(part, text)
            reported = self.window.board.currentIndex().data(Qt.ItemDataRole.AccessibleTextRole)
            self.assertIn(part, reported)

    def test_rows_appear_at_once_and_facts_fill_in(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav", DEMO / "Main menu.wav"])
        self.assertEqual(self.window.board.board_model.rowCount(), 2)
        cell = self.window.board.board_model.cell_at(self.window.board.board_model.index(0, HEADS))
        self.assertEqual(cell.state, "waiting")
        self.settle()
        self.assertEqual(self.state("Welcome", "phone-menu"), "convert")

    def test_the_key_pressed_before_everything_was_looked_at_is_meant_all_the_same(self) -> None:
        self.session.project.job = self.session.project.job.changed(output=str(self.folder / "made"))
        self.drop(DEMO)
        self.press(Key.Key_M)
        self.wait_for(lambda: self.window.maker.done and not self.window.maker.busy)
        self.assertEqual(self.window.maker.done, 68)
        self.assertEqual(len(self.visible_outputs()), 68)

    def test_a_source_that_changed_is_looked_at_again(self) -> None:
        path = self.write("in/x.wav", speech_like(48000, 2), 48000)
        self.drop(path)
        self.settle()
        self.session.project.job = self.session.project.job.changed(output=str(self.folder / "made"))
        self.session.outputs.stop()  # which would notice in a moment
        self.write("in/x.wav", speech_like(16000, 1), 16000)
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual(self.state("x", "phone-menu"), "failed")
        self.window.board.select(self.clip("x").id, "phone-menu")
        self.assertIn("has changed", self.window.bench.page_of("cell").proof_label.text())
        self.press(Key.Key_F5)
        self.settle()
        self.assertEqual(self.state("x", "speech-engine"), "as_is")
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual(self.state("x", "phone-menu"), "made")

    def test_make_only_the_selection(self) -> None:
        self.open_demo()
        self.window.board.select(self.clip("Welcome").id, "quay-beacon")
        self.press(Key.Key_M, Mod.ShiftModifier)
        self.settle()
        self.assertEqual([p.name for p in self.visible_outputs()], ["Welcome.wav"])
        self.assertEqual(self.state("Welcome", "quay-beacon"), "made")
        self.assertEqual(self.state("Welcome", "phone-menu"), "convert")

    def test_cancel_leaves_nothing_half_made(self) -> None:
        for number in range(5):
            self.write(f"in/{number}.wav", speech_like(48000, 50, seed=number), 48000)
        self.drop(self.folder / "in")
        self.settle()
        self.session.project.job = self.session.project.job.changed(output=str(self.folder / "made"))
        self.press(Key.Key_M)
        # A fast machine is done with one before it tells how far it is.
        self.wait_for(lambda: any(cell.share > 0.05 or cell.state == "made" for cell in self.session.project.cells()))
        self.press(Key.Key_Escape)
        self.press(Key.Key_Return, Mod.ControlModifier)
        self.assertTrue(self.window.maker.busy)  # neither the way back nor the next step ends a run
        self.press(Key.Key_Period, Mod.ControlModifier)
        self.settle()
        made = [cell for cell in self.session.project.cells() if cell.state == "made"]
        self.assertLess(len(made), 15)
        self.assertEqual(len(self.visible_outputs()), len(made))
        self.assertFalse(list((self.folder / "made").rglob("*.part")))
        self.assertIn("Stopped", self.window.status.words.text())
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()} - {"decide"}, {"made"})


class TestDecisions(WindowCase):
    def test_the_first_remedy_by_key_and_back(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Safety notice").id, "quay-beacon")
        self.press(Key.Key_D)
        self.assertEqual(self.state("Safety notice", "quay-beacon"), "convert")
        self.assertEqual(self.state("Safety notice", "phone-menu"), "convert")
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.state("Safety notice", "quay-beacon"), "decide")
        self.press(Key.Key_Z, Mod.ControlModifier | Mod.ShiftModifier)
        self.assertEqual(self.state("Safety notice", "quay-beacon"), "convert")
        self.press(Key.Key_M, Mod.ShiftModifier)
        self.settle()
        self.assertEqual(self.state("Safety notice", "quay-beacon"), "made")
        # A change of mind makes it stale or undecided, never silently wrong.
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.state("Safety notice", "quay-beacon"), "decide")

    def test_one_action_for_all_that_ask_the_same(self) -> None:
        for number in range(3):
            self.write(f"in/{number}.wav", speech_like(48000, 13.2, seed=number), 48000)
        self.window.add_paths(sorted((self.folder / "in").iterdir()))
        self.settle()
        self.window.board.setFocus()
        self.window.board.select(self.clip("0").id, "quay-beacon")
        self.press(Key.Key_Down, Mod.ShiftModifier)
        self.press(Key.Key_Down, Mod.ShiftModifier)
        self.assertEqual(len(self.window.board.selected_cells()), 3)
        self.press(Key.Key_D)
        self.assertEqual([self.state(str(n), "quay-beacon") for n in range(3)], ["convert"] * 3)
        self.assertIn("For 3 clips", self.window.status.words.text())
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual([self.state(str(n), "quay-beacon") for n in range(3)], ["decide"] * 3)

    def test_the_button_of_a_remedy(self) -> None:
        self.open_demo()
        self.window.board.select(self.clip("Weather warning").id, "speech-engine")
        buttons = [
            b for b in self.window.bench.page_of("cell").problems.findChildren(QAbstractButton) if b.isVisible()
        ]
        self.assertIn("Deliver what is there", buttons[0].text())
        QTest.mouseClick(buttons[0], Qt.MouseButton.LeftButton)
        self.assertEqual(self.state("Weather warning", "speech-engine"), "convert")
        self.assertEqual(self.state("Weather warning", "phone-menu"), "convert")

    def test_another_side_makes_a_made_cell_stale_and_making_again_makes_only_that(self) -> None:
        self.open_demo()
        self.press(Key.Key_M)
        self.settle()
        self.window.board.select(self.clip("Pier two").id)
        buttons = [
            b for b in self.window.bench.page_of("clip").problems.findChildren(QAbstractButton) if b.isVisible()
        ]
        buttons[0].click()
        self.assertEqual(self.state("Pier two", "phone-menu"), "stale")
        self.assertEqual(self.state("Welcome", "phone-menu"), "made")
        before = {p: p.stat().st_mtime_ns for p in self.visible_outputs()}
        self.press(Key.Key_M)
        self.settle()
        after = {p: p.stat().st_mtime_ns for p in self.visible_outputs()}
        self.assertEqual(set(before), set(after))
        changed = sorted(p.name for p in after if after[p] != before[p])
        self.assertEqual(changed, ["Pier two_2.flac", "Pier_two_2.wav", "Pier_two_2.wav"])

    def test_naming_types_spaces_and_plays_nothing(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Welcome").id)
        self.press(Key.Key_F2)
        editor = self.window.board.findChild(QLineEdit)
        assert isinstance(editor, QLineEdit)
        editor.selectAll()
        QTest.keyClicks(editor, "My menu 1 D")
        self.assertFalse(self.window.player.playing)
        self.assertFalse(self.window.maker.busy)
        QTest.keyClick(editor, Key.Key_Return)
        self.app.processEvents()
        self.assertEqual(self.session.project.job.clips[-2].name, "My menu 1 D")
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.clip("Welcome").name, "Welcome")

    def test_removing_and_undoing(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Ticket office").id)
        self.press(Key.Key_Delete)
        self.assertEqual(len(self.session.project.job.clips), 26)
        self.assertTrue((DEMO / "Ticket office.wav").exists())
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(len(self.session.project.job.clips), 27)


class TestListening(WindowCase):
    def test_switching_keeps_the_instant(self) -> None:
        self.open_demo()
        player = self.window.player
        player.find_out()
        self.assertTrue(player.silent)
        self.assertIn("silent", self.window.ear.note.text())
        self.window.board.setFocus()
        self.window.board.select(self.clip("Main menu").id, "phone-menu")
        self.assertEqual(player.ways, ("source", "output", "line"))
        self.press(Key.Key_Space)
        self.assertTrue(player.playing)
        self.wait_for(lambda: player.position > 0.2)
        for key, way in ((Key.Key_2, "output"), (Key.Key_3, "line"), (Key.Key_1, "source")):
            before = player.position
            self.press(key)
            self.assertEqual(player.way, way)
            self.assertAlmostEqual(player.position, before, delta=0.2)
            self.wait_for(lambda before=before: player.position > before + 0.05)  # type: ignore[misc]
        self.press(Key.Key_Space)
        self.assertFalse(player.playing)
        self.press(Key.Key_Home)
        self.assertEqual(player.position, 0.0)

    def test_it_stops_at_the_end_and_starts_over(self) -> None:
        self.open_demo()
        player = self.window.player
        self.window.board.select(self.clip("Welcome").id)
        self.assertEqual(player.ways, ("source", "line"))
        player.seek(1.6)
        player.play()
        self.wait_for(lambda: not player.playing)
        self.assertAlmostEqual(player.position, player.seconds, delta=0.01)
        player.play()
        self.wait_for(lambda: 0 < player.position < 1)
        player.pause()

    def test_what_cannot_be_read_cannot_be_heard(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Ticket office").id, "phone-menu")
        self.press(Key.Key_Space)
        self.assertFalse(self.window.player.playing)
        self.assertFalse(self.window.ear.play_button.isEnabled())

    def test_a_focused_button_gets_its_space_bar(self) -> None:
        self.open_demo()
        button = self.window.ear.buttons["line"]
        button.setFocus()
        self.press(Key.Key_Space)
        self.assertEqual(self.window.player.way, "line")
        self.assertFalse(self.window.player.playing)


class TestJobs(WindowCase):
    def test_saved_opened_again_and_still_made(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.press(Key.Key_M)
        self.settle()
        path = self.folder / "spring.kittiwake"
        with mock.patch("kittiwake.ui.commands.job.where_to_save", return_value=path):
            self.press(Key.Key_S, Mod.ControlModifier)
        self.assertEqual(len(load_job(path).made), 3)
        self.assertTrue(self.session.project.history.is_clean)
        self.window.open_job(path)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"made"})
        (self.folder / "made/phone-menu/Welcome.wav").unlink()
        self.window.open_job(path)
        self.settle()
        self.assertEqual(self.state("Welcome", "phone-menu"), "convert")

    def test_a_damaged_job_is_refused_and_what_is_open_stays(self) -> None:
        self.open_demo()
        bad = self.folder / "bad.kittiwake"
        bad.write_text("{")
        self.assertFalse(self.window.open_job(bad))
        self.assertIn("damaged", self.window.status.words.text())
        self.assertEqual(len(self.session.project.job.clips), 27)

    def test_unsaved_work_is_asked_about(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        with mock.patch.object(QMessageBox, "question", return_value=QMessageBox.StandardButton.Cancel) as asked:
            self.assertFalse(self.window.close())
        asked.assert_called_once()

    def test_the_demo_job_itself_is_never_saved_over(self) -> None:
        self.open_demo()
        with mock.patch("kittiwake.ui.commands.job.where_to_save", return_value=None) as asked:
            self.window.run("job.save")
        asked.assert_called_once()


class TestCommands(WindowCase):
    def test_every_command_is_in_a_menu_and_does_what_is_registered(self) -> None:
        shown = [action.text() for menu in self.window.menuBar().actions() for action in menu.menu().actions()]
        self.assertEqual(shown, [one.text for one in window_commands()])
        self.assertEqual([menu.text() for menu in self.window.menuBar().actions()], list(MENUS))
        for one in window_commands():
            self.assertTrue(one.help.endswith("."), one.id)
            with mock.patch.object(self.window, "_do") as done:
                self.window.qactions[one.id].setEnabled(True)
                self.window.qactions[one.id].trigger()
            done.assert_called_once_with(one)

    def test_a_command_that_cannot_be_is_refused(self) -> None:
        for wrong, expected in (
            (Command("job.save", "Again", "Again.", print, (), "Job"), "there is a command job.save already"),
            (Command("x.y", "Other", "Other.", print, ("Ctrl+S",), "Job"), "the key Ctrl+S is that of job.save"),
            (Command("x.y", "Other", "Other.", print, (), "Jobs"), "there is no menu Jobs"),
        ):
            with self.assertRaisesRegex(ValueError, re.escape(expected)):
                register(wrong)
        self.assertNotIn("x.y", [one.id for one in window_commands()])

    def test_the_palette_finds_and_does(self) -> None:
        self.open_demo()
        self.press(Key.Key_K, Mod.ControlModifier)
        palette = self.window.findChild(Palette)
        assert isinstance(palette, Palette)
        QTest.keyClicks(palette.field, "light dark")
        self.assertEqual(palette.list.count(), 1)
        before = self.window.palette().window().color().name()
        QTest.keyClick(palette.field, Key.Key_Return)
        self.app.processEvents()
        self.assertNotEqual(self.window.palette().window().color().name(), before)

    def test_the_receivers_page_and_its_heading(self) -> None:
        self.open_demo()
        heads = self.window.board.horizontalHeader()
        x = heads.sectionViewportPosition(HEADS + 1) + 20
        QTest.mouseClick(heads.viewport(), Qt.MouseButton.LeftButton, Mod.NoModifier, QPoint(x, 10))
        page = self.window.bench.page_of("receiver")
        self.assertIs(self.window.bench.currentWidget(), page)
        self.assertIn("199,999 bytes are exactly 12.497 s at 8 kHz", page.verdict.text())

    def test_everything_that_takes_the_keyboard_has_a_name(self) -> None:
        self.open_demo()
        self.window.board.select(self.clip("Safety notice").id, "quay-beacon")
        for widget in self.window.findChildren(QAbstractButton):
            if widget.isVisible() and widget.focusPolicy() != Qt.FocusPolicy.NoFocus:
                self.assertTrue(widget.text() or widget.accessibleName(), widget)
        self.assertTrue(self.window.board.accessibleName())

    @unittest.skipIf(sys.version_info >= (3, 12), "there they cannot die, whatever is counted")
    def test_the_binding_does_not_eat_the_interpreters_singletons(self) -> None:
        # A version of the Qt binding took one count from None in every call that returns nothing, until Python died.
        before = sys.getrefcount(None), sys.getrefcount(True), sys.getrefcount(False)
        for _ in range(3000):
            self.window.top.make_button.setEnabled(True)
            self.window.top.make_button.setEnabled(False)
        after = sys.getrefcount(None), sys.getrefcount(True), sys.getrefcount(False)
        for old, new in zip(before, after, strict=True):
            self.assertLess(old - new, 1000)
