"""What can stand in the way of a clip at a receiver, each with what to do about it."""

from __future__ import annotations

import datetime
import math

from ...words import phrase
from ..codec import Format
from ..model import Clip, Facts, Measures, Receiver, SignalLevel, TouchUp
from ..model.downmix import mono_weights
from ..model.units import db, format_bandwidth, format_db, format_headerless, format_hz
from .names import legal_name, lost_in
from .verdict import Problem, Recipe, Remedy

_MUCH_GAIN_DB = 30.0
_SIDES_LOSE_DB = 3.0


def ask(what: str) -> Remedy:
    """A remedy that only a person can carry out."""
    return Remedy("ask", what)


def accept(code: str, what: str, result: str = "") -> Remedy:
    return Remedy(f"accept_{code}", what, result, accepts=code)


def renamed(clip: Clip, receiver: Receiver) -> str:
    """The name that a receiver takes in place of the clip's own; empty where it takes that, or puts names together from other fields."""
    rules = receiver.rules.names
    return "" if rules.pattern != "{name}" or rules.is_legal(clip.name) else legal_name(clip.name, rules)


def of_name(clip: Clip, receiver: Receiver) -> list[Problem]:
    """A name that loses letters, or gets others."""
    name = renamed(clip, receiver)
    if not name or not lost_in(clip.name, name):
        return []
    message = phrase(
        "It will be called “{name}”: {receiver} does not take “{wanted}” for a name.",
        name=name,
        receiver=receiver.name,
        wanted=clip.name,
    )
    return [Problem("renamed", "warning", message, (ask(phrase("Give the clip another name (F2).")),))]


def of_rights(clip: Clip) -> list[Problem]:
    """Music of which nobody knows whose it is, and sound whose time is over."""
    rights = clip.rights
    if rights and rights.are_past(datetime.date.today()):
        message = phrase("The rights to it ended on {until}.", until=rights.until)
        return [
            Problem("rights_past", "warning", message, (ask(phrase("Ask for them again, or take other music.")),))
        ]
    if clip.kind == "music" and not (rights and rights.are_known):
        message = phrase("Whose music it is, and by what licence it may be played to callers, is not said.")
        return [Problem("rights_missing", "warning", message, (ask(phrase("State holder and licence (Shift+F8).")),))]
    return []


def unreadable(facts: Facts) -> Problem:
    """For a source that cannot be read at all."""
    assert facts.error is not None
    advice = (ask(facts.error.remedy),) if facts.error.remedy else ()
    if facts.error.code != "headerless":
        return Problem(facts.error.code, "cannot", facts.error.message, advice)
    if facts.suggested is not None:
        kind = format_headerless(facts.suggested.encoding)
        how = phrase("Read it as {kind}, {rate}", kind=kind, rate=format_hz(facts.suggested.rate))
        advice = (Remedy("read_as_guessed", how, stated=str(facts.suggested)), *advice)
    return Problem("headerless", "decide", facts.error.message, advice)


def of_source(touch: TouchUp, facts: Facts, sound: Measures) -> list[Problem]:
    """Problems that a clip has at every receiver."""
    found = []
    assert facts.header is not None
    seconds = sound.frames / facts.header.sample_rate
    for note in facts.notes:
        if note.code in ("truncated", "damaged"):
            remedy = accept(
                note.code,
                phrase("Deliver what is there"),
                phrase("{seconds:.2f} s, perhaps without its end", seconds=seconds),
            )
            found.append(Problem(note.code, "decide", note.message, (remedy, ask(note.remedy))))
        elif note.code == "not_numbers":
            found.append(Problem(note.code, "warning", note.message, (ask(note.remedy),)))
    if sound.silent:
        told = phrase("the loudest sample is at {db}", db=format_db(db(sound.peak)))
        if db(sound.peak) > -80:
            told = phrase(
                "every sample has the same value, at {db}, as of a microphone that is not there",
                db=format_db(db(sound.peak)),
            )
        found.append(
            Problem(
                "silent",
                "decide",
                phrase("Nothing is to be heard: {told}.", told=told),
                (
                    accept("silent", phrase("Deliver the silence")),
                    ask(phrase("Ask for the recording, or remove the clip.")),
                ),
            )
        )
    if sound.clipped_samples:
        found.append(
            Problem(
                "clipped",
                "warning",
                phrase(
                    "It was recorded too loud: {clipped_samples:,} samples are cut off flat at full scale.",
                    "It was recorded too loud: {clipped_samples:,} sample is cut off flat at full scale.",
                    sound.clipped_samples,
                    clipped_samples=sound.clipped_samples,
                ),
                (ask(phrase("Record it again with 6 to 12 dB less input gain.")),),
            )
        )
    elif sound.flat_samples:
        found.append(
            Problem(
                "clipped",
                "warning",
                phrase(
                    "It was clipped, and made softer or resampled since: {flat_samples:,} samples are in tops cut off at up to {db}.",
                    flat_samples=sound.flat_samples,
                    db=format_db(db(sound.peak)),
                ),
                (
                    ask(
                        phrase(
                            "Ask for the recording before that, or record it again with 6 to 12 dB less input gain."
                        )
                    ),
                ),
            )
        )
    return [problem for problem in found if problem.code not in touch.accepted]


