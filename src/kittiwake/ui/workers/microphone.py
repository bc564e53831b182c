"""Where recordings come from: a microphone of the desktop, or the stand-in where there is none."""

from __future__ import annotations

import time
from typing import TYPE_CHECKING, Protocol

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QIODevice

from ...work.record.take import RATE
from ...work.standin.microphone import StandInMicrophone

if TYPE_CHECKING:
    from PySide6.QtMultimedia import QAudioDevice


class Microphone(Protocol):
    """Something that gives sound while it is open: one channel at ``rate``."""

    name: str
    rate: int

    def start(self) -> None: ...

    def read(self) -> NDArray[np.float32]:
        """What has come since the last time.

        Raises
        ------
        OSError : it is gone.
        """
        ...

    def speak(self, words: str) -> None:
        """For the stand-in: now is the moment to say this."""
        ...

    def stop(self) -> None: ...


class StandIn:
    """The stand-in microphone, on the clock of this machine."""

    clock = staticmethod(time.monotonic)  # s; tests let it run faster

    def __init__(self) -> None:
        self._microphone = StandInMicrophone(RATE)
        self.name, self.rate = StandInMicrophone.name, RATE

    def start(self) -> None:
        self._microphone.start(self.clock())

    def read(self) -> NDArray[np.float32]:
        return self._microphone.read(self.clock())

    def speak(self, words: str) -> None:
        self._microphone.speak(words)

    def stop(self) -> None:
        self._microphone.stop()


class _Real:
    def __init__(self, device: QAudioDevice) -> None:
        from PySide6.QtMultimedia import QAudioFormat, QAudioSource

        form = QAudioFormat()
        form.setSampleRate(RATE)
        form.setChannelCount(1)
        form.setSampleFormat(QAudioFormat.SampleFormat.Float)
        if not device.isFormatSupported(form):
            form.setSampleFormat(QAudioFormat.SampleFormat.Int16)
        self._float = form.sampleFormat() == QAudioFormat.SampleFormat.Float
        self.name, self.rate = device.description(), RATE
        self._source = QAudioSource(device, form)
        self._from: QIODevice | None = None

    def start(self) -> None:
        self._from = self._source.start()

    def read(self) -> NDArray[np.float32]:
        from PySide6.QtMultimedia import QtAudio

        if self._from is None or self._source.error() not in (QtAudio.Error.NoError, QtAudio.Error.UnderrunError):
            raise OSError(5, "the microphone is gone")
        data = self._from.readAll().data()
        if self._float:
            return np.frombuffer(data[: len(data) // 4 * 4], "<f4").astype(np.float32)
        return np.frombuffer(data[: len(data) // 2 * 2], "<i2").astype(np.float32) / np.float32(32768)

    def speak(self, words: str) -> None:
        pass  # somebody does

    def stop(self) -> None:
        self._source.stop()
        self._from = None


def microphones(wanted: str = "") -> list[tuple[str, object]]:
    """Names of what can be recorded from, with what ``open_microphone`` takes; first the one of that name, then the desktop's own choice."""
    try:
        from PySide6.QtMultimedia import QMediaDevices

        default = QMediaDevices.defaultAudioInput()
        devices = sorted(
            QMediaDevices.audioInputs(),
            key=lambda device: (device.description() != wanted, device.id() != default.id()),
        )
        found: list[tuple[str, object]] = [
            (device.description(), device) for device in devices if not device.isNull()
        ]
    except ImportError:
        found = []  # a system library that Qt's sound needs is not installed
    return found or [(StandInMicrophone.name, None)]


def open_microphone(device: object) -> Microphone:
    """A microphone of ``microphones``."""
    return StandIn() if device is None else _Real(device)  # type: ignore[arg-type]
