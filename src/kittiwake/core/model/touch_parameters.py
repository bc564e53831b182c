"""What can be changed of a clip, once: how a value is read and within what bounds, what it is called when its change is undone, and its option in a terminal.

The fields themselves, their types and what they mean stand in ``clip.TouchUp``; the words of the form in which clips are touched up stand with the stage of sound that a field sets (``fit/path``), which
takes its bounds from here.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from . import checked

RATES = (1000, 768_000)  # Hz


@dataclass(frozen=True, slots=True)
class TouchParameter:
    """One field of ``TouchUp``.

    Attributes
    ----------
    name : of the field.
    read : its value out of foreign data, given that and where it stands.
    noun : what it is called where a change of it is undone; empty where that has words of its own.
    bounds : of a number.
    option : in a terminal, ``--louder``; empty where it has none, or one that is more than a value.
    metavar, help : of the option.
    choices : what the option takes, where that is one of several words.
    """

    name: str
    read: Callable[[object, str], Any]
    noun: str = ""
    bounds: tuple[float, float] | None = None
    option: str = ""
    metavar: str = ""
    help: str = ""
    choices: tuple[str, ...] = ()


def _number(name: str, low: float, high: float, noun: str, option: str, metavar: str, help: str) -> TouchParameter:
    def read(value: object, field: str) -> float:
        return checked.number(value, field, low, high)

    return TouchParameter(name, read, noun, (low, high), option, metavar, help)


def _rate(value: object, field: str) -> int | None:
    return None if value is None else int(checked.number(value, field, *RATES))


def _side(value: object, field: str) -> str:
    name = checked.text(value, field)
    if name not in ("auto", "left", "right", "mix") and not (
        name.startswith("ch") and name[2:].isdigit() and 1 <= int(name[2:5]) <= 64
    ):
        raise checked.wrong(field, value, phrase("auto, left, right, mix, or a channel such as ch3"))
    return name


def _stretches(value: object, field: str) -> tuple[tuple[int, int], ...]:
    out = []
    for pair in checked.entries(value, field):
        if not isinstance(pair, list) or len(pair) != 2:
            raise checked.wrong(field, pair, phrase("a pair of frames"))
        first, last = (checked.frames(one, field) for one in pair)
        if first >= last:
            raise checked.wrong(field, pair, phrase("a pair of frames of which the second is the later"))
        out.append((first, last))
    return tuple(out)


def _more(value: object, field: str) -> tuple[tuple[str, float], ...]:
    out = []
    for pair in checked.entries(value, field):
        if not isinstance(pair, list) or len(pair) != 2:
            raise checked.wrong(field, pair, phrase("the key of a touch-up and a number"))
        out.append((checked.text(pair[0], field), float(checked.number(pair[1], field, -1e9, 1e9))))
    return tuple(out)


def _keep(value: object, field: str) -> int | None:
    return None if value is None else checked.frames(value, field, 1)


def _loop(value: object, field: str) -> float | None:
    return None if value is None else checked.number(value, field, *_LOOP)


def _shape(value: object, field: str) -> str:
    return checked.one_of(value, field, _SHAPES)


def _codes(value: object, field: str) -> tuple[str, ...]:
    return tuple(checked.text(code, field) for code in checked.entries(value, field))


_LOOP = (0.0, 10.0)  # s
_SHAPES = ("round", "even")
#: In the order of the options.
_ALL = (
    _number("gain_db", -60, 60, phrase("the level"), "--louder", "DB", phrase("On top of what the receiver asks for.")),
    _number("speed", 0.5, 2, phrase("the speed"), "--faster", "PERCENT", phrase("8%, -5%, or 1.08 times; the pitch stays.")),
    _number("pitch", -6, 6, phrase("the pitch"), "--higher", "SEMITONES", phrase("The length stays.")),
    _number("fade_in", 0, 3600, phrase("the fade in"), "--fade-in", "S", phrase("Over so many seconds.")),
    _number("fade_out", 0, 3600, phrase("the fade out"), "--fade-out", "S", phrase("Over so many seconds.")),
    TouchParameter("fade_shape", _shape, phrase("the fades"), option="--fade-shape", help=phrase("Gentle at both ends, or a straight line."), choices=_SHAPES),
    _number("low_cut", 0, 20_000, phrase("the low end"), "--low-cut", "HZ", phrase("Keep nothing below.")),
    _number("limiter_db", 0, 12, phrase("the limiter"), "--limiter", "DB", phrase("What single peaks may be held down by.")),
    TouchParameter("loop", _loop, phrase("the loop"), _LOOP, "--loop", "S", phrase("Blend so much of the end into the start; 0 never.")),
    TouchParameter("side", _side, phrase("the side"), option="--side", help=phrase("left, right, mix, or a channel such as ch3.")),
    TouchParameter("remove_dc", checked.flag, phrase("the DC offset"), option="--remove-dc", help=phrase("Take away a DC offset.")),
    TouchParameter("untreated", checked.flag, phrase("the treatment"), option="--untreated", help=phrase("Without the receiver's level, trimming and filters: for tones.")),
    TouchParameter("without", _stretches, phrase("a stretch")),
    TouchParameter("more", _more, phrase("what was added")),
    TouchParameter("true_rate", _rate),
    TouchParameter("skip", checked.frames),
    TouchParameter("keep", _keep),
    TouchParameter("form", checked.text),
    TouchParameter("accepted", _codes),
)  # fmt: skip
TOUCH_PARAMETERS = {one.name: one for one in _ALL}


def bounds_of(name: str) -> tuple[float, float]:
    """Of the number of that name."""
    bounds = TOUCH_PARAMETERS[name].bounds
    assert bounds is not None
    return bounds
