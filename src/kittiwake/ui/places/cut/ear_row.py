"""What the speech engine hears in the spans, as suggestions of names; on show only while there is something to say."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QHBoxLayout, QWidget

from ....commands import key_of
from ....core.model import Cut, Facts, Line, Span
from ....words import tr
from ....work.cut.by_ear import suggested, take_all, take_one
from ...ear.names import HeardSpan, Names
from ...widgets.button import Button
from ...widgets.worded import Label
from ...workers.worker import Outcome


class EarRow(QWidget):
    """``heard`` when there is more to show; ``taken`` with what it is called and the cut with names as suggested."""

    heard = Signal()
    taken = Signal(str, object)

    def __init__(self) -> None:
        super().__init__()
        self.names = Names(self)
        self._source: Path | None = None
        self._lines: tuple[Line, ...] = ()
        # What was heard, with where: a span that has changed since is not what was listened to.
        self._places: dict[str, tuple[int, int, int | None]] = {}
        self._asked: dict[str, Span] = {}
        self._share, self._wrong = 0.0, ""
        self._cut, self._chosen = Cut(), ""
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(8)
        self.notice = Label()
        row.addWidget(self.notice, 1)
        self.take_button = Button(tr("Take it  {key}", key=key_of("cut.take_heard")))
        row.addWidget(self.take_button)
        self.all_button = Button(tr("Take all"))
        self.all_button.clicked.connect(self.take_every)
        row.addWidget(self.all_button)
        self.end_button = Button(tr("Done"))
        self.end_button.clicked.connect(self.end)
        row.addWidget(self.end_button)
        # A list of thousands is not shown anew for each of them.
        self._news = QTimer(self)
        self._news.setSingleShot(True)
        self._news.setInterval(250)
        self._news.timeout.connect(self.heard)
        self.hide()

    def begin(self, facts: Facts, cut: Cut) -> None:
        """Listen to all spans of a source for the lines of its list."""
        self.end()
        self._source, self._lines, self._wrong = facts.path, cut.lines, ""
        self._asked = {span.id: span for span in cut.spans}
        if not cut.lines:
            self._wrong = tr("There is no list yet: Ctrl+L takes names and texts, which can then be listened for.")
        else:
            self._share = 0.0
            self.names.listen(facts, cut.spans, cut.lines, self._heard, self._ended)
        self.show_for(facts.path, cut, self._chosen)

    def end(self) -> None:
        """Forget what was heard, and listen no more."""
        self.names.drop()
        self._places, self._source, self._share = {}, None, 0.0
        self.hide()
        self.heard.emit()

    def _heard(self, news: HeardSpan) -> None:
        source, span_id, place, share = news
        span = self._asked.get(span_id)
        if source == self._source and span is not None:
            self._places[span_id] = (span.start, span.stop, place)
            self._share = share
            if not self._news.isActive():
                self._news.start()

    def _ended(self, outcome: Outcome[Path, None]) -> None:
        if outcome.asked == self._source:
            self._share, self._wrong = 1.0, outcome.wrong
            self.heard.emit()

    def _places_in(self, cut: Cut) -> dict[str, int | None]:
        if cut.lines != self._lines:
            return {}
        known = ((span, self._places.get(span.id)) for span in cut.spans)
        return {span.id: it[2] for span, it in known if it is not None and it[:2] == (span.start, span.stop)}

    def suggestions(self, source: Path | None, cut: Cut) -> dict[str, Line]:
        """Names that would change, by span id."""
        return suggested(cut, self._places_in(cut)) if source is not None and source == self._source else {}

    def show_for(self, source: Path | None, cut: Cut, chosen: str) -> None:
        """Say what is suggested for the chosen span."""
        self._cut, self._chosen = cut, chosen
        if source is None or source != self._source:
            self.hide()
            return
        places = self._places_in(cut)
        suggestions = suggested(cut, places)
        span = cut.span(chosen)
        if self._wrong:
            text = self._wrong
        elif chosen in suggestions:
            text = tr(
                "Suggestion: sounds like “{name}”: {text}",
                name=suggestions[chosen].name,
                text=suggestions[chosen].text,
            )
        elif span is None or chosen not in places:
            text = tr("Not listened to.") if self._share >= 1 else tr("Not listened to yet.")
        elif places[chosen] is None:
            text = tr("None of the lines is heard in this one.")
        else:
            text = tr("Sounds like its name, “{name}”.", name=span.name)
        if self._share < 1 and not self._wrong:
            text = tr("Listening for the lines, {share:.0%} … {text}", share=self._share, text=text)
        self.notice.setText(text)
        self.take_button.setEnabled(chosen in suggestions)
        many = 0
        if self._share >= 1:
            following = take_all(cut, places).spans
            pairs = zip(cut.spans, following, strict=True)
            many = sum((one.name, one.aside) != (other.name, other.aside) for one, other in pairs)
        self.all_button.setText(tr("Take all {many}", many=many) if many else tr("Take all"))
        self.all_button.setEnabled(many > 0)
        self.end_button.setText(tr("Stop") if self.names.busy and self._share < 1 else tr("Done"))
        self.show()

    def take(self) -> None:
        """Name the chosen span as suggested."""
        line = self.suggestions(self._source, self._cut).get(self._chosen)
        if line is not None:
            self.taken.emit(tr("naming “{name}” by ear", name=line.name), take_one(self._cut, self._chosen, line))

    def take_every(self) -> None:
        """Name all spans as suggested."""
        new = take_all(self._cut, self._places_in(self._cut))
        if new != self._cut:
            self.taken.emit(tr("naming by ear"), new)
