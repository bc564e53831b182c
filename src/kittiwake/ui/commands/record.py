"""Commands at the microphone."""

from __future__ import annotations

import numpy as np

from ...commands import command
from ...core.model import Line
from ...words import tr
from ..shell.context import Context


@command("record.open", "Record…", "Record a line at the microphone; it becomes a clip.", "V", menu="Record")
def open_record(at: Context) -> None:
    if at.bench.page == "record" and at.bench.page_of("record").recorder.busy:
        at.status.say(tr("A take goes on. It ends by itself when you are silent; Stop ends it now."))
        return
    at.status.say("")
    at.player.pause()
    at.bench.go_to("record")


@command(
    "record.list", "Lines to read…", "Record against a list: each line is shown, recorded and checked.", menu="Record"
)
def record_list(at: Context) -> None:
    from ..dialogs.list_dialog import ListDialog

    if at.bench.page != "record":
        open_record(at)
    page = at.bench.page_of("record")
    written = tuple(Line(line.name, line.text) for line in at.session.project.job.script.lines)
    dialog = ListDialog(at.window, page.lines or written, 0)
    dialog.accepted.connect(lambda: page.take_list(dialog.lines))
    dialog.open()


def count_in(at: Context, left: int) -> None:
    """One beat: a short tone, the last one higher."""
    rate, seconds = 48_000, 0.08
    times = np.arange(round(rate * seconds)) / rate
    pitch = 1320.0 if left == 1 else 880.0
    tone = 0.2 * np.sin(2 * np.pi * pitch * times) * np.sin(np.pi * times / seconds) ** 2
    at.player.load_sound(tr("Count-in"), tone.astype(np.float32), rate)
    at.player.play()
