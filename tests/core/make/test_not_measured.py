"""What was not measured is no value: a rule that goes by the outline gets one, wherever it is asked, whether it says beforehand that it needs it or not."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any
from unittest import mock

import numpy as np

from kittiwake.core.batch import BatchRequest, run_batch
from kittiwake.core.fit import Problem
from kittiwake.core.fit.planning_context import PlanningContext
from kittiwake.core.fit.rules import Check, Subject
from kittiwake.core.make.proof import prove
from kittiwake.core.measure import analyze
from kittiwake.core.model import load_receiver
from kittiwake.core.model.facts import NotMeasuredError
from kittiwake.core.model.more_rules import MoreRules
from kittiwake.core.model.rule import RULES, Rule
from kittiwake.core.process import InProcess
from tests.sounds import FolderCase, speech_like

MENU = load_receiver("phone-menu")


def tail_of(sound: Any, rate: int) -> float:
    return float((sound.frames - sound.speech_span()[1]) / rate)


def problems(asked: PlanningContext, least: float) -> Iterator[Problem]:
    if tail_of(asked.sound, asked.facts.header.sample_rate) < least:  # type: ignore[union-attr]
        yield Problem("no_tail", "decide", f"It needs {least:g} s of silence at its end.")


def checks(subject: Subject, least: float) -> Iterator[Check]:
    found = tail_of(subject.sound, subject.head.sample_rate)
    yield Check("silence at the end", f"at least {least:g} s", f"{found:.2f} s", found >= least - 0.02)


class TestNotMeasured(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        rule = Rule("tail_seconds", parse=float, problems=problems, checks=checks)
        self.enterContext(mock.patch.dict(RULES, {"tail_seconds": rule}))
        self.receiver = MENU.changed(rules=MENU.rules.changed(more=MoreRules({"tail_seconds": 0.35})))

    def test_without_an_outline_nothing_answers(self) -> None:
        facts = analyze(self.write("a.wav", speech_like(8000, 1.0), 8000), picture=False)
        assert facts.measures
        for ask in (facts.measures.speech_span, lambda: facts.measures.bandwidth):  # type: ignore[union-attr]
            with self.assertRaises(NotMeasuredError):
                ask()
        self.assertIsNone(facts.measures.bandwidth_hz)

    def test_fit_making_and_proof_are_of_one_mind(self) -> None:
        speech = speech_like(8000, 1.0)
        silence = np.zeros(8000, np.float32)
        long = self.write("in/long.wav", np.concatenate([speech, silence[:4000]]), 8000)
        short = self.write("in/short.wav", np.concatenate([speech, silence[:1000]]), 8000)
        request = BatchRequest((self.receiver,), (self.folder / "out",))
        found = {one.path: one for one in run_batch([long, short], request, InProcess())}
        self.assertEqual(found[str(long)].status, "made", found[str(long)].error)
        self.assertEqual((found[str(short)].status, found[str(short)].code), ("refused", "decide"))
        # Proof measures what the rule goes by: a file that breaks it does not pass.
        self.assertTrue(prove(self.folder / "out" / "long.wav", self.receiver).passed)
        broken = prove(self.write("broken.wav", speech[:6000] * 0.5, 8000, "ULAW"), self.receiver)
        self.assertIn("silence at the end", [check.name for check in broken.failures])
