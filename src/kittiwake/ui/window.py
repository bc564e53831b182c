"""The window: one board, one bench, one ear."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import Qt, QTimer, QUrl
from PySide6.QtGui import (
    QAction,
    QCloseEvent,
    QDesktopServices,
    QDragEnterEvent,
    QDropEvent,
    QKeySequence,
)
from PySide6.QtWidgets import (
    QApplication,
    QFileDialog,
    QMainWindow,
    QMessageBox,
    QSplitter,
    QVBoxLayout,
    QWidget,
)

from .. import __version__
from ..actions import ACTIONS
from ..core.errors import KittiwakeError
from ..core.model import Clip, Receiver
from ..core.model.job import EXTENSION
from .bench.bench import Bench
from .board.view import Board
from .ear.player import Player
from .ear.strip import EarStrip
from .foot import Foot
from .making import Maker
from .palette import KeyList, Palette
from .session import Cell, Session
from .theme.colours import colours, use
from .theme.sheet import style_sheet
from .top_bar import TopBar


class Window(QMainWindow):
    """Puts the pieces together; all that is done goes through the registry of actions."""

    def __init__(self) -> None:
        super().__init__()
        self.session = Session()
        self.maker = Maker(self.session)
        self.player = Player(self)
        self.board = Board(self.session)
        self.bench = Bench(self.session)
        self.top = TopBar(self.session)
        self.ear = EarStrip(self.player)
        self.foot = Foot(self.maker)
        self.qactions: dict[str, QAction] = {}
        self._make_wanted = False
        self._count_timer = QTimer(self)
        self._count_timer.setSingleShot(True)
        self._count_timer.setInterval(60)
        self._lay_out()
        self._make_actions()
        self._connect()
        self.setAcceptDrops(True)
        self.setMinimumSize(900, 600)
        self.resize(1280, 800)
        self._refresh()

    # -- putting together ------------------------------------------------------------------------------------------

    def _lay_out(self) -> None:
        self.splitter = QSplitter(Qt.Orientation.Vertical)
        self.splitter.setChildrenCollapsible(False)
        upper = QWidget()
        column = QVBoxLayout(upper)
        column.setContentsMargins(14, 0, 14, 0)
        column.addWidget(self.board)
        self.splitter.addWidget(upper)
        self.splitter.addWidget(self.bench)
        self.splitter.setSizes([330, 310])
        self.splitter.setStretchFactor(0, 3)
        self.splitter.setStretchFactor(1, 2)
        middle = QWidget()
        whole = QVBoxLayout(middle)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.setSpacing(0)
        whole.addWidget(self.top)
        whole.addWidget(self.splitter, 1)
        whole.addWidget(self.ear)
        whole.addWidget(self.foot)
        self.setCentralWidget(middle)

    def _make_actions(self) -> None:
        """Menus and keys from the registry; every action in the window has a method here."""
        menus = {}
        for action in ACTIONS:
            if not action.menu:
                continue
            made = QAction(action.text, self)
            made.setShortcuts([QKeySequence(key) for key in action.keys])
            made.setStatusTip(action.help)
            made.setToolTip(action.help)
            made.triggered.connect(self._handler(action.id))
            self.qactions[action.id] = made
            if action.menu not in menus:
                menus[action.menu] = self.menuBar().addMenu(action.menu)
            menus[action.menu].addAction(made)

    def _handler(self, action_id: str) -> Callable[[], None]:
        method = getattr(self, "do_" + action_id.replace(".", "_"))

        def run(checked: bool = False) -> None:
            method()

        return run

    def _connect(self) -> None:
        session, maker, player = self.session, self.maker, self.player
        self.board.chosen.connect(self._chosen)
        session.job_changed.connect(self._refresh)
        session.facts_arrived.connect(self._facts_arrived)
        session.cell_changed.connect(lambda *_: self._count_timer.start())
        session.looker.found.connect(lambda paths: session.add_sources(paths))
        session.looker.searched.connect(self._searched)
        self._count_timer.timeout.connect(self._count)
        maker.started.connect(lambda _: self._refresh())
        maker.finished.connect(self._made_all)
        player.said.connect(self.foot.say)
        player.moved.connect(self._ear_moved)
        player.changed.connect(self._ear_changed)
        for page in (self.bench.clip_page, self.bench.cell_page):
            page.wave.seek.connect(player.seek)
        self.bench.cell_page.make_wanted.connect(self.do_make_selection)
        self.bench.cell_page.hand_wanted.connect(self.do_beacon_hand)
        self.bench.beacon.pressed.connect(self.do_beacon_press)
        self.top.output_button.clicked.connect(self.do_job_output)
        self.top.add_button.clicked.connect(self.do_job_add_files)
        self.top.make_button.clicked.connect(self._main_button)
        session.undo_stack.canUndoChanged.connect(self.qactions["edit.undo"].setEnabled)
        session.undo_stack.canRedoChanged.connect(self.qactions["edit.redo"].setEnabled)
        self.qactions["edit.undo"].setEnabled(False)
        self.qactions["edit.redo"].setEnabled(False)
        session.undo_stack.undoTextChanged.connect(self._name_undo)

    # -- keeping up ------------------------------------------------------------------------------------------------

    def _refresh(self) -> None:
        dirty = "" if self.session.undo_stack.isClean() else " *"
        self.setWindowTitle(f"{self.session.job.name}{dirty} – Kittiwake")
        self._count()

    def _name_undo(self, text: str) -> None:
        self.qactions["edit.undo"].setText(f"Undo {text}" if text else "Undo")

    def _count(self) -> None:
        busy = self.maker.busy or self._make_wanted
        self.top.refresh(busy)
        self.qactions["make.cancel"].setEnabled(busy)

    def _chosen(self, clip: Clip | None, receiver: Receiver | None) -> None:
        self.bench.show_choice(clip, receiver)
        self._load_ear(clip, receiver)

    def _load_ear(self, clip: Clip | None, receiver: Receiver | None) -> None:
        if clip and receiver:
            self.player.load(self.session.cell(clip, receiver))
        elif clip:
            self.player.load_clip(self.session.cell(clip, self.session.all_receivers[0]))

    def _facts_arrived(self, path: Path) -> None:
        self._count_timer.start()
        clip = self.board.current_clip()
        if clip and clip.source == path:
            self._load_ear(clip, self.board.current_receiver())
        self._make_if_wanted()

    def _searched(self, total: int) -> None:
        if not total:
            self.foot.say("No sound was found there.")
        elif not self._make_wanted:
            self.foot.say("")
        self._make_if_wanted()

    def _made_all(self) -> None:
        self._refresh()
        self.bench.refresh()

    def _ear_moved(self, seconds: float) -> None:
        wave = self.bench.wave
        if wave:
            wave.set_cursor(seconds if self.player.ways and (seconds > 0 or self.player.playing) else None)

    def _ear_changed(self) -> None:
        beacon = self.player.playing and self.player.title.startswith("Beacon")
        self.bench.beacon.set_sounding(beacon)

    def _main_button(self) -> None:
        if self.maker.busy or self._make_wanted:
            self.do_make_cancel()
        else:
            self.do_make_all()

    def _attempt(self, work: Callable[[], object]) -> bool:
        """Do something that may fail for reasons the user should read."""
        try:
            work()
        except KittiwakeError as error:
            self.foot.say(str(error))
            return False
        return True

    # -- adding ----------------------------------------------------------------------------------------------------

    def add_paths(self, paths: list[Path]) -> None:
        """Files at once, folders as they are searched; a job file is opened."""
        jobs = [path for path in paths if path.suffix == EXTENSION and path.is_file()]
        if jobs:
            self.open_job(jobs[0])
            return
        files = [path.absolute() for path in paths if not path.is_dir()]
        folders = [path for path in paths if path.is_dir()]
        if files and not self.session.add_sources(files):
            self.foot.say("That is on the board already.")
        if folders:
            self.foot.say(f"Looking through {folders[0].name} …")
            self.session.looker.search(folders)

    def open_job(self, path: Path) -> bool:
        return self._may_leave() and self._attempt(lambda: self.session.open(path))

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        paths = [Path(url.toLocalFile()) for url in event.mimeData().urls() if url.isLocalFile()]
        if paths:
            event.acceptProposedAction()
            self.add_paths(paths)
            self.board.setFocus()

    # -- Job -------------------------------------------------------------------------------------------------------

    def do_job_add_files(self) -> None:
        names, _ = QFileDialog.getOpenFileNames(self, "Add sound files")
        if names:
            self.add_paths([Path(name) for name in names])

    def do_job_add_folder(self) -> None:
        name = QFileDialog.getExistingDirectory(self, "Add a folder")
        if name:
            self.add_paths([Path(name)])

    def do_job_open(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, "Open a job", filter=f"Kittiwake jobs (*{EXTENSION})")
        if name:
            self.open_job(Path(name))

    def do_job_save(self) -> None:
        if self.session.path and not self._ships(self.session.path):
            path = self.session.path
            if self._attempt(lambda: self.session.save(path)):
                self.foot.say(f"Saved {path.name}.")
        else:
            self.do_job_save_as()

    def do_job_save_as(self) -> None:
        start = str(Path.home() / f"{self.session.job.name}{EXTENSION}")
        name, _ = QFileDialog.getSaveFileName(self, "Save the job", start, f"Kittiwake jobs (*{EXTENSION})")
        if name:
            path = Path(name) if name.endswith(EXTENSION) else Path(name + EXTENSION)
            if self._attempt(lambda: self.session.save(path)):
                self.foot.say(f"Saved {path.name}.")

    @staticmethod
    def _ships(path: Path) -> bool:
        """The demo job is part of the application; it is saved elsewhere."""
        return (Path(__file__).parents[1] / "demo") in path.resolve().parents

    def do_job_output(self) -> None:
        name = QFileDialog.getExistingDirectory(self, "Where outputs go", str(self.session.output_folder))
        if name:
            self.session.change("choosing the output folder", self.session.job.changed(output=name))

    def do_job_quit(self) -> None:
        self.close()

    # -- Edit ------------------------------------------------------------------------------------------------------

    def do_edit_undo(self) -> None:
        self.session.undo_stack.undo()

    def do_edit_redo(self) -> None:
        self.session.undo_stack.redo()

    def do_edit_rename(self) -> None:
        self.board.rename_current()

    def do_edit_remove(self) -> None:
        ids = {clip.id for clip in self.board.selected_clips()}
        if ids:
            row = self.board.currentIndex().row()
            self.session.remove_clips(ids)
            model = self.board.board_model
            if model.rowCount():
                self.board.setCurrentIndex(model.index(min(row, model.rowCount() - 1), 0))
            else:
                self._chosen(None, None)

    def do_edit_look(self) -> None:
        self.session.look_again({clip.source for clip in self.board.selected_clips()})

    def do_edit_remedy(self) -> None:
        clip, receiver = self.board.current_clip(), self.board.current_receiver()
        fit = self.session.fit_of(clip, receiver) if clip and receiver else None
        for severity in ("decide", "warning"):
            for problem in fit.problems if fit else ():
                remedy = next((r for r in problem.remedies if r.applies), None)
                if clip and remedy and problem.severity == severity:
                    self.session.apply_remedy(clip, receiver, remedy)
                    self.foot.say(f"{remedy.what}. Ctrl+Z takes it back.")
                    return
        self.foot.say("There is no remedy to take here; select a cell that asks for a decision.")

    # -- Make ------------------------------------------------------------------------------------------------------

    def do_make_all(self) -> None:
        if self.session.looker.busy:
            # Pressed before everything has been looked at: it is meant all the same.
            self._make_wanted = True
            self.foot.say("Everything is made as soon as it has been looked at. Esc takes that back.")
            self._count()
            return
        self._make_wanted = False
        if not self.maker.make(list(self.session.cells())):
            self.foot.say("There is nothing to make: everything that can be made is made.")

    def do_make_selection(self) -> None:
        if not self.maker.make(self.board.selected_cells()):
            self.foot.say("Nothing in the selection can be made now.")

    def do_make_cancel(self) -> None:
        if self._make_wanted:
            self._make_wanted = False
            self.foot.say("Nothing will be made.")
            self._count()
        self.maker.cancel()

    def _make_if_wanted(self) -> None:
        if self._make_wanted and not self.session.looker.busy:
            self.do_make_all()

    def do_make_show(self) -> None:
        folder = self.session.output_folder
        if folder.is_dir():
            QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder)))
        else:
            self.foot.say(f"{folder} is not there yet: nothing has been made.")

    # -- Listen ----------------------------------------------------------------------------------------------------

    def do_ear_play(self) -> None:
        if not self.player.playing:
            self._reload_ear()
        self.player.toggle()

    def _reload_ear(self) -> None:
        """What is selected may have been made or changed since it was loaded."""
        if self.bench.currentWidget() is not self.bench.receiver_page:
            self._load_ear(self.board.current_clip(), self.board.current_receiver())

    def do_ear_source(self) -> None:
        self.player.choose("source")

    def do_ear_output(self) -> None:
        self.player.choose("output")

    def do_ear_line(self) -> None:
        self.player.choose("line")

    def do_ear_back(self) -> None:
        self.player.seek(0.0)

    # -- Receiver --------------------------------------------------------------------------------------------------

    def do_beacon_hand(self) -> None:
        clip, receiver = self.board.current_clip(), self.board.current_receiver()
        cell = self.session.cell(clip, receiver) if clip and receiver else None
        if cell is None or cell.record is None or cell.state != "made":
            self.foot.say("Select a made cell to hand its file to the beacon; M makes all that can be made.")
            return
        taken = self.bench.beacon.hand(Path(cell.record.output))
        name = Path(cell.record.output).name
        self._show_beacon(cell)
        self.foot.say(f"The beacon took {name}; P presses its button." if taken else f"The beacon refused {name}.")

    def _show_beacon(self, cell: Cell | None = None) -> None:
        beacon = next((r for r in self.session.all_receivers if r.standin == "beacon"), None)
        self.bench.show_choice(None, beacon or (cell.receiver if cell else None))
        self.bench.beacon.setVisible(True)

    def do_beacon_press(self) -> None:
        held = self.bench.beacon.beacon.press()
        self._show_beacon()
        if held is None:
            self.foot.say("The beacon holds nothing: hand it a made file first.")
            return
        self.player.load_held(held)
        self.player.seek(0.0)
        self.player.play()

    def do_view_receiver(self) -> None:
        receiver = self.board.current_receiver() or (
            self.session.all_receivers[0] if self.session.all_receivers else None
        )
        if receiver:
            self.bench.show_choice(None, receiver)

    # -- View and help ---------------------------------------------------------------------------------------------

    def do_view_theme(self) -> None:
        self.use_colours(not colours().dark)

    def use_colours(self, dark: bool) -> None:
        """Dress the application in light or dark."""
        app = QApplication.instance()
        assert isinstance(app, QApplication)
        app.setStyleSheet(style_sheet(use(dark)))
        self.bench.refresh()
        self.bench.beacon.show_state()

    def do_view_board(self) -> None:
        self.board.setFocus(Qt.FocusReason.ShortcutFocusReason)

    def do_view_bench(self) -> None:
        self.bench.setFocus(Qt.FocusReason.ShortcutFocusReason)
        self.bench.focusNextChild()

    def do_view_palette(self) -> None:
        Palette(self, self.qactions).open()

    def do_help_keys(self) -> None:
        KeyList(self).open()

    def do_help_about(self) -> None:
        QMessageBox.about(
            self,
            "About Kittiwake",
            f"Kittiwake {__version__}\nPuts recorded voices into the machines that must speak them.\n\n"
            "Free software: GNU General Public License, version 3 or later.",
        )

    # -- Qt's events -----------------------------------------------------------------------------------------------

    def _may_leave(self) -> bool:
        """Ask before work that is not saved is lost."""
        if self.session.undo_stack.isClean() or not self.session.job.clips:
            return True
        asked = QMessageBox.question(
            self,
            "Save the job?",
            "This job has changes that are not saved. Save them?",
            QMessageBox.StandardButton.Save | QMessageBox.StandardButton.Discard | QMessageBox.StandardButton.Cancel,
        )
        if asked == QMessageBox.StandardButton.Save:
            self.do_job_save()
            return self.session.undo_stack.isClean()
        return asked == QMessageBox.StandardButton.Discard

    def closeEvent(self, event: QCloseEvent) -> None:
        if not self._may_leave():
            event.ignore()
            return
        self.shut_down()
        event.accept()

    def shut_down(self) -> None:
        """Stop everything that works in the background."""
        self.maker.stop()
        self.player.close()
        self.bench.stop()
        self.session.looker.stop()
