"""What keeps the house readable: files that are not too long, and tests that look at what a thing does and not at what it hides."""

from __future__ import annotations

import re
import unittest
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]
_LONGEST = 400  # lines of a file
#: Something's private attribute; names of the standard library that only look so are no attributes that are hidden.
_PRIVATE = re.compile(
    r"(?<!\bself)(?<!\bcls)(?<!\bos)(?<!\bsys)(?<!\batexit)\._(?!_|replace\b|fields\b|asdict\b)[a-z]\w*"
)


class TestHouse(unittest.TestCase):
    def test_no_file_is_too_long(self) -> None:
        files = [path for room in ("src", "tests", "bench") for path in (ROOT / room).rglob("*.py")]
        self.assertGreater(len(files), 500)
        long = {
            str(path.relative_to(ROOT)): count
            for path in files
            if (count := len(path.read_text("utf-8").splitlines())) > _LONGEST
        }
        self.assertEqual(long, {})

    def test_no_test_reaches_what_is_private(self) -> None:
        found = []
        for path in (ROOT / "tests").rglob("*.py"):
            for number, line in enumerate(path.read_text("utf-8").splitlines(), 1):
                if _PRIVATE.search(line) and path.name != "test_house.py":
                    found.append(f"{path.relative_to(ROOT)}:{number}: {line.strip()}")
        self.assertEqual(found, [])
