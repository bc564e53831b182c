"""Two short tones at the end of a run."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QObject, QTimer

from ..ear.player import RATE
from ..ear.speaker import find_speaker

_TONE = 0.16  # s
_UP, _DOWN = (659.26, 880.0), (659.26, 440.0)  # Hz: E5 to A5, or to A4
_AMPLITUDE = 0.25  # −12 dBFS: heard, and nobody is startled


def chime_sound(good: bool) -> bytes:
    """16-bit stereo at ``RATE``; rising where all is well."""
    time = np.arange(round(_TONE * RATE)) / RATE
    shape = np.minimum(1.0, np.minimum(time, _TONE - time) / 0.02)  # edges of 20 ms, so that nothing clicks
    tones = np.concatenate(
        [_AMPLITUDE * shape * np.sin(2 * np.pi * hertz * time) for hertz in (_UP if good else _DOWN)]
    )
    return np.repeat(np.round(tones * 32767).astype("<i2")[:, None], 2, axis=1).tobytes()


class Chime(QObject):
    """Plays on a loudspeaker of its own, so that what is in the ear stays there."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self.played: list[bool] = []
        self._data, self._at = b"", 0
        self._timer = QTimer(self)
        self._timer.setInterval(20)
        self._timer.timeout.connect(self._tick)

    def play(self, good: bool, loudspeaker: str = "") -> None:
        """Play it once."""
        self.played.append(good)
        self._data, self._at = chime_sound(good), 0
        self._speaker = find_speaker(self._pull, loudspeaker)
        self._speaker.start()
        self._timer.start()

    def _pull(self, frames: int) -> bytes:
        data = self._data[self._at : self._at + 4 * frames]
        self._at += len(data)
        return data

    def _tick(self) -> None:
        self._speaker.tick()
        if self._at >= len(self._data) and not self._speaker.waiting():
            self.stop()

    def stop(self) -> None:
        if self._timer.isActive():
            self._timer.stop()
            self._speaker.stop()
