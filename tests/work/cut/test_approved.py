"""What is found, named, edited and read of cuts, held as tables."""

from __future__ import annotations

import dataclasses
from collections.abc import Iterable
from typing import Any

import numpy as np

from kittiwake.core.codec.cues import Cue, add_cues
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model.span import Cut, Line, Span
from kittiwake.work.cut import edit
from kittiwake.work.cut.activity import activity_in, activity_of
from kittiwake.work.cut.find import Find, find_speech
from kittiwake.work.cut.forms import cues_of, marks_in_wav, marks_of, read_marks, spans_of, to_csv, to_tsv, to_vtt
from kittiwake.work.cut.names import named, read_lines, shown_names
from kittiwake.work.cut.times import frame_of, span_of_text
from tests.approved import approve
from tests.sounds import DEMO, FolderCase, noise, sine, speech_like
from tests.variety import voice, written


def described(spans: Iterable[Span]) -> list[list[Any]]:
    return [[s.start, s.stop, s.name, s.text, s.by_hand, list(s.held), s.take_of, s.aside] for s in spans]


def session(hiss_dbov: float = -70, rate: int = 16_000) -> np.ndarray:
    """Sentences with pauses, a door and a tone between them."""
    gap = np.zeros(round(0.9 * rate), np.float32)
    door = noise(rate, 0.12, -18) * np.exp(-np.arange(round(0.12 * rate)) / (0.02 * rate)).astype(np.float32)
    parts = [
        gap,
        voice(rate, "Welcome.wav"),
        gap,
        voice(rate, "Opening hours.flac"),
        gap,
        door,
        gap,
        0.2 * voice(rate, "Gangway.wav"),
        gap[: rate // 4],
        voice(rate, "Car deck.aiff"),
        gap,
        sine(440, rate, 0.6, -20),
        gap,
    ]
    whole = np.concatenate(parts)
    return (whole + noise(rate, len(whole) / rate, hiss_dbov)[: len(whole)]).astype(np.float32)


class TestFound(FolderCase):
    def test_searches(self) -> None:
        found: dict[str, Any] = {}

        def put(name: str, activity: Any, find: Find | None = None) -> None:
            got = find_speech(activity, find)
            found[name] = [
                got.speech,
                got.spoken,
                got.other,
                got.room_dbfs,
                got.speech_dbfs,
                got.threshold[:: max(1, len(got.threshold) // 5)],
                activity.frames,
                float(activity.levels.mean()),
                float(activity.voice.mean()),
            ]

        for name, path in written(self.folder):
            put(name, activity_of(path))
        put("part", activity_of(DEMO / "Safety notice.ogg", start=32_000, stop=160_000))
        for hiss in (-90, -60, -45, -35):
            activity = activity_in([session(hiss)[:, None]], 16_000)
            put(f"session {hiss}", activity)
            for find in (
                Find(above_room=15),
                Find(pause=0.2),
                Find(pause=1.2),
                Find(shortest=0.5),
                Find(air_before=0.3, air_after=0.02),
                Find(air_before=0, air_after=0),
            ):
                put(f"session {hiss} {find}", activity, find)
        room = np.convolve(
            session(-80), (np.exp(-np.arange(9600) / 2400) * noise(16_000, 0.6, -26)).astype(np.float32)
        )[: len(session(-80))].astype(np.float32)
        put("room", activity_in([(session(-80) + room)[:, None]], 16_000))
        hum = session(-80) + np.linspace(0.0, 0.02, len(session(-80)), dtype=np.float32) * sine(
            100, 16_000, len(session(-80)) / 16_000, 0
        )
        put("rising hum", activity_in([hum.astype(np.float32)[:, None]], 16_000))
        put("two sides", activity_in([np.stack([session(), 0 * session()], 1)], 16_000))
        put("whisper", activity_in([(0.02 * speech_like(16_000, 6) + noise(16_000, 6, -62))[:, None]], 16_000))
        approve(self, "searches", found)


class TestEdits(FolderCase):
    def cut(self) -> Cut:
        spans = (
            Span(0, 1000, "one", id="a"),
            Span(1200, 2000, id="b"),
            Span(2500, 4000, "three", by_hand=True, held=("start",), id="c"),
            Span(4100, 4500, take_of="c", aside=True, id="d"),
            Span(5000, 6000, id="e"),
        )
        return Cut(spans=spans)

    def test_edits(self) -> None:
        cut = self.cut()
        found: dict[str, Any] = {}
        for key in "abcde":
            for name, work in {
                "split": lambda c, k: edit.split(c, k, 1500), "join": edit.join, "take": edit.another_take, "choose": edit.choose_take, "between": lambda c, k: edit.between(c, k, 7000),
                "aside": lambda c, k: edit.set_aside(c, [k], True), "back": lambda c, k: edit.set_aside(c, [k], False), "removed": lambda c, k: edit.removed(c, [k]), "join all": lambda c, k: edit.join_all(c, [k, "e"]),
            }.items():  # fmt: skip
                try:
                    found[f"{name} {key}"] = described(work(cut, key).spans)
                except (KittiwakeError, ValueError) as error:
                    found[f"{name} {key}"] = str(error)
            found[f"takes {key}"] = described(edit.takes(cut, key))
        found["pauses"] = edit.pauses(cut)
        for n, sample in enumerate(
            (
                ((0, 900), (1300, 2100), (2400, 4050), (7000, 8000)),
                ((0, 4000),),
                (),
                ((100, 200), (300, 900), (4000, 6500)),
            )
        ):
            kept, lost = edit.merged(cut.spans, sample)
            found[f"merged {n}"] = [described(kept), described(lost)]
        for edge, frame in (("start", -5), ("start", 3999), ("stop", 99), ("stop", 9000)):
            found[f"moved {edge} {frame}"] = described([cut.spans[2].moved(edge, frame)])
        lines = (Line("welcome", "Welcome aboard."), Line("hours", "We open at seven."), Line("last"))
        found["named"] = described(named(cut.spans, lines))
        found["shown"] = shown_names(cut.spans, "session")
        for n, text in enumerate(
            (
                "welcome,Welcome aboard.\nhours,Open",
                "name\ttext\na\tb\n",
                "one\ntwo\n\nthree",
                "[1] Welcome\n[2] Deck",
                "1. Welcome\n2. Deck",
                "name;text\nä;ö",
                '"a ""b""",c',
                "text,name\nx,y",
                "",
                "  spaced  \n# note",
            )
        ):
            found[f"lines {n}"] = [dataclasses.astuple(line) for line in read_lines(text)]
        approve(self, "edits", found)

    def test_forms_and_times(self) -> None:
        cut, rate = self.cut(), 1000
        marks = marks_of(cut.spans, shown_names(cut.spans, "s"), rate)
        found: dict[str, Any] = {
            "marks": [list(dataclasses.astuple(m)) for m in marks],
            "cues": [list(c) for c in cues_of(marks, rate)],
            "csv": to_csv(marks),
            "tsv": to_tsv(marks),
            "vtt": to_vtt(marks),
            "spans": [s[:4] for s in described(spans_of(marks, rate, 5500))],
        }
        texts = {
            "a.csv": to_csv(marks), "b.tsv": to_tsv(marks), "c.vtt": to_vtt(marks), "d.csv": "start,end,name\n0,1.5,x\n0:02,0:03.25,y\n", "e.txt": "0.5\t1.5\tlabel\n2\t3\tother\n", "f.csv": "name;from;to\na;00:00:01;00:00:02,5\n", "g.csv": "no,times,here\n", "h.vtt": "WEBVTT\n\n00:01.000 --> 00:02.000\n<b>Hi</b> &amp; bye\n\nNOTE x\n\n1\n00:00:03.500 --> 00:00:04.000 align:left\nTwo\nlines\n", "i.vtt": "WEBVTT\n", "j.csv": "", "k.csv": "5,1,backwards\n",
        }  # fmt: skip
        for name, text in texts.items():
            path = self.folder / name
            path.write_text(text, "utf-8")
            try:
                found[name] = [list(dataclasses.astuple(m)) for m in read_marks(path)]
            except KittiwakeError as error:
                found[name] = str(error).replace(str(self.folder), "")
        for text in (
            "1.5",
            "0:01.5",
            "1:02:03.25",
            "90",
            "1,5",
            "12 s",
            "500 ms",
            "x",
            "-1",
            "",
            "1:99",
            "48000 frames",
            "00:00:00",
        ):
            for rate in (8000, 44_100):
                found[f"time {text} {rate}"] = self.said(frame_of, text, rate)
        for text in ("1-2", "1 - 2.5 name", "0:01-0:02.5 Ship's bell", "2-1", "x-y", "1", "1..3 x", "0.5 – 1"):
            found[f"span {text}"] = self.said(span_of_text, text, 8000)
        for most in range(1, 6):
            # Names of odd and even lengths: chunks are filled up to even ones.
            path = self.write(f"{most}.wav", noise(8000, 0.5), 8000)
            cues = [Cue.named(n * 500, n * 500 + 300, "x" * (n + most)) for n in range(most)]
            add_cues(path, cues)
            found[path.name] = [list(dataclasses.astuple(m)) for m in marks_in_wav(path)]
        for path in sorted(DEMO.glob("*.wav"))[:3]:
            found[path.name] = [list(dataclasses.astuple(m)) for m in marks_in_wav(path)]
        approve(self, "cut-forms", found)

    def said(self, work: Any, *given: Any) -> Any:
        try:
            return work(*given)
        except KittiwakeError as error:
            return str(error)
        except ValueError as error:
            return f"ValueError {error}"
