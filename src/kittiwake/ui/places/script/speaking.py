"""Lines of the script spoken and heard: one, all, or those that are too long, faster."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from ....core.model.script import ScriptLine
from ....words import tr
from ....work.project import edits
from ....work.script.series import is_series
from ....work.speak.spoken import Spoken, path_of, wish_of
from ...workers.worker import Outcome
from .state import faster_in_words, spoken_in_words

if TYPE_CHECKING:
    from .page import ScriptPage


class LineSpeaker:
    """What the page's buttons do that has a voice in it."""

    def __init__(self, page: ScriptPage) -> None:
        self._page = page

    def hear(self) -> None:
        """The current line, at once."""
        if (line := self._page.table.current) is not None and is_series(line.text):
            self._page.message.emit(tr("A series is many lines: make them lines first."))
        elif line is not None:
            self._page.worker.hear(line, self._page.script, self._page.folder, self._heard)

    def prepare(self) -> None:
        line = self._page.table.current
        if self._page.isVisible() and line is not None and not line.taken and not is_series(line.text):
            self._page.worker.prepare(line, self._page.script, self._page.folder)

    def _heard(self, outcome: Outcome[ScriptLine, Path]) -> None:
        if outcome.found is not None:
            self._page.heard.emit(outcome.asked.name, outcome.found)
        else:
            self._page.message.emit(outcome.wrong)

    def hear_back(self) -> None:
        """A speech engine listens to every line that is spoken as it stands, and flags those that sound like another."""
        self._page.back.start(self._page.script, self._page.states)

    def use_voice(self) -> None:
        """The voice stands for the current line again, in place of a take."""
        line = self._page.table.current
        if line is not None and line.taken:
            edits.use_spoken(self._page.session.project, line)
            self.speak_all()

    def speak_faster(self) -> None:
        """What is too long, by the voice itself, as much faster as is needed and allowed."""
        if not self._page.worker.busy:
            project = self._page.session.project
            long_lines = [
                (line, project.facts[clip.source])
                for line in self._page.too_long()
                if (clip := project.clip(line.id))
            ]
            self._page.worker.speak_faster(
                long_lines, self._page.script, project.receivers, self._page.folder, self._spoken_faster
            )
            self._page.show_buttons()

    def _spoken_faster(self, spoken_lines: list[tuple[ScriptLine, ScriptLine]], error: str) -> None:
        done = [(before, after) for before, after in spoken_lines if after.speed != before.speed]
        if done:
            script = self._page.script
            for _, after in done:
                script = script.replaced(after)
            self._page.put(tr("speaking faster"), script)
            edits.put_spoken(
                self._page.session.project,
                {after.id: path_of(wish_of(after, script), after.name, self._page.folder) for _, after in done},
            )
        self._page.message.emit(faster_in_words(spoken_lines, error))
        self._page.refresh()

    def speak_all(self) -> None:
        """Speak every line that is not spoken as it stands now, and put all on the board; pressed again, stop."""
        if self._page.worker.busy:
            self._page.worker.stop()
            return
        if not self._page.script.lines or not self._page.make_series():
            return
        self._page.errors.clear()
        self._page.refresh()
        project = self._page.session.project
        lines = [
            line
            for line in self._page.script.lines
            if not line.taken
            and (
                self._page.states[line.id].to_speak or not (clip := project.clip(line.id)) or not clip.source.exists()
            )
        ]
        if not lines:
            self._page.message.emit(tr("Every line is spoken as it stands."))
        if self._page.worker.speak(lines, self._page.script, self._page.folder, self._one_spoken, self._spoken):
            self._page.show_buttons()

    def _one_spoken(self, one: Spoken) -> None:
        speaker = self._page.worker
        if speaker.done % 10 == 0 or speaker.done == speaker.total:
            left = speaker.seconds_left
            more = tr(", about {seconds} s left", seconds=max(1, round(left))) if left else ""
            self._page.message.emit(
                tr("Spoken {done:,} of {total:,}{more}.", done=speaker.done, total=speaker.total, more=more)
            )

    def _spoken(self, spoken_lines: list[Spoken], wrong: str) -> None:
        self._page.errors = {one.line: one.error for one in spoken_lines if one.path is None and one.line}
        spoken = {one.line: one.path for one in spoken_lines if one.path is not None}
        changed = edits.put_spoken(self._page.session.project, spoken) if spoken else 0
        self._page.message.emit(wrong or spoken_in_words(spoken_lines, changed))
        self._page.refresh()
