"""Speed and memory, side by side with plain scripts in one run: ``./run bench``."""

from __future__ import annotations

import json
import statistics
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

import numpy as np
import soundfile
import soxr


def recording(path: Path, minutes: float, subtype: str = "PCM_16") -> Path:
    """A stereo recording at 48 kHz: bursts of noise, like speech."""
    dice = np.random.default_rng(1)
    time_axis = np.arange(480_000) / 48_000
    envelope = np.clip(np.sin(2 * np.pi * 1.7 * time_axis) + 0.4, 0, 1)
    with soundfile.SoundFile(str(path), "w", 48_000, 2, subtype) as file:
        left = minutes * 60
        block = (dice.standard_normal((480_000, 2)) * 0.1 * envelope[:, None]).astype(np.float32)
        while left > 0:
            file.write(block[: round(min(10.0, left) * 48_000)])
            left -= 10
    return path


def plain(source: Path, into: Path) -> None:
    """What one writes in five lines: read, mix, resample, write."""
    sound, rate = soundfile.read(str(source), dtype="float32")
    mono = soxr.resample(sound.mean(axis=1), rate, 8000, quality="HQ")
    soundfile.write(str(into), mono, 8000, subtype="ULAW")


def ours(source: Path, folder: Path) -> None:
    from kittiwake.core.fit import fit
    from kittiwake.core.make import make_clip, plan_outputs
    from kittiwake.core.measure import look_at
    from kittiwake.core.model import Clip, load_receiver

    receiver, clip = load_receiver("phone-menu"), Clip.whole(source)
    facts = look_at(source)
    made = make_clip(plan_outputs([(clip, facts, fit(clip, facts, receiver))], receiver, folder)[0])
    assert made.status == "made", made.error


def median(work: Callable[[int], None], times: int = 5) -> float:
    taken = []
    for number in range(times):
        began = time.perf_counter()
        work(number)
        taken.append(time.perf_counter() - began)
    return statistics.median(taken)


def peak_of(source: Path, folder: Path) -> tuple[float, float]:
    """Peak memory (MB, VmHWM of a process of its own) and seconds of the terminal command on one file."""
    code = (
        "import sys; from kittiwake.cli.main import main\n"
        "try: main()\n"
        "except SystemExit as stop: assert not stop.code\n"
        "print(next(l.split()[1] for l in open('/proc/self/status') if l.startswith('VmHWM')), file=sys.stderr)"
    )
    command = [sys.executable, "-c", code, "make", "--for", "phone-menu", "--into", str(folder), str(source)]
    began = time.perf_counter()
    done = subprocess.run(command, check=True, capture_output=True, text=True)
    return int(done.stderr.split()[-1]) / 1024, time.perf_counter() - began


def main() -> None:
    figures: dict[str, float] = {}
    with tempfile.TemporaryDirectory(
        prefix="kittiwake-bench-", dir=sys.argv[1] if len(sys.argv) > 1 else None
    ) as name:
        folder = Path(name)
        ten = recording(folder / "ten.wav", 10, "PCM_24")
        ours(ten, folder / "warm")
        base = median(lambda n: plain(ten, folder / f"plain{n}.wav"))
        mine = median(lambda n: ours(ten, folder / f"ours{n}"))
        figures["10 min 24-bit stereo, plain script, s"] = base
        figures["10 min 24-bit stereo, looked at, made, proved, s"] = mine
        figures["throughput against the plain script"] = base / mine
        hour = recording(folder / "hour.wav", 60)
        memory, seconds = peak_of(hour, folder / "hour")
        figures["1 h stereo, peak memory, MB"] = memory
        figures["1 h stereo, whole command, s"] = seconds
    for key, value in figures.items():
        print(f"{key:52} {value:10.2f}")
    print(json.dumps({key: round(value, 3) for key, value in figures.items()}))


if __name__ == "__main__":
    main()
