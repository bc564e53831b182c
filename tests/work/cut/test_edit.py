"""Spans found again, split, joined, named and chosen; nothing of a person is lost."""

from __future__ import annotations

import struct

import numpy as np
import soundfile
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.codec.cues import add_cues, cue_chunks
from kittiwake.core.errors import IntakeError, KittiwakeError
from kittiwake.core.model import Clip, Cut, Job, Line, Span
from kittiwake.core.model.job import load_job, save_job
from kittiwake.work.cut import merged, named, read_lines, shown_names
from kittiwake.work.cut.edit import (
    another_take,
    between,
    choose_take,
    join,
    join_all,
    pauses,
    removed,
    set_aside,
    split,
    takes,
)
from kittiwake.work.cut.forms import (
    Mark,
    cues_of,
    marks_in_wav,
    read_marks,
    spans_of,
    to_csv,
    to_tsv,
    to_vtt,
)  # fmt: skip
from kittiwake.work.cut.times import frame_of, span_of_text
from tests.sounds import FolderCase

places = st.lists(st.tuples(st.integers(0, 900), st.integers(5, 80)), max_size=12).map(
    lambda pairs: tuple((a, a + b) for a, b in sorted(pairs))
)


def apart(pairs: tuple[tuple[int, int], ...]) -> list[tuple[int, int]]:
    out: list[tuple[int, int]] = []
    for a, b in pairs:
        if not out or a >= out[-1][1]:
            out.append((a, b))
    return out


class TestFoundAgain(FolderCase):
    @given(places, places, st.data())
    def test_nothing_of_a_person_is_lost(self, before: tuple, after: tuple, data: st.DataObject) -> None:
        old = []
        for n, (a, b) in enumerate(apart(before)):
            span = Span(a, b)
            kind = data.draw(st.sampled_from(["plain", "named", "start", "stop", "aside"]))
            if kind == "named":
                span = span.changed(name=f"n{n}", by_hand=True)
            elif kind in ("start", "stop"):
                span = span.moved(kind, a + 1 if kind == "start" else b - 1)
            elif kind == "aside":
                span = span.changed(aside=True)
            old.append(span)
        new, lost = merged(old, apart(after))
        by_id = {span.id: span for span in new}
        for span in old:
            if span.precious:
                kept = by_id[span.id]
                self.assertEqual((kept.name, kept.by_hand, kept.aside), (span.name, span.by_hand, span.aside))
                if "start" in span.held:
                    self.assertEqual(kept.start, span.start)
                if "stop" in span.held:
                    self.assertEqual(kept.stop, span.stop)
        self.assertTrue(all(span.start < span.stop for span in new))
        self.assertEqual([s.start for s in new], sorted(s.start for s in new))
        self.assertTrue({span.id for span in lost} <= by_id.keys())
        # Found again, everything that was found lies in some span.
        for a, b in apart(after):
            self.assertTrue(any(s.start < b and a < s.stop for s in new))

    def test_the_same_search_changes_nothing(self) -> None:
        found = [(0, 10), (20, 30), (40, 50)]
        once, _ = merged((), found)
        again, lost = merged(once, found)
        self.assertEqual((again, lost), (once, ()))

    def test_two_names_joined_by_a_search_stay_two(self) -> None:
        old = (Span(10, 20, "a", by_hand=True), Span(30, 40, "b", by_hand=True))
        new, lost = merged(old, [(8, 44)])
        self.assertEqual([(s.start, s.stop, s.name) for s in new], [(8, 20, "a"), (30, 44, "b")])
        self.assertEqual(lost, ())

    def test_what_is_not_found_again_stays_and_is_told(self) -> None:
        old = (Span(10, 20, "a", by_hand=True), Span(30, 40))
        new, lost = merged(old, [(60, 70)])
        self.assertEqual([(s.start, s.name) for s in new], [(10, "a"), (60, "")])
        self.assertEqual([s.name for s in lost], ["a"])


