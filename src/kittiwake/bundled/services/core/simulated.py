"""A simulated service that listens: HTTP on the loopback interface only. It looks at the bytes it is sent, and says which statement about them is false.

``POST /hear`` with JSON of ``sound`` (Base64), ``encoding`` (``flac``, ``linear16``, ``wav``, ``ulaw``, ``ogg_opus``), ``sample_rate`` and
``channels``; and, if wished, ``language``, ``expected`` (lines of which one is said) and ``partial`` (true: what was heard so far comes first, a
line of JSON each). The header ``X-Key`` if it wants one. Answers ``{"text": …, "confidence": …, "words": [{"word", "start", "end"}], "seconds": …}``, or
``{"error": …}`` with 400, 401, 413, 422, 429 or 500. ``{"items": [ … ]}`` holds several of these, and is answered by ``{"results": [ … ]}`` in that order.
"""

from __future__ import annotations

import base64
import binascii
import io
import json
import time
from collections.abc import Callable, Iterator
from dataclasses import field
from queue import SimpleQueue
from threading import Lock, Thread
from typing import Any

import numpy as np
import soundfile
from numpy.typing import NDArray
from werkzeug.exceptions import HTTPException
from werkzeug.serving import BaseWSGIServer, make_server
from werkzeug.wrappers import Request, Response

from ....core.ear.engines import Transcript
from ....core.ear.hearers import Hearers
from ....core.errors import KittiwakeError
from ....plain_data import dataclass
from ....words import phrase

MOST_BYTES, MOST_SECONDS = 10_000_000, 60.0
RATES = (8000, 16_000, 22_050, 44_100, 48_000)
_MAGIC = {"flac": b"fLaC", "wav": b"RIFF", "ogg_opus": b"OggS"}
_HEADERLESS = {"linear16": "PCM_16", "ulaw": "ULAW"}
_BLOCK = 1 << 16  # frames
_MOST_ITEMS, _MOST_LINES = 100, 1000
_LONGEST_LINE = 500  # characters: an engine takes a minute to lay out what is far longer
_READ = 20.0  # s without a byte of a request
BROKEN = -1  # a failure: an answer that is no JSON

#: Gives what is said in a sound (float32 [shape=(n,)], and its rate); gets the language, the lines that may be said, and what to tell of what was
#: heard so far.
Hears = Callable[
    [NDArray[np.float32], int, str, tuple[str, ...], Callable[[str], None] | None],
    Transcript | tuple[str, float | None],
]


class RefusedError(Exception):
    """What is wrong with a request, and its status."""

    def __init__(self, status: int, sentence: str) -> None:
        super().__init__(sentence)
        self.status = status


