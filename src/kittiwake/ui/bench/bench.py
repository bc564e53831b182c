"""The lower half of the window: one page for whatever is selected."""

from __future__ import annotations

from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from importlib import import_module
from pathlib import Path
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QSize, Signal
from PySide6.QtWidgets import QLabel, QStackedWidget

from ...core.measure import analyze
from ...core.model import Clip, Facts, Receiver
from ...core.project import Cell
from ...words import tr
from ..shell.session import Session
from ..standins.panel import StandIns
from ..widgets.dropped import files_fall_through
from ..widgets.sentence import Sentence
from ..workers.cuts import CutWorker

if TYPE_CHECKING:
    from .cell_page import CellPage
    from .clip_page import ClipPage
    from .compare_page import ComparePage
    from .corpus.page import CorpusPage
    from .cut.page import CutPage
    from .heard_page import HeardPage
    from .levels_page import LevelsPage
    from .music_page import MusicPage
    from .phone_page import PhonePage
    from .receiver_page import ReceiverPage
    from .record_page import RecordPage
    from .script_page import ScriptPage
    from .tone_page import TonePage
    from .wave import WaveView

#: The pages by their names: where each is, and what makes it of the bench. None is loaded or built before it is wanted: a start shows one.
PAGES: dict[str, tuple[str, str]] = {
    "clip": ("clip_page", "ClipPage"),
    "cell": ("cell_page", "CellPage"),
    "receiver": ("receiver_page", "ReceiverPage"),
    "compare": ("compare_page", "ComparePage"),
    "levels": ("levels_page", "LevelsPage"),
    "cut": ("cut.page", "CutPage"),
    "record": ("record_page", "RecordPage"),
    "script": ("script_page", "ScriptPage"),
    "tone": ("tone_page", "TonePage"),
    "music": ("music_page", "MusicPage"),
    "phone": ("phone_page", "PhonePage"),
    "heard": ("heard_page", "HeardPage"),
    "corpus": ("corpus.page", "CorpusPage"),
}
#: Pages where somebody works that new rows of the board must not end.
_AT_WORK = {"cut", "record", "script", "tone", "music", "phone"}


