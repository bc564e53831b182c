"""A line over RTP (RFC 3550, RFC 3551): packets of 20 ms of G.711 over UDP on the loopback interface, some of them lost or late.

Datagrams really go through a socket; when they arrive is reckoned, so that a call takes no longer than it must and the same call is always the
same. Lost packets are those that a model of two states loses (Gilbert and Elliott), late ones come after the buffer had to play them.
"""

from __future__ import annotations

import socket
import struct

import numpy as np
from numpy.typing import NDArray

from .....core.packets.conceal import FRAME, concealed
from .....core.packets.packet_loss import CLEAR, PacketLossModel, losses
from .....plain_data import dataclass
from ..decode import a_law_values, mu_law_values, of_law, to_bytes

RATE, PACKET = 8000, 160
PCMU, PCMA = 0, 8  # payload types, RFC 3551 table 4
_HEAD = struct.Struct("!BBHII")


@dataclass(frozen=True, slots=True)
class Carried:
    """What came out of a line: float32 [shape=(n,)] at 8 kHz, as long as what went in, and what it suffered.

    Attributes
    ----------
    jitter : ms, as RFC 3550 (A.8) measures it, at the end.
    """

    sound: NDArray[np.float32]
    sent: int
    lost: int
    late: int
    jitter: float


def packets_of(data: bytes, kind: int, ssrc: int = 0x4B495454, sequence: int = 1, stamp: int = 0) -> list[bytes]:
    """Packets of 20 ms; the marker bit is set at the first, which begins a talkspurt. The last is filled up with silence."""
    silence = b"\xff" if kind == PCMU else b"\xd5"
    out = []
    for n, at in enumerate(range(0, len(data), PACKET)):
        payload = data[at : at + PACKET].ljust(PACKET, silence)
        head = _HEAD.pack(
            0x80, kind | (0x80 if n == 0 else 0), (sequence + n) & 0xFFFF, (stamp + n * PACKET) & 0xFFFFFFFF, ssrc
        )
        out.append(head + payload)
    return out


def carry(sound: NDArray[np.float32], packet_loss: PacketLossModel = CLEAR, kind: int = PCMU) -> Carried:
    """Sound at 8 kHz over the line and out of the receiver's ear."""
    values = mu_law_values() if kind == PCMU else a_law_values()
    packets = packets_of(to_bytes(sound, values), kind)
    if not packets:
        return Carried(np.zeros(0, np.float32), 0, 0, 0, 0.0)
    gone = losses(len(packets), packet_loss)
    dice = np.random.default_rng(packet_loss.seed)
    # The mean difference of two delays, which is what jitter is, comes to 1.13 standard deviations of one (2/√π).
    spread = packet_loss.jitter / 1.128
    delays = np.clip(dice.normal(3 * spread, spread, len(packets)), 0, 6 * spread)
    arrivals = np.arange(len(packets)) * 20.0 + delays
    order = [int(n) for n in np.argsort(arrivals, kind="stable") if not gone[n]]
    arrived = through_a_socket([packets[n] for n in order])
    late = 0
    jitter = before = 0.0
    received: dict[int, bytes] = {}
    for place, (n, packet) in enumerate(zip(order, arrived, strict=True)):
        _, _, sequence, _, _ = _HEAD.unpack_from(packet)
        transit = float(arrivals[n]) - n * 20.0
        if place:
            jitter += (abs(transit - before) - jitter) / 16
        before = transit
        if transit - 3 * spread > packet_loss.buffer:
            late += 1
        else:
            received[sequence - 1] = packet[_HEAD.size :]
    silence = to_bytes(np.zeros(PACKET, np.float32), values)
    whole = b"".join(received.get(n, silence) for n in range(len(packets)))
    missing = np.array([n not in received for n in range(len(packets))]).repeat(PACKET // FRAME)
    heard = of_law(whole, values)
    if missing.any():
        heard = concealed(heard, missing)
    return Carried(heard[: len(sound)].astype(np.float32), len(packets), int(gone.sum()), late, jitter)


def through_a_socket(packets: list[bytes]) -> list[bytes]:
    """Each as a datagram over the loopback interface, one at a time, so that none is dropped on the way."""
    with (
        socket.socket(socket.AF_INET, socket.SOCK_DGRAM) as there,
        socket.socket(socket.AF_INET, socket.SOCK_DGRAM) as here,
    ):
        there.bind(("127.0.0.1", 0))
        there.settimeout(5.0)
        here.connect(there.getsockname())
        out = []
        for packet in packets:
            here.send(packet)
            out.append(there.recv(2048))
        return out
