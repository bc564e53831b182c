"""Requests go to the address that was stated and nowhere else, end in time whatever the other side does, and tell no key."""

from __future__ import annotations

import contextlib
import json
import os
import socket
import threading
import time
import unittest
from collections.abc import Callable
from typing import Any
from unittest import mock

import numpy as np
import soundfile
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.bundled.services.core.answers import Store
from kittiwake.bundled.services.core.ask import ToAsk, hear
from kittiwake.bundled.services.core.keys import key_of
from kittiwake.bundled.services.core.request import request_of
from kittiwake.core.errors import Cancelled, KittiwakeError
from kittiwake.core.model.service import Service
from kittiwake.core.net import NetError, ask, filled_in, in_address, in_header, in_json, is_here, without_secret
from tests.sounds import FolderCase

KEY = "k3y with space&more=evil"


class Peer:
    """A server of one purpose on the loopback interface: reads a request, and answers as it likes."""

    def __init__(self, answer: Callable[[socket.socket], None]) -> None:
        self._socket = socket.create_server(("127.0.0.1", 0))
        self._socket.settimeout(0.1)
        self._answer, self._over = answer, False
        self.requests: list[bytes] = []
        self._thread = threading.Thread(target=self._serve, daemon=True)
        self._thread.start()

    @property
    def url(self) -> str:
        return f"http://127.0.0.1:{self._socket.getsockname()[1]}/hear"

    def _serve(self) -> None:
        while not self._over:
            try:
                connection, _ = self._socket.accept()
            except TimeoutError:
                continue
            with connection:
                connection.settimeout(2)
                got = b""
                while b"\r\n\r\n" not in got:
                    got += connection.recv(65536)
                self.requests.append(got)
                with contextlib.suppress(OSError):
                    self._answer(connection)

    def close(self) -> None:
        self._over = True
        self._thread.join()
        self._socket.close()


def saying(status: str, body: bytes = b"", *headers: str) -> Callable[[socket.socket], None]:
    lines = [f"HTTP/1.1 {status}", *headers, f"Content-Length: {len(body)}", "Connection: close", "", ""]
    return lambda connection: connection.sendall("\r\n".join(lines).encode() + body)


def dripping(head: bytes) -> Callable[[socket.socket], None]:
    def answer(connection: socket.socket) -> None:
        connection.sendall(head)
        for _ in range(200):
            connection.sendall(b" ")
            time.sleep(0.05)

    return answer


class PeerCase(FolderCase):
    def peer(self, answer: Callable[[socket.socket], None]) -> Peer:
        peer = Peer(answer)
        self.addCleanup(peer.close)
        return peer


class TestOrigin(PeerCase):
    def ask(self, url: str, **more: Any) -> Any:
        known: dict[str, Any] = {"seconds": 3.0, "most": 1 << 20, "secret": KEY, "direct": True}
        return ask(url, "POST", {"Authorization": KEY}, b"{}", **(known | more))

    def test_what_leads_elsewhere_is_not_followed(self) -> None:
        other = self.peer(saying("200 OK", b'{"text": "believe me"}'))
        for status in ("301 Moved", "302 Found", "303 See Other", "307 Temporary", "308 Permanent"):
            for place in (other.url, f"{other.url}?k={in_address(KEY)}", "ftp://127.0.0.1/x", "/elsewhere", ""):
                peer = self.peer(saying(status, b"", *([f"Location: {place}"] if place else [])))
                with self.subTest(status, place=place), self.assertRaises(NetError) as caught:
                    self.ask(peer.url)
                self.assertIn("not followed", caught.exception.message)
                self.assertTrue(caught.exception.for_good)  # the key is not sent there again
                self.assertEqual(len(peer.requests), 1)
        self.assertEqual(other.requests, [])

    def test_other_kinds_of_addresses(self) -> None:
        for url in ("ftp://127.0.0.1/x", "file:///etc/hostname", "data:,x"):
            with self.subTest(url), self.assertRaises(NetError):
                self.ask(url)

    def test_it_ends_in_time_and_when_it_is_stopped(self) -> None:
        drips = {
            "in its head": dripping(b"HTTP/1.1 200 OK\r\nX: "),
            "in its body": dripping(b"HTTP/1.1 200 OK\r\nContent-Length: 1000\r\n\r\n"),
            "without a length": dripping(b"HTTP/1.1 200 OK\r\n\r\n"),
            "of an error": dripping(b"HTTP/1.1 500 No\r\nContent-Length: 1000\r\n\r\n"),
        }
        for name, answer in drips.items():
            with self.subTest(name):
                began = time.monotonic()
                with self.assertRaises(NetError) as caught:
                    self.ask(self.peer(answer).url, seconds=0.5)
                self.assertTrue(caught.exception.slow)
                self.assertLess(time.monotonic() - began, 2)
        began = time.monotonic()
        with self.assertRaises(Cancelled):
            self.ask(
                self.peer(drips["in its body"]).url, seconds=20, cancelled=lambda: time.monotonic() - began > 0.3
            )
        self.assertLess(time.monotonic() - began, 2)

    def test_no_message_tells_the_key(self) -> None:
        for url in (f"http://127.0.0.1:1/x?key={KEY}", f"http://127.0.0.1:1/{KEY}\r\n", "http://127.0.0.1:1/x"):
            with self.subTest(url), self.assertRaises(NetError) as caught:
                self.ask(url)
            self.assertNotIn("k3y", caught.exception.message)
            self.assertIsNone(caught.exception.__cause__)
        peer = self.peer(saying(f"401 No {KEY} here"))
        self.assertEqual(self.ask(peer.url).reason, "No … here")


