"""The bench for what a service heard: beside what was meant, word by word."""

from __future__ import annotations

from html import escape
from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QHBoxLayout,
    QHeaderView,
    QLabel,
    QSizePolicy,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from ...core.model import Clip, Receiver
from ...core.project import Cell, edits
from ...core.project.handing import root_of
from ...core.service.ask import Answer, ToAsk, request_of
from ...core.service.score import Score, score
from ..asking import Asker
from ..button import Button
from ..elided import ElidedLabel
from ..session import Session
from ..theme.colours import colours

_HEADS = ("Clip", "Meant, and heard", "Words wrong", "Letters wrong", "Sure", "Took")
_ANSWERS = ".kittiwake-heard.jsonl"
_SHOWN = "The first request, with the sound shortened"


class HeardPage(QWidget):
    """``played`` asks for a clip to be heard; ``told`` words for the foot of the window."""

    played = Signal(str, str)  # clip id, slug
    told = Signal(str)

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self.asker = Asker(self)
        self._receiver: Receiver | None = None
        self._clips: dict[str, Clip] = {}
        self.answers: dict[str, tuple[Answer, Score | None]] = {}
        self._wanted = 0
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 8, 14, 8)
        row = QHBoxLayout()
        self.head = QLabel("Heard by a service")
        self.head.setProperty("head", True)
        row.addWidget(self.head)
        self.sum = QLabel()
        self.sum.setProperty("soft", True)
        row.addWidget(self.sum, 1)
        self.play_button = Button("Hear it")
        self.take_button = Button("Take what was heard")
        self.take_button.setToolTip("What was heard becomes the text of the clip")
        self.ask_button = Button("Ask again")
        for button, does in (
            (self.play_button, self.play),
            (self.take_button, self.take),
            (self.ask_button, self.ask),
        ):
            button.clicked.connect(does)
            row.addWidget(button)
        column.addLayout(row)
        self.table = QTableWidget(0, len(_HEADS))
        self.table.setAccessibleName("What was heard")
        self.table.setHorizontalHeaderLabels(list(_HEADS))
        self.table.setProperty("action_keys", True)
        self.table.setEditTriggers(QTableWidget.EditTrigger.NoEditTriggers)
        self.table.setSelectionBehavior(QTableWidget.SelectionBehavior.SelectRows)
        self.table.setShowGrid(False)
        self.table.verticalHeader().hide()
        self.table.verticalHeader().setDefaultSectionSize(31)
        heads = self.table.horizontalHeader()
        heads.setHighlightSections(False)
        heads.setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        heads.setSectionResizeMode(1, QHeaderView.ResizeMode.Stretch)
        for at, width in ((0, 190), (2, 120), (3, 124), (4, 76), (5, 84)):
            self.table.setColumnWidth(at, width)
        self.table.itemDoubleClicked.connect(lambda _: self.play())
        column.addWidget(self.table, 1)
        self.request = ElidedLabel()
        self.request.setProperty("soft", True)
        column.addWidget(self.request)
        self.asker.answered.connect(self._answered)
        self.asker.finished.connect(self._finished)

    def begin(self, receiver: Receiver) -> None:
        """Ask about all that is made for a receiver with a service."""
        self._receiver = receiver
        self.ask()

    def ask(self) -> None:
        """Ask; what was answered for the same bytes is not asked again."""
        receiver = self._receiver
        if receiver is None or receiver.service is None or self.asker.busy:
            return
        project = self._session.project
        cells = [
            cell
            for clip in project.job.clips
            if (cell := project.cell(clip, receiver)).state == "made" and cell.record
        ]
        self._clips = {cell.clip.id: cell.clip for cell in cells}
        self.answers.clear()
        self.table.setRowCount(0)
        items = [self._to_ask(cell) for cell in cells]
        self._wanted = len(items)
        if not items:
            self.told.emit(f"Nothing is made for {receiver.name} yet: M makes all that can be made.")
            return
        shown = request_of(items[0], receiver.service, receiver.service.url or "http://127.0.0.1/hear", "").shown
        self.request.setText(" ".join(shown.split()))
        self.request.setToolTip(f"{_SHOWN}:\n{shown}")
        self.head.setText(f"Heard by {receiver.name}")
        self.asker.ask(items, receiver.service, root_of(project, receiver) / _ANSWERS)
        self._show_sum()

    def _to_ask(self, cell: Cell) -> ToAsk:
        assert cell.record is not None
        stated = cell.fit.recipe.stated if cell.fit and cell.fit.recipe else None
        return ToAsk(Path(cell.record.output), cell.clip.id, cell.clip.language or "en", stated)

    def _answered(self, answer: Answer) -> None:
        clip = self._clips.get(answer.name)
        if clip is None:
            return
        found = score(clip.text, answer.text, clip.language or "en") if clip.text and not answer.error else None
        self.answers[clip.id] = (answer, found)
        row = self.table.rowCount()
        self.table.insertRow(row)
        name = QTableWidgetItem(clip.name)
        name.setData(Qt.ItemDataRole.UserRole, clip.id)
        self.table.setItem(row, 0, name)
        label = QLabel(_marked(answer, found))
        label.setTextFormat(Qt.TextFormat.RichText)
        label.setContentsMargins(10, 0, 6, 0)
        label.setMinimumWidth(0)
        label.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        label.setToolTip(label.text())
        self.table.setCellWidget(row, 1, label)
        self.table.setItem(row, 1, QTableWidgetItem(""))
        sure = "–" if answer.confidence is None else f"{answer.confidence * 100:.0f} %"
        took = "kept" if answer.kept else f"{answer.seconds:.2f} s"
        texts = (
            "–" if found is None else f"{found.words * 100:.0f} %",
            "–" if found is None else f"{found.characters * 100:.0f} %",
            sure,
            took,
        )
        for column, text in enumerate(texts, 2):
            self.table.setItem(row, column, QTableWidgetItem(text))
        self._show_sum()

    def _show_sum(self) -> None:
        scores = [one for _, one in self.answers.values() if one is not None]
        words = sum(len(one.meant.split()) for one in scores)
        wrong = sum(one.words * len(one.meant.split()) for one in scores)
        told = f"{len(self.answers)} of {self._wanted} answered"
        if words:
            told += f", word error rate {wrong / words * 100:.1f} % of {words} words"
        failed = sum(bool(answer.error) for answer, _ in self.answers.values())
        self.sum.setText(told + (f", {failed} without an answer" if failed else ""))

    def _finished(self, wrong: str) -> None:
        if self.table.rowCount():
            self.table.setCurrentCell(0, 0)
        self.told.emit(wrong or self.sum.text() + ".")

    def current(self) -> Clip | None:
        item = self.table.item(self.table.currentRow(), 0)
        return self._session.project.clip(str(item.data(Qt.ItemDataRole.UserRole))) if item else None

    def play(self) -> None:
        """The clip of the current row, as it was sent."""
        clip = self.current()
        if clip is not None and self._receiver is not None:
            self.played.emit(clip.id, self._receiver.slug)

    def take(self) -> None:
        """What was heard becomes the text of the clip."""
        clip = self.current()
        answer = self.answers.get(clip.id) if clip else None
        if clip is None or answer is None or answer[0].error:
            self.told.emit("Choose a line that was heard.")
            return
        edits.replace_clip(self._session.project, f"the text of “{clip.name}”", clip.changed(text=answer[0].text))
        self.told.emit(f"“{answer[0].text}” is the text of “{clip.name}” now; Ctrl+Z takes it back.")

    def shut_down(self) -> None:
        self.asker.shut_down()


def _marked(answer: Answer, found: Score | None) -> str:
    """What was heard, with what was not struck through, and what was not meant underlined: told by form, not by colour alone."""
    c = colours()
    if answer.error:
        return f'<span style="color:{c.cannot}">{escape(answer.error)}</span>'
    if found is None:
        return escape(answer.text) or "<i>nothing</i>"
    parts = []
    for kind, meant, heard in found.differences:
        if kind == "equal":
            parts.append(escape(meant))
            continue
        if meant:
            parts.append(f'<s style="color:{c.soft}">{escape(meant)}</s>')
        if heard:
            parts.append(f'<u style="color:{c.decide}"><b>{escape(heard)}</b></u>')
    return " ".join(parts) or "<i>nothing</i>"
