"""The bench for what a service heard: beside what was meant, word by word."""

from __future__ import annotations

from dataclasses import replace
from html import escape
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import (
    QHBoxLayout,
    QVBoxLayout,
)

from .....commands import key_of
from .....core.disk.place import write_whole
from .....core.errors import KittiwakeError
from .....core.model import Clip, Receiver
from .....core.model.service import Service
from .....ui.dialogs.ask import where_to_save
from .....ui.places.place import PlacePage, Stop, place
from .....ui.shell.session import Session
from .....ui.theme.colours import colours
from .....ui.theme.scale import scaled
from .....ui.widgets.button import Button
from .....ui.widgets.elided import ElidedLabel
from .....ui.widgets.row_table import Column, RowTable
from .....ui.widgets.worded import Label
from .....ui.workers.worker import Outcome
from .....words import in_words, phrase, tr
from .....work.project import Cell, edits
from .....work.project.handing import root_of
from .....work.script.score import Score
from ...core.ask import Answer, ToAsk, as_command, request_of
from ...core.costs import Meant
from ...core.listed import Listed, as_csv, as_jsonl, listed, sum_of, sums
from ...worker import PartlyHeard, ServiceWorker
from .costs import CostsPage

if TYPE_CHECKING:
    from .....ui.shell.context import Context

_ANSWERS = ".kittiwake-heard.jsonl"
_SHOWN = phrase("The first request, with the sound shortened")


