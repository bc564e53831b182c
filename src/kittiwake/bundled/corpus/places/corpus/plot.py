"""How one quality is spread over the clips, as bars; pressed, it shows its outliers."""

from __future__ import annotations

from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QAbstractButton, QSizePolicy

from .....ui.theme.colours import colours
from .....ui.theme.scale import scaled
from .....words import in_words, tr
from ...core.quality import MEASURES
from ...core.rules import Rule
from ...core.spread import Spread

_SIDE = 8


class SpreadPlot(QAbstractButton):
    """Of one measure, by its name."""

    def __init__(self, name: str) -> None:
        super().__init__()
        self.name = name
        self.spread: Spread | None = None
        self.rules: tuple[Rule, ...] = ()
        self.setCheckable(True)
        self.setAutoExclusive(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumSize(scaled(118), scaled(84))

    def sizeHint(self) -> QSize:
        return QSize(scaled(160), scaled(100))

    def show_spread(self, spread: Spread | None, rules: tuple[Rule, ...]) -> None:
        self.spread, self.rules = spread, tuple(rule for rule in rules if rule.measure == self.name)
        measure = MEASURES[self.name]
        if spread is None:
            self.setAccessibleName(tr("{name}: not known", name=measure.name))
            self.setToolTip(tr("{detail}: not known of any clip", detail=measure.description))
        else:
            median = measure.with_unit(spread.median)
            self.setAccessibleName(
                tr(
                    "{name}: median {median}, {known} clips",
                    "{name}: median {median}, {known} clip",
                    spread.known,
                    name=measure.name.replace("_", " "),
                    median=median,
                    known=spread.known,
                )
            )
            self.setToolTip(
                tr(
                    "{name}: {detail}\nmedian {median}, of {known} clips",
                    name=measure.name,
                    detail=measure.description,
                    median=median,
                    known=spread.known,
                )
            )
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        c = colours()
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        frame = QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5)
        painter.setPen(
            QPen(
                QColor(c.focus if self.hasFocus() else c.text if self.isChecked() else c.edge),
                2.0 if self.hasFocus() or self.isChecked() else 1.0,
            )
        )
        painter.setBrush(QColor(c.chosen if self.isChecked() else c.sheet))
        painter.drawRoundedRect(frame, 4, 4)
        measure = MEASURES[self.name]
        painter.setPen(QColor(c.text))
        inner = frame.adjusted(_SIDE, 3, -_SIDE, -3)
        spread, metrics = self.spread, painter.fontMetrics()
        sentence = "" if spread is None else in_words(measure.with_unit(spread.median))
        room = int(inner.width()) - (metrics.horizontalAdvance(f"{sentence}  ") if sentence else 0)
        name = metrics.elidedText(in_words(measure.name).replace("_", " "), Qt.TextElideMode.ElideRight, room)
        painter.drawText(inner, int(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignTop), name)
        painter.setPen(QColor(c.soft))
        if spread is None:
            none = tr("none found") if self.name == "hum" else tr("not known")
            below = inner.adjusted(0, metrics.height(), 0, 0)
            painter.drawText(below, int(Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap), none)
            return
        painter.drawText(inner, int(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignTop), sentence)
        small = painter.font()
        small.setPixelSize(round(painter.fontMetrics().height() * 0.7))
        painter.setFont(small)
        ends = [measure.number(value) for value in (spread.low, spread.high)]
        painter.drawText(inner, int(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignBottom), in_words(ends[0]))
        painter.drawText(inner, int(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignBottom), in_words(ends[1]))
        area = inner.adjusted(0, metrics.height() + 2, 0, -painter.fontMetrics().height() - 3)
        self._bars(painter, area, spread)
        for rule in self.rules:
            self._limit(painter, area, spread, rule)

    def _bars(self, painter: QPainter, area: QRectF, spread: Spread) -> None:
        c = colours()
        top = max(1, int(spread.counts.max()))
        step = area.width() / len(spread.counts)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(c.wave_output))
        for n, count in enumerate(spread.counts.tolist()):
            if count:
                tall = max(1.5, area.height() * count / top)
                painter.drawRect(QRectF(area.left() + n * step, area.bottom() - tall, max(1.0, step - 1), tall))
        painter.setPen(QPen(QColor(c.line), 1))
        painter.drawLine(area.bottomLeft(), area.bottomRight())

    def _limit(self, painter: QPainter, area: QRectF, spread: Spread, rule: Rule) -> None:
        """Where a rule draws the line, with a tick towards what it keeps."""
        share = min(1.0, max(0.0, (rule.limit - spread.low) / ((spread.high - spread.low) or 1.0)))
        at = area.left() + share * area.width()
        painter.setPen(QPen(QColor(colours().cannot), 1.5, Qt.PenStyle.DashLine))
        painter.drawLine(round(at), round(area.top()), round(at), round(area.bottom()))
        towards = 7 if rule.sign in (">", ">=", "≥") else -7 if rule.sign in ("<", "<=", "≤") else 0
        painter.setPen(QPen(QColor(colours().cannot), 1.5))
        painter.drawLine(round(at), round(area.top()), round(at + towards), round(area.top()))