def of_mixing(touch: TouchUp, sound: Measures, channels: int) -> list[Problem]:
    """Where channels are mixed and cancel: to be decided, unless it was a person who chose to mix them."""
    lost = mixing_costs(sound, channels)
    if lost <= _SIDES_LOSE_DB or "sides_cancel" in touch.accepted:
        return []
    names = ["left", "right", *(f"ch{n}" for n in range(3, channels + 1))]
    loudest = sorted(names, key=lambda name: -sound.levels[name].rms)
    shown = names if channels == 2 else loudest[:3]
    remedies = [
        Remedy(
            f"use_{name}",
            phrase("Use the {name} side", name=name)
            if channels == 2
            else phrase("Use channel {index}", index=names.index(name) + 1),
            touch_up={"side": name},
        )
        for name in shown
    ]
    told = phrase(
        "Mixing the {channels} costs {lost:.1f} dB where they cancel most.",
        channels=phrase("two sides") if channels == 2 else f"{channels} channels",
        lost=min(lost, 60.0),
    )
    return [
        Problem(
            "sides_cancel",
            "warning" if touch.side == "mix" else "decide",
            told,
            (*remedies, accept("sides_cancel", phrase("Mix them all the same"))),
        )
    ]


def mixing_costs(sound: Measures, channels: int) -> float:
    """dB by which a mix is lower than that of channels that have nothing in common: as a whole, or in the second or band that loses most."""
    names = ["left", "right", *(f"ch{n}" for n in range(3, channels + 1))]
    if channels < 2 or any(name not in sound.levels for name in names):
        return 0.0
    shares = mono_weights(channels)
    apart = math.sqrt(sum((float(w) * sound.levels[name].rms) ** 2 for w, name in zip(shares, names, strict=True)))
    whole = db(apart) - db(max(1e-6, sound.levels["mix"].rms)) if apart > 1e-6 else 0.0
    return max(whole, sound.side_loss_db if sound.sides == "different" else 0.0)


def of_level(touch: TouchUp, level_db: float, peak_db: float, gain: float, recipe: Recipe) -> list[Problem]:
    """Problems of bringing a clip to its level. Levels are predictions; making measures them again."""
    found = []
    if gain > _MUCH_GAIN_DB:
        found.append(
            Problem(
                "very_quiet",
                "warning",
                phrase(
                    "It is very quiet ({level_db}): raising it by {gain:.1f} dB raises its noise too.",
                    level_db=format_db(level_db, "dBov"),
                    gain=gain,
                ),
                (
                    ask(phrase("Record it again, closer to the microphone.")),
                    accept("very_quiet", phrase("It is good enough")),
                ),
            )
        )
    short = peak_db + gain - db(recipe.ceiling) - recipe.limiter_db
    if short > 0.5:
        found.append(
            Problem(
                "peaks_limit_level",
                "warning",
                phrase(
                    "Its peaks leave it about {short:.1f} dB short of the wanted level; nothing will be clipped.",
                    short=short,
                ),
                (*_limiter(recipe, short), accept("peaks_limit_level", phrase("Leave it a little quieter"))),
            )
        )
    return [problem for problem in found if problem.code not in touch.accepted]


_MOST_LIMITER_DB = 12.0
_SURE_DB = 5.0  # short of the level, up to which the limiter brought five demo voices within 0.2 dB of it
_SOFTER = 1.5  # times the lack: what is held down is level lost, which takes more gain


def _limiter(recipe: Recipe, short: float) -> tuple[Remedy, ...]:
    """Let a limiter hold the peaks that keep the level down, with what comes of it."""
    wanted = min(_MOST_LIMITER_DB, recipe.limiter_db + math.ceil(2 * _SOFTER * short) / 2)
    more = wanted - recipe.limiter_db
    if more <= 0:
        return ()
    sure = short <= _SURE_DB and more >= _SOFTER * short
    comes = (
        phrase("it reaches its level, or nearly")
        if sure
        else phrase("about {short:.1f} dB louder", short=min(short, 0.7 * more))
    )
    result = phrase(
        "{comes}; single peaks are held down by up to {wanted:g} dB, nothing is clipped", comes=comes, wanted=wanted
    )
    return (
        Remedy(
            "allow_limiter",
            phrase("Allow the limiter {wanted:g} dB", wanted=wanted),
            result,
            touch_up={"limiter_db": wanted},
        ),
    )


