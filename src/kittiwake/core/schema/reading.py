"""Data read as it was declared, written again, and what a declaration says."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import is_dataclass
from typing import Any, Literal, TypeVar, get_args, get_origin

from .annotations import Limited, extras_of, unwrapped
from .fault import SchemaError, within
from .table import lenient_reader_of, reader_of, table_of

Found = TypeVar("Found")


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
        known = table_of(kind)
        found: Found = known.read(data, strict, values)
        return found
    made: Any = reader_of if strict else lenient_reader_of
    result: Found = made(kind)(data)
    return result


def read_field(kind: type, name: str, value: object) -> Any:
    """The value of one field of a data class.

    Raises
    ------
    SchemaError
    """
    try:
        reader = table_of(kind).reader(name, True)
        assert reader is not None
        return reader(value)
    except SchemaError as error:
        raise within(name, error) from None


def bounds_of(kind: type, name: str) -> tuple[float, float] | None:
    """Least and most of the number that a field holds."""
    for limits in extras_of(table_of(kind).hint(name)):
        if isinstance(limits, Limited) and limits.ge is not None and limits.le is not None:
            return limits.ge, limits.le
    return None


def choices_of(kind: type, name: str) -> tuple[Any, ...]:
    """What a field can be, where that is one of several; empty else."""
    hint, _ = unwrapped(table_of(kind).hint(name))
    return get_args(hint) if get_origin(hint) is Literal else ()


def is_flag(kind: type, name: str) -> bool:
    """Whether a field is a yes or no."""
    return unwrapped(table_of(kind).hint(name))[0] is bool


def unknown_in(kind: type, data: Mapping[str, Any]) -> dict[str, Any]:
    """What a table holds that the data class does not know."""
    known = table_of(kind).fields
    return {key: value for key, value in data.items() if key not in known}


def plain(value: Any, *first: str, sparse: bool = True) -> Any:
    """Data as JSON and TOML hold it; ``sparse`` leaves out what is as it would be without being said. ``first`` are written before the others."""
    if is_dataclass(value):
        table = table_of(type(value))
        defaults = table.defaults
        names = [*first, *(name for name in defaults if name not in first)] if first else defaults
        out = {}
        for name in names:
            own, empty = getattr(value, table.fields[name]), defaults[name]
            if not sparse or own != empty:
                out[name] = plain(own, sparse=sparse)
        return out
    if isinstance(value, tuple | list):
        return [plain(one, sparse=sparse) for one in value]
    if isinstance(value, Mapping):
        return {key: plain(one, sparse=sparse) for key, one in value.items()}
    return value
