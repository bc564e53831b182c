"""From several channels to those that the receiver takes."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from ..model.downmix import downmixed, mixed
from .length import Blocks

#: ``mono``, ``left``, ``right``, ``mix``, ``both``, or ``ch3`` and so on for one channel of many.
ChannelSelection = str


def channel_of(side: str) -> int | None:
    """Index of the channel that ``left``, ``right`` or ``ch3`` names; None for what is no single channel."""
    if side in ("mono", "left"):
        return 0
    if side == "right":
        return 1
    return int(side[2:]) - 1 if side.startswith("ch") and side[2:].isdigit() else None


def select_channel(
    blocks: Blocks, take: ChannelSelection, channels: int, live: tuple[int, ...] = (), speakers: tuple[str, ...] = ()
) -> Iterator[NDArray[np.float32]]:
    """One signal (or both sides) of each block, on ``channels`` channels.

    ``mix`` is the mean of two sides; of more channels it is the downmix of ITU-R BS.775, as is ``both``: it cannot exceed the loudest.

    Parameters
    ----------
    live : of more than two channels those that hold anything; empty for all.
    speakers : the loudspeaker of each of more than two channels; empty for the usual ones.
    """
    for block in blocks:
        if block.shape[1] > 2 and take in ("both", "mix"):
            out = downmixed(block.T, 2 if take == "both" else 1, live, speakers).T
        elif take == "both":
            out = block[:, :2]
        elif take == "mix":
            out = mixed(block.T)[:, None]
        else:
            at = channel_of(take) or 0
            out = block[:, at : at + 1]
        if out.shape[1] < channels:
            out = np.repeat(out, channels, axis=1)
        yield without_holes(out)


def without_holes(block: NDArray[np.float32]) -> NDArray[np.float32]:
    """A block of any shape, with silence for samples that are not numbers, or without end; the same one where there are none."""
    with np.errstate(invalid="ignore", over="ignore"):  # one sum tells, faster than looking at each
        whole = bool(np.isfinite(block.sum()))
    return block if whole else np.where(np.isfinite(block), block, np.float32(0))
