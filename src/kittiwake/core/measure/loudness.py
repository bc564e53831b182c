"""Loudness and true peak, ITU-R BS.1770-4."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

_ABSOLUTE_GATE = -70.0  # LUFS
_RELATIVE_GATE = -10.0  # LU
_STEP = 0.1  # s; blocks of 400 ms that overlap by three quarters


def _weighting(rate: int) -> NDArray[np.float64]:
    """The two K-weighting stages at any rate, as second-order sections.

    BS.1770-4 gives coefficients for 48 kHz only; these are the analogue stages behind them, after Mansbridge, Finn and Reiss,
    "Implementation and Evaluation of Autonomous Multi-track Fader Control", AES 132, 2012.
    """
    sections = []
    for shelf, gain, q, hertz in (
        (True, 3.999843853973347, 0.7071752369554196, 1681.974450955533),
        (False, 0.0, 0.5003270373238773, 38.13547087602444),
    ):
        k = math.tan(math.pi * hertz / rate)
        if shelf:
            vh = 10 ** (gain / 20)
            vb = vh**0.4996667741545416
            a0 = 1 + k / q + k * k
            b = [(vh + vb * k / q + k * k) / a0, 2 * (k * k - vh) / a0, (vh - vb * k / q + k * k) / a0]
        else:
            a0 = 1 + k / q + k * k
            b = [1.0, -2.0, 1.0]
        sections.append([*b, 1.0, 2 * (k * k - 1) / a0, (1 - k / q + k * k) / a0])
    return np.array(sections)


class Loudness:
    """Integrated loudness of one or two channels, block by block. A channel alone counts once, as BS.1770 has it."""

    def __init__(self, rate: int, channels: int) -> None:
        from scipy.signal import sosfilt  # a second to import: only where loudness is asked for

        # BS.1770 defines its weighting at 48 kHz. The same stages designed for a low rate bend near its Nyquist frequency, by a
        # quarter of a dB at 8 kHz: such sound is brought to 48 kHz first.
        self._up = None
        if rate < 40_000:
            import soxr

            self._up = soxr.ResampleStream(rate, 48_000, channels, dtype="float32", quality="HQ")
            rate = 48_000
        self._filter = sosfilt
        self._sections = _weighting(rate)
        self._state = np.zeros((len(self._sections), 2, channels))
        self._step = round(rate * _STEP)
        self._rest = np.zeros((0, channels))
        self._steps: list[NDArray[np.float64]] = []

    def add(self, block: NDArray[np.float32]) -> None:
        """Take the next frames, float32 [shape=(frames, channels)], nominal ±1.0."""
        if self._up is not None:
            block = self._up.resample_chunk(np.ascontiguousarray(block))
        self._weigh(block)

    def _weigh(self, block: NDArray[np.float32]) -> None:
        if not len(block):
            return
        weighted, self._state = self._filter(self._sections, block.astype(np.float64), axis=0, zi=self._state)
        joined = np.concatenate([self._rest, weighted])
        whole = len(joined) // self._step
        if whole:
            powers = (joined[: whole * self._step] ** 2).reshape(whole, self._step, -1).mean(axis=1)
            self._steps.append(powers.sum(axis=1))
        self._rest = joined[whole * self._step :]

    def finish(self) -> None:
        """No more is to come."""
        if self._up is not None:
            channels = self._rest.shape[1]
            self._weigh(self._up.resample_chunk(np.zeros((0, channels), np.float32), last=True))
            self._up = None

    def result(self, gain_db: float = 0.0) -> float:
        """LUFS, were this gain applied (dB), which moves sound over the gates or below them; -inf where everything lies below the one of −70."""
        self.finish()
        scale = 10 ** (gain_db / 10)
        steps = np.concatenate(self._steps) * scale if self._steps else np.zeros(0)
        if len(steps) < 4:
            # Shorter than one block: what there is, ungated, is the best that can be said.
            rest = (self._rest**2).mean(axis=0).sum() if len(self._rest) else 0.0
            power = float(steps.mean()) if len(steps) else float(rest) * scale
            return _lufs(power) if _lufs(power) > _ABSOLUTE_GATE else -math.inf
        blocks = np.convolve(steps, np.ones(4) / 4, mode="valid")
        loud = blocks[blocks > 10 ** ((_ABSOLUTE_GATE + 0.691) / 10)]
        if not len(loud):
            return -math.inf
        gate = _lufs(float(loud.mean())) + _RELATIVE_GATE
        kept = loud[loud > 10 ** ((gate + 0.691) / 10)]
        return _lufs(float(kept.mean()))


def _lufs(power: float) -> float:
    return -0.691 + 10 * math.log10(power) if power > 0 else -math.inf


class TruePeak:
    """Largest magnitude between the samples too: four times oversampled, as BS.1770-4 annex 2 asks."""

    def __init__(self, rate: int, channels: int) -> None:
        import soxr

        self._stream = soxr.ResampleStream(rate, 4 * rate, channels, dtype="float32", quality="HQ")
        self._channels = channels
        self.peak = 0.0

    def add(self, block: NDArray[np.float32]) -> None:
        """Take the next frames, float32 [shape=(frames, channels)]."""
        self._take(self._stream.resample_chunk(np.ascontiguousarray(block)))

    def finish(self) -> float:
        """The peak, nominal; over 1 where the wave goes over full scale between samples."""
        self._take(self._stream.resample_chunk(np.zeros((0, self._channels), np.float32), last=True))
        return self.peak

    def _take(self, oversampled: NDArray[np.float32]) -> None:
        if len(oversampled):
            self.peak = max(self.peak, float(np.abs(oversampled).max()))
