"""The rules of receivers, one file each: its sentences in the sheet, its problems, its check in proof, its demand in words.

Pure, but for what proof gives to its checks.
"""

from ....words import joined
from ...extensions import import_all
from ...model import Receiver
from ...model.rule import RULES, answers
from ..asked import Asked
from ..remedies import unaccepted, with_offers
from ..verdict import Problem
from .subject import Check, Promise, Subject

__all__ = ["RULES", "Check", "Promise", "Subject", "check_receiver", "checked", "demands_of", "problems_of"]

import_all(__name__, __path__)


def problems_of(asked: Asked) -> list[Problem]:
    """Everything about a clip that stands in the way of a receiver's rules, or is worth a warning, with what can be done about it."""
    found: list[Problem] = []
    for problems in answers(asked.receiver, "problems", asked):
        found += problems
    return [with_offers(asked, problem) for problem in unaccepted(found, asked.touch)]


def checked(subject: Subject) -> list[Check]:
    """Each rule that a receiver states, held against a file."""
    return [check for checks in answers(subject.receiver, "checks", subject) for check in checks]


def demands_of(receiver: Receiver) -> str:
    """What a receiver demands, in sentences for somebody who is not at the machine."""
    return joined(filter(None, answers(receiver, "demand", receiver)))


def check_receiver(receiver: Receiver) -> list[str]:
    """What keeps a receiver's rules from being met, as sentences; none where all is well."""
    return [fault for faults in answers(receiver, "faults", receiver) for fault in faults]
