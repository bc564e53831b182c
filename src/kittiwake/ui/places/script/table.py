"""The lines of the script as a table that is edited in place."""

from __future__ import annotations

from collections.abc import Mapping

from PySide6.QtCore import QEvent, Signal
from PySide6.QtGui import QKeyEvent, QKeySequence
from PySide6.QtWidgets import QApplication

from ....core.model.script import Script, ScriptLine
from ....words import in_words, phrase, tr
from ....work.script.edit import COLUMNS, value_of
from ....work.script.respell import spoken_text
from ...widgets.row_table import Column, RowTable
from ...widgets.sentence import Sentence

_HEADS = (
    (phrase("Name"), 134), (phrase("Text"), 0), (phrase("Say it as"), 170), (phrase("Voice"), 80), (phrase("Language"), 84),
    (phrase("Speed"), 66), (phrase("Kind"), 60), (phrase("For"), 100), (phrase("Note"), 60),
)  # fmt: skip
STATE = len(COLUMNS)


class ScriptTable(RowTable[ScriptLine]):
    """``changed`` gives a line as somebody edited it, and what was changed; ``pasted`` text of the clipboard. Nothing is changed here."""

    changed = Signal(object, Sentence)
    pasted = Signal(str)

    def __init__(self) -> None:
        self.known: Mapping[str, str] = {}  # names of receivers, by slug
        self._states: Mapping[str, str] = {}
        self._spoken: dict[str, str] = {}  # how lines are said that respellings change
        columns = [self._column(name, head, width) for name, (head, width) in zip(COLUMNS, _HEADS, strict=True)]
        state: Column[ScriptLine] = Column(tr("State"), lambda line: self._states.get(line.id, ""), width=196)
        super().__init__(
            tr("Lines of the script"),
            [*columns, state],
            key=lambda line: line.id,
            several=True,
            cells=True,
            height=27,
        )

    def _column(self, name: str, head: str, width: int) -> Column[ScriptLine]:
        what = tr("what it is for") if name == "receivers" else tr("the {heads}", heads=in_words(head).lower())

        def take(line: ScriptLine, text: str) -> None:
            self.changed.emit(line.changed(**{name: value_of(name, text, self.known)}), what)

        def text(line: ScriptLine) -> str:
            value = getattr(line, name)
            if isinstance(value, float):
                return f"{(value - 1) * 100:+.0f} %".replace("-", "−") if value != 1 else ""
            return ", ".join(self.known.get(slug, slug) for slug in value) if isinstance(value, tuple) else value

        if name != "say_as":
            return Column(head, text, width=width, take=take)

        def respelled(line: ScriptLine) -> str:
            return self._spoken.get(line.id) or text(line)

        def tip(line: ScriptLine) -> str:
            spoken = self._spoken.get(line.id)
            return tr("Respelled: {text}", text=spoken) if spoken else text(line)

        # What is typed stays what was typed; what is seen is the text that the voice gets.
        return Column(
            head, respelled, width=width, take=take, edited=text, tip=tip, soft=lambda line: line.id in self._spoken
        )

    def show_script(self, script: Script, states: Mapping[str, str], known: Mapping[str, str]) -> None:
        """``states`` are words for what became of each line, ``known`` names of receivers by slug."""
        self.known, self._states, self._spoken = known, states, {}
        for line in script.lines if script.respellings else ():
            spoken = spoken_text(line, script.respellings, script.language)
            if spoken != (line.say_as or line.text or line.name):
                self._spoken[line.id] = spoken
        self.show_rows(script.lines)

    def event(self, event: QEvent) -> bool:
        # Cells are pasted here, whatever else the keys do in the window.
        override = event.type() == QEvent.Type.ShortcutOverride
        if override and isinstance(event, QKeyEvent) and event.matches(QKeySequence.StandardKey.Paste):
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.matches(QKeySequence.StandardKey.Paste):
            self.pasted.emit(QApplication.clipboard().text())
        else:
            super().keyPressEvent(event)
