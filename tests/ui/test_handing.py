"""Handing over, and machines, in the window."""

from __future__ import annotations

from pathlib import Path
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from kittiwake.core.extensions import extensions
from kittiwake.core.make.delivered import delivered_in
from kittiwake.ui.commands import deliver
from kittiwake.ui.dialogs.deliver_dialog import DeliverDialog
from kittiwake.work.project import edits
from kittiwake.work.project.handing import root_of
from tests.bundled import needs
from tests.sounds import speech_like
from tests.ui.base import WindowCase

if "standins" in extensions():
    from kittiwake.bundled.standins.core.phone.dial_plan import plan_of
    from kittiwake.bundled.standins.plan_dialog import PlanDialog

Key, Mod = Qt.Key, Qt.KeyboardModifier


class HandingCase(WindowCase):
    receivers: tuple[str, ...] = ("phone-menu",)
    count = 24

    def setUp(self) -> None:
        super().setUp()
        self.actions = 0
        self.session.project.begin(self.receivers)
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        names = [f"prompt {n:02}" for n in range(1, self.count + 1)]
        self.window.add_paths(
            [self.write(f"in/{name}.wav", speech_like(8000, 0.5, seed=n), 8000) for n, name in enumerate(names)]
        )
        self.settle()
        self.window.board.setFocus()
        self.make()

    def make(self) -> None:
        self.act(Key.Key_M)
        self.wait_for(lambda: not self.window.maker.busy)
        self.settle()
        self.actions = 0

    def act(self, key: Qt.Key, modifier: Qt.KeyboardModifier = Mod.NoModifier) -> None:
        self.actions += 1
        self.press(key, modifier)

    def said(self) -> str:
        return self.window.status.words.text()

    def deliver(self) -> DeliverDialog:
        self.act(Key.Key_B, Mod.ShiftModifier)
        dialog = self.window.findChild(DeliverDialog)
        assert isinstance(dialog, DeliverDialog)
        return dialog


@needs("standins")
class TestPhone(HandingCase):
    def test_from_made_prompts_to_a_menu_three_deep_dialled_through_in_thirty_actions(self) -> None:
        self.act(Key.Key_F5, Mod.ShiftModifier)
        page = self.window.bench.page_of("phone")
        self.assertIs(self.app.focusWidget(), page.prompts)
        self.assertEqual(page.prompts.count(), 24)
        for count in (8, 8, 8):
            for _ in range(count):
                self.act(Key.Key_Return)
            if len(plan_of(self.session.project.job.dial_plan).menus) < 3:
                self.act(Key.Key_Insert)
        plan = plan_of(self.session.project.job.dial_plan)
        self.assertEqual((len(plan.menus), len(plan.prompts)), (3, 24))
        self.assertEqual(max(map(len, plan.ways().values())), 3)
        self.actions += 1
        page.walk_button.click()
        self.wait_for(lambda: not page.worker.busy)
        self.assertIn("24 of 24 prompts heard", page.log.toPlainText())
        self.assertLessEqual(self.actions, 30)
        # A prompt that is gone is missed, not forgotten.
        edits.remove_clips(self.session.project, {self.clip("prompt 03").id})
        self.settle()
        page.refresh()
        self.assertIn("1 missing: prompt_03", page.state.text())
        self.session.project.history.undo()
        # By keys: what was put last is taken off again.
        before = self.session.project.job.dial_plan
        page.take_off()
        page.tree.choose(3)
        page.take_off()
        self.assertNotEqual(self.session.project.job.dial_plan, before)
        self.session.project.history.undo()
        self.assertEqual(self.session.project.job.dial_plan, before)

    def test_called_by_hand(self) -> None:
        self.press(Key.Key_F5, Mod.ShiftModifier)
        page = self.window.bench.page_of("phone")
        for _ in range(3):
            self.press(Key.Key_Return)
        page.keypad.buttons["1"].setFocus()
        QTest.keyClick(page.keypad.buttons["1"], Key.Key_2)
        self.wait_for(lambda: not page.worker.busy)
        self.assertIn("key: 2 pressed and detected\nprompt: prompt_03", page.log.toPlainText())
        self.assertIn("call 2", self.window.player.title)
        self.assertEqual(page.call_button.text(), "Hang up")
        page.loss.setValue(30)
        self.assertAlmostEqual(page.phone.packet_loss.loss, 0.3)
        page.call()
        self.assertEqual(page.call_button.text(), "Call")
        # A prompt is dragged onto a key.
        row = next(n for n, one in enumerate(page.tree.slots) if one.key == "1")
        page.tree.dropped.emit(row, "prompt_09")
        self.assertIn("say prompt_09", self.session.project.job.dial_plan)

    def test_a_line_is_recorded_over_the_phone_and_comes_back_as_a_prompt(self) -> None:
        self.press(Key.Key_F5, Mod.ShiftModifier)
        page = self.window.bench.page_of("phone")
        page.record_button.click()
        self.wait_for(lambda: not page.worker.busy)
        self.settle()
        self.assertIn("recorded as recorded 1.ulaw, without a header", page.log.toPlainText())
        clip = self.clip("recorded 1")
        facts = self.session.project.facts[clip.source]
        self.assertEqual((clip.source.suffix, str(facts.stated)), (".ulaw", "ulaw@8000x1"))
        self.assertGreater(facts.seconds or 0, 1.5)
        self.make()
        page.begin()
        self.assertIn("recorded_1", page.phone.prompts)

    def test_the_plan_as_text(self) -> None:
        self.press(Key.Key_F5, Mod.ShiftModifier)
        page = self.window.bench.page_of("phone")
        self.press(Key.Key_Return)
        page.text_button.click()
        dialog = self.window.findChild(PlanDialog)
        assert isinstance(dialog, PlanDialog)
        text = dialog.edit.toPlainText()
        dialog.edit.setPlainText(text.replace("timeout = 4.0", "timeout = four"))
        self.assertIn("not valid TOML", dialog.notice.text())
        self.assertFalse(dialog.box.button(dialog.box.StandardButton.Ok).isEnabled())
        dialog.edit.setPlainText(
            text.replace("timeout = 4.0", "timeout = 2.5") + '[states]\nhold = "gb/busy + say prompt_01"\n'
        )
        dialog.accept()
        self.assertEqual((page.plan.timeout, page.plan.state("hold")), (2.5, "gb/busy + say prompt_01"))


