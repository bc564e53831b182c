"""Scripts: tables, series, respellings."""

from __future__ import annotations

import unittest

from hypothesis import given
from hypothesis import strategies as st

from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model import Job
from kittiwake.core.model.job import load_job, save_job
from kittiwake.core.model.script import Respelling, Script, ScriptLine
from kittiwake.work.script.making import count_of, unique_lines, without_series
from kittiwake.work.script.own_respellings import with_own
from kittiwake.work.script.respell import as_text, parsed, respelled, spoken_text
from kittiwake.work.script.series import choices, expanded
from kittiwake.work.script.table import read_rows, read_script, read_text, to_csv
from tests.sounds import FolderCase


class TestTables(FolderCase):
    def test_columns_are_known_by_their_headings(self) -> None:
        table = read_text(
            "File;Wording;Say it as;For;Speed;Colour\na;Hello;Hallo;deck-radio, phone-menu;8%;red\n;Second line here;;;fast;\n"
        )
        first, second = table.lines
        self.assertEqual(
            (first.name, first.text, first.say_as, first.receivers),
            ("a", "Hello", "Hallo", ("deck-radio", "phone-menu")),
        )
        self.assertAlmostEqual(first.speed, 1.08)
        self.assertEqual((second.name, second.speed), ("Second line here", 1.0))
        self.assertEqual(table.left_out, ("Colour",))
        self.assertTrue(any("fast" in note for note in table.notes))

    def test_plain_lines_and_tabs(self) -> None:
        self.assertEqual([(x.name, x.text) for x in read_text("gate: The gate is open.\nGood night.\n").lines],
                         [("gate", "The gate is open."), ("Good night", "Good night.")])  # fmt: skip
        self.assertEqual(
            [(x.name, x.text) for x in read_text("a\tFirst.\nb\tSecond, and last.\n").lines],
            [("a", "First."), ("b", "Second, and last.")],
        )
        doubled = read_text("name,text\nx,One.\nX,Two.\n")
        self.assertIn("there already", doubled.notes[0])
        self.assertEqual([line.name for line in unique_lines(doubled.lines)], ["x", "X 2"])

    def test_a_spreadsheet_and_what_a_formula_last_gave(self) -> None:
        path = self.folder / "s.xlsx"
        write_xlsx(path, [["name", "text"], ["one", "First."], ["two", "=1+1"], [3.0, "Third."]])
        self.assertEqual(
            [(line.name, line.text) for line in read_script(path).lines],
            [("one", "First."), ("two", "=1+1"), ("3", "Third.")],
        )

    def test_bad_input_is_a_sentence(self) -> None:
        for name, data in (
            ("a.csv", b"\xff\xfe\x00"), ("b.csv", b"caf\xe9,x\n"), ("c.csv", b""), ("d.xlsx", b"no spreadsheet"), ("e.csv", b"\n\n \n"),
        ):  # fmt: skip
            path = self.folder / name
            path.write_bytes(data)
            with self.assertRaises(KittiwakeError, msg=name) as caught:
                read_script(path)
            self.assertTrue(caught.exception.message.endswith("."), name)
        with self.assertRaises(KittiwakeError):
            read_rows(self.folder / "none.csv")
        many = read_text("name,text\n" + "".join(f"n{n},Line {n}.\n" for n in range(100_000)))
        self.assertEqual(len(many.lines), 100_000)

    @given(st.lists(st.tuples(st.text(max_size=12), st.text(min_size=1, max_size=20)), min_size=1, max_size=8))
    def test_what_is_written_is_read_again(self, pairs: list[tuple[str, str]]) -> None:
        plain = [(" ".join(name.split()), " ".join(text.replace("\0", "").split())) for name, text in pairs]
        lines = [ScriptLine(name or f"n{n}", text, say_as="x") for n, (name, text) in enumerate(plain) if text]
        if lines:
            again = read_text(to_csv(lines)).lines
            self.assertEqual(
                [(x.name.strip(), x.text) for x in again], [(x.name.replace("\0", "").strip(), x.text) for x in lines]
            )

    def test_it_travels_in_the_job(self) -> None:
        script = Script(
            (ScriptLine("a", "Hello", speed=1.2, receivers=("x",), taken=True),),
            (Respelling("May", "M-A-Y", "en", True),),
            "espeak/de",
            "de",
        )
        path = self.folder / "j.kittiwake"
        save_job(Job(script=script), path)
        self.assertEqual(load_job(path).script, script)
        save_job(Job(), path)
        self.assertNotIn("script", path.read_text())


class TestSeries(unittest.TestCase):
    def test_one_line_stands_for_many(self) -> None:
        lines = expanded(ScriptLine("berth-{}", "Berth {1..12} is open"))
        self.assertEqual((len(lines), lines[11].name, lines[11].text), (12, "berth-12", "Berth 12 is open"))
        lines = expanded(ScriptLine("boat", "To {Skerrow|Tarn Holm}, pier {1..2:words}"))
        self.assertEqual([(x.name, x.text) for x in lines][3], ("boat-Tarn Holm-2", "To Tarn Holm, pier two"))
        self.assertEqual(choices("09..11:one by one"), [("09", "0 9"), ("10", "1 0"), ("11", "1 1")])
        self.assertEqual([text for _, text in choices("0..20..10")], ["0", "10", "20"])
        self.assertEqual([text for _, text in choices("1..2:words", "de-de")], ["eins", "zwei"])
        script = Script((ScriptLine("a", "{1..3}"), ScriptLine("b", "plain")))
        self.assertEqual((count_of(script), len(without_series(script).lines)), (4, 4))

    def test_what_is_none_is_said(self) -> None:
        for text in ("{1..}", "{x}", "{1..99999999}", "{1..999} {1..999}"):
            with self.assertRaises(KittiwakeError, msg=text):
                expanded(ScriptLine("a", text))
        with self.assertRaisesRegex(KittiwakeError, "“bad”"):
            without_series(Script((ScriptLine("bad", "{x}"),)))


