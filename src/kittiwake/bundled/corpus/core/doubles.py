"""Clips that hold the same recording, also in another codec, at another level, rate or speed, or a little later."""

from __future__ import annotations

import tempfile
from array import array
from collections.abc import Iterable, Iterator
from typing import IO, Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from .likeness import Likeness, beside, ends_of, unlike

SAME = 0.25  # share of bits that may differ in the worst half second; chosen on one half of the voices
_NEAR = 0.36  # of those around a key, or two clips are not looked at closer
_AROUND = (-8, 24)  # prints
_NEAR_AT_ENDS, _END = 0.4, 16  # the same of so many prints at both ends
_FASTER = 0.06  # share of its length by which a copy may be shorter or longer
_ROWS = 1 << 15
_PART = 1 << 18  # looks for keys at a time, so that memory stays flat
_REMEMBERED = 100_000  # pairs that are not looked at again, should they turn up by another key
_CROWD = 24  # clips that share a key; of more only neighbours are compared


class Double(NamedTuple):
    """``one`` and ``other``: places of two clips; ``unlike``: share of bits that differ where they differ most, 0 for the same sound."""

    one: int
    other: int
    unlike: float


def doubles(clips: Iterable[Likeness | None]) -> list[Double]:
    """All pairs that were found, by place. Of many alike, each is paired with a few of them.

    Needs some 1.4 kB a clip while it looks.
    """
    index = _Index(clips)
    found: dict[tuple[int, int], float] = {}
    looked: set[tuple[int, int, int, int]] = set()
    for pairs in index.candidates():
        for one, other, shift, faster in pairs.tolist():
            pair = (one // 2, other // 2)
            if pair in found or (one, other, shift, faster) in looked:
                continue
            if len(looked) > _REMEMBERED:
                looked.clear()
            looked.add((one, other, shift, faster))
            # What was found at one shift may be found at its neighbour too, and better.
            speeds = (faster - 1, faster, faster + 1) if faster else (0,)
            apart = min(
                unlike(index.clip(one), index.clip(other), shift + d, speed) for d in (-1, 0, 1) for speed in speeds
            )
            if apart <= SAME:
                found[pair] = apart
    return [Double(one, other, round(apart, 4)) for (one, other), apart in sorted(found.items())]


class _Index:
    """Of each clip two: itself (even), and raised (odd), which is only held against others as they are."""

    def __init__(self, clips: Iterable[Likeness | None]) -> None:
        # Plain arrays that grow: a million small ones would take several times the room.
        keys, weak, places = array("I"), array("I"), array("H")
        counts, many = array("I"), array("H")
        # What is long lies in files without a name.
        prints, lively = tempfile.TemporaryFile(), tempfile.TemporaryFile()  # noqa: SIM115 - they live as long as what is mapped
        first, last, sounding = array("I"), array("I"), array("I")
        for clip in (way for one in clips for way in (one, one.raised if one is not None else None)):
            if clip is None:
                for column in (counts, many, first, last, sounding):
                    column.append(0)
                continue
            counts.append(len(clip.prints))
            many.append(len(clip.keys))
            begin, end = ends_of(clip)
            first.append(begin)
            last.append(end)
            sounding.append(int(clip.lively.sum()))
            prints.write(clip.prints.astype(np.uint16).tobytes())
            lively.write(clip.lively.astype(np.uint8).tobytes())
            keys.frombytes(clip.keys.astype(np.uint32).tobytes())
            weak.frombytes(clip.weak.astype(np.uint32).tobytes())
            places.frombytes(clip.places.astype(np.uint16).tobytes())
        self._prints: NDArray[np.uint16] = _mapped(prints, np.uint16)
        self._lively: NDArray[np.bool_] = _mapped(lively, np.bool_)
        self._keys = np.array(keys, np.uint32)
        self._weak = np.array(weak, np.uint32).reshape(-1, 2)
        self._places = np.array(places, np.int32)
        self._owners = np.repeat(np.arange(len(counts), dtype=np.int32), np.array(many, np.int64))
        self._starts = np.concatenate([[0], np.cumsum(np.array(counts, np.int64))]).astype(np.int64)
        self._first, self._last, self._sounding = (np.array(column, np.int64) for column in (first, last, sounding))

    def clip(self, n: int) -> Likeness:
        a, b = self._starts[n], self._starts[n + 1]
        return Likeness(
            self._prints[a:b], self._lively[a:b], self._keys[:0], self._weak[:0], self._keys[:0].astype(np.uint16)
        )

    def candidates(self) -> Iterator[NDArray[np.int64]]:
        """Rows of (one, other, by how many prints one is later, by how many the other is shorter), of clips that are alike around a key."""
        parts = max(1, -(-4 * len(self._keys) // _PART))
        for part in range(parts):
            keys, at = self._probes(part, parts)
            order = np.argsort(keys, kind="stable")
            keys, at = keys[order], at[order]
            for pairs in _pairs(keys, at):
                yield from self._near(pairs)

    def _probes(self, part: int, parts: int) -> tuple[NDArray[np.uint32], NDArray[np.int64]]:
        """Keys as they are, and with each of their weak bits turned, of one part of all."""
        every, where = [], []
        none = np.zeros(len(self._keys), np.uint32)
        for turned in (none, self._weak[:, 0], self._weak[:, 1], self._weak[:, 0] | self._weak[:, 1]):
            keys: NDArray[np.uint32] = self._keys ^ turned
            mine = np.flatnonzero(_spread(keys) % np.uint32(parts) == part)
            every.append(keys[mine])
            where.append(mine)
        return np.concatenate(every), np.concatenate(where)

    def _near(self, pairs: NDArray[np.int64]) -> Iterator[NDArray[np.int64]]:
        one, other = self._owners[pairs[:, 0]], self._owners[pairs[:, 1]]
        meant = (one // 2 != other // 2) & ((one % 2 == 0) | (other % 2 == 0))
        pairs = np.where((one > other)[:, None], pairs[:, ::-1], pairs)[meant]
        rows = np.column_stack([
            self._owners[pairs[:, 0]], self._owners[pairs[:, 1]], self._places[pairs[:, 0]] - self._places[pairs[:, 1]], self._places[pairs[:, 0]],
        ]).astype(np.int64)  # fmt: skip
        rows = rows[self._could_cover(rows)]
        _, first = np.unique(rows[:, :3], axis=0, return_index=True)
        rows = rows[first]
        for a in range(0, len(rows), _ROWS):
            lot = rows[a : a + _ROWS]
            lot = lot[self._apart(lot, lot[:, 3], _AROUND) <= _NEAR]
            # Two that share a word are alike there; doubles are alike at both ends.
            begin, end = self._overlap(lot)
            alike = self._apart(lot, begin, (0, _END)) <= _NEAR_AT_ENDS
            alike[alike] = self._apart(lot[alike], end[alike], (-_END, 0)) <= _NEAR_AT_ENDS
            yield np.column_stack([lot[alike, :3], np.zeros(int(alike.sum()), np.int64)])
            yield self._at_other_speeds(lot[~alike])

    def _at_other_speeds(self, rows: NDArray[np.int64]) -> NDArray[np.int64]:
        """Of clips that are alike around a key but not at both ends: those that are, if one is as much faster as it is shorter."""
        one, other = rows[:, 0], rows[:, 1]
        begin, end = self._first[one], self._last[one]
        shift = begin - self._first[other]
        faster = (end - begin) - (self._last[other] - self._first[other])
        # A print either way is nothing; and at that speed the key must lie where it was found.
        could = (np.abs(faster) >= 2) & (np.abs(faster) <= _FASTER * (end - begin))
        could &= np.abs(beside(rows[:, 3], shift, faster, begin, end) - (rows[:, 3] - rows[:, 2])) <= 2
        moved = np.column_stack([one, other, shift, faster])[could]
        begin, end = begin[could], end[could]
        moved = moved[self._near_at(moved, begin, 0, (0, _END))]
        begin, end = self._first[moved[:, 0]], self._last[moved[:, 0]]
        moved = moved[self._near_at(moved, end, 1, (-_END, 0))]
        _, first = np.unique(moved, axis=0, return_index=True)
        return moved[first]

    def _near_at(
        self, rows: NDArray[np.int64], places: NDArray[np.int64], ended: int, around: tuple[int, int]
    ) -> NDArray[np.bool_]:
        """Whether they are alike at an end, a print earlier or later: before the other has become any faster, or when it has ``ended``."""
        shifted = rows.copy()
        shifted[:, 2] += ended * rows[:, 3]
        tries = []
        for d in (-1, 0, 1):
            at = shifted.copy()
            at[:, 2] += d
            tries.append(self._apart(at, places, around))
        return np.min(tries, axis=0) <= _NEAR_AT_ENDS if len(rows) else np.zeros(0, bool)

    def _overlap(self, rows: NDArray[np.int64]) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
        """Where the sound of both begins, and ends, in prints of the first."""
        one, other, shift = rows[:, 0], rows[:, 1], rows[:, 2]
        begin = np.maximum(self._first[one], self._first[other] + shift)
        return begin, np.minimum(self._last[one], self._last[other] + shift)

    def _could_cover(self, rows: NDArray[np.int64]) -> NDArray[np.bool_]:
        """Whether the sound of two clips overlaps at all, but for a tenth: two that share a word in other places are no doubles."""
        one, other = rows[:, 0], rows[:, 1]
        begin, end = self._overlap(rows)
        covers: NDArray[np.bool_] = end - begin >= 0.9 * np.maximum(self._sounding[one], self._sounding[other]) - 2
        return covers

    def _apart(
        self, rows: NDArray[np.int64], places: NDArray[np.int64], around: tuple[int, int]
    ) -> NDArray[np.float64]:
        """Share of bits that differ around places of the first."""
        at = places[:, None] + np.arange(*around)
        differ, inside = [], []
        for column, moved in ((0, at), (1, at - rows[:, 2, None])):
            start, end = self._starts[rows[:, column]][:, None], self._starts[rows[:, column] + 1][:, None]
            place = start + moved
            inside.append((moved >= 0) & (place < end))
            differ.append(np.clip(place, 0, len(self._prints) - 1))
        both = inside[0] & inside[1]
        bits = np.bitwise_count(self._prints[differ[0]] ^ self._prints[differ[1]]) * both
        share: NDArray[np.float64] = bits.sum(axis=1) / (16.0 * np.maximum(both.sum(axis=1), 1))
        return share


def _mapped(file: IO[bytes], kind: Any) -> NDArray[Any]:
    """What was written to a file, without being in memory."""
    file.flush()
    return np.memmap(file, kind, "r") if file.tell() else np.zeros(1, kind)


def _spread(keys: NDArray[np.uint32]) -> NDArray[np.uint32]:
    mixed: NDArray[np.uint32] = (keys * np.uint32(2654435761)) >> np.uint32(16)
    return mixed


def _pairs(keys: NDArray[np.uint32], at: NDArray[np.int64]) -> Iterator[NDArray[np.int64]]:
    """Places of keys that are equal, in pairs, some at a time; the keys are sorted."""
    starts = np.flatnonzero(np.concatenate([[True], keys[1:] != keys[:-1]])) if len(keys) else np.zeros(0, np.int64)
    sizes = np.diff(np.append(starts, len(keys)))
    for step in range(1, _CROWD):
        wide = sizes > step
        if not wide.any():
            break
        # Of a crowd only the next three.
        wide &= (sizes <= _CROWD) | (step <= 3)
        for_each = np.repeat(starts[wide], sizes[wide] - step)
        within = np.arange(len(for_each)) - np.repeat(
            np.cumsum(sizes[wide] - step) - (sizes[wide] - step), sizes[wide] - step
        )
        first = for_each + within
        yield np.column_stack([at[first], at[first + step]])
