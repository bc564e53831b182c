"""The one gain that brings a clip to its level without a sample at full scale."""

from __future__ import annotations

import math

from ...plain_data import dataclass
from ..model.units import db


@dataclass(frozen=True, slots=True)
class Gain:
    """``db`` is applied; ``held_back_db`` is how much more the target asked for than the peaks allowed (≥ 0)."""

    db: float
    held_back_db: float = 0.0


def choose_gain(wanted_db: float, peak: float, ceiling: float) -> Gain:
    """The gain in dB to apply where ``wanted_db`` is asked for.

    Parameters
    ----------
    peak : largest magnitude before gain, nominal 0 to 1, but higher where resampling overshot.
    ceiling : largest magnitude allowed after it.
    """
    if peak <= 0 or not math.isfinite(wanted_db):
        return Gain(0.0)
    # A nanobel keeps the product itself from rounding over the ceiling.
    room = db(ceiling / peak) - 1e-6
    if wanted_db <= room:
        return Gain(wanted_db)
    return Gain(room, wanted_db - room)
