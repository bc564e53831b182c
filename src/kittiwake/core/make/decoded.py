"""What is heard of a file behind its codec."""

from __future__ import annotations

import math
from dataclasses import field, replace
from pathlib import Path

import numpy as np

from ...plain_data import dataclass
from ..fit.rules.subject import HAS_LEVEL_S
from ..fit.verdict import Recipe
from ..intake import open_sound
from ..model.units import db
from .levelling import Meter, gain_to

_BELOW_FULL_SCALE = 1 - 2.0**-15  # a decoded sample at full scale counts as clipped
_FULL = 0.9995  # magnitude, nominal; what some decoders call full is a few steps under it


@dataclass(frozen=True, slots=True)
class Decoded:
    """What is heard of a file.

    Attributes
    ----------
    over_db : by how much samples, and the wave between them where that counts, are over the ceiling; not positive where they are not.
    off_db : by how much it is below the level that was meant; negative above it, 0 where none was.
    offset : magnitude of the mean of its samples, nominal; of the channel in which it is largest.
    rms : root mean square, nominal; of the loudest channel.
    full : whether it reaches full scale, where a decoder cuts off.
    meter : what its level was measured by.
    """

    over_db: float
    off_db: float
    offset: float = 0.0
    rms: float = 0.0
    full: bool = False
    meter: Meter | None = field(default=None, repr=False, compare=False)

    def gain_to(self, target: float) -> float:
        """The gain (dB) that would bring what is heard to ``target``, or as near as it comes where the measure leaps, without getting over the ceiling."""
        assert self.meter is not None
        return gain_to(target, self.off_db, self.meter, most=-self.over_db)

    @classmethod
    def of(cls, part: Path, recipe: Recipe) -> Decoded:
        """Of a file that was written by a recipe.

        Raises
        ------
        IntakeError : it cannot be read.
        """
        reader = open_sound(part, recipe.stated)
        try:
            header = reader.header
            # As whoever opens the file finds it, with its lead and with what a codec adds at its ends.
            meter = Meter(replace(recipe, rate_out=header.sample_rate, channels=header.channels, lead=0))
            peak, frames, sums, energy = 0.0, 0, np.zeros(header.channels), np.zeros(header.channels)
            for block in reader.blocks():
                sums += block.sum(axis=0, dtype=np.float64)
                energy += np.einsum("ij,ij->j", block, block, dtype=np.float64)
                frames += len(block)
                peak = max(peak, float(np.abs(block).max(initial=0.0)))
                meter.add(block)
        finally:
            reader.close()
        meter.finish()
        over = db(peak) - db(min(recipe.ceiling_stated, _BELOW_FULL_SCALE))
        if recipe.ceiling_true is not None and meter.true_peak > 0:
            over = max(over, db(meter.true_peak) - db(recipe.ceiling_true))
        off = 0.0
        if recipe.level != "leave" and recipe.level_low is None and recipe.level_high is None:
            off = recipe.target_db + recipe.gain_db - meter.level()
        long = recipe.frames_out - recipe.lead >= HAS_LEVEL_S * recipe.rate_out
        rms = math.sqrt(float(energy.max()) / max(1, frames))
        offset = float(np.abs(sums).max()) / max(1, frames)
        return cls(over, off if math.isfinite(off) and long else 0.0, offset, rms, peak > _FULL, meter)
