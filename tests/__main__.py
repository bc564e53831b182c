"""Runs every test and ends with a line ``N passed, N failed``: ``./run test [-k PATTERN] [-v] [-j PROCESSES]``.

The classes of tests are shared out among as many processes as there are cores, each of which runs one class at a time.
"""

from __future__ import annotations

import argparse
import io
import json
import os
import selectors
import subprocess
import sys
import time
import unittest
from collections.abc import Iterator
from dataclasses import asdict, dataclass, field
from pathlib import Path

import tests

ROOT = Path(__file__).resolve().parents[1]
_FEW = 30  # tests that one process runs as fast
#: Classes with these in their names take longest, and are begun first; those of the window follow, since they take longer than the rest.
_LONG = (
    "desktop",
    "test_sizes",
    "Fault",
    "Record",
    "Journey",
    "Guess",
    "Kill",
    "test_window",
    "test_make",
    "test_cutting",
    "test_recipes",
)


@dataclass(slots=True)
class Outcome:
    """What came of some tests."""

    ran: int = 0
    skipped: int = 0
    failures: list[tuple[str, str]] = field(default_factory=list)
    seconds: list[tuple[float, str]] = field(default_factory=list)

    def add(self, other: Outcome) -> None:
        self.ran += other.ran
        self.skipped += other.skipped
        self.failures += other.failures
        self.seconds += other.seconds


class _Result(unittest.TextTestResult):
    """Remembers how long each test took."""

    def __init__(self, *args: object, **named: object) -> None:
        super().__init__(*args, **named)  # type: ignore[arg-type]
        self.seconds: list[tuple[float, str]] = []

    def startTest(self, test: unittest.TestCase) -> None:
        self._began = time.monotonic()
        super().startTest(test)

    def stopTest(self, test: unittest.TestCase) -> None:
        self.seconds.append((time.monotonic() - self._began, test.id()))
        super().stopTest(test)


def run_here(suite: unittest.TestSuite, verbose: bool, quiet: bool = False) -> Outcome:
    stream = io.StringIO() if quiet else sys.stderr
    runner = unittest.TextTestRunner(stream, verbosity=2 if verbose else 1, resultclass=_Result)
    result = runner.run(suite)
    assert isinstance(result, _Result)
    failures = [(str(test), expected) for test, expected in (*result.failures, *result.errors)]
    failures += [(str(test), "It passed, and was expected to fail.") for test in result.unexpectedSuccesses]
    return Outcome(result.testsRun, len(result.skipped) + len(result.expectedFailures), failures, result.seconds)


def classes(suite: unittest.TestSuite) -> dict[str, int]:
    """The classes of tests in a suite, with how many tests of each."""
    found: dict[str, int] = {}

    def walk(part: unittest.TestSuite | unittest.TestCase) -> None:
        if isinstance(part, unittest.TestSuite):
            for one in part:
                walk(one)
        else:
            name = f"{type(part).__module__}.{type(part).__qualname__}"
            found[name] = found.get(name, 0) + 1

    walk(suite)
    return found


def run_shared(names: list[str], patterns: list[str] | None, verbose: bool, count: int) -> Outcome:
    """Classes of tests in ``count`` processes at once."""
    todo = sorted(names, key=lambda name: (not any(part in name for part in _LONG), ".ui." not in name))
    whole = Outcome()
    command = [sys.executable, "-m", "tests", "--serve", *(f"-k={part}" for part in patterns or ())]
    with selectors.DefaultSelector() as selector:

        def give() -> None:
            """The next class to a new process, or to none where there are no more."""
            if todo:
                worker = subprocess.Popen(command, stdin=subprocess.PIPE, stdout=subprocess.PIPE, text=True, cwd=ROOT)
                assert worker.stdin and worker.stdout
                selector.register(worker.stdout, selectors.EVENT_READ, [worker, ""])
                go_on(worker)

        def go_on(worker: subprocess.Popen[str]) -> None:
            assert worker.stdin and worker.stdout
            name = todo.pop(0) if todo else ""
            selector.get_key(worker.stdout).data[1] = name
            worker.stdin.write(f"{name}\n")
            worker.stdin.flush()

        for _ in range(count):
            give()
        while selector.get_map():
            for key, _ in selector.select():
                worker, name = key.data
                line = worker.stdout.readline()
                if not line:
                    selector.unregister(worker.stdout)
                    code = worker.wait()
                    if name:  # it died over these
                        whole.add(Outcome(1, failures=[(name, f"Its process ended with code {code}.")]))
                        give()
                    continue
                reported = Outcome(**json.loads(line))
                whole.add(reported)
                for test, text in reported.failures:
                    print(f"{'=' * 70}\nFAIL: {test}\n{'-' * 70}\n{text}", file=sys.stderr, flush=True)
                if verbose:
                    taken = sum(seconds for seconds, _ in reported.seconds)
                    print(f"{name}: {reported.ran} in {taken:.1f} s", file=sys.stderr, flush=True)
                go_on(worker)
    return whole


def serve(loader: unittest.TestLoader) -> None:
    """In a process of its own: run the classes that are named on standard input."""
    answers = os.fdopen(os.dup(1), "w")
    os.dup2(2, 1)  # whatever tests print is not an answer
    for name in _asked():
        reported = run_here(loader.loadTestsFromName(name), verbose=False, quiet=True)
        answers.write(json.dumps(asdict(reported)) + "\n")
        answers.flush()


def _asked() -> Iterator[str]:
    while name := sys.stdin.readline().strip():
        yield name


def main() -> int:
    parser = argparse.ArgumentParser(prog="./run test")
    parser.add_argument("-k", action="append", help="only tests whose name holds this")
    parser.add_argument("-v", "--verbose", action="store_true")
    parser.add_argument("--slowest", type=int, default=4, help="how many of the slowest are named")
    parser.add_argument(
        "-j",
        type=int,
        default=(os.cpu_count() or 1) + 1,  # some wait for windows and clocks
        help="processes at once; default one more than cores: some wait for a desktop",
    )
    parser.add_argument("--serve", action="store_true", help=argparse.SUPPRESS)
    chosen = parser.parse_args()
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    os.environ.setdefault("QT_LOGGING_RULES", "*.debug=false;qt.multimedia.*=false;qt.qpa.*=false")
    loader = unittest.TestLoader()
    if chosen.k:
        loader.testNamePatterns = [f"*{part}*" for part in chosen.k]
    if chosen.serve:
        serve(loader)
        return 0
    suite = loader.discover(str(ROOT / "tests"), pattern="test_*.py", top_level_dir=str(ROOT))
    began = time.monotonic()
    found = classes(suite)
    if chosen.j > 1 and sum(found.values()) > _FEW and not any("_FailedTest" in name for name in found):
        reported = run_shared(list(found), chosen.k, chosen.verbose, chosen.j)
    else:
        reported = run_here(suite, chosen.verbose)
    failed = len(reported.failures)
    slowest = ", ".join(
        f"{test.rsplit('.', 2)[-1]} {taken:.1f} s"
        for taken, test in sorted(reported.seconds)[-chosen.slowest :][::-1]
    )
    print(f"{time.monotonic() - began:.0f} s in all; slowest: {slowest}")
    skipped = f", {reported.skipped} skipped" if reported.skipped else ""
    print(f"{reported.ran - failed - reported.skipped} passed, {failed} failed{skipped}")
    return 1 if failed or not reported.ran else 0


if __name__ == "__main__":
    code = main()
    sys.stdout.flush()
    sys.stderr.flush()
    # Qt objects still alive at exit are no concern of the tests.
    tests.tidy()
    os._exit(code)
