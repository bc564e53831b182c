"""Receivers: what a machine that takes sound demands, described in one TOML file each."""

from __future__ import annotations

import string
from pathlib import Path
from typing import Annotated, Any, ClassVar, Literal

from ...plain_data import dataclass
from ..schema import Limited, Written
from .more_rules import MoreRules, parsed
from .name_rules import Names
from .rule_part import RulePart
from .service import Service
from .units import RATES, parse_size

Size = Annotated[int, Limited(gt=0), Written(parse_size)]
Rate = Annotated[int, Limited(ge=RATES[0], le=RATES[1])]


@dataclass(frozen=True, slots=True, kw_only=True)
class Accepts(RulePart):
    """One form of file that the receiver takes. The first in a receiver's list is the one made for it."""

    container: str
    encoding: str
    sample_rates: tuple[Rate, ...] = ()
    max_sample_rate: Rate | None = None
    bit_rate: Annotated[int, Limited(ge=0)] = 0
    #: Whether the bit rate may vary around ``bit_rate``, where the codec can do that.
    variable: bool = False

    def __post_init__(self) -> None:
        if not self.sample_rates and self.max_sample_rate is None:
            raise ValueError("give sample_rates or max_sample_rate")
        over = [
            rate for rate in self.sample_rates if self.max_sample_rate is not None and rate > self.max_sample_rate
        ]
        if over:
            raise ValueError(f"sample_rates holds {over[0]}, which is over max_sample_rate = {self.max_sample_rate}")

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


@dataclass(frozen=True, slots=True, kw_only=True)
class Limits(RulePart):
    """The largest and longest that is taken. ``max_bytes`` may be written ``"under 200 kB"``.

    ``total_bytes`` is the memory that all clips together have; levels are active speech levels (ITU-T P.56).
    """

    max_bytes: Size | None = None
    total_bytes: Size | None = None
    min_level_dbov: Annotated[float, Limited(ge=-60, le=0)] | None = None
    max_level_dbov: Annotated[float, Limited(ge=-60, le=0)] | None = None
    max_seconds: Annotated[float, Limited(gt=0)] | None = None
    min_seconds: Annotated[float, Limited(ge=0)] = 0.02
    advised_seconds: Annotated[float, Limited(gt=0)] | None = None

    def __post_init__(self) -> None:
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


@dataclass(frozen=True, slots=True, kw_only=True)
class Rules(RulePart):
    """What the receiver refuses files for."""

    left_out: ClassVar[tuple[str, ...]] = ("more",)

    #: 1 or 2; 0 keeps one channel as one and several as two.
    channels: Annotated[int, Limited(ge=0, le=2)] = 1
    accepts: Annotated[tuple[Accepts, ...], Limited(min_length=1)]
    limits: Limits = Limits()
    names: Names = Names()
    #: Kinds of message, of which each clip has to be one; empty where the receiver knows none.
    kinds: tuple[str, ...] = ()
    #: Whether spans are written into the file as cue points with names; in WAV only.
    cue_points: bool = False
    #: Rules that were added from outside, by their keys (``more_rules``).
    more: Annotated[MoreRules, Written(parsed)] = MoreRules()

    def channels_for(self, channels: int) -> int:
        """Channels that a source with so many is delivered with."""
        return self.channels or min(2, channels)


