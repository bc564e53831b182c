"""Spans as ledges under the sound: each with its name, the air at its ends, and the pauses between them by their length."""

from __future__ import annotations

import itertools
from collections.abc import Sequence

import numpy as np
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QPainter, QPen

from ....core.model.span import START, STOP, Span
from ....words import decimal, in_words, tr
from ...theme.colours import colours
from .search_overlay import SearchOverlay
from .viewport import HEAD, Shown, TimeViewport, clock

_GAP = 3  # pixels over a ledge
_MANY = 90  # spans that are drawn each


def draw_ledges(
    painter: QPainter,
    sight: TimeViewport,
    spans: Sequence[Shown],
    chosen: str,
    selected: set[str],
    edge: str,
    seen: SearchOverlay | None,
) -> None:
    """``spans`` are those in sight, in order; ``selected`` those that are picked together, ``chosen`` the one that is worked on."""
    row = sight.ledge.adjusted(0, _GAP, 0, -1)
    if len(spans) > _MANY:
        _draw_shade(painter, sight, row, spans)
        spans = [shown for shown in spans if shown.span.id == chosen]
    for shown in spans:
        _draw_ledge(painter, sight, row, shown, shown.span.id == chosen, shown.span.id in selected, seen)
    for shown in spans:
        _draw_edges(painter, sight, shown, shown.span.id == chosen, edge)
    _draw_pauses(painter, sight, row, spans)


def draw_chosen(painter: QPainter, sight: TimeViewport, span: Span) -> None:
    """The ground of the span that is worked on, under its sound."""
    tint = QColor(colours().accent)
    tint.setAlpha(50)
    painter.fillRect(sight.between(span.start, span.stop, sight.plot), tint)


def _draw_ledge(
    painter: QPainter,
    sight: TimeViewport,
    row: QRectF,
    shown: Shown,
    chosen: bool,
    selected: bool,
    seen: SearchOverlay | None,
) -> None:
    c, span = colours(), shown.span
    box = sight.between(span.start, span.stop, row, 2.0)
    text = c.sheet
    if span.aside:
        painter.fillRect(box, QBrush(QColor(c.soft), Qt.BrushStyle.BDiagPattern))
        text = c.text
    else:
        painter.fillRect(box, QColor(c.accent if chosen else c.convert))
        text = c.on_accent if chosen else c.sheet
        _draw_air(painter, sight, row, shown, chosen, seen)
    if selected and not chosen:
        painter.fillRect(QRectF(box.left(), box.top() - _GAP, box.width(), _GAP), QColor(c.accent))
    for start, stop in shown.without:
        painter.fillRect(
            sight.between(start, stop, sight.plot), QBrush(QColor(c.cannot), Qt.BrushStyle.DiagCrossPattern)
        )
    name = (
        tr("aside: {name}", name=shown.name)
        if span.aside
        else tr("{name} (this take)", name=shown.name)
        if span.take_of
        else shown.name
    )
    room = box.intersected(QRectF(0, row.top(), sight.width, row.height())).adjusted(6, 0, -4, 0)
    if room.width() > 16:
        label = painter.fontMetrics().elidedText(in_words(name), Qt.TextElideMode.ElideRight, int(room.width()))
        if span.aside:
            ground = QRectF(
                room.left() - 2,
                room.top() + 3,
                painter.fontMetrics().horizontalAdvance(in_words(label)) + 4.0,
                room.height() - 6,
            )
            painter.fillRect(ground, QColor(c.sheet))
        painter.setPen(QColor(text))
        painter.drawText(room, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft, in_words(label))


def _draw_air(
    painter: QPainter, sight: TimeViewport, row: QRectF, shown: Shown, chosen: bool, seen: SearchOverlay | None
) -> None:
    """What a span holds before its first sound and after its last stands lower."""
    if seen is None:
        return
    inside = [(a, b) for a, b in seen.found.spoken if a < shown.span.stop and shown.span.start < b]
    if not inside:
        return
    c = colours()
    first, last = max(shown.span.start, inside[0][0]), min(shown.span.stop, inside[-1][1])
    step = QRectF(row.left(), row.top() - 0.5, row.width(), 6)
    for start, stop in ((shown.span.start, first), (last, shown.span.stop)):
        if sight.x(stop) - sight.x(start) >= 2:
            painter.fillRect(sight.between(start, stop, step), QColor(c.sheet))


def _draw_edges(painter: QPainter, sight: TimeViewport, shown: Shown, chosen: bool, edge: str) -> None:
    c, span = colours(), shown.span
    left, right = sight.x(span.start), sight.x(span.stop)
    if not chosen and right - left < 5:
        return  # from afar the ledge says enough
    for which, x in ((START, left), (STOP, right)):
        current = chosen and which == edge
        # An edge that a person set is a full line, one that was found a broken one.
        style = Qt.PenStyle.SolidLine if which in span.held else Qt.PenStyle.DotLine
        painter.setPen(QPen(QColor(c.text if chosen else c.soft), 2 if current else 1, style))
        painter.drawLine(QPointF(x, HEAD), QPointF(x, sight.ledge.bottom()))
        if current:
            painter.fillRect(QRectF(x - 4, HEAD, 8, 8), QColor(c.text))


def _draw_pauses(painter: QPainter, sight: TimeViewport, row: QRectF, spans: Sequence[Shown]) -> None:
    painter.setPen(QColor(colours().soft))
    for one, other in itertools.pairwise(spans):
        gap = sight.between(one.span.stop, other.span.start, row)
        seconds = (other.span.start - one.span.stop) / sight.rate
        label = f"{decimal(clock(seconds, 0.01))} s" if seconds < 60 else clock(seconds)
        if seconds > 0 and gap.width() > painter.fontMetrics().horizontalAdvance(in_words(label)) + 6:
            painter.drawText(gap, Qt.AlignmentFlag.AlignCenter, in_words(label))


def draw_found(
    painter: QPainter, sight: TimeViewport, ghosts: Sequence[tuple[int, int]], other: Sequence[tuple[int, int]]
) -> None:
    """What a search would find, outlined; and sound that is no voice, marked at the foot of the plot."""
    c = colours()
    row = sight.ledge.adjusted(0, _GAP + 2, 0, -3)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(QPen(QColor(c.convert), 1.5, Qt.PenStyle.DashLine))
    for start, stop in ghosts:
        if sight.shows(start, stop):
            painter.drawRect(sight.between(start, stop, row, 2.0))
    for start, stop in other:
        if sight.shows(start, stop):
            foot = QRectF(0, sight.plot.bottom() - 5, sight.width, 4)
            painter.fillRect(sight.between(start, stop, foot, 2.0).toRect(), QColor(c.cannot))


def _draw_shade(painter: QPainter, sight: TimeViewport, row: QRectF, spans: Sequence[Shown]) -> None:
    """Where there are spans, column by column, when there are too many to be drawn each."""
    places = np.array([(sight.x(shown.span.start), sight.x(shown.span.stop)) for shown in spans])
    edges = np.clip(np.round(places), 0, sight.width).astype(int)
    cover = np.zeros(sight.width + 1, np.int32)
    np.add.at(cover, edges[:, 0], 1)
    np.add.at(cover, edges[:, 1], -1)
    painter.setPen(QPen(QColor(colours().convert), 1))
    columns = np.flatnonzero(np.cumsum(cover[: sight.width]) > 0)
    painter.drawLines([QLineF(x + 0.5, row.top(), x + 0.5, row.bottom()) for x in columns])
