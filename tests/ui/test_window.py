"""The window, driven offscreen by keys, clicks and drops."""

from __future__ import annotations

import sys
from pathlib import Path
from unittest import mock

import numpy as np
from PySide6.QtCore import QMimeData, QPoint, QPointF, Qt, QUrl
from PySide6.QtGui import QDropEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QAbstractButton, QFileDialog, QLineEdit, QMessageBox

from kittiwake.actions import ACTIONS
from kittiwake.core.codec import ulaw
from kittiwake.core.model import Stated, load_receiver
from kittiwake.core.model.job import load_job
from kittiwake.ui.board.model import CELL_ROLE, HEADS
from kittiwake.ui.headerless_dialog import HeaderlessDialog
from kittiwake.ui.palette import Palette
from kittiwake.ui.rate_dialog import RateDialog
from kittiwake.ui.receiver_chooser import ReceiverChooser
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
        self.assertEqual(len(self.session.job.clips), 26)
        self.assertEqual(self.session.job.name, "sounds")
        self.session.job = self.session.job.changed(output=str(self.folder / "made"))
        self.press(Key.Key_M)
        self.assertTrue(self.window.maker.busy)
        self.settle()
        states = [cell.state for cell in self.session.cells()]
        self.assertEqual({s: states.count(s) for s in set(states)}, {"made": 68, "decide": 4, "cannot": 6})
        self.assertEqual(len(self.visible_outputs()), 68)
        for cell in self.session.cells():
            if cell.state == "made":
                self.assertTrue(cell.made and cell.made.proof and cell.made.proof.passed)
        self.assertIn("68 made, and every one passed its proof", self.window.foot.words.text())

    def test_broken_files_say_what_is_wrong_where_one_looks(self) -> None:
        self.open_demo()
        for name, part in (
            ("Ticket office", "The file is empty"), ("Notes for the reader", "text file, not sound"),
            ("Weather warning", "The file breaks off"),
        ):  # fmt: skip
            self.window.board.select(self.clip(name).id, "phone-menu")
            page = self.window.bench.cell_page
            text = " ".join(label.text() for label in page.problems.findChildren(type(page.path_label)))
            self.assertIn(part, text)
            told = self.window.board.currentIndex().data(Qt.ItemDataRole.AccessibleTextRole)
            self.assertIn(part, told)

    def test_rows_appear_at_once_and_facts_fill_in(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav", DEMO / "Main menu.wav"])
        self.assertEqual(self.window.board.board_model.rowCount(), 2)
        cell = self.window.board.board_model.index(0, HEADS).data(CELL_ROLE)
        self.assertEqual(cell.state, "waiting")
        self.settle()
        self.assertEqual(self.state("Welcome", "phone-menu"), "convert")

    def test_the_key_pressed_before_everything_was_looked_at_is_meant_all_the_same(self) -> None:
        self.session.job = self.session.job.changed(output=str(self.folder / "made"))
        self.drop(DEMO)
        self.press(Key.Key_M)
        self.wait_for(lambda: self.window.maker.done == 68 and not self.window.maker.busy)
        self.assertEqual(len(self.visible_outputs()), 68)

    def test_a_source_that_changed_is_looked_at_again(self) -> None:
        path = self.write("in/x.wav", speech_like(48000, 2), 48000)
        self.drop(path)
        self.settle()
        self.session.job = self.session.job.changed(output=str(self.folder / "made"))
        self.write("in/x.wav", speech_like(16000, 1), 16000)
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual(self.state("x", "phone-menu"), "failed")
        self.window.board.select(self.clip("x").id, "phone-menu")
        self.assertIn("has changed", self.window.bench.cell_page.proof_label.text())
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
        for number in range(6):
            self.write(f"in/{number}.wav", speech_like(48000, 40, seed=number), 48000)
        self.drop(self.folder / "in")
        self.settle()
        self.session.job = self.session.job.changed(output=str(self.folder / "made"))
        self.press(Key.Key_M)
        self.wait_for(lambda: any(cell.share > 0.05 for cell in self.session.cells()))
        self.press(Key.Key_Escape)
        self.settle()
        made = [cell for cell in self.session.cells() if cell.state == "made"]
        self.assertLess(len(made), 18)
        self.assertEqual(len(self.visible_outputs()), len(made))
        self.assertFalse(list((self.folder / "made").rglob("*.part")))
        self.assertIn("Stopped", self.window.foot.words.text())
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()} - {"decide"}, {"made"})


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
        self.assertIn("For 3 clips", self.window.foot.words.text())
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual([self.state(str(n), "quay-beacon") for n in range(3)], ["decide"] * 3)

    def test_the_button_of_a_remedy(self) -> None:
        self.open_demo()
        self.window.board.select(self.clip("Weather warning").id, "speech-engine")
        buttons = [b for b in self.window.bench.cell_page.problems.findChildren(QAbstractButton) if b.isVisible()]
        self.assertIn("Deliver what is there", buttons[0].text())
        QTest.mouseClick(buttons[0], Qt.MouseButton.LeftButton)
        self.assertEqual(self.state("Weather warning", "speech-engine"), "convert")
        self.assertEqual(self.state("Weather warning", "phone-menu"), "convert")

    def test_another_side_makes_a_made_cell_stale_and_making_again_makes_only_that(self) -> None:
        self.open_demo()
        self.press(Key.Key_M)
        self.settle()
        self.window.board.select(self.clip("Pier two").id)
        buttons = [b for b in self.window.bench.clip_page.problems.findChildren(QAbstractButton) if b.isVisible()]
        buttons[0].click()
        self.assertEqual(self.state("Pier two", "phone-menu"), "stale")
        self.assertEqual(self.state("Welcome", "phone-menu"), "made")
        before = {p: p.stat().st_mtime_ns for p in self.visible_outputs()}
        self.press(Key.Key_M)
        self.settle()
        after = {p: p.stat().st_mtime_ns for p in self.visible_outputs()}
        self.assertEqual(set(before), set(after))
        changed = sorted(p.name for p in after if after[p] != before[p])
        self.assertEqual(changed, ["Pier_two_2.flac", "Pier_two_2.wav", "Pier_two_2.wav"])

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
        self.assertEqual(self.session.job.clips[-2].name, "My menu 1 D")
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.clip("Welcome").name, "Welcome")

    def test_removing_and_undoing(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Ticket office").id)
        self.press(Key.Key_Delete)
        self.assertEqual(len(self.session.job.clips), 25)
        self.assertTrue((DEMO / "Ticket office.wav").exists())
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(len(self.session.job.clips), 26)


class TestListening(WindowCase):
    def test_switching_keeps_the_instant(self) -> None:
        self.open_demo()
        player = self.window.player
        player.find_out()
        self.assertTrue(player.silent)
        self.assertIn("silent", self.window.ear._note.text())
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
        button = self.window.ear._buttons["line"]
        button.setFocus()
        self.press(Key.Key_Space)
        self.assertEqual(self.window.player.way, "line")
        self.assertFalse(self.window.player.playing)


class TestComparing(WindowCase):
    def test_every_codec_is_measured_and_can_be_heard_at_the_same_instant(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Ticket to Skerrow").id)
        self.press(Key.Key_C)
        page = self.window.bench.compare_page
        self.wait_for(lambda: not page.busy)
        self.assertGreater(page.table.rowCount(), 20)
        page.table.setCurrentCell(1, 0)
        self.assertIn("µ-law", self.window.player.title)
        self.press(Key.Key_2)
        self.press(Key.Key_Space)
        self.wait_for(lambda: self.window.player.position > 0.3)
        before = self.window.player.position
        self.press(Key.Key_Down)
        self.assertIn("A-law", self.window.player.title)
        self.assertTrue(self.window.player.playing)
        self.assertAlmostEqual(self.window.player.position, before, delta=0.3)
        self.press(Key.Key_Space)
        self.window.board.select(self.clip("Welcome").id)
        self.assertIs(self.window.bench.currentWidget(), self.window.bench.clip_page)


class TestBeacon(WindowCase):
    def test_hand_press_and_refuse(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Quay closed").id, "quay-beacon")
        self.press(Key.Key_B)
        self.assertIn("Select a made cell", self.window.foot.words.text())
        self.press(Key.Key_M)
        self.settle()
        self.press(Key.Key_B)
        beacon = self.window.bench.beacon
        self.assertEqual(beacon.beacon.held.name, "Quay_closed.wav")  # type: ignore[union-attr]
        self.assertIs(self.window.bench.currentWidget(), self.window.bench.receiver_page)
        self.press(Key.Key_P)
        self.assertTrue(self.window.player.playing)
        self.wait_for(lambda: not self.window.player.playing)
        self.window.board.select(self.clip("Welcome").id, "phone-menu")
        self.press(Key.Key_B)
        self.assertIn("16-byte format", beacon._told.text())
        self.assertIn("still holds Quay_closed.wav", beacon._told.text())


class TestTrueRate(WindowCase):
    def test_stated_for_several_clips_shown_first_heard_and_taken_back(self) -> None:
        self.open_demo()
        board = self.window.board
        board.setFocus()
        board.select(self.clip("Spring fares").id)
        self.press(Key.Key_T)
        dialog = self.window.findChild(RateDialog)
        assert isinstance(dialog, RateDialog)
        QTest.mouseClick(dialog.buttons[48_000], Qt.MouseButton.LeftButton)
        # 44100/48000 = 0.91875 as long, 12·log2(48/44.1) = 1.467 semitones higher.
        self.assertIn("8.12 % shorter, 1.47 semitones higher", dialog.told.text().replace("8.13", "8.12"))
        QTest.mouseClick(dialog.hear_button, Qt.MouseButton.LeftButton)
        self.wait_for(lambda: self.window.player.playing and self.window.player.position > 0.05)
        self.assertIsNone(self.clip("Spring fares").touch_up.true_rate)
        dialog.accept()
        self.back_to_the_window()
        self.assertEqual(self.clip("Spring fares").touch_up.true_rate, 48_000)
        receiver = self.session.receiver("phone-menu")
        assert receiver
        found = self.session.fit_of(self.clip("Spring fares"), receiver)
        self.assertAlmostEqual(found.predicted_seconds, 2.84 * 0.91875, delta=0.01)  # type: ignore[union-attr, arg-type]
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertIsNone(self.clip("Spring fares").touch_up.true_rate)


class TestHeaderless(WindowCase):
    def test_guessed_heard_quietly_stated_for_all_and_saved_with_the_job(self) -> None:
        for number in range(3):
            x = speech_like(8000, 2, -12, seed=number)
            (self.folder / f"greeting{number}").write_bytes(ulaw.encode(x).tobytes())
        self.window.add_paths([self.folder / f"greeting{number}" for number in range(3)])
        self.settle()
        self.session.change("out", self.session.job.changed(output=str(self.folder / "made")))
        self.assertEqual({cell.state for cell in self.session.cells()}, {"cannot"})
        self.window.board.setFocus()
        self.window.board.select(self.clip("greeting0").id)
        self.press(Key.Key_H)
        dialog = self.window.findChild(HeaderlessDialog)
        assert isinstance(dialog, HeaderlessDialog)
        self.wait_for(lambda: dialog.field.text())
        self.assertEqual(dialog.field.text(), "ulaw@8000")
        self.assertIn("spectrum", dialog.list.item(0).text())
        dialog.field.setText("pcm_s16le@8000")  # wrong: loud noise, which must be played quietly
        dialog.hear_button.click()
        self.wait_for(lambda: self.window.player.playing and self.window.player.position > 0.05)
        track = self.window.player._tracks["source"]
        self.wait_for(lambda: track.complete)
        level = 20 * np.log10(np.sqrt(np.mean((track.samples() / 32768.0) ** 2)))
        self.assertLess(level, -33)
        dialog.field.setText("telepathy@8000")
        self.assertIn("telepathy", dialog.told.text())
        self.assertFalse(dialog.hear_button.isEnabled())
        dialog.field.setText("ulaw@8000")
        dialog.all_box.setChecked(True)
        dialog.accept()
        self.back_to_the_window()
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"convert"})
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"made"})
        path = self.folder / "j.kittiwake"
        self.session.save(path)
        self.assertEqual(len(load_job(path).stated), 3)
        self.window.open_job(path)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"made"})
        self.session.state_headerless([self.folder / "greeting0"], Stated("alaw", 8000))
        self.settle()
        self.assertEqual(self.state("greeting0", "phone-menu"), "stale")
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.settle()
        self.assertEqual(self.state("greeting0", "phone-menu"), "made")


