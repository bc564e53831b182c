"""Broken records of deliveries and stand-ins, answers of services, spreadsheets, states of corpora, messages on a socket and lists of watched folders:
what ``./run fuzz`` does besides sound and jobs. Nothing outside of what each may write to is touched.
"""

from __future__ import annotations

import contextlib
import io
import json
import os
import random
import shutil
import socket
import tempfile
import time
import zipfile
from collections.abc import Callable
from functools import cache
from pathlib import Path
from typing import Any

import numpy as np

from kittiwake.bundled.corpus.core.build import Built, build
from kittiwake.bundled.corpus.core.request import CorpusRequest
from kittiwake.bundled.corpus.core.row import Findings, Row
from kittiwake.bundled.corpus.core.store import NAME as STATE
from kittiwake.bundled.services.core.answers import Store as Answers
from kittiwake.bundled.services.core.answers import error_of, known_answer, reply_of, retry_after
from kittiwake.bundled.standins.core.shelf import Shelf
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.make.delivered import RECORD, all_delivered, copies_in, delivered_in
from kittiwake.core.model import load_receiver
from kittiwake.core.model.service import Service
from kittiwake.core.process import InProcess
from kittiwake.work.deliver.from_folder import items_in
from kittiwake.work.deliver.plan import plan_of
from kittiwake.work.deliver.send import send
from kittiwake.work.desktop.handover import Listener
from kittiwake.work.script.table import read_rows, read_script
from kittiwake.work.standin.machine import StoredSound
from kittiwake.work.watch.request import check_ways, wishes
from tests.fuzz_papers import NAMES, Result, look_at, mangled, odd, twisted
from tests.sounds import speech_like


def _seen(folder: Path) -> dict[Path, bytes]:
    return {path: path.read_bytes() for path in folder.rglob("*") if path.is_file()}


def _three_recordings(folder: Path, rate: int, seconds: float) -> list[Path]:
    import soundfile

    folder.mkdir()
    paths = [folder / f"gate {n}.wav" for n in range(3)]
    for n, path in enumerate(paths):
        soundfile.write(str(path), speech_like(rate, seconds, seed=n), rate, subtype="PCM_16")
    return paths


@cache
def _delivered() -> Path:
    """A folder with three outputs that were handed over, as a run leaves it."""
    from kittiwake.core.batch import BatchRequest, run_batch

    root = Path(tempfile.mkdtemp(prefix="kittiwake-fuzz-whole-"))
    sources = _three_recordings(root / "in", 8000, 0.6)
    receiver = load_receiver("phone-menu")
    list(run_batch(sources, BatchRequest((receiver,), (root / "out",)), InProcess()))
    send(plan_of(items_in(root / "out", receiver), receiver, root / "out", root / "there"))
    return root


def _delivery(folder: Path, dice: random.Random) -> str:
    """A record with lies in it: what is deleted was handed over, and nothing outside is touched."""
    root = folder / "delivery"
    shutil.rmtree(root, ignore_errors=True)
    shutil.copytree(_delivered(), root)
    receiver = load_receiver("phone-menu")
    victim, foreign = root / "victim.wav", root / "there" / "somebody's.wav"
    for one in (victim, foreign):
        one.write_bytes(b"x")
    lines = b""
    entries = [json.loads(line) for line in (root / "out" / RECORD).read_bytes().splitlines()]
    for entry in entries:
        entry["into"] = entry["into"].replace(str(_delivered()), str(root))
        if dice.random() < 0.5:
            entry["name"] = dice.choice((*NAMES, "../victim.wav", str(victim), "somebody's.wav"))
        for _ in range(dice.choice((0, 1, 2))):
            twisted(entry, dice)
        lines += json.dumps(entry).encode("utf-8", "surrogatepass") + b"\n"
    (root / "out" / RECORD).write_bytes(mangled(lines, dice))
    list(all_delivered(root / "out"))
    delivered_in(root / "out")
    copies_in(root / "out")
    for gone in dice.sample(sorted((root / "out").glob("*.wav")), dice.choice((0, 1))):
        gone.unlink()
    try:
        send(plan_of(items_in(root / "out", receiver), receiver, root / "out", root / "there"), take_away=True)
        said = "delivered"
    except KittiwakeError:
        said = "delivery refused"
    if not victim.exists() or foreign.read_bytes() != b"x":
        return "BAD: something that was never handed over is gone"
    if list((root / "there").glob(".kittiwake-*.part")):
        return "BAD: a part file is left"
    return said