@dataclass(frozen=True, slots=True, kw_only=True)
class Level(RulePart):
    """The level that a set is brought to. ``leave`` changes nothing, save what peaks demand.

    ``active`` is speech level (ITU-T P.56), ``loudness`` is BS.1770, ``peak`` the largest sample; each has its own target.
    ``together`` brings the set as a whole there by one gain, so that soft clips stay softer than loud ones.
    """

    measure: Literal["leave", "active", "loudness", "peak"] = "leave"
    target_dbov: Annotated[float, Limited(ge=-60, le=0)] = -26.0
    target_lufs: Annotated[float, Limited(ge=-60, le=0)] = -23.0
    target_dbfs: Annotated[float, Limited(ge=-60, le=0)] = -1.0
    tolerance_db: Annotated[float, Limited(gt=0, le=6)] = 1.0
    together: bool = False

    def __post_init__(self) -> None:
        if self.together and self.measure == "loudness":
            raise ValueError("together goes with the measures active and peak")

    @classmethod
    def check_given(cls, data: dict[str, Any]) -> None:
        own = {"active": "target_dbov", "loudness": "target_lufs", "peak": "target_dbfs"}
        measure = str(data.get("measure", ""))  # whatever stands there: what it may be is looked at later
        given = [name for name in own.values() if name in data]
        if measure in own and given and own[measure] not in given:
            raise ValueError(f"{given[0]} does not go with measure = “{measure}”: give {own[measure]}")

    @property
    def target(self) -> float:
        """The target of the chosen measure, dB."""
        return {"loudness": self.target_lufs, "peak": self.target_dbfs}.get(self.measure, self.target_dbov)

    @property
    def unit(self) -> str:
        return {"loudness": "LUFS", "peak": "dBFS"}.get(self.measure, "dBov")


@dataclass(frozen=True, slots=True, kw_only=True)
class Treatment(RulePart):
    """What is done to sound on its way to the receiver.

    ``ceiling_dbfs`` is for samples, ``ceiling_dbtp`` for the wave between them (true peak, ITU-R BS.1770 annex 2).
    ``limiter_db`` is by how much a look-ahead limiter may hold single peaks down for the sake of the level; ``presence_db`` lifts
    what makes speech distinct, around 2.5 kHz; ``trim_lead_seconds`` and ``trim_tail_seconds`` are the air that trimming leaves,
    None leaves all of it; ``loop_seconds`` blends the end into the start, so that it repeats without a gap; ``fade_in_seconds`` and
    ``fade_out_seconds`` are at least so much of fades at the ends.
    """

    left_out: ClassVar[tuple[str, ...]] = ("fade_in_seconds", "fade_out_seconds")

    level: Level = Level()
    ceiling_dbfs: Annotated[float, Limited(ge=-20, le=0)] = -0.1
    ceiling_dbtp: Annotated[float, Limited(ge=-20, le=0)] | None = None
    limiter_db: Annotated[float, Limited(ge=0, le=12)] = 0.0
    dither: Literal["none", "tpdf", "shaped"] = "tpdf"
    side: Literal["auto", "left", "right", "mix"] = "auto"
    high_pass_hz: Annotated[float, Limited(ge=20, le=500)] | None = None
    band: Literal["full", "telephone"] = "full"
    presence_db: Annotated[float, Limited(ge=0, le=6)] = 0.0
    remove_dc: bool = True
    trim_lead_seconds: Annotated[float, Limited(ge=0, le=5)] | None = None
    trim_tail_seconds: Annotated[float, Limited(ge=0, le=5)] | None = None
    loop_seconds: Annotated[float, Limited(ge=0, le=10)] = 0.0
    lead_seconds: Annotated[float, Limited(ge=0, le=10)] = 0.0
    max_speed_up: Annotated[float, Limited(ge=0, le=0.5)] = 0.15
    air_seconds: Annotated[float, Limited(ge=0, le=2)] = 0.1
    expected_bandwidth_hz: Annotated[float, Limited(gt=0)] | None = None
    fade_in_seconds: Annotated[float, Limited(ge=0, le=60)] = 0.0
    fade_out_seconds: Annotated[float, Limited(ge=0, le=60)] = 0.0

    def __post_init__(self) -> None:
        level = self.level
        if level.measure == "peak" and level.target_dbfs > self.ceiling_dbfs:
            raise ValueError(
                f"level.target_dbfs = {level.target_dbfs:g} is over ceiling_dbfs = {self.ceiling_dbfs:g}"
            )
        if self.loop_seconds and self.lead_seconds:
            raise ValueError("lead_seconds would put a gap into what loop_seconds closes: give one of them")


