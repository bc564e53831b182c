"""Receivers: what a machine that takes sound demands, described in one TOML file each."""

from __future__ import annotations

import difflib
import errno
import os
import re
import re._parser as re_parser  # type: ignore[import-not-found]
import stat
import tomllib
import unicodedata
import warnings
from collections.abc import Iterator, Sequence
from functools import cache, lru_cache
from importlib import resources
from pathlib import Path
from string import Formatter
from typing import Annotated, Any, Literal, get_args

from pydantic import BaseModel, BeforeValidator, ConfigDict, Field, ValidationError, model_validator

from ..errors import RulesError, reason_of
from .units import parse_size

Size = Annotated[int, BeforeValidator(parse_size), Field(gt=0)]
Rate = Annotated[int, Field(ge=1000, le=768_000)]
_MOST_TEXT = 1 << 20  # bytes that a receiver's file may have
_DEEPEST = 12  # lists and tables within each other


class _Part(BaseModel):
    # A mistyped key must not pass for a rule that is not there, nor a text or a yes for a number.
    model_config = ConfigDict(extra="forbid", frozen=True, allow_inf_nan=False)

    @model_validator(mode="before")
    @classmethod
    def _plain_kinds(cls, data: Any) -> Any:
        if isinstance(data, dict):
            for name, value in data.items():
                field = cls.model_fields.get(name)
                numeric = field is not None and _is_numeric(field.annotation)
                for one in value if isinstance(value, list | tuple) else [value]:
                    if numeric and isinstance(one, bool):
                        raise ValueError(f"{name} = {str(one).lower()} is no number")
                    if numeric and isinstance(one, str) and name not in ("max_bytes", "total_bytes"):
                        raise ValueError(f"{name} = “{one[:40]}” is a text, not a number: write it without quotes")
        return data


def _is_numeric(annotation: Any) -> bool:
    """Whether a field holds numbers, in a list or not."""
    if annotation in (int, float):
        return True
    return any(_is_numeric(part) for part in get_args(annotation) if not isinstance(part, str))


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
        over = [
            rate for rate in self.sample_rates if self.max_sample_rate is not None and rate > self.max_sample_rate
        ]
        if over:
            raise ValueError(f"sample_rates holds {over[0]}, which is over max_sample_rate = {self.max_sample_rate}")
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
    def _agree(self) -> Limits:
        least, most = self.min_level_dbov, self.max_level_dbov
        if least is not None and most is not None and least > most:
            raise ValueError(f"min_level_dbov = {least:g} is over max_level_dbov = {most:g}")
        if self.max_seconds is not None and self.min_seconds > self.max_seconds:
            raise ValueError(f"min_seconds = {self.min_seconds:g} is over max_seconds = {self.max_seconds:g}")
        if None not in (self.max_seconds, self.advised_seconds) and self.advised_seconds > self.max_seconds:  # type: ignore[operator]
            raise ValueError(f"advised_seconds = {self.advised_seconds:g} is over max_seconds = {self.max_seconds:g}")
        if self.advised_seconds is not None and self.min_seconds > self.advised_seconds:
            raise ValueError(f"min_seconds = {self.min_seconds:g} is over advised_seconds = {self.advised_seconds:g}")
        if None not in (self.total_bytes, self.max_bytes) and self.total_bytes < self.max_bytes:  # type: ignore[operator]
            raise ValueError(f"total_bytes = {self.total_bytes} is under max_bytes = {self.max_bytes}")
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
                raise ValueError(
                    f"{field} holds “{seen}”, which no name can have; folders are named in delivery.folder"
                )
        if not all(self.takes(c) for c in self.replace_with):
            raise ValueError(f"replace_with = “{self.replace_with}” is not among the allowed characters")
        if not any(map(self.is_legal, (*map(chr, range(33, 127)), "あ"))):
            raise ValueError(
                f"allowed = “{self.allowed}” with case = “{self.case}” leaves no character to make names of"
            )
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
        if not name or len(name) > self.max_length or name[0] == ".":
            return False
        if not _only(self.allowed).fullmatch(name) and not all(map(self.takes, name)):
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
        own = {"active": "target_dbov", "loudness": "target_lufs", "peak": "target_dbfs"}
        given = [name for name in own.values() if name in self.model_fields_set]
        if self.measure in own and given and own[self.measure] not in given:
            raise ValueError(f"{given[0]} does not go with measure = “{self.measure}”: give {own[self.measure]}")
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
    def _agrees(self) -> Treatment:
        level = self.level
        if level.measure == "peak" and level.target_dbfs > self.ceiling_dbfs:
            raise ValueError(
                f"level.target_dbfs = {level.target_dbfs:g} is over ceiling_dbfs = {self.ceiling_dbfs:g}"
            )
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

    @model_validator(mode="after")
    def _agrees(self) -> Receiver:
        limits, level, lead = self.rules.limits, self.treatment.level, self.treatment.lead_seconds
        most = limits.max_seconds
        if most is not None and lead >= most:
            raise ValueError(
                f"treatment.lead_seconds = {lead:g} leaves nothing of rules.limits.max_seconds = {most:g}"
            )
        if level.measure == "active" and not level.together:
            if limits.min_level_dbov is not None and level.target_dbov < limits.min_level_dbov:
                raise ValueError(
                    f"treatment.level.target_dbov = {level.target_dbov:g} is under rules.limits.min_level_dbov = {limits.min_level_dbov:g}"
                )
            if limits.max_level_dbov is not None and level.target_dbov > limits.max_level_dbov:
                raise ValueError(
                    f"treatment.level.target_dbov = {level.target_dbov:g} is over rules.limits.max_level_dbov = {limits.max_level_dbov:g}"
                )
        return self


