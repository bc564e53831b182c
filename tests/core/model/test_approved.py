"""How figures are written, what files of people may say, and what is said where they do not, held as tables."""

from __future__ import annotations

import dataclasses
import datetime
import json
from pathlib import Path
from typing import Any

import numpy as np

from kittiwake.core.disk.text import printable, to_json
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model import (
    Clip,
    Job,
    Stated,
    TouchUp,
    load_receiver,
    shipped_receivers,
    units,
)
from kittiwake.core.model.downmix import mixed, shares
from kittiwake.core.model.find_receiver import receiver_text
from kittiwake.core.model.job import load_job, save_job
from kittiwake.core.model.name_rules import _WIDEST
from kittiwake.core.model.receiver import Accepts, Delivery
from kittiwake.core.model.receiver_file import parse_receiver, to_toml
from kittiwake.core.model.rights import Rights
from kittiwake.core.model.script import Respelling, Script, ScriptLine
from kittiwake.core.model.span import Cut, Span
from tests.approved import approve
from tests.sounds import FolderCase

GOOD = 'slug = "x"\nname = "X"\n[rules]\naccepts = [{container = "wav", encoding = "ulaw", sample_rates = [8000]}]\n'


def said(work: Any, *given: Any) -> Any:
    """What comes of it, or what it says is wrong."""
    try:
        return work(*given)
    except (KittiwakeError, ValueError, TypeError) as error:
        return f"{type(error).__name__}: {error}"


