"""How callers hear things, and blind comparisons."""

from __future__ import annotations

import unittest
from math import comb

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from scipy.stats import binomtest

from kittiwake.core.ear.blind import Blind
from kittiwake.core.ear.caller_line import CODECS, PLAIN, CallerLine, codecs_here, on_the_line
from kittiwake.core.packets.packet_loss import PacketLossModel
from kittiwake.core.sound import Line
from tests.sounds import spoken


def heard(line: CallerLine, rate: int = 48_000) -> tuple[np.ndarray, float, float]:
    sound = np.tile(spoken(rate), 2)
    result = on_the_line([sound[:, None]], rate, len(sound), line)
    assert result.stoi is not None
    return result.sound, result.lost, result.stoi


class TestLine(unittest.TestCase):
    def test_plain_is_what_the_line_always_was(self) -> None:
        sound = np.tile(spoken(48_000), 2)
        before = np.concatenate(list(Line().carry([sound[:, None]], 48_000, len(sound))))[:, 0]
        now = heard(PLAIN)[0]
        self.assertEqual(len(now), len(before))
        # The same band, the same law; this way is dithered by nothing either.
        self.assertLess(np.abs(now - before).max(), 0.02)
        self.assertGreater(np.corrcoef(now, before)[0, 1], 0.9999)

    def test_every_codec_keeps_the_length_and_the_place(self) -> None:
        clear = heard(PLAIN)[0]
        self.assertEqual({key for key, _ in codecs_here()}, {key for key, _, _ in CODECS})
        for key, name in codecs_here():
            with self.subTest(name):
                sound, lost, stoi = heard(CallerLine((key,)))
                self.assertEqual((len(sound), lost), (len(clear), 0.0))
                self.assertGreater(stoi, 0.85)
                lags = np.correlate(sound[8000:16_000], clear[8000 - 200 : 16_000 + 200], "valid")
                self.assertLess(abs(int(np.argmax(lags)) - 200), 12, "within 1.5 ms")

    def test_worse_lines_are_understood_less(self) -> None:
        """STOI falls with loss, and with a second codec; a rate is what it is set to."""
        one, two = heard(CallerLine(("gsm",)))[2], heard(CallerLine(("gsm", "amr475")))[2]
        self.assertLess(two, one)
        stois = []
        for loss in (0.0, 0.05, 0.2):
            _, lost, stoi = heard(CallerLine(("g711u",), PacketLossModel(loss, 2.0, seed=4)))
            self.assertAlmostEqual(lost, loss, delta=0.06)
            stois.append(stoi)
        self.assertEqual(stois, sorted(stois, reverse=True))
        late = heard(CallerLine(("g711a",), PacketLossModel(jitter=30, buffer=10)))[1]
        self.assertGreater(late, 0.2)

    def test_noise_and_level_are_as_set(self) -> None:
        silence = np.zeros(48_000, np.float32)
        result = on_the_line([silence[:, None]], 48_000, len(silence), CallerLine(noise_dbov=-40, level_db=6))
        self.assertAlmostEqual(20 * np.log10(float(np.sqrt((result.sound**2).mean()))), -34, delta=0.3)
        self.assertIsNone(result.stoi)
        self.assertIn("noise −40 dBov, +6 dB", CallerLine(noise_dbov=-40, level_db=6).words)


class TestBlind(unittest.TestCase):
    @given(st.integers(0, 10_000), st.lists(st.booleans(), min_size=10, max_size=10))
    def test_its_probability_is_that_of_a_binomial_test(self, seed: int, answers: list[bool]) -> None:
        blind = Blind("source", "line", seed=seed)
        right = 0
        for answer in answers:
            right += (blind.way("x") == "source") == answer
            blind.answer(answer)
        self.assertTrue(blind.over)
        self.assertEqual(blind.right, right)
        self.assertAlmostEqual(blind.by_guessing, binomtest(right, 10, alternative="greater").pvalue, 12)
        blind.answer(True)
        self.assertEqual(len(blind.answers), 10)

    def test_x_is_either_and_ten_right_are_told(self) -> None:
        xs = [Blind("a-way", "b-way", seed=seed).way("x") for seed in range(200)]
        self.assertTrue(70 < xs.count("a-way") < 130)
        blind = Blind("source", "line", seed=1)
        for _ in range(10):
            blind.answer(blind.way("x") == "source")
        self.assertEqual(blind.by_guessing, comb(10, 10) / 2**10)
        self.assertIn(
            "10 of 10 right. By guessing that, or more, comes in 0.1 % of cases: the two can be told apart.",
            blind.words,
        )