class HeardPage(PlacePage):
    """``played`` asks for a clip to be heard; ``message`` words for the foot of the window."""

    played = Signal(str, str)  # clip id, slug

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self.worker = ServiceWorker(self)
        self._receiver: Receiver | None = None
        self._clips: dict[str, Clip] = {}
        self.answers: dict[str, tuple[Answer, Score | None]] = {}
        self.listed: dict[str, Listed] = {}
        self._wanted = 0
        self._first: ToAsk | None = None
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 8, 14, 8)
        row = QHBoxLayout()
        self.head = Label(tr("Heard by a service"))
        self.head.setProperty("head", True)
        row.addWidget(self.head)
        self.sum = Label()
        self.sum.setProperty("soft", True)
        row.addWidget(self.sum, 1)
        column.addLayout(row)
        self._make_table()
        column.addWidget(self.table, 1)
        column.addLayout(self._buttons())
        self.request = ElidedLabel()
        self.request.setProperty("soft", True)
        column.addWidget(self.request)
        self.costs = CostsPage()
        self.costs.left.connect(self._leave_costs)
        self.costs.message.connect(self.message.emit)
        self.costs.hide()
        column.addWidget(self.costs, 3)

    def _buttons(self) -> QHBoxLayout:
        self.play_button = Button(tr("Hear it  Enter"))
        self.take_button = Button(tr("Take what was heard  T"))
        self.take_button.setToolTip(tr("What was heard becomes the text of the clip"))
        self.ask_button = Button(tr("Ask again"))
        self.list_button = Button(tr("List…"))
        self.list_button.setToolTip(tr("All of it as a table: CSV or JSON Lines"))
        self.copy_button = Button(tr("Copy the request"))
        self.copy_button.setToolTip(tr("The first request, as a command for a terminal"))
        self.codecs_button = Button(tr("What codecs cost…"))
        self.codecs_button.setToolTip(
            tr("The same clips sent as they are and after each codec: how many words each costs")
        )
        buttons = QHBoxLayout()
        for button, does in (
            (self.play_button, self.play),
            (self.take_button, self.take),
            (self.ask_button, self.ask),
            (self.list_button, self.choose_list),
            (self.copy_button, self.copy_request),
            (self.codecs_button, self.show_costs),
        ):
            button.clicked.connect(does)
            buttons.addWidget(button)
        buttons.addStretch(1)
        return buttons

    def _make_table(self) -> None:
        self.table: RowTable[Listed] = RowTable(
            tr("What was heard, most doubtful first"),
            [
                Column(tr("Clip"), self._name_of, width=178),
                Column(
                    tr("Meant, and heard"),
                    lambda one: one.answer.error or one.answer.text or tr("nothing"),
                    html=lambda one: _marked(one.answer, one.found),
                    tip=lambda one: _marked(one.answer, one.found) + _times(one.answer),
                ),
                Column(tr("Words wrong"), lambda one: _share(one.found.words if one.found else None), width=106),
                Column(
                    tr("Letters wrong"), lambda one: _share(one.found.characters if one.found else None), width=118
                ),
                Column(tr("Sure"), lambda one: _share(one.answer.confidence), width=74),
                Column(tr("Took"), lambda one: _took(one.answer), width=124),
                Column(tr("Sent"), lambda one: one.answer.sent, width=186),
            ],
            key=lambda one: one.answer.name,
            height=31,
        )
        self.table.keys.update({
            Qt.Key.Key_Return: self.play, Qt.Key.Key_Enter: self.play, Qt.Key.Key_Space: self.play, Qt.Key.Key_T: self.take,
        })  # fmt: skip
        self.table.setMinimumHeight(scaled(110))
        self.table.message.connect(self.message)
        self.table.doubleClicked.connect(lambda _: self.play())

    def _name_of(self, one: Listed) -> str:
        clip = self._clips.get(one.answer.name)
        return clip.name if clip is not None else ""

    def begin(self, receiver: Receiver) -> None:
        """Ask about all that is made for a receiver with a service."""
        self._receiver = receiver
        self.ask()
        self.table.setFocus()

    def ask(self) -> None:
        """Ask; what was answered for the same bytes is not asked again."""
        receiver = self._receiver
        if receiver is None or receiver.service is None or self.worker.busy:
            return
        project = self._session.project
        cells = [
            cell
            for clip in project.job.clips
            if (cell := project.cell(clip, receiver)).state == "made" and cell.record
        ]
        self._clips = {cell.clip.id: cell.clip for cell in cells}
        self.answers.clear()
        self.listed.clear()
        self.table.show_rows(())
        items = [self._to_ask(cell) for cell in cells]
        self._wanted = len(items)
        if not items:
            self.message.emit(tr("Nothing is made for {name} yet: M makes all that can be made.", name=receiver.name))
            return
        self._first = items[0]
        shown = request_of(items[0], receiver.service, receiver.service.url or "http://127.0.0.1/hear", "").shown
        self.request.setText(" ".join(shown.split()))
        self.request.setToolTip(f"{in_words(_SHOWN)}:\n{in_words(shown)}")
        self.head.setText(tr("Heard by {name}", name=receiver.name))
        self.worker.ask(items, receiver.service, root_of(project, receiver) / _ANSWERS, self._heard, self._finished)
        self._show_sum()

    def _to_ask(self, cell: Cell) -> ToAsk:
        assert cell.record is not None
        stated = cell.fit.recipe.stated if cell.fit and cell.fit.recipe else None
        return ToAsk(Path(cell.record.output), cell.clip.id, cell.clip.language or "en", stated)

    def _partly(self, clip_id: str, text: str) -> None:
        """What was heard so far of one."""
        clip = self._clips.get(clip_id)
        if clip is not None and clip_id not in self.answers:
            self.sum.setText(
                tr(
                    "{count} of {wanted} answered; {name}: “{text} …”",
                    count=len(self.answers),
                    wanted=self._wanted,
                    name=clip.name,
                    text=text,
                )
            )

    def _heard(self, one: Answer | PartlyHeard) -> None:
        if isinstance(one, PartlyHeard):
            self._partly(one.clip, one.text)
        else:
            self._answered(one)

    def _answered(self, answer: Answer) -> None:
        clip = self._clips.get(answer.name)
        if clip is None:
            return
        one = listed(answer, clip.text, clip.language or "en", clip.speaker)
        self.answers[clip.id] = (answer, one.found)
        self.listed[clip.id] = one
        self.table.show_rows(sorted(self.listed.values(), key=lambda other: -other.doubt))
        self._show_sum()

    def _show_sum(self) -> None:
        answers = list(self.listed.values())
        sentences = [
            tr("{count} of {wanted} answered", count=len(answers), wanted=self._wanted),
            in_words(sum_of("all", answers).sentence).partition(", ")[2],
        ]
        parts = [
            tr("{name} {share:.0f} %", name=part.name, share=part.words_wrong * 100)
            for by in ("language", "speaker")
            for part in sums(answers, by)[:4]
            if part.words
        ]
        if len(parts) > 1:
            sentences.append(tr("words wrong: ") + ", ".join(parts))
        self.sum.setText(", ".join(map(in_words, filter(None, sentences))))
        self.sum.setToolTip(in_words(self.sum.text()))

    def _finished(self, outcome: Outcome[Service, None]) -> None:
        if self.table.rowCount():
            self.table.set_current(0)
        self.message.emit(outcome.wrong or self.sum.text() + ".")

    def current(self) -> Clip | None:
        one = self.table.current
        return self._session.project.clip(one.answer.name) if one is not None else None

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
            self.message.emit(tr("Choose a line that was heard."))
            return
        edits.replace_clip(
            self._session.project, tr("the text of “{name}”", name=clip.name), clip.changed(text=answer[0].text)
        )
        self.message.emit(
            tr(
                "“{text}” is the text of “{name}” now; {key} takes it back.",
                text=answer[0].text,
                name=clip.name,
                key=key_of("edit.undo"),
            )
        )

    def copy_request(self) -> None:
        """The first request, as a command of a terminal, to the clipboard."""
        receiver = self._receiver
        if receiver is None or receiver.service is None or self._first is None:
            return
        command = as_command(self._first, receiver.service, receiver.service.url or "http://127.0.0.1/hear")
        QGuiApplication.clipboard().setText(command)
        self.message.emit(tr("The request is on the clipboard as a command; the key is not in it."))

    def choose_list(self) -> None:
        """Ask where, and write all of it as a table there."""
        start = self._session.project.output_folder / "heard.csv"
        path = where_to_save(
            self,
            tr("What was heard, as a table"),
            start,
            tr("CSV (*.csv);;JSON Lines (*.jsonl)"),
            (".csv", ".jsonl"),
        )
        if path is not None:
            self.write_list(path)

    def write_list(self, path: Path) -> None:
        """All of it, most doubtful first."""
        answers = sorted(self.listed.values(), key=lambda one: -one.doubt)
        named = [
            replace(one, answer=replace(one.answer, name=clip.name))
            for one in answers
            if (clip := self._clips.get(one.answer.name))
        ]
        try:
            write_whole(path, as_jsonl(named) if path.suffix.lower() == ".jsonl" else as_csv(named))
        except (KittiwakeError, OSError) as error:
            self.message.emit(tr("{name} was not written: {error}", name=path.name, error=error))
            return
        self.message.emit(
            tr(
                "{count} lines are in {name}.",
                "{count} line is in {name}.",
                len(named),
                count=len(named),
                name=path.name,
            )
        )

    def show_costs(self) -> None:
        """What each codec costs in words, of all clips with a text."""
        receiver = self._receiver
        if receiver is None or receiver.service is None or self.worker.busy:
            return
        project = self._session.project
        clips = [
            Meant(clip, facts, clip.text, clip.language or "en")
            for clip, facts in project.known_clips()
            if clip.text and clip.is_for(receiver.slug)
        ]
        self.table.hide()
        self.costs.show()
        self.costs.begin(
            clips, receiver.service, self.worker.url_of(receiver.service), root_of(project, receiver) / _ANSWERS
        )

    def _leave_costs(self) -> None:
        self.costs.hide()
        self.table.show()
        self.table.setFocus()

    def shut_down(self) -> None:
        self.costs.shut_down()
        self.worker.shut_down()


