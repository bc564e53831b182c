"""Readers put together of annotations, once for each type, when it is first read."""

from __future__ import annotations

import sys
from collections.abc import Callable, Mapping
from dataclasses import MISSING, fields, is_dataclass
from types import NoneType, UnionType
from typing import Any, Literal, Union, get_args, get_origin

from ...words import joined, phrase
from ..nearest import nearest
from . import kinds
from .annotations import Limited, Meets, Text, Written, as_float, unwrapped
from .fault import Fault, SchemaError, fault, within
from .kinds import Reader

_MOST_LISTED = 20


class TableReader:
    """A data class: its fields, what each is without being said, and their readers."""

    def __init__(self, kind: Any) -> None:
        self.kind = kind
        #: Fields by the names that are written.
        self.fields = {one.metadata.get("written", one.name): one.name for one in fields(kind)}
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
        """The annotation of a field, by the name that is written. Only those that are wanted are evaluated, since that takes its time."""
        name = self.fields.get(name, name)
        for kind in self.kind.__mro__:
            written = vars(kind).get("__annotations__", {}).get(name)
            if written is not None:
                return eval(written, vars(sys.modules[kind.__module__])) if isinstance(written, str) else written
        raise KeyError(name)

    def reader(self, name: str, strict: bool) -> Reader | None:
        """Of one field; None where there is no such field."""
        readers = self._readers[strict]
        if name not in readers:
            if name not in self.fields:
                return None
            hint = self.hint(name)
            made = reader_of(hint) if strict else lenient_reader_of(hint)
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
                found[self.fields[key]] = reader(value)
            except SchemaError as error:
                faults += within(key, error).faults
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
        near = nearest(str(key), self.fields)
        if near:
            return phrase("there is no such field; did you mean {near}?", near=near[0])
        listed = sorted(self.fields)[:_MOST_LISTED]
        more = " …" if len(self.fields) > _MOST_LISTED else ""
        return phrase("there is no such field; there are {list}{more}", list=joined(listed, ", "), more=more)


_TABLES: dict[Any, TableReader] = {}


def table_of(kind: Any) -> TableReader:
    if kind not in _TABLES:
        _TABLES[kind] = TableReader(kind)
    return _TABLES[kind]


_READERS: dict[tuple[str, bool], Reader] = {}


def reader_of(hint: Any) -> Reader:
    """The reader of an annotation; unknown fields of tables in it are faults."""
    return _kept(hint, reader_of, True)


def lenient_reader_of(hint: Any) -> Reader:
    """The same, that leaves unknown fields alone."""
    return _kept(hint, lenient_reader_of, False)


def _kept(hint: Any, reader: Callable[[Any], Reader], strict: bool) -> Reader:
    # By how it is written: annotations of the same choices in another order are equal, and are not to be said alike.
    key = repr(hint), strict
    if key not in _READERS:
        _READERS[key] = _made(hint, reader, strict)
    return _READERS[key]


def _made(hint: Any, reader: Callable[[Any], Reader], strict: bool) -> Reader:
    hint, extras = unwrapped(hint)
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
        return kinds.optional([reader(one) for one in given if one is not NoneType])
    if origin is Literal:
        return kinds.one_of(given)
    if origin is tuple and (len(given) != 2 or given[1] is not ...):
        return kinds.row([reader(one) for one in given])
    if origin in (tuple, list) or hint in (tuple, list):
        return kinds.entries(reader(given[0] if given else Any), tuple if origin is tuple else list, limits)
    if (origin is not None and issubclass(origin, Mapping)) or hint is dict:
        return kinds.mapping(reader(given[1] if given else Any), reader(Text))
    if is_dataclass(hint):
        return lambda value: table_of(hint).read(value, strict, {})
    made = {str: kinds.text, int: kinds.whole_number, float: kinds.number, bool: kinds.flag}.get(hint)
    if made is not None:
        return made(limits)
    if isinstance(hint, type) and issubclass(hint, Mapping):
        return kinds.mapping(kinds.anything, reader(Text))
    return kinds.anything


def _as_float(reader: Reader) -> Reader:
    def read_float(value: Any) -> Any:
        return as_float(reader(value))

    return read_float


def _is_float(hint: Any) -> bool:
    hint, _ = unwrapped(hint)
    return hint is float or any(
        one is float or _is_float(one) for one in get_args(hint) if get_origin(hint) in (Union, UnionType)
    )
