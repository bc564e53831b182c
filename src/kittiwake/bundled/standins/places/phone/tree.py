"""Parts of the page for a telephone menu: the tree of its keys, the list of prompts, and the keys of a telephone."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QEvent, QMimeData, QPoint, Qt, Signal
from PySide6.QtGui import QDrag, QDragEnterEvent, QDragMoveEvent, QDropEvent, QKeyEvent, QMouseEvent
from PySide6.QtWidgets import (
    QAbstractItemView,
    QApplication,
    QGridLayout,
    QListWidget,
    QTreeWidget,
    QTreeWidgetItem,
    QWidget,
)  # fmt: skip

from .....ui.theme.colours import colours
from .....ui.theme.scale import scaled
from .....ui.widgets.button import Button
from .....ui.widgets.fitted_columns import FittedColumns
from .....ui.widgets.table_copying import TableCopying
from .....words import tr
from ...core.phone.dial_plan import menu_in, said_in
from ...core.phone.edit import FREE, GREETING, Slot

_PROMPT = "application/x-kittiwake-prompt"
_KEYPAD = ("123", "456", "789", "*0#")


class Tree(QTreeWidget):
    """The slots of a plan; ``dropped`` gives the row that a prompt was let go on, and its name."""

    dropped = Signal(int, str)

    def __init__(self) -> None:
        super().__init__()
        self.setHeaderLabels([tr("Key"), tr("Does"), tr("Dialled by")])
        self.setAccessibleName(tr("The menu as a tree of keys"))
        self.setProperty("action_keys", True)
        self.setRootIsDecorated(False)
        self.setIndentation(18)
        self.setItemsExpandable(False)
        self.setAcceptDrops(True)
        self.setColumnWidth(0, scaled(120))
        self.setColumnWidth(1, scaled(250))
        FittedColumns(self)
        TableCopying(self)
        self.slots: list[Slot] = []
        self._items: list[QTreeWidgetItem] = []

    def show_slots(self, all_slots: list[Slot], words: list[tuple[str, str, str, bool]]) -> None:
        """``words`` of each: key, what it does, the keys that lead to it, and whether something is missing."""
        row = self.row()
        self.clear()
        self.slots, self._items = all_slots, []
        parents: list[QTreeWidgetItem | QTreeWidget] = [self]
        for slot, (key, does, way, missing) in zip(all_slots, words, strict=True):
            del parents[slot.depth + 1 :]
            item = QTreeWidgetItem([key, does, way])
            item.setToolTip(1, does)
            if missing:
                item.setForeground(1, colours().of("decide"))
            parent = parents[-1]
            parent.addTopLevelItem(item) if isinstance(parent, QTreeWidget) else parent.addChild(item)
            self._items.append(item)
            if menu_in(slot.what):
                parents.append(item)
        self.expandAll()
        self.choose(row)

    def row(self) -> int:
        """The number of the current slot; −1 where there is none."""
        item = self.currentItem()
        return self._items.index(item) if item is not None and item in self._items else -1

    def choose(self, row: int) -> None:
        if self._items:
            self.setCurrentItem(self._items[min(max(0, row), len(self._items) - 1)])

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasFormat(_PROMPT):
            event.acceptProposedAction()

    def dragMoveEvent(self, event: QDragMoveEvent) -> None:
        if event.mimeData().hasFormat(_PROMPT):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        item = self.itemAt(event.position().toPoint())
        if item is not None and event.mimeData().hasFormat(_PROMPT):
            self.dropped.emit(self._items.index(item), bytes(event.mimeData().data(_PROMPT).data()).decode())
            event.acceptProposedAction()


class Prompts(QListWidget):
    """Prompts that the system has; dragged onto the tree, or put to its current row by Enter."""

    def __init__(self) -> None:
        super().__init__()
        self.setAccessibleName(tr("Prompts"))
        self.setProperty("action_keys", True)
        self.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self._pressed = QPoint()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._pressed = event.position().toPoint()
        super().mousePressEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        item = self.currentItem()
        far = (event.position().toPoint() - self._pressed).manhattanLength() >= QApplication.startDragDistance()
        if event.buttons() & Qt.MouseButton.LeftButton and item is not None and far:
            data = QMimeData()
            data.setData(_PROMPT, str(item.data(Qt.ItemDataRole.UserRole)).encode())
            drag = QDrag(self)
            drag.setMimeData(data)
            drag.exec(Qt.DropAction.CopyAction)


class Keypad(QWidget):
    """Twelve keys; while one of them has the keyboard, digits, * and # press theirs."""

    def __init__(self, pressed: Callable[[str], None]) -> None:
        super().__init__()
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setSpacing(4)
        self.buttons: dict[str, Button] = {}
        self._pressed = pressed
        for row, keys in enumerate(_KEYPAD):
            for column, key in enumerate(keys):
                button = Button(key)
                button.setAccessibleName(tr("Key {key}", key=key))
                button.clicked.connect(lambda _=False, key=key: self._press(key))
                grid.addWidget(button, row, column)
                self.buttons[key] = button

    def _press(self, key: str) -> None:
        self._pressed(key)

    def event(self, event: QEvent) -> bool:
        if isinstance(event, QKeyEvent) and event.text() in self.buttons:
            if event.type() == QKeyEvent.Type.ShortcutOverride:
                event.accept()
                return True
            if event.type() == QKeyEvent.Type.KeyPress:
                self._press(event.text())
                return True
        return super().event(event)


def slot_words(slot: Slot, there: set[str]) -> tuple[str, str, str, bool]:
    """Key, what it does, the way there, and whether something is missing, given the prompts that are there (in small letters)."""
    names = said_in(slot.what)
    missing = [name for name in names if name.casefold() not in there]
    key = {GREETING: tr("says"), FREE: tr("next key")}.get(slot.key, tr("key {key}", key=slot.key))
    target = menu_in(slot.what)
    does = ", ".join(names) if names else tr("menu {target}", target=target) if target else slot.what
    if missing:
        does += tr("  (missing)") if len(names) == 1 else tr("  ({list} missing)", list=", ".join(missing))
    way = slot.way + (slot.key if slot.key not in (GREETING, FREE) else "")
    return key, does or "–", way, bool(missing) or (slot.key == GREETING and not names)
