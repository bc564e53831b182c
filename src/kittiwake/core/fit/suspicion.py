"""Whether a header tells the true rate: what the other recordings of a folder, and the text, say about it. Never certain.

Everything here is a rule of thumb (common practice, no source): a voice played at a wrong rate has its pitch, its spectrum and the upper
edge of its band moved by the same ratio, and speaks too slowly or too fast.
"""

from __future__ import annotations

import math
from collections import Counter
from collections.abc import Iterable
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ...words import joined, phrase
from ..measure.rate_guess import pace_of
from ..model import Clip, Facts
from ..model.units import format_hz
from .plausible import plausible
from .remedies import accept
from .verdict import Problem, Remedy

#: Rates that interfaces and files are mistaken about, Hz.
USUAL = (8000, 11_025, 12_000, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000, 96_000)
_MOST_SIBLINGS = 200  # more make the comparison no better
# Natural logarithms: how far pitch, spectrum and edge of two recordings of one voice lie apart, about.
_PITCH_SPREAD, _SHAPE_SPREAD, _EDGE_SPREAD = 0.10, 0.10, 0.02
_MOST_AGAINST = 3.0  # what one piece of evidence can say against a ratio
_CONSISTENT = 2.0  # the most that may speak against the ratio that is suspected
_RARE = 2.5  # what it takes to think of a false rate at all
_ONE_VOICE = 0.18  # natural logarithm: pitches of one voice, and of one false recording among them, differ by less
_A_VOICE = -25.0  # natural logarithm, as ``plausible`` has it: voices reach it at their own rate, nearly always
_PLAINLY = 2.0  # natural logarithm: so much likelier a voice has to be at another rate
_GRID = np.arange(math.log2(120), math.log2(11_000), 1 / 48)
_OFFSET = 60  # points of the grid: an octave and a quarter
_WIDE = _GRID[0] + np.arange(-_OFFSET, len(_GRID) + _OFFSET) / 48
_SHIFTS = np.arange(-_OFFSET, _OFFSET + 1) / 48
#: Letters and digits a second of speech, the pauses left out.
SLOWEST, USUAL_PACE, FASTEST = 8.0, 15.0, 24.0


@dataclass(frozen=True)
class Voiceprint:
    """What of a recording is compared: small enough to be kept of many."""

    path: Path
    rate: int
    pitch: float | None
    pace: float | None
    edge: float
    level: NDArray[np.float64]  # dB on the grid, beginning an octave and a quarter below it and ending as far above

    @classmethod
    def of(cls, facts: Facts) -> Voiceprint | None:
        """None where there is nothing to compare."""
        head, sound = facts.header, facts.measures
        if (
            not facts.ok
            or head is None
            or sound is None
            or not np.isfinite(sound.level.active_dbov)
            or not sound.pitch_hz
        ):
            return None
        hertz = np.arange(len(sound.spectrum)) * sound.spectrum_step
        power = 10 ** (np.interp(2**_WIDE, hertz, sound.spectrum, right=-160.0) / 10)
        window = np.hanning(17)
        smooth = 10 * np.log10(np.convolve(power, window / window.sum(), "same") + 1e-16)
        swings = (sound.overview[:, 1] - sound.overview[:, 0]).astype(np.float64)
        pace = pace_of(swings, (facts.seconds or 0.0) / max(1, len(swings)))
        return cls(facts.path, head.sample_rate, sound.pitch_hz, pace, sound.bandwidth, smooth)


