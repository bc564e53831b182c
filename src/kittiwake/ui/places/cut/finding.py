"""Finding the speech of the recording that is cut: what a search would give, and taking it."""

from __future__ import annotations

from dataclasses import asdict
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from ....core.model.span import Span
from ....words import tr
from ....work.cut import Activity, find_speech, merged
from ...widgets.sentence import Sentence
from .find_row import FindRow
from .search_overlay import SearchOverlay
from .view import CutView
from .work import CutWork


class Finding(QObject):
    """``activity`` is what was heard of the source, None until it was listened to; ``searched`` says that spans were found and put."""

    message = Signal(Sentence)
    searched = Signal()

    def __init__(self, work: CutWork, wave: CutView, row: FindRow) -> None:
        super().__init__()
        self._work, self._wave, self._row = work, wave, row
        self.activity: Activity | None = None
        self._asked = False
        row.button.clicked.connect(self.search)
        row.changed.connect(self.preview)
        row.beyond.connect(self.message)

    def listened(self, path: object, found: object) -> None:
        """Somebody has listened to a source: an ``Activity``, or why not."""
        if path != self._work.source:
            return
        if isinstance(found, Activity):
            self.activity = found
            if self._asked:
                self.search()
            else:
                self.preview()
        else:
            self._row.say(str(found))

    def listening(self, path: Path, share: float) -> None:
        """How far that has come, from 0 to 1."""
        if path == self._work.source and self.activity is None:
            self._row.say(tr("Listening for speech, {share:.0%} …", share=share))

    def search(self) -> None:
        """Find the speech with the settings as they are; names, takes and edges that a person set stay."""
        if self.activity is None or self._work.source is None:
            self._asked = True
            return
        self._asked = False
        found = find_speech(self.activity, self._row.settings)
        spans, lost = merged(self._work.cut.spans, found.speech)
        settings = tuple((name, float(value)) for name, value in asdict(self._row.settings).items())
        self._wave.show_found((), SearchOverlay(self.activity, found))
        self._work.put(tr("finding the speech"), self._work.cut.changed(spans=spans, settings=settings))
        self.searched.emit()
        self._tell_found(len(found.speech), len(found.other), lost, done=True)

    def show_seen(self) -> None:
        """Draw over the sound what the search saw, or take it away."""
        self._wave.show_seen(not self._wave.shows_seen)
        if self._wave.shows_seen and self.activity is None:
            self._row.say(tr("Not listened to yet: what the search saw shows when it was."))

    def preview(self) -> None:
        """Show what a search with these settings would give, before anything changes."""
        if self.activity is None:
            return
        found = find_speech(self.activity, self._row.settings)
        _, lost = merged(self._work.cut.spans, found.speech)
        there = {(span.start, span.stop) for span in self._work.cut.spans}
        ghosts = [place for place in found.speech if place not in there]
        self._wave.show_found(ghosts, SearchOverlay(self.activity, found))
        self._tell_found(len(found.speech), len(found.other), lost, done=not ghosts and bool(there))

    def _tell_found(self, count: int, other: int, lost: tuple[Span, ...], done: bool) -> None:
        names = self._work.names()
        sentence = (
            tr("{count} found", count=count)
            if done
            else tr(
                "{count} would be found: F takes them, or drag over a stretch",
                "{count} would be found: F takes it, or drag over a stretch",
                count,
                count=count,
            )
        )
        if other:
            sentence += tr(", {n} other sounds left out", ", {n} other sound left out", other, n=other)
        if lost:
            names_of_lost = ", ".join(names.get(span.id, "?") for span in lost[:4]) + (" …" if len(lost) > 4 else "")
            sentence += tr("; not found any more, but kept: {list}", list=names_of_lost)
        self._row.say(sentence)
        if lost or not done:
            self.message.emit(sentence)