class TestReceivers(WindowCase):
    def test_others_are_put_on_the_board_and_made_for(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        self.session.job = self.session.job.changed(output=str(self.folder / "made"))
        self.press(Key.Key_R, Mod.ControlModifier)
        chooser = self.window.findChild(ReceiverChooser)
        assert isinstance(chooser, ReceiverChooser)
        mine = self.folder / "buoy.toml"
        mine.write_text(
            'slug = "buoy"\nname = "Buoy"\n[rules]\nchannels = 1\n[[rules.accepts]]\ncontainer = "aiff"\n'
            'encoding = "pcm_s8"\nsample_rates = [11025]\n[rules.limits]\nmax_bytes = "under 90 kB"\n'
            '[rules.names]\nallowed = "A-Z"\ncase = "upper"\nmax_length = 8\nreplace_with = ""\n'
        )
        self.assertTrue(chooser.add_file(mine), chooser.trouble.text())
        self.assertFalse(chooser.add_file(mine))
        for row in range(chooser.list.count()):
            item = chooser.list.item(row)
            if item.data(Qt.ItemDataRole.UserRole) in ("deck-radio", "mobile-voice"):
                item.setCheckState(Qt.CheckState.Checked)
        chooser.accept()
        self.back_to_the_window()
        slugs = [receiver.slug for receiver in self.session.all_receivers]
        self.assertEqual(slugs, ["phone-menu", "mobile-voice", "quay-beacon", "deck-radio", "speech-engine", "buoy"])
        self.assertEqual(self.window.board.board_model.columnCount(), HEADS + 6)
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"made"})
        self.assertTrue((self.folder / "made/buoy/WELCOME.aiff").exists())
        # Six columns do not fit: the board scrolls sideways, and names stand still and can be typed over.
        self.window.board.select(self.clip("Welcome").id, "buoy")
        self.assertTrue(self.window.board._names and self.window.board._names.isVisible())
        self.press(Key.Key_F2)
        editor = self.window.board._names.findChild(QLineEdit)  # type: ignore[union-attr]
        assert isinstance(editor, QLineEdit) and editor.isVisible()
        QTest.keyClick(editor, Key.Key_Escape)
        self.window.board.setFocus()
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.window.board.board_model.columnCount(), HEADS + 3)


