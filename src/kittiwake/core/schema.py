"""Foreign data held against declared types: jobs, receivers, scripts, recipes, plans and lists that anybody may have written, or a disk lost half of.

What a field may hold is said where it is declared: by its annotation, with ``Limited``, ``Meets`` and ``Written`` in ``Annotated``. ``read`` gives the
value or says every fault with its place; ``plain`` is the way back. Readers are put together once for each type, when it is first read.

    @dataclass(frozen=True)
    class Menu:
        say: tuple[Text, ...] = ()
        tries: Annotated[int, Limited(ge=1, le=10)] = 3

    read(Menu, {"say": ["Welcome"], "tries": 2})
"""

from __future__ import annotations

import math
import re
import sys
from collections.abc import Callable, Iterable, Iterator, Mapping, Sequence
from dataclasses import MISSING, field, fields, is_dataclass
from functools import cache
from types import NoneType, UnionType
from typing import Annotated, Any, Literal, TypeVar, Union, get_args, get_origin

from ..plain_data import dataclass
from ..words import joined, phrase
from .errors import KittiwakeError
from .nearest import nearest

_MOST_TEXT = 100_000  # characters
_MOST_SHOWN = 60
_MOST_LISTED = 20

Found = TypeVar("Found")
Reader = Callable[[Any], Any]


@dataclass(frozen=True, slots=True)
class Limited:
    """Bounds of a number, length of a text or list, and the pattern (``re.search``) of a text."""

    ge: float | None = None
    gt: float | None = None
    le: float | None = None
    min_length: int = 0
    max_length: int | None = None
    pattern: str = ""


@dataclass(frozen=True, slots=True)
class Meets:
    """A test that a value of the right type has to pass, and what is wanted, in words."""

    test: Callable[[Any], bool]
    wanted: str


@dataclass(frozen=True, slots=True)
class Written:
    """How a value may be written besides: ``make`` gets what stands there; it raises ``ValueError`` with what is wrong."""

    make: Callable[[Any], Any]


def _is_whole(text: str) -> bool:
    """Whether it can be shown and saved; file names that are not UTF-8 hold escapes of single bytes."""
    return text.isascii() or not any("\ud800" <= c <= "\udfff" and not "\udc80" <= c <= "\udcff" for c in text)


def as_float(value: Any) -> Any:
    """A whole number as one with a fraction."""
    return float(value) if type(value) is int else value


def needed(make: Callable[[], Any]) -> Any:
    """A field that data has to have, though ``make`` gives it to objects that are made in code."""
    return field(default_factory=make, metadata={"needed": True})


def written(name: str, default: Any) -> Any:
    """A field that has another name in data."""
    return field(default=default, metadata={"written": name})


Text = Annotated[str, Limited(max_length=_MOST_TEXT), Meets(_is_whole, phrase("a text of whole characters"))]
FilledText = Annotated[Text, Limited(min_length=1, max_length=_MOST_TEXT)]
PathText = Annotated[Text, Meets(lambda text: text != "" and "\0" not in text, phrase("a path"))]
Frames = Annotated[int, Limited(ge=0, le=2**62)]
Table = dict[str, Any]


@dataclass(frozen=True, slots=True)
class Fault:
    """One thing that is wrong.

    Attributes
    ----------
    place : names of fields and numbers of entries that lead to it.
    sentence : what is wrong, without the place.
    shown : the value, where that says something.
    """

    place: tuple[str | int, ...]
    sentence: str
    shown: str = ""

    def described(self, where: str = "") -> str:
        """With its place, which lies in ``where``."""
        field = ".".join(map(str, self.place))
        if where:
            field = phrase("{field} of {where}", field=field, where=where) if field else where
        before = joined((field, self.shown), " = ") if field and self.shown else field or self.shown
        return joined((before, self.sentence), ": ") if before else self.sentence


@dataclass(frozen=True, slots=True)
class Document:
    """A kind of file that people or programs write, and what is said where one is wrong.

    Attributes
    ----------
    error : its class.
    inside : “In the job file”, which goes before what is wrong.
    advice : what to do about it.
    strict : whether fields that there are not are a fault.
    """

    error: type[KittiwakeError]
    inside: str
    advice: str
    code: str
    strict: bool = True

    def read(self, kind: type[Found], data: object, where: str | Callable[[], str] = "", **values: Any) -> Found:
        """As ``schema.read``; ``where`` is which part of the document that is, in words.

        Raises
        ------
        KittiwakeError : of the class ``error``.
        """
        try:
            return read(kind, data, strict=self.strict, **values)
        except SchemaError as error:
            raise self.wrong(error, where) from error

    def wrong(self, error: SchemaError, where: str | Callable[[], str] = "") -> KittiwakeError:
        """The error that says what is wrong."""
        faults = error.described(where() if callable(where) else where)
        return self.error(
            phrase("{inside}, {faults}.", inside=self.inside, faults=faults).replace("?.", "?"),
            self.advice,
            self.code,
        )


