"""Ask a service about made files: several at once, again where that helps, and nothing twice for the same bytes."""

from __future__ import annotations

import hashlib
import itertools
import json
import time
from collections.abc import Callable, Iterable, Iterator
from concurrent.futures import FIRST_COMPLETED, Future, ThreadPoolExecutor, wait

from ....core.errors import Cancelled, KittiwakeError
from ....core.log import log
from ....core.model.service import Service
from ....core.net import NetError, ask, is_here, without_secret
from ....words import phrase
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
    pause: Callable[[float], None] | None = None,
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
    items_left = iter(items)
    with ThreadPoolExecutor(service.parallel, thread_name_prefix="ask") as pool:
        while (few := list(itertools.islice(items_left, service.batch))) and not cancelled():
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
        self, service: Service, url: str, key: str, store: Store, cancelled: Callable[[], bool], pause: Callable[[float], None] | None,
        partly: Callable[[str, str], None] | None,
    ) -> None:  # fmt: skip
        self._service, self._url, self._key, self._store = service, url, key, store
        self._cancelled, self._pause, self._partly = cancelled, pause or self._wait, partly
        # The simulated one, which no file names, listens at another port each time, and is the same all the same.
        asked = [service.url and url, service.body, service.text, service.headers]
        self._whom = hashlib.sha256(json.dumps(asked, sort_keys=True).encode()).hexdigest()[:12]

    def _wait(self, seconds: float) -> None:
        """Wait, unless it is stopped meanwhile."""
        until = time.monotonic() + seconds
        while not self._cancelled() and (left := until - time.monotonic()) > 0:
            time.sleep(min(0.1, left))

    def ask(self, few: list[ToAsk]) -> list[Answer]:
        out, todo = [], []
        for item in few:
            try:
                request = request_of(item, self._service, self._url, self._key)
            except Exception as error:
                why = (
                    str(error)
                    if isinstance(error, KittiwakeError)
                    else phrase("It cannot be sent ({kind}).", kind=type(error).__name__)
                )
                out.append(Answer(item.name, "", error=without_secret(why, self._key), tries=0))
                continue
            known = self._store.get(self._as_asked(item, request))
            if known is None:
                todo.append((item, request))
            else:
                out.append(known_answer(item.name, request, known))
        if todo:
            try:
                out += self._asked(todo)
            except Exception as error:  # whatever one answer is like, the others are asked for all the same
                log.error("while a service was asked", exc_info=error)
                why = phrase("The answer cannot be read ({kind}).", kind=type(error).__name__)
                out += [Answer(item.name, request.sha256, error=why) for item, request in todo]
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

        def failed(error: str) -> list[Reply]:
            return [Reply(error=error)] * len(todo)

        try:
            reply = ask(
                first.url,
                first.method,
                first.headers,
                body,
                seconds=service.timeout_seconds,
                most=_MOST_ANSWER,
                secret=self._key,
                direct=is_here(first.url),
                cancelled=self._cancelled,
                each_line=self._partly_of(todo[0][0].name) if service.partial else None,
            )
        except NetError as error:
            return None if error.for_good else -1.0, failed(phrase("The service {error}.", error=error.message))
        except Cancelled:
            return None, failed(phrase("It was stopped."))
        if not reply.good:
            words = without_secret(error_of(reply.body, service), self._key) or reply.reason
            again = retry_after(reply.retry_after) if reply.status in _AGAIN else None
            return again, failed(phrase("The service answers {code}: {words}.", code=reply.status, words=words))
        try:
            answer = json.loads(reply.body)
        except (ValueError, RecursionError):
            return -1.0, failed(phrase("The service answers what is no JSON."))
        if service.batch == 1:
            return None, [reply_of(answer, service)]
        try:
            answers = at_pointer(answer, service.results)
        except LookupError:
            answers = None
        if not isinstance(answers, list) or len(answers) != len(todo):
            return None, failed(
                phrase(
                    "There are no {count} answers at {results} of the answer.",
                    count=len(todo),
                    results=service.results,
                )
            )
        return None, [reply_of(one, service) for one in answers]

    def _partly_of(self, name: str) -> Callable[[bytes], None]:
        """Passes on what was heard of a clip so far, line by line."""

        def note(line: bytes) -> None:
            if self._partly is not None:
                try:
                    text = at_pointer(json.loads(line), self._service.partial)
                except (ValueError, LookupError, RecursionError):
                    return
                if isinstance(text, str):
                    self._partly(name, text)

        return note
