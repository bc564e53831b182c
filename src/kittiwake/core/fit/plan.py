"""Plan a clip for a receiver: from facts to a verdict and a path."""

from __future__ import annotations

import dataclasses
import math
from typing import Literal

from ..codec import Format, find_format
from ..model import Clip, Facts, Header, Measures, Receiver, SignalLevel, TouchUp
from ..model.facts import Signal
from ..model.receiver import Accepts
from ..model.units import db, format_bytes, format_db, format_hz, format_kind, format_seconds, ratio
from ..sound import choose_gain, resampled_length
from ..sound.sides import Take
from . import problems as check
from .limits import of_limits
from .verdict import Fit, Problem, Recipe, Remedy, Step, Verdict

__all__ = ["Fit", "Problem", "Recipe", "Remedy", "Step", "Verdict", "fit"]

_RATES = (1000, 768_000)
_DC = 0.001  # of full scale; less is neither heard nor costs level
_WHY_SIDE: dict[tuple[str, Signal], str] = {
    ("identical", "left"): "both sides hold the same",
    ("left_only", "left"): "the right side is silent; mixing would lose 6 dB",
    ("right_only", "right"): "the left side is silent; mixing would lose 6 dB",
    ("inverted", "left"): "one side is the other turned upside down; mixed, they would cancel",
    ("different", "mix"): "the sides differ, and both count",
}


def fit(clip: Clip, facts: Facts, receiver: Receiver) -> Fit:
    """How a clip fits a receiver, what would be done to it, and how large and long the output would be.

    Pure: the same arguments give the same fit.

    Raises
    ------
    RulesError : the receiver accepts only formats that cannot be written.
    """
    header, sound = facts.header, facts.measures
    if facts.error or header is None or sound is None:
        return Fit("cannot", problems=(check.unreadable(facts),) if facts.error else ())
    touch = clip.touch_up_at(receiver.slug)
    span = clip.span_at(receiver.slug, sound.frames)
    rate_in = touch.true_rate or header.sample_rate
    if not _RATES[0] <= rate_in <= _RATES[1]:
        problem = Problem(
            "absurd_rate",
            "cannot",
            f"A sample rate of {rate_in:,} Hz cannot be.",
            (check.ask("State the true rate of this clip."),),
        )
        return Fit("cannot", problems=(problem,))
    frames_in = min(sound.frames, sound.frames if span[1] is None else span[1]) - span[0]
    if frames_in <= 0:
        problem = Problem("empty", "cannot", "Nothing is left of this clip.", (check.ask("Make its span longer."),))
        return Fit("cannot", problems=(problem,))

    accepted, target = _target(header, rate_in, receiver, touch.form)
    take, level = _side(touch, sound, receiver)
    illegal = check.of_format(receiver, accepted, target, accepted.rate_for(rate_in))
    if illegal:
        return Fit("cannot", problems=(illegal,))
    recipe = _recipe(touch, span, header, receiver, accepted, target, take, rate_in, frames_in, sound.dc_offset)
    if not recipe.frames_out:
        problem = Problem(
            "empty", "cannot", "It is too short to leave anything.", (check.ask("Make its span longer."),)
        )
        return Fit("cannot", problems=(problem,))
    exact = target.depth is not None or target.encoding in ("ulaw", "alaw", "pcm_f32")
    if not exact and recipe.frames_out - recipe.lead < 0.02 * recipe.rate_out:
        told = f"{1000 * frames_in / rate_in:.1f} ms are too short for {target.name}, which works in lots of about 20 ms."
        return Fit("cannot", problems=(Problem("too_short", "cannot", told, (check.ask("Make its span longer."),)),))
    gain, asked = _predicted_gain(level, recipe)
    size = recipe.exact_size

    found = check.of_source(touch, facts, sound)
    found += of_limits(touch, span, receiver, recipe, sound)
    found += check.of_level(touch, level.active_dbov, db(level.peak), asked, recipe)
    found += check.of_bandwidth(touch, sound, receiver, rate_in)

    if _fits_as_is(clip, touch, facts, header, sound, receiver, recipe, level) and not any(
        problem.severity != "warning" for problem in found
    ):
        return _as_is(header, sound, receiver, recipe, found)
    verdict: Verdict = "convert"
    for problem in found:
        if problem.severity == "cannot":
            verdict = "cannot"
        elif problem.severity == "decide" and verdict != "cannot":
            verdict = "decide"
    return Fit(
        verdict=verdict,
        steps=tuple(_steps(touch, header, sound, receiver, recipe, gain, level)),
        problems=tuple(found),
        predicted_bytes=recipe.size,
        predicted_seconds=recipe.seconds,
        predicted_exact=size is not None,
        recipe=recipe,
    )