@dataclass
class Simulated:
    """One service.

    Attributes
    ----------
    key : that it wants; empty for none.
    failures : what it does with the requests that come first, in order: a status (429, 500), 0 closes the link, ``BROKEN`` answers what is no JSON,
        None answers.
    slow : seconds that each answer takes.
    """

    hears: Hears
    key: str = ""
    failures: list[int | None] = field(default_factory=list)
    slow: float = 0.0
    asked: int = 0
    answered: list[str] = field(default_factory=list)  # digests of what it has answered
    _lock: Lock = field(default_factory=Lock)
    _server: BaseWSGIServer | None = None

    def start(self, port: int = 0) -> str:
        """Begin to serve, on the loopback interface; returns the address."""
        self._server = make_server("127.0.0.1", port, self.app, threaded=True, request_handler=_quiet())
        Thread(target=self._server.serve_forever, name="speech-service", daemon=True).start()
        return f"http://127.0.0.1:{self._server.server_port}/hear"

    def stop(self) -> None:
        if self._server is not None:
            self._server.shutdown()
            self._server.server_close()

    def app(self, environ: Any, start: Any) -> Any:
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
            if failure == BROKEN:
                return Response('{"text": "cut o', 200, content_type="application/json")(environ, start)
            if failure:
                raise RefusedError(failure, phrase("told to fail"))
            response = self._answer(request)
        except RefusedError as refused:
            response = Response(json.dumps({"error": str(refused)}), refused.status, content_type="application/json")
            if refused.status == 429:
                response.headers["Retry-After"] = "0"
        return response(environ, start)

    def _answer(self, request: Request) -> Response:
        if self.key and request.headers.get("X-Key") != self.key:
            raise RefusedError(401, phrase("the key is missing or wrong"))
        if request.method != "POST" or request.path != "/hear":
            raise RefusedError(400, phrase("POST /hear is what it answers"))
        if (request.content_length or 0) > 2 * MOST_BYTES:
            raise RefusedError(413, phrase("over {most:,} bytes", most=2 * MOST_BYTES))
        try:
            asked = json.loads(request.get_data())
        except (ValueError, RecursionError) as error:
            raise RefusedError(400, _WANTED) from error
        except HTTPException as error:  # it ended before it was whole, or lies about its length
            raise RefusedError(error.code or 400, _WANTED) from error
        if isinstance(asked, dict) and isinstance(asked.get("items"), list):
            if len(asked["items"]) > _MOST_ITEMS:
                raise RefusedError(
                    413,
                    phrase("{count} items are over {most_items}", count=len(asked["items"]), most_items=_MOST_ITEMS),
                )
            return _json({"results": [self._one_of_many(item) for item in asked["items"]]})
        data, sound, rate, language, lines = _checked(asked)
        if asked.get("partial") is True:
            return Response(
                self._in_parts(data, sound, rate, language, lines), 200, content_type="application/x-ndjson"
            )
        return _json(self._heard(data, sound, rate, language, lines, None))

    def _one_of_many(self, item: Any) -> dict[str, Any]:
        try:
            return self._heard(*_checked(item), None)
        except RefusedError as refused:
            return {"error": str(refused)}

    def _in_parts(
        self, data: bytes, sound: NDArray[np.float32], rate: int, language: str, lines: tuple[str, ...]
    ) -> Iterator[str]:
        """Lines of JSON: what was heard so far as it comes, and the answer last."""
        partial_texts: SimpleQueue[str | None] = SimpleQueue()
        found: list[dict[str, Any]] = []

        def work() -> None:
            try:
                found.append(self._heard(data, sound, rate, language, lines, partial_texts.put))
            except RefusedError as refused:
                found.append({"error": str(refused)})
            finally:
                partial_texts.put(None)

        thread = Thread(target=work, name="hears", daemon=True)
        thread.start()
        while (text := partial_texts.get()) is not None:
            yield json.dumps({"partial": text}) + "\n"
        thread.join()
        yield json.dumps(found[0] if found else {"error": phrase("it failed")}) + "\n"

    def _heard(
        self, data: bytes, sound: NDArray[np.float32], rate: int, language: str, lines: tuple[str, ...],
        partly: Callable[[str], None] | None,
    ) -> dict[str, Any]:  # fmt: skip
        try:
            heard = Transcript(*self.hears(sound, rate, language, lines, partly))
        except KittiwakeError as error:
            raise RefusedError(422, str(error)) from error
        with self._lock:
            self.answered.append(f"{hash(data)}")
        out: dict[str, Any] = {
            "text": heard.text,
            "confidence": None if heard.confidence is None else round(heard.confidence, 3),
            "seconds": round(len(sound) / rate, 3),
        }
        if heard.words:
            out["words"] = [{"word": one.word, "start": one.start, "end": one.end} for one in heard.words]
        return out


_WANTED = phrase("JSON with sound (Base64), encoding and sample_rate is wanted")


def _json(answer: dict[str, Any]) -> Response:
    return Response(json.dumps(answer), 200, content_type="application/json")