#: What ``Delivery.names`` may hold.
DELIVERED = ("name", "stem", "ending", "folder", "kind", "language", "speaker", "number")


@dataclass(frozen=True, slots=True, kw_only=True)
class Delivery(RulePart):
    """Where made files go within the job's output folder, and in which form the whole set is handed over.

    ``form`` is a key of ``work/deliver/forms``; ``names`` is the place of a file in what is handed over, of ``{name}`` (its file name), ``{stem}``,
    ``{ending}``, ``{folder}`` (of its source), ``{kind}``, ``{language}``, ``{speaker}`` and ``{number}``; ``manifest`` is the list that goes along;
    ``pause_seconds`` lies between clips that are joined in one file.
    """

    folder: str = ""
    form: Annotated[str, Limited(pattern=r"^[a-z0-9-]+$", max_length=40)] = "folder"
    names: Annotated[str, Limited(min_length=1, max_length=200)] = "{name}"
    manifest: Literal["none", "jsonl", "csv", "both"] = "none"
    pause_seconds: Annotated[float, Limited(ge=0, le=10)] = 0.5

    def __post_init__(self) -> None:
        if Path(self.folder).is_absolute() or ".." in Path(self.folder).parts or not self.folder.isprintable():
            raise ValueError(f"folder = “{self.folder!a}” must lie inside the output folder")
        if any(len(part.encode("utf-8", "surrogatepass")) > 255 for part in Path(self.folder).parts):
            raise ValueError("folder has a part of over 255 bytes")
        self._check_names()

    def _check_names(self) -> None:
        try:
            fields = {field for _, field, _, _ in string.Formatter().parse(self.names) if field is not None}
        except ValueError as error:
            raise ValueError(f"names = “{self.names!a}” is no pattern: {error}") from error
        if unknown := fields - set(DELIVERED):
            raise ValueError(
                f"names has no “{{{min(unknown)}}}”; there is {', '.join(f'{{{one}}}' for one in DELIVERED)}"
            )
        if not fields & {"name", "stem", "number"}:
            raise ValueError("names needs {name}, {stem} or {number}, so that files are told from each other")
        if self.names.startswith("/") or ".." in Path(self.names).parts or not self.names.isprintable():
            raise ValueError(f"names = “{self.names!a}” must lie inside of what is handed over")


@dataclass(frozen=True, slots=True, kw_only=True)
class Receiver(RulePart):
    """Anything that takes sound and is particular about it."""

    version: Literal[1] = 1
    slug: Annotated[str, Limited(pattern=r"^[a-z0-9]+(-[a-z0-9]+)*$", max_length=40)]
    name: Annotated[str, Limited(min_length=1, max_length=40)]
    purpose: str = ""
    #: The kind of machine that its files are tried on, where there is a stand-in for one (``work/standin/machine.py``).
    standin: Annotated[str, Limited(pattern=r"^[a-z0-9-]*$", max_length=40)] = ""
    rules: Rules
    treatment: Treatment = Treatment()
    delivery: Delivery = Delivery()
    #: How its service is asked, where there is one behind it.
    service: Service | None = None

    def __post_init__(self) -> None:
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

    @property
    def folder_name(self) -> str:
        """Of the folder that its outputs have where several receivers share one."""
        return self.delivery.folder or self.slug

    def shaping(self) -> dict[str, Any]:
        """Plain data of all that may shape an output, and some that does not but always was in digests of ledgers: without how a set is handed
        over, and on which machine it is tried.
        """
        data = self.to_data()
        data.pop("service")
        data["delivery"] = {"folder": self.delivery.folder}
        data["standin"] = (
            self.standin if self.standin == "beacon" else ""
        )  # the only one there was when digests began
        return data
