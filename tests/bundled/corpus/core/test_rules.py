"""Rules as people write them."""

from __future__ import annotations

import unittest

from kittiwake.bundled.corpus.core.quality import Quality
from kittiwake.bundled.corpus.core.rules import rule_of
from kittiwake.core.errors import KittiwakeError


class RulesTest(unittest.TestCase):
    def test_many_ways_to_write_the_same(self) -> None:
        for text in ("snr >= 20 dB", "snr≥20", "SNR >= 20,0 db", " snr  >=20dB "):
            self.assertEqual("snr ≥ 20 dB", rule_of(text).words, text)
        self.assertEqual("reverb < 0.6 s", rule_of("reverb < 600 ms").words)
        self.assertEqual("bandwidth > 7000 Hz", rule_of("bandwidth > 7 kHz").words)
        self.assertEqual("words_wrong ≤ 10 %", rule_of("words wrong <= 10 %").words)
        self.assertEqual("start < -20 dB", rule_of("start < −20 dB").words)

    def test_what_is_kept(self) -> None:
        rule = rule_of("snr >= 20 dB")
        self.assertTrue(rule.keeps(Quality(snr=20.0)))
        self.assertFalse(rule.keeps(Quality(snr=19.9)))
        self.assertFalse(rule.keeps(Quality()), "silence has no ratio, and is not kept")
        self.assertFalse(rule.keeps(Quality(snr=50, error="broken")))
        self.assertTrue(rule_of("pace < 25").keeps(Quality()), "a clip without a text is not held against its pace")

    def test_what_is_no_rule_is_told_with_what_there_is(self) -> None:
        for text in ("", "snr", "snr >= loud", "beauty > 3", "snr >= 20 kHz", "seconds < 3 dB"):
            with self.subTest(text), self.assertRaises(KittiwakeError) as caught:
                rule_of(text)
            self.assertIn("Write", caught.exception.remedy)
