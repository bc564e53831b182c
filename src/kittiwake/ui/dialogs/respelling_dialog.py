"""How words are to be said, in this job and in all jobs: a line each, ``word = as it is said``."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDialog, QDialogButtonBox, QPlainTextEdit, QVBoxLayout, QWidget

from ...core.model.script import Respelling
from ...words import tr
from ...work.script.respell import as_text, parsed
from ..theme.scale import scaled
from ..widgets.worded import Label


class RespellingDialog(QDialog):
    """``respellings`` and ``own`` are what stands there, once accepted: that of the job, and that of the person."""

    def __init__(self, parent: QWidget, before: tuple[Respelling, ...], own: tuple[Respelling, ...]) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Respellings"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(560), scaled(520))
        column = QVBoxLayout(self)
        head = Label(
            tr(
                "A line each: the word, =, and how it is to be said. Whole words, in any case; == only as written. A language behind @ limits it: St = Saint @en. # is a number, #. its digits one by one: Berth # = Berth #. Phonemes stand in [[ ]]."
            )
        )
        head.setWordWrap(True)
        column.addWidget(head)
        self.edit = self._box(column, tr("In this &job"), before, 2)
        self.edit.setPlaceholderText("Skerrow = Scarrow\nMay == M A Y\nSt = Saint @en\n#:# = # hours #")
        self.own_edit = self._box(column, tr("In &all my jobs; a job keeps those that act in it"), own, 1)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.accepted.connect(self.accept)
        box.rejected.connect(self.reject)
        column.addWidget(box)
        self.edit.setFocus()

    @staticmethod
    def _box(column: QVBoxLayout, title: str, before: tuple[Respelling, ...], share: int) -> QPlainTextEdit:
        label, edit = Label(title), QPlainTextEdit()
        label.setBuddy(edit)
        edit.setAccessibleName(tr("{title}: respellings, one a line", title=title.replace("&", "")))
        edit.setTabChangesFocus(True)
        edit.setPlainText(as_text(before))
        column.addWidget(label)
        column.addWidget(edit, share)
        return edit

    @property
    def respellings(self) -> tuple[Respelling, ...]:
        return parsed(self.edit.toPlainText())

    @property
    def own(self) -> tuple[Respelling, ...]:
        return parsed(self.own_edit.toPlainText())
