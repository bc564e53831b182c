"""The jobs that were open last: arrow keys, Enter opens."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDialog, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from ...words import tr
from ..shell.language import day_and_time
from ..theme.scale import scaled
from ..widgets.short_path import short_path
from ..widgets.worded import Label


class RecentDialog(QDialog):
    """``path`` is the one that was chosen, once it is accepted."""

    def __init__(self, parent: QWidget, jobs: Sequence[Path]) -> None:
        super().__init__(parent)
        self.path: Path | None = None
        self.setWindowTitle(tr("Recent jobs"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(560), scaled(380))
        column = QVBoxLayout(self)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Recent jobs"))
        for job in jobs:
            when = datetime.fromtimestamp(job.stat().st_mtime)
            item = QListWidgetItem(
                tr(
                    "{stem}\n{parent}, saved {when}",
                    stem=job.stem,
                    parent=short_path(job.parent),
                    when=day_and_time(when),
                )
            )
            item.setData(Qt.ItemDataRole.UserRole, str(job))
            self.list.addItem(item)
        self.list.setCurrentRow(0)
        self.list.itemActivated.connect(self._chosen)
        column.addWidget(self.list)
        hint = Label(tr("Enter opens the job."))
        hint.setProperty("soft", True)
        column.addWidget(hint)

    def _chosen(self, item: QListWidgetItem) -> None:
        self.path = Path(item.data(Qt.ItemDataRole.UserRole))
        self.accept()
