"""Ranges by hand: drawn, typed, edited in the table, several at once."""

from __future__ import annotations

from pathlib import Path
from unittest import mock

from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest

from kittiwake.core.model import Span
from kittiwake.core.model.span import in_order
from kittiwake.ui.commands import cut
from kittiwake.ui.places.cut.table import FROM, NAME, TEXT, TO
from tests.sounds import speech_like
from tests.ui.base import WindowCase, listen_once

Key, Mod = Qt.Key, Qt.KeyboardModifier
RATE = 8000


class TestRanges(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        listen_once(self)
        self.source = self.write("talk.wav", speech_like(RATE, 60), RATE)
        self.window.add_paths([self.source])
        self.settle()
        self.window.board.setFocus()
        self.page = self.window.bench.page_of("cut")
        self.actions = 0
        self.act(Key.Key_K)
        self.wait_for(lambda: self.page.finder.activity is not None)

    def act(self, key: Qt.Key, modifier: Qt.KeyboardModifier = Mod.NoModifier) -> None:
        self.actions += 1
        self.press(key, modifier)

    @property
    def spans(self) -> tuple[Span, ...]:
        return self.session.project.cut_of(self.source).spans

    def drag(self, start: float, stop: float) -> None:
        """One action: from one second to another."""
        self.actions += 1
        wave = self.page.wave
        y = wave.height() // 3
        left, right = (round(wave.x_of(second * RATE)) for second in (start, stop))
        QTest.mousePress(wave, Qt.MouseButton.LeftButton, Mod.AltModifier, QPoint(left, y))
        QTest.mouseMove(wave, QPoint((left + right) // 2, y))
        QTest.mouseMove(wave, QPoint(right, y))
        QTest.mouseRelease(wave, Qt.MouseButton.LeftButton, Mod.AltModifier, QPoint(right, y))

    def put(self, *places: tuple[float, float]) -> None:
        spans = in_order(Span(round(a * RATE), round(b * RATE)) for a, b in places)
        self.page.work.put("some", self.session.project.cut_of(self.source).changed(spans=spans))

    def test_five_sections_of_a_talk_take_eleven_actions(self) -> None:
        for n, name in enumerate(("Welcome", "Where we are", "What it costs", "Questions", "Good night")):
            self.drag(12 * n + 1, 12 * n + 10)
            self.actions += 1  # a name is one thing to type
            QTest.keyClicks(self.app.focusWidget(), name)
            self.press(Key.Key_Return)
        self.assertEqual([clip.name for clip in self.session.project.job.clips],
                         ["Welcome", "Where we are", "What it costs", "Questions", "Good night"])  # fmt: skip
        self.assertLessEqual(self.actions, 11)
        for n, span in enumerate(self.spans):
            self.assertAlmostEqual(span.start / RATE, 12 * n + 1, delta=0.06)
            self.assertAlmostEqual(span.stop / RATE, 12 * n + 10, delta=0.06)

    def test_a_span_inside_of_another_by_dragging_and_by_its_times(self) -> None:
        self.put((5, 40))
        self.drag(10, 15)
        self.assertEqual(len(self.spans), 2)
        inner = self.spans[1]
        self.assertEqual(self.page.wave.span_at(12 * RATE).span.id, inner.id)  # type: ignore[union-attr]
        self.press(Key.Key_Escape)
        self.press(Key.Key_I, Mod.ControlModifier)
        QTest.keyClicks(self.app.focusWidget(), "0:20 to 0:25.5 Typed one")
        self.press(Key.Key_Return)
        typed = next(span for span in self.spans if span.name == "Typed one")
        self.assertEqual((typed.start, typed.stop, typed.held), (20 * RATE, round(25.5 * RATE), ("start", "stop")))
        for wrong, expected in (
            ("soon to later", "no time"),
            ("5 to 3 x", "before it begins"),
            ("70 to 80 x", "ends at 60.000 s"),
        ):
            self.page.typed.setText(wrong)
            self.page.add_typed()
            self.assertIn(expected, self.window.status.words.text())
        self.assertEqual(len(self.spans), 3)

    def test_the_table_is_edited_in_place(self) -> None:
        self.put((1, 5), (10, 20), (30, 31))
        model = self.page.table.row_model
        self.assertTrue(model.setData(model.index(1, NAME), "Middle"))
        self.assertTrue(model.setData(model.index(1, TEXT), "What is in the middle."))
        self.assertTrue(model.setData(model.index(1, FROM), "0:09.5"))
        self.assertTrue(model.setData(model.index(1, TO), "176000 samples"))
        span = self.spans[1]
        self.assertEqual(
            (span.name, span.text, span.start, span.stop), ("Middle", "What is in the middle.", 76_000, 176_000)
        )
        self.assertFalse(model.setData(model.index(1, FROM), "early"))
        self.assertIn("no time", self.window.status.words.text())
        model.setData(model.index(1, TO), "90")
        self.assertIn("after the end of the recording", self.window.status.words.text())
        self.assertEqual(self.spans[1].stop, 60 * RATE)
        clip = self.session.project.clip(self.spans[1].id)
        assert clip
        self.assertEqual((clip.name, clip.stop), ("Middle", 60 * RATE))

    def test_several_are_set_aside_joined_and_deleted_at_once_and_the_recording_stays(self) -> None:
        self.put((1, 5), (6, 9), (10, 20), (30, 31))
        ids = [span.id for span in self.spans]
        self.page.choose(ids[0])
        self.page.table.setFocus()
        self.page.table.select_keys(ids[:2])
        self.press(Key.Key_W)
        self.assertEqual([span.aside for span in self.spans], [True, True, False, False])
        self.press(Key.Key_W)
        self.assertEqual([span.aside for span in self.spans], [False] * 4)
        self.page.table.select_keys(ids[:3])
        self.press(Key.Key_J)
        self.assertEqual([(s.start // RATE, s.stop // RATE) for s in self.spans], [(1, 20), (30, 31)])
        self.page.table.selectAll()
        self.press(Key.Key_Delete, Mod.ShiftModifier)
        self.assertEqual(self.spans, ())
        clips = self.session.project.job.clips
        self.assertEqual([(clip.source, clip.whole_source) for clip in clips], [(self.source, True)])
        self.assertIn("one clip again", self.window.status.words.text())
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(len(self.spans), 2)

    def test_without_the_pauses_as_one_clip(self) -> None:
        self.put((1, 5), (10, 20), (30, 31))
        self.window.run("cut.without_pauses")
        clip = next(clip for clip in self.session.project.job.clips if clip.name == "talk without pauses")
        self.assertEqual((clip.start, clip.stop), (RATE, 31 * RATE))
        self.assertEqual(clip.touch_up.without, ((5 * RATE, 10 * RATE), (20 * RATE, 30 * RATE)))
        found = self.session.project.plans.fit_of(clip, self.session.project.receivers[0])
        assert found and found.predicted_seconds
        self.assertAlmostEqual(found.predicted_seconds, 15, delta=0.01)

    def test_an_import_adds_or_replaces(self) -> None:
        table = self.folder / "t.csv"
        table.write_text("Begin (s);Duration;Title\n2;3;First\n0:10;5,5;Second\n")
        self.put((40, 50))
        with mock.patch.object(cut.QFileDialog, "getOpenFileName", return_value=(str(table), "")):
            for answer, count in (("Cancel", 1), ("Add to them", 3), ("Replace them", 2)):
                with mock.patch.object(cut, "chosen", return_value=answer):
                    self.window.run("cut.import")
                self.assertEqual(len(self.spans), count, answer)
        self.assertEqual(
            [(s.name, s.start / RATE, s.stop / RATE) for s in self.spans], [("First", 2, 5), ("Second", 10, 15.5)]
        )

    def test_limits_of_a_field_are_said(self) -> None:
        box = self.page.finding.controls["pause"]
        box.setFocus()
        box.selectAll()
        QTest.keyClicks(box, "90")
        self.press(Key.Key_Return)
        self.assertEqual(box.value(), 60)
        self.assertIn("from 0.10 to 60.00 s: 90 was brought to 60.00 s", self.window.status.words.text())

    def test_every_view_is_drawn(self) -> None:
        self.put((1, 5), (10, 20))
        names = set()
        for _ in range(3):
            self.press(Key.Key_A)
            self.window.grab()
            names.add(self.page.wave.accessibleName())
        self.assertEqual(len(names), 3)
        self.assertTrue(Path(self.source).exists())
