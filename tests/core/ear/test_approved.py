"""What comes over lines, and blind comparisons, held as a table."""

from __future__ import annotations

import unittest
from typing import Any

import numpy as np

from kittiwake.core.ear.blind import Blind
from kittiwake.core.ear.caller_line import CallerLine, codecs_here, on_the_line
from kittiwake.core.ear.listener import sounds_of, words_of
from kittiwake.core.packets.packet_loss import PacketLossModel
from tests.approved import approve
from tests.sounds import DEMO, FolderCase
from tests.variety import voice


class TestLines(unittest.TestCase):
    def test_lines(self) -> None:
        found: dict[str, Any] = {"codecs": [key for key, _ in codecs_here()]}
        v = voice(16_000, seconds=1.5)
        lines = [CallerLine()]
        lines += [CallerLine((key,)) for key, _ in codecs_here()]
        lines += [
            CallerLine(("gsm", "g711u")),
            CallerLine(packet_loss=PacketLossModel(loss=0.1)),
            CallerLine(packet_loss=PacketLossModel(jitter=40)),
            CallerLine(noise_dbov=-40.0, level_db=-6.0),
        ]
        for line in lines:
            got = on_the_line(iter([v[:9000, None], v[9000:, None]]), 16_000, len(v), line)
            sound = np.asarray(got.sound, np.float64)
            found[f"{line}"] = [
                line.words,
                got.words,
                len(sound),
                round(float(np.abs(sound).max()), 2),
                round(float(np.sqrt(np.mean(sound**2))), 3),
            ]
        approve(self, "caller-lines", found)

    def test_blind_and_words(self) -> None:
        found: dict[str, Any] = {}
        for seed in (1, 2):
            blind = Blind("one", "other", 6, seed)
            reported = []
            for answer in (True, True, False, True, False, False, True):
                reported.append(
                    [
                        blind.way("x"),
                        blind.way("a"),
                        blind.way("b"),
                        blind.right,
                        blind.by_guessing,
                        blind.over,
                        blind.words,
                    ]
                )
                blind.answer(answer)
            found[f"blind {seed}"] = [reported, blind.right, blind.by_guessing, blind.over, blind.words]
        for text in ("Deck 12 is closed!", "It's 100 metres", "", "St. Mary’s, 7:30", "Ärger 3.5", "007"):
            found[f"words {text}"] = words_of(text)
        for word in ("welcome", "skerrow", "brinmar", "x", "ferries", "two"):
            found[f"sounds {word}"] = sounds_of(word)
        approve(self, "blind", found)


class TestBack(FolderCase):
    def test_each_line_is_heard_back_as_itself_or_not(self) -> None:
        from kittiwake.core.ear.heard_back import ToHear, hear_back, hear_back_in_worker
        from kittiwake.core.ear.listener import is_installed

        if not is_installed():
            self.skipTest("there is no speech engine here")
        fields = ToHear._fields
        texts = {
            "Opening hours.flac": "The ticket office opens at seven.",
            "Welcome.wav": "Welcome to Brinmar Ferries.",
            "Gangway.wav": "Mind the gangway.",
        }
        lines = [
            ToHear(
                **dict(
                    zip(
                        fields,
                        (name, text, DEMO / name) if fields[1] == "text" else (name, DEMO / name, text),
                        strict=False,
                    )
                )
            )
            for name, text in texts.items()
        ]
        nothing = lines[0]._replace(path=self.folder / "none.wav")
        empty = lines[1]._replace(text="…")
        heard: list[Any] = []
        hear_back([*lines, nothing, empty], heard.append)
        self.assertEqual([one.line for one in heard], list(texts))
        self.assertTrue(all(one[-1] for one in heard), heard)
        wrong: list[Any] = []
        hear_back([lines[0]._replace(path=lines[1].path), *lines[1:]], wrong.append)
        self.assertEqual([one[-1] for one in wrong], [False, True, True])
        self.assertNotEqual(hear_back_in_worker([empty], heard.append), "")
