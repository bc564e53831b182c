"""Colours can be read, and shapes tell states apart without them."""

from __future__ import annotations

import itertools
import unittest

from PySide6.QtCore import QRectF
from PySide6.QtGui import QColor, QImage, QPainter

from kittiwake.ui.shell.start import make_app
from kittiwake.ui.theme.colours import DARK, LIGHT, use
from kittiwake.ui.theme.shapes import WORDS, draw_shape


def luminance(colour: str) -> float:
    """Relative luminance, W3C WCAG 2.1."""
    parts = []
    for value in QColor(colour).getRgbF()[:3]:
        parts.append(value / 12.92 if value <= 0.03928 else ((value + 0.055) / 1.055) ** 2.4)
    return 0.2126 * parts[0] + 0.7152 * parts[1] + 0.0722 * parts[2]


def contrast(one: str, two: str) -> float:
    high, low = sorted((luminance(one), luminance(two)), reverse=True)
    return (high + 0.05) / (low + 0.05)


class TestContrast(unittest.TestCase):
    def test_all_text_reaches_4_5_to_1(self) -> None:
        for c in (LIGHT, DARK):
            states = ("busy", "as_is", "convert", "decide", "cannot", "made", "stale")
            for name in ("text", "soft", *states):
                for ground in (c.ground, c.sheet, c.chosen):
                    self.assertGreaterEqual(contrast(getattr(c, name), ground), 4.5, (c.dark, name, ground))
            self.assertGreaterEqual(contrast(c.on_accent, c.accent), 4.5)

    def test_what_a_cell_says_while_it_is_made_can_be_read(self) -> None:
        for c in (LIGHT, DARK):
            use(c.dark)
            for state in WORDS:
                for ground in (c.sheet, c.chosen):
                    self.assertGreaterEqual(contrast(c.of(state).name(), ground), 4.5, (c.dark, state, ground))
        use(False)

    def test_every_shape_that_tells_something_reaches_3_to_1(self) -> None:
        for c in (LIGHT, DARK):
            for name in ("wave_source", "wave_output", "focus", "edge", "busy"):
                for ground in (c.ground, c.sheet):
                    self.assertGreaterEqual(contrast(getattr(c, name), ground), 3, (c.dark, name, ground))

    def test_waves_can_be_told_apart_and_from_the_ground(self) -> None:
        for c in (LIGHT, DARK):
            self.assertGreaterEqual(contrast(c.wave_output, c.ground), 3)
            self.assertGreaterEqual(contrast(c.wave_output, c.wave_source), 2)


class TestShapes(unittest.TestCase):
    def shape(self, state: str) -> bytes:
        make_app()
        image = QImage(28, 28, QImage.Format.Format_ARGB32)
        image.fill(0)
        painter = QPainter(image)
        draw_shape(painter, state, QRectF(0, 0, 28, 28))
        painter.end()
        # Opaque or not, without colour.
        return bytes(image.pixelColor(x, y).alpha() > 127 for x in range(28) for y in range(28))

    def test_every_state_has_a_shape_of_its_own(self) -> None:
        use(False)
        drawn = {state: self.shape(state) for state in WORDS if state != "waiting"}
        for one, two in itertools.combinations(drawn, 2):
            different = sum(a != b for a, b in zip(drawn[one], drawn[two], strict=True))
            self.assertGreater(different, 20, (one, two))
