"""Made files on their way to other programs: dragged, or on the clipboard."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from pathlib import Path

from PySide6.QtCore import QMimeData, QUrl

from ...work.project import Cell


def files_of(cells: Iterable[Cell]) -> list[Path]:
    """The files of those cells that are made."""
    return [Path(cell.record.output) for cell in cells if cell.state == "made" and cell.record is not None]


def mime_of(paths: Sequence[Path]) -> QMimeData:
    """Files as a file manager takes them, and their paths as text."""
    data = QMimeData()
    if paths:
        data.setUrls([QUrl.fromLocalFile(str(path)) for path in paths])
        data.setText("\n".join(map(str, paths)))
    return data
