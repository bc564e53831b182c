"""Frames of MPEG audio, layers I to III, counted one by one: what a table at the start says of them may be wrong or missing.

Header layout: ISO/IEC 11172-3 and 13818-3. The table: the Xing or Info frame as encoders write it, and Fraunhofer's VBRI; common practice, no
published source.
"""

from __future__ import annotations

import mmap
from pathlib import Path

from ...plain_data import dataclass
from ...words import phrase
from ..model import Note
from .sniff import head_of

#: Samples by which every decoder of layer III is late. Where a table tells the encoder's delay too, libraries take both off.
DECODER_DELAY = 529

_BIT_RATES = {
    # (is MPEG-1, layer): kbit/s by index
    (True, 1): (0, 32, 64, 96, 128, 160, 192, 224, 256, 288, 320, 352, 384, 416, 448),
    (True, 2): (0, 32, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320, 384),
    (True, 3): (0, 32, 40, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320),
    (False, 1): (0, 32, 48, 56, 64, 80, 96, 112, 128, 144, 160, 176, 192, 224, 256),
    (False, 2): (0, 8, 16, 24, 32, 40, 48, 56, 64, 80, 96, 112, 128, 144, 160),
    (False, 3): (0, 8, 16, 24, 32, 40, 48, 56, 64, 80, 96, 112, 128, 144, 160),
}
_RATES = {3: (44_100, 48_000, 32_000), 2: (22_050, 24_000, 16_000), 0: (11_025, 12_000, 8000)}
_SIDE = {
    (True, True): 17,
    (True, False): 32,
    (False, True): 9,
    (False, False): 17,
}  # (is MPEG-1, is mono): bytes of side information
_CHANCE = 4  # frames that any bytes may look like
_SEARCH = 1 << 16  # bytes in which the first frame, or the next one after damage, has to begin


@dataclass(frozen=True, slots=True)
class Frames:
    """What was counted.

    Attributes
    ----------
    count : whole frames that hold sound.
    seconds : that each lasts.
    promised : frames that the table at the start speaks of; None where there is no table.
    even : whether all have the same bit rate.
    cut : whether the last one is not all there.
    others : frames of another kind or sample rate, as of files that were joined; no reader goes on into those.
    """

    count: int
    seconds: float
    promised: int | None
    even: bool
    cut: bool
    others: int = 0

    @property
    def easy(self) -> bool:
        """Whether it is enough to believe the table, or that all frames are alike. Encoders count the frame of the table in or not."""
        return self.even if self.promised is None else abs(self.promised - self.count) <= 1

    @property
    def notes(self) -> tuple[Note, ...]:
        """What there is to say of a file that breaks off, or goes on as another."""
        if self.others > _CHANCE:
            sentence = phrase(
                "Behind {seconds:.2f} s it goes on with sound of another sample rate or kind, as of files that were joined; that is not read.",
                seconds=self.count * self.seconds,
            )
            return (Note("damaged", sentence, phrase("Take the file apart, or ask for its parts.")),)
        if self.promised and self.promised > self.count + 1:
            promised, held = self.promised * self.seconds, self.count * self.seconds
            sentence = phrase(
                "The file breaks off: its header promises {promised:.2f} s, it holds {held:.2f} s.",
                promised=promised,
                held=held,
            )
        elif self.cut and not self.promised:
            sentence = phrase(
                "The file breaks off in the middle of a frame; how long it should be stands nowhere in it."
            )
        else:
            return ()
        return (Note("truncated", sentence, phrase("Ask for a whole copy, or deliver what is there.")),)


def may_be_mpeg(path: Path) -> bool:
    """Whether a file begins with a tag or the mark of a frame."""
    head = head_of(path, 3)
    return head == b"ID3" or (len(head) == 3 and head[0] == 0xFF and head[1] & 0xE0 == 0xE0)


