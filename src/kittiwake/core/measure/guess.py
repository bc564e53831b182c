"""What a headerless file might be, with the evidence for it. A guess, never more."""

from __future__ import annotations

import io
import math
from collections.abc import Mapping
from dataclasses import field, replace
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ...words import joined, phrase
from ..errors import IntakeError
from ..intake import open_sound
from ..intake.claims import BY_ENDING, marks_of
from ..intake.packing import packed, unpacked
from ..intake.sniff import head_of, text_before
from ..model import Stated
from ..model.stated import HEADERLESS
from ..model.units import format_hz
from .rate_guess import rate_scores, sureness

_SECONDS = 6.0
_FASTEST = 48_000  # Hz: of encodings of any rate as much is read as six seconds have at this one
_TRIED = (
    "ulaw", "alaw", "pcm_s16le", "pcm_s16be", "pcm_u8", "pcm_s8", "pcm_s24le", "pcm_f32le", "gsm", "g722", "oki_adpcm", "amr_nb",
    *(f"g726_{kbits}{order}" for kbits in (32, 40, 24, 16) for order in ("be", "le")), "g723_1", "g729",
)  # fmt: skip
_INTERLEAVED = ("pcm_s16le", "pcm_s16be", "pcm_s24le", "pcm_f32le", "ulaw", "alaw")
_ALONE = (*_INTERLEAVED, "pcm_u8", "pcm_s8")  # each sample stands by itself
_BITS = {"pcm_u8": 8, "pcm_s8": 8, "ulaw": 8, "alaw": 8, "pcm_s24le": 24, "pcm_f32le": 32, "oki_adpcm": 4, "g722": 4}
_FRAMES = {"gsm": (33, 160), "g729": (10, 80)}  # bytes and samples of a frame
_COLUMNS = 400
_SHOWN = 8  # of whose rate more is made out
_TELEPHONE = ("ulaw", "alaw", "oki_adpcm")  # met at 8 kHz far more often than at another rate
_SPREAD = 4.0  # of scores: how much more makes e times as sure
_TONE = 25.0  # dB: what is farther from even noise is no likelier to be sound, but a tone that a decoder makes of equal bytes
_SOUND = 13.0  # the least score of what is sound, and not just any bytes


@dataclass(frozen=True, slots=True)
class Guess:
    """One way to read a headerless file.

    Attributes
    ----------
    score : the higher, the more the result is like speech or music and the less like noise.
    evidence : what speaks for it and against it, in a sentence or two.
    level_db : RMS, dBFS: a wrong guess is loud noise, and whoever plays it should turn it down first.
    seconds : how long the whole file is, read so.
    outline : [shape=(n, 2)] lowest and highest sample of the beginning, to draw it from.
    rates : the usual rates (Hz), the likeliest first, each with how sure it is (0 to 1); only its own where the encoding has one.
    sure : how sure it is of the encoding beside the others, 0 to 1.
    """

    stated: Stated
    score: float
    evidence: str
    level_db: float
    seconds: float = 0.0
    outline: NDArray[np.float32] = field(
        default_factory=lambda: np.zeros((0, 2), np.float32), repr=False, compare=False
    )
    rates: tuple[tuple[int, float], ...] = ()
    sure: float = 1.0

    @property
    def is_sound(self) -> bool:
        """Whether it is like sound at all."""
        return self.score >= _SOUND


