"""ITU-T G.729 annex A, where the library libbcg729 is on the machine."""

from __future__ import annotations

import contextlib
import ctypes
from functools import cache
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ...words import phrase
from ..errors import MakeError
from .format import Opening

FRAME = 80  # samples: 10 ms at 8 kHz, 80 bits


@cache
def library() -> Any | None:
    """The library, or None where it is not there."""
    for find in (lambda: "libbcg729.so.0", _found):
        with contextlib.suppress(OSError):
            if name := find():
                return ctypes.CDLL(name)
    return None


def _found() -> str | None:
    """Where the linker has it under another name; looking takes a while."""
    from ctypes.util import find_library

    return find_library("bcg729")


class G729Writer:
    """Frames of ten bytes, one after the other."""

    def __init__(self, opening: Opening) -> None:
        found = library()
        if found is None:
            raise MakeError(
                phrase("G.729 needs the library libbcg729, which is not on this machine."),
                phrase("Install libbcg729-0."),
                "codec",
            )
        self.digest: int | None = None
        self.clipped = 0
        self._library = found
        found.initBcg729EncoderChannel.restype = ctypes.c_void_p
        self._channel: ctypes.c_void_p | None = ctypes.c_void_p(found.initBcg729EncoderChannel(0))
        self._rest = np.zeros(0, np.int16)
        self._file = opening.path.open("xb")

    def write(self, block: NDArray[np.float32]) -> None:
        whole = np.clip(np.rint(block[:, 0].astype(np.float64) * 32768), -32768, 32767).astype(np.int16)
        joined = np.concatenate([self._rest, whole])
        full = len(joined) // FRAME * FRAME
        self._encode(joined[:full])
        self._rest = joined[full:]

    def _encode(self, samples: NDArray[np.int16]) -> None:
        out = ctypes.create_string_buffer(10)
        length = ctypes.c_uint8(0)
        for frame in samples.reshape(-1, FRAME):
            plain = np.ascontiguousarray(frame)
            self._library.bcg729Encoder(
                self._channel, plain.ctypes.data_as(ctypes.POINTER(ctypes.c_int16)), out, ctypes.byref(length)
            )
            self._file.write(out.raw[: length.value])

    def close(self) -> None:
        if self._file.closed:
            return
        try:
            if len(self._rest):
                self._encode(np.pad(self._rest, (0, FRAME - len(self._rest))))
            self._file.flush()
        finally:
            self._file.close()
            self._library.closeBcg729EncoderChannel(self._channel)
            self._channel = None
