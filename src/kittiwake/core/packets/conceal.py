"""Packet loss concealment for G.711 as in ITU-T G.711 Appendix I (1999), constants from memory: the last pitch period is repeated, from the
second frame on two and then three of them, falling by a fifth every 10 ms, silent after 60 ms; joins are overlapped over a quarter period.

The appendix delays everything by 3.75 ms so that it can blend into the beginning of a loss; here the whole sound is at hand, and nothing is late.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

Sound = NDArray[np.float64]
FRAME = 80  # 10 ms at 8 kHz
_LOW, _HIGH = 40, 120  # pitch periods, samples: 200 to 66 Hz
_WINDOW = 160  # of the correlation
_SILENT_AFTER = 6  # frames
_FALL = 0.2  # of the level, a frame


def concealed(sound: NDArray[np.float32], lost: NDArray[np.bool_]) -> NDArray[np.float32]:
    """Sound at 8 kHz [shape=(n,)] in which frames of 10 ms are missing ``lost`` [shape=(ceil(n / 80),)], filled in."""
    out = sound.astype(np.float64)
    n = 0
    while n < len(lost):
        if not lost[n]:
            n += 1
            continue
        count = 1
        while n + count < len(lost) and lost[n + count]:
            count += 1
        _fill(out, n * FRAME, count)
        n += count
    return out.astype(np.float32)


def _fill(out: Sound, at: int, count: int) -> None:
    """Fill ``count`` frames from sample ``at`` on."""
    stop = min(len(out), at + count * FRAME)
    history = out[max(0, at - 3 * _HIGH - 30) : at]
    if len(history) < _HIGH + _WINDOW:
        out[at:stop] = 0.0
        return
    pitch = _pitch(history)
    quarter = max(1, pitch // 4)
    made: list[Sound] = []
    tail = np.zeros(0)  # how the frame before would have gone on
    phase = 0
    for frame in range(count):
        if frame >= _SILENT_AFTER:
            made.append(np.zeros(FRAME))
            continue
        periods = min(3, frame + 1, (len(history) - quarter) // pitch)
        loop = _looped(history, pitch * periods, quarter)
        if frame and periods > min(3, frame, (len(history) - quarter) // pitch):
            phase %= pitch  # from one period to several: go on within the last
        index = (phase + np.arange(FRAME + quarter)) % len(loop)
        piece = loop[index]
        if made and frame < 3:
            # From the old loop into the new, over a quarter period.
            turn = (np.arange(quarter) + 1) / (quarter + 1)
            piece[:quarter] = piece[:quarter] * turn + tail[:quarter] * (1 - turn)
        tail = piece[FRAME:].copy()
        phase += FRAME
        gain = np.ones(FRAME)
        if frame:
            gain = 1 - _FALL * (frame - 1) - _FALL * (np.arange(FRAME) + 1) / FRAME
        made.append(piece[:FRAME] * np.maximum(gain, 0.0))
    whole = np.concatenate(made)
    out[at:stop] = whole[: stop - at]
    _blend_back(out, stop, whole, pitch, count)


def _pitch(history: Sound) -> int:
    """The lag at which the last 20 ms are most like what was before."""
    last = history[-_WINDOW:]
    lags = np.arange(_LOW, min(_HIGH, len(history) - _WINDOW) + 1)
    scores = []
    for lag in lags:
        before = history[-_WINDOW - lag : -lag]
        scores.append(float(last @ before) / max(1e-9, float(np.sqrt(before @ before))))
    return int(lags[int(np.argmax(scores))])


def _looped(history: Sound, length: int, quarter: int) -> Sound:
    """The last ``length`` samples, whose end blends into what was before their start."""
    loop = history[-length:].copy()
    turn = (np.arange(quarter) + 1) / (quarter + 1)
    loop[-quarter:] = loop[-quarter:] * (1 - turn) + history[-length - quarter : -length] * turn
    return loop


def _blend_back(out: Sound, stop: int, whole: Sound, pitch: int, count: int) -> None:
    """What was filled in goes on into the first good samples, for a quarter period and 4 ms more for each further frame, 10 ms at most."""
    size = min(FRAME, pitch // 4 + 32 * (count - 1), len(out) - stop)
    if size <= 0 or count > _SILENT_AFTER:
        return
    last = whole[-pitch:] if len(whole) >= pitch else whole
    ahead = np.resize(last, size) * max(0.0, 1 - _FALL * count)
    turn = (np.arange(size) + 1) / (size + 1)
    out[stop : stop + size] = out[stop : stop + size] * turn + ahead * (1 - turn)
