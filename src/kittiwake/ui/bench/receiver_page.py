"""The bench for a receiver: its rules as sentences that are edited in place, and its stand-in."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout, QWidget

from ...core.codec import FORMATS
from ...core.model import Receiver, shipped_receivers
from ...core.model.units import format_bytes, format_hz
from ...core.project import edits
from ..button import Button
from ..session import Session
from ..standins.panel import StandIns
from .parts import scrolled
from .rules_editor import RulesEditor


class ReceiverPage(QWidget):
    """Shows one receiver. What is typed is judged at once: how many clips would fit, before and after."""

    duplicate_wanted = Signal(str)
    export_wanted = Signal(str)

    def __init__(self, session: Session, stand_ins: StandIns) -> None:
        super().__init__()
        self._session = session
        self._shown: Receiver | None = None
        self._edited: Receiver | None = None
        self.stand_ins = stand_ins
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 10, 14, 10)
        row.setSpacing(24)
        left = QVBoxLayout()
        left.setSpacing(6)
        head = QHBoxLayout()
        self._head = QLabel()
        self._head.setProperty("head", True)
        head.addWidget(self._head)
        self._purpose = QLabel()
        self._purpose.setProperty("soft", True)
        head.addWidget(self._purpose, 1)
        left.addLayout(head)
        self.editor = RulesEditor()
        left.addWidget(scrolled(self.editor, "Rules, treatment and delivery of the receiver"), 1)
        self.verdict = QLabel()
        self.verdict.setWordWrap(True)
        self.verdict.setAccessibleName("What the rules come to")
        left.addWidget(self.verdict)
        foot = QHBoxLayout()
        self.take_button = Button("Take these rules")
        self.take_button.setProperty("main", True)
        self.take_button.clicked.connect(self._take)
        self.drop_button = Button("Drop the changes")
        self.drop_button.clicked.connect(lambda: self._shown and self.show_receiver(self._shown, anew=True))
        self.reset_button = Button("As shipped")
        self.reset_button.clicked.connect(
            lambda: self._shown and edits.reset_receiver(session.project, self._shown.slug)
        )
        self.duplicate_button = Button("Duplicate")
        self.duplicate_button.clicked.connect(lambda: self._shown and self.duplicate_wanted.emit(self._shown.slug))
        self.export_button = Button("Export…")
        self.export_button.clicked.connect(lambda: self._shown and self.export_wanted.emit(self._shown.slug))
        for button in (
            self.take_button,
            self.drop_button,
            self.reset_button,
            self.duplicate_button,
            self.export_button,
        ):
            foot.addWidget(button)
        foot.addStretch(1)
        left.addLayout(foot)
        row.addLayout(left, 1)
        row.addWidget(stand_ins, 0, Qt.AlignmentFlag.AlignTop)  # whole, however tall the sheet is
        self.editor.edited.connect(self._judge)

    def show_receiver(self, receiver: Receiver, *, anew: bool = False) -> None:
        """Show a receiver; what is being typed for the same one stays."""
        if receiver == self._shown and not anew and self._edited is not None:
            return
        changed = receiver != self._shown or anew
        self._shown, self._edited = receiver, None
        self._head.setText(receiver.name)
        self._purpose.setText(receiver.purpose)
        if changed:
            self.editor.show_receiver(receiver)
        self.stand_ins.show_machine(receiver.standin)
        own = receiver.slug in self._session.project.job.own
        self.reset_button.setVisible(own and receiver.slug in shipped_receivers())
        self._buttons(False)
        fits = self._session.project.plans.count_ready(receiver)
        told = f"{fits} of {len(self._session.project.job.clips)} clips fit."
        self.verdict.setText(f"{told} {limit_in_seconds(receiver)} {self._memory(receiver)}".strip())

    def _judge(self, receiver: Receiver | None, trouble: str) -> None:
        assert self._shown is not None
        self._edited = receiver if receiver != self._shown else None
        self._buttons(self._edited is not None, typed=receiver is None or receiver != self._shown)
        if receiver is None:
            self.verdict.setText(trouble)
            return
        before, after = (
            self._session.project.plans.count_ready(self._shown),
            self._session.project.plans.count_ready(receiver),
        )
        total = len(self._session.project.job.clips)
        told = (
            f"{after} of {total} clips fit"
            if receiver == self._shown
            else f"{before} of {total} clips fit now, {after} with these rules"
        )
        self.verdict.setText(f"{told}. {limit_in_seconds(receiver)} {self._memory(receiver)}".strip())

    def _memory(self, receiver: Receiver) -> str:
        """How full the memory of a receiver is, where it is limited."""
        total = receiver.rules.limits.total_bytes
        if total is None:
            return ""
        return f"All clips together need {format_bytes(self._session.project.plans.bytes_at(receiver))} of {format_bytes(total)}."

    def _buttons(self, right: bool, *, typed: bool = False) -> None:
        self.take_button.setEnabled(right)
        self.drop_button.setEnabled(typed)

    def _take(self) -> None:
        if self._edited is not None:
            edited, self._edited = self._edited, None
            edits.change_receiver(self._session.project, edited)


def limit_in_seconds(receiver: Receiver) -> str:
    """A size limit in exact seconds: ``Under 200 kB are exactly 12.497 s at 8 kHz.``"""
    most = receiver.rules.limits.max_bytes
    first = receiver.rules.accepts[0]
    form = FORMATS.get((first.container, first.encoding))
    highest = first.max_sample_rate or max(first.sample_rates or (0,))
    if not most or form is None or not highest:
        return ""
    frames = form.frames_within(most, max(1, receiver.rules.channels), highest, first.bit_rate)
    return f"Its {most:,} bytes are exactly {frames / highest:.3f} s at {format_hz(highest)}." if frames else ""