def _answers(folder: Path, dice: random.Random) -> str:
    """Kept answers, and what a service may say."""
    path = folder / "answers.jsonl"
    entry = {
        "asked": "a",
        "name": "n",
        "sha256": "0",
        "text": "the quay",
        "confidence": 0.5,
        "words": [["the", 0.0, 0.2]],
        "seconds": 0.1,
        "tries": 1,
    }
    lines = b""
    for _ in range(3):
        one = json.loads(json.dumps(entry))
        for _ in range(dice.choice((0, 1, 2))):
            twisted(one, dice)
        lines += json.dumps(one).encode("utf-8", "surrogatepass") + b"\n"
    path.unlink(missing_ok=True)
    path.write_bytes(mangled(lines, dice))
    kept = Answers(path)
    request: Any = type("Request", (), {"sha256": "0", "sent": "", "sound_seconds": 1.0})()
    if (known := kept.get("a")) is not None:
        answer = known_answer("n", request, known)
        json.dumps(answer.text), json.dumps(answer.confidence, allow_nan=False)
        kept.put("b", answer)
    service = Service(
        url="http://localhost/",
        text="/text",
        confidence="/confidence",
        error="/error",
        words="/words",
        word="/0",
        start="/1",
        end="/2",
        body="{sound}",
    )
    for _ in range(3):
        one = json.loads(json.dumps({**entry, "error": "no"}))
        twisted(one, dice)
        reply = reply_of(one, service)
        json.dumps([reply.text, reply.confidence, reply.words], allow_nan=False).encode()
        error_of(mangled(json.dumps(one).encode("utf-8", "surrogatepass"), dice), service)
        retry_after(str(odd(dice)))
    return "answers read"


@cache
def _sheets() -> tuple[tuple[str, bytes], ...]:
    """Small whole tables in each form."""
    rows = [
        ["name", "text", "speaker"],
        ["gate", "The gate is closed.", "Anna"],
        ["quay", "At the quay, please.", "Ben"],
    ]
    text = "\n".join("\t".join(row) for row in rows)
    cells = "".join(
        f'<row r="{y}">'
        + "".join(f'<c r="{"ABC"[x]}{y}" t="inlineStr"><is><t>{value}</t></is></c>' for x, value in enumerate(row))
        + "</row>"
        for y, row in enumerate(rows, 1)
    )
    kind = "http://schemas.openxmlformats.org/spreadsheetml/2006/main"
    rel = "http://schemas.openxmlformats.org/officeDocument/2006/relationships"
    parts = {
        "[Content_Types].xml": '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/></Types>',
        "_rels/.rels": f'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="{rel}/officeDocument" Target="xl/workbook.xml"/></Relationships>',
        "xl/workbook.xml": f'<workbook xmlns="{kind}" xmlns:r="{rel}"><sheets><sheet name="s" sheetId="1" r:id="r1"/></sheets></workbook>',
        "xl/_rels/workbook.xml.rels": f'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="{rel}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>',
        "xl/worksheets/sheet1.xml": f'<worksheet xmlns="{kind}"><sheetData>{cells}</sheetData></worksheet>',
    }
    return (
        (".tsv", text.encode()),
        (".csv", text.replace("\t", ";").encode()),
        (".txt", b"One line.\nAnother one.\n"),
        (".xlsx", json.dumps(parts).encode()),
    )


def _table(folder: Path, dice: random.Random) -> str:
    ending, data = dice.choice(_sheets())
    path = folder / f"lines{ending}"
    if ending == ".xlsx":
        parts = json.loads(data)
        name = dice.choice(list(parts))
        text = mangled(parts[name].encode(), dice)
        # Numbers of cells and rows are where a sheet lies about its size.
        if dice.random() < 0.4:
            text = text.replace(
                b'r="C3"', dice.choice((b'r="XFD1048576"', b'r="ZZZZ99"', b'r="A0"', b'r="C3" s="99999999"'))
            )
        packed = io.BytesIO()
        with zipfile.ZipFile(packed, "w", zipfile.ZIP_DEFLATED) as archive:
            for one, content in parts.items():
                archive.writestr(one, text if one == name else content)
        data = packed.getvalue() if dice.random() < 0.6 else mangled(packed.getvalue(), dice)
    else:
        data = mangled(data, dice)
        if dice.random() < 0.3:
            data = data.decode("utf-8", "replace").encode(
                dice.choice(("utf-16", "utf-8-sig", "latin-1", "utf-32")), "replace"
            )
    path.write_bytes(data)
    rows = read_rows(path)
    table = read_script(path)
    json.dumps([line.text for line in table.lines]).encode()
    return f"{ending[1:]} read" if rows is not None else "BAD: no rows"


@cache
def _corpus() -> tuple[Path, tuple[Row, ...]]:
    root = Path(tempfile.mkdtemp(prefix="kittiwake-fuzz-corpus-"))
    paths = _three_recordings(root / "in", 16_000, 1.0)
    rows = [Row(path, f"c{n}", f"Line {n}", f"s{n}", "en") for n, path in enumerate(paths)]
    *_, last = build(rows, Findings(), CorpusRequest(load_receiver("corpus")), root / "out", "c", InProcess())
    assert isinstance(last, Built)
    return root, tuple(rows)


