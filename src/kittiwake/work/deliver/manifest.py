"""The list that goes along with a delivery: JSON lines, and CSV."""

from __future__ import annotations

import csv
import io
from collections.abc import Mapping
from typing import Any

from ...core.disk.text import to_json
from .item import Item

JSONL, CSV = "manifest.jsonl", "manifest.csv"
COLUMNS = ("file", "sha256", "seconds", "bytes", "rate", "text", "speaker", "language", "kind", "source", "true_rate", "level_dbov",
           "bandwidth_hz", "rights_holder", "rights_licence", "rights_proof", "rights_until", "verdict")  # fmt: skip


def row_of(place: str, item: Item, verdict: str = "") -> dict[str, Any]:
    """The fields of a file; what is not known is left out."""
    rights = item.rights
    row: dict[str, Any] = {
        "file": place, "sha256": item.sha256, "seconds": None if item.seconds is None else round(item.seconds, 4), "bytes": item.bytes,
        "rate": item.rate, "text": item.text, "speaker": item.speaker, "language": item.language, "kind": item.kind,
        "source": item.source.rsplit("/", 1)[-1], "true_rate": item.true_rate,
        "level_dbov": None if item.level_dbov is None else round(item.level_dbov, 1),
        "bandwidth_hz": None if item.bandwidth_hz is None else round(item.bandwidth_hz),
        "rights_holder": rights.holder if rights else "", "rights_licence": rights.licence if rights else "",
        "rights_proof": rights.proof if rights else "", "rights_until": rights.until if rights else "", "verdict": verdict,
    }  # fmt: skip
    return {key: value for key, value in row.items() if value not in (None, "")}


def as_jsonl(places: Mapping[str, Item], verdicts: Mapping[str, str]) -> bytes:
    rows = (row_of(place, item, verdicts.get(place, "")) for place, item in places.items())
    return "".join(to_json(row) + "\n" for row in rows).encode("utf-8")


def as_csv(places: Mapping[str, Item], verdicts: Mapping[str, str]) -> bytes:
    """Comma-separated, RFC 4180. A text that a spreadsheet would take for a formula gets an apostrophe before it."""
    text = io.StringIO()
    writer = csv.DictWriter(text, COLUMNS, lineterminator="\r\n")
    writer.writeheader()
    for place, item in places.items():
        row = row_of(place, item, verdicts.get(place, ""))
        # A path is no text: with anything before it, it would lead nowhere.
        writer.writerow({key: value if key == "file" else harmless(value) for key, value in row.items()})
    return text.getvalue().encode("utf-8", "replace")


def harmless(value: object) -> object:
    """A value for a cell that no spreadsheet takes for a formula."""
    return f"'{value}" if isinstance(value, str) and value[:1] in ("=", "+", "-", "@", "\t", "\r") else value


def as_meant(cell: str) -> str:
    """What a cell held before ``harmless``."""
    return cell[1:] if cell[:1] == "'" and harmless(cell[1:]) == cell else cell


def manifests(wanted: str, places: Mapping[str, Item], verdicts: Mapping[str, str]) -> dict[str, bytes]:
    """Files by name, as ``Delivery.manifest`` has it."""
    out = {}
    if wanted in ("jsonl", "both"):
        out[JSONL] = as_jsonl(places, verdicts)
    if wanted in ("csv", "both"):
        out[CSV] = as_csv(places, verdicts)
    return out
