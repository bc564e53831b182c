"""Sources without a header: how each is to be read, as stated, guessed, or said once for its folder."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING, Protocol

from ...core.intake.claims import BY_ENDING
from ...core.model import Facts, Job, Stated
from ...words import phrase

if TYPE_CHECKING:
    from .events import Event
    from .history import History
    from .remembered import Remembered


class Work(Protocol):
    """What is asked of the project that the sources belong to."""

    facts: dict[Path, Facts]
    history: History
    remembered: Remembered
    wanted: Event
    message: Event

    @property
    def job(self) -> Job: ...

    def change(self, text: str, job: Job) -> object: ...


class HeaderlessSources:
    """Those of a project."""

    def __init__(self, project: Work) -> None:
        self._project = project
        self._stated_once: set[Path] = set()

    def state(self, paths: Iterable[Path], stated: Stated) -> None:
        """Say in which format headerless sources are."""
        paths = list(paths)
        self._stated_once.update(paths)
        if stated.headerless:
            for folder in dict.fromkeys(path.parent for path in paths):
                self._project.remembered.remember(folder, replace(stated, skip=0))
        self._project.change(
            phrase("stating {stated}", stated=stated),
            self._project.job.changed(stated={**self._project.job.stated, **dict.fromkeys(paths, stated)}),
        )

    def state_each(self, stated: Mapping[Path, Stated]) -> None:
        """Say in which format each of several headerless sources is, as one change."""
        self._stated_once.update(stated)
        text = phrase(
            "reading {count} files as guessed", "reading {count} file as guessed", len(stated), count=len(stated)
        )
        self._project.change(text, self._project.job.changed(stated={**self._project.job.stated, **stated}))

    def speaks_against(self, path: Path, stated: Stated) -> bool:
        """Whether the content of a headerless file, or its name, says another encoding than was stated."""
        facts = self._project.facts.get(path)
        seen = (
            facts.suggested.encoding
            if facts is not None and facts.suggested is not None
            else BY_ENDING.get(path.suffix.lower(), "")
        )
        return bool(seen) and seen.split("_")[0] != stated.encoding.split("_")[0]

    def unreadable_beside(self, path: Path) -> list[Path]:
        """Other sources in the folder of ``path`` that hold no known kind of sound."""
        found = []
        for source in self._project.job.sources:
            error = facts.error if (facts := self._project.facts.get(source)) else None
            unknown = error is not None and error.code in ("not_sound", "headerless")
            if unknown and source != path and source.parent == path.parent:
                found.append(source)
        return found

    def alike(self, path: Path) -> list[Path]:
        """Sources without a header in the folder of ``path``, itself included, whose content suggests the same way to read them."""
        facts = self._project.facts.get(path)
        if facts is None or facts.suggested is None:
            return []
        near = [path, *self.unreadable_beside(path)]
        return [
            one for one in near if (f := self._project.facts.get(one)) is not None and f.suggested == facts.suggested
        ]

    def read_as_before(self, facts: Facts) -> bool:
        """Whether a headerless file is to be read as was stated once for its folder; then it is looked at once more."""
        if not (facts.error and facts.error.code in ("not_sound", "headerless") and facts.stated is None):
            return False
        known = self._known_format(facts.path)
        agrees = facts.suggested is None or (known and facts.suggested.encoding == known.encoding)
        # What was stated and taken back stays taken back.
        if not known or not agrees or facts.path not in self._project.job.sources or facts.path in self._stated_once:
            return False
        self._stated_once.add(facts.path)
        known = replace(known, skip=facts.suggested.skip if facts.suggested else 0)
        stated = {**self._project.job.stated, facts.path: known}
        self._project.history.amend(
            phrase("reading {name} as {known}", name=facts.path.name, known=known),
            self._project.job,
            self._project.job.changed(stated=stated),
        )
        self._project.wanted.emit([facts.path], False)
        self._project.message.emit(
            phrase(
                "{name} is read as {known}, as last stated in its folder; H states another format.",
                name=facts.path.name,
                known=known,
            )
        )
        return True

    def _known_format(self, path: Path) -> Stated | None:
        """What was last stated for a headerless file of the same folder, in this job or an earlier one."""
        for source in reversed(list(self._project.job.stated)):
            stated = self._project.job.stated[source]
            if source.parent == path.parent and stated.headerless:
                return stated
        return self._project.remembered.format_of(path.parent)
