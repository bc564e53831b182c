"""Too large, too long, too short: the exact seconds that fit, and only remedies that suffice."""

from __future__ import annotations

import dataclasses
from collections.abc import Mapping
from dataclasses import replace

from ...words import phrase
from ..codec import FORMATS
from ..model import Measures, Receiver, TouchUp
from ..model.stages import length_after
from ..model.units import format_bytes, format_kind, format_limit
from ..sound import played_length, resampled_length
from .problems import accept, ask
from .verdict import Problem, Recipe, Remedy

_CUT_FADE_S = 0.05
_SHORTEST_CUT_S = 0.1
EDGE_FADE_S = 0.005  # keeps an edge in the middle of room noise from clicking


def of_limits(
    touch: TouchUp, span: tuple[int, int | None], receiver: Receiver, recipe: Recipe, sound: Measures, before: int = 0
) -> list[Problem]:
    """Problems of a clip with the limits of a receiver. ``before`` is what the clips before it need of the memory, bytes."""
    limits, rate = receiver.rules.limits, recipe.rate_out
    if limits.total_bytes is not None and recipe.size > limits.total_bytes - before and recipe.exact_size is None:
        return [_no_room(receiver, recipe, before, 0)]
    keep, why, code = _most_frames(receiver, recipe, before)
    if code == "memory_full" and keep is not None and keep < 0.5 * rate:
        return [_no_room(receiver, recipe, before, keep)]
    if keep is not None and keep < max(_SHORTEST_CUT_S, limits.min_seconds) * rate:
        return [
            Problem(
                code,
                "cannot",
                phrase("{why} Nothing worth hearing fits.", why=why),
                (ask(phrase("Give the rules more room.")),),
            )
        ]
    if keep is not None:
        room = None if limits.total_bytes is None else max(0, limits.total_bytes - before)
        remedies = _remedies(touch, span, receiver, recipe, sound, keep, room)
        say = ask(phrase("Have it said in fewer words, or shorten the pauses."))
        # What loses words is never offered first.
        gentle = [remedy for remedy in remedies if not remedy.asks]
        losing = [remedy for remedy in remedies if remedy.asks]
        return [Problem(code, "decide", why, (*gentle, *losing, say) if gentle else (say, *losing))]
    if recipe.seconds < limits.min_seconds:
        why = phrase(
            "{seconds:.3f} s is under the least of {min_seconds:g} s.",
            seconds=recipe.seconds,
            min_seconds=limits.min_seconds,
        )
        return [Problem("too_short", "cannot", why, (ask(phrase("Add air, or a longer text.")),))]
    advised = limits.advised_seconds
    if advised is not None and recipe.frames_out > advised * rate and "longer_than_advised" not in touch.accepted:
        why = phrase(
            "{seconds:.2f} s is more than the {advised:g} s that are advised, though within the limit.",
            seconds=recipe.seconds,
            advised=advised,
        )
        remedies = _remedies(touch, span, receiver, recipe, sound, int(advised * rate))
        remedies = [r for r in remedies if r.code != "cut_to_length"]
        fine = accept("longer_than_advised", phrase("It may be longer"))
        return [Problem("longer_than_advised", "warning", why, (*remedies, fine))]
    return []


def _no_room(receiver: Receiver, recipe: Recipe, before: int, keep: int) -> Problem:
    total = receiver.rules.limits.total_bytes or 0
    why = phrase(
        "The memory of {name} ({total}) is full: the clips before it need {before}, this one needs {size}.",
        name=receiver.name,
        total=format_bytes(total),
        before=format_bytes(before),
        size=format_bytes(recipe.size),
    )
    return Problem("memory_full", "cannot", why, (ask(phrase("Remove or shorten clips that come before it.")),))


def _most_frames(receiver: Receiver, recipe: Recipe, before: int) -> tuple[int | None, str, str]:
    """The most frames that fit, where this is over a limit, with the sentence and the code for it."""
    limits, rate = receiver.rules.limits, recipe.rate_out
    seconds, size = recipe.seconds, recipe.exact_size
    fits: list[int] = []
    why = code = ""
    largest = min((n for n in (limits.max_bytes, recipe.format.max_bytes) if n is not None), default=None)
    if largest is not None and size is not None and size > largest:
        within = recipe.frames_within(largest) or 0
        fits.append(within)
        code = "too_large"
        why = phrase(
            "{size} is over the limit ({largest}); exactly {within:.3f} s fit, it has {seconds:.3f} s.",
            size=format_bytes(size),
            largest=format_limit(largest),
            within=within / rate,
            seconds=seconds,
        )
    room = None if limits.total_bytes is None else max(0, limits.total_bytes - before)
    if room is not None and size is not None and size > room:
        within = recipe.frames_within(room) or 0
        fits.append(within)
        code = code or "memory_full"
        why = why or (
            phrase(
                "The memory of {name} has {room} left for it, of {total_bytes}; it needs {size}. Exactly {within:.3f} s fit.",
                name=receiver.name,
                room=format_bytes(room),
                total_bytes=format_bytes(limits.total_bytes),
                size=format_bytes(size),
                within=within / rate,
            )
        )
    if limits.max_seconds is not None and seconds > limits.max_seconds:
        fits.append(int(limits.max_seconds * rate))
        code = code or "too_long"
        why = why or phrase(
            "{seconds:.3f} s is over the limit of {max_seconds:g} s.", seconds=seconds, max_seconds=limits.max_seconds
        )
    return (min(fits) if fits else None), why, code


