"""Takes the pictures in docs/screenshots from the demo job: ``./run pictures [FOLDER]``."""

from __future__ import annotations

import os
import shutil
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path
from unittest import mock

import soundfile
from PySide6.QtWidgets import QApplication

from kittiwake.bundled.services.core import costs
from kittiwake.demo import SHIPPED as DEMO
from kittiwake.ui.dialogs.receiver_chooser import ReceiverChooser
from kittiwake.ui.dialogs.touch_dialog import TouchDialog
from kittiwake.ui.shell.start import make_app, settle
from kittiwake.ui.shell.window import Window
from kittiwake.work.cut import read_lines
from kittiwake.work.deliver import plan_of, send
from kittiwake.work.project import edits
from kittiwake.work.project.handing import items_of
from kittiwake.work.script.respell import parsed
from kittiwake.work.script.table import read_text
from kittiwake.work.standin.judge import judged
from kittiwake.work.standin.microphone import READING
from tests.bundled.music.core.test_hold import RATE, music

FOLDER = Path(__file__).resolve().parents[1] / "docs" / "screenshots"


def shoot_voice(window: Window, shoot: Callable[[str], None]) -> None:
    """Cutting, takes and recording."""

    lines = tuple(read_lines((READING / "Season list.csv").read_text("utf-8")))
    page = window.bench.page_of("cut")
    window.run("cut.demo")
    _until(lambda: page.finder.activity is not None)
    _until(lambda: page.wave.picture and page.wave.picture.has_samples)
    page.search()
    page.work.take_list(lines)
    spans = page.cut.spans
    page.choose(spans[7].id)
    page.drop()
    page.choose(page.cut.spans[24].id)
    page.work.another_take()
    page.choose(page.cut.spans[8].id)
    page.wave.show_range(24 * page.rate, 38 * page.rate)
    page.wave.point_at(page.cut.spans[8].start + 9000)
    shoot("cut")
    window.use_colours(False)
    window.run("record.open")
    record = window.bench.page_of("record")
    record.take_list(lines)
    record.go()
    _until(lambda: record.recorder.state == "recording" and record.recorder.seconds > 1.4)
    window.grab().save(str(FOLDER_OF[0] / "record.png"))
    _until(lambda: record.recorder.state == "open")
    window.bench.go_to("levels")
    window.board.setFocus()
    clips = [clip for clip in window.session.project.job.clips if clip.name.startswith("boarding")]
    dialog = TouchDialog(window, [clip.touch_up for clip in clips])
    dialog.numbers["speed"].setValue(6)
    dialog.show()
    _until(lambda: False, 0.3)
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


SCRIPT = """name\ttext\tkind\tfor
berth 1\tBerth 1 is open.\t\t
berth 2\tBerth 2 is open.\t\t
berth 3\tBerth 3 is closed until further notice, because of the swell.\t\tDeck radio
to Skerrow\tThis boat goes to Skerrow.\t\t
to Tarn Holm\tThis boat goes to Tarn Holm.\t\t
muster\tPlease go to the muster station on deck 4.\talert\t
fog\tThe sailing at 9:05 waits for the fog to lift.\t\tPhone menu
kiosk\tThe kiosk on the upper deck is open.\t\tDeck radio
"""


def shoot_made(window: Window, shoot: Callable[[str], None], place: Path) -> None:
    """What nobody recorded: a script, a tone, hold music."""
    window.session.project.begin(("phone-menu", "deck-radio"))
    window.run("script.open")
    page = window.bench.page_of("script")
    page.take_table(read_text(SCRIPT), "read")
    page.put("respellings", page.script.changed(respellings=parsed("Skerrow = Scarrow\n#:# = # #")))
    page.speaker.speak_all()
    _until(lambda: not page.worker.busy)
    page.table.set_current(2, 1)
    page.table.setFocus()
    shoot("script")
    window.run("tone.open")
    window.bench.page_of("tone").typed.setText("germany special information")
    shoot("tone")
    path = place / "Harbour waltz.wav"
    soundfile.write(path, music(16), RATE)
    window.session.project.add_sources([path])
    settle(QApplication.instance(), window, 20)
    window.board.select(window.session.project.job.clips[-1].id)
    window.run("music.open")
    holder = window.bench.page_of("music")
    _until(lambda: not holder.worker.busy)
    holder.length.setText("10:00")
    holder.rights["holder"].setText("Brinmar Ferries")
    holder.rights["licence"].setText("own work")
    shoot("music")