@needs("standins")
class TestByName(HandingCase):
    count = 1

    def test_a_menu_made_of_names_in_four_actions(self) -> None:
        names = ("Welcome", "1 Fares", "11 Adults", "111 Babies", "2 Hours")
        rules = self.session.project.receivers[0]
        free = rules.changed(rules=rules.rules.changed(names=rules.rules.names.changed(allowed="A-Za-z0-9 _-")))
        edits.change_receiver(self.session.project, free)
        self.window.add_paths(
            [self.write(f"in/{name}.wav", speech_like(8000, 0.5, seed=n), 8000) for n, name in enumerate(names)]
        )
        self.settle()
        self.make()
        self.act(Key.Key_F5, Mod.ShiftModifier)
        page = self.window.bench.page_of("phone")
        for button in (page.names_button, page.walk_button):
            self.actions += 1
            button.click()
        self.wait_for(lambda: not page.worker.busy)
        self.assertIn("6 of 6 prompts heard", page.log.toPlainText())
        self.assertEqual(plan_of(self.session.project.job.dial_plan).ways()["111 Babies"], "111")
        self.assertLessEqual(self.actions, 4)


class TestDelivering(HandingCase):
    receivers = ("phone-menu", "deck-radio")
    count = 3

    def states(self) -> list[str]:
        project = self.session.project
        receiver = project.receiver("phone-menu")
        assert receiver is not None
        return [project.cell(clip, receiver).shown for clip in project.job.clips]

    @needs("standins")
    def test_delivered_and_one_replaced_is_found_in_three_actions(self) -> None:
        self.window.board.select(self.clip("prompt 01").id, "phone-menu")
        dialog = self.deliver()
        self.assertIn("3 files", dialog.head.text())
        self.assertIn("3 new", dialog.head.text())
        self.assertTrue(dialog.try_box.isChecked())
        QTest.keyClick(dialog.go_button, Key.Key_Return)
        self.settle()
        self.assertIn("The phone takes all of them", self.said())
        self.assertEqual(self.states(), ["delivered"] * 3)
        root = root_of(self.session.project, self.session.project.receivers[0])
        self.assertEqual({one.verdict for one in delivered_in(root).values()}, {"taken"})
        self.assertEqual(len(list((self.folder / "made" / "phone-menu delivery").glob("*.wav"))), 3)
        # The recording is replaced; made again, an older copy is out there.
        self.actions = 0
        self.write("in/prompt 02.wav", speech_like(8000, 0.7, seed=77), 8000)
        self.session.project.look_again([self.folder / "in" / "prompt 02.wav"])
        self.settle()
        self.window.board.setFocus()
        self.act(Key.Key_M)
        self.wait_for(lambda: not self.window.maker.busy)
        self.settle()
        self.assertEqual(self.states(), ["delivered", "older", "delivered"])
        self.window.board.select(self.clip("prompt 02").id, "phone-menu")
        self.settle()
        self.assertIn("older copy", self.window.bench.page_of("cell").proof_label.text())
        dialog = self.deliver()
        self.assertIn("1 changed, 2 same", dialog.head.text())
        self.assertEqual(dialog.table.text(0, 0), "prompt_02.wav")
        self.actions += 1
        dialog.accept()
        self.settle()
        self.assertEqual(self.states(), ["delivered"] * 3)
        self.assertLessEqual(self.actions, 3)

    def test_what_cannot_go_is_said_before(self) -> None:
        self.window.board.select(self.clip("prompt 01").id, "phone-menu")
        dialog = self.deliver()
        dialog.into.setText("")
        self.assertFalse(dialog.go_button.isEnabled())
        self.assertIn("has to go somewhere", dialog.head.text())
        there = self.folder / "there"
        there.mkdir()
        (there / "phone-menu.zip").write_bytes(b"somebody's own")
        dialog.into.setText(str(there))
        dialog.form.setCurrentIndex(dialog.form.findData("zip"))
        dialog.accept()
        self.settle()
        self.assertEqual((there / "phone-menu.zip").read_bytes(), b"somebody's own")
        self.assertEqual(self.states(), ["made"] * 3)

    def test_files_on_the_clipboard_and_dragged_and_a_report(self) -> None:
        board = self.window.board
        board.select(self.clip("prompt 01").id, "phone-menu")
        self.press(Key.Key_C, Mod.ControlModifier | Mod.ShiftModifier)
        urls = [url.toLocalFile() for url in QApplication.clipboard().mimeData().urls()]
        self.assertEqual(urls, [str(self.folder / "made" / "phone-menu" / "prompt_01.wav")])
        index = board.currentIndex()
        self.assertTrue(board.board_model.flags(index) & Qt.ItemFlag.ItemIsDragEnabled)
        self.assertEqual([url.toLocalFile() for url in board.board_model.mimeData([index]).urls()], urls)
        self.assertFalse(board.board_model.flags(index.siblingAtColumn(1)) & Qt.ItemFlag.ItemIsDragEnabled)
        for name in ("report.html", "report.pdf"):
            path = self.folder / name
            with mock.patch.object(deliver, "where_to_save", return_value=path):
                deliver.report(self.window.context)
            self.assertIn("The report lies in", self.said())
            self.assertTrue(path.read_bytes().startswith(b"<!doctype html>" if name.endswith("html") else b"%PDF"))
        self.assertGreater(Path(self.folder / "report.pdf").stat().st_size, 5000)

    @needs("standins")
    def test_a_panel_of_a_machine_that_holds_a_set(self) -> None:
        self.window.board.select(self.clip("prompt 01").id, "deck-radio")
        dialog = self.deliver()
        dialog.accept()
        self.settle()
        self.assertIn("The deck radio takes all of them", self.said())
        radio = self.session.project.receiver("deck-radio")
        self.window.bench.show_choice(None, radio)
        panel = self.window.bench.stand_ins.panel("radio")
        self.assertEqual(panel.list.count(), 3)
        panel.list.setCurrentRow(1)
        panel.buttons[0].click()
        self.assertIn("Channel 2 of 3: prompt_02.wav", self.said())
        self.assertIn("prompt_02", self.window.player.title)
        self.press(Key.Key_P)
        self.assertIn("Deck radio", self.window.player.title)
