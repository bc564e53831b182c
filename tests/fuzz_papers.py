"""Broken jobs, ledgers and receivers, and names that want out of their folder: what ``./run fuzz`` does besides sound."""

from __future__ import annotations

import contextlib
import copy
import json
import os
import random
import resource
import tempfile
import time
from collections.abc import Callable, Sequence
from pathlib import Path
from typing import Any

from kittiwake.core.errors import KittiwakeError
from kittiwake.core.fit import check_receiver, output_name
from kittiwake.core.fit.names import bare_name, numbered
from kittiwake.core.make.ledger import Ledger
from kittiwake.core.make.ledger_place import LEDGER
from kittiwake.core.make.status import explain, forget_deleted, output_statuses, remove_orphans
from kittiwake.core.model import Clip, load_receiver, shipped_receivers
from kittiwake.core.model.job import load_job, save_job
from kittiwake.core.model.name_rules import Names
from kittiwake.core.model.receiver_file import to_toml

Result = tuple[int, float, float, str]

_ODD: tuple[Any, ...] = (
    None, True, -1, 0, 1, 2**40, 2**70, 1.5, float("nan"), float("inf"), "", "x", "../x", "/etc/x", "a\0b", "\ud800", "\udce9", "~nobody-here/x",
    "{name}", "{0}", "%s", "\u202e", "x" * 5000, [], [[]], {}, {"x": 1}, [1, 2], "5", "phone-menu", "auto",
)  # fmt: skip
NAMES = (
    "../../x", "/etc/passwd", "..", ".", ".x", "a/b", "a\\b", "a\0b", "a\nb", "\u202egnp", "日本語", "مرحبا", "हिन्दी", "x" * 400, "é", "e\u0301", "ß", "",
    " ", "CON", "a.b.", "-rf", "~", "$(x)", "%00", "\udcff", "clip", "a_2", "😀" * 80,
)  # fmt: skip


def _whole_job() -> dict[str, Any]:
    span = {"id": "b", "start": 5, "stop": 50, "name": "s", "held": ["start"], "by_hand": True}
    touch = {
        "true_rate": 48000,
        "side": "left",
        "gain_db": 1.0,
        "skip": 1,
        "keep": 9,
        "without": [[1, 5]],
        "accepted": ["clipped"],
        "speed": 1.1,
    }
    return {
        "kittiwake": 1, "name": "J", "output": "out", "receivers": ["phone-menu", "buoy"],
        "own_receivers": [shipped_receivers()["phone-menu"].changed(slug="buoy").to_data()],
        "sources": [{"path": "a.wav", "stated": "ulaw@8000"}, {"path": "b.wav", "cut": {"spans": [span], "lines": [["n", "t"]], "settings": {"pause": 0.5}}}],
        "clips": [{"id": "a", "name": "a", "source": 0, "touch_up": touch, "at": {"phone-menu": touch}}, {"id": "b", "name": "s", "source": 1, "start": 5, "stop": 50}],
        "made": [{"clip": "a", "receiver": "phone-menu", "output": "/o", "sha256": "0", "bytes": 1, "fingerprint": "f", "stamp": "s"}],
    }  # fmt: skip


def _entry() -> dict[str, Any]:
    return {
        "output": "x.wav", "sha256": "00", "bytes": 1, "source": "/gone/x.wav", "clip": "x", "receiver": "phone-menu", "fingerprint": "f",
        "stamp": "1:1", "source_digest": "d", "order": "o", "output_stamp": "1:1", "versions": "v", "path": ["a (b)"], "seconds": 1.0,
        "gain_db": 0.5, "level_dbov": -26.0, "time": "2026-01-01T00:00:00+00:00",
    }  # fmt: skip


def odd(dice: random.Random) -> Any:
    """A value that is not meant; each time one of its own."""
    return copy.deepcopy(dice.choice(_ODD))


