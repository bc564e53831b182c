"""The parts of a fit: recipe, steps, problems and their remedies."""

from __future__ import annotations

import math
from collections.abc import Mapping
from dataclasses import asdict, field
from typing import Any, Literal

from ...plain_data import dataclass
from ..codec import Format
from ..codec.cues import Cue, bytes_of_cues
from ..codec.info import Tag, bytes_of_info
from ..codec.pcm import Dither
from ..model import Clip, Stated, TouchUp
from ..model.stages import Chosen
from ..sound.sides import ChannelSelection

#: ``left_out``: the clip is not meant for the receiver.
Verdict = Literal["as_is", "convert", "decide", "cannot", "left_out"]
Severity = Literal["note", "warning", "decide", "cannot"]


@dataclass(frozen=True, slots=True)
class Step:
    """One step of a path: what happens, with its numbers, and why."""

    what: str
    reason: str


@dataclass(frozen=True, slots=True)
class Remedy:
    """Something that can be done about a problem, and what comes of it.

    Attributes
    ----------
    touch_up : fields of the touch-up to change.
    accepts : code of the problem to live with. Where both are empty only a person can act (ask for another copy).
    kind : kind of message to give the clip.
    stated : how to read the clip's source, as ``Stated.parse`` takes it; whoever holds the job sees to that.
    asks : whether it is for a person to choose, and no key takes it unasked: what kind of message it is, or what loses words.
    here_only : it holds at the receiver it was offered for, and leaves the clip's other outputs alone.
    """

    code: str
    what: str
    result: str = ""
    touch_up: Mapping[str, Any] = field(default_factory=dict)
    accepts: str = ""
    kind: str = ""
    stated: str = ""
    here_only: bool = False
    asks: bool = False

    @property
    def by_key(self) -> bool:
        """Whether a key may take it."""
        return self.applies and not self.asks

    @property
    def applies(self) -> bool:
        """Whether ``apply`` changes anything."""
        return bool(self.touch_up or self.accepts or self.kind or self.stated)

    def apply(self, clip: Clip, receiver: str) -> Clip:
        """The clip with the remedy applied; ``receiver`` is the slug of the one it was offered for."""
        if self.kind:
            clip = clip.changed(kind=self.kind)
        if self.here_only:
            return clip.changed(at={**clip.at, receiver: self._on(clip.touch_up_at(receiver))})
        at = {slug: self._on(touch_up) for slug, touch_up in clip.at.items()}
        return clip.changed(touch_up=self._on(clip.touch_up), at=at)

    def _on(self, touch_up: TouchUp) -> TouchUp:
        changed = touch_up.changed(**self.touch_up)
        return changed.accepting(self.accepts) if self.accepts else changed


@dataclass(frozen=True, slots=True)
class Problem:
    """What stands in the way, or is worth a warning.

    Attributes
    ----------
    frames : of the output that fit, where it is about that.
    of_receiver : it concerns this receiver alone, and shows in its cells only; others are said of the clip as well.
    """

    code: str
    severity: Severity
    message: str
    remedies: tuple[Remedy, ...] = ()
    frames: int | None = None
    of_receiver: bool = False


