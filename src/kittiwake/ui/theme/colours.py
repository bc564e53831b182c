"""The sea-cliff palette: chalk, slate, kittiwake-grey, one yellow."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtGui import QColor, QGuiApplication, QPalette

from ...plain_data import dataclass


@dataclass(frozen=True, slots=True)
class Colours:
    """One set of colours. Every text on its ground reaches a contrast of 4.5 to 1, every shape that tells something 3 to 1 (tested)."""

    dark: bool
    ground: str  # behind everything
    sheet: str  # what is read or written on
    line: str
    text: str
    soft: str  # second-rank text
    accent: str
    on_accent: str
    chosen: str  # ground of what is selected
    as_is: str
    convert: str
    decide: str
    cannot: str
    made: str
    stale: str
    wave_source: str
    wave_output: str
    busy: str  # what is being made
    focus: str  # frame of what has the keyboard
    edge: str  # frame of what is typed in or pressed

    def of(self, state: str) -> QColor:
        """Colour of a cell's state."""
        name = {
            "making": "busy",
            "failed": "cannot",
            "waiting": "soft",
            "empty": "soft",
            "left_out": "soft",
            "delivered": "made",
            "older": "stale",
        }.get(state, state)
        return QColor(getattr(self, name))


LIGHT = Colours(
    dark=False,
    ground="#ECE9E0",
    sheet="#FAF8F3",
    line="#D3CEC1",
    text="#22303A",
    soft="#55636B",
    accent="#EDBD2A",
    on_accent="#22303A",
    chosen="#DDE5E8",
    as_is="#2F6383",
    convert="#51697A",
    decide="#8A5A00",
    cannot="#A63D26",
    made="#3C6B3E",
    stale="#6A5794",
    wave_source="#748991",
    wave_output="#1F4E6C",
    busy="#765A00",
    focus="#946E00",
    edge="#857F70",
)
DARK = Colours(
    dark=True,
    ground="#182027",
    sheet="#212B33",
    line="#3A4850",
    text="#ECE8DD",
    soft="#A8B4BA",
    accent="#F0C53E",
    on_accent="#1B242B",
    chosen="#2F3F49",
    as_is="#82BCDD",
    convert="#A5BAC6",
    decide="#F0C053",
    cannot="#F49C83",
    made="#92CB8C",
    stale="#BBA9E6",
    wave_source="#6B7E89",
    wave_output="#82BCDD",
    busy="#F0C53E",
    focus="#F0C53E",
    edge="#7B8C95",
)

_current = LIGHT


def colours() -> Colours:
    """The colours in use."""
    return _current


def use(dark: bool) -> Colours:
    """Choose a set and give it to the application."""
    global _current
    _current = DARK if dark else LIGHT
    QGuiApplication.setPalette(_palette(_current))
    return _current


def desktop_is_dark() -> bool:
    return QGuiApplication.styleHints().colorScheme() == Qt.ColorScheme.Dark


def _palette(c: Colours) -> QPalette:
    palette = QPalette()
    role = QPalette.ColorRole
    for name, value in {
        role.Window: c.ground,
        role.WindowText: c.text,
        role.Base: c.sheet,
        role.AlternateBase: c.ground,
        role.Text: c.text,
        role.Button: c.sheet,
        role.ButtonText: c.text,
        role.BrightText: c.text,
        role.Highlight: c.chosen,
        role.HighlightedText: c.text,
        role.ToolTipBase: c.sheet,
        role.ToolTipText: c.text,
        role.PlaceholderText: c.soft,
        role.Link: c.as_is,
        role.Mid: c.line,
        role.Accent: c.accent,
    }.items():
        palette.setColor(name, QColor(value))
    for name in (role.WindowText, role.Text, role.ButtonText):
        faded = QColor(c.soft)
        faded.setAlpha(140)
        palette.setColor(QPalette.ColorGroup.Disabled, name, faded)
    return palette
