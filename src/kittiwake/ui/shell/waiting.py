"""Waiting for something large: the window goes on drawing, and takes no other orders meanwhile."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from types import TracebackType
from typing import Self, TypeVar

from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtGui import QCloseEvent
from PySide6.QtWidgets import QApplication, QDialog, QHBoxLayout, QProgressBar, QVBoxLayout, QWidget

from ...core.errors import Cancelled, KittiwakeError
from ...words import in_words, tr
from ..theme.scale import scaled
from ..widgets.button import Button
from ..widgets.worded import Label
from ..workers.worker import Outcome, Task, Worker

T = TypeVar("T")
_SETTLE = 60  # ms


class Waiting(QDialog):
    """Tells what is going on, as long as its ``with`` block lasts.

    Parameters
    ----------
    stopped : what is to be said when it was stopped; empty where it cannot be.
    """

    def __init__(self, parent: QWidget, sentence: str, stopped: str = "") -> None:
        super().__init__(parent)
        self._window, self._told_after, self._stop = parent, stopped, False
        self._worker = Worker(self)
        self.setModal(True)
        self.setWindowTitle(in_words(sentence))
        self.setAccessibleDescription(in_words(sentence))
        column = QVBoxLayout(self)
        column.setSpacing(12)
        column.addWidget(Label(sentence))
        #: How far it is, 0 to 1, where that is known; may be set by the work, in its thread.
        self.share: float | None = None
        self._bar = bar = QProgressBar()
        bar.setRange(0, 0)
        bar.setTextVisible(False)
        bar.setMinimumWidth(scaled(320))
        bar.setAccessibleName(in_words(sentence))
        column.addWidget(bar)
        if stopped:
            row = QHBoxLayout()
            row.addStretch(1)
            self.stop_button = Button(tr("Stop  Esc"))
            self.stop_button.clicked.connect(self.reject)
            row.addWidget(self.stop_button)
            column.addLayout(row)

    def __enter__(self) -> Self:
        self.show()
        # All that is drawn for this, before a thread takes its share of the processor.
        loop = QEventLoop()
        QTimer.singleShot(_SETTLE, loop.quit)
        loop.exec()
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, at: TracebackType | None
    ) -> None:
        self.hide()
        self._window.activateWindow()
        self.deleteLater()

    def result_of(self, work: Callable[[Callable[[], None]], T]) -> T:
        """What comes of work in a thread. It is given a function to call between small pieces, which raises once it is to stop.

        Raises
        ------
        KittiwakeError : it was stopped; also whatever the work raises.
        """
        loop, look = QEventLoop(), QTimer()
        look.timeout.connect(self._show_share)
        found: list[tuple[T | None, Exception | None]] = []

        def run(task: Task) -> tuple[T | None, Exception | None]:
            try:
                return work(self._go_on), None
            except Exception as error:  # it is raised where the work was asked for
                return None, error

        def over(outcome: Outcome[None, tuple[T | None, Exception | None]]) -> None:
            found.append(outcome.found or (None, outcome.error))
            loop.quit()

        look.start(10)
        self._worker.begin(None, run, over)
        if not found:
            loop.exec()
        look.stop()
        result, error = found[0]
        if isinstance(error, Cancelled):
            raise KittiwakeError(self._told_after, "", "cancelled") from None
        if error is not None:
            raise error
        return result  # type: ignore[return-value]  # work that raised nothing gave what it gives

    def _show_share(self) -> None:
        if self.share is not None:
            self._bar.setRange(0, 1000)
            self._bar.setValue(round(self.share * 1000))

    def _go_on(self) -> None:
        if self._stop:
            raise Cancelled

    @staticmethod
    def steps(steps: Iterable[object]) -> None:
        """Do something that has to be done in the interface's own thread, and draw between its steps."""
        for _ in steps:
            QApplication.processEvents()

    def reject(self) -> None:
        self._stop = bool(self._told_after)

    def closeEvent(self, event: QCloseEvent) -> None:
        self.reject()
        event.ignore()
