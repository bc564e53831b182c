"""Writes docs/rules.md from the rules and stages that ship: ``./run formats``. A test holds the page against them."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path

from kittiwake.core.fit.path import PATH
from kittiwake.core.fit.remedies.registry import OFFERS, REMEDIES
from kittiwake.core.fit.rules import RULES
from kittiwake.core.model.rule import Blank
from kittiwake.ui.dialogs.touch_dialog import touch_fields

PAGE = Path(__file__).resolve().parents[1] / "docs" / "rules.md"
_HEAD = """# Rules, treatments, remedies and touch-ups

Made by `./run formats` from the objects that planning, making, proof, the sheet of a receiver and the form of touch-ups read; do not edit by hand. How a receiver's TOML is
written stands in [receivers.md](receivers.md), how one of these is added in [CONTRIBUTING.md](../CONTRIBUTING.md).

"""


def _sentence(blank: Blank) -> str:
    return " ".join(filter(None, (str(blank.before), "…", str(blank.after))))


def _field(blank: Blank) -> str:
    names = {"form": "container, encoding", "rates": "sample_rates, max_sample_rate"}
    *rooms, last = (str(part) for part in blank.path if part != 0)
    return "`" + ".".join([*rooms, names.get(last, last)]) + "`"


def _may(blank: Blank) -> str:
    if callable(blank.choices):
        return "see [formats.md](formats.md)" if blank.path[-1] == "form" else "bit/s"
    return ", ".join(f"`{str(value).lower()}` {words}" for value, words in blank.choices) or blank.kind


def _blanks(sample: tuple[Blank, ...]) -> Iterator[str]:
    yield from (f"| {_sentence(blank)} | {_field(blank)} | {_may(blank)} |" for blank in sample)


def page() -> str:
    """The whole page."""
    lines = [
        _HEAD,
        "## Rules",
        "",
        "| rule | says how much fits | problems of its own | checked in proof | said to outsiders |",
    ]
    lines.append("|---|---|---|---|---|")
    for rule in RULES.values():
        parts = (rule.fits, rule.problems, rule.checks, rule.demand)
        lines.append(f"| {rule.key} | " + " | ".join("yes" if part else "–" for part in parts) + " |")
    lines += ["", "| sentence of the sheet | field | what may stand there |", "|---|---|---|"]
    for rule in RULES.values():
        lines += _blanks(rule.blanks)
    lines += ["", "## Treatments", "", "| sentence of the sheet | field | what may stand there |", "|---|---|---|"]
    for stage in sorted(PATH, key=lambda one: one.place):
        lines += _blanks(stage.blanks)
    lines += [
        "",
        "## Remedies",
        "",
        "The gentlest comes first; what loses words is never the first. By these codes they are taken in a terminal (`--remedy`).",
        "",
    ]
    lines += ["| code | what it does |", "|---|---|"]
    lines += [f"| `{code}` | {what} |" for code, what in sorted(REMEDIES.items())]
    offered = ", ".join(sorted({code for _, codes, _ in OFFERS for code in codes}))
    lines += ["", f"Offered by files of their own for: {offered}.", "", "## Touch-ups", ""]
    lines += ["| field of the form | in the job | |", "|---|---|---|"]
    lines += [f"| {one.label} | `{getattr(one, 'name', '')}` | {one.help} |" for one in touch_fields()]
    return "\n".join(lines) + "\n"


if __name__ == "__main__":
    PAGE.write_text(page(), "utf-8")
