"""The set as a whole in the window: levels, suspicions, kinds, headerless folders, what a receiver's memory takes."""

from __future__ import annotations

import shutil
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from kittiwake.core.codec import find_format
from kittiwake.core.model import Clip, Stated
from kittiwake.core.model.job import load_job, save_job
from kittiwake.ui.commands import edit
from kittiwake.ui.dialogs.headerless_dialog import HeaderlessDialog
from kittiwake.work.project import edits
from kittiwake.work.project.remembered import Remembered
from tests.core.intake import test_streams
from tests.sounds import DEMO, speech_like, spoken
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestLevels(WindowCase):
    def test_one_table_sorted_heard_and_left_for_a_clip(self) -> None:
        self.open_demo()
        self.window.board.setFocus()
        self.press(Key.Key_L)
        page = self.window.bench.page_of("levels")
        self.assertIs(self.window.bench.currentWidget(), page)
        self.assertEqual(page.table.rowCount(), 24)
        self.assertEqual(page.table.rows[0][0].name, "Night whisper")
        self.assertIn("54.2 dB apart", page.head.text())
        self.assertIn("much softer", page.table.text(0, 2))
        page.table.sortByColumn(1, Qt.SortOrder.DescendingOrder)
        self.assertEqual(page.table.rows[0][0].name, "Drill shout")
        page.table.setFocus()
        self.press(Key.Key_Down)
        self.press(Key.Key_Down)
        chosen = page.table.rows[page.table.currentRow()][0]
        self.press(Key.Key_Return)
        self.assertEqual(self.window.board.current_clip(), chosen)
        self.assertIs(self.window.bench.currentWidget(), self.window.bench.page_of("clip"))


class TestSuspicion(WindowCase):
    def flags(self, clip: Clip) -> tuple[str, ...]:
        model = self.window.board.board_model
        return model.warnings_of(clip)

    def test_a_false_rate_is_flagged_taken_and_taken_back(self) -> None:
        self.open_demo()
        fares = self.clip("Spring fares")
        self.wait_for(lambda: any("48 kHz" in expected for expected in self.flags(fares)))
        self.window.board.select(fares.id)
        remedy = self.session.project.plans.problems_of(fares)[0].remedies[0]
        edits.apply_remedy(self.session.project, fares, None, remedy)
        self.assertEqual(self.clip("Spring fares").touch_up.true_rate, 48_000)
        self.assertFalse(any("48 kHz" in expected for expected in self.flags(self.clip("Spring fares"))))
        self.press(Key.Key_Z, Mod.ControlModifier)
        right = self.session.project.plans.problems_of(self.clip("Spring fares"))[0].remedies[1]
        edits.apply_remedy(self.session.project, self.clip("Spring fares"), None, right)
        self.assertEqual(self.flags(self.clip("Spring fares")), ())


class TestShared(WindowCase):
    def test_memory_is_counted_over_the_board(self) -> None:
        paths = [self.write(f"in/{n}.wav", speech_like(8000, 2, seed=n), 8000) for n in range(3)]
        self.window.add_paths(paths)
        self.settle()
        beacon = self.session.project.receiver("quay-beacon")
        assert beacon
        limits = beacon.rules.limits.changed(total_bytes=70_000)
        rules = beacon.rules.changed(limits=limits)
        mine = edits.change_receiver(self.session.project, beacon.changed(rules=rules))
        states = [self.state(str(n), mine.slug) for n in range(3)]
        self.assertEqual(states, ["as_is", "as_is", "cannot"])
        self.window.bench.show_choice(None, mine)
        self.assertIn("96.1 kB of 70.0 kB", self.window.bench.page_of("receiver").verdict.text())
        edits.remove_clips(self.session.project, {self.clip("0").id})
        self.assertEqual(self.state("2", mine.slug), "as_is")

    def test_a_kind_is_asked_for_and_holds_for_all_selected(self) -> None:
        self.window.add_paths([DEMO / "Welcome.wav", DEMO / "Car deck.aiff"])
        self.settle()
        self.session.project.change("receivers", self.session.project.job.changed(receivers=("paging-controller",)))
        self.assertEqual(self.state("Welcome", "paging-controller"), "decide")
        self.window.board.setFocus()
        self.window.board.select(self.clip("Welcome").id, "paging-controller")
        self.press(Key.Key_Down, Mod.ShiftModifier)
        with mock.patch.object(edit, "chosen", return_value="Leave it") as asked:
            self.press(Key.Key_D)
        self.assertEqual({clip.kind for clip in self.session.project.job.clips}, {""})  # no key says what kind it is
        self.assertEqual((asked.call_args.args[-1], len(asked.call_args.args[4])), ("Leave it", 4))
        with mock.patch.object(edit, "chosen", return_value="It is of the kind “alert”"):
            self.press(Key.Key_D)
        self.assertEqual({clip.kind for clip in self.session.project.job.clips}, {"alert"})
        self.assertEqual(self.state("Car deck", "paging-controller"), "convert")


