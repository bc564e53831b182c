"""Ways to begin that an empty board offers, each the command of a key; what an extension brings is added beside its command."""

from __future__ import annotations

from ...core.registry import Registry
from ...plain_data import dataclass
from ...words import phrase


@dataclass(frozen=True, slots=True)
class WayToBegin:
    """``words`` stand on its button, ``outcome`` beside it; ``place`` is where it stands among the others."""

    command: str
    words: str
    outcome: str
    place: float


WAYS: Registry[str, WayToBegin] = Registry("way to begin", place=lambda way: way.place)


def way_to_begin(command: str, words: str, outcome: str, place: float) -> None:
    """Add one; see ``WayToBegin``.

    Raises
    ------
    ValueError : there is one of that command.
    """
    WAYS.add(command, WayToBegin(command, words, outcome, place))


way_to_begin(
    "job.add_files",
    phrase("Add recordings"),
    phrase("or drop files and folders here. Any sound or video will do; nothing you drop is ever changed."),
    1,
)
way_to_begin(
    "record.open", phrase("Record"), phrase("one line after the other at the microphone; each is cut and checked."), 2
)
way_to_begin(
    "script.open",
    phrase("Write a script"),
    phrase("lines that a voice speaks at once, or that are read at the microphone, each under its name."),
    3,
)
way_to_begin(
    "job.demo",
    phrase("Try the demo"),
    phrase("the announcements of an invented ferry company, good and broken ones."),
    5,
)
