"""How words are to be said: a line each, ``word = as it is said``."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDialog, QDialogButtonBox, QLabel, QPlainTextEdit, QVBoxLayout, QWidget

from ..core.model.script import Respelling


class RespellingDialog(QDialog):
    """``respellings`` is what stands there, once accepted."""

    def __init__(self, parent: QWidget, before: tuple[Respelling, ...]) -> None:
        super().__init__(parent)
        self.setWindowTitle("Respellings")
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(520, 420)
        column = QVBoxLayout(self)
        head = QLabel(
            "A line each: the word, =, and how it is to be said. Whole words, in any case; == only as written. "
            "A language behind @ limits it: St = Saint @en. Phonemes stand in [[ ]]."
        )
        head.setWordWrap(True)
        column.addWidget(head)
        self.edit = QPlainTextEdit()
        self.edit.setAccessibleName("Respellings, one a line")
        self.edit.setPlaceholderText("Skerrow = Scarrow\nMay == M A Y\nSt = Saint @en")
        self.edit.setPlainText("\n".join(map(_written, before)))
        column.addWidget(self.edit, 1)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.accepted.connect(self.accept)
        box.rejected.connect(self.reject)
        column.addWidget(box)
        self.edit.setFocus()

    @property
    def respellings(self) -> tuple[Respelling, ...]:
        return tuple(one for line in self.edit.toPlainText().splitlines() if (one := parsed(line)))


def _written(one: Respelling) -> str:
    language = f" @{one.language}" if one.language else ""
    return f"{one.word} {'==' if one.case else '='} {one.say}{language}"


def parsed(line: str) -> Respelling | None:
    """The respelling of a line; None where it is none."""
    word, equals, rest = line.partition("=")
    if not equals or not word.strip():
        return None
    case = rest.startswith("=")
    say, at, language = rest.lstrip("=").rpartition("@")
    if not at or " " in language.strip():
        say, language = rest.lstrip("="), ""
    return Respelling(word.strip(), say.strip(), language.strip().casefold(), case)
