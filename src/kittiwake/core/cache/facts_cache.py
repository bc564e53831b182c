"""Facts that were found once, kept on disk by the content of the file: the same recording is not looked at twice, wherever it lies."""

from __future__ import annotations

import contextlib
import json
import os
import sqlite3
import time
import zlib
from collections.abc import Iterator
from dataclasses import asdict, replace
from functools import cache
from hashlib import blake2b
from pathlib import Path
from typing import Any

import numpy as np
from platformdirs import user_cache_path

from ...version import __version__
from ...words import folded, unfolded
from ..disk.private import private_folder
from ..intake.digest import source_digest
from ..measure.analyze import source_stamp
from ..model import Facts, Header, Note, Stated
from ..model.facts import Measures, SignalLevel

_LAYOUT = 7  # to be raised with every change to what is measured, or to how it is written here
_MOST = 1 << 30  # bytes of facts; the longest unused go first
_LARGEST = 16 << 20  # bytes of the facts of one file, unpacked; an outline and a spectrum are some 40 kB
_SEAL = 16  # bytes
_WAIT = 2.0  # s for another process that writes; a lot is written in milliseconds
_REST = 60.0  # s without the cache once waiting was in vain
_TABLES = """
    CREATE TABLE IF NOT EXISTS seen (path BLOB PRIMARY KEY, stamp TEXT, digest TEXT);
    CREATE TABLE IF NOT EXISTS facts (key TEXT PRIMARY KEY, used REAL, bytes INTEGER, packed BLOB);
"""


