"""The gain of an output, settled by measuring what comes out of it: after the limiter, with its lead, by the one measure that proof uses too."""

from __future__ import annotations

import math
from collections.abc import Iterator
from functools import cache

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ..fit.path import Touch, touches
from ..fit.verdict import Recipe
from ..measure import ActiveLevel, Loudness, TruePeak
from ..measure.offset import OffsetRemover
from ..model.units import db, ratio
from ..sound import Spool, fade_in, fade_out, limited, looped

Blocks = Iterator[NDArray[np.float32]]

_CLOSE_DB = 0.05
_TRIES = 8
_SEARCHED = 480  # steps of _CLOSE_DB to both sides: between what is loudest and what goes on for longest
_OCTAVE_DB = 7.0  # a little over one, after which the thresholds lie as before
_NEAR_DB = 0.3  # that a level may be off where it leaps
_ASIDE = 2  # steps of _CLOSE_DB to both sides, in which the measure must not leap
_ASIDE_DB = _ASIDE * _CLOSE_DB
_NANOBEL = 1e-6  # dB, so that the product itself is not rounded over the ceiling


@dataclass(frozen=True, slots=True)
class Settled:
    """How an output gets its level.

    Attributes
    ----------
    gain_db : applied to everything.
    limit : magnitude at which the limiter holds, nominal.
    short_db : by how much the level stays under what was wanted, since peaks allow no more; 0 where it does not.
    limited_db : by how much the highest peak is held down.
    peak : largest magnitude before any gain.
    """

    gain_db: float
    limit: float
    short_db: float = 0.0
    limited_db: float = 0.0
    peak: float = 0.0


def shaped(spool: Spool, recipe: Recipe, settled: Settled) -> Blocks:
    """The sound of an output as it goes to the encoder, without its lead."""
    blocks: Blocks = spool.blocks()
    if recipe.loop:
        blocks = looped(blocks, spool.last(recipe.loop).copy(), spool.frames)
    if settled.gain_db:
        factor = np.float32(ratio(settled.gain_db))
        blocks = (block * factor for block in blocks)
    if recipe.limiter_db:
        blocks = limited(blocks, settled.limit, recipe.rate_out, recipe.channels)
    if recipe.fade_in:
        blocks = fade_in(blocks, recipe.fade_in, recipe.fade_even)
    if recipe.fade_out:
        blocks = fade_out(blocks, recipe.frames_out - recipe.lead, recipe.fade_out, recipe.fade_even)
    return blocks


class Meter:
    """What is measured of an output: peak, true peak where it counts, active speech level (of the louder channel) and the measure of the
    recipe. Sound is taken with the lead in front, as whoever opens the file will find it.
    """

    def __init__(self, recipe: Recipe, actives: list[ActiveLevel] | None = None) -> None:
        self._recipe = recipe
        self._actives = actives
        self._loudness = Loudness(recipe.rate_out, recipe.channels) if recipe.level == "loudness" else None
        self._true = TruePeak(recipe.rate_out, recipe.channels) if recipe.ceiling_true is not None else None
        self._measured = actives is not None
        self._centred = OffsetRemover()
        if actives is None:
            self._actives = [ActiveLevel(recipe.rate_out) for _ in range(recipe.channels)]
            if recipe.lead:
                self.add(np.zeros((recipe.lead, recipe.channels), np.float32))

    def add(self, block: NDArray[np.float32]) -> None:
        if self._loudness:
            self._loudness.add(block)
        if self._true:
            self._true.add(block)
        if not self._measured:
            columns = np.ascontiguousarray(block.T)
            plain = self._centred.without(columns)
            for meter, column, whole in zip(self._actives or (), plain, columns, strict=True):
                meter.add(column, None if plain is columns else float(np.abs(whole).max(initial=0.0)))

    def finish(self, spool: Spool | None = None) -> Meter:
        """No more is to come. ``spool`` holds the sound where the speech level was measured before, and the rest was not."""
        if spool is not None and (self._loudness or self._true):
            for block in spool.blocks():
                self.add(block)
        actives = self._actives or []
        self.peak = max(meter.peak for meter in actives)
        self.active = self.active_after(0.0)
        self.true_peak = self._true.finish() if self._true else 0.0
        if self._loudness:
            self._loudness.finish()
        return self

    def active_after(self, gain_db: float) -> float:
        """Active speech level (dBov) of the louder channel, were this gain applied."""
        return max(meter.level_after(gain_db) for meter in self._actives or ())

    def level(self, gain_db: float = 0.0) -> float:
        """The measure of the recipe, dB, were this gain applied: loudness has a gate and speech level thresholds that do not move with it."""
        if self._loudness:
            return self._loudness.result(gain_db)
        return db(self.peak) + gain_db if self._recipe.level == "peak" else self.active_after(gain_db)


