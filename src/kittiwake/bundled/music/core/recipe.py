"""How a piece of hold music is made: from what, which loop, how long, how loud, with which messages over it, and whose it is."""

from __future__ import annotations

import dataclasses
from collections.abc import Mapping
from dataclasses import field
from typing import Annotated, Any, Literal

from ....core import schema
from ....core.errors import KittiwakeError
from ....core.model.rights import Rights
from ....core.schema import Limited, Meets, Text
from ....plain_data import dataclass
from ....words import phrase

RATES = (8000, 16_000, 32_000, 48_000)
MOST_SECONDS = 3600.0
Seconds = Annotated[float, Limited(ge=0, le=1e6)]


def _in_order(between: tuple[float, float]) -> bool:
    return between[0] < between[1]


class MusicError(KittiwakeError):
    """Hold music that cannot be made."""


@dataclass(frozen=True, slots=True)
class Part:
    """A piece, or a span of one: seconds of it, ``stop`` None is its end."""

    path: Text
    start: Seconds = 0.0
    stop: Seconds | None = None


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

    name: Text = ""
    parts: tuple[Part, ...] = schema.written("part", ())
    loop: (
        Annotated[tuple[Seconds, Seconds], Meets(_in_order, phrase("two times of which the second is the later"))]
        | None
    ) = None
    shortest: Annotated[float, Limited(ge=1, le=600)] = 8.0
    fade: Annotated[float, Limited(ge=0, le=10)] = 0.25
    seconds: Annotated[float, Limited(ge=1, le=MOST_SECONDS)] | None = None
    rate: Annotated[int, Meets(RATES.__contains__, phrase("one of {list}", list=", ".join(map(str, RATES))))] = 8000
    lufs: Annotated[float, Limited(ge=-50, le=-8)] = -24.0
    limiter_db: Annotated[float, Limited(ge=0, le=12)] = 6.0
    band: Literal["telephone", "full"] = "telephone"
    messages: tuple[Text, ...] = ()
    every: Annotated[float, Limited(ge=2, le=3600)] = 30.0
    duck_db: Annotated[float, Limited(ge=0, le=60)] = 12.0
    message_dbov: Annotated[float, Limited(ge=-50, le=-10)] = -22.0
    rights: Rights = field(default_factory=Rights)

    def changed(self, **changes: Any) -> HoldRecipe:
        return dataclasses.replace(self, **changes)

    def to_dict(self) -> dict[str, Any]:
        """As TOML has it: what differs from the defaults."""
        data = schema.plain(self)
        tables = {"part": data.pop("part", []), **({"rights": data.pop("rights")} if "rights" in data else {})}
        return {"name": self.name, "rate": self.rate, **data, **tables}  # TOML has its tables behind everything else

    @classmethod
    def from_dict(cls, data: Mapping[str, Any]) -> HoldRecipe:
        """From what TOML holds.

        Raises
        ------
        MusicError : a field that is none, of the wrong kind, or out of its range; the message names it.
        """
        found = RECIPE.read(cls, data)
        return found if found.name else found.changed(name=phrase("Hold music"))


RECIPE = schema.Document(MusicError, phrase("In the recipe"), phrase("Mend that entry of the recipe."), "music")
