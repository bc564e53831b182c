"""What the actions of the registry do in the window: one method each, named after the action."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from threading import Thread

from PySide6.QtCore import Qt, QUrl, Signal
from PySide6.QtGui import QAction, QDesktopServices
from PySide6.QtWidgets import QApplication, QFileDialog, QMainWindow, QMessageBox

from .. import __version__
from ..core.errors import MakeError, reason_of
from ..core.make.compare import Comparison
from ..core.make.ledger import Entry
from ..core.make.place import write_whole
from ..core.measure import look_at
from ..core.model import Clip, Facts, Receiver, Stated
from ..core.model.job import EXTENSION
from ..core.model.receiver_file import to_toml
from .ask import chosen, where_to_save
from .bench.bench import Bench
from .board.filter_bar import FilterBar
from .board.view import Board
from .ear.player import Player
from .foot import Foot
from .headerless_dialog import HeaderlessDialog
from .making import Maker
from .palette import KeyList, Palette
from .rate_dialog import RateDialog
from .receiver_chooser import ReceiverChooser
from .rescue import Rescue, Rescued, rescued
from .session import Cell, Session
from .theme.colours import colours, use
from .theme.sheet import style_sheet
from .touch_dialog import TouchDialog
from .unwanted_dialog import UnwantedDialog


class Deeds(QMainWindow):
    """The window's hands; ``window.Window`` is its body."""

    session: Session
    maker: Maker
    player: Player
    board: Board
    filter: FilterBar
    rescue: Rescue
    bench: Bench
    foot: Foot
    qactions: dict[str, QAction]
    _make_wanted: bool
    _hearing_so: Stated | None = None
    _looked_so = Signal(object, object)
    _unwanted_found = Signal(list)

    def add_paths(self, paths: list[Path]) -> None:
        raise NotImplementedError

    def open_job(self, path: Path) -> bool:
        raise NotImplementedError

    def save_job(self, path: Path) -> bool:
        raise NotImplementedError

    def _attempt(self, work: Callable[[], object]) -> bool:
        raise NotImplementedError

    def _chosen(self, clip: Clip | None, receiver: Receiver | None) -> None:
        raise NotImplementedError

    def _load_ear(self, clip: Clip | None, receiver: Receiver | None) -> None:
        raise NotImplementedError

    def _count(self) -> None:
        raise NotImplementedError

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
        path = self.session.path
        if path is None or self._ships(path):
            self.do_job_save_as()
        elif not self.session.changed_by_others(path) or self._may_overwrite(path):
            self.save_job(path)

    def _may_overwrite(self, path: Path) -> bool:
        """Another window has saved this job meanwhile: ask which is to stay."""
        beside, over, role = "Save under another name…", "Replace it", QMessageBox.ButtonRole
        answer = chosen(
            self,
            "Saved elsewhere meanwhile",
            f"{path.name} was saved by another window, or another program, since it was opened here.",
            "What was saved there would be lost.",
            {over: role.DestructiveRole, beside: role.AcceptRole, "Cancel": role.RejectRole},
            beside,
        )
        if answer == beside:
            self.do_job_save_as()
        return answer == over

    def do_job_save_as(self) -> None:
        start = Path.home() / f"{self.session.job.name.replace('/', '-')}{EXTENSION}"
        path = where_to_save(self, "Save the job", start, f"Kittiwake jobs (*{EXTENSION})", (EXTENSION,))
        if path:
            self.save_job(path)

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

    # -- View: which clips ----------------------------------------------------------------------------------------

    def do_view_find(self) -> None:
        self.filter.begin()
        self.board.ordered.emit()

    def do_view_sort(self) -> None:
        column = self.board.currentIndex().column()
        if column >= 0:
            self.board.sort_by(column)

    # -- Edit ------------------------------------------------------------------------------------------------------

    def do_edit_undo(self) -> None:
        self.session.undo_stack.undo()

    def do_edit_redo(self) -> None:
        self.session.undo_stack.redo()

    def do_edit_rename(self) -> None:
        self.board.rename_current()

    def _in_cut_page(self) -> bool:
        """Whether the keyboard is where something is cut, so that keys mean a span and not a row of the board."""
        page, focus = self.bench.cut_page, QApplication.focusWidget()
        return self.bench.currentWidget() is page and focus is not None and page.isAncestorOf(focus)

    def do_edit_remove(self) -> None:
        if self._in_cut_page():
            self.bench.cut_page.drop()
            return
        ids = {clip.id for clip in self.board.selected_clips()}
        if ids:
            row = self.board.currentIndex().row()
            self.session.remove_clips(ids)
            model = self.board.board_model
            if model.rowCount():
                self.board.setCurrentIndex(model.index(min(row, model.rowCount() - 1), 0))
            else:
                self._chosen(None, None)

    def do_edit_rate(self) -> None:
        clips = [clip for clip in self.board.selected_clips() if (f := self.session.facts.get(clip.source)) and f.ok]
        if not clips:
            self.foot.say("Select clips that can be read, to state their true rate.")
            return
        first = clips[0]
        facts = self.session.facts[first.source]
        assert facts.header
        stamped = facts.header.sample_rate
        current = first.touch_up.true_rate or stamped
        dialog = RateDialog(self, stamped, current, facts.seconds or 0.0, len(clips))
        dialog.heard.connect(lambda rate: self._hear_at(first, rate))
        dialog.accepted.connect(lambda: self.session.state_true_rate(clips, dialog.rate()))
        dialog.finished.connect(lambda _: self._chosen(self.board.current_clip(), self.board.current_receiver()))
        dialog.open()

    def do_edit_touch(self) -> None:
        clips = self.board.selected_clips()
        if self._in_cut_page():
            chosen = self.bench.cut_page.chosen()
            clips = [clip for clip in self.session.job.clips if chosen and clip.id == chosen.id]
        first = next(iter(clips), None)
        facts = self.session.facts.get(first.source) if first else None
        if first is None or facts is None or not facts.ok:
            self.foot.say("Select clips that can be read, to touch them up.")
            return
        dialog = TouchDialog(self, [clip.touch_up for clip in clips])
        receiver = self.board.current_receiver() or self.session.any_receiver
        dialog.heard.connect(lambda touch: self._hear_touched(first.changed(touch_up=touch, at={}), receiver))
        dialog.accepted.connect(lambda: self.session.touch_up(clips, dialog.changes()))
        dialog.finished.connect(lambda _: self.player.pause())
        dialog.open()

    def _hear_touched(self, clip: Clip, receiver: Receiver) -> None:
        """As it will come out; 1 switches to the source at the same instant."""
        self.player.load(self.session.cell(clip, receiver))
        self.player.choose("output")
        self.player.seek(0)
        self.player.play()

    def do_edit_headerless(self) -> None:
        clip = self.board.current_clip()
        facts = self.session.facts.get(clip.source) if clip else None
        several = facts is not None and facts.has("streams")
        if clip is None or facts is None or (facts.error is None and facts.stated is None and not several):
            self.foot.say(
                "Select a clip that could not be read, or a video with several sound streams, to state how to read it."
            )
            return
        from ..core.intake.libav import streams_of  # libav takes a seventh of a second to load

        path = clip.source
        others = self.session.unreadable_beside(path) if not several else []
        dialog = HeaderlessDialog(self, path, len(others), facts.stated, streams_of(path) if several else ())
        dialog.heard.connect(lambda stated: self._hear_stated(clip, stated))

        def take() -> None:
            if stated := dialog.stated():
                paths = [path, *others] if dialog.all_box.isChecked() else [path]
                self.session.state_headerless(paths, stated)

        dialog.accepted.connect(take)
        dialog.finished.connect(lambda _: self.player.pause())
        dialog.open()

    def do_edit_as_guessed(self) -> None:
        clip = self.board.current_clip()
        facts = self.session.facts.get(clip.source) if clip else None
        if clip is None or facts is None or facts.suggested is None:
            self.foot.say("Select a clip without a header whose content says what it may be.")
            return
        paths = self.session.alike(clip.source)
        self.session.state_headerless(paths, facts.suggested)
        self.foot.say(
            f"{len(paths)} file{'s' if len(paths) != 1 else ''} read as {facts.suggested}; Ctrl+Z takes it back."
        )

    def _hear_stated(self, clip: Clip, stated: Stated) -> None:
        """Play a headerless file as a guess would have it, no louder than speech."""
        self._hearing_so = stated
        Thread(target=lambda: self._looked_so.emit(clip, look_at(clip.source, stated)), daemon=True).start()

    def _play_so(self, clip: Clip, facts: Facts) -> None:
        if facts.stated != self._hearing_so:
            return  # one that took longer than the one asked for after it
        if not facts.ok:
            self.foot.say(f"It cannot be heard so: {facts.error}")
            return
        self.player.load_quietly(clip, facts)
        self.player.choose("source")
        self.player.play()

    def _hear_at(self, clip: Clip, rate: int) -> None:
        """Play a clip as it would be with another true rate, before anything is changed."""
        changed = clip.changed(touch_up=clip.touch_up.changed(true_rate=rate))
        self.player.load_clip(self.session.cell(changed, self.session.any_receiver))
        self.player.choose("source")
        self.player.play()

    def do_receiver_choose(self) -> None:
        dialog = ReceiverChooser(self, self.session.job.receivers, self.session.job.own)

        def take() -> None:
            if chosen := dialog.chosen():
                self._attempt(lambda: self.session.choose_receivers(chosen))
            else:
                self.foot.say("A board has at least one receiver: nothing was changed.")

        dialog.accepted.connect(take)
        dialog.open()

    def _duplicate_receiver(self, slug: str) -> None:
        copy = self.session.duplicate_receiver(slug)
        if copy:
            self.bench.show_choice(None, copy)
            self.foot.say(f"{copy.name} stands on the board, to be changed; Ctrl+Z takes it back.")

    def _export_receiver(self, slug: str) -> None:
        receiver = self.session.receiver(slug)
        path = where_to_save(
            self, "Export the receiver", Path.home() / f"{slug}.toml", "Receivers (*.toml)", (".toml",)
        )
        if receiver and path:
            try:
                write_whole(path, to_toml(receiver).encode("utf-8"))
            except (OSError, MakeError) as error:
                why = (
                    f"{path.name} could not be written: {reason_of(error)}."
                    if isinstance(error, OSError)
                    else str(error)
                )
                self.foot.say(why)
            else:
                self.foot.say(f"Exported {path.name}; it can be given to --for, and put on any board.")

    def do_edit_look(self) -> None:
        self.session.look_again({clip.source for clip in self.board.selected_clips()})

    def do_edit_remedy(self) -> None:
        """The first remedy of the current cell; in a selection, the same remedy wherever it is offered."""
        clip, receiver = self.board.current_clip(), self.board.current_receiver()
        fit = self.session.fit_of(clip, receiver) if clip and receiver else None
        for severity in ("decide", "warning"):
            for problem in fit.problems if fit else ():
                remedy = next((r for r in problem.remedies if r.applies), None)
                if remedy and problem.severity == severity:
                    taken = self.session.apply_like(self.board.selected_cells(), remedy.code)
                    many = f" For {taken} clips." if taken > 1 else ""
                    self.foot.say(f"{remedy.what}.{many} Ctrl+Z takes it back.")
                    return
        self.foot.say("There is no remedy to take here; select a cell that asks for a decision.")

    # -- Make ------------------------------------------------------------------------------------------------------

    def do_make_all(self) -> None:
        if self.session.busy:
            # Pressed before everything has been looked at: it is meant all the same.
            self._make_wanted = True
            self.foot.say("Everything is made as soon as it has been looked at. Esc takes that back.")
            self._count()
            return
        self._make_wanted = False
        cells = list(self.session.cells())
        if not self.maker.make(cells):
            self.foot.say(_why_nothing(cells))

    def do_make_selection(self) -> None:
        if not self.maker.make(self.board.selected_cells()):
            self.foot.say("Nothing in the selection can be made now.")

    def do_make_pause(self) -> None:
        self.maker.pause(not self.maker.paused)

    def do_make_cancel(self) -> None:
        if self._make_wanted:
            self._make_wanted = False
            self.foot.say("Nothing will be made.")
            self._count()
        self.maker.cancel()

    def _make_if_wanted(self) -> None:
        if self._make_wanted and not self.session.busy:
            self.do_make_all()

    def do_make_show(self) -> None:
        folder = self.session.output_folder
        if folder.is_dir():
            QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder)))
        else:
            self.foot.say(f"{folder} is not there yet: nothing has been made.")

    def do_make_unwanted(self) -> None:
        self.foot.say("Looking for outputs that no clip wants any more …")
        outputs = self.session.outputs
        outputs.in_background(lambda: self._unwanted_found.emit(outputs.unwanted()))

    def _show_unwanted(self, found: list[tuple[Path, Entry]]) -> None:
        if not found:
            self.foot.say("Every output that was made here still belongs to a clip of this job.")
            return
        self.foot.say("")
        dialog = UnwantedDialog(self, found)

        def tell() -> None:
            stay = (
                f" {len(dialog.stayed)} could not be moved: is there a trash on that disk?" if dialog.stayed else ""
            )
            self.foot.say(f"{len(dialog.moved)} moved to the trash.{stay}")

        dialog.accepted.connect(tell)
        dialog.open()

    def offer_rescued(self) -> None:
        """Ask what is to become of work that was not saved when a window ended without being closed."""
        go_on, drop, role = "Go on with it", "Throw it away", QMessageBox.ButtonRole
        for one in rescued():
            answer = chosen(
                self,
                "Unsaved work",
                f"“{one.name}” was not saved when Kittiwake ended unexpectedly, {one.time:%d %B %Y, %H:%M}.",
                "Go on with it? It is saved only when you save it.",
                {go_on: role.AcceptRole, drop: role.DestructiveRole, "Ask me later": role.RejectRole},
                go_on,
            )
            if answer == drop:
                one.drop()
            elif answer == go_on and self._take_up(one):
                one.drop()
                self.rescue.keep()
                return

    def _take_up(self, one: Rescued) -> bool:
        """Go on with what was rescued; what stands on the board already comes along, as a change that can be taken back."""
        here = self.session.job
        if not self._attempt(lambda: self.session.open_rescued(one.copy, one.path)):
            return False
        added = self.session.add_sources(here.sources)
        if added:
            self.foot.say(
                f"What was on the board ({added} recording{'s' if added > 1 else ''}) stands behind it; Ctrl+Z takes that off."
            )
        return True

    # -- Listen ----------------------------------------------------------------------------------------------------

    def do_ear_play(self) -> None:
        if not self.player.playing:
            self._reload_ear()
        self.player.toggle()

    def _reload_ear(self) -> None:
        """What is selected may have been made or changed since it was loaded."""
        if self.bench.currentWidget() is self.bench.cut_page:
            if clip := self.bench.cut_page.to_hear():
                self.player.load_clip(self.session.cell(clip, self.session.any_receiver))
            return
        if self.bench.currentWidget() is self.bench.record_page:
            return
        if self.bench.currentWidget() not in (
            self.bench.receiver_page,
            self.bench.compare_page,
            self.bench.levels_page,
        ):
            self._load_ear(self.board.current_clip(), self.board.current_receiver())

    def do_ear_source(self) -> None:
        self.player.choose("source")

    def do_ear_flip(self) -> None:
        self.player.choose("output" if self.player.way == "source" else "source")

    def do_ear_output(self) -> None:
        self.player.choose("output")

    def do_ear_line(self) -> None:
        self.player.choose("line")

    def do_ear_compare(self) -> None:
        clip = self.board.current_clip()
        facts = self.session.facts.get(clip.source) if clip else None
        if clip is None or facts is None or not facts.ok:
            self.foot.say("Select a clip that can be read, to compare codecs for it.")
            return
        self.player.pause()
        self.bench.show_comparison(clip, facts)

    def _hear_coded(self, found: Comparison) -> None:
        clip = self.board.current_clip()
        facts = self.session.facts.get(clip.source) if clip else None
        if clip and facts:
            playing, way, at = self.player.playing, self.player.way, self.player.position
            self.player.load_coded(clip, facts, found)
            # Going down the list while it plays is switching too: the instant stays.
            self.player.choose(way if way in self.player.ways else "output")
            if playing:
                self.player.seek(at)
                self.player.play()

    def do_view_levels(self) -> None:
        self.bench.show_levels()

    def _go_to(self, clip_id: str) -> None:
        """Leave the table of levels for a clip on the board."""
        clip = self.session.clip(clip_id)
        self.board.select(clip_id)
        self.board.setFocus()
        self.bench.show_choice(clip, None)

    def _hear_level(self, clip_id: str) -> None:
        """The line of the level table that is current is what Space plays."""
        clip = self.session.clip(clip_id)
        if clip:
            self._load_ear(clip, None)

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


def _why_nothing(cells: list[Cell]) -> str:
    """Why there is nothing to make, as it is."""
    states = [cell.state for cell in cells]
    if not cells:
        return "There is nothing to make: the board is empty."
    if all(state == "made" for state in states):
        return "There is nothing to make: everything is made."
    left = [(states.count("decide"), "to be decided"), (states.count("cannot"), "that cannot be made")]
    told = " and ".join(f"{count} {what}" for count, what in left if count)
    return (
        f"There is nothing to make without a decision: there {'is' if left[0][0] + left[1][0] == 1 else 'are'} {told}."
        if told
        else "There is nothing to make."
    )
