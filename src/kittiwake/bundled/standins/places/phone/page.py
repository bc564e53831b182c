"""The bench for a telephone menu: its tree, prompts that are put to keys, and a telephone to try it."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QGridLayout,
    QHBoxLayout,
    QListWidgetItem,
    QPlainTextEdit,
    QVBoxLayout,
)  # fmt: skip

from .....commands import key_of
from .....core.disk.place import write_whole
from .....core.errors import KittiwakeError
from .....core.model import Stated
from .....core.model.units import format_seconds
from .....ui.places.place import PlacePage, Stop, place
from .....ui.shell.session import Session
from .....ui.widgets.button import Button
from .....ui.widgets.parts import part_label
from .....ui.widgets.said_box import SaidBox
from .....ui.widgets.worded import Label
from .....ui.workers.worker import Outcome
from .....words import in_words, tr
from .....work.standin.machine import ActionResult, StoredSound
from ...core.phone.dial_plan import DialPlan, Menu, from_names, plan_of
from ...core.phone.edit import FREE, GREETING, made_menu, put, slots
from ...machines.phone import Phone
from ...plan_dialog import PlanDialog
from ...stock import stock
from ...worker import CallWorker
from .tree import Keypad, Prompts, Tree, slot_words

if TYPE_CHECKING:
    from .....ui.shell.context import Context

_NOBODY = DialPlan("Phone", "main", {"main": Menu("main")})


class PhonePage(PlacePage):
    """``heard`` gives what came out of the telephone; ``message`` words for the foot of the window; ``recorded`` what was recorded over it."""

    heard = Signal(object)  # Held
    recorded = Signal(object)  # Path

    def __init__(self, session: Session, phone: Phone) -> None:
        super().__init__()
        self._session = session
        self.phone = phone
        self.worker = CallWorker(self, self._done)
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 8, 14, 8)
        row.setSpacing(14)
        row.addLayout(self._left(), 5)
        row.addLayout(self._middle(), 3)
        row.addLayout(self._right(), 3)
        session.job_changed.connect(self._refresh_if_shown)
        session.cell_changed.connect(self._refresh_if_shown)
        self._given: dict[str, str] = {}

    def _left(self) -> QVBoxLayout:
        column = QVBoxLayout()
        self.head = Label(tr("Phone menu"))
        self.head.setProperty("head", True)
        column.addWidget(self.head)
        self.tree = Tree()
        self.tree.dropped.connect(lambda at, name: self.assign(at, name))
        column.addWidget(self.tree, 1)
        keys = QGridLayout()
        keys.setSpacing(6)
        self.menu_button = Button(tr("Make it a menu  Ins"))
        self.menu_button.clicked.connect(self.make_menu)
        self.free_button = Button(tr("Take it off  Del"))
        self.free_button.clicked.connect(self.take_off)
        self.names_button = Button(tr("Assign by name"))
        self.names_button.setToolTip(tr("Of names that begin with keys: “1 Fares”, “12 Evening fares”"))
        self.names_button.clicked.connect(self.by_name)
        self.text_button = Button(tr("As text…"))
        self.text_button.setToolTip(
            tr("Tones of the states, what is said at a wrong key, how long it waits: the whole plan as TOML")
        )
        self.text_button.clicked.connect(self.as_text)
        for n, button in enumerate((self.menu_button, self.free_button, self.names_button, self.text_button)):
            keys.addWidget(button, n // 2, n % 2)
        keys.setColumnStretch(2, 1)
        column.addLayout(keys)
        return column

    def _middle(self) -> QVBoxLayout:
        column = QVBoxLayout()
        column.addWidget(part_label(tr("PROMPTS: ENTER PUTS ONE TO THE KEY")))
        self.prompts = Prompts()
        self.prompts.itemActivated.connect(lambda _: self.assign_current())
        column.addWidget(self.prompts, 1)
        self.state = Label()
        self.state.setWordWrap(True)
        self.state.setProperty("soft", True)
        column.addWidget(self.state)
        return column

    def _right(self) -> QVBoxLayout:
        column = QVBoxLayout()
        column.addWidget(part_label(tr("STAND-IN: A TELEPHONE")))
        self.keypad = Keypad(self.press)
        column.addWidget(self.keypad)
        calls = QHBoxLayout()
        calls.setSpacing(6)
        self.call_button = Button(tr("Call"))
        self.call_button.clicked.connect(self.call)
        self.walk_button = Button(tr("Hear every prompt"))
        self.walk_button.clicked.connect(self.walk)
        calls.addWidget(self.call_button)
        calls.addWidget(self.walk_button)
        column.addLayout(calls)
        self.record_button = Button(tr("Record over the phone"))
        self.record_button.setToolTip(
            tr("Somebody calls and says a line; what comes out of the line stands on the board, without a header")
        )
        self.record_button.clicked.connect(self.record)
        column.addWidget(self.record_button)
        line = QHBoxLayout()
        line.setSpacing(6)
        self.loss = self._number(tr("packets lost"), 0, 50, 0.5, " %")
        self.jitter = self._number(tr("jitter"), 0, 200, 5, " ms")
        for words, box in ((tr("lost"), self.loss), (tr("jitter"), self.jitter)):
            line.addWidget(Label(words))
            line.addWidget(box)
        column.addLayout(line)
        self.log = QPlainTextEdit()
        self.log.setReadOnly(True)
        self.log.setAccessibleName(tr("What happened in the call"))
        self.log.setPlaceholderText(tr("Call, and press keys: they are really sounded and really detected."))
        column.addWidget(self.log, 1)
        return column

    def _number(self, name: str, low: float, high: float, step: float, unit: str) -> SaidBox:
        box = SaidBox()
        box.setRange(low, high)
        box.setSingleStep(step)
        box.setDecimals(1 if step < 1 else 0)
        box.setSuffix(in_words(unit))
        box.setAccessibleName(in_words(name))
        box.valueChanged.connect(self._set_line)
        return box

    # -- the plan --------------------------------------------------------------------------------------------------

    @property
    def plan(self) -> DialPlan:
        """That of the job; one with an empty menu where it has none, or one that cannot be read."""
        text = self._session.project.job.dial_plan
        try:
            return plan_of(text) if text else _NOBODY
        except KittiwakeError as error:
            self.message.emit(str(error))
            return _NOBODY

    def begin(self) -> None:
        """Shown anew."""
        self.refresh()
        (self.prompts if self.prompts.count() else self.tree).setFocus()

    def _refresh_if_shown(self, *_: object) -> None:
        if self.isVisible():
            self.refresh()

    def refresh(self) -> None:
        self._take_prompts()
        plan = self.plan
        self.phone.plan = plan
        there = {name.casefold() for name in self.phone.prompts}
        all_slots = slots(plan)
        self.tree.show_slots(all_slots, [slot_words(slot, there) for slot in all_slots])
        missing, unused = plan.missing(self.phone.prompts), plan.unused(self.phone.prompts)
        self.head.setText(tr("{name}: {extent}", name=plan.name, extent=plan.extent))
        self._list_prompts(plan)
        sentences = [
            tr("{count} missing: {list}", count=len(missing), list=", ".join(missing[:4]))
            if missing
            else tr("None is missing")
        ]
        sentences.append(tr("{count} not used", count=len(unused)) if unused else tr("all are used"))
        self.state.setText(", ".join(map(in_words, sentences)) + ".")

    def _take_prompts(self) -> None:
        """What is made for a telephone on this board, handed to the stand-in; again only where it has changed."""
        for refused in stock(self.phone, self._session.project, self._given):
            self.message.emit(refused)

    def _list_prompts(self, plan: DialPlan) -> None:
        said = {name.casefold() for name in plan.prompts}
        row = self.prompts.currentRow()
        names = list(self.phone.prompts)
        if [self.prompts.item(n).data(Qt.ItemDataRole.UserRole) for n in range(self.prompts.count())] != names:
            self.prompts.clear()
            for name in names:
                item = QListWidgetItem()
                item.setData(Qt.ItemDataRole.UserRole, name)
                self.prompts.addItem(item)
        for n, (name, held) in enumerate(self.phone.prompts.items()):
            mark = "●" if name.casefold() in said else "○"
            self.prompts.item(n).setText(
                f"{in_words(mark)} {in_words(name)}   {in_words(format_seconds(held.seconds))}"
            )
        self.prompts.setCurrentRow(min(max(0, row), self.prompts.count() - 1))

    def _put(self, text: str, plan: DialPlan) -> None:
        project = self._session.project
        project.change(text, project.job.changed(dial_plan=plan.to_toml()))
        self.refresh()

    def assign_current(self) -> None:
        """The chosen prompt to the chosen row; then the next prompt is chosen."""
        item = self.prompts.currentItem()
        if item is not None:
            self.assign(self.tree.row(), str(item.data(Qt.ItemDataRole.UserRole)))
            self.prompts.setCurrentRow(min(self.prompts.currentRow() + 1, self.prompts.count() - 1))

    def assign(self, row: int, name: str) -> None:
        """A prompt to a row of the tree. Where that was a greeting, the next free key is chosen."""
        if not 0 <= row < len(self.tree.slots):
            return
        slot = self.tree.slots[row]
        try:
            plan, key = put(self.plan, slot, f"say {name}")
        except KittiwakeError as error:
            self.message.emit(str(error))
            return
        self._put(
            tr(
                "“{name}” at {key} of {menu}",
                name=name,
                key=key if key != GREETING else tr("the beginning"),
                menu=slot.menu,
            ),
            plan,
        )
        self._last = (slot.menu, key)
        self._choose(slot.menu, FREE if slot.key in (GREETING, FREE) else slot.key)

    _last = ("", "")

    def make_menu(self) -> None:
        """The chosen key, or the one that something was put to last, leads to a menu."""
        row = self.tree.row()
        slot = self.tree.slots[row] if 0 <= row < len(self.tree.slots) else None
        if slot is not None and slot.key in (FREE, GREETING):
            slot = next((one for one in self.tree.slots if (one.menu, one.key) == self._last), slot)
        if slot is None:
            return
        try:
            plan, name = made_menu(self.plan, slot)
        except KittiwakeError as error:
            self.message.emit(str(error))
            return
        self._put(tr("a menu at {key} of {menu}", key=slot.key, menu=slot.menu), plan)
        self._choose(name, FREE)

    def take_off(self) -> None:
        """Nothing at the chosen key any more."""
        row = self.tree.row()
        if 0 <= row < len(self.tree.slots):
            slot = self.tree.slots[row]
            if slot.key != FREE:
                self._put(tr("nothing at {key} of {menu}", key=slot.key, menu=slot.menu), put(self.plan, slot, "")[0])

    def by_name(self) -> None:
        try:
            plan = from_names(self.phone.prompts, self.plan.name)
        except KittiwakeError as error:
            self.message.emit(str(error))
            return
        self._put(tr("assigning by name"), plan)
        self.message.emit(
            tr(
                "{extent}. {key} takes it back.",
                extent=plan.extent,
                key=key_of("edit.undo"),
            )
        )

    def as_text(self) -> None:
        """The plan as it is written in a file, to be changed."""
        dialog = PlanDialog(self.window(), self.plan.to_toml())
        dialog.accepted.connect(lambda: self._put(tr("the dial plan"), dialog.plan) if dialog.plan else None)
        dialog.open()

    def _choose(self, menu: str, key: str) -> None:
        row = next((n for n, one in enumerate(self.tree.slots) if (one.menu, one.key) == (menu, key)), None)
        if row is not None:
            self.tree.choose(row)

    # -- the telephone ---------------------------------------------------------------------------------------------

    def _set_line(self) -> None:
        self.phone.line(f"loss {self.loss.value()} % jitter {self.jitter.value()}")

    def call(self) -> None:
        """Call, or hang up."""
        if self.phone.call is not None and not self.phone.call.ended:
            self._show(self.phone.hang_up())
        else:
            self.log.clear()
            self.worker.do(lambda: self.phone.dial(""))

    def press(self, key: str) -> None:
        """Press a key; a call is begun by the first."""
        if self.phone.call is None or self.phone.call.ended:
            self.log.clear()
            self.worker.do(lambda: self.phone.dial(key))
        else:
            self.worker.do(lambda: self.phone.keys(key))

    def walk(self) -> None:
        """Call until every prompt was heard."""
        self.log.clear()
        self.message.emit(tr("Calling until every prompt was heard …"))
        self.worker.do(self.phone.walk)

    def record(self) -> None:
        """A line is said over the telephone, and recorded."""
        self.log.clear()
        self.worker.do(lambda: self.phone.record("ulaw"))

    def _keep_recordings(self) -> None:
        """What was recorded since the last time, as files that stand on the board."""
        project = self._session.project
        for name in list(self.phone.recordings):
            data = self.phone.recordings.pop(name)
            folder = project.recordings_folder / tr("over the phone")
            number, path = 2, folder / name
            while path.exists():
                path, number = folder / f"{Path(name).stem} {number}{Path(name).suffix}", number + 1
            try:
                folder.mkdir(parents=True, exist_ok=True)
                write_whole(path, data)
            except (OSError, KittiwakeError) as error:
                self.message.emit(tr("The recording could not be kept: {error}.", error=error))
                return
            project.headerless.state([path], Stated("ulaw", 8000, 1))
            self.recorded.emit(path)

    def _done(self, outcome: Outcome[None, ActionResult]) -> None:
        if outcome.found is not None:
            self._show(outcome.found)
            self._keep_recordings()
        else:
            self.message.emit(outcome.wrong)

    def _show(self, result: ActionResult) -> None:
        self.log.appendPlainText(result.sentence.replace("; ", "\n"))
        self.message.emit(in_words(result.sentence).rpartition("; ")[2])
        goes_on = self.phone.call is not None and not self.phone.call.ended
        self.call_button.setText(tr("Hang up") if goes_on else tr("Call"))
        if isinstance(result.sound, StoredSound) and len(result.sound.sound):
            self.heard.emit(result.sound)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Insert:
            self.make_menu()
        elif event.key() == Qt.Key.Key_Delete:
            self.take_off()
        elif event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter) and self.focusWidget() is self.tree:
            self.assign_current()
        else:
            super().keyPressEvent(event)

    def shut_down(self) -> None:
        self.worker.shut_down()


@place("phone", "Telephone menu", Stop.TRY, share=0.68, alone=True, stays=True)
def phone_page(at: Context) -> PhonePage:
    machine = at.bench.stand_ins.machine("phone")
    assert isinstance(machine, Phone)
    page = PhonePage(at.session, machine)
    page.heard.connect(at.playback.hear_stored)
    page.recorded.connect(lambda path: at.view.add_paths([path]))
    return page
