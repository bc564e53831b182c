"""A large board in the real window, offscreen: the longest that the window was busy in one go, for each thing one does with it.

``python -m bench.board [CLIPS]``; figures as JSON on the last line.
"""

from __future__ import annotations

import json
import os
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

import numpy as np
import soundfile

os.environ["QT_QPA_PLATFORM"] = "offscreen"
os.environ["XDG_CACHE_HOME"] = os.environ["XDG_STATE_HOME"] = tempfile.mkdtemp(prefix="kittiwake-bench-own-")

from PySide6.QtCore import QEventLoop, Qt, QTimer
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

import kittiwake
from kittiwake.ui.shell.start import make_app
from kittiwake.ui.shell.window import Window
from kittiwake.work.project import edits

Figures = dict[str, float]


class Watch:
    """Lets the window work, and keeps the longest turn of its event loop (ms)."""

    def __init__(self, app: QApplication) -> None:
        self._app = app
        self.longest = 0.0
        self.worked = 0.0  # … of the processor's time

    def turn(self) -> None:
        began, own = time.perf_counter(), time.thread_time()
        self._app.processEvents(QEventLoop.ProcessEventsFlag.AllEvents, 1)
        self.longest = max(self.longest, (time.perf_counter() - began) * 1000)
        self.worked = max(self.worked, (time.thread_time() - own) * 1000)

    def until(self, done: Callable[[], bool], most: float = 600) -> float:
        """Seconds until something is so."""
        began = time.perf_counter()
        while not done():
            self.turn()
            if time.perf_counter() - began > most:
                raise TimeoutError
        return time.perf_counter() - began

    def doing(self, what: Callable[[], object], after: float = 0.3) -> float:
        """The longest turn (ms) of doing something and of what follows from it."""
        self.longest = 0.0
        began = time.perf_counter()
        what()
        self.longest = (time.perf_counter() - began) * 1000
        until = time.perf_counter() + after
        while time.perf_counter() < until:
            self.turn()
        return self.longest


class Beat:
    """A timer that strikes all the time while something goes on that has its own event loop: keeps the longest pause (ms)."""

    def __init__(self) -> None:
        self.longest = 0.0
        self._last = time.perf_counter()
        self._timer = QTimer()
        self._timer.setInterval(1)
        self._timer.timeout.connect(self._strike)
        self._timer.start()

    def _strike(self) -> None:
        now = time.perf_counter()
        self.longest = max(self.longest, (now - self._last) * 1000)
        self._last = now

    def stop(self) -> float:
        self._strike()
        self._timer.stop()
        return self.longest


