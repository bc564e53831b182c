"""The bench for hold music: a loop is found or given, its seam heard and measured, rights stated, and the whole put on the board."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from PySide6.QtCore import Signal
from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QVBoxLayout, QWidget

from .....core.errors import KittiwakeError
from .....core.intake.short import read_short
from .....core.model import Clip
from .....core.model.rights import Rights
from .....core.model.units import format_hz
from .....ui.commands.ear import compare_clip
from .....ui.places.place import PlacePage, Stop, place
from .....ui.shell.session import Session
from .....ui.theme.scale import scaled
from .....ui.widgets.button import Button
from .....ui.widgets.field import Field
from .....ui.widgets.said_box import SaidBox
from .....ui.widgets.worded import Choice, Label
from .....ui.workers.worker import Outcome
from .....words import decimal, in_words, joined, phrase, tr
from .....work.project import edits
from ...core.known_rights import keep_rights, rights_of
from ...core.making import HoldMusicResult, clip_of_hold, hold_beside
from ...core.recipe import MOST_SECONDS, RATES, RECIPE, HoldRecipe, Part
from ...worker import HoldMusicWorker
from .loop_picture import LoopPicture
from .times import clock_of, seconds_of

if TYPE_CHECKING:
    from .....ui.shell.context import Context

_SEAM_S = 2.5  # before and after the seam that are heard
_RIGHTS = (
    ("holder", phrase('Holder'), phrase('whose music it is')), ("licence", phrase('Licence'), phrase('by what callers may hear it')), ("proof", phrase('Proof'), phrase('an invoice, a page')),
    ("until", phrase('Until'), "2027-03-31"),
)  # fmt: skip


class MusicPage(PlacePage):
    """``heard`` asks to play a sound (name, samples, rate), ``compare_wanted`` to compare codecs for a clip of the board."""

    heard = Signal(str, object, int)
    compare_wanted = Signal(str)

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self.worker = HoldMusicWorker(self)
        self.recipe = HoldRecipe(tr("Hold music"))
        self.held: HoldMusicResult | None = None
        self._made: HoldRecipe | None = None  # what ``held`` came of
        self._clip: Clip | None = None  # that of the board which is edited
        self._then = ""
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 6, 14, 6)
        column.setSpacing(6)
        column.addLayout(self._head())
        self.picture = LoopPicture()
        column.addWidget(self.picture, 1)
        self.seam = Label(" ")
        self.seam.setWordWrap(True)
        column.addWidget(self.seam)
        column.addLayout(self._fields())
        column.addLayout(self._foot())
        self._connect()

    # -- putting together ------------------------------------------------------------------------------------------

    def _head(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(8)
        self.name = Field()
        self.name.setAccessibleName(tr("Name of the hold music"))
        label = Label(tr("&Name"))
        label.setBuddy(self.name)
        self.pieces = Label()
        self.pieces.setProperty("soft", True)
        self.find_button = Button(tr("Find a loop"))
        self.seam_button = Button(tr("Hear the seam"))
        self.seam_button.setToolTip(tr("Three times round"))
        for widget in (label, self.name, self.pieces):
            row.addWidget(widget, 1 if widget is not label else 0)
        row.addWidget(self.find_button)
        row.addWidget(self.seam_button)
        return row

    def _fields(self) -> QGridLayout:
        grid = QGridLayout()
        grid.setHorizontalSpacing(10)
        grid.setVerticalSpacing(5)
        self.start, self.stop, self.length = Field(), Field(), Field()
        for field, words in (
            (self.start, tr("Loop from")),
            (self.stop, tr("Loop to")),
            (self.length, tr("Length of the whole; empty is the loop once")),
        ):
            field.setAccessibleName(in_words(words))
            field.setFixedWidth(scaled(100))
        self.length.setPlaceholderText(tr("once"))
        self.rate, self.band = Choice(), Choice()
        self.rate.setAccessibleName(tr("Sample rate"))
        self.band.setAccessibleName(tr("What is kept of the music"))
        for rate in RATES:
            self.rate.addItem(format_hz(rate), rate)
        self.band.addItem(tr("telephone band"), "telephone")
        self.band.addItem(tr("all of it"), "full")
        self.boxes = {
            "fade": self._box(tr('seam over'), 0, 10, 0.05, 2, " s"), "lufs": self._box(tr("loudness"), -50, -8, 0.5, 1, " LUFS"),
            "limiter_db": self._box(tr("limiter"), 0, 12, 1, 0, " dB"), "every": self._box(tr("every"), 2, 3600, 5, 0, " s"),
            "duck_db": self._box(tr('music softer by'), 0, 60, 1, 0, " dB"),
        }  # fmt: skip
        self.messages = Choice()
        self.messages.setAccessibleName(tr("Message that is laid over the music"))
        rows = (
            (tr('Loop from'), self.start, tr("to"), self.stop, tr('seam over'), self.boxes["fade"]),
            (tr("length"), self.length, tr('loudness'), self.boxes["lufs"], tr('limiter'), self.boxes["limiter_db"]),
            (tr('Sample rate'), self.rate, tr('keep'), self.band, '', None),
            (tr('Message'), self.messages, tr('every'), self.boxes["every"], tr('music softer by'), self.boxes["duck_db"]),
        )  # fmt: skip
        for line, cells in enumerate(rows):
            for at, cell in enumerate(cells):
                if isinstance(cell, str) and cell:
                    grid.addWidget(Label(cell), line, at)
                elif isinstance(cell, QWidget):
                    grid.addWidget(cell, line, at, 1, 3 if cell is self.band else 1)
        self.rights: dict[str, Field] = {}
        for line, (key, words, hint) in enumerate(_RIGHTS):
            field = self.rights[key] = Field()
            field.textChanged.connect(self._rights_typed)
            field.setAccessibleName(f"{in_words(words)}: {in_words(hint)}")
            field.setPlaceholderText(in_words(hint))
            grid.addWidget(Label(words), line, 6)
            grid.addWidget(field, line, 7)
        self.rights_words = Label()
        self.rights_words.setProperty("soft", True)
        self.rights_words.setWordWrap(True)
        grid.addWidget(self.rights_words, 0, 8, len(_RIGHTS), 1)
        grid.setColumnStretch(7, 2)
        grid.setColumnStretch(8, 1)
        return grid

    def _box(self, name: str, low: float, high: float, step: float, digits: int, unit: str) -> SaidBox:
        box = SaidBox(name.capitalize())
        box.setAccessibleName(in_words(name))
        box.setRange(low, high)
        box.setSingleStep(step)
        box.setDecimals(digits)
        box.setSuffix(in_words(unit))
        box.setFixedWidth(scaled(110))
        box.beyond.connect(self.message)
        return box

    def _foot(self) -> QHBoxLayout:
        foot = QHBoxLayout()
        self.state = Label()
        foot.addWidget(self.state, 1)
        self.hear_button = Button(tr("Hear it"))
        self.compare_button = Button(tr("Compare codecs"))
        self.put_button = Button(tr("Put it on the board"))
        self.put_button.setProperty("main", True)
        for button in (self.hear_button, self.compare_button, self.put_button):
            foot.addWidget(button)
        return foot

    def _connect(self) -> None:
        self.find_button.clicked.connect(lambda: self._start("find"))
        self.seam_button.clicked.connect(lambda: self._start("seam"))
        self.hear_button.clicked.connect(lambda: self._start("hear"))
        self.put_button.clicked.connect(lambda: self._start("put"))
        self.compare_button.clicked.connect(self._compare)
        self.picture.moved.connect(self._drag)

    # -- what is shown ---------------------------------------------------------------------------------------------

    def begin(self, clips: list[Clip]) -> None:
        """For these clips of the board: hold music that was made is changed; else they are the pieces, with their spans."""
        known = hold_beside(clips[0].source) if len(clips) == 1 else None
        self._clip = clips[0] if known and clips else None
        self.held = self._made = None
        self.worker.drop()  # what was asked of other music is nothing to this
        if known is not None:
            self.recipe = known
        elif clips:
            project, parts = self._session.project, []
            for clip in clips:
                facts = project.facts.get(clip.source)
                rate = clip.rate_of(facts.header.sample_rate) if facts and facts.header else 48_000
                stop = None if clip.stop is None else clip.stop / rate
                parts.append(Part(str(clip.source.absolute()), clip.start / rate, stop))
            # A span that somebody marked is the loop; of whole files it is searched for.
            marked = len(parts) == 1 and not clips[0].whole_source
            name = clips[0].name if len(clips) == 1 else tr("Hold music")
            self.recipe = HoldRecipe(
                tr("{name} on hold", name=name), tuple(parts), rate=self._rate(), rights=rights_of(clips[0].source)
            )
            if marked:
                part = parts[0]
                self.recipe = self.recipe.changed(
                    parts=(Part(part.path),), loop=(part.start, part.stop) if part.stop is not None else None
                )
        self._show()
        if self.recipe.parts and clips:
            self._start("find")
        self.put_button.setFocus()

    def _rate(self) -> int:
        wanted = {one.rules.accepts[0].rate_for(8000) for one in self._session.project.receivers}
        return max((rate for rate in wanted if rate in RATES), default=8000)

    def _show(self) -> None:
        recipe = self.recipe
        self.name.setText(recipe.name)
        names = [Path(part.path).name for part in recipe.parts]
        self.pieces.setText(tr("of {pieces}", pieces=joined(names, tr(", then "))) if names else "")
        self._show_loop(recipe.loop)
        self.length.setText("" if recipe.seconds is None else decimal(clock_of(recipe.seconds)))
        self.rate.setCurrentIndex(max(0, self.rate.findData(recipe.rate)))
        self.band.setCurrentIndex(max(0, self.band.findData(recipe.band)))
        for key, box in self.boxes.items():
            box.setValue(getattr(recipe, key))
        self._list_messages()
        for key, field in self.rights.items():
            field.setText(getattr(recipe.rights, key))
        self._say_rights(recipe.rights)
        self.put_button.setText(tr("Change it on the board") if self._clip else tr("Put it on the board"))
        if not recipe.parts:
            self.picture.say(tr("Select music on the board, one clip or several, and open this page."))
        self._buttons()

    def _list_messages(self) -> None:
        """Clips of the board that may be laid over."""
        self.messages.clear()
        self.messages.addItem(tr("none"), "")
        used = {part.path for part in self.recipe.parts}
        for clip in self._session.project.job.clips:
            path = str(clip.source.absolute())
            if path not in used and clip.whole_source and clip.kind != "music":
                self.messages.addItem(clip.name, path)
        chosen = self.recipe.messages[0] if self.recipe.messages else ""
        if self.messages.findData(chosen) < 0:
            self.messages.addItem(Path(chosen).stem, chosen)
        self.messages.setCurrentIndex(self.messages.findData(chosen))

    def _show_loop(self, loop: tuple[float, float] | None) -> None:
        self.start.setText("" if loop is None else decimal(f"{loop[0]:.3f}"))
        self.stop.setText("" if loop is None else decimal(f"{loop[1]:.3f}"))
        for field in (self.start, self.stop):
            field.setPlaceholderText(tr("found"))
        self.picture.show_loop(loop)

    def _buttons(self) -> None:
        # While it works they stay as they are: a button that goes grey loses the keyboard.
        there = bool(self.recipe.parts)
        for button in (self.find_button, self.seam_button, self.hear_button, self.put_button):
            button.setEnabled(there)
        self.compare_button.setVisible(self._clip is not None)
        self.state.setText(tr("Working …") if self.worker.busy else "")

    def _say_rights(self, rights: Rights) -> None:
        kept = tr("Written into the file, and kept for this music.")
        sentence = (
            kept if rights == self.recipe.rights else tr("To be written into the file, and kept for this music.")
        )
        self.rights_words.setText(
            in_words(sentence) if rights.are_known else tr("Nobody knows yet whose music this is.")
        )

    def _rights_typed(self) -> None:
        self._say_rights(Rights(**{key: field.text().strip() for key, field in self.rights.items()}))

    # -- what was typed --------------------------------------------------------------------------------------------

    def _read(self) -> HoldRecipe:
        """The recipe as it stands in the fields.

        Raises
        ------
        KittiwakeError : a field that cannot be read.
        """
        loop = None
        if self.start.text().strip() and self.stop.text().strip():
            loop = (seconds_of(self.start.text()), seconds_of(self.stop.text()))
        rights = Rights.from_dict({key: field.text().strip() for key, field in self.rights.items()}, RECIPE)
        message = str(self.messages.currentData() or "")
        new = self.recipe.changed(
            name=self.name.text().strip() or self.recipe.name, loop=loop, rights=rights, rate=int(self.rate.currentData()),
            seconds=seconds_of(self.length.text()) if self.length.text().strip() else None, messages=(message,) if message else (),
            band=self.band.currentData(), **{key: box.value() for key, box in self.boxes.items()},
        )  # fmt: skip
        if new.seconds is not None and not 1 <= new.seconds <= MOST_SECONDS:
            raise KittiwakeError(
                tr("The whole lasts from a second to an hour."), tr("Write a length such as 10:00."), "music"
            )
        return HoldRecipe.from_dict(new.to_dict()).changed(rights=rights)

    def _drag(self, start: float, stop: float) -> None:
        self._show_loop((start, stop))
        self._start("seam")

    # -- work ------------------------------------------------------------------------------------------------------

    def _start(self, then: str) -> None:
        try:
            recipe = self._read()
        except KittiwakeError as error:
            self.message.emit(str(error))
            return
        if then == "find" and self._made is not None:
            recipe = recipe.changed(loop=None)
        self._then = then
        if self.held is not None and recipe == self._made:
            self._music_ready(Outcome(recipe, self.held, None, False))
            return
        self.recipe = recipe
        self.worker.make(recipe, self._session.project.recordings_folder / "music", self._music_ready)
        if not self.picture._levels:
            self.picture.say(tr("Listening for a loop …"))
        self._buttons()

    def _music_ready(self, outcome: Outcome[HoldRecipe, HoldMusicResult]) -> None:
        recipe, result = outcome.asked, outcome.found
        if result is None:
            self.message.emit(outcome.wrong)
            self.seam.setText(outcome.wrong)
            self._buttons()
            return
        self.recipe = self._made = recipe.changed(loop=result.loop)
        self.held = result
        self.picture.show_music(result.levels, result.seconds, result.loop)
        self._show_loop(result.loop)
        self.seam.setText(
            tr("{seam}  {lufs:.1f} LUFS", seam=result.seam.words, lufs=result.lufs).replace(" -", " −")
            + in_words(self._said_messages(result))
        )
        if self._then == "seam":
            self._hear_seam(result)
        elif self._then == "hear":
            self.heard.emit(recipe.name, *read_short(result.path))
        elif self._then == "put":
            self._put(result)
        self._buttons()

    def _said_messages(self, result: HoldMusicResult) -> str:
        if not self.recipe.messages:
            return ""
        return tr(
            "  ·  the message is heard {n} times",
            "  ·  the message is heard {n} time",
            result.messages,
            n=result.messages,
        )

    def _hear_seam(self, result: HoldMusicResult) -> None:
        """The end and the start, three times."""
        sound, rate = read_short(result.path)
        frames = min(len(sound) // 2, round(_SEAM_S * rate))
        once = np.concatenate([sound[-frames:], sound[:frames], np.zeros(round(0.4 * rate), np.float32)])
        self.heard.emit(tr("the seam of {name}", name=self.recipe.name), np.tile(once, 3), rate)

    def _put(self, result: HoldMusicResult) -> None:
        project, recipe = self._session.project, self.recipe
        for part in recipe.parts:
            if recipe.rights != Rights():
                keep_rights(Path(part.path), recipe.rights)
        self._say_rights(recipe.rights)
        before = project.clip(self._clip.id) if self._clip else None
        if before is not None:
            new = before.changed(source=result.path, name=recipe.name, rights=recipe.rights)
            edits.replace_clip(project, phrase("changing “{name}”", name=recipe.name), new)
            self.message.emit(tr("“{name}” is changed on the board.", name=recipe.name))
        else:
            new = clip_of_hold(recipe, result.path)
            edits.add_clip(project, tr("the hold music “{name}”", name=recipe.name), new)
            self.message.emit(tr("“{name}” is on the board.  M makes it.", name=recipe.name))
        self._clip = new
        self.put_button.setText(tr("Change it on the board"))

    def _compare(self) -> None:
        if self._clip is not None:
            self.compare_wanted.emit(self._clip.id)

    def shut_down(self) -> None:
        self.worker.shut_down(30)


@place("music", "Hold music", Stop.SOUND, share=0.68, alone=True, stays=True)
def music_page(at: Context) -> MusicPage:
    page = MusicPage(at.session)
    page.heard.connect(at.playback.hear_sound)
    page.compare_wanted.connect(lambda clip_id: compare_clip(at, clip_id))
    return page
