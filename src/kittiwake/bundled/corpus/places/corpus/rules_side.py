"""The right side of the page of a corpus: rules with what they cost, and the clips that stand out."""

from __future__ import annotations

from typing import NamedTuple

from PySide6.QtWidgets import QHBoxLayout, QVBoxLayout

from .....commands import key_of
from .....ui.widgets.button import Button
from .....ui.widgets.field import Field
from .....ui.widgets.row_table import Column, RowTable
from .....ui.widgets.worded import Label
from .....words import tr
from ...core.rules import Rule
from ...core.sheet import hours


class RuleCost(NamedTuple):
    """A rule that is taken, whether it only flags, and what breaks it: clips, and seconds of sound."""

    rule: Rule
    flags: bool
    clips: int
    seconds: float


class ListedClip(NamedTuple):
    """A clip as it stands in the list, in words."""

    id: str
    name: str
    value: str
    off: str
    speaker: str
    notes: str


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
        self.cost = Label()
        self.cost.setProperty("soft", True)
        self.cost.setWordWrap(True)
        self.addWidget(self.cost)
        self.rule_table: RowTable[RuleCost] = RowTable(
            tr("Rules; Delete takes one away"),
            [
                Column(tr("Rule"), lambda one: one.rule.words, width=190),
                Column(tr("Does"), lambda one: tr("flags") if one.flags else tr("leaves out"), width=100),
                Column(tr("Clips"), lambda one: f"{one.clips:,}", width=100),
                Column(tr("Sound"), lambda one: hours(one.seconds)),
            ],
            key=lambda one: one.rule,
        )
        self.rule_table.setMaximumHeight(112)
        self.addWidget(self.rule_table)
        self.list_head = Label()
        self.list_head.setProperty("part", True)
        self.addWidget(self.list_head)
        self.table: RowTable[ListedClip] = RowTable(
            tr("Clips, those farthest from the middle first"),
            [
                Column(tr("Clip"), lambda one: one.name, width=136),
                Column(tr("Value"), lambda one: one.value, width=104),
                Column(tr("Off the middle"), lambda one: one.off, width=114),
                Column(tr("Speaker"), lambda one: one.speaker, width=74),
                Column(tr("Notes"), lambda one: one.notes),
            ],
            key=lambda one: one.id,
            several=True,
        )
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
