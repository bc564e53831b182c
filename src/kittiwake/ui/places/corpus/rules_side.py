"""The right side of the page of a corpus: rules with what they cost, and the clips that stand out."""

from __future__ import annotations

from PySide6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout

from ....commands import key_of
from ....words import phrase, tr
from ...theme.scale import scaled
from ...widgets.button import Button
from ...widgets.field import Field
from ...widgets.key_table import KeyTable

_HEADS = (phrase("Clip"), phrase("Value"), phrase("Off the middle"), phrase("Speaker"), phrase("Notes"))


class RulesSide(QVBoxLayout):
    def __init__(self) -> None:
        super().__init__()
        self.setSpacing(6)
        row = QHBoxLayout()
        self.rule_field = Field("")
        self.rule_field.setPlaceholderText(tr("A rule, such as snr >= 20 dB"))
        self.rule_field.setAccessibleName(tr("A rule that clips have to keep"))
        self.drop_button = Button(tr("Leave out"))
        self.drop_button.setToolTip(tr("What breaks the rule is left out of the corpus"))
        self.flag_button = Button(tr("Flag"))
        self.flag_button.setToolTip(tr("What breaks the rule is in the corpus, and said to"))
        row.addWidget(self.rule_field, 1)
        row.addWidget(self.drop_button)
        row.addWidget(self.flag_button)
        self.addLayout(row)
        self.cost = QLabel()
        self.cost.setProperty("soft", True)
        self.cost.setWordWrap(True)
        self.addWidget(self.cost)
        self.rule_table = KeyTable(
            (tr("Rule"), tr("Does"), tr("Clips"), tr("Sound")), tr("Rules; Delete takes one away")
        )
        self.rule_table.setMaximumHeight(112)
        self.rule_table.setColumnWidth(0, scaled(190))
        self.addWidget(self.rule_table)
        self.list_head = QLabel()
        self.list_head.setProperty("part", True)
        self.addWidget(self.list_head)
        self.table = KeyTable(_HEADS, tr("Clips, those farthest from the middle first"))
        for at, width in ((0, 136), (1, 104), (2, 114), (3, 74)):
            self.table.setColumnWidth(at, scaled(width))
        self.addWidget(self.table, 1)
        row = QHBoxLayout()
        self.play_button = Button(tr("Hear it  Enter"))
        self.out_button = Button(tr("Leave out on the board  Del"))
        self.out_button.setToolTip(
            tr("The chosen clips are not for this receiver any more; {key} takes it back", key=key_of("edit.undo"))
        )
        row.addWidget(self.play_button)
        row.addWidget(self.out_button)
        row.addStretch(1)
        self.addLayout(row)
