"""The files of quick convert, each with the shape and the word of its state."""

from __future__ import annotations

from PySide6.QtWidgets import QGridLayout, QWidget

from ...core.model.units import format_bytes
from ...words import in_words, tr
from ...work.project import Cell
from ..theme.shapes import WORDS
from ..widgets.elided import ElidedLabel
from ..widgets.shape_label import ShapeLabel

_MOST = 200  # rows; of more files only so many are listed


class FileList(QWidget):
    """A row for each file. Rows stay as they are where nothing has changed."""

    def __init__(self) -> None:
        super().__init__()
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 6, 0)
        self._grid.setHorizontalSpacing(10)
        self._grid.setColumnStretch(1, 1)
        self._rows: list[tuple[ShapeLabel, ElidedLabel, ElidedLabel]] = []
        self._more = ElidedLabel()
        self._more.setProperty("soft", True)

    def show_cells(self, cells: list[Cell]) -> None:
        shown = cells[:_MOST]
        while len(self._rows) < len(shown):
            row = (ShapeLabel(18), ElidedLabel(), ElidedLabel())
            for column, widget in enumerate(row):
                self._grid.addWidget(widget, len(self._rows), column)
            self._rows.append(row)
        for n, (shape, name, text) in enumerate(self._rows):
            for widget in (shape, name, text):
                widget.setVisible(n < len(shown))
            if n < len(shown):
                cell = shown[n]
                shape.show_state(cell.state)
                if name.text() != cell.clip.source.name:
                    name.setText(cell.clip.source.name)
                words = _in_words(cell)
                if text.text() != words:
                    text.setText(words)
        self._more.setVisible(len(cells) > _MOST)
        if len(cells) > _MOST:
            self._more.setText(tr("and {count:,} more", count=len(cells) - _MOST))
            self._grid.addWidget(self._more, _MOST + 1, 1)
        self._grid.setRowStretch(_MOST + 2, 1)


def _in_words(cell: Cell) -> str:
    word = WORDS[cell.shown]
    if cell.state == "made" and cell.record:
        return f"{word}, {in_words(format_bytes(cell.record.bytes))}"
    if cell.state == "failed" and cell.made:
        return f"{word}: {cell.made.error}"
    if cell.state == "cannot" and cell.fit:
        return f"{word}: {next((p.message for p in cell.fit.problems if p.severity == 'cannot'), '')}"
    return word
