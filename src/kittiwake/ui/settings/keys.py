"""Keys of commands: changed, taken away, given back; two commands with one key are reported."""

from __future__ import annotations

from collections.abc import Mapping
from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeySequence
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QHBoxLayout,
    QKeySequenceEdit,
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
from ..widgets.row_table import Column, RowTable
from ..widgets.sentence import Sentence
from ..widgets.worded import Label
from .held import HeldSettings


class KeysPart(QWidget):
    """A row for each command; Enter changes its keys, Delete takes them away."""

    message = Signal(Sentence)

    def __init__(self, settings: HeldSettings) -> None:
        super().__init__()
        self._settings = settings
        self._shown: list[Command] = []
        self._double: Mapping[str, object] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        self.conflict = Label()
        self.conflict.setWordWrap(True)
        column.addWidget(self.conflict)
        self.table: RowTable[Command] = RowTable(
            tr("Commands and their keys"),
            [
                Column(tr("Command"), _name_in_words, tip=lambda one: one.help),
                Column(tr("Keys"), self._keys_in_words, width=170, tip=lambda one: one.help),
                Column(tr("Comes with"), _first_keys_in_words, width=150, tip=lambda one: one.help),
            ],
            key=lambda one: one.id,
        )
        self.table.keys = {
            Qt.Key.Key_Return: self.change,
            Qt.Key.Key_Enter: self.change,
            Qt.Key.Key_Delete: self._take_away,
        }
        self.table.setMinimumHeight(scaled(300))
        self.table.doubleClicked.connect(lambda _: self.change())
        column.addWidget(self.table)
        row = QHBoxLayout()
        for words, act in (
            (tr("Other keys…  Enter"), self.change),
            (tr("No key  Del"), self._take_away),
            (tr("As it comes"), self._give_back),
            (tr("Write the list…"), self.export),
        ):
            button = Button(words)
            button.clicked.connect(lambda _=False, act=act: act())
            row.addWidget(button)
        row.addStretch(1)
        column.addLayout(row)
        self.show_matching([])

    def show_matching(self, words: list[str]) -> int:
        """Show the commands with these words; returns how many."""
        self._shown = [
            one
            for one in window_commands()
            if all(
                word in searchable(one.menu, one.text, one.help, *one.shown_keys, tr("keys"), "keys")
                for word in words
            )
        ]
        self._double = double = commands.conflicts()
        self.table.show_rows(self._shown)
        if self.table.current is None and self._shown:
            self.table.set_current(0)
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
        return self.table.current

    def _keys_in_words(self, one: Command) -> str:
        keys = (f"{native_key(key)}{' ⚠' if key in self._double else ''}" for key in one.shown_keys)
        return "  ".join(keys) or tr("none")

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

    def export(self) -> None:
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


def _name_in_words(one: Command) -> str:
    return f"{in_words(one.menu)}: {in_words(one.text).rstrip('…')}"


def _first_keys_in_words(one: Command) -> str:
    return "  ".join(map(native_key, one.keys)) if one.shown_keys != one.keys else ""


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
        words = Label(tr("Press the keys for “{text}”.", text=one.text.rstrip("…")))
        words.setWordWrap(True)
        column.addWidget(words)
        self.edit = QKeySequenceEdit(QKeySequence(one.shown_keys[0]) if one.shown_keys else QKeySequence())
        self.edit.setMaximumSequenceLength(1)
        self.edit.setAccessibleName(tr("The keys"))
        self.edit.keySequenceChanged.connect(self._typed)
        column.addWidget(self.edit)
        self.notice = Label()
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
