"""Which jobs were open last, and where one was in the last of them."""

from __future__ import annotations

import contextlib
import json
from dataclasses import asdict
from pathlib import Path
from typing import Any

from platformdirs import user_state_path

from ...core.disk.place import write_text_whole
from ...plain_data import dataclass

_MOST = 12


@dataclass(frozen=True, slots=True)
class Place:
    """Where one was: in which job, at which clip (id) and receiver (slug); the latter may be empty."""

    job: Path
    clip: str = ""
    receiver: str = ""


class RecentJobs:
    """A small JSON file. What cannot be read or written is forgotten, never in the way of work."""

    def __init__(self, path: Path | None = None) -> None:
        self._path = path or user_state_path("kittiwake") / "recent.json"

    def jobs(self) -> list[Path]:
        """Newest first; those that are gone are left out."""
        return [path for text in self._read().get("jobs", []) if (path := Path(str(text))).is_file()]

    def note(self, job: Path) -> None:
        """This one was opened, or saved."""
        values = self._read()
        text = str(job.absolute())
        kept = [str(one) for one in values.get("jobs", []) if str(one) != text]
        self._write(values | {"jobs": [text, *kept][:_MOST]})

    def place(self) -> Place | None:
        """Where one was when the last window was closed; None where that was in no job, or it is gone."""
        found = self._read().get("place")
        if isinstance(found, dict) and isinstance(found.get("job"), str) and Path(found["job"]).is_file():
            return Place(Path(found["job"]), str(found.get("clip", "")), str(found.get("receiver", "")))
        return None

    def note_place(self, place: Place | None) -> None:
        values = self._read()
        values.pop("place", None)
        if place is not None:
            values["place"] = {key: str(value) for key, value in asdict(place).items()}
        self._write(values)

    def forget(self) -> None:
        """Nothing was ever open."""
        self._path.unlink(missing_ok=True)

    def _read(self) -> dict[str, Any]:
        with contextlib.suppress(OSError, ValueError, RecursionError):
            found = json.loads(self._path.read_text("utf-8"))
            if isinstance(found, dict) and isinstance(found.get("jobs", []), list):
                return found
        return {}

    def _write(self, values: dict[str, Any]) -> None:
        with contextlib.suppress(OSError):
            write_text_whole(self._path, json.dumps(values, indent=1))
