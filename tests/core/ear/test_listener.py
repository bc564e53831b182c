"""Which line of a list is said, heard by an engine that did not speak it."""

from __future__ import annotations

import csv
import json
from pathlib import Path
from unittest import TestCase, mock

import numpy as np

from kittiwake import demo
from kittiwake.core.ear import listener
from kittiwake.core.ear.listener import Listener, hear_lines, sounds_of, words_of
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model.span import Line, Span

READING = Path(demo.__file__).parent / "reading"


class TestListener(TestCase):
    def test_every_line_of_the_reading_is_heard_flubs_are_their_line_and_coughs_are_none(self) -> None:
        reported = json.loads((READING / "where.json").read_text("utf-8"))
        with (READING / "Season list.csv").open(encoding="utf-8") as file:
            lines = tuple(Line(row["name"], row["text"]) for row in csv.DictReader(file))
        air = round(0.1 * reported["rate"])
        said = [(one["start"], one["stop"], one["name"]) for one in reported["lines"]]
        said += [(one["start"], one["stop"], one["what"]) for one in reported["others"]]
        spans = tuple(Span(start - air, stop + air, id=f"{n}") for n, (start, stop, _) in enumerate(said))
        heard: dict[str, str] = {}
        shares: list[float] = []

        def tell(span_id: str, place: int | None, share: float) -> None:
            heard[span_id] = lines[place].name if place is not None else ""
            shares.append(share)

        hear_lines(READING / "Season reading.flac", None, "mono", spans, lines, tell)
        self.assertEqual(shares, sorted(shares))
        self.assertEqual(shares[-1], 1)
        for n, (_, _, name) in enumerate(said):
            if name == "cough":
                self.assertEqual(heard[str(n)], "")
            elif name == "flub":
                self.assertIn(heard[str(n)], ("skerrow-noon", "steps"))
            else:
                self.assertEqual(heard[str(n)], name)

    def test_silence_nothing_and_what_is_not_a_number_are_no_line(self) -> None:
        ear = Listener(["Mind the step.", "Good night."])
        for sound in (np.zeros(8000), np.zeros(0), np.full(8000, np.nan)):
            self.assertIsNone(ear.which(sound.astype(np.float32), 8000))

    def test_without_words_or_engine_it_says_so(self) -> None:
        with self.assertRaisesRegex(KittiwakeError, "words to listen for"):
            Listener(["", " – "])
        with (
            mock.patch.object(listener, "is_installed", lambda: False),
            self.assertRaisesRegex(KittiwakeError, "kittiwake\\[engine\\]"),
        ):
            Listener(["Good night."])


class TestWords(TestCase):
    def test_numbers_are_said(self) -> None:
        self.assertEqual(
            words_of("Bay 12, gate 40: it’s 7 of 99!"),
            ["bay", "twelve", "gate", "forty", "it's", "seven", "of", "ninety", "nine"],
        )
        self.assertEqual(words_of("Dial 0351 or 05"), ["dial", "zero", "three", "five", "one", "or", "zero", "five"])

    def test_words_that_no_dictionary_knows_have_sounds(self) -> None:
        self.assertEqual(sounds_of("skerrow"), "S K ER OW")
        self.assertEqual(sounds_of("tarn"), "T AA R N")
        self.assertEqual(sounds_of("brinmar"), "B R IH N M AA R")
        self.assertEqual(sounds_of("vode"), "V AA D")
