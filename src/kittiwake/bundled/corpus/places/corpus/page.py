"""The bench for a corpus."""

from __future__ import annotations

from collections.abc import Mapping
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import Qt, QTimer, Signal
from PySide6.QtWidgets import (
    QFileDialog,
    QGridLayout,
    QHBoxLayout,
    QVBoxLayout,
)

from .....commands import key_of
from .....core.errors import KittiwakeError
from .....core.model import Clip, Receiver
from .....ui.places.place import PlacePage, Stop, place
from .....ui.shell.session import Session
from .....ui.widgets.button import Button
from .....ui.widgets.worded import Label
from .....ui.workers.worker import Outcome
from .....words import in_words, tr
from .....work.project import edits
from ...commands import texts_and_speakers
from ...core.build import Built, Step
from ...core.of_project import corpus_rows
from ...core.quality import MEASURES, Quality
from ...core.request import CorpusRequest
from ...core.row import Row
from ...core.rules import Rule, rule_of
from ...core.sheet import hours
from ...core.spread import Spread, spread_of
from ...worker import CorpusWorker
from .plot import SpreadPlot
from .rules_side import ListedClip, RuleCost, RulesSide

if TYPE_CHECKING:
    from .....ui.shell.context import Context

_COLUMNS = 4
_SHOWN = tuple(name for name in MEASURES if name != "words_wrong")
_LISTED = 500


