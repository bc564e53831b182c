"""A long reading becomes named clips, in the real window."""

from __future__ import annotations

import json
from pathlib import Path

import numpy as np
import soundfile
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest

from kittiwake import demo
from kittiwake.core.measure import ActiveLevel, analyze
from kittiwake.core.model import Span
from kittiwake.ui.commands import cut
from kittiwake.ui.dialogs.list_dialog import ListDialog
from kittiwake.ui.dialogs.touch_dialog import TouchDialog
from kittiwake.work.cut import read_lines
from kittiwake.work.cut.forms import read_marks
from kittiwake.work.project import edits
from tests.ui.base import WindowCase, listen_once

Key, Mod = Qt.Key, Qt.KeyboardModifier
READING = Path(demo.__file__).parent / "reading"
TRUTH = json.loads((READING / "where.json").read_text("utf-8"))


class CutCase(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        listen_once(self)
        self.actions = 0
        self.source = READING / "Season reading.flac"
        self.window.add_paths([self.source])
        self.session.project.job = self.session.project.job.changed(
            output=str(self.folder / "made"), receivers=("phone-menu",)
        )
        self.settle()
        self.window.board.setFocus()
        self.page = self.window.bench.page_of("cut")

    def act(self, key: Qt.Key, modifier: Qt.KeyboardModifier = Mod.NoModifier) -> None:
        """One action of a person: a key."""
        self.actions += 1
        self.press(key, modifier)

    def open_cut(self) -> None:
        self.act(Key.Key_K)
        self.wait_for(lambda: self.page.finder.activity is not None)
        self.assertEqual(self.spans, ())  # nothing is searched for before it is asked for
        self.assertIn("42 would be found", self.page.finding.notice.toolTip())
        self.act(Key.Key_F)
        self.assertEqual(len(self.spans), 42)
        # The samples come in the background.
        self.wait_for(lambda: self.page.wave.picture is not None and self.page.wave.picture.has_samples)

    @property
    def spans(self) -> tuple[Span, ...]:
        return self.session.project.cut_of(self.source).spans

    def flubs(self) -> list[Span]:
        places = [(o["start"], o["stop"]) for o in TRUTH["others"] if o["what"] == "flub"]
        return [s for s in self.spans if any(a < s.stop and s.start < b for a, b in places)]

    def click_list(self, span: Span) -> None:
        """One action: a click on a row."""
        self.actions += 1
        table = self.page.table
        index = table.row_model.index(table.row_model.place_of(span.id), 0)
        table.scrollTo(index)
        QTest.mouseClick(table.viewport(), Qt.MouseButton.LeftButton, pos=table.visualRect(index).center())

    def check_names(self) -> None:
        """Every line has its name, and the clip holds the line."""
        clips = {clip.name: clip for clip in self.session.project.job.clips}
        self.assertEqual(set(clips), {line["name"] for line in TRUTH["lines"]})
        for line in TRUTH["lines"]:
            clip = clips[line["name"]]
            self.assertLessEqual(clip.start, line["start"])
            self.assertGreaterEqual(clip.stop or 0, line["stop"] - round(0.03 * TRUTH["rate"]))


class TestReading(CutCase):
    def test_with_a_list_it_takes_less_than_one_action_a_clip(self) -> None:
        self.open_cut()
        self.act(Key.Key_L, Mod.ControlModifier)
        dialog = self.window.findChild(ListDialog)
        assert isinstance(dialog, ListDialog)
        self.actions += 2  # “Open a file”, and choosing it in the desktop's own dialog
        dialog.load(READING / "Season list.csv")
        self.assertIn("40 lines; there are 42 clips", dialog.notice.text())
        self.actions += 1
        dialog.accept()
        self.back_to_the_window()
        self.page.wave.setFocus()
        for flub in self.flubs():
            self.click_list(flub)
            self.act(Key.Key_W)
        self.check_names()
        welcome = self.clip("welcome-spring")
        self.assertEqual(welcome.text, "Welcome aboard for the spring season.")
        self.act(Key.Key_M)
        self.settle()
        made = self.visible_outputs()
        self.assertEqual(len(made), 40)
        self.assertEqual({p.stem for p in made}, {line["name"] for line in TRUTH["lines"]})
        self.assertLessEqual(self.actions / 40, 1.2, f"{self.actions} actions")
        # What was made of a clip is as long as the clip, to the frame.
        clip = self.clip("good-night")
        facts = analyze(next(p for p in made if p.stem == "good-night"))
        assert facts.measures
        self.assertAlmostEqual(facts.measures.frames, ((clip.stop or 0) - clip.start) / TRUTH["rate"] * 8000, delta=1)

    def test_without_a_list_every_name_is_typed_and_the_next_plays_by_itself(self) -> None:
        self.open_cut()
        lines = iter(TRUTH["lines"])
        flubs = {span.id for span in self.flubs()}
        self.act(Key.Key_Return)
        self.assertIs(self.app.focusWidget(), self.page.name)
        # A short clip may have ended before one looks: what counts is that it began.
        began: list[bool] = []
        self.window.player.changed.connect(lambda: began.append(self.window.player.playing))
        for place in range(42):
            chosen = self.page.chosen()
            assert chosen is not None
            if chosen.id in flubs:
                self.act(Key.Key_Delete, Mod.ControlModifier)
                continue
            self.actions += 1  # a name is one thing to type
            QTest.keyClicks(self.page.name, next(lines)["name"])
            began.clear()
            self.act(Key.Key_Return)
            if place < 41:
                following = self.page.chosen()
                assert following is not None
                self.assertGreater(following.start, chosen.start)
                self.assertIn(True, began)
        self.check_names()
        self.assertLessEqual(self.actions / 40, 2.5, f"{self.actions} actions")
        # Letters typed as a name did nothing else.
        self.assertFalse(self.window.maker.busy)
        self.assertEqual(self.visible_outputs(), [])

    def test_names_are_suggested_by_ear_and_taken_by_a_key(self) -> None:
        self.open_cut()
        self.page.work.take_list(tuple(read_lines((READING / "Season list.csv").read_text("utf-8"))))
        # Flubs were counted as lines, so that names from the first of them on are wrong.
        wrong = [s for s in self.spans if s.name and s.name not in self.said_in(s)]
        self.assertGreater(len(wrong), 20)
        before = self.session.project.job
        self.page.wave.setFocus()
        self.press(Key.Key_B, Mod.ControlModifier)
        self.assertTrue(self.page.ear.isVisible())
        self.wait_for(lambda: "Listening" not in self.page.ear.notice.text())
        self.assertIs(self.session.project.job, before)  # a suggestion changes nothing
        sample = self.page.ear.suggestions(self.source, self.session.project.cut_of(self.source))
        self.assertGreater(len(sample), 20)
        first = next(s for s in self.spans if s.id in sample)
        self.page.choose(first.id)
        self.assertIn(f"Suggestion: sounds like “{sample[first.id].name}”", self.page.ear.notice.text())
        self.press(Key.Key_Return, Mod.ControlModifier | Mod.ShiftModifier)
        taken = self.session.project.cut_of(self.source).span(first.id)
        assert taken is not None
        self.assertEqual((taken.name, taken.by_hand), (sample[first.id].name, True))
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.page.ear.all_button.click()
        self.check_names()
        self.assertEqual(sum(span.aside for span in self.spans), 2)
        self.assertFalse(self.page.ear.all_button.isEnabled())
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.session.project.job.cuts, before.cuts)
        self.page.ear.end_button.click()
        self.assertFalse(self.page.ear.isVisible())

    def test_each_clip_has_a_level_of_its_own_on_the_board(self) -> None:
        self.open_cut()
        model = self.window.board.model()
        rows = range(model.rowCount())

        def levels() -> list[str]:
            return [str(model.data(model.index(row, 2))) for row in rows]

        levels()
        self.wait_for(lambda: all(text.endswith("dBov") for text in levels()))
        self.assertGreater(len(set(levels())), 5)
        facts = self.session.project.facts[self.source]
        clip = self.session.project.job.clips[3]
        sound, rate = soundfile.read(str(self.source), dtype="float32", start=clip.start, stop=clip.stop)
        meter = ActiveLevel(rate)
        meter.add(sound)
        level = self.session.span_levels.of(clip, facts)
        assert level is not None
        self.assertAlmostEqual(level.active_dbov, meter.result()[0], places=2)

    def said_in(self, span: Span) -> list[str]:
        return [line["name"] for line in TRUTH["lines"] if line["start"] < span.stop and span.start < line["stop"]]

    def test_found_again_nothing_of_a_person_is_lost_and_it_is_told_first(self) -> None:
        self.open_cut()
        self.page.choose(self.spans[3].id)
        self.page.work.rename("mine")
        self.page.choose(self.spans[5].id)
        before = self.spans[5]
        self.page.wave.setFocus()
        self.press(Key.Key_BracketRight)
        self.press(Key.Key_Right)
        self.press(Key.Key_Right, Mod.ShiftModifier)
        moved = self.spans[5]
        rate = TRUTH["rate"]
        self.assertEqual(moved.stop, before.stop + round(0.01 * rate) + round(0.001 * rate))
        self.page.finding.controls["pause"].setValue(2.5)
        self.assertIn("would be found", self.page.finding.notice.toolTip())
        self.assertEqual(len(self.spans), 42)  # only shown so far
        self.press(Key.Key_F)
        self.assertLess(len(self.spans), 42)
        named = {span.id: span for span in self.spans}
        self.assertEqual(next(s for s in self.spans if s.name == "mine").by_hand, True)
        self.assertEqual(named[moved.id].stop, moved.stop)
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(len(self.spans), 42)
        self.page.finding.controls["pause"].setValue(0.6)
        self.page.finding.controls["above_room"].setValue(30)
        self.page.finding.controls["shortest"].setValue(5)
        self.assertIn("not found any more, but kept: mine", self.page.finding.notice.toolTip())

    def test_split_join_takes_and_pauses_each_undone(self) -> None:
        self.open_cut()
        first = self.spans[0]
        self.page.choose(first.id)
        self.page.wave.setFocus()
        self.page.wave.point_at((first.start + first.stop) // 2)
        self.press(Key.Key_X)
        self.assertEqual(len(self.spans), 43)
        self.press(Key.Key_J)
        self.assertEqual(len(self.spans), 42)
        self.press(Key.Key_G)
        self.assertEqual(self.spans[1].start, self.spans[0].stop)
        for _ in range(3):
            self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(self.spans[0], first)
        # The second take is delivered, the first set aside; U chooses among them by ear.
        self.page.choose(self.spans[1].id)
        self.press(Key.Key_Y)
        self.assertEqual([s.aside for s in self.spans[:2]], [True, False])
        self.assertEqual(len(self.session.project.job.clips), 41)
        self.press(Key.Key_U)
        self.assertEqual([s.aside for s in self.spans[:2]], [False, True])
        self.assertTrue(self.window.player.playing)
        self.assertIn("choosing a take", self.window.qactions["edit.undo"].text())
        # Past the flub: the start goes to the cursor.
        second = self.spans[1]
        self.page.choose(second.id)
        self.page.wave.point_at(second.start + 3000)
        self.press(Key.Key_I)
        self.assertEqual(self.spans[1].start, second.start + 3000)
        self.assertIn("start", self.spans[1].held)

    def test_by_mouse(self) -> None:
        self.open_cut()
        wave = self.page.wave
        span = self.spans[2]
        wave.show_span(span)
        self.page.choose(span.id)
        y = wave.height() // 2
        at = QPoint(round(wave.x_of(span.start)), y)
        to = QPoint(at.x() + 40, y)
        QTest.mousePress(wave, Qt.MouseButton.LeftButton, pos=at)
        QTest.mouseMove(wave, to)
        QTest.mouseRelease(wave, Qt.MouseButton.LeftButton, pos=to)
        moved = self.session.project.cut_of(self.source).span(span.id)
        assert moved is not None
        self.assertAlmostEqual(moved.start, wave.frame_at(to.x()), delta=0.013 * TRUTH["rate"])
        samples = wave.picture.samples(moved.start - 1, moved.start + 1)  # type: ignore[union-attr]
        assert samples is not None
        self.assertNotEqual(bool(np.signbit(samples[0])), bool(np.signbit(samples[1])))
        # A span by hand, in the silence before everything.
        wave.show_range(0, 1.2 * TRUTH["rate"])
        QTest.mousePress(wave, Qt.MouseButton.LeftButton, pos=QPoint(100, y))
        QTest.mouseMove(wave, QPoint(200, y))
        QTest.mouseMove(wave, QPoint(300, y))
        QTest.mouseRelease(wave, Qt.MouseButton.LeftButton, pos=QPoint(300, y))
        self.assertEqual(len(self.spans), 43)
        self.assertEqual(self.spans[0].held, ("start", "stop"))

    def test_spans_go_out_and_come_back_in_every_form(self) -> None:
        self.open_cut()
        wanted = [(s.start, s.stop) for s in self.spans]
        for ending in ("csv", "tsv", "vtt", "wav"):
            path = self.folder / f"spans.{ending}"
            cut.write_spans(self.window.context, path)
            marks = read_marks(path)
            self.assertEqual(len(marks), 42, ending)
            for mark, (start, stop) in zip(marks, wanted, strict=True):
                self.assertAlmostEqual(mark.start * TRUTH["rate"], start, delta=12 if ending == "vtt" else 0.6)
                self.assertAlmostEqual(mark.stop * TRUTH["rate"], stop, delta=12 if ending == "vtt" else 0.6)
        edits.put_cut(
            self.session.project, "nothing", self.source, self.session.project.cut_of(self.source).changed(spans=())
        )
        self.assertEqual(len(self.session.project.job.clips), 1)
        cut.take_spans(self.window.context, self.folder / "spans.wav")
        self.assertEqual([(s.start, s.stop) for s in self.spans], wanted)
        self.session.project.save(self.folder / "j.kittiwake")
        kept = self.session.project.cut_of(self.source)
        self.session.project.history.mark_clean()
        self.assertTrue(self.window.open_job(self.folder / "j.kittiwake"))
        self.assertEqual(self.session.project.cut_of(self.source), kept)

    def test_named_on_the_board_is_named_in_the_cut(self) -> None:
        self.open_cut()
        clip = self.session.project.job.clips[4]
        edits.replace_clip(self.session.project, "naming", clip.changed(name="from the board"))
        self.assertEqual(self.spans[4].name, "from the board")
        self.press(Key.Key_F)
        self.assertEqual(self.session.project.job.clips[4].name, "from the board")
        edits.remove_clips(self.session.project, {clip.id})
        self.assertTrue(next(s for s in self.spans if s.id == clip.id).aside)


class TestTouchUps(CutCase):
    def test_many_clips_at_once_heard_first_and_taken_back(self) -> None:
        self.open_cut()
        self.window.board.setFocus()
        self.window.board.selectAll()
        self.press(Key.Key_E)
        dialog = self.window.findChild(TouchDialog)
        assert isinstance(dialog, TouchDialog)
        dialog.numbers["speed"].setValue(8)
        dialog.numbers["gain_db"].setValue(-2)
        QTest.mouseClick(dialog.hear_button, Qt.MouseButton.LeftButton)
        self.wait_for(lambda: self.window.player.playing and self.window.player.position > 0.05)
        self.assertEqual(self.window.player.way, "output")
        dialog.accept()
        self.back_to_the_window()
        # Before and after by one key.
        self.press(Key.Key_Slash)
        self.assertEqual(self.window.player.way, "source")
        self.press(Key.Key_Slash)
        self.assertEqual(self.window.player.way, "output")
        touched = [clip.touch_up for clip in self.session.project.job.clips]
        self.assertEqual({(t.speed, t.gain_db) for t in touched}, {(1.08, -2.0)})
        self.assertIn("touching up the level, the speed of 42 clips", self.window.qactions["edit.undo"].text())
        cell = self.session.project.cell(self.session.project.job.clips[0], self.session.project.receivers[0])
        assert cell.fit
        self.assertTrue(any("1.080 times as fast" in step.what for step in cell.fit.steps))
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual({clip.touch_up.speed for clip in self.session.project.job.clips}, {1.0})

    def test_edges_go_to_where_it_is_heard_or_to_the_cursor_that_was_placed_since(self) -> None:
        self.open_cut()
        span = self.spans[3]
        self.page.choose(span.id)
        self.page.set_playing(0.3)
        self.act(Key.Key_I)
        heard = span.start + round(0.3 * self.page.rate)
        self.assertEqual(self.spans[3].start, heard)
        self.page.wave.point_at(span.stop - 2000)
        self.act(Key.Key_O)
        self.assertEqual(self.spans[3].stop, span.stop - 2000)
        self.page.set_playing(None)
        self.page.set_playing(0.1)
        self.act(Key.Key_I)
        self.assertEqual(self.spans[3].start, heard + round(0.1 * self.page.rate))
        self.page.set_playing(None)
        self.page.wave.point_at(span.start + 500)
        self.act(Key.Key_I)
        self.assertEqual(self.spans[3].start, span.start + 500)

    def test_a_cough_inside_a_clip_is_left_out_by_two_keys(self) -> None:
        self.open_cut()
        span = self.spans[3]
        self.page.choose(span.id)
        self.page.wave.setFocus()
        self.page.wave.point_at(span.start + 5000)
        self.press(Key.Key_Q)
        self.page.wave.point_at(span.start + 9000)
        self.press(Key.Key_Q)
        clip = self.session.project.clip(span.id)
        assert clip
        self.assertEqual(clip.touch_up.without, ((span.start + 5000, span.start + 9000),))
        found = self.session.project.plans.fit_of(clip, self.session.project.receivers[0])
        assert found and found.predicted_seconds
        self.assertAlmostEqual(found.predicted_seconds, (span.stop - span.start - 4000) / TRUTH["rate"], delta=0.001)
        # Once more inside of it takes it back.
        self.page.wave.point_at(span.start + 6000)
        self.press(Key.Key_Q)
        self.assertEqual(self.session.project.clip(span.id).touch_up.without, ())  # type: ignore[union-attr]
