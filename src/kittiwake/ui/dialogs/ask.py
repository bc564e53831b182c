"""Questions, so that nothing is lost or overwritten that nobody was asked about."""

from __future__ import annotations

import re
from collections.abc import Mapping
from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QMessageBox, QWidget

from ...words import in_words, tr


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
    return is_sure(parent, tr("Replace the file?"), tr("{name} is there already. Replace it?", name=path.name))


def is_sure(parent: QWidget, title: str, question: str, *, usual: bool = False) -> bool:
    """Ask for a yes. ``usual`` is whether Return says it too: only where a yes loses nothing."""
    yes, no = QMessageBox.StandardButton.Yes, QMessageBox.StandardButton.No
    return QMessageBox.question(parent, title, question, yes | no, yes if usual else no) == yes


def chosen(
    parent: QWidget, title: str, text: str, more: str, answers: Mapping[str, QMessageBox.ButtonRole], usual: str
) -> str:
    """Ask for one of some answers, each with its part in the dialog; an empty text where the dialog was closed. ``usual`` is what Return says."""
    box = QMessageBox(parent)
    box.setWindowTitle(in_words(title))
    box.setText(in_words(text))
    box.setInformativeText(in_words(more))
    buttons = {answer: box.addButton(answer, role) for answer, role in answers.items()}
    box.setDefaultButton(buttons[usual])
    box.exec()
    return next((answer for answer, button in buttons.items() if button is box.clickedButton()), "")
