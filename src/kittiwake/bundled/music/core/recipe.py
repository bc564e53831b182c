"""How a piece of hold music is made: from what, which loop, how long, how loud, with which messages over it, and whose it is."""

from __future__ import annotations

import dataclasses
from collections.abc import Mapping
from dataclasses import field
from typing import Any, Literal

from ....core.errors import KittiwakeError
from ....core.model import checked
from ....core.model.rights import Rights
from ....plain_data import dataclass
from ....words import joined, phrase

RATES = (8000, 16_000, 32_000, 48_000)
MOST_SECONDS = 3600.0


class MusicError(KittiwakeError):
    """Hold music that cannot be made."""


@dataclass(frozen=True, slots=True)
class Part:
    """A piece, or a span of one: seconds of it, ``stop`` None is its end."""

    path: str
    start: float = 0.0
    stop: float | None = None


@dataclass(frozen=True, slots=True)
class HoldRecipe:
    """Hold music.

    Attributes
    ----------
    parts : joined one after the other, each into the next.
    loop : seconds of what they are together, from and to; None is searched for.
    shortest : seconds that a loop that is searched for has at least.
    fade : seconds of the seam.
    seconds : of the whole; None is the loop once.
    rate : Hz.
    lufs : loudness, ITU-R BS.1770.
    limiter_db : by how much single peaks may be held down for the sake of that.
    band : ``telephone`` keeps 200 to 3,600 Hz, ``full`` all that the rate holds.
    messages : sound files that are laid over it in turn.
    every : seconds from one message to the next; the first comes after as many.
    duck_db : by how much the music is softer beneath them.
    message_dbov : active speech level of the messages, dBov.
    """

    name: str
    parts: tuple[Part, ...] = ()
    loop: tuple[float, float] | None = None
    shortest: float = 8.0
    fade: float = 0.25
    seconds: float | None = None
    rate: int = 8000
    lufs: float = -24.0
    limiter_db: float = 6.0
    band: Literal["telephone", "full"] = "telephone"
    messages: tuple[str, ...] = ()
    every: float = 30.0
    duck_db: float = 12.0
    message_dbov: float = -22.0
    rights: Rights = field(default_factory=Rights)

    def changed(self, **changes: Any) -> HoldRecipe:
        return dataclasses.replace(self, **changes)

    def to_dict(self) -> dict[str, Any]:
        """As TOML has it: what differs from the defaults."""
        plain, out = HoldRecipe(self.name), {"name": self.name, "rate": self.rate}
        for key in (
            "loop",
            "shortest",
            "fade",
            "seconds",
            "lufs",
            "limiter_db",
            "band",
            "messages",
            "every",
            "duck_db",
            "message_dbov",
        ):
            value = getattr(self, key)
            if value != getattr(plain, key):
                out[key] = list(value) if isinstance(value, tuple) else value
        out["part"] = [
            {key: value for key in ("path", "start", "stop") if (value := getattr(one, key)) not in (None, 0.0)}
            for one in self.parts
        ]
        if rights := self.rights.to_dict():
            out["rights"] = rights
        return out

    @classmethod
    def from_dict(cls, data: Mapping[str, Any]) -> HoldRecipe:
        """From what TOML holds.

        Raises
        ------
        KittiwakeError : a field that is none, of the wrong kind, or out of its range; the message names it.
        """
        with checked.reading(_RECIPE):
            return cls._checked(data)

    @classmethod
    def _checked(cls, data: Mapping[str, Any]) -> HoldRecipe:
        known = {one.name for one in dataclasses.fields(cls)} - {"parts"} | {"part"}
        if strange := sorted(set(data) - known):
            raise MusicError(
                phrase("“{strange}” is no field of hold music.", strange=strange[0]),
                phrase("There are {list}.", list=joined(sorted(known), ", ")),
                "music",
            )
        plain = cls(checked.text(data.get("name", ""), "name") or phrase("Hold music"))
        numbers = {
            key: checked.number(data[key], key, low, high)
            for key, low, high in (
                ("shortest", 1, 600), ("fade", 0, 10), ("lufs", -50, -8), ("limiter_db", 0, 12), ("every", 2, 3600), ("duck_db", 0, 60),
                ("message_dbov", -50, -10), ("seconds", 1, MOST_SECONDS),
            )
            if data.get(key) is not None
        }  # fmt: skip
        if data.get("rate", plain.rate) not in RATES:
            raise checked.wrong("rate", data["rate"], phrase("one of {list}", list=", ".join(map(str, RATES))))
        loop = checked.entries(data["loop"], "loop") if data.get("loop") is not None else None
        if loop is not None and len(loop) != 2:
            raise checked.wrong("loop", loop, phrase("two times in seconds"))
        between = None
        if loop is not None:
            between = (checked.number(loop[0], "loop", 0, 1e6), checked.number(loop[1], "loop", 0, 1e6))
            if between[0] >= between[1]:
                raise checked.wrong("loop", loop, phrase("two times of which the second is the later"))
        return plain.changed(
            parts=tuple(_part(checked.table(one, "part")) for one in checked.entries(data.get("part", []), "part")),
            loop=between, rate=data.get("rate", plain.rate), band=checked.one_of(data.get("band", plain.band), "band", ("telephone", "full")),
            messages=tuple(checked.text(one, "messages") for one in checked.entries(data.get("messages", []), "messages")),
            rights=Rights.from_dict(checked.table(data.get("rights", {}), "rights")), **numbers,
        )  # fmt: skip


def _in_a_recipe(field: str, shown: str, wanted: str) -> str:
    return phrase("In the recipe {field} is {shown}; {wanted} is wanted.", field=field, shown=shown, wanted=wanted)


_RECIPE = checked.Document(_in_a_recipe, phrase("Mend that entry of the recipe."))


def _part(data: Mapping[str, Any]) -> Part:
    stop = data.get("stop")
    return Part(
        checked.text(data.get("path"), phrase('path of a part')), checked.number(data.get("start", 0), phrase('start of a part'), 0, 1e6),
        None if stop is None else checked.number(stop, phrase('stop of a part'), 0, 1e6),
    )  # fmt: skip