def _target(header: Header, rate_in: int, receiver: Receiver, form: str) -> tuple[Accepts, Format]:
    """What to write: what was chosen; else what the file already is, if that is taken; else what is named first."""
    for accepted in receiver.rules.accepts:
        if form == f"{accepted.container}/{accepted.encoding}":
            return accepted, find_format(accepted.container, accepted.encoding)
    for accepted in receiver.rules.accepts:
        same = (accepted.container, accepted.encoding) == (header.container, header.encoding)
        if same and accepted.takes_rate(rate_in) and header.channels == receiver.rules.channels_for(header.channels):
            return accepted, find_format(accepted.container, accepted.encoding)
    first = receiver.rules.accepts[0]
    return first, find_format(first.container, first.encoding)


def _side(touch: TouchUp, sound: Measures, receiver: Receiver) -> tuple[Take, SignalLevel]:
    """Which signal to take, and its level."""
    if sound.sides == "mono":
        return "mono", sound.level
    if receiver.rules.channels != 1:
        return "both", sound.stereo_level
    side: Signal = sound.signal if touch.side == "auto" else touch.side
    return side, sound.levels[side]


def _recipe(
    touch: TouchUp,
    span: tuple[int, int | None],
    header: Header,
    receiver: Receiver,
    accepted: Accepts,
    target: Format,
    take: Take,
    rate_in: int,
    frames_in: int,
    dc_offset: float,
) -> Recipe:
    treatment = receiver.treatment
    rate_out = accepted.rate_for(rate_in)
    fade = round(touch.fade_out * rate_out)
    fade_in = round(touch.fade_in * rate_out)
    lead = round(treatment.lead_seconds * rate_out)
    frames_out = resampled_length(round(frames_in / touch.speed), rate_in, rate_out)
    frames_out += lead if frames_out else 0
    low, high = treatment.high_pass_hz, None
    if treatment.band == "telephone":
        low, high = max(300.0, low or 0.0), 3400.0 if rate_out > 6800 else None
    offset = dc_offset if treatment.remove_dc and abs(dc_offset) > _DC else 0.0
    dither: Literal["never", "always", "if_scaled"] = "never"
    if treatment.dither != "none" and target.depth:
        deeper = (header.bits or 32) > target.depth or header.encoding.startswith("pcm_f")
        worked = (
            rate_in != rate_out
            or take == "mix"
            or fade + fade_in > 0
            or touch.speed != 1
            or bool(low or high or offset)
        )
        dither = "always" if deeper or worked else "if_scaled"
    return Recipe(
        format=target,
        copy=False,
        start=span[0],
        stop=span[1],
        take=take,
        channels=receiver.rules.channels_for(header.channels),
        rate_in=rate_in,
        rate_out=rate_out,
        frames_in=frames_in,
        frames_out=frames_out,
        level=treatment.level.measure,
        target_db=treatment.level.target,
        gain_db=touch.gain_db,
        ceiling=min(ratio(treatment.ceiling_dbfs), target.safe_peak),
        dither=dither,
        fade_in=min(fade_in, frames_out),
        fade_out=min(fade, frames_out),
        speed=touch.speed,
        dc_offset=offset,
        low_cut=low,
        high_cut=high,
        lead=lead,
        bit_rate=accepted.bit_rate or target.default_bit_rate,
    )


def _predicted_gain(level: SignalLevel, recipe: Recipe) -> tuple[float, float]:
    """Gain after the ceiling, and the gain that the level alone asks for, dB."""
    asked = recipe.gain_db
    if recipe.level == "active" and math.isfinite(level.active_dbov):
        asked += recipe.target_db - level.active_dbov
    elif recipe.level == "peak" and level.peak > 0:
        asked += recipe.target_db - db(level.peak)
    elif recipe.level == "loudness":
        # Loudness is measured only on the way; until then speech level stands for it, a few tenths of a dB away.
        asked += recipe.target_db - level.active_dbov if math.isfinite(level.active_dbov) else 0.0
    elif asked == 0:
        return 0.0, 0.0
    return choose_gain(asked, level.peak, recipe.ceiling).db, asked


