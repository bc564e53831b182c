"""What attack found where takes are recorded, each as it was found."""

from __future__ import annotations

from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QMessageBox

from kittiwake.work.record import TakeWriter
from tests.sounds import speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier
SHORT = ("Welcome.wav", "Hold the line.wav", "Quay closed.wav")


class TestTakes(WindowCase):
    def test_a_list_taken_while_recording_does_not_rename_the_take(self) -> None:
        from kittiwake.core.model import Line

        page = self.window.bench.page_of("record")
        page.taking = Line("as it began")
        page.recorder.state = "recording"
        page.take_list((Line("other"),))
        self.assertEqual(page.lines, ())
        self.assertIn("A take goes on", self.window.status.words.text())
        page.recorder.state = "off"
        page.lines = (Line("other"),)
        path = self.write("t.wav", speech_like(48_000, 1), 48_000, "PCM_24")
        from kittiwake.work.record import check_take

        page.recorder.taken.emit(path, check_take(path, -60.0))
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["as it began"])

    def test_a_check_that_comes_late_does_not_call_off_the_next_count_in(self) -> None:
        recorder = self.window.bench.page_of("record").recorder
        from kittiwake.ui.workers.worker import Outcome
        from kittiwake.work.record import check_take

        path = self.write("t.wav", speech_like(48_000, 1), 48_000, "PCM_24")
        found = check_take(path, -60.0)
        recorder.state = "count"
        recorder.take_checked(Outcome(path, found, None, False))
        self.assertEqual(recorder.state, "count")
        recorder.state = "off"

    def test_v_leaves_a_take_alone(self) -> None:
        page = self.window.bench.page_of("record")
        self.window.run("record.open")
        page.recorder.state = "recording"
        self.window.run("record.open")
        self.assertEqual(page.recorder.state, "recording")
        page.recorder.state = "open"

    def test_a_disk_that_is_full_leaves_no_empty_take(self) -> None:
        path = self.folder / "t.wav"
        with (
            mock.patch.object(TakeWriter, "_write", side_effect=OSError(28, "No space left on device")),
            self.assertRaises(OSError),
        ):
            TakeWriter(path, "stand-in")
        self.assertFalse(path.exists())

    def test_a_take_is_no_longer_than_its_header_can_count(self) -> None:
        writer = TakeWriter(self.folder / "t.wav", "stand-in", 8000)
        writer.frames = 0xFFFFFFFF // 3
        with self.assertRaises(OSError) as caught:
            writer.write(speech_like(8000, 0.1))
        self.assertIn("4 GiB", str(caught.exception))
        writer.frames = 0
        writer.drop()

    def test_closing_while_recording_is_asked_about(self) -> None:
        page = self.window.bench.page_of("record")
        page.recorder.state = "recording"
        with mock.patch.object(QMessageBox, "question", return_value=QMessageBox.StandardButton.Cancel) as asked:
            self.assertFalse(self.window.close())
        asked.assert_called_once()
        page.recorder.state = "off"