def twisted(data: Any, dice: random.Random) -> Any:
    """Plain data with a value somewhere in it put wrong."""
    place = data
    while True:
        keys = list(place) if isinstance(place, dict) else list(range(len(place)))
        if not keys:
            return data
        key = dice.choice(keys)
        inner = place[key]
        if isinstance(inner, dict | list) and inner and dice.random() < 0.8:
            place = inner
            continue
        kind = dice.randrange(4)
        if kind == 0 and isinstance(place, dict):
            del place[key]
        elif kind == 1 and isinstance(place, dict):
            place[dice.choice(("x", "output", "start", "name", "../x"))] = odd(dice)
        elif kind == 2 and isinstance(place, list):
            place.append(odd(dice))
        else:
            place[key] = odd(dice)
        return data


def mangled(text: bytes, dice: random.Random) -> bytes:
    """Now and then the bytes are broken too."""
    data = bytearray(text)
    for _ in range(dice.choice((0, 0, 0, 1, 2, 5))):
        place = dice.randrange(max(1, len(data)))
        kind = dice.randrange(5)
        if kind == 0 and data:
            data[place] = dice.randrange(256)
        elif kind == 1:
            del data[place : place + dice.choice((1, 10, 1000))]
        elif kind == 2:
            data[place:place] = dice.choice((b"[" * 4000, b"{", b"\0", b"\xff\xfe", b'"', b"\n", b"9" * 400))
        elif kind == 3:
            data = data[:place]
        else:
            data[place:place] = data[place : place + 50] * dice.choice((1, 20))
    return bytes(data)


def broken_job(dice: random.Random) -> bytes:
    data = _whole_job()
    for _ in range(dice.choice((0, 1, 1, 2, 4))):
        twisted(data, dice)
    return mangled(json.dumps(data).encode("utf-8", "surrogatepass"), dice)


def _job(folder: Path, dice: random.Random) -> str:
    path = folder / "j.kittiwake"
    path.write_bytes(broken_job(dice))
    job = load_job(path)
    save_job(job, path)
    if load_job(path).clips != job.clips:
        return "BAD: another job after saving it"
    return "job read"


def _ledger(folder: Path, dice: random.Random) -> str:
    out = folder / "out"
    out.mkdir(exist_ok=True)
    victim = folder / "victim.wav"
    victim.write_bytes(b"x")
    lines = b""
    for _ in range(dice.randrange(1, 6)):
        entry = _entry()
        if dice.random() < 0.5:
            entry["output"] = dice.choice((*NAMES, "../victim.wav", str(victim)))
        for _ in range(dice.choice((0, 1, 2))):
            twisted(entry, dice)
        lines += json.dumps(entry).encode("utf-8", "surrogatepass") + b"\n"
    (out / LEDGER).unlink(missing_ok=True)
    (out / LEDGER).write_bytes(mangled(lines, dice))
    before = {path: path.read_bytes() for path in folder.iterdir() if path.is_file()}
    list(output_statuses(out, verify=dice.random() < 0.5))
    len(Ledger(out))
    remove_orphans(out)
    forget_deleted(out)
    with contextlib.suppress(KittiwakeError):
        explain(out / "x.wav")
    if {path: path.read_bytes() for path in folder.iterdir() if path.is_file()} != before:
        return "BAD: something outside the folder changed"
    return "ledger read"


def _receiver(folder: Path, dice: random.Random) -> str:
    text = to_toml(dice.choice(list(shipped_receivers().values())))
    if dice.random() < 0.7:
        lines = text.splitlines()
        at = dice.randrange(len(lines))
        key = lines[at].partition("=")[0].strip() or "x"
        value = odd(dice)
        shown = "nan" if value is None else json.dumps(value) if not isinstance(value, float) else str(value)
        lines[at] = f"{key} = {shown}"
        text = "\n".join(lines)
    path = folder / "r.toml"
    path.write_bytes(mangled(text.encode("utf-8", "surrogatepass"), dice))
    receiver = load_receiver(path)
    check_receiver(receiver)
    return _stays(receiver.rules.names, dice) or "receiver read"


