"""What plans and outputs want to know of the project that they belong to."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from pathlib import Path
from typing import Protocol

from ...core.fit import Fit, Problem
from ...core.model import Clip, Facts, Job, Receiver
from .cell import Key
from .events import Event


class Planned(Protocol):
    """How clips fit."""

    def fit_of(self, clip: Clip, receiver: Receiver) -> Fit | None: ...

    def fingerprint_of(self, key: Key, found: Fit, receiver: Receiver) -> str: ...


class Work(Protocol):
    """A project; see there."""

    cell_changed: Event
    column_changed: Event
    message: Event
    job: Job
    facts: dict[Path, Facts]
    source_stamps: dict[Path, str]
    facts_turn: int
    suspicions: dict[Path, Problem]
    receivers: list[Receiver]

    @property
    def plans(self) -> Planned: ...

    @property
    def output_folder(self) -> Path: ...

    def known_clips(self) -> Iterator[tuple[Clip, Facts]]: ...

    def clips_of(self, source: Path) -> list[str]: ...

    def has_clip(self, clip_id: str) -> bool: ...

    def folder_of(self, receiver: Receiver, source: Path) -> Path: ...

    def look_again(self, paths: Iterable[Path]) -> None: ...
