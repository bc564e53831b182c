"""A corpus against making its clips alone: time and memory of whole commands, and what a second worker brings."""

from __future__ import annotations

import subprocess
import sys
import time
from collections.abc import Callable, Sequence
from pathlib import Path

import numpy as np
import soundfile


def clips(folder: Path, count: int) -> Path:
    """So many clips of 2 to 4 s at 48 kHz by twenty speakers: bursts of coloured noise, none like another."""
    for n in range(count):
        dice = np.random.default_rng(n)
        length = round(48_000 * dice.uniform(2, 4))
        time_ = np.arange(length) / 48_000
        envelope = np.clip(np.sin(2 * np.pi * dice.uniform(1.3, 2.4) * time_ + n) + 0.4, 0, 1)
        tone = np.convolve(dice.standard_normal(length), np.hanning(int(dice.integers(4, 24))), "same")
        sound = 0.1 * envelope * tone / np.abs(tone).max() + dice.standard_normal(length) * 1e-4
        path = folder / f"s{n % 20:02}" / f"{n:06}.wav"
        path.parent.mkdir(parents=True, exist_ok=True)
        soundfile.write(str(path), sound, 48_000, subtype="PCM_16")
    return folder


def corpora(
    folder: Path, times: int, count: int, turns: Callable[..., dict[str, float]], largest: Callable[[int], int]
) -> dict[str, float]:
    """Figures for so many clips."""
    sources = clips(folder / "clips", count)

    def make(n: int) -> None:
        _run(["make", "--for", "corpus", "--into", str(folder / f"made{n}"), str(sources)])

    def corpus(workers: int) -> Callable[[int], None]:
        def run(n: int) -> None:
            _run([*_corpus(folder / f"corpus{workers}-{n}", sources), "--workers", str(workers)])

        return run

    found = turns(times, make=make, two=corpus(2), one=corpus(1))
    own, worker = _peak(_corpus(folder / "peak", sources), largest)
    return {
        f"corpus of {count:,} clips: s": found["two"],
        "… of the time of making them alone (1.3 wanted)": found["two"] / found["make"],
        "… by two workers, times one (1.8 wanted)": found["one"] / found["two"],
        "… peak of the command, MB (300 wanted)": own,
        "… peak of its worker, MB (300 wanted)": worker,
    }


def _corpus(into: Path, sources: Path) -> list[str]:
    return [
        "corpus",
        "--pattern",
        "{speaker}/{id}",
        "--rule",
        "snr >= 15 dB",
        "--shards",
        "100MB",
        "--into",
        str(into),
        str(sources),
    ]


def _run(words: Sequence[str]) -> None:
    subprocess.run(
        [sys.executable, "-m", "kittiwake.cli", *words],
        stdout=subprocess.DEVNULL,
        stderr=subprocess.DEVNULL,
        check=True,
    )


def _peak(words: Sequence[str], largest: Callable[[int], int]) -> tuple[float, float]:
    own = worker = 0
    with subprocess.Popen(
        [sys.executable, "-m", "kittiwake.cli", *words], stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL
    ) as process:
        while process.poll() is None:
            worker = max(worker, largest(process.pid))
            try:
                status = Path(f"/proc/{process.pid}/status").read_text()
                own = max(own, int(status.split("VmHWM:")[1].split()[0]))
            except (OSError, IndexError):
                pass
            time.sleep(0.1)
    return own / 1024, worker / 1024
