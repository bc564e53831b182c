"""Stating what a source really is: its true rate, its headerless format."""

from __future__ import annotations

import time
from collections.abc import Callable
from pathlib import Path
from threading import Event
from unittest import mock

import numpy as np
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QFileDialog

from kittiwake.core.codec import alaw, ulaw
from kittiwake.core.model import Stated
from kittiwake.core.model.job import load_job
from kittiwake.ui.dialogs.headerless_dialog import HeaderlessDialog
from kittiwake.ui.dialogs.rate_dialog import RateDialog
from kittiwake.ui.workers.moved_sources import MovedSources
from kittiwake.work.project import edits
from kittiwake.work.project.moved import Moved
from tests.sounds import speech_like, spoken
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


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
        self.assertIn("8.12 % shorter, 1.47 semitones higher", dialog.notice.text().replace("8.13", "8.12"))
        QTest.mouseClick(dialog.hear_button, Qt.MouseButton.LeftButton)
        self.wait_for(lambda: self.window.player.playing and self.window.player.position > 0.05)
        self.assertIsNone(self.clip("Spring fares").touch_up.true_rate)
        dialog.accept()
        self.back_to_the_window()
        self.assertEqual(self.clip("Spring fares").touch_up.true_rate, 48_000)
        receiver = self.session.project.receiver("phone-menu")
        assert receiver
        found = self.session.project.plans.fit_of(self.clip("Spring fares"), receiver)
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
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"decide"})
        self.assertEqual(self.session.project.facts[self.folder / "greeting0"].suggested, Stated("ulaw", 8000))
        self.window.board.setFocus()
        self.window.board.select(self.clip("greeting0").id)
        self.press(Key.Key_H)
        dialog = self.window.findChild(HeaderlessDialog)
        assert isinstance(dialog, HeaderlessDialog)
        self.wait_for(lambda: dialog.list.count() > 1)
        self.assertEqual(dialog.stated(), Stated("ulaw", 8000))
        first = dialog.list.item(0)
        self.assertIn("µ-law, 8 kHz  ·  2.00 s", first.text())
        self.assertIn("pauses", first.text())
        self.assertFalse(first.icon().isNull())
        dialog.form.show_stated(Stated("pcm_s16le", 8000))  # wrong: loud noise, which must be played quietly
        dialog.hear_button.click()
        self.wait_for(lambda: self.window.player.playing and self.window.player.position > 0.05)
        track = self.window.player.tracks["source"]
        self.wait_for(lambda: track.complete)
        level = 20 * np.log10(np.sqrt(np.mean((track.samples() / 32768.0) ** 2)))
        self.assertLess(level, -33)
        dialog.form.rate.setEditText("fast")
        self.assertIn("fast", dialog.notice.text())
        self.assertFalse(dialog.hear_button.isEnabled())
        dialog.form.rate.setEditText("11,025 kHz")
        self.assertEqual(dialog.stated(), Stated("pcm_s16le", 11_025))
        dialog.form.encoding.setCurrentIndex(dialog.form.encoding.findData("gsm"))
        self.assertEqual(dialog.stated(), Stated("gsm", 8000))
        self.assertFalse(dialog.form.rate.isEnabled())
        dialog.form.show_stated(Stated("ulaw", 8000))
        dialog.all_box.setChecked(True)
        dialog.accept()
        self.back_to_the_window()
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"convert"})
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"made"})
        path = self.folder / "j.kittiwake"
        self.session.project.save(path)
        self.assertEqual(len(load_job(path).stated), 3)
        self.window.open_job(path)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"made"})
        self.session.project.headerless.state([self.folder / "greeting0"], Stated("alaw", 8000))
        self.settle()
        self.assertEqual(self.state("greeting0", "phone-menu"), "stale")
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.settle()
        self.assertEqual(self.state("greeting0", "phone-menu"), "made")

    def test_a_folder_of_a_telephone_system_stands_on_the_board_and_a_key_reads_it(self) -> None:
        """Endings that people use, and none; one of another kind among them is not taken with the others."""
        place = self.folder / "prompts"
        place.mkdir()
        for n, name in enumerate(("one.raw", "two.pcm", "three.ul", "four")):
            x = spoken(8000)[n * 1000 :]
            (place / name).write_bytes(ulaw.encode(x).tobytes())
        (place / "five.al").write_bytes(alaw.encode(spoken(8000)).tobytes())
        (place / "list.csv").write_text("name,text")
        (place / "picture").write_bytes(np.random.default_rng(1).bytes(9000))
        self.window.add_paths([place])
        self.settle()
        self.assertEqual(
            sorted(c.name for c in self.session.project.job.clips), ["five", "four", "one", "three", "two"]
        )
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"decide"})
        self.assertIn("list.csv", self.window.status.words.text() + self.window.status.words.toolTip())
        self.window.board.setFocus()
        self.window.board.select(self.clip("one").id)
        self.press(Key.Key_H, Mod.ShiftModifier)
        self.settle()
        states = {name: self.state(name, "phone-menu") for name in ("one", "two", "three", "four", "five")}
        self.assertEqual(states, {**dict.fromkeys(("one", "two", "three", "four"), "convert"), "five": "decide"})
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"decide"})
        problem = self.session.project.plans.problems_of(self.clip("five"))[0]
        edits.apply_remedy(self.session.project, self.clip("five"), None, problem.remedies[0])
        self.settle()
        self.assertEqual(self.session.project.job.stated[place / "five.al"], Stated("alaw", 8000))


