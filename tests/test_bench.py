"""What measures speed runs, whatever it gives: figures themselves are in no test."""

from __future__ import annotations

import json
import os
import subprocess
import sys
import unittest
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]


class TestBench(unittest.TestCase):
    def _run(self, *words: str) -> dict[str, float]:
        environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen"}
        done = subprocess.run([sys.executable, *words], cwd=ROOT, capture_output=True, text=True, env=environment)
        self.assertEqual(done.returncode, 0, done.stderr)
        found: dict[str, float] = json.loads(done.stdout.splitlines()[-1])
        return found

    def test_cutting(self) -> None:
        found = self._run("-m", "bench.cutting", "0.01")
        self.assertGreater(found["spans found"], 5)
        self.assertGreater(found["scrolling and zooming, median, ms"], 0)

    def test_the_board_and_the_start_of_the_window(self) -> None:
        code = "import json, os; from bench.board import board, start_of_window; print(json.dumps(start_of_window(2) | board(40)), flush=True); os._exit(0)"
        found = self._run("-c", code)
        self.assertIn("window with the demo job visible, s (1.2 wanted)", found)
        self.assertIn("opening it, s", found)
