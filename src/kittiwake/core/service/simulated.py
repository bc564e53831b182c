"""A simulated service that listens: HTTP on the loopback interface only. It looks at the bytes it is sent, and says which statement about them is false.

``POST /hear`` with JSON of ``sound`` (Base64), ``encoding`` (``flac``, ``linear16``, ``wav``, ``ulaw``), ``sample_rate`` and ``channels``; the header
``X-Key`` if it wants one. Answers ``{"text": …, "confidence": …}``, or ``{"error": …}`` with 400, 401, 413, 422, 429 or 500.
"""

from __future__ import annotations

import base64
import binascii
import io
import json
import time
from collections.abc import Callable
from dataclasses import dataclass, field
from threading import Lock, Thread
from typing import Any

import numpy as np
import soundfile
from numpy.typing import NDArray
from werkzeug.serving import BaseWSGIServer, make_server
from werkzeug.wrappers import Request, Response

MOST_BYTES, MOST_SECONDS = 10_000_000, 60.0
RATES = (8000, 16_000, 22_050, 44_100, 48_000)
_MAGIC = {"flac": b"fLaC", "wav": b"RIFF"}

#: Gives what is said in a sound (float32 [shape=(n,)], and its rate), and how sure it is, where it tells.
Ear = Callable[[NDArray[np.float32], int], tuple[str, float | None]]


class RefusedError(Exception):
    """What is wrong with a request, and its status."""

    def __init__(self, status: int, told: str) -> None:
        super().__init__(told)
        self.status = status


@dataclass
class Simulated:
    """One service.

    Attributes
    ----------
    key : that it wants; empty for none.
    failures : what it does with the requests that come first, in order: a status (429, 500), 0 closes the link, None answers.
    slow : seconds that each answer takes.
    """

    ear: Ear
    key: str = ""
    failures: list[int | None] = field(default_factory=list)
    slow: float = 0.0
    asked: int = 0
    answered: list[str] = field(default_factory=list)  # digests of what it has answered
    _lock: Lock = field(default_factory=Lock)
    _server: BaseWSGIServer | None = None

    def start(self, port: int = 0) -> str:
        """Begin to serve, on the loopback interface; returns the address."""
        self._server = make_server("127.0.0.1", port, self._app, threaded=True, request_handler=_quiet())
        Thread(target=self._server.serve_forever, name="speech-service", daemon=True).start()
        return f"http://127.0.0.1:{self._server.server_port}/hear"

    def stop(self) -> None:
        if self._server is not None:
            self._server.shutdown()
            self._server.server_close()

    def _app(self, environ: Any, start: Any) -> Any:
        request = Request(environ)
        request.max_content_length = 2 * MOST_BYTES
        with self._lock:
            self.asked += 1
            failure = self.failures.pop(0) if self.failures else None
        if self.slow:
            time.sleep(self.slow)
        try:
            if failure == 0:
                raise ConnectionAbortedError
            if failure:
                raise RefusedError(failure, "told to fail")
            answer = self._answer(request)
            response = Response(json.dumps(answer), 200, content_type="application/json")
        except RefusedError as refused:
            response = Response(json.dumps({"error": str(refused)}), refused.status, content_type="application/json")
            if refused.status == 429:
                response.headers["Retry-After"] = "0"
        return response(environ, start)

    def _answer(self, request: Request) -> dict[str, Any]:
        if self.key and request.headers.get("X-Key") != self.key:
            raise RefusedError(401, "the key is missing or wrong")
        if request.method != "POST" or request.path != "/hear":
            raise RefusedError(400, "POST /hear is what it answers")
        if (request.content_length or 0) > 2 * MOST_BYTES:
            raise RefusedError(413, f"over {2 * MOST_BYTES:,} bytes")
        try:
            asked = json.loads(request.get_data())
            data = base64.b64decode(str(asked["sound"]), validate=True)
            encoding, rate, channels = (
                str(asked["encoding"]),
                int(asked["sample_rate"]),
                int(asked.get("channels", 1)),
            )
        except (ValueError, KeyError, TypeError, binascii.Error, RecursionError) as error:
            raise RefusedError(400, "JSON with sound (Base64), encoding and sample_rate is wanted") from error
        if len(data) > MOST_BYTES:
            raise RefusedError(413, f"{len(data):,} bytes of sound are over {MOST_BYTES:,}")
        sound, own = _sound(data, encoding, rate, channels)
        if len(sound) > MOST_SECONDS * own:
            raise RefusedError(413, f"{len(sound) / own:.1f} s are over {MOST_SECONDS:g} s")
        text, confidence = self.ear(sound, own)
        with self._lock:
            self.answered.append(f"{hash(data)}")
        return {
            "text": text,
            "confidence": None if confidence is None else round(confidence, 3),
            "seconds": round(len(sound) / own, 3),
        }


def _sound(data: bytes, encoding: str, rate: int, channels: int) -> tuple[NDArray[np.float32], int]:
    """The sound, once every statement about it was found true."""
    seen = next((name for name, magic in _MAGIC.items() if data.startswith(magic)), None)
    if encoding in _MAGIC and seen != encoding:
        raise RefusedError(422, f"encoding says {encoding}, and the sound is {seen or 'no such file'}")
    if encoding not in _MAGIC and seen is not None:
        raise RefusedError(422, f"encoding says {encoding}, and the sound is {seen}")
    if rate not in RATES:
        raise RefusedError(422, f"sample_rate says {rate}, which is none of {', '.join(map(str, RATES))}")
    if channels != 1:
        raise RefusedError(422, f"channels says {channels}; one is taken")
    try:
        if encoding in _MAGIC:
            sound, own = soundfile.read(io.BytesIO(data), dtype="float32", always_2d=True)
        elif encoding in ("linear16", "ulaw"):
            subtype = "PCM_16" if encoding == "linear16" else "ULAW"
            sound, own = soundfile.read(
                io.BytesIO(data),
                dtype="float32",
                always_2d=True,
                format="RAW",
                subtype=subtype,
                samplerate=rate,
                channels=1,
            )
        else:
            raise RefusedError(422, f"encoding says {encoding}, which it does not know: flac, wav, linear16, ulaw")
    except (RuntimeError, ValueError, TypeError, OSError) as error:
        raise RefusedError(422, "the sound cannot be read") from error
    if own != rate:
        raise RefusedError(422, f"sample_rate says {rate}, and the sound is {own} Hz")
    if sound.shape[1] != channels:
        raise RefusedError(422, f"channels says {channels}, and the sound has {sound.shape[1]}")
    return sound[:, 0], own


def _quiet() -> Any:
    from werkzeug.serving import WSGIRequestHandler

    class Quiet(WSGIRequestHandler):
        def log(self, type: str, message: str, *args: Any) -> None:
            pass  # what it answers is told by whoever asked

    return Quiet


def free_ear() -> Ear:
    """A speech engine that runs here and hears freely, in American English.

    Raises
    ------
    KittiwakeError : it is not installed.
    """
    from ..ear.free import FreeListener

    listener, lock = FreeListener(), Lock()

    def hear(sound: NDArray[np.float32], rate: int) -> tuple[str, float | None]:
        with lock:
            return listener.hear(sound, rate)

    return hear
