"""What the clips that go to one receiver share: one gain for the set, and the receiver's memory."""

from __future__ import annotations

import math
from bisect import bisect_left
from collections.abc import Callable, Container, Iterable, Mapping
from dataclasses import field
from pathlib import Path

from ...plain_data import dataclass
from ..codec.cues import Cue
from ..model import Clip, Facts, Receiver, SignalLevel
from ..model.units import db

# Resampling lifts peaks a little. Where one gain has to suit all, this much is left for it (dB).
_OVERSHOOT_DB = 0.5


@dataclass(frozen=True, slots=True)
class BatchContext:
    """Attributes
    ----------
    gain_db : the one gain for all clips; None where each has its own.
    taken : bytes that the clips before it need, by clip id, in the order of the board.
    inside : the other clips of the same source that lie within a clip, by its id: span in frames of the source, and name.
    """

    gain_db: float | None = None
    taken: Mapping[str, int] = field(default_factory=dict)
    inside: Mapping[str, tuple[Cue, ...]] = field(default_factory=dict)

    def of(self, ids: Container[str]) -> BatchContext:
        """What of it concerns these clips."""
        taken = {key: size for key, size in self.taken.items() if key in ids}
        return BatchContext(self.gain_db, taken, {key: cues for key, cues in self.inside.items() if key in ids})


def shares_anything(receiver: Receiver) -> bool:
    """Whether the fit of a clip depends on those of other sources at this receiver."""
    return receiver.treatment.level.together or receiver.rules.limits.total_bytes is not None


def needs_context(receiver: Receiver) -> bool:
    """Whether the fit of a clip depends on other clips at this receiver, be they of its own source."""
    return shares_anything(receiver) or receiver.rules.cue_points


def context_of(
    clips: Iterable[tuple[Clip, Facts]],
    receiver: Receiver,
    size_of: Callable[[Clip, Facts, BatchContext], int | None],
) -> BatchContext:
    """The context that clips are to each other.

    Parameters
    ----------
    size_of : tells how many bytes a clip comes to; None where it cannot be made.
    """
    known = [(clip, facts) for clip, facts in clips if facts.ok and clip.is_for(receiver.slug)]
    gain = None
    if receiver.treatment.level.together:
        levels = []
        for _, facts in known:
            assert facts.measures is not None
            sound = facts.measures
            level = sound.level if receiver.rules.channels == 1 else sound.stereo_level
            levels.append((level, facts.seconds or 0.0))
        gain = level_of_set(levels, receiver)
    context = BatchContext(gain, inside=_inside(known) if receiver.rules.cue_points else {})
    taken: dict[str, int] = {}
    if receiver.rules.limits.total_bytes is not None:
        total = 0
        for clip, facts in known:
            taken[clip.id] = total
            total += size_of(clip, facts, context) or 0
    return BatchContext(gain, taken, context.inside)


def _inside(known: Iterable[tuple[Clip, Facts]]) -> dict[str, tuple[Cue, ...]]:
    """Which clips lie within which others of their source."""
    sources: dict[Path, list[tuple[Cue, str]]] = {}
    for clip, facts in known:
        frames = facts.measures.frames if facts.measures else 0
        start, stop = clip.start, frames if clip.stop is None else clip.stop
        sources.setdefault(clip.source, []).append((Cue(start, stop, clip.name), clip.id))
    out: dict[str, tuple[Cue, ...]] = {}
    for spans in sources.values():
        spans.sort(key=lambda one: one[0][:2])
        starts = [cue.start for cue, _ in spans]
        for whole, clip_id in spans:
            begin, end = bisect_left(starts, whole.start), bisect_left(starts, whole.stop)
            found = tuple(cue for cue, other in spans[begin:end] if other != clip_id and cue.stop <= whole.stop)
            if found:
                out[clip_id] = found
    return out


def level_of_set(levels: Iterable[tuple[SignalLevel, float]], receiver: Receiver) -> float:
    """The gain (dB) that brings a set to its target as a whole, or as near as its loudest peak allows; 0 where nothing is heard.

    Parameters
    ----------
    levels : of each clip, with its seconds. The level of the set is that of all its speech in one go.
    """
    treatment = receiver.treatment
    energy = active = peak = 0.0
    for level, seconds in levels:
        peak = max(peak, level.peak)
        if math.isfinite(level.active_dbov):
            share = level.activity * seconds
            energy += share * 10 ** (level.active_dbov / 10)
            active += share
    if peak <= 0 or treatment.level.measure == "leave":
        return 0.0
    if treatment.level.measure == "peak":
        wanted = treatment.level.target - db(peak)
    elif active > 0 and energy > 0:
        wanted = treatment.level.target - 10 * math.log10(energy / active)
    else:
        return 0.0
    room = treatment.ceiling_dbfs + treatment.limiter_db - db(peak) - _OVERSHOOT_DB
    return min(wanted, room)
