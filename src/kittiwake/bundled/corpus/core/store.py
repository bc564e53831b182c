"""The state of a corpus in one file (SQLite) beside its outputs: so that a run goes on where another stopped, and memory stays flat."""

from __future__ import annotations

import contextlib
import json
import sqlite3
from collections.abc import Iterable, Iterator, Sequence
from contextlib import contextmanager
from dataclasses import astuple
from itertools import groupby
from pathlib import Path
from typing import Any

from ....core.cache.facts_cache import packed_facts
from ....core.disk.journal import Journal
from ....core.errors import KittiwakeError, reason_of
from ....core.model import Facts
from ....plain_data import dataclass
from ....words import phrase
from .likeness import Likeness
from .quality import Quality
from .row import Row
from .stored_values import (
    DIGEST,
    KINDS,
    KINDS_OF_ENTRY,
    clip_of,
    facts_of,
    path_of,
    stated_of,
    stored_path,
    traits_of,
)
from .to_measure import ToMeasure, to_measure

NAME = ".kittiwake-corpus.sqlite"
_LAYOUT = "3"
_TABLES = """
    CREATE TABLE IF NOT EXISTS about (key TEXT PRIMARY KEY, value TEXT);
    CREATE TABLE IF NOT EXISTS clips (
        id TEXT PRIMARY KEY, path TEXT, clip TEXT, stated TEXT, text TEXT, heard TEXT, speaker TEXT, language TEXT, traits TEXT, run INTEGER,
        stamp TEXT, quality TEXT, likeness BLOB, facts BLOB, seconds REAL,
        dropped TEXT DEFAULT '', flags TEXT DEFAULT '', double_of TEXT DEFAULT '',
        output TEXT, output_stamp TEXT, sha256 TEXT, bytes INTEGER, made_seconds REAL, asked TEXT
    ) WITHOUT ROWID;
    CREATE TABLE IF NOT EXISTS files (name TEXT PRIMARY KEY, sha256 TEXT) WITHOUT ROWID;
    CREATE TABLE IF NOT EXISTS outputs (output TEXT PRIMARY KEY, sha256 TEXT) WITHOUT ROWID;
    CREATE TABLE IF NOT EXISTS sides (speaker TEXT PRIMARY KEY, side TEXT) WITHOUT ROWID;
"""
_LOCK = ".kittiwake-corpus.lock"
_REMEDY = phrase(
    "Move it away, and give splits.csv of this folder with --splits: it is made anew, and every speaker stays on the same side."
)
_LOT = 500
_COLUMNS = "id, path, clip, stated, text, heard, speaker, language, traits, quality, dropped, flags, double_of, output, output_stamp, sha256, bytes, made_seconds, asked"


@dataclass(frozen=True, slots=True)
class Measured:
    """What was found of a clip, as it is kept. ``stamp``: of its file, before it was read."""

    id: str
    stamp: str
    quality: str
    likeness: bytes | None
    facts: bytes | None
    seconds: float

    @staticmethod
    def packed(facts: Facts) -> bytes | None:
        """Facts as they are kept, behind their digest."""
        return facts.digest.ljust(DIGEST).encode("ascii") + packed_facts(facts) if facts.ok else None


@dataclass(frozen=True, slots=True)
class Made:
    """An output: its path below the corpus, size and time, digest, and a digest of what was asked for."""

    output: str
    stamp: str
    sha256: str
    bytes: int
    seconds: float
    asked: str


@dataclass(frozen=True, slots=True)
class Entry:
    """A clip as it is known. ``dropped``: why it is left out; ``flags``: what else is to be minded; ``double_of``: id of the clip that it repeats."""

    row: Row
    quality: Quality | None
    dropped: str
    flags: tuple[str, ...]
    double_of: str
    made: Made | None = None
    facts: Facts | None = None


