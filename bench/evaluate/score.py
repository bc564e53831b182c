"""What a finder is worth on a reading whose edges are known."""

from __future__ import annotations

from typing import NamedTuple

from kittiwake.work.cut import find_speech
from kittiwake.work.cut.activity import activity_in

from .readings import Reading


class Score(NamedTuple):
    """Lines found alone (by one span that holds no other line), lines, how late starts and stops of those are (ms), and spans that are no line."""

    alone: int
    lines: int
    starts: list[float]
    stops: list[float]
    besides: int


def spans_of(one: Reading) -> list[tuple[float, float]]:
    """s, without their air."""
    found = find_speech(activity_in([one.sound[:, None]], one.room.rate))
    return [(start / one.room.rate, stop / one.room.rate) for start, stop in found.spoken]


def score(one: Reading, spans: list[tuple[float, float]]) -> Score:
    alone, starts, stops, matched = 0, [], [], set()
    for start, stop in one.lines:
        here = [n for n, (a, b) in enumerate(spans) if a < stop and b > start]
        matched.update(here)
        if len(here) == 1 and sum(a < spans[here[0]][1] and b > spans[here[0]][0] for a, b in one.lines) == 1:
            alone += 1
            starts.append((spans[here[0]][0] - start) * 1000)
            stops.append((spans[here[0]][1] - stop) * 1000)
    return Score(alone, len(one.lines), starts, stops, len(spans) - len(matched))
