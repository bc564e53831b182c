"""A corpus from sources to files, list and datasheet."""

from __future__ import annotations

import csv
import hashlib
import json
import subprocess
import tarfile
import tempfile
import unittest
from collections.abc import Iterable
from dataclasses import replace
from pathlib import Path
from unittest import mock

import numpy as np
import soundfile

from kittiwake.bundled.corpus.core.build import Built, Step, build
from kittiwake.bundled.corpus.core.request import CorpusRequest
from kittiwake.bundled.corpus.core.row import Findings, Row
from kittiwake.bundled.corpus.core.rules import rule_of
from kittiwake.bundled.corpus.core.split import shares_of
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model import load_receiver
from kittiwake.core.process import InProcess
from tests.sounds import noise, speech_like

CORPUS = load_receiver("corpus")


class BuildTest(unittest.TestCase):
    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.root = Path(folder.name)
        self.rows: list[Row] = []
        for n in range(8):
            sound = speech_like(22_050, 1.2, seed=n) + noise(22_050, 1.2, -30 if n == 3 else -70, seed=50 + n)
            self.add(f"clip{n}", f"s{n // 2}", sound)

    def add(self, name: str, speaker: str, sound: np.ndarray, rate: int = 22_050) -> None:
        path = self.root / "in" / f"{name}.wav"
        path.parent.mkdir(exist_ok=True)
        soundfile.write(path, sound, rate, subtype="PCM_16")
        self.rows.append(Row(path, name, f"Line {name}", speaker, "en", (("gender", "f"),)))

    def built(self, into: str = "out", rows: Iterable[Row] | None = None, **wish: object) -> Built:
        wishes = CorpusRequest(
            CORPUS, **{"drop": (rule_of("snr >= 15 dB"),), "shares": shares_of("50/25/25"), **wish}
        )  # type: ignore[arg-type]
        *_, last = build(
            self.rows if rows is None else rows, Findings(), wishes, self.root / into, "kittiwake corpus", InProcess()
        )
        assert isinstance(last, Built)
        return last

    def manifest(self, into: str = "out") -> list[dict[str, object]]:
        return [json.loads(line) for line in (self.root / into / "manifest.jsonl").read_text().splitlines()]

    def bytes_of(self, into: str) -> dict[str, str]:
        return {
            path.relative_to(self.root / into).as_posix(): hashlib.sha256(path.read_bytes()).hexdigest()
            for path in sorted((self.root / into).rglob("*"))
            if path.is_file() and not path.name.startswith(".")
        }

    def test_files_list_and_digests_agree_and_no_speaker_is_on_two_sides(self) -> None:
        built = self.built()
        rows = self.manifest()
        self.assertEqual({"clip0", "clip1", "clip2", "clip4", "clip5", "clip6", "clip7"}, {row["id"] for row in rows})
        self.assertEqual(1, built.judged.costs["snr ≥ 15 dB"].clips)
        self.assertAlmostEqual(1.2, built.judged.costs["snr ≥ 15 dB"].seconds, places=2)
        sides: dict[object, set[object]] = {}
        for row in rows:
            sides.setdefault(row["speaker"], set()).add(row["split"])
            info = soundfile.info(self.root / "out" / str(row["file"]))
            self.assertEqual((16_000, 1), (info.samplerate, info.channels))
            self.assertAlmostEqual(info.duration, float(str(row["seconds"])), places=3)
        self.assertTrue(all(len(found) == 1 for found in sides.values()))
        with (self.root / "out" / "manifest.csv").open(newline="") as file:
            self.assertEqual([row["id"] for row in rows], [row["id"] for row in csv.DictReader(file)])
        # The digests are read by another program (GNU coreutils).
        subprocess.run(["sha256sum", "--check", "--quiet", "SHA256SUMS"], cwd=self.root / "out", check=True)
        sheet = (self.root / "out" / "datasheet.md").read_text()
        for expected in ("7 clips", "snr ≥ 15 dB | leaves out | 1 |", "kittiwake corpus", "seed `1`"):
            self.assertIn(expected, sheet)

    def test_the_same_bytes_anywhere_and_nothing_twice(self) -> None:
        self.built("one", shard_bytes=100_000)
        self.built("two", rows=reversed(self.rows), shard_bytes=100_000)
        self.assertEqual(self.bytes_of("one"), self.bytes_of("two"))
        before = {
            path: path.stat().st_mtime_ns
            for path in (self.root / "one").rglob("*.*")
            if path.is_file() and "sqlite" not in path.name
        }
        steps = [step for step in build(self.rows, Findings(), CorpusRequest(CORPUS, (rule_of("snr >= 15 dB"),), shares=shares_of("50/25/25"), shard_bytes=100_000), self.root / "one", "kittiwake corpus", InProcess()) if isinstance(step, Step)]  # fmt: skip
        self.assertEqual(0, max(step.done for step in steps if step.name == "made"), "nothing is made again")
        self.assertEqual(before, {path: path.stat().st_mtime_ns for path in before})

    def test_what_is_added_moves_nothing(self) -> None:
        self.built()
        before = {row["id"]: row["split"] for row in self.manifest()}
        for n in range(8, 14):
            self.add(
                f"clip{n}", f"s{n % 7}", speech_like(22_050, 1.0, seed=100 + n) + noise(22_050, 1.0, -70, seed=n)
            )
        self.built()
        after = {row["id"]: row["split"] for row in self.manifest()}
        self.assertEqual(13, len(after))
        self.assertEqual(before, {name: after[name] for name in before})

    def test_what_is_no_part_of_it_any_more_does_not_lie_there(self) -> None:
        self.built()
        rows = {row["id"]: row for row in self.manifest()}
        gone = [self.root / "out" / str(rows[name]["file"]) for name in ("clip0", "clip7")]
        altered = self.root / "out" / str(rows["clip6"]["file"])
        altered.write_bytes(altered.read_bytes() + b"x")
        # One speaker turns out to be another; one clip is dropped by a rule; one that was altered is left out of the table.
        other = (
            "s1"
            if rows["clip0"]["split"] != next(row["split"] for row in rows.values() if row["speaker"] == "s1")
            else "s3"
        )
        changed = [
            replace(row, speaker=other) if row.id == "clip0" else row
            for row in self.rows
            if row.id not in ("clip6", "clip7")
        ]
        built = self.built(rows=changed)
        there = {path.relative_to(self.root / "out").as_posix() for path in (self.root / "out").rglob("*.flac")}
        listed = {str(row["file"]) for row in self.manifest()}
        self.assertEqual({altered.relative_to(self.root / "out").as_posix()}, there - listed)
        self.assertEqual(set(), listed - there)
        self.assertFalse(gone[1].exists())
        self.assertIn("and altered, so that it stays", " ".join(built.findings))
        self.built(rows=changed, shard_bytes=100_000)
        self.assertEqual([altered], list((self.root / "out").glob("[td]*/*.flac")))

    def test_archives_hold_what_the_list_says_and_are_no_larger_than_asked(self) -> None:
        built = self.built(shard_bytes=70_000)
        assert built.packed is not None
        rows = self.manifest()
        self.assertGreater(len(built.packed.shards), 3)
        for row in rows:
            path = self.root / "out" / str(row["shard"])
            self.assertLessEqual(path.stat().st_size, 70_000 + 10_240)
            with tarfile.open(path) as archive:
                member = archive.getmember(str(row["file"]))
                data = archive.extractfile(member)
                assert data is not None
                self.assertEqual(row["sha256"], hashlib.sha256(data.read()).hexdigest())
                self.assertEqual((row["offset"], 0, 0), (member.offset, member.mtime, member.uid))
        listed = subprocess.run(
            ["tar", "-tf", built.packed.shards[0]], cwd=self.root / "out", capture_output=True, text=True, check=True
        )
        self.assertIn(str(rows[0]["file"]), listed.stdout.split())

    def test_clips_lie_in_archives_alone_where_nothing_loose_is_wanted(self) -> None:
        self.built(shard_bytes=70_000)
        archives = {name: digest for name, digest in self.bytes_of("out").items() if not name.startswith("clips/")}
        mine = next((self.root / "out" / "clips").rglob("*.flac")).parent / "mine.txt"
        mine.write_text("mine")
        for _ in range(2):  # what is gone is made anew, into the same archives
            built = self.built(shard_bytes=70_000, loose=False)
            assert built.packed is not None
            self.assertEqual(
                archives | {mine.relative_to(self.root / "out").as_posix(): mock.ANY}, self.bytes_of("out")
            )
        mine.unlink()
        self.built(shard_bytes=70_000, loose=False)
        self.assertFalse((self.root / "out" / "clips").exists())

    def test_doubles_and_broken_files_are_told_and_left_out(self) -> None:
        self.add("again", "s9", soundfile.read(self.rows[0].path, dtype="float32")[0] * 0.5)
        broken = self.root / "in" / "broken.wav"
        broken.write_bytes(b"RIFF no")
        self.rows.append(Row(broken, "zbroken", "x", "s9", "en"))
        built = self.built(doubles="drop")
        ids = {row["id"] for row in self.manifest()}
        self.assertFalse({"clip0", "again"} <= ids, "one of the two is left out")
        self.assertNotIn("zbroken", ids)
        reported = " ".join(built.findings)
        self.assertIn("The same recording as another clip", reported)
        self.assertIn("zbroken", reported)

    def test_what_lies_in_the_way_is_never_replaced(self) -> None:
        (self.root / "out").mkdir()
        (self.root / "out" / "manifest.jsonl").write_text("mine")
        with self.assertRaises(KittiwakeError):
            self.built()
        self.assertEqual("mine", (self.root / "out" / "manifest.jsonl").read_text())

    def test_a_list_in_parquet_reads_as_the_others(self) -> None:
        import pyarrow.parquet

        self.built(parquet=True)
        rows = pyarrow.parquet.read_table(self.root / "out" / "manifest.parquet").to_pylist()
        self.assertEqual([row["sha256"] for row in self.manifest()], [row["sha256"] for row in rows])
        self.assertEqual([row["snr"] for row in self.manifest()], [row["snr"] for row in rows])
