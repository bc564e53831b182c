"""State belongs to a job: whatever was shown, typed, loaded, recorded, sorted or said of one, nothing of it is there in the next.

The window of a job that follows another is held against one that never had another: every attribute of every object of ours that lives as long as
the window, however deep, has to be alike. An attribute that somebody adds later is looked at as well, without being named here.
"""

from __future__ import annotations

import enum
from collections import deque
from collections.abc import Iterator, Mapping
from pathlib import Path
from typing import Any

import shiboken6
from PySide6.QtCore import QObject
from PySide6.QtWidgets import QComboBox, QLabel, QLineEdit, QPlainTextEdit, QWidget

from kittiwake.core.model.script import Script, ScriptLine
from kittiwake.ui.places.place import places
from kittiwake.ui.settings.held import HeldSettings
from kittiwake.ui.shell.window import Window
from kittiwake.work.project import edits
from tests.bundled import needs
from tests.sounds import speech_like
from tests.ui.base import WindowCase

#: What may outlive a job, and why.
_STAYS = {
    "settings": "a person's, whatever is open",
    "watching": "watched folders are a person's, whatever is open",
    "recent": "jobs that were open",
    "run_end": "asks the desktop, and holds nothing of a job",
    "commands": "which commands there are",
    "qactions": "which commands there are",
    "_pool": "threads",
    "_side": "threads",
    "_helpers": "processes that look at whatever they are given",
    "_free": "those of them that do nothing",
    "_seeker": "a process that searches wherever it is told",
    "_own": "which thread has which process",
    "_speaker": "the loudspeaker",
    "_folder": "a folder for what is heard, emptied with it",
    "_wishes": "what is to be done with pages, whichever they are",
    "cutter": "sounds by their content, a few of them",
    "span_levels": "levels by content",
    "remembered": "formats of folders, on this machine",
    "_turn": "a count, so that what is late is known as late",
    "_line_turn": "a count, as above",
    "facts_turn": "a count, as above",
    "autosave": "the copy of what is not saved, written anew with the job",
    "_last": "when it was looked the last time",
    "_took": "how long something took the last time",
    "_lot": "how many at a time, by how fast the machine is",
    "line": "the telephone line that a person listens through",
    "_copy": "name of a file that is this window's own",
    "_ties": "callbacks",
    "window": "seen already",
    "_key": "an object that is like no other",
}


def ours(value: object) -> bool:
    return type(value).__module__.startswith("kittiwake.")


def state_of(root: object) -> dict[str, str]:
    """Every plain attribute below an object, by the way to it."""
    found: dict[str, str] = {}
    seen: set[int] = set()

    def walk(value: object, way: str, depth: int) -> None:
        if isinstance(value, QObject) and not shiboken6.isValid(value):
            return
        if id(value) in seen or depth > 7:
            return
        if ours(value) and not isinstance(value, type | enum.Enum):
            seen.add(id(value))
            if isinstance(value, QLabel | QLineEdit):
                found[f"{way}.text()"] = value.text()
            if isinstance(value, QPlainTextEdit):
                found[f"{way}.text()"] = value.toPlainText()
            for name, inner in attributes(value):
                if name not in _STAYS:
                    walk(inner, f"{way}.{name}", depth + 1)
        elif isinstance(value, Mapping):
            found[way] = f"{sum(inner != 0 for inner in value.values())} entries"
            for key, inner in value.items():
                if ours(inner) and isinstance(key, str):
                    walk(inner, f"{way}[{key}]", depth + 1)
        elif isinstance(value, list | tuple | set | frozenset | deque):
            plain = all(isinstance(one, str | int | float | bool | Path | None) for one in value)
            found[way] = str(sorted(map(str, value))) if plain else f"{len(value)} items"
        elif isinstance(value, str | int | float | bool | Path | None):
            found[way] = str(value)
        elif isinstance(value, QLabel | QLineEdit):
            found[f"{way}.text()"] = value.text()
        elif isinstance(value, QComboBox):
            found[f"{way}.currentText()"] = value.currentText()

    walk(root, "window", 0)
    return found