def _fits_as_is(
    clip: Clip,
    touch: TouchUp,
    facts: Facts,
    header: Header,
    sound: Measures,
    receiver: Receiver,
    recipe: Recipe,
    level: SignalLevel,
) -> bool:
    if clip.start or clip.stop is not None or touch.changed(accepted=()) != TouchUp():
        return False
    if any(note.code in ("truncated", "damaged", "not_numbers", "video", "streams") for note in facts.notes):
        return False
    same = (header.container, header.encoding) == recipe.format.key and header.sample_rate == recipe.rate_out
    if not same or header.channels != recipe.channels:
        return False
    largest = receiver.rules.limits.max_bytes
    if largest is not None and header.bytes > largest:
        return False
    if receiver.treatment.level.measure == "loudness" or recipe.lead or recipe.low_cut or recipe.high_cut:
        return False  # only known, or only done, on the way
    return level_is_right(receiver, level.active_dbov, db(level.peak), recipe.ceiling)


def level_is_right(
    receiver: Receiver,
    active_dbov: float,
    peak_dbfs: float,
    ceiling: float,
    extra_db: float = 0.0,
    slack_db: float = 0.0,
) -> bool:
    """Whether a level needs no change: within tolerance, or as near to it as the peaks allow.

    ``extra_db`` is what a person wants on top of the receiver's target; ``slack_db`` widens the tolerance for codecs that do
    not keep a level to the tenth of a dB.
    """
    wanted = receiver.treatment.level
    if wanted.measure == "leave":
        return True
    off = {"peak": peak_dbfs}.get(wanted.measure, active_dbov) - wanted.target - extra_db
    tolerance = wanted.tolerance_db + slack_db
    if not math.isfinite(off) or abs(off) <= tolerance:
        return True
    # Too quiet, but raising it to the edge of the tolerance would push peaks over the ceiling.
    return off < 0 and peak_dbfs - off - tolerance > db(ceiling)


def _as_is(header: Header, sound: Measures, receiver: Receiver, recipe: Recipe, found: list[Problem]) -> Fit:
    step = Step(
        f"Copy it bit for bit: {recipe.format.name}, {format_hz(header.sample_rate)}, {format_bytes(header.bytes)}",
        f"it is already what {receiver.name} takes",
    )
    return Fit(
        "as_is",
        (step,),
        tuple(found),
        header.bytes,
        sound.frames / header.sample_rate,
        True,
        _as_copy(recipe, sound.frames),
    )


def _as_copy(recipe: Recipe, frames: int) -> Recipe:
    return dataclasses.replace(recipe, copy=True, level="leave", dither="never", lead=0, frames_out=frames)


