"""The lower half of the window: one page for whatever is selected, or for the place where somebody works."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QSize, Signal
from PySide6.QtWidgets import QStackedWidget

from ...core.measure import analyze
from ...core.model import Clip, Facts, Receiver
from ...words import in_words, tr
from ...work.project import Cell
from ..places.place import PlacePage, place_of
from ..standins.panel import StandIns
from ..widgets.dropped import files_fall_through
from ..widgets.sentence import Sentence
from ..widgets.worded import Label
from ..workers.worker import Outcome, Worker
from .session import Session

if TYPE_CHECKING:
    from .context import Context


class Bench(QStackedWidget):
    """Shows a clip, a cell or a receiver and follows the session, or a place that somebody went to. ``context`` gives what pages are built of."""

    pressed = Signal()  # the machine that is shown is to be set off
    message = Signal(Sentence)  # one of its pages has something to say in the status line

    def __init__(self, session: Session, context: Callable[[], Context]) -> None:
        super().__init__()
        self._session, self._context = session, context
        self._clip_id: str | None = None
        self._slug: str | None = None
        self._follows = True  # what is selected
        self._outputs: dict[str, Facts] = {}
        self._worker = Worker(self)
        self._pending: set[str] = set()
        self.stand_ins = StandIns(self.pressed.emit)
        self.stand_ins.setParent(self)  # until a page shows it
        self.empty_page = Label(tr("Select a clip, a cell, or a receiver's heading: here is where it is worked on."))
        self.empty_page.setProperty("soft", True)
        self.empty_page.setMargin(18)
        self._built: dict[str, PlacePage] = {}
        self.addWidget(self.empty_page)
        self.stand_ins.said.connect(self.message)
        session.job_changed.connect(self.refresh)
        session.facts_arrived.connect(self._facts)
        session.partly_looked.connect(self._glimpse)
        session.cell_changed.connect(self._cell)
        self.currentChanged.connect(lambda _: self.updateGeometry())

    # -- the pages -------------------------------------------------------------------------------------------------

    def page_of(self, key: str) -> Any:
        """The page of a place, which is built where nobody wanted it before."""
        if key not in self._built:
            kind = place_of(key)
            page = self._built[key] = kind.build(self._context())
            page.setAccessibleName(in_words(kind.title))
            self.addWidget(page)
            files_fall_through(page)
            page.message.connect(self.message)
        return self._built[key]

    def built(self, key: str) -> Any:
        """The page of a place if it was wanted already, else None."""
        return self._built.get(key)

    def begin_job(self) -> None:
        """Another job: its pages are other ones, built when they are wanted, and its machines hold nothing. What the pages of the job before still do
        in the background comes to nobody.
        """
        self._clip_id = self._slug = None
        self._follows = True
        self._outputs = {}
        self._pending = set()
        self._worker.drop()
        self.setCurrentWidget(self.empty_page)
        self.stand_ins.begin_job(self)
        built, self._built = self._built, {}
        for page in built.values():
            page.shut_down()
            self.removeWidget(page)
            page.hide()
            page.setParent(None)
            page.deleteLater()

    # -- what is shown ---------------------------------------------------------------------------------------------

    def minimumSizeHint(self) -> QSize:
        """That of the page that shows: what another one needs is nothing to it."""
        page = self.currentWidget()
        return page.minimumSizeHint() if page is not None else super().minimumSizeHint()

    def show_choice(self, clip: Clip | None, receiver: Receiver | None) -> None:
        """Show what was selected: a clip, a receiver, or the cell where both meet."""
        self._follows = True
        self._clip_id = clip.id if clip else None
        self._slug = receiver.slug if receiver else None
        if clip and clip.source not in self._session.project.facts:
            self._session.looker.hurry(clip.source)
        self.refresh()

    def go_to(self, key: str, *what: object) -> None:
        """Show a place until something else is selected on the board; ``what`` it is opened for is what its page begins with.

        Raises
        ------
        KeyError : there is none of that key.
        """
        self._follows = False
        page = self.page_of(key)
        self.setCurrentWidget(page)
        page.begin(*what)

    @property
    def page(self) -> str:
        """The key of the place that is shown; ``empty`` where none is."""
        return next((key for key, page in self._built.items() if page is self.currentWidget()), "empty")

    @property
    def shown(self) -> PlacePage | None:
        """The page that is shown."""
        return self._built.get(self.page)

    @property
    def at_work(self) -> bool:
        """Whether somebody cuts or records, which new rows of the board must not end."""
        return self.shown is not None and place_of(self.page).stays

    def refresh(self) -> None:
        """Show the current selection anew."""
        if not self._follows:
            return
        clip = self._session.project.clip(self._clip_id) if self._clip_id else None
        receiver = self._session.project.receiver(self._slug) if self._slug else None
        if clip and receiver:
            cell = self._session.project.cell(clip, receiver)
            output = self._output_of(cell) if cell.record else None
            self._show("cell", cell, output)
        elif clip:
            self._show("clip", clip)
        elif receiver:
            self._show("receiver", receiver)
        else:
            self.setCurrentWidget(self.empty_page)

    def _show(self, key: str, *what: object) -> None:
        page = self.page_of(key)
        page.begin(*what)
        self.setCurrentWidget(page)

    def _facts(self, path: Path) -> None:
        clip = self._session.project.clip(self._clip_id) if self._clip_id else None
        if clip and clip.source == path:
            self.refresh()

    def _glimpse(self, path: Path) -> None:
        clip = self._session.project.clip(self._clip_id) if self._clip_id else None
        if clip and clip.source == path and self.page == "clip":
            self.page_of("clip").show_partial(self._session.partial[path])

    def _cell(self, clip_id: str, slug: str) -> None:
        if clip_id == self._clip_id and slug == self._slug:
            self.refresh()

    def _output_of(self, cell: Cell) -> Facts | None:
        """Facts of a made file, looked up in the background: what proof found of it is too little to draw."""
        assert cell.record is not None
        digest, output = cell.record.sha256, Path(cell.record.output)
        stated = cell.fit.recipe.stated if cell.fit and cell.fit.recipe else None
        if digest not in self._outputs and digest not in self._pending:
            self._pending.add(digest)
            self._worker.queue(digest, lambda _: analyze(output, stated), self._take_output)
        return self._outputs.get(digest)

    def _take_output(self, outcome: Outcome[str, Facts]) -> None:
        self._pending.discard(outcome.asked)
        if outcome.found is not None:
            self._outputs[outcome.asked] = outcome.found
            self.refresh()

    def stop(self) -> None:
        """End what the pages do in the background."""
        for page in self._built.values():
            page.shut_down()
        self._worker.shut_down()