def suspicions(prints: Iterable[Voiceprint]) -> dict[Path, Problem]:
    """Recordings of one folder whose rate looks false beside that of the others. At least four are needed to say anything."""
    every = list(prints)
    stamped = Counter(p.rate for p in every)
    if len(every) < 4 or len(stamped) < 2:
        return {}
    sample = every[:: max(1, len(every) // _MOST_SIBLINGS)]
    pitches = np.log([p.pitch for p in sample if p.pitch])
    spread = 1.48 * float(np.median(np.abs(pitches - np.median(pitches))))  # of most, whatever the others are
    usual_pitch = float(np.median([p.pitch for p in sample if p.pitch]))
    edges = [p.edge for p in sample if p.edge < 0.46 * p.rate]
    usual_edge = float(np.median(edges)) if len(edges) >= 3 else 0.0
    middle = np.median([p.level - p.level.max() for p in sample], axis=0)
    found = {}
    for voiceprint, shift in zip(every, _shifts(every, middle), strict=True):
        others = {
            rate for rate, count in stamped.items() if rate != voiceprint.rate and count >= max(2, len(every) / 5)
        }
        if others:
            # Beside one voice the least difference says something; beside many, only what no voice is.
            problem = (
                _judge(voiceprint, others, stamped, usual_pitch, usual_edge, shift) if spread < _ONE_VOICE else None
            )
            problem = problem or _no_voice(voiceprint, others)
            if problem:
                found[voiceprint.path] = problem
    return found


def _judge(
    voiceprint: Voiceprint,
    others: set[int],
    stamped: Counter[int],
    usual_pitch: float,
    usual_edge: float,
    shift: float,
) -> Problem | None:
    pitch = math.log(voiceprint.pitch / usual_pitch) if voiceprint.pitch else 0.0
    shape = math.log(2) * shift
    edge = (
        math.log(voiceprint.edge / usual_edge)
        if usual_edge and 0 < voiceprint.edge < 0.46 * voiceprint.rate
        else None
    )

    def against(ratio: float) -> float:
        """How much speaks against sound that is moved by this ratio."""
        wish = math.log(ratio)
        total = 0.5 * ((pitch - wish) / _PITCH_SPREAD) ** 2 + 0.5 * ((shape - wish) / _SHAPE_SPREAD) ** 2
        if edge is not None:
            total += min(_MOST_AGAINST, 0.5 * ((edge - wish) / _EDGE_SPREAD) ** 2)
        return total

    best = min(others, key=lambda rate: against(voiceprint.rate / rate))
    ratio = voiceprint.rate / best
    # A rate that more of the others have is likelier to be the true one.
    likelier = 1.0 if stamped[best] >= stamped[voiceprint.rate] else 0.0
    # Another voice or a telephone is moved too, but not by this ratio in every respect.
    if against(ratio) > _CONSISTENT or against(ratio) + _RARE - likelier >= against(1.0):
        return None
    evidence = [
        phrase(
            "its pitch is {exp:.2f} times theirs ({pitch:.0f} against {usual_pitch:.0f} Hz)",
            exp=math.exp(pitch),
            pitch=voiceprint.pitch,
            usual_pitch=usual_pitch,
        ),
        phrase("its spectrum lies {exp:.2f} times as high", exp=math.exp(shape)),
    ]
    if edge is not None:
        evidence.append(phrase("its sound ends at {exp:.2f} times theirs", exp=math.exp(edge)))
    sentence = phrase(
        "Its rate may be {best}, not {rate} (a ratio of {ratio:.2f}). Beside the others of its folder {list}.",
        best=format_hz(best),
        rate=format_hz(voiceprint.rate),
        ratio=ratio,
        list=joined(evidence, ", "),
    )
    return _problem(sentence, best, voiceprint.rate)


def _no_voice(voiceprint: Voiceprint, others: set[int]) -> Problem | None:
    """Whether a recording is hardly any voice at its rate, and one at another rate of its folder."""

    def at(true: int) -> float:
        return plausible(
            voiceprint.level, _WIDE, voiceprint.rate, true, voiceprint.pitch, voiceprint.pace, voiceprint.edge
        )

    here, best = at(voiceprint.rate), max(others, key=at)
    if at(best) - here < _PLAINLY or at(best) < _A_VOICE:
        return None
    ratio = best / voiceprint.rate
    evidence = []
    if voiceprint.pitch:
        evidence.append(
            phrase(
                "a pitch of {pitch:.0f} Hz instead of {usual:.0f} Hz",
                pitch=voiceprint.pitch * ratio,
                usual=voiceprint.pitch,
            )
        )
    if voiceprint.edge < 0.93 * voiceprint.rate / 2:
        evidence.append(
            phrase(
                "a band that ends at {edge} instead of {usual}",
                edge=format_hz(round(voiceprint.edge * ratio, -1)),
                usual=format_hz(round(voiceprint.edge, -1)),
            )
        )
    sentence = phrase(
        "Its rate may be {best}, as others of its folder have, not {rate}: it would sound more like a voice, with {list}.",
        best=format_hz(best),
        rate=format_hz(voiceprint.rate),
        list=joined([*evidence, phrase("the usual spectrum")], phrase(" and ")),
    )
    return _problem(sentence, best, voiceprint.rate)


def _shifts(prints: list[Voiceprint], middle: NDArray[np.float64]) -> list[float]:
    """By how many octaves each spectrum lies above ``middle``: where the two go together best."""
    width, offset = len(_GRID), _OFFSET
    # Sound that is moved up by a shift is what lay below by as much.
    moved = np.stack([middle[2 * offset - n :][:width] for n in range(len(_SHIFTS))])
    out = [0.0] * len(prints)
    for rate in {p.rate for p in prints}:
        mine = [n for n, p in enumerate(prints) if p.rate == rate]
        room = math.log2(0.47 * rate) > _GRID
        usual = _plain(moved[:, room]).T
        for first in range(0, len(mine), 256):  # a few at a time: others wait while NumPy computes
            window = mine[first : first + 256]
            own = _plain(np.stack([prints[n].level[offset : offset + width][room] for n in window]))
            for n, at in zip(window, (own @ usual).argmax(axis=1), strict=True):
                out[n] = float(_SHIFTS[at])
    return out


def _plain(levels: NDArray[np.float64]) -> NDArray[np.float64]:
    """Rows (dB) without what lies 70 dB under their tops, without their mean, of length one."""
    held = np.maximum(levels, levels.max(axis=1, keepdims=True) - 70)
    held = held - held.mean(axis=1, keepdims=True)
    plain: NDArray[np.float64] = held / np.sqrt((held**2).sum(axis=1, keepdims=True) + 1e-9)
    return plain


def pace_suspicion(clip: Clip, facts: Facts) -> Problem | None:
    """A text that would be spoken implausibly fast or slowly, where another usual rate makes it plausible."""
    head, sound = facts.header, facts.measures
    letters = sum(character.isalnum() for character in clip.text)
    if letters < 12 or head is None or sound is None or not facts.seconds or clip.start or clip.stop is not None:
        return None
    spoken = facts.seconds * sound.level.activity
    if spoken <= 0.2:
        return None
    pace = letters / spoken
    if SLOWEST <= pace <= FASTEST:
        return None
    best = min(USUAL, key=lambda rate: abs(math.log(pace * rate / head.sample_rate / USUAL_PACE)))
    better = pace * best / head.sample_rate
    if best == head.sample_rate or not SLOWEST <= better <= FASTEST:
        return None
    sentence = phrase(
        "Its rate may be false: {letters} letters in {spoken:.1f} s of speech are {pace:.0f} a second; at {best} they would be {better:.0f}, as people speak.",
        letters=letters,
        spoken=spoken,
        pace=pace,
        best=format_hz(best),
        better=better,
    )
    return _problem(sentence, best, head.sample_rate)


def _problem(sentence: str, true: int, stamped: int) -> Problem:
    share = stamped / true
    change = phrase(
        "{share:+.1f} % in length, {pitch:+.2f} semitones", share=(share - 1) * 100, pitch=-12 * math.log2(share)
    ).replace("-", "−")
    take = Remedy(
        f"rate_{true}",
        phrase("Take {true} for its true rate", true=format_hz(true)),
        change,
        touch_up={"true_rate": true},
    )
    return Problem("false_rate", "warning", sentence, (take, accept("false_rate", phrase("Its rate is right"))))
