"""A spectrogram of whatever is on show, as an image."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PySide6.QtGui import QColor, QImage

from ...theme.colours import colours

_RANGE = (-105.0, -25.0)  # dB a bin: from the ground to the darkest


def spectrogram(
    samples: NDArray[np.float32], first: int, left: float, right: float, width: int, height: int, rate: int
) -> QImage:
    """Power by time (``width`` columns between two frames) and frequency (up to half the rate, or 12 kHz, at the top).

    Parameters
    ----------
    samples : from frame ``first`` on.
    """
    size = 1 << max(6, round(np.log2(0.023 * rate)))
    centres = left + (np.arange(width) + 0.5) * (right - left) / width - first
    starts = np.round(centres - size / 2).astype(np.int64)
    padded = np.concatenate([np.zeros(size, np.float32), samples, np.zeros(size, np.float32)])
    starts = np.clip(starts + size, 0, len(padded) - size)
    frames = np.lib.stride_tricks.sliding_window_view(padded, size)[starts]
    window = np.hanning(size).astype(np.float32)
    power = np.abs(np.fft.rfft(frames * window, axis=1)) / (size / 4)
    top = min(rate / 2, 12_000.0)
    bins = np.clip(np.linspace(top, 0, height) / rate * size, 0, power.shape[1] - 1)
    level = 20 * np.log10(power[:, np.round(bins).astype(int)].T + 1e-7)
    share = np.clip((level - _RANGE[0]) / (_RANGE[1] - _RANGE[0]), 0, 1)
    table = _table()
    pixels = np.ascontiguousarray(table[(share * 255).astype(np.uint8)])
    image = QImage(pixels.data, width, height, 4 * width, QImage.Format.Format_RGB32)
    return image.copy()  # Qt must not look at memory that Python takes back


def _table() -> NDArray[np.uint8]:
    """From the ground over slate to the colour of text, as B, G, R, x."""
    c = colours()
    stops = [QColor(c.sheet), QColor(c.convert), QColor(c.text)]
    at = np.linspace(0, 1, 256)
    table = np.zeros((256, 4), np.uint8)
    for channel, values in enumerate(
        ([s.blue() for s in stops], [s.green() for s in stops], [s.red() for s in stops])
    ):
        table[:, channel] = np.interp(at, [0, 0.6, 1], values).astype(np.uint8)
    table[:, 3] = 255
    return table
