"""The panel of a machine that holds a set: what it holds, what it refused and why, and what can be done to it."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QListWidget, QVBoxLayout

from ....core.model.units import format_bytes, format_hz, format_seconds
from ....ui.theme.scale import scaled
from ....ui.widgets.button import Button
from ....ui.widgets.parts import part_label
from ....ui.widgets.sentence import Sentence
from ....ui.widgets.worded import Label
from ....words import in_words, tr
from ....work.standin.machine import Action, Kind, Machine, kinds
from .drawing import Draw, Drawing


class SetPanel(QFrame):
    """One machine; see ``panel.Maker``.

    ``played`` gives what is to be heard, once something was done; ``said`` what that came to, in words.

    Parameters
    ----------
    room : bytes that it has.
    words : which of its actions have a button; by default all.
    """

    pressed = Signal()
    played = Signal(object)  # Held
    said = Signal(Sentence)

    def __init__(
        self, machine: Machine, key: str, title: str, draw: Draw, room: int, words: tuple[str, ...] | None = None
    ) -> None:
        super().__init__()
        self.machine, self._room = machine, room
        self.kind: Kind = kinds()[key]
        self._actions = [one for one in self.kind.actions if words is None or one.word in words]
        self.setProperty("sheet", True)
        self.setFixedWidth(scaled(330))
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 10, 16, 10)
        column.setSpacing(5)
        column.addWidget(part_label(in_words(title)))
        self._drawing = Drawing(draw)
        column.addWidget(self._drawing)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("What the {name} holds", name=self.kind.name))
        self.list.setFixedHeight(scaled(88))
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.setTextElideMode(Qt.TextElideMode.ElideMiddle)
        self.list.itemActivated.connect(lambda _: self._act(0))
        column.addWidget(self.list)
        self._notice = Label()
        self._notice.setWordWrap(True)
        column.addWidget(self._notice)
        self._memory = Label()
        self._memory.setProperty("soft", True)
        column.addWidget(self._memory)
        column.addLayout(self._buttons())
        self.show_state()

    def _buttons(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(6)
        self.buttons: list[Button] = []
        for n, action in enumerate(self._actions):
            button = Button(action.label)
            button.clicked.connect(lambda _=False, n=n: self._act(n))
            self.buttons.append(button)
            row.addWidget(button)
        self.button = Button(tr("Hear it  P"))
        self.button.clicked.connect(self.pressed)
        row.addWidget(self.button)
        return row

    def _act(self, n: int) -> None:
        action: Action = self._actions[n]
        result = action.run(self.machine, self._chosen() if action.takes else "")
        self.said.emit(result.sentence)
        if result.sound is not None:
            self.played.emit(result.sound)
        self.show_state()
        self._notice.setText(f"{in_words(result.sentence)}.")

    def _chosen(self) -> str:
        items = self.list.selectedItems()
        return str(items[0].data(Qt.ItemDataRole.UserRole)) if items else ""

    def show_state(self, handed: str = "") -> None:
        names = self._names()
        current = self.list.currentRow()
        if [self.list.item(n).data(Qt.ItemDataRole.UserRole) for n in range(self.list.count())] != [
            name for name, _ in names
        ]:
            self.list.clear()
            for name, _ in names:
                self.list.addItem("")
                self.list.item(self.list.count() - 1).setData(Qt.ItemDataRole.UserRole, name)
        for n, (_, words) in enumerate(names):
            self.list.item(n).setText(in_words(words))
        if 0 <= current < len(names):
            self.list.setCurrentRow(current)
        refusal, held = self.machine.refusal, self.machine.held
        state = str(getattr(self.machine, "state", ""))
        if refusal:
            self._notice.setText(
                tr("Refused {handed}: {reason} (byte {at:,})", handed=handed, reason=refusal.reason, at=refusal.at)
            )
        elif state:
            self._notice.setText(tr("It says: {state}.", state=state))
        elif held:
            self._notice.setText(
                f"{in_words(held.name)}: {in_words(format_seconds(held.seconds))}, {in_words(format_hz(held.rate))}."
            )
        else:
            self._notice.setText(tr("It holds nothing. ⇧B delivers all that is made for it."))
        used = self._used()
        self._memory.setText(
            tr(
                "{count} held, {used} of {room}",
                count=len(names),
                used=format_bytes(used),
                room=format_bytes(self._room),
            )
        )
        self._drawing.show_share(used / self._room, "failed" if refusal else "made" if names else "empty")
        for button in (*self.buttons, self.button):
            button.setEnabled(bool(names) or held is not None)

    def _names(self) -> list[tuple[str, str]]:
        """What it holds: name, and words."""
        shelf = getattr(self.machine, "shelf", None)
        if shelf is None:
            return [(name, f"{n}   {name}") for n, name in enumerate(getattr(self.machine, "sounds", ()))]
        channel = getattr(self.machine, "channel", None)
        out = []
        for n, (name, one) in enumerate(shelf.files.items()):
            mark = "▸ " if n == channel else "● " if one.new else "○ "
            out.append((name, f"{mark}{name}   {in_words(format_seconds(one.held.seconds))}"))
        return out

    def _used(self) -> int:
        shelf = getattr(self.machine, "shelf", None)
        return shelf.used if shelf is not None else len(getattr(self.machine, "image", b""))

    def set_sounding(self, sounding: bool) -> None:
        """Whether something of it is being heard."""
        self._drawing.set_sounding(sounding)