def _checked(asked: Any) -> tuple[bytes, NDArray[np.float32], int, str, tuple[str, ...]]:
    """Bytes, sound, rate, language and expected lines of a request, once every statement in it was found true."""
    try:
        data = base64.b64decode(str(asked["sound"]), validate=True)
        encoding, rate, channels = str(asked["encoding"]), int(asked["sample_rate"]), int(asked.get("channels", 1))
        lines = tuple(str(line) for line in asked.get("expected") or ())
        language = str(asked.get("language") or "en")
    except (ValueError, KeyError, TypeError, AttributeError, OverflowError, binascii.Error, RecursionError) as error:
        raise RefusedError(400, _WANTED) from error
    if len(lines) > _MOST_LINES:
        raise RefusedError(
            413, phrase("{count:,} expected lines are over {most_lines:,}", count=len(lines), most_lines=_MOST_LINES)
        )
    longest = max((len(line) for line in lines), default=0)
    if longest > _LONGEST_LINE:
        raise RefusedError(
            413,
            phrase("an expected line of {count:,} characters is over {most:,}", count=longest, most=_LONGEST_LINE),
        )
    if len(data) > MOST_BYTES:
        raise RefusedError(
            413, phrase("{count:,} bytes of sound are over {most_bytes:,}", count=len(data), most_bytes=MOST_BYTES)
        )
    sound, own = _sound(data, encoding, rate, channels)
    if len(sound) > MOST_SECONDS * own:
        raise RefusedError(
            413,
            phrase("{count:.1f} s are over {most_seconds:g} s", count=len(sound) / own, most_seconds=MOST_SECONDS),
        )
    return data, sound, own, language, lines


def _sound(data: bytes, encoding: str, rate: int, channels: int) -> tuple[NDArray[np.float32], int]:
    """The sound, once every statement about it was found true."""
    seen = next((name for name, magic in _MAGIC.items() if data.startswith(magic)), None)
    if encoding in _MAGIC and seen != encoding:
        raise RefusedError(
            422,
            phrase(
                "encoding says {encoding}, and the sound is {seen}",
                encoding=encoding,
                seen=seen or phrase("no such file"),
            ),
        )
    if encoding not in _MAGIC and seen is not None:
        raise RefusedError(
            422, phrase("encoding says {encoding}, and the sound is {seen}", encoding=encoding, seen=seen)
        )
    if rate not in RATES:
        raise RefusedError(
            422,
            phrase("sample_rate says {rate}, which is none of {list}", rate=rate, list=", ".join(map(str, RATES))),
        )
    if channels != 1:
        raise RefusedError(422, phrase("channels says {channels}; one is taken", channels=channels))
    if encoding not in (*_MAGIC, *_HEADERLESS):
        raise RefusedError(
            422,
            phrase(
                "encoding says {encoding}, which it does not know: flac, wav, linear16, ulaw, ogg_opus",
                encoding=encoding,
            ),
        )
    more: dict[str, Any] = {}
    if encoding in _HEADERLESS:
        more = {"format": "RAW", "subtype": _HEADERLESS[encoding], "samplerate": rate, "channels": 1}
    try:
        with soundfile.SoundFile(io.BytesIO(data), **more) as file:
            own, held = int(file.samplerate), int(file.channels)
            if own != rate:
                raise RefusedError(
                    422, phrase("sample_rate says {rate}, and the sound is {own} Hz", rate=rate, own=own)
                )
            if held != channels:
                raise RefusedError(
                    422, phrase("channels says {channels}, and the sound has {held}", channels=channels, held=held)
                )
            # How many frames there are is a claim: no more than may be are read.
            return _read(file, round(MOST_SECONDS * own) + 1), own
    except (RuntimeError, ValueError, TypeError, OSError) as error:
        raise RefusedError(422, phrase("the sound cannot be read")) from error


def _read(file: soundfile.SoundFile, most: int) -> NDArray[np.float32]:
    parts: list[NDArray[np.float32]] = []
    left = most
    while left > 0:
        part = file.read(min(left, _BLOCK), dtype="float32", always_2d=True)[:, 0]
        if not len(part):
            break
        parts.append(part)
        left -= len(part)
    return np.concatenate([*parts, np.zeros(0, np.float32)])


def _quiet() -> Any:
    from werkzeug.serving import WSGIRequestHandler

    class Quiet(WSGIRequestHandler):
        timeout = _READ  # of whoever begins a request and does not go on

        def run_wsgi(self) -> None:
            try:
                super().run_wsgi()
            except ValueError:  # a request line that is no address: nothing of it has got to the service
                self.send_error(400)

        def log(self, type: str, message: str, *args: Any) -> None:
            pass  # what it answers is told by whoever asked

        def log_request(self, code: Any = "-", size: Any = "-") -> None:
            pass  # it would take the address apart once more

    return Quiet


def own_engines() -> Hearers:
    """The engines that run here, in helper processes: ``Hearers.hear`` is what a service hears with."""
    return Hearers()
