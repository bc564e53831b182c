"""Runs killed at random moments and started again: ``python -m tests.kills [COUNT] [VERB ...]``. Prints what it found; a short form is among the tests.

Each verb is killed so often on its way, one to three times a run, and then let through. In the end everything has to be as after a run that nobody killed: no
file lost, doubled, half written or of another content, none of anybody else's touched, no source changed, no part file left, and no answer asked for twice.
"""

from __future__ import annotations

import hashlib
import json
import os
import random
import shutil
import signal
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from dataclasses import dataclass, field
from pathlib import Path

import soundfile

from tests.sounds import make_command, speech_like

_QUIET = {"stdout": subprocess.DEVNULL, "stderr": subprocess.DEVNULL}


def outputs(folder: Path) -> dict[str, str]:
    """Digests of the files of a folder and those below it that are not hidden."""
    return {
        str(path.relative_to(folder)): hashlib.sha256(path.read_bytes()).hexdigest()
        for path in (sorted(folder.rglob("*")) if folder.exists() else ())
        if path.is_file() and not any(part.startswith(".") for part in path.relative_to(folder).parts)
    }


def _kittiwake(*words: object) -> list[str]:
    return [sys.executable, "-m", "kittiwake.cli", *map(str, words)]


@dataclass
class Verb:
    """What is killed.

    Attributes
    ----------
    command : of a place to work in; it comes to an end by itself.
    into : the folder below the place whose files are held against those of a run that was not killed.
    prepare : what has to lie in the place beforehand.
    leave_out : names of files that tell when, or where, they were written.
    more_faults : what else is wrong with a place in the end.
    """

    command: Callable[[Path], list[str]]
    into: str
    prepare: Callable[[Path], None] = lambda place: None
    leave_out: tuple[str, ...] = ()
    more_faults: Callable[[Path], list[str]] = lambda place: []
    faults: list[str] = field(default_factory=list)

    def result(self, place: Path) -> dict[str, str]:
        return {
            name: digest
            for name, digest in outputs(place / self.into).items()
            if Path(name).name not in self.leave_out
        }


def _sources(place: Path, count: int = 40) -> None:
    dice = random.Random(7)
    (place / "in").mkdir(parents=True)
    for n in range(count):
        sound = speech_like(16_000, dice.uniform(0.5, 4), seed=n)
        soundfile.write(str(place / "in" / f"{n:02}.wav"), sound, 16_000)


def _made(place: Path) -> None:
    _sources(place)
    subprocess.run(make_command(place / "out", place / "in"), check=True, **_QUIET)  # type: ignore[call-overload]
    (place / "there").mkdir()
    (place / "there" / "somebody's.wav").write_bytes(b"not ours")


def _heard(place: Path) -> None:
    """Made for a service, of half of which the answers are to be asked."""
    _sources(place, 6)
    command = _kittiwake("make", "--for", "speech-service", "--into", place / "out", place / "in")
    subprocess.run(command, check=True, **_QUIET)  # type: ignore[call-overload]


def _asked_once(place: Path) -> list[str]:
    lines = (place / "answers.jsonl").read_bytes().splitlines() if (place / "answers.jsonl").exists() else []
    asked = []
    for line in lines:
        try:
            asked.append(json.loads(line)["asked"])
        except ValueError:
            continue  # one that was torn
    faults = []
    if len(asked) != len({*asked}):
        faults.append(f"{len(asked) - len({*asked})} answers are kept twice")
    if len({*asked}) != 6:
        faults.append(f"{len({*asked})} of 6 answers are kept")
    return faults


