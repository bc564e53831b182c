"""The bench for tones: those of countries, keys that are pressed, and recipes of one's own, heard and put on the board."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QHBoxLayout, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from .....core.errors import KittiwakeError
from .....core.model import Clip
from .....core.model.units import format_hz
from .....ui.places.place import PlacePage, Stop, place
from .....ui.shell.session import Session
from .....ui.theme.scale import scaled
from .....ui.widgets.button import Button
from .....ui.widgets.field import Field
from .....ui.widgets.said_box import SaidBox
from .....ui.widgets.worded import Choice, Label
from .....ui.workers.worker import Outcome
from .....words import in_words, phrase, tr
from .....work.project import edits
from ...core.keys import keys_recipe
from ...core.making import clip_of_tone, recipe_beside
from ...core.own import keep_tone, own_tones
from ...core.plan import countries
from ...core.rates import at_rate, rate_for
from ...core.recipe import RATES, Segment, ToneRecipe, check_levels
from ...worker import ToneWorker
from .picture import TonePicture
from .segment_table import SegmentTable

if TYPE_CHECKING:
    from .....ui.shell.context import Context

_NEW = (Segment((425.0,), (-10.0,), 1.0), Segment(seconds=4.0))


class TonePage(PlacePage):
    """``heard`` asks to play the file of a tone, ``message`` is a sentence for the user."""

    heard = Signal(str, object)  # name, Path

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self.worker = ToneWorker(self)
        self.recipe = ToneRecipe(in_words(tr("Tone")), _NEW)
        self._clip: Clip | None = None  # that of the board which is edited
        whole = QHBoxLayout(self)
        whole.setContentsMargins(14, 6, 14, 6)
        whole.setSpacing(14)
        whole.addLayout(self._finder())
        column = QVBoxLayout()
        column.setSpacing(6)
        column.addLayout(self._head())
        self.table = SegmentTable()
        column.addWidget(self.table, 3)
        column.addLayout(self._segment_keys())
        self.picture = TonePicture()
        column.addWidget(self.picture, 3)
        column.addLayout(self._foot())
        whole.addLayout(column, 1)
        self._connect()

    def _finder(self) -> QVBoxLayout:
        column = QVBoxLayout()
        column.setSpacing(6)
        self.typed = Field()
        self.typed.setPlaceholderText(tr("A country, a tone, or keys: 0123#"))
        self.typed.setAccessibleName(tr("Find a tone, or type keys that are pressed"))
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Tones"))
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        for widget in (self.typed, self.list):
            widget.setFixedWidth(scaled(300))
            column.addWidget(widget)
        return column

    def _head(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(8)
        label = Label(tr("&Name"))
        self.name = Field()
        self.name.setAccessibleName(tr("Name of the tone"))
        label.setBuddy(self.name)
        row.addWidget(label)
        row.addWidget(self.name, 1)
        self.rate = Choice()
        self.rate.setAccessibleName(tr("Sample rate"))
        for rate in RATES:
            self.rate.addItem(format_hz(rate), rate)
        row.addWidget(self.rate)
        self.length = SaidBox(tr("The length"))
        self.length.setAccessibleName(tr("About how long the whole is, in whole cadences; 0 is once"))
        self.length.setToolTip(tr("In whole cadences, or whole periods of a tone that goes on; 0 is once"))
        self.length.setRange(0, 3600)
        self.length.setDecimals(2)
        self.length.setSpecialValueText(tr("once"))
        self.length.setPrefix(tr("about "))
        self.length.setSuffix(" s")
        row.addWidget(self.length)
        return row

    def _segment_keys(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.source = Label()
        self.source.setProperty("soft", True)
        self.source.setWordWrap(True)
        row.addWidget(self.source, 1)
        self.add_button = Button(tr("Add a segment"))
        self.remove_button = Button(tr("Remove it"))
        self.keep_button = Button(tr("Keep as mine"))
        for button in (self.add_button, self.remove_button, self.keep_button):
            row.addWidget(button)
        return row

    def _foot(self) -> QHBoxLayout:
        foot = QHBoxLayout()
        self.sum = Label()
        self.sum.setWordWrap(True)
        foot.addWidget(self.sum, 1)
        self.hear_button = Button(tr("Hear it"))
        self.put_button = Button(tr("Put it on the board"))
        self.put_button.setProperty("main", True)
        foot.addWidget(self.hear_button)
        foot.addWidget(self.put_button)
        return foot

    def _connect(self) -> None:
        self.typed.textChanged.connect(self._list)
        self.typed.returnPressed.connect(self._found)
        self.list.currentItemChanged.connect(self._chosen)
        self.list.itemActivated.connect(lambda _: self.put())
        self.name.editingFinished.connect(lambda: self._edit(name=self.name.text().strip() or self.recipe.name))
        self.rate.activated.connect(lambda _: self._edit(rate=int(self.rate.currentData())))
        self.length.valueChanged.connect(lambda value: self._edit(seconds=value or None))
        self.length.beyond.connect(self.message)
        self.table.changed.connect(lambda segments: self._edit(segments=segments))
        self.table.message.connect(self.message)
        self.add_button.clicked.connect(self.add_segment)
        self.remove_button.clicked.connect(self.remove_segments)
        self.keep_button.clicked.connect(self.keep)
        self.hear_button.clicked.connect(self.hear)
        self.put_button.clicked.connect(self.put)

    # -- what is shown ---------------------------------------------------------------------------------------------

    def begin(self, clip: Clip | None) -> None:
        """Shown anew; a clip that is a tone is edited, and stays the same clip."""
        known = recipe_beside(clip.source) if clip else None
        if known:
            self.typed.clear()
        self._list()
        self._clip = clip if known else None
        self.show_recipe(known or self._at_rate(self.recipe))
        first: QWidget = self.table if known else self.typed
        first.setFocus()

    def _at_rate(self, recipe: ToneRecipe) -> ToneRecipe:
        return at_rate(recipe, rate_for(self._session.project.receivers))

    def _list(self) -> None:
        words = self.typed.text().casefold().split()
        tones = [*own_tones(), *(tone for one in countries().values() for tone in one.tones.values())]
        self.list.blockSignals(True)
        self.list.clear()
        for tone in tones:
            name = tr("{name}, mine", name=tone.name) if tone.key.startswith("own/") else in_words(tone.name)
            if all(word in f"{name} {tone.key}".casefold() for word in words):
                item = QListWidgetItem(name)
                item.setData(Qt.ItemDataRole.UserRole, tone)
                self.list.addItem(item)
        keys = self._keys()
        if keys is not None:
            item = QListWidgetItem(tr("Keys {typed}", typed=self.typed.text().strip()))
            item.setData(Qt.ItemDataRole.UserRole, keys)
            self.list.insertItem(0, item)
        self.list.blockSignals(False)
        if words and self.list.count():
            self.list.setCurrentRow(0)

    def _keys(self) -> ToneRecipe | None:
        """What was typed, where it is keys of a telephone."""
        text = self.typed.text().strip()
        if not any(key.isdigit() or key in "*#" for key in text):
            return None
        try:
            return keys_recipe(text)
        except KittiwakeError:
            return None

    def _found(self) -> None:
        if self.list.currentItem() is None and self.list.count():
            self.list.setCurrentRow(0)
        if self.list.currentItem() is None:
            self.message.emit(tr("There is no such tone. Keys are 0 to 9, *, # and A to D."))
        else:
            self.put()

    def _chosen(self, item: QListWidgetItem | None, _before: object = None) -> None:
        if item is not None:
            self._clip = None
            self.show_recipe(self._at_rate(item.data(Qt.ItemDataRole.UserRole)))

    def show_recipe(self, recipe: ToneRecipe) -> None:
        self.recipe = recipe
        self.name.setText(recipe.name)
        self.rate.setCurrentIndex(max(0, self.rate.findData(recipe.rate)))
        self.length.blockSignals(True)
        self.length.setValue(recipe.seconds or 0)
        self.length.blockSignals(False)
        row = self.table.currentRow()
        self.table.show_segments(recipe.segments, recipe.unit)
        if self.table.currentRow() < 0:
            self.table.set_current(max(0, min(row, len(recipe.segments) - 1)))
        self.source.setText(tr("From: {source}.", source=recipe.source) if recipe.source else "")
        wrong = self._wrong()
        self.picture.show_recipe(recipe, wrong)
        for button in (self.hear_button, self.put_button):
            button.setEnabled(not wrong)
        scale = (
            tr("a sine at full scale is +{full_scale:g} dBm0", full_scale=recipe.full_scale)
            if recipe.unit == "dBm0"
            else tr("0 dBFS is full scale")
        )
        ends = (
            tr("closes on whole periods, repeats without a seam")
            if recipe.endless
            else tr("ramps of {ramp:g} ms", ramp=recipe.ramp * 1000)
        )
        self.sum.setText(f"{in_words(ends)};  {in_words(scale)}")
        self.put_button.setText(tr("Change it on the board") if self._clip else tr("Put it on the board"))

    def _wrong(self) -> str:
        try:
            check_levels(self.recipe)
        except KittiwakeError as error:
            return error.message
        return "" if self.recipe.segments else tr("Add a segment.")

    def _edit(self, **changes: object) -> None:
        new = self.recipe.changed(**changes)
        if "segments" in changes:
            single = len(new.segments) == 1 and new.segments[0].kind == "tone"
            new = new.changed(endless=new.endless and single, source="")
        if new != self.recipe:
            self.show_recipe(new)

    # -- changes ---------------------------------------------------------------------------------------------------

    def add_segment(self) -> None:
        """Behind the current one; silence, until something is written there."""
        at = self.table.currentIndex().row() + 1 if self.recipe.segments else 0
        segments = (*self.recipe.segments[:at], Segment(seconds=0.5), *self.recipe.segments[at:])
        self._edit(segments=segments)
        self.table.set_current(at)
        self.table.setFocus()

    def remove_segments(self) -> None:
        gone = {place for place, _ in self.table.selected()} or {self.table.currentRow()}
        self._edit(segments=tuple(one for row, one in enumerate(self.recipe.segments) if row not in gone))

    def keep(self) -> None:
        """For other jobs, under its name."""
        try:
            keep_tone(self.recipe)
        except KittiwakeError as error:
            self.message.emit(str(error))
            return
        self._list()
        self.message.emit(tr("“{name}” is kept, and found by its name in every job.", name=self.recipe.name))

    # -- sound -----------------------------------------------------------------------------------------------------

    @property
    def folder(self) -> Path:
        return self._session.project.recordings_folder / "tones"

    def hear(self) -> None:
        self._start("hear")

    def put(self) -> None:
        """Put the tone on the board, as it stands."""
        self._start("put")

    def _start(self, then: str) -> None:
        if self.worker.busy or not self.put_button.isEnabled():
            return
        project = self._session.project
        clips = {clip.name: (clip, facts) for clip, facts in project.known_clips() if facts.ok}
        # Whatever is chosen meanwhile, what comes of it goes where it was asked for.
        clip_id = self._clip.id if self._clip else ""
        self.worker.make(self.recipe, self.folder, clips, lambda outcome: self._made(outcome, then, clip_id))

    def _made(self, outcome: Outcome[ToneRecipe, Path], then: str, clip_id: str) -> None:
        recipe, result = outcome.asked, outcome.found
        if result is None:
            self.message.emit(outcome.wrong)
            return
        if then == "hear":
            self.heard.emit(recipe.name, result)
            return
        project = self._session.project
        before = project.clip(clip_id) if clip_id else None
        if before is not None:
            edits.replace_clip(
                project,
                phrase("changing “{name}”", name=recipe.name),
                before.changed(source=result, name=recipe.name),
            )
            self.message.emit(tr("“{name}” is changed on the board.", name=recipe.name))
        else:
            edits.add_clip(project, tr("the tone “{name}”", name=recipe.name), clip_of_tone(recipe, result))
            self.message.emit(tr("“{name}” is on the board.  M makes it.", name=recipe.name))
        self.typed.selectAll()

    def shut_down(self) -> None:
        self.worker.shut_down()


@place("tone", "Tones", Stop.SOUND, share=0.68, alone=True, stays=True)
def tone_page(at: Context) -> TonePage:
    page = TonePage(at.session)
    page.heard.connect(at.playback.hear_file)
    return page
