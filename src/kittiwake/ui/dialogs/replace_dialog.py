"""Find and replace, in the lines of the script."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QDialog, QDialogButtonBox, QFormLayout, QWidget

from ...words import in_words, tr
from ..theme.scale import scaled
from ..widgets.field import Field
from ..widgets.worded import CheckBox


class ReplaceDialog(QDialog):
    """``wanted`` : what is looked for, what is put in its place, and whether in names too."""

    wanted = Signal(str, str, bool)

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Find and replace"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.setMinimumWidth(scaled(420))
        form = QFormLayout(self)
        self.words, self.other = Field(), Field()
        self.words.setAccessibleName(tr("What is looked for"))
        self.other.setAccessibleName(tr("What is put in its place"))
        self.names = CheckBox(tr("In names, too"))
        form.addRow(tr("&Find"), self.words)
        form.addRow(tr("&Put"), self.other)
        form.addRow("", self.names)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.button(QDialogButtonBox.StandardButton.Ok).setText(tr("Replace all"))
        box.accepted.connect(self._done)
        box.rejected.connect(self.reject)
        form.addRow(in_words(box))
        self.words.setFocus()

    def _done(self) -> None:
        if self.words.text():
            self.wanted.emit(self.words.text(), self.other.text(), self.names.isChecked())
        self.accept()
