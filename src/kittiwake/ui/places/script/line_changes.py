"""Changes of many lines of the script at once: a menu, and what it does."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QApplication, QMenu, QWidget

from ....core.errors import KittiwakeError
from ....core.model.script import Script
from ....words import phrase, tr
from ....work.script.edit import COLUMNS, filled_down, ordered, pasted_over, replaced
from ....work.script.making import unique_lines
from ....work.script.table import rows_of
from ...dialogs.replace_dialog import ReplaceDialog
from ...widgets.sentence import Sentence
from .table import ScriptTable


class LineChanges(QMenu):
    """``put`` gives the job other lines, with what that is called; ``removal`` asks for the selected lines to go, ``hearing`` for a speech engine to listen."""

    message = Signal(Sentence)
    removal = Signal()
    hearing = Signal()

    def __init__(
        self, page: QWidget, table: ScriptTable, script: Callable[[], Script], put: Callable[[str, Script], None]
    ) -> None:
        super().__init__(page)
        self._page, self._table, self._script, self._put = page, table, script, put
        self.addAction(tr("&Fill down"), self.fill_down)
        self.addAction(tr("Find and &replace…"), self.replace)
        self.addAction(tr("&Paste over the cells"), self.paste_over)
        self.addAction(tr("Re&move the lines"), self.removal.emit)
        self.addSeparator()
        self.addAction(tr("Have them &heard back"), self.hearing.emit)
        table.horizontalHeader().sectionClicked.connect(self.order_by)

    def fill_down(self) -> None:
        """The current column of the first of the selected lines, in all of them."""
        ids = [line.id for line in self._table.selected()]
        column = self._table.currentIndex().column()
        if len(ids) < 2 or not 0 < column < len(COLUMNS):
            self.message.emit(
                tr("Select several cells of one column, other than the names, and fill down from the first.")
            )
            return
        self._put(
            tr("filling down {columns}", columns=COLUMNS[column].replace("_", " ")),
            filled_down(self._script(), ids, COLUMNS[column]),
        )

    def replace(self) -> None:
        """Find and replace in texts, and in how they are said."""
        dialog = ReplaceDialog(self._page.window())
        dialog.wanted.connect(self._replace)
        dialog.open()

    def _replace(self, find: str, put: str, names: bool) -> None:
        columns = ("text", "say_as", *(("name",) if names else ()))
        script, count = replaced(self._script(), find, put, columns)
        if count:
            self._put(phrase("replacing “{find}”", find=find), script.changed(lines=unique_lines(script.lines)))
        self.message.emit(
            tr("“{find}” replaced in {n} lines.", "“{find}” replaced in {n} line.", count, find=find, n=count)
        )

    def paste_over(self) -> None:
        """What is on the clipboard, over the cells from the current one on."""
        at = self._table.currentIndex()
        rows = rows_of(QApplication.clipboard().text())
        if not at.isValid() or at.column() >= len(COLUMNS) or not rows:
            self.message.emit(tr("Copy cells of a spreadsheet, and choose the first cell that they are to replace."))
            return
        try:
            script = pasted_over(self._script(), at.row(), at.column(), rows, self._table.known)
        except KittiwakeError as error:
            self.message.emit(str(error))
            return
        self._put(tr("pasting over cells"), script.changed(lines=unique_lines(script.lines)))
        over = max(0, at.row() + len(rows) - len(script.lines))
        self.message.emit(
            tr("{count} rows pasted over.", "{count} row pasted over.", len(rows) - over, count=len(rows) - over)
            + (tr(" {over} beyond the last line left out.", over=over) if over else "")
        )

    def order_by(self, column: int) -> None:
        """Sort by a column; by the same again, the other way round."""
        if column >= len(COLUMNS):
            return
        script = ordered(self._script(), COLUMNS[column])
        if script == self._script():
            script = ordered(self._script(), COLUMNS[column], down=True)
        self._put(tr("sorting by {columns}", columns=COLUMNS[column].replace("_", " ")), script)