class TestStating(WindowCase):
    def raw(self, name: str) -> None:
        path = self.folder / name
        path.parent.mkdir(exist_ok=True)
        writer = find_format("raw", "ulaw").open(path, 8000, 1, dither="none")
        writer.write(spoken(8000)[:, None])
        writer.close()

    def test_a_folder_stated_once_is_read_so_in_the_next_job(self) -> None:
        for name in ("old/a.dat", "old/b.dat"):
            self.raw(name)
        self.window.add_paths([self.folder / "old/a.dat"])
        self.settle()
        self.assertEqual(self.state("a", "phone-menu"), "decide")
        self.window.board.setFocus()
        self.window.board.select(self.clip("a").id)
        self.press(Key.Key_H)
        dialog = self.window.findChild(HeaderlessDialog)
        assert isinstance(dialog, HeaderlessDialog)
        dialog.form.show_stated(Stated("ulaw", 8000))
        dialog.accept()
        self.settle()
        self.assertEqual(self.state("a", "phone-menu"), "convert")
        # Another window, another day: the file beside it needs no word.
        self.session.project.remembered = Remembered(self.folder / "remembered.json")
        self.session.project.change("empty", self.session.project.job.changed(clips=(), stated={}))
        self.window.add_paths([self.folder / "old/b.dat"])
        self.settle()
        self.assertEqual(self.state("b", "phone-menu"), "convert")
        self.assertIn("as last stated in its folder", self.window.status.words.text())

    def test_a_stream_of_a_video_is_chosen(self) -> None:
        path = test_streams.TestStreams.video(self)  # type: ignore[arg-type]
        target = self.folder / "film" / "two.mkv"
        target.parent.mkdir()
        shutil.move(path, target)
        self.window.add_paths([target])
        self.settle()
        self.window.board.setFocus()
        self.window.board.select(self.clip("two").id)
        self.press(Key.Key_H)
        dialog = self.window.findChild(HeaderlessDialog)
        assert isinstance(dialog, HeaderlessDialog)
        self.assertEqual(dialog.list.count(), 2)
        QTest.keyClick(dialog.list, Key.Key_Down)
        dialog.accept()
        self.settle()
        facts = self.session.project.facts[target]
        assert facts.measures
        self.assertAlmostEqual(facts.measures.spectrum.argmax() * facts.measures.spectrum_step, 1700, delta=30)


class TestLeftOut(WindowCase):
    """A clip that is not meant for a receiver is neither planned, counted nor made there."""

    def test_left_out_by_one_key_made_without_it_and_taken_in_again(self) -> None:
        self.session.project.begin(("phone-menu", "hold-music"))
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        paths = [self.write(f"in/{n}.wav", speech_like(8000, 1, seed=n), 8000) for n in range(2)]
        self.window.add_paths(paths)
        self.settle()
        project, board = self.session.project, self.window.board
        first = project.job.clips[0]
        board.setFocus()
        board.select(first.id, "hold-music")
        self.press(Key.Key_Delete, Mod.ControlModifier)
        self.settle()
        self.assertEqual([cell.state for cell in project.cells()].count("left_out"), 1)
        self.assertIn("Make 3 outputs", self.window.top.make_button.text())
        board.select(first.id, "phone-menu")
        self.press(Key.Key_Delete, Mod.ControlModifier)
        self.assertIn("one receiver at least", self.window.status.words.text())
        self.press(Key.Key_M)
        self.wait_for(lambda: [cell.state for cell in project.cells()].count("made") == 3)
        # It is in the job file, and comes back.
        job = self.folder / "x.kittiwake"
        save_job(project.job, job)
        self.assertEqual(load_job(job).clips[0].receivers, ("phone-menu",))
        board.select(first.id, "hold-music")
        self.press(Key.Key_Delete, Mod.ControlModifier)
        self.settle()
        self.assertEqual(project.job.clips[0].receivers, ())
        self.assertIn("Make 1 output", self.window.top.make_button.text())
