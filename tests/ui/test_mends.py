"""What attack found at the window, each as it was found."""

from __future__ import annotations

import json
import time
from pathlib import Path
from unittest import mock

from PySide6.QtCore import QMimeData, QPointF, QSize, Qt, QUrl
from PySide6.QtGui import QDropEvent
from PySide6.QtWidgets import QAbstractItemView, QFileDialog, QMessageBox

from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Stated
from kittiwake.core.model.job import load_job, save_job
from kittiwake.core.model.receiver_file import to_toml
from kittiwake.ui.board.model import HEADS
from kittiwake.ui.commands import cut, job
from kittiwake.ui.dialogs.ask import where_to_save
from kittiwake.ui.dialogs.receiver_chooser import ReceiverChooser
from kittiwake.work.project import edits
from tests.sounds import DEMO, speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier
SHORT = ("Welcome.wav", "Hold the line.wav", "Quay closed.wav")


class TestSaving(WindowCase):
    def test_a_name_without_its_ending_does_not_replace_another_job_unasked(self) -> None:
        there = self.folder / "mine.kittiwake"
        there.write_text("the work of a week")
        start, ending = self.folder / "new.kittiwake", (".kittiwake",)

        def typed(dialog: QFileDialog) -> int:
            self.assertEqual(dialog.defaultSuffix(), "kittiwake")
            self.assertFalse(dialog.testOption(QFileDialog.Option.DontConfirmOverwrite))
            return 1

        with (
            mock.patch.object(QFileDialog, "exec", typed),
            mock.patch.object(QFileDialog, "selectedFiles", return_value=[str(self.folder / "mine")]),
            mock.patch.object(QMessageBox, "question", return_value=QMessageBox.StandardButton.No) as asked,
        ):
            self.assertIsNone(where_to_save(self.window, "Save", start, "Jobs (*.kittiwake)", ending))
        asked.assert_called_once()

    def test_two_windows_on_one_job(self) -> None:
        path = self.folder / "j.kittiwake"
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        self.window.save_job(path)
        time.sleep(0.02)
        save_job(load_job(path).changed(name="By another"), path)
        self.session.project.change("naming", self.session.project.job.changed(name="By this one"))
        with mock.patch.object(QMessageBox, "exec", return_value=0) as asked:
            self.window.run("job.save")
        asked.assert_called_once()
        self.assertEqual(load_job(path).name, "By another")
        self.assertFalse(self.session.project.history.is_clean)

    def test_rescued_work_is_as_it_was_and_takes_in_nothing_of_the_board(self) -> None:
        rescue = self.folder / "copy.kittiwake"
        save_job(load_job_of(self.folder, DEMO / "Hold the line.wav"), rescue)
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        one = mock.Mock(copy=rescue, path=None)
        one.name = "Autosaved"
        # What is on the board is not saved: that is asked about first.
        with mock.patch.object(QMessageBox, "question", return_value=QMessageBox.StandardButton.Cancel) as asked:
            self.assertFalse(job.take_up(self.window.context, one))
        asked.assert_called_once()
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["Welcome"])
        with mock.patch.object(QMessageBox, "question", return_value=QMessageBox.StandardButton.Discard):
            self.assertTrue(job.take_up(self.window.context, one))
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["Hold the line"])
        self.assertIn("1 clip that stood on the board before", self.window.status.words.text())

    def test_a_folder_that_is_still_searched_goes_into_no_other_job(self) -> None:
        rescue = self.folder / "copy.kittiwake"
        save_job(load_job_of(self.folder, DEMO / "Hold the line.wav"), rescue)
        self.window.add_paths([DEMO])
        one = mock.Mock(copy=rescue, path=None)
        one.name = "Autosaved"
        self.assertTrue(job.take_up(self.window.context, one))
        self.settle()
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["Hold the line"])


def load_job_of(folder: Path, *sources: Path):
    from kittiwake.core.model import Job

    return Job("Autosaved", tuple(Clip.whole(source) for source in sources))


