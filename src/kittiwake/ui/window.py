"""The window: one board, one bench, one ear."""

from __future__ import annotations

import gc
import time
from pathlib import Path

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QEvent, QTimer, Signal
from PySide6.QtGui import (
    QAction,
    QCloseEvent,
    QDragEnterEvent,
    QDropEvent,
    QKeyEvent,
    QKeySequence,
)
from PySide6.QtWidgets import (
    QApplication,
    QMainWindow,
    QMenu,
    QMessageBox,
    QVBoxLayout,
    QWidget,
)

from .. import commands
from ..commands import Command
from ..core.intake.short import read_short
from ..core.model import Clip, Receiver
from ..core.model.job import EXTENSION, save_job
from ..core.project import Project
from ..core.project.opening import is_large, read
from ..core.project.recent import Place, RecentJobs
from ..words import in_words, tr
from .ask import is_sure
from .autosave import Autosave
from .bench.bench import Bench
from .board.filter_bar import FilterBar
from .board.view import Board
from .commands import corpus, cut, ear, job, make, receiver, record, script, view
from .context import Context
from .ear.player import Player
from .ear.stated import Hearing
from .ear.strip import EarStrip
from .halves import Halves
from .making import Maker
from .run_end import RunEnd
from .session import Session
from .settings.applied import apply, apply_all
from .settings.held import HeldSettings
from .settings.page import SettingsPage
from .state_counter import StateCounter
from .status_bar import StatusBar
from .theme.colours import Colours, colours, use
from .theme.sheet import style_sheet
from .top_bar import TopBar
from .typing_keys import is_own
from .waiting import Waiting
from .watching import Watching

_MANY = 2000  # clips; a job of more is saved while the window goes on drawing


