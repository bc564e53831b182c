"""What keeps the house readable: files that are not too long, names that say what a thing is, tests that look at what a thing does and not at what it hides."""

from __future__ import annotations

import ast
import re
import unittest
from pathlib import Path

ROOT = Path(__file__).resolve().parents[1]
_LONGEST = 400  # lines of a file
#: Something's private attribute; names of the standard library that only look so are no attributes that are hidden.
_PRIVATE = re.compile(
    r"(?<!\bself)(?<!\bcls)(?<!\bos)(?<!\bsys)(?<!\batexit)\._(?!_|replace\b|fields\b|asdict\b)[a-z]\w*"
)


_RIDDLES = {"told", "came", "some", "tells"}


def files_of_ours() -> list[Path]:
    return [path for room in ("src", "tests", "bench", "translate") for path in (ROOT / room).rglob("*.py")]


def names_in(path: Path) -> set[str]:
    """Names that a file gives to things: variables, attributes, parameters, functions and classes."""
    found = set()
    for node in ast.walk(ast.parse(path.read_text("utf-8"))):
        if isinstance(node, ast.Name) and isinstance(node.ctx, ast.Store):
            found.add(node.id)
        elif isinstance(node, ast.Attribute) and isinstance(node.ctx, ast.Store):
            found.add(node.attr)
        elif isinstance(node, ast.FunctionDef | ast.ClassDef):
            found.add(node.name)
        elif isinstance(node, ast.arg):
            found.add(node.arg)
    return found


class TestHouse(unittest.TestCase):
    def test_no_name_is_a_riddle(self) -> None:
        found = {
            str(path.relative_to(ROOT)): names
            for path in files_of_ours()
            if (names := {name.strip("_").lower() for name in names_in(path)} & _RIDDLES)
        }
        self.assertEqual(found, {})

    def test_no_file_is_too_long(self) -> None:
        files = files_of_ours()
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
