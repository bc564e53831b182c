"""What a search saw, drawn over the waveform: the level, what it had to reach, and where a voice was heard."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from ....plain_data import dataclass
from ....words import in_words, tr
from ....work.cut import Activity
from ....work.cut.activity import FRAME
from ....work.cut.find import Found
from ....work.cut.room import STEP
from ...theme.colours import colours
from ...theme.scale import scaled

_LOW, _HIGH = -100.0, 0.0  # dBFS, from the foot of the plot to its top
_SURE = 0.5


@dataclass(frozen=True)
class SearchOverlay:
    """Of one source, with the settings of its last search."""

    activity: Activity
    found: Found

    @property
    def summary(self) -> str:
        """The room and the speech in numbers."""
        found = self.found
        parts = [tr("room {room_dbfs:.0f} dBFS", room_dbfs=found.room_dbfs)]
        if len(found.threshold):
            parts.append(tr("sound from {float:.0f} dBFS", float=float(np.median(found.threshold))))
        if found.speech_dbfs is not None:
            parts.append(tr("speech {speech_dbfs:.0f} dBFS", speech_dbfs=found.speech_dbfs))
        parts.append(
            tr(
                "a voice {float:.0%} of the time",
                float=float((self.activity.voice >= _SURE).mean() if len(self.activity.voice) else 0),
            )
        )
        return ", ".join(parts).replace("-", "−")


def draw_seen(painter: QPainter, plot: QRectF, seen: SearchOverlay, left: float, right: float) -> None:
    """From frame ``left`` to ``right`` across ``plot``: the level in dBFS as a line, what it had to reach dashed, voices as a band at the top."""
    c = colours()
    columns = max(2, int(plot.width()))
    seconds = (left + np.arange(columns + 1) * (right - left) / columns) / seen.activity.rate
    voice = _highest(seen.activity.voice, seconds / FRAME)
    band = QColor(c.convert)
    for x, sure in enumerate(voice):
        if sure >= 0.1:
            band.setAlpha(round(40 + 180 * float(sure)))
            painter.fillRect(QRectF(plot.left() + x, plot.top() + 2, 1, 7), band)
    level = _highest(seen.activity.levels, seconds / STEP, _LOW)
    reach = _highest(seen.found.threshold, seconds / STEP, _LOW)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(QPen(QColor(c.text), 1.2))
    painter.drawPolyline(_line(level, plot))
    painter.setPen(QPen(QColor(c.cannot), 1.4, Qt.PenStyle.DashLine))
    painter.drawPolyline(_line(reach, plot))
    sentence = tr("{summary}   —— level   – – what sound has to reach   ▀ a voice", summary=seen.summary)
    room = QRectF(plot.left() + 4, plot.top() + 12, plot.width() - 8, scaled(16))
    width = min(room.width(), painter.fontMetrics().horizontalAdvance(in_words(sentence)) + 10.0)
    painter.fillRect(QRectF(room.left(), room.top(), width, room.height()), QColor(c.sheet))
    painter.setPen(QColor(c.text))
    painter.drawText(
        room.adjusted(4, 0, 0, 0), Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter, in_words(sentence)
    )


def _highest(values: NDArray[np.float32], edges: NDArray[np.float64], beyond: float = 0.0) -> NDArray[np.float32]:
    """The highest value between two edges each; ``beyond`` where there are none."""
    if not len(values):
        return np.full(len(edges) - 1, beyond, np.float32)
    at = np.clip(edges.astype(np.int64), 0, len(values) - 1)
    out = np.maximum.reduceat(values, at[:-1])
    out[edges[:-1] >= len(values)] = beyond
    return out


def _line(levels: NDArray[np.float32], plot: QRectF) -> QPolygonF:
    y = plot.bottom() - (np.clip(levels, _LOW, _HIGH) - _LOW) / (_HIGH - _LOW) * plot.height()
    return QPolygonF([QPointF(plot.left() + x, float(one)) for x, one in enumerate(y)])
