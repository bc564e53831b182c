"""Receivers: what a machine that takes sound demands, described in one TOML file each."""

from __future__ import annotations

import re
import re._parser as re_parser  # type: ignore[import-not-found]
import tomllib
import unicodedata
import warnings
from functools import cache, lru_cache
from importlib import resources
from pathlib import Path
from string import Formatter
from typing import Annotated, Any, Literal

from pydantic import BaseModel, BeforeValidator, ConfigDict, Field, ValidationError, model_validator

from ..errors import RulesError, reason_of
from .units import parse_size

Size = Annotated[int, BeforeValidator(parse_size), Field(gt=0)]
Rate = Annotated[int, Field(ge=1000, le=768_000)]


class _Part(BaseModel):
    # A mistyped key must not pass for a rule that is not there.
    model_config = ConfigDict(extra="forbid", frozen=True)


class Accepts(_Part):
    """One form of file that the receiver takes. The first in a receiver's list is the one made for it."""

    container: str
    encoding: str
    sample_rates: tuple[Rate, ...] = ()
    max_sample_rate: Rate | None = None
    bit_rate: Annotated[int, Field(ge=0)] = 0
    #: Whether the bit rate may vary around ``bit_rate``, where the codec can do that.
    variable: bool = False

    @model_validator(mode="after")
    def _some_rate(self) -> Accepts:
        if not self.sample_rates and self.max_sample_rate is None:
            raise ValueError("give sample_rates or max_sample_rate")
        return self

    def takes_rate(self, rate: int) -> bool:
        """Whether a file at this sample rate (Hz) is taken."""
        if self.sample_rates:
            return rate in self.sample_rates
        return self.max_sample_rate is None or rate <= self.max_sample_rate

    def rate_for(self, rate: int) -> int:
        """The rate (Hz) to deliver sound at that was taken at ``rate``.

        The rate itself where it is taken; else the lowest taken rate that loses no bandwidth; else the highest.
        """
        if self.takes_rate(rate):
            return rate
        if not self.sample_rates:
            assert self.max_sample_rate is not None
            return self.max_sample_rate
        above = [legal for legal in self.sample_rates if legal >= rate]
        return min(above) if above else max(self.sample_rates)


class Limits(_Part):
    """The largest and longest that is taken. ``max_bytes`` may be written ``"under 200 kB"``.

    ``total_bytes`` is the memory that all clips together have; levels are active speech levels (ITU-T P.56).
    """

    max_bytes: Size | None = None
    total_bytes: Size | None = None
    min_level_dbov: Annotated[float, Field(ge=-60, le=0)] | None = None
    max_level_dbov: Annotated[float, Field(ge=-60, le=0)] | None = None
    max_seconds: Annotated[float, Field(gt=0)] | None = None
    min_seconds: Annotated[float, Field(ge=0)] = 0.02
    advised_seconds: Annotated[float, Field(gt=0)] | None = None

    @model_validator(mode="after")
    def _some_level(self) -> Limits:
        if (self.min_level_dbov or -60.0) > (0.0 if self.max_level_dbov is None else self.max_level_dbov):
            raise ValueError("min_level_dbov is over max_level_dbov")
        return self


#: Bytes that a name without extension may have: file systems take 255 with it.
MOST_BYTES = 240
_WIDEST = 64  # characters that a field of a pattern may be filled up to

#: What a pattern of names may be put together from.
NAME_FIELDS = ("name", "id", "speaker", "language", "kind", "counter")


