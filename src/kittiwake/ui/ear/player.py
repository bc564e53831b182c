"""Plays tracks, and switches between them at the same instant."""

from __future__ import annotations

import tempfile
import time
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QObject, QTimer, Signal

from ...core.ear.caller_line import PLAIN, CallerLine, on_the_line
from ...core.ear.caller_line import RATE as CALLER_RATE
from ...core.ear.track import RATE, Track, file_blocks, line_blocks, preview, source_blocks, track_blocks
from ...core.errors import Cancelled, KittiwakeError
from ...core.make.compare import Comparison
from ...core.model import Clip, Facts, Receiver
from ...core.model.receiver import Rules
from ...core.sound import resample
from ...words import tr
from ...work.project import Cell
from ...work.standin import StoredSound
from ..widgets.sentence import Sentence
from .speaker import Real, Silent, find_speaker

WAYS = ("source", "output", "line")


class Player(QObject):
    """Three ways to hear one thing, and one position that they share."""

    changed = Signal()  # what is loaded, which way, playing or not
    moved = Signal(float)  # seconds
    said = Signal(Sentence)
    line_heard = Signal(Sentence)  # what was measured of the line

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.way = "source"
        self.playing = False
        self.title = ""
        self.seconds = 0.0
        self.ways: tuple[str, ...] = ()
        self.line = PLAIN
        self._line_turn = 0
        self.hidden = False  # whether nobody is to see which way is heard
        self._key: object = None
        self._plan: dict[str, Callable[[Track, Callable[[], bool]], None]] = {}
        self.tracks: dict[str, Track] = {}
        self._position = 0
        self._turn = 0
        self._folder = tempfile.TemporaryDirectory(prefix="kittiwake-ear-")
        self._pool = ThreadPoolExecutor(2, thread_name_prefix="ear")
        self._speaker: Silent | Real | None = None
        self.wanted = ""  # name of the loudspeaker to play on; empty: that of the desktop
        self._timer = QTimer(self)
        self._timer.setInterval(20)
        self._timer.timeout.connect(self._tick)

    # -- what to hear ----------------------------------------------------------------------------------------------

    def load(self, cell: Cell) -> None:
        """Make a cell ready to be heard; going on with the same cell keeps the position."""
        if not cell.facts or not cell.facts.ok:
            self.unload(tr("{name} cannot be read, so it cannot be heard.", name=cell.clip.name))
            return
        made = Path(cell.record.output) if cell.record and cell.state == "made" else None
        self._load(cell, made, f"{cell.clip.name} → {cell.receiver.name}")

    def load_coded(self, clip: Clip, facts: Facts, found: Comparison) -> None:
        """Make a coded clip of the comparison ready to be heard against its source."""
        receiver = Receiver(slug="compare", name=found.candidate.name, rules=Rules(accepts=()))
        cell = Cell(clip, receiver, "made", found.fit, facts)
        self._load(cell, found.file, tr("{clip} as {codec}", clip=clip.name, codec=found.candidate.name))

    def _load(self, cell: Cell, made: Path | None, title: str) -> None:
        key = (cell.clip, cell.receiver.slug, cell.fit, made)
        if key == self._key:
            return
        facts, fit = cell.facts, cell.fit
        assert facts is not None
        self._reset(key, title, fit.predicted_seconds if fit else 0)
        folder = Path(self._folder.name)

        def source(track: Track, cancelled: Callable[[], bool]) -> None:
            track.fill(source_blocks(cell.clip, facts, cell.receiver.slug), cancelled)

        def output(track: Track, cancelled: Callable[[], bool]) -> None:
            assert fit is not None and fit.recipe is not None
            path = made if made and made.exists() else preview(facts, fit, folder, cancelled)
            track.fill(file_blocks(path, fit.recipe), cancelled)

        def line(track: Track, cancelled: Callable[[], bool]) -> None:
            self._fill_line(
                self._wait_for("output" if "output" in self._plan else "source", cancelled), track, cancelled
            )

        self._plan = {"source": source, "line": line}
        if fit and fit.recipe:
            self._plan["output"] = output
        self._loaded()

    def load_clip(self, cell: Cell) -> None:
        """Make a clip ready on its own, without an output."""
        if not cell.facts or not cell.facts.ok:
            self.unload(
                tr("{name} cannot be read, so it cannot be heard.", name=cell.clip.name) if cell.facts else ""
            )
            return
        key = (cell.clip, None, cell.facts)
        if key == self._key:
            return
        facts = cell.facts
        total = facts.measures.frames if facts.measures else 0
        rate = cell.clip.touch_up.true_rate or (facts.header.sample_rate if facts.header else 1)
        self._reset(key, cell.clip.name, cell.clip.frames_of(total) / rate)

        def line(track: Track, cancelled: Callable[[], bool]) -> None:
            self._fill_line(self._wait_for("source", cancelled), track, cancelled)

        self._plan = {
            "source": lambda track, cancelled: track.fill(source_blocks(cell.clip, facts), cancelled),
            "line": line,
        }
        self._loaded()

    def _fill_line(self, whole: Track, track: Track, cancelled: Callable[[], bool]) -> None:
        line, turn = self.line, self._line_turn
        if line == PLAIN:
            track.fill(line_blocks(track_blocks(whole), whole.frames), cancelled)
            self.line_heard.emit("")
            return
        mono = (block.mean(axis=1, keepdims=True) for block in track_blocks(whole))
        heard = on_the_line(mono, RATE, whole.frames, line)
        frames = whole.frames
        track.fill(
            resample([heard.sound[:, None]], CALLER_RATE, RATE, 1, len(heard.sound)),
            lambda: cancelled() or turn != self._line_turn,
        )
        if turn == self._line_turn and frames:
            self.line_heard.emit(heard.words)

    def set_line(self, line: CallerLine) -> None:
        """Another line: what is heard on it now is prepared anew, and heard at the same instant."""
        if line == self.line:
            return
        self.line = line
        self._line_turn += 1
        self.tracks.pop("line", None)
        if "line" in self._plan and (self.playing or self.way == "line"):
            self._track(self.way)
            self._track("line")
        self.changed.emit()

    def load_quietly(self, clip: Clip, facts: Facts) -> None:
        """Make a source ready that may turn out to be noise: its RMS is brought down to −34 dBFS where it is above."""
        self._reset(
            (tr("quiet"), clip, facts), tr("{name} as {stated}", name=clip.name, stated=facts.stated), facts.seconds
        )
        rms = facts.measures.rms if facts.measures else 0.0
        gain = np.float32(min(1.0, 0.02 / rms) if rms else 1.0)

        def source(track: Track, cancelled: Callable[[], bool]) -> None:
            track.fill((block * gain for block in source_blocks(clip, facts)), cancelled)

        self._plan = {"source": source}
        self._loaded()

    def load_held(self, held: StoredSound, title: str) -> None:
        """Make what a machine holds ready, under ``title`` and its name."""
        self.load_sound(f"{title}{held.name}", held.sound, held.rate, "output")

    def load_sound(self, title: str, sound: NDArray[np.float32], rate: int, way: str = "source") -> None:
        """Make a short sound ready as it is, float32 [shape=(n,)] at ``rate``, as one way of hearing."""
        self._reset(("sound", title, object()), title, len(sound) / rate)

        def fill(track: Track, cancelled: Callable[[], bool]) -> None:
            whole = np.ascontiguousarray(sound[:, None])
            track.fill(resample([whole], rate, RATE, 1, len(whole)), cancelled)

        self._plan = {way: fill}
        self._loaded()

    def unload(self, why: str = "") -> None:
        """Nothing to hear."""
        self._reset(None, why, 0.0)
        self._loaded()

    def _reset(self, key: object, title: str, seconds: float | None) -> None:
        self.pause()
        self._turn += 1
        for track in self.tracks.values():
            track.close()
        self.tracks = {}
        self._plan = {}
        self._key, self.title, self.seconds = key, title, seconds or 0.0
        self._position = 0

    def _loaded(self) -> None:
        self.ways = tuple(way for way in WAYS if way in self._plan)
        if self.ways and self.way not in self.ways:
            self.way = self.ways[0]
        self.changed.emit()
        self.moved.emit(0.0)

    # -- preparing -------------------------------------------------------------------------------------------------

    def _track(self, way: str) -> Track:
        """The track of a way, being filled in the background from now on if it was not before."""
        if way not in self.tracks:
            self.tracks[way] = track = Track()
            turn, work = self._turn, self._plan[way]
            if way == "line":
                self._track("output" if "output" in self._plan else "source")
            self._pool.submit(self._fill, track, work, turn)
        return self.tracks[way]

    def _fill(self, track: Track, work: Callable[[Track, Callable[[], bool]], None], turn: int) -> None:
        try:
            work(track, lambda: turn != self._turn)
        except Cancelled:
            return
        except (KittiwakeError, OSError, ValueError) as error:
            if turn == self._turn:
                track.error = str(error)
                self.said.emit(tr("It cannot be heard: {error}", error=error))
        finally:
            track.complete = True

    def _wait_for(self, way: str, cancelled: Callable[[], bool]) -> Track:
        track = self.tracks[way]
        while not track.complete:
            if cancelled():
                raise Cancelled
            time.sleep(0.01)
        if track.error:
            raise KittiwakeError(track.error)
        return track

    # -- playing ---------------------------------------------------------------------------------------------------

    def toggle(self) -> None:
        """Play or pause."""
        if self.playing:
            self.pause()
        else:
            self.play()

    def play(self) -> None:
        if not self.ways:
            self.said.emit(self.title or tr("Select a clip or a cell to hear it."))
            return
        track = self._track(self.way)
        if track.complete and self._position >= track.frames:
            self._position = 0
        if self._speaker is None:
            self._speaker = find_speaker(self._pull, self.wanted)
            self.changed.emit()
        self.playing = True
        for way in self.ways:
            self._track(way)  # all of them, so that a switch finds its sound
        self._speaker.start()
        self._timer.start()
        self.changed.emit()

    def pause(self) -> None:
        if self.playing:
            self.playing = False
            self._timer.stop()
            if self._speaker:
                self._speaker.stop()
            self.changed.emit()

    def choose(self, way: str) -> None:
        """Switch to another way of hearing; the position stays."""
        if way not in self.ways:
            if self.ways:
                self.said.emit(tr("There is no output to hear: select a cell of the board."))
            return
        self.way = way
        if self.playing:
            self._track(way)
        self.changed.emit()

    def seek(self, seconds: float) -> None:
        self._position = max(0, round(seconds * RATE))
        self.moved.emit(self._position / RATE)

    @property
    def position(self) -> float:
        """Seconds from the start."""
        return self._position / RATE

    def _pull(self, frames: int) -> bytes:
        """What the loudspeaker takes; called in its own time."""
        if not self.playing:
            return b""
        track = self._track(self.way)
        data = track.read(self._position, frames)
        self._position += len(data) // 4
        return data

    def _tick(self) -> None:
        if self._speaker is None:
            return
        self._speaker.tick()
        waiting = self._speaker.waiting()
        self.moved.emit(max(0, self._position - waiting) / RATE)
        track = self._track(self.way)
        # The last sound still lies in the loudspeaker's buffer when the track is at its end.
        if track.complete and self._position >= track.frames and waiting == 0:
            self.pause()

    # -- the loudspeaker -------------------------------------------------------------------------------------------

    def find_out(self) -> None:
        """Look for a loudspeaker now, so that the window can say which it is."""
        if self._speaker is None:
            self._speaker = find_speaker(self._pull, self.wanted)
            self.changed.emit()

    def use(self, name: str) -> None:
        """Play on the loudspeaker of that name from now on; empty: on that of the desktop."""
        if name == self.wanted:
            return
        self.wanted = name
        self.pause()
        known, self._speaker = self._speaker is not None, None
        if known:
            self.find_out()

    @property
    def speaker_name(self) -> str:
        return self._speaker.name if self._speaker else ""

    @property
    def silent(self) -> bool:
        return isinstance(self._speaker, Silent)

    def close(self) -> None:
        """Stop playing and preparing, for good."""
        self._reset(None, "", 0.0)
        self._pool.shutdown(wait=True, cancel_futures=True)
        self._folder.cleanup()
