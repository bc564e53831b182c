"""How many small faults the tests see: ``./run mutate [COUNT] [SEED] [ROOM]``.

Takes lines of the core, and of the work around it, at random and changes one thing in each, a comparison, an operator or a number, in a copy of the project. The tests of the
same room run against it until one fails. What no test sees is listed, with the change: it needs a test, or is harmless.
"""

from __future__ import annotations

import ast
import os
import random
import shutil
import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from pathlib import Path

from tests import ROOM as ROOM_OF_TESTS

ROOT = Path(__file__).parents[1]
PACKAGE = Path("src/kittiwake")
LAYERS = ("core", "work")
_LONGEST = 240  # s, that the tests of a room may take
_COMPARISONS = {ast.Lt: "<=", ast.LtE: "<", ast.Gt: ">=", ast.GtE: ">", ast.Eq: "!=", ast.NotEq: "==", ast.Is: "is not",
                ast.IsNot: "is", ast.In: "not in", ast.NotIn: "in"}  # fmt: skip
_OPERATORS = {ast.Add: "-", ast.Sub: "+", ast.Mult: "/", ast.Div: "*", ast.FloorDiv: "*", ast.Mod: "+"}


@dataclass(frozen=True)
class Mutation:
    """A change of one place: the text from ``begin`` to ``end`` (offsets in bytes) of a file becomes ``new``."""

    path: Path
    line: int
    begin: int
    end: int
    old: str
    new: str

    def __str__(self) -> str:
        return f"{self.path}:{self.line}: {self.old!r} → {self.new!r}"


def mutations(path: Path) -> Iterator[Mutation]:
    """Every change that could be made in a file, texts and annotations left alone."""
    data = (ROOT / path).read_bytes()
    starts = [0]
    for line in data.splitlines(keepends=True):
        starts.append(starts[-1] + len(line))

    def at(line: int, column: int) -> int:
        return starts[line - 1] + column

    def swapped(node: ast.expr, left: ast.expr, right: ast.expr, new: str) -> Mutation | None:
        begin, end = at(left.end_lineno or 0, left.end_col_offset or 0), at(right.lineno, right.col_offset)
        old = data[begin:end].decode()
        word = old.strip()
        if not word or "\n" in old or "(" in old or ")" in old:
            return None
        return Mutation(path, node.lineno, begin, end, word, old.replace(word, new))

    for node in ast.walk(ast.parse(data)):
        found = None
        if isinstance(node, ast.Compare) and len(node.ops) == 1 and type(node.ops[0]) in _COMPARISONS:
            found = swapped(node, node.left, node.comparators[0], _COMPARISONS[type(node.ops[0])])
        elif isinstance(node, ast.BinOp) and type(node.op) in _OPERATORS:
            found = swapped(node, node.left, node.right, _OPERATORS[type(node.op)])
        elif isinstance(node, ast.BoolOp):
            other = "or" if isinstance(node.op, ast.And) else "and"
            found = swapped(node, node.values[0], node.values[1], other)
        elif isinstance(node, ast.Constant) and type(node.value) in (int, float) and node.value not in (0, 1):
            begin, end = at(node.lineno, node.col_offset), at(node.end_lineno or 0, node.end_col_offset or 0)
            other = node.value + 1 if isinstance(node.value, int) else node.value * 1.5
            found = Mutation(path, node.lineno, begin, end, data[begin:end].decode(), repr(other))
        if found is not None:
            yield found


def tests_of(path: Path) -> list[str]:
    """The tests of the room of a file; those of the file itself first."""
    layer, room = path.relative_to(PACKAGE).parts[:2]
    folder = ROOT / "tests" / layer / room
    if not folder.is_dir():
        return []
    names = sorted(one.stem for one in folder.glob("test_*.py"))
    names.sort(key=lambda name: (name != f"test_{path.stem}", not name.startswith("test_approved")))
    return [f"tests.{layer}.{room}.{name}" for name in names]


def fails(tests: Sequence[str], copy: Path) -> str:
    """The first of these tests that fails in a copy; empty where none does."""
    environment = {**os.environ, "PYTHONPATH": f"{copy / 'src'}{os.pathsep}{copy}", "QT_QPA_PLATFORM": "offscreen"}
    for name in tests:
        run = [sys.executable, "-m", "unittest", "-f", name]
        # A cache of its own: what was found out without the change would hide it.
        with tempfile.TemporaryDirectory(prefix="m-") as room:
            environment[ROOM_OF_TESTS] = room
            try:
                done = subprocess.run(run, cwd=copy, env=environment, capture_output=True, timeout=_LONGEST)
            except subprocess.TimeoutExpired:
                return name
        if done.returncode:
            return name
    return ""


def killed(mutation: Mutation, copy: Path) -> bool:
    """Whether a test fails with the change made."""
    target = copy / mutation.path
    before = target.read_bytes()
    target.write_bytes(before[: mutation.begin] + mutation.new.encode() + before[mutation.end :])
    try:
        return bool(fails(tests_of(mutation.path), copy))
    finally:
        target.write_bytes(before)


def main(words: list[str]) -> int:
    count, seed, room = int(words[0]) if words else 200, int(words[1]) if len(words) > 1 else 1, "".join(words[2:3])
    files = [
        path.relative_to(ROOT) for layer in LAYERS for path in sorted((ROOT / PACKAGE / layer / room).rglob("*.py"))
    ]
    every = [one for path in files if tests_of(path) for one in mutations(path)]
    chosen = random.Random(seed).sample(every, min(count, len(every)))
    left = []
    began = time.monotonic()
    with tempfile.TemporaryDirectory(prefix="kittiwake-mutate-") as name:
        copy = Path(name)
        for part in ("src", "tests", "docs", "bench"):
            shutil.copytree(ROOT / part, copy / part, ignore=shutil.ignore_patterns("__pycache__", "screenshots"))
        # A test that fails anyway would see everything.
        for room_tests in {tuple(sorted(tests_of(one.path))) for one in chosen}:
            # Once more: on a busy machine a test of crashes may run out of time.
            if fails(room_tests, copy) and (failing := fails(room_tests, copy)):
                print(f"{failing} fails without any change: mend it first.")
                return 1
        for n, mutation in enumerate(chosen, 1):
            seen = killed(mutation, copy)
            if not seen:
                left.append(mutation)
            print(
                f"{n} of {len(chosen)}, {n - len(left)} seen: {'seen    ' if seen else 'NOT SEEN'} {mutation}",
                flush=True,
            )
    print(f"{len(chosen) - len(left)} of {len(chosen)} seen ({(time.monotonic() - began) / 60:.0f} min); left:")
    print("\n".join(map(str, left)))
    return 0


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
