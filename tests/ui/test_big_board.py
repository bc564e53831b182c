"""Finding, sorting and keeping what one works on."""

from __future__ import annotations

import random
import signal
import subprocess
import sys
from pathlib import Path

import shiboken6
from PySide6.QtCore import Qt, QTimer
from PySide6.QtTest import QTest

from kittiwake.core.model import Clip
from kittiwake.core.model.job import load_job
from kittiwake.ui.board.model import HEADS, LENGTH, NAME
from kittiwake.ui.dialogs.unwanted_dialog import UnwantedDialog
from kittiwake.ui.shell.autosave import Autosave, autosaved
from kittiwake.ui.shell.waiting import Waiting
from kittiwake.ui.shell.window import Window
from kittiwake.work.project import edits
from tests.sounds import speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestFinding(WindowCase):
    def names(self) -> list[str]:
        model = self.window.board.board_model
        return [str(model.data(model.index(row, NAME))) for row in range(model.rowCount())]

    def test_found_by_words_and_state_and_all_shown_again(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.window.board.select(self.clip("Pier Two").id)
        self.press(Key.Key_F, Mod.ControlModifier)
        self.assertIs(self.app.focusWidget(), self.window.filter.field)
        QTest.keyClicks(self.window.filter.field, "pier")
        self.wait_for(lambda: len(self.names()) < 10)
        self.assertTrue(all("pier" in name.casefold() for name in self.names()), self.names())
        self.assertIn(
            f"{len(self.names())} of {len(self.session.project.job.clips)} clips", self.window.filter.notice.text()
        )
        current = self.window.board.current_clip()
        assert current is not None
        self.assertEqual(current.name, "Pier Two")
        QTest.keyClicks(self.window.filter.field, " nowhere")
        self.wait_for(lambda: self.names() == [])
        self.press(Key.Key_Escape)
        self.assertEqual(len(self.names()), len(self.session.project.job.clips))
        self.assertFalse(self.window.filter.isVisible())
        self.assertIs(self.app.focusWidget(), self.window.board)
        self.window.filter.begin()
        self.window.filter.states.setCurrentText("To decide")
        shown = self.names()
        self.assertTrue(0 < len(shown) < len(self.session.project.job.clips))
        for name in shown:
            states = [self.state(name, receiver.slug) for receiver in self.session.project.receivers]
            self.assertIn("decide", states)

    def test_sorted_by_any_column_and_back_by_key_and_by_click(self) -> None:
        self.open_demo()
        board = self.window.board
        board.setFocus()
        original = self.names()
        self.press(Key.Key_S)
        self.assertEqual(self.names(), sorted(original, key=str.casefold))
        self.press(Key.Key_S)
        self.assertEqual(self.names(), sorted(original, key=str.casefold, reverse=True))
        self.press(Key.Key_S)
        self.assertEqual(self.names(), original)
        heads = board.horizontalHeader()
        place = heads.viewport().rect().topLeft()
        place.setX(heads.sectionViewportPosition(LENGTH) + 20)
        place.setY(10)
        QTest.mouseClick(heads.viewport(), Qt.MouseButton.LeftButton, pos=place)
        lengths = [self.session.project.facts[self.clip(name).source].seconds or -1 for name in self.names()]
        self.assertEqual(lengths, sorted(lengths))
        # By a receiver: what wants somebody comes first; renaming moves nothing under one's hands.
        board.setCurrentIndex(board.board_model.index(0, HEADS))
        self.press(Key.Key_S)
        states = [self.state(name, self.session.project.receivers[0].slug) for name in self.names()]
        self.assertEqual(states[0], "cannot")
        before = self.names()
        edits.replace_clip(self.session.project, "naming", self.clip("Welcome").changed(name="A welcome"))
        self.assertEqual(self.names(), ["A welcome" if name == "Welcome" else name for name in before])
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.names(), before)


