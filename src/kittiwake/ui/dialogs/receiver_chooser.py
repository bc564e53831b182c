"""Which receivers stand on the board: found by typing, ticked, or one of them alone."""

from __future__ import annotations

from collections.abc import Mapping
from pathlib import Path

from PySide6.QtCore import QEvent, QModelIndex, QObject, Qt, Signal
from PySide6.QtGui import QKeyEvent, QMouseEvent
from PySide6.QtWidgets import (
    QDialog,
    QFileDialog,
    QHBoxLayout,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)

from ...core.errors import KittiwakeError
from ...core.fit import check_receiver
from ...core.fit.receiver_query import receiver_of_wish
from ...core.model import Receiver, load_receiver, shipped_receivers
from ...core.model.own_receivers import own_receivers
from ...words import in_words, tr
from ..board.model import demand
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.worded import Label

_SLUG = Qt.ItemDataRole.UserRole
_WORDS = Qt.ItemDataRole.UserRole + 1


class ReceiverChooser(QDialog):
    """The keyboard stays in the field: what is typed there finds, the arrows move, Enter takes. ``chosen`` gives slugs and paths in the order
    of the list; ``wishes`` are those among them that are new, as they were typed. ``new_wanted`` asks for a new receiver, begun from what is named.
    """

    new_wanted = Signal(str, str)  # "nothing", "receiver" or "files"; the slug of the receiver

    def __init__(self, parent: QWidget, current: tuple[str, ...], own: Mapping[str, Receiver]) -> None:
        super().__init__(parent)
        self._own = dict(own)
        self._chosen: tuple[str, ...] | None = None
        self._before = frozenset(current)
        self.setWindowTitle(tr("Receivers on the board"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(scaled(760), scaled(600))
        column = QVBoxLayout(self)
        self.field = QLineEdit()
        self.field.setPlaceholderText(
            tr("Part of a name, or what you need: mp3 192k stereo · wav 44.1k mono -20 lufs · ulaw 8k < 56 kB < 3 s")
        )
        self.field.setAccessibleName(tr("Find a receiver"))
        self.field.setClearButtonEnabled(True)
        column.addWidget(self.field)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Receivers"))
        self.list.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.list.setWordWrap(True)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        column.addWidget(self.list)
        self.trouble = Label()
        self.trouble.setWordWrap(True)
        column.addWidget(self.trouble)
        column.addLayout(self._new_row())
        column.addLayout(self._foot())
        self.wishes: dict[str, Receiver] = {}
        self._named: list[str] = []
        self.wish_item = QListWidgetItem()
        self.wish_item.setData(_SLUG, "")
        self.wish_item.setData(_WORDS, "")
        self.list.addItem(self.wish_item)
        self.wish_item.setHidden(True)
        for name in dict.fromkeys((*current, *own, *own_receivers(), *shipped_receivers())):
            self._add(name, name in current)
        self.list.setCurrentRow(1)
        self.field.textChanged.connect(self._find)
        self.field.installEventFilter(self)
        self.list.viewport().installEventFilter(self)
        self._box_before: tuple[str, Qt.CheckState] | None = None
        self.list.itemChanged.connect(lambda _: self._show_keys())
        self.list.currentRowChanged.connect(lambda _: self._show_keys())
        self.list.itemDoubleClicked.connect(lambda _: self.take_only())
        self.list.clicked.connect(self._clicked)
        self._show_keys()
        self.field.setFocus()

    def _new_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        label = Label(tr("A new one:"))
        label.setProperty("soft", True)
        row.addWidget(label)
        self.empty_button = Button(tr("From nothing  Ctrl+N"))
        self.copy_button = Button(tr("Like this one  Ctrl+L"))
        self.read_button = Button(tr("From files it takes…  Ctrl+O"))
        self.file_button = Button(tr("From a TOML file…"))
        for button in (self.empty_button, self.copy_button, self.read_button, self.file_button):
            row.addWidget(button)
        row.addStretch(1)
        self.empty_button.clicked.connect(lambda: self._new("nothing"))
        self.copy_button.clicked.connect(lambda: self._new("receiver"))
        self.read_button.clicked.connect(lambda: self._new("files"))
        self.file_button.clicked.connect(self._from_file)
        for button, key in (
            (self.empty_button, "Ctrl+N"),
            (self.copy_button, "Ctrl+L"),
            (self.read_button, "Ctrl+O"),
        ):
            button.setShortcut(key)
        return row

    def _foot(self) -> QHBoxLayout:
        foot = QHBoxLayout()
        self.tick_button = Button(tr("Tick it  Ctrl+Space"))
        self.tick_button.clicked.connect(self.tick)
        foot.addWidget(self.tick_button)
        foot.addStretch(1)
        self.cancel_button = Button(tr("Cancel  Esc"))
        self.cancel_button.clicked.connect(self.reject)
        self.only_button = Button()
        self.only_button.clicked.connect(self.take_only)
        self.ticked_button = Button()
        self.ticked_button.clicked.connect(self.accept)
        for button in (self.cancel_button, self.only_button, self.ticked_button):
            button.setAutoDefault(False)
            foot.addWidget(button)
        return foot

    # -- the list --------------------------------------------------------------------------------------------------

    def _add(self, name: str, ticked: bool) -> None:
        try:
            receiver = self._known(name)
        except KittiwakeError as error:
            self.trouble.setText(tr("{error} It is left out.", error=error))
            return
        mine = "" if receiver.slug in shipped_receivers() else "  ·  yours"
        item = QListWidgetItem(
            f"{in_words(receiver.name)}: {in_words(demand(receiver))}{in_words(mine)}\n{in_words(receiver.purpose)}"
        )
        item.setData(_SLUG, name)
        item.setData(
            _WORDS, f"{receiver.name} {receiver.slug} {demand(receiver)} {receiver.purpose}{mine}".casefold()
        )
        item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
        item.setCheckState(Qt.CheckState.Checked if ticked else Qt.CheckState.Unchecked)
        self.list.addItem(item)

    def _known(self, name: str) -> Receiver:
        return self._own[name] if name in self._own else load_receiver(name)

    def _clicked(self, _: QModelIndex) -> None:
        """A click beside the box of a row ticks it as one into the box does: which of both it was is not to be guessed from pixels."""
        item = self.list.currentItem()
        if item is None or item is self.wish_item:
            return
        if self._box_before == (item.data(_SLUG), item.checkState()):
            self.tick()

    def _find(self, text: str) -> None:
        """Show what has every word. What is typed may also be a wish (``mp3 192k stereo``), or several things with ; between."""
        parts = [part.strip() for part in text.split(";") if part.strip()]
        self._take_wishes(parts)
        words = parts[0].casefold().split() if len(parts) == 1 else []
        best = -1
        for row in range(1, self.list.count()):
            item = self.list.item(row)
            found = len(parts) <= 1 and all(word in item.data(_WORDS) for word in words)
            item.setHidden(not found)
            if found and (best < 0 or (words and self._begins(row, text) and not self._begins(best, text))):
                best = row
        if not self.wish_item.isHidden() and (best < 0 or not self._begins(best, text)):
            best = 0  # no name begins so: what was typed is what is wanted, not whatever has the word somewhere in its sentence
        self.list.setCurrentRow(best if best >= 0 else -1 if self.wish_item.isHidden() else 0)
        self._show_keys()

    def _take_wishes(self, parts: list[str]) -> None:
        """What the first row stands for: a new receiver as it was typed, or all that were named."""
        self.wishes, self._named, missing = {}, [], ""
        for part in parts:
            known = self._known_by_words(part) if len(parts) > 1 else None
            try:
                if known is None:
                    wish = receiver_of_wish(part)
                    self.wishes[wish.slug] = wish
                self._named.append(known or wish.slug)
            except KittiwakeError as error:
                missing = str(error)
        names = [wish.name for wish in self.wishes.values()]
        whole = bool(parts) and not missing
        self.wish_item.setHidden(not whole)
        self.trouble.setText(missing if len(parts) > 1 else "")
        if whole:
            what = tr("As you typed it") if len(parts) == 1 else tr("All of these")
            shown = [
                self._known(slug).name if slug not in self.wishes else self.wishes[slug].name for slug in self._named
            ]
            kept = tr("new, and kept for other jobs") if names else tr("on the board together")
            self.wish_item.setText(f"{in_words(what)}: {'; '.join(map(in_words, shown))}\n{in_words(kept)}")

    def _known_by_words(self, part: str) -> str | None:
        """The receiver whose name begins so, or that alone has all these words."""
        words = part.casefold().split()
        rows = [
            row
            for row in range(1, self.list.count())
            if all(word in self.list.item(row).data(_WORDS) for word in words)
        ]
        first = next((row for row in rows if self._begins(row, part)), rows[0] if len(rows) == 1 else None)
        return str(self.list.item(first).data(_SLUG)) if first is not None else None

    def _begins(self, row: int, text: str) -> bool:
        return bool(self.list.item(row).data(_WORDS).startswith(text.casefold().strip()))

    def _step(self, way: int) -> None:
        rows = [row for row in range(self.list.count()) if not self.list.item(row).isHidden()]
        if rows:
            at = rows.index(self.list.currentRow()) if self.list.currentRow() in rows else 0
            self.list.setCurrentRow(rows[max(0, min(len(rows) - 1, at + way))])

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if watched is self.field and isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress:
            control = bool(event.modifiers() & Qt.KeyboardModifier.ControlModifier)
            key = event.key()
            if key in (Qt.Key.Key_Up, Qt.Key.Key_Down):
                self._step(1 if key == Qt.Key.Key_Down else -1)
                return True
            if key in (Qt.Key.Key_PageUp, Qt.Key.Key_PageDown):
                self._step(8 if key == Qt.Key.Key_PageDown else -8)
                return True
            if key == Qt.Key.Key_Space and control:
                self.tick()
                return True
            if key in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
                if control or not self._keeps_ticks():
                    self.take_only()
                else:
                    self.accept()
                return True
        if event.type() == QEvent.Type.MouseButtonPress and isinstance(event, QMouseEvent):
            pressed = self.list.itemAt(event.position().toPoint())
            self._box_before = None if pressed is None else (pressed.data(_SLUG), pressed.checkState())
        return super().eventFilter(watched, event)

    def _show_keys(self) -> None:
        """The keys say what they would do now."""
        item = self.list.currentItem()
        wished = item is self.wish_item
        name = item.text().split(":")[0] if item is not None and not item.isHidden() else ""
        name = self.wish_item.text().split("\n")[0].partition(": ")[2] if wished else name
        changed = self._keeps_ticks()
        ticked = len(self.ticked())
        self.only_button.setText(
            tr("Only {name}  {key}", name=name, key="Ctrl+Enter" if changed else "Enter")
            if name
            else tr("Only this one")
        )
        self.only_button.setEnabled(bool(name))
        self.copy_button.setEnabled(bool(name) and not wished)
        self.tick_button.setEnabled(bool(name) and not wished)
        self.ticked_button.setText(
            tr("The {ticked} ticked{key}", ticked=ticked, key="  Enter" if changed else "")
            if ticked != 1
            else tr("The one ticked{key}", key="  Enter" if changed else "")
        )
        self.ticked_button.setEnabled(ticked > 0)
        for button, main in ((self.only_button, not changed), (self.ticked_button, changed)):
            if button.property("main") != main:
                button.setProperty("main", main)
                button.style().unpolish(button)
                button.style().polish(button)

    # -- what a person does ----------------------------------------------------------------------------------------

    def tick(self) -> None:
        """Tick the current receiver, or not any more."""
        item = self.list.currentItem()
        if item is not None and not item.isHidden() and item is not self.wish_item:
            ticked = item.checkState() == Qt.CheckState.Checked
            item.setCheckState(Qt.CheckState.Unchecked if ticked else Qt.CheckState.Checked)

    def take_only(self) -> None:
        """Put the current receiver on the board alone."""
        item = self.list.currentItem()
        if item is not None and not item.isHidden():
            self._chosen = tuple(dict.fromkeys(self._named)) if item is self.wish_item else (item.data(_SLUG),)
            super().accept()

    def _new(self, begin: str) -> None:
        item = self.list.currentItem()
        slug = str(item.data(_SLUG)) if item is not None else ""
        self.reject()
        self.new_wanted.emit(begin, slug)

    def _from_file(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, tr("A receiver"), filter=tr("Receivers (*.toml)"))
        if name:
            self.add_file(Path(name))

    def add_file(self, path: Path) -> bool:
        """Put a receiver of a file on the list, ticked; says why not where that fails."""
        try:
            receiver = load_receiver(path)
            faults = check_receiver(receiver)
            taken = [self._known(self.list.item(row).data(_SLUG)) for row in range(1, self.list.count())]
            if receiver.slug in {other.slug for other in taken}:
                faults.append(tr("There is a receiver “{slug}” already: give it another slug.", slug=receiver.slug))
        except KittiwakeError as error:
            faults = [str(error)]
        self.trouble.setText(" ".join(map(in_words, faults)))
        if not faults:
            self._add(str(path), True)
            self.list.setCurrentRow(self.list.count() - 1)
        return not faults

    def ticked(self) -> tuple[str, ...]:
        items = [self.list.item(row) for row in range(1, self.list.count())]
        return tuple(i.data(_SLUG) for i in items if i.checkState() == Qt.CheckState.Checked)

    def _keeps_ticks(self) -> bool:
        """Whether Enter takes what is ticked: where ticks were changed, and where several stand on the board and nothing was typed that names one."""
        return frozenset(self.ticked()) != self._before or (len(self._before) > 1 and not self.field.text().strip())

    def chosen(self) -> tuple[str, ...]:
        return self.ticked() if self._chosen is None else self._chosen
