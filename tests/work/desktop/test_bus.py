"""Calls over a desktop's bus, as they go out on the line."""

from __future__ import annotations

import unittest
from types import SimpleNamespace
from typing import Any
from unittest import mock

from jeepney import HeaderFields, MessageType

from kittiwake.work.desktop import bus


class Line:
    """A line to a bus that answers with ``kind``."""

    def __init__(self, kind: MessageType) -> None:
        self.kind, self.closed = kind, False
        self.sent: list[Any] = []

    def send_and_get_reply(self, message: Any, timeout: float) -> Any:
        self.sent.append(message)
        return SimpleNamespace(header=SimpleNamespace(message_type=self.kind), body=("told",))

    def close(self) -> None:
        self.closed = True


class TestBus(unittest.TestCase):
    def call(self, line: Line, *words: Any) -> Any:
        with mock.patch.object(bus, "open_line", lambda *_: line):
            return bus.call("SESSION", "org.example.Quay", "/org/example", "org.example.Quay", "Call", *words)

    def test_what_is_called_and_with_what(self) -> None:
        line = Line(MessageType.method_return)
        self.assertEqual(self.call(line, "su", "berth", 3), (line, ("told",)))
        fields = line.sent[0].header.fields
        self.assertEqual((fields[HeaderFields.member], fields[HeaderFields.signature]), ("Call", "su"))
        self.assertEqual(line.sent[0].body, ("berth", 3))
        self.assertFalse(line.closed)
        self.call(line)
        self.assertNotIn(HeaderFields.signature, line.sent[1].header.fields)

    def test_what_is_refused_is_said_and_the_line_closed(self) -> None:
        line = Line(MessageType.error)
        with self.assertRaisesRegex(bus.NoBusError, "told"):
            self.call(line)
        self.assertTrue(line.closed)