def settle(spool: Spool, first: Meter, recipe: Recipe) -> Settled:
    """The gain that brings the sound in ``spool``, measured by ``first``, to the level of the recipe, or as near as its peaks allow."""
    peak = first.peak
    if peak <= 0:
        return Settled(0.0, recipe.ceiling)
    untouched = touches(recipe) is Touch.NOTHING and recipe.dither != "always" and recipe.format.depth is not None
    ranged = recipe.level_low is not None or recipe.level_high is not None
    wanted = _wanted(first, recipe)
    # Where nothing is computed the samples go over as they are, up to the very ceiling.
    ceiling = recipe.ceiling_stated if wanted == 0 and not ranged and untouched else recipe.ceiling
    limit = ceiling
    most = _room(ceiling, peak, recipe, first.true_peak)
    gain = min(wanted, most)
    short = wanted - gain
    limited_db = max(0.0, db(peak) + gain - db(limit)) if recipe.limiter_db else 0.0
    between = recipe.ceiling_true is not None and db(first.true_peak) + gain > db(recipe.ceiling_true)
    if not (limited_db or between or recipe.loop or recipe.fade_in or recipe.fade_out):
        return Settled(gain, limit, short, 0.0, peak)
    # What comes after the gain changes the level: it is measured behind it, until it is right or nothing more can be done.
    target = None if recipe.level == "leave" else recipe.target_db + recipe.gain_db
    best: tuple[float, Settled] | None = None
    for _ in range(_TRIES):
        now = Settled(gain, limit, 0.0, limited_db, peak)
        meter = Meter(recipe)
        for block in shaped(spool, recipe, now):
            meter.add(block)
        meter.finish()
        off = 0.0 if target is None else target - meter.level()
        if recipe.level != "leave":
            off += recipe.into_range(meter.active + off)
        over = 0.0
        if recipe.ceiling_true is not None and meter.true_peak > 0:
            over = db(meter.true_peak) - db(recipe.ceiling_true)
        if not recipe.limiter_db and meter.peak > 0:
            # Fades and loops make other peaks: there may be more room, or less.
            over = max(over, db(meter.peak) - db(ceiling))
            peak = meter.peak / ratio(gain)
            if over <= 0:
                most = _room(ceiling, peak, recipe, meter.true_peak / ratio(gain))
        # Short is what peaks keep it from, not what the measure leaps over.
        held_down = gain >= most - _CLOSE_DB / 5
        short = max(0.0, off) if math.isfinite(off) and held_down else 0.0
        if over <= 0 and (best is None or abs(off) < best[0]):
            best = (abs(off), Settled(gain, limit, short, limited_db, peak))
        if over > 0:
            if recipe.limiter_db:
                limit *= ratio(-over - 0.01)
                most = min(most, _room(limit, peak, recipe, 0.0))
            else:
                most = gain - over - 0.01
        elif not math.isfinite(off) or abs(off) < _CLOSE_DB or (off > 0 and held_down):
            break
        step = off if math.isfinite(off) else 0.0
        if target is not None and step and not ranged:
            step = gain_to(target, step, meter)
        gain = min(gain + step, most)
        limited_db = max(0.0, db(peak) + gain - db(limit)) if recipe.limiter_db else 0.0
    # Where the measure leaps, the last try need not be the nearest.
    return best[1] if best is not None and math.isfinite(best[0]) else Settled(gain, limit, short, limited_db, peak)


def _wanted(first: Meter, recipe: Recipe) -> float:
    """The gain that the level asks for, whatever peaks allow; where the level leaps, one that they allow. On a grid of a thousandth of a dB, so that a last bit of the measurement makes no
    other bytes.
    """
    gain = recipe.gain_db
    if recipe.level != "leave":
        level = first.level()
        if not math.isfinite(level) and not math.isfinite(first.active):
            return 0.0
        target = recipe.target_db + recipe.gain_db
        # What lies below the gate of loudness before the gain may lie above it afterwards.
        most = _room(recipe.ceiling, first.peak, recipe, first.true_peak)
        gain = gain_to(target, target - (level if math.isfinite(level) else first.active), first, most=most)
        gain = target - round(target - gain, 3)
    if recipe.level_low is None and recipe.level_high is None:
        return gain
    into = recipe.into_range(first.active_after(gain))
    return gain_to(first.active_after(gain) + into, gain + into, first, active=True) if into else gain


def gain_to(target: float, guess: float, meter: Meter, *, most: float = math.inf, active: bool = False) -> float:
    """The gain after which the measure is at the target, or as near as it comes: it need not move with the gain.

    Parameters
    ----------
    most : that peaks allow, dB; beyond it is looked only where the measure does not leap.
    active : whether speech level is meant, whatever the measure of the recipe is.
    """
    measure = meter.active_after if active else meter.level
    gain = guess
    for _ in range(_TRIES):
        off = target - measure(gain)
        if not math.isfinite(off):
            return gain
        if abs(off) < 1e-4:
            break
        gain += off
    for one in (gain, guess):
        # Farther than an octave away other parts of the sound would count than those that the level was measured of.
        far = abs(one - guess) > _OCTAVE_DB
        if not far and all(
            abs(target - measure(one + aside)) < _CLOSE_DB + _ASIDE_DB for aside in (-_ASIDE_DB, 0.0, _ASIDE_DB)
        ):
            return one
    # It leaps where the thresholds come to lie otherwise: the first that is near, beginning with the one that was thought of, that peaks allow, and that
    # does not lie beside a leap, over which the rounding of a format would take it; or else the nearest.
    missed = cache(lambda step: abs(target - measure(guess + step * _CLOSE_DB)))
    highest = max(-_SEARCHED, math.floor((most - guess) / _CLOSE_DB)) if most < math.inf else _SEARCHED
    best = (math.inf, 0)
    for away in range(_SEARCHED + 1):
        for step in (-away, away) if away else (0,):
            if step > highest:
                continue
            worst = max(missed(step + aside) for aside in range(-_ASIDE, _ASIDE + 1)) // _CLOSE_DB
            best = min(best, (worst, step), key=lambda one: one[0])
        if best[0] <= _NEAR_DB // _CLOSE_DB:
            break
    return guess + best[1] * _CLOSE_DB


def _room(ceiling: float, peak: float, recipe: Recipe, true_peak: float) -> float:
    """The most gain that peaks allow, dB: up to the ceiling, and beyond it by what the limiter may hold down."""
    room = db(ceiling / peak) - _NANOBEL
    if recipe.ceiling_true is not None and true_peak > 0:
        room = min(room, db(recipe.ceiling_true / true_peak) - 0.001)
    return room + recipe.limiter_db
