"""Rules of receivers that are added from outside, one object each; in a receiver's TOML they stand in ``[rules.more]``.

What an object's functions take and give is of higher rooms: see ``fit.asked.Asked``, ``fit.verdict.Problem``, ``make.rule_checks``.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from typing import Any

from ...plain_data import dataclass
from ..nearest import nearest


@dataclass(frozen=True, slots=True)
class Rule:
    """A rule of a receiver.

    Attributes
    ----------
    key : as it is called in ``[rules.more]``.
    before, after : the words around its field in the sheet of a receiver.
    parse : the value of what TOML or the sheet holds; raises ``ValueError`` with what is wanted. None where there is no rule.
    problem : given an ``Asked``, the ``Problem`` of a clip with it, or None.
    check : given the ``Subject`` of proof and the value, a ``Check``.
    """

    key: str
    before: str
    after: str
    parse: Callable[[Any], Any]
    problem: Callable[[Any], Any]
    check: Callable[[Any, Any], Any]


RULES: dict[str, Rule] = {}


def register_rule(rule: Rule) -> None:
    """Let receivers have this rule.

    Raises
    ------
    ValueError : there is one of that key.
    """
    if rule.key in RULES:
        raise ValueError(f"there is a rule {rule.key} already")
    RULES[rule.key] = rule


class MoreRules(dict[str, Any]):
    """Values by the keys of their rules; not to be changed, so that it can be hashed with the receiver it belongs to."""

    def __hash__(self) -> int:  # type: ignore[override]
        return hash(tuple(sorted((key, repr(value)) for key, value in self.items())))


def parsed(more: Mapping[str, Any]) -> MoreRules:
    """The rules that a receiver states.

    Raises
    ------
    ValueError : there is no such rule here, or its value cannot be.
    """
    out = MoreRules()
    for key, value in more.items():
        if key not in RULES:
            near = nearest(key, RULES, 1)
            raise ValueError(f"there is no rule {key} here{f'; did you mean {near[0]}?' if near else ''}")
        try:
            found = RULES[key].parse(value)
        except ValueError as error:
            raise ValueError(f"{key} = {value!r}: {error}") from None
        if found is not None:
            out[key] = found
    return out
