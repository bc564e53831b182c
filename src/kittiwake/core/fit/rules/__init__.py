"""The rules of receivers, one file each: its sentences in the sheet, its problems, its check in proof, its demand in words.

Pure, but for what proof gives to its checks.
"""

from ....words import joined, phrase
from ...extensions import import_all, import_door
from ...model import Receiver
from ...model.rule import RULES, Rule, answers
from ..planning_context import PlanningContext
from ..remedies import ask, unaccepted, with_offers
from ..verdict import Problem
from .subject import Check, Subject, WriteReport

__all__ = ["RULES", "Check", "Subject", "WriteReport", "check_receiver", "checked", "demands_of", "problems_of"]

import_all(__name__, __path__)
import_door("rules")


def problems_of(asked: PlanningContext) -> list[Problem]:
    """Everything about a clip that stands in the way of a receiver's rules, or is worth a warning, with what can be done about it."""
    found: list[Problem] = []
    for problems in answers(asked.receiver, "problems", asked, _failed):
        found += problems
    return [with_offers(asked, problem) for problem in unaccepted(found, asked.touch)]


def _failed(rule: Rule, error: Exception) -> list[Problem]:
    """That a rule cannot be asked: nothing is made by rules that nobody can hold it to."""
    sentence = phrase(
        "The rule “{key}” cannot be asked, since it fails ({kind}: {error}).",
        key=rule.key,
        kind=type(error).__name__,
        error=error,
    )
    return [Problem("rule_fails", "cannot", sentence, (ask(phrase("Mend the extension that it comes from.")),))]


def checked(subject: Subject) -> list[Check]:
    """Each rule that a receiver states, held against a file."""

    def failed(rule: Rule, error: Exception) -> list[Check]:
        return [Check(rule.key, phrase("a rule that can be asked"), f"{type(error).__name__}: {error}", False)]

    return [check for checks in answers(subject.receiver, "checks", subject, failed) for check in checks]


def demands_of(receiver: Receiver) -> str:
    """What a receiver demands, in sentences for somebody who is not at the machine."""
    return joined(filter(None, answers(receiver, "demand", receiver)))


def check_receiver(receiver: Receiver) -> list[str]:
    """What keeps a receiver's rules from being met, as sentences; none where all is well."""
    return [fault for faults in answers(receiver, "faults", receiver) for fault in faults]