class TestByHand(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.cut = Cut((Span(0, 10, id="a"), Span(20, 30, id="b"), Span(40, 50, id="c")))

    def test_split_and_join(self) -> None:
        parted = split(self.cut, "b", 26)
        self.assertEqual([(s.start, s.stop) for s in parted.spans], [(0, 10), (20, 26), (26, 30), (40, 50)])
        self.assertEqual(join(parted, "b").spans[1].stop, 30)
        self.assertEqual(split(self.cut, "b", 20), self.cut)
        self.assertEqual(join(self.cut, "c"), self.cut)

    def test_takes(self) -> None:
        cut = self.cut.replaced(self.cut.spans[0].changed(name="hello", by_hand=True))
        cut = another_take(another_take(cut, "b"), "c")
        self.assertEqual([s.id for s in takes(cut, "a")], ["a", "b", "c"])
        self.assertEqual([s.aside for s in cut.spans], [True, True, False])
        self.assertEqual({s.name for s in cut.spans}, {"hello"})
        cut = choose_take(cut, "b")
        self.assertEqual([s.aside for s in cut.spans], [True, False, True])
        cut = another_take(another_take(cut, "b"), "c")
        self.assertEqual([(s.take_of, s.aside) for s in cut.spans], [("", False)] * 3)

    def test_between(self) -> None:
        self.assertEqual([(s.start, s.stop) for s in between(self.cut, "a", 60).spans][1], (10, 20))
        self.assertEqual([(s.start, s.stop) for s in between(self.cut, "c", 60).spans][-1], (50, 60))

    def test_kept_in_the_job(self) -> None:
        cut = another_take(self.cut, "b").changed(lines=(Line("x", "words"),), settings=(("pause", 0.7),))
        source = self.folder / "r.wav"
        job = Job(clips=(Clip(source, "r", id="b", start=20, stop=30),), cuts={source: cut})
        save_job(job, self.folder / "j.kittiwake")
        self.assertEqual(load_job(self.folder / "j.kittiwake").cuts, {source: cut})


class TestNames(FolderCase):
    lines = tuple(Line(name) for name in "abcdef")

    def test_in_order_and_one_correction_shifts_the_rest(self) -> None:
        spans = tuple(Span(n * 10, n * 10 + 5, id=str(n)) for n in range(5))
        self.assertEqual([s.name for s in named(spans, self.lines)], list("abcde"))
        aside = (spans[0], spans[1].changed(aside=True), *spans[2:])
        self.assertEqual([s.name for s in named(aside, self.lines)], ["a", "", "b", "c", "d"])
        corrected = (*spans[:2], spans[2].changed(name="d", by_hand=True), *spans[3:])
        self.assertEqual([s.name for s in named(corrected, self.lines)], ["a", "b", "d", "e", "f"])
        own = (*spans[:2], spans[2].changed(name="mine", by_hand=True), *spans[3:])
        self.assertEqual([s.name for s in named(own, self.lines)], ["a", "b", "mine", "d", "e"])

    def test_takes_share_a_line(self) -> None:
        cut = another_take(Cut(tuple(Span(n * 10, n * 10 + 5, id=str(n)) for n in range(4))), "1")
        self.assertEqual([s.name for s in named(cut.spans, self.lines)], ["a", "a", "b", "c"])

    def test_numbers_without_a_list(self) -> None:
        spans = (Span(0, 1, id="x"), Span(2, 3, id="y", aside=True), Span(4, 5, id="z"))
        self.assertEqual(shown_names(spans, "Reading"), {"x": "Reading 01", "y": "Reading aside", "z": "Reading 02"})

    def test_lists_in_every_form(self) -> None:
        wanted = [Line("one", "First."), Line("two", "Second, and last.")]
        for text in (
            'name,text\none,First.\ntwo,"Second, and last."\n',
            "text;name\nFirst.;one\nSecond, and last.;two\n",
            "one\tFirst.\ntwo\tSecond, and last.\n",
            "\ufeffone: First.\r\n\r\ntwo: Second, and last.\r\n",
        ):
            self.assertEqual(read_lines(text), wanted, text)
        self.assertEqual(read_lines("Good night.\nMind the step.\n"), [Line("Good night."), Line("Mind the step.")])
        self.assertEqual(read_lines("\n \n"), [])


class TestForms(FolderCase):
    marks = (Mark(0.5, 1.25, "first", "Hello <you> & me"), Mark(2.0, 3.000375, "second one"))

    def test_every_text_form_comes_back(self) -> None:
        for form, texts in ((to_tsv, True), (to_csv, True), (to_vtt, False)):
            path = self.folder / form.__name__
            path.write_text(form(self.marks), "utf-8")
            found = read_marks(path)
            self.assertEqual([m.name for m in found], ["first", "second one"])
            for mark, other in zip(self.marks, found, strict=True):
                self.assertAlmostEqual(mark.start, other.start, delta=0.0006)
                self.assertAlmostEqual(mark.stop, other.stop, delta=0.0006)
            if texts:
                self.assertEqual(found[0].text, self.marks[0].text)

    def test_webvtt_is_as_its_grammar_has_it(self) -> None:
        """W3C WebVTT: the signature line, a blank line, cues of identifier, timings and escaped text."""
        self.assertEqual(
            to_vtt(self.marks),
            "WEBVTT\n\nfirst\n00:00:00.500 --> 00:00:01.250\nHello &lt;you&gt; &amp; me\n\n"
            "second one\n00:00:02.000 --> 00:00:03.000\nsecond one\n",
        )

    def test_cue_chunks_byte_by_byte(self) -> None:
        """As laid out in the Multimedia Programming Interface and Data Specifications 1.0 (1991), chapter 3."""
        chunks = cue_chunks(cues_of([Mark(1.0, 1.5, "ab")], 8000))
        self.assertEqual(
            chunks,
            b"cue " + struct.pack("<I", 28) + struct.pack("<I", 1)
            + struct.pack("<II4sIII", 1, 8000, b"data", 0, 0, 8000)
            + b"LIST" + struct.pack("<I", 4 + 8 + 7 + 1 + 8 + 20) + b"adtl"
            + b"labl" + struct.pack("<I", 7) + struct.pack("<I", 1) + b"ab\0" + b"\0"
            + b"ltxt" + struct.pack("<I", 20) + struct.pack("<II4sHHHH", 1, 4000, b"rgn ", 0, 0, 0, 0),
        )  # fmt: skip

    def test_a_wav_with_cues_is_read_by_a_library_and_by_us(self) -> None:
        path = self.folder / "x.wav"
        sound = (np.arange(32_001) % 200 / 400 - 0.25).astype(np.float32)
        soundfile.write(str(path), sound, 8000, subtype="PCM_U8")
        add_cues(path, cues_of(self.marks, 8000))
        again, rate = soundfile.read(str(path), dtype="float32")
        self.assertEqual((len(again), rate), (32_001, 8000))
        found = marks_in_wav(path)
        self.assertEqual([(m.start, m.stop, m.name) for m in found], [(m.start, m.stop, m.name) for m in self.marks])
        data = path.read_bytes()
        self.assertEqual(struct.unpack_from("<I", data, 4)[0], len(data) - 8)
        spans = spans_of(found, 8000, 32_001)
        self.assertEqual(
            [(s.start, s.stop, s.name) for s in spans], [(4000, 10_000, "first"), (16_000, 24_003, "second one")]
        )

    def test_names_of_odd_and_even_lengths_written_by_others(self) -> None:
        """Chunks begin at even places, whatever the length says (Multimedia Programming Interface and Data Specifications 1.0, 1991)."""
        names = ("odd", "even", "o", "no")
        cues = b"".join(struct.pack("<II4sIII", n, 800 * n, b"data", 0, 0, 800 * n) for n in range(len(names)))
        labels = b""
        for n, name in enumerate(names):
            text = name.encode() + b"\0"
            labels += b"labl" + struct.pack("<II", 4 + len(text), n) + text + b"\0" * (len(text) % 2)
        chunks = b"cue " + struct.pack("<II", 4 + len(cues), len(names)) + cues
        chunks += b"LIST" + struct.pack("<I", 4 + len(labels)) + b"adtl" + labels
        sound = bytes(2 * 3200)
        body = (
            b"WAVEfmt "
            + struct.pack("<IHHIIHH", 16, 1, 1, 8000, 16_000, 2, 16)
            + b"data"
            + struct.pack("<I", len(sound))
            + sound
            + chunks
        )
        path = self.folder / "theirs.wav"
        path.write_bytes(b"RIFF" + struct.pack("<I", len(body)) + body)
        found = marks_in_wav(path)
        self.assertEqual([mark.name for mark in found], list(names))
        self.assertEqual([round(mark.start, 3) for mark in found], [0.0, 0.1, 0.2, 0.3])

    def test_a_list_of_names_that_breaks_off_is_read_as_far_as_it_goes(self) -> None:
        cue = b"cue " + struct.pack("<II", 28, 1) + struct.pack("<II4sIII", 7, 0, b"data", 0, 0, 400)
        label = b"labl" + struct.pack("<II", 8, 7) + b"one\0"
        for most in range(4, 24):
            labels = b"adtl" + label + (b"ltxt" + struct.pack("<III", 20, 7, 400) + bytes(12))[:most]
            chunks = cue + b"LIST" + struct.pack("<I", len(labels)) + labels + b"\0" * (len(labels) % 2)
            body = (
                b"WAVEfmt "
                + struct.pack("<IHHIIHH", 16, 1, 1, 8000, 16_000, 2, 16)
                + b"data"
                + struct.pack("<I", 1600)
                + bytes(1600)
                + chunks
            )
            path = self.folder / "broken.wav"
            path.write_bytes(b"RIFF" + struct.pack("<I", len(body)) + body)
            (mark,) = marks_in_wav(path)
            self.assertEqual((mark.name, mark.start, mark.stop), ("one", 0.05, 0.1), most)

    def test_what_is_no_list_is_told(self) -> None:
        for data in (b"hello\n", b"\xff\xfe\x00", b"RIFF\x00\x00\x00\x00WAVE", b"WEBVTT\n\n"):
            path = self.folder / "bad"
            path.write_bytes(data)
            if data[:4] == b"RIFF":
                self.assertEqual(read_marks(path), [])
                continue
            with self.assertRaises(IntakeError):
                read_marks(path)


class TestSeveral(FolderCase):
    cut = Cut(tuple(Span(a, b, name) for a, b, name in ((0, 10, "a"), (12, 20, "b"), (25, 30, ""), (40, 50, "d"))))

    def test_several_at_once(self) -> None:
        ids = [span.id for span in self.cut.spans]
        joined = join_all(self.cut, ids[:3])
        self.assertEqual([(s.start, s.stop, s.name) for s in joined.spans], [(0, 30, "a"), (40, 50, "d")])
        self.assertEqual(join_all(self.cut, ids[:1]), self.cut)
        self.assertEqual([s.aside for s in set_aside(self.cut, ids[1:3], True).spans], [False, True, True, False])
        takes_of = another_take(self.cut, ids[1])
        left = removed(takes_of, [ids[0]])
        self.assertEqual(next((s.id, s.take_of, s.aside) for s in left.spans), (ids[1], "", False))
        self.assertEqual(pauses(self.cut), ((10, 12), (20, 25), (30, 40)))
        self.assertEqual(pauses(Cut((Span(0, 10), Span(5, 8), Span(9, 12), Span(20, 21)))), ((12, 20),))

    def test_times_as_people_type_them(self) -> None:
        for text, frame in (("12.5", 12_500), ("1:02.5", 62_500), ("1:00:02", 3_602_000), ("44,100 samples", 44_100), ("#7", 7),
                            ("1,5", 1500), ("3 s", 3000)):  # fmt: skip
            self.assertEqual(frame_of(text, 1000), frame, text)
        for text in ("", "x", "1:2:3:4", "-1", "5 apples"):
            with self.assertRaises(KittiwakeError, msg=text):
                frame_of(text, 1000)
        self.assertEqual(span_of_text("0:00 to 1:05 Welcome aboard", 10), (0, 650, "Welcome aboard"))
        self.assertEqual(span_of_text("1.5–2", 10), (15, 20, ""))
        for typed in ("0:00 bis 1:05 Willkommen", "0:00 à 1:05 Willkommen"):
            self.assertEqual(span_of_text(typed, 10), (0, 650, "Willkommen"))

    def test_any_table_is_read_by_its_columns(self) -> None:
        for text in (
            "name,start,end,text\nx,1.5,2.5,hi\n", "Title;Begin (s);Duration\nx;1.5;1\n", "onset\toffset\tid\n1.5\t2.5\tx\n",
            "1.5\t2.5\tx\n", "x,1.5,2.5\n", "text|".replace("|", ",") + "to,from,name\nhi,2.5,0:01.5,x\n",
        ):  # fmt: skip
            path = self.folder / "t"
            path.write_text(text)
            self.assertEqual([(m.name, m.start, m.stop) for m in read_marks(path)], [("x", 1.5, 2.5)], text)
