"""The ear: one strip, always in reach."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QAbstractSlider, QButtonGroup, QHBoxLayout, QSizePolicy, QWidget

from ...core.ear.caller_line import PLAIN
from ...core.model.units import format_seconds
from ...words import in_words, phrase, tr
from ..theme.colours import colours
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.elided import ElidedLabel
from ..widgets.worded import Label
from .player import WAYS, Player

_ARROWS = (Qt.Key.Key_Left, Qt.Key.Key_Right, Qt.Key.Key_Home, Qt.Key.Key_End, Qt.Key.Key_PageUp, Qt.Key.Key_PageDown)
_TEXT = {"source": phrase("Source"), "output": phrase("Output"), "line": phrase("On the line")}


class EarStrip(QWidget):
    """Play, the three ways of hearing, and where in the sound one is."""

    def __init__(self, player: Player) -> None:
        super().__init__()
        self.player = player
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 6, 12, 6)
        row.setSpacing(8)
        self.play_button = Button(tr("Play  Space"))
        self.play_button.setMinimumWidth(scaled(128))
        self.play_button.clicked.connect(player.toggle)
        row.addWidget(self.play_button)
        self.buttons: dict[str, Button] = {}
        group = QButtonGroup(self)
        group.setExclusive(False)
        for number, way in enumerate(WAYS, 1):
            button = Button(f"{in_words(_TEXT[way])}  {number}")
            button.setCheckable(True)
            button.setAccessibleName(tr("Hear: {text}", text=_TEXT[way]))
            button.clicked.connect(lambda checked=False, way=way: player.choose(way))
            group.addButton(button)
            self.buttons[way] = button
            row.addWidget(button)
        self.line_button = Button(tr("Line…"))
        self.line_button.setProperty("plain", True)
        self.line_button.setMaximumWidth(scaled(190))
        self.line_button.setToolTip(tr("What the line is like that it is heard on"))
        row.addWidget(self.line_button)
        self._time = Label()
        self._time.setMinimumWidth(scaled(110))
        self._time.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        row.addWidget(self._time)
        self._thread = _Thread()
        self._thread.seek.connect(lambda share: player.seek(share * player.seconds))
        row.addWidget(self._thread, 1)
        self.note = ElidedLabel()
        self.note.setProperty("soft", True)
        row.addWidget(self.note)
        player.changed.connect(self._show)
        player.moved.connect(self._move)
        self._show()

    def _show(self) -> None:
        player = self.player
        self.play_button.setText(tr("Pause  Space") if player.playing else tr("Play  Space"))
        self.play_button.setAccessibleDescription(in_words(player.title))
        self.play_button.setEnabled(bool(player.ways))
        for way, button in self.buttons.items():
            button.setEnabled(way in player.ways)
            button.setChecked(way == player.way and way in player.ways and not player.hidden)
        self.line_button.setText(tr("Line…") if player.line == PLAIN else in_words(player.line.words))
        self.line_button.setAccessibleName(tr("The line: {words}", words=player.line.words))
        short = tr("No sound device: silent stand-in keeps time") if player.silent else player.speaker_name
        self.note.setText(short)
        self._move(player.position)

    def _move(self, seconds: float) -> None:
        total = self.player.seconds
        self._time.setText(
            tr("{seconds:.2f} / {total}", seconds=seconds, total=format_seconds(total)) if self.player.ways else ""
        )
        self._thread.show_share(seconds / total if total else 0.0)


class _Thread(QAbstractSlider):
    """A thin line with a bead on it; thousandths of the whole."""

    seek = Signal(float)

    def __init__(self) -> None:
        super().__init__()
        self._share = 0.0
        self.setOrientation(Qt.Orientation.Horizontal)
        self.setRange(0, 1000)
        self.setSingleStep(20)
        self.setPageStep(100)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr("Place in the sound"))
        self.actionTriggered.connect(lambda _: self.seek.emit(self.sliderPosition() / 1000))

    def sizeHint(self) -> QSize:
        return QSize(scaled(120), scaled(24))

    def show_share(self, share: float) -> None:
        share = min(1.0, max(0.0, share))
        if share != self._share:
            self._share = share
            self.setValue(round(1000 * share))
            self.update()

    def event(self, event: QEvent) -> bool:
        # The arrows are its own while it has the keyboard, whatever else they do in the window.
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent) and event.key() in _ARROWS:
            event.accept()
            return True
        return super().event(event)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.seek.emit(min(1.0, max(0.0, (event.position().x() - 6) / max(1, self.width() - 12))))

    def paintEvent(self, event: QPaintEvent) -> None:
        c = colours()
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        middle = self.height() / 2
        length = self.width() - 12
        painter.fillRect(QRectF(6, middle - 1, length, 2), QColor(c.line))
        painter.fillRect(QRectF(6, middle - 1, length * self._share, 2), QColor(c.text))
        painter.setPen(QColor(c.text))
        painter.setBrush(QColor(c.accent))
        if self.hasFocus():
            painter.setPen(QPen(QColor(c.focus), 2))
        painter.drawEllipse(QRectF(1 + length * self._share, middle - 5, 10, 10))
