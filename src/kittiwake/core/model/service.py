"""How a service that listens is asked: part of a receiver."""

from __future__ import annotations

import re
from typing import Annotated, Any

from ...plain_data import dataclass
from ..schema import Limited, Written
from .rule_part import RulePart

#: What a body, a header or an address may hold in braces.
FIELDS = ("sound", "encoding", "rate", "channels", "language", "name", "bytes", "expected", "key")


def _pairs(value: Any) -> Any:
    return tuple(value.items()) if isinstance(value, dict) else value


@dataclass(frozen=True, slots=True, kw_only=True)
class Service(RulePart):
    """A service behind HTTP. An empty ``url`` is the simulated one, on the loopback interface.

    ``body`` holds fields in braces: ``{sound}`` (Base64), ``{encoding}``, ``{rate}`` (Hz), ``{channels}``, ``{language}``, ``{name}``, ``{bytes}``, and
    ``{expected}``, a JSON array of the lines that may be said (empty unless ``expects``); they are filled in from the made file, so that they are true. A body that is ``{sound}`` alone is the file itself. ``text``, ``confidence`` and ``error`` say where
    they are in a JSON answer (JSON Pointer, RFC 6901). ``key_from`` names the variable of the environment that holds the key; the key itself is in no
    file, job or log; ``secret:name`` is what the desktop's store of secrets holds for Kittiwake under that name. ``words`` points to an array of words,
    and ``word``, ``start`` and ``end`` to what they are and when they were said (s), in each. ``partial`` points to what was heard so far, where answers
    come as lines of JSON. With ``batch`` over 1 so many clips go at once: ``{items}`` in ``batch_body`` are their bodies with commas between, and
    ``results`` points to their answers, in that order. ``parallel`` requests go at once; ``retries`` are made after 429, 5xx and broken links.
    """

    url: str = ""
    method: Annotated[str, Limited(pattern=r"^(POST|PUT)$")] = "POST"
    headers: Annotated[
        tuple[tuple[str, str], ...], Written(_pairs)
    ] = ()  # a table in TOML; pairs here, since receivers are hashed
    body: str = '{"sound": "{sound}", "encoding": "{encoding}", "sample_rate": {rate}, "channels": {channels}, "language": "{language}"}'
    text: str = "/text"
    confidence: str = "/confidence"
    error: str = "/error"
    words: str = "/words"
    word: str = "/word"
    start: str = "/start"
    end: str = "/end"
    partial: str = ""
    expects: bool = False
    batch: Annotated[int, Limited(ge=1, le=100)] = 1
    batch_body: str = '{"items": [{items}]}'
    results: str = "/results"
    key_from: Annotated[str, Limited(pattern=r"^(secret:[A-Za-z0-9_. -]+|[A-Za-z0-9_]*)$", max_length=80)] = ""
    timeout_seconds: Annotated[float, Limited(gt=0, le=600)] = 30.0
    parallel: Annotated[int, Limited(ge=1, le=32)] = 4
    retries: Annotated[int, Limited(ge=0, le=10)] = 4

    def plain(self, name: str, value: Any, sparse: bool) -> Any:
        return (
            dict(value) if name == "headers" else RulePart.plain(self, name, value, sparse)
        )  # slots make another class of it

    def __post_init__(self) -> None:
        if self.url and not self.url.startswith(("http://", "https://")):
            raise ValueError("url begins with http:// or https://")
        for text in (self.url, self.body, *(value for _, value in self.headers)):
            for name in re.findall(r"\{([a-z_]+)\}", text):
                if name not in FIELDS:
                    raise ValueError(
                        f"there is no “{{{name}}}”; there is {', '.join(f'{{{one}}}' for one in FIELDS)}"
                    )
        for name in ("text", "confidence", "error", "words", "word", "start", "end", "partial", "results"):
            if getattr(self, name) and not getattr(self, name).startswith("/"):
                raise ValueError(f"{name} is a JSON Pointer, such as /result/text")
        if "{sound}" not in self.body:
            raise ValueError("body needs {sound}")
        if self.batch > 1 and ("{items}" not in self.batch_body or self.body.strip() == "{sound}"):
            raise ValueError("a batch is JSON: batch_body needs {items}, and body more than {sound}")
        if self.batch > 1 and self.partial:
            raise ValueError("what was heard so far comes for one clip at a time: batch is 1 where partial is told")