class Names(_Part):
    """What a file may be called, without its extension. ``allowed`` is the inside of a character class, as in regular expressions; by default
    letters and digits of every script, ``_`` and ``-``. Whatever it says, no name holds what parts folders or cannot be seen, begins with a
    dot, or is longer than file systems take.

    ``pattern`` puts names together from fields of the clip: ``{speaker}_{counter:03}``. With ``mark_corrected`` the name of a
    file whose source had a false rate ends in the true one.
    """

    pattern: str = "{name}"
    mark_corrected: bool = False

    allowed: Annotated[str, Field(min_length=1, max_length=400)] = r"\w-"
    case: Literal["keep", "lower", "upper"] = "keep"
    max_length: Annotated[int, Field(ge=1, le=200)] = 64
    replace_with: Annotated[str, Field(max_length=8)] = "_"

    @model_validator(mode="after")
    def _makes_sense(self) -> Names:
        if not _is_one_class(self.allowed):
            raise ValueError(f"allowed = “{self.allowed}” is not a set of characters, such as A-Za-z0-9_-")
        for field in ("allowed", "replace_with", "pattern"):
            for character in {"/", "\0"} & set(getattr(self, field)):
                seen = "/" if character == "/" else "NUL"
                raise ValueError(f"{field} holds “{seen}”, which no name can have; folders are named in delivery.folder")
        if not all(self.takes(c) for c in self.replace_with):
            raise ValueError(f"replace_with = “{self.replace_with}” is not among the allowed characters")
        if not any(self.takes(chr(n)) for n in range(33, 127) if chr(n) != ".") and not self.takes("あ"):
            raise ValueError(f"allowed = “{self.allowed}” leaves no character to make names of")
        if len(self.pattern) > 200:
            raise ValueError("pattern is longer than 200 characters")
        fields = "{" + "}, {".join(NAME_FIELDS) + "}"
        try:
            used = [field for _, field, _, _ in Formatter().parse(self.pattern) if field is not None]
            widths = re.findall(r"[0-9]+", "".join(spec or "" for _, _, spec, _ in Formatter().parse(self.pattern)))
            if any(len(width) > 3 or int(width) > _WIDEST for width in widths):
                raise ValueError(f"pattern = “{self.pattern}” makes a field wider than {_WIDEST}")
            self.pattern.format(**{field: 1 if field == "counter" else "a" for field in NAME_FIELDS})
        except (KeyError, IndexError, AttributeError, TypeError) as error:
            raise ValueError(f"pattern = “{self.pattern}” is not made of {fields}") from error
        except ValueError as error:
            if "wider than" in str(error):
                raise
            raise ValueError(f"pattern = “{self.pattern}” is not made of {fields}") from error
        if not used or not set(used) <= set(NAME_FIELDS):
            raise ValueError(f"pattern = “{self.pattern}” needs at least one of {fields}, and no other")
        return self

    def is_legal(self, name: str) -> bool:
        """Whether a name (without extension) may be used as it stands."""
        if not name or len(name) > self.max_length or name[0] == "." or not _only(self.allowed).fullmatch(name):
            if not name or len(name) > self.max_length or name[0] == "." or not all(map(self.takes, name)):
                return False
        if not name.isascii() and (len(name.encode("utf-8", "surrogatepass")) > MOST_BYTES or not name.isprintable()):
            return False
        return self.case == "keep" or name == (name.lower() if self.case == "lower" else name.upper())


    def takes(self, character: str) -> bool:
        """Whether a name may hold this character, somewhere after its beginning."""
        if character in "/\0" or not character.isprintable():
            return False
        one = _only(self.allowed)
        # What is written above or below letters goes with letters of all scripts.
        with_marks = unicodedata.combining(character) or unicodedata.category(character)[0] == "M"
        return bool(one.fullmatch(character) or (with_marks and one.fullmatch("あ")))


@lru_cache(maxsize=256)
def _only(allowed: str) -> re.Pattern[str]:
    """Names of allowed characters, but for what no name holds."""
    return re.compile(f"(?:(?![/\\x00-\\x1f\\x7f])[{allowed}])+")


def _is_one_class(allowed: str) -> bool:
    """Whether this, in square brackets, is one set of characters and nothing besides: a pattern with more in it could be made to take for ever."""
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("error")  # sets within sets, which Python means to read otherwise one day
            parsed = list(re_parser.parse(f"[{allowed}]"))
    except (re.error, RecursionError, OverflowError, FutureWarning, Warning):
        return False
    return len(parsed) == 1 and str(parsed[0][0]) in ("IN", "LITERAL", "NOT_LITERAL", "ANY")


