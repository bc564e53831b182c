"""The command palette: every action by part of its name; and the list of all keys."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QObject, Qt
from PySide6.QtGui import QAction, QKeyEvent, QKeySequence
from PySide6.QtWidgets import QDialog, QLineEdit, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from ...commands import window_commands
from ...words import in_words, searchable, tr
from ..theme.colours import colours
from ..theme.scale import scaled
from ..widgets.parts import esc, scrolled
from ..widgets.rich import RichLabel


class Palette(QDialog):
    """Type, choose with the arrow keys, Enter does it."""

    def __init__(self, parent: QWidget, actions: dict[str, QAction]) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Find a command"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(620), scaled(420))
        column = QVBoxLayout(self)
        self.field = QLineEdit()
        self.field.setPlaceholderText(tr("Part of a command's name"))
        self.field.setAccessibleName(tr("Part of a command's name"))
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Commands"))
        self.list.setWordWrap(True)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        column.addWidget(self.field)
        column.addWidget(self.list)
        self._actions = actions
        self.field.textChanged.connect(self._show)
        self.field.installEventFilter(self)
        self.list.itemActivated.connect(self._run)
        self._show("")

    def _show(self, text: str) -> None:
        self.list.clear()
        words = text.casefold().split()
        for action in window_commands():
            where = searchable(action.menu, action.text, action.help)
            if action.id == "view.palette" or not all(word in where for word in words):
                continue
            key = f"   {native_key(action.shown_keys[0])}" if action.shown_keys else ""
            item = QListWidgetItem(f"{in_words(action.text).rstrip('…')}{in_words(key)}\n{in_words(action.help)}")
            item.setData(Qt.ItemDataRole.UserRole, action.id)
            if not self._actions[action.id].isEnabled():
                item.setFlags(Qt.ItemFlag.NoItemFlags)
            self.list.addItem(item)
        self.list.setCurrentRow(0)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if watched is self.field and isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress:
            if event.key() in (Qt.Key.Key_Up, Qt.Key.Key_Down):
                step = 1 if event.key() == Qt.Key.Key_Down else -1
                self.list.setCurrentRow(max(0, min(self.list.count() - 1, self.list.currentRow() + step)))
                return True
            if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
                item = self.list.currentItem()
                if item is not None:
                    self._run(item)
                return True
        return super().eventFilter(watched, event)

    def _run(self, item: QListWidgetItem) -> None:
        action = self._actions[item.data(Qt.ItemDataRole.UserRole)]
        self.accept()
        action.trigger()


class KeyList(QDialog):
    """Every action with its keys."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Keys"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(940), scaled(620))
        column = QVBoxLayout(self)
        label = RichLabel(keys_html())
        label.setWordWrap(True)
        label.setAlignment(Qt.AlignmentFlag.AlignTop)
        column.addWidget(scrolled(label, tr("Every action with its keys")))


def keys_html() -> str:
    c = colours()
    rows, menu = [], ""
    for action in window_commands():
        if action.menu != menu:
            menu = action.menu
            rows.append(f'<tr><td colspan=3 style="padding-top:10px"><b>{esc(menu)}</b></td></tr>')
        keys = tr(" or ").join(native_key(key) for key in action.shown_keys)
        rows.append(
            f'<tr><td style="padding:2px 16px 2px 0; white-space:nowrap">{esc(action.text.rstrip("…"))}</td>'
            f'<td style="padding:2px 16px 2px 0; white-space:nowrap"><b>{esc(keys)}</b></td>'
            f'<td style="color:{c.soft}; padding:2px 0">{esc(action.help)}</td></tr>'
        )
    return f"<table cellspacing=0 cellpadding=0>{''.join(rows)}</table>"


def native_key(key: str) -> str:
    return QKeySequence(key).toString(QKeySequence.SequenceFormat.NativeText)
