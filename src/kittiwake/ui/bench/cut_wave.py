"""The waveform that is cut on: from hours to samples, with spans, their edges and a cursor."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from PySide6.QtCore import QEvent, QLineF, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import (
    QBrush,
    QColor,
    QImage,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QPolygonF,
    QWheelEvent,
)
from PySide6.QtWidgets import QSizePolicy, QWidget

from ...core.model.span import START, STOP, Span
from ...core.model.units import format_db, format_hz
from ..cutting import Picture
from ..theme.colours import colours
from ..theme.sheet import small_type
from .seen import Seen, draw_seen
from .spectrogram import spectrogram

_HEAD, _FOOT = 20, 20
_GRAB = 6  # pixels around an edge in which it is taken hold of
_LEAST = 0.02  # s; shorter spans are not drawn by hand
_MOST_ZOOM = 24.0  # pixels a frame
_MANY = 90  # spans that are drawn each
_NUDGE, _FINE = 0.010, 0.001  # s


@dataclass(frozen=True, slots=True)
class Shown:
    """A span with the name it is shown with."""

    span: Span
    name: str
    without: tuple[tuple[int, int], ...] = ()


def clock(seconds: float, step: float = 1.0) -> str:
    """``12.34``, ``3:05.2`` or ``1:02:03``, as exact as a step between two marks needs."""
    digits = 0 if step >= 1 else min(5, int(np.ceil(-np.log10(step) - 1e-9)))
    minutes, rest = divmod(max(0.0, seconds), 60)
    hours, minutes = divmod(int(minutes), 60)
    if hours:
        return f"{hours}:{minutes:02}:{rest:0{2 if not digits else 3 + digits}.{digits}f}"
    if minutes:
        return f"{minutes}:{rest:0{2 if not digits else 3 + digits}.{digits}f}"
    return f"{rest:.{digits}f}"


def _premultiplied(colour: QColor) -> int:
    alpha = colour.alpha()
    red, green, blue = (part * alpha // 255 for part in (colour.red(), colour.green(), colour.blue()))
    return alpha << 24 | red << 16 | green << 8 | blue


class CutWave(QWidget):
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
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMouseTracking(True)
        self.setMinimumHeight(110)
        self.setAccessibleName("Waveform to cut")
        self._picture: Picture | None = None
        self._spans: list[Shown] = []
        self._places = np.zeros((0, 2), np.int64)
        self._ghosts: Sequence[tuple[int, int]] = ()
        self._other: Sequence[tuple[int, int]] = ()
        self._chosen = ""
        self.edge = START
        self.cursor_frame = 0
        self._playing: int | None = None
        self.left, self.right = 0.0, 1.0
        self.spectral = self.shows_seen = False
        self.seen: Seen | None = None
        self._image: tuple[object, QImage] | None = None
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
        same = picture is not None and self._picture is not None and picture.facts is self._picture.facts
        self._picture, self._message = picture, message
        if picture is not None and not same:
            self.cursor_frame = 0
            self.show_all()
        self.update()

    def show_spans(self, spans: Sequence[Shown], chosen: str) -> None:
        self._spans, self._chosen = list(spans), chosen
        self._places = np.array([(shown.span.start, shown.span.stop) for shown in spans], np.int64).reshape(-1, 2)
        told = next((shown for shown in spans if shown.span.id == chosen), None)
        self.setAccessibleDescription(f"{len(spans)} spans; {told.name} is chosen" if told else f"{len(spans)} spans")
        self.update()

    def show_found(self, ghosts: Sequence[tuple[int, int]], seen: Seen | None) -> None:
        """What a search would find, outlined; other sound, marked at the foot; and what it saw, for those who ask for it."""
        self._ghosts, self._other, self.seen = ghosts, seen.found.other if seen else (), seen
        self.update()

    def show_seen(self, shows: bool) -> None:
        """Draw what the last search saw over the sound, or not."""
        self.shows_seen = shows
        self.update()

    def set_playing(self, frame: int | None) -> None:
        if frame != self._playing:
            self._playing = frame
            self.update()

    # -- where one looks -------------------------------------------------------------------------------------------

    @property
    def _frames(self) -> int:
        return self._picture.frames if self._picture else 1

    @property
    def _rate(self) -> int:
        return self._picture.rate if self._picture else 1

    def analyze(self, left: float, right: float) -> None:
        """Show what lies between two frames, as far as that can be."""
        least = max(16.0, self.width() / _MOST_ZOOM)
        length = min(float(self._frames), max(least, right - left))
        self.left = min(max(0.0, left), max(0.0, self._frames - length))
        self.right = self.left + length
        self.viewed.emit()
        self.update()

    def show_all(self) -> None:
        self.analyze(0, self._frames)

    def zoom(self, factor: float, around: float | None = None) -> None:
        """Nearer by ``factor``; the frame ``around`` stays where it is."""
        if around is None:
            inside = self.left <= self.cursor_frame <= self.right
            around = self.cursor_frame if inside else (self.left + self.right) / 2
        self.analyze(around - (around - self.left) / factor, around + (self.right - around) / factor)

    def show_span(self, span: Span) -> None:
        """Near enough to see a span with a little around it."""
        around = max(0.15 * (span.stop - span.start), 0.15 * self._rate)
        self.analyze(span.start - around, span.stop + around)

    def reveal(self, start: int, stop: int) -> None:
        """Move along, without changing the scale, until something is in sight."""
        if start < self.left or stop > self.right:
            half = (self.right - self.left) / 2
            self.analyze((start + stop) / 2 - half, (start + stop) / 2 + half)

    def _x(self, frame: float) -> float:
        return (frame - self.left) / (self.right - self.left) * self.width()

    def _frame(self, x: float) -> float:
        return self.left + x / max(1, self.width()) * (self.right - self.left)

    # -- by mouse --------------------------------------------------------------------------------------------------

    def wheelEvent(self, event: QWheelEvent) -> None:
        turn = event.angleDelta().y() or event.angleDelta().x()
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier or event.angleDelta().x():
            by = -(event.angleDelta().x() or turn) / 120 * 0.15 * (self.right - self.left)
            self.analyze(self.left + by, self.right + by)
        else:
            self.zoom(1.3 ** (turn / 120), self._frame(event.position().x()))
        event.accept()

    def _edge_at(self, x: float) -> tuple[str, str] | None:
        """The edge under the pointer; that of the chosen span before others."""
        best: tuple[float, tuple[str, str]] | None = None
        for shown in self._spans:
            for edge, frame in ((START, shown.span.start), (STOP, shown.span.stop)):
                away = abs(self._x(frame) - x) - (2 if shown.span.id == self._chosen else 0)
                if away <= _GRAB and (best is None or away < best[0]):
                    best = (away, (shown.span.id, edge))
        return best[1] if best else None

    def _span_at(self, frame: float) -> Shown | None:
        return next((shown for shown in self._spans if shown.span.start <= frame < shown.span.stop), None)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if self._picture is None or event.button() != Qt.MouseButton.LeftButton:
            return
        x = event.position().x()
        self._held = self._edge_at(x)
        if self._held:
            self.edge = self._held[1]
            self.chosen.emit(self._held[0])
            return
        frame = self._frame(x)
        self._pressed = frame
        self.point_at(round(frame))
        if shown := self._span_at(frame):
            self.chosen.emit(shown.span.id)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        x = event.position().x()
        frame = round(self._frame(x))
        if self._held and self._picture:
            free = event.modifiers() & Qt.KeyboardModifier.AltModifier
            to = frame if free else self._picture.quiet_place(frame)
            self._moving = (*self._held, to)
            self.update()
        elif self._pressed is not None:
            if abs(self._x(self._pressed) - x) > 4 and self._span_at(self._pressed) is None:
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
        elif drawing and drawing[1] - drawing[0] >= _LEAST * self._rate:
            self.drawn.emit(*drawing)
        self.update()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        if shown := self._span_at(self._frame(event.position().x())):
            self.show_span(shown.span)

    def point_at(self, frame: int) -> None:
        """Put the cursor there."""
        self.cursor_frame = max(0, min(self._frames, frame))
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
            self.analyze(self.left + move, self.right + move)
        elif key in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.entered.emit()
        elif key == Qt.Key.Key_Home:
            self.analyze(0, length)
        elif key == Qt.Key.Key_End:
            self.analyze(self._frames - length, self._frames)
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
        if self._picture is None:
            painter.setPen(QColor(c.soft))
            painter.drawText(self.rect(), Qt.AlignmentFlag.AlignCenter, self._message)
            self._frame_of_focus(painter)
            return
        plot = QRectF(0, _HEAD, self.width(), max(10, self.height() - _HEAD - _FOOT))
        if self.spectral:
            self._draw_spectrum(painter, plot)
            self._draw_spans(painter, plot)
        else:
            self._draw_spans(painter, plot)
            self._draw_wave(painter, plot)
        self._draw_edges(painter, plot)
        if self.seen is not None and self.shows_seen:
            draw_seen(painter, plot, self.seen, self.left, self.right)
        self._draw_ruler(painter, plot)
        self._draw_cursor(painter, plot)
        self._frame_of_focus(painter)

    def _frame_of_focus(self, painter: QPainter) -> None:
        c = colours()
        pen = QPen(
            QColor((c.accent if c.dark else c.text) if self.hasFocus() else c.line), 2 if self.hasFocus() else 1
        )
        painter.setPen(pen)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(QRectF(self.rect()).adjusted(0.5, 0.5, -1, -1))

    def _span_box(self, shown: Shown, plot: QRectF) -> QRectF | None:
        start, stop = shown.span.start, shown.span.stop
        if self._moving and self._moving[0] == shown.span.id:
            start, stop = (self._moving[2], stop) if self._moving[1] == START else (start, self._moving[2])
        if stop < self.left or start > self.right:
            return None
        return QRectF(QPointF(self._x(start), 0), QPointF(max(self._x(start) + 1, self._x(stop)), plot.bottom()))

    def _visible(self) -> list[Shown]:
        """Spans on show; where they are too many to be told apart, only the chosen one."""
        inside = np.flatnonzero((self._places[:, 1] >= self.left) & (self._places[:, 0] <= self.right))
        if len(inside) <= _MANY:
            return [self._spans[n] for n in inside]
        return [self._spans[n] for n in inside if self._spans[n].span.id == self._chosen]

    def _draw_shade(self, painter: QPainter, plot: QRectF) -> None:
        """Where there are spans, column by column, when there are too many to be drawn each."""
        inside = (self._places[:, 1] >= self.left) & (self._places[:, 0] <= self.right)
        if inside.sum() <= _MANY:
            return
        width = self.width()
        scale = width / (self.right - self.left)
        edges = np.clip(np.round((self._places[inside] - self.left) * scale), 0, width).astype(int)
        cover = np.zeros(width + 1, np.int32)
        np.add.at(cover, edges[:, 0], 1)
        np.add.at(cover, edges[:, 1], -1)
        fill = QColor(colours().convert)
        fill.setAlpha(40)
        pixels = np.where(np.cumsum(cover[:width]) > 0, np.uint32(_premultiplied(fill)), np.uint32(0))[None, :].copy()
        image = QImage(pixels.data, width, 1, 4 * width, QImage.Format.Format_ARGB32_Premultiplied)
        painter.drawImage(QRectF(0, 0, width, plot.bottom()), image)

    def _draw_spans(self, painter: QPainter, plot: QRectF) -> None:
        c = colours()
        self._draw_shade(painter, plot)
        fills = (QColor(c.convert), QColor(c.accent))
        fills[0].setAlpha(40)
        fills[1].setAlpha(70)
        aside = QBrush(QColor(c.line), Qt.BrushStyle.BDiagPattern)
        for shown in self._visible():
            box = self._span_box(shown, plot)
            if box is None:
                continue
            chosen = shown.span.id == self._chosen
            if shown.span.aside:
                painter.fillRect(box.toAlignedRect(), aside)
            else:
                # On whole pixels: parts of them cost ten times as much.
                painter.fillRect(box.toAlignedRect(), fills[chosen])
            for start, stop in shown.without:
                gap = QRectF(QPointF(self._x(start), plot.top()), QPointF(self._x(stop), plot.bottom()))
                painter.fillRect(gap, QBrush(QColor(c.cannot), Qt.BrushStyle.DiagCrossPattern))
            painter.setPen(QColor(c.soft if shown.span.aside else c.text))
            name = f"aside: {shown.name}" if shown.span.aside else shown.name
            if shown.span.take_of and not shown.span.aside:
                name = f"{name} (this take)"
            room = box.intersected(QRectF(0, 0, self.width(), _HEAD)).adjusted(4, 0, -3, 0)
            if room.width() > 14:
                text = painter.fontMetrics().elidedText(name, Qt.TextElideMode.ElideRight, int(room.width()))
                painter.drawText(room, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft, text)
        if self._drawing:
            fill = QColor(c.accent)
            fill.setAlpha(90)
            left, right = self._x(self._drawing[0]), self._x(self._drawing[1])
            painter.fillRect(QRectF(left, 0, right - left, plot.bottom()), fill)
        painter.setPen(QPen(QColor(c.stale), 1.5, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for start, stop in self._ghosts:
            if stop >= self.left and start <= self.right:
                painter.drawRect(
                    QRectF(self._x(start), plot.top() + 3, self._x(stop) - self._x(start), plot.height() - 6)
                )
        for start, stop in self._other:
            if stop >= self.left and start <= self.right:
                there = QRectF(self._x(start), plot.bottom() - 5, max(2.0, self._x(stop) - self._x(start)), 4)
                painter.fillRect(there.toRect(), QColor(c.cannot))

    def _draw_wave(self, painter: QPainter, plot: QRectF) -> None:
        assert self._picture is not None
        c = colours()
        count = max(2, self.width())
        middle = plot.center().y()
        painter.setPen(QPen(QColor(c.line), 1))
        painter.drawLine(QPointF(0, middle), QPointF(self.width(), middle))
        frames_a_pixel = (self.right - self.left) / count
        painter.setPen(QPen(QColor(c.wave_output), 1))
        if frames_a_pixel < 0.5:
            some = self._picture.samples(int(self.left), int(self.right) + 2)
            if some is not None and len(some):
                self._draw_samples(painter, plot, some)
                return
        pairs = self._picture.view(self.left, self.right, count)
        scale = plot.height() / 2 * 0.96
        clipped = np.abs(pairs).max(axis=1) >= 0.999
        lines = [
            QLineF(x + 0.5, middle - high * scale - 0.5, x + 0.5, middle - low * scale + 0.5)
            for x, (low, high) in enumerate(pairs.tolist())
        ]
        painter.drawLines(lines)
        if clipped.any():
            painter.setPen(QPen(QColor(c.cannot), 2))
            painter.drawLines([QLineF(x + 0.5, plot.top(), x + 0.5, plot.top() + 5) for x in np.flatnonzero(clipped)])

    def show_spectrum(self, spectral: bool) -> None:
        """Draw the spectrogram in place of the waveform, or the other way round."""
        self.spectral = spectral
        self.setAccessibleName("Spectrogram to cut" if spectral else "Waveform to cut")
        self.update()

    def _draw_spectrum(self, painter: QPainter, plot: QRectF) -> None:
        assert self._picture is not None
        c = colours()
        some = None
        if self._picture.near(self.right - self.left):
            margin = round(0.03 * self._rate)
            first = max(0, int(self.left) - margin)
            some = self._picture.samples(first, int(self.right) + margin)
        if some is None or not len(some):
            painter.setPen(QColor(c.soft))
            painter.drawText(plot, Qt.AlignmentFlag.AlignCenter, "Come nearer (+) to see the spectrogram.")
            return
        width, height = self.width(), round(plot.height())
        key = (self.left, self.right, width, height, id(self._picture), c.dark)
        if self._image is None or self._image[0] != key:
            image = spectrogram(some, first, self.left, self.right, width, height, self._rate)
            self._image = (key, image)
        painter.drawImage(plot.topLeft(), self._image[1])
        top = min(self._rate / 2, 12_000.0)
        painter.setPen(QColor(c.text))
        ground = QColor(c.sheet)
        ground.setAlpha(210)
        for hertz in (1000, 2000, 4000, 8000):
            if hertz < top:
                y = plot.bottom() - hertz / top * plot.height()
                place = QRectF(self.width() - 52, y - 8, 48, 16)
                painter.fillRect(place.adjusted(4, 1, 2, -1).toRect(), ground)
                painter.drawText(place, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, format_hz(hertz))

    def _draw_samples(self, painter: QPainter, plot: QRectF, some: np.ndarray) -> None:
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        scale, middle = plot.height() / 2 * 0.96, plot.center().y()
        points = [QPointF(self._x(int(self.left) + n), middle - v * scale) for n, v in enumerate(some.tolist())]
        painter.drawPolyline(QPolygonF(points))
        if self.width() / len(some) > 5:
            painter.setBrush(QColor(colours().wave_output))
            for point in points:
                painter.drawEllipse(point, 2, 2)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)

    def _draw_edges(self, painter: QPainter, plot: QRectF) -> None:
        c = colours()
        for shown in self._visible():
            box = self._span_box(shown, plot)
            if box is None:
                continue
            chosen = shown.span.id == self._chosen
            if not chosen and box.width() < 5:
                continue  # from afar the shading says enough
            for edge, x, way in ((START, box.left(), 1), (STOP, box.right(), -1)):
                current = chosen and edge == self.edge
                # An edge that a person set is a full line, one that was found a broken one.
                style = Qt.PenStyle.SolidLine if edge in shown.span.held else Qt.PenStyle.DotLine
                painter.setPen(QPen(QColor(c.text if chosen else c.soft), 2 if current else 1, style))
                painter.drawLine(QPointF(x, _HEAD), QPointF(x, plot.bottom()))
                if current:
                    painter.setPen(Qt.PenStyle.NoPen)
                    painter.setBrush(QColor(c.text))
                    painter.drawPolygon(
                        QPolygonF(
                            [
                                QPointF(x, plot.bottom()),
                                QPointF(x + 9 * way, plot.bottom()),
                                QPointF(x, plot.bottom() - 12),
                            ]
                        )
                    )

    def _draw_ruler(self, painter: QPainter, plot: QRectF) -> None:
        c = colours()
        seconds = (self.right - self.left) / self._rate
        steps = (0.0001, 0.0002, 0.0005, 0.001, 0.002, 0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 15, 30, 60, 120, 300, 600,
                 1800, 3600)  # fmt: skip
        step = next((s for s in steps if seconds / s <= max(2.0, self.width() / 84)), 7200.0)
        at = np.ceil(self.left / self._rate / step) * step
        while at <= self.right / self._rate + 1e-9:
            x = self._x(at * self._rate)
            painter.setPen(QPen(QColor(c.line), 1))
            painter.drawLine(QPointF(x, plot.bottom()), QPointF(x, plot.bottom() + 4))
            painter.setPen(QColor(c.soft))
            unit = " s" if at < 60 else ""
            painter.drawText(
                QRectF(min(max(18.0, x), self.width() - 26.0) - 40, plot.bottom() + 3, 80, 15),
                Qt.AlignmentFlag.AlignCenter,
                clock(float(at), step) + unit,
            )
            at += step

    def _draw_cursor(self, painter: QPainter, plot: QRectF) -> None:
        c = colours()
        if self.left <= self.cursor_frame <= self.right:
            x = self._x(self.cursor_frame)
            painter.setPen(QPen(QColor(c.text), 1))
            painter.drawLine(QPointF(x, _HEAD - 4), QPointF(x, plot.bottom() + 4))
        if self._playing is not None and self.left <= self._playing <= self.right:
            x = self._x(self._playing)
            painter.setPen(QPen(QColor(c.accent if c.dark else c.decide), 2))
            painter.drawLine(QPointF(x, _HEAD), QPointF(x, plot.bottom()))

    def place_in_words(self) -> str:
        """Where the cursor is, in seconds and frames, and how loud it is there."""
        if self._picture is None:
            return ""
        seconds = self.cursor_frame / self._rate
        near = self._picture.samples(self.cursor_frame, self.cursor_frame + max(1, round(0.02 * self._rate)))
        level = ""
        if near is not None and len(near):
            rms = float(np.sqrt(np.mean(np.square(near))))
            level = f", {format_db(20 * np.log10(max(rms, 1e-6)))}"
        return f"Cursor {clock(seconds, 0.001)} s, frame {self.cursor_frame:,}{level}"
