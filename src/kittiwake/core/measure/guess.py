"""What a headerless file might be, with the evidence for it. A guess, never more."""

from __future__ import annotations

import io
import math
from dataclasses import dataclass
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ..errors import IntakeError
from ..intake import open_sound
from ..intake.claims import BY_ENDING, marks_of
from ..intake.packing import packed, unpacked
from ..intake.sniff import head_of
from ..model import Stated
from ..model.stated import HEADERLESS

_SECONDS = 6.0
_TRIED = (
    "ulaw", "alaw", "pcm_s16le", "pcm_s16be", "pcm_u8", "pcm_s8", "gsm", "g722", "oki_adpcm", "amr_nb",
    *(f"g726_{kbits}{order}" for kbits in (32, 40, 24, 16) for order in ("be", "le")), "g723_1", "g729",
)  # fmt: skip


@dataclass(frozen=True, slots=True)
class Guess:
    """One way to read a headerless file.

    Attributes
    ----------
    score : the higher, the more the result is like speech or music and the less like noise.
    evidence : one sentence with the figures.
    level_db : RMS, dBFS: a wrong guess is loud noise, and whoever plays it should turn it down first.
    """

    stated: Stated
    score: float
    evidence: str
    level_db: float


def guess(path: Path, rate: int = 8000) -> list[Guess]:
    """The ways a file can be read, the likeliest first.

    Sound has most of its power low down and is quiet part of the time; read with the wrong encoding it turns into noise that is
    loud and even over all frequencies. The rate cannot be told from the bytes: it is taken as ``rate`` (Hz), or the encoding's own.
    """
    found = []
    for encoding in _TRIED:
        marks = marks_of(path, encoding)
        if marks is None:
            continue
        stated = Stated(encoding, HEADERLESS[encoding] or rate)
        sound = _beginning(path, stated)
        if sound is None or len(sound) < 400:
            continue
        flat, swing, level = _character(sound)
        score = -flat + 0.25 * swing - 0.6 * max(0.0, level + 14)
        evidence = (
            f"read so, its spectrum lies {-flat:.0f} dB under that of even noise, its level swings by {swing:.0f} dB, "
            f"and it is at {level:.0f} dBFS".replace("-", "−")
        )
        if marks:
            score += 20
            evidence += f"; {marks}"
        if BY_ENDING.get(path.suffix.lower()) == encoding:
            score += 6
            evidence += f"; files ending in {path.suffix} are often that"
        found.append(Guess(stated, score, evidence[0].upper() + evidence[1:] + ".", level))
    return sorted(found, key=lambda one: -one.score)


def _g726_roughly(path: Path, encoding: str) -> NDArray[np.float64]:
    """The beginning of G.726 by libraries that are not quite right, but a hundred times as fast as the decoder that is, and near enough to tell
    a voice from noise. libsndfile knows three of its rates, in AU files with the low bits first.
    """
    import soundfile

    kbits, high_first = int(encoding[5:7]), encoding.endswith("be")
    data = head_of(path, int(_SECONDS * kbits * 125) // 120 * 120)
    if kbits == 16:
        import av

        name = "g726" if high_first else "g726le"
        with av.open(io.BytesIO(data), "r", format=name, options={"code_size": "2"}) as container:
            frames = [frame.to_ndarray().reshape(-1) for frame in container.decode(audio=0)]
        return np.concatenate(frames).astype(np.float64) / 32768
    low = packed(unpacked(data, kbits // 8, True), kbits // 8, False) if high_first else data
    numbers = (28, len(low), {24: 25, 32: 23, 40: 26}[kbits], 8000, 1, 0)  # AU (NeXT/Sun)
    head = b".snd" + b"".join(n.to_bytes(4, "big") for n in numbers)
    sound: NDArray[np.float64] = soundfile.read(io.BytesIO(head + low))[0]
    return sound


def _beginning(path: Path, stated: Stated) -> NDArray[np.float64] | None:
    if stated.encoding.startswith("g726"):
        try:
            return _g726_roughly(path, stated.encoding)
        except Exception:  # as below
            return None
    try:
        reader = open_sound(path, stated)
    except IntakeError:
        return None
    try:
        parts, count, most = [], 0, int(_SECONDS * stated.rate)
        for block in reader.blocks():
            parts.append(block[:, 0])
            count += len(block)
            if count >= most:
                break
    except Exception:  # a decoder's opinion that this is not its format
        return None
    finally:
        reader.close()
    if not parts:
        return None
    sound: NDArray[np.float64] = np.concatenate(parts)[:most].astype(np.float64)
    return sound if np.isfinite(sound).all() else None


def _character(sound: NDArray[np.float64]) -> tuple[float, float, float]:
    """Spectral flatness (dB, 0 is white), swing of the level (dB, loud against quiet parts) and RMS (dBFS)."""
    size = 256
    windows = sound[: len(sound) // size * size].reshape(-1, size)
    power = np.abs(np.fft.rfft(windows * np.hanning(size), axis=1)[:, 2:]) ** 2 + 1e-12
    loud = power[power.sum(axis=1) >= np.median(power.sum(axis=1))]
    mean = loud.mean(axis=0)
    flatness = 10 * math.log10(float(np.exp(np.log(mean).mean()) / mean.mean()))
    levels = 10 * np.log10((windows**2).mean(axis=1) + 1e-10)
    swing = float(np.percentile(levels, 90) - np.percentile(levels, 10))
    return flatness, swing, 10 * math.log10(float((sound**2).mean()) + 1e-10)
