"""Tests of bundled extensions, a folder each; those of one that is left out (``KITTIWAKE_WITHOUT``) are not among them."""

from __future__ import annotations

import unittest
from collections.abc import Callable
from pathlib import Path
from typing import Any

from kittiwake.core.extensions import extensions

_HERE = Path(__file__).parent


def load_tests(loader: unittest.TestLoader, tests: unittest.TestSuite, pattern: str | None) -> unittest.TestSuite:
    """Called by ``unittest`` for this package."""
    there = [
        loader.discover(str(_HERE / name), top_level_dir=str(_HERE.parents[1]))
        for name in extensions()
        if (_HERE / name).is_dir()
    ]
    return unittest.TestSuite([tests, *there])


def needs(*names: str) -> Callable[[Any], Any]:
    """Mark a test, or a class of tests, that is about the heart together with an extension."""
    missing = [name for name in names if name not in extensions()]
    return unittest.skipIf(missing, f"without {', '.join(missing)}")
