"""Files that are dropped anywhere in the window come to the window."""

from __future__ import annotations

from PySide6.QtWidgets import QLineEdit, QPlainTextEdit, QTextEdit, QWidget


def files_fall_through(page: QWidget) -> None:
    """Fields would take a dropped file for text, its address; what lies in ``page`` lets it through to the window instead."""
    for kind in (QLineEdit, QTextEdit, QPlainTextEdit):
        for field in page.findChildren(kind):
            field.setAcceptDrops(False)
