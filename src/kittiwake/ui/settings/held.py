"""Settings in a window: listeners get every change, whoever made it."""

from __future__ import annotations

from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, Signal

from ...core.errors import RulesError
from ...work.settings import Settings, Value
from ..widgets.sentence import Sentence


class HeldSettings(QObject):
    """``changed`` names a key of a setting, or ``keys``; ``message`` what went wrong."""

    changed = Signal(str)
    message = Signal(Sentence)

    def __init__(self, path: Path | None = None) -> None:
        super().__init__()
        self.kept = Settings(path)

    def __getitem__(self, key: str) -> Any:
        return self.kept[key]

    def set(self, key: str, value: Value | None) -> None:
        """Set something at once, or take it back to how it comes (None)."""
        before = self.kept[key]
        if self._done(lambda: self.kept.set(key, value)) and self.kept[key] != before:
            self.changed.emit(key)

    def set_keys(self, command: str, keys: tuple[str, ...] | None) -> None:
        """Other keys for a command, or those that it comes with (None)."""
        if self._done(lambda: self.kept.set_keys(command, keys)):
            self.changed.emit("keys")

    def undo(self) -> None:
        """Take the last change back."""
        undone: list[str] = []
        if self._done(lambda: undone.append(self.kept.undo())) and undone[0]:
            self.changed.emit("keys" if undone[0].startswith("keys.") else undone[0])

    def look(self) -> None:
        """See what somebody changed in the file meanwhile."""
        for key in sorted(self.kept.read()):
            self.changed.emit(key)

    def _done(self, work: Any) -> bool:
        try:
            work()
        except RulesError as error:
            self.message.emit(str(error))
            return False
        return True