class TestHere(unittest.TestCase):
    def test_this_machine_is_its_loopback_interface_and_no_name_that_begins_like_it(self) -> None:
        for url, here in (
            ("http://127.0.0.1:8000/x", True), ("http://127.9.9.9/", True), ("http://localhost/", True), ("http://[::1]:1/", True),
            ("http://127.example.org/", False), ("http://192.0.2.7/", False), ("http://localhost.example.org/", False), ("x", False),
        ):  # fmt: skip
            self.assertEqual(is_here(url), here, url)


class TestFields(FolderCase):
    @given(st.text(), st.text())
    def test_a_value_is_a_value_wherever_it_is_put(self, name: str, key: str) -> None:
        values = {"name": name, "key": key}
        address = filled_in("http://h/{name}?k={key}", values, in_address)
        self.assertEqual(address.count("/"), 3)
        self.assertEqual(
            (address.count("?"), address.count("&"), address.count("#"), address.count(" ")), (1, 0, 0, 0)
        )
        self.assertEqual(
            json.loads(filled_in('{"n": "{name}", "k": "{key}"}', values, in_json)), {"n": name, "k": key}
        )

    @given(st.text(min_size=4))
    def test_headers(self, value: str) -> None:
        try:
            self.assertEqual(in_header(value).encode("latin-1").decode("utf-8", "surrogatepass"), value)
            self.assertNotRegex(in_header(value), "[\r\n]")
        except KittiwakeError as error:
            self.assertRegex(value, "[\x00-\x1f\x7f]")
            self.assertNotIn(value, str(error).replace(" ", "  ") if value.isspace() else str(error))

    def test_a_key_in_any_writing_is_hidden(self) -> None:
        for key in (KEY, 'quo"ted\\key', "schlüssel-ä", "tab\tkey"):
            for way in (key, in_address(key), in_json(key), repr(key)[1:-1]):
                self.assertEqual(without_secret(f"<{way}>", key), "<…>")

    def test_a_key_with_a_line_feed_behind_it(self) -> None:
        with mock.patch.dict(os.environ, {"KITTIWAKE_TEST_KEY": "s3cret\r\n"}):
            self.assertEqual(key_of("KITTIWAKE_TEST_KEY"), "s3cret")

    def test_names_that_hold_braces_are_no_fields(self) -> None:
        path = self.folder / "x.flac"
        soundfile.write(path, np.zeros(320, np.float32), 16000)
        rules = Service(
            url="http://127.0.0.1:1/x?n={name}", body='{"n": "{name}", "s": "{sound}"}', headers=(("N", "{name}"),)
        )
        request = request_of(ToAsk(path, "{key} {sound} ü&x=1"), rules, rules.url, "s3cret")
        self.assertEqual(json.loads(request.body)["n"], "{key} {sound} ü&x=1")
        self.assertNotIn(b"s3cret", request.body)
        self.assertTrue(request.url.endswith("?n=%7Bkey%7D%20%7Bsound%7D%20%C3%BC%26x%3D1"))
        self.assertNotIn("s3cret", request.headers["N"])


