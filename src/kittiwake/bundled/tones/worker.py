"""Makes the sound of a tone in the background."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from pathlib import Path

import numpy as np
from PySide6.QtCore import QObject

from ...core.ear.track import RATE, source_blocks
from ...core.model import Clip, Facts
from ...ui.workers.worker import Outcome, Worker
from ...words import tr
from ...work.speak.engine import Speech
from .core.making import fetch_from, stamps_of, write_tone
from .core.recipe import Segment, ToneRecipe
from .core.render import Fetch


class ToneWorker(Worker):
    """Writes the sound of one recipe at a time."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent, tr("The tone could not be made"))

    def make(
        self,
        recipe: ToneRecipe,
        folder: Path,
        clips: Mapping[str, tuple[Clip, Facts]],
        then: Callable[[Outcome[ToneRecipe, Path]], object],
    ) -> bool:
        """Write the sound of a recipe to a folder; ``clips`` are those it may play, by name. Whether that began."""
        fetch = fetch_of_job(folder, clips)
        played = [clips[one.play] for one in recipe.segments if one.play in clips]
        known = "\n".join(f"{clip.id} {facts.stamp} {clip.to_dict()}" for clip, facts in played)

        return self.begin(
            recipe, lambda _: write_tone(recipe, folder, fetch, known + stamps_of(recipe, folder)), then
        )


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
