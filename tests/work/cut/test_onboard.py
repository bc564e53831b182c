"""What cutting, recording and naming do to a job."""

from __future__ import annotations

from pathlib import Path

from kittiwake.core.model import Clip, Cut, Job, Line, Span, TouchUp
from kittiwake.work.cut.onboard import with_clip, with_cut, with_take, without_clips
from tests.sounds import FolderCase

READING, OTHER = Path("/in/reading.wav"), Path("/in/other.wav")
SPANS = (Span(0, 10, id="a"), Span(20, 30, id="b"), Span(40, 50, id="c"))


class TestCut(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        whole = Clip.whole(READING).changed(touch_up=TouchUp(true_rate=48_000, side="left", gain_db=3))
        self.job = Job(clips=(Clip.whole(OTHER), whole, Clip.whole(Path("/in/last.wav"))))

    def test_spans_become_clips_where_the_source_stood_with_what_was_found_out_about_it(self) -> None:
        job = with_cut(self.job, READING, Cut(SPANS))
        self.assertEqual(
            [clip.name for clip in job.clips], ["other", "reading 01", "reading 02", "reading 03", "last"]
        )
        middle = job.clips[2]
        self.assertEqual((middle.id, middle.start, middle.stop), ("b", 20, 30))
        # Its rate and side hold for its parts; a level was meant for the whole.
        touch = middle.touch_up
        self.assertEqual((touch.true_rate, touch.side, touch.gain_db, touch.fade_in), (48_000, "left", 0, 0.005))

    def test_set_aside_is_no_clip_and_no_span_is_the_whole_again(self) -> None:
        job = with_cut(self.job, READING, Cut((SPANS[0].changed(aside=True), *SPANS[1:])))
        self.assertEqual([clip.id for clip in job.clips[1:-1]], ["b", "c"])
        self.assertEqual([clip.name for clip in job.clips[1:-1]], ["reading 01", "reading 02"])
        aside = with_cut(job, READING, Cut(tuple(span.changed(aside=True) for span in SPANS)))
        self.assertEqual([clip.source for clip in aside.clips], [OTHER, Path("/in/last.wav")])
        again = with_cut(job, READING, Cut())
        self.assertTrue(again.clips[1].whole_source)

    def test_touch_ups_of_a_clip_stay_when_its_edges_move(self) -> None:
        job = with_cut(self.job, READING, Cut(SPANS))
        job = with_clip(job, job.clips[2].changed(touch_up=TouchUp(speed=1.1)))
        job = with_cut(job, READING, job.cuts[READING].replaced(SPANS[1].moved("stop", 35)))
        self.assertEqual((job.clips[2].stop, job.clips[2].touch_up.speed), (35, 1.1))

    def test_named_on_the_board_moves_the_list_along(self) -> None:
        job = with_cut(self.job, READING, Cut(SPANS, tuple(Line(name) for name in "wxyz")))
        self.assertEqual([clip.name for clip in job.clips[1:-1]], ["w", "x", "y"])
        job = with_clip(job, job.clips[2].changed(name="y"))
        self.assertTrue(job.cuts[READING].spans[1].by_hand)
        job = with_cut(job, READING, job.cuts[READING])
        self.assertEqual([clip.name for clip in job.clips[1:-1]], ["w", "y", "z"])

    def test_taken_off_the_board_is_set_aside(self) -> None:
        job = without_clips(with_cut(self.job, READING, Cut(SPANS)), {"b"})
        self.assertEqual([span.aside for span in job.cuts[READING].spans], [False, True, False])
        self.assertEqual([clip.id for clip in job.clips[1:-1]], ["a", "c"])


class TestTake(FolderCase):
    def test_a_retake_stands_where_the_first_one_stood(self) -> None:
        job = Job()
        for number, name in enumerate(("one", "two", "one")):
            job = with_take(job, Path(f"/takes/{number}.wav"), Span(5, 9, name, by_hand=True))
        self.assertEqual([(clip.name, clip.source.name) for clip in job.clips], [("one", "2.wav"), ("two", "1.wav")])
        asides = {path.name: cut.spans[0].aside for path, cut in job.cuts.items()}
        self.assertEqual(asides, {"0.wav": True, "1.wav": False, "2.wav": False})

    def test_a_reading_elsewhere_with_a_line_of_that_name_is_left_alone(self) -> None:
        job = with_cut(Job(clips=(Clip.whole(READING),)), READING, Cut((SPANS[0].changed(name="one", by_hand=True),)))
        job = with_take(job, Path("/takes/0.wav"), Span(5, 9, "one", by_hand=True))
        self.assertEqual([clip.name for clip in job.clips], ["one", "one"])