class TestApproved(FolderCase):
    def test_figures(self) -> None:
        """Long, being a table of cases."""
        found: dict[str, Any] = {}
        for value in (
            None,
            float("-inf"),
            -120.04,
            -80.0,
            -26.04,
            -0.05,
            -0.0,
            0.0,
            0.04,
            3.14159,
            99.96,
            float("nan"),
        ):
            found[f"db {value}"] = [units.format_db(value), units.format_db(value, "dBov")]
        for value in (
            None,
            0,
            1,
            999,
            999.5,
            1000,
            3400,
            7999,
            8000,
            11_025,
            22_050,
            44_100,
            96_000,
            192_000,
            768_000,
        ):
            found[f"hz {value}"] = [units.format_hz(value), units.format_bandwidth(value or 0)]
        for value in (
            None,
            0,
            1,
            999,
            1000,
            9999,
            10_000,
            99_999,
            100_000,
            199_999,
            200_000,
            999_999,
            1_000_000,
            2_500_000,
            10**9,
            10**12,
        ):
            found[f"bytes {value}"] = [
                units.format_bytes(value),
                units.format_limit(value or 0),
                units.is_under(value or 0),
            ]
        for value in (None, 0.0, 0.0004, 0.05, 0.999, 1.0, 9.996, 59.994, 60.0, 61.5, 599.99, 3599.9, 3600, 86_400.5):
            found[f"seconds {value}"] = units.format_seconds(value)
        for text in (
            "200 kB",
            "under 200 kB",
            "1 MiB",
            "1.5 MB",
            "0.2MB",
            "12",
            12,
            "9 GB",
            "x",
            "",
            "-3 kB",
            "3 kb",
            "under 1",
            "2 KiB",
            "under 2 KiB",
            "1e3",
            "1,5 MB",
            True,
            0,
        ):
            found[f"size {text!r}"] = said(units.parse_size, text)
        for amplitude in (0.0, 1e-9, 0.5, 1.0, 2.0):
            found[f"amplitude {amplitude}"] = [units.db(amplitude), units.ratio(amplitude)]
        for key in (
            ("wav", "ulaw"),
            ("wav", "pcm_s16"),
            ("raw", "alaw"),
            ("ogg", "opus"),
            ("mp3", "mp3"),
            ("", "gsm"),
            ("x", "y"),
            ("aiff", "pcm_s24"),
            ("raw", "g726_32le"),
        ):
            found[f"kind {key}"] = [units.format_kind(*key), units.format_headerless(key[1])]
        for text in ("plain", "tab\there", "bell\a", "é", "\u202eback", "new\nline", "\udcff"):
            found[f"printable {text!r}"] = [
                printable(text).encode("utf-8", "replace").decode(),
                printable(text, "\n").encode("utf-8", "replace").decode(),
            ]
        found["json"] = [to_json({"a": "é", "b": "\udcff", "c": 1.5}), to_json([1], 1)]
        for channels in range(1, 9):
            found[f"mix {channels}"] = [
                shares(channels, 1)[0],
                mixed(np.eye(channels, dtype=np.float32)[:, : min(4, channels)]),
            ]
        approve(self, "units", found)

    def test_receivers(self) -> None:
        """Long, being a table of cases."""
        found: dict[str, Any] = {
            slug: [to_toml(one), receiver_text(slug) == to_toml(one)]
            for slug, one in list(shipped_receivers().items())[::4]
        }
        wrong = (
            "max_bytes = -1", "max_bytes = '3 boats'", "max_seconds = 0", "min_seconds = 9\nmax_seconds = 3", "advised_seconds = 9\nmax_seconds = 3", "advised_seconds = 0.01\nmin_seconds = 1", "total_bytes = 3\nmax_bytes = 9", "min_level_dbov = -20\nmax_level_dbov = -30", "min_level_dbov = 3", "max_secs = 3", "max_seconds = true", "max_seconds = 'a'",
        )  # fmt: skip
        for text in wrong:
            found[f"limits {text}"] = said(parse_receiver, f"{GOOD}[rules.limits]\n{text}\n", "x.toml")
        for text in (
            "side = 'up'",
            "band = 'wide'",
            "limiter_db = 13",
            "presence_db = -1",
            "loop_seconds = 1\nlead_seconds = 1",
            "ceiling_dbfs = 1",
            "high_pass_hz = 5",
            "level = {measure = 'peak', target_dbfs = 0.0}",
            "level = {measure = 'active', target_lufs = -20}",
            "level = {measure = 'loudness', together = true}",
            "level = 3",
            "dither = 'rect'",
            "trim_lead_seconds = 9",
            "max_speed_up = 0.6",
            "lead_seconds = 11",
        ):
            found[f"treatment {text}"] = said(parse_receiver, f"{GOOD}[treatment]\n{text}\n", "x.toml")
        for text in (
            "pattern = ''",
            "pattern = '{nam}'",
            "allowed = ']['",
            "allowed = 'a-'",
            "case = 'title'",
            "max_length = 0",
            "max_length = 500",
            "replace_with = '/'",
            "extension = 'x/y'",
            "extension = '.ul'",
            "pattern = '{counter:04}'",
            f"pattern = '{{counter:0{_WIDEST}}}'",
            f"pattern = '{{counter:0{_WIDEST + 1}}}'",
            "allowed = 'a-z'\nreplace_with = '_'",
        ):
            found[f"names {text}"] = [str(said(parse_receiver, f"{GOOD}[rules.names]\n{text}\n", "x.toml"))[:400]]
        for text in (
            "folder = '../x'",
            "folder = '/x'",
            "form = 'ZIP'",
            "names = 'x'",
            "names = '{name}{'",
            "names = '{nme}'",
            "names = '../{name}'",
            "manifest = 'xml'",
            "pause_seconds = 11",
            "folder = 'a/b'",
        ):
            found[f"delivery {text}"] = [str(said(parse_receiver, f"{GOOD}[delivery]\n{text}\n", "x.toml"))[:300]]
        for text in (
            "",
            "x",
            "slug = 'x'",
            GOOD.replace("ulaw", "ulow"),
            GOOD.replace("8000", "'8k'"),
            GOOD.replace("[8000]", "[]"),
            GOOD.replace('"x"', '"X y"'),
            GOOD + "version = 2",
            GOOD.replace("sample_rates = [8000]", "max_sample_rate = 900"),
            GOOD.replace("sample_rates = [8000]", "sample_rates = [16000], max_sample_rate = 8000"),
            "[" * 50,
            "\ufeff" + GOOD,
            GOOD + "[[more]]\n",
            GOOD.replace("[rules]", "[rules]\nchannels = 3"),
        ):
            found[f"text {text[:90]}"] = [str(said(parse_receiver, text, "x.toml"))[:400]]
        for which in ("phone-men", "no.toml", "x\0", "menu", ""):
            found[f"load {which!r}"] = str(said(load_receiver, which))
        for accepts in (
            Accepts(container="wav", encoding="ulaw", sample_rates=(8000, 16_000, 44_100)),
            Accepts(container="wav", encoding="ulaw", max_sample_rate=16_000),
        ):
            found[f"rates {accepts.max_sample_rate}"] = [
                [accepts.takes_rate(r), accepts.rate_for(r)] for r in (7999, 8000, 8001, 16_000, 22_050, 48_000)
            ]
        found["delivery"] = dataclasses.astuple(Delivery())
        approve(self, "receivers", found)

    def test_jobs(self) -> None:
        """Long, being a table of cases."""
        clip = Clip(
            Path("/in/a.wav"),
            "a",
            10,
            900,
            TouchUp(speed=1.2, without=((1, 5),), accepted=("silent",), more=(("again", 2.0),)),
            {"phone-menu": TouchUp(gain_db=3)},
            "Text",
            "Ann",
            "en",
            "alert",
            Rights("x", "y", until="2999-01-01"),
            ("phone-menu",),
            "id1",
        )
        job = Job(
            name="J",
            clips=(clip,),
            stated={Path("/in/a.wav"): Stated("ulaw", 8000)},
            cuts={Path("/in/a.wav"): Cut(spans=(Span(1, 5, "n", id="s"),))},
            script=Script(lines=(ScriptLine("n", "t", id="l"),), respellings=(Respelling("St", "Saint"),)),
        )
        path = self.folder / "j.kittiwake"
        save_job(job, path)
        data = json.loads(path.read_text("utf-8"))
        found: dict[str, Any] = {"saved": path.read_text("utf-8").replace(str(self.folder), "")}
        self.assertEqual(load_job(path), job)
        breaks: tuple[tuple[str, Any], ...] = (
            ("kittiwake", 99), ("kittiwake", "1"), ("clips", 3), ("clips", [3]), ("clips", [{}]), ("name", 3), ("receivers", "x"), ("receivers", ["nobody"]), ("stated", []), ("cuts", 3), ("cuts", [3]), ("script", 3), ("output", 3), ("own", 3), ("made", 3), ("placement", "x"), ("phone", 3),
        )  # fmt: skip
        for key, value in breaks:
            path.write_text(json.dumps({**data, key: value}), "utf-8")
            found[f"{key} {value!r}"] = str(said(load_job, path)).replace(str(self.folder), "")[:300]
        touched: tuple[tuple[str, Any], ...] = (
            ("speed", 3), ("speed", "x"), ("pitch", 7), ("side", "up"), ("side", "ch99"), ("side", "ch3"), ("skip", -1), ("keep", 0),
            ("fade_shape", "odd"), ("without", [[5, 1]]), ("without", [1]), ("more", [["a"]]), ("loop", 11), ("true_rate", 3), ("gain_db", 61), ("limiter_db", 13),
            ("accepted", "x"), ("untreated", 1), ("remove_dc", "no"), ("form", 3), ("nothing", 3), ("more", [["hum", 1e9]]), ("more", [["hum", 1.2e9]]), ("more", [["hum"]]),
        )  # fmt: skip
        for key, value in touched:
            found[f"touch {key} {value!r}"] = str(said(TouchUp.from_dict, {key: value}))
        for kind, work, cases in (
            ("clip", lambda d: Clip.from_dict(d, Path("/x")), ({"id": "", "name": "a"}, {"id": "a", "name": ""}, {"id": "a", "name": "b", "start": -1}, {"id": "a", "name": "b", "start": 5, "stop": 5}, {"id": "a", "name": "b", "at": 3}, {"id": "a", "name": "b", "text": 3}, {"id": "a", "name": "b", "rights": 3}, {"id": "a", "name": "b", "receivers": [3]})),
            ("span", Span.from_dict, ({}, {"start": 1, "stop": 1, "id": "a"}, {"start": 1, "stop": 3, "id": "a", "held": ["side"]}, {"start": 1, "stop": 3, "id": "a", "aside": 3}, {"start": 1, "stop": 3, "id": "a"})),
            ("line", ScriptLine.from_dict, ({}, {"id": "a", "name": "n", "text": "t"}, {"id": "a", "name": 3}, {"id": "a", "name": "n", "text": 3})),
            ("respelling", Respelling.from_list, ([], ["a", "b"], ["a"], 3, ["a", "b", True])),
            ("rights", Rights.from_dict, ({}, {"holder": "x"}, {"until": "tomorrow"}, {"until": "2026-02-30"}, {"holder": 3}, {"until": "2026-12-31"})),
        ):  # fmt: skip
            for case in cases:
                found[f"{kind} {case}"] = str(said(work, case))
        rights = Rights("x", "y", until="2026-06-30")
        found["days"] = [
            rights.are_past(datetime.date(2026, 6, 30)),
            rights.are_past(datetime.date(2026, 7, 1)),
            rights.last_day,
            rights.are_known,
            Rights("x").are_known,
            rights.tags,
        ]
        found["spans"] = [
            clip.span_at("phone-menu", 5000),
            clip.span_at("x", 500),
            clip.frames_of(400),
            clip.frames_of(4000),
            clip.rate_of(8000),
            clip.is_for("x"),
            clip.whole_source,
            clip.changed(touch_up=TouchUp(skip=5, keep=10)).span_at("x", 12),
            clip.changed(stop=None, touch_up=TouchUp(keep=900)).span_at("x", 100),
        ]
        approve(self, "jobs", found)

    def test_stated(self) -> None:
        found: dict[str, Any] = {}
        for text in (
            "ulaw@8000",
            "ulaw@8000x2",
            "ulaw",
            "ulaw@",
            "ulow@8000",
            "ulaw@0",
            "ulaw@8000x0",
            "ulaw@8000x99",
            "pcm_s16le@44100x2",
            "stream:2",
            "g722@8000",
            "gsm@16000",
            "@8000",
            "",
            "ULAW@8k",
            "pcm_f32le@999999",
        ):
            found[f"stated {text}"] = str(said(Stated.parse, text))
        approve(self, "stated", found)
