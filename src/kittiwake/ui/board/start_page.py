"""What an empty board says: the ways to begin, each a thing to press, and what is made for."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QVBoxLayout, QWidget

from ...commands import key_of
from ...words import in_words, tr
from ..shell.session import Session
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.worded import Label
from .model import demand
from .ways_to_begin import WAYS


class StartPage(QWidget):
    """``wanted`` names a command."""

    wanted = Signal(str)

    def __init__(self, parent: QWidget, session: Session) -> None:
        super().__init__(parent)
        self._session = session
        column = QVBoxLayout(self)
        column.addStretch(1)
        middle = QHBoxLayout()
        middle.addStretch(1)
        grid = QGridLayout()
        grid.setHorizontalSpacing(16)
        grid.setVerticalSpacing(8)
        head = Label(tr("Put sound on the board"))
        head.setProperty("head", True)
        grid.addWidget(head, 0, 0, 1, 2)
        self.buttons: list[Button] = []
        for row, way in enumerate(WAYS.values(), 1):
            button = Button()
            button.setProperty("main", row == 1)
            button.setMinimumWidth(scaled(190))
            button.clicked.connect(lambda _=False, id_=way.command: self.wanted.emit(id_))
            self._row(grid, row, button, way.outcome)
        self._receivers = Label()
        self._receivers.setProperty("soft", True)
        self._receivers.setWordWrap(True)
        self._receivers.setMinimumWidth(scaled(360))
        button = Button()
        button.clicked.connect(lambda: self.wanted.emit("receiver.choose"))
        self._row(grid, len(WAYS) + 1, button, "")
        grid.addWidget(self._receivers, len(WAYS) + 1, 1)
        middle.addLayout(grid)
        middle.addStretch(1)
        column.addLayout(middle)
        column.addStretch(2)
        session.job_changed.connect(self.refresh)
        self.refresh()

    def _row(self, grid: QGridLayout, row: int, button: Button, outcome: str) -> None:
        grid.addWidget(button, row, 0)
        self.buttons.append(button)
        if outcome:
            label = Label(outcome)
            label.setProperty("soft", True)
            label.setWordWrap(True)
            label.setMinimumWidth(scaled(360))
            grid.addWidget(label, row, 1, Qt.AlignmentFlag.AlignVCenter)

    def refresh(self) -> None:
        """Say what is made for, while the board is empty."""
        project = self._session.project
        self.setVisible(not project.job.clips)
        ways = [*((way.command, way.words) for way in WAYS.values()), ("receiver.choose", tr("Made for…"))]
        for button, (id_, words) in zip(self.buttons, ways, strict=True):
            button.setText(f"{in_words(words)}  {key_of(id_)}".rstrip())
        if project.job.clips:
            return
        sentences = [f"{in_words(one.name)} ({in_words(demand(one))})" for one in project.receivers[:3]]
        more = len(project.receivers) - len(sentences)
        self._receivers.setText(
            "; ".join(map(in_words, sentences)) + (tr("; and {more} more", more=more) if more else "")
        )
