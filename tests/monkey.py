"""A monkey at the window: random keys, clicks, words, drops and edits, new jobs and other pages while work
runs, in the real event loop: ``./run monkey [SEED] [ACTIONS]``.

It holds no opinion on what should happen, only on what must not: a traceback, a word from Qt, a source that changed, counts that are wrong, a
job that does not come back from its file, an undo that does not lead back.
"""

from __future__ import annotations

import contextlib
import hashlib
import os
import random
import shutil
import sys
import tempfile
import time
from collections import Counter
from pathlib import Path
from unittest import mock

import soundfile

from kittiwake.core.extensions import extensions

ACTIONS = 20_000
_CHECKED_EVERY = 1000
#: Commands that show a page or a dialog.
_PAGES = (
    "script.open", "tone.open", "record.open", "music.open", "cut.open", "phone.open", "corpus.show", "service.hear", "view.levels", "view.receiver",
    "deliver.open", "receiver.choose", "settings.open", "job.watch", "ear.line_settings", "view.palette", "help.keys", "make.unwanted", "view.whole_board",
)  # fmt: skip
_QUIET = ("This plugin does not support", "PulseAudio")


def main(words: list[str]) -> int:
    """Run with a seed; prints what went wrong, and returns an exit code."""
    seed = int(words[0]) if words else 1
    actions = int(words[1]) if len(words) > 1 else ACTIONS
    with tempfile.TemporaryDirectory(prefix="kittiwake-monkey-") as folder:
        os.environ |= {"HOME": folder, "XDG_CACHE_HOME": folder, "XDG_STATE_HOME": folder, "XDG_DATA_HOME": folder}
        os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
        began = time.monotonic()
        reported = Monkey(seed, Path(folder)).play(actions)
    for line in reported:
        print(line)
    took = time.monotonic() - began
    print(
        f"seed {seed}: {actions:,} actions in {took:.0f} s, {'nothing wrong' if not reported else f'{len(reported)} wrong'}"
    )
    return 1 if reported else 0


