"""How clips fit receivers: computed when asked for, kept while nothing it rests on changes."""

from __future__ import annotations

import time
from collections.abc import Callable, Iterable
from dataclasses import replace

from ...core.fit import BatchContext, Fit, Problem, Remedy, context_of, fit, needs_context
from ...core.fit.findings import findings
from ...core.make import fingerprint
from ...core.model import Clip, Facts, Receiver
from ...core.model.script import Script, ScriptLine
from ...words import phrase
from ..script.respell import is_changed
from .cell import Key
from .work import Work

_SELDOM = 1.0  # s between two looks at what clips share, while sources still come in


class Plans:
    """Fits of a project's clips."""

    def __init__(self, project: Work) -> None:
        self._project = project
        self.kept_fits: dict[Key, tuple[Clip, Facts, Receiver, BatchContext | None, Fit]] = {}
        self._marks: dict[Key, tuple[Fit, str]] = {}
        self._contexts: dict[str, tuple[Receiver, tuple[Clip, ...], int, float, BatchContext]] = {}
        self._changed_lines: tuple[Script | None, dict[str, ScriptLine]] = (None, {})
        #: Whether more facts are on their way.
        self.still_coming: Callable[[], bool] = bool

    def keep_only(self, clips: Iterable[Clip]) -> None:
        """Let go of what is known of other clips."""
        ids = {clip.id for clip in clips}
        if not ids:
            self.kept_fits, self._marks = {}, {}
        for kept in (self.kept_fits, self._marks):
            for key in [key for key in kept if key[0] not in ids]:
                del kept[key]

    def fit_of(self, clip: Clip, receiver: Receiver) -> Fit | None:
        """The fit, or None while the source has not been looked at."""
        facts = self._project.facts.get(clip.source)
        if facts is None:
            return None
        key = (clip.id, receiver.slug)
        context = self.context_of(receiver) if needs_context(receiver) else None
        kept = self.kept_fits.get(key)
        same = kept and kept[0] is clip and kept[1] is facts and kept[2] is receiver and kept[3] is context
        if kept and same and _waits_for_words(kept[4]) == (self._words_changed(clip) is not None):
            return kept[4]
        found = self._held_back(clip, fit(clip, facts, receiver, context))
        self.kept_fits[key] = (clip, facts, receiver, context, found)
        return found

    def _words_changed(self, clip: Clip) -> ScriptLine | None:
        """The line that a clip is spoken from, where it says something else by now."""
        script = self._project.job.script
        if not script.lines:
            return None
        if self._changed_lines[0] is not script:
            self._changed_lines = (script, {line.id: line for line in script.lines})
        line = self._changed_lines[1].get(clip.id)
        return line if line is not None and is_changed(line, script, clip.text) else None

    def _held_back(self, clip: Clip, found: Fit) -> Fit:
        """A fit that waits for its line to be spoken, where that says something else by now: what would be made says the old words."""
        line = self._words_changed(clip)
        if line is None or found.verdict == "cannot":
            return found
        problem = Problem(
            "words_changed",
            "decide",
            phrase(
                "Its line of the script was changed, and not spoken since: “{text}”.", text=line.text or line.name
            ),
            (Remedy("speak_line", phrase("Speak the line again, on the page of the script.")),),
            of_receiver=True,
        )
        return replace(found, verdict="decide", problems=(problem, *found.problems))

    def fingerprint_of(self, key: Key, found: Fit, receiver: Receiver) -> str:
        """``make.fingerprint`` without the source's bytes."""
        kept = self._marks.get(key)
        if kept is None or kept[0] is not found:
            kept = self._marks[key] = (found, fingerprint(found, receiver))
        return kept[1]

    def context_of(self, receiver: Receiver) -> BatchContext:
        """What the clips at a receiver share. While sources still come in it is brought up to date once a second only."""
        project = self._project
        kept = self._contexts.get(receiver.slug)
        clips, turn, now = project.job.clips, project.facts_turn, time.monotonic()
        same = kept is not None and kept[0] is receiver and kept[1] is clips
        if kept and same and (kept[2] == turn or (self.still_coming() and now - kept[3] < _SELDOM)):
            return kept[4]
        context = self._fresh_context(receiver)
        if kept and kept[4] == context:
            context = kept[4]
        self._contexts[receiver.slug] = (receiver, clips, turn, now, context)
        return context

    def _fresh_context(self, receiver: Receiver) -> BatchContext:
        known = list(self._project.known_clips())
        return context_of(known, receiver, lambda c, f, alone: fit(c, f, receiver, alone).predicted_bytes)

    def count_ready(self, receiver: Receiver) -> int:
        """How many clips fit a receiver, on the board or not, without a decision."""
        context = self._fresh_context(receiver) if needs_context(receiver) else None
        return sum(fit(clip, facts, receiver, context).ready for clip, facts in self._project.known_clips())

    def bytes_at(self, receiver: Receiver) -> int:
        """Bytes that all clips together come to at a receiver, made or not."""
        return sum(fit(clip, facts, receiver).predicted_bytes or 0 for clip, facts in self._project.known_clips())

    def problems_of(self, clip: Clip) -> list[Problem]:
        """What concerns a clip whatever its receivers: findings, suspicions, then every problem at some receiver once.

        Limits of a receiver show in its own cell.
        """
        facts = self._project.facts.get(clip.source)
        if facts is None:
            return []
        suspicion = self._project.suspicions.get(clip.source)
        found = {problem.code: problem for problem in findings(clip, facts, suspicion)}
        for receiver in self._project.receivers:
            own = self.fit_of(clip, receiver)
            for problem in own.problems if own else ():
                if not problem.of_receiver:
                    found.setdefault(problem.code, problem)
        return list(found.values())


def _waits_for_words(found: Fit) -> bool:
    return bool(found.problems) and found.problems[0].code == "words_changed"