def _remedies(
    touch: TouchUp,
    span: tuple[int, int | None],
    receiver: Receiver,
    recipe: Recipe,
    sound: Measures,
    keep: int,
    room: int | None = None,
) -> list[Remedy]:
    """Everything that brings the clip down to ``keep`` frames of the output, the gentlest first."""
    rate, found = recipe.rate_out, []
    start = span[0]
    # What is left out inside does not move the ends.
    spanned = dataclasses.replace(recipe, frames_in=recipe.frames_in + recipe.left_out)
    begin, end = _trimmed(start, spanned, sound, receiver.treatment.air_seconds)
    trim = {
        "skip": touch.skip + begin - start,
        "keep": end - begin,
        "fade_in": EDGE_FADE_S if begin > start else touch.fade_in,
        "fade_out": EDGE_FADE_S if end < start + spanned.frames_in else touch.fade_out,
    }
    saved = (spanned.frames_in - (end - begin)) / recipe.rate_in
    trimmed = _length(end - begin, recipe, touch.speed)
    most = 1 + receiver.treatment.max_speed_up
    if trimmed <= keep:
        found.append(
            _here(
                "trim_air",
                phrase("Trim the air at its ends"),
                phrase("{saved:.2f} s less: {trimmed:.2f} s", saved=saved, trimmed=trimmed / rate),
                trim,
            )
        )
    speed = _speed_for(recipe.frames_in, recipe, keep, touch.speed)
    if speed <= most:
        told = phrase("{keep:.2f} s, pitch unchanged", keep=keep / rate)
        found.append(
            _here(
                "speed_up",
                phrase("Speed it up by {speed:.1f} %", speed=(speed / touch.speed - 1) * 100),
                told,
                {"speed": speed},
            )
        )
    elif trimmed > keep and (both := _speed_for(end - begin, recipe, keep, touch.speed)) <= most:
        what = phrase("Trim the air and speed it up by {both:.1f} %", both=(both / touch.speed - 1) * 100)
        found.append(
            _here(
                "trim_and_speed_up",
                what,
                phrase("{keep:.2f} s, pitch unchanged", keep=keep / rate),
                {**trim, "speed": both},
            )
        )
    found += _other_forms(receiver, recipe, room)
    kept = _frames_for(keep, recipe, touch.speed)
    lost = recipe.frames_out / rate - keep / rate
    cut = {"fade_out": _CUT_FADE_S, "keep": kept, "skip": touch.skip}
    found.append(
        replace(
            _here(
                "cut_to_length",
                phrase("Cut it to {keep:.2f} s with a short fade", keep=keep / rate),
                phrase("loses the last {lost:.2f} s", lost=lost),
                cut,
            ),
            asks=True,
        )
    )
    return found


def _here(code: str, what: str, result: str, touch_up: Mapping[str, object]) -> Remedy:
    return Remedy(code, what, result, touch_up=touch_up, here_only=True)


def _length(frames_in: int, recipe: Recipe, speed: float) -> int:
    played = played_length(frames_in, recipe.rate_in, recipe.rate_out, speed, recipe.pitch)
    return length_after(recipe.more, played, recipe.rate_out) + recipe.lead - recipe.loop


def _whole(frames_in: int, recipe: Recipe) -> int:
    """Frames of the output's rate that so many frames of the source come to at their own speed."""
    return resampled_length(frames_in, recipe.rate_in, recipe.rate_out)


def _speed_for(frames_in: int, recipe: Recipe, keep: int, now: float) -> float:
    """The least speed, in steps of a thousandth, at which no more than ``keep`` frames come out."""
    speed = max(now, round(_whole(frames_in, recipe) / max(1, keep - recipe.lead + recipe.loop), 3))
    while _length(frames_in, recipe, speed) > keep and speed < 4:
        speed = round(speed + 0.001, 3)
    return speed


def _frames_for(keep: int, recipe: Recipe, speed: float) -> int:
    """The most source frames from which no more than ``keep`` come out."""
    frames = min(
        recipe.frames_in, int((keep - recipe.lead + recipe.loop) * recipe.rate_in / recipe.rate_out * speed) + 2
    )
    while frames > 0 and _length(frames, recipe, speed) > keep:
        frames -= 1
    return frames


def _trimmed(start: int, recipe: Recipe, sound: Measures, air: float) -> tuple[int, int]:
    """Source frames from a little before the first sound to a little after the last."""
    stop = start + recipe.frames_in
    first, last = sound.speech_span(start, stop)
    margin = round(air * recipe.rate_in)
    begin, end = max(start, first - margin), min(stop, last + margin)
    return (begin, end) if begin < end else (start, stop)


def _other_forms(receiver: Receiver, recipe: Recipe, room: int | None) -> list[Remedy]:
    """Other encodings that the receiver takes as well, and in which all of it fits. ``room`` is what is left of the memory."""
    found = []
    largest = min((n for n in (receiver.rules.limits.max_bytes, room) if n is not None), default=None)
    for accepted in receiver.rules.accepts:
        form = FORMATS.get((accepted.container, accepted.encoding))
        if form is None or form.key == recipe.format.key or largest is None or not form.is_there():
            continue
        rate = accepted.rate_for(recipe.rate_in)
        frames = resampled_length(round(recipe.frames_in / recipe.speed), recipe.rate_in, rate)
        frames += round(receiver.treatment.lead_seconds * rate)
        other = replace(
            recipe,
            format=form,
            rate_out=rate,
            frames_out=frames,
            bit_rate=accepted.bit_rate,
            variable=accepted.variable and form.variable,
            loop=0,
        )
        size = other.exact_size
        seconds = receiver.rules.limits.max_seconds
        if (
            form.takes_rate(rate)
            and size is not None
            and size <= largest
            and (seconds is None or other.seconds <= seconds)
        ):
            name = format_kind(form.container, form.encoding)
            key = f"{form.container}/{form.encoding}"
            found.append(
                _here("other_encoding", phrase("Make {name} of it", name=name), format_bytes(size), {"form": key})
            )
    return found