class FactsCache:
    """A cache: whatever goes wrong with it costs time only, and it may be deleted whenever nothing runs.

    Parameters
    ----------
    folder : default ``kittiwake`` in the user's cache folder.
    """

    def __init__(self, folder: Path | None = None) -> None:
        self.folder = folder or user_cache_path("kittiwake")
        self._base: sqlite3.Connection | None = None
        self._process = 0
        self._rests_until = 0.0

    @contextlib.contextmanager
    def _open(self) -> Iterator[sqlite3.Connection]:
        """The database; one that is damaged is begun anew for the next who asks, and where another holds it nobody waits again for a while.

        Raises
        ------
        sqlite3.Error, OSError
        """
        if time.monotonic() < self._rests_until:
            raise sqlite3.OperationalError("it was locked a moment ago")
        try:
            yield from self._opened()
        except sqlite3.OperationalError as error:
            if "locked" in str(error):
                self._rests_until = time.monotonic() + _REST
            raise
        except sqlite3.DatabaseError as error:
            if type(error) is sqlite3.DatabaseError:  # not a kind of it: “malformed”, “not a database”
                self._begin_anew()
            raise

    def _begin_anew(self) -> None:
        if self._base is not None:
            self._base.close()
            self._base = None
        for name in ("facts.sqlite", "facts.sqlite-wal", "facts.sqlite-shm"):
            with contextlib.suppress(OSError):
                (self.folder / name).unlink(missing_ok=True)

    def _opened(self) -> Iterator[sqlite3.Connection]:
        if self._base is None or self._process != os.getpid():
            private_folder(self.folder)
            self._base = sqlite3.connect(self.folder / "facts.sqlite", timeout=_WAIT, check_same_thread=False)
            self._process = os.getpid()
            self._base.execute("PRAGMA journal_mode=WAL")
            self._base.execute("PRAGMA synchronous=OFF")
            self._base.executescript(_TABLES)
        with self._base:
            yield self._base

    def clear(self) -> None:
        """Forget everything."""
        with contextlib.suppress(sqlite3.Error, OSError):
            with self._open() as base:
                base.execute("DELETE FROM facts")
                base.execute("DELETE FROM seen")
            assert self._base is not None
            self._base.execute("VACUUM")
            self._base.execute("PRAGMA wal_checkpoint(TRUNCATE)")

    def facts(self, path: Path, stated: Stated | None = None) -> Facts | None:
        """What is known of a file already; None where that is nothing.

        A file that was not seen yet is read for its digest only if anything of its size is known.
        """
        stamp = source_stamp(path)
        if not stamp:
            return None
        try:
            with self._open() as base:
                row = base.execute("SELECT stamp, digest FROM seen WHERE path = ?", (os.fsencode(path),)).fetchone()
                if row and row[0] == _mark(path, stamp, row[1]):
                    digest = row[1]
                else:
                    size = stamp.partition(":")[0]
                    like = base.execute("SELECT 1 FROM seen WHERE stamp LIKE ? LIMIT 1", (f"{size}:%",)).fetchone()
                    if not like:
                        return None
                    digest = source_digest(path)
                key = _key(digest, path, stated)
                found = base.execute("SELECT packed FROM facts WHERE key = ?", (key,)).fetchone()
                if not found:
                    return None
                facts = unpacked_facts(_unsealed(found[0], key), path, stated)
                base.execute("UPDATE facts SET used = ? WHERE key = ?", (time.time(), key))
                base.execute(
                    "INSERT OR REPLACE INTO seen VALUES (?, ?, ?)",
                    (os.fsencode(path), _mark(path, stamp, digest), digest),
                )
        except (sqlite3.Error, OSError, ValueError, TypeError, LookupError, zlib.error):
            return None
        return replace(facts, stamp=stamp, digest=digest)

    def last_seen(self, path: Path) -> tuple[int, str] | None:
        """Bytes and digest of a file as it was seen last, whether it is still there or not; None where it was not."""
        try:
            with self._open() as base:
                row = base.execute("SELECT stamp, digest FROM seen WHERE path = ?", (os.fsencode(path),)).fetchone()
                return (int(row[0].partition(":")[0]), str(row[1])) if row else None
        except (sqlite3.Error, OSError, ValueError):
            return None

    def keep(self, facts: Facts) -> None:
        """Keep what was found of a file, if it could be read, or a way to read it was found, and it has not changed meanwhile. ``facts.digest`` and
        ``facts.stamp`` have to be set.
        """
        if not is_kept(facts) or not facts.digest or not facts.stamp or source_stamp(facts.path) != facts.stamp:
            return
        key = _key(facts.digest, facts.path, facts.stated)
        packed = _sealed(packed_facts(facts), key)
        with contextlib.suppress(sqlite3.Error, OSError), self._open() as base:
            seen = (os.fsencode(facts.path), _mark(facts.path, facts.stamp, facts.digest), facts.digest)
            base.execute("INSERT OR REPLACE INTO seen VALUES (?, ?, ?)", seen)
            base.execute("INSERT OR REPLACE INTO facts VALUES (?, ?, ?, ?)", (key, time.time(), len(packed), packed))

    def peaks(self, digest: str, stated: Stated | None = None) -> Path:
        """Where the outline of a long sound is kept, or would be."""
        name = f"{digest}-{stated}" if stated else digest
        return self.folder / "outlines" / f"{name}.peaks"

    def scratch(self) -> Path:
        """A name for an outline that is still being written."""
        return self.folder / "outlines" / f".{os.getpid()}-{time.monotonic_ns()}.part"

    def tidy(self) -> None:
        """Forget what was not used for longest, if there is too much, and outlines that nobody finished."""
        with contextlib.suppress(sqlite3.Error, OSError), self._open() as base:
            total = base.execute("SELECT COALESCE(SUM(bytes), 0) FROM facts").fetchone()[0]
            if total > _MOST:
                oldest = base.execute("SELECT key, bytes FROM facts ORDER BY used").fetchall()
                gone = []
                for key, size in oldest:
                    if total <= _MOST * 0.8:
                        break
                    gone.append((key,))
                    total -= size
                base.executemany("DELETE FROM facts WHERE key = ?", gone)
                base.execute("DELETE FROM seen WHERE digest NOT IN (SELECT substr(key, 1, 64) FROM facts)")
        with contextlib.suppress(OSError):
            outlines = [(entry.stat(), entry) for entry in (self.folder / "outlines").iterdir()]
            total = sum(found.st_size for found, _ in outlines)
            for found, entry in sorted(outlines, key=lambda pair: pair[0].st_mtime):
                unfinished = entry.suffix == ".part" and time.time() - found.st_mtime > 86_400
                if total > _MOST or unfinished:
                    entry.unlink()
                    total -= found.st_size


