"""What somebody probably meant."""

from __future__ import annotations

from collections.abc import Iterable


def nearest(wanted: str, known: Iterable[str], most: int = 1, likeness: float = 0.6) -> list[str]:
    """Up to ``most`` of the known words that are like one that is not known, the likeliest first; ``likeness`` is 0 to 1, 1 for the same."""
    import difflib  # only where something is wrong

    return difflib.get_close_matches(wanted, list(known), most, likeness)
