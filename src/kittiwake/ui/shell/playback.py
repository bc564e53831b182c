"""What the ear is given: the cell that is current, and whatever a page of the bench wants heard."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

from ...core.intake.short import read_short
from ...core.model import Clip, Receiver
from ...core.project import Project
from ..commands.ear import compare_codecs

if TYPE_CHECKING:
    from ...core.standin.machine import StoredSound
    from .shell import Shell


class PlaybackController:
    """Loads and starts the player for a window, and shows on its pages where it is."""

    def __init__(self, window: Shell) -> None:
        self._window = window
        self._player = window.player
        self._bench = window.bench
        self._late = False

    def connect(self) -> None:
        """Listen to the player, and to every page that has something to be heard."""
        bench, stand_ins = self._bench, self._bench.stand_ins
        self._player.moved.connect(self._moved)
        self._player.changed.connect(self._changed)
        for name in ("clip", "cell"):
            bench.when_built(name, lambda page: page.wave.seek.connect(self._player.seek))
        bench.when_built("cut", lambda page: page.heard.connect(self._hear_span))
        bench.when_built("cut", lambda page: page.turned.connect(self._turn_to_span))
        bench.when_built("record", lambda page: page.heard.connect(self._hear_span))
        bench.when_built("script", lambda page: page.heard.connect(self._hear_file))
        bench.when_built("tone", lambda page: page.heard.connect(self._hear_file))
        bench.when_built("music", lambda page: page.heard.connect(self._hear_sound))
        bench.when_built("music", lambda page: page.compare_wanted.connect(self._compare_clip))
        bench.when_built("heard", lambda page: page.played.connect(self._hear_cell))
        bench.when_built("corpus", lambda page: page.played.connect(self._hear_cell))
        bench.when_built("phone", lambda page: page.heard.connect(self._hear_held))
        stand_ins.played.connect(
            lambda key, held: self._hear_sound(f"{stand_ins.title_of(key)}{held.name}", held.sound, held.rate)
        )

    def begin_job(self) -> None:
        """Another job: nothing of this one waits to be loaded."""
        self._late = False

    @property
    def _project(self) -> Project:
        return self._window.session.project

    def load(self, clip: Clip | None, receiver: Receiver | None) -> None:
        """What Space plays from now on."""
        if clip and receiver:
            self._player.load(self._project.cell(clip, receiver))
        elif clip:
            self._player.load_clip(self._project.cell(clip, self._project.any_receiver))

    def _turn_to_span(self) -> None:
        clip = self._bench.cut_page.to_hear()
        if clip and not self._player.playing:
            self._player.load_clip(self._project.cell(clip, self._project.any_receiver))

    def _hear_span(self, clip: Clip) -> None:
        """From its start, whatever was heard before."""
        self._player.load_clip(self._project.cell(clip, self._project.any_receiver))
        self._player.choose("source")
        self._player.pause()
        self._player.seek(0)
        self._player.play()

    def _hear_file(self, name: str, path: Path) -> None:
        """A line that was spoken a moment ago."""
        self._hear_sound(name, *read_short(path))

    def _hear_held(self, held: StoredSound) -> None:
        self._hear_sound(held.name, held.sound, held.rate)

    def _hear_cell(self, clip_id: str, slug: str) -> None:
        clip, receiver = self._project.clip(clip_id), self._project.receiver(slug)
        if clip is not None and receiver is not None:
            self._player.load(self._project.cell(clip, receiver))
            self._player.choose("output")
            self._player.seek(0)
            self._player.play()

    def _compare_clip(self, clip_id: str) -> None:
        self._window.board.select(clip_id)
        compare_codecs(self._window.context)

    def _hear_sound(self, name: str, sound: NDArray[np.float32], rate: int) -> None:
        self._player.load_sound(name, sound, rate)
        self._player.seek(0)
        self._player.play()

    def late(self) -> None:
        """What is loaded has changed while it is heard: it is not broken off by news, but loaded once it ends."""
        self._late = True

    def _moved(self, seconds: float) -> None:
        if self._bench.page == "cut":
            heard = self._player.ways and (seconds > 0 or self._player.playing)
            self._bench.cut_page.set_playing(seconds if heard else None)
        wave = self._bench.wave
        if wave:
            wave.set_cursor(seconds if self._player.ways and (seconds > 0 or self._player.playing) else None)

    def _changed(self) -> None:
        self._bench.stand_ins.show_sounding(self._player.title if self._player.playing else "")
        if self._late and not self._player.playing:
            self._late = False
            self.load(self._window.board.current_clip(), self._window.board.current_receiver())
