"""The bench for a receiver: its rules as sentences that are edited in place, and its stand-in."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QHBoxLayout, QVBoxLayout

from ....core.codec import FORMATS
from ....core.fit.learned import Evidence
from ....core.fit.repair import repaired
from ....core.model import Receiver, shipped_receivers
from ....core.model.units import format_bytes, format_hz
from ....words import in_words, tr
from ....work.project import edits
from ...commands.receiver import duplicate_receiver, export_receiver, take_rules
from ...shell.session import Session
from ...standins.panel import StandIns
from ...widgets.button import Button
from ...widgets.elided import ElidedLabel
from ...widgets.parts import scrolled
from ...widgets.worded import Label
from ..place import PlacePage, Stop, place
from .rules_editor import RulesEditor

if TYPE_CHECKING:
    from ...shell.context import Context


class ReceiverPage(PlacePage):
    """Shows one receiver. What is typed is judged at once: how many clips would fit, before and after. What was typed and not taken stays, for
    each receiver by itself, until it is taken or dropped; ``drafts_changed`` tells of it.
    """

    duplicate_wanted = Signal(str)
    export_wanted = Signal(str)
    take_wanted = Signal(object)  # Receiver
    drafts_changed = Signal()

    def __init__(self, session: Session, stand_ins: StandIns) -> None:
        super().__init__()
        self._session = session
        self._shown: Receiver | None = None
        self._edited: Receiver | None = None
        self._better: Receiver | None = None
        self._drafts: dict[str, list[str]] = {}
        self._evidence: dict[str, Sequence[Evidence]] = {}
        self.stand_ins = stand_ins
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 10, 14, 10)
        row.setSpacing(24)
        left = QVBoxLayout()
        left.setSpacing(6)
        head = QHBoxLayout()
        self.head = Label()
        self.head.setProperty("head", True)
        head.addWidget(self.head)
        self._purpose = ElidedLabel()
        self._purpose.setProperty("soft", True)
        head.addWidget(self._purpose, 1)
        left.addLayout(head)
        left.addLayout(self._foot())
        self.verdict = Label()
        self.verdict.setWordWrap(True)
        self.verdict.setAccessibleName(tr("What the rules come to"))
        left.addWidget(self.verdict)
        self.editor = RulesEditor()
        left.addWidget(scrolled(self.editor, tr("Rules, treatment and delivery of the receiver"), sideways=True), 1)
        row.addLayout(left, 1)
        row.addWidget(stand_ins, 0, Qt.AlignmentFlag.AlignTop)  # whole, however tall the sheet is
        self.editor.edited.connect(self._judge)

    def _foot(self) -> QHBoxLayout:
        foot = QHBoxLayout()
        self.take_button = Button(tr("Take these rules"))
        self.take_button.setProperty("main", True)
        self.take_button.clicked.connect(self.take)
        self.repair_button = Button()
        self.repair_button.clicked.connect(self._repair)
        self.drop_button = Button(tr("Drop the changes"))
        self.drop_button.clicked.connect(self.drop)
        self.reset_button = Button(tr("As shipped"))
        self.reset_button.clicked.connect(lambda: edits.reset_receiver(self._session.project, self._slug()))
        self.duplicate_button = Button(tr("Duplicate"))
        self.duplicate_button.clicked.connect(lambda: self.duplicate_wanted.emit(self._slug()))
        self.export_button = Button(tr("Export…"))
        self.export_button.clicked.connect(lambda: self.export_wanted.emit(self._slug()))
        for button in (
            self.take_button,
            self.repair_button,
            self.drop_button,
            self.reset_button,
            self.duplicate_button,
            self.export_button,
        ):
            foot.addWidget(button)
        foot.addStretch(1)
        return foot

    def _slug(self) -> str:
        return self._shown.slug if self._shown else ""

    # -- what is shown ---------------------------------------------------------------------------------------------

    def begin(self, receiver: Receiver) -> None:
        """Show a receiver, with what was typed for it and not taken."""
        if receiver == self._shown:
            return
        self._keep_typed()
        self._shown, self._edited, self._better = receiver, None, None
        self.head.setText(receiver.name)
        self._purpose.setText(receiver.purpose)
        self.editor.show_receiver(receiver)
        self.stand_ins.show_machine(receiver.standin)
        own = receiver.slug in self._session.project.job.own
        self.reset_button.setVisible(own and receiver.slug in shipped_receivers())
        self.repair_button.hide()
        self._buttons(False)
        fits = self._session.project.plans.count_ready(receiver)
        sentence = tr(
            "{fits} of {count} clips fit.",
            "{fits} of {count} clip fits.",
            len(self._session.project.job.clips),
            fits=fits,
            count=len(self._session.project.job.clips),
        )
        parts = [sentence, limit_in_seconds(receiver), self._memory(receiver), self._read_off(receiver)]
        self.verdict.setText(" ".join(map(in_words, filter(None, parts))))
        if receiver.slug in self._drafts:
            self.editor.put_typed(self._drafts[receiver.slug])

    def begin_to_name(self) -> None:
        self.editor.begin_to_name()

    def take_evidence(self, slug: str, evidence: Sequence[Evidence]) -> None:
        """What the rules of a receiver were read off."""
        self._evidence[slug] = evidence

    def _read_off(self, receiver: Receiver) -> str:
        found = self._evidence.get(receiver.slug, ())
        return tr("Read off: ") + "; ".join(f"{one.rule} ({one.seen})" for one in found) + "." if found else ""

    # -- what is typed ---------------------------------------------------------------------------------------------

    def _keep_typed(self) -> None:
        if self._shown is not None and self._shown.slug in self._drafts:
            self._drafts[self._shown.slug] = self.editor.typed()

    def edited(self) -> list[str]:
        """Slugs of the receivers of the board whose rules were typed over and not taken."""
        there = {receiver.slug for receiver in self._session.project.receivers}
        return [slug for slug in self._drafts if slug in there]

    def _note(self, slug: str, typed: bool) -> None:
        if typed == (slug in self._drafts):
            return
        if typed:
            self._drafts[slug] = self.editor.typed()
        else:
            self._drafts.pop(slug, None)
        self.drafts_changed.emit()

    def _judge(self, receiver: Receiver | None, trouble: str) -> None:
        assert self._shown is not None
        self._edited = receiver if receiver != self._shown else None
        typed = receiver is None or receiver != self._shown
        self._note(self._shown.slug, typed)
        self._buttons(self._edited is not None, typed=typed)
        self._offer_repair(receiver)
        if receiver is None:
            self.verdict.setText(trouble)
            return
        plans, total = self._session.project.plans, len(self._session.project.job.clips)
        before, after = plans.count_ready(self._shown), plans.count_ready(receiver)
        sentence = (
            tr("{after} of {total} clips fit.", after=after, total=total)
            if not typed
            else tr(
                "{before} of {total} clips fit now, {after} with these rules.",
                before=before,
                total=total,
                after=after,
            )
        )
        if typed and self._ships(self._shown):
            sentence += tr(
                " {name} stays as it ships: what you take is a receiver of your own.", name=self._shown.name
            )
        parts = [sentence, limit_in_seconds(receiver), self._memory(receiver)]
        self.verdict.setText(" ".join(map(in_words, filter(None, parts))))

    def _ships(self, receiver: Receiver) -> bool:
        return receiver.slug in shipped_receivers() and receiver.slug not in self._session.project.job.own

    def _offer_repair(self, receiver: Receiver | None) -> None:
        """Where rules do not go together, one button that makes them."""
        better = None
        if receiver is None:
            try:
                better = repaired(self.editor.receiver())
            except Exception:  # what is typed is no receiver at all
                better = None
        self._better = better[0] if better else None
        self.repair_button.setVisible(better is not None)
        if better:
            self.repair_button.setText(tr("Make it {better}", better=better[1]))

    def _repair(self) -> None:
        if self._better is not None:
            self.editor.put_receiver(self._better)

    def _memory(self, receiver: Receiver) -> str:
        """How full the memory of a receiver is, where it is limited."""
        total = receiver.rules.limits.total_bytes
        if total is None:
            return ""
        return tr(
            "All clips together need {bytes_at} of {total}.",
            bytes_at=format_bytes(self._session.project.plans.bytes_at(receiver)),
            total=format_bytes(total),
        )

    def _buttons(self, right: bool, *, typed: bool = False) -> None:
        self.take_button.setEnabled(right)
        self.drop_button.setEnabled(typed)

    def take(self) -> bool:
        """Take what was typed; whether that could be done."""
        if self._edited is None:
            return False
        edited, self._edited = self._edited, None
        self._note(edited.slug, False)
        self.take_wanted.emit(edited)
        return True

    def drop(self) -> None:
        """Forget what was typed for the receiver that is shown."""
        if (shown := self._shown) is not None:
            self._note(shown.slug, False)
            self._shown = None
            self.begin(shown)


def limit_in_seconds(receiver: Receiver) -> str:
    """A size limit in exact seconds: ``Under 200 kB are exactly 12.497 s at 8 kHz.``"""
    most = receiver.rules.limits.max_bytes
    first = receiver.rules.accepts[0]
    form = FORMATS.get((first.container, first.encoding))
    highest = first.max_sample_rate or max(first.sample_rates or (0,))
    if not most or form is None or not highest or form.size is None or first.variable:
        return ""
    frames = form.frames_within(most, max(1, receiver.rules.channels), highest, first.bit_rate)
    return (
        tr(
            "Its {most:,} bytes are exactly {frames:.3f} s at {highest}.",
            most=most,
            frames=frames / highest,
            highest=format_hz(highest),
        )
        if frames
        else ""
    )


@place("receiver", "Receiver", Stop.RECEIVERS, share=0.56)
def receiver_page(at: Context) -> ReceiverPage:
    page = ReceiverPage(at.session, at.bench.stand_ins)
    page.duplicate_wanted.connect(lambda slug: duplicate_receiver(at, slug))
    page.take_wanted.connect(lambda edited: take_rules(at, edited))
    page.export_wanted.connect(lambda slug: export_receiver(at, slug))
    page.drafts_changed.connect(lambda: at.board.board_model.set_edited(page.edited()))
    return page
