"""A receiver's rules, treatment and delivery as sentences with blanks that are filled in place."""

from __future__ import annotations

import copy

from PySide6.QtCore import QEvent, QObject, QTimer, Signal
from PySide6.QtWidgets import QBoxLayout, QComboBox, QHBoxLayout, QLineEdit, QVBoxLayout, QWidget

from ....core.errors import RulesError
from ....core.fit import check_receiver
from ....core.model import Receiver
from ....core.model.receiver_file import receiver_from_data
from ....core.model.rule import Blank
from ....words import in_words, tr
from ...theme.scale import scaled
from ...widgets.parts import part_label
from ...widgets.sentence import Sentence
from ...widgets.worded import Choice, Label
from .blank_values import as_text, parsed, read, write
from .blanks import blanks


class RulesEditor(QWidget):
    """Fields for one receiver. ``edited`` says that what stands in them is right, or why it is not."""

    edited = Signal(object, Sentence)  # Receiver or None, the trouble

    def __init__(self) -> None:
        super().__init__()
        self._receiver: Receiver | None = None
        self.fields: list[tuple[Blank, QLineEdit | QComboBox]] = []
        self._whole = QBoxLayout(QBoxLayout.Direction.LeftToRight, self)
        self._whole.setContentsMargins(0, 0, 8, 0)
        self._whole.setSpacing(26)
        columns = {}
        for part, title in (("RULES", tr("RULES")), ("TREATMENT", tr("TREATMENT AND DELIVERY"))):
            columns[part] = QVBoxLayout()
            columns[part].setSpacing(4)
            columns[part].addWidget(part_label(in_words(title)))
            self._whole.addLayout(columns[part], 1)
        row: QHBoxLayout | None = None
        for part, blank in blanks():
            # A sentence that goes on in small letters stays on its line.
            if row is None or not blank.before[0].islower():
                holder = QWidget()
                row = QHBoxLayout(holder)
                row.setContentsMargins(0, 0, 0, 0)
                row.setSpacing(7)
                columns[part].addWidget(holder)
            self._put(row, blank)
        for column in columns.values():
            column.addStretch(1)
        self._columns = tuple(columns.values())
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(120)
        self._timer.timeout.connect(self._check)

    def event(self, event: QEvent) -> bool:
        if event.type() == QEvent.Type.ParentChange and (area := self.parentWidget()) is not None:
            area.installEventFilter(self)
        return super().event(event)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        area = self.parentWidget()
        if event.type() == QEvent.Type.Resize and area is not None and watched is area:
            self._arrange(area.width())
        return super().eventFilter(watched, event)

    def _arrange(self, room: int) -> None:
        """Side by side where there is room for both columns, else one under the other."""
        needed = sum(column.minimumSize().width() for column in self._columns) + self._whole.spacing() + 8
        way = QBoxLayout.Direction.LeftToRight if room >= needed else QBoxLayout.Direction.TopToBottom
        if way != self._whole.direction():
            self._whole.setDirection(way)

    def _put(self, row: QHBoxLayout, blank: Blank) -> None:
        row.addWidget(Label(blank.before))
        field: QLineEdit | QComboBox
        if blank.choices:
            field = Choice()
            for value, words in blank.chosen_from():
                field.addItem(words, value)
            field.setMinimumWidth(scaled(60))
            field.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            field.setEditable(blank.kind == "bit_rate")
            if (typed := field.lineEdit()) is not None:
                typed.setPlaceholderText(tr("as usual"))
                field.setInsertPolicy(QComboBox.InsertPolicy.NoInsert)
                field.editTextChanged.connect(lambda _: self._timer.start())
            else:
                field.currentIndexChanged.connect(lambda _: self._timer.start())
        else:
            field = QLineEdit()
            field.setPlaceholderText(tr("the format's own") if blank.kind == "ending" else tr("no rule"))
            field.textEdited.connect(lambda _: self._timer.start())
        field.setAccessibleName(f"{in_words(blank.before)} … {in_words(blank.after)}".strip())
        row.addWidget(field, 1)
        if blank.after:
            row.addWidget(Label(blank.after))
        self.fields.append((blank, field))

    def _show_targets(self) -> None:
        """Only the target of the measure that is chosen; the others stay as they are, unseen."""
        measure = next(
            f.currentData() for b, f in self.fields if b.path[-1] == "measure" and isinstance(f, QComboBox)
        )
        wanted = {"active": "target_dbov", "loudness": "target_lufs", "peak": "target_dbfs"}.get(measure)
        for blank, field in self.fields:
            shown = wanted is not None if blank.path[-1] == "tolerance_db" else blank.path[-1] == wanted
            holder = field.parentWidget()
            if holder and (blank.path[-1] == "tolerance_db" or str(blank.path[-1]).startswith("target_")):
                holder.setVisible(shown)

    def show_receiver(self, receiver: Receiver) -> None:
        """Fill the blanks; what was typed for another receiver is dropped."""
        self._receiver = receiver
        data = receiver.to_data()
        for blank, field in self.fields:
            value = read(data, blank)
            field.blockSignals(True)
            if isinstance(field, QComboBox) and field.isEditable():
                field.setEditText(as_text(value, blank.kind))
            elif isinstance(field, QComboBox):
                at = next((n for n, (choice, _) in enumerate(blank.chosen_from()) if choice == value), field.count())
                if at == field.count() and (at := field.findData(value)) < 0:
                    # One that there is none of here: a stand-in of an extension that is left out.
                    at = field.count()
                    field.addItem(as_text(value, blank.kind), value)
                field.setCurrentIndex(at)
            else:
                field.setText(as_text(value, blank.kind))  # as it is typed: with a point
            field.blockSignals(False)
        self._show_targets()

    def _check(self) -> None:
        if self._receiver is None:
            return
        self._show_targets()
        try:
            found = self.receiver()
            faults = check_receiver(found)
        except (RulesError, ValueError) as error:
            self.edited.emit(None, str(error))
            return
        self.edited.emit(None if faults else found, " ".join(faults))

    def receiver(self) -> Receiver:
        """The receiver that stands in the blanks.

        Raises
        ------
        RulesError, ValueError : what stands there is none; the message names the field.
        """
        assert self._receiver is not None
        data = copy.deepcopy(self._receiver.to_data())
        for blank, field in self.fields:
            chosen = isinstance(field, QComboBox) and not field.isEditable()
            write(data, blank, field.currentData() if chosen else parsed(_text_of(field), blank))  # type: ignore[union-attr]
        return receiver_from_data(data, self._receiver.name)

    def begin_to_name(self) -> None:
        """Put the keyboard into the name of the receiver."""
        field = self.fields[0][1]
        field.setFocus()
        if isinstance(field, QLineEdit):
            field.selectAll()

    def typed(self) -> list[str]:
        """What stands in the blanks, to be put there again."""
        return [_text_of(field) for _, field in self.fields]

    def put_typed(self, typed: list[str]) -> None:
        """Put what was typed for this receiver into the blanks again."""
        for (_, field), text in zip(self.fields, typed, strict=True):
            if isinstance(field, QLineEdit):
                field.setText(text)
            elif field.isEditable():
                field.setEditText(text)
            else:
                field.setCurrentIndex(field.findText(text))
        self._check()

    def put_receiver(self, receiver: Receiver) -> None:
        """Fill the blanks with the rules of another version of the receiver, not taken yet."""
        shown = self._receiver
        self.show_receiver(receiver)
        self._receiver = shown
        self._check()


def _text_of(field: QLineEdit | QComboBox) -> str:
    return field.text() if isinstance(field, QLineEdit) else field.currentText()
