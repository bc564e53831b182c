"""Readers of values: texts, numbers, lists, tables of one kind, one of several."""

from __future__ import annotations

import math
import re
from collections.abc import Callable, Iterable, Iterator, Sequence
from typing import Any

from ...words import joined, phrase
from .annotations import MOST_TEXT, Limited
from .fault import Fault, SchemaError, fault, within

Reader = Callable[[Any], Any]


def anything(value: Any) -> Any:
    """Whatever it is, as it is."""
    return value


def optional(inner: list[Reader]) -> Reader:
    """None, or the first of several kinds that it is."""

    def read_optional(value: Any) -> Any:
        if value is None:
            return None
        for one in inner[:-1]:
            try:
                return one(value)
            except SchemaError:
                continue
        return inner[-1](value)

    return read_optional


def one_of(choices: tuple[Any, ...]) -> Reader:
    words = [str(one) for one in choices]
    wanted = phrase("{list} or {last}", list=joined(words[:-1], ", "), last=words[-1]) if words[1:] else words[0]

    def read_choice(value: Any) -> Any:
        if any(type(value) is type(one) and value == one for one in choices):
            return value
        raise fault(value, wanted, known=words)

    return read_choice


def row(readers: list[Reader]) -> Reader:
    def read_row(value: Any) -> Any:
        if not isinstance(value, list | tuple) or len(value) != len(readers):
            raise fault(value, phrase("a list of {n} values", n=len(readers)))
        return tuple(_each(readers, value))

    return read_row


def _each(readers: Iterable[Reader], values: Sequence[Any]) -> Iterator[Any]:
    faults: list[Fault] = []
    for number, (one, value) in enumerate(zip(readers, values, strict=False), 1):
        try:
            yield one(value)
        except SchemaError as error:
            faults += within(number, error).faults
    if faults:
        raise SchemaError(faults)


def entries(reader: Reader, kind: type, limits: list[Limited]) -> Reader:
    least = max((one.min_length for one in limits), default=0)
    most = min((one.max_length for one in limits if one.max_length is not None), default=None)

    def read_entries(value: Any) -> Any:
        if not isinstance(value, list | tuple):
            raise fault(value, phrase("a list"))
        if len(value) < least:
            raise SchemaError([Fault((), phrase("give at least one"))])
        if most is not None and len(value) > most:
            raise SchemaError([Fault((), phrase("there are {n}; at most {most} are taken", n=len(value), most=most))])
        return kind(_each([reader] * len(value), value))

    return read_entries


def mapping(reader: Reader, key_reader: Reader) -> Reader:
    def read_mapping(value: Any) -> Any:
        if not isinstance(value, dict):
            raise fault(value, phrase("a table"))
        if reader is anything:
            return value
        faults: list[Fault] = []
        found = {}
        for key, one in value.items():
            try:
                found[key_reader(key)] = reader(one)
            except SchemaError as error:
                faults += within(key, error).faults
        if faults:
            raise SchemaError(faults)
        return found

    return read_mapping


def text(limits: list[Limited]) -> Reader:
    least = max((one.min_length for one in limits), default=0)
    most = min((one.max_length for one in limits if one.max_length is not None), default=MOST_TEXT)
    patterns = [one.pattern for one in limits if one.pattern]

    def read_text(value: Any) -> str:
        if not isinstance(value, str):
            raise fault(value, phrase("a text"))
        if len(value) < least:
            raise fault(value, phrase("a text that is not empty"))
        if len(value) > most:
            raise fault(value, phrase("a text of at most {most} characters", most=most))
        for pattern in patterns:
            if not re.search(pattern, value):
                raise fault(value, phrase("a text of the pattern {pattern}", pattern=pattern))
        return value

    return read_text


def flag(_: list[Limited]) -> Reader:
    def read_flag(value: Any) -> bool:
        if type(value) is not bool:
            raise fault(value, phrase("true or false"))
        return value

    return read_flag


def whole_number(limits: list[Limited]) -> Reader:
    low, high, over = _bounds(limits)

    def read_whole_number(value: Any) -> int:
        if type(value) is not int or not low <= value <= high or value <= over:
            raise _no_number(value, _range(phrase("a whole number"), low, high, over))
        return value

    return read_whole_number


def number(limits: list[Limited]) -> Reader:
    low, high, over = _bounds(limits)

    def read_number(value: Any) -> float:
        if (
            not isinstance(value, int | float)
            or isinstance(value, bool)
            or not low <= value <= high
            or value <= over
            or not _is_finite(value)
        ):
            raise _no_number(value, _range(phrase("a number"), low, high, over))
        number: float = value
        return number

    return read_number


def _is_finite(value: float) -> bool:
    """Whether it is a number that a float can hold; JSON and TOML have whole ones of any length."""
    try:
        return math.isfinite(value)
    except OverflowError:
        return False


def _no_number(value: object, wanted: str) -> SchemaError:
    if isinstance(value, str) and re.fullmatch(r"[-+.0-9]+", value):
        wanted = phrase("{wanted}, without quotes,", wanted=wanted)
    return fault(value, wanted)


def _bounds(limits: list[Limited]) -> tuple[float, float, float]:
    low = max((one.ge for one in limits if one.ge is not None), default=-math.inf)
    high = min((one.le for one in limits if one.le is not None), default=math.inf)
    return low, high, max((one.gt for one in limits if one.gt is not None), default=-math.inf)


def _range(kind: str, low: float, high: float, over: float) -> str:
    if over > -math.inf:
        kind = phrase("{kind} over {over:g}", kind=kind, over=over)
        return kind if high == math.inf else phrase("{kind}, at most {high:g}", kind=kind, high=high)
    if low == -math.inf:
        return kind if high == math.inf else phrase("{kind}, at most {high:g}", kind=kind, high=high)
    if high >= 2**62:
        return phrase("{kind} from {low:g} on", kind=kind, low=low)
    return phrase("{kind} from {low:g} to {high:g}", kind=kind, low=low, high=high)
