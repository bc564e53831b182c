"""What this machine remembers from job to job: in which format the headerless files of a folder are."""

from __future__ import annotations

import contextlib
import json
from pathlib import Path

from platformdirs import user_data_path

from ...core.disk.place import write_text_whole
from ...core.errors import RulesError
from ...core.model import Stated

_MOST = 500  # folders; the oldest are forgotten


class Remembered:
    """A small JSON file, read once. What cannot be read or written is forgotten, never in the way of work."""

    def __init__(self, path: Path | None = None) -> None:
        self.path = path or user_data_path("kittiwake") / "headerless.json"
        self._formats: dict[str, str] = {}
        with contextlib.suppress(OSError, ValueError, RecursionError):
            found = json.loads(self.path.read_text("utf-8"))
            if isinstance(found, dict):
                self._formats = {str(folder): str(stated) for folder, stated in found.items()}

    def format_of(self, folder: Path) -> Stated | None:
        """The format last stated for a file of this folder."""
        with contextlib.suppress(RulesError, KeyError):
            return Stated.parse(self._formats[str(folder)])
        return None

    def remember(self, folder: Path, stated: Stated) -> None:
        self._formats.pop(str(folder), None)
        self._formats[str(folder)] = str(stated)
        for old in list(self._formats)[:-_MOST]:
            del self._formats[old]
        with contextlib.suppress(OSError):
            write_text_whole(self.path, json.dumps(self._formats, indent=1, ensure_ascii=True))