class TestReceiverSheet(WindowCase):
    def field(self, name: str):
        page = self.window.bench.receiver_page
        return next(f for blank, f in page.editor._fields if blank.before == name)

    def test_rules_are_edited_in_place_counted_taken_and_taken_back(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Safety notice").id, "quay-beacon")
        self.press(Key.Key_R)
        page = self.window.bench.receiver_page
        size = self.field("A file has at most")
        self.assertEqual(size.text(), "under 200 kB")
        size.setFocus()
        size.selectAll()
        QTest.keyClicks(size, "300 kB")
        self.wait_for(lambda: page.take_button.isEnabled())
        self.assertIn("22 of 26 clips fit now, 23 with these rules", page.verdict.text())
        self.assertIn("300,000 bytes are exactly 18.747 s", page.verdict.text())
        size.selectAll()
        QTest.keyClicks(size, "a boatload")
        self.wait_for(lambda: not page.take_button.isEnabled())
        self.assertIn("a boatload", page.verdict.text())
        size.selectAll()
        QTest.keyClicks(size, "300 kB")
        self.wait_for(lambda: page.take_button.isEnabled())
        page.take_button.click()
        self.assertEqual(self.state("Safety notice", "quay-beacon"), "convert")
        self.assertTrue(page.reset_button.isVisible())
        self.window.board.setFocus()
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.state("Safety notice", "quay-beacon"), "decide")
        self.press(Key.Key_Z, Mod.ControlModifier | Mod.ShiftModifier)
        page.reset_button.click()
        self.assertEqual(self.state("Safety notice", "quay-beacon"), "decide")

    def test_an_illegal_rate_is_said_with_the_nearest_legal_one(self) -> None:
        self.open_demo()
        self.window.do_view_receiver()
        form, rates = self.field("It takes"), self.field("At a rate of")
        form.setCurrentIndex(form.findText("headerless G.722"))
        page = self.window.bench.receiver_page
        self.wait_for(lambda: "16 kHz" in page.verdict.text())
        self.assertFalse(page.take_button.isEnabled())
        rates.selectAll()
        QTest.keyClicks(rates, "16")
        self.wait_for(lambda: page.take_button.isEnabled())
        page.take_button.click()
        self.settle()
        self.assertIn("G.722", self.window.board.board_model.headerData(HEADS, Qt.Orientation.Horizontal))

    def test_duplicate_change_export_and_use_elsewhere(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        self.session.change("out", self.session.job.changed(output=str(self.folder / "made")))
        self.window.do_view_receiver()
        self.window.bench.receiver_page.duplicate_button.click()
        self.settle()
        self.assertEqual([r.slug for r in self.session.all_receivers][:2], ["phone-menu", "phone-menu-2"])
        rates = self.field("At a rate of")
        rates.selectAll()
        QTest.keyClicks(rates, "16")
        page = self.window.bench.receiver_page
        self.wait_for(lambda: page.take_button.isEnabled())
        page.take_button.click()
        path = self.folder / "mine.toml"
        with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(path), "")):
            page.export_button.click()
        found = load_receiver(path)
        self.assertEqual((found.slug, found.rules.accepts[0].sample_rates), ("phone-menu-2", (16_000,)))
        self.assertEqual(found, self.session.receiver("phone-menu-2"))
        self.window.board.setFocus()
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"made"})
        job = self.folder / "j.kittiwake"
        self.session.save(job)
        self.window.open_job(job)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"made"})
        self.assertEqual(self.session.receiver("phone-menu-2"), found)


