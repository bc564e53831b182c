"""A look-ahead limiter: single peaks are held down, smoothly, before they come."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from .length import Blocks

LOOK_AHEAD = 0.005  # s: shorter is heard as distortion of low voices, longer as pumping


def limited(blocks: Blocks, ceiling: float, rate: int, channels: int) -> Iterator[NDArray[np.float32]]:
    """Blocks of which no sample is over ``ceiling`` in magnitude; as many frames, without delay. All channels share one gain.

    The gain that each frame needs is held from ``LOOK_AHEAD`` before it to as long after it, and then averaged over as long with
    a raised cosine: an average of gains that all suffice suffices too.
    """
    half = max(1, round(LOOK_AHEAD * rate))
    window = np.hanning(2 * half + 3)[1:-1]
    window /= window.sum()
    margin = 2 * half  # half for the holding, half for the averaging, on both sides
    sound = np.zeros((margin, channels), np.float32)
    for block in _with_tail(blocks, margin, channels):
        sound = np.concatenate([sound, block])
        if len(sound) > 2 * margin:
            yield _held(sound, ceiling, half, window)[margin:-margin]
            sound = sound[-2 * margin :]


def _held(sound: NDArray[np.float32], ceiling: float, half: int, window: NDArray[np.float64]) -> NDArray[np.float32]:
    peaks = np.abs(sound).max(axis=1, initial=0.0)
    if not (peaks > ceiling).any():
        return sound
    from scipy.ndimage import minimum_filter1d

    needed = np.minimum(1.0, ceiling / np.maximum(peaks, 1e-12))
    lowest = minimum_filter1d(needed, 2 * half + 1, mode="nearest")
    smooth = np.convolve(np.pad(lowest, half, mode="edge"), window, mode="valid")
    # Rounding to float32 must not lift a sample back over the ceiling.
    held: NDArray[np.float32] = np.clip(sound * smooth[:, None], -ceiling, ceiling).astype(np.float32)
    return held


def _with_tail(blocks: Blocks, silence: int, channels: int) -> Iterator[NDArray[np.float32]]:
    for block in blocks:
        if len(block):
            yield block
    yield np.zeros((silence, channels), np.float32)
