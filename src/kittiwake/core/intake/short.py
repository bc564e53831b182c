"""A short mono file read at once."""

from __future__ import annotations

from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from .reader import open_sound


def read_short(path: Path) -> tuple[NDArray[np.float32], int]:
    """All of a short mono file, float32 [shape=(n,)], and its rate (Hz).

    Raises
    ------
    IntakeError
    """
    reader = open_sound(path)
    try:
        blocks = [block[:, 0].copy() for block in reader.blocks()]
    finally:
        reader.close()
    return np.concatenate(blocks) if blocks else np.zeros(0, np.float32), reader.header.sample_rate
