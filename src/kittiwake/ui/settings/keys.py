"""Keys of commands: changed, taken away, given back; two commands with one key are reported."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeySequence
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QHBoxLayout,
    QHeaderView,
    QKeySequenceEdit,
    QLabel,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from ... import commands
from ...commands import Command, window_commands
from ...core.disk.place import write_text_whole
from ...words import in_words, searchable, tr
from ..dialogs.ask import where_to_save
from ..dialogs.palette import native_key
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.key_table import KeyTable
from ..widgets.sentence import Sentence
from .held import HeldSettings


class KeysPart(QWidget):
    """A row for each command; Enter changes its keys, Delete takes them away."""

    message = Signal(Sentence)

    def __init__(self, settings: HeldSettings) -> None:
        super().__init__()
        self._settings = settings
        self._shown: list[Command] = []
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        self.conflict = QLabel()
        self.conflict.setWordWrap(True)
        column.addWidget(self.conflict)
        self.table = KeyTable((tr("Command"), tr("Keys"), tr("Comes with")), tr("Commands and their keys"))
        self.table.keys = {
            Qt.Key.Key_Return: self.change,
            Qt.Key.Key_Enter: self.change,
            Qt.Key.Key_Delete: self._take_away,
        }
        self.table.setMinimumHeight(scaled(300))
        self.table.cellDoubleClicked.connect(lambda *_: self.change())
        head = self.table.horizontalHeader()
        head.setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        head.setSectionResizeMode(2, QHeaderView.ResizeMode.Interactive)
        self.table.setColumnWidth(1, scaled(170))
        self.table.setColumnWidth(2, scaled(150))
        column.addWidget(self.table)
        row = QHBoxLayout()
        for words, act in (
            (tr("Other keys…  Enter"), self.change),
            (tr("No key  Del"), self._take_away),
            (tr("As it comes"), self._give_back),
            (tr("Write the list…"), self._export),
        ):
            button = Button(words)
            button.clicked.connect(lambda _=False, act=act: act())
            row.addWidget(button)
        row.addStretch(1)
        column.addLayout(row)
        self.show_matching([])

    def show_matching(self, words: list[str]) -> int:
        """Show the commands with these words; returns how many."""
        here = self._current()
        self._shown = [
            one
            for one in window_commands()
            if all(
                word in searchable(one.menu, one.text, one.help, *one.shown_keys, tr("keys"), "keys")
                for word in words
            )
        ]
        self.table.setRowCount(len(self._shown))
        double = commands.conflicts()
        for row, one in enumerate(self._shown):
            keys = "  ".join(f"{native_key(key)}{' ⚠' if key in double else ''}" for key in one.shown_keys) or "none"
            comes = "  ".join(map(native_key, one.keys)) if one.shown_keys != one.keys else ""
            for column, text in enumerate((f"{in_words(one.menu)}: {in_words(one.text).rstrip('…')}", keys, comes)):
                item = QTableWidgetItem(in_words(text))
                item.setFlags(Qt.ItemFlag.ItemIsSelectable | Qt.ItemFlag.ItemIsEnabled)
                item.setToolTip(in_words(one.help))
                self.table.setItem(row, column, item)
            if here and one.id == here.id:
                self.table.setCurrentCell(row, 0)
        if self.table.currentRow() < 0 and self._shown:
            self.table.setCurrentCell(0, 0)
        sentences = [
            tr(
                "{key} is the key of {list}: until one of them has another it does nothing.",
                key=native_key(key),
                list=tr(" and of ").join("“" + one.text.rstrip("…") + "”" for one in sharing),
            )
            for key, sharing in double.items()
        ]
        self.conflict.setText(" ".join(map(in_words, sentences)))
        self.conflict.setVisible(bool(sentences))
        return len(self._shown)

    def _current(self) -> Command | None:
        row = self.table.currentRow()
        return self._shown[row] if 0 <= row < len(self._shown) else None

    def change(self) -> None:
        """Ask for other keys."""
        one = self._current()
        if one is None:
            return
        dialog = KeyDialog(self, one)
        dialog.accepted.connect(lambda: self._settings.set_keys(one.id, dialog.keys))
        dialog.open()

    def _take_away(self) -> None:
        if one := self._current():
            self._settings.set_keys(one.id, ())

    def _give_back(self) -> None:
        if one := self._current():
            self._settings.set_keys(one.id, None)

    def _export(self) -> None:
        path = where_to_save(
            self,
            tr("Write the list of keys"),
            Path.home() / tr("Kittiwake keys.txt"),
            tr("Text (*.txt)"),
            (".txt",),
        )
        if path is None:
            return
        try:
            write_text_whole(path, list_of_keys(), private=False)
        except OSError as error:
            self.message.emit(
                tr("The list was not written: {strerror}. Choose another folder.", strerror=error.strerror)
            )
            return
        self.message.emit(tr("All keys stand in {name}.", name=path.name))


def list_of_keys() -> str:
    """Every command with its keys, as text to print or to hang beside the screen."""
    width = max(len(one.text) for one in window_commands()) + 2
    lines, menu = [], ""
    for one in window_commands():
        if one.menu != menu:
            menu = one.menu
            lines += ["", menu]
        lines.append(f"  {one.text.rstrip('…'):{width}}{' or '.join(map(native_key, one.shown_keys))}".rstrip())
    return "\n".join([tr("Keys of Kittiwake"), *lines, ""])


class KeyDialog(QDialog):
    """Press the keys that are wanted. The command that has them already is named before anything changes."""

    def __init__(self, parent: QWidget, one: Command) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Keys of a command"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.setMinimumWidth(scaled(420))
        self._one = one
        self.keys: tuple[str, ...] = one.shown_keys
        column = QVBoxLayout(self)
        words = QLabel(tr("Press the keys for “{text}”.", text=one.text.rstrip("…")))
        words.setWordWrap(True)
        column.addWidget(words)
        self.edit = QKeySequenceEdit(QKeySequence(one.shown_keys[0]) if one.shown_keys else QKeySequence())
        self.edit.setMaximumSequenceLength(1)
        self.edit.setAccessibleName(tr("The keys"))
        self.edit.keySequenceChanged.connect(self._typed)
        column.addWidget(self.edit)
        self.notice = QLabel()
        self.notice.setWordWrap(True)
        self.notice.setMinimumHeight(scaled(40))
        column.addWidget(self.notice)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.edit.setFocus()

    def _typed(self, sequence: QKeySequence) -> None:
        key = sequence.toString(QKeySequence.SequenceFormat.PortableText)
        self.keys = (key, *self._one.shown_keys[1:]) if key else self._one.shown_keys[1:]
        having = [one for one in window_commands() if key in one.shown_keys and one.id != self._one.id]
        self.notice.setText(
            tr(
                "{key} is the key of “{text}”. With both, it would do neither.",
                key=native_key(key),
                text=having[0].text.rstrip("…"),
            )
            if having
            else ""
        )
