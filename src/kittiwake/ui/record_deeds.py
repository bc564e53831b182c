"""What can be done while recording, as actions of the window."""

from __future__ import annotations

import numpy as np

from .bench.list_dialog import ListDialog
from .cut_deeds import CutDeeds


class RecordDeeds(CutDeeds):
    """The hands at the microphone."""

    def do_record_open(self) -> None:
        recorder = self.bench.record_page.recorder
        if self.bench.currentWidget() is self.bench.record_page and recorder.busy:
            self.foot.say("A take goes on. It ends by itself when you are silent; Stop ends it now.")
            return
        self.foot.say("")
        self.player.pause()
        self.bench.show_record()
        self._room_for_bench()

    def do_record_list(self) -> None:
        if self.bench.currentWidget() is not self.bench.record_page:
            self.do_record_open()
        page = self.bench.record_page
        dialog = ListDialog(self, page.lines, 0)
        dialog.accepted.connect(lambda: page.take_list(dialog.lines))
        dialog.open()

    def _count_in(self, left: int) -> None:
        """One beat: a short tone, the last one higher."""
        rate, seconds = 48_000, 0.08
        at = np.arange(round(rate * seconds)) / rate
        pitch = 1320.0 if left == 1 else 880.0
        tone = 0.2 * np.sin(2 * np.pi * pitch * at) * np.sin(np.pi * at / seconds) ** 2
        self.player.load_sound("Count-in", tone.astype(np.float32), rate)
        self.player.play()