class Monkey:
    """One window, one seed."""

    def __init__(self, seed: int, folder: Path) -> None:
        from PySide6.QtCore import qInstallMessageHandler

        from kittiwake.ui.shell.start import make_app

        self.dice = random.Random(seed)
        self.folder = folder
        self.wrong: list[str] = []
        self.last: list[str] = []
        self.app = make_app()
        qInstallMessageHandler(self._qt)
        sys.excepthook = self._exception
        sys.unraisablehook = lambda found: self._exception(found.exc_type, found.exc_value, found.exc_traceback)  # type: ignore[assignment]
        self.sources = self._sources()
        self._began_with: tuple[object, ...] | None = None
        self.digests = {path: _digest(path) for path in self.sources}
        self._new_window()

    def _new_window(self) -> None:
        from kittiwake.ui.shell.window import Window

        self.window = Window()
        self.window.use_colours(False)
        self.window.show()
        self.session = self.window.session
        self.session.project.job = self.session.project.job.changed(output=str(self.folder / "made"))
        self.window.add_paths(self.sources[:4])

    def _sources(self) -> list[Path]:
        from kittiwake.demo.record import SOUNDS

        out = self.folder / "sources"
        out.mkdir()
        for name in (
            "Welcome.wav",
            "Hold the line.wav",
            "Pier two.wav",
            "Two at the desk.wav",
            "Quay closed.wav",
            "Platform change.wav",
        ):
            if (SOUNDS / name).exists():
                shutil.copy(SOUNDS / name, out / name)
        (out / "no sound.wav").write_text("not sound at all")
        soundfile.write(str(out / "long.flac"), soundfile.read(str(SOUNDS / "Welcome.wav"))[0].repeat(3), 48_000)
        return sorted(out.iterdir())

    # -- what is wrong ---------------------------------------------------------------------------------------------

    def _qt(self, kind: object, context: object, text: str) -> None:
        if not text.startswith(_QUIET):
            self._note(f"Qt says: {text}")

    def _exception(self, kind: type[BaseException], error: BaseException, trace: object) -> None:
        import traceback

        self._note("".join(traceback.format_exception(kind, error, trace)))  # type: ignore[arg-type]

    def _note(self, what: str) -> None:
        if len(self.wrong) < 20:
            self.wrong.append(f"{what.rstrip()}\n  after: {' | '.join(self.last[-12:])}")

    # -- what it does ----------------------------------------------------------------------------------------------

    def play(self, actions: int) -> list[str]:
        from PySide6.QtGui import QDesktopServices
        from PySide6.QtWidgets import QFileDialog, QMessageBox

        answers = [
            QMessageBox.StandardButton.Yes,
            QMessageBox.StandardButton.No,
            QMessageBox.StandardButton.Discard,
            QMessageBox.StandardButton.Cancel,
        ]
        with (
            mock.patch.object(
                QFileDialog,
                "getOpenFileNames",
                side_effect=lambda *a, **k: ([str(self.dice.choice(self.sources))], ""),
            ),
            mock.patch.object(QFileDialog, "getOpenFileName", return_value=("", "")),
            mock.patch.object(
                QFileDialog,
                "getExistingDirectory",
                side_effect=lambda *a, **k: self.dice.choice(["", str(self.folder / "made")]),
            ),
            mock.patch.object(QMessageBox, "question", side_effect=lambda *a, **k: self.dice.choice(answers)),
            mock.patch.object(QMessageBox, "about"),
            mock.patch.object(QMessageBox, "exec", return_value=0),
            mock.patch.object(QDesktopServices, "openUrl", return_value=True),
            mock.patch("kittiwake.ui.commands.job.where_to_save", side_effect=self._where),
            mock.patch("kittiwake.ui.commands.deliver.where_to_save", side_effect=self._where),
            mock.patch("kittiwake.ui.commands.script.where_to_save", side_effect=self._where),
            mock.patch("kittiwake.ui.commands.receiver.where_to_save", side_effect=self._where),
            mock.patch("kittiwake.bundled.services.places.heard.page.where_to_save", side_effect=self._where)
            if "services" in extensions()
            else contextlib.nullcontext(),
            mock.patch("kittiwake.ui.commands.cut.where_to_save", side_effect=self._where),
        ):
            for number in range(1, actions + 1):
                self._act()
                if number % _CHECKED_EVERY == 0 or number == actions:
                    self._check()
                if len(self.wrong) >= 20:
                    break
            self.window.session.project.history.mark_clean()
            self.window.close()
            self.app.processEvents()
        return self.wrong

    def _where(self, parent: object, title: str, start: Path, filters: str, endings: tuple[str, ...]) -> Path | None:
        return self.dice.choice([None, self.folder / f"out{self.dice.randrange(3)}{self.dice.choice(endings)}"])

    @property
    def _fresh(self) -> bool:
        """Whether nothing was done yet to the job that is open."""
        return self.window.session.project.history.index == 0 and len(self.window.session.project.history) == 0

    def _act(self) -> None:
        if self._fresh:
            self._began_with = self.window.session.project.job.clips
        what = self.dice.choices(
            (
                self._key,
                self._click,
                self._words,
                self._select,
                self._add,
                self._resize,
                self._wait,
                self._reopen,
                self._page,
                self._new_job,
                self._work_and_leave,
            ),
            (50, 22, 6, 12, 1.5, 0.5, 4, 0.15, 2, 0.1, 0.5),
        )[0]
        try:
            what()
            self.app.processEvents()
        except Exception as error:
            self._exception(type(error), error, error.__traceback__)
        if not self.window.isVisible():
            self.last.append("closed")
            self._new_window()

    def _target(self) -> object:
        return self.app.activePopupWidget() or self.app.activeModalWidget() or self.app.focusWidget() or self.window

    def _key(self) -> None:
        from PySide6.QtCore import Qt
        from PySide6.QtTest import QTest

        names = (
            *"ABCDEFGHIJKLMNOPQRSTUVWXYZ0123", "Up", "Down", "Left", "Right", "Return", "Escape", "Delete", "Space", "Tab", "Backtab", "F2", "F5",
            "F6", "F8", "Home", "Plus", "Minus", "Slash", "BracketLeft", "BracketRight", "PageDown",
        )  # fmt: skip
        name = self.dice.choice(names)
        modifier = self.dice.choices(
            (Qt.KeyboardModifier.NoModifier, Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier),
            (80, 8, 12),
        )[0]
        self.last.append(f"{modifier.name[:5]}+{name}")
        target = self.app.activePopupWidget() or self.app.focusWidget() or self.app.activeModalWidget() or self.window
        QTest.keyClick(target, getattr(Qt.Key, f"Key_{name}"), modifier)

    def _click(self) -> None:
        from PySide6.QtCore import QPoint, Qt
        from PySide6.QtTest import QTest

        top = self.app.activePopupWidget() or self.app.activeModalWidget() or self.window
        at = QPoint(self.dice.randrange(max(1, top.width())), self.dice.randrange(max(1, top.height())))
        child = top.childAt(at) or top
        place = child.mapFrom(top, at) if child is not top else at
        self.last.append(f"click {type(child).__name__} {child.objectName() or child.accessibleName()[:20]}")
        work = self.dice.choices((QTest.mouseClick, QTest.mouseDClick), (9, 1))[0]
        work(child, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, place)

    def _words(self) -> None:
        from PySide6.QtTest import QTest

        words = self.dice.choice(["pier", "5", "-26", "8", "../x", "a/b", "0.5", "", "16", "200 kB", "x" * 40])
        self.last.append(f"types {words[:10]}")
        QTest.keyClicks(self.app.focusWidget() or self.window, words)

    def _select(self) -> None:
        board = self.window.board
        model = board.board_model
        if model.rowCount():
            self.last.append("selects")
            board.setCurrentIndex(
                model.index(self.dice.randrange(model.rowCount()), self.dice.randrange(model.columnCount()))
            )
            if self.dice.random() < 0.5:
                board.setFocus()

    def _add(self) -> None:
        self.last.append("adds")
        self.window.add_paths(
            [self.dice.choice([*self.sources, self.folder / "sources", self.folder / "nowhere.wav"])]
        )

    def _resize(self) -> None:
        self.window.resize(self.dice.randrange(640, 1500), self.dice.randrange(420, 1000))

    def _wait(self) -> None:
        until = time.monotonic() + self.dice.random() * 0.05
        while time.monotonic() < until:
            self.app.processEvents()
            time.sleep(0.002)

    def _reopen(self) -> None:
        self.last.append("saves and opens")
        path = self.folder / "job.kittiwake"
        if self.window.save_job(path):
            self.window.open_job(path)

    def _page(self) -> None:
        """Another page, or a dialog, by its command."""
        name = self.dice.choice([one for one in _PAGES if one in self.window.qactions])
        self.last.append(name)
        self.window.run(name)

    def _new_job(self) -> None:
        """A new job: nothing of the one before is left in the window, and nothing of it comes later."""
        self.last.append("a new job")
        clips = self.window.session.project.job.clips
        self.window.run("job.new")
        project, bench = self.window.session.project, self.window.bench
        if project.job.clips == clips and clips:
            return  # somebody answered that the old one stays
        self._began_with = ()
        left = [
            name
            for name, page in (("script", bench.built("script")), ("phone", bench.built("phone")))
            if page is not None
        ]
        kept = bench.stand_ins.holding()
        if left or kept or project.outputs.records or project.facts or self.window.maker.busy:
            self._note(
                f"a new job holds pages {left}, machines {kept}, {len(project.outputs.records)} outputs, {len(project.facts)} facts"
            )
        project.job = project.job.changed(output=str(self.folder / "made"))
        self.window.add_paths(self.dice.sample(self.sources, 3))

    def _work_and_leave(self) -> None:
        """Something is begun that takes its time, and one goes elsewhere while it runs."""
        known = ("make.all", "ear.compare", "script.speak", "cut.find", "service.hear", "edit.look", "standin.hand")
        begun = self.dice.choice([one for one in known if one in self.window.qactions])
        self.last.append(f"begins {begun}")
        self.window.run(begun)
        for _ in range(self.dice.randrange(6)):
            self.app.processEvents()
        self.dice.choice((self._page, self._select, self._new_job, self._reopen, self._key))()

    # -- what has to hold ------------------------------------------------------------------------------------------

    def _calm(self) -> None:
        for _ in range(10):
            for one in (self.app.activePopupWidget(), self.app.activeModalWidget()):
                if one is not None:
                    one.close()
            self.app.processEvents()
        self.window.run("make.cancel")
        self.window.bench.page_of("record").recorder.stop()
        until = time.monotonic() + 60
        quiet = 0
        while quiet < 8 and time.monotonic() < until:
            self.app.processEvents()
            time.sleep(0.01)
            busy = (
                self.session.busy
                or self.window.maker.busy
                or self.window.counter.busy
                or self.window.count_timer.isActive()
            )
            quiet = 0 if busy else quiet + 1
        if quiet < 8:
            self._note("it never came to rest")

    def _check(self) -> None:
        from kittiwake.core.model.job import load_job

        self._calm()
        self.last.append("checked")
        ids_here = {clip.id for clip in self.window.session.project.job.clips}
        strangers = [key for key in self.window.session.project.outputs.records if key[0] not in ids_here]
        looked = [
            path.name
            for path in self.window.session.project.facts
            if path not in self.window.session.project.job.sources
        ]
        if looked:
            self._note(f"facts of sources that are not in the job: {looked[:3]}")
        if strangers and self._fresh:
            self._note(f"outputs of clips that are not in a job that nothing was done to: {strangers[:3]}")
        changed = [path.name for path, digest in self.digests.items() if not path.exists() or _digest(path) != digest]
        if changed:
            self._note(f"sources changed: {changed}")
        window, session = self.window, self.window.session
        states = Counter(cell.shown for cell in session.project.cells())
        counted = +window.counter.counts
        if counted != states:
            self._note(f"counted {counted}, but there are {states}")
        ids = [clip.id for clip in session.project.job.clips]
        if len(set(ids)) != len(ids):
            self._note("a clip is there twice")
        for source, cut in session.project.job.cuts.items():
            wanted = {span.id for span in cut.spans if not span.aside}
            there = {clip.id for clip in session.project.job.clips if clip.source == source}
            if cut.spans and there != wanted:
                self._note(f"the clips of {source.name} are not those of its spans: {there ^ wanted}")
        path = self.folder / "check.kittiwake"
        from kittiwake.core.model.job import save_job

        save_job(session.project.job, path)
        if load_job(path).clips != session.project.job.clips:
            self._note("the job does not come back from its file")
        stack, before, at = session.project.history, session.project.job, session.project.history.index
        while stack.can_undo:
            stack.undo()
        if self._began_with is not None and session.project.job.clips != self._began_with:
            self._note("undo to the start does not lead to where it began")
        while stack.index < at:
            stack.redo()
        self.app.processEvents()
        if session.project.job.clips != before.clips or session.project.job.receivers != before.receivers:
            self._note("undo to the start and redo do not lead back")


def _digest(path: Path) -> str:
    return hashlib.sha256(path.read_bytes()).hexdigest()


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
