"""The row over the picture: how many clips there are, the chosen one's name and words, and a new one by its times."""

from __future__ import annotations

from PySide6.QtWidgets import QHBoxLayout, QWidget

from ....words import tr
from ...theme.scale import scaled
from ...widgets.button import Button
from ...widgets.elided import ElidedLabel
from ...widgets.field import Field
from ...widgets.worded import Label


class NameRow(QWidget):
    def __init__(self) -> None:
        super().__init__()
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(8)
        self.head = Label()
        self.head.setProperty("head", True)
        row.addWidget(self.head)
        label = Label(tr("&Name"))
        self.name = Field()
        self.name.setPlaceholderText(tr("Type a name, Enter: the next clip plays"))
        self.name.setAccessibleName(tr("Name of the chosen span; Enter goes on to the next"))
        self.name.setMinimumWidth(scaled(140))
        label.setBuddy(self.name)
        row.addWidget(label)
        row.addWidget(self.name, 2)
        self.words = ElidedLabel()
        self.words.setProperty("soft", True)
        self.words.setMinimumWidth(scaled(40))
        row.addWidget(self.words, 2)
        self.typed = Field()
        self.typed.setPlaceholderText(tr("0:00 to 1:05 Welcome"))
        self.typed.setAccessibleName(tr("A new span: start, end and name"))
        self.typed.setMinimumWidth(scaled(120))
        label = Label(tr("Ne&w span"))
        label.setBuddy(self.typed)
        row.addWidget(label)
        row.addWidget(self.typed, 1)
        self.list_button = Button(tr("Names from a list…"))
        row.addWidget(self.list_button)
        self.ear_button = Button(tr("By ear  Ctrl+B"))
        self.ear_button.setToolTip(tr("The speech engine suggests which line of the list each span is"))
        row.addWidget(self.ear_button)