class Rules(_Part):
    """What the receiver refuses files for."""

    #: 1 or 2; 0 keeps one channel as one and several as two.
    channels: Annotated[int, Field(ge=0, le=2)] = 1
    accepts: Annotated[tuple[Accepts, ...], Field(min_length=1)]
    limits: Limits = Limits()
    names: Names = Names()
    #: Kinds of message, of which each clip has to be one; empty where the receiver knows none.
    kinds: tuple[str, ...] = ()
    #: Whether spans are written into the file as cue points with names; in WAV only.
    cue_points: bool = False

    def channels_for(self, channels: int) -> int:
        """Channels that a source with so many is delivered with."""
        return self.channels or min(2, channels)


class Level(_Part):
    """The level that a set is brought to. ``leave`` changes nothing, save what peaks demand.

    ``active`` is speech level (ITU-T P.56), ``loudness`` is BS.1770, ``peak`` the largest sample; each has its own target.
    ``together`` brings the set as a whole there by one gain, so that soft clips stay softer than loud ones.
    """

    measure: Literal["leave", "active", "loudness", "peak"] = "leave"
    target_dbov: Annotated[float, Field(ge=-60, le=0)] = -26.0
    target_lufs: Annotated[float, Field(ge=-60, le=0)] = -23.0
    target_dbfs: Annotated[float, Field(ge=-60, le=0)] = -1.0
    tolerance_db: Annotated[float, Field(gt=0, le=6)] = 1.0
    together: bool = False

    @model_validator(mode="after")
    def _can_go_together(self) -> Level:
        if self.together and self.measure == "loudness":
            raise ValueError("together goes with the measures active and peak")
        return self

    @property
    def target(self) -> float:
        """The target of the chosen measure, dB."""
        return {"loudness": self.target_lufs, "peak": self.target_dbfs}.get(self.measure, self.target_dbov)

    @property
    def unit(self) -> str:
        return {"loudness": "LUFS", "peak": "dBFS"}.get(self.measure, "dBov")


class Treatment(_Part):
    """What is done to sound on its way to the receiver.

    ``ceiling_dbfs`` is for samples, ``ceiling_dbtp`` for the wave between them (true peak, ITU-R BS.1770 annex 2).
    ``limiter_db`` is by how much a look-ahead limiter may hold single peaks down for the sake of the level; ``presence_db`` lifts
    what makes speech distinct, around 2.5 kHz; ``trim_lead_seconds`` and ``trim_tail_seconds`` are the air that trimming leaves,
    None leaves all of it; ``loop_seconds`` blends the end into the start, so that it repeats without a gap.
    """

    level: Level = Level()
    ceiling_dbfs: Annotated[float, Field(ge=-20, le=0)] = -0.1
    ceiling_dbtp: Annotated[float, Field(ge=-20, le=0)] | None = None
    limiter_db: Annotated[float, Field(ge=0, le=12)] = 0.0
    dither: Literal["none", "tpdf", "shaped"] = "tpdf"
    side: Literal["auto", "left", "right", "mix"] = "auto"
    high_pass_hz: Annotated[float, Field(ge=20, le=500)] | None = None
    band: Literal["full", "telephone"] = "full"
    presence_db: Annotated[float, Field(ge=0, le=6)] = 0.0
    remove_dc: bool = True
    trim_lead_seconds: Annotated[float, Field(ge=0, le=5)] | None = None
    trim_tail_seconds: Annotated[float, Field(ge=0, le=5)] | None = None
    loop_seconds: Annotated[float, Field(ge=0, le=10)] = 0.0
    lead_seconds: Annotated[float, Field(ge=0, le=10)] = 0.0
    max_speed_up: Annotated[float, Field(ge=0, le=0.5)] = 0.15
    air_seconds: Annotated[float, Field(ge=0, le=2)] = 0.1
    expected_bandwidth_hz: Annotated[float, Field(gt=0)] | None = None

    @model_validator(mode="after")
    def _loops_or_leads(self) -> Treatment:
        if self.loop_seconds and self.lead_seconds:
            raise ValueError("lead_seconds would put a gap into what loop_seconds closes: give one of them")
        return self


