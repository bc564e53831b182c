"""Text size: everything that has to hold text grows with it."""

from __future__ import annotations

from PySide6.QtWidgets import QApplication, QHeaderView, QTableView, QTreeView, QWidget

_MOST = 16_777_215  # Qt's word for no limit
_percent = 100


def percent() -> int:
    return _percent


def scaled(pixels: float) -> int:
    """Pixels at the usual text size as pixels at the size in use."""
    return round(pixels * _percent / 100)


def set_percent(new: int) -> float:
    """Use another text size from now on; returns how many times as large it is as the one before."""
    global _percent
    times = new / _percent
    _percent = new
    return times


def rescale(times: float) -> None:
    """Let what was laid out already grow or shrink: widths and heights that were given in pixels, and those of tables."""
    if times == 1:
        return
    for top in QApplication.topLevelWidgets():
        for widget in (top, *top.findChildren(QWidget)):
            _rescale(widget, times, is_window=widget is top)


def _rescale(widget: QWidget, times: float, *, is_window: bool) -> None:
    least, most = widget.minimumSize(), widget.maximumSize()
    if not is_window:
        if most.width() < _MOST:
            widget.setMaximumWidth(round(most.width() * times))
        if most.height() < _MOST:
            widget.setMaximumHeight(round(most.height() * times))
        if least.width():
            widget.setMinimumWidth(round(least.width() * times))
        if least.height():
            widget.setMinimumHeight(round(least.height() * times))
    if isinstance(widget, QTableView):
        rows = widget.verticalHeader()
        rows.setMinimumSectionSize(round(rows.minimumSectionSize() * times))
        rows.setDefaultSectionSize(round(rows.defaultSectionSize() * times))
        _widen(widget.horizontalHeader(), times)
    elif isinstance(widget, QTreeView):
        _widen(widget.header(), times)


def _widen(head: QHeaderView, times: float) -> None:
    sizes = [head.sectionSize(section) for section in range(head.count())]
    head.setMinimumSectionSize(round(head.minimumSectionSize() * times))
    head.setDefaultSectionSize(round(head.defaultSectionSize() * times))
    for section, size in enumerate(sizes):
        if head.sectionResizeMode(section) in (QHeaderView.ResizeMode.Interactive, QHeaderView.ResizeMode.Fixed):
            head.resizeSection(section, round(size * times))
