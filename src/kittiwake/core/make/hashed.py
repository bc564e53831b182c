"""Sets and tables of 64-bit hashes, in a few bytes an entry: there may be a million clips in a run."""

from __future__ import annotations

from array import array
from collections.abc import Iterator

_LEAST = 4096  # places at the beginning; a power of two, as always


def hash_of(key: object) -> int:
    """64 bits of text, or of a tuple of texts; never 0. That two of a million share them happens once in tens of millions of runs."""
    return hash(key) & 0xFFFFFFFFFFFFFFFF or 1


class HashTable:
    """A number for each of many hashes, positive integers below 2**64, by open addressing: 24 to 48 bytes each."""

    __slots__ = ("_count", "_keys", "_most", "_values")

    def __init__(self) -> None:
        self._keys = array("Q", bytes(8 * _LEAST))  # 0 where nothing is
        self._values = self._room_for_values()
        self._count = 0
        self._most = 2 * _LEAST // 3

    def _room_for_values(self) -> array[int] | None:
        return array("Q", bytes(8 * len(self._keys)))

    def __len__(self) -> int:
        return self._count

    def __contains__(self, key: int) -> bool:
        return self._count > 0 and self._keys[self._place(key)] != 0

    def get(self, key: int) -> int | None:
        """The number of a hash, where it is there."""
        place = self._place(key)
        return self._values[place] if self._values is not None and self._keys[place] else None

    def set(self, key: int, value: int) -> bool:
        """Give a hash a number, non-negative and below 2**64; whether it was not there yet."""
        place = self._place(key)
        if self._values is not None:
            self._values[place] = value
        if self._keys[place]:
            return False
        self._keys[place] = key
        self._count += 1
        if self._count > self._most:
            self._grow()
        return True

    def values(self) -> Iterator[int]:
        """In no order."""
        return (value for key, value in zip(self._keys, self._values or (), strict=True) if key)

    def _place(self, key: int) -> int:
        """Where a key is, or would be."""
        keys = self._keys
        last = len(keys) - 1
        place = key & last
        while (there := keys[place]) and there != key:
            place = (place + 1) & last
        return place

    def _grow(self) -> None:
        old, numbers = self._keys, self._values
        keys = self._keys = array("Q", bytes(16 * len(old)))
        values = self._values = self._room_for_values()
        last = len(keys) - 1
        self._most = 2 * len(keys) // 3
        for n, key in enumerate(old):
            if key:
                place = key & last
                while keys[place]:
                    place = (place + 1) & last
                keys[place] = key
                if values is not None and numbers is not None:
                    values[place] = numbers[n]


class HashSet(HashTable):
    """Hashes alone: 12 to 24 bytes each."""

    __slots__ = ()

    def _room_for_values(self) -> None:
        return None

    def add(self, key: int) -> bool:
        """Whether it was not there yet."""
        return self.set(key, 0)
