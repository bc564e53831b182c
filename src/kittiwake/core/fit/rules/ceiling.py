"""Peaks, of samples and of the wave between them (true peak, ITU-R BS.1770 annex 2)."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import phrase
from ...model.rule import Rule, register_rule
from ...model.units import db, format_db
from .subject import Check, Subject


def _samples(it: Subject, most: float) -> Iterator[Check]:
    slack = 0.05 if it.lossy else 0.01
    peak = db(it.sound.peak)
    wanted = phrase("at most {most}", most=format_db(most))
    yield Check(phrase("peak"), wanted, format_db(peak), peak <= most + slack)


def _true(it: Subject, most: float) -> Iterator[Check]:
    true = db(it.loudness_and_true_peak[1])
    wanted = phrase("at most {most}", most=format_db(most, "dBTP"))
    yield Check(phrase("true peak"), wanted, format_db(true, "dBTP"), true <= most + 0.05)


register_rule(Rule("ceiling_dbfs", 110, value=lambda receiver: receiver.treatment.ceiling_dbfs, checks=_samples))
register_rule(Rule("ceiling_dbtp", 111, value=lambda receiver: receiver.treatment.ceiling_dbtp, checks=_true))
