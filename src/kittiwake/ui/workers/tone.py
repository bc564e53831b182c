"""Makes the sound of a tone in the background."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from pathlib import Path

import numpy as np
from PySide6.QtCore import QObject, Signal

from ...core.ear.track import RATE, source_blocks
from ...core.model import Clip, Facts
from ...core.speak.engine import Speech
from ...core.tone.making import fetch_from, stamps_of, write_tone
from ...core.tone.recipe import Segment, ToneRecipe
from ...core.tone.render import Fetch
from ...words import tr
from .background import Background


class ToneWorker(QObject):
    """``made`` with the recipe, and its file or a sentence."""

    made = Signal(object, object)  # ToneRecipe; Path or str

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._work = Background("toner", tr("The tone could not be made"))

    @property
    def busy(self) -> bool:
        return self._work.busy

    def make(self, recipe: ToneRecipe, folder: Path, clips: Mapping[str, tuple[Clip, Facts]]) -> bool:
        """Write the sound of a recipe to a folder; ``clips`` are those it may play, by name. Whether that began."""
        if self.busy:
            return False
        fetch = fetch_of_job(folder, clips)
        played = [clips[one.play] for one in recipe.segments if one.play in clips]
        known = "\n".join(f"{clip.id} {facts.stamp} {clip.to_dict()}" for clip, facts in played)

        def work(stopped: Callable[[], bool]) -> None:
            self.made.emit(recipe, write_tone(recipe, folder, fetch, known + stamps_of(recipe, folder)))

        return self._work.begin(work, lambda wrong: self.made.emit(recipe, wrong) if wrong else None)

    def shut_down(self) -> None:
        self._work.shut_down()


def fetch_of_job(folder: Path, clips: Mapping[str, tuple[Clip, Facts]]) -> Fetch:
    """What finds clips of the board by their names, and else what ``fetch_from`` finds."""
    otherwise: Callable[[Segment], Speech] = fetch_from(folder)

    def fetch(segment: Segment) -> Speech:
        found = clips.get(segment.play)
        if found is None:
            return otherwise(segment)
        blocks = [block.mean(axis=1, dtype=np.float32) for block in source_blocks(*found)]
        return (np.concatenate(blocks) if blocks else np.zeros(0, np.float32)), RATE

    return fetch
