"""What README says to type runs as it stands."""

from __future__ import annotations

import re
import shlex
import subprocess
import sys
import unittest
from pathlib import Path

from tests.bundled import needs
from tests.sounds import FolderCase

ROOT = Path(__file__).resolve().parents[1]


class TestReadme(FolderCase):
    @needs("standins", "tones")
    def test_every_command_runs_as_it_stands(self) -> None:
        readme = (ROOT / "README.md").read_text("utf-8")
        section = readme[readme.index("Each of these runs as it stands") : readme.index("`--dry-run` tells")]
        lines = re.findall(r"^    \./run kittiwake (.*)$", section, flags=re.M)
        self.assertGreater(len(lines), 10)
        (self.folder / "src").symlink_to(ROOT / "src")
        for number, line in enumerate(lines):
            words = [sys.executable, "-c", "from kittiwake.cli.entry import command; command()", *shlex.split(line)]
            done = subprocess.run(words, cwd=self.folder, capture_output=True, text=True, check=False)
            self.assertEqual(done.returncode, 1 if number < 4 else 0, f"{line}: {done.stderr}")
            self.assertTrue(done.stdout.strip(), line)
        self.assertTrue((self.folder / "report.html").is_file())

    def test_what_it_links_to_is_there(self) -> None:
        for page in (ROOT / "README.md", *(ROOT / "docs").glob("*.md")):
            for target in re.findall(r"\]\((?!https?:|#)([^)#\s]+)", page.read_text("utf-8")):
                self.assertTrue((page.parent / target).exists(), f"{page.name}: {target}")


if __name__ == "__main__":
    unittest.main()
