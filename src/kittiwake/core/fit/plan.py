"""Plan a clip for a receiver: from facts to a verdict and a path."""

from __future__ import annotations

import dataclasses
import math

from ...plain_data import dataclass
from ...words import phrase
from ..codec import Format, find_format
from ..codec.cues import Cue
from ..model import Clip, Facts, Header, Measures, Receiver, SignalLevel, TouchUp
from ..model.facts import NotMeasuredError, Signal
from ..model.receiver import Accepts
from ..model.stages import STAGES, length_after
from ..model.units import RATES, db, format_headerless, format_hz, ratio
from ..model.untreated import receiver_for
from ..sound import choose_gain, played_length
from ..sound.leave_out import BLEND_S, tidy_stretches
from ..sound.sides import ChannelSelection, channel_of
from .as_is import as_is, fits_as_is
from .batch_context import BatchContext, level_of_set
from .path import Described, Touch, steps_of, touches
from .planning_context import PlanningContext
from .remedies import ask
from .remedies.lengths import EDGE_FADE_S
from .rules import problems_of
from .rules.form import illegal_wish, not_there
from .rules.name import renamed
from .rules.offset import SHORTEST_FOR_DC
from .verdict import Fit, Problem, Recipe, Remedy, Step, Verdict

__all__ = ["Fit", "Problem", "Recipe", "Remedy", "Step", "Verdict", "fit"]

_WORTH_TRIMMING_S = 0.02
_DC = 0.001  # of full scale; less is neither heard nor costs level, but where the sound itself is soft and will be raised
_DC_OF_RMS = 0.05
_SILENT_CHANNEL_DB = (
    -50.0
)  # below the loudest channel of many; what is softer is no more than the noise of an input without anything at it
_LEAST_LOSSY_S = 0.02  # s; nearly a frame of the codecs that work in frames


def fit(clip: Clip, facts: Facts, receiver: Receiver, context: BatchContext | None = None) -> Fit:
    """How a clip fits a receiver, what would be done to it, and how large and long the output would be.

    Pure: the same arguments give the same fit, but for the warning that rights have run out, which depends on the day.

    Parameters
    ----------
    context : what the clip shares with the others that go to the receiver, where it shares anything; by default it is alone.

    Raises
    ------
    RulesError : the receiver accepts only formats that cannot be written.
    """
    if not clip.is_for(receiver.slug):
        return Fit("left_out")
    header, sound = facts.header, facts.measures
    if facts.error or header is None or sound is None:
        why = (_unreadable(facts),) if facts.error else ()
        return Fit("decide" if any(one.severity == "decide" for one in why) else "cannot", problems=why)
    touch, span = clip.touch_up_at(receiver.slug), clip.span_at(receiver.slug, sound.frames)
    receiver = receiver_for(receiver, touch)
    rate_in = touch.true_rate or header.sample_rate
    if (impossible := _impossible(touch, span, rate_in, sound)) is not None:
        return Fit("cannot", problems=(impossible,))
    path = _way(touch, span, header, receiver, sound, rate_in)
    if isinstance(path, Problem):
        return Fit("cannot", problems=(path,))
    touch = path.touch
    recipe = _shared(_recipe(path, header, receiver, sound), path, clip, receiver, context)
    if (impossible := _too_short(recipe)) is not None:
        return Fit("cannot", problems=(impossible,))
    gain, wanted = _predicted_gain(path.level, recipe)
    called = renamed(clip, receiver)
    before = context.taken.get(clip.id, 0) if context else 0
    found = problems_of(
        PlanningContext(clip, facts, receiver, recipe, path.touch, path.span, path.level, gain, wanted, before)
    )
    if fits_as_is(clip, touch, facts, header, receiver, recipe, path.level, gain) and not any(
        problem.severity != "warning" for problem in found
    ):
        return as_is(header, sound, receiver, recipe, found)
    return Fit(
        verdict=_verdict(found),
        steps=steps_of(recipe, Described(touch, header, sound, receiver, gain, path.level, called)),
        problems=tuple(found),
        predicted_bytes=recipe.size,
        predicted_seconds=recipe.seconds,
        predicted_exact=recipe.exact_size is not None,
        recipe=recipe,
    )


@dataclass(frozen=True, slots=True)
class _Way:
    """What was settled before there is a recipe. ``touch`` and ``span`` (frames of the source) are as trimming left them."""

    touch: TouchUp
    span: tuple[int, int | None]
    trimmed: bool
    rate_in: int
    frames_in: int
    accepted: Accepts
    target: Format
    take: ChannelSelection
    level: SignalLevel


