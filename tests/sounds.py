"""Sound to test with."""

from __future__ import annotations

import os
import shutil
import sys
import tempfile
import unittest
from collections.abc import Iterator
from fractions import Fraction
from functools import cache, lru_cache
from pathlib import Path
from unittest import mock

import av
import av.filter
import numpy as np
import soundfile
import soxr
from numpy.typing import NDArray

from kittiwake.core.batch import BatchRequest, PlannedClip, run_batch
from kittiwake.core.make import OutputPlan, Result
from kittiwake.core.measure import analyze
from kittiwake.core.model import Facts
from kittiwake.core.process import Processes

DEMO = Path(__file__).resolve().parents[1] / "src" / "kittiwake" / "demo" / "sounds"
#: Words that people really spoke, 48 kHz mono: Debian's alsa-utils, which ``./run`` installs.
REAL = Path("/usr/share/sounds/alsa")
Signal = NDArray[np.float32]


def sine(hertz: float, rate: int, seconds: float = 1.0, dbfs: float = -20.0) -> Signal:
    """A sine whose peak is at ``dbfs``."""
    time = np.arange(round(rate * seconds)) / rate
    return (10 ** (dbfs / 20) * np.sin(2 * np.pi * hertz * time)).astype(np.float32)


def noise(rate: int, seconds: float = 1.0, dbov: float = -26.0, seed: int = 7) -> Signal:
    """White noise with this RMS level."""
    dice = np.random.default_rng(seed)
    return (dice.standard_normal(round(rate * seconds)) * 10 ** (dbov / 20)).astype(np.float32)


def speech_like(rate: int, seconds: float = 3.0, dbov: float = -24.0, seed: int = 3) -> Signal:
    """Bursts of noise with pauses: as lively as speech, at about this active level."""
    return (noise(rate, seconds, dbov + 5, seed) * _lively(rate, seconds)).astype(np.float32)


@lru_cache(4)
def _lively(rate: int, seconds: float) -> NDArray[np.float64]:
    time = np.arange(round(rate * seconds)) / rate
    bursts: NDArray[np.float64] = np.clip(np.sin(2 * np.pi * 1.7 * time) + 0.4, 0, 1)
    return bursts * (0.6 + 0.4 * np.sin(2 * np.pi * 7 * time))


@cache
def looked_at(path: Path) -> Facts:
    """A recording that stays as it is, one of the demo's, analysed once in a process."""
    return analyze(path)


def spoken(rate: int, name: str = "Ticket to Skerrow.wav") -> Signal:
    """A sentence of the demo at this rate, mono."""
    sound, own = soundfile.read(str(DEMO / name), dtype="float32")
    return soxr.resample(sound if sound.ndim == 1 else sound[:, 0], own, rate)


def really_spoken(rate: int) -> Signal:
    """Half a dozen words of a real voice, one after the other, at this rate; the test is skipped where the machine has not got them."""
    files = sorted(REAL.glob("[FRS]*.wav"))
    if not files:
        raise unittest.SkipTest("alsa-utils is not on this machine")
    words = [soxr.resample(soundfile.read(str(file), dtype="float32")[0], 48_000, rate) for file in files]
    return np.concatenate(words).astype(np.float32)


def coded_by_libav(
    path: Path, codec: str, sound: Signal, rate: int, muxer: dict[str, str] | None = None, **options: str
) -> Path:
    """A file as general tools write it: libav's encoder and the muxer of the ending."""
    with av.open(str(path), "w", options=muxer or {}) as file:
        stream = file.add_stream(codec, rate=rate, layout="mono", options=options)
        context = stream.codec_context
        context.open()
        cut = av.AudioResampler(
            format=context.format, layout="mono", rate=rate, frame_size=context.frame_size or 1024
        )
        frame = av.AudioFrame.from_ndarray(np.ascontiguousarray(sound[None, :]), format="fltp", layout="mono")
        frame.sample_rate, frame.pts, frame.time_base = rate, 0, Fraction(1, rate)
        for part in [*cut.resample(frame), *cut.resample(None)]:
            file.mux(stream.encode(part))
        file.mux(stream.encode(None))
    return path


def at_tempo(sound: Signal, rate: int, tempo: float) -> Signal:
    """At the same pitch, by libav."""
    graph = av.filter.Graph()
    source = graph.add_abuffer(sample_rate=rate, format="flt", layout="mono", time_base=Fraction(1, rate))
    graph.link_nodes(source, graph.add("atempo", str(tempo)), graph.add("abuffersink")).configure()
    frame = av.AudioFrame.from_ndarray(np.ascontiguousarray(sound[None, :], np.float32), format="flt", layout="mono")
    frame.sample_rate, frame.pts = rate, 0
    graph.push(frame)
    graph.push(None)
    parts = []
    while True:
        try:
            parts.append(graph.pull().to_ndarray()[0])
        except (av.EOFError, av.BlockingIOError):
            return np.concatenate(parts)


def batch_of(plans: list[OutputPlan], workers: int | None = None) -> Iterator[Result]:
    """Make plans of one receiver and folder all at once."""
    clips = [PlannedClip(one.clip, one.facts, {one.receiver.slug: one.fit}, n) for n, one in enumerate(plans, 1)]
    request = BatchRequest((plans[0].receiver,), (plans[0].output.parent,))
    for result in run_batch(clips, request, Processes(workers)):
        result.plan = next(one for one in plans if one.clip.id == result.clip)
        yield result


class FolderCase(unittest.TestCase):
    """A test with a folder of its own."""

    def setUp(self) -> None:
        self.folder = Path(tempfile.mkdtemp(prefix="kittiwake-test-"))
        self.addCleanup(shutil.rmtree, self.folder, ignore_errors=True)
        # Receivers and settings that one test keeps are nothing to the next.
        self.enterContext(mock.patch.dict(os.environ, {"XDG_CONFIG_HOME": f"{self.folder}/.config"}))

    def write(self, name: str, sound: Signal, rate: int, subtype: str = "PCM_16", **more: str) -> Path:
        path = self.folder / name
        path.parent.mkdir(parents=True, exist_ok=True)
        soundfile.write(str(path), sound, rate, subtype=subtype, **more)
        return path


def db(value: float) -> float:
    return 20 * np.log10(max(value, 1e-12))


def rms(signal: Signal) -> float:
    return float(np.sqrt(np.mean(np.square(signal, dtype=np.float64))))


def tone_level(signal: Signal, hertz: float, rate: int) -> float:
    """Peak level in dBFS of one frequency, by projection, away from the ends."""
    middle = np.asarray(signal, np.float64)[len(signal) // 10 : -len(signal) // 10]
    window = np.hanning(len(middle))
    turn = np.exp(-2j * np.pi * hertz * np.arange(len(middle)) / rate)
    return db(2 * abs(np.sum(middle * window * turn)) / window.sum())


def make_command(into: Path, *more: object) -> list[str]:
    """The terminal's command that makes for the phone menu."""
    return [
        sys.executable,
        "-m",
        "kittiwake.cli",
        "make",
        "--for",
        "phone-menu",
        "--into",
        str(into),
        *map(str, more),
    ]
