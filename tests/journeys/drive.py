"""Drives the real window with real keys, clicks and drops: ``python -m tests.journeys.drive JOURNEY FOLDER``.

Runs on the display in DISPLAY; keys and the mouse come from xdotool, as a person's would come from the X server.
"""

from __future__ import annotations

import faulthandler
import subprocess
import sys
import time
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QPoint
from PySide6.QtGui import QGuiApplication

from kittiwake.core.model.job import load_job, save_job
from kittiwake.demo import SHIPPED as DEMO
from kittiwake.ui.board.model import HEADS
from kittiwake.ui.shell.start import make_app
from kittiwake.ui.shell.window import Window

faulthandler.enable()
faulthandler.dump_traceback_later(280, exit=True)
FOLDER = Path(sys.argv[2])
app = make_app()
window = Window()
window.use_colours(False)
window.setGeometry(0, 0, 1280, 800)
window.show()
session, board = window.session, window.board
actions = 0


def wait(condition: Callable[[], object], what: str, seconds: float = 90.0) -> None:
    until = time.monotonic() + seconds
    while not condition():
        if time.monotonic() > until:
            raise AssertionError(f"this did not happen: {what}")
        app.processEvents()
        time.sleep(0.005)


def do(*words: object) -> None:
    """Let xdotool work while the window lives."""
    process = subprocess.Popen(["xdotool", *map(str, words)])
    wait(lambda: process.poll() is not None, f"xdotool {words}")
    assert process.returncode == 0, words
    end = time.monotonic() + 0.06
    wait(lambda: time.monotonic() > end, "a moment")


def key(name: str, *, counts: bool = True) -> None:
    global actions
    actions += counts
    do("key", name)


def move_to(point: QPoint) -> None:
    ratio = QGuiApplication.primaryScreen().devicePixelRatio()
    do("mousemove", round(point.x() * ratio), round(point.y() * ratio))


def click(name: str, slug: str | None) -> None:
    """Click a cell of the board, or a row head."""
    global actions
    actions += 1
    clip = next(c for c in session.project.job.clips if c.name == name)
    model = board.board_model
    row, column = model.row_of(clip.id), model.column_of(slug) if slug else 0
    assert row is not None and column is not None
    index = model.index(row, column)
    board.scrollTo(index)
    app.processEvents()
    move_to(board.viewport().mapToGlobal(board.visualRect(index).center()))
    do("click", 1)


def state(name: str, slug: str) -> str:
    clip, receiver = next(c for c in session.project.job.clips if c.name == name), session.project.receiver(slug)
    assert receiver
    return session.project.cell(clip, receiver).state


def counts() -> dict[str, int]:
    states = [cell.state for cell in session.project.cells()]
    return {word: states.count(word) for word in set(states)}


def focus() -> None:
    """There is no window manager here to give the keyboard to the window."""
    do("windowfocus", "--sync", int(window.winId()))
    wait(window.isActiveWindow, "the window has the keyboard")


def drop_and_make() -> None:
    """A folder is dropped, one key makes everything; then it is listened to and handed to the beacon."""
    global actions
    source = subprocess.Popen(
        [sys.executable, "-m", "tests.journeys.drag_source", str(DEMO.parent / "sounds")], stdout=subprocess.PIPE
    )
    assert source.stdout
    wait(lambda: source.stdout.readline() == b"ready\n", "the drag source is there")  # type: ignore[union-attr]
    time.sleep(0.3)
    do("mousemove", 1350, 50, "mousedown", 1)
    do("mousemove", 1340, 60)
    do("mousemove", 1200, 200)
    target = board.viewport().mapToGlobal(board.viewport().rect().center())
    do("mousemove", target.x() + 20, target.y())
    do("mousemove", target.x(), target.y())
    do("mouseup", 1)
    actions += 1
    wait(lambda: len(session.project.job.clips) == 27, "27 rows on the board")
    source.kill()
    focus()
    wait(lambda: not session.busy, "everything has been looked at")
    session.project.job = session.project.job.changed(output=str(FOLDER / "made"))
    key("m")
    wait(lambda: counts().get("made") == 68 and not window.maker.busy, "68 outputs made")
    assert actions <= 3, actions
    assert all(c.made.proof.passed for c in session.project.cells() if c.state == "made" and c.made and c.made.proof)
    assert counts() == {"made": 68, "decide": 7, "cannot": 6}, counts()
    print(f"from the drop to 68 proved outputs: {actions} actions")

    click("Main menu", "phone-menu")
    assert window.bench.currentWidget() is window.bench.page_of("cell")
    player = window.player
    key("space")
    wait(lambda: player.playing and player.position > 0.3, "it plays")
    for name, way in (("2", "output"), ("3", "line"), ("1", "source")):
        before = player.position
        key(name)
        assert player.way == way and player.playing
        assert 0 <= player.position - before < 0.8, (before, player.position)
    key("space")
    assert not player.playing

    click("Quay closed", "quay-beacon")
    key("b")
    held = window.bench.stand_ins.machine("beacon").held
    assert held and held.name == "Quay_closed.wav"
    key("p")
    wait(lambda: player.playing and player.position > 0.1, "the beacon plays")
    wait(lambda: not player.playing, "the beacon has played")


