"""Asking where to write, so that nothing is overwritten that nobody was asked about."""

from __future__ import annotations

import re
from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QMessageBox, QWidget


def where_to_save(parent: QWidget, title: str, start: Path, filters: str, endings: tuple[str, ...]) -> Path | None:
    """A file to write, with one of ``endings`` (the first where none was typed); None where it was called off.

    The ending is part of the name before the dialog asks whether a file of that name may be replaced; where a desktop's own dialog leaves it
    out, it is asked here.
    """
    dialog = QFileDialog(parent, title, str(start.parent), filters)
    dialog.setAcceptMode(QFileDialog.AcceptMode.AcceptSave)
    dialog.setFileMode(QFileDialog.FileMode.AnyFile)
    dialog.setDefaultSuffix(endings[0].lstrip("."))

    def follow(chosen: str) -> None:
        if found := re.search(r"\*(\.\w+)", chosen):
            dialog.setDefaultSuffix(found[1].lstrip("."))

    dialog.filterSelected.connect(follow)
    dialog.selectFile(start.name)
    if not dialog.exec() or not dialog.selectedFiles():
        return None
    return with_ending(parent, Path(dialog.selectedFiles()[0]), endings)


def with_ending(parent: QWidget, path: Path, endings: tuple[str, ...]) -> Path | None:
    """The path with an ending; where that names another file, which is there already, it is asked about."""
    if path.suffix.lower() in endings:
        return path
    whole = path.with_name(path.name + endings[0])
    return whole if not whole.exists() or may_replace(parent, whole) else None


def may_replace(parent: QWidget, path: Path) -> bool:
    """Ask whether a file may be replaced."""
    asked = QMessageBox.question(
        parent,
        "Replace the file?",
        f"{path.name} is there already. Replace it?",
        QMessageBox.StandardButton.Yes | QMessageBox.StandardButton.No,
        QMessageBox.StandardButton.No,
    )
    return asked == QMessageBox.StandardButton.Yes
