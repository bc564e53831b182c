"""What goes to a training run: sounds in folders or TAR archives, a manifest, sides, digests. The same corpus gives the same bytes."""

from __future__ import annotations

import csv
import io
import json
import tarfile
from collections.abc import Iterator, Mapping
from functools import partial
from pathlib import Path
from typing import IO, Any

from ....core.errors import KittiwakeError
from ....core.installed import how_to_add
from ....plain_data import dataclass
from ....words import phrase
from ....work.deliver.manifest import harmless
from .files import Files
from .quality import MEASURES
from .request import CorpusRequest
from .store import Entry, Made, Store

_BLOCK = 512  # bytes, of a TAR file
_NUMBERS = {*MEASURES, "seconds"}


@dataclass(frozen=True, slots=True)
class Packed:
    """Clips and seconds by side, and the names of archives."""

    clips: dict[str, int]
    seconds: dict[str, float]
    shards: tuple[str, ...]


def pack(store: Store, wish: CorpusRequest, files: Files) -> Packed:
    """Write archives, manifest, sides and digests.

    Raises
    ------
    KittiwakeError : a made file is not there any more, or something lies in the way.
    """
    places: dict[str, tuple[str, int]] = {}
    shards: list[str] = []
    clips = dict.fromkeys(wish.shares, 0)
    seconds = dict.fromkeys(wish.shares, 0.0)
    for side in wish.shares:
        entries = _of_side(store, side)
        for shard in _shards(entries, wish.shard_bytes) if wish.shard_bytes else ():
            name = f"{side}-{len([one for one in shards if one.startswith(side)]):05}.tar"
            files.write(name, partial(_write_tar, shard, files.into, name, places))
            shards.append(name)
    with _Manifests(files, wish) as manifests:
        for side in wish.shares:
            for entry, made in _of_side(store, side):
                clips[side] += 1
                seconds[side] += made.seconds
                manifests.add(_row(entry, made, side, places.get(entry.row.id)))
    files.write_text("splits.csv", _sides_as_csv(store))
    return Packed(clips, seconds, tuple(shards))


def packed_sounds(store: Store, wish: CorpusRequest) -> Iterator[tuple[str, str]]:
    """Names and digests of all sounds of the corpus, as they lie in its folder."""
    for side in wish.shares:
        for _, made in _of_side(store, side):
            yield made.output, made.sha256


def _of_side(store: Store, side: str) -> Iterator[tuple[Entry, Made]]:
    for entry in store.entries(kept=True, side=side):
        if entry.made is not None:
            yield entry, entry.made


