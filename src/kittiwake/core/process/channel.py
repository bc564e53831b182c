"""Whole messages between processes over pipes.

The side that asks never waits: what a pipe does not take yet is kept and sent when it does, and what has come in part is kept until the rest
is there. So a large message cannot stop it from looking at other workers, or from being stopped itself.
"""

from __future__ import annotations

import os
import pickle
import struct
from collections import deque
from typing import Any

_HEAD = struct.Struct("!Q")  # length of a message in bytes
_AT_ONCE = 1 << 16  # bytes asked of a pipe at once, its usual capacity


class Channel:
    """The end of the process that asks: reads from one pipe and writes to another, neither of which ever blocks."""

    def __init__(self, read: int, write: int) -> None:
        os.set_blocking(read, False)
        os.set_blocking(write, False)
        self.reader, self.writer = read, write
        self._out: deque[memoryview] = deque()
        self._in = bytearray()

    def send(self, message: Any) -> None:
        """Queue a message, and send as much as the pipe takes.

        Raises
        ------
        Exception : the message cannot be pickled; nothing was queued.
        """
        data = pickle.dumps(message, protocol=pickle.HIGHEST_PROTOCOL)
        self._out.append(memoryview(_HEAD.pack(len(data)) + data))
        self.flush()

    @property
    def waiting(self) -> bool:
        """Whether something waits to be sent."""
        return bool(self._out)

    def flush(self) -> None:
        """Send what the pipe takes now. One whose reader is gone takes everything, and nothing arrives: reading tells that."""
        try:
            while self._out:
                part = self._out[0]
                sent = os.write(self.writer, part)
                if sent < len(part):
                    self._out[0] = part[sent:]
                else:
                    self._out.popleft()
        except BlockingIOError:
            pass
        except OSError:
            self._out.clear()

    def receive(self) -> list[Any]:
        """The messages that are there whole.

        Raises
        ------
        EOFError : the other side has closed, and every whole message was given before.
        """
        ended = False
        try:
            while part := os.read(self.reader, _AT_ONCE):
                self._in += part
                if len(part) < _AT_ONCE:
                    break
            else:
                ended = True
        except BlockingIOError:
            pass
        except OSError:
            ended = True
        found = []
        at = 0
        while len(self._in) - at >= _HEAD.size:
            (length,) = _HEAD.unpack_from(self._in, at)
            if len(self._in) - at - _HEAD.size < length:
                break
            at += _HEAD.size
            found.append(pickle.loads(memoryview(self._in)[at : at + length]))
            at += length
        if at:
            self._in = self._in[at:]
        if ended and not found:
            raise EOFError
        return found

    def close(self) -> None:
        self._out.clear()
        os.close(self.reader)
        os.close(self.writer)


def read_message(pipe: int) -> Any:
    """Wait for the next message: the end of a worker.

    Raises
    ------
    EOFError : the other side has closed.
    """
    (length,) = _HEAD.unpack(_read(pipe, _HEAD.size))
    return pickle.loads(_read(pipe, length))


def write_message(pipe: int, message: Any) -> None:
    """Send a message, and wait until the pipe has taken it.

    Raises
    ------
    OSError : nobody reads any more.
    Exception : the message cannot be pickled; nothing was sent.
    """
    data = pickle.dumps(message, protocol=pickle.HIGHEST_PROTOCOL)
    left = memoryview(_HEAD.pack(len(data)) + data)
    while left:
        left = left[os.write(pipe, left) :]


def _read(pipe: int, length: int) -> bytearray:
    out = bytearray()
    while len(out) < length:
        part = os.read(pipe, min(length - len(out), 1 << 20))
        if not part:
            raise EOFError
        out += part
    return out