def attributes(value: object) -> Iterator[tuple[str, Any]]:
    if hasattr(value, "__dict__"):
        yield from list(vars(value).items())
    for kind in type(value).__mro__:
        for name in getattr(kind, "__slots__", ()):
            if hasattr(value, name):
                yield name, getattr(value, name)


@needs("standins")
class TestNewJob(WindowCase):
    def begin(self, window: Window) -> None:
        window.session.project.begin(("phone-menu", "deck-radio"))
        self.app.processEvents()

    def settle_in(self, window: Window) -> None:
        self.wait_for(lambda: not (window.session.busy or window.maker.busy))
        for _ in range(5):
            self.app.processEvents()

    def live_in(self, window: Window) -> None:
        """A job is worked on, everywhere."""
        project, board, bench = window.session.project, window.board, window.bench
        self.begin(window)
        project.change("out", project.job.changed(output=str(self.folder / "made")))
        window.add_paths([self.write(f"in/prompt {n}.wav", speech_like(8000, 0.6, seed=n), 8000) for n in range(4)])
        self.settle_in(window)
        window.run("make.all")
        self.settle_in(window)
        edits.put_script(project, "script", Script((ScriptLine("welcome", "Welcome."),)))
        board.sort_by(0)
        window.filter.begin()
        window.filter.field.setText("prompt")
        board.show_only(("prompt",), "All")
        clip, receiver = project.job.clips[0], project.receivers[1]
        record = project.cell(clip, receiver).record
        assert record
        window.status.say(bench.stand_ins.hand(receiver.standin, Path(record.output)))
        for name in (one.key for one in places()):
            page = bench.page_of(name)
            for field in page.findChildren(QLineEdit):
                if not field.isReadOnly():
                    field.setText("of another job")
        bench.show_choice(clip, receiver)
        window.load_ear(clip, receiver)
        window.player.seek(0.2)
        self.settle_in(window)

    def test_a_window_with_a_past_is_as_one_without(self) -> None:
        self.live_in(self.window)
        lived = state_of(self.window)
        self.assertGreater(len(lived), 400)
        self.begin(self.window)
        self.settle_in(self.window)
        fresh = Window(HeldSettings(self.folder / "settings.toml"))
        self.addCleanup(lambda: (fresh.shut_down(), shiboken6.delete(fresh)))
        fresh.use_colours(False)
        fresh.resize(1280, 800)
        fresh.show()
        fresh.session.project.remembered = self.session.project.remembered
        self.begin(fresh)
        self.settle_in(fresh)
        now, wanted = state_of(self.window), state_of(fresh)
        differences = {way: (now.get(way), wanted.get(way)) for way in sorted(now | wanted) if now.get(way) != wanted.get(way)}  # fmt: skip
        self.assertEqual(differences, {}, differences)
        # The check sees what it is to see: before, hundreds of them were other ones.
        self.assertGreater(sum(lived.get(way) != value for way, value in wanted.items()), 15)
        self.assertFalse([page for page in self.window.bench.findChildren(QWidget) if "of another job" in getattr(page, "text", str)()])  # fmt: skip

    def test_machines_hold_nothing_of_the_job_before(self) -> None:
        self.live_in(self.window)
        bench = self.window.bench
        self.assertTrue(bench.stand_ins.holding())
        self.begin(self.window)
        self.window.run("receiver.press") if "receiver.press" in self.window.qactions else None
        for slug in ("deck-radio", "phone-menu"):
            receiver = self.session.project.receiver(slug)
            assert receiver
            shelf = getattr(bench.stand_ins.machine(receiver.standin), "shelf", None)
            self.assertFalse(shelf.files if shelf is not None else None)
        self.assertEqual((self.window.player.title, self.window.status.words.text()), ("", ""))
