"""The other views of the sound: its waveform from hours to samples, and its spectrogram."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPen, QPolygonF

from ....core.model.units import format_hz
from ....words import in_words, tr
from ...theme.colours import colours
from ...theme.scale import scaled
from ...workers.cuts import Picture
from .spectrogram import spectrogram
from .viewport import TimeViewport


def draw_wave(painter: QPainter, sight: TimeViewport, picture: Picture) -> None:
    c, plot = colours(), sight.plot
    middle = plot.center().y()
    painter.setPen(QPen(QColor(c.line), 1))
    painter.drawLine(QPointF(0, middle), QPointF(sight.width, middle))
    painter.setPen(QPen(QColor(c.convert), 1))
    if (sight.right - sight.left) / max(2, sight.width) < 0.5:
        samples = picture.samples(int(sight.left), int(sight.right) + 2)
        if samples is not None and len(samples):
            _draw_samples(painter, sight, samples)
            return
    pairs = picture.view(sight.left, sight.right, max(2, sight.width))
    scale = plot.height() / 2 * 0.96
    painter.drawLines(
        [
            QLineF(x + 0.5, middle - high * scale - 0.5, x + 0.5, middle - low * scale + 0.5)
            for x, (low, high) in enumerate(pairs.tolist())
        ]
    )
    clipped = np.flatnonzero(np.abs(pairs).max(axis=1) >= 0.999)
    if len(clipped):
        painter.setPen(QPen(QColor(c.cannot), 2))
        painter.drawLines([QLineF(x + 0.5, plot.top(), x + 0.5, plot.top() + 5) for x in clipped])


def _draw_samples(painter: QPainter, sight: TimeViewport, samples: NDArray[np.float32]) -> None:
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    plot = sight.plot
    scale, middle = plot.height() / 2 * 0.96, plot.center().y()
    points = [QPointF(sight.x(int(sight.left) + n), middle - v * scale) for n, v in enumerate(samples.tolist())]
    painter.drawPolyline(QPolygonF(points))
    if sight.width / len(samples) > 5:
        painter.setBrush(QColor(colours().convert))
        for point in points:
            painter.drawEllipse(point, 2, 2)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)


class SpectrumPlot:
    """Keeps the image that was drawn last."""

    def __init__(self) -> None:
        self._image: tuple[object, QImage] | None = None

    def draw(self, painter: QPainter, sight: TimeViewport, picture: Picture) -> None:
        c, plot = colours(), sight.plot
        samples, first = None, 0
        if picture.near(sight.right - sight.left):
            margin = round(0.03 * sight.rate)
            first = max(0, int(sight.left) - margin)
            samples = picture.samples(first, int(sight.right) + margin)
        if samples is None or not len(samples):
            painter.setPen(QColor(c.soft))
            painter.drawText(plot, Qt.AlignmentFlag.AlignCenter, tr("Come nearer (+) to see the spectrogram."))
            return
        key = (sight, id(picture), c.dark)
        if self._image is None or self._image[0] != key:
            size = sight.width, round(plot.height())
            self._image = (key, spectrogram(samples, first, sight.left, sight.right, *size, sight.rate))
        painter.drawImage(plot.topLeft(), self._image[1])
        _draw_scale(painter, sight)


def _draw_scale(painter: QPainter, sight: TimeViewport) -> None:
    c, plot = colours(), sight.plot
    top = min(sight.rate / 2, 12_000.0)
    ground = QColor(c.sheet)
    ground.setAlpha(210)
    for hertz in (1000, 2000, 4000, 8000):
        if hertz < top:
            y = plot.bottom() - hertz / top * plot.height()
            place = QRectF(4, y - scaled(8), scaled(44), scaled(16))
            painter.fillRect(place.toRect(), ground)
            painter.setPen(QColor(c.text))
            painter.drawText(place.adjusted(3, 0, 0, 0), Qt.AlignmentFlag.AlignVCenter, in_words(format_hz(hertz)))
