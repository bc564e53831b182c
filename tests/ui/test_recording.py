"""Recording through the stand-in microphone, in the real window."""

from __future__ import annotations

import json
import time
from pathlib import Path
from unittest import mock

import numpy as np
import soundfile
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from kittiwake.core.measure import analyze
from kittiwake.core.model import Line
from kittiwake.ui.places.record.page import RecordPage
from kittiwake.ui.workers import microphone as microphones_of
from kittiwake.ui.workers.microphone import StandIn
from kittiwake.work.standin.microphone import READING
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class RecordCase(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        none = mock.patch.object(microphones_of, "microphones", lambda: [(StandIn().name, None)])
        fast = mock.patch.object(StandIn, "clock", staticmethod(lambda: 4 * time.monotonic()))
        for one in (none, fast):
            one.start()
            self.addCleanup(one.stop)
        self.session.project.job = self.session.project.job.changed(
            output=str(self.folder / "made"), receivers=("phone-menu",)
        )
        self.actions = 0
        self.window.board.setFocus()

    @property
    def page(self) -> RecordPage:
        return self.window.bench.page_of("record")

    def act(self, key: Qt.Key, modifier: Qt.KeyboardModifier = Mod.NoModifier) -> None:
        self.actions += 1
        self.press(key, modifier)

    def wait_for_take(self, count: int) -> None:
        self.wait_for(lambda: sum(self.page.takes.values()) == count and self.page.recorder.state == "open", 30)


class TestOneLine(RecordCase):
    def test_from_nothing_to_a_made_prompt_in_three_keys(self) -> None:
        self.act(Key.Key_V)
        self.wait_for(lambda: self.page.recorder.state == "open")
        self.act(Key.Key_Return)
        self.wait_for(lambda: self.page.recorder.state == "recording")
        self.assertEqual(self.window.player.title, "Count-in")
        self.wait_for_take(1)
        self.assertIn("It can be used", self.page.state.text())
        self.act(Key.Key_M)
        self.settle()
        (made,) = self.visible_made()
        self.assertEqual(made.name, "Recording.wav")
        self.assertLessEqual(self.actions, 6)
        facts = analyze(made)
        assert facts.header and facts.measures
        self.assertEqual((facts.header.encoding, facts.header.sample_rate), ("ulaw", 8000))
        # The take itself is a master: 48 kHz, 24 bits, with when and with what.
        (take,) = (self.folder / "made" / "recordings").iterdir()
        with soundfile.SoundFile(str(take)) as file:
            self.assertEqual((file.samplerate, file.subtype), (48_000, "PCM_24"))
            self.assertIn("stand-in", file.comment)
        # Cut to its words with a tenth of a second of air.
        whole = analyze(take)
        self.assertLess(facts.seconds or 0, (whole.seconds or 0) - 1.0)

    def visible_made(self) -> list[Path]:
        return [p for p in self.visible_outputs() if "recordings" not in p.parts]

    def test_stopped_by_hand_and_said_again(self) -> None:
        self.press(Key.Key_V)
        self.press(Key.Key_Return)
        self.wait_for(lambda: self.page.recorder.state == "recording" and self.page.recorder.seconds > 1.2)
        self.press(Key.Key_Return)
        self.wait_for_take(1)
        # It was still being spoken.
        self.assertIn("still going on", self.page.state.text())
        self.assertIs(self.app.focusWidget(), self.page.again_button)
        self.press(Key.Key_Return)
        self.wait_for_take(2)
        self.assertIn("It can be used", self.page.state.text())
        # One clip, of the second take; the first stays on disk, and in the job.
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["Recording"])
        self.assertEqual(self.session.project.job.clips[0].source.name, "Recording take 2.wav")
        asides = [cut.spans[0].aside for cut in self.session.project.job.cuts.values()]
        self.assertEqual(asides, [True, False])
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.session.project.job.clips[0].source.name, "Recording.wav")


class TestMessages(RecordCase):
    def type_name(self, name: str) -> None:
        self.actions += 1  # a name is one thing to type
        QTest.keyClicks(self.app.focusWidget(), name)

    def test_two_voicemails_named_and_made_in_eight_actions(self) -> None:
        self.act(Key.Key_V)
        self.wait_for(lambda: self.page.recorder.state == "open")
        self.type_name("Greeting")
        self.act(Key.Key_Return)
        self.wait_for(lambda: self.page.recorder.state == "recording" and len(self.page.take.levels) > 20)
        self.wait_for_take(1)
        self.assertIsNotNone(self.page.take.kept)
        self.assertEqual(self.page.next_button.text(), "Next message  Enter")
        self.act(Key.Key_Return)
        self.type_name("Closed")
        self.act(Key.Key_Return)
        self.wait_for_take(2)
        self.act(Key.Key_M)
        self.settle()
        self.assertEqual(
            {p.stem for p in self.visible_outputs() if "recordings" not in p.parts}, {"Greeting", "Closed"}
        )
        self.assertLessEqual(self.actions, 8)

    def test_named_afterwards_and_said_again_it_stays_one_clip(self) -> None:
        self.press(Key.Key_V)
        self.wait_for(lambda: self.page.recorder.state == "open")
        self.press(Key.Key_Return)
        self.wait_for_take(1)
        self.page.name.setFocus()
        self.page.name.selectAll()
        QTest.keyClicks(self.page.name, "Out of office")
        self.press(Key.Key_Return)
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["Out of office"])
        self.assertEqual(self.page.recorder.state, "open")  # it was a name, and no next take
        self.page.again_button.click()
        self.wait_for_take(2)
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["Out of office"])
        self.press(Key.Key_Return)
        self.assertEqual(self.page.name.text(), "Recording")
        self.assertIs(self.app.focusWidget(), self.page.name)
        self.press(Key.Key_Return)
        self.wait_for_take(3)
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["Out of office", "Recording"])
        folders = {clip.source.parent for clip in self.session.project.job.clips}
        self.assertEqual(len(folders), 1)