def by_keyboard_alone() -> None:
    """A job is opened, a decision taken and taken back, a clip named, one cell made; no mouse is touched."""
    job = load_job(DEMO)
    path = FOLDER / "mine.kittiwake"
    save_job(job.changed(output=str(FOLDER / "made")), path)
    window.open_job(path)
    board.setFocus()
    focus()
    wait(lambda: not session.busy, "everything has been looked at")
    row = next(n for n, c in enumerate(job.clips) if c.name == "Safety notice")
    for _ in range(row):
        key("Down")
    for _ in range(HEADS + 1):
        key("Right")
    assert board.currentIndex().row() == row
    assert state("Safety notice", "quay-beacon") == "decide"
    key("d")
    assert state("Safety notice", "quay-beacon") == "convert"
    key("ctrl+z")
    assert state("Safety notice", "quay-beacon") == "decide"
    key("ctrl+shift+z")
    key("shift+m")
    wait(lambda: state("Safety notice", "quay-beacon") == "made", "the notice is made")
    made = FOLDER / "made/quay-beacon/Safety_notice.wav"
    assert made.stat().st_size < 200_000
    key("F2")
    do("type", "--delay", 15, "Life jackets 2")
    key("Return")
    assert job.clips[row].name == "Safety notice"
    assert session.project.job.clips[row].name == "Life jackets 2", session.project.job.clips[row].name
    assert not window.player.playing
    key("ctrl+s")
    wait(lambda: load_job(path).clips[row].name == "Life jackets 2", "the job is saved")
    # Tab reaches every part of the window, and the focus is somewhere one can see.
    seen = set()
    key("F6")
    for _ in range(30):
        key("Tab")
        widget = app.focusWidget()
        assert widget and widget.isVisible()
        seen.add(widget)
    assert window.ear.play_button in seen and window.top.make_button in seen and board in seen
    key("ctrl+k")
    do("type", "--delay", 15, "dark")
    key("Return")
    wait(lambda: window.palette().window().color().lightness() < 90, "it is dark")
    print("done by keyboard alone")


def from_nothing() -> None:
    """With nothing on the board: a line is recorded, and made for the phone."""
    session.project.job = session.project.job.changed(output=str(FOLDER / "made"), receivers=("phone-menu",))
    session.project.receivers = session.project.receivers[:1]
    board.setFocus()
    focus()
    page = window.bench.page_of("record")
    key("v")
    wait(lambda: page.recorder.state == "open", "the microphone is open")
    key("Return")
    wait(lambda: page.recorder.state == "recording", "it records")
    wait(lambda: session.project.job.clips and page.recorder.state == "open", "it has ended by itself")
    assert "It can be used" in page.state.text(), page.state.text()
    key("m")
    wait(lambda: counts().get("made") == 1 and not window.maker.busy, "the prompt is made")
    assert actions <= 6, actions
    assert (FOLDER / "made/phone-menu/Recording.wav").stat().st_size > 8000
    print(f"from nothing to a made prompt: {actions} actions")


def cut_a_reading() -> None:
    """A reading is dropped, cut, its clips named by typing, and one of two takes chosen; no mouse is touched."""
    reading = DEMO.parent / "reading" / "Season reading.flac"
    session.project.job = session.project.job.changed(output=str(FOLDER / "made"), receivers=("phone-menu",))
    session.project.receivers = session.project.receivers[:1]
    window.add_paths([reading])
    board.setFocus()
    focus()
    wait(lambda: session.project.job.clips and not session.busy, "it has been looked at")
    key("k")
    wait(lambda: window.bench.page_of("cut").finder.activity is not None, "it has been listened to")
    key("f")
    wait(lambda: len(session.project.cut_of(reading).spans) == 42, "42 spans are found")
    key("Return")
    for name in ("welcome", "pier one"):
        do("type", "--delay", 15, name)
        key("Return")
        wait(lambda: window.player.playing, "the next clip plays by itself")
    key("Escape")
    for _ in range(5):
        key("Down")
    key("y")
    spans = session.project.cut_of(reading).spans
    assert [span.name for span in spans[:2]] == ["welcome", "pier one"]
    assert [span.aside for span in spans[6:8]] == [True, False], [span.aside for span in spans[:9]]
    key("bracketleft")
    before = spans[7].start
    key("Right")
    key("shift+Left")
    moved = session.project.cut_of(reading).spans[7].start - before
    assert moved == round(0.01 * 22050) - round(0.001 * 22050), moved
    key("m")
    wait(lambda: counts().get("made") == 41 and not window.maker.busy, "41 prompts are made")
    assert (FOLDER / "made/phone-menu/welcome.wav").exists()
    print("a reading cut by keys alone")


try:
    {"drop": drop_and_make, "keys": by_keyboard_alone, "record": from_nothing, "cut": cut_a_reading}[sys.argv[1]]()
    code = 0
except BaseException:
    import traceback

    traceback.print_exc()
    window.grab().save(str(FOLDER / "failed.png"))
    code = 1
window.session.project.history.mark_clean()
window.shut_down()
sys.stdout.flush()
import os  # noqa: E402

os._exit(code)
