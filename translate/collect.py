"""Every text that is said to people, found where it is written."""

from __future__ import annotations

import ast
import tomllib
from collections.abc import Iterator
from dataclasses import dataclass, replace
from functools import cache
from pathlib import Path

SOURCE = Path(__file__).resolve().parents[1] / "src" / "kittiwake"


@dataclass(frozen=True)
class Message:
    """A text, in English.

    Attributes
    ----------
    many : as it stands, or where there are many of them.
    one : where there is one; empty where it is no plural.
    where : file and line of the first place.
    home : folder whose catalogue holds it: ``bundled/tones`` where only that extension says it, else empty.
    """

    many: str
    one: str
    where: str
    home: str = ""


@cache
def messages() -> dict[str, Message]:
    """By their text (of a plural, that for many), in the order of files and lines."""
    found: dict[str, Message] = {}
    for path in sorted(SOURCE.rglob("*.py")):
        place = path.relative_to(SOURCE).as_posix()
        for line, many, one in _of(ast.parse(path.read_text("utf-8"))):
            before, home = found.get(many), _home(place)
            if before is not None and before.home != home:
                found[many] = before = replace(before, home="")
                home = ""
            if before is None or (one and not before.one):
                found[many] = Message(many, one, f"{place}:{line}", home)
    for path in sorted((SOURCE / "bundled" / "tones" / "core" / "plans").glob("*.toml")):
        name = tomllib.loads(path.read_text("utf-8"))["name"]
        found.setdefault(name, Message(name, "", f"bundled/tones/core/plans/{path.name}:1", "bundled/tones"))
    for path in sorted(
        (*(SOURCE / "core" / "receivers").glob("*.toml"), *(SOURCE / "bundled").glob("*/receivers/*.toml"))
    ):
        place, receiver = path.relative_to(SOURCE).as_posix(), tomllib.loads(path.read_text("utf-8"))
        for text in (receiver["name"], receiver["purpose"]):
            found.setdefault(text, Message(text, "", f"{place}:1", _home(place)))
    return found


def _home(place: str) -> str:
    room, _, rest = place.partition("/")
    return f"bundled/{rest.partition('/')[0]}" if room == "bundled" and "/" in rest else ""


def _of(tree: ast.AST) -> Iterator[tuple[int, str, str]]:
    calls = (node for node in ast.walk(tree) if isinstance(node, ast.Call))
    for call in sorted(calls, key=lambda node: (node.lineno, node.col_offset)):
        name = (
            call.func.id
            if isinstance(call.func, ast.Name)
            else call.func.attr
            if isinstance(call.func, ast.Attribute)
            else ""
        )
        texts = [arg.value for arg in call.args if isinstance(arg, ast.Constant) and isinstance(arg.value, str)]
        if name in ("tr", "phrase") and texts and isinstance(call.args[0], ast.Constant):
            yield call.lineno, texts[0], texts[1] if len(call.args) > 1 and len(texts) > 1 else ""
        elif name in ("command", "Command", "place", "verb") and len(texts) > 1:
            for text in texts[1 : 2 if name in ("place", "verb") else 3]:
                yield call.lineno, text, ""
        elif name in ("option", "group"):
            for expected in (word.value for word in call.keywords if word.arg == "help"):
                if isinstance(expected, ast.Constant) and isinstance(expected.value, str):
                    yield expected.lineno, expected.value, ""
