"""A corpus loses nothing: not to an unmounted disk, a second run, a dry run, a full disk, a damaged row or odd names."""

from __future__ import annotations

import contextlib
import os
import shutil
import sqlite3
from dataclasses import replace
from typing import Any
from unittest import mock

from click.testing import CliRunner

from kittiwake.bundled.corpus.core.build import build
from kittiwake.bundled.corpus.core.request import CorpusRequest
from kittiwake.bundled.corpus.core.row import Findings, Row
from kittiwake.bundled.corpus.core.rows import Source, rows_of
from kittiwake.bundled.corpus.core.split import shares_of, sides_of_rows
from kittiwake.bundled.corpus.core.store import NAME, one_run
from kittiwake.cli.main import cli
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.process import InProcess
from tests.bundled.corpus.core.test_build import CORPUS, BuildTest
from tests.sounds import FolderCase, speech_like


class TestTrust(BuildTest):
    def again(self, rows: list[Row], write: bool = True, **wish: Any) -> list[Any]:
        known: dict[str, Any] = {"shares": shares_of("50/25/25")}
        return list(build(rows, Findings(), CorpusRequest(CORPUS, **(known | wish)), self.root / "out", "", InProcess(), write=write))  # fmt: skip

    def test_recordings_that_only_seem_to_be_gone(self) -> None:
        self.built()
        before = self.bytes_of("out")
        away = self.root / "the disk"
        (self.root / "in").rename(away)
        for empty in (False, True):
            if empty:
                (self.root / "in").mkdir()
            for rows in ([], self.rows[:0]):
                for write in (True, False):
                    with self.assertRaisesRegex(KittiwakeError, "which is gone or holds nothing now.*--gone"):
                        self.again(rows, write)
                    self.assertEqual(self.bytes_of("out"), before)
        (self.root / "in").rmdir()
        away.rename(self.root / "in")
        self.built()
        self.assertEqual(self.bytes_of("out"), before)
        # Some of them, of another folder: the same.
        other = [Row(self.root / "other" / "new.wav", "new", "New", "s9", "en", (("gender", "f"),))]
        shutil.copytree(self.root / "in", self.root / "other")
        shutil.copy(self.root / "in" / "clip1.wav", other[0].path)
        shutil.rmtree(self.root / "in")
        with self.assertRaisesRegex(KittiwakeError, "8 recordings of this corpus lay in"):
            self.again(other)
        self.assertEqual(self.bytes_of("out"), before)
        # Meant to go, they go.
        self.again(other, gone=True)
        self.assertEqual([row["id"] for row in self.manifest()], ["new"])

    def test_a_dry_run_throws_nothing_away(self) -> None:
        self.built()
        before = self.bytes_of("out")
        last = self.again(self.rows[:5], write=False)[-1]
        self.assertEqual((last.judged.of_clips, self.bytes_of("out")), (5, before))
        with mock.patch(
            "kittiwake.bundled.corpus.core.measured.quality_of", side_effect=AssertionError
        ):  # nothing is measured twice
            self.built()
        self.assertEqual(self.bytes_of("out"), before)

    def test_two_runs_at_once(self) -> None:
        self.built()
        with (
            one_run(self.root / "out"),
            mock.patch("kittiwake.core.disk.journal._PATIENCE", 0.1),
            self.assertRaisesRegex(KittiwakeError, "Another run is making the corpus"),
        ):
            self.built()

    def test_a_damaged_database_is_a_sentence(self) -> None:
        self.built()
        base = self.root / "out" / NAME
        for change in (
            "UPDATE clips SET traits = '[' WHERE id = 'clip1'",
            'UPDATE clips SET quality = \'{"snr": "x"}\'',
        ):
            with contextlib.closing(sqlite3.connect(base)) as one, one:
                one.execute(change)
            with self.subTest(change):
                try:
                    self.built()
                except KittiwakeError as error:
                    self.assertIn("--splits", str(error))
        base.write_bytes(base.read_bytes()[:5000] + os.urandom(3000))
        with self.assertRaisesRegex(KittiwakeError, "--splits"):
            self.built()

    def test_names_that_are_no_text(self) -> None:
        path = self.root / "in" / os.fsdecode(b"k\xe4se.wav")
        shutil.copy(self.rows[0].path, path)
        rows = list(rows_of([path], self.root / "in", Source(pattern="{id}", language="en"), Findings()))
        self.assertEqual(rows[0].id, "k_se")
        self.again([replace(row, speaker="s") for row in rows])
        self.assertEqual([row["id"] for row in self.manifest()], ["k_se"])

    def test_columns_of_a_table_that_are_ours(self) -> None:
        table = self.root / "t.csv"
        table.write_text(
            "id,text,speaker,offset,shard,flags,snr,gender\nclip0,x,s0,17,a.tar,odd,99,f\nclip1,x,s0,18,a.tar,odd,98,f\n"
        )
        rows = list(
            rows_of([row.path for row in self.rows[:2]], self.root / "in", Source(table, language="en"), Findings())
        )
        self.again(rows, shares=shares_of("100"), shard_bytes=10_000_000, parquet=True)
        row = self.manifest()[0]
        self.assertEqual((row["table_offset"], row["table_shard"], row["table_flags"], row["table_snr"]), ("17", "a.tar", "odd", "99"))  # fmt: skip
        self.assertEqual((row["shard"], row["offset"]), ("train-00000.tar", 0))
        self.assertIsInstance(row["snr"], float)

    def test_sides_that_somebody_gives(self) -> None:
        rows = [["Split", "note", "Speaker"], ["TEST", "", "anna"], ["val", "", "berta"], ["Train", "", "'=cleo"]]
        self.assertEqual(sides_of_rows(rows, "s"), {"anna": "test", "berta": "dev", "=cleo": "train"})
        for wrong in ([["speaker", "split"], ["a", "nowhere"]], [["who", "split"]], [], [["speaker", "split"], ["a", "dev"], ["a", "test"]]):  # fmt: skip
            with self.subTest(wrong), self.assertRaises(KittiwakeError):
                sides_of_rows(wrong, "s")

    def test_alike_in_what_nothing_tells(self) -> None:
        with self.assertRaisesRegex(KittiwakeError, "Nothing tells “nope”.*gender, language"):
            self.again(self.rows, balance=("nope",))

    def test_a_speaker_of_several_languages(self) -> None:
        self.rows = self.rows[:4]
        self.rows = [replace(row, speaker="anna" if n < 3 else "berta", language=("de", "de", "fr", "fr")[n]) for n, row in enumerate(self.rows)]  # fmt: skip
        self.add("long", "anna", speech_like(22_050, 3.6, seed=9))
        self.rows[-1] = replace(self.rows[-1], language="en")
        self.built(drop=())
        sheet = (self.root / "out" / "datasheet.md").read_text()
        table = sheet[sheet.index("## Languages") : sheet.index("## Left out")]
        self.assertEqual(
            [line.split(" | ") for line in table.splitlines() if line.startswith("| ") and "---" not in line][1:],
            [["| de", "1", "0:02 min |"], ["| en", "1", "0:03 min |"], ["| fr", "2", "0:02 min |"]],
        )


del BuildTest  # its own tests stand in its own file


class TestSides(FolderCase):
    def test_a_side_that_nothing_came_into_is_said_and_is_no_success(self) -> None:
        for n in range(4):
            self.write(f"in/one/{n}.wav", speech_like(16_000, 1.0, seed=n), 16_000)
        done = CliRunner().invoke(
            cli,
            [
                "corpus",
                "--into",
                str(self.folder / "out"),
                "--pattern",
                "{speaker}/{id}.wav",
                str(self.folder / "in"),
            ],
        )
        self.assertEqual(done.exit_code, 1, done.output)
        self.assertIn("Nothing came into test", done.output)
        self.assertTrue(list((self.folder / "out").rglob("*.flac")))
        whole = CliRunner().invoke(
            cli, ["corpus", "--into", str(self.folder / "all"), "--split", "100/0/0", str(self.folder / "in")]
        )
        self.assertEqual(whole.exit_code, 0, whole.output)
