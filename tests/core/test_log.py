"""The log: nothing before it is kept, a trace after that, and no harm where it cannot be written."""

from __future__ import annotations

import os
import subprocess
import sys
from pathlib import Path

from tests.sounds import FolderCase

SCRIPT = """
import sys
from kittiwake.core.log import keep_log, log, log_path
log.error("too early %s", 1)
keep_log()
print("logging" in sys.modules)
log.error("in a worker: %s", "it died")
try:
    raise ValueError("no such pier")
except ValueError as error:
    log.exception("while looking at %s", "the pier")
    log.error("made of it", exc_info=error)
print(log_path())
"""


class TestLog(FolderCase):
    def lines_of_log(self, **more: str) -> list[str]:
        environment = {**os.environ, "XDG_STATE_HOME": str(self.folder), **more}
        command = [sys.executable, "-c", SCRIPT]
        done = subprocess.run(command, capture_output=True, text=True, env=environment, check=True)
        self.assertEqual(done.stderr, "")
        return done.stdout.splitlines()

    def test_it_is_a_file_of_lines_with_traces(self) -> None:
        early, path = self.lines_of_log()
        self.assertEqual(early, "False")
        text = Path(path).read_text("utf-8")
        self.assertNotIn("too early", text)
        self.assertIn("in a worker: it died\n", text)
        self.assertIn("while looking at the pier\nTraceback", text)
        self.assertEqual(text.count("ValueError: no such pier"), 2)
        self.assertEqual((Path(path).stat().st_mode & 0o077, Path(path).parent.stat().st_mode & 0o077), (0, 0))

    def test_nothing_is_lost_where_it_cannot_be_written(self) -> None:
        blocked = self.folder / "no folder"
        blocked.write_text("")
        self.lines_of_log(XDG_STATE_HOME=str(blocked))
