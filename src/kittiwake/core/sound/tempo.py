"""Faster or slower speech at the same pitch, exact in length.

By Signalsmith Stretch (python-stretch), a phase vocoder: of the libraries weighed it alone keeps clicks single. What it costs speech is measured by
``./run claims tempo``.
"""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from .length import Blocks, exactly

SLOWEST, FASTEST = 0.5, 2.0
# The library wants sound whole: of long sound so much at a time, parted where it is quietest.
_SECTION_S, _SEARCH_S = 60.0, 15.0
_QUIET_S = 0.02
_SEED = 1  # of its choice among phases, so that the same input gives the same bytes
#: Samples that it has to have at least, about two of its windows.
_LEAST_S = 0.25


def change_tempo(
    blocks: Blocks, speed: float, rate: int, channels: int, frames: int
) -> Iterator[NDArray[np.float32]]:
    """Blocks spoken ``speed`` times as fast; of ``frames`` frames exactly ``round(frames / speed)`` come out.

    Raises
    ------
    ValueError : a speed beyond 0.5 to 2.
    """
    if speed == 1:
        yield from blocks
        return
    if not SLOWEST <= speed <= FASTEST:
        raise ValueError(f"a speed of {speed:g} is beyond {SLOWEST:g} to {FASTEST:g}")
    yield from exactly(_sections(blocks, speed, rate, channels), round(frames / speed))


def _sections(blocks: Blocks, speed: float, rate: int, channels: int) -> Iterator[NDArray[np.float32]]:
    """Each section by itself. Where they are parted depends on the sound alone, not on how it comes in blocks."""
    most = round(_SECTION_S * rate)
    held: list[NDArray[np.float32]] = []
    count = taken = given = 0
    for block in blocks:
        held.append(block)
        count += len(block)
        while count >= most:
            sound = np.concatenate(held)
            cut = _quietest(sound[:most], rate)
            taken += cut
            wanted = round(taken / speed) - given
            yield _stretched(sound[:cut], speed, rate, channels, wanted)
            given += wanted
            held, count = [sound[cut:]], count - cut
    if count:
        yield _stretched(np.concatenate(held), speed, rate, channels, round((taken + count) / speed) - given)


def _quietest(sound: NDArray[np.float32], rate: int) -> int:
    """The frame in the last seconds around which it is quietest."""
    size = max(1, round(_QUIET_S * rate))
    first = len(sound) - round(_SEARCH_S * rate)
    powers = (sound[first:].astype(np.float64) ** 2).sum(axis=1)
    powers = powers[: len(powers) // size * size].reshape(-1, size).sum(axis=1)
    return first + int(powers.argmin()) * size + size // 2


def _stretched(
    sound: NDArray[np.float32], speed: float, rate: int, channels: int, wanted: int
) -> NDArray[np.float32]:
    """One section, float32 [shape=(frames, channels)], on ``wanted`` frames."""
    from python_stretch.Signalsmith import Stretch

    stretch = Stretch(_SEED)
    stretch.preset(channels, float(rate))
    stretch.setTimeFactor(speed)
    least = round(_LEAST_S * rate)
    if len(sound) < least:
        sound = np.concatenate([sound, np.zeros((least - len(sound), channels), np.float32)])
    out = np.asarray(stretch.process(np.ascontiguousarray(sound.T)), np.float32).T[:wanted]
    # Where a rounding leaves a sample over.
    return np.concatenate([out, np.zeros((max(0, wanted - len(out)), channels), np.float32)])
