"""Every screen there is, by what shows it: the pages of the bench, and the dialogs over the window."""

from __future__ import annotations

import json
from collections.abc import Callable, Iterator
from pathlib import Path
from typing import Any
from unittest import mock

from PySide6.QtWidgets import QApplication, QWidget

from kittiwake import commands
from kittiwake.core.extensions import extensions
from kittiwake.core.fit import Fit
from kittiwake.core.make.compare import Comparison, candidates
from kittiwake.core.make.ledger import Entry
from kittiwake.ui.dialogs.deliver_dialog import DeliverDialog
from kittiwake.ui.dialogs.forms_dialog import FormsDialog
from kittiwake.ui.dialogs.headerless_dialog import HeaderlessDialog
from kittiwake.ui.dialogs.list_dialog import ListDialog
from kittiwake.ui.dialogs.palette import KeyList, Palette
from kittiwake.ui.dialogs.rate_dialog import RateDialog
from kittiwake.ui.dialogs.receiver_chooser import ReceiverChooser
from kittiwake.ui.dialogs.recent_dialog import RecentDialog
from kittiwake.ui.dialogs.replace_dialog import ReplaceDialog
from kittiwake.ui.dialogs.respelling_dialog import RespellingDialog
from kittiwake.ui.dialogs.touch_dialog import TouchDialog
from kittiwake.ui.dialogs.unwanted_dialog import UnwantedDialog
from kittiwake.ui.dialogs.watch_dialog import WatchDialog
from kittiwake.ui.ear.blind_dialog import BlindDialog
from kittiwake.ui.ear.line_dialog import LineDialog
from kittiwake.ui.places.place import places
from kittiwake.ui.settings.keys import KeyDialog
from kittiwake.ui.settings.page import SettingsPage
from kittiwake.ui.shell.window import Window
from kittiwake.work.cut import Line
from kittiwake.work.deliver.item import Item
from kittiwake.work.script.respell import parsed
from tests.sounds import DEMO


class Compared:
    """In place of the worker that tries every codec: what it would tell, at once."""

    def __init__(self, *_: object, **__: object) -> None:
        pass

    def ask(self, task: object, cancelled: object, progress: Callable[[Comparison], object]) -> str:
        for n, one in enumerate(candidates()):
            progress(
                Comparison(one, 48_213 + n, 128.25, 5.3, 12.4 if n else None, 9.9, 0.987, Path(), Fit("convert"))
            )
        return ""

    def close(self) -> None:
        pass


def measured(tasks: list[tuple[Any, ...]], *_: object) -> Iterator[list[Any]]:
    """In place of the workers that measure a corpus."""
    from kittiwake.bundled.corpus.core.quality import Quality
    from kittiwake.bundled.corpus.core.store import Measured

    found = Quality(3.25, -26.5, 31.2, -61.0, 7400.0, 82.0, 0.31, 4.5, 0.02, 0.1, 1.0, 0.25, 0.4, 14.2)
    for task in tasks:
        yield [Measured(one.id, "", json.dumps(found.to_dict()), None, None, found.seconds) for one in task]


#: What streams of a film are called in it.
STREAMS = ("English, 2 channels", "German, 2 channels")
Until = Callable[[Callable[[], object]], None]


def pages(window: Window, until: Until) -> list[tuple[str, Callable[[], object]]]:
    """Every page of the bench on the demo job; ``until`` waits for something to be so."""
    project = window.session.project
    notice, welcome = (
        next(clip.id for clip in project.job.clips if clip.name == name) for name in ("Safety notice", "Welcome")
    )

    def run(command: str, done: Callable[[], object] = lambda: True) -> Callable[[], object]:
        def shown() -> None:
            window.board.select(notice, "quay-beacon")
            window.board.setFocus()
            window.run(command)
            until(done)

        return shown

    bench = window.bench

    def compare() -> None:
        with mock.patch("kittiwake.ui.places.compare.page.WorkerProcess", Compared):
            run("ear.compare", lambda: not bench.page_of("compare").worker.busy)()

    def corpus() -> None:
        with mock.patch("kittiwake.bundled.corpus.worker.measured_each", measured):
            run("corpus.show", lambda: not bench.page_of("corpus").worker.busy)()

    every = [
        ("cell", lambda: window.board.select(notice, "quay-beacon")), ("clip", lambda: window.board.select(welcome)),
        ("receiver", run("view.receiver")), ("levels", run("view.levels")), ("cut", run("cut.open", lambda: bench.page_of("cut").finder.activity is not None)),
        ("record", run("record.open")), ("script", run("script.open")), ("tone", run("tone.open")),
        ("music", run("music.open", lambda: not bench.page_of("music").worker.busy)), ("phone", run("phone.open")),
        ("compare", compare), ("corpus", corpus), ("heard", lambda: bench.go_to("heard", project.receivers[0])),
        ("costs", lambda: (bench.go_to("heard", project.receivers[0]), bench.page_of("heard").show_costs())),
    ]  # fmt: skip
    there = {one.key for one in places()} | ({"costs"} if "services" in extensions() else set())
    return [(name, show) for name, show in every if name in there]


def dialogs(window: Window, made: Path) -> Iterator[QWidget]:
    """Every dialog, on the demo job; ``made`` is a folder to work in."""
    project = window.session.project
    clip = project.job.clips[0]
    receiver = project.receivers[0]
    sample = made / "welcome.wav"
    made.mkdir(parents=True, exist_ok=True)
    sample.write_bytes((DEMO / "Welcome.wav").read_bytes())
    raw = made / "hold.ul"
    raw.write_bytes(sample.read_bytes()[44:20_000])
    window.board.select(clip.id)
    window.player.load_clip(project.cell(clip, receiver))
    entry = Entry("welcome.wav", "0" * 64, 20_000, str(clip.source), clip.name, receiver.slug, "f")
    item = Item(sample, "0" * 64, 20_000, 2.5, 8000, clip.name)
    lines = (Line("welcome", "Welcome aboard."), Line("deck", "Deck three is closed."))
    yield ReceiverChooser(window, ("phone-menu",), {})
    yield FormsDialog(window, "Two at the desk")
    yield TouchDialog(window, [clip.touch_up])
    settings = SettingsPage(window, window.settings)
    settings.caches.worker.wait()
    QApplication.processEvents()  # it has counted what is kept: what it says changes no more
    yield settings
    yield KeyDialog(window, commands.window_commands()[0])
    yield WatchDialog(window, window.watching, ("phone-menu",))
    yield DeliverDialog(window, receiver, [item], ["Berth change"], made, made / "handed")
    yield UnwantedDialog(window, [(sample, entry)])
    yield RecentDialog(window, [sample])
    yield RateDialog(window, 44_100, 44_100, 12.5, 3)
    yield HeaderlessDialog(window, raw, 2, None)
    yield HeaderlessDialog(window, sample, 0, None, STREAMS)
    yield ListDialog(window, lines, 3)
    if "corpus" in extensions():
        from kittiwake.bundled.corpus.rows_dialog import RowsDialog

        yield RowsDialog(window, project.job.clips)
    if "standins" in extensions():
        from kittiwake.bundled.standins.plan_dialog import PlanDialog

        yield PlanDialog(window, window.bench.page_of("phone").plan.to_toml())
    yield RespellingDialog(window, parsed("St = Saint"), ())
    yield ReplaceDialog(window)
    yield BlindDialog(window, window.player)
    yield LineDialog(window, window.player.line)
    yield Palette(window, window.qactions)
    yield KeyList(window)
