"""Dual-tone keys of telephones."""

from __future__ import annotations

from ....words import phrase
from .recipe import A_LAW, Segment, ToneError, ToneRecipe

#: ITU-T Q.23: the low group by rows, the high group by columns, Hz.
ROWS, COLUMNS = (697.0, 770.0, 852.0, 941.0), (1209.0, 1336.0, 1477.0, 1633.0)
_KEYPAD = ("123A", "456B", "789C", "*0#D")
KEYS = "".join(_KEYPAD)
SOURCE = phrase(
    "frequencies ITU-T Q.23; levels, with the high group 2 dB over the low one, and 100 ms on and off: common practice, from memory"
)


def pair_of(key: str) -> tuple[float, float]:
    """Low and high frequency of a key, Hz.

    Raises
    ------
    ToneError : there is no such key.
    """
    for row, keys in zip(ROWS, _KEYPAD, strict=True):
        if key.upper() in keys:
            return row, COLUMNS[keys.index(key.upper())]
    raise ToneError(phrase("There is no key “{key}”.", key=key), phrase("Give keys of {keys}.", keys=KEYS), "tone")


def keys_recipe(
    keys: str, on: float = 0.1, off: float = 0.1, level: tuple[float, float] = (-8.0, -6.0), full_scale: float = A_LAW
) -> ToneRecipe:
    """The tones of keys pressed one after the other.

    Parameters
    ----------
    keys : of ``0123456789*#ABCD``; a comma is a pause of two seconds, spaces and hyphens are nothing.
    on, off : seconds.
    level : dBm0 of the low and the high group.

    Raises
    ------
    ToneError : none, or none of those keys.
    """
    segments: list[Segment] = []
    plain = [key for key in keys if not key.isspace() and key not in "-()/"]
    if not plain:
        raise ToneError(phrase("No key is pressed."), phrase("Give keys of {keys}.", keys=KEYS), "tone")
    for key in plain:
        if key == ",":
            segments.append(Segment(seconds=2.0))
        else:
            segments += [Segment(pair_of(key), level, on), Segment(seconds=off)]
    return ToneRecipe(f"keys {''.join(plain)}", tuple(segments), full_scale=full_scale, source=SOURCE)