class TestRespelling(unittest.TestCase):
    respellings = (Respelling("Skerrow", "Scarrow"), Respelling("May", "M-A-Y", case=True), Respelling("St", "Saint", "en"), Respelling("St. Kilda", "Kilda"),
            Respelling("B", "bee"))  # fmt: skip

    def test_whole_words_longest_first_each_place_once(self) -> None:
        for text, said in (
            ("To Skerrow and skerrow.", "To Scarrow and Scarrow."), ("May may", "M-A-Y may"), ("Skerrows", "Skerrows"),
            ("St. Kilda, St John", "Kilda, Saint John"), ("Berth B", "Berth bee"), ("Pier (B)", "Pier (bee)"),
        ):  # fmt: skip
            self.assertEqual(respelled(text, self.respellings, "en-gb")[0], said)
        self.assertEqual(respelled("St John", self.respellings, "de")[0], "St John")
        acted = respelled("Skerrow", self.respellings, "en")[1]
        self.assertEqual([one.word for one in acted], ["Skerrow"])
        line = ScriptLine("a", "Skerrow", say_as="B at Skerrow")
        self.assertEqual(spoken_text(line, self.respellings, "en-gb"), "bee at Scarrow")


def write_xlsx(path: object, rows: list[list[object]]) -> None:
    """The least that a spreadsheet is (ECMA-376): inline strings and numbers in one sheet."""
    import zipfile
    from xml.sax.saxutils import escape

    def cell(value: object) -> str:
        if isinstance(value, float):
            return f"<c><v>{value}</v></c>"
        return f'<c t="inlineStr"><is><t>{escape(str(value))}</t></is></c>'

    body = "".join(f"<row>{''.join(map(cell, row))}</row>" for row in rows)
    main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main"
    rel = "http://schemas.openxmlformats.org/officeDocument/2006/relationships"
    parts = {
        "[Content_Types].xml": '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="xml" ContentType="application/xml"/>'
        '<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/></Types>',
        "_rels/.rels": f'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="{rel}/officeDocument" Target="xl/workbook.xml"/></Relationships>',
        "xl/workbook.xml": f'<workbook xmlns="{main}" xmlns:r="{rel}"><sheets><sheet name="s" sheetId="1" r:id="r1"/></sheets></workbook>',
        "xl/_rels/workbook.xml.rels": f'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="{rel}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>',
        "xl/worksheets/sheet1.xml": f'<worksheet xmlns="{main}"><sheetData>{body}</sheetData></worksheet>',
    }
    with zipfile.ZipFile(str(path), "w") as book:
        for name, text in parts.items():
            book.writestr(name, f'<?xml version="1.0" encoding="UTF-8"?>{text}')


class TestRespellingsInText(unittest.TestCase):
    """As people write them, a line each."""

    def test_read_and_written(self) -> None:
        for line, wanted in (
            ("Skerrow = Scarrow", Respelling("Skerrow", "Scarrow")), ("May == M A Y", Respelling("May", "M A Y", "", True)),
            ("St = Saint @en", Respelling("St", "Saint", "en")), ("x", None), ("= y", None), ("a@b = at", Respelling("a@b", "at")),
        ):  # fmt: skip
            found = parsed(line)
            self.assertEqual(found, () if wanted is None else (wanted,))
            self.assertEqual(parsed(as_text(found)), found)

    def test_numbers_and_times(self) -> None:
        words = parsed("Berth # = Berth #.\n#:# = # hours #\nNo. = number\n(#) = bracket #")
        for text, wanted in (
            ("Berth 12 at 9:05", "Berth 1 2 at 9 hours 05"),
            ("No. 3, (4)", "number 3, bracket 4"),
            ("Berthe 12", "Berthe 12"),
        ):
            self.assertEqual(respelled(text, words, "en")[0], wanted)

    def test_those_of_the_person_act_where_the_job_says_nothing(self) -> None:
        own = parsed("Skerrow = Scarrow\nHolm = Home")
        lines = (ScriptLine("a", "To Skerrow"),)
        script = with_own(Script(lines, parsed("Tarn = Tam")), own)
        self.assertEqual(as_text(script.respellings), "Tarn = Tam\nSkerrow = Scarrow\n")
        self.assertIs(with_own(script, own), script)
        # What the job says itself stays; what it took over follows when the person changes it, and goes with it.
        mine = Script(lines, parsed("skerrow = Sker row"))
        self.assertIs(with_own(mine, own), mine)
        self.assertEqual(
            as_text(with_own(script, parsed("Skerrow = Sgarrow"), own).respellings), "Tarn = Tam\nSkerrow = Sgarrow\n"
        )
        self.assertEqual(as_text(with_own(script, (), own).respellings), "Tarn = Tam\n")
