"""What can be done while cutting, as actions of the window."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QSplitter

from ..core.codec import find_format
from ..core.codec.cues import add_cues
from ..core.cut import shown_names
from ..core.cut.forms import Mark, cues_of, marks_of, read_marks, spans_of, to_csv, to_labels, to_vtt
from ..core.errors import KittiwakeError, reason_of
from ..core.intake import open_sound
from ..core.model.span import START, STOP, in_order
from ..core.standin.microphone import READING
from .bench.cut_page import CutPage
from .bench.list_dialog import ListDialog
from .deeds import Deeds

_FORMS = {".txt": to_labels, ".tsv": to_labels, ".csv": to_csv, ".vtt": to_vtt}


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
        start = str(self.bench.cut_page.source.with_suffix("").name) + " spans.csv"
        name, _ = QFileDialog.getSaveFileName(
            self,
            "Write the spans",
            str(Path.home() / start),
            "CSV (*.csv);;Start, end and name with tabs (*.txt);;WebVTT (*.vtt);;WAV with cue points (*.wav)",
        )
        if name:
            self._attempt(lambda: self.write_spans(Path(name)))

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
        part = path.with_name(f".{path.name}.part")
        try:
            if path.exists() and path.samefile(page.source):
                raise KittiwakeError("That is the recording itself.", "Choose another name.", "own_source")
            if path.suffix.lower() == ".wav":
                self._write_wav(part, marks)
            else:
                part.write_text(_FORMS.get(path.suffix.lower(), to_labels)(marks), "utf-8")
            part.replace(path)
        except (OSError, ValueError) as error:
            part.unlink(missing_ok=True)
            why = reason_of(error) if isinstance(error, OSError) else str(error)
            raise KittiwakeError(
                f"{path.name} could not be written: {why}.", "Choose another folder.", "spans"
            ) from error
        self.foot.say(f"{len(marks)} spans written to {path.name}.")

    def _write_wav(self, part: Path, marks: list[Mark]) -> None:
        source = self.bench.cut_page.source
        assert source is not None
        reader = open_sound(source, self.session.job.stated.get(source))
        try:
            header = reader.header
            writer = find_format("wav", "pcm_s24").open(part, header.sample_rate, header.channels, dither="none")
            try:
                for block in reader.blocks():
                    writer.write(block)
            finally:
                writer.close()
            add_cues(part, cues_of(marks, header.sample_rate))
        finally:
            reader.close()
