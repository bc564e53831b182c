"""Long readings in pieces, texts in step with them."""

from __future__ import annotations

import json
import tempfile
import unittest
from pathlib import Path

import numpy as np
import soundfile

from kittiwake.bundled.corpus.core.heard import HeardText, read_heard, shared_out, words_wrong
from kittiwake.bundled.corpus.core.row import Findings, Row
from kittiwake.bundled.corpus.core.segments import Lengths, joined, lengths_of, segmented
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.process import InProcess
from tests.sounds import REAL


class SegmentsTest(unittest.TestCase):
    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)

    def test_cut_in_pauses_and_texts_in_step(self) -> None:
        names = ("Front_Center", "Front_Left", "Rear_Right", "Side_Left")
        if not (REAL / f"{names[0]}.wav").exists():
            self.skipTest("alsa-utils is not on this machine")
        parts, times, at = [], [], 0
        quiet = np.random.default_rng(1).standard_normal(24_000) * 1e-4
        for name in names:
            sound, rate = soundfile.read(REAL / f"{name}.wav", dtype="float32")
            for n, word in enumerate(name.split("_")):
                times.append((word.lower(), (at + n * len(sound) / 2) / rate, (at + (n + 1) * len(sound) / 2) / rate))
            parts += [sound, quiet]
            at += len(sound) + len(quiet)
        path = self.folder / "long.wav"
        whole = np.concatenate(parts)
        soundfile.write(path, whole, 48_000)
        short = self.folder / "short.wav"
        soundfile.write(short, parts[0], 48_000)
        text = "Front center, front LEFT. Rear right; side left!"
        heard = {"long": HeardText("", tuple(times))}
        rows = [Row(path, "long", text, "ida", "en"), Row(short, "short", "Front center", "ida", "en")]
        findings = Findings()
        found = list(segmented(rows, Lengths(0.5, 4.0), findings, heard, InProcess()))
        self.assertEqual(["long-001", "long-002", "short"], [row.id for row in found])
        self.assertEqual(
            ["Front center, front LEFT.", "Rear right; side left!", "Front center"], [row.text for row in found]
        )
        for row in found[:2]:
            start, stop = (frame / 48_000 for frame in row.span if frame is not None)
            self.assertLessEqual(stop - start, 4.0)
            for edge in row.span:
                around = whole[max(0, (edge or 0) - 1440) : (edge or 0) + 1440]
                self.assertLess(
                    float(np.sqrt(np.mean(around**2))), 0.03 * float(np.abs(whole).max()), "no cut within a word"
                )
        bare = list(segmented(rows[:1], Lengths(0.5, 4.0), findings, {}, InProcess()))
        self.assertEqual({""}, {row.text for row in bare})
        self.assertIn("No times of words are known, so that pieces of it have no text", findings.counts)

    def test_joined_while_they_fit(self) -> None:
        spans = [(0.0, 2.0), (2.5, 4.0), (4.5, 9.0), (9.5, 30.0), (31.0, 32.0)]
        self.assertEqual([(0.0, 9.0), (9.5, 30.0), (31.0, 32.0)], joined(spans, Lengths(1, 10)))

    def test_words_that_were_not_heard_stay_with_the_one_before(self) -> None:
        heard = HeardText("", (("berth", 0.1, 0.4), ("two", 0.5, 0.8), ("open", 5.0, 5.4)))
        parts = [(0.0, 1.0), (4.9, 6.0)]
        self.assertEqual(["Berth 2 is", "open."], shared_out("Berth 2 is open.", heard, parts, "en"))
        self.assertEqual(["", ""], shared_out("Berth 2", HeardText("x"), parts, "en"))

    def test_lengths_and_answers_as_people_give_them(self) -> None:
        self.assertEqual(Lengths(3, 15), lengths_of("3–15"))
        for text in ("", "15-3", "x-3", "3", "0-9999"):
            with self.subTest(text), self.assertRaises(KittiwakeError):
                lengths_of(text)
        path = self.folder / "kept.jsonl"
        lines = [
            {"name": "a", "text": "one", "words": [["one", 0, 1]]},
            {"name": "b", "text": "", "error": "no"},
            {"name": "a", "text": "two"},
        ]
        path.write_text("\n".join(map(json.dumps, lines)))
        self.assertEqual({"a": HeardText("two")}, read_heard(path))
        path.write_text("[1]")
        with self.assertRaises(KittiwakeError):
            read_heard(path)
        self.assertEqual(50.0, words_wrong("berth two", "berth too", "en"))