class CorpusPage(PlacePage):
    """``played`` asks for a clip to be heard at a receiver; ``message`` words for the foot of the window; ``rows_wanted`` asks for texts and speakers."""

    played = Signal(str, str)
    rows_wanted = Signal()

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self.worker = CorpusWorker(self)
        self._receiver: Receiver | None = None
        self.rows: dict[str, Row] = {}
        self.qualities: dict[str, Quality] = {}
        self._doubles: dict[str, str] = {}
        self.drop: tuple[Rule, ...] = ()
        self.flag: tuple[Rule, ...] = ()
        self._measure = "snr"
        self.later = QTimer(self)
        self.later.setSingleShot(True)
        self.later.setInterval(100)
        self.later.timeout.connect(self._show_all)
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 8, 14, 8)
        column.addLayout(self._top())
        middle = QHBoxLayout()
        middle.setSpacing(12)
        grid = QGridLayout()
        grid.setSpacing(6)
        self.plots: dict[str, SpreadPlot] = {}
        for n, name in enumerate(_SHOWN):
            plot = self.plots[name] = SpreadPlot(name)
            plot.setChecked(name == self._measure)
            plot.clicked.connect(lambda _=False, name=name: self.show_measure(name))
            grid.addWidget(plot, n // _COLUMNS, n % _COLUMNS)
        middle.addLayout(grid, 5)
        middle.addLayout(self._right(), 4)
        column.addLayout(middle, 1)

    def _top(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.head = Label(tr("Corpus"))
        self.head.setProperty("head", True)
        row.addWidget(self.head)
        self.sum = Label()
        self.sum.setProperty("soft", True)
        row.addWidget(self.sum, 1)
        self.rows_button = Button(tr("Texts and speakers…"))
        self.rows_button.clicked.connect(self.rows_wanted.emit)
        self.write_button = Button(tr("Write the corpus…"))
        self.write_button.setProperty("main", True)
        self.write_button.clicked.connect(self.choose_and_write)
        row.addWidget(self.rows_button)
        row.addWidget(self.write_button)
        return row

    def _right(self) -> RulesSide:
        side = RulesSide()
        self.rule_field, self.drop_button, self.flag_button = side.rule_field, side.drop_button, side.flag_button
        self.cost, self.rule_table, self.list_head, self.table = (
            side.cost,
            side.rule_table,
            side.list_head,
            side.table,
        )
        self.play_button, self.out_button = side.play_button, side.out_button
        self.rule_field.textChanged.connect(self._show_rule)
        self.rule_field.returnPressed.connect(self.add_rule)
        self.drop_button.clicked.connect(self.add_rule)
        self.flag_button.clicked.connect(lambda: self.add_rule(flag=True))
        self.table.wanted.connect(self.play)
        for one in (self.table, self.rule_table):
            one.message.connect(self.message)
        self.play_button.clicked.connect(self.play)
        self.out_button.clicked.connect(self.leave_out)
        self.rule_table.keys[Qt.Key.Key_Delete] = self.take_rule_away
        self.table.keys.update({
            Qt.Key.Key_Return: self.play, Qt.Key.Key_Enter: self.play, Qt.Key.Key_Space: self.play, Qt.Key.Key_Delete: self.leave_out,
        })  # fmt: skip
        return side

    def begin(self, receiver: Receiver) -> None:
        """Measure all clips that are for a receiver."""
        self._receiver = receiver
        self.head.setText(tr("Corpus for {name}", name=receiver.name))
        self.measure()
        self.table.setFocus()

    def measure(self) -> None:
        """Measure what is not known yet."""
        if self._receiver is None or self.worker.busy:
            return
        self.rows = corpus_rows(self._session.project, self._receiver)
        self.qualities = {key: value for key, value in self.qualities.items() if key in self.rows}
        self._doubles = {}
        self._show_all()
        if self.rows:
            self.worker.measure(self.rows, self._judged, self._measured)
        else:
            self.message.emit(tr("No clip is for {name}.", name=self._receiver.name))

    def refresh_texts(self) -> None:
        """Texts and speakers have changed."""
        if self._receiver is not None and self.isVisible():
            self.measure()

    def _judged(self, judged: tuple[str, Quality]) -> None:
        clip_id, quality = judged
        row = self.rows.get(clip_id)
        self.qualities[clip_id] = quality.with_text(row.text) if row else quality
        self.later.start()

    def _measured(self, outcome: Outcome[Mapping[str, Row], dict[str, str]]) -> None:
        wrong = outcome.wrong
        self._doubles = outcome.found or {}
        self._show_all()
        self.message.emit(wrong or f"{self.sum.text()}.")

    def show_measure(self, name: str) -> None:
        """List clips by one quality."""
        self._measure = name
        self.plots[name].setChecked(True)
        self.table.clearSelection()
        self._show_list()
        self.table.set_current(0)

    def _values(self, name: str) -> dict[str, float]:
        return {
            key: value
            for key, one in self.qualities.items()
            if not one.error and (value := one.get(name)) is not None
        }

    def _show_all(self) -> None:
        rules = (*self.drop, *self.flag, *([rule] if (rule := self._typed()) else []))
        for name, plot in self.plots.items():
            plot.show_spread(spread_of(np.array(list(self._values(name).values()), float), MEASURES[name]), rules)
        self._show_rules()
        self._show_list()
        self._show_rule()
        kept = [one for one in self.qualities.values() if self._kept(one)]
        seconds = sum(one.seconds for one in kept)
        sentence = tr(
            "{measured} of {all} clips measured, {kept} kept, {hours}",
            measured=len(self.qualities),
            all=len(self.rows),
            kept=len(kept),
            hours=hours(seconds),
        )
        if self._doubles:
            sentence += tr(", {n} doubles", ", {n} double", len(self._doubles), n=len(self._doubles))
        self.sum.setText(sentence)

    def _kept(self, quality: Quality) -> bool:
        return not quality.error and all(rule.keeps(quality) for rule in self.drop)

    def _typed(self) -> Rule | None:
        try:
            return rule_of(self.rule_field.text())
        except KittiwakeError:
            return None

    def _cost(self, rule: Rule) -> tuple[int, float]:
        broken = [one for one in self.qualities.values() if not one.error and not rule.keeps(one)]
        return len(broken), sum(one.seconds for one in broken)

    def _show_rule(self) -> None:
        text = self.rule_field.text().strip()
        rule = self._typed()
        good = rule is not None
        self.drop_button.setEnabled(good)
        self.flag_button.setEnabled(good)
        if rule is not None:
            clips, seconds = self._cost(rule)
            self.cost.setText(
                tr(
                    "{words} is broken by {clips} of {count} clips, {hours}.",
                    words=rule.words,
                    clips=clips,
                    count=len(self.qualities),
                    hours=hours(seconds),
                )
            )
        elif text:
            try:
                rule_of(text)
            except KittiwakeError as error:
                self.cost.setText(str(error))
        else:
            self.cost.setText(tr("Rules tell what they cost before they are taken."))
        name = rule.measure if rule else ""
        for plot in self.plots.values():
            if plot.name == name or plot.rules:
                plot.show_spread(plot.spread, (*self.drop, *self.flag, *([rule] if rule else [])))

    def add_rule(self, *, flag: bool = False) -> None:
        """Take the rule that is typed."""
        rule = self._typed()
        if rule is None:
            self.message.emit(self.cost.text())
            return
        self.drop = tuple(one for one in self.drop if one != rule) + (() if flag else (rule,))
        self.flag = tuple(one for one in self.flag if one != rule) + ((rule,) if flag else ())
        self.rule_field.clear()
        self._show_all()

    def take_rule_away(self) -> None:
        """The rule of the current row holds no more."""
        if (one := self.rule_table.current) is not None:
            self.drop = tuple(rule for rule in self.drop if rule != one.rule)
            self.flag = tuple(rule for rule in self.flag if rule != one.rule)
            self._show_all()

    def _show_rules(self) -> None:
        rules = [*((rule, False) for rule in self.drop), *((rule, True) for rule in self.flag)]
        self.rule_table.setVisible(bool(rules))
        self.rule_table.show_rows(RuleCost(rule, flags, *self._cost(rule)) for rule, flags in rules)

    def _show_list(self) -> None:
        measure = MEASURES[self._measure]
        values = self._values(self._measure)
        spread = spread_of(np.array(list(values.values()), float), measure)
        self.list_head.setText(f"{in_words(measure.name).replace('_', ' ')}: {in_words(measure.description)}")
        self.list_head.setToolTip(in_words(self.list_head.text()))
        order = sorted(values, key=lambda key: -abs(values[key] - (spread.median if spread else 0.0)))
        broken = [key for key, one in self.qualities.items() if one.error]
        at_top = self.table.currentRow() <= 0
        self.table.show_rows(self._listed(key, values.get(key), spread) for key in [*broken, *order][:_LISTED])
        if self.table.rowCount() and at_top:  # whoever chose none sees the farthest, however many more are measured
            self.table.set_current(0)

    def _listed(self, key: str, value: float | None, spread: Spread | None) -> ListedClip:
        measure, clip = MEASURES[self._measure], self._session.project.clip(key)
        off = "–"
        if value is not None and spread is not None:
            off = f"{value - spread.median:+,.{measure.digits}f}".replace("-", "−")
        return ListedClip(
            key,
            clip.name if clip else key,
            "–" if value is None else measure.with_unit(value),
            off,
            clip.speaker if clip else "",
            self._to_mind(key, value, spread),
        )

    def _to_mind(self, key: str, value: float | None, spread: Spread | None) -> str:
        quality = self.qualities[key]
        if quality.error:
            return quality.error
        sentences = []
        if value is not None and spread is not None and not spread.fences[0] <= value <= spread.fences[1]:
            sentences.append(tr("far out"))
        if key in self._doubles:
            other = self._session.project.clip(self._doubles[key])
            sentences.append(tr("double of {name}", name=other.name) if other else tr("double"))
        sentences += [tr("left out: {words}", words=rule.words) for rule in self.drop if not rule.keeps(quality)]
        sentences += [rule.words for rule in self.flag if not rule.keeps(quality)]
        return ", ".join(sentences)

    def _chosen(self) -> list[str]:
        return [one.id for one in self.table.selected()]

    def current(self) -> Clip | None:
        one = self.table.current
        return self._session.project.clip(one.id) if one is not None else None

    def play(self) -> None:
        """The clip of the current row."""
        clip = self.current()
        if clip is not None and self._receiver is not None:
            self.played.emit(clip.id, self._receiver.slug)

    def leave_out(self) -> None:
        """The chosen clips are not for this receiver any more."""
        if self._receiver is None:
            return
        project = self._session.project
        cells = [
            project.cell(clip, self._receiver) for key in self._chosen() if (clip := project.clip(key)) is not None
        ]
        out, _ = edits.leave_out(project, cells)
        if out:
            self.message.emit(
                tr(
                    "{out} left out of {name}; {key} takes it back.",
                    out=out,
                    name=self._receiver.name,
                    key=key_of("edit.undo"),
                )
            )
            self.measure()
        else:
            self.message.emit(tr("A clip stays for one receiver at least."))

    def choose_and_write(self) -> None:
        """Ask where, and write the corpus there."""
        folder = QFileDialog.getExistingDirectory(
            self, tr("Where the corpus goes"), str(self._session.project.output_folder)
        )
        if folder:
            self.write(Path(folder))

    def write(self, into: Path) -> None:
        """Write the corpus."""
        if self._receiver is None or self.worker.busy:
            return
        wish = CorpusRequest(self._receiver, self.drop, self.flag)
        rules = "".join(f" --rule '{rule.words}'" for rule in self.drop)
        rules += "".join(f" --flag '{rule.words}'" for rule in self.flag)
        how = tr(
            "In the window, with cuts, touch-ups, texts and speakers as they stood on the board.\nOf whole files a terminal makes the same with: kittiwake corpus --for {slug}{rules} --into corpus/ sources/",
            slug=self._receiver.slug,
            rules=rules,
        )
        rows = list(corpus_rows(self._session.project, self._receiver).values())
        if self.worker.write(rows, wish, into, how, self._stepped, self._written):
            self.write_button.setEnabled(False)

    def _stepped(self, step: Step) -> None:
        self.message.emit(tr("{done:,} of {total:,} {name}", done=step.done, total=step.total, name=step.name))

    def _written(self, outcome: Outcome[Path, Built]) -> None:
        self.write_button.setEnabled(True)
        result = outcome.found
        if result is None:
            self.message.emit(outcome.wrong or tr("It was stopped; it goes on from here the next time."))
            return
        assert result.packed is not None
        sides = ", ".join(f"{count} {side}" for side, count in result.packed.clips.items())
        self.message.emit(
            tr(
                "The corpus is written: {sides}. datasheet.md tells what is in it; {count} findings.",
                "The corpus is written: {sides}. datasheet.md tells what is in it; {count} finding.",
                len(result.findings),
                sides=sides,
                count=len(result.findings),
            )
        )

    def shut_down(self) -> None:
        self.worker.shut_down()


@place("corpus", "Corpus", Stop.HAND_OVER, share=0.68, alone=True)
def corpus_page(at: Context) -> CorpusPage:
    page = CorpusPage(at.session)
    page.rows_wanted.connect(lambda: texts_and_speakers(at))
    page.played.connect(at.playback.hear_cell)
    return page
