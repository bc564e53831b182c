"""What files are called."""

from __future__ import annotations

from collections.abc import Iterator

from ....words import joined, phrase
from ...codec import FORMATS
from ...model import Clip, Receiver
from ...model.name_rules import Names
from ...model.rule import Blank, Rule, register_rule
from ..names import legal_name, lost_in
from ..planning_context import PlanningContext
from ..remedies import ask
from ..verdict import Problem
from .subject import Check, Subject


def renamed(clip: Clip, receiver: Receiver) -> str:
    """The name that a receiver takes in place of the clip's own; empty where it takes that, or puts names together from other fields."""
    rules = receiver.rules.names
    return "" if rules.pattern != "{name}" or rules.is_legal(clip.name) else legal_name(clip.name, rules)


def of_name(clip: Clip, receiver: Receiver) -> Iterator[Problem]:
    """A name that loses letters, or gets others."""
    name = renamed(clip, receiver)
    if name and lost_in(clip.name, name):
        message = phrase(
            "It will be called “{name}”: {receiver} does not take “{wanted}” for a name.",
            name=name,
            receiver=receiver.name,
            wanted=clip.name,
        )
        yield Problem("renamed", "warning", message, (ask(phrase("Give the clip another name (F2).")),))


def _problems(asked: PlanningContext, _: Names) -> Iterator[Problem]:
    return of_name(asked.clip, asked.receiver)


def _checks(it: Subject, names: Names) -> Iterator[Check]:
    forms = [(a.container, a.encoding) for a in it.receiver.rules.accepts]
    extensions = [
        names.extension_for(written.extension)
        for form in forms
        if (form == it.form or it.form not in forms) and (written := FORMATS.get(form))
    ]
    right = any(
        it.name.endswith(extension) and names.is_legal(it.name[: len(it.name) - len(extension)])
        for extension in extensions
    )
    sentence = joined(
        (extension or phrase("no extension") for extension in dict.fromkeys(extensions)), phrase(" or ")
    )
    wanted = phrase(
        "{max_length} of [{allowed}], then {detail}",
        max_length=names.max_length,
        allowed=names.allowed,
        detail=sentence,
    )
    yield Check(phrase("name"), phrase("at most {wanted}", wanted=wanted), it.name, right)


_NAMES = ("rules", "names")
_IN_THE_NAME = ((False, phrase("not told in the name")), (True, phrase("told in the name")))
_CASES = (("keep", phrase("any case")), ("lower", phrase("lower case")), ("upper", phrase("capitals")))
register_rule(
    Rule(
        "names",
        160,
        (
            Blank(phrase("Names are made of"), (*_NAMES, "pattern")),
            Blank(phrase("A corrected rate is"), (*_NAMES, "mark_corrected"), choices=_IN_THE_NAME),
            Blank(phrase("Names have the characters"), (*_NAMES, "allowed")),
            Blank(phrase("At most"), (*_NAMES, "max_length"), phrase("of them"), "number"),
            Blank(phrase("in"), (*_NAMES, "case"), choices=_CASES),
            Blank(phrase("Files end in"), (*_NAMES, "extension"), "", "ending"),
        ),
        value=lambda receiver: receiver.rules.names,
        problems=_problems,
        checks=_checks,
        demand=lambda receiver, names: (
            phrase("Names are made of {allowed}.", allowed=names.allowed) if names.allowed else ""
        ),
    )
)