def _unreadable(facts: Facts) -> Problem:
    """For a source that cannot be read at all."""
    assert facts.error is not None
    advice = (ask(facts.error.remedy),) if facts.error.remedy else ()
    if facts.error.code != "headerless":
        return Problem(facts.error.code, "cannot", facts.error.message, advice)
    if facts.suggested is not None:
        kind = format_headerless(facts.suggested.encoding)
        skip = facts.suggested.skip
        behind = phrase(", behind {skip:,} bytes of text", skip=skip) if skip else ""
        how = phrase(
            "Read it as {kind}, {rate}{behind}", kind=kind, rate=format_hz(facts.suggested.rate), behind=behind
        )
        advice = (Remedy("read_as_guessed", how, stated=str(facts.suggested)), *advice)
    return Problem("headerless", "decide", facts.error.message, advice)


def _cannot(code: str, message: str, what_to_do: str, *, of_receiver: bool = False) -> Problem:
    return Problem(code, "cannot", message, (ask(what_to_do),), of_receiver=of_receiver)


def _frames_in(span: tuple[int, int | None], sound: Measures) -> int:
    return min(sound.frames, sound.frames if span[1] is None else span[1]) - span[0]


def _impossible(touch: TouchUp, span: tuple[int, int | None], rate_in: int, sound: Measures) -> Problem | None:
    """What cannot be made whatever the receiver takes."""
    if not RATES[0] <= rate_in <= RATES[1]:
        message = phrase("A sample rate of {rate_in:,} Hz cannot be.", rate_in=rate_in)
        return _cannot("absurd_rate", message, phrase("State the true rate of this clip."))
    if _frames_in(span, sound) <= 0:
        return _cannot("empty", phrase("Nothing is left of this clip."), phrase("Make its span longer."))
    if missing := [key for key, _ in touch.more if key not in STAGES]:
        message = phrase("It is touched up by “{missing}”, which is not there.", missing=missing[0])
        back = Remedy("no_more_touch_ups", phrase("Do without it"), touch_up={"more": ()})
        return Problem("no_stage", "cannot", message, (back,))
    return None


def _way(
    touch: TouchUp, span: tuple[int, int | None], header: Header, receiver: Receiver, sound: Measures, rate_in: int
) -> _Way | Problem:
    """What is taken of the source, and into which format; a problem where there is no way."""
    by_hand = touch
    touch, span = _trimmed(touch, span, sound, receiver, rate_in)
    accepted, target = _target(header, rate_in, receiver, touch.form)
    take, level = _side(touch, header, sound, receiver)
    if take.startswith("ch") and (channel_of(take) or 0) >= header.channels:
        message = phrase(
            "It has {channels} channels, and no channel {take}.", channels=header.channels, take=take[2:]
        )
        back = Remedy("side_auto", phrase("Choose by what the channels hold"), touch_up={"side": "auto"})
        return Problem("no_channel", "cannot", message, (back,))
    illegal = illegal_wish(receiver, accepted, target, accepted.rate_for(rate_in))
    if illegal:
        return illegal
    if not target.is_there():
        return not_there(target)
    trimmed = touch is not by_hand
    return _Way(touch, span, trimmed, rate_in, _frames_in(span, sound), accepted, target, take, level)


def _shared(recipe: Recipe, path: _Way, clip: Clip, receiver: Receiver, context: BatchContext | None) -> Recipe:
    """The recipe with what depends on other clips, and what was accepted of the level."""
    if receiver.treatment.level.together:
        alone = context is None or context.gain_db is None
        gain = level_of_set([(path.level, 1)], receiver) if alone or context is None else context.gain_db or 0.0
        recipe = dataclasses.replace(recipe, level="leave", gain_db=recipe.gain_db + gain)
    if receiver.rules.cue_points and path.target.container == "wav" and recipe.frames_out:
        recipe = dataclasses.replace(recipe, cues=_cues(clip, recipe, context))
    if clip.rights and path.target.container == "wav":
        recipe = dataclasses.replace(recipe, info=clip.rights.tags)
    if "level_inside" in path.touch.accepted:
        limits = receiver.rules.limits
        recipe = dataclasses.replace(recipe, level_low=limits.min_level_dbov, level_high=limits.max_level_dbov)
    return recipe


def _too_short(recipe: Recipe) -> Problem | None:
    if not recipe.frames_out:
        return _cannot("empty", phrase("It is too short to leave anything."), phrase("Make its span longer."))
    if recipe.format.lossy and recipe.frames_out - recipe.lead < _LEAST_LOSSY_S * recipe.rate_out:
        length = phrase("{milliseconds:.1f} ms", milliseconds=1000 * recipe.frames_in / recipe.rate_in)
        message = phrase(
            "{length} are too short for {name}, which works in frames of about 20 ms.",
            length=length,
            name=recipe.format.name,
        )
        return _cannot("too_short", message, phrase("Make its span longer."), of_receiver=True)
    return None