def _state(folder: Path, dice: random.Random) -> str:
    """The state of a corpus, broken in its bytes or changed in its values; then the same corpus is built once more."""
    import sqlite3

    whole, rows = _corpus()
    into = folder / "corpus"
    shutil.rmtree(into, ignore_errors=True)
    shutil.copytree(whole / "out", into)
    victim = folder / "victim.wav"
    victim.write_bytes(b"x")
    sources = _seen(whole / "in")
    if dice.random() < 0.6:
        with contextlib.suppress(sqlite3.Error), contextlib.closing(sqlite3.connect(into / STATE)) as base, base:
            tables = [name for (name,) in base.execute("SELECT name FROM sqlite_master WHERE type = 'table'")]
            for _ in range(dice.choice((1, 2, 4))):
                table = dice.choice(tables)
                column = dice.choice([row[1] for row in base.execute(f"PRAGMA table_info({table})")])
                value = odd(dice)
                if isinstance(value, list | dict):
                    value = json.dumps(value)
                if isinstance(value, int) and abs(value) >= 2**63:
                    value = str(value)
                if isinstance(value, str):
                    value = dice.choice((value.encode("utf-8", "replace").decode(), "../victim.wav", str(victim)))
                with contextlib.suppress(sqlite3.Error):
                    base.execute(f"UPDATE {table} SET {column} = ?", (value,))
    else:
        path = into / STATE
        data = bytearray(path.read_bytes())
        for _ in range(dice.choice((1, 3, 30))):
            data[dice.randrange(len(data))] = dice.randrange(256)
        path.write_bytes(bytes(data if dice.random() < 0.7 else data[: dice.randrange(len(data))]))
    try:
        list(build(list(rows), Findings(), CorpusRequest(load_receiver("corpus")), into, "c", InProcess()))
        said = "corpus built"
    except KittiwakeError:
        said = "corpus refused"
    if _seen(whole / "in") != sources or victim.read_bytes() != b"x":
        return "BAD: something outside of the corpus was touched"
    if list(into.rglob("*.part")):
        return "BAD: a part file is left"
    return said


def _message(folder: Path, dice: random.Random) -> str:
    """What a second start may say to a window: with a whole message, a broken one, or one that drips."""
    listener = Listener(folder / "sockets")
    try:
        message = {"paths": ["/tmp/a.wav"], "token": "x"}
        twisted(message, dice)
        data = mangled(json.dumps(message).encode("utf-8", "surrogatepass"), dice) + dice.choice(
            (b"\n", b"\n", b"", b"\n\n")
        )
        with socket.socket(socket.AF_UNIX, socket.SOCK_STREAM) as line:
            line.connect(str(listener.place))
            line.sendall(data[:60_000])
            line.shutdown(socket.SHUT_WR)
            began = time.monotonic()
            handed = listener.take()
            if time.monotonic() - began > 1.5:
                return "BAD: the window stood still"
        if handed is not None and not all(path.is_absolute() for path in handed.paths):
            return "BAD: a path that is not absolute"
        return "message taken" if handed is not None else "message refused"
    finally:
        listener.close()


def _watched(folder: Path, dice: random.Random) -> str:
    """The list of watched folders."""
    path = folder / "watched.toml"
    one = {"path": str(folder / "in"), "receivers": ["phone-menu"], "into": str(folder / "out")}
    folders = [dict(one), {**one, "path": str(folder / "other")}]
    for _ in range(dice.choice((0, 1, 2))):
        twisted(folders, dice)
    text = "".join(
        "[[folder]]\n" + "".join(f"{key} = {json.dumps(value)}\n" for key, value in entry.items())
        if isinstance(entry, dict)
        else f"folder = {json.dumps(entry)}\n"
        for entry in folders
    )
    path.write_bytes(mangled(text.encode("utf-8", "surrogatepass"), dice))
    check_ways(wishes(path))
    return "watched folders read"


def _shelf(folder: Path, dice: random.Random) -> str:
    """What a stand-in kept."""
    box = folder / "box"
    shutil.rmtree(box, ignore_errors=True)
    shelf = Shelf(10_000, 5)

    def hand(name: str, data: bytes) -> bool:
        return shelf.put(StoredSound(name, len(data), 8000, np.zeros(1, np.float32)), data) is None

    for name in ("a", "b"):
        hand(name, name.encode())
    shelf.keep(box)
    entry = json.loads((box / "held.jsonl").read_text())
    for _ in range(dice.choice((0, 1, 3))):
        twisted(entry, dice)
    (box / "held.jsonl").write_bytes(mangled(json.dumps(entry).encode("utf-8", "surrogatepass") + b"\n", dice))
    shelf = Shelf(10_000, 5)
    shelf.restore(box, hand)
    shelf.keep(box)
    return "shelf restored"


KINDS: tuple[Callable[[Path, random.Random], str], ...] = (
    _delivery,
    _answers,
    _table,
    _state,
    _message,
    _watched,
    _shelf,
)


def look(numbers: list[int]) -> list[Result]:
    """In a worker: number, seconds, MB that the process has grown by, and what came of it."""
    for work in (_delivered, _corpus):
        work()  # once a worker, and no part of what is timed
    with tempfile.TemporaryDirectory(prefix="kittiwake-fuzz-state-") as state:
        os.environ["XDG_STATE_HOME"] = state
        return look_at(numbers, KINDS)
