"""A service that listens: what it is told must be true; nothing is lost, and nothing is asked twice."""

from __future__ import annotations

import base64
import io
import json
import os
import random
import socket
import subprocess
import unittest
import urllib.error
import urllib.request
from collections import Counter
from typing import Any
from unittest import mock

import jiwer
import numpy as np
import soundfile
from click.testing import CliRunner
from hypothesis import given
from hypothesis import strategies as st

from kittiwake.bundled.services.core import simulated
from kittiwake.bundled.services.core.ask import Answer, Store, ToAsk, as_command, hear, request_of
from kittiwake.bundled.services.core.costs import Meant, codec_costs
from kittiwake.bundled.services.core.simulated import Simulated
from kittiwake.cli.main import cli
from kittiwake.core.errors import KittiwakeError, RulesError
from kittiwake.core.make.compare import candidates
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.model.receiver_file import parse_receiver, to_toml
from kittiwake.core.model.service import Service
from kittiwake.work.script.score import alike, score
from tests.sounds import FolderCase, spoken


def flac(rate: int = 16_000, seconds: float = 0.1, channels: int = 1, form: str = "FLAC", seed: int = 1) -> bytes:
    out = io.BytesIO()
    sound = 0.1 * np.random.default_rng(seed).standard_normal((round(rate * seconds), channels))
    soundfile.write(out, sound, rate, format=form, subtype="PCM_16")
    return out.getvalue()


def post(url: str, body: object, headers: dict[str, str] | None = None) -> tuple[int, dict[str, Any]]:
    data = body if isinstance(body, bytes) else json.dumps(body).encode()
    try:
        with urllib.request.urlopen(
            urllib.request.Request(url, data, headers or {}, method="POST"), timeout=10
        ) as result:
            return result.status, json.loads(result.read())
    except urllib.error.HTTPError as error:
        return error.code, json.loads(error.read() or b"{}")


def stated(data: bytes, encoding: str = "flac", rate: int = 16_000, **more: object) -> dict[str, object]:
    return {"sound": base64.b64encode(data).decode(), "encoding": encoding, "sample_rate": rate, **more}


