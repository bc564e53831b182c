"""Ask a service about made files: several at once, again where that helps, and nothing twice for the same bytes."""

from __future__ import annotations

import base64
import hashlib
import http.client
import json
import os
import time
import urllib.error
import urllib.request
from collections.abc import Callable, Iterable, Iterator
from concurrent.futures import FIRST_COMPLETED, Future, ThreadPoolExecutor, wait
from dataclasses import asdict, dataclass
from pathlib import Path
from threading import Lock
from typing import Any

from ..errors import KittiwakeError, reason_of
from ..intake import open_sound
from ..model import Stated
from ..model.service import Service

_MOST_ANSWER = 8 << 20
_WAITS = (0.2, 0.5, 1.0, 2.0, 4.0, 8.0)
_AGAIN = (408, 425, 429, 500, 502, 503, 504)
_LONGEST_WAIT = 30.0
_ENCODINGS = {"flac": "flac", "pcm_s16le": "linear16", "ulaw": "ulaw", "alaw": "alaw", "opus": "ogg_opus"}


@dataclass(frozen=True, slots=True)
class ToAsk:
    """A made file. ``stated`` is how to read it where it has no header."""

    path: Path
    name: str
    language: str = ""
    stated: Stated | None = None


@dataclass(frozen=True, slots=True)
class Answer:
    """What came of asking.

    Attributes
    ----------
    sha256 : of the file.
    error : why there is no text, in words.
    seconds : that the answer took; ``tries`` it took.
    kept : whether it was asked in an earlier run.
    """

    name: str
    sha256: str
    text: str = ""
    confidence: float | None = None
    error: str = ""
    seconds: float = 0.0
    tries: int = 1
    kept: bool = False


@dataclass(frozen=True, slots=True)
class Request:
    """What is sent: as it is, and as it may be shown, with the sound shortened and without the key."""

    url: str
    method: str
    headers: dict[str, str]
    body: bytes
    shown: str


class Store:
    """Answers of earlier runs, a line each, by what was asked and of whom. Lines that cannot be read are passed over."""

    def __init__(self, path: Path | None) -> None:
        self._path, self._lock = path, Lock()
        self._known: dict[str, dict[str, Any]] = {}
        try:
            lines = path.read_text("utf-8").splitlines() if path else []
        except (OSError, UnicodeDecodeError):
            lines = []
        for line in lines:
            try:
                entry = json.loads(line)
                self._known[entry["asked"]] = entry
            except (ValueError, KeyError, TypeError):
                continue

    def get(self, asked: str) -> dict[str, Any] | None:
        return self._known.get(asked)

    def put(self, asked: str, answer: Answer) -> None:
        entry = {"asked": asked, **{key: value for key, value in asdict(answer).items() if key not in ("kept",)}}
        with self._lock:
            self._known[asked] = entry
            if self._path is not None:
                self._path.parent.mkdir(parents=True, exist_ok=True)
                with self._path.open("a", encoding="utf-8") as file:
                    file.write(json.dumps(entry, ensure_ascii=False) + "\n")


def request_of(item: ToAsk, service: Service, url: str, key: str = "") -> Request:
    """The request for a file; encoding, rate and channels are read off it.

    Raises
    ------
    KittiwakeError : it cannot be read.
    """
    try:
        data = item.path.read_bytes()
    except OSError as error:
        raise KittiwakeError(
            f"{item.path} cannot be read: {reason_of(error)}.", "Make it again.", "unreadable"
        ) from error
    reader = open_sound(item.path, item.stated)
    header = reader.header
    reader.close()
    encoding = _ENCODINGS.get(header.encoding, header.encoding)
    encoding = header.container if header.container in ("flac", "wav") else encoding
    values = {
        "encoding": encoding, "rate": str(header.sample_rate), "channels": str(header.channels), "language": item.language,
        "name": item.name, "bytes": str(len(data)), "key": key,
    }  # fmt: skip
    in_json = service.body.lstrip().startswith(("{", "[")) and service.body.strip() != "{sound}"

    def filled(text: str, sound: str, secret: str, json_text: bool = False) -> str:
        for name, value in {**values, "key": secret}.items():
            text = text.replace(f"{{{name}}}", json.dumps(value)[1:-1] if json_text else value)
        return text.replace("{sound}", sound)

    coded = base64.b64encode(data).decode("ascii")
    body = data if service.body.strip() == "{sound}" else filled(service.body, coded, key, in_json).encode("utf-8")
    headers = {"Content-Type": "application/json" if in_json else "application/octet-stream"}
    headers |= {name: filled(value, "", key) for name, value in service.headers}
    short = f"{coded[:24]}… ({len(coded):,} characters)"
    lines = [f"{service.method} {filled(url, '', '…')}"]
    lines += [
        f"{name}: {filled(value, '', '…')}"
        for name, value in {"Content-Type": headers["Content-Type"], **dict(service.headers)}.items()
    ]
    lines += ["", filled(service.body, short, "…", in_json), "", f"{len(body):,} bytes"]
    return Request(filled(url, "", key), service.method, headers, body, "\n".join(lines))


