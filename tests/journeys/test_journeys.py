"""The main journeys in a real window on a virtual display."""

from __future__ import annotations

import os
import shutil
import subprocess
import sys
import unittest
from pathlib import Path

from tests.bundled import needs
from tests.sounds import FolderCase

ROOT = Path(__file__).resolve().parents[2]


@unittest.skipUnless(shutil.which("Xvfb") and shutil.which("xdotool"), "needs Xvfb and xdotool")
class TestJourneys(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        read, write = os.pipe()
        self.server = subprocess.Popen(
            ["Xvfb", "-displayfd", str(write), "-screen", "0", "1440x900x24", "-nolisten", "tcp"],
            pass_fds=[write],
            stderr=subprocess.DEVNULL,
        )
        os.close(write)
        with os.fdopen(read) as pipe:
            self.display = f":{pipe.readline().strip()}"
        self.addCleanup(self.server.wait)
        self.addCleanup(self.server.terminate)

    def journey(self, name: str) -> str:
        variables = {**os.environ, "DISPLAY": self.display, "QT_QPA_PLATFORM": "xcb", "HOME": str(self.folder)}
        done = subprocess.run(
            [sys.executable, "-m", "tests.journeys.drive", name, str(self.folder)],
            cwd=ROOT,
            env=variables,
            capture_output=True,
            text=True,
            timeout=300,
        )
        self.assertEqual(done.returncode, 0, done.stderr[-4000:])
        return done.stdout

    @needs("standins")
    def test_drop_a_folder_press_one_key_listen_and_hand_over(self) -> None:
        self.assertIn("68 proved outputs: 2 actions", self.journey("drop"))

    def test_from_nothing_to_a_made_prompt(self) -> None:
        self.assertIn("made prompt: 3 actions", self.journey("record"))

    def test_a_reading_is_cut_by_keys(self) -> None:
        self.assertIn("cut by keys alone", self.journey("cut"))

    def test_by_keyboard_alone(self) -> None:
        self.assertIn("by keyboard alone", self.journey("keys"))