class Delivery(_Part):
    """Where made files go, within the job's output folder."""

    folder: str = ""

    @model_validator(mode="after")
    def _stays_inside(self) -> Delivery:
        if Path(self.folder).is_absolute() or ".." in Path(self.folder).parts or not self.folder.isprintable():
            raise ValueError(f"folder = “{self.folder!a}” must lie inside the output folder")
        if any(len(part.encode("utf-8", "surrogatepass")) > 255 for part in Path(self.folder).parts):
            raise ValueError("folder has a part of over 255 bytes")
        return self


class Receiver(_Part):
    """Anything that takes sound and is particular about it."""

    version: Literal[1] = 1
    slug: Annotated[str, Field(pattern=r"^[a-z0-9]+(-[a-z0-9]+)*$", max_length=40)]
    name: Annotated[str, Field(min_length=1, max_length=40)]
    purpose: str = ""
    standin: Literal["", "beacon"] = ""
    rules: Rules
    treatment: Treatment = Treatment()
    delivery: Delivery = Delivery()


def parse_receiver(text: str, where: str) -> Receiver:
    """A receiver from the text of its TOML file; ``where`` names it in messages.

    Raises
    ------
    RulesError : not TOML, a field unknown, missing, or out of range; the message names the field.
    """
    try:
        data: dict[str, Any] = tomllib.loads(text)
    except tomllib.TOMLDecodeError as error:
        raise RulesError(
            f"{where} is not valid TOML: {error}.", "Mend that line and load it again.", "not_toml"
        ) from error
    return receiver_from_data(data, where)


def to_toml(receiver: Receiver) -> str:
    """The TOML of a receiver: only what differs from the defaults."""
    import tomli_w

    data = receiver.model_dump(mode="json", exclude_defaults=True)
    # Always there, whatever the defaults: what a reader of the file looks for first.
    return tomli_w.dumps({"version": receiver.version, **data})


def receiver_from_data(data: dict[str, Any], where: str) -> Receiver:
    """A receiver from plain data; ``where`` names it in messages.

    Raises
    ------
    RulesError : a field unknown, missing, or out of range; the message names the field.
    """
    try:
        return Receiver.model_validate(data)
    except ValidationError as error:
        faults = "; ".join(
            f"{'.'.join(str(part) for part in fault['loc']) or 'receiver'}: {fault['msg']}"
            for fault in error.errors()
        )
        raise RulesError(
            f"{where} does not describe a receiver: {faults}.",
            "Mend those fields and load it again.",
            "rules",
        ) from error


def receiver_text(slug: str) -> str:
    """The TOML of a receiver that ships, or of a file.

    Raises
    ------
    RulesError : there is none.
    """
    for entry in resources.files("kittiwake.core.receivers").iterdir():
        if entry.name.endswith(f"-{slug}.toml"):
            return entry.read_text("utf-8")
    load_receiver(slug)  # says what is wrong
    return Path(slug).read_text("utf-8")


@cache
def shipped_receivers() -> dict[str, Receiver]:
    """The receivers that come with the application, by slug, in the order in which they are offered."""
    found = {}
    for entry in sorted(resources.files("kittiwake.core.receivers").iterdir(), key=lambda e: e.name):
        if entry.name.endswith(".toml"):
            receiver = parse_receiver(entry.read_text("utf-8"), entry.name)
            found[receiver.slug] = receiver
    return found


def load_receiver(which: str | Path) -> Receiver:
    """A shipped receiver by its slug, or one from a TOML file by its path.

    Raises
    ------
    RulesError : no such receiver, or its file is wrong.
    """
    if isinstance(which, str) and which in shipped_receivers():
        return shipped_receivers()[which]
    path = Path(which)
    if path.suffix.lower() != ".toml":
        known = ", ".join(shipped_receivers())
        raise RulesError(f"There is no receiver “{which}”.", f"Name one of {known}, or a .toml file.", "no_receiver")
    try:
        text = path.read_text("utf-8")
    except OSError as error:
        raise RulesError(
            f"{path} cannot be read: {reason_of(error)}.",
            "Check the path and its permissions.",
            "no_receiver",
        ) from error
    except UnicodeDecodeError as error:
        raise RulesError(f"{path} is not text.", "Receivers are TOML files in UTF-8.", "not_toml") from error
    return parse_receiver(text, path.name)
