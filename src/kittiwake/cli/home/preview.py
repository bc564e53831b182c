"""A job as a small picture: a row for each clip, a column for each receiver, filled where an output was made."""

from __future__ import annotations

import struct
import zlib

import numpy as np
from numpy.typing import NDArray

from ...core.model import Job

_SHEET, _EDGE, _HEAD, _OPEN, _MADE = (
    (0xFA, 0xF8, 0xF3),
    (0x85, 0x7F, 0x70),
    (0x22, 0x30, 0x3A),
    (0xD3, 0xCE, 0xC1),
    (0x3C, 0x6B, 0x3E),
)
_MOST_ROWS, _MOST_COLUMNS = 12, 6


def draw_job(job: Job, size: int) -> bytes:
    """A square PNG of ``size`` pixels."""
    image = np.empty((size, size, 3), np.uint8)
    image[:] = _SHEET
    edge = max(1, size // 64)
    for strip in (image[:edge], image[-edge:], image[:, :edge], image[:, -edge:]):
        strip[:] = _EDGE
    made = {(record.clip, record.receiver) for record in job.made}
    clips, receivers = job.clips[:_MOST_ROWS], job.receivers[:_MOST_COLUMNS]
    pad = size // 12
    high = (size - 2 * pad) // max(4, len(clips) or 1)
    left = pad + (size - 2 * pad) // 3
    wide = (size - pad - left) // max(1, len(receivers))
    for row, clip in enumerate(clips):
        top = pad + row * high
        length = 0.45 + 0.5 * (len(clip.name) % 7) / 6  # names are of different lengths
        _box(image, top, high, pad, round((left - pad - edge) * length), _HEAD)
        for column, slug in enumerate(receivers):
            _box(image, top, high, left + column * wide, wide - 2 * edge, _MADE if (clip.id, slug) in made else _OPEN)
    return _png(image)


def _box(image: NDArray[np.uint8], top: int, high: int, left: int, wide: int, colour: tuple[int, int, int]) -> None:
    image[top + high // 5 : top + high - high // 5 or top + 1, left : left + max(1, wide)] = colour


def _png(image: NDArray[np.uint8]) -> bytes:
    """ISO/IEC 15948, 8 bits a channel, no filter."""
    high, wide, _ = image.shape
    lines = b"".join(b"\0" + row.tobytes() for row in image)

    def chunk(kind: bytes, data: bytes) -> bytes:
        return struct.pack(">I", len(data)) + kind + data + struct.pack(">I", zlib.crc32(kind + data))

    head = struct.pack(">IIBBBBB", wide, high, 8, 2, 0, 0, 0)
    return b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", head) + chunk(b"IDAT", zlib.compress(lines, 9)) + chunk(b"IEND", b"")
