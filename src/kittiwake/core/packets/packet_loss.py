"""Loss and delay of packets: two states, lost in the one and not in the other (Gilbert and Elliott)."""

from __future__ import annotations

import random

import numpy as np
from numpy.typing import NDArray

from ...plain_data import dataclass


@dataclass(frozen=True, slots=True)
class PacketLossModel:
    """What a line suffers.

    Attributes
    ----------
    loss : share of packets that are lost, 0 to 1.
    burst : how many are lost together in the mean; 1 where each is lost by itself.
    jitter : ms, as RFC 3550 (A.8) measures it.
    buffer : ms that the receiver waits for late ones.
    """

    loss: float = 0.0
    burst: float = 1.0
    jitter: float = 0.0
    buffer: float = 60.0
    seed: int = 1


#: A line without any.
CLEAR = PacketLossModel()


def losses(count: int, packet_loss: PacketLossModel) -> NDArray[np.bool_]:
    """Which of so many packets are lost: a chain of two states, lost in the one and not in the other."""
    dice = random.Random(packet_loss.seed)
    leave = 1 / max(1.0, packet_loss.burst)  # of the bad state
    enter = min(1.0, packet_loss.loss * leave / max(1e-9, 1 - packet_loss.loss))
    bad, out = dice.random() < packet_loss.loss, np.zeros(count, bool)
    for n in range(count):
        out[n] = bad
        bad = dice.random() >= leave if bad else dice.random() < enter
    return out
