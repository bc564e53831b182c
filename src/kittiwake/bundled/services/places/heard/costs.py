"""What codecs cost in words that are heard wrongly: a bar each."""

from __future__ import annotations

import tempfile
from collections.abc import Sequence
from pathlib import Path

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from .....core.model.service import Service
from .....ui.shell.access import picture
from .....ui.theme.colours import colours
from .....ui.theme.scale import scaled
from .....ui.widgets.button import Button
from .....ui.widgets.parts import scrolled
from .....ui.widgets.sentence import Sentence
from .....ui.widgets.worded import Label
from .....ui.workers.worker import Outcome, Task, Worker
from .....words import in_words, tr
from ...core.ask import Store
from ...core.costs import AS_IT_IS, CodecCost, Meant, codec_costs

_ROW = 24


class CostsPage(QWidget):
    """``left`` when somebody goes back; ``message`` words for the foot of the window."""

    left = Signal()
    message = Signal(Sentence)

    def __init__(self) -> None:
        super().__init__()
        self._work = Worker(self)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 4, 0, 0)
        row = QHBoxLayout()
        self.head = Label()
        self.head.setProperty("part", True)
        row.addWidget(self.head, 1)
        self.back_button = Button(tr("Back to what was heard"))
        self.back_button.clicked.connect(self._leave)
        row.addWidget(self.back_button)
        column.addLayout(row)
        self.bars = CostBars()
        column.addWidget(scrolled(self.bars, tr("Words wrong after each codec")), 1)

    @property
    def busy(self) -> bool:
        return self._work.busy

    def begin(self, clips: Sequence[Meant], service: Service, url: str, store: Path) -> None:
        """Send these as they are and after each codec."""
        if self.busy:
            return
        self.bars.show_costs([])
        self.head.setText(
            tr(
                "Words wrong after each codec, of {count} clips; the first codecs come in a moment",
                "Words wrong after each codec, of {count} clip; the first codecs come in a moment",
                len(clips),
                count=len(clips),
            )
        )
        self.back_button.setFocus()

        def work(task: Task) -> None:
            with tempfile.TemporaryDirectory(prefix="kittiwake-codecs-") as folder:
                for cost in codec_costs(clips, service, url, Store(store), Path(folder), None, task.stopped):
                    task.report(cost)

        self._work.begin(service, work, self._finish, self._take)

    def _take(self, cost: CodecCost) -> None:
        self.bars.show_costs([*self.bars.costs, cost])
        self.head.setText(
            tr(
                "Words wrong after each codec, of {words} words",
                "Words wrong after each codec, of {words} word",
                cost.words,
                words=cost.words,
            )
        )

    def _finish(self, outcome: Outcome[Service, None]) -> None:
        wrong = outcome.wrong
        if wrong:
            self.head.setText(wrong)
        self.message.emit(
            wrong
            or tr(
                "{count} codecs compared.",
                "{count} codec compared.",
                len(self.bars.costs) - 1,
                count=len(self.bars.costs) - 1,
            )
        )

    def _leave(self) -> None:
        self._work.stop()
        self.left.emit()

    def shut_down(self) -> None:
        self._work.shut_down(30)


class CostBars(QWidget):
    """A bar for each codec, as long as its word error rate, with the figure and what it is more than without a codec."""

    def __init__(self) -> None:
        super().__init__()
        picture(self)
        self.costs: list[CodecCost] = []

    def show_costs(self, costs: list[CodecCost]) -> None:
        self.costs = costs
        self.setMinimumHeight(scaled(_ROW) * len(costs) + 8)
        sentence = "; ".join(tr("{name} {share:.1f} %", name=one.name, share=one.words_wrong * 100) for one in costs)
        self.setAccessibleName(tr("Words wrong after each codec: {detail}", detail=sentence))
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(700, scaled(_ROW) * max(1, len(self.costs)) + 8)

    def paintEvent(self, event: QPaintEvent) -> None:
        c = colours()
        painter = QPainter(self)
        most = max([one.words_wrong for one in self.costs] + [0.01])
        left, right = scaled(400), scaled(250)
        wide = max(60, self.width() - left - right)
        for n, one in enumerate(self.costs):
            y = 4 + n * _ROW
            painter.setPen(QColor(c.text))
            name = painter.fontMetrics().elidedText(in_words(one.name), Qt.TextElideMode.ElideMiddle, left - 16)
            painter.drawText(
                QRectF(0, y, left - 12, scaled(_ROW) - 4),
                int(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter),
                in_words(name),
            )
            size = wide * one.words_wrong / most
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(c.wave_source if one.name == AS_IT_IS else c.wave_output))
            painter.drawRect(QRectF(left, y + 3, max(1.5, size), scaled(_ROW) - 11))
            painter.setPen(QColor(c.text))
            more = tr("  {more:+.1f}", more=one.more * 100).replace("-", "−") if one.name != AS_IT_IS else ""
            bits = tr("  {kbit_s:,.1f} kbit/s", kbit_s=one.kbit_s) if one.kbit_s else ""
            sentence = tr("{share:.1f} %", share=one.words_wrong * 100) + more + bits
            painter.drawText(
                QRectF(left + size + 8, y, right, scaled(_ROW) - 4),
                int(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter),
                in_words(sentence),
            )
        if self.costs:
            at = left + wide * self.costs[0].words_wrong / most
            painter.setPen(QPen(QColor(c.soft), 1, Qt.PenStyle.DashLine))
            painter.drawLine(round(at), 4, round(at), 4 + scaled(_ROW) * len(self.costs))
