"""What is worth knowing about a clip whatever its receiver, each with what is done and what else could be."""

from __future__ import annotations

from ...words import joined, phrase
from ..model import Clip, Facts, Measures
from ..model.units import db, format_bandwidth, format_hz
from .remedies import ask, unaccepted
from .rules.heard import of_sound
from .rules.whole import of_notes
from .verdict import Problem, Remedy

_DC = 0.01  # a hundredth of full scale; below that it is neither heard nor costs level


#: Words for the sides.
_SIDES = {"left": phrase("left"), "right": phrase("right")}


def findings(clip: Clip, facts: Facts, suspicion: Problem | None = None) -> list[Problem]:
    """Notes and problems of a clip, the gravest first. Pure.

    Parameters
    ----------
    suspicion : what the other recordings of its folder say about its rate.
    """
    head, sound = facts.header, facts.measures
    if head is None or sound is None or facts.error:
        return []
    found = unaccepted((*of_notes(facts), *of_sound(sound)), clip.touch_up)
    if clip.touch_up.true_rate is None and "false_rate" not in clip.touch_up.accepted:
        from .suspicion import pace_suspicion

        found += [problem for problem in (suspicion, pace_suspicion(clip, facts)) if problem][:1]
    order = {"cannot": 0, "decide": 1, "warning": 2, "note": 3}
    found.sort(key=lambda problem: order[problem.severity])
    found += _of_sides(clip, sound, head.channels)
    if abs(sound.dc_offset) > _DC:
        message = phrase(
            "It is off centre by {dc_offset:+.1f} % of full scale (DC offset), which wastes level.",
            dc_offset=sound.dc_offset * 100,
        )
        nothing = ask(phrase("Nothing is to be done: a receiver's treatment takes it away, and says so in the path."))
        found.append(Problem("dc_offset", "note", message, (nothing,)))
    if head.sample_rate >= 32_000 and 0 < (sound.bandwidth_hz or 0) < 4200:
        message = phrase(
            "It holds sound only up to {format_bandwidth}: a rate of {sample_rate} gives it no more than a telephone's.",
            format_bandwidth=format_bandwidth(sound.bandwidth_hz or 0.0),
            sample_rate=format_hz(head.sample_rate),
        )
        original = ask(phrase("Ask for the original, before it was made this narrow."))
        found.append(Problem("narrow_band", "note", message, (original,)))
    for note in facts.notes:
        if note.code in ("odd_size", "text_before"):
            found.append(Problem(note.code, "warning", note.message, (ask(note.remedy),)))
        elif note.code in ("video", "streams"):
            found.append(Problem(note.code, "note", note.message, (ask(note.remedy),) if note.remedy else ()))
    return found


def _otherwise(sound: Measures) -> str:
    """In what the second of two sides with the same sound differs from the first."""
    left, right = (db(sound.levels[name].rms) for name in ("left", "right"))
    parts = []
    if abs(sound.side_lag) > 2e-5:
        parts.append(
            phrase(
                "{side_lag:.2f} ms {later}",
                side_lag=abs(sound.side_lag) * 1000,
                later=phrase("later") if (sound.side_lag > 0) == (sound.sides == "left_leads") else phrase("earlier"),
            )
        )
    if abs(left - right) >= 1:
        parts.append(phrase("{left:.0f} dB softer", left=abs(left - right)))
    return joined(parts, phrase(" and ")) or phrase("partly upside down or later")


def _of_sides(clip: Clip, sound: Measures, channels: int) -> list[Problem]:
    sides = sound.sides
    chosen = clip.touch_up.side
    back = (Remedy("side_auto", phrase("Choose by what the sides hold"), touch_up={"side": "auto"}),)
    if chosen != "auto":
        sentence = phrase("channel {chosen}", chosen=chosen[2:]) if chosen.startswith("ch") else chosen
        return [Problem("side_chosen", "note", phrase("You chose: {detail}.", detail=sentence), back)]
    use_right = Remedy("use_right", phrase("Use the right side instead"), touch_up={"side": "right"})
    if sides == "inverted":
        message = phrase(
            "One side is the other turned upside down; mixed, they would cancel. Where one channel is wanted, the left side is taken."
        )
        return [Problem("inverted", "note", message, (use_right,))]
    if sides in ("left_only", "right_only"):
        full, silent = ("left", "right") if sides == "left_only" else ("right", "left")
        message = phrase(
            "Only the {full} side holds sound, the {silent} is silent or holds only noise. Where one channel is wanted, the {full} side is taken, at its full level.",
            full=_SIDES[full],
            silent=_SIDES[silent],
        )
        other = Remedy(
            f"use_{silent}",
            phrase("Use the {silent} side all the same", silent=_SIDES[silent]),
            touch_up={"side": silent},
        )
        return [Problem("one_sided", "note", message, (other,))]
    if sides in ("left_leads", "right_leads"):
        used, second = ("left", "right") if sides == "left_leads" else ("right", "left")
        message = phrase(
            "Both sides hold the same sound, the {second} one {otherwise}; mixed, they would partly cancel. Where one channel is wanted, the {used} side is taken.",
            second=_SIDES[second],
            otherwise=_otherwise(sound),
            used=_SIDES[used],
        )
        instead = Remedy(
            f"use_{second}", phrase("Use the {second} side instead", second=_SIDES[second]), touch_up={"side": second}
        )
        both = Remedy("use_mix", phrase("Mix both all the same"), touch_up={"side": "mix"})
        return [Problem("same_twice", "note", message, (instead, both))]
    return _of_different(channels) if sides == "different" else []


def _of_different(channels: int) -> list[Problem]:
    """Channels that hold different sound, of which one is taken."""
    if channels == 2:
        remedies: tuple[Remedy, ...] = (
            Remedy("use_left", phrase("Use the left side only"), touch_up={"side": "left"}),
            Remedy("use_right", phrase("Use the right side only"), touch_up={"side": "right"}),
        )
        return [
            Problem(
                "sides_differ",
                "note",
                phrase("The two sides differ; where one channel is taken they are mixed."),
                remedies,
            )
        ]
    message = phrase(
        "It has {channels} channels; where one is taken they are mixed after ITU-R BS.775.", channels=channels
    )
    names = ["left", "right", *(f"ch{n}" for n in range(3, channels + 1))]
    remedies = tuple(
        Remedy(f"use_{name}", phrase("Use channel {channel} only", channel=n), touch_up={"side": name})
        for n, name in enumerate(names, 1)
    )
    return [Problem("many_channels", "note", message, remedies)]
