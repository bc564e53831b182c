"""What the ear is given: the cell that is current, and whatever a page of the bench wants heard."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

from ...core.intake.short import read_short
from ...core.model import Clip, Receiver
from ...work.project import Project

if TYPE_CHECKING:
    from ...work.standin.machine import StoredSound
    from .shell import Shell


class PlaybackController:
    """Loads and starts the player for a window, and shows on its pages where it is."""

    def __init__(self, window: Shell) -> None:
        self._window = window
        self._player = window.player
        self._bench = window.bench
        self._late = False

    def connect(self) -> None:
        """Listen to the player, and to the machines."""
        stand_ins = self._bench.stand_ins
        self._player.moved.connect(self._moved)
        self._player.changed.connect(self._changed)
        stand_ins.played.connect(
            lambda key, stored: self.hear_sound(f"{stand_ins.title_of(key)}{stored.name}", stored.sound, stored.rate)
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

    def turn_to(self, clip: Clip | None) -> None:
        """Another span is chosen: it is what is heard next."""
        if clip and not self._player.playing:
            self._player.load_clip(self._project.cell(clip, self._project.any_receiver))

    def hear_span(self, clip: Clip) -> None:
        """From its start, whatever was heard before."""
        self._player.load_clip(self._project.cell(clip, self._project.any_receiver))
        self._player.choose("source")
        self._player.pause()
        self._player.seek(0)
        self._player.play()

    def hear_file(self, name: str, path: Path) -> None:
        """A line that was spoken a moment ago."""
        self.hear_sound(name, *read_short(path))

    def hear_stored(self, stored: StoredSound) -> None:
        self.hear_sound(stored.name, stored.sound, stored.rate)

    def hear_cell(self, clip_id: str, slug: str) -> None:
        clip, receiver = self._project.clip(clip_id), self._project.receiver(slug)
        if clip is not None and receiver is not None:
            self._player.load(self._project.cell(clip, receiver))
            self._player.choose("output")
            self._player.seek(0)
            self._player.play()

    def hear_sound(self, name: str, sound: NDArray[np.float32], rate: int) -> None:
        self._player.load_sound(name, sound, rate)
        self._player.seek(0)
        self._player.play()

    def late(self) -> None:
        """What is loaded has changed while it is heard: it is not broken off by news, but loaded once it ends."""
        self._late = True

    def _moved(self, seconds: float) -> None:
        if self._bench.shown is not None:
            heard = self._player.ways and (seconds > 0 or self._player.playing)
            self._bench.shown.set_playing(seconds if heard else None)

    def _changed(self) -> None:
        self._bench.stand_ins.show_sounding(self._player.title if self._player.playing else "")
        if self._late and not self._player.playing:
            self._late = False
            self.load(self._window.board.current_clip(), self._window.board.current_receiver())
