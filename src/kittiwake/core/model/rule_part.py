"""What all parts of a receiver have in common: read strictly from plain data, turned into such, and changed by copying."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import Field, fields
from functools import cache
from typing import Any, ClassVar, Self, get_args, get_type_hints


class RulePart:
    """A frozen data class. What is put together in code is believed; ``read`` checks what somebody wrote.

    Attributes
    ----------
    parts : fields that hold parts themselves, one or a row of them.
    converters : by field, what makes its value of what is written.
    left_out : fields that are not written where they hold nothing: rules that came later, so that digests of before stay as they were.
    """

    __slots__ = ()
    # A mistyped key must not pass for a rule that is not there.
    __pydantic_config__: ClassVar[dict[str, Any]] = {"extra": "forbid", "allow_inf_nan": False}
    parts: ClassVar[dict[str, type[RulePart]]] = {}
    converters: ClassVar[dict[str, Callable[[Any], Any]]] = {}
    left_out: ClassVar[tuple[str, ...]] = ()

    @classmethod
    def read(cls, data: Any) -> Self:
        """The part that plain data describes.

        Raises
        ------
        pydantic.ValidationError : a ``ValueError`` that lists every fault with its place.
        """
        found: Self = _adapter(cls).validate_python(data)  # type: ignore[arg-type]
        return found

    @classmethod
    def trusted(cls, data: dict[str, Any]) -> Self:
        """The same of data that is known to be right, such as what ships (a test reads all of it); takes a hundredth of the time.

        Raises
        ------
        ValueError, TypeError : it was not right.
        """
        given: dict[str, Any] = {}
        kinds = _kinds(cls)  # type: ignore[arg-type]
        for name, value in data.items():
            if (part := cls.parts.get(name)) is not None:
                given[name] = (
                    part.trusted(value) if isinstance(value, dict) else tuple(part.trusted(one) for one in value)
                )
            elif name in cls.converters:
                given[name] = cls.converters[name](value)
            elif isinstance(value, list):
                given[name] = tuple(value)
            else:
                given[name] = float(value) if type(value) is int and "float" in kinds[name] else value
        return cls(**given)

    @classmethod
    def check_given(cls, data: dict[str, Any]) -> None:
        """What can be seen only of what was written, before defaults join it; raises ``ValueError``."""

    def changed(self, **changes: Any) -> Self:
        """A copy with other fields, which are not checked."""
        new = object.__new__(type(self))
        for field in _fields(type(self)):  # type: ignore[arg-type]
            object.__setattr__(
                new, field.name, changes.pop(field.name) if field.name in changes else getattr(self, field.name)
            )
        if changes:
            raise TypeError(f"{type(self).__name__} has no {', '.join(changes)}")
        return new

    def to_data(self, *, sparse: bool = False) -> dict[str, Any]:
        """Plain data, as JSON and TOML hold it; ``sparse`` leaves out what is as it would be without being said."""
        data = {}
        for field in _fields(type(self)):  # type: ignore[arg-type]
            value = getattr(self, field.name)
            if (sparse and value == field.default) or (field.name in self.left_out and not value and value != ""):
                continue
            data[field.name] = self.plain(field.name, value, sparse)
        return data

    def plain(self, name: str, value: Any, sparse: bool) -> Any:
        """The plain data of the value of a field."""
        if isinstance(value, RulePart):
            return value.to_data(sparse=sparse)
        if isinstance(value, tuple):
            return [self.plain(name, one, sparse) for one in value]
        if isinstance(value, dict):
            return {key: self.plain(name, one, sparse) for key, one in value.items()}
        return str(value) if isinstance(value, str) else value

    @classmethod
    def __get_pydantic_core_schema__(cls, source: Any, handler: Any) -> Any:
        from pydantic_core import core_schema

        return core_schema.no_info_before_validator_function(cls._plain_kinds, handler(source))

    @classmethod
    def _plain_kinds(cls, data: Any) -> Any:
        # Neither a text nor a yes may pass for a number.
        if isinstance(data, dict):
            for name, value in data.items():
                numeric = name in _numeric(cls)  # type: ignore[arg-type]
                for one in value if isinstance(value, list | tuple) else [value]:
                    if numeric and isinstance(one, bool):
                        raise ValueError(f"{name} = {str(one).lower()} is no number")
                    if numeric and isinstance(one, str) and name not in cls.converters:
                        raise ValueError(f"{name} = “{one[:40]}” is a text, not a number: write it without quotes")
            cls.check_given(data)
        return data


@cache
def _adapter(cls: Any) -> Any:
    from pydantic import TypeAdapter

    return TypeAdapter(cls)


@cache
def _fields(cls: Any) -> tuple[Field[Any], ...]:
    return fields(cls)


@cache
def _kinds(cls: Any) -> dict[str, str]:
    """Annotations of fields, as they are written."""
    return {field.name: str(field.type) for field in _fields(cls)}


@cache
def _numeric(cls: Any) -> frozenset[str]:
    """Fields that hold numbers, in a row or not."""
    return frozenset(name for name, kind in get_type_hints(cls).items() if _is_numeric(kind))


def _is_numeric(annotation: Any) -> bool:
    if annotation in (int, float):
        return True
    return any(_is_numeric(part) for part in get_args(annotation) if not isinstance(part, str))
