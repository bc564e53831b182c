"""Broken files by the thousand, to every reader: ``./run fuzz [COUNT] [SEED]``; sound here, papers in ``fuzz_papers``, records of
all rooms in ``fuzz_records``. Prints what crashed, hung or grew, and how to get it again.

Inputs are made from a small corpus of whole files by cutting, flipping, repeating and lying, each from its own number, so that any of
them can be made again. They are looked at in worker processes, as in a run.
"""

from __future__ import annotations

import random
import resource
import struct
import sys
import tempfile
import time
from collections import Counter
from collections.abc import Callable
from functools import cache
from pathlib import Path

import numpy as np

from kittiwake.core.codec import FORMATS
from kittiwake.core.measure import analyze
from kittiwake.core.model import Stated
from kittiwake.core.process import Processes, WorkerCrash
from tests import fuzz_papers, fuzz_records
from tests.sounds import DEMO, speech_like

SLOWEST = 5.0  # s
LARGEST = 500  # MB
_LOT = 25


@cache
def corpus() -> list[tuple[str, bytes, Stated | None]]:
    """Small whole files: name, bytes, and the format where there is no header."""
    found: list[tuple[str, bytes, Stated | None]] = []
    with tempfile.TemporaryDirectory() as folder:
        for (container, encoding), form in FORMATS.items():
            if not form.is_there():
                continue
            rate = form.nearest_rate(8000)
            path = Path(folder) / f"{container}-{encoding}{form.extension}"
            writer = form.open(path, rate, 1, dither="none")
            writer.write(speech_like(rate, 0.3)[:, None])
            writer.close()
            found.append((path.name, path.read_bytes(), Stated(encoding, rate) if container == "raw" else None))
    for name in ("Harbour tour.mp4", "Safety notice.ogg", "Sailing times.mp3", "Fog delay.m4a"):
        found.append((name, (DEMO / name).read_bytes()[:40_000], None))
    return found


def broken(number: int) -> tuple[str, bytes, Stated | None]:
    """The input with this number."""
    dice = random.Random(number)
    name, whole, stated = dice.choice(corpus())
    data = bytearray(whole)
    for _ in range(dice.choice((1, 1, 2, 4, 9))):
        if not data:
            break
        # Headers are where files are believed.
        place = dice.randrange(min(len(data), dice.choice((16, 64, 256, len(data)))))
        kind = dice.randrange(9)
        if kind == 0:
            data[place] = dice.randrange(256)
        elif kind == 1:
            data[place] ^= 1 << dice.randrange(8)
        elif kind == 2:
            del data[place : place + dice.choice((1, 2, 4, 100, 10_000))]
        elif kind == 3:
            data[place:place] = bytes(dice.randrange(256) for _ in range(dice.choice((1, 2, 4, 50))))
        elif kind == 4:
            order = dice.choice("<>")
            value = dice.choice((0, 1, 0x7FFFFFFF, 0x80000000, 0xFFFFFFFF, 0xFFFFFFF0, dice.getrandbits(32)))
            data[place : place + 4] = struct.pack(order + "I", value)
        elif kind == 5:
            data[place : place + 2] = struct.pack(dice.choice("<>") + "H", dice.choice((0, 1, 255, 0x7FFF, 0xFFFF)))
        elif kind == 6:
            part = data[place : place + dice.choice((4, 8, 64, 1000))]
            data[place:place] = part * dice.choice((1, 2, 30))
        elif kind == 7:
            data = data[:place] if dice.random() < 0.5 else data[: dice.randrange(len(data))]
        else:
            other = dice.choice(corpus())[1]
            data[place:] = other[place:]
    return name, bytes(data), stated


def look(numbers: list[int]) -> list[tuple[int, float, float, str]]:
    """In a worker: number, seconds, MB that the process has grown by, and what came of it."""
    out = []
    with tempfile.TemporaryDirectory(prefix="kittiwake-fuzz-") as folder:
        for number in numbers:
            name, data, stated = broken(number)
            path = Path(folder) / name
            path.write_bytes(data)
            before = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss
            began = time.perf_counter()
            try:
                facts = analyze(path, stated, pitch=True)
                said = facts.error.code if facts.error else "read"
                sound = facts.measures
                if sound and not (np.isfinite(sound.peak) and np.isfinite(sound.rms)):
                    said = "BAD: a level that is no number"
            except BaseException as error:
                said = f"BAD: {type(error).__name__}: {error}"
            taken = time.perf_counter() - began
            grown = (resource.getrusage(resource.RUSAGE_SELF).ru_maxrss - before) / 1024
            out.append((number, taken, grown, said))
    return out


def main() -> int:
    """Sound, then papers (jobs, ledgers, receivers, names), then a twentieth as many records (deliveries, answers, tables, states of corpora, sockets,
    watched folders, shelves), then jobs in a window, a hundredth as many.
    """
    count = int(sys.argv[1]) if len(sys.argv) > 1 else 100_000
    first = int(sys.argv[2]) if len(sys.argv) > 2 else 0
    bad = 0
    for what, work, many, lot in (
        ("files of sound", look, count, _LOT),
        ("jobs, ledgers, receivers and names", fuzz_papers.look, count, 250),
        (
            "deliveries, answers, tables, corpora, messages, watched folders and shelves",
            fuzz_records.look,
            max(140, count // 20),
            35,
        ),
        ("jobs in a window", fuzz_papers.look_in_window, max(20, count // 100), 50),
    ):
        bad += run(what, work, first, many, lot)
    return 1 if bad else 0


def run(what: str, work: Callable[[list[int]], list[fuzz_papers.Result]], first: int, count: int, lot: int) -> int:
    """One kind of input; prints what was bad, and returns how much."""
    said: Counter[str] = Counter()
    bad: list[str] = []
    slowest = largest = 0.0
    began = reported = time.monotonic()
    lots = (list(range(at, min(at + lot, first + count))) for at in range(first, first + count, lot))
    singles: list[int] = []
    done = 0

    def take(numbers: list[int], results: list[fuzz_papers.Result] | WorkerCrash) -> None:
        nonlocal slowest, largest, done
        if isinstance(results, WorkerCrash):
            if len(numbers) == 1:
                # The process is a worker's and not the application's; it is told all the same.
                said["its worker died"] += 1
                bad.append(f"{numbers[0]}: worker died, {results.reason}")
                done += 1
            else:
                singles.extend(numbers)
            return
        for number, taken, grown, word in results:
            done += 1
            said[word.split(":")[0] if word.startswith("BAD") else word] += 1
            slowest, largest = max(slowest, taken), max(largest, grown)
            if word.startswith("BAD") or taken > SLOWEST or grown > LARGEST:
                bad.append(f"{number}: {word}, {taken:.1f} s, {grown:.0f} MB")

    for numbers, results in Processes().run(work, lots):
        take(numbers, results)
        if time.monotonic() - reported > 15:
            reported = time.monotonic()
            sys.stderr.write(f"{done:,} of {count:,}, {len(bad)} bad\n")
    for numbers, results in Processes().run(work, [[number] for number in singles]):
        take(numbers, results)
    for line in bad[:200]:
        print(line)
    took = time.monotonic() - began
    print(f"{done:,} {what} in {took:.0f} s; slowest {slowest:.2f} s, most memory {largest:.0f} MB")
    print(", ".join(f"{word}: {number:,}" for word, number in said.most_common()))
    print(f"{len(bad)} bad")
    return len(bad)


if __name__ == "__main__":
    sys.exit(main())