class Store:
    """Raises
    ------
    KittiwakeError : the file cannot be used.
    """

    def __init__(self, folder: Path) -> None:
        self.path = folder / NAME
        try:
            folder.mkdir(parents=True, exist_ok=True)
            self._base = sqlite3.connect(self.path, timeout=10)
            self._base.executescript(_TABLES)
            layout = self._base.execute("SELECT value FROM about WHERE key = 'layout'").fetchone()
        except (sqlite3.Error, OSError, UnicodeDecodeError) as error:  # what is wrong may be said in no UTF-8
            raise KittiwakeError(
                phrase("{path} cannot be used: {error}.", path=self.path, error=error),
                _REMEDY,
                "store",
            ) from error
        if layout is not None and layout[0] != _LAYOUT:
            raise KittiwakeError(
                phrase("{path} is of another version.", path=self.path),
                _REMEDY,
                "store",
            )
        self._base.execute("PRAGMA synchronous=OFF")
        self._base.execute("PRAGMA cache_size=-16000")
        with self._base:
            self._base.execute("INSERT OR IGNORE INTO about VALUES ('layout', ?)", (_LAYOUT,))
        self._run = next((run or 0 for (run,) in self._asked("I", "SELECT MAX(run) FROM clips")), 0)
        self._show_current()

    def _asked(self, kinds: str, query: str, values: Sequence[object] = ()) -> Iterator[tuple[Any, ...]]:
        """Rows of an answer, whose values are each of its kind (``KINDS``; in capitals where there may be none): the file may have been damaged, or
        changed by others.

        Raises
        ------
        sqlite3.DatabaseError
        """
        try:
            for row in self._base.execute(query, tuple(values)):
                for value, kind in zip(row, kinds, strict=False):
                    if not (kind.isupper() if value is None else KINDS[kind.lower()](value)):
                        raise sqlite3.DatabaseError("it holds what was never written there")
                yield row
        except UnicodeDecodeError as error:
            raise sqlite3.DatabaseError("it is damaged") from error

    def _show_current(self) -> None:
        """``current``: the clips of this run. Those of runs before stay until what was made of them is taken away."""
        self._base.execute("DROP VIEW IF EXISTS temp.current")
        self._base.execute(f"CREATE TEMP VIEW current AS SELECT * FROM clips WHERE run = {self._run}")

    def close(self) -> None:
        with contextlib.suppress(sqlite3.Error):
            self._base.commit()
        self._base.close()

    @contextmanager
    def changes(self) -> Iterator[sqlite3.Connection]:
        """Changes that are kept together."""
        with self._base:
            yield self._base

    def take(self, rows: Iterable[Row]) -> int:
        """The rows of this run; what was measured of clips that are the same stays, and so do those of runs before, until ``forget_gone``. Returns
        how many there are.
        """
        self._run += 1
        count = 0
        with self._base:
            for row in rows:
                count += 1
                self._base.execute(
                    """INSERT INTO clips (id, path, clip, stated, text, heard, speaker, language, traits, run) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                       ON CONFLICT (id) DO UPDATE SET text = excluded.text, heard = excluded.heard, speaker = excluded.speaker, language = excluded.language,
                       traits = excluded.traits, run = excluded.run, path = excluded.path, clip = excluded.clip, stated = excluded.stated,
                       stamp = CASE WHEN path = excluded.path AND clip = excluded.clip AND stated = excluded.stated THEN stamp END""",
                    (row.id, stored_path(row.path), json.dumps(row.clip.to_dict(), sort_keys=True) if row.clip else "", str(row.stated or ""), row.text, row.heard, row.speaker, row.language, json.dumps(dict(row.traits), sort_keys=True), self._run),
                )  # fmt: skip
        self._show_current()
        return count

    def gone(self) -> Iterator[Path]:
        """Sources of clips of runs before that are none any more."""
        for (path,) in self._asked(
            "p", "SELECT DISTINCT path FROM clips WHERE run IS NOT ? ORDER BY path", (self._run,)
        ):
            yield path_of(path)

    def forget_gone(self) -> None:
        """Clips of runs before are none any more."""
        with self._base:
            self._base.execute("DELETE FROM clips WHERE run IS NOT ?", (self._run,))

    def traits(self) -> set[str]:
        """Names of all that is told of clips beside text, speaker and language."""
        found: set[str] = set()
        for (traits,) in self._asked("t", "SELECT DISTINCT traits FROM current"):
            found |= traits_of(traits).keys()
        return found

    def languages(self) -> list[tuple[str, int, float]]:
        """Each language with the number of its speakers, and the seconds in it that are kept."""
        query = "SELECT language, COUNT(DISTINCT speaker), SUM(COALESCE(seconds, 0)) FROM current WHERE dropped = '' GROUP BY language ORDER BY language"
        return [(language, speakers, seconds) for language, speakers, seconds in self._asked("tir", query)]

    def unmeasured(self) -> Iterator[tuple[ToMeasure, str]]:
        """Each clip by id, with the stamp of when it was measured."""
        last = ""
        query = "SELECT id, path, clip, stated, COALESCE(stamp, '') FROM current WHERE id > ? ORDER BY id LIMIT ?"
        while page := list(self._asked("tpttt", query, (last, _LOT))):
            for own, path, clip, stated, stamp in page:
                try:
                    row = Row(path_of(path), own, clip=clip_of(clip, path), stated=stated_of(stated))
                except (ValueError, TypeError, KeyError, AttributeError, KittiwakeError) as error:
                    raise sqlite3.DatabaseError(f"what it tells of “{own}” cannot be read") from error
                yield to_measure(row), stamp
            last = page[-1][0]

    def put_measured(self, found: Iterable[Measured]) -> None:
        """What was measured of some clips."""
        with self._base:
            self._base.executemany(
                "UPDATE clips SET stamp = ?, quality = ?, likeness = ?, facts = ?, seconds = ? WHERE id = ?",
                [(one.stamp, one.quality, one.likeness, one.facts, one.seconds, one.id) for one in found],
            )

    def likenesses(self) -> Iterator[tuple[str, Likeness | None]]:
        """By id."""
        for own, blob in self._asked("tB", "SELECT id, likeness FROM current ORDER BY id"):
            try:
                found = Likeness.unpacked(blob) if blob else None
            except (ValueError, MemoryError) as error:
                raise sqlite3.DatabaseError(f"what “{own}” is like cannot be read") from error
            yield own, found

    def entries(self, *, kept: bool = False, facts: bool = False, side: str | None = None) -> Iterator[Entry]:
        """All clips by id, or only those that are not dropped, or whose speaker is on a side. The store may be changed meanwhile."""
        last = ""
        tables = "current" + (" JOIN sides USING (speaker)" if side is not None else "")
        where = (" AND dropped = ''" if kept else "") + (" AND side = ?" if side is not None else "")
        more = () if side is None else (side,)
        query = f"SELECT {_COLUMNS}{', facts, stamp' if facts else ''} FROM {tables} WHERE id > ?{where} ORDER BY id LIMIT {_LOT}"
        while page := list(self._asked(KINDS_OF_ENTRY, query, (last, *more))):
            for (
                own,
                path,
                clip,
                stated,
                text,
                heard,
                who,
                language,
                traits,
                quality,
                dropped,
                flags,
                double_of,
                *rest,
            ) in page:
                try:
                    if rest[0] and None in rest[:6]:
                        raise ValueError("half an output")
                    pairs = tuple(sorted(traits_of(traits).items()))
                    row = Row(
                        path_of(path), own, text, who, language, pairs, clip_of(clip, path), stated_of(stated), heard
                    )
                    yield Entry(
                        row,
                        Quality.from_dict(json.loads(quality)).with_text(text, heard, language) if quality else None,
                        dropped,
                        tuple(filter(None, flags.split("\n"))),
                        double_of,
                        Made(*rest[:6]) if rest[0] else None,
                        facts_of(rest[6], row, rest[7]) if facts else None,
                    )
                except (ValueError, TypeError, KeyError, AttributeError, KittiwakeError) as error:
                    raise sqlite3.DatabaseError(f"what it tells of “{own}” cannot be read") from error
            last = page[-1][0]

    def count(self, side: str) -> int:
        """Clips of a side that are kept."""
        found = self._base.execute(
            "SELECT COUNT(*) FROM current JOIN sides USING (speaker) WHERE dropped = '' AND side = ?", (side,)
        )
        return int(found.fetchone()[0])

    def put_verdicts(self, found: Iterable[tuple[str, str, str]]) -> None:
        """Why clips are dropped, and their flags, by id."""
        with self._base:
            self._base.executemany(
                "UPDATE clips SET dropped = ?, flags = ? WHERE id = ?", [(d, f, own) for own, d, f in found]
            )

    def put_doubles(self, found: Iterable[tuple[str, str]]) -> None:
        """Of each clip that repeats another: the other."""
        with self._base:
            self._base.execute("UPDATE clips SET double_of = ''")
            self._base.executemany(
                "UPDATE clips SET double_of = ? WHERE id = ?", [(other, own) for own, other in found]
            )

    def sides(self) -> dict[str, str]:
        """The side of each speaker, of this run and those before."""
        return dict(self._asked("tt", "SELECT speaker, side FROM sides"))

    def put_sides(self, sides: dict[str, str]) -> None:
        with self._base:
            self._base.executemany("INSERT OR REPLACE INTO sides VALUES (?, ?)", sorted(sides.items()))

    def files(self) -> dict[str, str]:
        """Files that were written for the whole corpus, with their digests."""
        return dict(self._asked("nt", "SELECT name, sha256 FROM files"))

    def put_files(self, files: dict[str, str]) -> None:
        with self._base:
            self._base.executemany("INSERT OR REPLACE INTO files VALUES (?, ?)", files.items())

    def forget_file(self, name: str) -> None:
        with self._base:
            self._base.execute("DELETE FROM files WHERE name = ?", (name,))

    def speakers(self) -> Iterator[tuple[str, float, str, dict[str, str]]]:
        """Each speaker, the seconds of them that are kept, and the language and traits of most of those."""
        query = """SELECT speaker, SUM(COALESCE(seconds, 0)) AS total, language, traits FROM current WHERE dropped = ''
               GROUP BY speaker, language, traits ORDER BY speaker, total DESC, language, traits"""
        for speaker, rows in groupby(list(self._asked("trtt", query)), key=lambda row: row[0]):
            parts = list(rows)
            yield speaker, sum(part[1] for part in parts), parts[0][2], traits_of(parts[0][3])

    def put_made(self, found: Iterable[tuple[str, Made]]) -> None:
        outputs = list(found)
        with self._base:
            self._base.executemany(
                "UPDATE clips SET output = ?, output_stamp = ?, sha256 = ?, bytes = ?, made_seconds = ?, asked = ? WHERE id = ?",
                [(*astuple(made), own) for own, made in outputs],
            )
            self._base.executemany(
                "INSERT OR REPLACE INTO outputs VALUES (?, ?)", [(made.output, made.sha256) for _, made in outputs]
            )

    def old_outputs(self) -> list[tuple[str, str]]:
        """Outputs, with their digests, that were made for this corpus and are no part of it any more."""
        query = """SELECT output, sha256 FROM outputs
                   WHERE output NOT IN (SELECT output FROM current WHERE dropped = '' AND output IS NOT NULL) ORDER BY output"""
        return [(output, digest) for output, digest in self._asked("nt", query)]

    def forget_output(self, output: str) -> None:
        with self._base:
            self._base.execute("DELETE FROM outputs WHERE output = ?", (output,))


@contextmanager
def one_run(folder: Path) -> Iterator[None]:
    """Hold the folder of a corpus for one run, and tell in words what its database has to say.

    Raises
    ------
    KittiwakeError : another run makes the corpus, or its database is damaged or cannot be written.
    """
    with contextlib.ExitStack() as held:
        try:
            held.enter_context(
                Journal(folder / _LOCK).locked(phrase("Another run is making the corpus in {folder}", folder=folder))
            )
        except OSError as error:
            raise KittiwakeError(
                phrase("The folder {folder} cannot be used: {reason_of}.", folder=folder, reason_of=reason_of(error)),
                phrase("Choose another folder."),
                "no_folder",
            ) from error
        try:
            yield
        except sqlite3.DatabaseError as error:
            full = "full" in str(error)
            raise KittiwakeError(
                phrase("{path} cannot be used: {error}.", path=folder / NAME, error=error),
                phrase("Free the disk, and start again: it goes on from here.") if full else _REMEDY,
                "store",
            ) from error
