"""Small pieces that the pages of the bench are built from."""

from __future__ import annotations

import html
from collections.abc import Callable, Iterable

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFrame, QLabel, QLayout, QScrollArea, QSizePolicy, QVBoxLayout, QWidget

from ...core.fit import Problem, Remedy
from ...words import in_words, tr
from ..theme.colours import colours
from ..theme.scale import scaled
from .elided import ElidedButton
from .rich import RichLabel
from .worded import Label


def part_label(text: str) -> QLabel:
    """The heading of a part."""
    label = Label(text)
    label.setProperty("part", True)
    label.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)
    return label


def rich_label() -> RichLabel:
    label = RichLabel()
    label.setWordWrap(True)
    label.setAlignment(Qt.AlignmentFlag.AlignTop)
    label.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.MinimumExpanding)
    label.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
    return label


def scrolled(widget: QWidget, name: str, *, sideways: bool = False) -> QScrollArea:
    """A widget in an area that scrolls upright, and ``sideways`` where there is no room, and can be reached by the keyboard."""
    area = QScrollArea()
    area.setWidgetResizable(True)
    if not sideways:
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    area.setFrameShape(QFrame.Shape.NoFrame)
    area.setWidget(widget)
    area.setAccessibleName(in_words(name))
    return area


def empty(layout: QLayout) -> None:
    """Remove everything from a layout."""
    while layout.count():
        item = layout.takeAt(0)
        widget = item.widget() if item else None
        if widget is not None:
            widget.hide()
            widget.deleteLater()


def esc(text: object) -> str:
    return html.escape(str(in_words(text)))


def steps_html(steps: Iterable[tuple[str, str]]) -> str:
    """A numbered list: what is done, and below it, softer, why."""
    c = colours()
    rows = [
        f'<tr><td style="color:{c.soft}; padding:2px 9px 5px 0">{number}</td>'
        f'<td style="padding:2px 0 5px 0">{esc(what)}<br>'
        f'<span style="color:{c.soft}; font-size:{scaled(12)}px">{esc(why)}</span></td></tr>'
        for number, (what, why) in enumerate(steps, 1)
    ]
    return f"<table cellspacing=0 cellpadding=0>{''.join(rows)}</table>"


def pairs_html(pairs: Iterable[tuple[str, str]]) -> str:
    """Names and values in two columns."""
    c = colours()
    rows = [
        f'<tr><td style="color:{c.soft}; padding:1px 14px 1px 0; white-space:nowrap">{esc(name)}</td>'
        f'<td style="padding:1px 0">{esc(value)}</td></tr>'
        for name, value in pairs
    ]
    return f"<table cellspacing=0 cellpadding=0>{''.join(rows)}</table>"


class ProblemList(QWidget):
    """Problems, each with its remedies as buttons; what only a person can do stands as a sentence."""

    def __init__(self, apply: Callable[[Remedy], None], *, keys: bool = False) -> None:
        super().__init__()
        self._keys = keys
        self._apply = apply
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(4)

    def show_problems(self, problems: Iterable[Problem]) -> None:
        empty(self._column)
        words = {"note": tr("Note"), "warning": tr("Mind"), "decide": tr("Decide"), "cannot": tr("Cannot")}
        states = {"note": "convert", "warning": "decide", "decide": "decide", "cannot": "cannot"}
        first = True
        for problem in problems:
            colour = colours().of(states[problem.severity]).name()
            label = rich_label()
            asked = " ".join(in_words(r.what) for r in problem.remedies if not r.applies)
            label.setText(
                f'<span style="color:{colour}; font-weight:600">{in_words(words[problem.severity])}</span> {esc(problem.message)} <span style="color:{in_words(colours().soft)}">{esc(asked)}</span>'
            )
            self._column.addWidget(label)
            for remedy in problem.remedies:
                if remedy.applies:
                    keyed = first and remedy.by_key and problem.severity != "note"
                    self._offer(remedy, "  D" if keyed else "")
                    first = first and not keyed
        self.setVisible(self._column.count() > 0)

    def _offer(self, remedy: Remedy, key: str) -> None:
        button = ElidedButton(f"{in_words(remedy.what)}{key if self._keys else ''}")
        button.setAccessibleDescription(in_words(remedy.result))
        button.clicked.connect(lambda checked=False: self._apply(remedy))
        self._column.addWidget(button, 0, Qt.AlignmentFlag.AlignLeft)
        if remedy.result:
            label = Label(remedy.result)
            label.setProperty("soft", True)
            label.setWordWrap(True)
            self._column.addWidget(label)
