"""The script: the job's table of lines, with how each is to be said."""

from __future__ import annotations

import dataclasses
import uuid
from typing import Annotated, Any

from ...plain_data import dataclass
from ...words import phrase
from .. import schema
from ..schema import FilledText, Limited, Text, needed
from .job_document import JOB_FILE

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

    name: Text
    text: Text = ""
    say_as: Text = ""
    voice: Text = ""
    language: Text = ""
    speed: Annotated[float, Limited(ge=SLOWEST, le=FASTEST)] = 1.0
    kind: Text = ""
    receivers: tuple[Text, ...] = ()
    note: Text = ""
    taken: bool = False
    id: FilledText = needed(lambda: uuid.uuid4().hex[:12])
    spoken: Text = ""

    def changed(self, **changes: Any) -> ScriptLine:
        return dataclasses.replace(self, **changes)

    def to_dict(self) -> dict[str, Any]:
        data: dict[str, Any] = schema.plain(self, "id", "name")
        return data

    @classmethod
    def from_dict(cls, data: object) -> ScriptLine:
        """From a job file.

        Raises
        ------
        JobError : a value of the wrong kind, or out of its range.
        """
        return JOB_FILE.read(cls, data, phrase("a line"))


_Respelling: Any = tuple[Text, Text, Text, bool]  # word, how to say it, language, and whether case counts


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
            wanted = phrase("word, how to say it, language, and whether case counts")
            raise JOB_FILE.wrong(schema.fault(data, wanted), phrase("a respelling"))
        return cls(*JOB_FILE.read(_Respelling, data, phrase("a respelling")))


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
    def from_dict(cls, data: object) -> Script:
        """From a job file.

        Raises
        ------
        JobError
        """
        found = JOB_FILE.read(ScriptOfAFile, data)
        return cls(
            tuple(ScriptLine.from_dict(one) for one in found.script),
            tuple(Respelling.from_list(one) for one in found.respellings),
            found.script_voice,
            found.script_language,
        )


@dataclass(frozen=True, slots=True)
class ScriptOfAFile:
    """A script as a job file has it, among other keys."""

    script: tuple[schema.Table, ...] = ()
    respellings: tuple[Any, ...] = ()
    script_voice: Text = ""
    script_language: Text = "en-gb"