def _share(value: float | None) -> str:
    return "–" if value is None else f"{value * 100:.0f} %"


def _took(answer: Answer) -> str:
    if answer.kept:
        return tr("kept")
    factor = answer.real_time_factor
    more = tr(", {factor:.2f}×", factor=factor) if factor is not None else ""
    return tr("{seconds:.2f} s", seconds=answer.seconds) + more


def _times(answer: Answer) -> str:
    """When each word was said."""
    if not answer.words:
        return ""
    return "<br>" + ", ".join(
        tr("{escape} {start:.2f} to {end:.2f} s", escape=escape(word), start=start, end=end)
        for word, start, end in answer.words
    )


def _marked(answer: Answer, found: Score | None) -> str:
    """What was heard, with what was not struck through, and what was not meant underlined: shown by form, not by colour alone."""
    c = colours()
    if answer.error:
        return f'<span style="color:{c.cannot}">{escape(answer.error)}</span>'
    if found is None:
        return escape(answer.text) or f"<i>{tr('nothing')}</i>"
    parts = []
    for kind, meant, heard in found.differences:
        if kind == "equal":
            parts.append(escape(meant))
            continue
        if meant:
            parts.append(f'<s style="color:{c.soft}">{escape(meant)}</s>')
        if heard:
            parts.append(f'<u style="color:{c.decide}"><b>{escape(heard)}</b></u>')
    return " ".join(parts) or f"<i>{tr('nothing')}</i>"


@place("heard", "What was heard", Stop.HEAR, share=0.6)
def heard_page(at: Context) -> HeardPage:
    page = HeardPage(at.session)
    page.played.connect(at.playback.hear_cell)
    return page
