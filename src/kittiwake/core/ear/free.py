"""A speech engine that runs here and hears freely: PocketSphinx with its American English model."""

from __future__ import annotations

import math
from collections.abc import Callable
from typing import Any

import numpy as np
import soxr
from numpy.typing import NDArray

from ...words import phrase
from ..errors import KittiwakeError
from ..installed import how_to_add
from .listener import RATE, is_installed

_LOUD, _QUIET_S = 0.5, 0.3
_CERTAIN = 0.999  # which it never is
_FRAMES = 100  # a second, of the engine
_PART = RATE // 4  # samples between two looks at what was heard so far


class FreeListener:
    """Hears whatever is said.

    Raises
    ------
    KittiwakeError : the engine is not installed.
    """

    language = "en-us"

    def __init__(self) -> None:
        if not is_installed():
            raise KittiwakeError(
                phrase("The speech engine is not installed."),
                how_to_add("engine"),
                "no_engine",
            )
        self._decoders: dict[bool, tuple[Any, str]] = {}

    def _decoder_for(self, in_parts: bool) -> Any:
        """A decoder that hears each recording alike, whatever came before: what it learns of the mean of one would shape how it hears the next. Whole
        recordings and those in parts have one each, since it keeps more of a recording in parts than the mean.
        """
        import pocketsphinx

        if in_parts not in self._decoders:
            decoder = pocketsphinx.Decoder(samprate=RATE, loglevel="FATAL")
            self._decoders[in_parts] = decoder, decoder.get_cmn(False)
        decoder, mean = self._decoders[in_parts]
        decoder.set_cmn(mean)
        return decoder

    def hear(
        self, sound: NDArray[np.float32], rate: int, partly: Callable[[str], None] | None = None
    ) -> tuple[str, float | None, list[tuple[str, float, float]]]:
        """What is said in a sound (one channel), how sure that is, 0 to 1 (None where the engine does not tell), and each word with its beginning and
        its end, in seconds. ``partly`` is called with what was heard so far.
        """
        peak = float(np.max(np.abs(sound))) if len(sound) else 0.0
        if not peak or not math.isfinite(peak):
            return "", None, []
        same = soxr.resample(sound, rate, RATE) if rate != RATE else sound
        quiet = np.zeros(round(_QUIET_S * RATE), np.float32)
        padded = np.clip(np.concatenate([quiet, same * (_LOUD / peak), quiet]), -1, 1)
        decoder = self._decoder_for(partly is not None)
        decoder.start_utt()
        data = (padded * 32767).astype("<i2")
        if partly is None:
            decoder.process_raw(data.tobytes(), full_utt=True)
        else:
            _in_parts(decoder, data, partly)
        decoder.end_utt()
        heard = decoder.hyp()
        if heard is None:
            return "", None, []
        # Without a lattice it gives 0, the logarithm of certainty, whatever it heard; and nearly that in parts.
        sure = decoder.get_logmath().exp(heard.prob) if heard.prob else 1.0
        confidence = None if sure >= _CERTAIN else max(0.0, float(sure))
        return heard.hypstr, confidence, _words(decoder, len(sound) / rate)


def _in_parts(decoder: Any, data: NDArray[np.int16], partly: Callable[[str], None]) -> None:
    heard = ""
    for at in range(0, len(data), _PART):
        decoder.process_raw(data[at : at + _PART].tobytes())
        so_far = decoder.hyp()
        if so_far is not None and so_far.hypstr != heard:
            heard = so_far.hypstr
            partly(heard)


def _words(decoder: Any, seconds: float) -> list[tuple[str, float, float]]:
    """Words without the marks of silence and noise, and without the numbers of ways to say them."""
    out = []
    for part in decoder.seg():
        word = part.word.partition("(")[0]
        if word and word[0] not in "<[+":
            begin, end = (
                min(seconds, max(0.0, frame / _FRAMES - _QUIET_S)) for frame in (part.start_frame, part.end_frame + 1)
            )
            out.append((word, round(begin, 3), round(end, 3)))
    return out
