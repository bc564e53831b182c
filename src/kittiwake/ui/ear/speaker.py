"""What sound goes out by: a loudspeaker of the machine, or a clock where there is none."""

from __future__ import annotations

import time
from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QIODevice

from ...core.ear.track import RATE
from ...words import phrase
from ...work.standin import SilentLoudspeaker

if TYPE_CHECKING:
    from PySide6.QtMultimedia import QAudioDevice


class Silent:
    name = phrase("No sound device: a silent stand-in loudspeaker keeps time")

    def __init__(self, pull: Callable[[int], bytes]) -> None:
        self._loudspeaker = SilentLoudspeaker(pull, RATE)

    def start(self) -> None:
        self._loudspeaker.start(time.monotonic())

    def tick(self) -> None:
        self._loudspeaker.tick(time.monotonic())

    def waiting(self) -> int:
        return 0

    def stop(self) -> None:
        self._loudspeaker.stop()


class Real:
    """The desktop's loudspeaker, fed a little at a time from the window's own clock."""

    def __init__(self, pull: Callable[[int], bytes], device: QAudioDevice) -> None:
        from PySide6.QtMultimedia import QAudioFormat, QAudioSink

        form = QAudioFormat()
        form.setSampleRate(RATE)
        form.setChannelCount(2)
        form.setSampleFormat(QAudioFormat.SampleFormat.Int16)
        self.name = device.description()
        self._pull = pull
        self._sink = QAudioSink(device, form)
        # Short, so that a switch is heard at once; long enough for a busy machine: 150 ms.
        self._sink.setBufferSize(RATE * 15 // 100 * 4)
        self._into: QIODevice | None = None

    def start(self) -> None:
        self._into = self._sink.start()
        self.tick()

    def tick(self) -> None:
        """Fill up what has been played since the last tick."""
        free = self._sink.bytesFree() // 4
        if self._into is not None and free > 0:
            self._into.write(self._pull(free))

    def waiting(self) -> int:
        """Frames taken but not yet heard."""
        return max(0, self._sink.bufferSize() - self._sink.bytesFree()) // 4

    def stop(self) -> None:
        self._sink.reset()
        self._into = None


def loudspeakers() -> list[str]:
    """Names of what can be played on."""
    try:
        from PySide6.QtMultimedia import QMediaDevices

        return [device.description() for device in QMediaDevices.audioOutputs() if not device.isNull()]
    except ImportError:
        return []


def find_speaker(pull: Callable[[int], bytes], wanted: str = "") -> Silent | Real:
    """The loudspeaker of that name, else that of the desktop, else the silent stand-in where there is none."""
    try:
        from PySide6.QtMultimedia import QMediaDevices

        named = (one for one in QMediaDevices.audioOutputs() if wanted and one.description() == wanted)
        device = next(named, QMediaDevices.defaultAudioOutput())
        if not device.isNull():
            return Real(pull, device)
    except ImportError:
        pass  # a system library that Qt's sound needs is not installed
    return Silent(pull)
