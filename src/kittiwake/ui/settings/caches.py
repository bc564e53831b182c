"""What is kept only to be faster: how much it is, and a way to be rid of it."""

from __future__ import annotations

import contextlib
import shutil
from pathlib import Path

from platformdirs import user_cache_path
from PySide6.QtWidgets import QGridLayout, QLabel, QWidget

from ...core.cache.facts_cache import FactsCache
from ...core.model.units import format_bytes
from ...words import phrase, tr
from ..widgets.button import Button
from ..widgets.short_path import short_path
from ..widgets.worded import Label
from ..workers.worker import Outcome, Worker

#: What lies where in the cache folder: name -> what happens without it.
_PARTS = {
    "facts.sqlite*": phrase("What was found out about sound. Without it everything is looked at again"),
    "outlines": phrase("Outlines of long recordings. Without them they are drawn again"),
    "spoken": phrase("Lines spoken in the terminal. Without them they are spoken again"),
    "tones": phrase("Tones made in the terminal. Without them they are made again"),
    "music": phrase("Hold music made in the terminal. Without it it is made again"),
}


_NEXT_TO_NOTHING = 100_000  # bytes: of a base with nothing in it


def size_of(pattern: str, folder: Path) -> int:
    """Bytes of what a part holds; what cannot be read counts nothing."""
    total = 0
    for top in folder.glob(pattern):
        for path in (top, *(top.rglob("*") if top.is_dir() else ())):
            with contextlib.suppress(OSError):
                total += path.stat().st_size if path.is_file() else 0
    return total


def clear(pattern: str, folder: Path) -> None:
    """Empty a part of the cache; what is in use meanwhile stays in order."""
    if pattern.startswith("facts"):
        FactsCache(folder).clear()
        return
    for top in folder.glob(pattern):
        if top.is_dir():
            shutil.rmtree(top, ignore_errors=True)
        else:
            with contextlib.suppress(OSError):
                top.unlink()


class CachesPart(QWidget):
    """A row for each part that holds anything; sizes are counted beside the window."""

    def __init__(self, folder: Path | None = None) -> None:
        super().__init__()
        self.folder = folder or user_cache_path("kittiwake")
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 0, 0)
        self._grid.setHorizontalSpacing(16)
        self.notice = Label(tr("In {folder}; all of it can be made again.", folder=short_path(self.folder)))
        self.notice.setProperty("soft", True)
        self.notice.setWordWrap(True)
        self._grid.addWidget(self.notice, 0, 0, 1, 3)
        self.rows: dict[str, tuple[QLabel, QLabel, Button]] = {}
        for row, (pattern, words) in enumerate(_PARTS.items(), 1):
            label, size, button = Label(words), Label("…"), Button(tr("Empty it"))
            label.setWordWrap(True)
            button.setAccessibleName(tr("Empty: {words}", words=words))
            button.setEnabled(False)  # until it is known what there is
            button.clicked.connect(lambda _=False, pattern=pattern: self._clear(pattern))
            for column, widget in enumerate((label, size, button)):
                self._grid.addWidget(widget, row, column)
            self.rows[pattern] = (label, size, button)
        self._grid.setColumnStretch(0, 1)
        self.worker = Worker(self)

    def count(self) -> None:
        """Find out how much each holds."""
        self.worker.queue(None, lambda _: {part: size_of(part, self.folder) for part in _PARTS}, self._counted)

    def _counted(self, outcome: Outcome[None, dict[str, int]]) -> None:
        if outcome.found is not None:
            self._show(outcome.found)

    def _show(self, sizes: dict[str, int]) -> None:
        for part, (_, size, button) in self.rows.items():
            size.setText(format_bytes(sizes[part]) if sizes[part] > _NEXT_TO_NOTHING else tr("empty"))
            button.setEnabled(sizes[part] > _NEXT_TO_NOTHING)

    def _clear(self, pattern: str) -> None:
        self.worker.queue(pattern, lambda _: clear(pattern, self.folder))
        self.count()

    def shut_down(self) -> None:
        self.worker.shut_down()
