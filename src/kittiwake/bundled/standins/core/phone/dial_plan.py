"""A dial plan: menus of keys, each of which says something, leads to another menu, or to somebody. TOML.

    name = "Harbour office"
    first = "main"
    [menus.main]
    say = ["Welcome", "Main menu"]
    wrong = "say Wrong key"
    [menus.main.keys]
    1 = "menu fares"
    2 = "say Opening hours"
    0 = "operator"
    [states]
    ringing = "gb/ringing"
    hold = "say Harbour waltz"
    error = "gb/special + say Not in service"

What a key does: ``menu NAME``, ``say PROMPT, PROMPT``, ``operator``, ``voicemail``, ``hold``, ``busy``, ``back``, ``again``, ``hang up``. Prompts
are called by the names of their files, without the ending. A state is a tone of a country, ``say PROMPT``, ``silence``, or several with ``+``.
"""

from __future__ import annotations

import dataclasses
import re
from collections.abc import Iterable, Mapping
from dataclasses import field
from typing import Annotated, Any

from .....core.disk.text import parse_toml
from .....core.errors import KittiwakeError
from .....core.schema import Document, FilledText, Limited, Meets, Written
from .....plain_data import dataclass
from .....words import joined, phrase
from ....tones.core.plan import tone_for

KEYS = "1234567890*#"
#: What a call can be in; each has its sound.
STATES = ("dialling", "ringing", "busy", "congestion", "hold", "error")
#: What a key can do that needs no name.
PLAIN = ("operator", "voicemail", "hold", "busy", "congestion", "back", "again", phrase("hang up"))
_USUAL = {"dialling": "gb/dial", "ringing": "gb/ringing", "busy": "gb/busy", "congestion": "gb/congestion", "hold": "silence", "error": "gb/special"}  # fmt: skip
_MOST = 200  # menus
_LONGEST = 400  # characters


class PlanError(KittiwakeError):
    """A dial plan that is none; the message names the field."""


def _document(where: str) -> Document:
    return Document(
        PlanError, phrase("In {where}", where=where), phrase("Mend it, and hand it over again."), "dial_plan"
    )


def _is_a_line(text: str) -> bool:
    return text.isprintable() and len(text) <= _LONGEST


def _prompts(value: Any) -> Any:
    """A single prompt is written without brackets too."""
    return [value] if isinstance(value, str) else value


Line = Annotated[str, Meets(_is_a_line, phrase("a text of one line"))]


@dataclass(frozen=True, slots=True)
class _MenuFile:
    """A menu as TOML has it."""

    say: Annotated[tuple[FilledText, ...], Written(_prompts)] = ()
    keys: Mapping[str, Line] = field(default_factory=dict)
    wrong: Line = ""
    silence: Line = ""


@dataclass(frozen=True, slots=True)
class _PlanFile:
    """A plan as TOML has it."""

    menus: Annotated[
        Mapping[str, _MenuFile],
        Meets(lambda menus: 0 < len(menus) <= _MOST, phrase("one menu to {most}", most=_MOST)),
    ]
    name: Line = "Phone"
    first: Line = ""
    states: Mapping[str, Line] = field(default_factory=dict)
    opens_after: Annotated[float, Limited(ge=0, le=5)] = 0.1
    timeout: Annotated[float, Limited(ge=0.5, le=60)] = 4.0
    tries: Annotated[int, Limited(ge=1, le=10)] = 3
    language: Line = ""
    version: Any = None


@dataclass(frozen=True, slots=True)
class Menu:
    """``say`` are prompts; ``keys`` what each key does; ``wrong`` and ``silence`` what is done at another key, or none."""

    name: str
    say: tuple[str, ...] = ()
    keys: Mapping[str, str] = field(default_factory=dict)
    wrong: str = ""
    silence: str = ""

    def changed(self, **changes: Any) -> Menu:
        return dataclasses.replace(self, **changes)