class TestJobs(WindowCase):
    def test_no_job_of_somebody_else_ends_the_window(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        whole = {
            "kittiwake": 1,
            "name": "x",
            "receivers": ["phone-menu"],
            "sources": [{"path": str(DEMO / "Welcome.wav")}],
            "made": [],
        }
        for clip in (
            {"start": "5"}, {"touch_up": {"speed": 0}}, {"touch_up": {"gain_db": "loud"}}, {"id": [7]}, {"touch_up": {"without": [[5, 1]]}},
            {"name": 5}, {"at": {"phone-menu": {"keep": -1}}},
        ):  # fmt: skip
            path = self.folder / "j.kittiwake"
            path.write_text(json.dumps({**whole, "clips": [{"id": "1", "name": "a", "source": 0, **clip}]}))
            self.session.project.history.mark_clean()
            self.assertFalse(self.window.open_job(path), clip)
            self.assertIn("In the job file", self.window.status.words.text())
            self.settle()
        self.assertEqual([clip.name for clip in self.session.project.job.clips], ["Welcome"])

    def test_a_cell_that_cannot_be_drawn_does_not_take_the_window_along(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav"])
        self.settle()
        with mock.patch.object(self.session.project, "cell", side_effect=ValueError("nobody thought of it")):
            self.window.board.viewport().update()
            self.window.grab()
            index = self.window.board.board_model.index(0, HEADS)
            self.assertIsNone(index.data())
        self.window.grab()

    def test_a_board_without_receivers(self) -> None:
        path = self.folder / "j.kittiwake"
        path.write_text(
            json.dumps(
                {
                    "kittiwake": 1,
                    "receivers": [],
                    "sources": [{"path": str(DEMO / "Welcome.wav")}],
                    "clips": [{"id": "1", "name": "a", "source": 0}],
                }
            )
        )
        self.assertTrue(self.window.open_job(path))
        self.settle()
        self.window.board.select("1")
        self.window.board.setFocus()
        for key in (Key.Key_Space, Key.Key_E, Key.Key_R, Key.Key_M, Key.Key_D, Key.Key_K, Key.Key_Escape, Key.Key_L):
            self.press(key)
            if self.app.activeModalWidget():
                self.app.activeModalWidget().close()
            self.window.board.setFocus()
        self.window.grab()

    def test_the_rules_of_a_file_travel_in_the_job(self) -> None:
        toml = self.folder / "buoy.toml"
        own = self.session.project.receivers[0].changed(slug="buoy", name="Buoy")
        toml.write_text(to_toml(own))
        self.window.add_paths([DEMO / "Welcome.wav"])
        edits.choose_receivers(self.session.project, ["phone-menu", str(toml)])
        job = self.folder / "j.kittiwake"
        self.session.project.save(job)
        toml.unlink()
        self.session.project.history.undo()
        self.session.project.history.redo()
        self.assertEqual([r.slug for r in self.session.project.receivers], ["phone-menu", "buoy"])
        self.assertTrue(self.window.open_job(job))
        self.assertEqual([r.slug for r in self.session.project.receivers], ["phone-menu", "buoy"])
        # A job of before, that only knows the path: the rest of it opens, and this is told.
        data = json.loads(job.read_text())
        data |= {"receivers": ["phone-menu", str(toml)], "own_receivers": []}
        job.write_text(json.dumps(data))
        self.assertTrue(self.window.open_job(job))
        self.assertEqual([r.slug for r in self.session.project.receivers], ["phone-menu"])
        self.assertIn("buoy.toml cannot be read", self.window.status.words.text())
        chooser = ReceiverChooser(self.window, ("phone-menu", str(toml)), {})
        self.assertIn("left out", chooser.trouble.text())
        chooser.close()

    def test_another_job_while_making_is_asked_about_and_nothing_of_the_old_one_gets_in(self) -> None:
        job = self.folder / "j.kittiwake"
        save_job(load_job_of(self.folder, DEMO / "Hold the line.wav"), job)
        self.window.add_paths([DEMO / name for name in SHORT])
        self.settle()
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.run("make.all")
        with mock.patch.object(QMessageBox, "question", return_value=QMessageBox.StandardButton.No):
            self.assertFalse(self.window.open_job(job))
        self.settle()
        old = next(iter(self.session.project.outputs.results.values()))
        self.session.project.history.mark_clean()
        self.assertTrue(self.window.open_job(job))
        self.session.project.outputs.take_result(*old)
        self.assertEqual((self.session.project.outputs.results, self.session.project.outputs.records), ({}, {}))

    def test_a_run_that_another_job_ends_is_over_for_those_who_wait_and_told_to_nobody(self) -> None:
        job = self.folder / "j.kittiwake"
        save_job(load_job_of(self.folder, DEMO / "Hold the line.wav"), job)
        self.window.settings.set("making.close", True)  # it would close the window with the other job in it
        self.window.add_paths([DEMO / name for name in SHORT])
        self.settle()
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.session.project.history.mark_clean()
        over: list[bool] = []
        self.window.maker.finished.connect(lambda: over.append(self.window.maker.was_cancelled))
        self.window.run("make.all")
        self.assertTrue(self.window.maker.busy)
        with mock.patch.object(QMessageBox, "question", return_value=QMessageBox.StandardButton.Yes):
            self.assertTrue(self.window.open_job(job))
        self.assertFalse(self.window.maker.busy)
        self.settle()
        self.assertEqual(over, [True])
        self.assertTrue(self.window.isVisible())
        self.assertEqual(self.session.project.outputs.records, {})


class TestKeys(WindowCase):
    def test_letters_and_space_belong_to_a_choice_that_has_the_keyboard(self) -> None:
        self.open_demo()
        self.window.run("view.find")
        states = self.window.filter.states
        states.setFocus()
        before = self.session.project.job
        for key in (Key.Key_D, Key.Key_M, Key.Key_V, Key.Key_K):
            self.press(key)
        self.assertIs(self.session.project.job, before)
        self.assertFalse(self.window.maker.busy or self.window.maker.wanted)
        self.assertIs(self.app.focusWidget(), states)
        self.press(Key.Key_Space)
        popup = self.app.activePopupWidget()
        self.assertTrue(popup, "Space opens the list")
        self.assertFalse(self.window.player.playing)
        popup.close()
        states.setFocus()
        self.press(Key.Key_Escape)
        self.assertFalse(self.window.filter.isVisible(), "Esc shows all, wherever one is in the bar")
        self.window.board.setFocus()
        self.press(Key.Key_L)
        self.assertIs(self.window.bench.currentWidget(), self.window.bench.page_of("levels"))
        self.press(Key.Key_Space)
        self.assertTrue(self.window.player.playing, "a table that is worked on by keys leaves them to the window")

    def test_f2_twice_is_one_editor(self) -> None:
        said: list[str] = []
        from PySide6.QtCore import qInstallMessageHandler

        before = qInstallMessageHandler(lambda kind, context, text: said.append(text))
        self.addCleanup(qInstallMessageHandler, before)
        self.window.add_paths([DEMO / "Welcome.wav", DEMO / "Hold the line.wav"])
        self.settle()
        self.window.board.setFocus()
        self.window.run("edit.rename")
        self.app.processEvents()
        self.assertEqual(self.window.board.state(), QAbstractItemView.State.EditingState)
        self.window.run("edit.rename")
        self.window.add_paths([DEMO / "Quay closed.wav"])  # the board is made anew under the open editor
        self.settle()
        self.window.run("edit.rename")
        self.press(Key.Key_Return)
        self.settle()
        self.assertEqual([text for text in said if "propagateSizeHints" not in text], [])

    def test_the_window_fits_a_small_screen_and_the_next_action_stays_on_it(self) -> None:
        self.open_demo()
        font = self.app.font()
        large = self.app.font()
        large.setPixelSize(18)
        self.app.setFont(large)
        self.addCleanup(self.app.setFont, font)
        self.window.resize(800, 600)
        self.settle()
        self.assertLessEqual(self.window.minimumSizeHint().width(), 800)
        self.assertEqual(self.window.size(), QSize(800, 600))
        button = self.window.top.make_button
        self.assertLessEqual(button.mapTo(self.window, button.rect().bottomRight()).x(), 800)
        foot = self.window.status
        self.assertLessEqual(foot.mapTo(self.window, foot.rect().bottomLeft()).y(), 600)


class TestDropsAndWords(WindowCase):
    def drop(self, *urls: QUrl) -> None:
        data = QMimeData()
        data.setUrls(list(urls))
        event = QDropEvent(QPointF(50, 50), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton, Mod.NoModifier)
        self.window.dropEvent(event)
        self.settle()

    def test_a_job_and_sound_dropped_together(self) -> None:
        job = self.folder / "j.kittiwake"
        save_job(load_job_of(self.folder, DEMO / "Hold the line.wav"), job)
        self.drop(QUrl.fromLocalFile(str(job)), QUrl.fromLocalFile(str(DEMO / "Welcome.wav")))
        self.assertIn("j.kittiwake is open; 1 other that came with it was left out", self.window.status.words.text())

    def test_what_is_no_file_is_told(self) -> None:
        self.drop(QUrl("https://somewhere.invalid/x.wav"))
        self.assertIn("is no file of this machine", self.window.status.words.text())

    def test_true_words(self) -> None:
        text = self.folder / "x.wav"
        text.write_text("no sound at all")
        self.window.add_paths([text])
        self.settle()
        self.window.run("make.all")
        self.assertIn("that cannot be made", self.window.status.words.text())
        self.window.add_paths([self.write("a.wav", speech_like(8000, 1), 8000)])
        self.session.project.change("one", self.session.project.job.changed(receivers=("phone-menu",)))
        self.settle()
        self.assertEqual(self.window.top.make_button.text(), "Make 1 output  Ctrl+Enter")
        (self.folder / "a.wav").unlink()
        self.session.outputs.look(now=True)
        self.wait_for(lambda: "a.wav is not there any more" in self.window.status.words.text())

    def test_what_was_passed_over_is_told(self) -> None:
        (self.folder / "in").mkdir()
        (self.folder / "in/notes.txt").write_text("x")
        self.write("in/a.wav", speech_like(8000, 1), 8000)
        self.window.add_paths([self.folder / "in"])
        self.settle()
        self.assertIn("Passed over: 1 that is no sound", self.window.status.words.text())

    def test_a_slow_guess_does_not_play_after_a_newer_one(self) -> None:
        path = self.folder / "x.raw"
        path.write_bytes(bytes(16_000))
        clip, old, new = Clip.whole(path), Stated("ulaw", 8000), Stated("alaw", 8000)
        self.window.hearing.wanted = new
        with mock.patch.object(self.window.player, "load_quietly") as played:
            self.window.hearing.play(clip, analyze(path, old))
            played.assert_not_called()
            self.window.hearing.play(clip, analyze(path, new))
            played.assert_called_once()

    def test_spans_with_all_of_the_sound_are_written_while_the_window_lives(self) -> None:
        source = self.write("r.wav", speech_like(8000, 3), 8000)
        self.window.add_paths([source])
        self.settle()
        self.window.board.select(self.clip("r").id)
        self.window.run("cut.open")
        self.settle()
        out = self.folder / "spans.wav"
        cut.write_spans(self.window.context, out)
        self.assertTrue(out.exists())
        self.assertEqual([p.name for p in self.folder.iterdir() if p.name.endswith(".part")], [])