class TestMany(WindowCase):
    """So many clips that putting them in order lets the window go on meanwhile."""

    def setUp(self) -> None:
        super().setUp()
        self.session.looker.want = lambda *_args, **_named: None  # type: ignore[method-assign]
        dice = random.Random(3)
        names = [f"clip {dice.randrange(10**6):06}" for _ in range(3000)]
        self.clips = tuple(Clip(Path("/nowhere", f"{n}.wav"), name, id=f"c{n}") for n, name in enumerate(names))
        self.session.project.change("adding", self.session.project.job.changed(clips=self.clips))
        self.model = self.window.board.board_model

    def shown(self) -> list[str]:
        clips = (self.model.clip_at(row) for row in range(self.model.rowCount()))
        return [clip.name for clip in clips if clip]

    def sort(self) -> list[None]:
        """Begin to sort by name; the list has something in it once that is done."""
        done: list[None] = []
        self.model.reordered.connect(lambda: done.append(None))
        self.window.board.sort_by(NAME)
        self.assertFalse(done)
        return done

    def test_sorted_a_moment_later_and_the_same_clip_stays_selected(self) -> None:
        self.window.board.select("c7")
        done = self.sort()
        self.wait_for(lambda: done)
        self.assertEqual(self.shown(), sorted(clip.name for clip in self.clips))
        current = self.window.board.current_clip()
        assert current is not None
        self.assertEqual(current.id, "c7")

    def test_what_changes_while_it_is_sorted_is_not_lost(self) -> None:
        done = self.sort()
        edits.replace_clip(self.session.project, "naming", self.clips[5].changed(name="other"))
        self.assertIn("other", self.shown())
        self.wait_for(lambda: done)
        self.assertIn("other", self.shown())
        self.assertNotIn(self.clips[5].name, self.shown())
        self.window.board.sort_by(NAME)
        self.window.board.sort_by(NAME)
        self.session.project.change(
            "removing", self.session.project.job.changed(clips=self.session.project.job.clips[10:])
        )
        self.assertEqual(len(self.shown()), 2990)
        self.session.project.add_sources([Path("/nowhere/late.wav")])
        self.assertEqual(self.shown()[-1], "late")
        self.assertEqual(self.model.row_of("c2999"), 2989)

    def test_a_large_job_is_saved_and_opened_while_the_window_goes_on_drawing(self) -> None:
        path = self.folder / "big.kittiwake"
        beats: list[None] = []
        beat = QTimer()
        beat.timeout.connect(lambda: beats.append(None))
        beat.start(1)
        self.assertTrue(self.window.save_job(path))
        self.assertTrue(beats)
        self.assertTrue(self.session.project.history.is_clean)
        self.assertEqual([clip.id for clip in load_job(path).clips], [clip.id for clip in self.clips])
        self.session.project.change("removing", self.session.project.job.changed(clips=self.clips[:5]))
        self.session.project.history.mark_clean()
        beats.clear()
        self.assertTrue(self.window.open_job(path))
        self.assertTrue(beats)
        self.assertEqual(self.shown(), [clip.name for clip in self.clips])
        self.assertEqual(self.session.project.clips_of(self.clips[9].source), ["c9"])
        self.wait_for(lambda: not self.window.counter.busy)
        self.assertEqual(self.window.counter.counts["waiting"], 9000)
        self.assertFalse(self.session.project.history.can_undo)

    def test_opening_can_be_stopped_and_what_is_open_stays_open(self) -> None:
        path = self.folder / "big.kittiwake"
        self.session.project.save(path)
        self.session.project.change("removing", self.session.project.job.changed(clips=self.clips[:5]))
        self.session.project.history.mark_clean()

        def stop() -> None:
            (waiting,) = self.window.findChildren(Waiting)
            QTest.keyClick(waiting, Key.Key_Escape)

        QTimer.singleShot(0, stop)
        self.assertFalse(self.window.open_job(path))
        self.assertEqual(self.window.status.words.text(), "big.kittiwake was not opened.")
        self.assertEqual(len(self.shown()), 5)


