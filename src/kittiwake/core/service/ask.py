"""Ask a service about made files: several at once, again where that helps, and nothing twice for the same bytes."""

from __future__ import annotations

import hashlib
import http.client
import itertools
import json
import time
import urllib.error
import urllib.request
from collections.abc import Callable, Iterable, Iterator
from concurrent.futures import FIRST_COMPLETED, Future, ThreadPoolExecutor, wait
from typing import Any

from ...words import phrase
from ..errors import KittiwakeError
from ..model.service import Service
from .answers import Answer, Reply, Store, at_pointer, error_of, known_answer, reply_of, retry_after
from .keys import key_of
from .request import Request, ToAsk, as_command, request_of

__all__ = ["Answer", "Request", "Store", "ToAsk", "as_command", "hear", "request_of"]

_MOST_ANSWER = 8 << 20
_WAITS = (0.2, 0.5, 1.0, 2.0, 4.0, 8.0)
_AGAIN = (408, 425, 429, 500, 502, 503, 504)
_LONGEST_WAIT = 30.0


def hear(
    items: Iterable[ToAsk],
    service: Service,
    url: str,
    store: Store,
    cancelled: Callable[[], bool] = bool,
    *,
    pause: Callable[[float], None] = time.sleep,
    partly: Callable[[str, str], None] | None = None,
) -> Iterator[Answer]:
    """Ask about each, ``service.parallel`` requests at once; answers as they come. What was answered before for the same bytes is not asked again.

    Parameters
    ----------
    partly : called with the name of a clip and what was heard of it so far, where the service tells; by other threads.

    Raises
    ------
    KittiwakeError : the key is not there.
    """
    asker = _Asker(service, url, key_of(service.key_from), store, cancelled, pause, partly)
    waiting: set[Future[list[Answer]]] = set()
    some = iter(items)
    with ThreadPoolExecutor(service.parallel, thread_name_prefix="ask") as pool:
        while (few := list(itertools.islice(some, service.batch))) and not cancelled():
            waiting.add(pool.submit(asker.ask, few))
            if len(waiting) >= 2 * service.parallel:
                done, waiting = wait(waiting, return_when=FIRST_COMPLETED)
                yield from itertools.chain.from_iterable(future.result() for future in done)
        while waiting:
            done, waiting = wait(waiting, return_when=FIRST_COMPLETED)
            yield from itertools.chain.from_iterable(future.result() for future in done)


class _Asker:
    """Asks about a few clips at a time, in one request."""

    def __init__(
        self, service: Service, url: str, key: str, store: Store, cancelled: Callable[[], bool], pause: Callable[[float], None],
        partly: Callable[[str, str], None] | None,
    ) -> None:  # fmt: skip
        self._service, self._url, self._key, self._store = service, url, key, store
        self._cancelled, self._pause, self._partly = cancelled, pause, partly
        asked = [url, service.body, service.text, service.headers]
        self._whom = hashlib.sha256(json.dumps(asked, sort_keys=True).encode()).hexdigest()[:12]

    def ask(self, few: list[ToAsk]) -> list[Answer]:
        out, todo = [], []
        for item in few:
            try:
                request = request_of(item, self._service, self._url, self._key)
            except KittiwakeError as error:
                out.append(Answer(item.name, "", error=str(error), tries=0))
                continue
            known = self._store.get(self._as_asked(item, request))
            if known is None:
                todo.append((item, request))
            else:
                out.append(known_answer(item.name, request, known))
        if todo:
            out += self._asked(todo)
        return out

    def _as_asked(self, item: ToAsk, request: Request) -> str:
        expected = ""
        if self._service.expects:
            expected = " " + hashlib.sha256(json.dumps(item.expected).encode()).hexdigest()[:12]
        return f"{self._whom} {request.sha256} {item.language}{expected}"

    def _asked(self, todo: list[tuple[ToAsk, Request]]) -> list[Answer]:
        service = self._service
        replies = [Reply(error=phrase("It was stopped."))] * len(todo)
        tries, seconds = 0, 0.0
        for number in range(service.retries + 1):
            if self._cancelled():
                break
            tries, began = number + 1, time.monotonic()
            again, replies = self._send(todo)
            seconds = time.monotonic() - began
            if again is None:
                break
            if number < service.retries:
                self._pause(min(_LONGEST_WAIT, _WAITS[min(number, len(_WAITS) - 1)] if again < 0 else again))
        out = []
        for (item, request), reply in zip(todo, replies, strict=True):
            answer = Answer(
                item.name, request.sha256, reply.text, reply.confidence, reply.error, round(seconds, 4), tries, False, reply.words, request.sent,
                round(request.sound_seconds, 4),
            )  # fmt: skip
            if not answer.error:
                self._store.put(self._as_asked(item, request), answer)
            out.append(answer)
        return out

    def _send(self, todo: list[tuple[ToAsk, Request]]) -> tuple[float | None, list[Reply]]:
        """A reply for each, and after how many seconds to ask again: None for not at all, below nothing for as long as usual."""
        service, first = self._service, todo[0][1]
        body = first.body
        if service.batch > 1:
            items = ", ".join(request.body.decode("utf-8") for _, request in todo)
            body = service.batch_body.replace("{items}", items).encode("utf-8")

        def told(error: str) -> list[Reply]:
            return [Reply(error=error)] * len(todo)

        sent = urllib.request.Request(first.url, body, first.headers, method=first.method)
        try:
            with urllib.request.urlopen(sent, timeout=service.timeout_seconds) as came:
                data = self._read(came, todo[0][0].name)
        except urllib.error.HTTPError as error:
            words = error_of(error.read(_MOST_ANSWER), service) or error.reason
            again = retry_after(error.headers.get("Retry-After")) if error.code in _AGAIN else None
            return again, told(phrase("The service answers {code}: {words}.", code=error.code, words=words))
        except (OSError, http.client.HTTPException, ValueError) as error:
            return -1.0, told(
                phrase("The service cannot be asked: {getattr}.", getattr=getattr(error, "reason", error))
            )
        try:
            answer = json.loads(data)
        except (ValueError, RecursionError):
            return -1.0, told(phrase("The service answers what is no JSON."))
        if service.batch == 1:
            return None, [reply_of(answer, service)]
        try:
            answers = at_pointer(answer, service.results)
        except LookupError:
            answers = None
        if not isinstance(answers, list) or len(answers) != len(todo):
            return None, told(
                phrase(
                    "There are no {count} answers at {results} of the answer.",
                    count=len(todo),
                    results=service.results,
                )
            )
        return None, [reply_of(one, service) for one in answers]

    def _read(self, came: Any, name: str) -> bytes:
        """An answer; of one that comes in lines the last; those before are passed on as they come."""
        if not self._service.partial:
            return bytes(came.read(_MOST_ANSWER + 1))
        last, size = b"", 0
        while size <= _MOST_ANSWER and (line := came.readline(_MOST_ANSWER + 1)):
            size += len(line)
            if not line.strip():
                continue
            last = line
            if self._partly is not None:
                try:
                    text = at_pointer(json.loads(line), self._service.partial)
                except (ValueError, LookupError, RecursionError):
                    continue
                if isinstance(text, str):
                    self._partly(name, text)
        return bytes(last)
