"""Rows from tables, names and texts beside; what is missing or contradicts itself is told."""

from __future__ import annotations

import tempfile
import unittest
from pathlib import Path

from kittiwake.bundled.corpus.core.row import Findings, Row
from kittiwake.bundled.corpus.core.rows import Source, rows_of
from kittiwake.core.errors import KittiwakeError


class RowsTest(unittest.TestCase):
    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.root = Path(folder.name)
        self.findings = Findings()

    def rows(self, source: Source, *names: str) -> list[Row]:
        return list(rows_of([self.root / name for name in names], self.root, source, self.findings))

    def write(self, name: str, text: str) -> Path:
        path = self.root / name
        path.parent.mkdir(parents=True, exist_ok=True)
        path.write_text(text, "utf-8")
        return path

    def test_a_pattern_tells_fields_and_traits(self) -> None:
        row = self.rows(Source(pattern="{gender}/{speaker}/{language}-{id}_*"), "f/ida/de-001_raw.wav")[0]
        self.assertEqual(("001", "ida", "de", (("gender", "f"),)), (row.id, row.speaker, row.language, row.traits))
        self.rows(Source(pattern="{speaker}/{id}"), "loose.wav")
        self.assertIn("The pattern does not match", self.findings.counts)

    def test_a_table_by_any_name_of_its_columns(self) -> None:
        for name, text in (
            ("t.csv", "path;sentence;client_id;locale;age\na/1.wav;Mind the gap;ida;en;30\n"),
            ("t.tsv", "path\tsentence\tclient_id\tlocale\tage\na/1.wav\tMind the gap\tida\ten\t30\n"),
            (
                "t.jsonl",
                '{"path": "a/1.wav", "sentence": "Mind the gap", "client_id": "ida", "locale": "en", "age": 30}\n',
            ),
        ):
            with self.subTest(name):
                row = self.rows(Source(table=self.write(name, text)), "a/1.wav")[0]
                self.assertEqual(
                    ("a-1", "Mind the gap", "ida", "en", (("age", "30"),)),
                    (row.id, row.text, row.speaker, row.language, row.traits),
                )

    def test_what_is_missing_or_contradicts_itself(self) -> None:
        table = self.write(
            "t.csv", "file,id,text,speaker\n1.wav,one,Hello,ida\n2.wav,ONE,Hello,bo\ngone.wav,three,Hello,bo\n"
        )
        rows = self.rows(Source(table=table, pattern="{speaker}"), "1.wav", "2.wav", "other.wav")
        self.assertEqual(["one"], [row.id for row in rows])
        self.assertEqual(1, self.findings.counts["Not in the table, and left out"])
        self.assertEqual(["gone.wav"], self.findings.examples["In the table, but there is no such file"])
        self.assertEqual(1, self.findings.counts["The same id again, and left out"])
        self.assertEqual(
            2, self.findings.counts["Table and name of the file tell another speaker; the table is believed"]
        )
        self.assertEqual("ida", rows[0].speaker)
        self.assertIn("No language: one.", self.findings.sentences)

    def test_texts_beside(self) -> None:
        self.write("a.txt", "\ufeffMind  the\ngap ")
        self.write("b.txt", "")
        (self.root / "c.txt").write_bytes(b"\xff\xfe\x80")
        rows = self.rows(Source(beside=True, language="en"), "a.wav", "b.wav", "c.wav", "d.wav")
        self.assertEqual(["Mind the gap", "", "", ""], [row.text for row in rows])
        self.assertEqual(3, self.findings.counts["No text"])

    def test_an_id_is_a_name_and_depends_on_nothing_else(self) -> None:
        row = self.rows(Source(), "a/b c/..x.wav")[0]
        self.assertEqual("a-b-c-..x", row.id)
        table = self.write("t.csv", "file,id\nz.wav,../../etc/x\n")
        self.assertEqual("etc-x", self.rows(Source(table=table), "z.wav")[0].id)

    def test_what_cannot_be_used_is_told(self) -> None:
        for source in (
            Source(pattern="plain"), Source(pattern="{id}/{id}"), Source(pattern="{a b}"), Source(table=self.write("e.csv", "")),
            Source(table=self.write("f.jsonl", "[1]\n")), Source(table=self.write("g.csv", "text\nhello\n")),
        ):  # fmt: skip
            with self.subTest(source), self.assertRaises(KittiwakeError):
                self.rows(source, "a.wav")