def _verdict(found: list[Problem]) -> Verdict:
    severities = {problem.severity for problem in found}
    return "cannot" if "cannot" in severities else "decide" if "decide" in severities else "convert"


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


def _trimmed(
    touch: TouchUp, span: tuple[int, int | None], sound: Measures, receiver: Receiver, rate: int
) -> tuple[TouchUp, tuple[int, int | None]]:
    """Touch-up and span with the air taken off that the treatment does not leave; the very same where that is none.

    What a person has trimmed by hand stays as they did it.
    """
    lead, tail = receiver.treatment.trim_lead_seconds, receiver.treatment.trim_tail_seconds
    if (lead is None and tail is None) or touch.skip or touch.keep is not None:
        return touch, span
    start, stop = span[0], sound.frames if span[1] is None else min(span[1], sound.frames)
    first, last = sound.speech_span(start, stop)
    begin = start if lead is None else max(start, first - round(lead * rate))
    end = stop if tail is None else min(stop, last + round(tail * rate))
    worth = _WORTH_TRIMMING_S * rate
    begin = begin if begin - start > worth else start
    end = end if stop - end > worth else stop
    if (begin, end) == (start, stop) or begin >= end:
        return touch, span
    changed = touch.changed(
        skip=begin - start,
        keep=end - begin,
        fade_in=touch.fade_in or (EDGE_FADE_S if begin > start else 0.0),
        fade_out=touch.fade_out or (EDGE_FADE_S if end < stop else 0.0),
    )
    return changed, (begin, end)


def _side(
    touch: TouchUp, header: Header, sound: Measures, receiver: Receiver
) -> tuple[ChannelSelection, SignalLevel]:
    """Which signal to take, and its level."""
    if sound.sides == "mono":
        return "mono", sound.level
    if receiver.rules.channels != 1 and not (header.channels > 2 and channel_of(touch.side) is not None):
        return "both", sound.stereo_level
    wanted = receiver.treatment.side if touch.side == "auto" else touch.side
    side: Signal = sound.signal if wanted == "auto" else wanted
    if header.channels > 2 and side == "mix" and len(alive := live_channels(sound)) == 1:
        # Mixed with silence it would come out softer, and no other.
        side = ("left", "right", *(f"ch{n}" for n in range(3, header.channels + 1)))[alive[0]]
    if side == "mix" and side not in sound.levels:
        raise NotMeasuredError("mix")
    return side, sound.levels.get(side, sound.level)


def _recipe(path: _Way, header: Header, receiver: Receiver, sound: Measures) -> Recipe:
    treatment, touch, span, rate_in = receiver.treatment, path.touch, path.span, path.rate_in
    target, rate_out = path.target, path.accepted.rate_for(rate_in)
    stop = span[0] + path.frames_in
    without = tidy_stretches(touch.without, span[0], stop, 2 * round(BLEND_S * rate_in / 2))
    frames_in = path.frames_in - sum(b - a for a, b in without)
    lead = round(treatment.lead_seconds * rate_out)
    frames_out = played_length(frames_in, rate_in, rate_out, touch.speed)
    frames_out = length_after(touch.more, frames_out, rate_out)
    frames_out += lead if frames_out else 0
    loop = round((treatment.loop_seconds if touch.loop is None else touch.loop) * rate_out)
    loop = loop if frames_out >= 4 * loop else 0
    fade_in, fade_out = max(touch.fade_in, treatment.fade_in_seconds), max(touch.fade_out, treatment.fade_out_seconds)
    low, high = _band(receiver, touch, rate_out)
    long = frames_in >= SHORTEST_FOR_DC * rate_in
    offset = _offsets_that_count(sound, path.take) if long and (treatment.remove_dc or touch.remove_dc) else ()
    recipe = Recipe(
        format=target,
        copy=False,
        start=span[0],
        stop=span[1],
        take=path.take,
        channels=receiver.rules.channels_for(header.channels),
        rate_in=rate_in,
        rate_out=rate_out,
        frames_in=frames_in,
        frames_out=frames_out - loop,
        level=treatment.level.measure,
        target_db=treatment.level.target,
        gain_db=touch.gain_db,
        ceiling=target.ceiling(ratio(treatment.ceiling_dbfs), treatment.dither),
        ceiling_stated=ratio(treatment.ceiling_dbfs),
        ceiling_true=None if treatment.ceiling_dbtp is None else ratio(treatment.ceiling_dbtp),
        limiter_db=max(treatment.limiter_db, touch.limiter_db),
        presence_db=treatment.presence_db,
        loop=loop,
        dither="never",
        dither_kind="none",
        fade_in=min(round(fade_in * rate_out), frames_out),
        fade_out=min(round(fade_out * rate_out), frames_out) if not loop else 0,
        fade_even=touch.fade_shape == "even",
        speed=touch.speed,
        pitch=touch.pitch,
        without=without,
        dc_offsets=offset,
        low_cut=low,
        high_cut=high,
        lead=lead,
        bit_rate=path.accepted.bit_rate or target.default_bit_rate(rate_out),
        variable=path.accepted.variable and target.variable,
        trimmed=path.trimmed,
        more=touch.more,
        live=_live_of(path.take, header, sound),
        speakers=header.speakers if path.take in ("mix", "both") else (),
    )
    return _with_dither(recipe, touch, header, receiver)


