"""A picture that is drawn once and shown until it is another."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import fields
from typing import Any

import numpy as np
from PySide6.QtCore import QEvent, QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPixmap, QResizeEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from ..shell.access import picture
from ..theme.scale import scaled
from ..theme.sheet import small_type


def same_layers(layers: Sequence[Any], others: Sequence[Any]) -> bool:
    """Whether two rows of layers (data classes of one kind) would be drawn alike: their arrays may be others that hold the same."""
    if len(layers) != len(others):
        return False
    for one, other in zip(layers, others, strict=True):
        for field in fields(one):
            here, there = getattr(one, field.name), getattr(other, field.name)
            if here is not there and not (
                np.array_equal(here, there) if isinstance(here, np.ndarray) else here == there
            ):
                return False
    return True


class Drawn(QWidget):
    """Shows what ``draw_on`` draws; that is asked again only after ``draw_anew``, and with another size, style or screen."""

    def __init__(self) -> None:
        super().__init__()
        picture(self)
        self._picture: QPixmap | None = None
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumHeight(scaled(80))

    def sizeHint(self) -> QSize:
        return QSize(400, 150)

    def draw_on(self, painter: QPainter) -> None:
        """Draw the whole, in small type."""
        raise NotImplementedError

    def draw_anew(self) -> None:
        """What it shows has changed."""
        self._picture = None
        self.update()

    def resizeEvent(self, event: QResizeEvent) -> None:
        self._picture = None

    def changeEvent(self, event: QEvent) -> None:
        if event.type() in (QEvent.Type.PaletteChange, QEvent.Type.StyleChange, QEvent.Type.FontChange):
            self._picture = None
        super().changeEvent(event)

    def paintEvent(self, event: QPaintEvent) -> None:
        picture = self._picture
        if picture is None or picture.devicePixelRatio() != self.devicePixelRatio():
            picture = self._picture = self._drawn()
        painter = QPainter(self)
        painter.drawPixmap(0, 0, picture)

    def _drawn(self) -> QPixmap:
        picture = QPixmap(self.size() * self.devicePixelRatio())
        picture.setDevicePixelRatio(self.devicePixelRatio())
        picture.fill(Qt.GlobalColor.transparent)
        painter = QPainter(picture)
        painter.setFont(self.font())
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        small_type(painter)
        self.draw_on(painter)
        painter.end()
        return picture
