"""The head of the window: the job, where its outputs go, and the one button that makes them."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from ...commands import key_of
from ...words import in_words, tr
from ...work.project.next_step import NextStep, Step
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.elided import ElidedLabel
from ..widgets.short_path import short_path
from .job_title import title_of
from .next_step_words import step_in_words
from .session import Session
from .state_counter import StateCounter


class TopBar(QWidget):
    """Says what the board holds, and offers the next action."""

    def __init__(self, session: Session, counter: StateCounter) -> None:
        super().__init__()
        self._session, self._tally = session, counter
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 8, 14, 8)
        row.setSpacing(10)
        column = QVBoxLayout()
        column.setSpacing(0)
        self._name = ElidedLabel()
        self._name.setProperty("head", True)
        self._counts = ElidedLabel()
        self._counts.setProperty("soft", True)
        column.addWidget(self._name)
        line = QHBoxLayout()
        line.setSpacing(4)
        line.addWidget(self._counts)
        self.decide_button, self.cannot_button = Button(), Button()
        for button, tip in (
            (self.decide_button, tr("Go to the next that is to be decided")),
            (self.cannot_button, tr("Go to the next that cannot be made")),
        ):
            button.setProperty("plain", True)
            button.setToolTip(in_words(tip))
            line.addWidget(button)
        line.addStretch(1)
        column.addLayout(line)
        row.addLayout(column, 1)
        self.output_button = Button()
        self.output_button.setProperty("plain", True)
        self.output_button.setToolTip(tr("Where outputs go; press to choose another folder"))
        row.addWidget(self.output_button)
        self.add_button = Button(tr("Add sound  {key}", key=key_of("job.add_files")))
        row.addWidget(self.add_button)
        self.make_button = Button()
        self.make_button.setProperty("main", True)
        row.addWidget(self.make_button)
        self.refresh()

    def refresh(self, busy: bool = False, step: NextStep | None = None) -> None:
        """Say what the board holds now, as far as it has been counted, and what is to be done next."""
        session = self._session
        counts = self._tally.counts
        clips = len(session.project.job.clips)
        self._name.setText(title_of(session.project.job))
        sentences = [
            tr("{n} clips", "{n} clip", clips, n=clips),
            tr("{n} receivers", "{n} receiver", len(session.project.receivers), n=len(session.project.receivers)),
        ]
        made = counts["made"] + counts["delivered"] + counts["older"]
        for count, words in (
            (made, tr("{count} made", count=made)),
            (counts["delivered"], tr("{count} delivered", count=counts["delivered"])),
            (counts["failed"], tr("{count} failed", count=counts["failed"])),
        ):
            if count:
                sentences.append(words)
        if self._tally.busy:
            sentences.append(tr("counting"))
        if session.looker.waiting:
            sentences.append(tr("looking at {waiting} more", waiting=session.looker.waiting))
        self._counts.setText("  ·  ".join(map(in_words, sentences)) if clips else tr("Nothing on the board yet"))
        for button, state in ((self.decide_button, "decide"), (self.cannot_button, "cannot")):
            button.setVisible(bool(clips and counts[state]))
        if busy:
            self.make_button.setText(tr("Stop making  {key}", key=key_of("make.cancel")))
            self.make_button.setEnabled(True)
        else:
            waits = step is not None and step.step != Step.NOTHING
            key = f"  {key_of('make.next')}" if waits else ""
            self.make_button.setText(f"{step_in_words(step or NextStep(Step.NOTHING))}{key}")
            self.make_button.setEnabled(waits)
        # On an empty board its own page has the button.
        self.make_button.setVisible(busy or step is None or step.step != Step.ADD)
        self._fit()
        self.output_button.setAccessibleName(
            tr("Outputs go to {output_folder}. Choose another folder", output_folder=session.project.output_folder)
        )

    def _fit(self) -> None:
        """Say as much of the folder as there is room for: the next action is never pushed out of the window."""
        counts = self._tally.counts
        for button, state, words, short in (
            (self.decide_button, "decide", tr("to decide  {key}", key=key_of("view.next_decide")), tr("decide")),
            (self.cannot_button, "cannot", tr("cannot be made  {key}", key=key_of("view.next_cannot")), tr("cannot")),
        ):
            button.setText(
                f"·  {in_words(counts[state])} {(in_words(words) if self.width() >= scaled(1150) else in_words(short))}"
            )
            button.setAccessibleName(f"{in_words(counts[state])} {in_words(words)}")
        left = self._counts.fontMetrics().horizontalAdvance(self._counts.text()) + sum(
            button.sizeHint().width() for button in (self.decide_button, self.cannot_button) if not button.isHidden()
        )
        room = self.width() - self.make_button.sizeHint().width() - max(scaled(260), left + scaled(30))
        wide = room > scaled(420)
        self.add_button.setText(tr("Add sound  {key}", key=key_of("job.add_files")) if wide else tr("Add"))
        self.add_button.setAccessibleName(tr("Add sound"))
        metrics = self.output_button.fontMetrics()
        placement = self._session.project.job.placement
        text = tr("Outputs go to {output_folder}", output_folder=short_path(self._session.project.output_folder))
        if placement != "one":
            text = (
                tr("Outputs go beside their sources") if placement == "beside" else tr("{text}, mirrored", text=text)
            )
        text = metrics.elidedText(
            in_words(text),
            Qt.TextElideMode.ElideMiddle,
            max(0, room - self.add_button.sizeHint().width() - scaled(40)),
        )
        self.output_button.setText(text if len(text) > 14 else tr("Outputs…"))

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._fit()
