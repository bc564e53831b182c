"""The window: one board, one bench, one ear."""

from __future__ import annotations

import gc
from pathlib import Path

from PySide6.QtCore import QEvent, QTimer, Signal
from PySide6.QtGui import QAction, QCloseEvent, QDragEnterEvent, QDropEvent, QKeyEvent, QKeySequence, QShowEvent
from PySide6.QtWidgets import QApplication, QMainWindow, QMenu, QVBoxLayout, QWidget

from ... import commands
from ...commands import Command
from ...core.model import Clip, Receiver
from ...words import in_words, tr
from ...work.project import Project
from ...work.project.recent import RecentJobs
from ..board.context_menu import BoardMenu
from ..board.filter_bar import FilterBar
from ..board.view import Board
from ..commands import job, make, receiver, view
from ..commands.next_step import do_next, step_of
from ..ear.player import Player
from ..ear.stated import Hearing
from ..ear.strip import EarStrip
from ..settings.applied import apply, apply_all
from ..settings.held import HeldSettings
from ..theme.colours import Colours, colours, use
from ..theme.sheet import style_sheet
from ..widgets.dropped import files_fall_through
from ..workers.outputs import OutputWorker
from ..workers.watched_folders import WatchWorker
from .autosave import Autosave
from .bench import Bench
from .context import Context
from .fit_screen import fit_when_framed
from .job_files import JobFileController
from .job_title import title_of
from .playback import PlaybackController
from .run_notifications import RunNotifications
from .session import Session
from .splitter import BoardBenchSplitter
from .state_counter import StateCounter
from .status_bar import StatusBar
from .top_bar import TopBar
from .typing_keys import is_own


