"""What a person does with the spans of one recording: each a step of the job's history."""

from __future__ import annotations

from collections.abc import Collection
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from ....commands import key_of
from ....core.model import Clip, Cut, Facts, Line, Span, TouchUp
from ....core.model.span import START, STOP, in_order
from ....words import phrase, tr
from ....work.cut import shown_names
from ....work.cut.edit import (
    another_take,
    between,
    choose_take,
    join,
    join_all,
    pauses,
    removed,
    set_aside,
    split,
    takes,
)
from ....work.cut.times import span_of_text
from ....work.project import edits
from ...shell.session import Session
from ...widgets.sentence import Sentence


class CutWork(QObject):
    """``changed`` after every change; ``message`` what a person should know; ``choose`` asks for another span to be worked on."""

    changed = Signal()
    message = Signal(Sentence)
    choose = Signal(str)

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self.source: Path | None = None
        self.facts: Facts | None = None
        self.chosen_id = ""
        self._mark: int | None = None

    @property
    def cut(self) -> Cut:
        return self._session.project.cut_of(self.source) if self.source else Cut()

    @property
    def rate(self) -> int:
        """Hz; the true rate, where one was stated."""
        if self.facts is None or self.facts.header is None:
            return 1
        stated = {clip.touch_up.true_rate for clip in self._session.project.job.clips if clip.source == self.source}
        rate = stated.pop() if len(stated) == 1 else None
        return rate or self.facts.header.sample_rate

    @property
    def frames(self) -> int:
        return self.facts.measures.frames if self.facts and self.facts.measures else 0

    @property
    def chosen(self) -> Span | None:
        return self.cut.span(self.chosen_id)

    def names(self) -> dict[str, str]:
        return shown_names(self.cut.spans, self.source.stem if self.source else "")

    def put(self, text: str, cut: Cut) -> None:
        """Cut the source so."""
        if self.source is not None:
            edits.put_cut(self._session.project, text, self.source, cut)
            self.changed.emit()

    # -- names -----------------------------------------------------------------------------------------------------

    def rename(self, name: str, span_id: str = "") -> None:
        """Name a span, by default the chosen one; a name of the list moves the ones that follow along."""
        span, name = self.cut.span(span_id or self.chosen_id), name.strip()
        if span is None or not name or name == self.names()[span.id]:
            return
        line = next((line for line in self.cut.lines if line.name == name), None)
        text = line.text if line else span.text if span.by_hand else ""
        self.put(
            phrase("naming “{name}”", name=name), self.cut.replaced(span.changed(name=name, text=text, by_hand=True))
        )

    def word(self, span_id: str, text: str) -> None:
        """Say what is spoken in a span."""
        if (span := self.cut.span(span_id)) is not None:
            name = span.name or self.names()[span.id]
            self.put(
                phrase("the words of “{name}”", name=name),
                self.cut.replaced(span.changed(name=name, text=text, by_hand=True)),
            )

    def take_list(self, lines: tuple[Line, ...]) -> None:
        """Name the clips in order by these lines."""
        self.put(phrase("naming by a list of {count}", count=len(lines)), self.cut.changed(lines=lines))

    # -- edges -----------------------------------------------------------------------------------------------------

    def move_edge(self, span_id: str, edge: str, frame: int) -> None:
        span = self.cut.span(span_id)
        if span is None:
            return
        beyond = frame > self.frames or (frame >= span.stop if edge == START else frame <= span.start)
        self.chosen_id = span_id
        word = "start" if edge == START else "end"
        self.put(
            phrase("moving the {word}", word=word),
            self.cut.replaced(span.moved(edge, max(0, min(frame, self.frames)))),
        )
        if beyond:
            behind = tr("behind its end") if edge == START else tr("before its start")
            where = tr("after the end of the recording") if frame > self.frames else behind
            self.message.emit(tr("That lies {where}: it goes only as far as it can.", where=where))

    def edge_to(self, edge: str, frame: int) -> None:
        """Move the start or the end of the chosen span to a frame: past a flub, for one."""
        span = self.chosen
        if span is None or (edge == START and frame >= span.stop) or (edge == STOP and frame <= span.start):
            self.message.emit(tr("Choose a span, and put the cursor where its edge is to be."))
            return
        self.move_edge(span.id, edge, frame)

    # -- more and fewer --------------------------------------------------------------------------------------------

    def add(self, start: int, stop: int, name: str = "") -> None:
        """A span by hand."""
        start, stop = max(0, start), min(self.frames, stop)
        if stop <= start:
            self.message.emit(tr("The recording ends at {frames:.3f} s.", frames=self.frames / self.rate))
            return
        fresh = Span(start, stop, name, held=(START, STOP), by_hand=bool(name))
        self.chosen_id = fresh.id
        self.put(phrase("a span by hand"), self.cut.changed(spans=in_order([*self.cut.spans, fresh])))

    def add_typed(self, text: str) -> None:
        """A span of a line such as ``0:00 to 1:05 Welcome``.

        Raises
        ------
        KittiwakeError : it says no span.
        """
        self.add(*span_of_text(text, self.rate))

    def split(self, frame: int) -> None:
        span = next((s for s in self.cut.spans if s.start < frame < s.stop), None)
        if span is None:
            self.message.emit(tr("Put the cursor inside a span to split it there."))
            return
        self.put(phrase("splitting a span"), split(self.cut, span.id, frame))

    def join(self, ids: Collection[str]) -> None:
        """Several spans as one; of a single one, with the next."""
        if len(ids) > 1:
            first = next(span.id for span in self.cut.spans if span.id in ids)
            self.chosen_id = first
            self.put(
                phrase("joining {count} spans", "joining {count} span", len(ids), count=len(ids)),
                join_all(self.cut, ids),
            )
        else:
            self.put(phrase("joining two spans"), join(self.cut, self.chosen_id))

    def drop(self, ids: Collection[str]) -> bool:
        """Set spans aside, or take them back; whether the chosen one was set aside."""
        span = self.chosen
        if span is None:
            return False
        spans = [one for one in self.cut.spans if one.id in ids] if len(ids) > 1 else [span]
        if len(spans) > 1:
            aside = not all(one.aside for one in spans)
            count = len(spans)
            what = (
                phrase("setting {count} spans aside", count=count)
                if aside
                else phrase("taking {count} spans back", count=count)
            )
            self.put(what, set_aside(self.cut, {one.id for one in spans}, aside))
            return False
        if span.aside and span.take_of:
            self.put(phrase("choosing a take"), choose_take(self.cut, span.id))
            return False
        text = phrase("taking a span back") if span.aside else phrase("setting a span aside")
        self.put(text, self.cut.replaced(span.changed(aside=not span.aside)))
        return not span.aside

    def delete(self, ids: Collection[str]) -> None:
        """Take spans away. The recording stays, whole where none is left."""
        gone = set(ids) or {self.chosen_id}
        spans = [span for span in self.cut.spans if span.id in gone]
        if not spans:
            self.message.emit(tr("Choose the spans to delete."))
            return
        left = removed(self.cut, gone)
        following = next((span.id for span in left.spans if span.start >= spans[0].start), "")
        self.chosen_id = following or (left.spans[-1].id if left.spans else "")
        self.put(phrase("deleting {n} spans", "deleting {n} span", len(spans), n=len(spans)), left)
        if not left.spans:
            self.message.emit(
                tr(
                    "No span is left: the recording is one clip again. {key} takes that back.",
                    key=key_of("edit.undo"),
                )
            )

    # -- takes, pauses, stretches ----------------------------------------------------------------------------------

    def another_take(self) -> None:
        self.put(phrase("another take"), another_take(self.cut, self.chosen_id))

    def next_take(self) -> str:
        """Deliver the next take of the chosen span's line; returns its id, empty where there is no other."""
        takes_of_line = takes(self.cut, self.chosen_id)
        if len(takes_of_line) < 2:
            self.message.emit(
                tr("This line has one take only; Y says that a span is another take of the line before it.")
            )
            return ""
        at = next(n for n, span in enumerate(takes_of_line) if not span.aside)
        following = takes_of_line[(at + 1) % len(takes_of_line)]
        self.put(phrase("choosing a take"), choose_take(self.cut, following.id))
        return following.id

    def between(self) -> None:
        self.put(phrase("a span of the pause"), between(self.cut, self.chosen_id, self.frames))

    def without_pauses(self) -> None:
        """One clip more: from the first span to the last, and what lies between them left out."""
        active = [span for span in self.cut.spans if not span.aside]
        if self.source is None or not active:
            self.message.emit(
                tr("There are no spans yet: F finds the speech, and what lies between is then left out.")
            )
            return
        gaps = pauses(self.cut)
        stop = max(span.stop for span in active)
        clip = Clip(
            self.source,
            tr("{stem} without pauses", stem=self.source.stem),
            active[0].start,
            stop,
            TouchUp(without=gaps),
        )
        edits.add_clip(self._session.project, f"“{clip.name}”", clip)
        seconds = (stop - active[0].start - sum(b - a for a, b in gaps)) / self.rate
        self.message.emit(
            tr(
                "“{name}” stands on the board: {seconds:.2f} s, {count} pauses left out.",
                "“{name}” stands on the board: {seconds:.2f} s, {count} pause left out.",
                len(gaps),
                name=clip.name,
                seconds=seconds,
                count=len(gaps),
            )
        )

    def leave_out(self, frame: int) -> None:
        """Mark where a stretch begins; the second time leave out what lies between. Inside one that is left out, take it back."""
        clip = self._session.project.clip(self.chosen_id)
        if clip is None or not clip.start <= frame <= (clip.stop or frame):
            self.message.emit(tr("Put the cursor inside the chosen clip, where the stretch begins."))
            return
        inside = next((s for s in clip.touch_up.without if s[0] <= frame < s[1]), None)
        if inside:
            left = tuple(s for s in clip.touch_up.without if s != inside)
            edits.touch_up(self._session.project, [clip], {"without": left})
        elif self._mark is None or not clip.start <= self._mark <= (clip.stop or frame) or self._mark == frame:
            self._mark = frame
            self.message.emit(tr("Marked. Put the cursor where the stretch ends, and press Q again."))
            return
        else:
            stretch = (min(self._mark, frame), max(self._mark, frame))
            without = tuple(sorted((*clip.touch_up.without, stretch)))
            edits.touch_up(self._session.project, [clip], {"without": without})
            self.message.emit(
                tr("Left out; 2 plays it as it will come out. {key} takes it back.", key=key_of("edit.undo"))
            )
        self._mark = None
        self.changed.emit()