class TestList(RecordCase):
    lines = (
        Line("gate-open", "The gate is open."),
        Line("gate-closed", "The gate is closed."),
        Line("good-night", "Good night."),
    )

    def test_line_by_line_each_checked_and_named(self) -> None:
        self.press(Key.Key_V)
        self.page.take_list(self.lines)
        self.assertIn("The gate is open.", self.page.line.text())
        for count in (1, 2, 3):
            self.press(Key.Key_Return)
            self.wait_for_take(count)
            self.assertIn("It can be used", self.page.state.text())
        self.assertEqual([c.name for c in self.session.project.job.clips], [line.name for line in self.lines])
        self.assertEqual([c.text for c in self.session.project.job.clips], [line.text for line in self.lines])
        self.assertFalse(self.page.next_button.isEnabled())
        # The focus stays on the page: Enter presses nothing of the window.
        self.assertTrue(self.page.isAncestorOf(QApplication.focusWidget()))
        # What the stand-in said are the lines that were shown: as long as in the reading they come from.
        reported = json.loads((READING / "where.json").read_text("utf-8"))
        spoken = {line["name"]: (line["stop"] - line["start"]) / reported["rate"] for line in reported["lines"]}
        for clip in self.session.project.job.clips:
            length = ((clip.stop or 0) - clip.start) / 48_000
            self.assertAlmostEqual(
                length, spoken[clip.name] + 0.2, delta=0.25
            )  # in the noise of a room it begins 40 ms earlier


class TestTrouble(RecordCase):
    def test_a_lost_microphone_costs_nothing_that_was_recorded(self) -> None:
        self.press(Key.Key_V)
        self.press(Key.Key_Return)
        self.wait_for(lambda: self.page.recorder.state == "recording" and self.page.recorder.seconds > 1.5)
        assert self.page.recorder.microphone is not None
        with mock.patch.object(StandIn, "read", side_effect=OSError(5, "Input/output error")):
            self.wait_for(lambda: self.page.again_button.isVisible() and self.page.recorder.state == "off")
        self.assertIn("What was recorded until then is kept", self.window.status.words.text())
        (take,) = (self.folder / "made" / "recordings").iterdir()
        data, _ = soundfile.read(str(take))
        self.assertGreater(len(data), 48_000)
        # What broke off stands for no message: it is neither ticked nor made.
        self.assertEqual((self.session.project.job.clips, self.page.list.count()), ((), 0))
        self.press(Key.Key_V)
        self.assertEqual(self.page.recorder.state, "open")

    def test_a_full_disk_costs_nothing_that_was_recorded(self) -> None:
        self.press(Key.Key_V)
        self.press(Key.Key_Return)
        self.wait_for(lambda: self.page.recorder.state == "recording" and self.page.recorder.seconds > 1.2)
        with mock.patch(
            "kittiwake.work.record.take.TakeWriter.write", side_effect=OSError(28, "No space left on device")
        ):
            self.wait_for(lambda: self.page.again_button.isVisible() and self.page.recorder.state == "off")
        self.assertEqual((self.session.project.job.clips, self.page.list.count()), ((), 0))
        self.assertIn("No space left", self.window.status.words.text())
        (take,) = (self.folder / "made" / "recordings").iterdir()
        self.assertGreater(len(soundfile.read(str(take))[0]), 48_000)

    def test_no_place_to_record_to_is_told(self) -> None:
        (self.folder / "made").write_text("a file")
        self.press(Key.Key_V)
        self.press(Key.Key_Return)
        self.wait_for(lambda: "cannot be recorded" in self.window.status.words.text(), 20)
        self.assertEqual(self.page.recorder.state, "open")
        self.assertEqual(self.session.project.job.clips, ())

    def test_leaving_the_page_lets_go_of_the_microphone(self) -> None:
        self.press(Key.Key_V)
        self.wait_for(lambda: self.page.recorder.meter.peak > -80)
        self.window.bench.go_to("levels")
        self.assertEqual(self.page.recorder.state, "off")
        self.assertIsNone(self.page.recorder.microphone)

    def test_stand_in_keeps_time(self) -> None:
        microphone = StandIn()
        microphone.clock = time.monotonic
        microphone.start()
        began, got = time.monotonic(), 0
        while time.monotonic() - began < 0.5:
            got += len(microphone.read())
            time.sleep(0.01)
        self.assertAlmostEqual(got / 48_000, 0.5, delta=0.06)
        self.assertLess(float(np.abs(microphone.read()).max(initial=0)), 0.01)
