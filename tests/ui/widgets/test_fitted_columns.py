"""Columns give each other room, whatever stood in them before."""

from __future__ import annotations

import unittest

from PySide6.QtTest import QTest

from kittiwake.ui.shell.start import make_app
from kittiwake.ui.widgets.row_table import Column, RowTable

LONG = "a sentence that is longer than any column of this table can ever be, since the table is narrow and it is not"


class TestFittedColumns(unittest.TestCase):
    def test_a_column_that_was_empty_gets_its_width_back_beside_one_that_takes_all(self) -> None:
        make_app()
        states: dict[str, str] = {}
        columns: list[Column[str]] = [
            Column("Name", lambda row: row, width=60),
            Column("Text", lambda row: LONG),
            Column("State", lambda row: states.get(row, ""), width=160),
        ]
        table: RowTable[str] = RowTable("Rows", columns, key=lambda row: row)
        table.resize(500, 200)
        table.show()
        table.show_rows(["one", "two"])
        QTest.qWait(80)
        self.assertLess(table.columnWidth(2), 100)  # Text has what State does not need
        states.update(one="1.36 s, fits", two="3.86 s, too long")
        table.show_rows(["one", "two"])
        QTest.qWait(80)
        self.assertGreaterEqual(table.columnWidth(2), table.sizeHintForColumn(2))
        self.assertLessEqual(sum(table.columnWidth(n) for n in range(3)), table.viewport().width())
        table.close()


if __name__ == "__main__":
    unittest.main()