def _shards(entries: Iterator[tuple[Entry, Made]], most: int) -> Iterator[list[tuple[Entry, Made]]]:
    """Clips that go into one archive, in turn: no archive is larger than ``most`` but one that holds a single clip."""
    shard: list[tuple[Entry, Made]] = []
    size = 2 * _BLOCK
    for entry, made in entries:
        own = 2 * _BLOCK + -(-made.bytes // _BLOCK) * _BLOCK + -(-len(_beside(entry)) // _BLOCK) * _BLOCK + _BLOCK
        if shard and size + own > most:
            yield shard
            shard, size = [], 2 * _BLOCK
        shard.append((entry, made))
        size += own
    if shard:
        yield shard


def _write_tar(
    shard: list[tuple[Entry, Made]], into: Path, name: str, places: dict[str, tuple[str, int]], file: IO[bytes]
) -> None:
    with tarfile.open(fileobj=file, mode="w", format=tarfile.PAX_FORMAT) as archive:
        for entry, made in shard:
            try:
                data = (into / made.output).read_bytes()
            except OSError as error:
                raise KittiwakeError(
                    phrase("{output} is not there any more.", output=made.output),
                    phrase("Start again: it is made once more."),
                    "gone",
                ) from error
            stem = Path(made.output).stem
            places[entry.row.id] = (name, archive.offset)
            archive.addfile(_member(Path(made.output).name, len(data)), io.BytesIO(data))
            beside = _beside(entry)
            archive.addfile(_member(f"{stem}.json", len(beside)), io.BytesIO(beside))


def _member(name: str, size: int) -> tarfile.TarInfo:
    """Without time, owner or anything else that another run would have otherwise."""
    member = tarfile.TarInfo(name)
    member.size, member.mode = size, 0o644
    return member


def _beside(entry: Entry) -> bytes:
    row = entry.row
    values = {"id": row.id, "text": row.text, "speaker": row.speaker, "language": row.language, **dict(row.traits)}
    return json.dumps({key: value for key, value in values.items() if value}, ensure_ascii=False).encode(
        "utf-8", "replace"
    )


def _row(entry: Entry, made: Made, side: str, place: tuple[str, int] | None) -> dict[str, Any]:
    row, quality = entry.row, entry.quality
    out: dict[str, Any] = {"id": row.id, "split": side}
    if place is not None:
        out |= {"shard": place[0], "offset": place[1], "file": Path(made.output).name}
    else:
        out["file"] = made.output
    out |= {
        "seconds": round(made.seconds, 4),
        "bytes": made.bytes,
        "sha256": made.sha256,
        "text": row.text,
        "speaker": row.speaker,
        "language": row.language,
    }
    out |= dict(row.traits)
    if quality is not None:
        out |= {key: value for key, value in quality.to_dict().items() if key not in ("seconds", "error")}
    if entry.flags:
        out["flags"] = list(entry.flags)
    if entry.double_of:
        out["double_of"] = entry.double_of
    return {key: value for key, value in out.items() if value not in (None, "")}


class _Manifests:
    """The manifest, line by line, in all its forms."""

    def __init__(self, files: Files, wish: CorpusRequest) -> None:
        self._files, self._wish = files, wish
        self._lines = files.into / ".kittiwake-manifest.jsonl"
        self._columns: dict[str, None] = {}

    def __enter__(self) -> _Manifests:
        self._file = self._lines.open("w", encoding="utf-8", errors="replace")
        return self

    def add(self, row: Mapping[str, Any]) -> None:
        self._columns.update(dict.fromkeys(row))
        self._file.write(json.dumps(row, ensure_ascii=False) + "\n")

    def __exit__(self, kind: type[BaseException] | None, *_: object) -> None:
        self._file.close()
        try:
            if kind is None:
                self._files.write("manifest.jsonl", lambda file: file.writelines(self._lines.open("rb")))
                self._files.write("manifest.csv", self._write_csv)
                if self._wish.parquet:
                    self._files.write("manifest.parquet", self._write_parquet)
        finally:
            self._lines.unlink(missing_ok=True)

    def _rows(self) -> Iterator[dict[str, Any]]:
        with self._lines.open(encoding="utf-8") as file:
            for line in file:
                row = json.loads(line)
                if "flags" in row:
                    row["flags"] = "; ".join(row["flags"])
                yield row

    def _write_csv(self, file: IO[bytes]) -> None:
        text = io.TextIOWrapper(file, "utf-8", newline="", write_through=True)
        writer = csv.DictWriter(text, list(self._columns), lineterminator="\r\n")
        writer.writeheader()
        for row in self._rows():
            # A path is no text: with anything before it, it would lead nowhere.
            writer.writerow({key: value if key == "file" else harmless(value) for key, value in row.items()})
        text.flush()
        text.detach()

    def _write_parquet(self, file: IO[bytes]) -> None:
        try:
            import pyarrow
            import pyarrow.parquet
        except ImportError as error:
            raise KittiwakeError(
                phrase("Parquet needs the package “pyarrow”."),
                how_to_add("corpus"),
                "parquet",
            ) from error
        whole = ("offset", "bytes")
        texts = {"id", "split", "shard", "file", "sha256", "text", "speaker", "language", "flags", "double_of"}
        kinds = {
            name: pyarrow.int64()
            if name in whole
            else pyarrow.string()
            if name in texts or name not in _NUMBERS
            else pyarrow.float64()
            for name in self._columns
        }
        schema = pyarrow.schema(list(kinds.items()))
        with pyarrow.parquet.ParquetWriter(file, schema) as writer:
            rows: list[dict[str, Any]] = []
            for row in self._rows():
                rows.append({name: row.get(name) for name in kinds})
                if len(rows) == 5000:
                    writer.write_table(pyarrow.Table.from_pylist(rows, schema))
                    rows = []
            writer.write_table(pyarrow.Table.from_pylist(rows, schema))


def _sides_as_csv(store: Store) -> str:
    text = io.StringIO()
    writer = csv.writer(text, lineterminator="\r\n")
    writer.writerow(["speaker", "split"])
    writer.writerows([harmless(name), side] for name, side in sorted(store.sides().items()))
    return text.getvalue()


def write_digests(store: Store, wish: CorpusRequest, files: Files) -> None:
    """``SHA256SUMS`` of everything, as ``sha256sum --check`` reads it."""

    def write(file: IO[bytes]) -> None:
        for name, digest in sorted(files.digests.items()):
            file.write(f"{digest}  {name}\n".encode("utf-8", "surrogateescape"))
        if not wish.shard_bytes:
            for output, digest in packed_sounds(store, wish):
                file.write(f"{digest}  {output}\n".encode("utf-8", "surrogateescape"))

    files.write("SHA256SUMS", write)
