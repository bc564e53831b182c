"""Results that somebody looked at and found right, kept as files beside the tests: ``approved/NAME.json``.

They hold what no single sentence of a test says: that nothing else has changed. ``KITTIWAKE_APPROVE=1 ./run test -k NAME`` writes what is found now;
the difference is then to be read like any other change, and said in the message of its commit. Figures agree within a thousandth, since
processors round differently.
"""

from __future__ import annotations

import json
import math
import os
import unittest
from collections.abc import Iterator, Mapping
from pathlib import Path
from typing import Any

import numpy as np

from kittiwake.core.errors import KittiwakeError

FOLDER = Path(__file__).parent / "approved"
_WITHIN = 1e-3  # of the figure
_LEAST = 1e-6  # what is smaller is nothing


def plain(data: Any) -> Any:
    """As JSON holds it; figures with six digits."""
    if isinstance(data, Mapping):
        return {str(key): plain(value) for key, value in data.items()}
    if isinstance(data, list | tuple | set | frozenset | np.ndarray):
        return [plain(one) for one in (sorted(data) if isinstance(data, set | frozenset) else data)]
    if isinstance(data, bool | np.bool_):
        return bool(data)
    if isinstance(data, int | np.integer):
        return int(data)
    if isinstance(data, float | np.floating):
        return float(f"{data:.6g}") if math.isfinite(data) else str(data)
    return data if data is None else str(data).encode("utf-8", "backslashreplace").decode()


def differences(found: Any, wanted: Any, place: str = "") -> Iterator[str]:
    """Where two differ, in words."""
    if isinstance(found, dict) and isinstance(wanted, dict):
        for key in dict.fromkeys((*wanted, *found)):
            if key not in found or key not in wanted:
                yield f"{place}/{key} is {'missing' if key in wanted else 'new'}"
            else:
                yield from differences(found[key], wanted[key], f"{place}/{key}")
    elif isinstance(found, list) and isinstance(wanted, list) and len(found) == len(wanted):
        for n, (one, other) in enumerate(zip(found, wanted, strict=True)):
            yield from differences(one, other, f"{place}/{n}")
    elif isinstance(found, float) or isinstance(wanted, float):
        numbers = not any(isinstance(one, str | list | dict | bool | None) for one in (found, wanted))
        if not numbers or not math.isclose(found, wanted, rel_tol=_WITHIN, abs_tol=_LEAST):
            yield f"{place}: {found!r} in place of {wanted!r}"
    elif found != wanted:
        yield f"{place}: {found!r} in place of {wanted!r}"


def approve(case: unittest.TestCase, name: str, found: Any) -> None:
    """Hold ``found`` against what was approved under this name."""
    path, now = FOLDER / f"{name}.json", plain(found)
    if os.environ.get("KITTIWAKE_APPROVE"):
        FOLDER.mkdir(exist_ok=True)
        path.write_text(json.dumps(now, ensure_ascii=False, indent=0) + "\n", "utf-8")
        return
    wrong = list(differences(now, json.loads(path.read_text("utf-8"))))
    case.assertEqual(wrong[:8], [], f"{len(wrong)} differences; see tests/approved.py")


def or_error(work: Any, *given: Any) -> Any:
    """What comes of it, or what it says is wrong."""
    try:
        return work(*given)
    except (KittiwakeError, ValueError) as error:
        return f"{type(error).__name__}: {error}"
