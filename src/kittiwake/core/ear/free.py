"""A speech engine that runs here and hears freely: PocketSphinx with its American English model."""

from __future__ import annotations

import math

import numpy as np
import soxr
from numpy.typing import NDArray

from ..errors import KittiwakeError
from .listener import RATE, is_installed

_LOUD, _QUIET_S = 0.5, 0.3


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
                "The speech engine is not installed.",
                "Install it with: pip install 'kittiwake[engine]'.",
                "no_engine",
            )
        import pocketsphinx

        self._decoder = pocketsphinx.Decoder(samprate=RATE, loglevel="FATAL")

    def hear(self, sound: NDArray[np.float32], rate: int) -> tuple[str, float | None]:
        """What is said in a sound (one channel), and how sure that is, 0 to 1; None where the engine does not tell."""
        peak = float(np.max(np.abs(sound))) if len(sound) else 0.0
        if not peak or not math.isfinite(peak):
            return "", None
        same = soxr.resample(sound, rate, RATE) if rate != RATE else sound
        quiet = np.zeros(round(_QUIET_S * RATE), np.float32)
        padded = np.clip(np.concatenate([quiet, same * (_LOUD / peak), quiet]), -1, 1)
        self._decoder.start_utt()
        self._decoder.process_raw((padded * 32767).astype("<i2").tobytes(), full_utt=True)
        self._decoder.end_utt()
        heard = self._decoder.hyp()
        if heard is None:
            return "", None
        # Without a lattice it gives 0, the logarithm of certainty, whatever it heard.
        sure = self._decoder.get_logmath().exp(heard.prob) if heard.prob else None
        return heard.hypstr, None if sure is None else min(1.0, max(0.0, float(sure)))
