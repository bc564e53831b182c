"""Data classes whose methods are made when they are first wanted.

``dataclasses`` writes and compiles six methods for each class while its module is loaded, about a millisecond a class; of the hundred classes
that a command of one clip loads it needs few. What comes out behaves alike: ``fields``, ``replace`` and ``asdict`` work on it (a test holds both
against each other).
"""

from __future__ import annotations

import dataclasses
from collections.abc import Callable, Sequence
from operator import attrgetter
from types import MemberDescriptorType
from typing import TYPE_CHECKING, Any

_FEW = 8  # objects of a class that are made without an ``__init__`` of its own: to write and compile one takes as long as to make fifty

if TYPE_CHECKING:
    from dataclasses import dataclass
else:

    def dataclass(cls: type | None = None, /, **options: Any) -> Any:
        """As ``dataclasses.dataclass``, for ``frozen``, ``slots`` and ``kw_only``."""
        if cls is None:
            return lambda found: dataclass(found, **options)
        frozen = options.pop("frozen", False)
        own = set(vars(cls))
        # What is put together of a signature where there is no sentence about the class costs as much as the rest.
        cls.__doc__ = cls.__doc__ or cls.__name__
        written = _set_aside_annotations(cls)
        new = dataclasses.dataclass(cls, init=False, repr=False, eq=False, **options)
        new.__annotations__ = written
        for name, field in new.__dataclass_fields__.items():
            field.type = written.get(name, field.type)
        for name, method in _methods(new, frozen, options.get("slots", False)).items():
            if name not in own:
                setattr(new, name, method)
        return new


def _set_aside_annotations(cls: type) -> dict[str, Any]:
    """Puts plain types where annotations are text, and gives what was there: ``dataclasses`` looks into each text three times for what is no field."""
    written: dict[str, Any] = vars(cls).get("__annotations__", {})
    cls.__annotations__ = {
        name: kind
        if isinstance(kind, str) and ("ClassVar" in kind or "InitVar" in kind or "KW_ONLY" in kind)
        else object
        for name, kind in written.items()
    }
    return written


def _methods(cls: Any, frozen: bool, slots: bool) -> dict[str, Any]:
    fields = dataclasses.fields(cls)
    made_so_far = 0
    compared: Callable[[Any], Any] | None = None
    hashed: Callable[[Any], Any] | None = None

    def first(self: Any, *given: Any, **named: Any) -> None:
        nonlocal made_so_far
        made_so_far += 1
        values = _values(fields, given, named) if made_so_far <= _FEW else None
        if values is not None:
            for one, value in zip(fields, values, strict=True):
                object.__setattr__(self, one.name, value)
            if hasattr(cls, "__post_init__"):
                self.__post_init__()
            return
        if cls.__init__ is first:
            cls.__init__ = _init(cls)
        cls.__init__(self, *given, **named)

    def described(self: Any) -> str:
        parts = (f"{one.name}={getattr(self, one.name)!r}" for one in fields if one.repr)
        return f"{type(self).__qualname__}({', '.join(parts)})"

    def equal(self: Any, other: object) -> Any:
        nonlocal compared
        if other.__class__ is not self.__class__:
            return NotImplemented
        compared = compared or _getter([one.name for one in fields if one.compare])
        return compared(self) == compared(other)

    def hashed_as(self: Any) -> int:
        nonlocal hashed
        hashed = hashed or _getter([one.name for one in fields if (one.compare if one.hash is None else one.hash)])
        return hash(hashed(self))

    made: dict[str, Any] = {
        "__init__": first,
        "__repr__": described,
        "__eq__": equal,
        "__hash__": hashed_as if frozen else None,
    }
    if frozen:
        made |= {"__setattr__": _no_change, "__delattr__": _no_change}
    if frozen and slots:
        made |= {"__getstate__": _state, "__setstate__": _take_state}
    return made


def _state(self: Any) -> list[Any]:
    return [getattr(self, one.name) for one in dataclasses.fields(self)]


def _take_state(self: Any, state: list[Any]) -> None:
    for one, value in zip(dataclasses.fields(self), state, strict=True):
        object.__setattr__(self, one.name, value)


def _no_change(self: Any, name: str, value: Any = None) -> None:
    raise dataclasses.FrozenInstanceError(f"cannot change field {name!r}")


def _getter(names: list[str]) -> Callable[[Any], Any]:
    return attrgetter(*names) if names else lambda _: ()


def _values(
    fields: Sequence[dataclasses.Field[Any]], given: Sequence[Any], named: dict[str, Any]
) -> list[Any] | None:
    """The value of each field; None where what is given does not go with them, which ``__init__`` itself says best."""
    found = dict(zip((one.name for one in fields if not one.kw_only), given))  # noqa: B905 (as far as they go)
    if len(found) < len(given) or found.keys() & named.keys():
        return None
    found |= named
    values = []
    for one in fields:
        if one.name in found:
            values.append(found.pop(one.name))
        elif one.default is not dataclasses.MISSING:
            values.append(one.default)
        elif one.default_factory is not dataclasses.MISSING:
            values.append(one.default_factory())
        else:
            return None
    return None if found else values


def _init(cls: Any) -> Callable[..., None]:
    """The real ``__init__``, with a parameter a field. A slot is set by its own descriptor, which takes a third less time."""
    names: dict[str, Any] = {"_set": object.__setattr__, "_unset": object()}
    by_place: list[str] = []
    by_name: list[str] = []
    body: list[str] = []
    for one in dataclasses.fields(cls):
        default, given = "", one.name
        if one.default is not dataclasses.MISSING:
            names[f"_default_{one.name}"], default = one.default, f"=_default_{one.name}"
        elif one.default_factory is not dataclasses.MISSING:
            names[f"_make_{one.name}"], default = one.default_factory, "=_unset"
            given = f"_make_{one.name}() if {one.name} is _unset else {one.name}"
        (by_name if one.kw_only else by_place).append(one.name + default)
        slot = getattr(cls, one.name, None)
        if isinstance(slot, MemberDescriptorType):
            names[f"_set_{one.name}"] = slot.__set__
            body.append(f" _set_{one.name}(self, {given})")
        else:
            body.append(f" _set(self, {one.name!r}, {given})")
    if hasattr(cls, "__post_init__"):
        body.append(" self.__post_init__()")
    given = ", ".join(["self", *by_place, *(["*", *by_name] if by_name else [])])
    exec("\n".join([f"def __init__({given}):", *(body or [" pass"])]), names)
    made: Callable[..., None] = names["__init__"]
    made.__qualname__ = f"{cls.__qualname__}.__init__"
    return made
