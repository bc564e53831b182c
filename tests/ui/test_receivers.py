"""Receivers in the window: chosen, edited in place, compared, handed to."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QComboBox, QLineEdit

from kittiwake.core.model import load_receiver, shipped_receivers
from kittiwake.core.model.own_receivers import last_used, own_receivers
from kittiwake.ui.board.model import HEADS
from kittiwake.ui.commands.receiver import learn_from
from kittiwake.ui.dialogs.receiver_chooser import ReceiverChooser
from kittiwake.ui.places.receiver.rules_editor import RulesEditor
from kittiwake.work.project import edits
from tests.sounds import DEMO, speech_like
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
        self.assertIn("Enter", chooser.ticked_button.text())
        self.press(Key.Key_Return)
        self.back_to_the_window()
        slugs = [receiver.slug for receiver in self.session.project.receivers]
        self.assertEqual(slugs, ["phone-menu", "quay-beacon", "speech-engine", "mobile-voice", "deck-radio", "buoy"])
        self.assertEqual(self.window.board.board_model.columnCount(), HEADS + 6)
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"made"})
        self.assertTrue((self.folder / "made/buoy/WELCOME.aiff").exists())
        # Six columns do not fit: the board scrolls sideways, and names stand still and can be typed over.
        self.window.board.select(self.clip("Welcome").id, "buoy")
        self.assertTrue(self.window.board.name_editor and self.window.board.name_editor.isVisible())
        self.press(Key.Key_F2)
        editor = self.window.board.name_editor.findChild(QLineEdit)  # type: ignore[union-attr]
        assert isinstance(editor, QLineEdit) and editor.isVisible()
        QTest.keyClick(editor, Key.Key_Escape)
        self.window.board.setFocus()
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.window.board.board_model.columnCount(), HEADS + 3)


def popped(data: Any, path: Sequence[Any]) -> Any:
    """What stands at a place in plain data, taken out of it."""
    for part in path[:-1]:
        data = data[part]
    return data.pop(path[-1])


class TestReceiverSheet(WindowCase):
    def field(self, name: str):
        page = self.window.bench.page_of("receiver")
        return next(f for blank, f in page.editor.fields if blank.before == name)

    def test_every_field_shows_what_the_receiver_says_and_can_be_changed(self) -> None:
        editor = RulesEditor()
        for receiver in shipped_receivers().values():
            editor.show_receiver(receiver)
            for blank, field in editor.fields:
                if isinstance(field, QComboBox) and not field.isEditable():
                    self.assertGreaterEqual(field.currentIndex(), 0, (receiver.slug, blank.path))
            self.assertEqual(editor.receiver(), receiver, receiver.slug)
        # Each choice on its own arrives where it belongs, and nowhere else.
        menu = shipped_receivers()["phone-menu"]
        for blank, field in editor.fields:
            if not isinstance(field, QComboBox) or field.isEditable() or blank.path[0] == "rules":
                continue
            editor.show_receiver(menu)
            chosen = (field.currentIndex() + 1) % field.count()
            field.setCurrentIndex(chosen)
            found, there = editor.receiver().to_data(), menu.to_data()
            self.assertEqual(popped(found, blank.path), field.itemData(chosen), blank.path)
            self.assertNotEqual(popped(there, blank.path), field.itemData(chosen), blank.path)
            self.assertEqual(found, there, blank.path)

    def test_rules_are_edited_in_place_counted_taken_and_taken_back(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Safety notice").id, "quay-beacon")
        self.press(Key.Key_R)
        page = self.window.bench.page_of("receiver")
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
        self.assertIn("stays as it ships", page.verdict.text())
        # What was typed and not taken is to be seen, and survives leaving the page.
        column = HEADS + 1
        self.assertIn("not taken", self.window.board.board_model.headerData(column, Qt.Orientation.Horizontal))
        self.window.board.select(self.clip("Welcome").id)
        self.window.board.select(self.clip("Safety notice").id, "quay-beacon")
        self.window.run("view.receiver")
        self.assertEqual(size.text(), "300 kB")
        self.wait_for(lambda: page.take_button.isEnabled())
        page.take_button.click()
        mine = self.session.project.receivers[1]
        self.assertEqual((mine.name, page.head.text()), ("My Quay beacon", "My Quay beacon"))
        self.assertIn("stays as it ships", self.window.status.words.text())
        self.assertEqual(own_receivers()[mine.slug], mine)
        self.assertEqual(self.state("Safety notice", mine.slug), "convert")
        self.assertNotIn("not taken", self.window.board.board_model.headerData(column, Qt.Orientation.Horizontal))
        self.window.board.setFocus()
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.state("Safety notice", "quay-beacon"), "decide")

    def test_making_by_rules_that_were_typed_over_is_asked_about(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.run("view.receiver")
        target = self.field("Active speech level")
        target.setFocus()
        target.selectAll()
        QTest.keyClicks(target, "-20")
        page = self.window.bench.page_of("receiver")
        self.wait_for(lambda: page.edited())
        self.window.board.setFocus()
        with mock.patch("kittiwake.ui.commands.make.chosen", return_value="Look at them") as asked:
            self.press(Key.Key_M)
        self.assertIn("Phone menu", asked.call_args.args[2])
        self.assertFalse(self.window.maker.busy)
        with mock.patch("kittiwake.ui.commands.make.chosen", return_value="Take them and make"):
            self.window.run("make.all")
        self.settle()
        self.assertEqual(self.session.project.receivers[0].treatment.level.target_dbov, -20)
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"made"})

    def test_two_receivers_of_one_folder_are_refused(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        project = self.session.project
        project.change("out", project.job.changed(output=str(self.folder / "made")))
        first, second = project.receivers[:2]
        edits.change_receiver(project, second.changed(delivery=second.delivery.changed(folder=first.folder_name)))
        self.settle()
        self.press(Key.Key_M)
        self.assertIn("both go to", self.window.status.words.text())
        self.assertFalse(self.window.maker.busy)
        self.assertFalse((self.folder / "made").exists())

    def test_rules_that_do_not_go_together_are_mended_by_one_button(self) -> None:
        edits.choose_receivers(self.session.project, ["hand-over"])
        self.window.run("view.receiver")
        page, bit_rate = self.window.bench.page_of("receiver"), self.field("of")
        bit_rate.setCurrentIndex(bit_rate.findText("192"))
        self.wait_for(lambda: page.repair_button.isVisible())
        self.assertEqual(page.repair_button.text(), "Make it 32 kHz or 44.1 kHz or 48 kHz")
        page.repair_button.click()
        self.wait_for(lambda: page.take_button.isEnabled())
        page.take_button.click()
        first = self.session.project.receivers[0].rules.accepts[0]
        self.assertEqual((first.bit_rate, first.sample_rates), (192_000, (32_000, 44_100, 48_000)))

    def opened(self) -> ReceiverChooser:
        self.press(Key.Key_R, Mod.ControlModifier)
        chooser = self.window.findChildren(ReceiverChooser)[-1]
        assert isinstance(chooser, ReceiverChooser)
        return chooser

    def test_a_click_beside_a_box_ticks_and_enter_loses_no_receiver(self) -> None:
        edits.choose_receivers(self.session.project, ["phone-menu", "quay-beacon", "speech-engine"])
        chooser = self.opened()
        row = next(
            row
            for row in range(chooser.list.count())
            if chooser.list.item(row).data(Qt.ItemDataRole.UserRole) == "deck-radio"
        )
        chooser.list.scrollToItem(chooser.list.item(row))
        place = chooser.list.visualItemRect(chooser.list.item(row))
        QTest.mouseClick(chooser.list.viewport(), Qt.MouseButton.LeftButton, pos=place.center())
        self.assertEqual(len(chooser.ticked()), 4)
        QTest.mouseClick(chooser.list.viewport(), Qt.MouseButton.LeftButton, pos=place.center())
        self.assertEqual(len(chooser.ticked()), 3)
        self.assertIn("Enter", chooser.ticked_button.text())
        self.press(Key.Key_Return)
        self.back_to_the_window()
        self.assertEqual(
            [one.slug for one in self.session.project.receivers], ["phone-menu", "quay-beacon", "speech-engine"]
        )

    def test_what_is_typed_and_no_name_begins_with_is_a_receiver_of_its_own(self) -> None:
        edits.choose_receivers(self.session.project, ["phone-menu"])
        chooser = self.opened()
        QTest.keyClicks(chooser.field, "wav")
        self.assertIn("Enter", chooser.only_button.text())
        self.press(Key.Key_Return)
        self.back_to_the_window()
        self.assertNotEqual([one.slug for one in self.session.project.receivers], ["phone-menu"])

    def test_a_receiver_is_found_by_typing_and_taken_alone_by_one_key(self) -> None:
        self.press(Key.Key_R, Mod.ControlModifier)
        chooser = self.window.findChild(ReceiverChooser)
        assert isinstance(chooser, ReceiverChooser)
        before = chooser.ticked()
        QTest.keyClicks(chooser.field, "speech s")
        self.assertEqual((chooser.field.text(), chooser.ticked()), ("speech s", before))
        self.assertIn("Only Speech service", chooser.only_button.text())
        self.press(Key.Key_Return)
        self.back_to_the_window()
        self.assertEqual([one.slug for one in self.session.project.receivers], ["speech-service"])
        self.assertEqual(last_used(), ("speech-service",))
        self.press(Key.Key_R, Mod.ControlModifier)
        chooser = self.window.findChildren(ReceiverChooser)[-1]
        QTest.keyClicks(chooser.field, "deck")
        self.press(Key.Key_Space, Mod.ControlModifier)
        self.press(Key.Key_Return)
        self.back_to_the_window()
        self.assertEqual([one.slug for one in self.session.project.receivers], ["speech-service", "deck-radio"])

    def test_a_new_receiver_is_begun_named_and_used_in_the_next_job(self) -> None:
        self.press(Key.Key_R, Mod.ControlModifier)
        chooser = self.window.findChildren(ReceiverChooser)[-1]
        QTest.keyClicks(chooser.field, "paging")
        chooser.copy_button.click()
        self.back_to_the_window()
        page = self.window.bench.page_of("receiver")
        self.assertEqual(page.head.text(), "My Paging controller")
        name = self.field("It is called")
        name.selectAll()
        QTest.keyClicks(name, "Tannoy")
        self.wait_for(lambda: page.take_button.isEnabled())
        page.take_button.click()
        slug = self.session.project.receivers[-1].slug
        self.assertEqual(own_receivers()[slug].name, "Tannoy")
        with mock.patch.object(self.window, "may_part", return_value=True):
            self.window.run("job.new")
        self.assertEqual(self.session.project.receivers[-1].name, "Tannoy")
        self.assertEqual(self.session.project.job.clips, ())
        # Nobody chose them for this job: it is said for whom it is made.
        self.assertIn("made for", self.window.status.words.text())
        self.assertIn("Tannoy", self.window.status.words.text())

    def test_rules_are_read_off_files(self) -> None:
        paths = [
            self.write(f"known/P{n}.wav", speech_like(8000, 1 + n / 5, -26, seed=n), 8000, "ULAW") for n in range(5)
        ]
        learn_from(self.window.context, paths)
        page = self.window.bench.page_of("receiver")
        mine = self.session.project.receivers[-1]
        self.assertEqual((mine.name, mine.rules.accepts[0].encoding), ("Like known", "ulaw"))
        self.assertIn("all 5 files", page.verdict.text())

    def test_an_illegal_rate_is_said_with_the_nearest_legal_one(self) -> None:
        self.open_demo()
        self.window.run("view.receiver")
        form, rates = self.field("It takes"), self.field("At a rate of")
        form.setCurrentIndex(form.findText("headerless G.722"))
        page = self.window.bench.page_of("receiver")
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
        self.window.bench.page_of("receiver").duplicate_button.click()
        self.settle()
        self.assertEqual([r.slug for r in self.session.project.receivers][:2], ["phone-menu", "phone-menu-2"])
        rates = self.field("At a rate of")
        rates.selectAll()
        QTest.keyClicks(rates, "16")
        page = self.window.bench.page_of("receiver")
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
