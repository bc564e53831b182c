"""What a clip would cost and how it would sound in each codec: size, rate, signal to distortion and intelligibility, measured."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator
from dataclasses import asdict, field
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass
from ...words import phrase
from ..codec import FORMATS, Format
from ..errors import Cancelled, KittiwakeError, reason_of
from ..fit import Fit, fit
from ..intake import open_sound
from ..model import Clip, Facts, Receiver, TouchUp
from ..model.receiver import Accepts, Rules, Treatment
from ..model.units import format_hz
from ..sound import resample, select_channel, span_of
from .stream import write_stream

_TELEPHONE = (
    ("wav", "pcm_s16"), ("wav", "ulaw"), ("wav", "alaw"), ("raw", "g726_40be"), ("raw", "g726_32be"), ("raw", "g726_24be"),
    ("raw", "g726_16be"), ("raw", "oki_adpcm"), ("raw", "gsm"), ("amr", "amr_nb"), ("raw", "g723_1"),
)  # fmt: skip
#: Seconds that are compared; more would tell no more.
_MOST_S = 20.0


@dataclass(frozen=True, slots=True)
class Candidate:
    """One way to code a clip: a format at a sample rate and, where it has one, a bit rate."""

    form: Format
    rate: int
    bit_rate: int = 0

    @property
    def name(self) -> str:
        bits = phrase(", {bit_rate:g} kbit/s", bit_rate=self.bit_rate / 1000) if len(self.form.bit_rates) > 1 else ""
        return phrase("{form}, {rate}{bits}", form=self.form.name, rate=format_hz(self.rate), bits=bits)


@dataclass(frozen=True, slots=True)
class Comparison:
    """What came of one candidate.

    Attributes
    ----------
    ratio : size of the clip as 16-bit PCM WAV at its own rate, mono, against this.
    signal_to_distortion_db : over the band that the candidate can hold, the mean of both left out; None where the codec models the voice and
        not the wave, and the figure would mislead.
    segmental_db : the same for every 20 ms by itself, −10 to 35 dB, and the mean of those in which somebody speaks: soft sounds count as
        much as loud ones. None as before.
    stoi : short-time objective intelligibility against the source, 0 to 1 (Taal, Hendriks, Heusdens and Jensen, IEEE TASLP
        19(7), 2011); None for clips too short to tell.
    file, fit : the coded file and its plan, to listen to.
    """

    candidate: Candidate
    bytes: int
    kbit_s: float
    ratio: float
    signal_to_distortion_db: float | None
    segmental_db: float | None
    stoi: float | None
    file: Path = field(compare=False)
    fit: Fit = field(repr=False, compare=False)

    def to_dict(self) -> dict[str, Any]:
        """JSON-ready: a line of ``kittiwake compare --json``."""
        own = asdict(
            self, dict_factory=lambda pairs: {k: v for k, v in pairs if k not in ("candidate", "file", "fit")}
        )
        form = self.candidate.form
        return {
            "container": form.container,
            "encoding": form.encoding,
            "name": self.candidate.name,
            "sample_rate": self.candidate.rate,
            "bit_rate": self.candidate.bit_rate or None,
            **own,
        }


def candidates() -> list[Candidate]:
    """What is compared: the telephone codecs at 8 kHz, then wider ones."""
    found = []
    for key in _TELEPHONE:
        form = FORMATS[key]
        if key[1] == "amr_nb":
            found += [Candidate(form, 8000, rate) for rate in (12_200, 7950, 4750)]
        else:
            found.append(Candidate(form, 8000, form.default_bit_rate(8000)))
    found += [Candidate(FORMATS["raw", "g722"], 16_000), Candidate(FORMATS["wav", "pcm_s16"], 16_000)]
    found += [Candidate(FORMATS["wav", "ima_adpcm"], 22_050), Candidate(FORMATS["flac", "pcm_s16"], 16_000)]
    found += [
        Candidate(FORMATS["ogg", "opus"], rate, bits)
        for rate, bits in ((8000, 12_000), (16_000, 24_000), (48_000, 64_000))
    ]
    found += [Candidate(FORMATS["mp3", "mp3"], 44_100, bits) for bits in (64_000, 128_000, 192_000)]
    found.append(Candidate(FORMATS["mp4", "aac"], 44_100, 96_000))
    return found


def compare(
    clip: Clip,
    facts: Facts,
    folder: Path,
    wanted: Iterable[Candidate] | None = None,
    cancelled: Callable[[], bool] = lambda: False,
) -> Iterator[Comparison]:
    """Code a clip in each way and yield what came of it, one after the other.

    Parameters
    ----------
    folder : where the coded files go; the caller removes it.

    Raises
    ------
    KittiwakeError : the clip cannot be read.
    """
    if facts.header is None or facts.measures is None:
        raise KittiwakeError(phrase("It cannot be read, so it cannot be compared."), "", "unreadable")
    # Of what a person has done to it only span, side and rate: the rest would count as the codec's doing.
    touch = clip.touch_up
    rate = touch.true_rate or facts.header.sample_rate
    most = int(_MOST_S * rate)
    keep = most if touch.keep is None else min(touch.keep, most)
    short = clip.changed(
        touch_up=TouchUp(true_rate=touch.true_rate, side=touch.side, skip=touch.skip, keep=keep), at={}
    )
    for number, candidate in enumerate(candidates() if wanted is None else wanted):
        receiver = receiver_of(candidate)
        found = fit(short, facts, receiver)
        if found.recipe is None or found.recipe.copy:
            found = fit(short.changed(start=0, stop=facts.measures.frames), facts, receiver)
        if found.recipe is None:
            continue
        path = folder / f"{number:02d}{candidate.form.extension or '.bin'}"
        try:
            write_stream(facts, found.recipe, path, cancelled=cancelled)
            yield _judge(candidate, short, facts, found, path, cancelled)
        except Cancelled:
            raise
        except KittiwakeError:
            continue  # a codec that is not to be had here leaves its line out


def tell_comparisons(task: tuple[Clip, Facts, Path], tell: Callable[[Comparison], object]) -> str:
    """``compare`` for a process of its own: tells each as it comes, and returns what went wrong, in words; empty where nothing did."""
    try:
        for found in compare(*task):
            tell(found)
    except KittiwakeError as error:
        return str(error)
    except OSError as error:
        return phrase(
            "Comparing failed: {reason_of}. See to the disk, and compare once more.", reason_of=reason_of(error)
        )
    return ""


def receiver_of(candidate: Candidate) -> Receiver:
    """What takes that, and changes nothing else."""
    form = candidate.form
    accepted = Accepts(
        container=form.container, encoding=form.encoding, sample_rates=(candidate.rate,), bit_rate=candidate.bit_rate
    )
    return Receiver(
        slug="compare",
        name="Comparison",
        rules=Rules(channels=1, accepts=(accepted,)),
        treatment=Treatment(remove_dc=False, ceiling_dbfs=0.0),
    )


def _judge(
    candidate: Candidate, clip: Clip, facts: Facts, found: Fit, path: Path, cancelled: Callable[[], bool]
) -> Comparison:
    recipe = found.recipe
    assert recipe is not None
    heard = decoded(path, found, candidate.rate)
    if cancelled():
        raise Cancelled
    meant = _source_at(facts, found, candidate.rate)[: len(heard)]
    heard = heard[: len(meant)]
    size = path.stat().st_size
    seconds = recipe.frames_out / recipe.rate_out
    whole = 44 + 2 * round(seconds * recipe.rate_in)
    modelled = candidate.form.modelled
    return Comparison(
        candidate,
        bytes=size,
        kbit_s=round(size * 8 / seconds / 1000, 2),
        ratio=round(whole / size, 2),
        signal_to_distortion_db=None if modelled else round(_signal_to_distortion(meant, heard), 1),
        segmental_db=None if modelled else _segmental(meant, heard, candidate.rate),
        stoi=intelligibility(meant, heard, candidate.rate),
        file=path,
        fit=found,
    )


def decoded(path: Path, found: Fit, rate: int) -> NDArray[np.float64]:
    """The sound of a file made by a fit, float64 [shape=(n,)] at ``rate`` Hz, without what its codec adds before and after."""
    recipe = found.recipe
    assert recipe is not None
    reader = open_sound(path, recipe.stated)
    try:
        sound = np.concatenate(list(reader.blocks()))[:, :1]
        own = reader.header.sample_rate
    finally:
        reader.close()
    if own != rate:
        sound = np.concatenate(list(resample([sound], own, rate, 1, len(sound))))
    start = recipe.format.delay
    out: NDArray[np.float64] = sound[start : start + recipe.frames_out, 0].astype(np.float64)
    return out


def _source_at(facts: Facts, found: Fit, rate: int) -> NDArray[np.float64]:
    """The same signal without coding."""
    recipe = found.recipe
    assert recipe is not None
    reader = open_sound(facts.path, facts.stated)
    try:
        side = select_channel(
            span_of(reader, recipe.start, recipe.stop), recipe.take, 1, recipe.live, recipe.speakers
        )
        sound = np.concatenate(list(resample(side, recipe.rate_in, rate, 1, recipe.frames_in)))
    finally:
        reader.close()
    out: NDArray[np.float64] = sound[:, 0].astype(np.float64)
    return out


def _signal_to_distortion(meant: NDArray[np.float64], heard: NDArray[np.float64]) -> float:
    """Ratio of signal to difference, dB, after the one gain that fits best: neither a change of level nor a DC offset is distortion."""
    meant, heard = meant - meant.mean(), heard - heard.mean()
    gain = float(np.dot(heard, meant) / max(float(np.dot(meant, meant)), 1e-20))
    difference = heard - gain * meant
    power, error = float(np.mean((gain * meant) ** 2)), float(np.mean(difference**2))
    return min(150.0, 10 * float(np.log10(max(power, 1e-20) / max(error, 1e-20))))


def _segmental(meant: NDArray[np.float64], heard: NDArray[np.float64], rate: int) -> float | None:
    """Segmental ratio of signal to difference, dB; None where nobody speaks. Bounds and length of segments: common practice."""
    size = round(0.02 * rate)
    count = len(meant) // size
    if not count:
        return None
    gain = float(np.dot(heard, meant)) / max(float(np.dot(meant, meant)), 1e-20)
    pairs = [(gain * (meant - meant.mean())), heard - heard.mean()]
    signal, difference = (
        (one[: count * size].reshape(count, size) ** 2).mean(axis=1) for one in (pairs[0], pairs[1] - pairs[0])
    )
    spoken = signal > signal.max() * 1e-4
    if not spoken.any() or signal.max() <= 0:
        return None
    each = 10 * np.log10(signal[spoken] / np.maximum(difference[spoken], 1e-20))
    return round(float(np.clip(each, -10, 35).mean()), 1)


def intelligibility(meant: NDArray[np.float64], heard: NDArray[np.float64], rate: int) -> float | None:
    """STOI of two equally long signals; None where there is too little to tell."""
    import warnings

    from pystoi import stoi

    with warnings.catch_warnings():
        warnings.simplefilter(
            "error"
        )  # the library warns, and gives a number all the same, where there is too little
        try:
            return round(float(stoi(meant, heard, rate)), 4)
        except (RuntimeWarning, UserWarning, ValueError, IndexError):
            return None
