"""The bench for cutting: a long reading becomes named clips."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QEvent, QObject, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QSplitter, QVBoxLayout

from ....core.errors import KittiwakeError
from ....core.model import Clip, Cut, Span
from ....words import in_words, tr
from ....work.cut.edit import takes
from ...commands.cut import names_from_list
from ...shell.session import Session
from ...theme.scale import scaled
from ...widgets.field import Field
from ...workers.cuts import CutWorker, Picture
from ..place import PlacePage, Stop, keyboard_is_in, place
from .ear_row import EarRow
from .find_row import FindRow
from .finding import Finding
from .name_row import NameRow
from .rolled_view import RolledView
from .table import SpanTable
from .view import CutView
from .viewport import Shown, clock
from .work import CutWork

if TYPE_CHECKING:
    from ...shell.context import Context


class CutPage(PlacePage):
    """Shows how one source is cut. ``heard`` asks to play a span."""

    heard = Signal(object)  # Clip
    turned = Signal()  # to another span

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session, self._cutter = session, CutWorker(self)
        self.work: CutWork = CutWork(session)
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 6, 14, 6)
        column.setSpacing(6)
        self.names = NameRow()
        self.head, self.name, self.words = self.names.head, self.names.name, self.names.words
        self.typed: Field = self.names.typed
        self.list_button, self.ear_button = self.names.list_button, self.names.ear_button
        self.name.installEventFilter(self)
        column.addWidget(self.names)
        halves = QSplitter(Qt.Orientation.Vertical)
        halves.setChildrenCollapsible(False)
        rolled = RolledView()
        self.wave: CutView = rolled.wave
        self.bar = rolled.bar
        halves.addWidget(rolled)
        self.table = SpanTable()
        self.table.setMinimumHeight(scaled(90))
        halves.addWidget(self.table)
        halves.setStretchFactor(0, 3)
        halves.setStretchFactor(1, 2)
        column.addWidget(halves, 1)
        self.ear: EarRow = EarRow()
        self.finding = FindRow()
        for row in (self.ear, self.finding):
            column.addWidget(row)
        self.finder = Finding(self.work, self.wave, self.finding)
        self._connect()

    def _connect(self) -> None:
        self.work.changed.connect(self._refresh)
        self.work.message.connect(self.message)
        self.wave.chosen.connect(self.choose)
        self.wave.edge_moved.connect(self.work.move_edge)
        self.wave.drawn.connect(self._draw)
        self.wave.stepped.connect(lambda way: self.step(way))
        self.wave.pointed.connect(lambda _: self._say_place())
        self.wave.entered.connect(self.begin_to_name)
        self.table.chosen.connect(self._row_chosen)
        self.table.picked.connect(self._show_spans)
        self.table.renamed.connect(lambda span_id, name: self.work.rename(name, span_id))
        self.table.worded.connect(self.work.word)
        self.table.moved.connect(self.work.move_edge)
        self.table.message.connect(self.message)
        self.typed.returnPressed.connect(self.add_typed)
        self.finder.message.connect(self.message)
        self.finder.searched.connect(self._choose_first)
        self.ear_button.clicked.connect(self.listen_for_names)
        self.ear.heard.connect(self._refresh)
        self.ear.taken.connect(self.work.put)
        self.ear.take_button.clicked.connect(self.take_heard)
        self._session.job_changed.connect(self._job_changed)
        self._session.facts_arrived.connect(self._facts_arrived)
        self._cutter.listened.connect(self.finder.listened)
        self._cutter.listening.connect(self.finder.listening)
        self._cutter.pictured.connect(self._pictured)

    def _row_chosen(self) -> None:
        if (row := self.table.current) is not None:
            self.choose(row.span.id)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """In the name field: Enter goes on, the arrows move among spans, Ctrl+Space plays again; letters are letters."""
        if watched is self.name and event.type() in (QEvent.Type.KeyPress, QEvent.Type.ShortcutOverride):
            assert isinstance(event, QKeyEvent)
            control = bool(event.modifiers() & Qt.KeyboardModifier.ControlModifier)
            does: Callable[[], object] | None = {
                Qt.Key.Key_Return: self._name_and_go_on,
                Qt.Key.Key_Enter: self._name_and_go_on,
                Qt.Key.Key_Up: lambda: self.step(-1, hear=True),
                Qt.Key.Key_Down: lambda: self.step(1, hear=True),
                Qt.Key.Key_Escape: self.wave.setFocus,
            }.get(Qt.Key(event.key()))
            if control and event.key() == Qt.Key.Key_Space:
                does = self.hear
            elif control and event.key() == Qt.Key.Key_Delete:
                does = self.drop
            elif control and event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
                does = self.take_heard if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else None
            if does is not None:
                if event.type() == QEvent.Type.ShortcutOverride:
                    event.accept()
                else:
                    does()
                return True
        return super().eventFilter(watched, event)

    # -- what is shown ---------------------------------------------------------------------------------------------

    @property
    def source(self) -> Path | None:
        return self.work.source

    @property
    def rate(self) -> int:
        return self.work.rate

    @property
    def cut(self) -> Cut:
        return self.work.cut

    def chosen(self) -> Span | None:
        return self.work.chosen

    def begin(self, clip: Clip) -> None:
        """Cut the source of a clip."""
        self.show_source(clip.source, clip.id if self._session.project.cut_of(clip.source).span(clip.id) else "")
        self.wave.setFocus()

    def show_source(self, source: Path, span_id: str = "") -> None:
        """Cut this source. Nothing is searched for before somebody asks; what a search would find is outlined."""
        facts = self._session.project.facts.get(source)
        fresh = source != self.source
        self.work.source, self.work.facts = source, facts
        if facts is None or not facts.ok:
            self.wave.show_picture(None, tr("Looking at it …") if facts is None else tr("There is no sound to cut."))
            self.finder.activity = None
            self._refresh()
            return
        self.wave.show_picture(self._cutter.picture(facts))
        if fresh:
            self.wave.show_found((), None)
            self.work.chosen_id = ""
            self.finding.show_settings(self.cut.settings)
        self.finder.activity = self._cutter.activity(facts)
        if self.finder.activity is not None and fresh:
            self.finder.preview()
        if span_id:
            self.work.chosen_id = span_id
        self._refresh()
        if fresh or span_id:
            self._choose_first()

    def _choose_first(self) -> None:
        spans = self.cut.spans
        if spans and not self.cut.span(self.work.chosen_id):
            self.choose(spans[0].id)

    def _facts_arrived(self, path: Path) -> None:
        if path == self.source:
            self._job_changed()

    def _job_changed(self) -> None:
        if self.isVisible() and self.source:
            if self._session.project.facts.get(self.source) is not self.work.facts:
                self.show_source(self.source)
            else:
                self._refresh()

    def _pictured(self, picture: object) -> None:
        if isinstance(picture, Picture) and picture.facts is self.work.facts:
            self.wave.show_picture(picture)

    def _refresh(self) -> None:
        cut, names = self.cut, self.work.names()
        if cut.spans and cut.span(self.work.chosen_id) is None:
            self.work.chosen_id = ""
        heard = self.ear.suggestions(self.source, cut)
        more = {}
        for span in cut.spans:
            takes_of_line = takes(cut, span.id)
            take = (
                tr("take {index} of {count}", index=takes_of_line.index(span) + 1, count=len(takes_of_line))
                if len(takes_of_line) > 1
                else ""
            )
            more[span.id] = f"→ {heard[span.id].name}?" if span.id in heard else take
        self.wave.rate = self.rate
        self.table.show_spans(cut.spans, names, more, self.rate)
        self.table.show_key(self.work.chosen_id)
        self._show_spans()
        active = sum(not span.aside for span in cut.spans)
        self.head.setText(tr("{n} clips", "{n} clip", active, n=active) if cut.spans else tr("Not cut yet"))
        self._show_name(self.chosen(), names)
        self.ear.show_for(self.source, cut, self.work.chosen_id)
        self._say_place()

    def _show_spans(self) -> None:
        cut, names = self.cut, self.work.names()
        without = {
            clip.id: clip.touch_up.without
            for clip in self._session.project.job.clips
            if clip.source == self.source and clip.touch_up.without
        }
        shown = [Shown(span, names[span.id], without.get(span.id, ())) for span in cut.spans]
        selected = self.table.selected_ids()
        self.wave.show_spans(shown, self.work.chosen_id, selected if len(selected) > 1 else ())

    def _show_name(self, chosen: Span | None, names: dict[str, str]) -> None:
        self.name.setEnabled(chosen is not None)
        text = names.get(chosen.id, "") if chosen else ""
        if text != self.name.text():
            self.name.setText(text)
        if self.name.hasFocus():
            self.name.selectAll()
        self.words.setText(f"“{in_words(chosen.text)}”" if chosen and chosen.text else "")

    def _say_place(self) -> None:
        place = self.wave.place_in_words()
        chosen = self.chosen()
        span = ""
        if chosen:
            start, stop = (clock(frame / self.rate, 0.001) for frame in (chosen.start, chosen.stop))
            span = tr(" · chosen {start} to {stop} s", start=start, stop=stop)
        self.wave.setToolTip(f"{in_words(place)}{in_words(span)}")
        if self.isVisible():
            self.message.emit(f"{place}{span}")

    def set_playing(self, seconds: float | None) -> None:
        """Where the ear is in the chosen span; None where it is silent."""
        chosen = self.chosen()
        if seconds is None or chosen is None:
            self.wave.set_playing(None)
        else:
            self.wave.set_playing(chosen.start + round(seconds * self.rate))

    def here(self) -> int:
        """The frame that keys act at: where the chosen span is heard, or stopped in the middle; else the cursor."""
        frame, chosen = self.wave.here, self.chosen()
        inside = chosen is not None and chosen.start < frame < chosen.stop
        return frame if inside else self.wave.cursor_frame

    # -- choosing and hearing --------------------------------------------------------------------------------------

    def choose(self, span_id: str) -> None:
        """Work on this span."""
        self.work.chosen_id = span_id
        self._refresh()
        if (span := self.chosen()) is not None:
            self.wave.reveal(span.start, span.stop)
            self.turned.emit()

    def step(self, way: int, hear: bool = False) -> None:
        """To the span before (-1) or after (1) that is to be delivered."""
        spans = self.cut.spans
        at = next((n for n, s in enumerate(spans) if s.id == self.work.chosen_id), -1 if way > 0 else len(spans))
        at += way
        while 0 <= at < len(spans):
            if not spans[at].aside or not hear:
                self.choose(spans[at].id)
                if hear:
                    self.hear()
                return
            at += way
        self.message.emit(tr("That was the last one.") if way > 0 else tr("That is the first one."))

    def to_hear(self) -> Clip | None:
        """The chosen span as a clip; without one, ten seconds from the cursor."""
        span = self.chosen()
        if self.source is None or self.work.facts is None or not self.work.facts.ok:
            return None
        if span is None:
            frame = self.wave.cursor_frame
            return Clip(self.source, tr("From the cursor"), start=frame, stop=frame + 10 * self.rate, id="cursor")
        on_board = self._session.project.clip(span.id)
        clip = on_board or Clip(self.source, self.work.names()[span.id], id=span.id)
        return clip.changed(start=span.start, stop=span.stop)

    def hear(self) -> None:
        if clip := self.to_hear():
            self.heard.emit(clip)

    def search(self) -> None:
        """Find the speech with the settings as they are."""
        self.finder.search()

    def show_seen(self) -> None:
        """Draw over the sound what the search saw, or take it away."""
        self.finder.show_seen()

    # -- what a person does ----------------------------------------------------------------------------------------

    def look_near(self) -> None:
        """Show the chosen span as large as it goes."""
        if (span := self.chosen()) is not None:
            self.wave.show_span(span)

    def begin_to_name(self) -> None:
        """Put the keyboard into the name of the chosen span."""
        self.name.setFocus()
        self.name.selectAll()

    def _name_and_go_on(self) -> None:
        self.work.rename(self.name.text())
        spans = self.cut.spans
        if spans and spans[-1].id == self.work.chosen_id:
            self.wave.setFocus()  # nothing is left to name: letters are keys again
        self.step(1, hear=True)

    def _draw(self, start: int, stop: int) -> None:
        """A span by hand; what is typed next is its name."""
        self.work.add(start, stop)
        self.begin_to_name()

    def add_typed(self) -> None:
        """A span of what stands in the line for new ones."""
        try:
            self.work.add_typed(self.typed.text())
        except KittiwakeError as error:
            self.message.emit(str(error))
            return
        self.typed.clear()

    def picked(self) -> list[str]:
        """Ids of the spans that a command is meant for: those selected together, else the chosen one."""
        selected = self.table.selected_ids()
        return selected if len(selected) > 1 and self.work.chosen_id in selected else [self.work.chosen_id]

    def listen_for_names(self) -> None:
        """Let the speech engine suggest which line of the list each span is."""
        if (facts := self.work.facts) is not None and facts.ok and self.cut.spans:
            self.ear.begin(facts, self.cut)

    def take_heard(self) -> None:
        """Name the chosen span as suggested, and go on to the next."""
        if self.work.chosen_id not in self.ear.suggestions(self.source, self.cut):
            self.message.emit(tr("There is no suggestion for this span; Ctrl+B listens for the lines of the list."))
            return
        self.ear.take()
        self.step(1, hear=True)

    def drop(self) -> None:
        """Set the spans aside, or take them back."""
        if self.work.drop(self.picked()):
            self.step(1)

    def delete_chosen(self) -> bool:
        """Set the spans aside where the keyboard is here: keys mean a span then, and not a row of the board."""
        if inside := keyboard_is_in(self):
            self.drop()
        return inside

    def next_take(self) -> None:
        """Deliver the next take of the chosen span's line, and hear it."""
        if following := self.work.next_take():
            self.choose(following)
            self.hear()

    def show_next_view(self) -> None:
        """The level, the waveform, the spectrogram."""
        self.message.emit(self.wave.next_kind() + ".")

    def shut_down(self) -> None:
        self._cutter.stop()
        self.ear.names.shut_down()


@place("cut", "Cutting", Stop.SOUND, share=0.68, alone=True, stays=True)
def cut_page(at: Context) -> CutPage:
    page = CutPage(at.session)
    page.list_button.clicked.connect(lambda: names_from_list(at))
    page.heard.connect(at.playback.hear_span)
    page.turned.connect(lambda: at.playback.turn_to(page.to_hear()))
    return page