class SchemaError(ValueError):
    """Data that is not as it was declared; ``faults`` are all that were found."""

    def __init__(self, faults: Sequence[Fault]) -> None:
        super().__init__(faults)
        self.faults = tuple(faults)

    def __str__(self) -> str:
        return self.described()

    def described(self, where: str = "") -> str:
        """All faults in one sentence, without a full stop."""
        return joined((fault.described(where) for fault in self.faults), "; ")


def fault(value: object, wanted: str, *place: str | int, known: Iterable[str] = ()) -> SchemaError:
    """The error for a value that is not what is wanted; ``known`` are words of which one may have been meant."""
    shown = str(value).lower() if isinstance(value, bool) else repr(value)
    shown = shown if len(shown) <= _MOST_SHOWN else shown[: _MOST_SHOWN - 1] + "…"
    near = nearest(value, known) if isinstance(value, str) else []
    sentence = phrase("{wanted} is wanted", wanted=wanted)
    return SchemaError(
        [Fault(place, sentence + (phrase("; did you mean {near}?", near=near[0]) if near else ""), shown)]
    )


def read(kind: type[Found], data: object, *, strict: bool = True, **values: Any) -> Found:
    """What data is, as ``kind`` declares it: a data class, or any annotation that one can have.

    Parameters
    ----------
    strict : whether fields that there are not are a fault.
    values : fields of a data class that are not in its data.

    Raises
    ------
    SchemaError
    """
    if values:
        known = _table(kind)
        found: Found = known.read(data, strict, values)
        return found
    made: Any = _reader if strict else _lenient_reader
    result: Found = made(kind)(data)
    return result


def read_field(kind: type, name: str, value: object) -> Any:
    """The value of one field of a data class.

    Raises
    ------
    SchemaError
    """
    try:
        reader = _table(kind).reader(name, True)
        assert reader is not None
        return reader(value)
    except SchemaError as error:
        raise _within(name, error) from None


def bounds_of(kind: type, name: str) -> tuple[float, float] | None:
    """Least and most of the number that a field holds."""
    for limits in _extras(_table(kind).hint(name)):
        if isinstance(limits, Limited) and limits.ge is not None and limits.le is not None:
            return limits.ge, limits.le
    return None


def choices_of(kind: type, name: str) -> tuple[Any, ...]:
    """What a field can be, where that is one of several; empty else."""
    hint, _ = _unwrapped(_table(kind).hint(name))
    return get_args(hint) if get_origin(hint) is Literal else ()


def is_flag(kind: type, name: str) -> bool:
    """Whether a field is a yes or no."""
    return _unwrapped(_table(kind).hint(name))[0] is bool


def unknown_in(kind: type, data: Mapping[str, Any]) -> dict[str, Any]:
    """What a table holds that the data class does not know."""
    known = _table(kind).names
    return {key: value for key, value in data.items() if key not in known}


def plain(value: Any, *first: str, sparse: bool = True) -> Any:
    """Data as JSON and TOML hold it; ``sparse`` leaves out what is as it would be without being said. ``first`` are written before the others."""
    if is_dataclass(value):
        table = _table(type(value))
        defaults = table.defaults
        names = [*first, *(name for name in defaults if name not in first)] if first else defaults
        out = {}
        for name in names:
            own, empty = getattr(value, table.field_of(name)), defaults[name]
            if not sparse or own != empty:
                out[name] = plain(own, sparse=sparse)
        return out
    if isinstance(value, tuple | list):
        return [plain(one, sparse=sparse) for one in value]
    if isinstance(value, Mapping):
        return {key: plain(one, sparse=sparse) for key, one in value.items()}
    return value


# -- putting readers together ------------------------------------------------------------------------------------------


