"""Codecs compared, and files tried on the machines of the receivers."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt

from tests.bundled import needs
from tests.sounds import speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestComparing(WindowCase):
    def test_every_codec_is_measured_and_can_be_heard_at_the_same_instant(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Ticket to Skerrow").id)
        self.press(Key.Key_C)
        page = self.window.bench.page_of("compare")
        self.wait_for(lambda: not page.worker.busy)
        self.assertGreater(page.table.rowCount(), 20)
        page.table.set_current(1)
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
        self.assertIs(self.window.bench.currentWidget(), self.window.bench.page_of("clip"))


@needs("standins")
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
        self.assertIs(self.window.bench.currentWidget(), self.window.bench.page_of("receiver"))
        self.press(Key.Key_P)
        self.assertTrue(self.window.player.playing)
        self.wait_for(lambda: not self.window.player.playing)
        cell = self.session.project.cell(self.clip("Welcome"), self.session.project.receivers[0])
        assert cell.record is not None
        self.window.bench.stand_ins.hand("beacon", Path(cell.record.output))
        self.assertIn("16-byte format", beacon.notice.text())
        self.assertIn("still holds Quay_closed.wav", beacon.notice.text())
        self.window.board.select(self.clip("Welcome").id, "speech-engine")
        self.press(Key.Key_B)
        self.assertIn("There is no stand-in for Speech engine", self.window.status.words.text())
        self.assertIn("has one: select its cell", self.window.status.words.text())


@needs("standins")
class TestPaging(WindowCase):
    def test_one_file_after_the_other_is_taken_with_the_list_it_wants_first(self) -> None:
        for name in ("fire", "lunch"):
            self.write(f"in/{name}.wav", speech_like(48_000, 1.5), 48_000)
        self.session.project.begin(("paging-controller",))
        self.window.add_paths([self.folder / "in"])
        self.settle()
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        job = self.session.project.job
        self.session.project.change(
            "kinds", job.changed(clips=tuple(clip.changed(kind="alert") for clip in job.clips))
        )
        self.window.board.setFocus()
        self.window.run("make.all")
        self.settle()
        machine = self.window.bench.stand_ins.machine("paging")
        for count, clip in enumerate(self.session.project.job.clips, 1):
            self.window.board.select(clip.id, "paging-controller")
            self.press(Key.Key_B)
            self.assertIn("took", self.window.status.words.text())
            self.assertEqual(len(machine.shelf.files), count)  # type: ignore[attr-defined]
            self.assertEqual(machine.state, "ready, no faults")  # type: ignore[attr-defined]
        self.press(Key.Key_P)
        self.assertTrue(self.window.player.playing)
