"""One request over HTTP, to the origin that was stated and to no other."""

from __future__ import annotations

import contextlib
import http.client
import ipaddress
import socket
import threading
import time
import urllib.error
import urllib.request
from collections.abc import Callable, Mapping
from typing import Any
from urllib.parse import urlsplit

from ...plain_data import dataclass
from ...words import phrase
from ..errors import Cancelled
from .fields import without_secret

_PART = 64 << 10  # bytes that are read at once, at most
_LOOK = 0.1  # s between two looks whether it was stopped
_LONGEST = 20  # times the time for an answer that an answer in lines may take in all


@dataclass(frozen=True, slots=True)
class NetAnswer:
    """What came back, whatever its status is. ``kind`` is its media type, in small letters; ``retry_after`` the header of that name."""

    status: int
    reason: str
    kind: str
    body: bytes
    retry_after: str | None = None

    @property
    def good(self) -> bool:
        return 200 <= self.status < 300


class NetError(Exception):
    """No answer came, or none that can be used; the message is the end of a sentence about the service. It never tells a key.

    Attributes
    ----------
    slow : whether it took too long.
    for_good : whether it will be the same the next time, so that nobody needs to ask again.
    """

    def __init__(self, message: str, slow: bool = False, for_good: bool = False) -> None:
        super().__init__(message)
        self.message, self.slow, self.for_good = message, slow, for_good


def ask(
    url: str,
    method: str,
    headers: Mapping[str, str],
    body: bytes | None,
    *,
    seconds: float,
    most: int,
    secret: str = "",
    direct: bool = False,
    cancelled: Callable[[], bool] = bool,
    each_line: Callable[[bytes], None] | None = None,
) -> NetAnswer:
    """Ask once. An answer that leads elsewhere (3xx) is not followed: what was meant for one address would go to another, keys and all.

    Parameters
    ----------
    seconds : that the whole answer may take, from the beginning on; with ``each_line``, each of its lines.
    most : bytes that an answer may have.
    secret : a key that no message may tell.
    direct : whether no proxy is asked, as for what is on this machine.
    each_line : called with each line of an answer as it comes, which is then not kept; the last one is the body.

    Raises
    ------
    NetError
    Cancelled
    """
    if urlsplit(url).scheme not in ("http", "https"):
        raise NetError(phrase("has an address that is neither http:// nor https://"), for_good=True)
    watch = _Watch(seconds, cancelled)
    opener = urllib.request.OpenerDirector()
    for handler in (
        urllib.request.ProxyHandler({} if direct else None),
        _Http(watch),
        _Https(watch),
        urllib.request.UnknownHandler(),
    ):
        opener.add_handler(handler)
    try:
        request = urllib.request.Request(url, body, dict(headers), method=method)
        with watch, opener.open(request, timeout=seconds) as answer:
            data = _lines(answer, most, watch, each_line) if each_line is not None else _whole(answer, most)
            status, reason = int(answer.status), str(answer.reason)
            kind, retry_after = answer.headers.get_content_type(), answer.headers.get("Retry-After")
            place = answer.headers.get("Location", "")
            if watch.over:  # its end is the end of our patience
                raise TimeoutError
            if cancelled():
                raise Cancelled
    except (NetError, Cancelled):
        raise
    except (OSError, http.client.HTTPException, ValueError) as error:
        if cancelled():
            raise Cancelled from error
        if watch.over or isinstance(getattr(error, "reason", error), TimeoutError):
            raise NetError(phrase("did not answer within {seconds:g} s", seconds=seconds), slow=True) from None
        why = without_secret(str(getattr(error, "reason", None) or error), secret)
        # ``from None``: what was asked stands in the error, and is no sentence for anybody.
        raise NetError(phrase("cannot be reached ({why})", why=why[:200])) from None
    if 300 <= status < 400:
        where = without_secret(urlsplit(place).netloc or place, secret)[:100]
        raise NetError(
            phrase("answers {status}: it sends on to “{where}”, which is not followed", status=status, where=where),
            for_good=True,
        )
    return NetAnswer(status, without_secret(reason, secret), kind, data, retry_after)


def is_here(url: str) -> bool:
    """Whether an address is of this machine: its loopback interface."""
    host = urlsplit(url).hostname or ""
    try:
        return host == "localhost" or ipaddress.ip_address(host).is_loopback
    except ValueError:
        return False  # a name, whatever it begins with


def _whole(answer: Any, most: int) -> bytes:
    data = bytearray()
    while part := answer.read1(_PART):
        data += part
        if len(data) > most:
            raise NetError(phrase("answers more than {most:,} bytes", most=most))
    if answer.length:  # it said how many there would be
        raise http.client.IncompleteRead(b"", answer.length)
    return bytes(data)


def _lines(answer: Any, most: int, watch: _Watch, each_line: Callable[[bytes], None]) -> bytes:
    last, size = b"", 0
    while line := answer.readline(most + 1):
        size += len(line)
        if size > most:
            raise NetError(phrase("answers more than {most:,} bytes", most=most))
        if line.strip():
            last = line
            watch.again()
            each_line(line)
    return last


class _Watch:
    """Ends a connection when it is over or somebody stops it: one that sends a byte now and then would never run into the time for a byte."""

    def __init__(self, seconds: float, cancelled: Callable[[], bool]) -> None:
        self._seconds, self._cancelled = seconds, cancelled
        self._sockets: list[socket.socket] = []
        self._end = self._last_end = 0.0
        self._done = threading.Event()
        self.over = False

    def note(self, connection: socket.socket) -> None:
        self._sockets.append(connection)

    def again(self) -> None:
        """Something whole has been read: the time begins anew."""
        self._end = min(time.monotonic() + self._seconds, self._last_end)

    def __enter__(self) -> None:
        began = time.monotonic()
        self._end, self._last_end = began + self._seconds, began + _LONGEST * self._seconds
        threading.Thread(target=self._look, name="net watch", daemon=True).start()

    def __exit__(self, *_: object) -> None:
        self._done.set()

    def _look(self) -> None:
        while not self._done.wait(_LOOK):
            self.over = self.over or time.monotonic() > self._end
            if self.over or self._cancelled():
                for connection in self._sockets:
                    with contextlib.suppress(OSError):  # it is closed already
                        connection.shutdown(socket.SHUT_RDWR)


def _connections(kind: type[http.client.HTTPConnection], watch: _Watch) -> type[http.client.HTTPConnection]:
    """A kind of connection that lets itself be watched."""

    class Watched(kind):  # type: ignore[misc, valid-type]
        def connect(self) -> None:
            super().connect()
            watch.note(self.sock)

    return Watched


class _Http(urllib.request.HTTPHandler):
    def __init__(self, watch: _Watch) -> None:
        super().__init__()
        self._watch = watch

    def http_open(self, request: urllib.request.Request) -> Any:
        return self.do_open(_connections(http.client.HTTPConnection, self._watch), request)


class _Https(urllib.request.HTTPSHandler):
    def __init__(self, watch: _Watch) -> None:
        super().__init__()
        self._watch = watch

    def https_open(self, request: urllib.request.Request) -> Any:
        return self.do_open(_connections(http.client.HTTPSConnection, self._watch), request)