class _TableReader:
    """A data class: its fields, what each is without being said, and their readers."""

    def __init__(self, kind: Any) -> None:
        self.kind = kind
        self.names = tuple(one.metadata.get("written", one.name) for one in fields(kind))
        self._fields = {one.metadata.get("written", one.name): one.name for one in fields(kind)}
        self.defaults = {
            one.metadata.get("written", one.name): one.default_factory()
            if one.default_factory is not MISSING
            else None
            if one.default is MISSING
            else one.default
            for one in fields(kind)
        }
        self._needed = [
            one.name
            for one in fields(kind)
            if (one.default is MISSING and one.default_factory is MISSING) or one.metadata.get("needed")
        ]
        self._look = getattr(kind, "check_given", None)
        self._readers: dict[bool, dict[str, Reader]] = {True: {}, False: {}}

    def hint(self, name: str) -> Any:
        """The annotation of a field, by the name that is written. Only those that are wanted are looked at: to evaluate one takes as long as to read twenty values."""
        name = self._fields.get(name, name)
        for kind in self.kind.__mro__:
            written = vars(kind).get("__annotations__", {}).get(name)
            if written is not None:
                return eval(written, vars(sys.modules[kind.__module__])) if isinstance(written, str) else written
        raise KeyError(name)

    def field_of(self, name: str) -> str:
        """The field that is written by a name."""
        return self._fields[name]

    def reader(self, name: str, strict: bool) -> Reader | None:
        """Of one field; None where there is no such field."""
        readers = self._readers[strict]
        if name not in readers:
            if name not in self.names:
                return None
            hint = self.hint(name)
            made = _reader(hint) if strict else _lenient_reader(hint)
            floats = getattr(self.kind, "numbers_are_floats", False)
            readers[name] = _as_float(made) if floats and _is_float(hint) else made
        return readers[name]

    def read(self, data: Any, strict: bool, values: Mapping[str, Any]) -> Any:
        if type(data) is not dict:
            raise fault(data, phrase("a table"))
        faults: list[Fault] = []
        found = dict(values)
        readers = self._readers[strict]
        for key, value in data.items():
            if key in values:
                continue
            reader = readers.get(key) or self.reader(key, strict)
            if reader is None:
                if strict:
                    faults.append(Fault((key,), self._no_such(key)))
                continue
            try:
                found[self._fields[key]] = reader(value)
            except SchemaError as error:
                faults += _within(key, error).faults
        for name in self._needed:
            if name not in found and name not in data:
                faults.append(Fault((name,), phrase("it has to be given")))
        try:
            if self._look is not None:
                self._look(data)
            if not faults:
                return self.kind(**found)
        except SchemaError as error:
            faults += error.faults
        except ValueError as error:
            faults.append(Fault((), error.args[0] if error.args else str(error)))
        raise SchemaError(faults)

    def _no_such(self, key: object) -> str:
        near = nearest(str(key), self.names)
        if near:
            return phrase("there is no such field; did you mean {near}?", near=near[0])
        listed = sorted(self.names)[:_MOST_LISTED]
        more = " …" if len(self.names) > _MOST_LISTED else ""
        return phrase("there is no such field; there are {list}{more}", list=joined(listed, ", "), more=more)


_TABLES: dict[Any, _TableReader] = {}


def _table(kind: Any) -> _TableReader:
    if kind not in _TABLES:
        _TABLES[kind] = _TableReader(kind)
    return _TABLES[kind]


@cache
def _reader(hint: Any) -> Reader:
    return _made(hint, _reader, True)


@cache
def _lenient_reader(hint: Any) -> Reader:
    return _made(hint, _lenient_reader, False)


def _made(hint: Any, reader: Callable[[Any], Reader], strict: bool) -> Reader:
    hint, extras = _unwrapped(hint)
    read_kind = _of_kind(hint, [one for one in extras if isinstance(one, Limited)], reader, strict)
    tests = [one for one in extras if isinstance(one, Meets)]
    ways = [one.make for one in extras if isinstance(one, Written)]
    if not tests and not ways:
        return read_kind

    def read_all(value: Any) -> Any:
        for way in ways:
            try:
                value = way(value)
            except SchemaError:
                raise
            except ValueError as error:
                raise SchemaError([Fault((), error.args[0] if error.args else str(error))]) from error
        found = read_kind(value)
        for one in tests:
            if not one.test(found):
                raise fault(value, one.wanted)
        return found

    return read_all


