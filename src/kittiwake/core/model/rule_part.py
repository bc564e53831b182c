"""What all parts of a receiver have in common: read strictly from plain data, turned into such, and changed by copying."""

from __future__ import annotations

from dataclasses import Field, fields
from functools import cache
from typing import Any, ClassVar, Self

from .. import schema


class RulePart:
    """A frozen data class. What is put together in code is believed; ``read`` checks what somebody wrote.

    Attributes
    ----------
    left_out : fields that are not written where they hold nothing: rules that came later, so that digests of before stay as they were.
    """

    __slots__ = ()
    numbers_are_floats: ClassVar[bool] = True
    left_out: ClassVar[tuple[str, ...]] = ()

    @classmethod
    def read(cls, data: Any) -> Self:
        """The part that plain data describes.

        Raises
        ------
        SchemaError : a ``ValueError`` that holds every fault with its place.
        """
        return schema.read(cls, data)

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


@cache
def _fields(cls: Any) -> tuple[Field[Any], ...]:
    return fields(cls)
