"""The small window: a verdict for each file, a decision where one is needed, and the files on the clipboard at the end."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QEvent, Qt, QTimer, Signal
from PySide6.QtGui import QCloseEvent, QDragEnterEvent, QDropEvent, QKeySequence, QShortcut
from PySide6.QtWidgets import (
    QApplication,
    QComboBox,
    QHBoxLayout,
    QLineEdit,
    QProgressBar,
    QVBoxLayout,
    QWidget,
)

from ...core.errors import KittiwakeError
from ...core.fit import Remedy
from ...core.fit.receiver_query import receiver_of_wish
from ...core.model import shipped_receivers
from ...core.model.own_receivers import keep_own, last_used, own_receivers
from ...words import tr
from ...work.project import Cell, edits
from ..board.model import demand
from ..settings.held import HeldSettings
from ..shell.session import Session
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.elided import ElidedLabel
from ..widgets.made_files import files_of, mime_of
from ..widgets.parts import ProblemList, scrolled
from ..widgets.short_path import short_path
from ..widgets.worded import Choice, Label
from ..workers.outputs import OutputWorker
from .files import FileList

_FIRST = "phone-menu"


class QuickWindow(QWidget):
    """Parameters
    ----------
    receiver : its slug; what it takes is made at once. Empty: it is asked for.
    """

    closed = Signal()
    show_wanted = Signal(Path)  # a folder
    window_wanted = Signal(list)  # paths, to be opened in the large window

    def __init__(self, paths: list[Path], receiver: str, settings: HeldSettings) -> None:
        super().__init__()
        self._settings = settings
        self.session = Session()
        self.maker = OutputWorker(self.session)
        self.maker.at_once = settings["making.at_once"] or None
        self.asked = not receiver  # whether the receiver is still to be said
        self._left = 0
        self._paths: list[Path] = []
        self._shut = False
        self._slug = ""
        self.setWindowTitle(tr("Quick convert – Kittiwake"))
        self.setAcceptDrops(True)
        self.setMinimumSize(scaled(460), scaled(300))
        self.resize(scaled(540), scaled(400))
        self._lay_out(receiver)
        self._connect()
        self._begin(self.choice.currentData())
        self.add_paths(paths)
        (self.go_button if self.asked else self.close_button).setFocus()

    # -- putting together ------------------------------------------------------------------------------------------

    def _lay_out(self, receiver: str) -> None:
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 14, 16, 12)
        column.setSpacing(8)
        top = QHBoxLayout()
        label = Label(tr("Convert for"))
        top.addWidget(label)
        self.choice = Choice()
        self.choice.setAccessibleName(tr("The receiver"))
        self.choice.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        label.setBuddy(self.choice)
        for slug, name in _offered():
            self.choice.addItem(name, slug)
        self.choice.setCurrentIndex(max(0, self.choice.findData(receiver or _first())))
        self.field = QLineEdit()
        self.choice.setLineEdit(self.field)  # which lets it be typed in
        self.choice.setInsertPolicy(QComboBox.InsertPolicy.NoInsert)
        self.field.setPlaceholderText(tr("a receiver, or what you need: mp3 192k stereo"))
        self.choice.setToolTip(tr("A receiver, or what you need: mp3 192k stereo · ulaw 8k < 56 kB"))
        top.addWidget(self.choice, 1)
        self.go_button = Button(tr("Convert  Enter"))
        self.go_button.setProperty("main", True)
        self.go_button.setVisible(self.asked)
        top.addWidget(self.go_button)
        column.addLayout(top)
        self.demand = ElidedLabel()
        self.demand.setProperty("soft", True)
        column.addWidget(self.demand)
        self.list = FileList()
        column.addWidget(scrolled(self.list, tr("Files")), 1)
        self.problems = ProblemList(self._take)
        self.problems.hide()
        column.addWidget(self.problems)
        self.bar = QProgressBar()
        self.bar.setTextVisible(False)
        self.bar.setRange(0, 1000)
        self.bar.setAccessibleName(tr("How far it is"))
        column.addWidget(self.bar)
        self.notice = Label()
        self.notice.setWordWrap(True)
        column.addWidget(self.notice)
        foot = QHBoxLayout()
        self.folder_button = Button(tr("Show the folder"))
        self.window_button = Button(tr("Open in the window"))
        self.close_button = Button(tr("Close"))
        for button in (self.folder_button, self.window_button):
            foot.addWidget(button)
        foot.addStretch(1)
        foot.addWidget(self.close_button)
        column.addLayout(foot)
        self.folder_button.hide()

    def _connect(self) -> None:
        session, maker = self.session, self.maker
        self.go_button.clicked.connect(self.go)
        self.choice.activated.connect(self._chosen)
        self.field.returnPressed.connect(self._entered)
        self.close_button.clicked.connect(self.close)
        self.folder_button.clicked.connect(lambda: self.show_wanted.emit(self._folder()))
        self.window_button.clicked.connect(self._to_the_window)
        session.facts_arrived.connect(lambda _: self._looked())
        session.cell_changed.connect(lambda *_: self._refresh())
        session.job_changed.connect(self._refresh)
        session.calm.connect(self._looked)
        session.message.connect(self.notice.setText)
        session.looker.searched.connect(lambda *_: self._looked())
        maker.progressed.connect(self._progressed)
        maker.finished.connect(self._finished)
        QShortcut(QKeySequence("Escape"), self, self._escape)
        self._wait = QTimer(self)
        self._wait.setInterval(1000)
        self._wait.timeout.connect(self._tick)
        self._settle = QTimer(self)
        self._settle.setSingleShot(True)
        self._settle.setInterval(50)
        self._settle.timeout.connect(self._settled)

    def _chosen(self, _: int) -> None:
        """One of the list was taken: where it is still to be said when to begin, Enter says so next."""
        if self.choice.currentData() != self._slug:
            self._begin(self.choice.currentData())
        if self.asked:
            self.go_button.setFocus()

    def _entered(self) -> None:
        """Enter in the field: what is typed there is a receiver, or a wish that becomes one; and it is made."""
        text = self.choice.currentText().strip()
        at = self.choice.findText(text, Qt.MatchFlag.MatchFixedString)
        if at < 0:
            try:
                wish = receiver_of_wish(text)
                keep_own(wish)
            except KittiwakeError as error:
                self.notice.setText(str(error))
                self.field.selectAll()
                return
            at = self.choice.findData(wish.slug)
            if at < 0:
                self.choice.addItem(wish.name, wish.slug)
                at = self.choice.count() - 1
        self.choice.setCurrentIndex(at)
        if self.choice.currentData() != self._slug:
            self._begin(self.choice.currentData())
        if self.asked:
            self.go()

    def _begin(self, slug: str) -> None:
        """Another receiver: the same files anew."""
        self._slug = slug
        self._stay()
        project = self.session.project
        placement = "beside" if self._settings["quick.place"] == "beside" else self._settings["outputs.placement"]
        paths, self._paths = self._paths, []
        project.begin((slug,), placement)
        folder = self._settings["outputs.folder"]
        project.outputs_at = Path(folder).expanduser() if folder else None
        self.demand.setText(demand(project.receivers[0]))
        self.add_paths(paths)

    def add_paths(self, paths: list[Path]) -> None:
        """More files, or folders."""
        self._stay()
        self._paths += [path for path in paths if path not in self._paths]
        files = [path.absolute() for path in paths if not path.is_dir()]
        folders = [path for path in paths if path.is_dir()]
        if files:
            self.session.project.add_sources(files)
        if folders:
            self.session.looker.search(folders)
        self._refresh()

    # -- going on --------------------------------------------------------------------------------------------------

    def go(self) -> None:
        """Make, from now on, whatever can be made."""
        self.asked = False
        self.go_button.hide()
        self.close_button.setFocus()
        self._looked()

    def _looked(self) -> None:
        self._settle.start()

    def _settled(self) -> None:
        self._refresh()
        if self.asked or self.session.busy or self.maker.busy:
            return
        if not self.maker.make(list(self.session.project.cells())):
            self._finished()

    def _take(self, remedy: Remedy) -> None:
        """A decision holds for every file that asks the same."""
        edits.apply_like(self.session.project, self.session.project.cells(), remedy.code)
        self._looked()

    def _progressed(self) -> None:
        self._refresh()
        self.bar.setValue(round(1000 * self.maker.finished_items / max(1, self.maker.total)))

    def _refresh(self) -> None:
        cells = list(self.session.project.cells())
        self.list.show_cells(cells)
        decide = next((cell for cell in cells if cell.state == "decide"), None)
        self.problems.setVisible(decide is not None and not self.maker.busy)
        if decide is not None and decide.fit:
            decisions = [problem for problem in decide.fit.problems if problem.severity == "decide"]
            if (decide.key, decisions) != self._shown:
                self._shown = (decide.key, decisions)
                self.problems.show_problems(decisions)
        else:
            self._shown = None
        self.bar.setVisible(self.maker.busy)
        self.notice.setText(self._sentence(cells))
        self.go_button.setEnabled(bool(cells))

    _shown: object = None

    def _sentence(self, cells: list[Cell]) -> str:
        if not cells:
            return tr("Looking …") if self.session.busy else tr("Drop sound files here.")
        states = [cell.state for cell in cells]
        if self.session.busy or "waiting" in states:
            return tr("Looking at {n} files …", "Looking at {n} file …", len(cells), n=len(cells))
        if self.maker.busy:
            return tr(
                "Making {done} of {total} …", done=min(self.maker.done + 1, self.maker.total), total=self.maker.total
            )
        made = states.count("made")
        sentences = []
        if made:
            where = (
                tr("beside the source")
                if self._settings["quick.place"] == "beside"
                else tr("in {folder}", folder=short_path(self._folder()))
            )
            sentences.append(tr("{made} made and proved, {where}; on the clipboard.", made=made, where=where))
        if count := states.count("decide"):
            sentences.append(tr("{count} to decide.", count=count))
        if count := states.count("cannot"):
            sentences.append(tr("{count} cannot be made.", count=count))
        if count := states.count("failed"):
            sentences.append(tr("{count} failed.", count=count))
        if self.asked and not sentences:
            sentences.append(tr("{n} files ready.", "{n} file ready.", len(cells), n=len(cells)))
        if self._left:
            sentences.append(tr("Closes in {left} s; any key keeps it.", left=self._left))
        return " ".join(sentences)

    def _finished(self) -> None:
        cells = list(self.session.project.cells())
        files = files_of(cells)
        if files:
            QApplication.clipboard().setMimeData(mime_of(files))
        self.folder_button.setVisible(bool(files))
        self._refresh()
        after = self._settings["quick.close_after"]
        if files and after and all(cell.state == "made" for cell in cells):
            self._left = after
            self._wait.start()
            self._refresh()

    def _folder(self) -> Path:
        files = files_of(self.session.project.cells())
        return files[0].parent if files else self.session.project.output_folder

    def _to_the_window(self) -> None:
        self.window_wanted.emit(list(self._paths))
        self.close()

    # -- closing ---------------------------------------------------------------------------------------------------

    def _tick(self) -> None:
        self._left -= 1
        if self._left <= 0:
            self.close()
        else:
            self._refresh()

    def _stay(self) -> None:
        """Somebody is there: it does not close by itself any more."""
        if self._left:
            self._left = 0
            self._wait.stop()
            self._refresh()

    def _escape(self) -> None:
        if self.maker.busy:
            self.maker.cancel()
        else:
            self.close()

    def event(self, event: QEvent) -> bool:
        if event.type() in (QEvent.Type.KeyPress, QEvent.Type.MouseButtonPress, QEvent.Type.ShortcutOverride):
            self._stay()
        return super().event(event)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        paths = [Path(url.toLocalFile()) for url in event.mimeData().urls() if url.isLocalFile()]
        if paths:
            event.acceptProposedAction()
            self.add_paths(paths)
            self._looked()

    def closeEvent(self, event: QCloseEvent) -> None:
        self.shut_down()
        event.accept()
        self.closed.emit()

    def shut_down(self) -> None:
        """Stop what goes on, once; what is made stays."""
        if self._shut:
            return
        self._shut = True
        self._wait.stop()
        self._settle.stop()
        self.maker.stop()
        self.session.outputs.stop()
        self.session.looker.stop()
        self.session.span_levels.stop()


def _offered() -> list[tuple[str, str]]:
    """Receivers by slug and name, those used last first."""
    known = {**shipped_receivers(), **own_receivers()}
    order = dict.fromkeys((*last_used(), *known))
    return [(slug, known[slug].name) for slug in order if slug in known]


def _first() -> str:
    return next(iter(last_used()), _FIRST)
