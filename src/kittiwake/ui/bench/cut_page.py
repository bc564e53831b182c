"""The bench for cutting: a long reading becomes named clips."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import asdict
from pathlib import Path

from PySide6.QtCore import QEvent, QObject, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QScrollBar,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from ...core.cut import Activity, find_speech, merged, shown_names
from ...core.cut.edit import another_take, between, choose_take, join, split, takes
from ...core.model import Clip, Cut, Facts, Line, Span
from ...core.model.span import START, STOP, in_order
from ...core.project import edits
from ..button import Button
from ..cutting import Cutter, Picture
from ..field import Field
from ..session import Session
from .cut_wave import CutWave, Shown, clock
from .ear_row import EarRow
from .find_row import FindRow
from .seen import Seen

_ROLE = Qt.ItemDataRole.UserRole


class CutPage(QWidget):
    """Shows how one source is cut. ``heard`` asks to play a span."""

    heard = Signal(object)  # Clip
    told = Signal(str)
    turned = Signal()  # to another span

    def __init__(self, session: Session, cutter: Cutter) -> None:
        super().__init__()
        self._session, self._cutter = session, cutter
        self.source: Path | None = None
        self._facts: Facts | None = None
        self._activity: Activity | None = None
        self._chosen = ""
        self._asked_to_find = False
        self._mark: int | None = None
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 8, 14, 6)
        column.setSpacing(6)
        column.addLayout(self._name_row())
        middle = QHBoxLayout()
        middle.setSpacing(10)
        waves = QVBoxLayout()
        waves.setSpacing(2)
        self.wave = CutWave()
        waves.addWidget(self.wave, 1)
        self.bar = QScrollBar(Qt.Orientation.Horizontal)
        self.bar.setAccessibleName("Place in the source")
        self.bar.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        waves.addWidget(self.bar)
        middle.addLayout(waves, 1)
        self.list = QListWidget()
        self.list.setProperty("action_keys", True)
        self.list.setAccessibleName("Spans in order")
        self.list.setFixedWidth(270)
        self.list.setUniformItemSizes(True)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        middle.addWidget(self.list)
        column.addLayout(middle, 1)
        self.ear = EarRow()
        column.addWidget(self.ear)
        self.finding = FindRow()
        column.addWidget(self.finding)
        self._connect()

    # -- putting together ------------------------------------------------------------------------------------------

    def _name_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(8)
        self.head = QLabel()
        self.head.setProperty("head", True)
        row.addWidget(self.head)
        label = QLabel("&Name")
        self.name = Field()
        self.name.setPlaceholderText("Type a name, Enter: the next clip plays")
        self.name.setAccessibleName("Name of the chosen span; Enter goes on to the next")
        self.name.setMinimumWidth(260)
        self.name.installEventFilter(self)
        label.setBuddy(self.name)
        row.addWidget(label)
        row.addWidget(self.name, 1)
        self.words = QLabel()
        self.words.setProperty("soft", True)
        self.words.setMinimumWidth(60)
        row.addWidget(self.words, 2)
        self.list_button = Button("Names from a list…")
        row.addWidget(self.list_button)
        self.ear_button = Button("By ear  Ctrl+B")
        self.ear_button.setToolTip("The speech engine suggests which line of the list each span is")
        row.addWidget(self.ear_button)
        return row

    def _connect(self) -> None:
        self.wave.chosen.connect(self.choose)
        self.wave.edge_moved.connect(self._move_edge)
        self.wave.drawn.connect(self._draw)
        self.wave.stepped.connect(lambda way: self.step(way))
        self.wave.pointed.connect(lambda _: self._say_place())
        self.wave.entered.connect(self.begin_to_name)
        self.wave.viewed.connect(self._follow_view)
        self.bar.valueChanged.connect(self._scroll)
        self.list.currentItemChanged.connect(self._list_chosen)
        self.list.itemActivated.connect(lambda _: self.hear())
        self.finding.button.clicked.connect(self.search)
        self.finding.changed.connect(self._preview)
        self.ear_button.clicked.connect(self.listen_for_names)
        self.ear.heard.connect(self._refresh)
        self.ear.taken.connect(self._put)
        self.ear.take_button.clicked.connect(self.take_heard)
        self._session.job_changed.connect(self._job_changed)
        self._session.facts_arrived.connect(lambda path: self._job_changed() if path == self.source else None)
        self._cutter.listened.connect(self._listened)
        self._cutter.listening.connect(self._listening)
        self._cutter.pictured.connect(self._pictured)

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
                does = self.take_heard
            if does is not None:
                if event.type() == QEvent.Type.ShortcutOverride:
                    event.accept()
                else:
                    does()
                return True
        return super().eventFilter(watched, event)

    # -- what is shown ---------------------------------------------------------------------------------------------

    def show_source(self, source: Path, span_id: str = "") -> None:
        """Cut this source; one that is not cut yet is searched for speech at once."""
        facts = self._session.project.facts.get(source)
        fresh = source != self.source
        self.source, self._facts = source, facts
        if facts is None or not facts.ok:
            self.wave.show_picture(None, "Looking at it …" if facts is None else "There is no sound to cut.")
            self._activity = None
            self._refresh()
            return
        self.wave.show_picture(self._cutter.picture(facts))
        cut = self._session.project.cut_of(source)
        if fresh:
            self.wave.show_found((), None)
            self._chosen = ""
            self.finding.show_settings(cut.settings)
        self._asked_to_find = not cut.spans
        self._activity = self._cutter.activity(facts)
        if self._activity is not None:
            if self._asked_to_find:
                self.search()
            elif fresh:
                self._preview()
        if span_id:
            self._chosen = span_id
        self._refresh()
        if fresh or span_id:
            self._choose_first()

    def _choose_first(self) -> None:
        spans = self._cut.spans
        if spans and not self._cut.span(self._chosen):
            self.choose(spans[0].id)

    @property
    def _cut(self) -> Cut:
        return self._session.project.cut_of(self.source) if self.source else Cut()

    @property
    def rate(self) -> int:
        return self._facts.header.sample_rate if self._facts and self._facts.header else 1

    def chosen(self) -> Span | None:
        return self._cut.span(self._chosen)

    def _job_changed(self) -> None:
        if self.isVisible() and self.source:
            facts = self._session.project.facts.get(self.source)
            if facts is not self._facts:
                self.show_source(self.source)
            else:
                self._refresh()

    def _listened(self, path: object, found: object) -> None:
        if path != self.source:
            return
        if isinstance(found, Activity):
            self._activity = found
            if self._asked_to_find and not self._cut.spans:
                self.search()
                self._choose_first()
            else:
                self._preview()
        else:
            self.finding.say(str(found))

    def _listening(self, path: object, share: float) -> None:
        if path == self.source and self._activity is None:
            self.finding.say(f"Listening for speech, {share:.0%} …")

    def _pictured(self, picture: object) -> None:
        if isinstance(picture, Picture) and picture.facts is self._facts:
            self.wave.show_picture(picture)

    def _refresh(self) -> None:
        cut = self._cut
        names = shown_names(cut.spans, self.source.stem if self.source else "")
        active = [span for span in cut.spans if not span.aside]
        if cut.spans and cut.span(self._chosen) is None:
            self._chosen = ""
        without = {
            clip.id: clip.touch_up.without
            for clip in self._session.project.job.clips
            if clip.source == self.source and clip.touch_up.without
        }
        shown = [Shown(span, names[span.id], without.get(span.id, ())) for span in cut.spans]
        self.wave.show_spans(shown, self._chosen)
        self.list.blockSignals(True)
        if self.list.count() != len(cut.spans):
            self.list.clear()
            self.list.addItems([""] * len(cut.spans))
        heard = self.ear.suggestions(self.source, cut)
        number = 0
        for row, span in enumerate(cut.spans):
            item = self.list.item(row)
            number += not span.aside
            length = clock((span.stop - span.start) / self.rate, 0.01)
            many = len(takes(cut, span.id))
            take = f", take {takes(cut, span.id).index(span) + 1} of {many}" if many > 1 else ""
            head = "aside" if span.aside else f"{number:02}"
            more = f"→ {heard[span.id].name}?" if span.id in heard else f"{length} s{take}"
            item.setText(f"{head}  {names[span.id]}  {more}")
            item.setToolTip(span.text)
            item.setData(_ROLE, span.id)
            if span.id == self._chosen:
                self.list.setCurrentItem(item)
        self.list.blockSignals(False)
        chosen = self.chosen()
        self.head.setText(f"{len(active)} clip{'s' if len(active) != 1 else ''}")
        self._show_name(chosen, names)
        self.ear.show_for(self.source, cut, self._chosen)
        self._say_place()

    def _show_name(self, chosen: Span | None, names: dict[str, str]) -> None:
        self.name.setEnabled(chosen is not None)
        text = names.get(chosen.id, "") if chosen else ""
        if text != self.name.text():
            self.name.setText(text)
        if self.name.hasFocus():
            self.name.selectAll()
        self.words.setText(f"“{chosen.text}”" if chosen and chosen.text else "")

    def _say_place(self) -> None:
        place = self.wave.place_in_words()
        chosen = self.chosen()
        span = ""
        if chosen:
            start, stop = (clock(frame / self.rate, 0.001) for frame in (chosen.start, chosen.stop))
            span = f" · chosen {start} to {stop} s"
        self.wave.setToolTip(f"{place}{span}")
        if self.isVisible():
            self.told.emit(f"{place}{span}")

    def _follow_view(self) -> None:
        length = round(self.wave.right - self.wave.left)
        total = round(self.wave._frames)
        # Scroll bars count with 31 bits; ten hours at 192 kHz go beyond.
        self._unit = max(1, total // 1_000_000)
        self.bar.blockSignals(True)
        self.bar.setRange(0, max(0, (total - length) // self._unit))
        self.bar.setPageStep(max(1, length // self._unit))
        self.bar.setSingleStep(max(1, length // self._unit // 10))
        self.bar.setValue(round(self.wave.left) // self._unit)
        self.bar.blockSignals(False)

    def _scroll(self, value: int) -> None:
        length = self.wave.right - self.wave.left
        self.wave.analyze(value * self._unit, value * self._unit + length)

    def set_playing(self, seconds: float | None) -> None:
        """Where the ear is in the chosen span; None where it is silent."""
        chosen = self.chosen()
        if seconds is None or chosen is None:
            self.wave.set_playing(None)
        else:
            self.wave.set_playing(chosen.start + round(seconds * self.rate))

    # -- choosing and hearing --------------------------------------------------------------------------------------

    def choose(self, span_id: str) -> None:
        """Work on this span."""
        self._chosen = span_id
        self._refresh()
        if (span := self.chosen()) is not None:
            self.wave.reveal(span.start, span.stop)
            self.turned.emit()

    def _list_chosen(self, item: QListWidgetItem | None, _: object = None) -> None:
        if item is not None:
            self.choose(str(item.data(_ROLE)))

    def step(self, way: int, hear: bool = False) -> None:
        """To the span before (-1) or after (1) that is to be delivered."""
        spans = self._cut.spans
        at = next((n for n, span in enumerate(spans) if span.id == self._chosen), -1 if way > 0 else len(spans))
        at += way
        while 0 <= at < len(spans):
            if not spans[at].aside or not hear:
                self.choose(spans[at].id)
                if hear:
                    self.hear()
                return
            at += way
        self.told.emit("That was the last one." if way > 0 else "That is the first one.")

    def to_hear(self) -> Clip | None:
        """The chosen span as a clip; without one, ten seconds from the cursor."""
        span = self.chosen()
        if self.source is None or self._facts is None or not self._facts.ok:
            return None
        if span is None:
            frame = self.wave.cursor_frame
            return Clip(self.source, "From the cursor", start=frame, stop=frame + 10 * self.rate, id="cursor")
        on_board = self._session.project.clip(span.id)
        names = shown_names(self._cut.spans, self.source.stem)
        clip = on_board or Clip(self.source, names[span.id], id=span.id)
        return clip.changed(start=span.start, stop=span.stop)

    def hear(self) -> None:
        if clip := self.to_hear():
            self.heard.emit(clip)

    # -- finding ---------------------------------------------------------------------------------------------------

    def search(self) -> None:
        """Find the speech with the settings as they are; names, takes and edges that a person set stay."""
        if self._activity is None or self.source is None:
            self._asked_to_find = True
            return
        self._asked_to_find = False
        found = find_speech(self._activity, self.finding.settings)
        spans, lost = merged(self._cut.spans, found.speech)
        settings = tuple((name, float(value)) for name, value in asdict(self.finding.settings).items())
        edits.put_cut(
            self._session.project,
            "finding the speech",
            self.source,
            self._cut.changed(spans=spans, settings=settings),
        )
        self.wave.show_found((), Seen(self._activity, found))
        self._refresh()
        self._tell_found(len(found.speech), len(found.other), lost, done=True)

    def show_seen(self) -> None:
        """Draw over the sound what the search saw, or take it away."""
        self.wave.show_seen(not self.wave.shows_seen)
        if self.wave.shows_seen and self._activity is None:
            self.finding.say("Not listened to yet: what the search saw shows when it was.")

    def _preview(self) -> None:
        """Show what a search with these settings would give, before anything changes."""
        if self._activity is None:
            return
        found = find_speech(self._activity, self.finding.settings)
        _, lost = merged(self._cut.spans, found.speech)
        self.wave.show_found(found.speech, Seen(self._activity, found))
        self._tell_found(len(found.speech), len(found.other), lost, done=False)

    def _tell_found(self, count: int, other: int, lost: tuple[Span, ...], done: bool) -> None:
        names = shown_names(self._cut.spans, self.source.stem if self.source else "")
        told = f"{count} found" if done else f"{count} would be found"
        if other:
            told += f", {other} other sound{'s' if other != 1 else ''} left out"
        if lost:
            some = ", ".join(names.get(span.id, "?") for span in lost[:4]) + (" …" if len(lost) > 4 else "")
            told += f"; not found any more, but kept: {some}"
        self.finding.say(told)
        if lost or not done:
            self.told.emit(told)

    # -- what a person does ----------------------------------------------------------------------------------------

    def _put(self, text: str, cut: Cut) -> None:
        if self.source is not None:
            edits.put_cut(self._session.project, text, self.source, cut)
            self._refresh()

    def look_near(self) -> None:
        """Show the chosen span as large as it goes."""
        if (span := self.chosen()) is not None:
            self.wave.show_span(span)

    def begin_to_name(self) -> None:
        """Put the keyboard into the name of the chosen span."""
        self.name.setFocus()
        self.name.selectAll()

    def _name_and_go_on(self) -> None:
        self.rename(self.name.text())
        self.step(1, hear=True)

    def rename(self, name: str) -> None:
        """Name the chosen span; a name of the list moves the ones that follow along."""
        span, name = self.chosen(), name.strip()
        if (
            span is None
            or not name
            or name == shown_names(self._cut.spans, self.source.stem if self.source else "")[span.id]
        ):
            return
        line = next((line for line in self._cut.lines if line.name == name), None)
        text = line.text if line else span.text if span.by_hand else ""
        self._put(f"naming “{name}”", self._cut.replaced(span.changed(name=name, text=text, by_hand=True)))

    def take_list(self, lines: tuple[Line, ...]) -> None:
        """Name the clips in order by these lines."""
        self._put(f"naming by a list of {len(lines)}", self._cut.changed(lines=lines))

    def listen_for_names(self) -> None:
        """Let the speech engine suggest which line of the list each span is."""
        if self._facts is not None and self._facts.ok and self._cut.spans:
            self.ear.begin(self._facts, self._cut)

    def take_heard(self) -> None:
        """Name the chosen span as suggested, and go on to the next."""
        if self._chosen not in self.ear.suggestions(self.source, self._cut):
            self.told.emit("There is no suggestion for this span; Ctrl+B listens for the lines of the list.")
            return
        self.ear.take()
        self.step(1, hear=True)

    def _move_edge(self, span_id: str, edge: str, frame: int) -> None:
        span = self._cut.span(span_id)
        if span is None:
            return
        total = self._facts.measures.frames if self._facts and self._facts.measures else frame
        self._chosen = span_id
        word = "start" if edge == START else "end"
        self._put(f"moving the {word}", self._cut.replaced(span.moved(edge, max(0, min(frame, total)))))

    def edge_to_cursor(self, edge: str) -> None:
        """Move the start or the end of the chosen span to the cursor: past a flub, for one."""
        span = self.chosen()
        frame = self.wave.cursor_frame
        if span is None or (edge == START and frame >= span.stop) or (edge == STOP and frame <= span.start):
            self.told.emit("Choose a span, and put the cursor where its edge is to be.")
            return
        self._move_edge(span.id, edge, frame)

    def _draw(self, start: int, stop: int) -> None:
        fresh = Span(start, stop, held=(START, STOP))
        self._chosen = fresh.id
        self._put("a span by hand", self._cut.changed(spans=in_order([*self._cut.spans, fresh])))

    def split(self) -> None:
        frame = self.wave.cursor_frame
        span = next((s for s in self._cut.spans if s.start < frame < s.stop), None)
        if span is None:
            self.told.emit("Put the cursor inside a span to split it there.")
            return
        self._put("splitting a span", split(self._cut, span.id, frame))

    def join(self) -> None:
        self._put("joining two spans", join(self._cut, self._chosen))

    def drop(self) -> None:
        """Set the chosen span aside, or take it back."""
        span = self.chosen()
        if span is None:
            return
        text = "taking a span back" if span.aside else "setting a span aside"
        if span.aside and span.take_of:
            self._put("choosing a take", choose_take(self._cut, span.id))
            return
        self._put(text, self._cut.replaced(span.changed(aside=not span.aside)))
        if not span.aside:
            self.step(1)

    def another_take(self) -> None:
        self._put("another take", another_take(self._cut, self._chosen))

    def next_take(self) -> None:
        """Deliver the next take of the chosen span's line, and hear it."""
        some = takes(self._cut, self._chosen)
        if len(some) < 2:
            self.told.emit("This line has one take only; Y says that a span is another take of the line before it.")
            return
        at = next(n for n, span in enumerate(some) if not span.aside)
        following = some[(at + 1) % len(some)]
        self._put("choosing a take", choose_take(self._cut, following.id))
        self.choose(following.id)
        self.hear()

    def leave_out(self) -> None:
        """Mark where a stretch begins; the second time leave out what lies between. Inside one that is left out, take it back."""
        frame = self.wave.cursor_frame
        clip = self._session.project.clip(self._chosen)
        if clip is None or not clip.start <= frame <= (clip.stop or frame):
            self.told.emit("Put the cursor inside the chosen clip, where the stretch begins.")
            return
        inside = next((s for s in clip.touch_up.without if s[0] <= frame < s[1]), None)
        if inside:
            left = tuple(s for s in clip.touch_up.without if s != inside)
            edits.touch_up(self._session.project, [clip], {"without": left})
        elif self._mark is None or not clip.start <= self._mark <= (clip.stop or frame) or self._mark == frame:
            self._mark = frame
            self.told.emit("Marked. Put the cursor where the stretch ends, and press Q again.")
            return
        else:
            stretch = (min(self._mark, frame), max(self._mark, frame))
            edits.touch_up(
                self._session.project, [clip], {"without": tuple(sorted((*clip.touch_up.without, stretch)))}
            )
            self.told.emit("Left out; 2 plays it as it will come out. Ctrl+Z takes it back.")
        self._mark = None
        self._refresh()

    def between(self) -> None:
        total = self._facts.measures.frames if self._facts and self._facts.measures else 0
        self._put("a span of the pause", between(self._cut, self._chosen, total))
