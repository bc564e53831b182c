"""Answers, sums and requests, held as a table."""

from __future__ import annotations

from typing import Any

from kittiwake.bundled.services.core.answers import Answer, Store, at_pointer, error_of, reply_of, retry_after
from kittiwake.bundled.services.core.costs import CodecCost, bars
from kittiwake.bundled.services.core.listed import as_csv, as_jsonl, listed, sum_of, sums
from kittiwake.bundled.services.core.request import ToAsk, as_command, request_of
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model import Stated, load_receiver
from tests.approved import approve
from tests.sounds import DEMO, FolderCase


class TestApproved(FolderCase):
    def test_lists(self) -> None:
        answers = (
            (Answer("a", "1" * 64, "welcome aboard", 0.9, seconds=0.5, sound_seconds=2.0, sent="FLAC, 16 kHz"), "Welcome aboard", "en", "Ann"), (Answer("b", "2" * 64, "the deck is closed", 0.4, seconds=1.5, sound_seconds=1.0, tries=3), "Deck three is closed", "en", "Bob"),
            (Answer("c", "3" * 64, error="429"), "Departs at ten", "fr", ""), (Answer("d", "4" * 64, "départ à dix heures", None, kept=True, seconds=9, sound_seconds=3), "Départ à quinze heures", "fr", "Ann"), (Answer("e", "5" * 64, "something", 0.2), "", "", "Cy"), (Answer("f", "6" * 64, "", 0.99, words=(("x", 0.1, 0.4),)), "said nothing", "en", "Bob"),
        )  # fmt: skip
        sample = [listed(*one) for one in answers]
        found: dict[str, Any] = {
            "doubt": [one.doubt for one in sample],
            "rows": [one.to_dict() for one in sample],
            "jsonl": as_jsonl(sample).decode(),
            "csv": as_csv(sample).decode(),
            "empty": [as_csv([]).decode(), sum_of("x", []).sentence],
        }
        for by in ("language", "speaker"):
            found[by] = [
                [one.name, one.clips, one.unanswered, one.words, one.words_wrong, one.sentence]
                for one in sums(sample, by)
            ]
        found["one group"] = sums(sample[:2], "language")
        whole = sum_of("all", sample)
        found["all"] = [whole.clips, whole.unanswered, whole.words, whole.words_wrong, whole.sentence]
        found["bars"] = [
            bars(
                [
                    CodecCost("as it is", 0.05, 0.0, 0.0, 100),
                    CodecCost("µ-law & co", 0.15, 0.10, 64.0, 100, 2),
                    CodecCost("GSM", 0.0, -0.05, 13.0, 100),
                ]
            ),
            bars([CodecCost("one", 0.0, 0.0, 8.0, 3)]),
        ]
        approve(self, "listed", found)

    def test_answers(self) -> None:
        service = load_receiver("speech-service").service
        assert service is not None
        found: dict[str, Any] = {"service": service.to_data()}
        for n, answer in enumerate(
            (
                {},
                {"text": "hi"},
                {"text": "hi", "confidence": 0.5},
                {"text": 3},
                {"text": "hi", "confidence": "high"},
                {"text": "hi", "words": [{"word": "hi", "start": 0.1, "end": 0.4}]},
                {"text": "hi", "words": [3]},
                [],
                "text",
                None,
                {"results": [{"text": "x"}]},
            )
        ):
            try:
                found[f"reply {n}"] = str(reply_of(answer, service))
            except (KittiwakeError, ValueError, KeyError, TypeError) as error:
                found[f"reply {n}"] = f"{type(error).__name__}: {error}"
        for data in (
            b'{"error": "no key"}',
            b'{"error": {"message": "too much"}}',
            b"<html>no</html>",
            b"",
            b"\xff\xfe",
            b"[1]",
        ):
            found[f"error {data!r}"] = error_of(data, service)
        for text in (None, "", "3", "0", "-1", "x", "1.5", "99999", "Fri, 31 Dec 1999 23:59:59 GMT"):
            found[f"retry {text}"] = retry_after(text)
        for pointer in ("", "/a", "/a/0/b", "/a/1", "/x", "/a/x", "a", "/c~1d", "/e~0f"):
            try:
                found[f"pointer {pointer}"] = at_pointer({"a": [{"b": 3}], "c/d": 4, "e~f": 5}, pointer)
            except LookupError:
                found[f"pointer {pointer}"] = "nothing"
        store = Store(self.folder / "kept.jsonl")
        store.put("asked", Answer("a", "1" * 64, "text", 0.5, words=(("x", 0.0, 1.0),)))
        store.put("failed", Answer("b", "2" * 64, error="no"))
        again = Store(self.folder / "kept.jsonl")
        (self.folder / "kept.jsonl").write_text((self.folder / "kept.jsonl").read_text("utf-8") + "odd\n", "utf-8")
        found["kept"] = [
            again.get("asked"),
            again.get("failed"),
            again.get("other"),
            Store(self.folder / "kept.jsonl").get("asked"),
            Store(None).get("x"),
        ]
        approve(self, "answers", found)

    def test_requests(self) -> None:
        found: dict[str, Any] = {}
        service = load_receiver("speech-service").service
        assert service is not None
        (self.folder / "a.ul").write_bytes(bytes(range(256)) * 8)
        items = [
            ToAsk(DEMO / "Opening hours.flac", "hours", "en"),
            ToAsk(DEMO / "Hold the line.wav", "hold", "", expected=("Please hold",)),
            ToAsk(DEMO / "Lost property.opus", "lost", "en-GB"),
            ToAsk(self.folder / "a.ul", "raw", "de", Stated("ulaw", 8000)),
            ToAsk(self.folder / "none.wav", "none"),
        ]
        for item in items:
            try:
                got = request_of(item, service, "http://127.0.0.1:9/v1", "secret")
                found[item.name] = [
                    got.url,
                    got.method,
                    got.headers,
                    len(got.body),
                    got.shown[:600],
                    got.sent,
                    got.sound_seconds,
                ]
                found[f"{item.name} as a command"] = (
                    as_command(item, service, "http://127.0.0.1:9/v1")
                    .replace(str(self.folder), "")
                    .replace(str(DEMO), "")
                )
            except KittiwakeError as error:
                found[item.name] = str(error).replace(str(self.folder), "")
        approve(self, "requests", found)