def count_frames(path: Path) -> Frames | None:
    """Every frame of a file; None where no two follow each other, so that it is none of this kind, or it cannot be read."""
    try:
        with path.open("rb") as file, mmap.mmap(file.fileno(), 0, access=mmap.ACCESS_READ) as data:
            return _count(data)
    except (OSError, ValueError):
        return None


def _count(data: mmap.mmap) -> Frames | None:
    size = len(data)
    at = _first(data, _after_tag(data))
    if at is None:
        return None
    promised = _table(data, at)
    head = _frame(data, at)
    assert head is not None
    _, samples, kind, _ = head
    count, rates, cut, others = 0, set(), False, 0
    if promised is not None:
        at += head[0]  # the table stands in a frame of its own, which holds no sound
    while at + 4 <= size:
        found = _frame(data, at)
        if found is None or found[2] != kind:
            if data[at : at + 3] == b"TAG" or data[at : at + 8] in (b"APETAGEX", b"LYRICSBE"):
                break
            # Beyond this place: a frame of another kind, as of two files that were joined, is a first one too.
            following = _first(data, at + 1)
            if following is None:
                break
            at = following
            others += found is not None
            continue
        length, _, _, rate = found
        if at + length > size:
            cut = True
            break
        count += 1
        rates.add(rate)
        at += length
    return Frames(count, samples / kind[2], promised, len(rates) <= 1, cut, others)


def _after_tag(data: mmap.mmap) -> int:
    """Where an ID3v2 tag ends: ten bytes and a length of four times seven bits."""
    if data[:3] != b"ID3" or len(data) < 10:
        return 0
    a, b, c, d = data[6:10]
    return 10 + (a << 21 | b << 14 | c << 7 | d) + (10 if data[5] & 0x10 else 0)


def _first(data: mmap.mmap, start: int) -> int | None:
    """Where two frames of one kind follow each other, or one ends with the file."""
    end = min(len(data) - 4, start + _SEARCH)
    at = start
    while (at := data.find(b"\xff", at, end + 1)) >= 0:
        found = _frame(data, at)
        if found is not None:
            after = at + found[0]
            following = _frame(data, after) if after + 4 <= len(data) else None
            if after == len(data) or (following is not None and following[2] == found[2]):
                return at
        at += 1
    return None


def _frame(data: mmap.mmap, at: int) -> tuple[int, int, tuple[int, int, int], int] | None:
    """Length in bytes, samples, kind (version, layer, sample rate) and bit rate (kbit/s) of the frame that begins there."""
    first, second, third = data[at], data[at + 1], data[at + 2]
    version, layer = second >> 3 & 3, 4 - (second >> 1 & 3)
    index, rate_index = third >> 4, third >> 2 & 3
    if first != 0xFF or second & 0xE0 != 0xE0 or version == 1 or layer == 4 or index in (0, 15) or rate_index == 3:
        return None
    one = version == 3
    kbits, rate = _BIT_RATES[one, layer][index], _RATES[version][rate_index]
    padding = third >> 1 & 1
    if layer == 1:
        length, samples = (12_000 * kbits // rate + padding) * 4, 384
    else:
        samples = 1152 if layer == 2 or one else 576
        length = samples // 8 * 1000 * kbits // rate + padding
    return length, samples, (version, layer, rate), kbits


def _table(data: mmap.mmap, at: int) -> int | None:
    """Frames that the table in the frame at ``at`` promises; None where there is no table."""
    one, mono = data[at + 1] >> 3 & 3 == 3, data[at + 3] >> 6 == 3
    place = at + 4 + _SIDE[one, mono]
    if data[place : place + 4] in (b"Xing", b"Info"):
        return int.from_bytes(data[place + 8 : place + 12], "big") if data[place + 7] & 1 else 0
    place = at + 36
    if data[place : place + 4] == b"VBRI":
        return int.from_bytes(data[place + 14 : place + 18], "big")
    return None