@dataclass(frozen=True, slots=True)
class DialPlan:
    """Attributes
    ----------
    first : menu that a call begins in.
    opens_after : s after which the way to the caller is open: what is said before is lost.
    timeout : s without a key; ``tries`` of them, or of wrong keys, end a call.
    language : of its prompts, where there are several plans.
    """

    name: str
    first: str
    menus: Mapping[str, Menu]
    states: Mapping[str, str] = field(default_factory=dict)
    opens_after: float = 0.1
    timeout: float = 4.0
    tries: int = 3
    language: str = ""

    def changed(self, **changes: Any) -> DialPlan:
        return dataclasses.replace(self, **changes)

    def state(self, name: str) -> str:
        return self.states.get(name) or _USUAL[name]

    @property
    def prompts(self) -> tuple[str, ...]:
        """All that it says, each once."""
        found: dict[str, None] = {}
        for menu in self.menus.values():
            found.update(dict.fromkeys(menu.say))
            for what in (*menu.keys.values(), menu.wrong, menu.silence):
                found.update(dict.fromkeys(said_in(what)))
        for what in self.states.values():
            for part in what.split("+"):
                found.update(dict.fromkeys(said_in(part.strip())))
        return tuple(found)

    @property
    def extent(self) -> str:
        """How many menus and prompts it has, in words."""
        return phrase(
            "{menus}, {prompts}",
            menus=phrase("{n} menus", "{n} menu", len(self.menus), n=len(self.menus)),
            prompts=phrase("{n} prompts", "{n} prompt", len(self.prompts), n=len(self.prompts)),
        )

    def missing(self, there: Iterable[str]) -> tuple[str, ...]:
        """Prompts that it says and nobody has given it."""
        known = {name.casefold() for name in there}
        return tuple(name for name in self.prompts if name.casefold() not in known)

    def unused(self, there: Iterable[str]) -> tuple[str, ...]:
        said = {name.casefold() for name in self.prompts}
        return tuple(name for name in there if name.casefold() not in said)

    def ways(self) -> dict[str, str]:
        """For each prompt of a menu or key, the keys that lead to it from the first menu, shortest first."""
        found: dict[str, str] = {}
        queue, seen = [(self.first, "")], {self.first}
        while queue:
            name, keys = queue.pop(0)
            menu = self.menus[name]
            for prompt in menu.say:
                found.setdefault(prompt, keys)
            for key, what in menu.keys.items():
                for prompt in said_in(what):
                    found.setdefault(prompt, keys + key)
                target = menu_in(what)
                if target and target not in seen:
                    seen.add(target)
                    queue.append((target, keys + key))
        return found

    def to_toml(self) -> str:
        import tomli_w

        menus = {}
        for name, menu in self.menus.items():
            entry: dict[str, Any] = {"say": list(menu.say)}
            entry.update({key: value for key in ("wrong", "silence") if (value := getattr(menu, key))})
            menus[name] = {**entry, "keys": dict(menu.keys)}
        plain = {
            "name": self.name,
            "first": self.first,
            "opens_after": self.opens_after,
            "timeout": self.timeout,
            "tries": self.tries,
        }
        more = {"language": self.language} if self.language else {}
        return tomli_w.dumps(
            {**plain, **more, "menus": menus, **({"states": dict(self.states)} if self.states else {})}
        )


def said_in(what: str) -> tuple[str, ...]:
    """The prompts of ``say A, B``; none of anything else."""
    word, _, rest = what.partition(" ")
    return tuple(one.strip() for one in rest.split(",") if one.strip()) if word == "say" else ()


def menu_in(what: str) -> str:
    """The menu of ``menu NAME``, or nothing."""
    word, _, rest = what.partition(" ")
    return rest.strip() if word == "menu" else ""