class Window(QMainWindow):
    """Puts the pieces together; what is done is done by commands. ``used``: it has become the window that is worked in."""

    used = Signal()

    def __init__(self, settings: HeldSettings | None = None, project: Project | None = None) -> None:
        super().__init__()
        self.settings: HeldSettings = settings or HeldSettings()
        self.session = Session(project)
        self.maker = Maker(self.session)
        self._ear_late = False
        self.player: Player = Player(self)
        self.hearing = Hearing(self.player)
        self.board = Board(self.session)
        self.bench: Bench = Bench(self.session)
        self.filter = FilterBar()
        self.counter = StateCounter(self.session)
        self.board.board_model.state_of = self.counter.state_of
        self.top = TopBar(self.session, self.counter)
        self.ear = EarStrip(self.player)
        self.status = StatusBar(self.maker)
        self.autosave = Autosave(self.session)
        self.run_end: RunEnd = RunEnd(self)
        self.watching: Watching = Watching(self)
        self.qactions: dict[str, QAction] = {}
        self.recent = RecentJobs()
        self._shut = False
        self._leaving = False
        self._count_timer = QTimer(self)
        self._count_timer.setSingleShot(True)
        self._count_timer.setInterval(60)
        self.context = Context(
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
        )
        self._lay_out()
        self._make_actions()
        self._connect()
        self.setAcceptDrops(True)
        self.setMinimumSize(640, 420)
        screen = self.screen().availableGeometry() if self.screen() else None
        self.resize(min(1280, screen.width() if screen else 1280), min(800, screen.height() if screen else 800))
        self._refresh()

    # -- putting together ------------------------------------------------------------------------------------------

    def _lay_out(self) -> None:
        self.halves = Halves(self.board, self.filter, self.bench)
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
        session.job_changed.connect(self._refresh)
        session.facts_arrived.connect(self._facts_arrived)
        session.cell_changed.connect(lambda *_: self._count_timer.start())
        session.looker.searched.connect(self._searched)
        self._count_timer.timeout.connect(self.count)
        self.counter.changed.connect(self.count)
        maker.started.connect(lambda _: self._refresh())
        maker.finished.connect(self._made_all)
        maker.finished.connect(session.outputs.look)
        session.outputs.unwanted_found.connect(lambda found: make.show_unwanted(at, found))
        player.said.connect(self.status.say)
        self.ear.line_button.clicked.connect(lambda: self.run("ear.line_settings"))
        self.hearing.said.connect(self.status.say)
        player.moved.connect(self._ear_moved)
        player.changed.connect(self._ear_changed)
        for page in (self.bench.clip_page, self.bench.cell_page):
            page.wave.seek.connect(player.seek)
        self.bench.cell_page.make_wanted.connect(lambda: make.make_selection(at))
        self.bench.cell_page.hand_wanted.connect(lambda: receiver.hand_over(at))
        self.bench.receiver_page.duplicate_wanted.connect(lambda slug: receiver.duplicate_receiver(at, slug))
        self.bench.receiver_page.take_wanted.connect(lambda edited: receiver.take_rules(at, edited))
        self.bench.receiver_page.drafts_changed.connect(self._show_drafts)
        self.bench.receiver_page.export_wanted.connect(lambda slug: receiver.export_receiver(at, slug))
        self.bench.cut_page.heard.connect(self._hear_span)
        recording = self.bench.record_page
        recording.told.connect(self.status.say)
        recording.counted.connect(lambda left: record.count_in(at, left))
        recording.heard.connect(self._hear_span)
        recording.list_wanted.connect(lambda: record.record_list(at))
        self.bench.cut_page.told.connect(self.status.say)
        self.bench.script_page.told.connect(self.status.say)
        self.bench.script_page.heard.connect(self._hear_file)
        self.bench.tone_page.told.connect(self.status.say)
        self.bench.tone_page.heard.connect(self._hear_file)
        self.bench.music_page.told.connect(self.status.say)
        self.bench.music_page.heard.connect(self._hear_sound)
        self.bench.music_page.compare_wanted.connect(self._compare_clip)
        self.bench.heard_page.told.connect(self.status.say)
        self.bench.heard_page.played.connect(self._hear_cell)
        self.bench.corpus_page.told.connect(self.status.say)
        self.bench.corpus_page.played.connect(self._hear_cell)
        self.bench.corpus_page.rows_wanted.connect(lambda: corpus.texts_and_speakers(at))
        self.bench.phone_page.told.connect(self.status.say)
        self.bench.phone_page.recorded.connect(lambda path: self.add_paths([path]))
        self.bench.phone_page.heard.connect(lambda held: self._hear_sound(held.name, held.sound, held.rate))
        self.bench.stand_ins.said.connect(self.status.say)
        self.bench.stand_ins.played.connect(
            lambda key, held: self._hear_sound(
                f"{self.bench.stand_ins.title_of(key)}{held.name}", held.sound, held.rate
            )
        )
        self.bench.script_page.read_wanted.connect(lambda: script.read_script(at))
        self.bench.cut_page.turned.connect(self._turn_to_span)
        self.bench.cut_page.list_button.clicked.connect(lambda: cut.names_from_list(at))
        self.bench.compare_page.chosen.connect(lambda found: ear.hear_coded(at, found))
        self.bench.levels_page.chosen.connect(lambda id_: ear.hear_level(at, id_))
        self.bench.levels_page.wanted.connect(lambda id_: view.go_to_clip(at, id_))
        session.told.connect(self.status.say)
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
        self.settings.told.connect(self.status.say)
        self.watching.arrived.connect(self.run_end.tell_arrival)
        self.watching.told.connect(self.status.say)
        apply_all(self)
        self._show_history()

    def _apply(self, key: str) -> None:
        apply(self, key)

    def part_from_settings(self) -> None:
        """Settings are another window's from now on."""
        self.settings.changed.disconnect(self._apply)
        self.settings.told.disconnect(self.status.say)

    def closes_settings(self) -> bool:
        """Close the page of settings; whether it was open."""
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

    # -- keeping up ------------------------------------------------------------------------------------------------

    def _refresh(self) -> None:
        dirty = "" if self.session.project.history.is_clean else " *"
        self.setWindowTitle(tr("{name}{dirty} – Kittiwake", name=self.session.project.job.name, dirty=dirty))
        self.count()

    def _say_shown(self) -> None:
        shown, all_ = self.board.board_model.rowCount(), len(self.session.project.job.clips)
        self.filter.told.setText(tr("{shown:,} of {all:,} clips", shown=shown, all=all_))

    def _show_drafts(self) -> None:
        """Rules that were typed over and not taken show at their columns."""
        self.board.board_model.set_edited(self.bench.receiver_page.edited())

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
        self.top.refresh(busy)
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
        if clip and receiver:
            self.player.load(self.session.project.cell(clip, receiver))
        elif clip:
            self.player.load_clip(self.session.project.cell(clip, self.session.project.any_receiver))

    def _facts_arrived(self, path: Path) -> None:
        self._count_timer.start()
        clip = self.board.current_clip()
        if clip and clip.source == path:
            if self.player.playing:
                self._ear_late = True  # what is being heard is not broken off by news
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

    def _turn_to_span(self) -> None:
        clip = self.bench.cut_page.to_hear()
        if clip and not self.player.playing:
            self.player.load_clip(self.session.project.cell(clip, self.session.project.any_receiver))

    def _hear_span(self, clip: Clip) -> None:
        """From its start, whatever was heard before."""
        self.player.load_clip(self.session.project.cell(clip, self.session.project.any_receiver))
        self.player.choose("source")
        self.player.pause()
        self.player.seek(0)
        self.player.play()

    def _hear_file(self, name: str, path: Path) -> None:
        """A line that was spoken a moment ago."""
        self._hear_sound(name, *read_short(path))

    def _hear_cell(self, clip_id: str, slug: str) -> None:
        clip, receiver = self.session.project.clip(clip_id), self.session.project.receiver(slug)
        if clip is not None and receiver is not None:
            self.player.load(self.session.project.cell(clip, receiver))
            self.player.choose("output")
            self.player.seek(0)
            self.player.play()

    def _compare_clip(self, clip_id: str) -> None:
        self.board.select(clip_id)
        ear.compare_codecs(self.context)

    def _hear_sound(self, name: str, sound: NDArray[np.float32], rate: int) -> None:
        self.player.load_sound(name, sound, rate)
        self.player.seek(0)
        self.player.play()

    def _ear_moved(self, seconds: float) -> None:
        if self.bench.currentWidget() is self.bench.cut_page:
            heard = self.player.ways and (seconds > 0 or self.player.playing)
            self.bench.cut_page.set_playing(seconds if heard else None)
        wave = self.bench.wave
        if wave:
            wave.set_cursor(seconds if self.player.ways and (seconds > 0 or self.player.playing) else None)

    def _ear_changed(self) -> None:
        self.bench.stand_ins.show_sounding(self.player.title if self.player.playing else "")
        if self._ear_late and not self.player.playing:
            self._ear_late = False
            self.load_ear(self.board.current_clip(), self.board.current_receiver())

    def _main_button(self) -> None:
        if self.maker.busy or self.maker.wanted:
            make.cancel(self.context)
        else:
            make.make_all(self.context)

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

    # -- adding ----------------------------------------------------------------------------------------------------

    def add_paths(self, paths: list[Path]) -> None:
        """Files at once, folders as they are searched; a job file is opened."""
        jobs = [path for path in paths if path.suffix == EXTENSION and path.is_file()]
        if jobs:
            if self.open_job(jobs[0]) and len(paths) > 1:
                others = len(paths) - 1
                self.status.say(
                    tr(
                        "{name} is open; {n} others that came with it were left out. Add them once more to put them on this board.",
                        "{name} is open; {n} other that came with it was left out. Add it once more to put it on this board.",
                        others,
                        name=jobs[0].name,
                        n=others,
                    )
                )
            return
        files = [path.absolute() for path in paths if not path.is_dir()]
        folders = [path for path in paths if path.is_dir()]
        if files and not self.session.project.add_sources(files):
            self.status.say(tr("That is on the board already."))
        if folders:
            self.status.say(tr("Looking through {name} …", name=folders[0].name))
            self.session.looker.search(folders)

    def open_job(self, path: Path) -> bool:
        return self.may_part() and self.context.attempt(lambda: self._open(path))

    def may_part(self) -> bool:
        """Ask whatever has to be asked before another job takes the place of this one."""
        return self._may_stop_making() and self._may_leave()

    def _may_stop_making(self) -> bool:
        """Ask before what is being made is broken off by another job."""
        if not self.maker.busy:
            return True
        question = tr(
            "Outputs of this job are being made. Stop that, and open the other job? What is made already stays."
        )
        if not is_sure(self, tr("Stop making?"), question):
            return False
        self.maker.stop()
        return True

    def go_on(self) -> None:
        """Open the job that was open last, where one was in it."""
        place = self.recent.place()
        if place is not None and self.context.attempt(lambda: self._open(place.job)) and place.clip:
            self.board.select(place.clip, place.receiver or None)

    def _note_place(self) -> None:
        """Where one is, for the next start; a job that was never saved is no place to come back to."""
        path, clip, receiver = self.session.project.path, self.board.current_clip(), self.board.current_receiver()
        here = Place(path, clip.id if clip else "", receiver.slug if receiver else "") if path else None
        self.recent.note_place(here if path and path != job.DEMO else None)

    def _open(self, path: Path) -> None:
        self._put(path)
        if path != job.DEMO:
            self.recent.note(path)

    def _put(self, path: Path) -> None:
        if not is_large(path):
            self.session.project.open(path)
            return
        with Waiting(
            self, tr("Opening {name} …", name=path.name), tr("{name} was not opened.", name=path.name)
        ) as waiting:
            opened = waiting.result_of(lambda checkpoint: read(path, checkpoint))
            waiting.steps(self.session.project.take_up(opened))

    def save_job(self, path: Path) -> bool:
        """Save the job there; whether that was done."""
        return self.context.attempt(lambda: self._save(path))

    def _save(self, path: Path) -> None:
        if len(self.session.project.job.clips) <= _MANY:
            self.session.project.save(path)
        else:
            with Waiting(self, tr("Saving {name} …", name=path.name)) as waiting:
                job = self.session.project.to_save(path)
                waiting.result_of(lambda checkpoint: save_job(job, path, checkpoint))
                self.session.project.saved(path)
        self.recent.note(path)
        self.status.say(tr("Saved {name}.", name=path.name))

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        urls = event.mimeData().urls()
        paths = [Path(url.toLocalFile()) for url in urls if url.isLocalFile() and url.toLocalFile()]
        if paths:
            event.acceptProposedAction()
            self.add_paths(paths)
            self.board.setFocus()
        if len(paths) < len(urls):
            other = (
                urls[0].toString()[:60]
                if not paths
                else tr("{count} of what was dropped", count=len(urls) - len(paths))
            )
            self.status.say(tr("{other} is no file of this machine. Save it here first, then drop it.", other=other))

    # -- Qt's events -----------------------------------------------------------------------------------------------

    def _may_leave(self) -> bool:
        """Ask before work that is not saved is lost."""
        if not self._may_end_take():
            return False
        if self.session.project.history.is_clean or not self.session.project.job.clips:
            return True
        asked = QMessageBox.question(
            self,
            tr("Save the job?"),
            tr("This job has changes that are not saved. Save them?"),
            QMessageBox.StandardButton.Save | QMessageBox.StandardButton.Discard | QMessageBox.StandardButton.Cancel,
        )
        if asked == QMessageBox.StandardButton.Save:
            job.save_job(self.context)
            return self.session.project.history.is_clean
        return asked == QMessageBox.StandardButton.Discard

    def _may_end_take(self) -> bool:
        """Ask what is to become of a take that is being recorded."""
        page = self.bench.record_page
        if page.recorder.state != "recording":
            return True
        question = tr("A take is being recorded. End it, and keep it on the board?")
        if not is_sure(self, tr("End the take?"), question, usual=True):
            return False
        page.recorder.stop()
        until = time.monotonic() + 10
        while page.recorder.state == "checking" and time.monotonic() < until:
            QApplication.processEvents()
            time.sleep(0.01)
        return True

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
        if not self._leaving and not self._may_leave():
            event.ignore()
            return
        self._note_place()
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