class TestJobs(WindowCase):
    def test_saved_opened_again_and_still_made(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        self.session.change("out", self.session.job.changed(output=str(self.folder / "made")))
        self.press(Key.Key_M)
        self.settle()
        path = self.folder / "spring.kittiwake"
        with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(path), "")):
            self.press(Key.Key_S, Mod.ControlModifier)
        self.assertEqual(len(load_job(path).made), 3)
        self.assertTrue(self.session.undo_stack.isClean())
        self.window.open_job(path)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.cells()}, {"made"})
        (self.folder / "made/phone-menu/Welcome.wav").unlink()
        self.window.open_job(path)
        self.settle()
        self.assertEqual(self.state("Welcome", "phone-menu"), "convert")

    def test_a_damaged_job_is_refused_and_what_is_open_stays(self) -> None:
        self.open_demo()
        bad = self.folder / "bad.kittiwake"
        bad.write_text("{")
        self.assertFalse(self.window.open_job(bad))
        self.assertIn("damaged", self.window.foot.words.text())
        self.assertEqual(len(self.session.job.clips), 26)

    def test_unsaved_work_is_asked_about(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        with mock.patch.object(QMessageBox, "question", return_value=QMessageBox.StandardButton.Cancel) as asked:
            self.assertFalse(self.window.close())
        asked.assert_called_once()

    def test_the_demo_job_itself_is_never_saved_over(self) -> None:
        self.open_demo()
        with mock.patch.object(QFileDialog, "getSaveFileName", return_value=("", "")) as asked:
            self.window.do_job_save()
        asked.assert_called_once()


class TestCommands(WindowCase):
    def test_every_action_has_a_handler_and_no_key_is_used_twice(self) -> None:
        keys: list[str] = []
        for action in ACTIONS:
            if action.menu:
                self.assertTrue(callable(getattr(self.window, "do_" + action.id.replace(".", "_"))))
                self.assertTrue(action.help.endswith("."))
                keys += action.keys
        self.assertEqual(len(keys), len(set(keys)))

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
        page = self.window.bench.receiver_page
        self.assertIs(self.window.bench.currentWidget(), page)
        self.assertIn("199,999 bytes are exactly 12.497 s at 8 kHz", page.verdict.text())

    def test_everything_that_takes_the_keyboard_has_a_name(self) -> None:
        self.open_demo()
        self.window.board.select(self.clip("Safety notice").id, "quay-beacon")
        for widget in self.window.findChildren(QAbstractButton):
            if widget.isVisible() and widget.focusPolicy() != Qt.FocusPolicy.NoFocus:
                self.assertTrue(widget.text() or widget.accessibleName(), widget)
        self.assertTrue(self.window.board.accessibleName())

    def test_the_binding_does_not_eat_the_interpreters_singletons(self) -> None:
        # A version of the Qt binding took one count from None in every call that returns nothing, until Python died.
        before = sys.getrefcount(None), sys.getrefcount(True), sys.getrefcount(False)
        for _ in range(3000):
            self.window.top.make_button.setEnabled(True)
            self.window.top.make_button.setEnabled(False)
        after = sys.getrefcount(None), sys.getrefcount(True), sys.getrefcount(False)
        for old, new in zip(before, after, strict=True):
            self.assertLess(old - new, 1000)