class ServiceCase(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.service = Simulated(lambda sound, rate, *_: (f"{len(sound)} frames", 0.5))
        self.url = self.service.start()
        self.addCleanup(self.service.stop)

    def files(self, count: int) -> list[ToAsk]:
        out = []
        for n in range(count):
            path = self.folder / f"{n:03}.flac"
            path.write_bytes(flac(seconds=0.02, seed=n))
            out.append(ToAsk(path, path.stem, "en"))
        return out


class TestCosts(FolderCase):
    def test_a_codec_after_which_half_of_the_words_are_heard(self) -> None:
        heard = iter(("open a gate slowly", "close a gate slowly", "open the gate slowly"))
        service = Simulated(lambda *_: (next(heard), 0.5))
        url = service.start()
        self.addCleanup(service.stop)
        path = self.write("gate.wav", spoken(16_000), 16_000)
        clips = [
            Meant(Clip.whole(path), analyze(path), "Open the gate slowly."),
            Meant(Clip.whole(path), analyze(path), " "),
        ]
        law, wide = (next(one for one in candidates() if one.name == name)
                     for name in ("WAV, µ-law, 8 kHz", "headerless G.722, 16 kHz"))  # fmt: skip
        found = list(codec_costs(clips, Service(), url, Store(None), self.folder, (law, wide)))
        self.assertEqual([(one.words_wrong, one.more, one.words, one.unanswered) for one in found],
                         [(0.25, 0.0, 4, 0), (0.5, 0.25, 4, 0), (0.0, -0.25, 4, 0)])  # fmt: skip
        for one, kbit_s in zip(found, (0, 64, 64), strict=True):
            self.assertAlmostEqual(one.kbit_s, kbit_s, delta=0.3)  # the header counts too
        with self.assertRaisesRegex(KittiwakeError, "No clip has a text"):
            list(codec_costs(clips[1:], Service(), url, Store(None), self.folder, (law,)))


class TestSimulated(ServiceCase):
    def test_which_statement_is_false_is_said(self) -> None:
        good = flac()
        self.assertEqual(
            post(self.url, stated(good)), (200, {"text": "1600 frames", "confidence": 0.5, "seconds": 0.1})
        )
        for body, status, expected in (
            (stated(good, "linear16"), 422, "encoding says linear16, and the sound is flac"), (stated(good, "wav"), 422, "encoding says wav"),
            (stated(flac(form="WAV"), "flac"), 422, "the sound is wav"), (stated(good, rate=8000), 422, "sample_rate says 8000, and the sound is 16000 Hz"),
            (stated(good, rate=12_345), 422, "none of"), (stated(flac(channels=2)), 422, "the sound has 2"), (stated(good, channels=2), 422, "channels says 2"),
            (stated(good[:200]), 422, "cannot be read"), (stated(b"ID3 nothing", "mp3"), 422, "does not know"), (stated(flac(seconds=61)), 413, "60 s"),
            ({"sound": "!", "encoding": "flac", "sample_rate": 16_000}, 400, "Base64"), (b"nonsense", 400, "JSON"), ([], 400, "JSON"), ({}, 400, "sound"),
        ):  # fmt: skip
            with self.subTest(expected):
                result = post(self.url, body)
                self.assertEqual(result[0], status)
                self.assertIn(expected, result[1]["error"])
        self.service.key = "secret"
        self.assertEqual(post(self.url, stated(good))[0], 401)
        self.assertEqual(post(self.url, stated(good), {"X-Key": "secret"})[0], 200)

    def test_more_than_it_takes_is_refused_as_such(self) -> None:
        with mock.patch.object(simulated, "MOST_BYTES", 500):
            result = post(self.url, b"x" * 1001)
            self.assertEqual((result[0], result[1]["error"]), (413, "over 1,000 bytes"))
            self.assertEqual(post(self.url, b"x" * 1000)[0], 400)

    @given(st.one_of(st.binary(max_size=300), st.recursive(st.none() | st.integers() | st.text(), lambda inner: st.dictionaries(st.sampled_from(["sound", "encoding", "sample_rate", "channels"]), inner)).map(lambda one: json.dumps(one).encode())))  # fmt: skip
    def test_whatever_is_sent_it_answers(self, body: bytes) -> None:
        service = Simulated(lambda sound, rate, *_: ("", 0.0))
        from werkzeug.test import Client

        result = Client(service.app).post("/hear", data=body)
        self.assertIn(result.status_code, (400, 413, 422))
        self.assertTrue(json.loads(result.data)["error"])

    def test_nobody_else_reaches_it(self) -> None:
        port = int(self.url.split(":")[2].split("/")[0])
        others = {info[4][0] for info in socket.getaddrinfo(socket.gethostname(), None)} - {"127.0.0.1", "::1"}
        for address in [*others, "::1"]:
            family = socket.AF_INET6 if ":" in str(address) else socket.AF_INET
            with socket.socket(family, socket.SOCK_STREAM) as one, self.assertRaises(OSError):
                one.settimeout(1)
                one.connect((address, port))


class TestAsking(ServiceCase):
    def test_five_hundred_with_failures_and_a_restart_none_lost_and_none_twice(self) -> None:
        items = self.files(500)
        dice = random.Random(3)
        heard: Counter[int] = Counter()
        store = Store(self.folder / "answers.jsonl")

        def ear(sound: np.ndarray, rate: int, *_: object) -> tuple[str, float]:
            heard[hash(sound.tobytes())] += 1
            return "said", 1.0

        service = Simulated(
            ear, failures=[dice.choice([429, 500, 503, 0]) if dice.random() < 0.1 else None for _ in range(500)]
        )
        port = int(service.start().split(":")[2].split("/")[0])
        url = f"http://127.0.0.1:{port}/hear"
        rules = Service(parallel=8, retries=8)
        got: list[Answer] = []
        for answer in hear(items[:250], rules, url, store, pause=lambda _: None):
            got.append(answer)
        service.stop()
        again = Simulated(ear, failures=[500, 429, 500])
        waits: list[float] = []

        def pause(seconds: float) -> None:
            # The service comes back while somebody waits for it.
            waits.append(seconds)
            if len(waits) == 3:
                again.start(port)

        self.addCleanup(again.stop)
        got += list(
            hear(items, Service(parallel=1, retries=8), url, Store(self.folder / "answers.jsonl"), pause=pause)
        )
        self.assertEqual(Counter(answer.error for answer in got), {"": 750})
        self.assertEqual((len(heard), set(heard.values())), (500, {1}), "each was heard once")
        self.assertEqual(sum(answer.kept for answer in got), 250)
        self.assertEqual({answer.name for answer in got}, {item.name for item in items})

    def test_what_cannot_be_mended_is_not_asked_again(self) -> None:
        (item,) = self.files(1)
        self.service.failures = [401]
        (answer,) = hear([item], Service(), self.url, Store(None))
        self.assertEqual((answer.error, answer.tries), ("The service answers 401: told to fail.", 1))
        (answer,) = hear([item], Service(text="/nowhere"), self.url, Store(None))
        self.assertIn("no text at /nowhere", answer.error)
        gone = ToAsk(self.folder / "gone.flac", "gone")
        self.assertIn("cannot be read", next(iter(hear([gone], Service(), self.url, Store(None)))).error)
        self.service.stop()
        (answer,) = hear([item], Service(retries=1), self.url, Store(None), pause=lambda _: None)
        self.assertIn("cannot be reached", answer.error)

    def test_it_waits_as_long_as_it_is_told(self) -> None:
        (item,) = self.files(1)
        self.service.failures = [429, 500, 500]
        waits: list[float] = []
        (answer,) = hear([item], Service(), self.url, Store(None), pause=waits.append)
        self.assertEqual((answer.text, answer.tries, waits), ("320 frames", 4, [0.0, 0.5, 1.0]))

    def test_the_key_is_in_the_request_and_nowhere_else(self) -> None:
        (item,) = self.files(1)
        self.service.key = "s3cret"
        rules = Service(key_from="KITTIWAKE_TEST_KEY", headers=(("X-Key", "{key}"),))
        with self.assertRaisesRegex(KittiwakeError, "no key in KITTIWAKE_TEST_KEY"):
            list(hear([item], rules, self.url, Store(None)))
        store = self.folder / "a.jsonl"
        with mock.patch.dict(os.environ, {"KITTIWAKE_TEST_KEY": "s3cret"}):
            (answer,) = hear([item], rules, self.url, Store(store))
        self.assertEqual(answer.text, "320 frames")
        self.assertNotIn("s3cret", store.read_text())
        shown = request_of(item, rules, self.url, "s3cret").shown
        self.assertNotIn("s3cret", shown)
        self.assertIn('"encoding": "flac", "sample_rate": 16000', shown)
        self.assertIn("characters)", shown)
        command = as_command(item, rules, self.url)
        # A shell sends the same with it: what stands in for curl notes what it gets. The key is not among the words that it is started with.
        (self.folder / "bin").mkdir()
        curl = self.folder / "bin" / "curl"
        curl.write_text(
            f"#!/bin/sh\ncat > '{self.folder}/sent'\ncat /dev/fd/3 > '{self.folder}/options'\nprintf '%s\\n' \"$@\"\n"
        )
        curl.chmod(0o755)
        paths = f"{curl.parent}:{os.environ['PATH']}"
        reported = subprocess.run(
            ["sh", "-c", command],
            capture_output=True,
            text=True,
            check=True,
            env={"PATH": paths, "KITTIWAKE_TEST_KEY": "s3cret"},
        )
        meant = request_of(item, rules, self.url, "s3cret")
        self.assertEqual(meant.body, (self.folder / "sent").read_bytes())
        self.assertNotIn("s3cret", reported.stdout)
        self.assertEqual((self.folder / "options").read_text(), 'header = "X-Key: s3cret"\n')
        self.assertIn(self.url, reported.stdout.splitlines())

    def test_any_service_by_its_description(self) -> None:
        """Where text is deep in the answer, and the body is the sound itself."""
        (item,) = self.files(1)
        rules = Service(url="http://127.0.0.1:1/x", body="{sound}", headers=(("X-Rate", "{rate}"),))
        request = request_of(item, rules, rules.url)
        self.assertEqual((request.body, request.headers["X-Rate"]), (item.path.read_bytes(), "16000"))
        receiver = load_receiver("speech-service")
        mine = receiver.changed(slug="mine", service=Service(url="https://x.test/a?l={language}", text="/r/0/alt~1a", headers=(("A", "{key}"),), key_from="K"))  # fmt: skip
        self.assertEqual(parse_receiver(to_toml(mine), "x"), mine)
        for wrong in (
            {"url": "ftp://x"},
            {"body": "{}"},
            {"body": "{sound}{tone}"},
            {"text": "text"},
            {"parallel": 0},
        ):
            with self.subTest(wrong), self.assertRaises((RulesError, ValueError)):
                Service.read(wrong)

    def test_in_a_terminal(self) -> None:
        self.files(2)
        script = self.folder / "s.csv"
        script.write_text("name,text\n000,320 frames\n001,320 boats\n")
        receiver = load_receiver("speech-service")
        path = self.folder / "mine.toml"
        path.write_text(to_toml(receiver.changed(slug="mine", service=Service(url=self.url))))
        words = [
            "hear",
            "--for",
            str(path),
            "--texts",
            str(script),
            "--kept",
            str(self.folder / "k.jsonl"),
            str(self.folder),
        ]
        done = CliRunner().invoke(cli, words)
        self.assertEqual(done.exit_code, 0, done.output)
        self.assertIn("000: “320 frames”  right", done.output)
        self.assertIn("001: “320 frames”  20 % of words wrong, meant “320 boats”", done.output)
        rows = [json.loads(line) for line in CliRunner().invoke(cli, [*words, "--json"]).stdout.splitlines()]
        self.assertEqual(
            [(row["kept"], row["word_error_rate"]) for row in sorted(rows, key=lambda row: row["name"])],
            [(True, 0.0), (True, 0.2)],
        )
        self.assertEqual(self.service.asked, 2)


def distance(one: list[str], two: list[str]) -> int:
    """Edit distance, by the textbook."""
    row = list(range(len(two) + 1))
    for i, left in enumerate(one, 1):
        before, row[0] = row[0], i
        for j, right in enumerate(two, 1):
            before, row[j] = row[j], min(row[j] + 1, row[j - 1] + 1, before + (left != right))
    return row[-1]


class TestScore(unittest.TestCase):
    @given(st.lists(st.sampled_from(["boat", "berth", "quay", "is", "open", "the"]), min_size=1, max_size=12), st.lists(st.sampled_from(["boat", "berth", "quay", "is", "open", "the"]), max_size=12))  # fmt: skip
    def test_rates_are_those_of_the_edit_distance(self, meant: list[str], heard: list[str]) -> None:
        found = score(" ".join(meant), " ".join(heard))
        self.assertAlmostEqual(found.words, distance(meant, heard) / len(meant), 12)
        self.assertAlmostEqual(
            found.characters, distance(list(" ".join(meant)), list(" ".join(heard))) / len(" ".join(meant)), 12
        )
        self.assertEqual([word for _, words, _ in found.differences for word in words.split()], meant)
        self.assertEqual([word for _, _, words in found.differences for word in words.split()], heard)

    def test_on_a_thousand_pairs_they_are_those_of_the_library(self) -> None:
        dice = random.Random(4)
        words = ["boat", "berth", "quay", "is", "open", "the", "late", "harbour", "gate", "two"]
        for _ in range(1000):
            meant = dice.choices(words, k=dice.randrange(1, 14))
            heard = [dice.choice(words) if dice.random() < 0.3 else word for word in meant if dice.random() > 0.1]
            found = score(" ".join(meant), " ".join(heard))
            self.assertEqual(found.words, jiwer.wer(" ".join(meant), " ".join(heard)))
            self.assertEqual(found.characters, jiwer.cer(" ".join(meant), " ".join(heard)))

    def test_texts_are_made_alike_openly(self) -> None:
        self.assertEqual(alike("The 12 Boats — don’t wait!"), "the twelve boats don't wait")
        self.assertEqual(alike("21 Schiffe", "de"), "einundzwanzig schiffe")
        self.assertEqual(score("", "").words, 0.0)
        self.assertEqual(score("", "boo").words, 1.0)
        self.assertEqual(score("Berth 2.", "berth two").words, 0.0)
