"""A stand-in microphone for machines without one: a quiet room in which somebody reads the demo lines when it is their turn."""

from __future__ import annotations

import json
from functools import cache
from pathlib import Path

import numpy as np
import soxr
from numpy.typing import NDArray

from ...words import phrase

READING = Path(__file__).parents[2] / "demo" / "reading"
_ROOM = -68.0  # dBFS
_WAIT = 0.5  # s until somebody speaks


class StandInMicrophone:
    """Gives sound exactly as fast as a real one would. Whoever uses it says when a line is to be spoken.

    Parameters
    ----------
    rate : Hz of what it gives.
    """

    name = phrase("No microphone: a stand-in one speaks the demo lines")

    def __init__(self, rate: int = 48_000) -> None:
        self.rate = rate
        self._dice = np.random.default_rng(5)
        self._since: float | None = None
        self._given = 0
        self._line: NDArray[np.float32] = np.zeros(0, np.float32)
        self._at = 0
        self._turn = 0

    def start(self, now: float) -> None:
        """Begin to listen at this second of a clock that never goes back."""
        self._since, self._given = now, 0

    def speak(self, words: str = "") -> None:
        """Let somebody say these words in a moment; where they are none of the demo's, the next of its lines."""
        lines = _lines()
        number = next((n for n, (name, text, _) in enumerate(lines) if words and words in (name, text)), None)
        if number is None:
            number, self._turn = self._turn % len(lines), self._turn + 1
        self._line = _spoken(number, self.rate)
        self._at = -round(_WAIT * self.rate)

    def read(self, now: float) -> NDArray[np.float32]:
        """What has been heard since the last time, float32 [shape=(n,)]."""
        if self._since is None:
            return np.zeros(0, np.float32)
        due = int((now - self._since) * self.rate) - self._given
        if due <= 0:
            return np.zeros(0, np.float32)
        self._given += due
        block = (self._dice.standard_normal(due) * 10 ** (_ROOM / 20)).astype(np.float32)
        first = max(0, -self._at)
        if first < due and self._at + due > 0:
            samples = self._line[max(0, self._at) : self._at + due]
            block[first : first + len(samples)] += samples
        self._at += due
        return block

    def stop(self) -> None:
        self._since = None


def line_said(turn: int, rate: int) -> tuple[str, NDArray[np.float32]]:
    """Words, and the sound of somebody who says them in that room: the demo's lines in turn, float32 [shape=(n,)]."""
    lines = _lines()
    number = turn % len(lines)
    spoken = _spoken(number, rate)
    air = round(_WAIT * rate)
    room = np.random.default_rng(5 + turn).standard_normal(len(spoken) + 2 * air) * 10 ** (_ROOM / 20)
    room[air : air + len(spoken)] += spoken
    return lines[number][1] or lines[number][0], room.astype(np.float32)


@cache
def _lines() -> list[tuple[str, str, tuple[int, int]]]:
    values = json.loads((READING / "where.json").read_text("utf-8"))
    texts = {}
    for row in (READING / "Season list.csv").read_text("utf-8").splitlines()[1:]:
        name, _, text = row.partition(",")
        texts[name] = text.strip('"')
    return [(line["name"], texts.get(line["name"], ""), (line["start"], line["stop"])) for line in values["lines"]]


@cache
def _spoken(number: int, rate: int) -> NDArray[np.float32]:
    import soundfile

    start, stop = _lines()[number][2]
    with soundfile.SoundFile(str(READING / "Season reading.flac")) as file:
        around = round(0.12 * file.samplerate)
        file.seek(max(0, start - around))
        sound = file.read(stop - start + 2 * around, dtype="float32")
        spoken: NDArray[np.float32] = soxr.resample(sound, file.samplerate, rate, quality="HQ").astype(np.float32)
    return spoken
