"""States how to read a file: the format of a headerless one, by guesses with their evidence, or which of several sound streams. Each is to
be heard first, quietly.
"""

from __future__ import annotations

import contextlib
from collections.abc import Sequence
from pathlib import Path
from threading import Thread

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QCheckBox,
    QDialog,
    QDialogButtonBox,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)

from ..core.errors import RulesError
from ..core.measure.guess import Guess, guess
from ..core.model import Stated
from ..core.model.units import format_hz, format_kind
from .button import Button


class HeaderlessDialog(QDialog):
    """``stated`` gives the format; ``heard`` asks to play the file so."""

    heard = Signal(Stated)
    _guessed = Signal(list)

    def __init__(
        self, parent: QWidget, path: Path, others: int, current: Stated | None, streams: Sequence[str] = ()
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle("Choose a sound stream" if streams else "State a headerless format")
        self._streams = streams
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(700, 480)
        self._path = path
        column = QVBoxLayout(self)
        head = QLabel(
            f"{path.name} holds several sound streams. Choose the one to use; hear it first."
            if streams
            else f"{path.name} has no header that says what it is. These are guesses, the likeliest first; the rate cannot be told from "
            "the bytes. Hear one before you take it: a wrong one is noise, so it is played quietly."
        )
        head.setWordWrap(True)
        column.addWidget(head)
        self.list = QListWidget()
        self.list.setWordWrap(True)
        self.list.setAccessibleName("Guesses")
        self.list.addItem("Trying what it could be …")
        self.list.currentRowChanged.connect(self._take_guess)
        column.addWidget(self.list, 1)
        row = QHBoxLayout()
        row.addWidget(QLabel("Stream" if streams else "Encoding@rate"))
        self.field = QLineEdit(str(current) if current else "")
        self.field.setPlaceholderText("ulaw@8000, or pcm_s16le@16000x2 for two channels")
        self.field.setAccessibleName("Encoding and rate")
        self.field.textChanged.connect(self._check)
        row.addWidget(self.field, 1)
        self.hear_button = Button("Hear it so")
        self.hear_button.clicked.connect(self._hear)
        row.addWidget(self.hear_button)
        column.addLayout(row)
        self.told = QLabel()
        self.told.setWordWrap(True)
        column.addWidget(self.told)
        self.all_box = QCheckBox(f"Also for {others} other files in its folder that cannot be read")
        self.all_box.setVisible(others > 0)
        column.addWidget(self.all_box)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self._guesses: list[Guess] = []
        self._guessed.connect(self._show)
        self._check()
        if streams:
            self.list.clear()
            self.list.addItems(list(streams))
            self.list.setCurrentRow(current.stream if current and not current.headerless else 0)
        else:
            Thread(target=self._guess, name="guess", daemon=True).start()

    def _guess(self) -> None:
        try:
            found = guess(self._path)
        except OSError:
            found = []
        with contextlib.suppress(RuntimeError):  # the dialog was closed meanwhile
            self._guessed.emit(found)

    def _show(self, found: list[Guess]) -> None:
        self._guesses = found[:8]
        self.list.clear()
        for one in self._guesses:
            kind = format_kind("raw", one.stated.encoding).removeprefix("headerless, ")
            self.list.addItem(QListWidgetItem(f"{kind}, {format_hz(one.stated.rate)}\n{one.evidence}"))
        if not self._guesses:
            self.list.addItem("Nothing that is known here fits it.")
        elif not self.field.text():
            self.list.setCurrentRow(0)

    def _take_guess(self, row: int) -> None:
        if self._streams and 0 <= row < len(self._streams):
            self.field.setText(str(Stated.of_stream(row)))
        elif 0 <= row < len(self._guesses):
            self.field.setText(str(self._guesses[row].stated).removesuffix("x1"))

    def _check(self) -> None:
        stated = self.stated()
        self.box.button(QDialogButtonBox.StandardButton.Ok).setEnabled(stated is not None)
        self.hear_button.setEnabled(stated is not None)

    def stated(self) -> Stated | None:
        """The format as it stands in the field; None while it is none, with the reason shown."""
        try:
            found = Stated.parse(self.field.text())
        except RulesError as error:
            self.told.setText(str(error) if self.field.text() else "")
            return None
        if found.headerless == bool(self._streams) or found.stream >= max(1, len(self._streams)):
            self.told.setText(
                f"Write stream@1 to stream@{len(self._streams)}." if self._streams else "It has no streams."
            )
            return None
        self.told.setText("")
        return found

    def _hear(self) -> None:
        if stated := self.stated():
            self.heard.emit(stated)