def of_bandwidth(touch: TouchUp, sound: Measures, receiver: Receiver, rate_in: int) -> list[Problem]:
    """Sound that is narrower than its file, or than the receiver expects."""
    expected = receiver.treatment.expected_bandwidth_hz
    if expected is None or "narrow_band" in touch.accepted or sound.bandwidth_hz <= 0:
        return []
    if sound.bandwidth_hz >= 0.75 * expected:
        return []
    if sound.bandwidth_hz > 0.45 * rate_in:
        message = phrase(
            "Its rate of {rate} has room for sound up to {highest} only; {name} expects {expected}.",
            rate=format_hz(rate_in),
            highest=format_hz(rate_in / 2),
            name=receiver.name,
            expected=format_hz(expected),
        )
    else:
        message = phrase(
            "It holds sound only up to {found}, though its rate of {rate} has room for {highest}: it has probably been over a telephone.",
            found=format_bandwidth(sound.bandwidth_hz),
            rate=format_hz(rate_in),
            highest=format_hz(rate_in / 2),
        )
    original = ask(phrase("Ask for the original, before it was made this narrow."))
    return [
        Problem(
            "narrow_band", "warning", message, (original, accept("narrow_band", phrase("Deliver it all the same")))
        )
    ]


def not_there(form: Format) -> Problem:
    """For a format that needs a library which this machine has not."""
    told = phrase("{name} is written by {needs}, which is not on this machine.", name=form.name, needs=form.needs)
    return Problem(
        "no_codec", "cannot", told, (ask(phrase("Install that library, or choose another format in the rules.")),)
    )


def of_level_limits(
    touch: TouchUp, level: SignalLevel, gain: float, receiver: Receiver, recipe: Recipe
) -> list[Problem]:
    """A level that will lie outside of what the receiver takes. ``gain`` is the predicted one, dB."""
    limits = receiver.rules.limits
    after = level.active_dbov + gain
    if not math.isfinite(after) or {"level_outside", "level_inside"} & set(touch.accepted):
        return []
    least, most = limits.min_level_dbov, limits.max_level_dbov
    if least is not None and after < least - 0.05:
        short, edge = least - after, least
        message = phrase(
            "At {after} it will be {short:.1f} dB under the least that {name} takes.",
            after=format_db(after, "dBov"),
            short=short,
            name=receiver.name,
        )
    elif most is not None and after > most + 0.05:
        short, edge = most - after, most
        message = phrase(
            "At {after} it will be {over:.1f} dB over the most that {name} takes.",
            after=format_db(after, "dBov"),
            over=-short,
            name=receiver.name,
        )
    else:
        return []
    remedies = []
    # A little inside of the edge, since making measures again.
    change = short + (0.2 if short > 0 else -0.2)
    if db(level.peak) + gain + change <= db(recipe.ceiling) + recipe.limiter_db:
        told = phrase(
            "{verb} it by about {change:.1f} dB",
            verb=phrase("Raise") if change > 0 else phrase("Lower"),
            change=abs(change),
        )
        remedies.append(Remedy("level_inside", told, format_db(edge, "dBov"), accepts="level_inside", here_only=True))
    else:
        remedies.append(ask(phrase("Its peaks do not allow more: let a limiter hold them down, or record it again.")))
    return [
        Problem("level_outside", "decide", message, (*remedies, accept("level_outside", phrase("Deliver it so"))))
    ]


def of_kind(clip: Clip, receiver: Receiver) -> list[Problem]:
    """A message of which nobody has said what kind it is, where the receiver wants to know."""
    kinds = receiver.rules.kinds
    if not kinds or clip.kind in kinds:
        return []
    remedies = tuple(
        Remedy(f"kind_{kind}", phrase("It is of the kind “{kind}”", kind=kind), kind=kind, asks=True)
        for kind in kinds
    )
    has = phrase("“{kind}” is none that it knows", kind=clip.kind) if clip.kind else phrase("nobody has said which")
    return [
        Problem(
            "no_kind",
            "decide",
            phrase("{name} wants to know what kind of message it is; {has}.", name=receiver.name, has=has),
            remedies,
        )
    ]
