"""The script: the job's table of lines, with how each is to be said."""

from __future__ import annotations

import dataclasses
import uuid
from collections.abc import Mapping
from dataclasses import field
from typing import Any

from ...plain_data import dataclass
from ...words import phrase
from . import checked

#: Times as fast as the voice's own pace.
SLOWEST, FASTEST = 0.5, 2.0


@dataclass(frozen=True, slots=True)
class ScriptLine:
    """One line.

    Attributes
    ----------
    name : of the clip that comes of it.
    text : what it says.
    say_as : the text that a voice gets, where that differs.
    voice : key of the voice; empty for that of the script.
    language : as in BCP 47 (``en-gb``); empty for that of the script.
    speed : times as fast as the voice speaks by itself.
    receivers : slugs of those that it is for; empty for all.
    taken : whether a recorded take stands in its place.
    spoken : what its clip's sound was spoken from, as ``script.respell.words_mark`` tells it; empty where that was not noted.
    """

    name: str
    text: str = ""
    say_as: str = ""
    voice: str = ""
    language: str = ""
    speed: float = 1.0
    kind: str = ""
    receivers: tuple[str, ...] = ()
    note: str = ""
    taken: bool = False
    id: str = field(default_factory=lambda: uuid.uuid4().hex[:12])
    spoken: str = ""

    def changed(self, **changes: Any) -> ScriptLine:
        return dataclasses.replace(self, **changes)

    def to_dict(self) -> dict[str, Any]:
        out: dict[str, Any] = {"id": self.id, "name": self.name}
        for one in dataclasses.fields(self):
            value = getattr(self, one.name)
            if one.name not in out and value != one.default:
                out[one.name] = list(value) if isinstance(value, tuple) else value
        return out

    @classmethod
    def from_dict(cls, data: Mapping[str, Any]) -> ScriptLine:
        """From a job file.

        Raises
        ------
        JobError : a value of the wrong kind, or out of its range.
        """
        texts = ("name", "text", "say_as", "voice", "language", "kind", "note", "id", "spoken")
        plain: dict[str, Any] = {
            key: checked.text(data.get(key, ""), phrase("{key} of a line", key=key)) for key in texts
        }
        if not plain["id"]:
            raise checked.wrong(phrase("id of a line"), "", phrase("a text that is not empty"))
        slugs = checked.entries(data.get("receivers", []), phrase("receivers of a line"))
        return cls(
            **plain,
            speed=checked.number(data.get("speed", 1.0), phrase("speed of a line"), SLOWEST, FASTEST),
            receivers=tuple(checked.text(slug, phrase("receivers of a line")) for slug in slugs),
            taken=checked.flag(data.get("taken", False), phrase("taken of a line")),
        )


@dataclass(frozen=True, slots=True)
class Respelling:
    """A word, letter or abbreviation as it is to be said. ``language`` empty: in every language; ``case``: only when written just so."""

    word: str
    say: str
    language: str = ""
    case: bool = False

    def to_list(self) -> list[Any]:
        return [self.word, self.say, self.language, self.case]

    @classmethod
    def from_list(cls, data: object) -> Respelling:
        """From a job file.

        Raises
        ------
        JobError
        """
        if not isinstance(data, list) or len(data) != 4:
            raise checked.wrong(
                phrase("a respelling"), data, phrase("word, how to say it, language, and whether case counts")
            )
        word, say, language = (checked.text(one, phrase("a respelling")) for one in data[:3])
        return cls(word, say, language, checked.flag(data[3], phrase("a respelling")))


@dataclass(frozen=True, slots=True)
class Script:
    """All lines, with the voice and language of those that name none, and how words are respelled."""

    lines: tuple[ScriptLine, ...] = ()
    respellings: tuple[Respelling, ...] = ()
    voice: str = ""
    language: str = "en-gb"

    def changed(self, **changes: Any) -> Script:
        return dataclasses.replace(self, **changes)

    def line(self, line_id: str) -> ScriptLine | None:
        return next((line for line in self.lines if line.id == line_id), None)

    def replaced(self, new: ScriptLine) -> Script:
        """With one line in the place of that with its id."""
        return self.changed(lines=tuple(new if line.id == new.id else line for line in self.lines))

    def to_dict(self) -> dict[str, Any]:
        """The keys that a job file has for it; none where there is nothing in it."""
        if self == Script():
            return {}
        return {
            "script": [line.to_dict() for line in self.lines],
            "respellings": [one.to_list() for one in self.respellings],
            "script_voice": self.voice,
            "script_language": self.language,
        }

    @classmethod
    def from_dict(cls, data: Mapping[str, Any]) -> Script:
        """From a job file.

        Raises
        ------
        JobError
        """
        return cls(
            tuple(
                ScriptLine.from_dict(checked.table(one, phrase("a line")))
                for one in checked.entries(data.get("script", []), "script")
            ),
            tuple(Respelling.from_list(one) for one in checked.entries(data.get("respellings", []), "respellings")),
            checked.text(data.get("script_voice", ""), "script_voice"),
            checked.text(data.get("script_language", "en-gb"), "script_language"),
        )
