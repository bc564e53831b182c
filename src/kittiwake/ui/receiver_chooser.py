"""Which receivers stand on the board."""

from __future__ import annotations

from collections.abc import Mapping
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)

from ..core.errors import KittiwakeError
from ..core.fit import check_receiver
from ..core.model import Receiver, load_receiver, shipped_receivers
from .board.model import demand
from .button import Button


class ReceiverChooser(QDialog):
    """A list to tick; ``chosen`` gives slugs and paths in the order of the list."""

    def __init__(self, parent: QWidget, current: tuple[str, ...], own: Mapping[str, Receiver]) -> None:
        super().__init__(parent)
        self._own = own
        self.setWindowTitle("Receivers on the board")
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(720, 580)
        column = QVBoxLayout(self)
        said = QLabel("Tick the receivers to make for. The space bar ticks; the board has a column for each.")
        said.setWordWrap(True)
        column.addWidget(said)
        self.list = QListWidget()
        self.list.setAccessibleName("Receivers")
        column.addWidget(self.list)
        self.trouble = QLabel()
        self.trouble.setWordWrap(True)
        column.addWidget(self.trouble)
        foot = QHBoxLayout()
        self.file_button = Button("From a TOML file…")
        self.file_button.clicked.connect(self._from_file)
        foot.addWidget(self.file_button)
        foot.addStretch(1)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        foot.addWidget(buttons)
        column.addLayout(foot)
        for name in dict.fromkeys((*shipped_receivers(), *own, *current)):
            self._add(name, name in current)
        self.list.setCurrentRow(0)

    def _add(self, name: str, ticked: bool) -> None:
        try:
            receiver = self._known(name)
        except KittiwakeError as error:
            self.trouble.setText(f"{error} It is left out.")
            return
        item = QListWidgetItem(f"{receiver.name}: {demand(receiver)}\n{receiver.purpose}")
        item.setData(Qt.ItemDataRole.UserRole, name)
        item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
        item.setCheckState(Qt.CheckState.Checked if ticked else Qt.CheckState.Unchecked)
        self.list.addItem(item)

    def _known(self, name: str) -> Receiver:
        return self._own[name] if name in self._own else load_receiver(name)

    def _from_file(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, "A receiver", filter="Receivers (*.toml)")
        if name:
            self.add_file(Path(name))

    def add_file(self, path: Path) -> bool:
        """Put a receiver of one's own on the list, ticked; says why not where that fails."""
        try:
            receiver = load_receiver(path)
            faults = check_receiver(receiver)
            taken = [
                self._known(self.list.item(row).data(Qt.ItemDataRole.UserRole)) for row in range(self.list.count())
            ]
            if receiver.slug in {other.slug for other in taken}:
                faults.append(f"There is a receiver “{receiver.slug}” already: give it another slug.")
        except KittiwakeError as error:
            faults = [str(error)]
        self.trouble.setText(" ".join(faults))
        if not faults:
            self._add(str(path), True)
            self.list.setCurrentRow(self.list.count() - 1)
        return not faults

    def chosen(self) -> tuple[str, ...]:
        items = [self.list.item(row) for row in range(self.list.count())]
        return tuple(i.data(Qt.ItemDataRole.UserRole) for i in items if i.checkState() == Qt.CheckState.Checked)
