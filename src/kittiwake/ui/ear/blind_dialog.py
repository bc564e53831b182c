"""A blind comparison: A, B and X, ten rounds."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtGui import QCloseEvent, QKeyEvent
from PySide6.QtWidgets import QDialog, QHBoxLayout, QVBoxLayout, QWidget

from ...core.ear.blind import Blind
from ...words import in_words, phrase, tr
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.worded import Choice, Label
from .player import Player

_WORDS = {"source": phrase("the source"), "output": phrase("the output"), "line": phrase("on the line")}


class BlindDialog(QDialog):
    """Plays what the player has loaded, and does not let it show which way that is."""

    def __init__(self, parent: QWidget, player: Player, seed: int | None = None) -> None:
        super().__init__(parent)
        self._player, self._seed = player, seed
        self.setWindowTitle(tr("Blind comparison"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.setMinimumWidth(scaled(480))
        column = QVBoxLayout(self)
        self.head = Label()
        self.head.setWordWrap(True)
        column.addWidget(self.head)
        ways = QHBoxLayout()
        self.a_box, self.b_box = Choice(), Choice()
        for name, box, usual in ((tr("A is"), self.a_box, "source"), (tr("B is"), self.b_box, "line")):
            for way in player.ways:
                box.addItem(in_words(_WORDS.get(way, way)), way)
            box.setCurrentIndex(max(0, box.findData(usual)))
            box.setAccessibleName(in_words(name))
            box.currentIndexChanged.connect(lambda _: self._begin())
            ways.addWidget(Label(name))
            ways.addWidget(box, 1)
        column.addLayout(ways)
        hear = QHBoxLayout()
        self.hear_buttons: dict[str, Button] = {}
        for which in "abx":
            button = Button(tr("Hear {which}  {which}", which=which.upper()))
            button.clicked.connect(lambda _=False, which=which: self.hear(which))
            hear.addWidget(button)
            self.hear_buttons[which] = button
        column.addLayout(hear)
        answers = QHBoxLayout()
        self.is_a, self.is_b = Button(tr("X is A  ←")), Button(tr("X is B  →"))
        self.is_a.clicked.connect(lambda: self.answer(True))
        self.is_b.clicked.connect(lambda: self.answer(False))
        self.again = Button(tr("Once more"))
        self.again.clicked.connect(self._begin)
        for button in (self.is_a, self.is_b, self.again):
            answers.addWidget(button)
        column.addLayout(answers)
        player.hidden = True
        self._begin()
        self.hear_buttons["x"].setFocus()

    def _begin(self) -> None:
        self.blind = Blind(str(self.a_box.currentData()), str(self.b_box.currentData()), seed=self._seed)
        self._show()

    def _show(self) -> None:
        blind = self.blind
        same = blind.a == blind.b
        if same:
            self.head.setText(tr("Choose two different ways to hear it."))
        elif blind.over:
            self.head.setText(blind.words)
        else:
            self.head.setText(
                tr(
                    "Round {count} of {rounds}: X is A or B. Hear each as often as you like.",
                    count=len(blind.answers) + 1,
                    rounds=blind.rounds,
                )
            )
        for button in (*self.hear_buttons.values(), self.is_a, self.is_b):
            button.setEnabled(not same and not blind.over)
        self.again.setEnabled(bool(blind.answers))

    def hear(self, which: str) -> None:
        """From the start."""
        if not self.blind.over and self.blind.a != self.blind.b:
            self._player.choose(self.blind.way(which))
            self._player.seek(0.0)
            if not self._player.playing:
                self._player.play()

    def answer(self, is_a: bool) -> None:
        self._player.pause()
        self.blind.answer(is_a)
        self._show()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        key = event.text().lower()
        if key in ("a", "b", "x"):
            self.hear(key)
        elif event.key() in (Qt.Key.Key_Left, Qt.Key.Key_Right) and self.is_a.isEnabled():
            self.answer(event.key() == Qt.Key.Key_Left)
        else:
            super().keyPressEvent(event)

    def done(self, result: int) -> None:
        self._end()
        super().done(result)

    def closeEvent(self, event: QCloseEvent) -> None:
        self._end()
        super().closeEvent(event)

    def _end(self) -> None:
        self._player.pause()
        self._player.hidden = False
        self._player.changed.emit()
