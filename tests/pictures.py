"""Takes the pictures in docs/screenshots from the demo job: ``./run pictures [FOLDER]``."""

from __future__ import annotations

import os
import shutil
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

from PySide6.QtWidgets import QApplication

from kittiwake.core.cut import read_lines
from kittiwake.core.standin.microphone import READING
from kittiwake.ui.headerless_dialog import HeaderlessDialog
from kittiwake.ui.receiver_chooser import ReceiverChooser
from kittiwake.ui.start import DEMO, make_app, settle
from kittiwake.ui.touch_dialog import TouchDialog
from kittiwake.ui.window import Window

FOLDER = Path(__file__).resolve().parents[1] / "docs" / "screenshots"


def shoot_voice(app: QApplication, window: Window, shoot: Callable[[str], None]) -> None:
    """Cutting, takes and recording."""

    def until(condition: Callable[[], object], seconds: float = 30.0) -> None:
        end = time.monotonic() + seconds
        while not condition() and time.monotonic() < end:
            app.processEvents()
            time.sleep(0.01)

    lines = tuple(read_lines((READING / "Season list.csv").read_text("utf-8")))
    page = window.bench.cut_page
    window.run("cut.demo")
    until(lambda: page._activity is not None)
    until(lambda: page.wave._picture and page.wave._picture._samples is not None)
    shoot("uncut")
    page.search()
    page.work.take_list(lines)
    page.listen_for_names()
    until(lambda: page.ear.all_button.isEnabled())
    page.choose(page._cut.spans[8].id)
    page.wave.show_range(18 * page.rate, 40 * page.rate)
    shoot("by-ear")
    page.ear.end()
    spans = page._cut.spans
    page.choose(spans[7].id)
    page.drop()
    page.choose(page._cut.spans[24].id)
    page.work.another_take()
    page.choose(page._cut.spans[8].id)
    page.wave.show_range(24 * page.rate, 38 * page.rate)
    page.wave.point_at(page._cut.spans[8].start + 9000)
    shoot("cut")
    window.use_colours(False)
    page.choose(page._cut.spans[24].id)
    page.wave.show_range(98 * page.rate, 108 * page.rate)
    page.wave.show_kind("spectrum")
    shoot("takes")
    page.wave.show_kind("level")
    window.run("record.open")
    record = window.bench.record_page
    record.take_list(lines)
    record.go()
    until(lambda: record.recorder.state == "recording" and record.recorder.seconds > 1.4)
    window.grab().save(str(FOLDER_OF[0] / "record.png"))
    until(lambda: record.recorder.state == "open")
    window.bench.show_levels()
    window.board.setFocus()
    clips = [clip for clip in window.session.project.job.clips if clip.name.startswith("boarding")]
    dialog = TouchDialog(window, [clip.touch_up for clip in clips])
    dialog.numbers["speed"].setValue(6)
    dialog.show()
    until(lambda: False, 0.3)
    dialog.grab().save(str(FOLDER_OF[0] / "touch-up.png"))
    dialog.reject()


def shoot_beginning(window: Window, shoot: Callable[[str], None], folder: Path) -> None:
    """The empty board, and the chooser with a wish typed into it."""
    window.session.project.begin(("phone-menu",))
    shoot("start")
    window.run("receiver.choose")
    dialog = window.findChild(ReceiverChooser)
    assert isinstance(dialog, ReceiverChooser)
    dialog.field.setText("mp3 192k stereo")
    QApplication.processEvents()
    dialog.grab().save(str(folder / "chooser.png"))
    dialog.reject()


def shoot_headerless(window: Window, shoot: Callable[[str], None]) -> None:
    """The dialog that states how to read a file without a header, over the board."""
    clip = next(c for c in window.session.project.job.clips if c.source.suffix == ".dat")
    window.board.select(clip.id)
    window.run("edit.headerless")
    dialog = window.findChild(HeaderlessDialog)
    assert isinstance(dialog, HeaderlessDialog)
    end = time.monotonic() + 30
    while dialog.list.count() < 2 and time.monotonic() < end:
        QApplication.processEvents()
        time.sleep(0.01)
    dialog.list.setCurrentRow(0)
    QApplication.processEvents()
    dialog.grab().save(str(FOLDER_OF[0] / "headerless.png"))
    dialog.reject()


#: Where the pictures go.
FOLDER_OF = [FOLDER]


def main() -> None:
    folder = Path(sys.argv[1]) if len(sys.argv) > 1 else FOLDER
    folder.mkdir(parents=True, exist_ok=True)
    FOLDER_OF[0] = folder
    # A home that looks the same on every machine.
    home = Path(tempfile.mkdtemp(prefix="kittiwake-home-"))
    for name in ("HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_STATE_HOME", "XDG_CACHE_HOME"):
        os.environ[name] = str(home if name == "HOME" else home / name)
    app = make_app()
    window = Window()
    window.use_colours(False)
    window.resize(1280, 800)
    window.show()

    def shoot(name: str) -> None:
        settle(app, window, 20)
        window.grab().save(str(folder / f"{name}.png"))

    window.player.find_out()
    shoot_beginning(window, shoot, folder)
    place = home / "Brinmar"
    shutil.copytree(DEMO.parent / "sounds", place / "sounds")
    shutil.copy(DEMO, place)
    window.open_job(place / DEMO.name)
    window.board.setFocus()
    settle(app, window)
    window.session.project.change("output", window.session.project.job.changed(output=str(place / "outputs")))
    window.board.select("demo-01")
    shoot("board")
    clip = next(c for c in window.session.project.job.clips if c.name == "Pier two")
    window.board.select(clip.id)
    shoot("clip")
    fares = next(c for c in window.session.project.job.clips if c.name == "Spring fares")
    window.board.select(fares.id)
    shoot("suspicion")
    shoot_headerless(window, shoot)
    window.run("view.levels")
    shoot("levels")
    window.bench.show_choice(None, window.session.project.receiver("quay-beacon"))
    shoot("receiver")
    notice = next(c for c in window.session.project.job.clips if c.name == "Safety notice")
    window.board.select(notice.id, "quay-beacon")
    shoot("decide")
    window.run("make.all")
    settle(app, window)
    window.board.select(clip.id, "phone-menu")
    shoot("cell")
    quay = next(c for c in window.session.project.job.clips if c.name == "Car deck")
    window.board.select(quay.id, "quay-beacon")
    window.run("standin.hand")
    shoot("beacon")
    window.board.select(notice.id)
    window.run("ear.compare")
    while window.bench.compare_page.busy:
        app.processEvents()
    window.bench.compare_page.table.setCurrentCell(1, 0)
    shoot("compare")
    window.use_colours(True)
    window.board.select(clip.id, "speech-engine")
    shoot("cell-dark")
    window.session.project.history.mark_clean()
    shoot_voice(app, window, shoot)
    shutil.rmtree(home)
    window.session.project.history.mark_clean()
    window.shut_down()


if __name__ == "__main__":
    main()
