"""Undo and redo. Jobs are immutable, so a step is two of them."""

from __future__ import annotations

from collections.abc import Callable

from ...core.model import Job
from ...plain_data import dataclass
from .events import Event

#: What steps that were joined are called, from the job before and the one after.
Naming = Callable[[Job, Job], str]


@dataclass(slots=True)
class _Step:
    text: str
    before: Job
    after: Job
    naming: Naming | None = None


class History:
    """Steps of a job. ``show`` is called with the job that is to be shown.

    ``changed`` tells that there is another step to undo or redo, or that the job is, or is not, as it was saved.
    """

    def __init__(self, show: Callable[[Job], object]) -> None:
        self.changed = Event()
        self._show = show
        self._steps: list[_Step] = []
        self._index = 0
        self._clean = 0  # where the job is as it was saved; -1 where it never is

    @property
    def index(self) -> int:
        """How many steps are done."""
        return self._index

    def __len__(self) -> int:
        """How many steps there are, done or undone."""
        return len(self._steps)

    @property
    def can_undo(self) -> bool:
        return self._index > 0

    @property
    def can_redo(self) -> bool:
        return self._index < len(self._steps)

    @property
    def undo_text(self) -> str:
        """What would be undone; empty where there is nothing."""
        return self._steps[self._index - 1].text if self.can_undo else ""

    @property
    def is_clean(self) -> bool:
        """Whether the job is as it was saved or opened."""
        return self._index == self._clean

    def mark_clean(self) -> None:
        """The job as it is was saved."""
        self._clean = self._index
        self.changed.emit()

    def mark_unsaved(self) -> None:
        """The job was never saved, whatever is undone."""
        self._clean = -1
        self.changed.emit()

    def push(self, text: str, before: Job, after: Job, naming: Naming | None = None) -> None:
        """Do a step. Where it and the one before have the same ``naming``, they become one, unless the job was saved between."""
        if self._clean > self._index:
            self._clean = -1
        del self._steps[self._index :]
        last = self._steps[-1] if self._steps and self._clean != self._index else None
        if last and naming is not None and last.naming is naming and last.after is before:
            last.after = after
            last.text = naming(last.before, after)
        else:
            self._steps.append(_Step(text, before, after, naming))
            self._index += 1
        self._show(after)
        self.changed.emit()

    def amend(self, text: str, before: Job, after: Job) -> None:
        """A step that follows from the one before, and is undone with it; where there is none, or the job was saved since, a step of its own."""
        last = self._steps[-1] if self._steps and self._index == len(self._steps) and not self.is_clean else None
        if last and last.after is before:
            last.after = after
            self._show(after)
            self.changed.emit()
        else:
            self.push(text, before, after)

    def undo(self) -> None:
        if self.can_undo:
            self._index -= 1
            self._show(self._steps[self._index].before)
            self.changed.emit()

    def redo(self) -> None:
        if self.can_redo:
            self._index += 1
            self._show(self._steps[self._index - 1].after)
            self.changed.emit()

    def clear(self) -> None:
        """Forget all steps; the job as it is counts as saved."""
        self._steps.clear()
        self._index = self._clean = 0
        self.changed.emit()