VERBS = {
    "make": Verb(lambda place: make_command(place / "out", place / "in"), "out", _sources),
    "deliver": Verb(
        lambda place: _kittiwake("deliver", place / "out", "--for", "phone-menu", "--set", "delivery.manifest=both", "--into", place / "there"),
        "there",
        _made,
    ),
    "corpus": Verb(
        lambda place: _kittiwake("corpus", "--for", "corpus", "--into", place / "corpus", place / "in"),
        "corpus",
        _sources,
        leave_out=("datasheet.md", "README.md", "SHA256SUMS"),
    ),
    "hear": Verb(
        lambda place: _kittiwake("hear", "--for", "speech-service", "--kept", place / "answers.jsonl", place / "out"),
        "out",
        _heard,
        more_faults=_asked_once,
    ),
    "watch": Verb(
        lambda place: _kittiwake("watch", place / "in", "--for", "phone-menu", "--into", place / "out", "--once"), "out", _sources
    ),
}  # fmt: skip


def killed(name: str, count: int, dice: random.Random) -> tuple[int, int, list[str]]:
    """Kills of a verb: how many there were, how many of them hit a run, and what was wrong."""
    verb = VERBS[name]
    done = hit = 0
    faults: list[str] = []
    with tempfile.TemporaryDirectory(prefix="kittiwake-kills-") as folder:
        whole, fresh = Path(folder) / "whole", Path(folder) / "fresh"
        verb.prepare(fresh)
        os.environ |= {"XDG_STATE_HOME": f"{folder}/state", "XDG_CACHE_HOME": f"{folder}/cache"}
        shutil.copytree(fresh, whole)
        began = time.monotonic()
        subprocess.run(verb.command(whole), check=False, **_QUIET)  # type: ignore[call-overload]
        length = time.monotonic() - began
        wanted, before = verb.result(whole), outputs(whole / "in")
        if not wanted or verb.more_faults(whole):
            return 0, 0, [f"{name}: nothing to hold runs against: {len(wanted)} files, {verb.more_faults(whole)}"]
        turn = 0
        while hit < count and turn < 20 * count:
            turn += 1
            place = Path(folder) / "place"
            shutil.copytree(fresh, place)
            for _ in range(dice.choice((1, 1, 2, 3))):
                process = subprocess.Popen(verb.command(place), start_new_session=True, **_QUIET)  # type: ignore[call-overload]
                time.sleep(dice.uniform(0.25, 1.05) * length)
                os.killpg(process.pid, signal.SIGKILL)
                hit += process.wait() == -signal.SIGKILL
                done += 1
                if name in ("make", "watch", "deliver"):
                    half = [
                        one
                        for one, digest in verb.result(place).items()
                        if wanted.get(one) != digest and not _is_list(one)
                    ]
                    faults += [f"{name}, turn {turn}: {one} is not whole" for one in half]
            subprocess.run(verb.command(place), check=False, **_QUIET)  # type: ignore[call-overload]
            faults += [f"{name}, turn {turn}: {one}" for one in _in_the_end(verb, place, wanted, before)]
            shutil.rmtree(place)
    return done, hit, faults


def _is_list(name: str) -> bool:
    return Path(name).name.startswith("manifest.")


def _in_the_end(verb: Verb, place: Path, wanted: dict[str, str], before: dict[str, str]) -> list[str]:
    found = verb.result(place)
    faults = [f"{one} is lost" for one in wanted.keys() - found.keys()]
    faults += [f"{one} is too much" for one in found.keys() - wanted.keys()]
    faults += [f"{one} is another" for one in wanted.keys() & found.keys() if wanted[one] != found[one]]
    faults += [f"{path.name} is left" for path in place.rglob("*.part")]
    if outputs(place / "in") != before:
        faults.append("a source was touched")
    return faults + verb.more_faults(place)


def main() -> int:
    count = int(sys.argv[1]) if len(sys.argv) > 1 else 200
    names = sys.argv[2:] or list(VERBS)
    dice = random.Random(1887)
    bad = 0
    for name in names:
        done, hit, faults = killed(name, count, dice)
        for one in faults[:20]:
            print(one)
        bad += len(faults)
        print(f"{name}: {done} kills, {hit} of them before the run was over; {len(faults)} bad", flush=True)
    return 1 if bad else 0


if __name__ == "__main__":
    sys.exit(main())
