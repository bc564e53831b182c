"""A page of HTML as PDF."""

from __future__ import annotations

import base64
import re
from pathlib import Path

from PySide6.QtCore import QMarginsF, QSizeF
from PySide6.QtGui import QPageLayout, QPageSize, QPdfWriter, QTextDocument

from ...core.disk.place import part_file, put_in_place
from ...core.errors import KittiwakeError
from ...words import in_words, phrase

_DOTS = 150  # an inch


def write_pdf(page: str, path: Path) -> None:
    """Write a page to a file, which appears whole.

    Raises
    ------
    KittiwakeError : it could not be written.
    """
    document = QTextDocument()
    document.setHtml(in_words(_for_printing(page)))
    with part_file(path.parent) as part:
        writer = QPdfWriter(str(part))
        writer.setResolution(_DOTS)
        writer.setPageLayout(
            QPageLayout(
                QPageSize(QPageSize.PageSizeId.A4), QPageLayout.Orientation.Portrait, QMarginsF(15, 15, 15, 15)
            )
        )
        document.documentLayout().setPaintDevice(writer)
        document.setPageSize(QSizeF(writer.width(), writer.height()))
        document.print_(writer)
        del writer
        if not part.is_file() or part.stat().st_size == 0:
            raise KittiwakeError(
                phrase("{path} could not be written.", path=path), phrase("Choose another folder."), "no_folder"
            )
        put_in_place(part, path, replace=True)


def _for_printing(page: str) -> str:
    """With drawings as pictures, which is all that the printed page knows."""

    def picture(found: re.Match[str]) -> str:
        drawing = found[0].replace("<svg ", '<svg xmlns="http://www.w3.org/2000/svg" width="240" height="40" ', 1)
        return f'<img width="120" height="20" src="data:image/svg+xml;base64,{base64.b64encode(drawing.encode()).decode()}">'

    return re.sub(r"<svg .*?</svg>", picture, page, flags=re.DOTALL)