class Bench(QStackedWidget):
    """Shows a clip, a cell or a receiver, and follows the session."""

    pressed = Signal()  # the machine that is shown is to be set off
    message = Signal(Sentence)  # one of its pages has something to say in the status line
    _output_looked = Signal(str, Facts)

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self._clip_id: str | None = None
        self._slug: str | None = None
        self._comparing = False
        self._outputs: dict[str, Facts] = {}
        self._pool = ThreadPoolExecutor(1, thread_name_prefix="outputs")
        self._pending: set[str] = set()
        self.stand_ins = StandIns(self.pressed.emit)
        self.stand_ins.setParent(self)  # until a page shows it
        self.empty_page = QLabel(tr("Select a clip, a cell, or a receiver's heading: here is where it is worked on."))
        self.empty_page.setProperty("soft", True)
        self.empty_page.setMargin(18)
        self.cutter = CutWorker(self)
        self._built: dict[str, Any] = {}
        self._wishes: dict[str, list[Callable[[Any], object]]] = {}
        self.addWidget(self.empty_page)
        self.stand_ins.said.connect(self.message)
        session.job_changed.connect(self.refresh)
        session.facts_arrived.connect(self._facts)
        session.partly_looked.connect(self._glimpse)
        session.cell_changed.connect(self._cell)
        self._output_looked.connect(self._take_output)
        self.currentChanged.connect(lambda _: self.updateGeometry())

    # -- the pages -------------------------------------------------------------------------------------------------

    def page_of(self, name: str) -> Any:
        """The page of that name (``PAGES``), which is built where nobody wanted it before."""
        if name not in self._built:
            module, kind = PAGES[name]
            make = getattr(import_module(f".{module}", __package__), kind)
            built = self._built[name] = make(*self._given_to(name))
            self.addWidget(built)
            files_fall_through(built)
            if hasattr(built, "message"):
                built.message.connect(self.message)
            for wish in self._wishes.get(name, ()):
                wish(built)
        return self._built[name]

    def _given_to(self, name: str) -> tuple[object, ...]:
        more = {
            "receiver": lambda: (self.stand_ins,),
            "cut": lambda: (self.cutter,),
            "phone": lambda: (self.stand_ins.phone(),),
        }
        return () if name == "compare" else (self._session, *more.get(name, tuple)())

    def built(self, name: str) -> Any:
        """The page of that name if it was wanted already, else None."""
        return self._built.get(name)

    def when_built(self, name: str, do: Callable[[Any], object]) -> None:
        """Do something with the page of that name: at once, or as soon as it is there; and whenever it is built anew, for another job."""
        self._wishes.setdefault(name, []).append(do)
        if name in self._built:
            do(self._built[name])

    def begin_job(self) -> None:
        """Another job: its pages are other ones, built when they are wanted, and its machines hold nothing. What the pages of the job before still do
        in the background comes to nobody.
        """
        self._clip_id = self._slug = None
        self._comparing = False
        self._outputs = {}
        self._pending = set()
        self.setCurrentWidget(self.empty_page)
        self.stand_ins.begin_job(self)
        built, self._built = self._built, {}
        for page in built.values():
            if hasattr(page, "shut_down"):
                page.shut_down()
            self.removeWidget(page)
            page.hide()
            page.setParent(None)
            page.deleteLater()

    @property
    def clip_page(self) -> ClipPage:
        return self.page_of("clip")

    @property
    def cell_page(self) -> CellPage:
        return self.page_of("cell")

    @property
    def receiver_page(self) -> ReceiverPage:
        return self.page_of("receiver")

    @property
    def compare_page(self) -> ComparePage:
        return self.page_of("compare")

    @property
    def levels_page(self) -> LevelsPage:
        return self.page_of("levels")

    @property
    def cut_page(self) -> CutPage:
        return self.page_of("cut")

    @property
    def record_page(self) -> RecordPage:
        return self.page_of("record")

    @property
    def script_page(self) -> ScriptPage:
        return self.page_of("script")

    @property
    def tone_page(self) -> TonePage:
        return self.page_of("tone")

    @property
    def music_page(self) -> MusicPage:
        return self.page_of("music")

    @property
    def phone_page(self) -> PhonePage:
        return self.page_of("phone")

    @property
    def heard_page(self) -> HeardPage:
        return self.page_of("heard")

    @property
    def corpus_page(self) -> CorpusPage:
        return self.page_of("corpus")

    # -- what is shown ---------------------------------------------------------------------------------------------

    def minimumSizeHint(self) -> QSize:
        """That of the page that shows: what another one needs is nothing to it."""
        page = self.currentWidget()
        return page.minimumSizeHint() if page is not None else super().minimumSizeHint()

    def show_choice(self, clip: Clip | None, receiver: Receiver | None) -> None:
        """Show what was selected: a clip, a receiver, or the cell where both meet."""
        self._comparing = False
        self._clip_id = clip.id if clip else None
        self._slug = receiver.slug if receiver else None
        if clip and clip.source not in self._session.project.facts:
            self._session.looker.hurry(clip.source)
        self.refresh()

    def show_comparison(self, clip: Clip, facts: Facts) -> None:
        """Compare codecs for a clip, until something else is selected."""
        self._comparing = True
        self.compare_page.start(clip, facts)
        self.setCurrentWidget(self.compare_page)
        self.compare_page.table.setFocus()

    def show_levels(self) -> None:
        """Show the levels of the whole set, until something is selected on the board."""
        self._comparing = True
        self.levels_page.show_set()
        self.setCurrentWidget(self.levels_page)
        self.levels_page.table.setFocus()

    def show_cut(self, clip: Clip) -> None:
        """Cut the source of a clip, until something else is selected on the board."""
        self._comparing = True
        self.setCurrentWidget(self.cut_page)
        self.cut_page.show_source(
            clip.source, clip.id if self._session.project.cut_of(clip.source).span(clip.id) else ""
        )
        self.cut_page.wave.setFocus()

    def show_record(self) -> None:
        """Record, until something else is selected on the board."""
        self._comparing = True
        self.setCurrentWidget(self.record_page)
        self.record_page.begin()

    def show_script(self) -> None:
        """Write and speak the script, until something else is selected on the board."""
        self._comparing = True
        self.setCurrentWidget(self.script_page)
        self.script_page.begin()

    def show_tones(self, clip: Clip | None) -> None:
        """Tones, until something else is selected on the board; ``clip`` is the one to change, where it is a tone."""
        self._comparing = True
        self.setCurrentWidget(self.tone_page)
        self.tone_page.begin(clip)

    def show_music(self, clips: list[Clip]) -> None:
        """Hold music of these clips, until something else is selected on the board."""
        self._comparing = True
        self.setCurrentWidget(self.music_page)
        self.music_page.begin(clips)

    def show_phone(self) -> None:
        """The telephone menu, until something else is selected on the board."""
        self._comparing = True
        self.setCurrentWidget(self.phone_page)
        self.phone_page.begin()

    def show_corpus(self, receiver: Receiver) -> None:
        """How good the clips are for a corpus, until something else is selected on the board."""
        self._comparing = True
        self.setCurrentWidget(self.corpus_page)
        self.corpus_page.begin(receiver)

    def show_heard(self, receiver: Receiver) -> None:
        """What a service heard, until something else is selected on the board."""
        self._comparing = True
        self.setCurrentWidget(self.heard_page)
        self.heard_page.begin(receiver)
        self.heard_page.table.setFocus()

    @property
    def page(self) -> str:
        """The name of the page that is shown; ``empty`` where nothing is."""
        return next((name for name, page in self._built.items() if page is self.currentWidget()), "empty")

    @property
    def at_work(self) -> bool:
        """Whether somebody cuts or records, which new rows of the board must not end."""
        return self.page in _AT_WORK

    def refresh(self) -> None:
        """Show the current selection anew."""
        if self._comparing:
            return
        clip = self._session.project.clip(self._clip_id) if self._clip_id else None
        receiver = self._session.project.receiver(self._slug) if self._slug else None
        if clip and receiver:
            cell = self._session.project.cell(clip, receiver)
            output = self._output_of(cell) if cell.record else None
            self.cell_page.show_cell(cell, output)
            self.setCurrentWidget(self.cell_page)
        elif clip:
            self.clip_page.show_clip(clip)
            self.setCurrentWidget(self.clip_page)
        elif receiver:
            self.receiver_page.show_receiver(receiver)
            self.setCurrentWidget(self.receiver_page)
        else:
            self.setCurrentWidget(self.empty_page)

    @property
    def wave(self) -> WaveView | None:
        """The waveform on show."""
        page: Any = self.currentWidget()
        return page.wave if self.page in ("clip", "cell") else None

    def _facts(self, path: Path) -> None:
        clip = self._session.project.clip(self._clip_id) if self._clip_id else None
        if clip and clip.source == path:
            self.refresh()

    def _glimpse(self, path: Path) -> None:
        clip = self._session.project.clip(self._clip_id) if self._clip_id else None
        if clip and clip.source == path and self.page == "clip":
            self.clip_page.show_partial(self._session.partial[path])

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
            self._pool.submit(lambda: self._output_looked.emit(digest, analyze(output, stated)))
        return self._outputs.get(digest)

    def _take_output(self, digest: str, facts: Facts) -> None:
        if digest not in self._pending:
            return  # of a job that was open before
        self._pending.discard(digest)
        self._outputs[digest] = facts
        self.refresh()

    def stop(self) -> None:
        """End what the pages do in the background."""
        self.cutter.stop()
        for page in self._built.values():
            if hasattr(page, "shut_down"):
                page.shut_down()
        self._pool.shutdown(wait=True, cancel_futures=True)
