"""What is worth knowing about a clip whatever its receiver, each with what is done and what else could be."""

from __future__ import annotations

from ..model import Clip, Facts
from ..model.units import format_bandwidth, format_hz
from .problems import of_source
from .verdict import Problem, Remedy

_DC = 0.01  # a hundredth of full scale; below that it is neither heard nor costs level


def findings(clip: Clip, facts: Facts) -> list[Problem]:
    """Notes and problems of a clip, the gravest first. Pure."""
    head, sound = facts.header, facts.measures
    if head is None or sound is None or facts.error:
        return []
    found = of_source(clip.touch_up, facts, sound)
    order = {"cannot": 0, "decide": 1, "warning": 2, "note": 3}
    found.sort(key=lambda problem: order[problem.severity])
    found += _of_sides(clip, sound.sides, head.channels)
    if abs(sound.dc_offset) > _DC:
        message = f"It is off centre by {sound.dc_offset * 100:+.1f} % of full scale (DC offset), which wastes level."
        found.append(Problem("dc_offset", "note", message))
    if head.sample_rate >= 32_000 and 0 < sound.bandwidth_hz < 4200:
        message = (
            f"It holds sound only up to {format_bandwidth(sound.bandwidth_hz)}: a rate of "
            f"{format_hz(head.sample_rate)} gives it no more than a telephone's."
        )
        found.append(Problem("narrow_band", "note", message))
    if clip.touch_up.true_rate is None:
        found += [Problem(n.code, "note", n.message) for n in facts.notes if n.code in ("video", "streams")]
    return found


def _of_sides(clip: Clip, sides: str, channels: int) -> list[Problem]:
    chosen = clip.touch_up.side
    back = (Remedy("side_auto", "Choose by what the sides hold", touch_up={"side": "auto"}),)
    if chosen != "auto":
        return [Problem("side_chosen", "note", f"You chose: {chosen}.", back)]
    use_right = Remedy("use_right", "Use the right side instead", touch_up={"side": "right"})
    if sides == "inverted":
        message = "One side is the other turned upside down; mixed, they would cancel. The left side is used."
        return [Problem("inverted", "note", message, (use_right,))]
    if sides in ("left_only", "right_only"):
        full, silent = ("left", "right") if sides == "left_only" else ("right", "left")
        message = (
            f"Only the {full} side holds sound, the {silent} is silent. The {full} side is used, at its full level."
        )
        return [Problem("one_sided", "note", message)]
    if sides == "different" and channels == 2:
        remedies = (
            Remedy("use_left", "Use the left side only", touch_up={"side": "left"}),
            Remedy("use_right", "Use the right side only", touch_up={"side": "right"}),
        )
        return [
            Problem(
                "sides_differ", "note", "The two sides differ; where one channel is taken they are mixed.", remedies
            )
        ]
    if sides == "different":
        return [Problem("many_channels", "note", f"It has {channels} channels; where one is taken they are mixed.")]
    return []
