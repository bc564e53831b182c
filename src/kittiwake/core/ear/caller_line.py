"""How a caller hears something: band, one codec or two in tandem, packets lost and late, concealment, noise and level of a handset."""

from __future__ import annotations

import tempfile
from collections.abc import Iterator
from pathlib import Path

import numpy as np
import soundfile
from numpy.typing import NDArray

from ...plain_data import dataclass
from ...words import joined, phrase
from ..codec import FORMATS
from ..errors import KittiwakeError
from ..fit import fit
from ..make.compare import Candidate, decoded, intelligibility, receiver_of
from ..make.stream import write_stream
from ..measure import analyze
from ..model import Clip
from ..packets.conceal import FRAME, concealed
from ..packets.packet_loss import CLEAR, PacketLossModel, losses
from ..sound import Line
from ..sound.length import Blocks

Sound = NDArray[np.float32]
RATE = Line.RATE
_SILENT = 1e-4  # of full scale
#: What a line may be coded by: key, name, container and encoding.
CODECS = (
    ("g711u", "G.711 µ-law", ("wav", "ulaw")), ("g711a", "G.711 A-law", ("wav", "alaw")), ("gsm", phrase('GSM full rate'), ("raw", "gsm")),
    ("amr", "AMR 12.2", ("amr", "amr_nb")), ("amr475", "AMR 4.75", ("amr", "amr_nb")), ("g729", "G.729", ("raw", "g729")), ("g726", "G.726 32", ("raw", "g726_32be")),
)  # fmt: skip
_BIT_RATES = {"amr": 12_200, "amr475": 4750}


@dataclass(frozen=True, slots=True)
class CallerLine:
    """A line.

    Attributes
    ----------
    codecs : keys of ``CODECS``, one after the other.
    packet_loss : what the last stretch suffers.
    noise_dbov : of the handset and what is around it; None for none.
    level_db : of the handset.
    """

    codecs: tuple[str, ...] = ("g711u",)
    packet_loss: PacketLossModel = CLEAR
    noise_dbov: float | None = None
    level_db: float = 0.0

    @property
    def words(self) -> str:
        names = {key: name for key, name, _ in CODECS}
        sentences = [joined((names.get(key, key) for key in self.codecs), phrase(" then "))]
        if self.packet_loss.loss:
            sentences.append(phrase("{loss:g} % lost", loss=self.packet_loss.loss * 100))
        if self.packet_loss.jitter:
            sentences.append(phrase("jitter {jitter:g} ms", jitter=self.packet_loss.jitter))
        if self.noise_dbov is not None:
            sentences.append(phrase("noise {noise_dbov:g} dBov", noise_dbov=self.noise_dbov).replace("-", "−"))
        if self.level_db:
            sentences.append(phrase("{level_db:+g} dB", level_db=self.level_db).replace("-", "−"))
        return joined(sentences, ", ")


PLAIN = CallerLine()


@dataclass(frozen=True, slots=True)
class OnTheLine:
    """What a caller hears, float32 [shape=(n,)] at 8 kHz, and what it has suffered.

    Attributes
    ----------
    lost : share of packets that were lost or late.
    stoi : short-time objective intelligibility against the same band without codec and loss (Taal and others, 2011); None where it is too short.
    """

    sound: Sound
    lost: float
    stoi: float | None

    @property
    def words(self) -> str:
        sentences = [phrase("{lost:.1f} % of packets missing", lost=self.lost * 100)] if self.lost else []
        if self.stoi is not None:
            sentences.append(phrase("intelligibility (STOI) {stoi:.2f}", stoi=self.stoi))
        return joined(sentences, ", ")


def codecs_here() -> list[tuple[str, str]]:
    """Those that can be had on this machine: key and name."""
    from ..codec.g729 import library as g729_library

    return [
        (key, name) for key, name, form in CODECS if form in FORMATS and (key != "g729" or g729_library() is not None)
    ]


def on_the_line(blocks: Blocks, rate: int, frames: int, line: CallerLine = PLAIN) -> OnTheLine:
    """Mono blocks of ``frames`` frames at ``rate`` Hz, as a caller hears them.

    Raises
    ------
    KittiwakeError : a codec is not to be had.
    """
    clear = _whole(Line().band(blocks, rate, frames))
    sound = clear
    for key in line.codecs:
        sound = _coded(sound, key)
    missing = _missing(len(sound), line.packet_loss)
    if missing.any():
        gone = missing.repeat(FRAME)[: len(sound)]
        sound = concealed(np.where(gone, np.float32(0), sound), missing)
    both = min(len(clear), len(sound))
    meant, received = clear[:both].astype(np.float64), sound[:both].astype(np.float64)
    stoi = intelligibility(meant, received, RATE) if np.abs(meant).max(initial=0.0) > _SILENT else None
    if line.noise_dbov is not None:
        dice = np.random.default_rng(line.packet_loss.seed)
        sound = sound + (dice.standard_normal(len(sound)) * 10 ** (line.noise_dbov / 20)).astype(np.float32)
    sound = (sound * np.float32(10 ** (line.level_db / 20))).clip(-1, 1)
    return OnTheLine(sound.astype(np.float32), float(missing.mean()) if len(missing) else 0.0, stoi)


def _whole(blocks: Iterator[Sound]) -> Sound:
    parts = [block[:, 0] for block in blocks]
    return np.concatenate(parts).astype(np.float32) if parts else np.zeros(0, np.float32)


def _missing(samples: int, packet_loss: PacketLossModel) -> NDArray[np.bool_]:
    """Which frames of 10 ms are not there."""
    packets = -(-samples // (2 * FRAME))
    gone = losses(packets, packet_loss) if packet_loss.loss else np.zeros(packets, bool)
    if packet_loss.jitter:
        spread = packet_loss.jitter / 1.128
        delays = np.random.default_rng(packet_loss.seed).normal(0, spread, packets)
        gone = gone | (delays > packet_loss.buffer)
    return gone.repeat(2)[: -(-samples // FRAME)]


def _coded(sound: Sound, key: str) -> Sound:
    """Through a codec and back, as long as it was."""
    form = FORMATS[next(form for one, _, form in CODECS if one == key)]
    if not len(sound):
        return sound
    receiver = receiver_of(Candidate(form, RATE, _BIT_RATES.get(key, form.default_bit_rate(RATE))))
    with tempfile.TemporaryDirectory(prefix="kittiwake-line-") as folder:
        path = Path(folder) / "sound.wav"
        soundfile.write(path, sound, RATE, subtype="FLOAT")
        facts = analyze(path, picture=False)
        found = fit(Clip.whole(path), facts, receiver)
        if found.recipe is None:
            sentence = joined(problem.message for problem in found.problems)
            raise KittiwakeError(
                sentence or phrase("That cannot be coded so."),
                phrase("Choose another codec for the line."),
                "no_codec",
            )
        coded = Path(folder) / "coded"
        write_stream(facts, found.recipe, coded)
        heard = decoded(coded, found, RATE).astype(np.float32)
    if len(heard) < len(sound):
        heard = np.concatenate([heard, np.zeros(len(sound) - len(heard), np.float32)])
    return heard[: len(sound)]
