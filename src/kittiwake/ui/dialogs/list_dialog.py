"""A list of names and words to give to what was cut, pasted or from a file."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QHBoxLayout,
    QPlainTextEdit,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from ...core.model import Line
from ...words import tr
from ...work.cut import read_lines
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.worded import Label


class ListDialog(QDialog):
    """``lines`` is what was given, once accepted."""

    def __init__(self, parent: QWidget, lines: tuple[Line, ...], count: int) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Names from a list"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(640), scaled(460))
        self._count = count
        column = QVBoxLayout(self)
        head = Label(
            tr(
                "Paste the lines in the order they were read: a name each, or a table with the columns name and text. Clips take their names in order; correct one, and the rest follows from there."
            )
        )
        head.setWordWrap(True)
        column.addWidget(head)
        self.edit = QPlainTextEdit()
        self.edit.setAccessibleName(tr("Lines, in the order they were read"))
        self.edit.setTabChangesFocus(False)
        self.edit.setPlainText("\n".join(f"{line.name}\t{line.text}" if line.text else line.name for line in lines))
        column.addWidget(self.edit, 1)
        row = QHBoxLayout()
        self.file_button = Button(tr("Open a file…"))
        self.file_button.clicked.connect(self._open)
        row.addWidget(self.file_button)
        self.notice = Label()
        self.notice.setProperty("soft", True)
        row.addWidget(self.notice, 1)
        column.addLayout(row)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self.edit.textChanged.connect(self._tell)
        self._tell()
        self.edit.setFocus()

    @property
    def lines(self) -> tuple[Line, ...]:
        return tuple(read_lines(self.edit.toPlainText()))

    def _open(self) -> None:
        name, _ = QFileDialog.getOpenFileName(
            self, tr("Open a list"), filter=tr("Lists (*.csv *.tsv *.txt);;All files (*)")
        )
        if name:
            self.load(Path(name))

    def load(self, path: Path) -> None:
        """Take the text of a file."""
        try:
            self.edit.setPlainText(path.read_text("utf-8-sig"))
        except (OSError, UnicodeDecodeError):
            self.notice.setText(tr("{name} cannot be read as text in UTF-8.", name=path.name))

    def _tell(self) -> None:
        lines = len(self.lines)
        more = ""
        if lines and self._count and lines != self._count:
            over = abs(lines - self._count)
            left = (
                tr("{n} clips are left over", "{n} clip is left over", over, n=over)
                if self._count > lines
                else tr("{n} lines are left over", "{n} line is left over", over, n=over)
            )
            there = tr("there are {n} clips", "there is {n} clip", self._count, n=self._count)
            more = tr("; {there}, so {left}", there=there, left=left)
        self.notice.setText(tr("{n} lines{more}", "{n} line{more}", lines, n=lines, more=more))
