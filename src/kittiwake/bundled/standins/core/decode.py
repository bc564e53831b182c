"""Decoders as machines have them, from the recommendations, sharing no code with those of this program."""

from __future__ import annotations

import io

import numpy as np
import soundfile
from numpy.typing import NDArray

from .plain_wav import A_LAW, IMA_ADPCM, MU_LAW, PlainWav

Sound = NDArray[np.float32]

# IMA Digital Audio Focus and Technical Working Groups, *Recommended Practices for Enhancing Digital Audio Compatibility*, 3.00 (1992).
_STEPS = [7, 8, 9, 10, 11, 12, 13, 14, 16, 17, 19, 21, 23, 25, 28, 31, 34, 37, 41, 45, 50, 55, 60, 66, 73, 80, 88, 97, 107, 118, 130, 143,
          157, 173, 190, 209, 230, 253, 279, 307, 337, 371, 408, 449, 494, 544, 598, 658, 724, 796, 876, 963, 1060, 1166, 1282, 1411, 1552,
          1707, 1878, 2066, 2272, 2499, 2749, 3024, 3327, 3660, 4026, 4428, 4871, 5358, 5894, 6484, 7132, 7845, 8630, 9493, 10442, 11487,
          12635, 13899, 15289, 16818, 18500, 20350, 22385, 24623, 27086, 29794, 32767]  # fmt: skip
_MOVES = (-1, -1, -1, -1, 2, 4, 6, 8)


def mu_law_values() -> NDArray[np.int16]:
    """What each byte stands for, 16-bit [shape=(256,)]; ITU-T G.711, table 2: 14 bits, shifted by two."""
    codes = ~np.arange(256) & 0xFF
    segment, step = (codes >> 4) & 7, codes & 15
    size = ((step * 2 + 33) << segment) - 33
    return (np.where(codes & 0x80, -size, size) * 4).astype(np.int16)


def a_law_values() -> NDArray[np.int16]:
    """As above; ITU-T G.711, table 1: 13 bits, shifted by three."""
    codes = np.arange(256) ^ 0x55
    segment, step = (codes >> 4) & 7, codes & 15
    size = np.where(segment == 0, step * 2 + 1, (step * 2 + 33) << np.maximum(segment - 1, 0))
    return (np.where(codes & 0x80, size, -size) * 8).astype(np.int16)


def to_bytes(sound: Sound, values: NDArray[np.int16]) -> bytes:
    """The bytes whose values are nearest, for either law."""
    order = np.argsort(values, kind="stable")
    sorted_ = values[order].astype(np.float64)
    edges = (sorted_[1:] + sorted_[:-1]) / 2
    return order[np.searchsorted(edges, np.asarray(sound, np.float64) * 32768)].astype(np.uint8).tobytes()


def of_law(data: bytes, values: NDArray[np.int16]) -> Sound:
    return values[np.frombuffer(data, np.uint8)].astype(np.float32) / np.float32(32768)


def of_linear(data: bytes) -> Sound:
    """16-bit, least byte first."""
    return np.frombuffer(data, "<i2").astype(np.float32) / np.float32(32768)


def of_gsm(data: bytes, rate: int = 8000) -> Sound:
    """GSM 06.10 in frames of 33 bytes, by libsndfile."""
    sound, _ = soundfile.read(
        io.BytesIO(data), dtype="float32", format="RAW", subtype="GSM610", samplerate=rate, channels=1
    )
    return np.asarray(sound, np.float32)


def as_gsm(sound: Sound, rate: int = 8000) -> bytes:
    """GSM 06.10 in frames of 33 bytes, by libsndfile; filled up to a whole frame."""
    whole = np.concatenate([sound, np.zeros(-len(sound) % 160, np.float32)])
    out = io.BytesIO()
    soundfile.write(out, whole, rate, format="RAW", subtype="GSM610")
    return out.getvalue()


def as_linear(sound: Sound) -> bytes:
    """16-bit, least byte first."""
    return np.clip(np.rint(sound * 32768), -32768, 32767).astype("<i2").tobytes()


def of_ima(data: bytes, block: int, frames: int) -> Sound:
    """IMA ADPCM of one channel in blocks: a 16-bit sample, an index, a byte that is zero, then two samples a byte, low half first."""
    out: list[int] = []
    for at in range(0, len(data) - 3, block):
        value = int.from_bytes(data[at : at + 2], "little", signed=True)
        index = min(88, data[at + 2])
        out.append(value)
        for byte in data[at + 4 : at + block]:
            for code in (byte & 15, byte >> 4):
                step = _STEPS[index]
                change = step >> 3
                change += step if code & 4 else 0
                change += step >> 1 if code & 2 else 0
                change += step >> 2 if code & 1 else 0
                value = max(-32768, min(32767, value - change if code & 8 else value + change))
                index = max(0, min(88, index + _MOVES[code & 7]))
                out.append(value)
    return np.array(out[:frames], np.float32) / np.float32(32768)


def sound_of(wav: PlainWav) -> Sound:
    if wav.tag == IMA_ADPCM:
        return of_ima(wav.data, wav.block, wav.frames)
    if wav.tag in (A_LAW, MU_LAW):
        return of_law(wav.data, mu_law_values() if wav.tag == MU_LAW else a_law_values())
    return of_linear(wav.data)