class Window(QMainWindow):
    """Puts the pieces together; what is done is done by commands. ``used``: it has become the window that is worked in."""

    used = Signal()

    def __init__(self, settings: HeldSettings | None = None, project: Project | None = None) -> None:
        super().__init__()
        self.settings: HeldSettings = settings or HeldSettings()
        self.session = Session(project)
        self.maker = OutputWorker(self.session)
        self.player: Player = Player(self)
        self.hearing = Hearing(self.player)
        self.board = Board(self.session)
        self.bench: Bench = Bench(self.session, lambda: self.context)
        self.filter = FilterBar()
        self.counter = StateCounter(self.session)
        self.board.board_model.state_of = self.counter.state_of
        self.top = TopBar(self.session, self.counter)
        self.ear = EarStrip(self.player)
        self.status = StatusBar(self.maker)
        self.autosave = Autosave(self.session)
        self.run_end: RunNotifications = RunNotifications(self)
        self.watching: WatchWorker = WatchWorker(self)
        self.qactions: dict[str, QAction] = {}
        self.recent = RecentJobs()
        self.playback = PlaybackController(self)
        self.job_files = JobFileController(self)
        self._shut = False
        self._leaving = False
        self.count_timer = QTimer(self)
        self.count_timer.setSingleShot(True)
        self.count_timer.setInterval(60)
        self.context: Context = Context(
            self.session,
            self.maker,
            self.player,
            self.hearing,
            self.board,
            self.bench,
            self.status,
            self,
            self,
            self.settings,
            self.watching,
            self.playback,
        )
        self._lay_out()
        self._make_actions()
        self._connect()
        self.setAcceptDrops(True)
        self.setMinimumSize(640, 420)
        self._shown = False
        screen = self.screen().availableGeometry() if self.screen() else None
        self.resize(min(1280, screen.width() if screen else 1280), min(800, screen.height() if screen else 800))
        self._refresh()

    # -- putting together ------------------------------------------------------------------------------------------

    def _lay_out(self) -> None:
        self.halves = BoardBenchSplitter(self.board, self.filter, self.bench)
        files_fall_through(self.filter)
        middle = QWidget()
        whole = QVBoxLayout(middle)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.setSpacing(0)
        whole.addWidget(self.top)
        whole.addWidget(self.halves, 1)
        whole.addWidget(self.ear)
        whole.addWidget(self.status)
        self.setCentralWidget(middle)

    def _make_actions(self) -> None:
        """Menus and keys from the registry."""
        menus: dict[str, QMenu] = {}
        for one in commands.window_commands():
            made = QAction(in_words(one.text), self)
            made.setStatusTip(in_words(one.help))
            made.setToolTip(in_words(one.help))
            made.triggered.connect(lambda _=False, one=one: self._do(one))
            self.qactions[one.id] = made
            if one.menu not in menus:
                menus[one.menu] = self.menuBar().addMenu(in_words(one.menu))
            menus[one.menu].addAction(made)
        self.board_menu = BoardMenu(self.board, self.qactions)
        self.name_keys()

    def name_keys(self) -> None:
        """Give the commands the keys that they have now, and say them wherever they are said."""
        for one in commands.window_commands():
            self.qactions[one.id].setShortcuts([QKeySequence(key) for key in one.shown_keys])
        self.count()
        self.board.start_page.refresh()

    def _do(self, one: Command) -> None:
        assert one.run is not None
        one.run(self.context)

    def run(self, id_: str) -> None:
        """Do a command by its id, whether it is enabled or not."""
        self._do(next(one for one in commands.window_commands() if one.id == id_))

    def _connect(self) -> None:
        session, maker, player, at = self.session, self.maker, self.player, self.context
        self.board.chosen.connect(self.show_choice)
        self.board.ordered.connect(self._say_shown)
        self.filter.changed.connect(self.board.show_only)
        self.filter.closed.connect(self.board.setFocus)
        session.job_left.connect(self._leave_job)
        session.job_changed.connect(self._refresh)
        session.facts_arrived.connect(self._facts_arrived)
        session.cell_changed.connect(lambda *_: self.count_timer.start())
        session.looker.searched.connect(self._searched)
        self.count_timer.timeout.connect(self.count)
        self.counter.changed.connect(self.count)
        maker.started.connect(lambda _: self._refresh())
        maker.finished.connect(self._made_all)
        maker.finished.connect(session.outputs.look)
        maker.finished.connect(session.outputs.count_left_over)
        session.outputs.left_over.connect(lambda count: make.tell_left_over(at, count))
        session.outputs.unwanted_found.connect(lambda found: make.show_unwanted(at, found))
        self.playback.connect()
        self.bench.message.connect(self.status.say)
        player.said.connect(self.status.say)
        self.ear.line_button.clicked.connect(lambda: self.run("ear.line_settings"))
        self.hearing.said.connect(self.status.say)
        session.message.connect(self.status.say)
        session.calm.connect(lambda: make.make_if_wanted(at))
        self.bench.pressed.connect(lambda: receiver.set_off(at))
        self.top.output_button.clicked.connect(lambda: job.choose_output(at))
        self.top.add_button.clicked.connect(lambda: job.add_files(at))
        self.top.make_button.clicked.connect(self._main_button)
        self.top.decide_button.clicked.connect(lambda: view.go_to_next(at, "decide"))
        self.top.cannot_button.clicked.connect(lambda: view.go_to_next(at, "cannot"))
        self.board.start_page.wanted.connect(self.run)
        self.bench.currentChanged.connect(lambda _: self.halves.show_page(self.bench.page))
        self.halves.show_page(self.bench.page)
        session.history_changed.connect(self._show_history)
        self.settings.changed.connect(self._apply)
        self.settings.message.connect(self.status.say)
        self.watching.arrived.connect(self.run_end.tell_arrival)
        self.watching.message.connect(self.status.say)
        apply_all(self)
        self._show_history()

    def _apply(self, key: str) -> None:
        apply(self, key)

    def part_from_settings(self) -> None:
        """Settings are another window's from now on."""
        self.settings.changed.disconnect(self._apply)
        self.settings.message.disconnect(self.status.say)

    def closes_settings(self) -> bool:
        """Close the page of settings; whether it was open."""
        from ..settings.page import SettingsPage

        page = self.findChild(SettingsPage)
        if page is None or not page.isVisible():
            return False
        page.close()
        return True

    def take_over(self) -> None:
        """The project was another window's before: show it, and go on looking at what nobody has looked at yet."""
        project = self.session.project
        self.session.job_changed.emit()
        self.session.history_changed.emit()
        left = list(dict.fromkeys(clip.source for clip in project.job.clips if clip.source not in project.facts))
        if left:
            self.session.looker.want(left, project.job.stated, anew=False)
        self.autosave.keep()

    def _leave_job(self) -> None:
        """Another job: nothing that was shown, typed, loaded, held or said of this one is there any more."""
        self.maker.begin_job()
        self.filter.leave()
        self.board.begin_job()  # which chooses a clip once more, and shows and loads it
        self.hearing.wanted = None
        self.playback.begin_job()
        self.bench.begin_job()
        self.player.unload()
        self.status.say("")

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        if not event.spontaneous() and not self._shown:
            self._shown = True
            fit_when_framed(self)

    # -- keeping up ------------------------------------------------------------------------------------------------

    def _refresh(self) -> None:
        dirty = "" if self.session.project.history.is_clean else " *"
        self.setWindowTitle(tr("{name}{dirty} – Kittiwake", name=title_of(self.session.project.job), dirty=dirty))
        self._say_shown()
        self.count()

    def _say_shown(self) -> None:
        shown, all_ = self.board.board_model.rowCount(), len(self.session.project.job.clips)
        self.filter.notice.setText(tr("{shown:,} of {all:,} clips", shown=shown, all=all_))

    def _show_history(self) -> None:
        history = self.session.project.history
        self.qactions["edit.undo"].setEnabled(history.can_undo)
        self.qactions["edit.redo"].setEnabled(history.can_redo)
        self.qactions["edit.undo"].setText(
            tr("Undo {undo_text}", undo_text=history.undo_text) if history.can_undo else tr("Undo")
        )

    def count(self) -> None:
        """Show anew what is to do and what goes on."""
        busy = self.maker.busy or self.maker.wanted
        self.top.refresh(busy, step_of(self.context))
        self.qactions["make.cancel"].setEnabled(busy)
        self.qactions["make.pause"].setEnabled(self.maker.busy)

    def show_choice(self, clip: Clip | None, receiver: Receiver | None) -> None:
        """Another cell is current."""
        if self.bench.at_work and not self.board.hasFocus():
            return  # the board has new rows because something was cut; nobody has gone elsewhere
        self.bench.show_choice(clip, receiver)
        self.load_ear(clip, receiver)

    def load_ear(self, clip: Clip | None, receiver: Receiver | None) -> None:
        """What Space plays from now on."""
        self.playback.load(clip, receiver)

    def _facts_arrived(self, path: Path) -> None:
        self.count_timer.start()
        clip = self.board.current_clip()
        if clip and clip.source == path:
            if self.player.playing:
                self.playback.late()
            else:
                self.load_ear(clip, self.board.current_receiver())
        make.make_if_wanted(self.context)

    def _searched(self, total: int, passed: str) -> None:
        if not total:
            self.status.say(tr("No sound was found there. {passed}", passed=passed).strip())
        elif not self.maker.wanted or passed:
            self.status.say(passed)
        make.make_if_wanted(self.context)

    def _made_all(self) -> None:
        self._refresh()
        self.bench.refresh()

    def _main_button(self) -> None:
        if self.maker.busy or self.maker.wanted:
            make.cancel(self.context)
        else:
            do_next(self.context)

    def use_colours(self, dark: bool) -> None:
        """Dress the application in light or dark."""
        self._dress(use(dark))

    def dress_anew(self) -> None:
        """Dress it once more, after the size of text has changed."""
        self._dress(colours())
        self.board.spread()

    def _dress(self, wanted: Colours) -> None:
        app = QApplication.instance()
        assert isinstance(app, QApplication)
        sheet = style_sheet(wanted)
        if sheet != app.styleSheet():  # it dresses every widget once more, which takes half a second
            app.setStyleSheet(sheet)
        self.bench.refresh()
        self.bench.stand_ins.refresh()

    def add_paths(self, paths: list[Path]) -> None:
        """Files at once, folders as they are searched; a job file is opened."""
        self.job_files.add_paths(paths)

    def open_job(self, path: Path) -> bool:
        """Open the job there; whether that was done."""
        return self.job_files.open_job(path)

    def save_job(self, path: Path) -> bool:
        """Save the job there; whether that was done."""
        return self.job_files.save_job(path)

    def may_part(self) -> bool:
        """Ask whatever has to be asked before another job takes the place of this one."""
        return self.job_files.may_part()

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        before = len(self.session.project.job.clips)
        if self.job_files.take_in(event.mimeData().urls()):
            event.acceptProposedAction()
            if self.bench.page != "script" or len(self.session.project.job.clips) != before:
                self.halves.show_board()

    # -- Qt's events -----------------------------------------------------------------------------------------------

    def leave_at_once(self) -> None:
        """The desktop or a terminal ends the program: nobody can be asked. What is not saved is kept, and offered at the next start."""
        self._leaving = True
        if not self.session.project.history.is_clean and self.session.project.job.clips:
            self.autosave.keep_for_good()
        self.shut_down()
        self.hide()
        QApplication.exit(0)

    def event(self, event: QEvent) -> bool:
        # It comes up here from the control that has the keyboard, if that has no use for it yet.
        if event.type() == QEvent.Type.ShortcutOverride:
            assert isinstance(event, QKeyEvent)
            if is_own(QApplication.focusWidget(), event):
                event.accept()
                return True
        return super().event(event)

    def changeEvent(self, event: QEvent) -> None:
        super().changeEvent(event)
        if event.type() == QEvent.Type.ActivationChange and self.isActiveWindow():
            # Back from elsewhere, where files may have been changed.
            self.settings.look()
            self.used.emit()
            self.session.outputs.look(now=True)
        elif event.type() == QEvent.Type.ActivationChange:
            QTimer.singleShot(3000, self, lambda: None if QApplication.activeWindow() else gc.collect())

    def closeEvent(self, event: QCloseEvent) -> None:
        if not self._leaving and not self.job_files.may_leave():
            event.ignore()
            return
        self.job_files.note_place()
        self.shut_down()
        event.accept()

    def shut_down(self) -> None:
        """Stop everything that works in the background, once."""
        if self._shut:
            return
        self._shut = True
        self.maker.stop()
        self.watching.shut_down()
        self.run_end.stop()
        self.player.close()
        self.bench.stop()
        self.autosave.stop()
        self.session.outputs.stop()
        self.session.looker.stop()
        self.session.span_levels.stop()
