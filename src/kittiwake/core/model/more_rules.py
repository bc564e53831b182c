"""What a receiver states of rules from outside: ``[rules.more]`` in its TOML."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from ..nearest import nearest
from .rule import RULES


class MoreRules(dict[str, Any]):
    """Values by the keys of their rules; not to be changed, so that it can be hashed with the receiver it belongs to."""

    def __hash__(self) -> int:  # type: ignore[override]
        return hash(tuple(sorted((key, repr(value)) for key, value in self.items())))


def parsed(more: Any) -> Any:
    """The rules that a receiver states.

    Raises
    ------
    ValueError : there is no such rule here, or its value cannot be.
    """
    if not isinstance(more, Mapping):
        return more  # no table, which its reader says
    out = MoreRules()
    for key, value in more.items():
        rule = RULES.get(key)
        if rule is None or rule.parse is None:
            near = nearest(key, (one.key for one in RULES.values() if one.parse))
            raise ValueError(f"there is no rule {key} here{f'; did you mean {near[0]}?' if near else ''}")
        try:
            found = rule.parse(value)
        except ValueError as error:
            raise ValueError(f"{key} = {value!r}: {error}") from None
        if found is not None:
            out[key] = found
    return out
