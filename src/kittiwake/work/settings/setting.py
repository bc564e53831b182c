"""What can be set, once: the file, the page and the terminal all read this registry. One file of ``known`` holds one section."""

from __future__ import annotations

from typing import Annotated, Any, Literal

from ...core import schema
from ...core.registry import Registry
from ...plain_data import dataclass
from ...words import phrase

Value = bool | int | str

#: Sections in the order in which they are shown: word in the file -> heading.
SECTIONS = {
    "outputs": phrase("Outputs"),
    "making": phrase("Making"),
    "look": phrase("Look"),
    "sound": phrase("Sound"),
    "start": phrase("Start"),
    "quick": phrase("Quick convert"),
}


@dataclass(frozen=True, slots=True)
class Setting:
    """One thing that can be set.

    Attributes
    ----------
    key : ``section.name``, as in the file.
    text, help : what it is called, and one sentence.
    default : what holds where nobody set it; its type is the type of all values.
    choices : value and words of each, where only these are possible.
    low, high, unit : of a number; ``zero`` : what its lowest value means, in words, where that is no number of anything.
    kind : what is chosen beyond that: ``folder``, ``loudspeaker``, ``microphone``; empty where it is plain.
    """

    key: str
    text: str
    help: str
    default: Value
    choices: tuple[tuple[Value, str], ...] = ()
    low: int = 0
    high: int = 0
    unit: str = ""
    zero: str = ""
    kind: str = ""

    @property
    def section(self) -> str:
        return self.key.partition(".")[0]

    @property
    def name(self) -> str:
        return self.key.partition(".")[2]

    def wrong(self, value: object) -> str:
        """What is wrong with a value, in words that say what would be right; empty where nothing is."""
        try:
            schema.read(self._kind, value)
        except schema.SchemaError as error:
            return error.described(self.key) + "."
        return ""

    @property
    def _kind(self) -> Any:
        """What its values are, as an annotation."""
        if self.choices:
            return Literal[tuple(value for value, _ in self.choices)]
        if self.high and not isinstance(self.default, bool):
            return Annotated[int, schema.Limited(ge=self.low, le=self.high)]
        return type(self.default)


_REGISTRY: Registry[str, Setting] = Registry("setting", "kittiwake.work.settings.known", "settings")


def register(*new: Setting) -> None:
    """Add settings to the registry.

    Raises
    ------
    ValueError : a key is taken, there is no such section, or a default would be wrong.
    """
    for one in new:
        if one.section not in SECTIONS:
            raise ValueError(f"{one.key}: there is no section {one.section}")
        if wrong := one.wrong(one.default):
            raise ValueError(wrong)
        _REGISTRY.add(one.key, one)


def known_settings() -> list[Setting]:
    """All, section by section, each in the order of registration."""
    return [one for section in SECTIONS for one in _REGISTRY.found().values() if one.section == section]


def setting_of(key: str) -> Setting:
    """Raises
    ------
    KeyError : there is none of that name.
    """
    return _REGISTRY.found()[key]