def guess(path: Path) -> list[Guess]:
    """The ways a file can be read, the likeliest first.

    Sound has most of its power low down and is quiet part of the time; read with the wrong encoding it turns into noise that is
    loud and even over all frequencies. The rate is the encoding's own, or what a voice sounds right at.
    """
    found: list[Guess] = []
    sounds: dict[str, NDArray[np.float64]] = {}
    skip = text_before(path)
    size = path.stat().st_size - skip
    for encoding in _TRIED:
        marks = marks_of(path, encoding, skip)
        if marks is None:
            continue
        own = HEADERLESS[encoding]
        sound = _beginning(path, Stated(encoding, own or _FASTEST, skip=skip))
        if sound is None or len(sound) < 400:
            continue
        channels = 1
        if encoding in _INTERLEAVED and _two_channels(sound):
            channels, sound = 2, sound[: len(sound) // 2 * 2].reshape(-1, 2).mean(axis=1)
        flat, swing, level = _character(sound)
        score = min(_TONE, -flat) + 0.25 * swing - 0.6 * max(0.0, level + 14)
        evidence = _in_words(-flat, swing, level)
        if encoding in _ALONE and _goes_on(sound):
            score += 8  # bytes of a codec that remembers do not go on from one to the next, however they are read
        if marks:
            score += 20
            evidence += phrase(" The bytes bear it out: {marks}.", marks=marks)
        if BY_ENDING.get(path.suffix.lower()) == encoding:
            score += 6
            evidence += phrase(" Files ending in {suffix} are often that.", suffix=path.suffix)
        sounds[encoding] = sound
        if skip:
            evidence += phrase(" Text of {skip} bytes that stands before it is passed over.", skip=skip)
        found.append(
            Guess(Stated(encoding, own or 8000, channels, skip=skip), score, evidence, level, outline=_outline(sound))
        )
    found = sorted(_orders_settled(found, sounds), key=lambda one: -one.score)
    found = [_with_rate(one, size, sounds[one.stated.encoding], n < _SHOWN) for n, one in enumerate(found)]
    most = max((one.score for one in found), default=0.0)
    weights = [math.exp(max(-30.0, (one.score - most) / _SPREAD)) for one in found]
    return [replace(one, sure=weight / sum(weights)) for one, weight in zip(found, weights, strict=True)]


def _with_rate(one: Guess, size: int, sound: NDArray[np.float64], closely: bool) -> Guess:
    """With its rate and its length; the rate is listened for ``closely``, or left at the usual one."""
    encoding, channels = one.stated.encoding, one.stated.channels
    rates, evidence = _rates(sound, encoding, HEADERLESS[encoding]) if closely else (((one.stated.rate, 1.0),), "")
    seconds = _frames(size, encoding, channels) / rates[0][0]
    stated = replace(one.stated, rate=rates[0][0])
    return replace(
        one,
        stated=stated,
        evidence=joined(part for part in (one.evidence, evidence) if part),
        seconds=seconds,
        rates=rates,
    )


def _orders_settled(found: list[Guess], sounds: Mapping[str, NDArray[np.float64]]) -> list[Guess]:
    """The two orders of the bits of G.726 give much the same sound, the wrong one with neighbours exchanged: the one that can be better foretold
    from what went before gets the higher score of both.
    """
    score = {one.stated.encoding: one.score for one in found}
    for kbits in (16, 24, 32, 40):
        pair = [f"g726_{kbits}{order}" for order in ("be", "le")]
        if all(name in score for name in pair):
            high, low = sorted((score[name] for name in pair), reverse=True)
            first = _foretold(sounds[pair[0]]) > _foretold(sounds[pair[1]])
            score[pair[0]], score[pair[1]] = (high + 1, low - 1) if first else (low - 1, high + 1)
    return [replace(one, score=score[one.stated.encoding]) for one in found]


def _foretold(sound: NDArray[np.float64]) -> float:
    """Gain of linear prediction of order 10, dB, mean over stretches of 240 samples."""
    order, size = 10, 240
    frames = sound[: len(sound) // size * size].reshape(-1, size) * np.hanning(size)
    power = np.fft.irfft(np.abs(np.fft.rfft(frames, 512, axis=1)) ** 2, axis=1)[:, : order + 1]
    power = power[power[:, 0] > 1e-3]
    if not len(power):
        return 0.0
    power[:, 0] *= 1.0001
    lags = np.abs(np.subtract.outer(np.arange(order), np.arange(order)))
    taps = np.linalg.solve(power[:, lags], power[:, 1:, None])[:, :, 0]
    left = power[:, 0] - (taps * power[:, 1:]).sum(axis=1)
    return float(np.mean(10 * np.log10(power[:, 0] / np.maximum(left, 1e-9))))


def _in_words(slope: float, swing: float, level: float) -> str:
    """What speaks for sound, or for noise, without a figure that only we understand."""
    if slope >= 6 and swing >= 20:
        sentence = phrase("Sounds like speech: its pauses lie {swing:.0f} dB under its words.", swing=swing)
    elif slope >= 6:
        sentence = phrase(
            "Sounds like something that goes on: never more than {swing:.0f} dB quieter than loud, but not hissing.",
            swing=swing,
        )
    elif swing >= 20:
        sentence = phrase("Hisses, though it has pauses {swing:.0f} dB under what is loud.", swing=swing)
    else:
        sentence = phrase(
            "Noise: it hisses, and is never quiet (loud and soft differ by {swing:.0f} dB).", swing=swing
        )
    if level > -14:
        sentence += phrase(" Very loud, {level:.0f} dBFS, as speech hardly is.", level=level).replace("-", "−")
    return sentence


def _rates(sound: NDArray[np.float64], encoding: str, own: int) -> tuple[tuple[tuple[int, float], ...], str]:
    """The likeliest rates with how sure each is, and a sentence about them."""
    if own:
        return ((own, 1.0),), ""
    scores = rate_scores(sound)
    if encoding in _TELEPHONE:
        scores[8000] += 1.0
    shares = sorted(sureness(scores).items(), key=lambda pair: -pair[1])
    best, share = shares[0]
    word = phrase("surely") if share >= 0.9 else phrase("probably") if share >= 0.7 else phrase("perhaps")
    sentence = phrase("By its voice {word} {best} ({share:.0%})", word=word, best=format_hz(best), share=share)
    others = joined((f"{format_hz(rate)} ({one:.0%})" for rate, one in shares[1:3] if one >= 0.1), phrase(" or "))
    if others:
        sentence += phrase(", else {others}", others=others)
    return tuple(shares), sentence + "."


def _two_channels(sound: NDArray[np.float64]) -> bool:
    """Whether every second sample goes with its neighbour but one better than with its neighbour."""
    near, far = (float(np.mean((sound[lag:] - sound[:-lag]) ** 2)) for lag in (1, 2))
    first, second = sound[: len(sound) // 2 * 2].reshape(-1, 2).T
    across = float(np.mean((first[1:] - second[:-1]) ** 2))
    within = float(np.mean((first - second) ** 2))
    # Two equal sides: a step within a pair is far smaller than one from pair to pair. Two different ones: every second sample is nearer.
    return far < 0.7 * near or within < 0.2 * across


def _goes_on(sound: NDArray[np.float64]) -> bool:
    """Whether each sample is near the one before; or a little so, and most are near nothing, as soft sound in 8 bits is."""
    plain = sound - sound.mean()
    alike = float(np.dot(plain[1:], plain[:-1])) / max(1e-12, float(np.dot(plain, plain)))
    return alike > 0.3 or (alike > 0.08 and float(np.mean(np.abs(plain) < 3.5 / 128)) > 0.4)


def _frames(size: int, encoding: str, channels: int) -> int:
    """About how many frames a file of so many bytes has."""
    if encoding in _FRAMES:
        whole, samples = _FRAMES[encoding]
        return size // whole * samples
    if encoding in ("amr_nb", "g723_1"):  # frames of several lengths: as if all were of the usual one
        return size // 32 * 160 if encoding == "amr_nb" else size // 24 * 240
    bits = int(encoding[5:7]) // 8 if encoding.startswith("g726") else _BITS.get(encoding, 16)
    return size * 8 // bits // channels


def _outline(sound: NDArray[np.float64]) -> NDArray[np.float32]:
    at = np.arange(_COLUMNS) * len(sound) // _COLUMNS
    return np.stack([np.minimum.reduceat(sound, at), np.maximum.reduceat(sound, at)], axis=1).astype(np.float32)


def _g726_roughly(path: Path, stated: Stated) -> NDArray[np.float64]:
    """The beginning of G.726 by libraries that are not quite right, but many times as fast as the decoder that is, and near enough to tell a
    voice from noise. libav is the faster one, but far off at 40 kbit/s; libsndfile knows that in AU files with the low bits first.
    """
    bits, high_first = int(stated.encoding[5:7]) // 8, stated.encoding.endswith("be")
    data = head_of(path, int(_SECONDS * bits * 1000) // 120 * 120, stated.skip)
    if bits == 5:
        import soundfile

        low = packed(unpacked(data, bits, True), bits, False) if high_first else data
        numbers = (28, len(low), 26, 8000, 1, 0)  # AU (NeXT/Sun)
        head = b".snd" + b"".join(n.to_bytes(4, "big") for n in numbers)
        sound: NDArray[np.float64] = soundfile.read(io.BytesIO(head + low))[0]
        return sound
    import av

    name = "g726" if high_first else "g726le"
    with av.open(io.BytesIO(data), "r", format=name, options={"code_size": str(bits)}) as container:
        frames = [frame.to_ndarray().reshape(-1) for frame in container.decode(audio=0)]
    return np.concatenate(frames).astype(np.float64) / 32768


def _beginning(path: Path, stated: Stated) -> NDArray[np.float64] | None:
    if stated.encoding.startswith("g726"):
        try:
            return _g726_roughly(path, stated)
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
    sound = np.concatenate(parts)[:most]
    # Floats of any other bytes are no numbers, or beyond all that a recording holds.
    return sound.astype(np.float64) if np.isfinite(sound).all() and np.abs(sound).max(initial=0) < 1e3 else None


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