def plan_of(text: str, where: str = "the dial plan") -> DialPlan:
    """A plan from TOML.

    Raises
    ------
    PlanError
    """
    try:
        data = parse_toml(text.removeprefix("\ufeff"))
    except (ValueError, RecursionError) as error:
        raise _wrong(where, phrase("is not valid TOML: {error}", error=error)) from error
    found = _document(where).read(_PlanFile, data)
    menus = {
        name: Menu(
            name,
            one.say,
            {key: what.strip() for key, what in one.keys.items()},
            one.wrong.strip(),
            one.silence.strip(),
        )
        for name, one in found.menus.items()
    }
    states = {name: what.strip() for name, what in found.states.items()}
    plan = DialPlan(
        found.name.strip(), found.first.strip() or next(iter(menus)), menus, states, float(found.opens_after), float(found.timeout), found.tries,
        found.language.strip(),
    )  # fmt: skip
    check(plan, where)
    return plan


def check(plan: DialPlan, where: str = "the dial plan") -> None:
    """Whether every key leads somewhere.

    Raises
    ------
    PlanError
    """
    if plan.first not in plan.menus:
        raise _wrong(where, phrase("begins in the menu “{first}”, which is not there", first=plan.first))
    for name in plan.states:
        if name not in STATES:
            raise _wrong(where, phrase("has no state “{name}”: {list}", name=name, list=joined(STATES, ", ")))
        for part in (one.strip() for one in plan.states[name].split("+")):
            if part != "silence" and not said_in(part):
                try:
                    tone_for(part)
                except KittiwakeError as error:
                    raise _wrong(
                        where, phrase("has “{part}” in states.{name}: {error}", part=part, name=name, error=error)
                    ) from error
    for menu in plan.menus.values():
        for key, what in (*menu.keys.items(), ("wrong", menu.wrong), ("silence", menu.silence)):
            if key not in KEYS and key not in ("wrong", "silence"):
                raise _wrong(
                    where,
                    phrase("has no key “{key}” in {name}: {list}", key=key, name=menu.name, list=joined(KEYS)),
                )
            target = menu_in(what)
            if target and target not in plan.menus:
                raise _wrong(
                    where,
                    phrase(
                        "leads from {name} by {key} to the menu “{target}”, which is not there",
                        name=menu.name,
                        key=key,
                        target=target,
                    ),
                )
            if what and not target and not said_in(what) and what not in PLAIN:
                raise _wrong(
                    where,
                    phrase(
                        "has “{wrong}” at {key} in {name}; write menu NAME, say PROMPT, or {list}",
                        wrong=what,
                        key=key,
                        name=menu.name,
                        list=joined(PLAIN, ", "),
                    ),
                )


def from_names(names: Iterable[str], name: str = "Phone") -> DialPlan:
    """A plan whose prompts are called by the keys that lead to them: ``1 Fares``, ``12 Evening fares``; those without keys are said first.

    Raises
    ------
    PlanError : none of them begins with a key.
    """
    ways: dict[str, list[str]] = {}
    for one in names:
        found = re.match(r"^([0-9*#]+)(?:[\s_.-]|$)", one)
        ways.setdefault(found[1] if found else "", []).append(one)
    if not any(ways):
        raise PlanError(
            phrase("No name begins with keys, such as “12 Evening fares”."),
            phrase("Name the clips so, or assign them by hand."),
            "dial_plan",
        )
    menus: dict[str, Menu] = {}

    def menu_at(way: str) -> str:
        own = "main" if not way else f"after {way}"
        if own not in menus:
            menus[own] = Menu(own, tuple(ways.get(way, ())), {"*": "back"} if way else {})
            for key in KEYS:
                below = [other for other in ways if other.startswith(way + key)]
                if not below:
                    continue
                leaf = below == [way + key]
                what = f"say {', '.join(ways[way + key])}" if leaf else f"menu {menu_at(way + key)}"
                menus[own] = menus[own].changed(keys={**menus[own].keys, key: what})
        return own

    menu_at("")
    order = sorted(menus, key=lambda one: (one != "main", len(one), one))
    return DialPlan(name, "main", {one: menus[one] for one in order})


def _wrong(where: str, sentence: str) -> PlanError:
    return PlanError(joined((where, sentence)) + ".", phrase("Mend it, and hand it over again."), "dial_plan")
