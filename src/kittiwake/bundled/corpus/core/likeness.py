"""What a clip sounds like, in a few hundred bytes that survive another codec, level, rate and a small shift.

After Haitsma and Kalker, *A highly robust audio fingerprinting system* (ISMIR 2002): signs of differences of power between neighbouring bands and moments.
"""

from __future__ import annotations

from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from .bands import ALIKE, FIRST, RAISED

STEP = 0.032  # s, between two prints
_SMOOTH = 0.192  # s
_REACH = 4  # prints between the moments that are compared
_LIVELY = 30.0  # dB under the loudest: softer prints tell nothing
KEYS = 16  # most telling places of a clip, by which others are looked up
_APART = 7  # prints between the three moments of a key
_KEY_BITS = 10  # of each moment
_LOW_BITS = np.uint16((1 << _KEY_BITS) - 1)
LOWER = 0.9  # what differs in the low bands counts so much
_FEWEST = 12  # lively prints, 0.4 s


class Likeness(NamedTuple):
    """Attributes
    ----------
    prints : uint16 [shape=(n,)], one each ``STEP``.
    lively : bool [shape=(n,)], whether there is sound.
    keys : uint32 [shape=(k,)], of 30 bits, by which clips are looked up; k is ``KEYS`` at most.
    weak : uint32 [shape=(k, 2)], the two bits of each key that would change first.
    places : uint16 [shape=(k,)], of the keys, in prints.
    raised : the same of the clip as it would be played 3 % faster and higher, by which copies that a tape or a false rate made so are found.
    """

    prints: NDArray[np.uint16]
    lively: NDArray[np.bool_]
    keys: NDArray[np.uint32]
    weak: NDArray[np.uint32]
    places: NDArray[np.uint16]
    raised: Likeness | None = None

    def packed(self) -> bytes:
        """As bytes, for a file."""
        head = np.array([len(self.prints), len(self.keys)], "<u4")
        parts = (
            self.prints.astype("<u2"),
            self.keys.astype("<u4"),
            self.weak.astype("<u4"),
            self.places.astype("<u2"),
        )
        own = head.tobytes() + b"".join(part.tobytes() for part in parts) + np.packbits(self.lively).tobytes()
        return own + (self.raised.packed() if self.raised is not None else b"")

    @classmethod
    def unpacked(cls, data: bytes) -> Likeness:
        count, keys = np.frombuffer(data, "<u4", 2).tolist()
        at = 8
        out = []
        for kind, size in (("<u2", count), ("<u4", keys), ("<u4", 2 * keys), ("<u2", keys)):
            out.append(np.frombuffer(data, kind, size, at))
            at += out[-1].nbytes
        end = at + -(-count // 8)
        lively = np.unpackbits(np.frombuffer(data[at:end], np.uint8))[:count].astype(bool)
        raised = cls.unpacked(data[end:]) if len(data) > end else None
        return cls(out[0], lively, out[1], out[2].reshape(-1, 2), out[3], raised)


def likeness_of(
    powers: NDArray[np.float32], seconds: float, raised: NDArray[np.float32] | None = None
) -> Likeness | None:
    """Of the powers of a clip in bands, frame by frame, and in bands that are ``RAISED`` times as low; None where there is too little sound.

    Parameters
    ----------
    seconds : of a frame.
    """
    own = _likeness_of(powers, seconds)
    if own is None or raised is None:
        return own
    return own._replace(raised=_likeness_of(raised, seconds / RAISED))


def _likeness_of(powers: NDArray[np.float32], seconds: float) -> Likeness | None:
    from scipy.ndimage import convolve1d  # a good part of a second to import: only where it is asked for

    if not len(powers):
        return None
    bands = powers[:, FIRST : FIRST + ALIKE].astype(np.float64)
    if bands.shape[1] < ALIKE:
        return None
    size = max(1, round(_SMOOTH / seconds))
    window = np.hanning(size + 2)[1:-1]
    window /= window.sum()
    padded = np.concatenate([np.zeros((size, ALIKE)), bands, np.zeros((size, ALIKE))])
    sums = convolve1d(padded, window, axis=0, mode="constant")
    # On a grid of time that is the same at every rate.
    count = int(len(padded) * seconds / STEP)
    at = np.arange(count) * STEP / seconds
    low = np.minimum(at.astype(np.intp), len(padded) - 2)
    part = (at - low)[:, None]
    grid = sums[low] * (1 - part) + sums[low + 1] * part
    loud = grid.sum(axis=1)
    top = float(loud.max(initial=0.0))
    if top <= 0:
        return None
    levels = np.log(grid + 1e-3 * top / ALIKE)
    across = levels[:, :-1] - levels[:, 1:]
    change = across[_REACH:] - across[:-_REACH]
    prints = ((change > 0) << np.arange(ALIKE - 1)).sum(axis=1).astype(np.uint16)
    middle = loud[_REACH // 2 : _REACH // 2 + len(change)]
    lively = middle > top * 10 ** (-_LIVELY / 10)
    if lively.sum() < _FEWEST:
        return None
    return Likeness(prints, lively, *_keys(prints, lively, np.abs(change)))


def _keys(
    prints: NDArray[np.uint16], lively: NDArray[np.bool_], sure: NDArray[np.float64]
) -> tuple[NDArray[np.uint32], NDArray[np.uint32], NDArray[np.uint16]]:
    many = len(prints) - 2 * _APART
    if many <= 0:
        return np.zeros(0, np.uint32), np.zeros((0, 2), np.uint32), np.zeros(0, np.uint16)
    # The low bands, which every codec of a telephone leaves as they are; the first moment is the low end of a key.
    moments = [slice(n * _APART, n * _APART + many) for n in range(3)]
    bits = np.concatenate([sure[one, :_KEY_BITS] for one in moments], axis=1)
    order = np.argpartition(bits, 3, axis=1)[:, :3]
    # Two bits may be wrong: what counts is the third.
    third = np.take_along_axis(bits, order, axis=1).max(axis=1)
    third = third * np.logical_and.reduce([lively[one] for one in moments])
    best = np.sort(np.argsort(-third, kind="stable")[:KEYS])
    low = (prints & ((1 << _KEY_BITS) - 1)).astype(np.uint32)
    keys = sum(low[best + n * _APART] << np.uint32(n * _KEY_BITS) for n in range(3))
    weak = np.argsort(bits[best], axis=1, kind="stable")[:, :2].astype(np.uint32)
    return np.asarray(keys, np.uint32), np.uint32(1) << weak, best.astype(np.uint16)


def unlike(one: Likeness, other: Likeness, shift: int, faster: int = 0) -> float:
    """Share of bits that differ in the worst 0.4 s, where ``other`` begins ``shift`` prints later and, made faster (or slower, where negative), ends
    ``faster`` prints earlier than that; 1 where they hardly overlap.

    This is what separates two clips that share all but a word.
    """
    places = np.arange(len(one.prints))
    theirs = beside(places, shift, faster, *ends_of(one))
    inside = (theirs >= 0) & (theirs < len(other.prints))
    if not inside.any():
        return 1.0
    places, theirs = places[inside], theirs[inside]
    either = one.lively[places] & other.lively[theirs]
    # What is left over at either end must be silence.
    if either.sum() < 0.9 * max(one.lively.sum(), other.lively.sum()):
        return 1.0
    differ = (one.prints[places] ^ other.prints[theirs])[either]
    return max(_worst(differ, 16, 0.5), LOWER * _worst(differ & _LOW_BITS, _KEY_BITS, 0.3))


def ends_of(one: Likeness) -> tuple[int, int]:
    """Where its sound begins and ends, in prints."""
    return int(np.argmax(one.lively)), len(one.lively) - int(np.argmax(one.lively[::-1]))


def beside(places: NDArray[Any], shift: Any, faster: Any, first: Any, last: Any) -> NDArray[np.int64]:
    """Prints of another clip that sound as those at ``places``: ``shift`` earlier at ``first``, and ``faster`` earlier still at ``last``."""
    share = (places - first) / np.maximum(last - first, 1)
    moved: NDArray[np.int64] = places - shift - np.rint(faster * share).astype(np.int64)
    return moved


def _worst(differ: NDArray[np.uint16], bits: int, seconds: float) -> float:
    """Largest share of these bits that is set in so many seconds in a row."""
    counts = np.bitwise_count(differ)
    size = round(seconds / STEP)
    if len(counts) <= size:
        return float(counts.mean()) / bits
    sums = np.cumsum(np.concatenate([[0], counts]), dtype=np.int64)
    return float((sums[size:] - sums[:-size]).max()) / size / bits