@cache
def versions() -> str:
    """What of this program and its libraries facts depend on."""
    from importlib.metadata import version

    return f"{_LAYOUT} {__version__} {version('numpy')} {version('soundfile')} {version('av')}"


def _seal(packed: bytes, key: str) -> bytes:
    return blake2b(key.encode(errors="surrogateescape") + packed, digest_size=_SEAL).digest()


def _mark(path: Path, stamp: str, digest: str) -> str:
    """A stamp as it is kept beside its path and its digest, sealed in the same way."""
    return f"{stamp} {_seal(os.fsencode(path), f'{stamp} {digest}').hex()}"


def _sealed(packed: bytes, key: str) -> bytes:
    """With a checksum over them and what they are facts of: values that were changed by hand, or put under another file, are not believed."""
    return _seal(packed, key) + packed


def _unsealed(kept: bytes, key: str) -> bytes:
    if kept[:_SEAL] != _seal(kept[_SEAL:], key):
        raise ValueError("not as they were kept")
    return kept[_SEAL:]


def _key(digest: str, path: Path, stated: Stated | None) -> str:
    """What facts depend on; the digest first."""
    return f"{digest} {path.suffix.lower()} {stated or ''} {versions()}"


def _packed(note: Note) -> list[Any]:
    return [note.code, folded(note.message), folded(note.remedy)]


def _note(packed: Any) -> Note:
    if isinstance(packed, dict):  # in the store of a corpus of before
        return Note(**packed)
    code, message, remedy = packed
    return Note(code, unfolded(message), unfolded(remedy))


def is_kept(facts: Facts) -> bool:
    """Whether these cost time: those of a file that could be read, or of one without a header for which a way to read it was sought."""
    return facts.ok or facts.suggested is not None


def packed_facts(facts: Facts) -> bytes:
    """Facts that ``is_kept`` is true of, as bytes."""
    if facts.suggested is not None:
        assert facts.error is not None
        way = facts.suggested
        return _bytes_of({"error": _packed(facts.error), "suggested": str(way)})
    assert facts.header is not None and facts.measures is not None
    sound = facts.measures
    measures: dict[str, Any] = {
        name: getattr(sound, name) for name in Measures.__slots__ if name not in ("overview", "spectrum", "levels")
    }
    plain = {
        "header": {**asdict(facts.header), "notes": [_packed(note) for note in facts.header.notes]},
        "measures": measures,
        "levels": {name: asdict(level) for name, level in sound.levels.items()},
        "notes": [_packed(note) for note in facts.notes],
        "parts": len(sound.overview),
    }
    return _bytes_of(plain, sound.overview.astype("<f4").tobytes() + sound.spectrum.astype("<f4").tobytes())


def _bytes_of(plain: dict[str, Any], arrays: bytes = b"") -> bytes:
    text = json.dumps(plain).encode()
    return zlib.compress(len(text).to_bytes(4, "little") + text + arrays, 1)


def unpacked_facts(packed: bytes, path: Path, stated: Stated | None) -> Facts:
    """``packed_facts`` again.

    Raises
    ------
    ValueError, TypeError, LookupError, zlib.error : they are none.
    """
    unpacking = zlib.decompressobj()
    whole = unpacking.decompress(packed, _LARGEST)
    if not unpacking.eof:
        raise ValueError("larger than facts are, or cut off")
    length = int.from_bytes(whole[:4], "little")
    plain = json.loads(whole[4 : 4 + length])
    if "suggested" in plain:
        return Facts(path, error=_note(plain["error"]), suggested=Stated.parse(plain["suggested"]))
    arrays = np.frombuffer(whole, "<f4", offset=4 + length).astype(np.float32)
    count = 2 * plain["parts"]
    header = plain["header"]
    header["notes"] = tuple(_note(note) for note in header["notes"])
    header["speakers"] = tuple(header["speakers"])
    measures = plain["measures"]
    for name in ("dc_offsets", "side_bands"):
        measures[name] = tuple(measures[name])
    sound = Measures(
        levels={name: SignalLevel(**level) for name, level in plain["levels"].items()},
        overview=arrays[:count].reshape(-1, 2),
        spectrum=arrays[count:],
        **measures,
    )
    notes = tuple(_note(note) for note in plain["notes"])
    return Facts(path, Header(**header), sound, notes, stated=stated)
