"""``./run evaluate [tune|report]``: lines found alone, and edges, of readings whose edges are known, half of the voices."""

from __future__ import annotations

import sys
from collections import defaultdict

import numpy as np

from .readings import reading
from .rooms import ROOMS
from .score import score, spans_of
from .voices import voices


def within(late: list[float], most: float) -> str:
    return f"{np.mean(np.abs(late) <= most):.0%}" if late else "–"


def main() -> None:
    half = 0 if sys.argv[1:2] == ["tune"] else 1
    verbose = "-v" in sys.argv
    print(
        "| room | lines found alone | people | engines | starts within 30, 60 ms | ends within 30, 60 ms | median start, end, ms | besides |"
    )
    print("|---|---|---|---|---|---|---|---|")
    for room in ROOMS:
        if len(sys.argv) > 2 and sys.argv[2] != "-v" and sys.argv[2] not in room.name:
            continue
        by_kind: dict[bool, list[int]] = defaultdict(lambda: [0, 0])
        starts: list[float] = []
        stops: list[float] = []
        besides = 0
        for voice in voices():
            if voice.half != half:
                continue
            one = reading(voice, room)
            alone, lines, late, later, extra = score(one, spans_of(one))
            if verbose and alone < lines:
                print(f"    {voice.name}: {alone} of {lines}, besides {extra}", file=sys.stderr)
            by_kind[voice.kind == "engine"][0] += alone
            by_kind[voice.kind == "engine"][1] += lines
            starts += late
            stops += later
            besides += extra
        found, of = (sum(pair[n] for pair in by_kind.values()) for n in (0, 1))
        parts = [f"{pair[0] / max(1, pair[1]):.1%}" for pair in (by_kind[False], by_kind[True])]
        print(
            f"| {room.name} | {found} of {of}, {found / max(1, of):.1%} | {parts[0]} | {parts[1]} | {within(starts, 30)}, {within(starts, 60)} | "
            f"{within(stops, 30)}, {within(stops, 60)} | {np.median(starts or [0]):.0f}, {np.median(stops or [0]):.0f} | {besides} |",
            flush=True,
        )


if __name__ == "__main__":
    main()
