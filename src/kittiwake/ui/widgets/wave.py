"""A waveform: one sound, or several laid over each other, with a cursor."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF

from ...core.model.units import format_seconds
from ...plain_data import dataclass
from ...words import in_words, tr
from ..theme.colours import colours
from ..theme.scale import scaled
from .drawn import Drawn, same_layers

_LEFT, _FOOT, _HEAD = 46, 20, 18


@dataclass(frozen=True, slots=True)
class WaveLayer:
    """One outline.

    Attributes
    ----------
    overview : [shape=(n, 2)] lowest and highest sample of each part.
    colour : name of a field of ``Colours``.
    start : seconds at which it begins on the time axis.
    """

    label: str
    overview: NDArray[np.float32]
    seconds: float
    colour: str
    start: float = 0.0


class WaveView(Drawn):
    """Draws layers in order, the first at the back. ``seek`` gives the second that was clicked."""

    seek = Signal(float)

    def __init__(self) -> None:
        super().__init__()
        self.layers: list[WaveLayer] = []
        self._cursor: float | None = None
        self._message = ""
        self.setCursor(Qt.CursorShape.IBeamCursor)
        self.setAccessibleName(tr("Waveform"))

    def show_layers(self, layers: list[WaveLayer], message: str = "") -> None:
        """What to draw; ``message`` is shown where there is nothing, or below the labels."""
        if message == self._message and same_layers(layers, self.layers):
            return
        self.layers = layers
        self._message = message
        sentence = ", ".join(f"{layer.label} {in_words(format_seconds(layer.seconds))}" for layer in layers)
        self.setAccessibleDescription(in_words(sentence) or in_words(message))
        self.draw_anew()

    def set_cursor(self, seconds: float | None) -> None:
        if seconds != self._cursor:
            self._cursor = seconds
            self.update()

    @property
    def _length(self) -> float:
        return max((layer.start + layer.seconds for layer in self.layers), default=0.0)

    def _plot(self) -> QRectF:
        return QRectF(
            scaled(_LEFT),
            scaled(_HEAD),
            max(1, self.width() - scaled(_LEFT) - 8),
            max(1, self.height() - scaled(_HEAD) - scaled(_FOOT)),
        )

    def mousePressEvent(self, event: QMouseEvent) -> None:
        plot = self._plot()
        if self._length and plot.left() <= event.position().x() <= plot.right():
            self.seek.emit((event.position().x() - plot.left()) / plot.width() * self._length)

    def paintEvent(self, event: QPaintEvent) -> None:
        super().paintEvent(event)
        if self._cursor is not None and self._length:  # which moves thirty times a second
            painter = QPainter(self)
            c, plot = colours(), self._plot()
            x = plot.left() + self._cursor / self._length * plot.width()
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.setPen(QPen(QColor(c.accent if c.dark else c.text), 1.5))
            painter.drawLine(QPointF(x, plot.top()), QPointF(x, plot.bottom()))

    def draw_on(self, painter: QPainter) -> None:
        c = colours()
        plot = self._plot()
        if not self.layers or not self._length:
            painter.setPen(QColor(c.soft))
            painter.drawText(self.rect(), Qt.AlignmentFlag.AlignCenter, in_words(self._message))
            return
        top = self._top()
        self._axes(painter, plot, top)
        for layer in self.layers:
            self._outline(painter, plot, layer, top)
        self._labels(painter, plot)

    def _top(self) -> float:
        """Magnitude at the edge of the plot: full scale, or less for quiet sound so that it can be seen."""
        peak = max((float(np.abs(layer.overview).max(initial=0.0)) for layer in self.layers), default=0.0)
        for decibels in range(-42, 0, 3):
            edge = 10 ** (decibels / 20)
            if peak <= edge:
                return float(edge)
        return max(1.0, peak)

    def _axes(self, painter: QPainter, plot: QRectF, top: float) -> None:
        c = colours()
        painter.setPen(QPen(QColor(c.line), 1))
        for share in (-1.0, -0.5, 0.0, 0.5, 1.0):
            y = plot.center().y() - share * plot.height() / 2
            painter.drawLine(QPointF(plot.left(), y), QPointF(plot.right(), y))
        painter.setPen(QColor(c.soft))
        for share in (1.0, 0.5):
            y = plot.center().y() - share * plot.height() / 2
            decibels = round(20 * float(np.log10(top * share)), 1)
            label = tr("−{value:g}", value=-decibels) if decibels < 0 else tr("{value:g}", value=abs(decibels))
            painter.drawText(
                QRectF(0, y - scaled(8), scaled(_LEFT) - 6, scaled(16)),
                Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter,
                in_words(label),
            )
        painter.drawText(
            QRectF(0, plot.center().y() - scaled(8), scaled(_LEFT) - 6, scaled(16)),
            Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter,
            tr("dBFS"),
        )
        step = _nice_step(self._length, plot.width() / scaled(80))
        at = 0.0
        while at <= self._length + 1e-9:
            x = plot.left() + at / self._length * plot.width()
            painter.setPen(QPen(QColor(c.line), 1))
            painter.drawLine(QPointF(x, plot.bottom()), QPointF(x, plot.bottom() + 4))
            painter.setPen(QColor(c.soft))
            text = tr("{at:g} s", at=at) if step < 60 else format_seconds(at)
            box = QRectF(min(x - scaled(30), self.width() - scaled(60)), plot.bottom() + 4, scaled(60), scaled(15))
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, in_words(text))
            at = round(at + step, 6)

    def _outline(self, painter: QPainter, plot: QRectF, layer: WaveLayer, top: float) -> None:
        if not len(layer.overview):
            return
        low, high = _columns(layer.overview, max(2, int(plot.width() * layer.seconds / self._length)))
        left = plot.left() + layer.start / self._length * plot.width()
        x = left + np.linspace(0, layer.seconds / self._length * plot.width(), len(low))
        middle, scale = plot.center().y(), plot.height() / 2 / top
        upper = [QPointF(a, middle - b * scale) for a, b in zip(x.tolist(), high.tolist(), strict=True)]
        lower = [QPointF(a, middle - b * scale) for a, b in zip(x.tolist(), low.tolist(), strict=True)]
        fill = QColor(getattr(colours(), layer.colour))
        edge = QColor(fill)
        # Layers on top let those below show through.
        fill.setAlpha(255 if layer is self.layers[0] else 120)
        painter.setPen(QPen(edge, 1))
        painter.setBrush(fill)
        painter.drawPolygon(QPolygonF(upper + lower[::-1]))

    def _labels(self, painter: QPainter, plot: QRectF) -> None:
        c = colours()
        x = plot.left()
        for layer in self.layers:
            painter.fillRect(QRectF(x, 5, 12, 8), QColor(getattr(c, layer.colour)))
            text = f"{layer.label}, {in_words(format_seconds(layer.seconds))}"
            painter.setPen(QColor(c.text))
            width = painter.fontMetrics().horizontalAdvance(in_words(text)) + 8
            painter.drawText(QRectF(x + 17, 0, width, scaled(_HEAD)), Qt.AlignmentFlag.AlignVCenter, in_words(text))
            x += width + 30
        if self._message:
            painter.setPen(QColor(c.soft))
            painter.drawText(
                QRectF(x, 0, plot.right() - x, scaled(_HEAD)), Qt.AlignmentFlag.AlignVCenter, in_words(self._message)
            )


def _columns(overview: NDArray[np.float32], count: int) -> tuple[NDArray[np.float32], NDArray[np.float32]]:
    """Lowest and highest of each of at most ``count`` groups."""
    if len(overview) <= count:
        return overview[:, 0], overview[:, 1]
    starts = np.linspace(0, len(overview), count, endpoint=False).astype(int)
    return np.minimum.reduceat(overview[:, 0], starts), np.maximum.reduceat(overview[:, 1], starts)


def _nice_step(length: float, most: float) -> float:
    for step in (0.1, 0.2, 0.5, 1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 1800, 3600):
        if length / step <= max(2.0, most):
            return step
    return 7200.0