def _steps(
    touch: TouchUp,
    header: Header,
    sound: Measures,
    receiver: Receiver,
    recipe: Recipe,
    gain: float,
    level: SignalLevel,
) -> list[Step]:
    """The path in words and numbers, in the order in which it is walked."""
    name = receiver.name
    steps = [
        Step(
            f"Read {format_kind(header.container, header.encoding)}, {format_hz(header.sample_rate)}, {header.channels} ch",
            f"{format_seconds(sound.frames / header.sample_rate)}, {format_bytes(header.bytes)}",
        )
    ]
    if recipe.rate_in != header.sample_rate:
        share = header.sample_rate / recipe.rate_in
        change = f"{(share - 1) * 100:+.2f} % in length, {-12 * math.log2(share):+.2f} semitones"
        steps.append(
            Step(
                f"Take {format_hz(recipe.rate_in)} for the true rate",
                f"stated by you; {change.replace('-', '−')}",
            )
        )
    if recipe.start or recipe.stop is not None:
        begin = recipe.start / recipe.rate_in
        steps.append(
            Step(
                f"Keep {format_seconds(begin)} to {format_seconds(begin + recipe.frames_in / recipe.rate_in)}",
                "the span of this clip",
            )
        )
    if recipe.take not in ("mono", "both"):
        what = "Mix both sides" if recipe.take == "mix" else f"Use the {recipe.take} side"
        if recipe.take == "mix" and header.channels > 2:
            what = f"Mix {header.channels} channels down after ITU-R BS.775"
        if touch.side != "auto":
            reason = "chosen by you"
        elif header.channels > 2:
            reason = f"{name} takes one channel, this has {header.channels}"
        else:
            reason = _WHY_SIDE.get((sound.sides, recipe.take), f"{name} takes one channel")  # type: ignore[arg-type]
        steps.append(Step(what, reason))
    if recipe.speed != 1:
        change = f"{(recipe.speed - 1) * 100:+.1f} % in speed".replace("-", "−")
        steps.append(Step(f"Speak it {recipe.speed:.3f} times as fast", f"{change}, pitch unchanged; chosen by you"))
    if recipe.rate_in != recipe.rate_out:
        steps.append(
            Step(
                f"Resample {format_hz(recipe.rate_in)} → {format_hz(recipe.rate_out)}",
                f"{name} takes {_rates(receiver)}; {round(recipe.frames_in / recipe.speed):,} → {recipe.frames_out:,} frames",
            )
        )
    if recipe.dc_offset:
        offset = f"{recipe.dc_offset * 100:+.1f} %".replace("-", "−")
        steps.append(Step(f"Take away a DC offset of {offset}", "it is not heard and costs level"))
    if recipe.low_cut or recipe.high_cut:
        edges = f"{format_hz(recipe.low_cut or 0)} to {format_hz(recipe.high_cut or recipe.rate_out / 2)}"
        steps.append(Step(f"Keep the band from {edges}", f"{name} asks for it; linear phase, no shift in time"))
    steps.append(_level_step(receiver, recipe, gain, level))
    if recipe.lead:
        steps.append(
            Step(f"Put {recipe.lead / recipe.rate_out:.2f} s of silence first", f"{name} needs a moment to listen")
        )
    if recipe.fade_in:
        steps.append(Step(f"Fade in over {1000 * recipe.fade_in / recipe.rate_out:.0f} ms", "the start is a cut"))
    if recipe.fade_out:
        steps.append(Step(f"Fade out over {1000 * recipe.fade_out / recipe.rate_out:.0f} ms", "the end is a cut"))
    form = recipe.format
    if form.encoding in ("ulaw", "alaw"):
        law = format_kind("", form.encoding).strip(", ")
        steps.append(Step(f"Encode as {law}, nearest code", f"{name} takes {law}; its 256 steps grow with the level"))
    elif form.depth is None:
        steps.append(Step(f"Encode as {form.name}", _why_codec(recipe, name)))
    elif recipe.dither == "always":
        steps.append(Step(f"Round to {form.depth} bits with TPDF dither", "finer steps than that arise on the way"))
    elif recipe.dither == "if_scaled" and gain:
        steps.append(Step(f"Round to {form.depth} bits with TPDF dither", "the gain makes finer steps"))
    exact = recipe.exact_size
    told = f"exactly {format_bytes(exact)}" if exact else f"about {format_bytes(recipe.size)}"
    sides = "mono" if recipe.channels == 1 else "stereo"
    steps.append(Step(f"Write {form.name}, {format_hz(recipe.rate_out)}, {sides}", f"{told}, {recipe.seconds:.3f} s"))
    return steps


def _why_codec(recipe: Recipe, name: str) -> str:
    form = recipe.format
    parts = [f"{name} takes it"]
    if recipe.bit_rate:
        parts.append(f"{recipe.bit_rate / 1000:g} kbit/s")
    if form.delay:
        parts.append(f"it comes out {1000 * form.delay / recipe.rate_out:.1f} ms later")
    if recipe.decoded_frames != recipe.frames_out:
        more = recipe.decoded_frames - recipe.frames_out
        parts.append(f"the last {1000 * more / recipe.rate_out:.0f} ms fill up its last lot")
    return ", ".join(parts)


def _level_step(receiver: Receiver, recipe: Recipe, gain: float, level: SignalLevel) -> Step:
    now = format_db(level.active_dbov, "dBov")
    ceiling = format_db(db(recipe.ceiling))
    if recipe.level == "leave":
        if gain:
            return Step(f"Change the level by {gain:+.1f} dB".replace("-", "−"), "set by you")
        return Step(
            "Leave the level",
            f"{receiver.name} asks for none; peaks that come out over {ceiling} are brought down by exactly what is needed",
        )
    if not math.isfinite(level.active_dbov):
        return Step("Leave the level", "no speech was found to measure")
    target = format_db(recipe.target_db + recipe.gain_db, receiver.treatment.level.unit)
    if recipe.level == "loudness":
        return Step(
            f"Bring it to {target} loudness", f"ITU-R BS.1770, measured after resampling; no peak over {ceiling}"
        )
    verb = "Raise" if gain >= 0 else "Lower"
    if recipe.level == "peak":
        return Step(f"{verb} by about {abs(gain):.1f} dB to a peak of {target}", "measured again after resampling")
    return Step(
        f"{verb} by about {abs(gain):.1f} dB to {target} active speech level",
        f"it is at {now} (ITU-T P.56); measured again after resampling, no peak over {ceiling}",
    )


def _rates(receiver: Receiver) -> str:
    first = receiver.rules.accepts[0]
    if first.sample_rates:
        return ", ".join(format_hz(rate) for rate in first.sample_rates)
    return f"at most {format_hz(first.max_sample_rate)}"
