"""The application without each bundled extension, one at a time, and without all of them."""

from __future__ import annotations

import os
import subprocess
import sys
import unittest
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path

from kittiwake.core.extensions import WITHOUT, extensions
from tests.sounds import DEMO, FolderCase

_ROOT = Path(__file__).parents[2]
_VERBS = {"corpus": "corpus", "music": "hold", "services": "hear", "standins": "try", "tones": "tone"}


@unittest.skipIf(os.environ.get(WITHOUT), "something is left out already")
class TestWithout(FolderCase):
    def run_without(self, left_out: str, *words: object) -> str:
        """What a command prints, on both streams."""
        done = subprocess.run(
            [sys.executable, "-W", "ignore", "-m", *map(str, words)],
            env={**os.environ, WITHOUT: left_out, "QT_QPA_PLATFORM": "offscreen"},
            stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True, check=False, cwd=_ROOT,
        )  # fmt: skip
        self.assertEqual(done.returncode, 0, f"without {left_out}: {done.stdout}")
        return done.stdout

    def test_every_bundled_extension_has_a_verb(self) -> None:
        self.assertEqual({*_VERBS}, {*extensions()})

    def test_the_window_and_the_terminal_do_without_each_and_without_all(self) -> None:
        with ThreadPoolExecutor(2) as two:
            list(two.map(self._check, [*_VERBS, ",".join(_VERBS)]))

    def _check(self, left_out: str) -> None:
        shown = self.run_without(left_out, "kittiwake.cli", "--help")
        names = {line.split()[0] for line in shown.splitlines() if line.startswith("  ") and line.split()}
        for name, verb in _VERBS.items():
            # Stand-ins are built on tones.
            gone = name in left_out or (name == "standins" and "tones" in left_out)
            self.assertEqual(verb not in names, gone, f"{verb} without {left_out}")
        into = self.folder / left_out
        self.run_without(
            left_out, "kittiwake.cli", "make", "--for", "phone-menu", "--into", into, DEMO / "Welcome.wav"
        )
        self.assertTrue((into / "Welcome.wav").exists())
        self.assertIn("OK", self.run_without(left_out, "unittest", "tests.bundled.window_without"))