def _names(folder: Path, dice: random.Random) -> str:
    allowed = dice.choice(
        (
            r"\w-",
            "A-Za-z0-9_-",
            "^ ",
            r"\S",
            r"\w\W",
            "!-~",
            "^a-z",
            "A-Z",
            ".a",
            "a/",
            "a]|[b",
            r"\d",
            "\0x",
            "あ-ん",
            "-",
        )
    )
    try:
        rules = Names(
            allowed=allowed,
            pattern=dice.choice(
                (
                    "{name}",
                    "{counter:03}_{name}",
                    "{speaker}{name}",
                    "../{name}",
                    "{name:>300}",
                    "{id}",
                    "{kind}.{name}",
                )
            ),
            replace_with=dice.choice(("_", "", "-", ".", "/", "x")),
            case=dice.choice(("keep", "lower", "upper")),
            max_length=dice.choice((1, 2, 8, 64, 200)),
        )
    except ValueError:
        return "rules refused"
    return _stays(rules, dice) or "names kept in"


def _stays(rules: Names, dice: random.Random) -> str:
    """What is wrong with the names that come of rules; empty where nothing is."""
    folder = Path("/out")
    clip = Clip(
        Path("/in/x.wav"),
        dice.choice(NAMES) + dice.choice(NAMES),
        speaker=dice.choice(NAMES),
        kind=dice.choice(NAMES),
    )
    name = output_name(clip, dice.choice((1, 7, 99_999)), rules)
    for one in (name, numbered(name, dice.choice((2, 1000)), rules)):
        path = folder / bare_name(f"{one}.wav")
        if path.parent != folder or os.path.normpath(path) != str(path):
            return f"BAD: {one!r} leaves its folder"
        if len(os.fsencode(path.name.encode("utf-8", "replace").decode())) > 255:
            return f"BAD: {one!r} is too long for a disk"
    if not rules.is_legal(name):
        return f"BAD: {name!r} is not legal by its own rules"
    return ""


KINDS: tuple[Callable[[Path, random.Random], str], ...] = (_job, _ledger, _receiver, _names)


def most_memory() -> float:
    """The most that this process ever had, MB."""
    return resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024


def look(numbers: list[int]) -> list[Result]:
    """In a worker: number, seconds, MB that the process has grown by, and what came of it."""
    return look_at(numbers, KINDS)


def look_at(numbers: list[int], kinds: Sequence[Callable[[Path, random.Random], str]]) -> list[Result]:
    """The same, of any kinds: each number is of one of them."""
    out = []
    with tempfile.TemporaryDirectory(prefix="kittiwake-fuzz-") as name:
        for number in numbers:
            dice = random.Random(number)
            work = kinds[number % len(kinds)]
            before, began = most_memory(), time.perf_counter()
            try:
                said = work(Path(name), dice)
            except KittiwakeError as error:
                said = f"{work.__name__[1:]} refused" if len(str(error)) > 20 else f"BAD: no sentence: {error}"
            except BaseException as error:
                said = f"BAD: {type(error).__name__}: {error} in {work.__name__}"
            taken = time.perf_counter() - began
            out.append((number, taken, most_memory() - before, said))
    return out


def look_in_window(numbers: list[int]) -> list[Result]:
    """In a worker that has a window: each job is opened there and drawn."""
    import sys

    os.environ["QT_QPA_PLATFORM"] = "offscreen"
    from PySide6.QtCore import qInstallMessageHandler

    from kittiwake.ui.shell.start import make_app
    from kittiwake.ui.shell.window import Window

    app = make_app()
    wrong: list[str] = []
    qInstallMessageHandler(
        lambda kind, context, text: None if "propagateSize" in text else wrong.append(f"Qt: {text}")
    )
    sys.excepthook = lambda kind, error, trace: wrong.append(f"{kind.__name__}: {error}")
    window = Window()
    window.show()
    out = []
    with tempfile.TemporaryDirectory(prefix="kittiwake-fuzz-") as name:
        for number in numbers:
            wrong.clear()
            path = Path(name) / "j.kittiwake"
            path.write_bytes(broken_job(random.Random(number)))
            before, began = most_memory(), time.perf_counter()
            try:
                window.session.project.history.mark_clean()
                opened = window.open_job(path)
                for clip in window.session.project.job.clips[:1]:
                    window.board.select(clip.id)
                app.processEvents()
                window.grab()
                said = "job opened" if opened else "job refused"
            except Exception as error:
                wrong.append(f"{type(error).__name__}: {error}")
            grown = most_memory() - before
            out.append((number, time.perf_counter() - began, grown, f"BAD: {wrong[0]}" if wrong else said))
    window.shut_down()
    return out
