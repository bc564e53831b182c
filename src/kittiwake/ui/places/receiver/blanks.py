"""The sentences with blanks that the sheet of a receiver is made of: those of its rules, of the stages that treat sound, and of what comes after."""

from __future__ import annotations

from collections.abc import Iterator

from ....core.fit.path import PATH
from ....core.fit.rules import RULES
from ....core.model.rule import Blank
from ....words import phrase, tr
from ....work.deliver.form import forms as all_forms
from ....work.standin.machine import kinds


def delivery_forms() -> tuple[tuple[str, str], ...]:
    """Every form that a set can be handed over in."""
    return tuple((form.key, form.name) for form in all_forms().values())


def machines() -> tuple[tuple[str, str], ...]:
    """Every machine that there is a stand-in for."""
    return (
        ("", tr("no stand-in")),
        *((kind.key, tr("the stand-in {name}", name=kind.name)) for kind in kinds().values()),
    )


_NAME = Blank(phrase("It is called"), ("name",))
_LISTS = (
    ("none", phrase("no list")),
    ("jsonl", phrase("a list in JSON lines")),
    ("csv", phrase("a list in CSV")),
    ("both", phrase("both lists")),
)
_DELIVERY = (
    Blank(phrase("Outputs go to the folder"), ("delivery", "folder"), empty=""),
    Blank(phrase("The set is handed over as"), ("delivery", "form"), choices=delivery_forms),
    Blank(phrase("Each file lies there as"), ("delivery", "names"), empty="{name}"),
    Blank(phrase("with"), ("delivery", "manifest"), choices=_LISTS),
    Blank(phrase("Joined in one file, pauses are"), ("delivery", "pause_seconds"), "s", "number", empty=0.0),
    Blank(phrase("It is tried on"), ("standin",), choices=machines),
)


def blanks() -> Iterator[tuple[str, Blank]]:
    """Every sentence, with the part of the sheet in which it stands: ``RULES`` or ``TREATMENT``."""
    yield "RULES", _NAME
    for rule in RULES.values():
        yield from (("RULES", blank) for blank in rule.blanks)
    for stage in sorted(PATH, key=lambda one: one.place):
        yield from (("TREATMENT", blank) for blank in stage.blanks)
    yield from (("TREATMENT", blank) for blank in _DELIVERY)
