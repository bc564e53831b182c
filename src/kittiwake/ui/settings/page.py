"""The page of settings: one list to be searched, each thing done at once, each to be taken back."""

from __future__ import annotations

from PySide6.QtCore import Qt, QUrl
from PySide6.QtGui import QDesktopServices, QKeySequence, QShortcut
from PySide6.QtWidgets import QDialog, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from ...words import in_words, searchable, tr
from ...work.settings import SECTIONS, known_settings
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.elided import ElidedLabel
from ..widgets.field import Field
from ..widgets.parts import part_label, scrolled
from ..widgets.short_path import short_path
from ..widgets.worded import Label
from .caches import CachesPart
from .control import SettingRow
from .held import HeldSettings
from .keys import KeysPart


class SettingsPage(QDialog):
    """Stays open beside the window, so that what is set is seen there."""

    def __init__(self, parent: QWidget, settings: HeldSettings) -> None:
        super().__init__(parent)
        self._settings = settings
        self.setWindowTitle(tr("Settings"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(720), scaled(640))
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 14, 18, 12)
        column.addLayout(self._top())
        inside = QWidget()
        self._list = QVBoxLayout(inside)
        self._list.setContentsMargins(0, 4, 12, 4)
        self._list.setSpacing(2)
        self.rows: dict[str, SettingRow] = {}
        self._parts: list[tuple[QLabel, list[SettingRow]]] = []
        for section, heading in SECTIONS.items():
            self._add_section(section, heading)
        self.keys = KeysPart(settings)
        self.caches = CachesPart()
        self._keys_head, self._caches_head = part_label(tr("Keys")), part_label(tr("Caches"))
        for head in (self._keys_head, self._caches_head):
            head.setContentsMargins(0, scaled(14), 0, scaled(2))
        for widget in (self._keys_head, self.keys, self._caches_head, self.caches):
            self._list.addWidget(widget)
        self.nothing = Label(tr("No setting is like that."))
        self.nothing.setProperty("soft", True)
        self._list.addWidget(self.nothing)
        self.nothing.hide()
        self._list.addStretch(1)
        self.area = scrolled(inside, tr("Settings"))
        column.addWidget(self.area, 1)
        column.addLayout(self._foot())
        QShortcut(QKeySequence.StandardKey.Undo, self, settings.undo)
        QShortcut(QKeySequence.StandardKey.Find, self, self.field.setFocus)
        settings.changed.connect(self._changed)
        settings.message.connect(self.notice.setText)
        self.keys.message.connect(self.notice.setText)
        self.caches.count()
        self._say_kept()
        self.undo_button.setEnabled(settings.kept.can_undo)
        self.field.setFocus()

    def _top(self) -> QHBoxLayout:
        top = QHBoxLayout()
        self.field = Field()
        self.field.setPlaceholderText(tr("Search: theme, folder, keys …"))
        self.field.setAccessibleName(tr("Search the settings"))
        self.field.setClearButtonEnabled(True)
        self.field.textChanged.connect(self._search)
        self.field.escaped.connect(self._leave_search)
        top.addWidget(self.field, 1)
        self.undo_button = Button(tr("Take back"))
        self.undo_button.clicked.connect(self._settings.undo)
        top.addWidget(self.undo_button)
        return top

    def _foot(self) -> QHBoxLayout:
        foot = QHBoxLayout()
        self.notice = ElidedLabel()
        self.notice.setProperty("soft", True)
        foot.addWidget(self.notice, 1)
        self.file_button = Button(tr("Open the file"))
        self.file_button.setToolTip(
            tr("The same settings as text; what is changed there holds as soon as this window is used again")
        )
        self.file_button.clicked.connect(self._open_file)
        foot.addWidget(self.file_button)
        close = Button(tr("Close"))
        close.clicked.connect(self.close)
        foot.addWidget(close)
        return foot

    def _add_section(self, section: str, heading: str) -> None:
        head = part_label(in_words(heading))
        head.setContentsMargins(0, scaled(14) if self._parts else 0, 0, scaled(2))
        self._list.addWidget(head)
        rows = [SettingRow(one, self._settings) for one in known_settings() if one.section == section]
        for row in rows:
            self._list.addWidget(row)
            self.rows[row.setting.key] = row
        self._parts.append((head, rows))

    def _say_kept(self) -> None:
        wrong = self._settings.kept.wrong
        self.notice.setText(
            " ".join(map(in_words, wrong))
            if wrong
            else tr("Kept in {path}", path=short_path(self._settings.kept.path))
        )

    def _changed(self, key: str) -> None:
        if key in self.rows:
            self.rows[key].refresh()
        self._search(self.field.text())
        self.undo_button.setEnabled(self._settings.kept.can_undo)
        self._say_kept()

    def _search(self, text: str) -> None:
        words = text.casefold().split()
        found = 0
        for head, rows in self._parts:
            in_head = bool(words) and all(word in searchable(head.text()) for word in words)
            shown = [row for row in rows if in_head or row.matches(words)]
            for row in rows:
                row.setVisible(row in shown)
            head.setVisible(bool(shown))
            found += len(shown)
        keys = self.keys.show_matching([] if words == ["keys"] else words)
        self._keys_head.setVisible(keys > 0)
        self.keys.setVisible(keys > 0)
        caches = all(word in "caches size empty disk space" for word in words)
        self._caches_head.setVisible(caches)
        self.caches.setVisible(caches)
        self.nothing.setVisible(not (found or keys or caches))

    def _leave_search(self) -> None:
        if self.field.text():
            self.field.clear()
        else:
            self.close()

    def _open_file(self) -> None:
        kept = self._settings.kept
        if not kept.path.exists():
            self.notice.setText(tr("Nothing has been set yet, so there is no file."))
            return
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(kept.path)))

    def done(self, result: int) -> None:
        self.caches.shut_down()
        self._settings.changed.disconnect(self._changed)
        super().done(result)

    def keyPressEvent(self, event: object) -> None:
        # Enter belongs to the control that has the keyboard, and closes nothing.
        if event.key() not in (Qt.Key.Key_Return, Qt.Key.Key_Enter):  # type: ignore[attr-defined]
            super().keyPressEvent(event)  # type: ignore[arg-type]
