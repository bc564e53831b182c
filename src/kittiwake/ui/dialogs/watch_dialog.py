"""The folders that are watched: which, for what, where to, and what came last."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QHBoxLayout,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)

from ...core.errors import KittiwakeError
from ...core.model import load_receiver, shipped_receivers
from ...core.model.own_receivers import own_receivers
from ...words import in_words, tr
from ...work.watch import WatchedFolder
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.row_table import Column, RowTable
from ..widgets.short_path import short_path
from ..widgets.worded import Label
from ..workers.watched_folders import WatchWorker


class WatchDialog(QDialog):
    """What is changed here holds at once."""

    def __init__(self, parent: QWidget, watching: WatchWorker, receivers: tuple[str, ...]) -> None:
        super().__init__(parent)
        self._watching, self._receivers = watching, receivers
        self.setWindowTitle(tr("Watched folders"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(820), scaled(400))
        column = QVBoxLayout(self)
        words = Label(
            tr(
                "What arrives whole in one of these folders is made for its receivers, while this window is open, or by “kittiwake watch” without one."
            )
        )
        words.setWordWrap(True)
        words.setProperty("soft", True)
        column.addWidget(words)
        self.table: RowTable[WatchedFolder] = RowTable(
            tr("Watched folders"),
            [
                Column(tr("Folder"), lambda one: short_path(one.path), width=210),
                Column(tr("For"), lambda one: ", ".join(_name_of(slug) for slug in one.receivers), width=150),
                Column(tr("Outputs go to"), lambda one: short_path(one.into), width=190),
                Column(tr("What came last"), lambda one: watching.last.get(one.path, tr("nothing yet"))),
            ],
            key=lambda one: one.path,
        )
        self.table.keys = {Qt.Key.Key_Delete: self.remove, Qt.Key.Key_Return: self.choose_receivers}
        column.addWidget(self.table, 1)
        self.notice = Label()
        self.notice.setWordWrap(True)
        column.addWidget(self.notice)
        row = QHBoxLayout()
        self.add_button = Button(tr("Watch a folder…"))
        self.add_button.setProperty("main", True)
        self.for_button, self.into_button = Button(tr("For…  Enter")), Button(tr("Outputs go to…"))
        self.remove_button, close = Button(tr("No longer  Del")), Button(tr("Close"))
        for button, act in (
            (self.add_button, self.add),
            (self.for_button, self.choose_receivers),
            (self.into_button, self.choose_place),
            (self.remove_button, self.remove),
        ):
            button.clicked.connect(act)
            row.addWidget(button)
        row.addStretch(1)
        close.clicked.connect(self.close)
        row.addWidget(close)
        column.addLayout(row)
        watching.changed.connect(self.refresh)
        watching.message.connect(self.notice.setText)
        self.refresh()
        (self.table if watching.folders else self.add_button).setFocus()

    def refresh(self) -> None:
        folders = self._watching.folders
        here = self.table.currentRow()
        self.table.show_rows(folders)
        if folders and self.table.current is None:
            self.table.set_current(max(0, min(here, len(folders) - 1)))
        for button in (self.for_button, self.into_button, self.remove_button):
            button.setEnabled(bool(folders))

    def add(self) -> None:
        """Ask for a folder; it is for the receivers of the board."""
        dialog = QFileDialog(self, tr("Watch a folder"))
        dialog.setFileMode(QFileDialog.FileMode.Directory)
        dialog.fileSelected.connect(lambda name: self.add_folder(Path(name)))
        dialog.open()

    def add_folder(self, path: Path) -> None:
        if any(one.path == path.absolute() for one in self._watching.folders):
            self.notice.setText(tr("{name} is watched already.", name=path.name))
            return
        known = [slug for slug in self._receivers if slug in {**shipped_receivers(), **own_receivers()}]
        self._put([*self._watching.folders, (path, tuple(known) or ("phone-menu",), None)])

    def _put(self, folders: list[WatchedFolder | tuple[Path, tuple[str, ...], Path | None]]) -> None:
        try:
            whole = [one if isinstance(one, WatchedFolder) else WatchedFolder.of(*one) for one in folders]
        except KittiwakeError as error:
            self.notice.setText(str(error))
            return
        self.notice.clear()
        self._watching.put(whole)

    def _current(self) -> int | None:
        row = self.table.currentRow()
        return row if 0 <= row < len(self._watching.folders) else None

    def remove(self) -> None:
        if (row := self._current()) is not None:
            self._put([one for n, one in enumerate(self._watching.folders) if n != row])

    def choose_receivers(self) -> None:
        row = self._current()
        if row is None:
            return
        one = self._watching.folders[row]
        dialog = _Receivers(self, one.receivers)

        def take() -> None:
            folders = list(self._watching.folders)
            folders[row] = replace(one, receivers=dialog.chosen())
            self._put(list(folders))

        dialog.accepted.connect(take)
        dialog.open()

    def choose_place(self) -> None:
        row = self._current()
        if row is None:
            return
        one = self._watching.folders[row]
        dialog = QFileDialog(self, tr("Outputs go to"))
        dialog.setFileMode(QFileDialog.FileMode.Directory)

        def take(name: str) -> None:
            folders: list[WatchedFolder | tuple[Path, tuple[str, ...], Path | None]] = list(self._watching.folders)
            folders[row] = (one.path, one.receivers, Path(name))
            self._put(folders)

        dialog.fileSelected.connect(take)
        dialog.open()

    def done(self, result: int) -> None:
        self._watching.changed.disconnect(self.refresh)
        super().done(result)


class _Receivers(QDialog):
    """Ticks for the receivers of a folder; at least one."""

    def __init__(self, parent: QWidget, chosen: tuple[str, ...]) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Receivers of the folder"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(380), scaled(420))
        column = QVBoxLayout(self)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Receivers; the space bar ticks one"))
        known = {**shipped_receivers(), **own_receivers()}
        for slug in dict.fromkeys((*chosen, *known)):
            item = QListWidgetItem(in_words(_name_of(slug)))
            item.setData(Qt.ItemDataRole.UserRole, slug)
            item.setCheckState(Qt.CheckState.Checked if slug in chosen else Qt.CheckState.Unchecked)
            self.list.addItem(item)
        column.addWidget(self.list)
        self._buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self._buttons.accepted.connect(self.accept)
        self._buttons.rejected.connect(self.reject)
        column.addWidget(self._buttons)
        self.list.itemChanged.connect(lambda _: self._count())
        self.list.setCurrentRow(0)
        self._count()

    def _count(self) -> None:
        self._buttons.button(QDialogButtonBox.StandardButton.Ok).setEnabled(bool(self.chosen()))

    def chosen(self) -> tuple[str, ...]:
        items = [self.list.item(n) for n in range(self.list.count())]
        return tuple(
            str(one.data(Qt.ItemDataRole.UserRole)) for one in items if one.checkState() == Qt.CheckState.Checked
        )


def _name_of(slug: str) -> str:
    try:
        return load_receiver(slug).name
    except KittiwakeError:
        return slug
