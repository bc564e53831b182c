"""The recording that is cut: its level over time, its waveform or its spectrogram, with the spans on their ledges and a cursor."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

import numpy as np
from PySide6.QtCore import QEvent, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QWheelEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from ....core.model.span import START, STOP, Span
from ....core.model.units import format_db
from ....words import in_words, phrase, tr
from ...shell.access import picture
from ...theme.colours import colours
from ...theme.scale import scaled
from ...theme.sheet import small_type
from ...workers.cuts import Picture
from .ledges import draw_chosen, draw_found, draw_ledges
from .level_plot import draw_level
from .ruler import draw_cursor, draw_ruler
from .search_overlay import SearchOverlay, draw_seen
from .viewport import Shown, TimeViewport, clock
from .wave_plot import SpectrumPlot, draw_wave

_GRAB = 6  # pixels around an edge in which it is taken hold of
_LEAST = 0.02  # s; shorter spans are not drawn by hand
_MOST_ZOOM = 24.0  # pixels a frame
_NUDGE, _FINE = 0.010, 0.001  # s
#: The views, in the order in which one key goes through them.
VIEWS = {
    "level": phrase("Level to cut by"),
    "wave": phrase("Waveform to cut"),
    "spectrum": phrase("Spectrogram to cut"),
}


class CutView(QWidget):
    """Shows a source and its spans; says what a person does with them and changes nothing itself."""

    chosen = Signal(str)  # id of a span
    pointed = Signal(int)  # frame of the cursor
    edge_moved = Signal(str, str, int)  # id, edge, frame
    drawn = Signal(int, int)  # a new span, by hand
    stepped = Signal(int)  # to the span before (-1) or after (1)
    viewed = Signal()
    entered = Signal()

    def __init__(self) -> None:
        super().__init__()
        picture(self)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self.setMinimumHeight(scaled(130))
        self.setAccessibleName(in_words(VIEWS["level"]))
        self.picture: Picture | None = None
        self._spans: list[Shown] = []
        self._selected: set[str] = set()
        self._places = np.zeros((0, 2), np.int64)
        self._ghosts: Sequence[tuple[int, int]] = ()
        self._other: Sequence[tuple[int, int]] = ()
        self._chosen = ""
        self.edge = START
        self.cursor_frame = 0
        self.rate = 0  # Hz, by which times are shown; 0 is that of the header
        self._playing: int | None = None
        self._pointed_since = False  # whether the cursor was placed since playing began
        self.left, self.right = 0.0, 1.0
        self.kind, self.shows_seen = "level", False
        self.seen: SearchOverlay | None = None
        self._spectrum = SpectrumPlot()
        self._message = ""
        self._held: tuple[str, str] | None = None
        self._pressed: float | None = None
        self._drawing: tuple[int, int] | None = None
        self._moving: tuple[str, str, int] | None = None

    def sizeHint(self) -> QSize:
        return QSize(700, 240)

    # -- what is shown ---------------------------------------------------------------------------------------------

    def show_picture(self, picture: Picture | None, message: str = "") -> None:
        """What to draw from; another source shows itself whole."""
        same = picture is not None and self.picture is not None and picture.facts is self.picture.facts
        self.picture, self._message = picture, message
        if picture is not None and not same:
            self.cursor_frame = 0
            self.show_all()
        self.update()

    def show_spans(self, spans: Sequence[Shown], chosen: str, selected: Iterable[str] = ()) -> None:
        self._spans, self._chosen, self._selected = list(spans), chosen, set(selected)
        self._places = np.array([(shown.span.start, shown.span.stop) for shown in spans], np.int64).reshape(-1, 2)
        chosen_span = next((shown for shown in spans if shown.span.id == chosen), None)
        self.setAccessibleDescription(
            tr(
                "{count} spans; {name} is chosen",
                "{count} span; {name} is chosen",
                len(spans),
                count=len(spans),
                name=chosen_span.name,
            )
            if chosen_span
            else tr("{count} spans", "{count} span", len(spans), count=len(spans))
        )
        self.update()

    def show_found(self, ghosts: Sequence[tuple[int, int]], seen: SearchOverlay | None) -> None:
        """What a search would find, outlined; other sound, marked at the foot; and what it saw, for those who ask for it."""
        self._ghosts, self._other, self.seen = ghosts, seen.found.other if seen else (), seen
        self.update()

    def show_seen(self, shows: bool) -> None:
        """Draw what the last search saw over the sound, or not."""
        self.shows_seen = shows
        self.update()

    def show_kind(self, kind: str) -> None:
        """``level``, ``wave`` or ``spectrum``."""
        self.kind = kind
        self.setAccessibleName(in_words(VIEWS[kind]))
        self.update()

    def next_kind(self) -> str:
        """Go on to the next view of the sound; returns what it is."""
        kinds = list(VIEWS)
        self.show_kind(kinds[(kinds.index(self.kind) + 1) % len(kinds)])
        return VIEWS[self.kind]

    @property
    def here(self) -> int:
        """The frame that is meant by what is done at one: where it is heard, or the cursor where that was placed since."""
        return self.cursor_frame if self._playing is None or self._pointed_since else self._playing

    def set_playing(self, frame: int | None) -> None:
        if self._playing is None:
            self._pointed_since = False
        if frame != self._playing:
            self._playing = frame
            self.update()

    # -- where one looks -------------------------------------------------------------------------------------------

    @property
    def _frames(self) -> int:
        return self.picture.frames if self.picture else 1

    @property
    def _rate(self) -> int:
        return self.rate or (self.picture.rate if self.picture else 1)

    def show_range(self, left: float, right: float) -> None:
        """Show what lies between two frames, as far as that can be."""
        least = max(16.0, self.width() / _MOST_ZOOM)
        length = min(float(self._frames), max(least, right - left))
        self.left = min(max(0.0, left), max(0.0, self._frames - length))
        self.right = self.left + length
        self.viewed.emit()
        self.update()

    def show_all(self) -> None:
        self.show_range(0, self._frames)

    def zoom(self, factor: float, around: float | None = None) -> None:
        """Nearer by ``factor``; the frame ``around`` stays where it is."""
        if around is None:
            inside = self.left <= self.cursor_frame <= self.right
            around = self.cursor_frame if inside else (self.left + self.right) / 2
        self.show_range(around - (around - self.left) / factor, around + (self.right - around) / factor)

    def show_span(self, span: Span) -> None:
        """Near enough to see a span with a little around it."""
        around = max(0.15 * (span.stop - span.start), 0.15 * self._rate)
        self.show_range(span.start - around, span.stop + around)

    def reveal(self, start: int, stop: int) -> None:
        """Move along, without changing the scale, until something is in sight."""
        if start < self.left or stop > self.right:
            half = (self.right - self.left) / 2
            self.show_range((start + stop) / 2 - half, (start + stop) / 2 + half)

    @property
    def sight(self) -> TimeViewport:
        return TimeViewport(self.left, self.right, self.width(), self.height(), self._rate)

    @property
    def length(self) -> int:
        """Frames of the recording."""
        return self._frames

    def x_of(self, frame: float) -> float:
        return (frame - self.left) / (self.right - self.left) * self.width()

    def frame_at(self, x: float) -> float:
        return self.left + x / max(1, self.width()) * (self.right - self.left)

    # -- by mouse --------------------------------------------------------------------------------------------------

    def wheelEvent(self, event: QWheelEvent) -> None:
        turn = event.angleDelta().y() or event.angleDelta().x()
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier or event.angleDelta().x():
            by = -(event.angleDelta().x() or turn) / 120 * 0.15 * (self.right - self.left)
            self.show_range(self.left + by, self.right + by)
        else:
            self.zoom(1.3 ** (turn / 120), self.frame_at(event.position().x()))
        event.accept()

    def _edge_at(self, x: float) -> tuple[str, str] | None:
        """The edge under the pointer; that of the chosen span before others."""
        best: tuple[float, tuple[str, str]] | None = None
        for shown in self._spans:
            for edge, frame in ((START, shown.span.start), (STOP, shown.span.stop)):
                away = abs(self.x_of(frame) - x) - (2 if shown.span.id == self._chosen else 0)
                if away <= _GRAB and (best is None or away < best[0]):
                    best = (away, (shown.span.id, edge))
        return best[1] if best else None

    def span_at(self, frame: float) -> Shown | None:
        """The shortest span there: one that lies inside of another can be taken hold of."""
        there = [shown for shown in self._spans if shown.span.start <= frame < shown.span.stop]
        return min(there, key=lambda shown: shown.span.stop - shown.span.start, default=None)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if self.picture is None or event.button() != Qt.MouseButton.LeftButton:
            return
        x = event.position().x()
        self._held = self._edge_at(x)
        if self._held:
            self.edge = self._held[1]
            self.chosen.emit(self._held[0])
            return
        frame = self.frame_at(x)
        self._pressed = frame
        self.point_at(round(frame))
        if shown := self.span_at(frame):
            self.chosen.emit(shown.span.id)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        x = event.position().x()
        frame = round(self.frame_at(x))
        if self._held and self.picture:
            free = event.modifiers() & Qt.KeyboardModifier.AltModifier
            to = frame if free else self.picture.quiet_place(frame)
            self._moving = (*self._held, to)
            self.update()
        elif self._pressed is not None:
            if self._drawing is not None or abs(self.x_of(self._pressed) - x) > 4:
                self._drawing = (min(round(self._pressed), frame), max(round(self._pressed), frame))
                self.update()
        else:
            near = self._edge_at(x)
            self.setCursor(Qt.CursorShape.SizeHorCursor if near else Qt.CursorShape.IBeamCursor)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        moving, drawing = self._moving, self._drawing
        self._held, self._pressed, self._moving, self._drawing = None, None, None, None
        if moving:
            self.edge_moved.emit(*moving)
        elif drawing and drawing[1] - drawing[0] >= _LEAST * self._rate and self.picture:
            free = event.modifiers() & Qt.KeyboardModifier.AltModifier
            self.drawn.emit(*(drawing if free else map(self.picture.quiet_place, drawing)))
        self.update()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        if shown := self.span_at(self.frame_at(event.position().x())):
            self.show_span(shown.span)

    def point_at(self, frame: int) -> None:
        """Put the cursor there."""
        self.cursor_frame = max(0, min(self._frames, frame))
        self._pointed_since = True
        self.pointed.emit(self.cursor_frame)
        self.update()

    # -- by key ----------------------------------------------------------------------------------------------------

    _OWN = (Qt.Key.Key_Left, Qt.Key.Key_Right, Qt.Key.Key_Up, Qt.Key.Key_Down, Qt.Key.Key_PageUp, Qt.Key.Key_PageDown,
            Qt.Key.Key_Home, Qt.Key.Key_End, Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_BracketLeft, Qt.Key.Key_BracketRight)  # fmt: skip

    def event(self, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent) and event.key() in self._OWN:
            control = event.modifiers() & Qt.KeyboardModifier.ControlModifier
            if not (control and event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter)):  # that one is an action's
                event.accept()
                return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        key, length = event.key(), self.right - self.left
        fine = bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier)
        if key in (Qt.Key.Key_Left, Qt.Key.Key_Right):
            way = -1 if key == Qt.Key.Key_Left else 1
            by = max(1, round((_FINE if fine else _NUDGE) * self._rate)) * way
            shown = next((shown for shown in self._spans if shown.span.id == self._chosen), None)
            if event.modifiers() & Qt.KeyboardModifier.ControlModifier or shown is None:
                self.point_at(self.cursor_frame + by)
            else:
                self.edge_moved.emit(self._chosen, self.edge, getattr(shown.span, self.edge) + by)
        elif key in (Qt.Key.Key_Up, Qt.Key.Key_Down):
            self.stepped.emit(-1 if key == Qt.Key.Key_Up else 1)
        elif key in (Qt.Key.Key_PageUp, Qt.Key.Key_PageDown):
            move = length * (-0.8 if key == Qt.Key.Key_PageUp else 0.8)
            self.show_range(self.left + move, self.right + move)
        elif key in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.entered.emit()
        elif key == Qt.Key.Key_Home:
            self.show_range(0, length)
        elif key == Qt.Key.Key_End:
            self.show_range(self._frames - length, self._frames)
        elif key in (Qt.Key.Key_BracketLeft, Qt.Key.Key_BracketRight):
            self.edge = START if key == Qt.Key.Key_BracketLeft else STOP
            self.update()
        else:
            super().keyPressEvent(event)

    # -- drawing ---------------------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        c = colours()
        small_type(painter)
        painter.fillRect(self.rect(), QColor(c.sheet))
        if self.picture is None:
            painter.setPen(QColor(c.soft))
            painter.drawText(self.rect(), Qt.AlignmentFlag.AlignCenter, in_words(self._message))
            self._frame_of_focus(painter)
            return
        sight = self.sight
        spans = self._in_sight()
        worked_on = next((s.span for s in spans if s.span.id == self._chosen), None)
        if worked_on is not None:
            draw_chosen(painter, sight, worked_on)
        if self.kind == "level":
            draw_level(
                painter,
                sight,
                self.picture,
                self.seen,
                [(s.span.start, s.span.stop) for s in spans if not s.span.aside],
            )
        elif self.kind == "wave":
            draw_wave(painter, sight, self.picture)
        else:
            self._spectrum.draw(painter, sight, self.picture)
        draw_ledges(painter, sight, spans, self._chosen, self._selected, self.edge, self.seen)
        if self._drawing:
            fill = QColor(c.accent)
            fill.setAlpha(110)
            painter.fillRect(sight.between(*self._drawing, QRectF(0, 0, self.width(), sight.ledge.bottom())), fill)
        draw_found(painter, sight, self._ghosts, self._other)
        if self.seen is not None and self.shows_seen:
            draw_seen(painter, sight.plot, self.seen, self.left, self.right)
        draw_ruler(painter, sight)
        draw_cursor(painter, sight, self.cursor_frame, self._playing)
        self._frame_of_focus(painter)

    def _in_sight(self) -> list[Shown]:
        """Spans on show, as they are while an edge is moved."""
        inside = np.flatnonzero((self._places[:, 1] >= self.left) & (self._places[:, 0] <= self.right))
        out = [self._spans[n] for n in inside]
        if self._moving:
            span_id, edge, frame = self._moving
            out = [Shown(s.span.moved(edge, frame), s.name, s.without) if s.span.id == span_id else s for s in out]
        return out

    def _frame_of_focus(self, painter: QPainter) -> None:
        c = colours()
        colour = (c.accent if c.dark else c.text) if self.hasFocus() else c.line
        painter.setPen(QPen(QColor(colour), 2 if self.hasFocus() else 1))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(QRectF(self.rect()).adjusted(0.5, 0.5, -1, -1))

    def place_in_words(self) -> str:
        """Where the cursor is, in seconds and frames, and how loud it is there."""
        if self.picture is None:
            return ""
        seconds = self.cursor_frame / self._rate
        near = self.picture.samples(self.cursor_frame, self.cursor_frame + max(1, round(0.02 * self._rate)))
        level = ""
        if near is not None and len(near):
            rms = float(np.sqrt(np.mean(np.square(near))))
            level = f", {format_db(20 * np.log10(max(rms, 1e-6)))}"
        return tr(
            "Cursor {clock} s, frame {cursor_frame:,}{level}",
            clock=clock(seconds, 0.001),
            cursor_frame=self.cursor_frame,
            level=level,
        )
