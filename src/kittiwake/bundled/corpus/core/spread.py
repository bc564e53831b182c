"""How the qualities of a corpus are spread: figures and histograms, one measure at a time, so that memory stays flat."""

from __future__ import annotations

from array import array

import numpy as np
from numpy.typing import NDArray

from ....plain_data import dataclass
from .quality import MEASURES, Measure
from .store import Store

BARS = 40


@dataclass(frozen=True, slots=True)
class Spread:
    """Of one measure, over the clips in which it is known.

    Attributes
    ----------
    counts : int [shape=(bars,)], clips in each bar; ``low`` and ``high`` are the ends of the bars.
    fences : lower and upper; beyond them lie outliers: three times the middle half beyond its ends.
    """

    measure: Measure
    known: int
    median: float
    p5: float
    p95: float
    counts: NDArray[np.int64]
    low: float
    high: float
    fences: tuple[float, float]


def spread_of(values: NDArray[np.float64], measure: Measure) -> Spread | None:
    """None where nothing is known."""
    values = values[np.isfinite(values)]
    if not len(values):
        return None
    p1, p5, q1, median, q3, p95, p99 = np.percentile(values, (1, 5, 25, 50, 75, 95, 99)).tolist()
    # Single clips far off would make a bar of all others: they are counted at the ends.
    low, high = (p1, p99) if p99 > p1 else (float(values.min()), float(values.max()))
    pad = (high - low) * 0.05 or max(abs(low) * 0.01, 10**-measure.digits)
    low, high = max(low - pad, float(values.min()) - pad), min(high + pad, float(values.max()) + pad)
    if values.min() >= 0:
        low = max(0.0, low)
    counts, _ = np.histogram(np.clip(values, low, high), BARS, (low, high))
    reach = 3 * (q3 - q1)
    return Spread(measure, len(values), median, p5, p95, counts.astype(np.int64), low, high, (q1 - reach, q3 + reach))


def spreads(store: Store, *, kept: bool = True) -> dict[str, Spread]:
    """By name of measure, of all of which something is known."""
    columns = {name: array("f") for name in MEASURES}
    for entry in store.entries(kept=kept):
        if entry.quality is not None and not entry.quality.error:
            for name, values in columns.items():
                if (value := entry.quality.get(name)) is not None:
                    values.append(value)
    found = {name: spread_of(np.array(values, np.float64), MEASURES[name]) for name, values in columns.items()}
    return {name: spread for name, spread in found.items() if spread is not None}
