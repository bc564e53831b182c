"""Receivers in the window: chosen, edited in place, compared, handed to."""

from __future__ import annotations

from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLineEdit

from kittiwake.core.model import load_receiver
from kittiwake.ui.board.model import HEADS
from kittiwake.ui.receiver_chooser import ReceiverChooser
from tests.sounds import DEMO
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestReceivers(WindowCase):
    def test_others_are_put_on_the_board_and_made_for(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        self.session.project.job = self.session.project.job.changed(output=str(self.folder / "made"))
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
        slugs = [receiver.slug for receiver in self.session.project.receivers]
        self.assertEqual(slugs, ["phone-menu", "mobile-voice", "quay-beacon", "deck-radio", "speech-engine", "buoy"])
        self.assertEqual(self.window.board.board_model.columnCount(), HEADS + 6)
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"made"})
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
        self.assertIn("22 of 27 clips fit now, 23 with these rules", page.verdict.text())
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
        self.window.run("view.receiver")
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
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.run("view.receiver")
        self.window.bench.receiver_page.duplicate_button.click()
        self.settle()
        self.assertEqual([r.slug for r in self.session.project.receivers][:2], ["phone-menu", "phone-menu-2"])
        rates = self.field("At a rate of")
        rates.selectAll()
        QTest.keyClicks(rates, "16")
        page = self.window.bench.receiver_page
        self.wait_for(lambda: page.take_button.isEnabled())
        page.take_button.click()
        path = self.folder / "mine.toml"
        with mock.patch("kittiwake.ui.commands.receiver.where_to_save", return_value=path):
            page.export_button.click()
        found = load_receiver(path)
        self.assertEqual((found.slug, found.rules.accepts[0].sample_rates), ("phone-menu-2", (16_000,)))
        self.assertEqual(found, self.session.project.receiver("phone-menu-2"))
        self.window.board.setFocus()
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"made"})
        job = self.folder / "j.kittiwake"
        self.session.project.save(job)
        self.window.open_job(job)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"made"})
        self.assertEqual(self.session.project.receiver("phone-menu-2"), found)


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
        self.assertIn("Select a made cell", self.window.status.words.text())
        self.press(Key.Key_M)
        self.settle()
        self.press(Key.Key_B)
        beacon = self.window.bench.stand_ins.panel("beacon")
        self.assertEqual(beacon.beacon.held.name, "Quay_closed.wav")  # type: ignore[union-attr]
        self.assertIs(self.window.bench.currentWidget(), self.window.bench.receiver_page)
        self.press(Key.Key_P)
        self.assertTrue(self.window.player.playing)
        self.wait_for(lambda: not self.window.player.playing)
        self.window.board.select(self.clip("Welcome").id, "phone-menu")
        self.press(Key.Key_B)
        self.assertIn("16-byte format", beacon._told.text())
        self.assertIn("still holds Quay_closed.wav", beacon._told.text())