class TestOutputs(WindowCase):
    def made(self, *names: str) -> None:
        for number, name in enumerate(names):
            self.write(f"in/{name}.wav", speech_like(16_000, 2, seed=number), 16_000)
        self.window.add_paths([self.folder / "in"])
        self.settle()
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.press(Key.Key_M)
        self.settle()
        self.assertEqual(self.state(names[0], "phone-menu"), "made")

    def output(self, name: str) -> Path:
        return self.folder / "made" / "phone-menu" / f"{name}.wav"

    def test_deleted_altered_and_changed_files_are_noticed(self) -> None:
        self.made("one", "two", "three")
        self.session.outputs.look(now=True)
        self.output("one").unlink()
        self.wait_for(lambda: self.state("one", "phone-menu") == "convert")
        self.assertIn("not there any more", self.window.status.words.text())
        altered = self.output("two")
        data = bytearray(altered.read_bytes())
        data[-1] ^= 1
        altered.write_bytes(data)
        self.window.board.select(self.clip("two").id, "phone-menu")
        self.wait_for(lambda: self.state("two", "phone-menu") == "stale")
        self.assertIn("altered the file", self.window.bench.page_of("cell").proof_label.text())
        self.press(Key.Key_M)
        self.settle()
        # Somebody's alteration is never overwritten.
        self.assertEqual(altered.read_bytes(), bytes(data))
        self.assertEqual(self.state("two", "phone-menu"), "made")
        self.assertEqual(self.state("one", "phone-menu"), "made")
        self.write("in/three.wav", speech_like(16_000, 3, seed=9), 16_000)
        self.wait_for(lambda: self.state("three", "phone-menu") == "stale")

    def test_what_an_earlier_run_made_shows_without_a_word(self) -> None:
        self.made("one", "two")
        self.session.outputs.stop()
        other = Window()
        try:
            other.session.project.add_sources(sorted((self.folder / "in").iterdir()))
            other.session.project.job = other.session.project.job.changed(output=str(self.folder / "made"))
            other.session.outputs.look(now=True)
            cell = other.session.project.cell
            receiver = other.session.project.receivers[0]
            self.wait_for(lambda: all(cell(c, receiver).state == "made" for c in other.session.project.job.clips))
        finally:
            other.shut_down()
            shiboken6.delete(other)

    def test_outputs_no_longer_wanted_go_to_the_trash_only_when_asked(self) -> None:
        self.made("one", "two")
        edits.remove_clips(self.session.project, {self.clip("two").id})
        self.window.run("make.unwanted")
        self.wait_for(lambda: self.window.findChild(UnwantedDialog))
        dialog = self.window.findChild(UnwantedDialog)
        assert isinstance(dialog, UnwantedDialog)
        self.assertTrue(self.output("two").exists())
        self.assertEqual({path.name for path in dialog.chosen()}, {"two.wav"})
        # One for each receiver; one of them is to stay.
        self.assertEqual(dialog.list.count(), 3)
        dialog.list.item(2).setCheckState(Qt.CheckState.Unchecked)
        QTest.mouseClick(dialog.move_button, Qt.MouseButton.LeftButton)
        self.back_to_the_window()
        self.assertIn("2 moved to the trash", self.window.status.words.text())
        self.assertFalse(self.output("two").exists())
        self.assertTrue(self.output("one").exists())


class TestRescue(WindowCase):
    def test_a_window_that_is_killed_loses_nothing(self) -> None:
        path = self.write("a.wav", speech_like(8000, 2), 8000)
        script = (
            "import os, signal, sys\n"
            "from pathlib import Path\n"
            "from kittiwake.ui.shell.start import make_app, settle\n"
            "from kittiwake.ui.shell.window import Window\n"
            "from kittiwake.work.project import edits\n"
            "app = make_app(); window = Window(); window.show()\n"
            f"window.add_paths([Path({str(path)!r})]); settle(app, window)\n"
            "clip = window.session.project.job.clips[0]\n"
            "edits.replace_clip(window.session.project, 'naming', clip.changed(name='kept'))\n"
            "window.autosave.keep(); window.autosave.worker.wait()\n"
            "os.kill(os.getpid(), signal.SIGKILL)\n"
        )
        run = subprocess.run([sys.executable, "-c", script], stderr=subprocess.DEVNULL)
        self.assertEqual(run.returncode, -signal.SIGKILL)
        (one,) = autosaved()
        self.assertIsNone(one.path)
        self.session.project.open_autosaved(one.copy, one.path)
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["kept"])
        self.assertEqual(self.session.project.job.clips[0].source, path)
        # It is not saved yet, and has no place of its own.
        self.assertFalse(self.session.project.history.is_clean)
        self.assertIsNone(self.session.project.path)
        one.drop()
        self.assertEqual(autosaved(), [])

    def test_a_window_that_is_closed_leaves_nothing_behind(self) -> None:
        path = self.write("a.wav", speech_like(8000, 2), 8000)
        folder = self.folder / "rescue"
        rescue = Autosave(self.session, folder)
        self.window.add_paths([path])
        self.settle()
        rescue.keep()
        self.wait_for(lambda: len(list(folder.glob("*"))) == 2)
        self.assertEqual(autosaved(folder), [])  # its window is still open
        self.session.project.save(self.folder / "saved.kittiwake")
        rescue.keep()
        self.wait_for(lambda: not list(folder.glob("*")))
        rescue.stop()
        # What changes while it is being closed is no fault, and leaves nothing either.
        edits.remove_clips(self.session.project, {self.session.project.job.clips[0].id})
        rescue.keep()
        self.assertFalse(rescue.is_waiting)
        self.assertEqual(list(folder.glob("*")), [])
