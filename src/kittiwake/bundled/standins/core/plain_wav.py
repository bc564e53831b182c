"""WAV as strict machines read it: one format chunk first, every size right, nothing that is not understood.

Shares no code with the readers and writers of this program. RIFF: *Multimedia Programming Interface and Data Specifications 1.0* (1991).
"""

from __future__ import annotations

import struct

from ....plain_data import dataclass
from ....words import joined, phrase
from ....work.standin.machine import Refusal

PCM, A_LAW, MU_LAW, IMA_ADPCM = 1, 6, 7, 17
_NAMES = {
    PCM: "PCM",
    A_LAW: "A-law",
    MU_LAW: "µ-law",
    IMA_ADPCM: phrase("IMA ADPCM"),
    3: "float",
    2: phrase("Microsoft ADPCM"),
    49: "GSM",
    65534: "extensible",
}
_PASSED = (b"LIST", b"cue ", b"fact")


@dataclass(frozen=True, slots=True)
class Wants:
    """What a machine takes.

    Attributes
    ----------
    tags : encodings, by their numbers in the format chunk.
    bits : of a sample, for each encoding.
    most : bytes of a whole file; None where only the memory counts.
    """

    tags: tuple[int, ...]
    rates: tuple[int, ...]
    bits: tuple[int, ...]
    most: int | None = None
    most_seconds: float | None = None


@dataclass(frozen=True, slots=True)
class PlainWav:
    """What was read. ``frames`` are those that the samples come to, one channel."""

    tag: int
    rate: int
    block: int
    data: bytes
    frames: int

    @property
    def seconds(self) -> float:
        return self.frames / self.rate


def read_wav(name: str, data: bytes, wants: Wants) -> PlainWav | Refusal:
    """A file of one channel, or why it is not taken; the first fault counts."""
    if not name.lower().endswith(".wav"):
        return Refusal(phrase("Only files ending in .wav are taken."), 0)
    if wants.most is not None and len(data) > wants.most:
        return Refusal(
            phrase("{count:,} bytes are too many: {most:,} are the most.", count=len(data), most=wants.most),
            wants.most,
        )
    if len(data) < 44:
        return Refusal(phrase("{count} bytes are too few for a WAV file.", count=len(data)), len(data))
    if data[:4] != b"RIFF" or data[8:12] != b"WAVE":
        return Refusal(phrase("It does not begin as a WAV file."), 0)
    if struct.unpack_from("<I", data, 4)[0] != len(data) - 8:
        return Refusal(phrase("The size in its header is not its size."), 4)
    size = struct.unpack_from("<I", data, 16)[0]
    if data[12:16] != b"fmt " or not 16 <= size <= 40 or 20 + size > len(data):
        return Refusal(phrase("A format chunk must come first."), 12)
    found = _format(data, wants)
    if isinstance(found, Refusal):
        return found
    tag, rate, block, bits = found
    sound = _sound(data, 20 + size)
    if isinstance(sound, Refusal):
        return sound
    at, length, stated_frames = sound
    if length % block:
        return Refusal(phrase("Its sound does not end with a whole frame."), at)
    frames = stated_frames if tag == IMA_ADPCM and stated_frames is not None else _frames(tag, length, block, bits)
    if stated_frames is not None and stated_frames > _frames(tag, length, block, bits):
        return Refusal(phrase("It says that it is longer than its sound."), at)
    wav = PlainWav(tag, rate, block, data[at : at + length], frames)
    if wants.most_seconds is not None and wav.seconds > wants.most_seconds:
        return Refusal(
            phrase(
                "{seconds:.2f} s are too long: {most_seconds:g} s are the most.",
                seconds=wav.seconds,
                most_seconds=wants.most_seconds,
            ),
            at,
        )
    return wav


def _format(data: bytes, wants: Wants) -> tuple[int, int, int, int] | Refusal:
    tag, channels, rate, per_second, block, bits = struct.unpack_from("<HHIIHH", data, 20)
    if tag not in wants.tags:
        taken = joined((_NAMES[one] for one in wants.tags), phrase(" or "))
        return Refusal(
            phrase("Its encoding is {get}; {taken} is taken.", get=_NAMES.get(tag, f"number {tag}"), taken=taken), 20
        )
    if channels != 1:
        return Refusal(phrase("It has {channels} channels; only one is taken.", channels=channels), 22)
    if rate not in wants.rates:
        taken = joined((f"{one:,}" for one in wants.rates), phrase(" or "))
        return Refusal(phrase("{rate:,} Hz is not a rate it plays: {taken} Hz is.", rate=rate, taken=taken), 24)
    wanted = wants.bits[wants.tags.index(tag)]
    if bits != wanted:
        return Refusal(
            phrase("Samples of {bits} bits are not taken: they must have {wanted}.", bits=bits, wanted=wanted), 34
        )
    if tag != IMA_ADPCM and (block != bits // 8 or per_second != rate * block):
        return Refusal(phrase("Its bytes a second and its frames do not agree."), 28)
    if tag == IMA_ADPCM and (block < 8 or block % 4):
        return Refusal(phrase("Blocks of {block} bytes are none.", block=block), 32)
    return tag, rate, block, bits


def _sound(data: bytes, at: int) -> tuple[int, int, int | None] | Refusal:
    """Where the sound lies, its bytes, and the frames that the file says it has."""
    stated_frames = None
    while at + 8 <= len(data):
        kind, size = data[at : at + 4], struct.unpack_from("<I", data, at + 4)[0]
        if at + 8 + size > len(data):
            return Refusal(phrase("Its sound is not as long as it says."), at + 4)
        if kind == b"data":
            return (at + 8, size, stated_frames) if size else Refusal(phrase("There is no sound in it."), at + 4)
        if kind == b"fact" and size >= 4:
            stated_frames = struct.unpack_from("<I", data, at + 8)[0]
        if kind not in _PASSED:
            return Refusal(
                phrase("Something that it does not know stands before the sound ({kind!a}).", kind=kind), at
            )
        at += 8 + size + size % 2
    return Refusal(phrase("There is no sound in it."), at)


def _frames(tag: int, length: int, block: int, bits: int) -> int:
    if tag == IMA_ADPCM:
        return length // block * ((block - 4) * 2 + 1)
    return length // (bits // 8)
