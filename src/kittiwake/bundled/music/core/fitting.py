"""A loop fitted for the line: band, rate, loudness and peaks, all of them going round, so that the seam stays what it is."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from ....core.measure.level import ActiveLevel
from ....core.measure.loudness import Loudness
from ....core.sound.limiter import limited

Mono = NDArray[np.float32]
_CEILING = 10 ** (-1 / 20)  # a decibel below full scale: codecs overshoot
_TELEPHONE = ((150.0, 230.0), (3500.0, 3750.0))  # Hz between which the band begins, and between which it ends
_DUCK_S = 0.4  # over which the music goes and comes


def banded(loop: Mono, rate: int, rate_out: int, frames_out: int, band: str) -> Mono:
    """The loop at another rate and in its band, ``frames_out`` frames long; what leaves at its end comes in at its start."""
    from scipy.fft import irfft, rfft  # a good part of a second to import: only where it is asked for

    if band == "telephone":
        low, high = _TELEPHONE
    else:
        low, high = (10.0, 30.0), (0.45 * rate_out, 0.49 * rate_out)
    high = (min(high[0], 0.44 * rate_out, 0.44 * rate), min(high[1], 0.49 * rate_out, 0.49 * rate))
    spectrum = rfft(loop.astype(np.float64))
    hz = np.arange(len(spectrum)) * rate / len(loop)
    spectrum *= _slope(hz, *low) * (1 - _slope(hz, *high))
    out = np.zeros(frames_out // 2 + 1, complex)
    count = min(len(out), len(spectrum))
    out[:count] = spectrum[:count]
    return (irfft(out, frames_out) * (frames_out / len(loop))).astype(np.float32)


def _slope(hz: NDArray[np.float64], first: float, last: float) -> NDArray[np.float64]:
    """From 0 to 1 by half a cosine."""
    return 0.5 - 0.5 * np.cos(np.pi * np.clip((hz - first) / max(1e-9, last - first), 0, 1))


def frames_for(frames: int, rate: int, rate_out: int) -> int:
    """Frames of a loop at another rate."""
    return max(1, round(frames * rate_out / rate))


def levelled(loop: Mono, rate: int, lufs: float, limiter_db: float) -> tuple[Mono, float]:
    """The loop at a loudness, as near as its peaks allow when held down by at most ``limiter_db``; and that loudness (LUFS)."""
    gain = lufs - loudness(loop, rate)
    if not math.isfinite(gain):
        return loop, -math.inf
    peak = float(np.abs(loop).max())
    room = 20 * math.log10(_CEILING / peak) if peak > 0 else 0.0
    gain = min(gain, room + limiter_db)
    out = held(loop * np.float32(10 ** (gain / 20)), rate)
    return out, loudness(out, rate)


def held(loop: Mono, rate: int, ceiling: float = _CEILING) -> Mono:
    """No sample of it over the ceiling, going round."""
    edge = min(len(loop), round(0.1 * rate))
    round_ = np.concatenate([loop[-edge:], loop, loop[:edge]])[:, None]
    out = np.concatenate(list(limited(iter([round_]), ceiling, rate, 1)))[:, 0]
    return out[edge : edge + len(loop)]


def loudness(loop: Mono, rate: int) -> float:
    """LUFS of a loop, heard twice round."""
    meter = Loudness(rate, 1)
    for _ in range(2):
        meter.add(loop[:, None])
    return meter.result()


def repeated(loop: Mono, frames: int, fade: int, blend: object) -> Mono:
    """Just ``frames`` frames of the loop going round. Where that is no whole number of rounds, the end is blended into what leads to the start."""
    out = np.tile(loop, -(-frames // len(loop)))[:frames].copy()
    fade = min(fade, len(loop) // 2, frames // 2)
    if frames % len(loop) and fade > 1:
        lead = loop[-fade:].astype(np.float64)[:, None]
        mixed = blend(out[-fade:].astype(np.float64)[:, None], lead)  # type: ignore[operator]
        out[-fade:] = mixed[:, 0]
    return out


def at_speech_level(message: Mono, rate: int, dbov: float) -> Mono:
    """A message at an active speech level (ITU-T P.56)."""
    meter = ActiveLevel(rate)
    meter.add(message)
    level, _ = meter.result()
    peak = float(np.abs(message).max(initial=0.0))
    if not math.isfinite(level) or peak <= 0:
        return message
    return message * np.float32(min(10 ** ((dbov - level) / 20), _CEILING / peak))


def with_messages(music: Mono, rate: int, messages: list[Mono], every: float, duck_db: float) -> tuple[Mono, int]:
    """Messages laid over music in turn, every so many seconds, with the music softer beneath them; one that would run over the end is left out.

    Returns the sum, and how many were laid over.
    """
    out, gain = music.astype(np.float64), np.ones(len(music))
    ramp = round(_DUCK_S * rate)
    down = 0.5 + 0.5 * np.cos(np.pi * (np.arange(ramp) + 0.5) / ramp)
    deep = 10 ** (-duck_db / 20)
    places: list[tuple[int, Mono]] = []
    at, number = round(every * rate), 0
    while messages and at + len(message := messages[number % len(messages)]) + ramp <= len(music):
        start, stop = at - ramp, at + len(message) + ramp
        shape = np.ones(stop - max(0, start))
        shape[:] = deep
        shape[: min(ramp, at)] = deep + (1 - deep) * down[-min(ramp, at) :]
        shape[-ramp:] = deep + (1 - deep) * down[::-1]
        gain[max(0, start) : stop] = np.minimum(gain[max(0, start) : stop], shape)
        places.append((at, message))
        at, number = at + max(round(every * rate), len(message) + ramp), number + 1
    out *= gain
    for at, message in places:
        out[at : at + len(message)] += message
    return held(out.astype(np.float32), rate), len(places)
