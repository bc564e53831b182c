"""A spreadsheet of a kilobyte that claims a cell at the far end of all rows and columns is a sentence, and costs neither time nor memory."""

from __future__ import annotations

import time
import zipfile
from pathlib import Path

from kittiwake.core.errors import KittiwakeError
from kittiwake.work.script.table import read_rows
from tests.sounds import FolderCase

_TYPES = "http://schemas.openxmlformats.org/package/2006/content-types"
_RELATIONS = "http://schemas.openxmlformats.org/package/2006/relationships"
_OFFICE = "http://schemas.openxmlformats.org/officeDocument/2006/relationships"
_MAIN = "http://schemas.openxmlformats.org/spreadsheetml/2006/main"
_KIND = "application/vnd.openxmlformats-officedocument.spreadsheetml"


class TestSheets(FolderCase):
    def book(self, name: str, cell: str) -> Path:
        """A workbook (ECMA-376) with one heading and one cell."""
        path = self.folder / name
        row = "".join(c for c in cell if c.isdigit())
        parts = {
            "[Content_Types].xml": f'<Types xmlns="{_TYPES}"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="{_KIND}.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="{_KIND}.worksheet+xml"/></Types>',
            "_rels/.rels": f'<Relationships xmlns="{_RELATIONS}"><Relationship Id="r1" Type="{_OFFICE}/officeDocument" Target="xl/workbook.xml"/></Relationships>',
            "xl/_rels/workbook.xml.rels": f'<Relationships xmlns="{_RELATIONS}"><Relationship Id="r1" Type="{_OFFICE}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>',
            "xl/workbook.xml": f'<workbook xmlns="{_MAIN}" xmlns:r="{_OFFICE}"><sheets><sheet name="S" sheetId="1" r:id="r1"/></sheets></workbook>',
            "xl/worksheets/sheet1.xml": f'<worksheet xmlns="{_MAIN}"><sheetData><row r="1"><c r="A1" t="inlineStr"><is><t>name</t></is></c></row><row r="{row}"><c r="{cell}" t="inlineStr"><is><t>x</t></is></c></row></sheetData></worksheet>',
        }
        with zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED) as file:
            for part, text in parts.items():
                file.writestr(part, f'<?xml version="1.0"?>{text}')
        return path

    def test_one_that_claims_the_farthest_cell(self) -> None:
        self.assertEqual(read_rows(self.book("plain.xlsx", "A2")), [["name"], ["x"]])
        for cell in ("XFD1048576", "A1048576", "XFD20000"):
            began = time.monotonic()
            path = self.book("far.xlsx", cell)
            self.assertLess(path.stat().st_size, 3000)
            with self.subTest(cell):
                try:
                    read_rows(path)
                except KittiwakeError as error:
                    self.assertIn("Save it as CSV", str(error))
                self.assertLess(time.monotonic() - began, 40)
