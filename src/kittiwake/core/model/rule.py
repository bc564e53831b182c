"""Rules of receivers, one object each: those that ship (``fit/rules``, a file each) and those from outside.

What an object's functions take and give is of higher rooms: see ``fit.asked.Asked``, ``fit.verdict.Problem``, ``fit.rules.subject``.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator
from typing import Any

from ...plain_data import dataclass
from ..errors import KittiwakeError
from ..log import log
from ..registry import Registry
from .facts import NotMeasuredError

Choices = tuple[tuple[Any, str], ...]


@dataclass(frozen=True, slots=True)
class Blank:
    """A sentence with one blank, of which the sheet of a receiver is made.

    Attributes
    ----------
    before, after : the words around the blank. One that begins small goes on with the sentence before it.
    path : where in the receiver's data it stands.
    choices : what may be chosen, value to words, or what gives it when it is shown; empty where it is typed.
    kind : how what is typed is read: ``text``, ``number``, ``rates`` (kHz), ``size``, ``words``, ``bit_rate`` (kbit/s, chosen
        from or typed), ``ending`` (of a file's name), ``more`` (by the rule's own ``parse``).
    empty : what it means that nothing stands there.
    """

    before: str
    path: tuple[Any, ...]
    after: str = ""
    kind: str = "text"
    choices: Choices | Callable[[], Choices] = ()
    empty: Any = None

    def chosen_from(self) -> Choices:
        """What may be chosen now."""
        return self.choices() if callable(self.choices) else self.choices


@dataclass(frozen=True, slots=True)
class Rule:
    """A rule of a receiver; whatever it has no say in is left out.

    Attributes
    ----------
    key : its name; that of a rule from outside is how it is called in ``[rules.more]``.
    place : among the others, in the sheet, in lists of problems and of checks; those that ship lie between 10 and 200.
    blanks : its sentences in the sheet. A rule from outside has one, see ``blank_of``.
    parse : of a rule from outside: the value of what TOML or the sheet holds, None where there is no rule; raises ``ValueError`` with what is
        wanted. What ships is a field of ``model.receiver``, and read by its annotation.
    value : what a receiver states; None where it states nothing, and is not asked any further.
    picture : whether problems are seen in outline, spectrum or bandwidth of the source, which many files at once are made without where nothing asks
        for them.
    fits : given an ``Asked`` and the value, the ``Room`` that there is, if that is too little.
    problems : given an ``Asked`` and the value, the ``Problem`` of a clip with it.
    checks : given the ``Subject`` of proof and the value, each ``Check``.
    demand : given a receiver and the value, a sentence for somebody who is not at the machine.
    faults : given a receiver and the value, what keeps the rule from ever being met, in sentences.
    """

    key: str
    place: float = 1000
    blanks: tuple[Blank, ...] = ()
    parse: Callable[[Any], Any] | None = None
    value: Callable[[Any], Any] | None = None
    picture: bool = False
    fits: Callable[[Any, Any], Any] | None = None
    problems: Callable[[Any, Any], Iterable[Any]] | None = None
    checks: Callable[[Any, Any], Iterable[Any]] | None = None
    demand: Callable[[Any, Any], str] | None = None
    faults: Callable[[Any, Any], Iterable[str]] | None = None

    def stated(self, receiver: Any) -> Any:
        """The value at a receiver, None where it has no such rule."""
        return receiver.rules.more.get(self.key) if self.value is None else self.value(receiver)


RULES: Registry[str, Rule] = Registry("rule", place=lambda rule: rule.place)


def register_rule(rule: Rule) -> None:
    """Let receivers have this rule.

    Raises
    ------
    ValueError : there is one of that key.
    """
    RULES.add(rule.key, rule)


def blank_of(key: str, before: str, after: str = "") -> Blank:
    """The sentence of a rule that stands in ``[rules.more]``."""
    return Blank(before, ("rules", "more", key), after, "more")


def stated_rules(receiver: Any) -> Iterator[tuple[Rule, Any]]:
    """Every rule that a receiver states, with its value, in order."""
    for rule in RULES.values():
        if (value := rule.stated(receiver)) is not None:
            yield rule, value


def answers(
    receiver: Any, asked: str, about: Any, failed: Callable[[Rule, Exception], Any] | None = None
) -> Iterator[Any]:
    """What the rules that a receiver states have to say, in order; ``asked`` is the function of ``Rule`` by name, ``about`` its first argument.

    Rules without a say are not asked for their value: there are many, and clips are planned by the hundred thousand.

    Parameters
    ----------
    failed : answers in place of a rule that raises what nobody expects, as one from outside may; without it that is raised.
    """
    for rule in RULES.values():
        say = getattr(rule, asked)
        if say is None or (value := rule.stated(receiver)) is None:
            continue
        try:
            said = say(about, value)
            if isinstance(said, Iterator):
                said = list(said)  # here, where what it raises belongs to its rule
        except (KittiwakeError, NotMeasuredError):
            raise
        except Exception as error:  # whatever somebody's rule does
            if failed is None:
                raise
            log.error("the rule %s, asked for its %s", rule.key, asked, exc_info=error)
            said = failed(rule, error)
        yield said
