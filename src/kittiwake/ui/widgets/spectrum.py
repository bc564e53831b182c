"""Long-term spectra laid over each other."""

from __future__ import annotations

import math
from itertools import pairwise

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from ...core.model.units import format_hz
from ...plain_data import dataclass
from ...words import in_words, tr
from ..theme.colours import colours
from ..theme.scale import scaled
from .drawn import Drawn, same_layers

_LEFT, _FOOT, _HEAD = 46, 20, 18
_LOWEST = 80.0  # Hz


@dataclass(frozen=True, slots=True)
class SpectrumLayer:
    """One curve: [shape=(bins,)] dB a bin of ``step`` Hz; ``colour`` names a field of ``Colours``."""

    label: str
    curve: NDArray[np.float32]
    step: float
    colour: str


class SpectrumView(Drawn):
    """Draws curves over a logarithmic frequency axis, with the telephone band shaded."""

    def __init__(self) -> None:
        super().__init__()
        self._layers: list[SpectrumLayer] = []
        self.setAccessibleName(tr("Spectrum"))

    def show_layers(self, layers: list[SpectrumLayer]) -> None:
        if same_layers(layers, self._layers):
            return
        self._layers = layers
        sentence = ", ".join(
            tr("{label} to {edge}", label=layer.label, edge=format_hz(_edge(layer))) for layer in layers
        )
        self.setAccessibleDescription(in_words(sentence))
        self.draw_anew()

    def draw_on(self, painter: QPainter) -> None:
        if not self._layers:
            return
        c = colours()
        plot = QRectF(
            scaled(_LEFT),
            scaled(_HEAD),
            max(1, self.width() - scaled(_LEFT) - 8),
            max(1, self.height() - scaled(_HEAD) - scaled(_FOOT)),
        )
        highest = max(_edge(layer) for layer in self._layers)
        loudest = max(float(layer.curve.max()) for layer in self._layers)
        top = math.ceil((loudest + 3) / 10) * 10
        bottom = top - 80

        def x_of(hertz: float) -> float:
            return plot.left() + plot.width() * math.log(hertz / _LOWEST) / math.log(highest / _LOWEST)

        band = QColor(c.chosen)
        band.setAlpha(110)
        right = min(plot.right(), x_of(3400))
        painter.fillRect(QRectF(x_of(300), plot.top(), right - x_of(300), plot.height()), band)
        self._axes(painter, plot, x_of, highest, top, bottom)
        painter.setClipRect(plot)
        for layer in self._layers:
            self._curve(painter, plot, layer, x_of, top, bottom)
        painter.setClipping(False)
        self._labels(painter, plot)

    def _axes(self, painter: QPainter, plot: QRectF, x_of, highest: float, top: float, bottom: float) -> None:
        c = colours()
        last = -100.0
        for hertz in (100, 200, 500, 1000, 2000, 4000, 8000, 16000, 32000):
            if hertz > highest:
                break
            x = x_of(hertz)
            painter.setPen(QPen(QColor(c.line), 1))
            painter.drawLine(QPointF(x, plot.top()), QPointF(x, plot.bottom() + 3))
            if x - last > scaled(46):
                painter.setPen(QColor(c.soft))
                box = QRectF(
                    min(x - scaled(30), self.width() - scaled(60)), plot.bottom() + 4, scaled(60), scaled(15)
                )
                painter.drawText(box, Qt.AlignmentFlag.AlignCenter, in_words(format_hz(hertz)))
                last = x
        for level in range(int(top), int(bottom) - 1, -20):
            y = plot.top() + (top - level) / (top - bottom) * plot.height()
            painter.setPen(QPen(QColor(c.line), 1))
            painter.drawLine(QPointF(plot.left(), y), QPointF(plot.right(), y))
            if y < plot.bottom() - 10:
                painter.setPen(QColor(c.soft))
                text = f"{level}".replace("-", "−") + (" dB" if level == top else "")
                box = QRectF(0, y - scaled(8), scaled(_LEFT) - 6, scaled(16))
                painter.drawText(box, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter, in_words(text))

    def _curve(self, painter: QPainter, plot: QRectF, layer: SpectrumLayer, x_of, top: float, bottom: float) -> None:
        hertz, decibels = _thinned(layer)
        share = np.clip((top - decibels) / (top - bottom), -0.1, 1.1)
        points = [
            QPointF(x_of(f), plot.top() + s * plot.height())
            for f, s in zip(hertz.tolist(), share.tolist(), strict=True)
        ]
        first = layer is self._layers[0] and len(self._layers) > 1
        painter.setPen(QPen(QColor(getattr(colours(), layer.colour)), 3 if first else 1.6))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPolyline(QPolygonF(points))

    def _labels(self, painter: QPainter, plot: QRectF) -> None:
        c = colours()
        x = plot.left()
        for layer in self._layers:
            painter.fillRect(QRectF(x, 7, 12, 4), QColor(getattr(c, layer.colour)))
            painter.setPen(QColor(c.text))
            width = painter.fontMetrics().horizontalAdvance(in_words(layer.label)) + 8
            painter.drawText(
                QRectF(x + 17, 0, width, scaled(_HEAD)), Qt.AlignmentFlag.AlignVCenter, in_words(layer.label)
            )
            x += width + 30
        painter.setPen(QColor(c.soft))
        text = tr("shaded: telephone band, 300–3400 Hz")
        if painter.fontMetrics().horizontalAdvance(in_words(text)) < plot.right() - x:
            painter.drawText(
                QRectF(x, 0, plot.right() - x, scaled(_HEAD)), Qt.AlignmentFlag.AlignVCenter, in_words(text)
            )


def _edge(layer: SpectrumLayer) -> float:
    return (len(layer.curve) - 1) * layer.step


def _thinned(layer: SpectrumLayer) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """Frequencies and levels in bands an eighth of an octave wide, so that the eye sees the shape and not the bins."""
    edges = _LOWEST * 2 ** (np.arange(0, 80) / 8)
    hertz = np.arange(len(layer.curve)) * layer.step
    power = 10 ** (layer.curve.astype(np.float64) / 10)
    found_hertz, found_level = [], []
    places = np.searchsorted(hertz, edges)
    for (low, first), (high, after) in pairwise(zip(edges.tolist(), places.tolist(), strict=True)):
        if first < after:
            found_hertz.append(math.sqrt(low * min(high, hertz[-1] + layer.step)))
            found_level.append(10 * math.log10(float(power[first:after].mean()) + 1e-20))
    return np.array(found_hertz), np.array(found_level)
