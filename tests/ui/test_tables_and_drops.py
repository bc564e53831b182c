"""What is selected in a table is copied whole; what is dropped on the window arrives; a dialog that stays open is there once; signs and weights."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QItemSelectionModel, QMimeData, QPointF, Qt, QUrl
from PySide6.QtGui import QDragEnterEvent, QDropEvent
from PySide6.QtWidgets import (
    QAbstractSpinBox,
    QApplication,
    QCheckBox,
    QDialog,
    QLabel,
    QLineEdit,
    QPlainTextEdit,
    QSpinBox,
    QTableView,
    QTextEdit,
    QTreeView,
)

from kittiwake.ui.places.place import places
from kittiwake.ui.settings.page import SettingsPage
from kittiwake.ui.widgets.said_box import SaidBox
from kittiwake.ui.widgets.table_copying import TableCopying
from tests.sounds import DEMO, speech_like
from tests.ui.base import WindowCase
from tests.ui.screens import pages

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestTables(WindowCase):
    def test_every_table_of_every_page_copies_rows_and_not_one_cell(self) -> None:
        self.open_demo()
        for name in (one.key for one in places()):
            self.window.bench.page_of(name)
        tables = [*self.window.findChildren(QTableView), *self.window.findChildren(QTreeView)]
        tables = [one for one in tables if one.model() is not None and one.focusPolicy() != Qt.FocusPolicy.NoFocus]
        self.assertGreater(len(tables), 4)
        lacking = [one.accessibleName() or type(one).__name__ for one in tables if not one.findChildren(TableCopying)]
        self.assertEqual(lacking, [])

    def test_rows_go_to_the_clipboard_as_a_spreadsheet_takes_them(self) -> None:
        self.open_demo()
        board = self.window.board
        board.setFocus()
        board.clearSelection()
        model = board.board_model
        for row in (2, 0):
            for column in (0, 1):
                board.selectionModel().select(model.index(row, column), QItemSelectionModel.SelectionFlag.Select)
        self.press(Key.Key_C, Mod.ControlModifier)
        lines = QApplication.clipboard().text().split("\n")
        self.assertEqual(len(lines), 2)
        self.assertEqual([line.split("\t")[0] for line in lines], [model.clip_at(row).name for row in (0, 2)])  # type: ignore[union-attr]
        self.assertEqual({line.count("\t") for line in lines}, {1})

    def test_a_page_of_the_line_is_there_once(self) -> None:
        self.open_demo()
        for command in ("ear.line_settings", "settings.open", "job.watch"):
            for _ in range(3):
                self.window.run(command)
            shown = [one for one in self.window.findChildren(QDialog) if one.isVisible()]
            self.assertEqual(len(shown), 1, command)
            shown[0].close()
            QApplication.processEvents()
            self.window.run(command)
            again = [one for one in self.window.findChildren(QDialog) if one.isVisible()]
            self.assertEqual(len(again), 1, command)
            again[0].close()


class TestDrops(WindowCase):
    def drop(self, *paths: Path) -> None:
        mime = QMimeData()
        mime.setUrls([QUrl.fromLocalFile(str(path)) for path in paths])
        button, action = Qt.MouseButton.LeftButton, Qt.DropAction.CopyAction
        enter = QDragEnterEvent(QPointF(300, 300).toPoint(), action, mime, button, Mod.NoModifier)
        self.window.dragEnterEvent(enter)
        self.assertTrue(enter.isAccepted())
        self.window.dropEvent(QDropEvent(QPointF(300, 300), action, mime, button, Mod.NoModifier))

    def test_what_is_dropped_on_a_page_that_stands_alone_is_seen(self) -> None:
        self.open_demo()
        self.window.run("script.open")
        self.assertTrue(self.window.halves.is_folded)
        self.drop(self.write("in/one more.wav", speech_like(16_000, 1), 16_000))
        self.settle()
        self.assertFalse(self.window.halves.is_folded)
        self.assertIn("one more", [clip.name for clip in self.session.project.job.clips])

    def test_no_field_takes_a_file_for_text(self) -> None:
        self.open_demo()
        for name in (one.key for one in places()):
            self.window.bench.page_of(name)
        for kind in (QLineEdit, QTextEdit, QPlainTextEdit):
            takes = [one.accessibleName() for one in self.window.findChildren(kind) if one.acceptDrops()]
            self.assertEqual(takes, [], kind)

    def test_a_list_of_lines_goes_into_the_script_and_is_no_dead_row(self) -> None:
        self.open_demo()
        count, lines = len(self.session.project.job.clips), len(self.session.project.job.script.lines)
        table = self.folder / "lines.csv"
        table.write_text("name,text\nquay,The quay is closed.\npier,The pier is open.\n")
        self.drop(table)
        self.settle()
        self.assertEqual(self.window.bench.page, "script")
        self.assertEqual(len(self.session.project.job.script.lines), lines + 2)
        self.assertEqual(len(self.session.project.job.clips), count)
        # Among sounds it is named, and left out.
        self.drop(table, self.write("in/one more.wav", speech_like(16_000, 1), 16_000))
        self.settle()
        self.assertEqual(len(self.session.project.job.clips), count + 1)
        # What calls itself sound is a row that says what is wrong with it, and headerless sound is asked about.
        self.drop(DEMO / "Notes for the reader.wav")
        self.assertIn("on the board already", self.window.status.words.text())


class TestType(WindowCase):
    def test_no_label_asks_for_a_weight_that_the_type_does_not_have(self) -> None:
        self.open_demo()
        for name in (one.key for one in places()):
            self.window.bench.page_of(name)
        for name, show in pages(self.window, self.wait_for):
            show()
            self.app.processEvents()
            bold = [one.text()[:60] for one in self.window.findChildren(QLabel) if "<b>" in one.text()]
            self.assertEqual(bold, [], name)

    def test_no_number_touches_its_frame(self) -> None:
        self.open_demo()
        for name in (one.key for one in places()):
            self.window.bench.page_of(name)
        boxes = self.window.findChildren(QAbstractSpinBox)
        self.assertGreater(len(boxes), 5)
        for box in boxes:
            self.assertGreaterEqual(box.lineEdit().textMargins().left(), 5, box.accessibleName())

    def test_negative_numbers_have_one_sign_and_boxes_say_what_holds(self) -> None:
        box = SaidBox()
        box.setRange(-60, 0)
        box.setDecimals(1)
        for typed in ("-24.5", "−24.5", "−24,5"):
            box.setValue(0)
            box.lineEdit().setText(typed)
            box.interpretText()
            self.assertEqual((box.value(), box.text()), (-24.5, "−24.5"))
        page = SettingsPage(self.window, self.window.settings)
        self.addCleanup(page.deleteLater)
        boxes = page.findChildren(QCheckBox)
        self.assertGreater(len(boxes), 3)
        for one in boxes:
            for _ in range(2):
                one.toggle()
                self.assertEqual(one.text(), "Yes" if one.isChecked() else "No")
        self.assertIn("one for each core", [one.text() for one in page.findChildren(QSpinBox)])
