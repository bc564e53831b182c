"""Sentences that send somebody to a page, or to an installer, fit how the program came onto the machine."""

from __future__ import annotations

import tomllib
import unittest
from pathlib import Path
from unittest import mock

from kittiwake.core import installed
from tests.sounds import FolderCase


class TestData(unittest.TestCase):
    def test_whatever_is_no_code_is_named_for_the_wheel(self) -> None:
        root = Path(__file__).parents[2]
        globs = tomllib.loads((root / "pyproject.toml").read_text())["tool"]["setuptools"]["package-data"][
            "kittiwake"
        ]
        package = root / "src" / "kittiwake"
        named = {path for glob in globs for path in package.glob(glob)}
        data = [
            path
            for path in package.rglob("*")
            if path.is_file() and path.suffix not in (".py", ".pyc") and path not in named
        ]
        self.assertEqual(data, [])
        self.assertGreater(len(named), 50)


class TestInstalled(FolderCase):
    def test_pages_are_named_where_they_lie(self) -> None:
        self.assertEqual(installed.document("formats.md"), "docs/formats.md")
        page = self.folder / "share/doc/kittiwake/formats.md"
        page.parent.mkdir(parents=True)
        page.write_text("#")
        elsewhere = mock.patch.object(installed, "_PACKAGE", self.folder / "lib/site-packages/kittiwake")
        with elsewhere, mock.patch("sys.prefix", str(self.folder)):
            self.assertEqual(installed.document("formats.md"), str(page))
            self.assertEqual(installed.document("none.md"), "none.md")

    def test_a_debian_package_is_no_place_for_pip(self) -> None:
        self.assertIn("pip install 'kittiwake[corpus]'", installed.how_to_add("corpus"))
        with mock.patch.object(installed, "_PACKAGE", Path("/usr/lib/kittiwake/kittiwake")):
            self.assertEqual(
                installed.how_to_add("secrets", "python3-keyring"), "Install it with: apt install python3-keyring."
            )
            self.assertIn("in an environment of its own", installed.how_to_add("corpus"))

    def test_every_page_that_is_named_is_there_and_every_extra_too(self) -> None:
        import re
        import tomllib

        root = Path(__file__).resolve().parents[2]
        extras = tomllib.loads((root / "pyproject.toml").read_text("utf-8"))["project"]["optional-dependencies"]
        source = "\n".join(path.read_text("utf-8") for path in (root / "src/kittiwake").rglob("*.py"))
        pages = {*re.findall(r'document\("([^"]+)"\)', source)}
        asked = {*re.findall(r'how_to_add\("([^"]+)"', source)}
        self.assertGreaterEqual(len(pages), 2)
        self.assertGreaterEqual(len(asked), 4)
        self.assertEqual({page for page in pages if not (root / "docs" / page).is_file()}, set())
        self.assertLessEqual(asked, {*extras})
        self.assertNotIn("pip install", source.replace("pip install 'kittiwake[{extra}]'", ""))
