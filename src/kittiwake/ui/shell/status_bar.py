"""The foot of the window: what is going on, how far it is, what just happened."""

from __future__ import annotations

from PySide6.QtWidgets import QHBoxLayout, QProgressBar, QWidget

from ...commands import key_of
from ...words import tr
from ..theme.scale import scaled
from ..widgets.elided import ElidedLabel
from ..workers.outputs import OutputWorker
from .access import announce


def _duration(seconds: float) -> str:
    """Roughly, as one says it: ``40 s``, ``12 min``, ``1.5 h``."""
    if seconds < 100:
        return tr("{seconds:.0f} s", seconds=seconds)
    return (
        tr("{seconds:.0f} min", seconds=seconds / 60)
        if seconds < 6000
        else tr("{seconds:.1f} h", seconds=seconds / 3600)
    )


class StatusBar(QWidget):
    """One line of words and a thin bar."""

    def __init__(self, maker: OutputWorker) -> None:
        super().__init__()
        self._maker = maker
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 2, 14, 8)
        self.words = ElidedLabel()
        self.words.setProperty("soft", True)
        row.addWidget(self.words, 1)
        self._bar = QProgressBar()
        self._bar.setTextVisible(False)
        self._bar.setFixedWidth(scaled(260))
        self._bar.setRange(0, 1000)
        self._bar.hide()
        row.addWidget(self._bar)
        maker.started.connect(self._progress)
        maker.progressed.connect(self._progress)
        maker.finished.connect(self._finished)

    def say(self, text: str) -> None:
        self.words.setText(text)
        if not self._maker.busy:  # how far it is would never come to an end
            announce(self.words, text)

    def _progress(self, *_: object) -> None:
        maker = self._maker
        if not maker.busy:
            return
        self._bar.show()
        self._bar.setValue(round(1000 * maker.finished_items / max(1, maker.total)))
        left, pace = maker.seconds_left, maker.times_real
        sentences = [tr("Making {done:,} of {total:,}", done=min(maker.done + 1, maker.total), total=maker.total)]
        if maker.paused:
            sentences = [tr("Paused at {done:,} of {total:,}", done=maker.done, total=maker.total)]
        if maker.failed:
            sentences.append(tr("{failed:,} failed", failed=maker.failed))
        if pace is not None:
            sentences.append(
                tr(
                    "{duration} of sound at {pace:,.0f} × real time",
                    duration=_duration(maker.hours * 3600),
                    pace=pace,
                )
            )
        if left is not None:
            sentences.append(tr("about {duration} left", duration=_duration(max(1.0, left))))
        ways = (
            tr("{key} goes on, {stop_key} stops.", key=key_of("make.pause"), stop_key=key_of("make.cancel"))
            if maker.paused
            else tr("{key} pauses, {stop_key} stops.", key=key_of("make.pause"), stop_key=key_of("make.cancel"))
        )
        self.say(", ".join(sentences) + f". {ways}")

    def _finished(self) -> None:
        maker = self._maker
        self._bar.hide()
        made = maker.done - maker.failed
        if maker.trouble:
            self.say(tr("Making stopped: {trouble}", trouble=maker.trouble))
        elif maker.was_cancelled:
            self.say(tr("Stopped. What was finished stays; nothing half-made was left."))
        elif maker.failed:
            self.say(
                tr(
                    "{made} made and proved, {failed} failed: select a failed cell to see why.",
                    made=made,
                    failed=maker.failed,
                )
            )
        elif maker.done == 1:
            self.say(tr("1 made, and it passed its proof."))
        else:
            self.say(tr("{made} made, and every one passed its proof.", made=made))