def board(count: int) -> Figures:
    """Figures of a board of so many clips: seconds, and longest turns in ms. Long, since each is measured on the window as the one before left it."""
    figures: Figures = {}
    app = make_app()
    with tempfile.TemporaryDirectory(prefix="kittiwake-bench-") as name:
        folder = Path(name)
        first = folder / "first.wav"
        dice = np.random.default_rng(1)
        soundfile.write(str(first), dice.standard_normal(4800) * 0.05, 16_000)
        data = first.read_bytes()
        (folder / "in").mkdir()
        for n in range(count):
            (folder / "in" / f"clip {n * 7919 % count:05}.wav").write_bytes(data)
        window = Window()
        window.use_colours(False)
        window.show()
        watch = Watch(app)
        session, view = window.session, window.board
        watch.until(lambda: window.isVisible())
        watch.doing(lambda: None, 0.5)  # drawn for the first time
        began = time.perf_counter()
        watch.longest = watch.worked = 0.0
        window.add_paths([folder / "in"])
        watch.until(lambda: len(session.project.job.clips) == count)
        figures["on the board, s"] = time.perf_counter() - began
        watch.until(lambda: not session.busy and not window.counter.busy and not window.count_timer.isActive())
        figures["looked at and counted, s"] = time.perf_counter() - began
        figures["longest turn meanwhile, ms (50 wanted)"] = watch.longest
        # Apart from what the machine does meanwhile.
        figures["… of the processor's time, longest, ms"] = watch.worked
        bar = view.verticalScrollBar()
        longest = 0.0
        for place in np.linspace(0, bar.maximum(), 60):
            longest = max(longest, watch.doing(lambda place=place: bar.setValue(int(place)), 0.02))
        figures["scrolling, longest turn, ms (50 wanted)"] = longest
        figures["sorting by length, longest turn, ms"] = watch.doing(lambda: view.sort_by(1))
        figures["sorting by name, longest turn, ms"] = watch.doing(lambda: view.sort_by(0))
        figures["sorting by a receiver, longest turn, ms"] = watch.doing(lambda: view.sort_by(3))
        figures["finding by words, longest turn, ms"] = watch.doing(lambda: view.show_only(("clip", "77"), "All"))
        figures["showing one state, longest turn, ms"] = watch.doing(lambda: view.show_only((), "Not made yet"))
        figures["showing all, longest turn, ms"] = watch.doing(lambda: view.show_only((), "All"))
        clip = session.project.job.clips[count // 2]
        figures["naming, longest turn, ms (50 wanted)"] = watch.doing(
            lambda: edits.replace_clip(session.project, "naming", clip.changed(name="another"))
        )
        figures["undo, longest turn, ms (50 wanted)"] = watch.doing(session.project.history.undo)
        for key in (Qt.Key.Key_Down, Qt.Key.Key_PageDown):
            reported = "one down" if key == Qt.Key.Key_Down else "a page down"
            figures[f"{reported}, longest turn, ms (50 wanted)"] = watch.doing(
                lambda key=key: QTest.keyClick(view, key), 0.2
            )
        beat, began = Beat(), time.perf_counter()
        assert window.save_job(folder / "big.kittiwake")
        figures["saving the job, s (1 wanted)"] = time.perf_counter() - began
        figures["… longest pause meanwhile, ms (50 wanted)"] = beat.stop()
        edits.replace_clip(session.project, "naming", clip.changed(name="another"))
        figures["keeping a copy meanwhile, longest turn, ms"] = watch.doing(window.autosave.keep, 2.0)
        session.project.history.undo()
        beat, began = Beat(), time.perf_counter()
        assert window.open_job(folder / "big.kittiwake")
        figures["opening it, s"] = time.perf_counter() - began
        figures["… longest pause while it is opened, ms (50 wanted)"] = beat.stop()
        window.shut_down()
    return figures


def start_of_window(count: int = 9) -> Figures:
    """Seconds from the command to the window with the demo job on the screen, after a warm start; the median of ``count`` without the first."""
    script = (
        "import os, time\n"
        "began = float(os.environ['BEGAN'])\n"
        "from kittiwake.demo import SHIPPED as DEMO\nfrom kittiwake.ui.shell.start import make_app\n"
        "from kittiwake.ui.shell.window import Window\n"
        "app = make_app(); window = Window(); window.use_colours(False); window.show(); window.open_job(DEMO)\n"
        "app.processEvents(); window.grab()\n"
        "print(time.time() - began, flush=True)\n"
        "os._exit(0)\n"
    )
    import compileall
    import statistics
    import subprocess

    # Warm: as after a first start, whatever the environment says of writing compiled files.
    compileall.compile_dir(str(Path(kittiwake.__file__).parent), quiet=2)
    taken = []
    for _ in range(count):
        environment = {**os.environ, "BEGAN": str(time.time())}
        done = subprocess.run([sys.executable, "-c", script], capture_output=True, text=True, env=environment)
        taken.append(float(done.stdout))
    return {"window with the demo job visible, s (1.2 wanted)": statistics.median(taken[1:])}


if __name__ == "__main__":
    found = start_of_window() | board(int(sys.argv[1]) if len(sys.argv) > 1 else 20_000)
    for key, value in found.items():
        print(f"{key:60} {value:10.3f}", file=sys.stderr)
    print(json.dumps(found))
    sys.stdout.flush()
    os._exit(0)
