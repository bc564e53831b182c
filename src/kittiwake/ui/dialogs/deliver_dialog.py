"""What is about to be handed over: everything is listed before anything goes out."""

from __future__ import annotations

from pathlib import Path
from typing import NamedTuple

from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QGridLayout,
    QHBoxLayout,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from ...core.errors import KittiwakeError
from ...core.model import Receiver
from ...core.model.units import format_bytes, format_seconds
from ...words import phrase, tr
from ...work.deliver import Item, Plan, plan_of
from ...work.deliver.form import forms
from ...work.deliver.plan import STATES
from ...work.standin.machine import kinds
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.field import Field
from ..widgets.row_table import Column, RowTable
from ..widgets.worded import CheckBox, Choice, Label

_MANIFESTS = (
    ("none", phrase("no list")),
    ("jsonl", phrase("list as JSON lines")),
    ("csv", phrase("list as CSV")),
    ("both", phrase("both lists")),
)
_SHOWN = 500
_ORDER = ("changed", "new", "same")


class PlannedFile(NamedTuple):
    """A file where it goes to, and what it is there now, in words."""

    place: str
    state: str
    bytes: int | None
    seconds: float | None


class DeliverDialog(QDialog):
    """``plan`` is what was accepted; ``tries``, ``slowly`` and ``takes_away`` what else was ticked."""

    def __init__(
        self, parent: QWidget, receiver: Receiver, items: list[Item], missing: list[str], root: Path, into: Path
    ) -> None:
        super().__init__(parent)
        self._receiver, self._items, self._root = receiver, items, root
        self.plan: Plan | None = None
        self.setWindowTitle(tr("Deliver to {name}", name=receiver.name))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(720), scaled(520))
        column = QVBoxLayout(self)
        self.head = Label()
        self.head.setWordWrap(True)
        column.addWidget(self.head)
        column.addLayout(self._fields(into))
        self.table: RowTable[PlannedFile] = RowTable(
            tr("What goes out"),
            [
                Column(tr("File"), lambda one: one.place, width=340),
                Column(tr("Now"), lambda one: one.state, width=96),
                Column(tr("Size"), lambda one: "" if one.bytes is None else format_bytes(one.bytes), width=92),
                Column(tr("Length"), lambda one: "" if one.seconds is None else format_seconds(one.seconds)),
            ],
            key=lambda one: one.place,
        )
        column.addWidget(self.table, 1)
        if missing:
            names = ", ".join(missing[:4]) + (" …" if len(missing) > 4 else "")
            note = Label(tr("Not made, and not in it: {list}.", list=names))
            note.setWordWrap(True)
            column.addWidget(note)
        column.addLayout(self._ticks())
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.go_button = self.box.addButton(tr("Deliver"), QDialogButtonBox.ButtonRole.AcceptRole)
        self.go_button.setProperty("main", True)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        column.addWidget(self.box)
        self._show_plan()
        self.go_button.setFocus()
        self.go_button.setDefault(True)

    def _fields(self, into: Path) -> QGridLayout:
        grid = QGridLayout()
        self.into = Field(str(into))
        self.into.setAccessibleName(tr("Folder that it goes to"))
        self.choose_button = Button(tr("Choose…"))
        self.choose_button.clicked.connect(self._choose)
        self.form, self.manifest = Choice(), Choice()
        for form in forms().values():
            self.form.addItem(form.name, form.key)
        for key, words in _MANIFESTS:
            self.manifest.addItem(words, key)
        delivery = self._receiver.delivery
        self.form.setCurrentIndex(max(0, self.form.findData(delivery.form)))
        self.manifest.setCurrentIndex(max(0, self.manifest.findData(delivery.manifest)))
        for row, (text, widget) in enumerate(((tr("&Into"), self.into), (tr("&As"), self.form))):
            label = Label(text)
            label.setBuddy(widget)
            grid.addWidget(label, row, 0)
            grid.addWidget(widget, row, 1)
        grid.addWidget(self.choose_button, 0, 2)
        grid.addWidget(self.manifest, 1, 2)
        grid.setColumnStretch(1, 1)
        self.into.textChanged.connect(self._show_plan)
        self.form.currentIndexChanged.connect(self._show_plan)
        self.manifest.currentIndexChanged.connect(self._show_plan)
        return grid

    def _ticks(self) -> QHBoxLayout:
        row = QHBoxLayout()
        kind = kinds().get(self._receiver.standin)
        self.try_box = CheckBox(tr("Try all of it on the stand-in {name} first", name=kind.name) if kind else "")
        self.try_box.setVisible(kind is not None)
        self.try_box.setChecked(kind is not None)
        self.away_box = CheckBox(tr("Delete there what is wanted no more"))
        row.addWidget(self.try_box)
        self.slow_box = CheckBox(tr("as slowly as its link is"))
        pace = kind.pace if kind else None
        self.slow_box.setVisible(pace is not None)
        if pace:
            seconds = sum(item.bytes for item in self._items) / pace
            self.slow_box.setText(tr("as slowly as its link is: {seconds}", seconds=format_seconds(seconds)))
        row.addWidget(self.slow_box)
        row.addWidget(self.away_box)
        row.addStretch(1)
        return row

    @property
    def tries(self) -> bool:
        return self.try_box.isChecked() and bool(kinds().get(self._receiver.standin))

    @property
    def slowly(self) -> bool:
        return self.tries and self.slow_box.isChecked()

    @property
    def takes_away(self) -> bool:
        return self.away_box.isChecked()

    def _choose(self) -> None:
        found = QFileDialog.getExistingDirectory(self, tr("Where it goes"), self.into.text())
        if found:
            self.into.setText(found)

    def _show_plan(self) -> None:
        changes = {"form": self.form.currentData(), "manifest": self.manifest.currentData()}
        receiver = self._receiver.changed(delivery=self._receiver.delivery.changed(**changes))
        try:
            typed = self.into.text().strip()
            if not typed:
                raise KittiwakeError(tr("It has to go somewhere."), tr("Name a folder."), "no_folder")
            self.plan = plan_of(self._items, receiver, self._root, Path(typed).expanduser().absolute())
        except KittiwakeError as error:
            self.plan = None
            self.head.setText(str(error))
            self.go_button.setEnabled(False)
            return
        plan = self.plan
        count = len(plan.places)
        self.head.setText(
            tr(
                "{n} files, {bytes}: {words}.",
                "{n} file, {bytes}: {words}.",
                count,
                n=count,
                bytes=format_bytes(plan.bytes),
                words=plan.words,
            )
        )
        self.go_button.setText(tr("Deliver {n} files", "Deliver {n} file", count, n=count))
        self.go_button.setEnabled(True)
        self.away_box.setVisible(bool(plan.gone))
        files = [
            PlannedFile(place, STATES.get(plan.states[place], plan.states[place]), item.bytes, item.seconds)
            for place, item in sorted(plan.places.items(), key=lambda one: _ORDER.index(plan.states[one[0]]))
        ]
        gone = [PlannedFile(one.name, tr("there, and no more in the set"), None, None) for one in plan.gone]
        self.table.show_rows([*gone, *files][:_SHOWN])