def shoot_machines(app: QApplication, window: Window, shoot: Callable[[str], None], place: Path) -> None:
    """A telephone menu, and a radio that holds a set."""
    project = window.session.project
    edits.choose_receivers(project, ["phone-menu", "deck-radio"])
    settle(app, window)
    window.run("make.all")
    settle(app, window)
    window.run("phone.open")
    page = window.bench.page_of("phone")
    for count in (6, 4, 4):
        for _ in range(count):
            page.assign_current()
        if count != 4 or len(page.plan.menus) < 3:
            page.make_menu()
    for key in ("5", "1"):
        page.press(key)
        _until(lambda: not page.worker.busy)
    window.player.pause()
    shoot("phone")
    radio = project.receiver("deck-radio")
    assert radio is not None
    items, _ = items_of(project, radio)
    plan = plan_of(items, radio, place / "outputs" / "deck-radio", place / "radio")
    link = window.bench.stand_ins.link("radio")
    send(plan, dict(judged(plan, link)))
    project.column_changed.emit("deck-radio")
    link.machine.turn("Gangway")  # type: ignore[attr-defined]
    window.bench.show_choice(None, radio)
    window.bench.stand_ins.refresh()
    window.bench.stand_ins.panel("radio").set_sounding(True)
    shoot("receiver")


#: What the demo's recordings say.
SAID = {
    "Car deck": "Please return to your vehicles now.",
    "Fog delay": "Because of fog, all sailings are delayed.",
    "Drill shout": "Muster drill! All hands to the boats!",
    "Gangway": "Mind the gangway.",
    "Harbour tour": "Our harbour tour leaves from pier three every hour.",
    "Hold the line": "Please hold the line.",
    "Main menu": "For sailings today, press one. For bookings, press two.",
    "Sailing times": "The next sailing to Skerrow leaves at ten fifteen.",
    "Spring fares": "Spring fares begin on the first of March.",
    "Welcome": "Welcome to Brinmar Ferries.",
}


def shoot_heard(app: QApplication, window: Window, shoot: Callable[[str], None]) -> None:
    """What the simulated service heard of the demo."""
    project = window.session.project
    edits.choose_receivers(project, ["speech-service"])
    clips = tuple(clip.changed(text=SAID.get(clip.name, "")) for clip in project.job.clips)
    project.change("texts", project.job.changed(clips=clips))
    settle(app, window)
    window.run("make.all")
    settle(app, window)
    window.run("service.hear")
    page = window.bench.page_of("heard")
    _until(lambda: not page.worker.busy, 120)
    page.table.set_current(0)
    shoot("heard")


def shoot_corpus(app: QApplication, window: Window, shoot: Callable[[str], None]) -> None:
    """How good the demo would be to train on; and what codecs cost in words."""
    page = window.bench.page_of("heard")
    sample = [
        one
        for one in costs.candidates()
        if one.form.container in ("wav", "amr", "ogg") or one.form.encoding in ("gsm", "g722")
    ]
    with mock.patch.object(costs, "candidates", return_value=sample):
        page.codecs_button.click()
        _until(lambda: not page.costs.busy and len(page.costs.bars.costs) > 5, 600)
    shoot("codecs")
    edits.choose_receivers(window.session.project, ["corpus"])
    settle(app, window)
    window.run("corpus.show")
    corpus = window.bench.page_of("corpus")
    _until(lambda: not corpus.worker.busy and len(corpus.qualities) == len(corpus.rows), 120)
    corpus.rule_field.setText("snr >= 45 dB")
    corpus.add_rule()
    corpus.rule_field.setText("clipped <= 1 %")
    corpus.add_rule(flag=True)
    corpus.rule_field.setText("reverb < 0.3 s")
    corpus.show_measure("level")
    _until(lambda: not corpus.later.isActive())
    shoot("corpus")


def _until(condition: Callable[[], object], seconds: float = 30.0) -> None:
    end = time.monotonic() + seconds
    while not condition() and time.monotonic() < end:
        QApplication.processEvents()
        time.sleep(0.01)


#: Where the pictures go.
FOLDER_OF = [FOLDER]


def main() -> None:
    """All pictures, one after the other, of one window: that is why it is long."""
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
    notice = next(c for c in window.session.project.job.clips if c.name == "Safety notice")
    window.board.select(notice.id, "quay-beacon")
    shoot("decide")
    window.run("make.all")
    settle(app, window)
    quay = next(c for c in window.session.project.job.clips if c.name == "Car deck")
    window.board.select(quay.id, "quay-beacon")
    window.run("standin.hand")
    shoot("beacon")
    window.board.select(notice.id)
    window.run("ear.compare")
    while window.bench.page_of("compare").worker.busy:
        app.processEvents()
    window.bench.page_of("compare").table.set_current(1)
    shoot("compare")
    window.use_colours(True)
    window.board.select(clip.id, "speech-engine")
    shoot("cell-dark")
    window.session.project.history.mark_clean()
    window.use_colours(False)
    shoot_machines(app, window, shoot, place)
    shoot_heard(app, window, shoot)
    shoot_corpus(app, window, shoot)
    shoot_voice(window, shoot)
    window.session.project.history.mark_clean()
    shoot_made(window, shoot, home)
    shutil.rmtree(home)
    window.session.project.history.mark_clean()
    window.shut_down()


if __name__ == "__main__":
    main()
