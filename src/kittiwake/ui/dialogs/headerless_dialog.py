"""States how to read a file: the format of a headerless one, by guesses with their evidence, or which of several sound streams. Each is to
be heard first, quietly.
"""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from PySide6.QtCore import QPointF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QIcon, QPainter, QPixmap
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)

from ...core.errors import RulesError
from ...core.measure.guess import Guess, guess
from ...core.model import Stated
from ...core.model.units import format_hz
from ...words import in_words, tr
from ..theme.colours import colours
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.worded import CheckBox, Label
from ..workers.worker import Outcome, Worker
from .stated_form import StatedForm, kind_of

_WIDE, _HIGH = 150, 40  # of the small waveforms


def _head(name: str, several: bool) -> QLabel:
    """What is asked of the file of that name."""
    head = Label(
        tr("{name} holds several sound streams. Choose the one to use; hear it first.", name=name)
        if several
        else tr(
            "{name} has no header that says what it is. These are guesses, the likeliest first. Hear one before you take it: a wrong one is noise, so it is played quietly.",
            name=name,
        )
    )
    head.setWordWrap(True)
    return head


class HeaderlessDialog(QDialog):
    """``stated`` gives the format; ``heard`` asks to play the file so."""

    heard = Signal(Stated)

    def __init__(
        self, parent: QWidget, path: Path, others: int, current: Stated | None, streams: Sequence[str] = ()
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Choose a sound stream") if streams else tr("State a headerless format"))
        self._streams = streams
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(760), scaled(560))
        self._path = path
        column = QVBoxLayout(self)
        column.addWidget(_head(path.name, bool(streams)))
        self.list = QListWidget()
        self.list.setWordWrap(True)
        self.list.setAccessibleName(tr("Guesses"))
        self.list.addItem(tr("Trying what it could be …"))
        self.list.currentRowChanged.connect(self._take_guess)
        column.addWidget(self.list, 1)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.setIconSize(QSize(_WIDE, _HIGH))
        self.form = StatedForm(self._streams, current)
        self.form.changed.connect(self._check)
        row = QHBoxLayout()
        row.addWidget(self.form, 1)
        self.hear_button = Button(tr("Hear it so"))
        self.hear_button.clicked.connect(self._hear)
        row.addWidget(self.hear_button)
        column.addLayout(row)
        self.notice = Label()
        self.notice.setWordWrap(True)
        column.addWidget(self.notice)
        self.all_box = CheckBox(
            tr(
                "Also for {n} other files in its folder that cannot be read",
                "Also for {n} other file in its folder that cannot be read",
                others,
                n=others,
            )
        )
        self.all_box.setVisible(others > 0)
        column.addWidget(self.all_box)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self._guesses: list[Guess] = []
        self._had = current is not None
        self._worker = Worker(self)
        self._check()
        if streams:
            self.list.clear()
            self.list.addItems(list(streams))
            self.list.setCurrentRow(current.stream if current and not current.headerless else 0)
        else:
            self._worker.begin(path, lambda _: guess(path), self._guessed)

    def _guessed(self, outcome: Outcome[Path, list[Guess]]) -> None:
        self._show(outcome.found or [])

    def _show(self, found: list[Guess]) -> None:
        self._guesses = found[:8]
        self.list.clear()
        for one in self._guesses:
            sure = tr("hardly") if one.sure < 0.02 or not one.is_sound else tr("{sure:.0%} sure", sure=one.sure)
            head = f"{kind_of(one.stated.encoding)}, {in_words(format_hz(one.stated.rate))}"
            sides = tr(", {channels} channels", channels=one.stated.channels) if one.stated.channels > 1 else ""
            item = QListWidgetItem(
                f"{in_words(head)}{in_words(sides)}  ·  {tr('{value:.2f} s', value=one.seconds)}  ·  {in_words(sure)}\n{in_words(one.evidence)}"
            )
            item.setIcon(QIcon(self._drawn(one)))
            self.list.addItem(item)
        if not self._guesses:
            self.list.addItem(tr("Nothing that is known here fits it."))
        elif not self._had:
            self.list.setCurrentRow(0)

    def _drawn(self, one: Guess) -> QPixmap:
        """Its beginning as a small waveform: speech has pauses, noise fills it from end to end."""
        ratio = self.devicePixelRatioF()
        picture = QPixmap(round(_WIDE * ratio), round(_HIGH * ratio))
        picture.setDevicePixelRatio(ratio)
        picture.fill(QColor(colours().sheet))
        painter = QPainter(picture)
        painter.setPen(QColor(colours().wave_output))
        count = len(one.outline)
        for x in range(_WIDE if count else 0):
            low, high = one.outline[x * count // _WIDE]
            painter.drawLine(
                QPointF(x, _HIGH / 2 * (1 - min(1.0, high))), QPointF(x, _HIGH / 2 * (1 - max(-1.0, low)))
            )
        painter.end()
        return picture

    def _take_guess(self, row: int) -> None:
        if self._streams and 0 <= row < len(self._streams):
            self.form.show_stated(Stated.of_stream(row))
        elif 0 <= row < len(self._guesses):
            self.form.show_stated(self._guesses[row].stated)

    def _check(self) -> None:
        stated = self.stated()
        self.box.button(QDialogButtonBox.StandardButton.Ok).setEnabled(stated is not None)
        self.hear_button.setEnabled(stated is not None)

    def stated(self) -> Stated | None:
        """The format as it stands in the lists; None while it is none, with the reason shown."""
        try:
            found = self.form.stated()
        except RulesError as error:
            self.notice.setText(str(error))
            return None
        self.notice.setText("")
        return found

    def _hear(self) -> None:
        if stated := self.stated():
            self.heard.emit(stated)
