"""Commands of the ear."""

from __future__ import annotations

from ...commands import command
from ...core.make.compare import Comparison
from ...words import tr
from ..shell.context import Context


@command("ear.play", "Play or pause", "Hear the selected clip or cell.", "Space", menu="Listen")
def play_or_pause(at: Context) -> None:
    if not at.player.playing:
        _reload(at)
    at.player.toggle()


@command("ear.source", "Hear the source", "Switch to the source at the same instant.", "1", menu="Listen")
def hear_source(at: Context) -> None:
    at.player.choose("source")


@command("ear.output", "Hear the output", "Switch to the output at the same instant.", "2", menu="Listen")
def hear_output(at: Context) -> None:
    at.player.choose("output")


@command("ear.flip", "Before or after", "Switch between source and output, at the same instant.", "/", menu="Listen")
def flip(at: Context) -> None:
    at.player.choose("output" if at.player.way == "source" else "source")


@command("ear.line", "Hear it on the line", "Switch to the telephone line at the same instant.", "3", menu="Listen")
def hear_line(at: Context) -> None:
    at.player.choose("line")


@command(
    "ear.line_settings",
    "The line…",
    "Codec, loss, jitter, noise and level of the line that is heard.",
    "Ctrl+3",
    menu="Listen",
)
def set_line(at: Context) -> None:
    from ..ear.line_dialog import LineDialog

    def made() -> LineDialog:
        dialog = LineDialog(at.window, at.player.line)
        dialog.changed.connect(at.player.set_line)
        at.player.line_heard.connect(dialog.say)
        return dialog

    at.show_one(LineDialog, made)


@command(
    "ear.blind", "Blind comparison…", "A, B and X: whether two ways of hearing can be told apart.", menu="Listen"
)
def compare_blind(at: Context) -> None:
    from ..ear.blind_dialog import BlindDialog

    _reload(at)
    if len(at.player.ways) < 2:
        at.status.say(tr("Select a clip or a cell that can be heard in two ways."))
        return
    at.player.pause()
    BlindDialog(at.window, at.player).open()


@command(
    "ear.compare",
    "Compare codecs",
    "Size, rate, signal to distortion and intelligibility of the clip in every codec.",
    "C",
    menu="Listen",
)
def compare_codecs(at: Context) -> None:
    clip = at.board.current_clip()
    facts = at.session.project.facts.get(clip.source) if clip else None
    if clip is None or facts is None or not facts.ok:
        at.status.say(tr("Select a clip that can be read, to compare codecs for it."))
        return
    at.player.pause()
    at.bench.go_to("compare", clip, facts)


def compare_clip(at: Context, clip_id: str) -> None:
    """What codecs make of a clip, wherever it is asked for."""
    at.board.select(clip_id)
    compare_codecs(at)


@command("ear.back", "Back to the start", "Play from the start.", "Home", menu="Listen")
def back_to_start(at: Context) -> None:
    at.player.seek(0.0)


def _reload(at: Context) -> None:
    """What is selected may have been made or changed since it was loaded."""
    if at.bench.page == "cut":
        if clip := at.bench.page_of("cut").to_hear():
            at.player.load_clip(at.session.project.cell(clip, at.session.project.any_receiver))
        return
    if at.bench.page == "record":
        return
    if at.bench.page not in ("receiver", "compare", "levels"):
        at.view.load_ear(at.board.current_clip(), at.board.current_receiver())


def hear_coded(at: Context, found: Comparison) -> None:
    """A line of the table of codecs was chosen."""
    clip = at.board.current_clip()
    facts = at.session.project.facts.get(clip.source) if clip else None
    if clip and facts:
        playing, way, seconds = at.player.playing, at.player.way, at.player.position
        at.player.load_coded(clip, facts, found)
        # Going down the list while it plays is switching too: the instant stays.
        at.player.choose(way if way in at.player.ways else "output")
        if playing:
            at.player.seek(seconds)
            at.player.play()


def hear_level(at: Context, clip_id: str) -> None:
    """The line of the level table that is current is what Space plays."""
    clip = at.session.project.clip(clip_id)
    if clip:
        at.view.load_ear(clip, None)
