"""The button of the next step, and the way back from everywhere."""

from __future__ import annotations

from pathlib import Path
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from kittiwake.ui.dialogs.deliver_dialog import DeliverDialog
from kittiwake.ui.places.place import places
from kittiwake.work.project import edits
from kittiwake.work.standin.machine import Refusal
from tests.bundled import needs
from tests.sounds import speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestNextStep(WindowCase):
    def begin(self) -> None:
        self.session.project.begin(["quay-beacon"])
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.add_paths([self.write("in/Fog delay.wav", speech_like(16_000, 1.5), 16_000)])
        self.settle()

    def next(self) -> None:
        self.press(Key.Key_Return, Mod.ControlModifier)
        self.settle()

    @property
    def offered(self) -> str:
        return self.window.top.make_button.text()

    @needs("standins")
    def test_one_key_leads_from_sound_to_hearing_it_at_its_machine(self) -> None:
        self.assertFalse(self.window.top.make_button.isVisible())  # the empty board has the button
        self.begin()
        self.assertEqual(self.offered, "Make 1 output  Ctrl+Enter")
        self.next()
        self.assertEqual(self.state("Fog delay", "quay-beacon"), "made")
        self.assertEqual(self.offered, "Hand over 1 to Quay beacon  Ctrl+Enter")
        self.press(Key.Key_Return, Mod.ControlModifier)
        dialog = self.window.findChild(DeliverDialog)
        assert isinstance(dialog, DeliverDialog)
        QTest.keyClick(QApplication.focusWidget() or dialog, Key.Key_Return)
        self.wait_for(lambda: self.offered == "Hear it at Quay beacon  Ctrl+Enter", 20)
        self.next()
        self.assertTrue(self.window.player.playing, self.window.status.words.text())
        self.assertIn("Fog", self.window.player.title + self.window.status.words.text())

    def test_what_was_handed_over_once_goes_there_again_unasked(self) -> None:
        self.begin()
        self.next()
        self.press(Key.Key_Return, Mod.ControlModifier)
        dialog = self.window.findChild(DeliverDialog)
        assert isinstance(dialog, DeliverDialog)
        there = Path(dialog.into.text())
        QTest.keyClick(QApplication.focusWidget() or dialog, Key.Key_Return)
        self.wait_for(lambda: "Hand over" not in self.offered, 20)
        self.assertEqual({path.suffix for path in there.iterdir()} - {".json", ".jsonl", ".csv", ".txt"}, {".wav"})
        self.window.add_paths([self.write("in/Ice on deck.wav", speech_like(16_000, 1.2, seed=4), 16_000)])
        self.settle()
        self.next()
        self.assertEqual(self.offered, "Hand over 1 to Quay beacon  Ctrl+Enter")
        self.next()
        self.wait_for(lambda: "Hand over" not in self.offered, 20)
        self.assertEqual(len(list(there.glob("*.wav"))), 2)
        self.assertFalse([one for one in self.window.findChildren(DeliverDialog) if one.isVisible()])
        self.assertIn("handed over", self.window.status.words.text())
        # What lies there and is wanted no more is for a person to see.
        edits.remove_clips(self.session.project, {self.clip("Fog delay").id})
        self.window.add_paths([self.write("in/Tide.wav", speech_like(16_000, 1.1, seed=5), 16_000)])
        self.settle()
        self.next()
        self.press(Key.Key_Return, Mod.ControlModifier)
        asked = [one for one in self.window.findChildren(DeliverDialog) if one.isVisible()]
        self.assertEqual(len(asked), 1)
        self.assertTrue(asked[0].away_box.isVisible())
        self.assertEqual(len(list(there.glob("*.wav"))), 2)
        asked[0].reject()

    @needs("standins")
    def test_what_its_machine_refuses_is_not_played_for_it(self) -> None:
        self.begin()
        self.next()
        self.press(Key.Key_Return, Mod.ControlModifier)
        dialog = self.window.findChild(DeliverDialog)
        assert isinstance(dialog, DeliverDialog)
        QTest.keyClick(QApplication.focusWidget() or dialog, Key.Key_Return)
        self.wait_for(lambda: self.offered.startswith("Hear it"), 20)
        machine = self.window.bench.stand_ins.machine("beacon")

        def refuse(*_: object) -> bool:
            machine.refusal = Refusal("not today", 0)
            return False

        with mock.patch.object(machine, "hand", refuse), mock.patch.object(machine, "press") as pressed:
            self.next()
        pressed.assert_not_called()
        self.assertIn("not today", self.window.status.words.text())

    def test_what_is_to_be_decided_is_gone_to(self) -> None:
        self.open_demo()
        project = self.session.project
        project.change("out", project.job.changed(output=str(self.folder / "made")))
        self.window.board.setFocus()
        self.next()
        self.assertRegex(self.offered, r"^Decide \d+  Ctrl\+Enter$")
        self.next()
        clip, receiver = self.window.board.current_clip(), self.window.board.current_receiver()
        assert clip and receiver
        self.assertEqual(project.cell(clip, receiver).state, "decide")

    def test_escape_leads_back_from_every_place(self) -> None:
        self.begin()
        bench = self.window.bench
        for key in (one.key for one in places()):
            if key in ("cell", "clip", "receiver"):
                continue  # they are what is selected
            with mock.patch.object(type(bench.page_of(key)), "begin", lambda *_: None):
                bench.go_to(key)
            self.app.processEvents()
            self.window.run("view.back")
            self.app.processEvents()
            self.assertIn(bench.page, ("cell", "clip", "receiver", "empty"), key)
            self.assertTrue(self.window.board.isVisible() and self.window.board.hasFocus(), key)

    def test_from_a_field_that_has_no_use_for_it_too(self) -> None:
        self.begin()
        self.window.run("script.open")
        page = self.window.bench.page_of("script")
        self.assertIs(self.app.focusWidget(), page.typed)
        self.assertTrue(self.window.halves.line.isVisible())
        self.assertIn("Esc", self.window.halves.line.text())
        self.press(Key.Key_Escape)
        self.assertTrue(self.window.board.hasFocus())
        self.assertNotEqual(self.window.bench.page, "script")
        self.window.run("script.open")
        QTest.mouseClick(self.window.halves.line, Qt.MouseButton.LeftButton)
        self.assertTrue(self.window.board.hasFocus())

    def test_a_take_that_goes_on_stays_in_sight(self) -> None:
        self.begin()
        page = self.window.bench.page_of("record")
        self.window.run("record.open")
        page.recorder.state = "recording"
        self.window.run("view.back")
        self.assertEqual(self.window.bench.page, "record")
        self.assertTrue(self.window.board.isVisible())
        page.recorder.state = "open"