def parse_receiver(text: str, where: str) -> Receiver:
    """A receiver from the text of its TOML file; ``where`` names it in messages.

    Raises
    ------
    RulesError : not TOML, a field unknown, missing, or out of range; the message names the field.
    """
    try:
        data: dict[str, Any] = tomllib.loads(text.removeprefix("\ufeff"))
    except RecursionError:
        raise RulesError(
            f"{where} holds tables within tables without end.", "Mend it and load it again.", "not_toml"
        ) from None
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
        if _depth(data) > _DEEPEST:
            raise RulesError(
                f"{where} holds tables within tables without end.", "Mend it and load it again.", "rules"
            )
        return Receiver.model_validate(data)
    except ValidationError as error:
        faults = "; ".join(_faults(error))
        raise RulesError(
            f"{where} does not describe a receiver: {faults.rstrip('?')}{'?' if faults.endswith('?') else '.'}",
            "Mend those fields and load it again.",
            "rules",
        ) from error


def _depth(data: Any) -> int:
    """How deep lists and tables lie within each other, as far as that matters."""
    depth, layer = 0, [data]
    while layer and depth <= _DEEPEST:
        below: list[Any] = []
        for one in layer:
            if isinstance(one, dict):
                below += one.values()
            elif isinstance(one, list):
                below += one
        layer = [one for one in below if isinstance(one, dict | list)]
        depth += 1
    return depth


#: What a fault is in plain words, where the library's are not.
_PLAINLY = {
    "model_type": "a table is wanted here", "model_attributes_type": "a table is wanted here", "tuple_type": "a list is wanted here",
    "dict_type": "a table is wanted here", "too_short": "give at least one", "missing": "it has to be given",
    "finite_number": "a finite number is wanted", "int_from_float": "a whole number is wanted",
}  # fmt: skip


def _faults(error: ValidationError) -> Iterator[str]:
    """Each fault once, with the field, the value, and what was probably meant."""
    faults = error.errors()
    for fault in faults:
        place = fault["loc"]
        if fault["type"] == "too_short" and any(
            len(other["loc"]) > len(place) and other["loc"][: len(place)] == place for other in faults
        ):
            continue  # what is in the list is wrong, so the list is counted as empty
        where = ".".join(str(part) for part in place) or "receiver"
        message = _PLAINLY.get(fault["type"]) or fault["msg"].removeprefix("Value error, ").removeprefix("Input ")
        if fault["type"] == "extra_forbidden":
            near = difflib.get_close_matches(str(place[-1]), _fields_at(place[:-1]), 1)
            yield f"{where}: there is no such field" + (f"; did you mean {near[0]}?" if near else "")
            continue
        if fault["type"] == "value_error" or fault["type"] == "missing":
            yield f"{where}: {message}"
            continue
        value = fault.get("input")
        shown = f" = {value!r}"[:60] if isinstance(value, str | int | float) else ""
        near = []
        if fault["type"] == "literal_error" and isinstance(value, str):
            near = difflib.get_close_matches(value, re.findall(r"'([^']+)'", message), 1)
        yield f"{where}{shown}: {message}" + (f"; did you mean {near[0]}?" if near else "")


def _fields_at(place: Sequence[int | str]) -> list[str]:
    """The fields that there are at a place of a receiver."""
    part: Any = Receiver
    for name in place:
        if isinstance(name, int):
            continue
        found = part.model_fields.get(name) if isinstance(part, type) and issubclass(part, BaseModel) else None
        if found is None:
            return []
        part = next(
            (
                p
                for p in (found.annotation, *get_args(found.annotation))
                if isinstance(p, type) and issubclass(p, BaseModel)
            ),
            None,
        )
    return list(part.model_fields) if part else []


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
    return _text_of(Path(slug))


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
    if "\0" in str(which):
        raise RulesError(f"“{which!a}” is no path.", "Name a receiver, or a .toml file.", "no_receiver")
    if path.suffix.lower() != ".toml":
        known = ", ".join(shipped_receivers())
        near = difflib.get_close_matches(str(which), shipped_receivers(), 1)
        meant = f"Did you mean {near[0]}? " if near else ""
        raise RulesError(
            f"There is no receiver “{which}”.", f"{meant}Name one of {known}, or a .toml file.", "no_receiver"
        )
    try:
        text = _text_of(path)
    except OSError as error:
        raise RulesError(
            f"{path} cannot be read: {reason_of(error)}.",
            "Check the path and its permissions.",
            "no_receiver",
        ) from error
    except UnicodeDecodeError as error:
        raise RulesError(f"{path} is not text.", "Receivers are TOML files in UTF-8.", "not_toml") from error
    return parse_receiver(text, path.name)


def _text_of(path: Path) -> str:
    """The text of a receiver's file.

    Raises
    ------
    OSError, UnicodeDecodeError
    """
    handle = os.open(path, os.O_RDONLY | os.O_NONBLOCK)
    with os.fdopen(handle, "rb") as file:
        found = os.fstat(handle)
        if not stat.S_ISREG(found.st_mode):
            raise OSError(errno.EINVAL, "it is not an ordinary file")
        if found.st_size > _MOST_TEXT:
            raise OSError(errno.EFBIG, "it is larger than any receiver")
        return file.read(_MOST_TEXT).decode("utf-8-sig")
