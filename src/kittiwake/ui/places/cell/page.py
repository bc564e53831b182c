"""The bench for a cell: its path, source against output, the proof."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from ....commands import key_of
from ....core.fit import Remedy
from ....core.make import Proof
from ....core.model import Facts
from ....core.model.units import format_bytes, format_hz, format_seconds
from ....words import in_words, tr
from ....work.project import Cell, edits
from ....work.standin.machine import kinds
from ...commands.make import make_selection
from ...commands.receiver import hand_over
from ...shell.session import Session
from ...theme.colours import colours
from ...theme.scale import scaled
from ...theme.shapes import WORDS
from ...widgets.button import Button
from ...widgets.parts import ProblemList, esc, part_label, rich_label, scrolled, steps_html
from ...widgets.shape_label import ShapeLabel
from ...widgets.short_path import short_path
from ...widgets.spectrum import SpectrumLayer, SpectrumView
from ...widgets.wave import WaveLayer, WaveView
from ...widgets.worded import Label
from ..place import PlacePage, Stop, place

if TYPE_CHECKING:
    from ...shell.context import Context


class CellPage(PlacePage):
    """Shows one clip at one receiver."""

    make_wanted = Signal()
    hand_wanted = Signal()

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self._cell: Cell | None = None
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 10, 14, 10)
        row.setSpacing(18)
        row.addWidget(self._left())
        plots = QVBoxLayout()
        plots.setSpacing(4)
        self.wave = WaveView()
        self.spectrum = SpectrumView()
        plots.addWidget(part_label(tr("SOURCE AND OUTPUT")))
        plots.addWidget(self.wave, 1)
        plots.addWidget(part_label(tr("THEIR SPECTRA")))
        plots.addWidget(self.spectrum, 1)
        row.addLayout(plots, 1)
        row.addWidget(self._right())

    def _left(self) -> QWidget:
        left = QWidget()
        column = QVBoxLayout(left)
        column.setContentsMargins(0, 0, 8, 0)
        head = QHBoxLayout()
        self._shape = ShapeLabel(20)
        head.addWidget(self._shape)
        self._head = Label()
        self._head.setProperty("head", True)
        self._head.setWordWrap(True)
        head.addWidget(self._head, 1)
        column.addLayout(head)
        self.problems = ProblemList(self._apply, keys=True)
        column.addWidget(self.problems)
        self.path_title = part_label(tr("PATH"))
        column.addWidget(self.path_title)
        self.path_label = rich_label()
        column.addWidget(self.path_label)
        column.addStretch(1)
        area = scrolled(left, tr("Path from source to output"))
        area.setMinimumWidth(scaled(280))
        area.setMaximumWidth(scaled(370))
        return area

    def _right(self) -> QWidget:
        right = QWidget()
        column = QVBoxLayout(right)
        column.setContentsMargins(0, 0, 8, 0)
        column.addWidget(part_label(tr("PROOF")))
        self.proof_label = rich_label()
        column.addWidget(self.proof_label)
        self.make_button = Button(tr("Make this one  ⇧M"))
        self.make_button.clicked.connect(self.make_wanted)
        self.hand_button = Button("")
        self.hand_button.clicked.connect(self.hand_wanted)
        column.addWidget(self.make_button, 0, Qt.AlignmentFlag.AlignLeft)
        column.addWidget(self.hand_button, 0, Qt.AlignmentFlag.AlignLeft)
        column.addStretch(1)
        area = scrolled(right, tr("Proof of the output"))
        area.setMinimumWidth(scaled(200))
        area.setMaximumWidth(scaled(290))
        return area

    def set_playing(self, seconds: float | None) -> None:
        self.wave.set_cursor(seconds)

    def begin(self, cell: Cell, output: Facts | None) -> None:
        """Show a cell; ``output`` are the facts of its made file, where they are known."""
        self._cell = cell
        self._shape.show_state(cell.shown)
        self._head.setText(f"{cell.clip.name} → {in_words(cell.receiver.name)}: {in_words(WORDS[cell.shown])}")
        fit = cell.fit
        self.problems.show_problems(fit.problems if fit else ())
        self.path_title.setVisible(bool(fit and fit.steps))
        self.path_label.setText(steps_html((s.what, s.reason) for s in fit.steps) if fit else tr("Looking at it …"))
        self._plots(cell, output)
        self.proof_label.setText(self._proof_html(cell))
        self.make_button.setVisible(bool(fit and fit.ready and cell.state not in ("made", "making")))
        machine = kinds().get(cell.receiver.standin)
        self.hand_button.setVisible(machine is not None and cell.state == "made")
        self.hand_button.setText(tr("Hand to the {name}  B", name=machine.name) if machine else "")

    def _plots(self, cell: Cell, output: Facts | None) -> None:
        source = cell.facts
        if source is None or source.measures is None or source.header is None:
            self.wave.show_layers([], tr("There is no sound to show.") if source else tr("Looking at it …"))
            self.spectrum.show_layers([])
            return
        clip, sound = cell.clip, source.measures
        touch = clip.touch_up_at(cell.receiver.slug)
        rate = touch.true_rate or source.header.sample_rate
        waves = [
            WaveLayer(tr("Source"), sound.overview, sound.frames / rate, "wave_source", -clip.start / rate),
        ]
        spectra = [
            SpectrumLayer(
                tr("Source, {rate}", rate=format_hz(rate)),
                sound.spectrum,
                sound.spectrum_step * rate / source.header.sample_rate,
                "wave_source",
            )
        ]
        made = cell.state in ("made", "stale")
        if made and output and output.measures and output.header:
            out = output.measures
            waves.append(WaveLayer(tr("Output"), out.overview, output.seconds or 0, "wave_output"))
            label = tr("Output, {sample_rate}", sample_rate=format_hz(output.header.sample_rate))
            spectra.append(SpectrumLayer(label, out.spectrum, out.spectrum_step, "wave_output"))
        message = "" if len(waves) > 1 else tr("its output is not made yet") if cell.fit and cell.fit.ready else ""
        self.wave.show_layers(waves, message)
        self.spectrum.show_layers(spectra)

    def _proof_html(self, cell: Cell) -> str:
        c = colours()
        lines: list[str] = []
        if cell.state == "failed" and cell.made:
            lines.append(f'<p style="color:{c.cannot}">{esc(cell.made.error)}</p>')
        if cell.state == "stale" and self._session.project.outputs.is_altered(cell.key):
            lines.append(
                tr(
                    '<p style="color:{stale}">Something else has altered the file since it was made. It stays; made again, the output gets another name beside it.</p>',
                    stale=c.stale,
                )
            )
        elif cell.state == "stale":
            lines.append(
                tr(
                    '<p style="color:{stale}">The file that was made is out of date: the clip, the source or the rules have changed since. Make it again.</p>',
                    stale=c.stale,
                )
            )
        lines += _file_html(cell)
        return "".join(lines or [_nothing_html(cell)])

    def _apply(self, remedy: Remedy) -> None:
        if self._cell:
            edits.apply_remedy(self._session.project, self._cell.clip, self._cell.receiver, remedy)


def _file_html(cell: Cell) -> Iterator[str]:
    soft = f'style="color:{colours().soft}"'
    if cell.delivered:
        sentence = (
            tr("This copy was delivered.")
            if cell.delivered == "delivered"
            else tr("An older copy of it was delivered: deliver again (⇧B).")
        )
        yield f"<p>{sentence}</p>"
    if cell.record and cell.state in ("made", "stale"):
        path = Path(cell.record.output)
        seconds = format_seconds(cell.fit.predicted_seconds if cell.fit and cell.state == "made" else None)
        yield f"<p><b>{esc(path.name)}</b><br>{in_words(format_bytes(cell.record.bytes))}, {in_words(seconds)}<br>"
        yield f"<span {soft}>{esc(short_path(path.parent))}<br>sha-256 {cell.record.sha256[:16]}…</span></p>"
    if cell.made:
        if cell.made.gain_db:
            sentence = tr("<p>Level changed by {gain_db:+.1f} dB, as measured.</p>", gain_db=cell.made.gain_db)
            yield sentence.replace("-", "−")
        yield from (f"<p>{esc(said)}</p>" for said in cell.made.messages)
    if cell.made and cell.made.proof:
        yield _checks_html(cell.made.proof)
    elif cell.record:
        yield tr(
            "<p {soft}>It passed proof when it was made; proof is run again when you make it again.</p>", soft=soft
        )


def _nothing_html(cell: Cell) -> str:
    ready = cell.fit and cell.fit.ready
    decide = cell.state == "decide"
    text = tr("Nothing can be made of it.")
    if cell.state == "left_out":
        text = tr("The clip is not meant for this receiver. {key} takes it in.", key=key_of("edit.leave_out"))
    if ready or decide:
        text = tr("It is read back and checked as soon as it is made.")
    if decide:
        text = tr("Decide first, on the left. {text}", text=text)
    return f'<p style="color:{colours().soft}">{text}</p>'


def _checks_html(proof: Proof) -> str:
    c = colours()
    rows = []
    for check in proof.checks:
        mark, colour = ("✓", c.made) if check.passed else ("✕", c.cannot)
        wanted = "" if check.passed else tr("<br>wanted {expected}", expected=esc(check.expected))
        rows.append(
            f'<tr><td style="color:{colour}; padding:1px 7px 3px 0">{mark}</td>'
            f'<td style="padding:1px 0 3px 0">{esc(check.name)}<br>'
            f'<span style="color:{c.soft}; font-size:{scaled(12)}px">{esc(check.found)}{wanted}</span></td></tr>'
        )
    return f"<table cellspacing=0 cellpadding=0>{''.join(rows)}</table>"


@place("cell", "Output", Stop.MAKE, share=0.48)
def cell_page(at: Context) -> CellPage:
    page = CellPage(at.session)
    page.wave.seek.connect(at.player.seek)
    page.make_wanted.connect(lambda: make_selection(at))
    page.hand_wanted.connect(lambda: hand_over(at))
    return page
