"""Lines that were spoken, listened to by a speech engine: which of them sound like another."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from ....core.ear.heard_back import HeardLine, ToHear
from ....core.model.script import Script
from ....words import tr
from ....work.project import Project
from ...widgets.sentence import Sentence
from ...workers.speech import SpeechWorker
from ...workers.worker import Outcome
from .state import LineState


class HearBack(QObject):
    """``heard`` is what was heard of each line, by its id, with the sound that was listened to; ``over`` says that all was listened to."""

    message = Signal(Sentence)
    over = Signal()

    def __init__(self, project: Project, speaker: SpeechWorker) -> None:
        super().__init__()
        self._project, self._speaker = project, speaker
        self._listening: dict[str, Path] = {}
        self.heard: dict[str, tuple[Path, HeardLine]] = {}

    def start(self, script: Script, states: Mapping[str, LineState]) -> None:
        """Listen to every line that is spoken as it stands."""
        to_hear = []
        for line in script.lines:
            clip, state = self._project.clip(line.id), states.get(line.id)
            if clip is not None and state is not None and not state.to_speak and not line.taken:
                to_hear.append(ToHear(line.id, line.text or line.name, clip.source))
        self._listening = {one.line: one.path for one in to_hear}
        if self._speaker.hear_back(to_hear, self._heard_back, self._listened):
            self.message.emit(
                tr("Listening to {count} lines …", "Listening to {count} line …", len(to_hear), count=len(to_hear))
            )
        elif not to_hear:
            self.message.emit(tr("Speak the lines first."))

    def _heard_back(self, heard: HeardLine) -> None:
        self.heard[heard.line] = (self._listening[heard.line], heard)

    def _listened(self, outcome: Outcome[Sequence[ToHear], None]) -> None:
        other = sum(bool(one.heard) and not one.right for _, one in self.heard.values())
        none = sum(not one.heard for _, one in self.heard.values())
        sentence = tr(
            "{count} lines heard back: {other} sound like another line, {none} were not understood.",
            "{count} line heard back: {other} like another line, {none} not understood.",
            len(self.heard),
            count=len(self.heard),
            other=other,
            none=none,
        )
        self.message.emit(outcome.wrong or sentence)
        self.over.emit()
