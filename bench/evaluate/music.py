"""Seams of real music: how many hard ones the measure finds, how often it is wrong inside, and what becomes of loops that are found and closed."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import soxr

from kittiwake.bundled.music.core.loop import find_loop
from kittiwake.bundled.music.core.making import make
from kittiwake.bundled.music.core.recipe import HoldRecipe, Part
from kittiwake.bundled.music.core.seam import seam_of
from kittiwake.core.intake import open_sound

_PIECES = 200
#: The piece by which the measure was chosen, and those that it is reported on.
_CHOSEN_BY = "funkyrobot.mp3"


def music(folder: Path) -> None:
    """A table, a row for each piece."""
    print(
        "| piece | hard seams found | places inside taken for one | loops of 20 to 40 s closed, of which heard | repeated to 10 min, heard at the end |"
    )
    print("|---|---|---|---|---|")
    for path in sorted(folder.rglob("assets/music/*.mp3")):
        sound, rate = _mono(path)
        dice = np.random.default_rng(7)
        hard = inside = 0
        for _ in range(_PIECES):
            start = int(dice.integers(0, len(sound) - 40 * rate))
            piece = sound[start : start + int(dice.integers(8 * rate, 40 * rate))]
            hard += seam_of(piece, rate).is_heard
            inside += seam_of(piece, rate, int(dice.integers(rate, len(piece) - rate))).is_heard
        heard, count, ends = 0, 0, 0
        for start in range(0, int(len(sound) / rate) - 60, 15):
            loop = find_loop(sound, rate, 20, 40, (start * rate, (start + 60) * rate))
            recipe = HoldRecipe("x", (Part(str(path)),), loop=(loop.start / rate, loop.stop / rate), seconds=600)
            whole, held = make(recipe, Path("/"))
            assert len(whole) == 600 * recipe.rate
            heard, ends, count = heard + held.seam.is_heard, ends + held.end.is_heard, count + 1
        chosen = ", by which the measure was chosen" if path.name == _CHOSEN_BY else ""
        print(
            f"| {path.name}{chosen} | {hard / _PIECES:.1%} | {inside / _PIECES:.1%} | {heard} of {count} | {ends} of {count} |",
            flush=True,
        )


def _mono(path: Path, rate: int = 44_100) -> tuple[np.ndarray, int]:
    reader = open_sound(path)
    sound = np.concatenate([block.mean(axis=1) for block in reader.blocks()])
    own = reader.header.sample_rate
    reader.close()
    return (soxr.resample(sound, own, rate) if own != rate else sound), rate
