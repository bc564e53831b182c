"""Lists outputs that no clip of the job wants any more, and moves the chosen ones to the trash."""

from __future__ import annotations

import contextlib
from pathlib import Path

from PySide6.QtCore import QFile, QStandardPaths, Qt
from PySide6.QtWidgets import QDialog, QDialogButtonBox, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from ...core.make.ledger import Entry
from ...core.model.units import format_bytes
from ...words import tr
from ..theme.scale import scaled
from ..widgets.worded import Label


class UnwantedDialog(QDialog):
    """Nothing is moved until the button is pressed. ``moved`` and ``stayed`` say what became of the chosen ones."""

    def __init__(self, parent: QWidget, found: list[tuple[Path, Entry]]) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Outputs no longer wanted"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(680), scaled(420))
        self.moved: list[Path] = []
        self.stayed: list[Path] = []
        column = QVBoxLayout(self)
        head = Label(
            tr(
                "{n} files made here belong to no clip of this job any more. Untick what is to stay; the others go to the trash, from where they can be taken back.",
                "{n} file made here belong to no clip of this job any more. Untick what is to stay; the others go to the trash, from where they can be taken back.",
                len(found),
                n=len(found),
            )
        )
        head.setWordWrap(True)
        column.addWidget(head)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Outputs no longer wanted"))
        for path, entry in found:
            item = QListWidgetItem(
                tr(
                    "{name}, {bytes}, made of {source}",
                    name=path.name,
                    bytes=format_bytes(entry.bytes),
                    source=Path(entry.source).name,
                )
            )
            item.setToolTip(str(path))
            item.setData(Qt.ItemDataRole.UserRole, str(path))
            item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
            item.setCheckState(Qt.CheckState.Checked)
            self.list.addItem(item)
        column.addWidget(self.list)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.move_button = self.box.addButton(tr("Move to the trash"), QDialogButtonBox.ButtonRole.AcceptRole)
        self.box.accepted.connect(self._move)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self.list.itemChanged.connect(lambda _: self._count())
        self._count()
        self.list.setFocus()

    def chosen(self) -> list[Path]:
        items = [self.list.item(row) for row in range(self.list.count())]
        return [
            Path(item.data(Qt.ItemDataRole.UserRole)) for item in items if item.checkState() == Qt.CheckState.Checked
        ]

    def _count(self) -> None:
        count = len(self.chosen())
        self.move_button.setText(tr("Move {count} to the trash", count=count))
        self.move_button.setEnabled(count > 0)

    def _move(self) -> None:
        # The trash of one's own lies in there; Qt does not make it on an account that never had it.
        with contextlib.suppress(OSError):
            home = QStandardPaths.writableLocation(QStandardPaths.StandardLocation.GenericDataLocation)
            Path(home).mkdir(parents=True, exist_ok=True)
        for path in self.chosen():
            (self.moved if QFile.moveToTrash(str(path)) else self.stayed).append(path)
        self.accept()
