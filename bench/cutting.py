"""Cutting a long recording in the real page, offscreen: first picture, finding, and how long one drawing takes: ``python -m bench.cutting [HOURS]``."""

from __future__ import annotations

import json
import os
import sys
import tempfile
import time
from pathlib import Path

import numpy as np
import soundfile

os.environ["QT_QPA_PLATFORM"] = "offscreen"
os.environ["XDG_CACHE_HOME"] = os.environ["XDG_STATE_HOME"] = tempfile.mkdtemp(prefix="kittiwake-bench-own-")

from kittiwake.ui.shell.start import make_app
from kittiwake.ui.shell.window import Window
from kittiwake.work.cut import Find, find_speech
from kittiwake.work.standin.microphone import READING

Figures = dict[str, float]


def long_reading(path: Path, hours: float) -> Path:
    """The demo reading over and over, at 48 kHz in stereo."""
    import soxr

    sound, rate = soundfile.read(str(READING / "Season reading.flac"), dtype="float32")
    wide = soxr.resample(sound, rate, 48_000, quality="HQ")
    both = np.stack([wide, wide * np.float32(0.9)], axis=1)
    with soundfile.SoundFile(str(path), "w", 48_000, 2, "PCM_16", format="RF64") as file:
        left = round(hours * 3600 * 48_000)
        while left > 0:
            file.write(both[:left])
            left -= len(both)
    return path


def cutting(hours: float) -> Figures:
    """Figures of a recording of so many hours: seconds, and longest turns in ms."""
    figures: Figures = {}
    app = make_app()
    with tempfile.TemporaryDirectory(prefix="kittiwake-bench-") as name:
        source = long_reading(Path(name) / "long.wav", hours)
        window = Window()
        window.use_colours(False)
        window.show()
        session, page = window.session, window.bench.page_of("cut")

        def until(done: object, most: float = 900) -> float:
            began = time.perf_counter()
            while not done() and time.perf_counter() - began < most:  # type: ignore[operator]
                app.processEvents()
                time.sleep(0.002)
            return time.perf_counter() - began

        first = [source.parent / "warm.wav"]
        soundfile.write(str(first[0]), np.zeros(8000), 8000)
        window.add_paths(first)
        until(lambda: not session.busy)
        window.add_paths([source])
        figures["first picture, s (1 wanted)"] = until(lambda: session.partial)
        figures["looked at, s"] = until(lambda: not session.busy)
        window.board.select(session.project.job.clips[1].id)
        window.run("cut.open")
        listened = until(lambda: page.finder.activity is not None)
        window.run("cut.find")
        figures["speech found, s (10 wanted)"] = listened + until(lambda: session.project.cut_of(source).spans)
        figures["spans found"] = len(session.project.cut_of(source).spans)
        activity = page.finder.activity
        began = time.perf_counter()
        find_speech(activity, Find(pause=0.7))
        figures["found again with other settings, ms"] = (time.perf_counter() - began) * 1000
        wave = page.wave
        dice = np.random.default_rng(1)
        longest, most, all_ = 0.0, 0.0, []
        for n in range(120):
            frames = session.project.facts[source].measures.frames  # type: ignore[union-attr]
            length = frames ** dice.uniform(0.35, 1.0)
            at = dice.uniform(0, frames - length)
            began, own = time.perf_counter(), time.thread_time()
            wave.show_range(at, at + length)
            wave.repaint()
            taken, worked = (time.perf_counter() - began) * 1000, (time.thread_time() - own) * 1000
            if n >= 5:
                longest, most = max(longest, taken), max(most, worked)
                all_.append(taken)
        figures["scrolling and zooming, median, ms"] = float(np.median(all_))
        figures["scrolling and zooming, longest, ms (50 wanted)"] = longest
        # Apart from what the machine does meanwhile.
        figures["… of the processor's time, longest, ms"] = most
        window.shut_down()
    return figures


if __name__ == "__main__":
    found = cutting(float(sys.argv[1]) if len(sys.argv) > 1 else 2.0)
    for key, value in found.items():
        print(f"{key:60} {value:10.3f}", file=sys.stderr)
    print(json.dumps(found))
    sys.stdout.flush()
    os._exit(0)
