"""A control for one setting: what is chosen holds at once."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtWidgets import QCheckBox, QComboBox, QFileDialog, QHBoxLayout, QSpinBox, QVBoxLayout, QWidget

from ...words import in_words, searchable, tr
from ...work.settings import Setting
from ..ear.speaker import loudspeakers
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.elided import ElidedLabel
from ..widgets.parts import esc
from ..widgets.rich import in_our_weights
from ..widgets.said_box import inset
from ..widgets.short_path import short_path
from ..widgets.worded import CheckBox, Choice, Label
from ..workers.microphone import microphones
from .held import HeldSettings


class SettingRow(QWidget):
    """Its words, its control, and a way back to how it comes."""

    def __init__(self, setting: Setting, settings: HeldSettings) -> None:
        super().__init__()
        self.setting, self._settings = setting, settings
        self._form = QHBoxLayout(self)
        self._form.setContentsMargins(0, 5, 0, 5)
        self._form.setSpacing(16)
        words = QVBoxLayout()
        words.setSpacing(1)
        self.label = Label(setting.text)
        words.addWidget(self.label)
        self.help = Label(setting.help)
        self.help.setProperty("soft", True)
        self.help.setWordWrap(True)
        words.addWidget(self.help)
        words.addStretch(1)
        self._form.addLayout(words, 3)
        side = QVBoxLayout()
        side.setSpacing(2)
        self.control = self._made()
        self.control.setAccessibleName(in_words(setting.text))
        self.control.setAccessibleDescription(in_words(setting.help))
        self.label.setBuddy(self.control)
        side.addWidget(self.control)
        self.back = Button(tr("Back to how it comes"))
        self.back.setAccessibleName(tr("{text}: back to how it comes", text=setting.text))
        self.back.setProperty("plain", True)
        self.back.clicked.connect(lambda: self._settings.set(setting.key, None))
        side.addWidget(self.back, 0, Qt.AlignmentFlag.AlignLeft)
        side.addStretch(1)
        self._form.addLayout(side, 2)
        self.refresh()

    def _made(self) -> QWidget:
        one = self.setting
        if isinstance(one.default, bool):
            box = CheckBox()
            box.toggled.connect(lambda on: box.setText(_yes_or_no(on)))
            box.toggled.connect(self._set)
            return box
        if one.choices or one.kind in ("loudspeaker", "microphone"):
            choice = Choice()
            choice.setMinimumContentsLength(12)
            choice.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            choice.activated.connect(lambda at: self._set(choice.itemData(at)))
            return choice
        if isinstance(one.default, int):
            number = QSpinBox()
            inset(number)
            number.setRange(one.low, one.high)
            number.setSuffix(f" {in_words(one.unit)}" if one.unit else "")
            number.setSpecialValueText(in_words(one.zero))
            number.setKeyboardTracking(False)
            number.setSingleStep(10 if one.unit == "%" else 1)
            number.valueChanged.connect(self._set)
            return number
        return _Folder(self)

    def _choices(self) -> list[tuple[object, str]]:
        """What can be chosen now; a device that is not there at the moment stays chosen."""
        one = self.setting
        if one.choices:
            return list(one.choices)
        there = loudspeakers() if one.kind == "loudspeaker" else [name for name, device in microphones() if device]
        now = self._settings[one.key]
        gone = [(now, tr("{now} (not there now)", now=now))] if now and now not in there else []
        return [("", tr("what the desktop uses")), *((name, name) for name in there), *gone]

    def _set(self, value: object) -> None:
        self._settings.set(self.setting.key, value)  # type: ignore[arg-type]

    def refresh(self) -> None:
        """Show what holds."""
        value = self._settings[self.setting.key]
        self.back.setVisible(self._settings.kept.is_set(self.setting.key) and value != self.setting.default)
        with QSignalBlocker(self.control):
            if isinstance(self.control, QCheckBox):
                self.control.setChecked(value)
                self.control.setText(_yes_or_no(value))
            elif isinstance(self.control, QSpinBox):
                self.control.setValue(value)
            elif isinstance(self.control, QComboBox):
                self.control.clear()
                for one, words in self._choices():
                    self.control.addItem(words, one)
                self.control.setCurrentIndex(self.control.findData(value))
            elif isinstance(self.control, _Folder):
                self.control.show_folder(value)

    def set_from_outside(self, value: object) -> None:
        self._set(value)

    def matches(self, words: list[str]) -> bool:
        """Whether all of these are in its text."""
        one = self.setting
        text = searchable(one.text, one.help, one.key, *(words for _, words in one.choices))
        return all(word in text for word in words)

    def mark(self, words: list[str]) -> None:
        """Show what was searched for."""
        self.label.setText(in_our_weights(f"<b>{esc(self.setting.text)}</b>") if words else esc(self.setting.text))


class _Folder(QWidget):
    """A folder, by the desktop's own dialog."""

    def __init__(self, row: SettingRow) -> None:
        super().__init__()
        self._row = row
        line = QHBoxLayout(self)
        line.setContentsMargins(0, 0, 0, 0)
        self.notice = ElidedLabel()
        line.addWidget(self.notice, 1)
        self.button = Button(tr("Choose…"))
        self.button.clicked.connect(self._choose)
        line.addWidget(self.button)
        self.setFocusProxy(self.button)
        self.setMinimumWidth(scaled(200))

    def show_folder(self, folder: str) -> None:
        self.notice.setText(short_path(Path(folder)) if folder else tr("Kittiwake in your documents"))
        self.button.setAccessibleName(
            tr("{text}: {detail}. Choose another folder", text=self._row.setting.text, detail=self.notice.text())
        )

    def _choose(self) -> None:
        dialog = QFileDialog(self, self._row.setting.text)
        dialog.setFileMode(QFileDialog.FileMode.Directory)
        dialog.fileSelected.connect(self._row.set_from_outside)
        dialog.open()


def _yes_or_no(on: bool) -> str:
    return in_words(tr("Yes") if on else tr("No"))
