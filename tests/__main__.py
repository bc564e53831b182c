"""Runs every test and ends with a line ``N passed, N failed``: ``./run test [-k PATTERN] [-v]``."""

from __future__ import annotations

import argparse
import os
import sys
import time
import unittest
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]


class _Result(unittest.TextTestResult):
    """Remembers how long each test took."""

    def startTest(self, test: unittest.TestCase) -> None:
        self._began = time.monotonic()
        super().startTest(test)

    def stopTest(self, test: unittest.TestCase) -> None:
        SLOW.append((time.monotonic() - self._began, test.id()))
        super().stopTest(test)


SLOW: list[tuple[float, str]] = []


def main() -> int:
    parser = argparse.ArgumentParser(prog="./run test")
    parser.add_argument("-k", action="append", help="only tests whose name holds this")
    parser.add_argument("-v", "--verbose", action="store_true")
    chosen = parser.parse_args()
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    os.environ.setdefault("QT_LOGGING_RULES", "*.debug=false;qt.multimedia.*=false;qt.qpa.*=false")
    loader = unittest.TestLoader()
    if chosen.k:
        loader.testNamePatterns = [f"*{part}*" for part in chosen.k]
    suite = loader.discover(str(ROOT / "tests"), pattern="test_*.py", top_level_dir=str(ROOT))
    runner = unittest.TextTestRunner(verbosity=2 if chosen.verbose else 1, resultclass=_Result)
    began = time.monotonic()
    result = runner.run(suite)
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    passed = result.testsRun - failed - len(result.skipped) - len(result.expectedFailures)
    slowest = ", ".join(f"{name.rsplit('.', 2)[-1]} {seconds:.1f} s" for seconds, name in sorted(SLOW)[-4:][::-1])
    print(f"{time.monotonic() - began:.0f} s in all; slowest: {slowest}")
    skipped = f", {len(result.skipped)} skipped" if result.skipped else ""
    print(f"{passed} passed, {failed} failed{skipped}")
    return 1 if failed or not result.testsRun else 0


if __name__ == "__main__":
    code = main()
    sys.stdout.flush()
    sys.stderr.flush()
    # Qt objects still alive at exit are no concern of the tests.
    os._exit(code)
