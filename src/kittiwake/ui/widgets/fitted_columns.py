"""Columns that give each other room: no cell is cut while another column has more than it needs."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QObject, QTimer
from PySide6.QtWidgets import QHeaderView, QTableView, QTreeView

_WAIT_MS = 15


class FittedColumns(QObject):
    """Looks after one view, for as long as that lives."""

    def __init__(self, view: QTableView | QTreeView) -> None:
        super().__init__(view)
        self._view = view
        head = view.horizontalHeader() if isinstance(view, QTableView) else view.header()
        self._own = [head.sectionSize(n) for n in range(head.count())]
        self._wait = QTimer(self)
        self._wait.setSingleShot(True)
        self._wait.setInterval(_WAIT_MS)
        self._wait.timeout.connect(self.fit)
        view.viewport().installEventFilter(self)
        model = view.model()
        for signal in (model.modelReset, model.rowsInserted, model.dataChanged, model.layoutChanged):
            signal.connect(lambda *_: self._wait.start())

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() in (QEvent.Type.Resize, QEvent.Type.Show):
            self._wait.start()
        return super().eventFilter(watched, event)

    def fit(self) -> None:
        """Widen columns that cut their texts by what is free in the view, and by what others have over."""
        view, model = self._view, self._view.model()
        head = view.horizontalHeader() if isinstance(view, QTableView) else view.header()
        columns = [n for n in range(model.columnCount()) if not head.isSectionHidden(n)]
        wants = {n: self._want(n) for n in columns}
        fixed = [n for n in columns if head.sectionResizeMode(n) != QHeaderView.ResizeMode.Stretch]
        for n in fixed:
            # What it let go of while little stood in it, it takes back from a column that stretches, whatever stands there.
            own = min(wants[n], self._own[n] if n < len(self._own) else 0)
            if head.sectionSize(n) < own:
                head.resizeSection(n, own)
        over = {n: head.sectionSize(n) - wants[n] for n in columns}
        free = view.viewport().width() - sum(head.sectionSize(n) for n in columns)
        free += sum(max(0, over[n]) for n in columns if n not in fixed)
        for n in fixed:
            lacks = -over[n]
            if lacks <= 0:
                continue
            for giver in fixed:
                if free >= lacks:
                    break
                if (gives := min(max(0, over[giver]), lacks - free)) > 0:
                    head.resizeSection(giver, head.sectionSize(giver) - gives)
                    over[giver] -= gives
                    free += gives
            if (takes := min(lacks, max(0, free))) > 0:
                head.resizeSection(n, head.sectionSize(n) + takes)
                free -= takes
        for n in columns:
            # A column that stretches gets what others let go of.
            lacks = -over[n] if n not in fixed else 0
            for giver in fixed:
                if (gives := min(max(0, over[giver]), lacks)) > 0:
                    head.resizeSection(giver, head.sectionSize(giver) - gives)
                    over[giver] -= gives
                    lacks -= gives

    def _want(self, column: int) -> int:
        """Pixels that a column takes: its head, and what is in the rows that are shown, as its delegate would have it."""
        view = self._view
        head = view.horizontalHeader() if isinstance(view, QTableView) else view.header()
        return max(view.sizeHintForColumn(column), head.sectionSizeHint(column))
