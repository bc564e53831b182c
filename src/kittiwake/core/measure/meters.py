"""All that is measured of a source in one pass over its blocks."""

from __future__ import annotations

import math
from collections.abc import Iterable
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from ..intake import BLOCK
from ..model import Header, Measures, SignalLevel
from ..model.downmix import mixed
from ..model.facts import SIGNAL_OF, Sides, Signal
from ..model.units import RATES
from .bandwidth import Spectrum
from .clipping import ClipCounter, grain_of
from .level import ActiveLevel
from .offset import OffsetRemover
from .overview import Overview
from .pitch import Pitch
from .sides import Relation, SidesMeter

_LARGEST = 1e6  # a float sample beyond that is not sound, and its square would overflow

Signals = NDArray[np.float32]


class OtherSignal(Exception):  # noqa: N818 - not an error
    """Another signal stands for the whole than the first block suggested."""


@lru_cache(maxsize=1)
def _ones() -> Signals:
    return np.ones(BLOCK, np.float32)


class Meters:
    """Takes blocks of a source one after the other.

    Parameters
    ----------
    picture : whether to gather outline and spectrum, and the speech level of every signal; without it only that of the signal that stands for
        the whole, as the first block suggests.
    pitch : whether to measure the pitch of the voice.
    every : whether to measure the speech level of every signal without a picture too.

    Attributes
    ----------
    holes : samples that are not numbers, or beyond all measure; they are taken as silence.
    """

    def __init__(self, header: Header, *, picture: bool = True, pitch: bool = False, every: bool = False) -> None:
        self._header, self._picture, self._every = header, picture, every or picture
        rate = min(max(header.sample_rate, RATES[0]), RATES[1])
        channels = self._channels = header.channels
        self._speakers = header.speakers
        names: tuple[Signal, ...] = ("mono",) if channels == 1 else ("left", "right", "mix")
        more = tuple(f"ch{n}" for n in range(3, channels + 1))
        self._own_names: tuple[Signal, ...] = ("mono",) if channels == 1 else ("left", "right", *more)
        self._voice = Pitch(rate) if pitch else None
        self._levels: dict[Signal, ActiveLevel] = {name: ActiveLevel(rate) for name in (*names, *more)}
        self._clips = [ClipCounter(header.full_scale, grain_of(header), rate) for _ in range(channels)]
        self._sides = SidesMeter(rate)
        self._outline = Overview()
        self._spectrum = Spectrum(rate) if picture else None
        self._frames, self._energy = 0, 0.0
        self._sums = np.zeros(channels)
        self._lows, self._highs = np.full(channels, np.nan), np.full(channels, np.nan)
        self._alone: Signal | None = None  # the signal that stands for the whole, without a picture
        self._centred = OffsetRemover()
        self._with_offset: dict[
            Signal, float
        ] = {}  # sums of squares of signals whose meters get them without their offset
        self.holes = 0

    @np.errstate(over="ignore", invalid="ignore")  # samples beyond all measure are found just by that
    def add(self, block: Signals) -> tuple[Signals, Signals, Signal | None]:
        """Measure a block, float32 [shape=(frames, channels)].

        Returns
        -------
        Its samples without holes [shape=(channels, frames)], those of the mix where they are needed, otherwise those of the first channel
        [shape=(frames,)], and the signal that stands for the whole, where only that is measured.
        """
        columns = np.ascontiguousarray(block.T)
        energies = [float(np.dot(column, column)) for column in columns]
        if not np.isfinite(sum(energies)):
            bad = ~(np.abs(columns) <= _LARGEST)
            self.holes += int(bad.sum())
            columns = np.where(bad, np.float32(0), columns)
            energies = [float(np.dot(column, column)) for column in columns]
        ones = _ones()[: columns.shape[1]] if columns.shape[1] <= BLOCK else np.ones(columns.shape[1], np.float32)
        sums = [float(np.dot(column, ones)) for column in columns]
        self._sums += sums
        peaks = self._extremes(columns)
        self._frames += columns.shape[1]
        self._energy += sum(energies)
        for column, clip, peak, power in zip(columns, self._clips, peaks, energies, strict=True):
            clip.add(column, peak, power)
        plain = self._centred.without(columns, energies, sums)
        if plain is not columns:
            for name, energy in zip(self._own_names, energies, strict=True):
                self._with_offset[name] = self._with_offset.get(name, 0.0) + energy
            energies = [float(np.dot(column, column)) for column in plain]
        if self._channels == 2:
            self._sides.add(plain[0], plain[1], energies[0], energies[1])
        if self._alone is None and not self._every:
            self._alone = self._first_guess()
        for name, column, peak, power in zip(self._own_names, plain, peaks, energies, strict=True):
            if self._alone is None or self._alone == name:
                self._levels[name].add(column, peak, power)
            else:
                self._levels[name].skim(len(column), peak, power)
        middle = columns[0]
        if self._channels > 1 and self._alone in (None, "mix"):
            middle = mixed(columns, self._speakers)
            if plain is columns:
                self._levels["mix"].add(middle)
            else:
                self._levels["mix"].add(mixed(plain, self._speakers), float(np.abs(middle).max(initial=0.0)))
                self._with_offset["mix"] = self._with_offset.get("mix", 0.0) + float(np.dot(middle, middle))
        if self._voice:
            self._voice.add(middle)
        return columns, middle, self._alone

    def _extremes(self, columns: Signals) -> list[float]:
        """Peaks of a block by channel; extremes of the whole go on, and with a picture outline and spectrum."""
        if self._spectrum is not None:
            ends = self._outline.add(columns)
            self._spectrum.add(columns)
        else:
            ends = [(float(column.min()), float(column.max())) for column in columns]
        self._lows = np.fmin(self._lows, [low for low, _ in ends])
        self._highs = np.fmax(self._highs, [high for _, high in ends])
        return [max(high, -low) for low, high in ends]

    def _first_guess(self) -> Signal:
        if self._channels == 2:
            return SIGNAL_OF[self._sides.result()]
        return "mono" if self._channels == 1 else "mix"

    def result(self) -> Measures:
        """Everything, after the last block.

        Raises
        ------
        OtherSignal : without a picture, where the first block suggested another signal than the whole does.
        """
        spectrum, frames = self._spectrum, self._frames
        curve = spectrum.result() if spectrum is not None else np.zeros(0, np.float32)
        across = (
            self._sides.relation()
            if self._channels == 2
            else Relation("mono" if self._channels == 1 else "different")
        )
        if self._alone is not None and self._alone != SIGNAL_OF[across.sides]:
            raise OtherSignal
        levels = self._signal_levels(across.sides)
        # On a grid far below hearing, so that the order in which a processor adds makes no other bytes.
        offsets = np.round(self._sums / max(1, frames), 7)
        clipped, flat = np.sum([clip.finish() for clip in self._clips], axis=0)
        return Measures(
            frames=frames,
            peak=max(level.peak for level in levels.values()),
            swing=float((self._highs - self._lows).max() / 2) if frames else 0.0,
            rms=float(np.sqrt(self._energy / max(1, frames * self._channels))),
            dc_offsets=tuple(float(offset) for offset in offsets),
            clipped_samples=int(clipped),
            flat_samples=int(flat),
            sides=across.sides,
            side_lag=across.lag,
            side_bands=across.bands,
            side_loss_db=across.lost_db,
            levels=levels,
            bandwidth_hz=min(spectrum.bandwidth(), self._header.sample_rate / 2) if spectrum is not None else None,
            overview=self._outline.result(),
            spectrum=curve,
            spectrum_step=spectrum.step if spectrum is not None else 0.0,
            pitch_hz=self._voice.result() if self._voice else None,
        )

    def _signal_levels(self, sides: Sides) -> dict[Signal, SignalLevel]:
        levels = {}
        for name, meter in self._levels.items():
            # Without a picture only the signal that stands for the whole is worth the time that a speech level takes.
            active = meter.result() if self._alone in (None, name) else (math.nan, math.nan)
            whole = self._with_offset.get(name)
            rms = meter.rms if whole is None else math.sqrt(whole / max(1, self._frames))
            levels[name] = SignalLevel(meter.peak, rms, *active)
        if self._channels > 1 and self._alone not in (None, "mix"):
            if sides == "identical":
                levels["mix"] = levels[self._alone]
            else:
                del levels["mix"]  # nobody has mixed them
        return levels


def measure(blocks: Iterable[Signals], header: Header) -> Measures:
    """Measure blocks of sound, float32 [shape=(frames, channels)], as one signal in one pass."""
    meters = Meters(header)
    for block in blocks:
        meters.add(block)
    return meters.result()
