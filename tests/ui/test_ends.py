"""How the window ends, and what it does when anything at all is pressed."""

from __future__ import annotations

import os
import signal
import subprocess
import sys
from pathlib import Path

from kittiwake.core.model.job import load_job
from kittiwake.ui.shell.autosave import autosaved
from tests.sounds import FolderCase, speech_like


class TestEnds(FolderCase):
    def window_of(self, *words: str) -> subprocess.Popen[str]:
        variables = {
            **os.environ,
            "QT_QPA_PLATFORM": "offscreen",
            "HOME": str(self.folder),
            "XDG_STATE_HOME": str(self.folder / "state"),
        }
        code = (
            "import sys\nfrom PySide6.QtCore import QTimer\nfrom kittiwake.ui.shell import start, window\n"
            "shown = window.Window.show\n"
            "def show(self):\n    shown(self)\n    QTimer.singleShot(1500, lambda: print('there', flush=True))\n"
            f"    {words[0]}\nwindow.Window.show = show\nfrom pathlib import Path\nsys.exit(start.start([Path(p) for p in sys.argv[1:]]))"
        )
        return subprocess.Popen(
            [sys.executable, "-c", code, *words[1:]],
            env=variables,
            stdout=subprocess.PIPE,
            stderr=subprocess.PIPE,
            text=True,
        )

    def test_an_ordinary_close_ends_with_0_and_without_a_word(self) -> None:
        with self.window_of("QTimer.singleShot(2000, self.close)") as process:
            _, reported = process.communicate(timeout=60)
        self.assertEqual(
            (process.returncode, [line for line in reported.splitlines() if "propagateSize" not in line]), (0, [])
        )

    def test_being_ended_by_the_desktop_keeps_the_work(self) -> None:
        path = self.write("a.wav", speech_like(8000, 1), 8000)
        for number in (signal.SIGTERM, signal.SIGINT):
            with self.window_of("pass", str(path)) as process:
                assert process.stdout
                process.stdout.readline()
                process.send_signal(number)
                _, reported = process.communicate(timeout=60)
            self.assertEqual(
                (process.returncode, [line for line in reported.splitlines() if "propagateSize" not in line]), (0, [])
            )
            found = autosaved(self.folder / "state/kittiwake/rescue")
            self.assertEqual(len(found), 1)
            self.assertEqual([clip.name for clip in load_job(found[0].copy).clips], ["a"])
            found[0].drop()


class TestMonkey(FolderCase):
    def test_a_short_one(self) -> None:
        done = subprocess.run(
            [sys.executable, "-m", "tests.monkey", "7", "250"],
            cwd=Path(__file__).resolve().parents[2],
            env={**os.environ, "QT_QPA_PLATFORM": "offscreen"},
            capture_output=True,
            text=True,
            timeout=200,
        )
        self.assertEqual(done.returncode, 0, done.stdout + done.stderr[-3000:])
        self.assertIn("nothing wrong", done.stdout)