def live_channels(sound: Measures) -> tuple[int, ...]:
    """Indices of the channels that hold anything beside the loudest; empty where none does."""
    names = [name for name in sound.levels if name != "mix"]
    loudest = max((sound.levels[name].rms for name in names), default=0.0)
    least = max(loudest * ratio(_SILENT_CHANNEL_DB), 1e-9)
    return tuple(n for n, name in enumerate(names) if sound.levels[name].rms > least)


def _live_of(take: ChannelSelection, header: Header, sound: Measures) -> tuple[int, ...]:
    """``Recipe.live``."""
    if header.channels <= 2 or take not in ("mix", "both"):
        return ()
    live = live_channels(sound)
    return live if len(live) < header.channels else ()


def _band(receiver: Receiver, touch: TouchUp, rate_out: int) -> tuple[float | None, float | None]:
    """Edges of what is kept, Hz; None where there is none."""
    low = max(receiver.treatment.high_pass_hz or 0.0, touch.low_cut) or None
    if receiver.treatment.band != "telephone":
        return low, None
    return max(300.0, low or 0.0), 3400.0 if rate_out > 6800 else None


def _with_dither(recipe: Recipe, touch: TouchUp, header: Header, receiver: Receiver) -> Recipe:
    """Dither where finer steps arise than the format has: from the source, from what is done, or, known only later, from the gain."""
    kind, depth = receiver.treatment.dither, recipe.format.depth
    if kind == "none" or not depth:
        return recipe
    deeper = (header.bits or 32) > depth or header.encoding.startswith("pcm_f")
    # Silence in front and trimmed air make no finer steps; a fade that was asked for does, however short.
    worked = (
        recipe.rate_in != recipe.rate_out
        or recipe.take == "mix"
        or touch.speed != 1
        or touch.pitch != 0
        or round(touch.fade_out * recipe.rate_out) + round(touch.fade_in * recipe.rate_out) > 0
        or bool(receiver.treatment.fade_in_seconds or receiver.treatment.fade_out_seconds)
        or bool(recipe.without or recipe.more or recipe.low_cut or recipe.high_cut or recipe.dc_offsets)
        or bool(recipe.presence_db or recipe.limiter_db or recipe.loop)
    )
    return dataclasses.replace(recipe, dither="always" if deeper or worked else "if_scaled", dither_kind=kind)


def _cues(clip: Clip, recipe: Recipe, context: BatchContext | None) -> tuple[Cue, ...]:
    """What lies inside of a clip; else itself, if it was cut out of something."""
    inside = context.inside.get(clip.id, ()) if context else ()
    if not inside and not clip.whole_source:
        return (Cue.named(recipe.lead, recipe.frames_out, clip.name),)
    there = (Cue.named(recipe.frame_out(cue.start), recipe.frame_out(cue.stop), cue.name) for cue in inside)
    return tuple(cue for cue in there if cue.start < cue.stop)


def _offsets_that_count(sound: Measures, take: ChannelSelection) -> tuple[float, ...]:
    """The offsets of the source's channels, where one is large enough and part of what is taken."""
    offsets, at = sound.dc_offsets, channel_of(take)
    heard = offsets if take in ("mix", "both") or at is None else offsets[at : at + 1]
    return offsets if any(abs(offset) > min(_DC, _DC_OF_RMS * sound.rms) for offset in heard) else ()


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
    elif recipe.level == "leave" and asked == 0 and recipe.level_low is None and recipe.level_high is None:
        room = recipe.ceiling_stated if touches(recipe) is Touch.NOTHING else recipe.ceiling
        return choose_gain(0.0, level.peak, room * ratio(recipe.limiter_db)).db, 0.0
    if recipe.level_low is not None or recipe.level_high is not None:
        asked += recipe.into_range(level.active_dbov + asked)
    return choose_gain(asked, level.peak, recipe.ceiling * ratio(recipe.limiter_db)).db, asked