def as_command(item: ToAsk, service: Service, url: str) -> str:
    """The same as a command of a terminal, with the key from the environment."""
    import shlex

    secret = f"${service.key_from}" if service.key_from else ""
    request = request_of(item, service, url, secret)
    words = ["curl", "--silent", "--request", request.method, shlex.quote(request.url)]
    words += [f'--header "{name}: {value}"' for name, value in request.headers.items()]
    return " ".join(
        [*words, "--data-binary", "@request.json" if request.body[:1] == b"{" else f"@{shlex.quote(str(item.path))}"]
    )


def hear(
    items: Iterable[ToAsk],
    service: Service,
    url: str,
    store: Store,
    cancelled: Callable[[], bool] = bool,
    *,
    pause: Callable[[float], None] = time.sleep,
) -> Iterator[Answer]:
    """Ask about each, ``service.parallel`` at once; answers as they come. What was answered before for the same bytes is not asked again.

    Raises
    ------
    KittiwakeError : the key is not there.
    """
    key = os.environ.get(service.key_from, "") if service.key_from else ""
    if service.key_from and not key:
        raise KittiwakeError(
            f"There is no key in {service.key_from}.",
            f"Set it in the environment: export {service.key_from}=…",
            "no_key",
        )
    whom = hashlib.sha256(
        json.dumps([url, service.body, service.text, service.headers], sort_keys=True).encode()
    ).hexdigest()[:12]
    waiting: set[Future[Answer]] = set()
    with ThreadPoolExecutor(service.parallel, thread_name_prefix="ask") as pool:
        for item in items:
            if cancelled():
                break
            waiting.add(pool.submit(_one, item, service, url, key, whom, store, cancelled, pause))
            if len(waiting) >= 2 * service.parallel:
                done, waiting = wait(waiting, return_when=FIRST_COMPLETED)
                yield from (future.result() for future in done)
        while waiting:
            done, waiting = wait(waiting, return_when=FIRST_COMPLETED)
            yield from (future.result() for future in done)


def _one(
    item: ToAsk,
    service: Service,
    url: str,
    key: str,
    whom: str,
    store: Store,
    cancelled: Callable[[], bool],
    pause: Callable[[float], None],
) -> Answer:
    try:
        request = request_of(item, service, url, key)
    except KittiwakeError as error:
        return Answer(item.name, "", error=str(error), tries=0)
    digest = hashlib.sha256(item.path.read_bytes()).hexdigest()
    asked = f"{whom} {digest} {item.language}"
    known = store.get(asked)
    if known is not None:
        return Answer(item.name, digest, str(known.get("text", "")), known.get("confidence"), seconds=0.0, kept=True)
    answer = Answer(item.name, digest, error="It was stopped.", tries=0)
    for number in range(service.retries + 1):
        if cancelled():
            break
        began = time.monotonic()
        again, answer = _asked(item.name, digest, request, service, number + 1)
        answer = Answer(**{**asdict(answer), "seconds": round(time.monotonic() - began, 4)})
        if again is None:
            break
        if number < service.retries:
            pause(min(_LONGEST_WAIT, max(again, _WAITS[min(number, len(_WAITS) - 1)] if again < 0 else again)))
    if not answer.error:
        store.put(asked, answer)
    return answer


def _asked(name: str, digest: str, request: Request, service: Service, tries: int) -> tuple[float | None, Answer]:
    """An answer, and after how many seconds to ask again: None for not at all, below nothing for as long as usual."""
    sent = urllib.request.Request(request.url, request.body, request.headers, method=request.method)
    try:
        with urllib.request.urlopen(sent, timeout=service.timeout_seconds) as came:
            data = came.read(_MOST_ANSWER + 1)
    except urllib.error.HTTPError as error:
        told = _error_of(error.read(_MOST_ANSWER), service) or error.reason
        again = _retry_after(error.headers.get("Retry-After")) if error.code in _AGAIN else None
        return again, Answer(name, digest, error=f"The service answers {error.code}: {told}.", tries=tries)
    except (OSError, http.client.HTTPException) as error:
        reason = getattr(error, "reason", error)
        return -1.0, Answer(name, digest, error=f"The service cannot be asked: {reason}.", tries=tries)
    try:
        answer = json.loads(data)
        text = _at(answer, service.text)
        if not isinstance(text, str):
            raise TypeError
    except (ValueError, LookupError, TypeError, RecursionError):
        return None, Answer(name, digest, error=f"There is no text at {service.text} of the answer.", tries=tries)
    confidence = None
    try:
        found = _at(answer, service.confidence) if service.confidence else None
        confidence = float(found) if isinstance(found, int | float) else None
    except LookupError:
        pass
    return None, Answer(name, digest, text, confidence, tries=tries)


def _error_of(data: bytes, service: Service) -> str:
    try:
        return str(_at(json.loads(data), service.error)).rstrip(".")[:300]
    except (ValueError, LookupError, TypeError, RecursionError):
        return ""


def _retry_after(text: str | None) -> float:
    try:
        return max(0.0, float(text)) if text else -1.0
    except ValueError:
        return -1.0


def _at(value: Any, pointer: str) -> Any:
    """What a JSON Pointer (RFC 6901) points at.

    Raises
    ------
    LookupError : nothing.
    """
    for part in pointer.split("/")[1:]:
        part = part.replace("~1", "/").replace("~0", "~")
        if isinstance(value, list):
            if not part.isdigit():
                raise LookupError(part)
            value = value[int(part)]
        elif isinstance(value, dict):
            value = value[part]
        else:
            raise LookupError(part)
    return value
