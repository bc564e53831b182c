"""What can be done while cutting, as actions of the window."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QSplitter

from ..core.cut import shown_names
from ..core.cut.export import write_marks
from ..core.cut.forms import marks_of, read_marks, spans_of
from ..core.errors import KittiwakeError, reason_of
from ..core.make.place import part_file, put_in_place, sync_files
from ..core.model.span import START, STOP, in_order
from ..core.standin.microphone import READING
from .ask import where_to_save
from .bench.cut_page import CutPage
from .bench.list_dialog import ListDialog
from .deeds import Deeds
from .waiting import Waiting


def _page_does(what: Callable[[CutPage], None]) -> Callable[[CutDeeds], None]:
    """An action that is done by the page where one cuts, if that is on show."""

    def do(self: CutDeeds) -> None:
        if self._cutting():
            what(self.bench.cut_page)

    return do


class CutDeeds(Deeds):
    """The hands that cut."""

    splitter: QSplitter

    def do_cut_open(self) -> None:
        clip = self.board.current_clip()
        if clip is None:
            self.foot.say("Select a recording to cut it into clips.")
            return
        facts = self.session.facts.get(clip.source)
        if facts is not None and not facts.ok:
            self.foot.say(f"{clip.name} cannot be read, so it cannot be cut.")
            return
        self.foot.say("")
        self.bench.show_cut(clip)
        self._room_for_bench()

    def do_cut_demo(self) -> None:
        reading = READING / "Season reading.flac"
        self.session.add_sources([reading])
        clip = next(clip for clip in self.session.job.clips if clip.source == reading)
        self.board.select(clip.id)
        self.do_cut_open()
        self.foot.say(f"Its list of names is {READING / 'Season list.csv'}; Ctrl+L takes it.")

    def _room_for_bench(self) -> None:
        """Work on the bench needs more of it than looking does."""
        sizes = self.splitter.sizes()
        if sizes[1] < 0.6 * sum(sizes):
            self.splitter.setSizes([round(0.34 * sum(sizes)), round(0.66 * sum(sizes))])

    def _cutting(self) -> bool:
        """Whether the bench is cutting; says so where it is not."""
        if self.bench.currentWidget() is self.bench.cut_page:
            return True
        self.foot.say("K cuts the selected recording into clips.")
        return False

    def do_cut_list(self) -> None:
        if not self._cutting():
            return
        page = self.bench.cut_page
        cut = self.session.cut_of(page.source) if page.source else None
        if cut is None:
            return
        dialog = ListDialog(self, cut.lines, sum(not span.aside and not span.take_of for span in cut.spans))
        dialog.accepted.connect(lambda: page.take_list(dialog.lines))
        dialog.open()

    do_cut_find = _page_does(CutPage.search)
    do_cut_split = _page_does(CutPage.split)
    do_cut_join = _page_does(CutPage.join)
    do_cut_drop = _page_does(CutPage.drop)
    do_cut_start = _page_does(lambda page: page.edge_to_cursor(START))
    do_cut_stop = _page_does(lambda page: page.edge_to_cursor(STOP))
    do_cut_leave_out = _page_does(CutPage.leave_out)
    do_cut_take = _page_does(CutPage.another_take)
    do_cut_next_take = _page_does(CutPage.next_take)
    do_cut_between = _page_does(CutPage.between)
    do_cut_name = _page_does(CutPage.begin_to_name)
    do_cut_listen = _page_does(CutPage.listen_for_names)
    do_cut_take_heard = _page_does(CutPage.take_heard)
    do_cut_take_all_heard = _page_does(lambda page: page.ear.take_every())
    do_cut_nearer = _page_does(lambda page: page.wave.zoom(1.6))
    do_cut_farther = _page_does(lambda page: page.wave.zoom(1 / 1.6))
    do_cut_near = _page_does(CutPage.look_near)
    do_cut_whole = _page_does(lambda page: page.wave.show_all())
    do_cut_seen = _page_does(CutPage.show_seen)
    do_cut_spectrum = _page_does(lambda page: page.wave.show_spectrum(not page.wave.spectral))

    # -- spans in open forms ---------------------------------------------------------------------------------------

    def do_cut_import(self) -> None:
        if not self._cutting():
            return
        name, _ = QFileDialog.getOpenFileName(
            self, "Take spans from a file", filter="Spans (*.txt *.tsv *.csv *.vtt *.wav);;All files (*)"
        )
        if name:
            self._attempt(lambda: self.take_spans(Path(name)))

    def take_spans(self, path: Path) -> None:
        """Add the spans of a file to those that are there.

        Raises
        ------
        KittiwakeError : there are none in it.
        """
        page = self.bench.cut_page
        facts = self.session.facts.get(page.source) if page.source else None
        if page.source is None or facts is None or facts.measures is None:
            return
        fresh = spans_of(read_marks(path), page.rate, facts.measures.frames)
        cut = self.session.cut_of(page.source)
        self.session.put_cut(
            f"taking {len(fresh)} spans", page.source, cut.changed(spans=in_order([*cut.spans, *fresh]))
        )
        self.foot.say(f"{len(fresh)} spans taken from {path.name}.")

    def do_cut_export(self) -> None:
        if not self._cutting() or self.bench.cut_page.source is None:
            return
        start = Path.home() / f"{self.bench.cut_page.source.stem} spans.csv"
        filters = "CSV (*.csv);;Start, end and name with tabs (*.txt);;WebVTT (*.vtt);;WAV with cue points (*.wav)"
        path = where_to_save(self, "Write the spans", start, filters, (".csv", ".txt", ".tsv", ".vtt", ".wav"))
        if path:
            self._attempt(lambda: self.write_spans(path))

    def write_spans(self, path: Path) -> None:
        """Write the spans in the form that the ending of ``path`` names; a WAV holds the source's sound besides.

        Raises
        ------
        KittiwakeError
        """
        page = self.bench.cut_page
        if page.source is None:
            return
        spans = self.session.cut_of(page.source).spans
        marks = marks_of(spans, shown_names(spans, page.source.stem), page.rate)
        source, stated = page.source, self.session.job.stated.get(page.source)
        try:
            if path.exists() and path.samefile(source):
                raise KittiwakeError("That is the recording itself.", "Choose another name.", "own_source")
            form = path.suffix.lower()
            with part_file(path.parent) as part:
                if form == ".wav":  # all of the sound goes with it
                    with Waiting(self, f"Writing {path.name} …", f"{path.name} was not written.") as waiting:
                        waiting.result_of(lambda breathe: write_marks(part, form, source, stated, marks, breathe))
                else:
                    write_marks(part, form, source, stated, marks)
                sync_files([part])
                put_in_place(part, path, replace=True)
        except (OSError, ValueError) as error:
            why = reason_of(error) if isinstance(error, OSError) else str(error)
            raise KittiwakeError(
                f"{path.name} could not be written: {why}.", "Choose another folder.", "spans"
            ) from error
        self.foot.say(f"{len(marks)} span{'s' if len(marks) != 1 else ''} written to {path.name}.")
