"""Commands of cutting, and spans in open forms."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QFileDialog, QMessageBox

from ...commands import command, key_of
from ...core.disk.place import part_file, put_in_place, sync_files
from ...core.errors import KittiwakeError, reason_of
from ...core.model import Line
from ...core.model.span import START, STOP, in_order
from ...words import phrase, tr
from ...work.cut import shown_names
from ...work.project import edits
from ..dialogs.ask import chosen, where_to_save
from ..shell.context import Context

if TYPE_CHECKING:
    from ..places.cut.page import CutPage


def _of_page(id_: str, text: str, help_: str, *keys: str, does: Callable[[CutPage], object]) -> None:
    """Register a command that is done by the page where one cuts, if that is on show."""

    def run(at: Context) -> None:
        if _cutting(at):
            does(at.bench.page_of("cut"))

    command(id_, text, help_, *keys, menu="Cut")(run)


@command(
    "cut.open",
    "Cut into clips",
    "Cut the selected recording into clips; its speech is found at once.",
    "K",
    menu="Cut",
)
def open_cut(at: Context) -> None:
    clip = at.board.current_clip()
    if clip is None:
        at.status.say(tr("Select a recording to cut it into clips."))
        return
    facts = at.session.project.facts.get(clip.source)
    if facts is not None and not facts.ok:
        at.status.say(tr("{name} cannot be read, so it cannot be cut.", name=clip.name))
        return
    at.status.say("")
    at.bench.go_to("cut", clip)


_of_page(
    "cut.find",
    phrase("Find the speech"),
    phrase("Search again with the settings as they are; names and set edges stay."),
    "F",
    does=lambda page: page.search(),
)


@command("cut.list", "Names from a list…", "Give the clips their names in order.", "Ctrl+L", menu="Cut")
def names_from_list(at: Context) -> None:
    from ..dialogs.list_dialog import ListDialog

    if not _cutting(at):
        return
    page: CutPage = at.bench.page_of("cut")
    cut = at.session.project.cut_of(page.source) if page.source else None
    if cut is None:
        return
    written = tuple(Line(line.name, line.text) for line in at.session.project.job.script.lines)
    dialog = ListDialog(
        at.window, cut.lines or written, sum(not span.aside and not span.take_of for span in cut.spans)
    )
    dialog.accepted.connect(lambda: page.work.take_list(dialog.lines))
    dialog.open()


_of_page(
    "cut.listen",
    phrase("Suggest names by ear"),
    phrase("The speech engine listens for the lines of the list in every span; nothing is named before you take it."),
    "Ctrl+B",
    does=lambda page: page.listen_for_names(),
)


_of_page(
    "cut.take_heard",
    phrase("Take the suggestion"),
    phrase("Name the chosen span as heard, and go on."),
    "Ctrl+Shift+Return",
    does=lambda page: page.take_heard(),
)


_of_page(
    "cut.take_all_heard",
    phrase("Take all suggestions"),
    phrase("Name every span as heard; the same line twice in a row is taken as two takes."),
    does=lambda page: page.ear.take_every(),
)


_of_page(
    "cut.name",
    phrase("Name the span"),
    phrase("Type a name (Enter does it on the waveform too); Enter goes on to the next and plays it."),
    "N",
    does=lambda page: page.begin_to_name(),
)


_of_page(
    "cut.drop",
    phrase("Set aside, or take back"),
    phrase("A flub or a cough is kept, but not delivered (Del does it too)."),
    "W",
    does=lambda page: page.drop(),
)


_of_page(
    "cut.start",
    phrase("Start at the cursor"),
    phrase("Move the start of the chosen span to the cursor, or to where it is heard."),
    "I",
    does=lambda page: page.work.edge_to(START, page.here()),
)
_of_page(
    "cut.stop",
    phrase("End at the cursor"),
    phrase("Move the end of the chosen span to the cursor, or to where it is heard."),
    "O",
    does=lambda page: page.work.edge_to(STOP, page.here()),
)
_of_page(
    "cut.leave_out",
    phrase("Leave out from here to here"),
    phrase("Press it where a cough begins and where it ends; once more inside takes it back."),
    "Q",
    does=lambda page: page.work.leave_out(page.here()),
)


_of_page(
    "cut.split",
    phrase("Split at the cursor"),
    phrase("Part the span under the cursor in two."),
    "X",
    does=lambda page: page.work.split(page.here()),
)
_of_page(
    "cut.join",
    phrase("Join"),
    phrase("Make one span of the chosen one and the next, or of all that are selected."),
    "J",
    does=lambda page: page.work.join(page.picked()),
)
_of_page(
    "cut.delete",
    phrase("Delete the spans"),
    phrase("Take the selected spans away; the recording stays."),
    "Shift+Delete",
    does=lambda page: page.work.delete(page.picked()),
)
_of_page(
    "cut.new",
    phrase("New span by its times"),
    phrase("Type start, end and name of a span: 0:00 to 1:05 Welcome."),
    "Ctrl+I",
    does=lambda page: page.typed.setFocus(),
)
_of_page(
    "cut.without_pauses",
    phrase("Without the pauses, as one clip"),
    phrase("One clip more, from the first span to the last, without what lies between them."),
    does=lambda page: page.work.without_pauses(),
)
_of_page(
    "cut.take",
    phrase("Another take of the line before"),
    phrase("Deliver it in place of the one before; again takes that back."),
    "Y",
    does=lambda page: page.work.another_take(),
)


_of_page(
    "cut.next_take",
    phrase("Choose the next take"),
    phrase("Deliver another take of this line, and hear it."),
    "U",
    does=lambda page: page.next_take(),
)
_of_page(
    "cut.between",
    phrase("Span of the pause after"),
    phrase("Keep what lies between this span and the next."),
    "G",
    does=lambda page: page.work.between(),
)
_of_page(
    "cut.spectrum",
    phrase("Level, waveform or spectrogram"),
    phrase("See the sound by its level, by its shape, or by its frequencies."),
    "A",
    does=lambda page: page.show_next_view(),
)


_of_page(
    "cut.seen",
    phrase("What the search saw"),
    phrase("Over the sound: its level, what it had to reach, and where a voice was heard."),
    "Shift+A",
    does=lambda page: page.show_seen(),
)


_of_page(
    "cut.nearer",
    phrase("Nearer"),
    phrase("Show less of the source, larger."),
    "+",
    "=",
    does=lambda page: page.wave.zoom(1.6),
)
_of_page(
    "cut.farther",
    phrase("Farther"),
    phrase("Show more of the source, smaller."),
    "-",
    does=lambda page: page.wave.zoom(1 / 1.6),
)
_of_page(
    "cut.near",
    phrase("Look at the span"),
    phrase("Show the chosen span as large as it goes."),
    "Z",
    does=lambda page: page.look_near(),
)
_of_page(
    "cut.whole",
    phrase("Look at all of it"),
    phrase("Show the whole source."),
    "0",
    does=lambda page: page.wave.show_all(),
)


@command(
    "cut.demo", "Try it on the demo reading", "Put a reading of forty lines on the board, and cut it.", menu="Cut"
)
def cut_demo(at: Context) -> None:
    from ...demo import own_reading

    folder = own_reading()
    reading = folder / tr("Season reading.flac")
    at.session.project.add_sources([reading])
    clip = next(clip for clip in at.session.project.job.clips if clip.source == reading)
    at.board.select(clip.id)
    open_cut(at)
    at.status.say(tr("Its list of names is {reading}; Ctrl+L takes it.", reading=folder / tr("Season list.csv")))


@command(
    "cut.import", "Take spans from a file…", "A table (CSV, TSV), WebVTT, or the cue points of a WAV.", menu="Cut"
)
def import_spans(at: Context) -> None:
    if not _cutting(at):
        return
    name, _ = QFileDialog.getOpenFileName(
        at.window, tr("Take spans from a file"), filter=tr("Spans (*.csv *.tsv *.txt *.vtt *.wav);;All files (*)")
    )
    if not name:
        return
    page: CutPage = at.bench.page_of("cut")
    there = len(at.session.project.cut_of(page.source).spans) if page.source else 0
    add, over, role = tr("Add to them"), tr("Replace them"), QMessageBox.ButtonRole
    answer = add
    if there:
        answer = chosen(
            at.window,
            tr("Spans from a file"),
            tr("There are {n} spans already.", "There is {n} span already.", there, n=there),
            tr("{key} takes either back.", key=key_of("edit.undo")),
            {add: role.AcceptRole, over: role.DestructiveRole, "Cancel": role.RejectRole},
            add,
        )
    if answer in (add, over):
        at.attempt(lambda: take_spans(at, Path(name), replace=answer == over))


@command("cut.export", "Write the spans…", "As a table (CSV, TSV), WebVTT, or a WAV with cue points.", menu="Cut")
def export_spans(at: Context) -> None:
    if not _cutting(at):
        return
    source = at.bench.page_of("cut").source
    if source is None:
        return
    start = Path.home() / f"{source.stem} spans.csv"
    filters = tr("CSV (*.csv);;TSV (*.tsv);;WebVTT (*.vtt);;WAV with cue points (*.wav)")
    path = where_to_save(at.window, tr("Write the spans"), start, filters, (tr(".csv"), ".tsv", ".vtt", ".wav"))
    if path:
        at.attempt(lambda: write_spans(at, path))


def _cutting(at: Context) -> bool:
    """Whether the bench is cutting; says so where it is not."""
    if at.bench.page == "cut":
        return True
    at.status.say(tr("K cuts the selected recording into clips."))
    return False


def take_spans(at: Context, path: Path, *, replace: bool = False) -> None:
    """Add the spans of a file to those that are there, or put them in their place.

    Raises
    ------
    KittiwakeError : there are none in it.
    """
    from ...work.cut.forms import read_marks, spans_of

    page: CutPage = at.bench.page_of("cut")
    facts = at.session.project.facts.get(page.source) if page.source else None
    if page.source is None or facts is None or facts.measures is None:
        return
    fresh = spans_of(read_marks(path), page.rate, facts.measures.frames)
    cut = at.session.project.cut_of(page.source)
    edits.put_cut(
        at.session.project,
        tr("taking {count} spans", "taking {count} span", len(fresh), count=len(fresh)),
        page.source,
        cut.changed(spans=in_order([*(() if replace else cut.spans), *fresh])),
    )
    at.status.say(
        tr(
            "{count} spans taken from {name}.",
            "{count} span taken from {name}.",
            len(fresh),
            count=len(fresh),
            name=path.name,
        )
    )


def write_spans(at: Context, path: Path) -> None:
    """Write the spans in the form that the ending of ``path`` names; a WAV holds the source's sound besides.

    Raises
    ------
    KittiwakeError
    """
    from ...work.cut.export import write_marks
    from ...work.cut.forms import marks_of
    from ..shell.waiting import Waiting

    page: CutPage = at.bench.page_of("cut")
    if page.source is None:
        return
    spans = at.session.project.cut_of(page.source).spans
    marks = marks_of(spans, shown_names(spans, page.source.stem), page.rate)
    source, stated = page.source, at.session.project.job.stated.get(page.source)
    try:
        if path.exists() and path.samefile(source):
            raise KittiwakeError(tr("That is the recording itself."), tr("Choose another name."), "own_source")
        form = path.suffix.lower()
        with part_file(path.parent) as part:
            if form == ".wav":  # all of the sound goes with it
                with Waiting(
                    at.window, tr("Writing {name} …", name=path.name), tr("{name} was not written.", name=path.name)
                ) as waiting:
                    waiting.result_of(lambda checkpoint: write_marks(part, form, source, stated, marks, checkpoint))
            else:
                write_marks(part, form, source, stated, marks)
            sync_files([part])
            put_in_place(part, path, replace=True)
    except (OSError, ValueError) as error:
        why = reason_of(error) if isinstance(error, OSError) else str(error)
        raise KittiwakeError(
            tr("{name} could not be written: {why}.", name=path.name, why=why), tr("Choose another folder."), "spans"
        ) from error
    at.status.say(
        tr("{n} spans written to {name}.", "{n} span written to {name}.", len(marks), n=len(marks), name=path.name)
    )