class TestMovedSources(WindowCase):
    def test_a_folder_that_moved_is_found_again_and_what_was_made_stays_made(self) -> None:
        paths = [
            self.write(f"old/{name}.wav", speech_like(16_000, 1, -26, seed=n), 16_000)
            for n, name in enumerate(("pier", "gate"))
        ]
        self.window.add_paths(paths)
        self.settle()
        edits.choose_receivers(self.session.project, ["phone-menu"])
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.run("make.all")
        self.settle()
        job = self.folder / "ferry.kittiwake"
        self.window.save_job(job)
        self.window.run("job.find_sources")
        self.assertIn("is where the job says", self.window.status.words.text())
        (self.folder / "old").rename(self.folder / "moved")
        (self.folder / "moved/gate.wav").rename(self.folder / "moved/gate of the pier.wav")
        self.window.open_job(job)
        self.settle()
        self.assertEqual({cell.state for cell in self.session.project.cells()} & {"made", "convert"}, set())
        with mock.patch.object(QFileDialog, "getExistingDirectory", return_value=str(self.folder)):
            self.window.run("job.find_sources")
        self.wait_for(lambda: "found again" in self.window.status.words.text())
        self.settle()
        self.assertIn("2 recordings were found again", self.window.status.words.text())
        self.assertEqual(
            [clip.source.name for clip in self.session.project.job.clips], ["pier.wav", "gate of the pier.wav"]
        )
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["pier", "gate"])
        self.wait_for(lambda: {cell.state for cell in self.session.project.cells()} == {"made"})
        self.window.run("make.all")
        self.settle()
        self.assertEqual(
            sorted(path.name for path in (self.folder / "made").rglob("*.wav")), ["gate.wav", "pier.wav"]
        )

    def test_a_search_ends_with_its_job(self) -> None:
        path = self.write("old/pier.wav", speech_like(16_000, 1, -26), 16_000)
        self.window.add_paths([path])
        self.settle()
        (self.folder / "old").rename(self.folder / "moved")
        search = MovedSources(self.session, self.window)
        found: list[object] = []
        stopped = Event()

        def goes_on_until_stopped(
            missing: object, folder: Path, known: object, cancelled: Callable[[], bool]
        ) -> Moved:
            while not cancelled():
                time.sleep(0.005)
            stopped.set()
            return Moved({path: folder / "moved/pier.wav"}, (), ())

        with mock.patch("kittiwake.ui.workers.moved_sources.find_moved", goes_on_until_stopped):
            search.look(self.folder, found.append)
            self.session.project.begin(("phone-menu",))
            self.wait_for(stopped.is_set)
            QTest.qWait(50)
        self.assertEqual(found, [])
        self.assertEqual(self.session.project.job.clips, ())
