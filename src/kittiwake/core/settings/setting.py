"""What can be set, once: the file, the page and the terminal all read this registry. One file of ``known`` holds one section."""

from __future__ import annotations

from ...plain_data import dataclass
from ...words import phrase
from ..registry import Registry

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
        if type(value) is not type(self.default):
            wanted = {bool: phrase("true or false"), int: phrase("a whole number"), str: phrase("a text in quotes")}[
                type(self.default)
            ]
            return phrase("{key} is {wanted}, not {value!r}.", key=self.key, wanted=wanted, value=value)
        if self.choices and value not in dict(self.choices):
            return phrase(
                "{key} is one of {list}, not {value!r}.",
                key=self.key,
                list=", ".join((str(one) for one, _ in self.choices)),
                value=value,
            )
        if isinstance(value, int) and self.high and not self.low <= value <= self.high:
            return phrase(
                "{key} is from {low} to {high}{unit}, not {value}.",
                key=self.key,
                low=self.low,
                high=self.high,
                unit=self.unit and " " + self.unit,
                value=value,
            )
        return ""


_REGISTRY: Registry[str, Setting] = Registry("setting", "kittiwake.core.settings.known", "settings")


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
