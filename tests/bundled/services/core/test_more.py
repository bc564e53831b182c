"""Batches, answers in parts, times of words, engines by language, keys out of the store of secrets, Ogg Opus."""

from __future__ import annotations

import base64
import contextlib
import io
import json
import random
import socket
import unittest
from unittest import mock

import numpy as np
import soundfile
from werkzeug.test import Client

from kittiwake.bundled.services.core import simulated
from kittiwake.bundled.services.core.ask import Store, ToAsk, hear, request_of
from kittiwake.bundled.services.core.keys import key_of
from kittiwake.bundled.services.core.simulated import BROKEN, Simulated, own_engines
from kittiwake.bundled.services.hear_verb import MOST_EXPECTED, expected_of
from kittiwake.core.ear import engines
from kittiwake.core.ear.engines import Transcript, Word
from kittiwake.core.ear.hearers import hear_in_worker
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model import load_receiver
from kittiwake.core.model.service import Service
from kittiwake.core.model.units import format_bytes
from tests.bundled.services.core.test_service import flac, stated
from tests.sounds import REAL, FolderCase, coded_by_libav, speech_like


def hears(sound: np.ndarray, rate: int, language: str, lines: tuple[str, ...], partly: object) -> Transcript:
    if language == "fr":
        engines.engine_for("fr")
    if callable(partly):
        partly("one")
        partly("one two")
    return Transcript(lines[-1] if lines else "one two", 0.9, (Word("one", 0.0, 0.01), Word("two", 0.01, 0.02)))


