"""The bench for recording: one line, or a list of them, read into a microphone."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QHideEvent
from PySide6.QtWidgets import QHBoxLayout, QListWidget, QVBoxLayout

from ....core.model import Clip, Line
from ....words import in_words, phrase, tr
from ....work.project import edits
from ....work.record import TakeCheck
from ....work.record.endpoint import USUAL_SILENCE
from ...commands.record import count_in, record_list
from ...shell.session import Session
from ...theme.scale import scaled
from ...widgets.button import Button
from ...widgets.field import Field
from ...widgets.parts import rich_label
from ...widgets.said_box import SaidBox
from ...widgets.worded import Choice, Label
from ...workers.microphone import microphones, open_microphone
from ...workers.recorder import BEATS, LEVEL_S, Recorder
from ..place import PlacePage, Stop, place
from .meter_view import MeterView
from .take_view import TakeView
from .words import room_words, state_html

if TYPE_CHECKING:
    from ...shell.context import Context


class RecordPage(PlacePage):
    """``counted`` asks for the beats of a count-in to be heard, ``heard`` for a take."""

    counted = Signal(int)
    heard = Signal(object)  # Clip
    list_wanted = Signal()
    silence_wanted = Signal(int)  # tenths of a second after which a take is to end by itself from now on

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self.recorder = Recorder(self)
        self.lines: tuple[Line, ...] = ()
        self._at = 0
        self.takes: dict[str, int] = {}
        self._wanted = ""  # microphone
        self.taking: Line | None = None
        self._last: Clip | None = None
        self._check: TakeCheck | None = None
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 10, 14, 10)
        row.setSpacing(18)
        left = QVBoxLayout()
        left.setSpacing(8)
        left.addLayout(self._microphone_row())
        self.meter = MeterView()
        left.addWidget(self.meter)
        self.room = Label()
        self.room.setProperty("soft", True)
        left.addWidget(self.room)
        left.addLayout(self._name_row())
        left.addLayout(self._words(), 1)
        self.take = TakeView()
        left.addWidget(self.take, 1)
        self.state = rich_label()
        left.addWidget(self.state)
        left.addLayout(self._keys())
        row.addLayout(left, 1)
        row.addLayout(self._right())
        self._connect()
        self._refresh()

    def _microphone_row(self) -> QHBoxLayout:
        top = QHBoxLayout()
        label = Label(tr("&Microphone"))
        self.devices = Choice()
        self.devices.setAccessibleName(tr("Microphone"))
        label.setBuddy(self.devices)
        top.addWidget(label)
        top.addWidget(self.devices, 1)
        silence = Label(tr("&Ends after silence of"))
        self.silence = SaidBox(tr("The silence that ends a take"))
        self.silence.setRange(0.0, 20.0)
        self.silence.setSingleStep(0.5)
        self.silence.setDecimals(1)
        self.silence.setSuffix(" s")
        self.silence.setSpecialValueText(tr("never"))
        self.silence.setValue(USUAL_SILENCE)
        self.silence.setAccessibleName(tr("Seconds of silence after which a take ends by itself; the least: never"))
        self.silence.beyond.connect(self.message)
        silence.setBuddy(self.silence)
        top.addWidget(silence)
        top.addWidget(self.silence)
        return top

    def _name_row(self) -> QHBoxLayout:
        naming = QHBoxLayout()
        self._name_label = Label(tr("&Name"))
        self._first = in_words(tr("Recording"))
        self.name = Field(self._first)
        self.name.setAccessibleName(tr("Name of the message; Enter does what the yellow button says"))
        self.name.setMinimumWidth(scaled(280))
        self._name_label.setBuddy(self.name)
        self._name_hint = Label(tr("before it is recorded, or after"))
        self._name_hint.setProperty("soft", True)
        for widget in (self._name_label, self.name, self._name_hint):
            naming.addWidget(widget)
        naming.addStretch(1)
        return naming

    def _words(self) -> QVBoxLayout:
        """The line, large, with the next one beneath."""
        column = QVBoxLayout()
        self.line, self.following = Label(), Label()
        for label, size in ((self.line, 30), (self.following, 16)):
            label.setWordWrap(True)
            label.setAlignment(Qt.AlignmentFlag.AlignCenter)
            font = label.font()
            font.setPixelSize(scaled(size))
            label.setFont(font)
        self.line.setAccessibleName(tr("Line to read"))
        self.following.setProperty("soft", True)
        column.addStretch(1)
        column.addWidget(self.line)
        column.addWidget(self.following)
        column.addStretch(1)
        return column

    def _keys(self) -> QHBoxLayout:
        keys = QHBoxLayout()
        self.go_button = Button()
        self.next_button = Button(tr("Next line"))
        self.again_button = Button(tr("Say it again"))
        self.hear_button = Button(tr("Hear it"))
        for button in (self.go_button, self.next_button):
            button.setProperty("main", True)
        for button in (self.go_button, self.next_button, self.again_button, self.hear_button):
            keys.addWidget(button)
        keys.addStretch(1)
        return keys

    def _right(self) -> QVBoxLayout:
        right = QVBoxLayout()
        self.list_button = Button(tr("Lines to read…"))
        right.addWidget(self.list_button)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Lines to read, and what was recorded"))
        self.list.setFixedWidth(scaled(300))
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        right.addWidget(self.list, 1)
        return right

    def _connect(self) -> None:
        recorder = self.recorder
        recorder.changed.connect(self._refresh)
        recorder.moved.connect(self._meter)
        recorder.beat.connect(self._beat)
        recorder.taken.connect(self._taken)
        recorder.trouble.connect(self._trouble)
        self.go_button.clicked.connect(self.go)
        self.next_button.clicked.connect(self.next_line)
        self.again_button.clicked.connect(self.go)
        self.hear_button.clicked.connect(lambda: self.heard.emit(self._last) if self._last else None)
        self.list_button.clicked.connect(self.list_wanted)
        self.list.currentRowChanged.connect(self._row_chosen)
        self.devices.activated.connect(lambda _: self._open())
        self.name.returnPressed.connect(self._entered)
        self.silence.valueChanged.connect(self._silence_chosen)

    def _silence_chosen(self, seconds: float) -> None:
        self.recorder.silence = seconds
        self.silence_wanted.emit(round(10 * seconds))
        self._refresh()

    def use(self, microphone: str) -> None:
        """The microphone that is chosen at first; empty: that of the desktop."""
        self._wanted = microphone

    def begin(self) -> None:
        """Choose the desktop's microphone and listen to it; a take that goes on is left alone."""
        if self.recorder.busy:
            return
        found = microphones(self._wanted)
        self.devices.clear()
        for name, device in found:
            self.devices.addItem(name, device)
        self._open()
        self._begin_message(self.name.text() if self._check is None else self._free_name())

    def _begin_message(self, name: str) -> None:
        """The next message: what is typed now is its name, Enter records it."""
        self._check = None
        self.name.setText(name)
        self._list()
        self._refresh()
        if self.lines:
            self.go_button.setFocus()
        else:
            self.name.setFocus()
            self.name.selectAll()

    def _free_name(self) -> str:
        """A name that no message has yet."""
        number, name = 2, self._first
        while self.takes.get(name):
            name, number = f"{self._first} {number}", number + 1
        return name

    def _entered(self) -> None:
        """Enter in the name: a take that is there gets it; else it does what the yellow button says."""
        clip = self._session.project.clip(self._last.id) if self._last else None
        name = self.name.text().strip()
        if self._check is not None and clip is not None and name and name != clip.name and not self.lines:
            self._rename(clip, name)
        elif self.next_button.isVisible() and self.next_button.isEnabled():
            self.next_line()
        else:
            self.go()

    def _rename(self, clip: Clip, name: str) -> None:
        """A message is named after it was recorded; its takes go on being takes of it."""
        edits.replace_clip(self._session.project, phrase("naming “{name}”", name=name), clip.changed(name=name))
        self.takes[name] = self.takes.get(name, 0) + self.takes.pop(clip.name, 0)
        self._last = self._session.project.clip(clip.id)
        self.taking = Line(name)
        self._list()
        self._refresh()
        self.next_button.setFocus()

    def _open(self) -> None:
        self.recorder.room_dbfs = None
        self.recorder.open(open_microphone(self.devices.currentData()))

    def hideEvent(self, event: QHideEvent) -> None:
        super().hideEvent(event)
        self.recorder.close()  # a microphone nobody looks at is not left open

    def take_list(self, lines: tuple[Line, ...]) -> None:
        """Read these lines one after the other."""
        if self.recorder.taking:
            self.message.emit(tr("A take goes on: end it first, then take the list."))
            return
        self.lines, self._at = lines, 0
        self._check = None
        self._list()
        self._refresh()
        self.go_button.setFocus()

    def _list(self) -> None:
        self.list.blockSignals(True)
        self.list.clear()
        for name in [line.name for line in self.lines] or [name for name, takes in self.takes.items() if takes]:
            takes = self.takes.get(name, 0)
            mark = "✓" if takes == 1 else tr("✓ take {takes}", takes=takes) if takes else "…"
            self.list.addItem(f"{in_words(mark)}  {in_words(name)}")
        self.list.setCurrentRow(self._at if self.lines else -1)
        self.list.blockSignals(False)

    def _row_chosen(self, row: int) -> None:
        if 0 <= row < len(self.lines) and self.recorder.state == "open":
            self._at, self._check = row, None
            self._refresh()

    @property
    def current(self) -> Line:
        """The line that is to be read."""
        if self.lines:
            return self.lines[self._at]
        return Line(self.name.text().strip() or self._first, "")

    def go(self) -> None:
        """Begin, or end the take that goes on."""
        if self.recorder.taking:
            self.recorder.stop()
        elif self.recorder.state == "open":
            self._check = None
            line = self.taking = self.current
            self.take.begin(LEVEL_S, self.recorder.room_dbfs)
            self.recorder.start(self._session.project.recordings_folder, line.name, line.text or line.name)
        elif self.recorder.state == "off":
            self.begin()

    def next_line(self) -> None:
        """On to the next line that has no take yet, and record it; without a list, to the next message, which is named first."""
        if not self.lines:
            self._begin_message(self._free_name())
            return
        order = [*range(self._at + 1, len(self.lines)), *range(self._at)]
        following = next((n for n in order if not self.takes.get(self.lines[n].name)), None)
        if following is None:
            self.message.emit(tr("Every line of the list has been read."))
            return
        self._at = following
        self._list()
        self.go()

    def _taken(self, path: Path, check: TakeCheck) -> None:
        line = self.taking or self.current  # as it was when the take began, whatever was chosen since
        self._check = check
        if check.facts.ok and check.whole:
            self.takes[line.name] = self.takes.get(line.name, 0) + 1
            self._last = edits.put_take(self._session.project, check, line.name, line.text)
        if check.facts.header is not None:
            rate = check.facts.header.sample_rate
            self.take.show_trimmed(check.start / rate, check.stop / rate)
        self._list()
        self._refresh()
        if self.isVisible():
            done = check.good
            (self.next_button if done and self.next_button.isEnabled() else self.again_button).setFocus()

    def _trouble(self, text: str) -> None:
        self.message.emit(text)
        self._refresh()

    def _beat(self, left: int) -> None:
        self.counted.emit(left)
        self._refresh()
        self.line.setText("  ".join(str(n) for n in range(BEATS, left - 1, -1)) + " …")

    def _meter(self) -> None:
        self.meter.show_meter(self.recorder.meter, self.recorder.room_dbfs)
        if self.recorder.state == "recording":
            self.take.show_levels(self.recorder.levels)
            self._say_state()

    def _refresh(self) -> None:
        state = self.recorder.state
        busy = self.recorder.busy
        line = self.current
        focused = self.focusWidget() if self.isVisible() else None
        for widget in (self._name_label, self.name, self._name_hint):
            widget.setVisible(not self.lines)
        self.name.setEnabled(not busy)
        self.list.setEnabled(not busy)
        self.devices.setEnabled(not busy)
        self.list_button.setEnabled(not busy)
        unwritten = line.name if self.lines else tr("Say it when the count is over.")
        self.line.setText(f"“{line.text}”" if line.text else unwritten)
        order = [*range(self._at + 1, len(self.lines)), *range(self._at)] if self.lines else []
        coming = next((self.lines[n] for n in order if not self.takes.get(self.lines[n].name)), None)
        self.following.setText(tr("next: {text}", text=coming.text or coming.name) if coming else "")
        self.go_button.setText(tr("Stop  Enter") if busy else tr("Record  Enter"))
        self.go_button.setEnabled(state != "checking")
        self.go_button.setVisible(busy or self._check is None)
        left = [one for one in self.lines if not self.takes.get(one.name)]
        self.next_button.setText(tr("Next line  Enter") if self.lines else tr("Next message  Enter"))
        self.next_button.setVisible(bool(self.lines) or (self._check is not None and not busy))
        self.next_button.setEnabled(not busy and (bool(left) or not self.lines) and self._check is not None)
        self.again_button.setVisible(self._check is not None and not busy)
        self.hear_button.setVisible(self._check is not None and not busy and self._last is not None)
        room = self.recorder.room_dbfs
        if room is None:
            self.room.setText(tr("The noise of the room is measured before the first take: be silent for a moment."))
        else:
            self.room.setText(room_words(room))
        self._say_state()
        if state == "off":
            self.meter.show_meter(None, room)
        if focused in (self.next_button, self.again_button, self.hear_button, self.go_button) and not (
            focused.isEnabled() and focused.isVisible()
        ):
            # What is switched off hands the focus to whatever comes next in the window, and Enter would press that.
            (self.go_button if self.go_button.isVisible() else self.again_button).setFocus()

    def _say_state(self) -> None:
        self.state.setText(state_html(self.recorder, self._check, (self.taking or self.current).name))

    def use_silence(self, tenths: int) -> None:
        """After how much silence a take ends, in tenths of a second; 0: not by itself."""
        self.recorder.silence = tenths / 10
        self.silence.blockSignals(True)
        self.silence.setValue(tenths / 10)
        self.silence.blockSignals(False)
        self._refresh()

    @property
    def stays_in_sight(self) -> bool:
        return self.recorder.state in ("count", "recording")

    def shut_down(self) -> None:
        self.recorder.shut_down()


@place("record", "Recording", Stop.SOUND, share=0.68, alone=True, stays=True)
def record_page(at: Context) -> RecordPage:
    page = RecordPage(at.session)
    page.counted.connect(lambda left: count_in(at, left))
    page.list_wanted.connect(lambda: record_list(at))
    page.use(at.settings["sound.microphone"])
    page.use_silence(at.settings["sound.silence_ends_take"])
    page.silence_wanted.connect(lambda tenths: at.settings.set("sound.silence_ends_take", tenths))
    page.heard.connect(at.playback.hear_span)
    return page
