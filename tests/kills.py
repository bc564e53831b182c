"""Runs killed at random moments and started again: ``python -m tests.kills [COUNT]``. Prints what it found; a short form is among the tests."""

from __future__ import annotations

import hashlib
import os
import random
import shutil
import signal
import subprocess
import sys
import tempfile
import time
from pathlib import Path

import soundfile

from tests.sounds import make_command, speech_like


def outputs(folder: Path) -> dict[str, str]:
    if not folder.exists():
        return {}
    return {
        p.name: hashlib.sha256(p.read_bytes()).hexdigest() for p in folder.iterdir() if not p.name.startswith(".")
    }


def main() -> int:
    count = int(sys.argv[1]) if len(sys.argv) > 1 else 200
    dice = random.Random(1887)
    bad = killed = done = 0  # ``count`` kills that hit a run; some come when it is over
    with tempfile.TemporaryDirectory(prefix="kittiwake-kills-") as name:
        folder = Path(name)
        (folder / "in").mkdir()
        for n in range(40):
            soundfile.write(
                str(folder / "in" / f"{n:02}.wav"), speech_like(16_000, dice.uniform(0.5, 5), seed=n), 16_000
            )

        def command(out: Path) -> list[str]:
            return make_command(out, folder / "in")

        quiet = {"stdout": subprocess.DEVNULL, "stderr": subprocess.DEVNULL}
        began = time.monotonic()
        subprocess.run(command(folder / "whole"), check=True, **quiet)  # type: ignore[call-overload]
        length = time.monotonic() - began
        whole = outputs(folder / "whole")
        for turn in range(20 * count):
            out = folder / f"out{turn}"
            # Several kills of one run, from its first moments to its last.
            for _ in range(dice.choice((1, 1, 2, 3))):
                process = subprocess.Popen(command(out), start_new_session=True, **quiet)  # type: ignore[call-overload]
                time.sleep(dice.uniform(0.3, 1.05) * length)
                os.killpg(process.pid, signal.SIGKILL)
                killed += process.wait() == -signal.SIGKILL
                done += 1
                if any(whole.get(name) != digest for name, digest in outputs(out).items()):
                    bad += 1
                    print(f"turn {turn}: a file that is not whole")
            subprocess.run(command(out), check=True, **quiet)  # type: ignore[call-overload]
            left = [p.name for p in out.iterdir() if p.name.endswith(".part")]
            if outputs(out) != whole or left:
                bad += 1
                print(f"turn {turn}: not the same in the end, {left}")
            shutil.rmtree(out)
            if killed >= count:
                break
    print(f"{done} kills, {killed} of them before the run was over; {bad} bad")
    return 1 if bad else 0


if __name__ == "__main__":
    sys.exit(main())