class MoreCase(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.service = Simulated(hears)
        self.url = self.service.start()
        self.addCleanup(self.service.stop)

    def item(self, n: int = 0, language: str = "en", **more: object) -> ToAsk:
        path = self.folder / f"{n}.flac"
        path.write_bytes(flac(seconds=0.02, seed=n))
        return ToAsk(path, str(n), language, **more)  # type: ignore[arg-type]


class TestMore(MoreCase):
    def test_times_of_words_and_what_was_sent(self) -> None:
        store = Store(self.folder / "kept.jsonl")
        (answer,) = hear([self.item()], Service(), self.url, store)
        self.assertEqual((("one", 0.0, 0.01), ("two", 0.01, 0.02)), answer.words)
        self.assertEqual(
            (0.02, f"flac, 16000 Hz, {format_bytes(len(flac(seconds=0.02, seed=0)))}"),
            (answer.sound_seconds, answer.sent),
        )
        self.assertGreater(answer.real_time_factor or 0, 0)
        (again,) = hear([self.item()], Service(), self.url, Store(self.folder / "kept.jsonl"))
        self.assertEqual((True, answer.words, None), (again.kept, again.words, again.real_time_factor))

    def test_text_comes_in_parts(self) -> None:
        reported: list[tuple[str, str]] = []
        rules = load_receiver("speech-service").service
        assert rules is not None
        (answer,) = hear(
            [self.item()], rules, self.url, Store(None), partly=lambda name, text: reported.append((name, text))
        )
        self.assertEqual(
            ([("0", "one"), ("0", "one two")], "one two", 0.9), (reported, answer.text, answer.confidence)
        )
        (answer,) = hear([self.item(language="fr")], rules, self.url, Store(None))
        self.assertIn("There is no engine for fr", answer.error)

    def test_requests_that_are_none_get_an_answer_and_leave_no_trace(self) -> None:
        port = int(self.url.split(":")[2].split("/")[0])
        head = b"POST /hear HTTP/1.1\r\nHost: x\r\n"
        odd = (
            head + b"Content-Length: abc\r\n\r\n", head + b"Content-Length: 50\r\n\r\nxx", head + b"Content-Length: -5\r\n\r\nxx",
            head + b"Transfer-Encoding: chunked\r\n\r\nzz\r\n", b"POST http://[::1 HTTP/1.1\r\nHost: x\r\n\r\n", b"\x16\x03\x01\x02",
            head + b"Content-Length: 999999999999\r\n\r\nx", b"GET //[ HTTP/1.1\r\n\r\n", head[:-5] + b"\xff\r\nX-Key: \xfe\r\n\r\n",
        )  # fmt: skip
        said = io.StringIO()
        with contextlib.redirect_stderr(said):
            for request in odd:
                with socket.create_connection(("127.0.0.1", port), timeout=5) as line:
                    line.sendall(request)
                    line.shutdown(socket.SHUT_WR)
                    answer = line.recv(1000)
                self.assertRegex(answer, rb"^HTTP/1.1 4\d\d |Error code: 4\d\d", request)
            (answer,) = hear([self.item()], Service(), self.url, Store(None))
        self.assertEqual((answer.text, said.getvalue()), ("one two", ""))

    def test_one_who_begins_a_request_and_does_not_go_on_is_left(self) -> None:
        with mock.patch.object(simulated, "_READ", 0.2):
            service = Simulated(hears)
            port = int(service.start().split(":")[2].split("/")[0])
            self.addCleanup(service.stop)
            for begun in (b"", b"POST /he", b"POST /hear HTTP/1.1\r\nHost: x\r\nContent-Length: 50\r\n\r\nxx"):
                with socket.create_connection(("127.0.0.1", port), timeout=10) as line:
                    line.sendall(begun)
                    while line.recv(1000):  # until it hangs up
                        pass

    def test_batches_are_answered_in_order_and_one_that_is_wrong_spoils_no_other(self) -> None:
        rules = Service(batch=4, retries=2)
        items = [self.item(n, "fr" if n == 2 else "en") for n in range(10)]
        self.service.failures = [500, None, BROKEN]
        answers = {one.name: one for one in hear(items, rules, self.url, Store(None), pause=lambda _: None)}
        self.assertEqual(5, self.service.asked, "ten clips in three requests, two of them twice")
        self.assertEqual(
            "The service answers: There is no engine for fr. Engines that run here hear en; send it to a service that hears fr.",
            answers["2"].error,
        )
        self.assertEqual({"one two"}, {one.text for name, one in answers.items() if name != "2"})
        for wrong in ({"batch_body": "[]"}, {"body": "{sound}"}, {"partial": "/p"}):
            with self.subTest(wrong), self.assertRaises(ValueError):
                Service(batch=2, **wrong)  # type: ignore[arg-type]

    def test_the_lines_that_may_be_said(self) -> None:
        rules = Service(
            expects=True,
            body='{"sound": "{sound}", "encoding": "{encoding}", "sample_rate": {rate}, "expected": {expected}}',
        )
        store = Store(self.folder / "k.jsonl")
        (one,) = hear([self.item(expected=("gate 1", "gate “2”"))], rules, self.url, store)
        (two,) = hear([self.item(expected=("berth",))], rules, self.url, store)
        self.assertEqual(("gate “2”", "berth"), (one.text, two.text))

    def test_an_opus_stream_is_stated_at_the_rate_that_it_holds(self) -> None:
        path = coded_by_libav(self.folder / "a.opus", "libopus", speech_like(16_000, 0.5), 16_000)
        request = request_of(ToAsk(path, "a"), Service(), self.url)
        self.assertIn('"encoding": "ogg_opus", "sample_rate": 16000', request.shown)
        (answer,) = hear([ToAsk(path, "a")], Service(), self.url, Store(None))
        self.assertEqual(("", "one two"), (answer.error, answer.text))

    def test_keys_out_of_the_store_of_secrets(self) -> None:
        import keyring
        from keyring.backend import KeyringBackend

        class InMemory(KeyringBackend):
            priority = 1.0  # type: ignore[assignment]

            def get_password(self, service: str, username: str) -> str | None:
                return {("kittiwake", "harbour"): "s3cret"}.get((service, username))

            def set_password(self, service: str, username: str, password: str) -> None: ...

        before = keyring.get_keyring()
        keyring.set_keyring(InMemory())
        self.addCleanup(keyring.set_keyring, before)
        self.assertEqual("s3cret", key_of("secret:harbour"))
        with self.assertRaisesRegex(KittiwakeError, "no key “other”"):
            key_of("secret:other")
        self.service.key = "s3cret"
        rules = Service(key_from="secret:harbour", headers=(("X-Key", "{key}"),))
        (answer,) = hear([self.item()], rules, self.url, Store(None))
        self.assertEqual("one two", answer.text)

    def test_how_many_frames_a_file_says_it_has_is_not_believed(self) -> None:
        data = bytearray(flac(seconds=0.02))
        # STREAMINFO: the number of samples is in the last 4 bits of byte 21 and the four after it.
        data[21] |= 0x0F
        data[22:26] = b"\xff\xff\xff\xff"
        result = Client(self.service.app).post("/hear", data=json.dumps(stated(bytes(data))).encode())
        self.assertIn(result.status_code, (200, 422))

    def test_a_line_that_would_take_an_engine_a_minute_is_refused_at_once(self) -> None:
        asked = {**stated(flac(seconds=0.02)), "language": "en", "expected": ["word " * 500]}
        result = Client(Simulated(hears).app).post("/hear", data=json.dumps(asked), content_type="application/json")
        self.assertEqual(result.status_code, 413)
        self.assertIn("characters", result.get_json()["error"])

    def test_the_simulated_service_is_one_and_the_same_at_every_port(self) -> None:
        """Kept answers are of what was asked, not of where it happened to listen this time."""
        service = load_receiver("speech-service").service
        assert service is not None and not service.url
        asked = []
        for _ in range(2):
            simulated = Simulated(hears)
            url = simulated.start()
            self.addCleanup(simulated.stop)
            (answer,) = hear([self.item()], service, url, Store(self.folder / "kept.jsonl"))
            asked.append((simulated.asked, answer.kept))
        self.assertEqual(asked, [(1, False), (0, True)])

    def test_of_a_long_script_a_request_takes_the_line_that_is_meant_and_some_others(self) -> None:
        script = [f"line {n}" for n in range(1303)]
        among = expected_of("line 777", script)
        self.assertLessEqual(len(among), MOST_EXPECTED)
        self.assertIn("line 777", among)
        self.assertGreater(len(among), 200)
        self.assertEqual(expected_of("line 3", script[:9]), tuple(script[:9]))

    def test_whatever_is_sent_it_answers_a_thousand_times(self) -> None:
        fuzz(self, 1000, 5)


def fuzz(case: unittest.TestCase, count: int, seed: int) -> None:
    """So many requests that were damaged at random: each is answered with JSON and a status that says something."""
    dice = random.Random(seed)
    client = Client(Simulated(hears).app)
    good = json.dumps({**stated(flac(seconds=0.02)), "language": "en", "expected": ["a"], "partial": False}).encode()
    for n in range(count):
        body = bytearray(good)
        for _ in range(dice.randrange(1, 6)):
            at = dice.randrange(len(body))
            kind = dice.randrange(4)
            if kind == 0:
                body[at] = dice.randrange(256)
            elif kind == 1:
                del body[at : at + dice.randrange(1, 60)]
            elif kind == 2:
                body[at:at] = dice.choice(
                    [
                        b'"',
                        b"{",
                        b"[1e999]",
                        b"null",
                        b"\\u0000",
                        b"-1",
                        b'{"items": [',
                        base64.b64encode(b"OggS" * 9),
                    ]
                )
            else:
                body = bytearray(json.dumps({**json.loads(good), dice.choice(["sound", "encoding", "sample_rate", "channels", "expected", "items", "partial"]): dice.choice([None, -1, 1e300, "x", [], {}, [[]], [{}] * 3, True])}).encode())  # fmt: skip
        result = client.post("/hear", data=bytes(body))
        case.assertIn(result.status_code, (200, 400, 413, 422), f"request {n} of seed {seed}")
        json.loads(result.data.splitlines()[-1])


class TestEngines(unittest.TestCase):
    def test_there_is_none_for_french_until_somebody_adds_one(self) -> None:
        with self.assertRaisesRegex(KittiwakeError, "There is no engine for fr"):
            engines.engine_for("fr-CA")
        self.assertEqual("sphinx", engines.engine_for("en_GB").key)
        french = engines.Engine(
            "own", "Own", ("fr",), lambda language, lines: mock.Mock(hear=lambda *_: Transcript("bonjour"))
        )
        with mock.patch.dict(engines.engine.ENGINES, {"own": french}):
            self.assertEqual("own", engines.engine_for("fr").key)
            self.assertEqual(
                "bonjour", hear_in_worker(("fr", (), np.zeros(9, np.float32), 16_000, False), lambda _: None).text
            )

    def test_words_that_people_spoke_are_heard_with_their_times_by_helpers(self) -> None:
        files = [REAL / "Front_Center.wav", REAL / "Rear_Left.wav"]
        if not files[0].exists():
            self.skipTest("alsa-utils is not on this machine")
        hearers = own_engines()
        self.addCleanup(hearers.close)
        sound, rate = soundfile.read(files[0], dtype="float32")
        parts: list[str] = []
        heard = hearers.hear(sound, rate, "en", (), parts.append)
        self.assertIn("center", heard.text)
        self.assertTrue(parts)
        self.assertEqual(heard.text.split(), [one.word for one in heard.words])
        self.assertTrue(all(0 <= one.start < one.end <= len(sound) / rate for one in heard.words))
        sound, rate = soundfile.read(files[1], dtype="float32")
        self.assertEqual("rear left", hearers.hear(sound, rate, "en", ("front center", "rear left")).text)