class TestAnswers(PeerCase):
    def heard(self, answer: Callable[[socket.socket], None], store: Store | None = None, **rules: Any) -> list[Any]:
        items = []
        for n in range(3):
            path = self.folder / f"{n}.flac"
            soundfile.write(path, np.full(320 + n, 0.1, np.float32), 16000)
            items.append(ToAsk(path, str(n)))
        url = self.peer(answer).url
        known: dict[str, Any] = {"retries": 0, "timeout_seconds": 0.5, "url": url}
        return list(hear(items, Service(**(known | rules)), url, store or Store(None)))

    def test_no_answer_ends_the_run(self) -> None:
        ok = "200 OK"
        answers: dict[str, Callable[[socket.socket], None]] = {
            "broken chunks": lambda c: c.sendall(
                b"HTTP/1.1 200 OK\r\nTransfer-Encoding: chunked\r\n\r\nZZZ\r\nnot a chunk"
            ),
            "cut off": lambda c: c.sendall(b'HTTP/1.1 200 OK\r\nContent-Length: 999\r\n\r\n{"text": "x"}'),
            "an error, cut off": lambda c: c.sendall(b"HTTP/1.1 500 No\r\nContent-Length: 999\r\n\r\n{"),
            "no HTTP": lambda c: c.sendall(b"\x00\xff" * 100),
            "confidence": saying(ok, b'{"text": "x", "confidence": ' + b"9" * 400 + b"}"),
            "NaN": saying(
                ok, b'{"text": "x", "confidence": NaN, "words": [{"word": "x", "start": NaN, "end": 1e999}]}'
            ),
            "half a character": saying(ok, b'{"text": "\\ud800 x"}'),
            "deep": saying(ok, b"[" * 200_000),
            "digits": saying(ok, b'{"text": ' + b"9" * 10_000 + b"}"),
            "other types": saying(ok, b'{"text": {"a": 1}, "error": 5}'),
            "retry": saying("503 Busy", b"", "Retry-After: inf"),
        }
        for name, answer in answers.items():
            with self.subTest(name):
                found = self.heard(answer, Store(self.folder / f"{name}.jsonl"))
                self.assertEqual(sorted(one.name for one in found), ["0", "1", "2"])
                for one in found:
                    self.assertTrue(one.error or "x" in one.text, one)
                    one.text.encode("utf-8")
                # What was kept of it can be read again, by any reader of JSON.
                again = Store(self.folder / f"{name}.jsonl")
                self.assertEqual(again.trouble, "")

    def test_what_was_kept_is_believed_only_as_it_was_written(self) -> None:
        path = self.folder / "kept.jsonl"
        self.heard(saying("200 OK", b'{"text": "x", "confidence": 0.5}'), Store(path))
        self.assertEqual(path.stat().st_mode & 0o777, 0o600)
        lines = path.read_bytes().splitlines(keepends=True)
        first = json.loads(lines[0])
        for field, value in (
            ("confidence", "high"),
            ("confidence", True),
            ("words", [["x", "0", 1]]),
            ("words", 5),
            ("text", 5),
        ):
            lines.append(json.dumps(first | {"asked": f"other {field}", field: value}).encode() + b"\n")
        lines.insert(1, b"\xff\xfe damaged\n")
        path.write_bytes(b"".join(lines) + b'{"asked": "torn')
        store = Store(path)
        self.assertEqual(len([one for one in lines if b"other" not in one]) - 1, 3)
        self.assertTrue(all(store.get(json.loads(line)["asked"]) for line in (lines[0], lines[2], lines[3])))
        self.assertIsNone(store.get("other confidence"))
        self.assertIsNone(store.get("other words"))
        found = self.heard(saying("500 No"), store)
        self.assertTrue(all(one.error for one in found))  # another address: asked of somebody else


if __name__ == "__main__":
    unittest.main()
