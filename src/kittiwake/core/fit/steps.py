"""The path in words and numbers, in the order in which it is walked."""

from __future__ import annotations

import math

from ..model import Header, Measures, Receiver, SignalLevel, TouchUp
from ..model.facts import Signal
from ..model.stages import STAGES
from ..model.units import db, format_bytes, format_db, format_hz, format_kind, format_seconds
from ..sound.filter import PRESENCE_HZ
from ..sound.sides import channel_of
from .verdict import Recipe, Step

_WHY_SIDE: dict[tuple[str, Signal], str] = {
    ("identical", "left"): "both sides hold the same",
    ("left_only", "left"): "the right side is silent; mixing would lose 6 dB",
    ("right_only", "right"): "the left side is silent; mixing would lose 6 dB",
    ("inverted", "left"): "one side is the other turned upside down; mixed, they would cancel",
    (
        "left_leads",
        "left",
    ): "both sides hold the same, the right softer, later or partly upside down; mixed, they would partly cancel",
    (
        "right_leads",
        "right",
    ): "both sides hold the same, the left softer, later or partly upside down; mixed, they would partly cancel",
    ("different", "mix"): "the sides differ, and both count",
}


def steps_of(
    touch: TouchUp,
    header: Header,
    sound: Measures,
    receiver: Receiver,
    recipe: Recipe,
    gain: float,
    level: SignalLevel,
) -> list[Step]:
    """Every step of a recipe. ``gain`` (dB) is the one that is to be expected."""
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
                f"Keep {format_seconds(begin)} to "
                f"{format_seconds(begin + (recipe.frames_in + recipe.left_out) / recipe.rate_in)}",
                "its air is trimmed; nothing of the voice is cut" if recipe.trimmed else "the span of this clip",
            )
        )
    if recipe.take not in ("mono", "both"):
        what = "Mix both sides" if recipe.take == "mix" else f"Use the {recipe.take} side"
        if recipe.take.startswith("ch") or (header.channels > 2 and recipe.take != "mix"):
            what = f"Use channel {(channel_of(recipe.take) or 0) + 1} of {header.channels}"
        if recipe.take == "mix" and header.channels > 2:
            what = f"Mix {header.channels} channels down after ITU-R BS.775"
        if touch.side != "auto":
            reason = "chosen by you"
        elif receiver.treatment.side != "auto":
            reason = f"{name} asks for it"
        elif header.channels > 2:
            reason = f"{name} takes one channel, this has {header.channels}"
        else:
            reason = _WHY_SIDE.get((sound.sides, recipe.take), f"{name} takes one channel")
        steps.append(Step(what, reason))
    for first, last in recipe.without:
        told = f"Leave out {format_seconds(first / recipe.rate_in)} to {format_seconds(last / recipe.rate_in)}"
        steps.append(Step(told, "chosen by you; what lies before and after is blended over 10 ms"))
    if recipe.pitch:
        told = f"Make it {abs(recipe.pitch):g} semitones {'higher' if recipe.pitch > 0 else 'lower'}"
        steps.append(Step(told, "length unchanged; chosen by you"))
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
    if recipe.dc_offsets:
        offset = f"{max(recipe.dc_offsets, key=abs) * 100:+.1f} %".replace("-", "−")
        steps.append(Step(f"Take away a DC offset of {offset}", "it is not heard and costs level"))
    if recipe.low_cut or recipe.high_cut:
        edges = f"{format_hz(recipe.low_cut or 0)} to {format_hz(recipe.high_cut or recipe.rate_out / 2)}"
        own = touch.low_cut and touch.low_cut == recipe.low_cut
        why = "the low end is chosen by you" if own else f"{name} asks for it"
        steps.append(Step(f"Keep the band from {edges}", f"{why}; linear phase, no shift in time"))
    if recipe.presence_db:
        told = f"Lift {format_hz(PRESENCE_HZ)} by {recipe.presence_db:.1f} dB"
        steps.append(Step(told, f"{name} asks for it: consonants carry better"))
    steps += [Step(*STAGES[key].describe(value)) for key, value in recipe.more]
    steps.append(_level_step(receiver, recipe, gain, level))
    if recipe.limiter_db:
        told = f"Hold single peaks down by up to {recipe.limiter_db:g} dB"
        steps.append(Step(told, f"{name} allows it for the sake of the level; it looks 5 ms ahead"))
    if recipe.loop:
        told = f"Blend the last {recipe.loop / recipe.rate_out:.2f} s into the start"
        steps.append(Step(told, "it repeats without a gap or a click"))
    elif receiver.treatment.loop_seconds:
        told = f"it is too short for {receiver.treatment.loop_seconds:g} s of its end to go into its start"
        steps.append(Step("Leave the ends as they are", told))
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
    elif recipe.dither == "always" or (recipe.dither == "if_scaled" and gain):
        kind = "noise-shaped" if recipe.dither_kind == "shaped" else "TPDF"
        why = "finer steps than that arise on the way" if recipe.dither == "always" else "the gain makes finer steps"
        steps.append(Step(f"Round to {form.depth} bits with {kind} dither", why))
    exact = recipe.exact_size
    told = f"exactly {format_bytes(exact)}" if exact else f"about {format_bytes(recipe.size)}"
    sides = "mono" if recipe.channels == 1 else "stereo"
    if recipe.cues:
        many = f"{len(recipe.cues)} cue points" if len(recipe.cues) > 1 else "a cue point"
        names = ", ".join(cue.name for cue in recipe.cues[:3]) + (" …" if len(recipe.cues) > 3 else "")
        steps.append(Step(f"Write {many} with name and length", f"{name} asks for spans in the file: {names}"))
    steps.append(Step(f"Write {form.name}, {format_hz(recipe.rate_out)}, {sides}", f"{told}, {recipe.seconds:.3f} s"))
    return steps


def _why_codec(recipe: Recipe, name: str) -> str:
    form = recipe.format
    parts = [f"{name} takes it"]
    if recipe.bit_rate:
        parts.append(f"{'about ' if recipe.variable else ''}{recipe.bit_rate / 1000:g} kbit/s")
    if form.delay:
        parts.append(f"it comes out {1000 * form.delay / recipe.rate_out:.1f} ms later")
    if recipe.decoded_frames != recipe.frames_out:
        more = recipe.decoded_frames - recipe.frames_out
        parts.append(f"the last {1000 * more / recipe.rate_out:.0f} ms fill up its last lot")
    return ", ".join(parts)


def _level_step(receiver: Receiver, recipe: Recipe, gain: float, level: SignalLevel) -> Step:
    now = format_db(level.active_dbov, "dBov")
    ceiling = format_db(db(recipe.ceiling))
    if receiver.treatment.level.together and recipe.level == "leave":
        told = f"Change the level by {gain:+.1f} dB".replace("-", "−") if gain else "Leave the level"
        return Step(told, "one gain for the whole set, which keeps soft clips softer than loud ones")
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