def _of_kind(hint: Any, limits: list[Limited], reader: Callable[[Any], Reader], strict: bool) -> Reader:
    origin, given = get_origin(hint), get_args(hint)
    if origin in (Union, UnionType):
        return _optional(hint, reader)
    if origin is Literal:
        return _one_of(given)
    if origin is tuple and (len(given) != 2 or given[1] is not ...):
        return _row([reader(one) for one in given])
    if origin in (tuple, list) or hint in (tuple, list):
        return _entries(reader(given[0] if given else Any), tuple if origin is tuple else list, limits)
    if (origin is not None and issubclass(origin, Mapping)) or hint is dict:
        return _mapping(reader(given[1] if given else Any))
    if is_dataclass(hint):
        return lambda value: _table(hint).read(value, strict, {})
    made = {str: _text, int: _whole_number, float: _number, bool: _flag}.get(hint)
    if made is not None:
        return made(limits)
    if isinstance(hint, type) and issubclass(hint, Mapping):
        return _mapping(_anything, hint)
    return _anything


def _anything(value: Any) -> Any:
    return value


def _optional(hint: Any, reader: Callable[[Any], Reader]) -> Reader:
    inner = [reader(one) for one in get_args(hint) if one is not NoneType]

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


def _one_of(choices: tuple[Any, ...]) -> Reader:
    words = [str(one) for one in choices]
    wanted = phrase("{list} or {last}", list=joined(words[:-1], ", "), last=words[-1]) if words[1:] else words[0]

    def read_choice(value: Any) -> Any:
        if any(type(value) is type(one) and value == one for one in choices):
            return value
        raise fault(value, wanted, known=words)

    return read_choice


def _row(readers: list[Reader]) -> Reader:
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
            faults += _within(number, error).faults
    if faults:
        raise SchemaError(faults)


def _entries(reader: Reader, kind: type, limits: list[Limited]) -> Reader:
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


def _mapping(reader: Reader, kind: type = dict) -> Reader:
    def read_mapping(value: Any) -> Any:
        if not isinstance(value, dict):
            raise fault(value, phrase("a table"))
        if reader is _anything:
            return value
        faults: list[Fault] = []
        found = {}
        for key, one in value.items():
            try:
                found[_key(key)] = reader(one)
            except SchemaError as error:
                faults += _within(key, error).faults
        if faults:
            raise SchemaError(faults)
        return found if kind is dict or type(value) is kind else value

    return read_mapping


def _key(key: Any) -> str:
    found: str = _reader(Text)(key)
    return found


def _text(limits: list[Limited]) -> Reader:
    least = max((one.min_length for one in limits), default=0)
    most = min((one.max_length for one in limits if one.max_length is not None), default=_MOST_TEXT)
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


def _flag(_: list[Limited]) -> Reader:
    def read_flag(value: Any) -> bool:
        if type(value) is not bool:
            raise fault(value, phrase("true or false"))
        return value

    return read_flag


def _whole_number(limits: list[Limited]) -> Reader:
    low, high, over = _bounds(limits)

    def read_whole_number(value: Any) -> int:
        if type(value) is not int or not low <= value <= high or value <= over:
            raise _no_number(value, _range(phrase("a whole number"), low, high, over))
        return value

    return read_whole_number


def _number(limits: list[Limited]) -> Reader:
    low, high, over = _bounds(limits)

    def read_number(value: Any) -> float:
        if (
            not isinstance(value, int | float)
            or isinstance(value, bool)
            or not low <= value <= high
            or value <= over
            or not math.isfinite(value)
        ):
            raise _no_number(value, _range(phrase("a number"), low, high, over))
        number: float = value
        return number

    return read_number


def _no_number(value: object, wanted: str) -> SchemaError:
    if isinstance(value, str) and re.fullmatch(r"[-+.0-9]+", value):
        wanted = phrase("{wanted}, without quotes,", wanted=wanted)
    return fault(value, wanted)


def _as_float(reader: Reader) -> Reader:
    def read_float(value: Any) -> Any:
        return as_float(reader(value))

    return read_float


def _is_float(hint: Any) -> bool:
    hint, _ = _unwrapped(hint)
    return hint is float or any(
        one is float or _is_float(one) for one in get_args(hint) if get_origin(hint) in (Union, UnionType)
    )


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


def _unwrapped(hint: Any) -> tuple[Any, tuple[Any, ...]]:
    if get_origin(hint) is Annotated:
        inner, *extras = get_args(hint)
        return inner, tuple(extras)
    return hint, ()


def _extras(hint: Any) -> Iterator[Any]:
    inner, extras = _unwrapped(hint)
    yield from extras
    if get_origin(inner) in (Union, UnionType):
        for one in get_args(inner):
            yield from _extras(one)


def _within(key: str | int, error: SchemaError) -> SchemaError:
    return SchemaError([Fault((key, *one.place), one.sentence, one.shown) for one in error.faults])