@dataclass(frozen=True, slots=True)
class Recipe:
    """Everything that ``make`` needs to know, and nothing else: the path as data.

    Attributes
    ----------
    copy : the bytes of the source are delivered as they are.
    start, stop : span, in frames of the source.
    live : of a source of more than two channels, those that hold anything where some do not: only they are mixed.
    speakers : of a source of more than two channels that are mixed, the loudspeakers that it states, where they are not the usual ones.
    rate_in, rate_out : Hz; ``rate_in`` is the true rate.
    frames_out : exact length of the sound in the output, its lead included.
    dc_offsets : constant to take away from each channel of the source, nominal; empty where there is none worth it.
    low_cut, high_cut : edges of the band to keep, Hz; None keeps all.
    lead : frames of silence at the start of the output.
    bit_rate : bit/s; 0 where the format has none to choose.
    level : what is measured to reach the target; ``leave`` leaves it.
    target_db : in dBov, LUFS or dBFS, by ``level``.
    gain_db : added on top.
    ceiling : largest magnitude before rounding, nominal 0 to 1: after it none is over ``ceiling_stated``.
    ceiling_stated : largest magnitude allowed in the output.
    ceiling_true : the same between the samples; None where nothing is asked of that.
    fade_in, fade_out : frames of the output.
    fade_even : whether the fades are straight lines.
    speed : how many times as fast, pitch unchanged.
    pitch : semitones higher, length unchanged.
    without : stretches, frames of the source, that are left out; ``frames_in`` is without them.
    limiter_db : by how much single peaks may be held down, dB.
    level_low, level_high : active speech levels, dBov, that the output is brought within; None leaves it.
    presence_db : lift around 2.5 kHz, dB.
    loop : frames of the end that are blended into the start; ``frames_out`` is without them.
    variable : whether the bit rate varies around ``bit_rate``.
    trimmed : whether the span is what trimming left.
    cues : spans, in frames of the output, that are written into the file.
    info : texts that are written into the file.
    more : stages that were added from outside (``model.stages``), with their numbers.
    dither_kind : what dither is, where there is any.
    dither : ``never``, ``always``, or ``if_scaled``: only where the gain turns out not to be 0 dB.
    """

    format: Format
    copy: bool
    start: int
    stop: int | None
    take: ChannelSelection
    channels: int
    rate_in: int
    rate_out: int
    frames_in: int
    frames_out: int
    level: Literal["leave", "active", "loudness", "peak"]
    target_db: float
    gain_db: float
    ceiling: float
    dither: Literal["never", "always", "if_scaled"]
    fade_in: int
    fade_out: int
    fade_even: bool = False
    speed: float = 1.0
    pitch: float = 0.0
    without: tuple[tuple[int, int], ...] = ()
    dc_offsets: tuple[float, ...] = ()
    low_cut: float | None = None
    high_cut: float | None = None
    lead: int = 0
    bit_rate: int = 0
    variable: bool = False
    limiter_db: float = 0.0
    presence_db: float = 0.0
    loop: int = 0
    level_low: float | None = None
    level_high: float | None = None
    trimmed: bool = False
    dither_kind: Dither = "tpdf"
    ceiling_stated: float = 1.0
    ceiling_true: float | None = None
    cues: tuple[Cue, ...] = ()
    info: tuple[Tag, ...] = ()
    more: Chosen = ()
    live: tuple[int, ...] = ()
    speakers: tuple[str, ...] = ()

    @property
    def left_out(self) -> int:
        """Frames of the source that are left out inside the span."""
        return sum(stop - start for start, stop in self.without)

    @property
    def played_rate(self) -> int:
        """Hz at which the sound is taken after its tempo was changed, so that its pitch comes out as wanted."""
        return round(self.rate_in * 2 ** (self.pitch / 12))

    @property
    def tempo(self) -> float:
        """How many times as fast it is spoken before that."""
        return self.speed * self.rate_in / self.played_rate

    def frame_out(self, frame: int) -> int:
        """Where a frame of the source comes out, in frames of the output."""
        at = frame - self.start - sum(min(max(0, frame - a), b - a) for a, b in self.without)
        sound = self.frames_out - self.lead + self.loop
        place = round(at * sound / self.frames_in) if self.frames_in else 0
        return self.lead + min(max(0, place), self.frames_out - self.lead)

    def into_range(self, level: float) -> float:
        """What brings an active speech level (dBov) a little inside of the levels that are taken, dB."""
        inside = 0.1
        if self.level_low is not None and level < self.level_low + inside and math.isfinite(level):
            return self.level_low + inside - level
        if self.level_high is not None and level > self.level_high - inside:
            return self.level_high - inside - level
        return 0.0

    @property
    def metadata_bytes(self) -> int:
        """Bytes of what is written beside the sound."""
        return bytes_of_cues(self.cues) + bytes_of_info(self.info)

    @property
    def exact_size(self) -> int | None:
        """Bytes of the output; None where that depends on the sound."""
        size = self.format.exact_size(
            self.frames_out, self.channels, self.rate_out, self.bit_rate, variable=self.variable
        )
        return None if size is None else size + self.metadata_bytes

    @property
    def size(self) -> int:
        """Bytes of the output, exact or estimated."""
        exact = self.exact_size
        if exact is not None:
            return exact
        return (
            self.format.estimate(self.frames_out, self.channels, self.rate_out, self.bit_rate) + self.metadata_bytes
        )

    @property
    def decoded_frames(self) -> int:
        """Frames that a reader finds: more than ``frames_out`` where the codec works in whole frames."""
        return self.format.decoded_frames(self.frames_out, self.rate_out)

    @property
    def seconds(self) -> float:
        """Seconds that a reader finds."""
        return self.decoded_frames / self.rate_out

    @property
    def stated(self) -> Stated | None:
        """How to read the output back, where it has no header."""
        if self.format.container != "raw":
            return None
        return Stated(self.format.encoding, self.rate_out, self.channels)

    @property
    def most_bytes(self) -> int:
        """Bytes that the output surely is no larger than."""
        return self.metadata_bytes + self.format.most_bytes(
            self.frames_out, self.channels, self.rate_out, self.bit_rate, variable=self.variable
        )

    def frames_within(self, limit: int) -> int:
        """The most frames whose file is surely no larger than ``limit`` bytes."""
        room = limit - self.metadata_bytes
        return self.format.frames_within(room, self.channels, self.rate_out, self.bit_rate, variable=self.variable)

    def to_dict(self) -> dict[str, Any]:
        """JSON-ready, the format by name: what the fingerprint of an output is taken from."""
        # Without what most have none of, so that fingerprints are what they were before there was such a thing.
        empty = [key for key in ("more", "info", "live", "speakers") if not getattr(self, key)]
        plain = {key: getattr(self, key) for key in self.__slots__ if key != "format" and key not in empty}
        return {"format": "/".join(self.format.key), **plain}


@dataclass(frozen=True, slots=True)
class Fit:
    """The verdict for one clip at one receiver.

    Attributes
    ----------
    predicted_exact : whether the predicted size is exact, not an estimate.
    recipe : None where the clip cannot be made.
    """

    verdict: Verdict
    steps: tuple[Step, ...] = ()
    problems: tuple[Problem, ...] = ()
    predicted_bytes: int | None = None
    predicted_seconds: float | None = None
    predicted_exact: bool = False
    recipe: Recipe | None = None

    @property
    def ready(self) -> bool:
        """Whether it can be made without a decision."""
        return self.verdict in ("as_is", "convert")

    @property
    def warnings(self) -> tuple[Problem, ...]:
        return tuple(p for p in self.problems if p.severity == "warning")

    def to_dict(self) -> dict[str, Any]:
        """JSON-ready: the fields of ``kittiwake fit --json`` save path and receiver."""
        return {
            "verdict": self.verdict,
            "steps": [asdict(step) for step in self.steps],
            "predicted_bytes": self.predicted_bytes,
            "predicted_seconds": self.predicted_seconds,
            "predicted_exact": self.predicted_exact,
            "problems": [
                {
                    "code": problem.code,
                    "severity": problem.severity,
                    "message": problem.message,
                    "remedies": [{"code": r.code, "what": r.what, "result": r.result} for r in problem.remedies],
                }
                for problem in self.problems
            ],
        }
