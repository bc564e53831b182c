"""A headerless file heard as a guess would have it."""

from __future__ import annotations

from PySide6.QtCore import QObject, Signal

from ...core.measure import analyze
from ...core.model import Clip, Facts, Stated
from ...words import tr
from ..widgets.sentence import Sentence
from ..workers.worker import Outcome, Worker
from .player import Player


class Hearing(QObject):
    """Looks at the file in a thread of its own, and plays it, no louder than speech."""

    said = Signal(Sentence)

    def __init__(self, player: Player) -> None:
        super().__init__(player)
        self._player = player
        self.wanted: Stated | None = None
        self._worker = Worker(self)

    def hear(self, clip: Clip, stated: Stated) -> None:
        """Play a clip's source as ``stated``."""
        self.wanted = stated
        self._worker.begin(clip, lambda _: analyze(clip.source, stated), self._looked, instead=True)

    def _looked(self, outcome: Outcome[Clip, Facts]) -> None:
        if outcome.found is None:
            self.said.emit(outcome.wrong)
        else:
            self.play(outcome.asked, outcome.found)

    def play(self, clip: Clip, facts: Facts) -> None:
        """Play what was looked at, unless another way was asked for since."""
        if facts.stated != self.wanted:
            return
        if not facts.ok:
            self.said.emit(tr("It cannot be heard so: {error}", error=str(facts.error)))
            return
        self._player.load_quietly(clip, facts)
        self._player.choose("source")
        self._player.play()
