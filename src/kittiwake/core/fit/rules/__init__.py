"""The rules of receivers, one file each: its sentences in the sheet, its problems, its check in proof, its demand in words.

Pure, but for what proof gives to its checks.
"""

from ....words import joined
from ...extensions import import_all
from ...model import Receiver
from ...model.rule import RULES, stated_rules
from ..asked import Asked
from ..remedies import unaccepted, with_offers
from ..verdict import Problem
from .subject import Check, Promise, Subject

__all__ = ["RULES", "Check", "Promise", "Subject", "check_receiver", "checked", "demands_of", "problems_of"]

import_all(__name__, __path__)


def problems_of(asked: Asked) -> list[Problem]:
    """Everything about a clip that stands in the way of a receiver's rules, or is worth a warning, with what can be done about it."""
    found: list[Problem] = []
    for rule, value in stated_rules(asked.receiver, "problems"):
        found += rule.problems(asked, value)  # type: ignore[misc]
    return [with_offers(asked, problem) for problem in unaccepted(found, asked.touch)]


def checked(subject: Subject) -> list[Check]:
    """Each rule that a receiver states, held against a file."""
    found: list[Check] = []
    for rule, value in stated_rules(subject.receiver, "checks"):
        found += rule.checks(subject, value)  # type: ignore[misc]
    return found


def demands_of(receiver: Receiver) -> str:
    """What a receiver demands, in sentences for somebody who is not at the machine."""
    told = (rule.demand(receiver, value) for rule, value in stated_rules(receiver, "demand"))  # type: ignore[misc]
    return joined(filter(None, told))


def check_receiver(receiver: Receiver) -> list[str]:
    """What keeps a receiver's rules from being met, as sentences; none where all is well."""
    return [fault for rule, value in stated_rules(receiver, "faults") for fault in rule.faults(receiver, value)]  # type: ignore[misc]
