"""The bench for the script: lines are typed, pasted or read, heard, and spoken; what is spoken stands on the board."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QVBoxLayout

from ....commands import key_of
from ....core.errors import KittiwakeError
from ....core.model import shipped_receivers
from ....core.model.own_receivers import own_receivers
from ....core.model.script import Script, ScriptLine
from ....words import in_words, phrase, tr
from ....work.project import edits
from ....work.script.making import count_of, unique_lines, without_series
from ....work.script.meant import with_slugs
from ....work.script.own_respellings import keep_own, own_respellings, with_own
from ....work.script.series import is_series
from ....work.script.table import Table, read_script, read_text
from ....work.speak.engine import all_voices
from ...commands import script as commands
from ...dialogs.respelling_dialog import RespellingDialog
from ...shell.session import Session
from ...theme.scale import scaled
from ...widgets.button import Button
from ...widgets.field import Field
from ...widgets.worded import Choice, Label
from ...workers.speech import SpeechWorker
from ..place import PlacePage, Stop, place
from .back import HearBack
from .line_changes import LineChanges
from .speaking import LineSpeaker
from .state import LineState, state_of
from .state import too_long as lines_too_long
from .table import ScriptTable

if TYPE_CHECKING:
    from ...shell.context import Context

_STAY_MS = 200


class ScriptPage(PlacePage):
    """``heard`` asks to play the file of a line."""

    heard = Signal(str, object)  # name, Path
    read_wanted = Signal()

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        self.worker = SpeechWorker(self)
        self.table = ScriptTable()
        self.changes = LineChanges(self, self.table, lambda: self.script, self.put)
        self.errors: dict[str, str] = {}
        self.states: dict[str, LineState] = {}
        self.back = HearBack(session.project, self.worker)
        self.speaker: LineSpeaker = LineSpeaker(self)
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 6, 14, 6)
        column.setSpacing(6)
        column.addLayout(self._head_row())
        column.addWidget(self.table, 1)
        column.addLayout(self._foot())
        self._connect()
        self.refresh()

    def _head_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(8)
        self.head = Label(tr("Script"))
        self.head.setProperty("head", True)
        row.addWidget(self.head)
        label = Label(tr("&Voice"))
        self.voices = Choice()
        self.voices.setProperty("names", True)  # the same in every language
        self.voices.setAccessibleName(tr("Voice of lines that name none"))
        self.voices.setMinimumWidth(scaled(300))
        self.voices.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        label.setBuddy(self.voices)
        row.addWidget(label)
        row.addWidget(self.voices)
        row.addStretch(1)
        self.respell_button = Button(tr("Respellings…"))
        self.read_button = Button(tr("Read a table…"))
        self.series_button = Button(tr("Make series lines"))
        self.lines_button = Button(tr("Lines"))
        self.lines_button.setMenu(self.changes)
        for button in (self.series_button, self.lines_button, self.respell_button, self.read_button):
            row.addWidget(button)
        return row

    def _foot(self) -> QHBoxLayout:
        foot = QHBoxLayout()
        label = Label(tr("&New line"))
        self.typed = Field()
        self.typed.setPlaceholderText(tr("name: words to say    or a series:  berth-{}: Berth {1..12} is open"))
        self.typed.setAccessibleName(tr("A new line: name and words"))
        label.setBuddy(self.typed)
        foot.addWidget(label)
        foot.addWidget(self.typed, 1)
        self.hear_button = Button(tr("Hear it"))
        self.spoken_button = Button(tr("Use the voice"))
        self.faster_button = Button(tr("Speak it faster"))
        self.faster_button.setToolTip(
            tr("By the voice itself, as much faster as the rules of the receivers need and allow")
        )
        self.speak_button = Button(tr("Speak all  F11"))
        for button in (self.hear_button, self.spoken_button, self.faster_button, self.speak_button):
            foot.addWidget(button)
        return foot

    def _connect(self) -> None:
        self.typed.returnPressed.connect(self.add_typed)
        self.table.changed.connect(self._line_changed)
        self.table.message.connect(self.message)
        self.table.pasted.connect(self.paste)
        self.table.selectionModel().currentRowChanged.connect(lambda *_: self.show_buttons())
        # Whoever stays at a line may want to hear it.
        self._stay = QTimer(self)
        self._stay.setSingleShot(True)
        self._stay.setInterval(_STAY_MS)
        self._stay.timeout.connect(self.speaker.prepare)
        self.table.selectionModel().currentRowChanged.connect(lambda *_: self._stay.start())
        self.voices.activated.connect(self._voice_chosen)
        self.respell_button.clicked.connect(self.respell)
        self.read_button.clicked.connect(self.read_wanted)
        self.series_button.clicked.connect(self.make_series)
        self.hear_button.clicked.connect(self.speaker.hear)
        self.spoken_button.clicked.connect(self.speaker.use_voice)
        self.faster_button.clicked.connect(self.speaker.speak_faster)
        self.changes.message.connect(self.message)
        self.changes.removal.connect(self.remove)
        self.changes.hearing.connect(self.speaker.hear_back)
        self.back.message.connect(self.message)
        self.back.over.connect(self.refresh)
        self.speak_button.clicked.connect(self.speaker.speak_all)
        self.session.job_changed.connect(self._refresh_if_shown)
        self.session.facts_arrived.connect(self._refresh_if_shown)

    # -- what is shown ---------------------------------------------------------------------------------------------

    @property
    def script(self) -> Script:
        return self.session.project.job.script

    @property
    def folder(self) -> Path:
        """Where spoken lines are kept."""
        return self.session.project.recordings_folder / "spoken"

    def _known(self) -> dict[str, str]:
        """Names of receivers that a line can be for, by slug; those of the board first."""
        here = self.session.project.receivers
        return {one.slug: one.name for one in (*here, *shipped_receivers().values(), *own_receivers().values())}

    def begin(self) -> None:
        """Shown anew."""
        if not self.voices.count():
            for voice in all_voices():
                self.voices.addItem(f"{in_words(voice.name)}  ·  {in_words(voice.language)}", voice.key)
        key = self.script.voice or f"espeak/{self.script.language}"
        self.voices.setCurrentIndex(max(0, self.voices.findData(key)))
        self.refresh()
        if not self.script.lines:
            self.typed.setFocus()
        else:
            self.table.setFocus()

    def _refresh_if_shown(self, *_: object) -> None:
        if self.isVisible():
            self.refresh()

    def refresh(self) -> None:
        script = self.script
        project, folder = self.session.project, self.folder
        self.states = {
            line.id: state_of(line, project, folder, self.errors.get(line.id, ""), self.back.heard.get(line.id))
            for line in script.lines
        }
        self.table.show_script(script, {key: state.words for key, state in self.states.items()}, self._known())
        if script.lines and not self.table.currentIndex().isValid():
            self.table.set_current(0)
        series = sum(is_series(line.text) for line in script.lines)
        lines = len(script.lines)
        sentence = tr("{n} lines", "{n} line", lines, n=lines) if lines else tr("No lines yet")
        if long := sum(bool(state.too_long) for state in self.states.values()):
            sentence += tr(", {long} too long", long=long)
        if series:
            sentence += tr(", {series} of them series: {count_of} in all", series=series, count_of=count_of(script))
        self.head.setText(sentence)
        self.series_button.setVisible(bool(series))
        self.show_buttons()

    def show_buttons(self) -> None:
        line = self.table.current
        self.hear_button.setEnabled(line is not None)
        self.spoken_button.setVisible(line is not None and line.taken)
        long = self.too_long()
        self.faster_button.setVisible(bool(long))
        several = tr("Speak {count} faster", count=len(long))
        self.faster_button.setText(several if len(long) > 1 else tr("Speak it faster"))
        busy = self.worker.busy
        self.speak_button.setText(tr("Stop speaking  F11") if busy else tr("Speak all  F11"))
        self.speak_button.setEnabled(busy or bool(self.script.lines))
        # One button asks to be pressed: once all is spoken, that which makes.
        main = busy or any(state.to_speak for state in self.states.values())
        if self.speak_button.property("main") != main:
            self.speak_button.setProperty("main", main)
            self.speak_button.style().polish(self.speak_button)

    def too_long(self) -> list[ScriptLine]:
        return lines_too_long(self.script.lines, self.states, self.table.selected())

    # -- lines -----------------------------------------------------------------------------------------------------

    def put(self, text: str, script: Script) -> None:
        edits.put_script(self.session.project, text, with_own(script, own_respellings()))
        self.refresh()

    def _line_changed(self, line: ScriptLine, what: str) -> None:
        self.errors.pop(line.id, None)
        self._stay.start()
        self.put(phrase("{field} of “{name}”", field=what, name=line.name), self.script.replaced(line))

    def add_typed(self) -> None:
        """The line that was typed."""
        text = self.typed.text().strip()
        if text:
            self.take_table(read_text(text), "typed")
            self.typed.clear()

    def paste(self, text: str) -> None:
        """Lines of the clipboard, as a table or plain."""
        if not text.strip():
            self.message.emit(tr("There is no text on the clipboard."))
            return
        try:
            self.take_table(read_text(text), "pasted")
        except KittiwakeError as error:
            self.message.emit(str(error))

    def read(self, path: Path) -> None:
        """Lines of a file.

        Raises
        ------
        KittiwakeError
        """
        self.take_table(read_script(path), phrase("from {name}", name=path.name))

    def take_table(self, table: Table, where: str) -> None:
        """Put lines behind those that are there; names that are there already get a number."""
        fresh, unknown = with_slugs(table.lines, self._known())
        lines = unique_lines((*self.script.lines, *fresh))
        count = len(table.lines)
        self.put(
            phrase("{n} lines {where}", "{n} line {where}", count, n=count, where=where),
            self.script.changed(lines=lines),
        )
        sentences = [tr("{n} lines {where}.", "{n} line {where}.", count, n=count, where=where)]
        if table.left_out:
            sentences.append(tr("No use for: {list}.", list=", ".join(table.left_out)))
        if unknown:
            sentences.append(
                tr("There is no receiver “{unknown}”: those lines go to every receiver.", unknown=unknown[0])
            )
        self.message.emit(" ".join(map(in_words, [*sentences, *table.notes[:2]])))
        self.table.set_current(len(self.script.lines) - 1)

    def delete_chosen(self) -> bool:
        self.remove()
        return True

    def remove(self) -> None:
        """Take the selected lines away; what was spoken of them goes off the board with the next removal there."""
        ids = {line.id for line in self.table.selected()}
        if ids:
            left = tuple(line for line in self.script.lines if line.id not in ids)
            self.put(
                tr("removing {n} lines", "removing {n} line", len(ids), n=len(ids)), self.script.changed(lines=left)
            )
            self.message.emit(
                tr(
                    "{n} lines are out of the script. {key} takes that back.",
                    "{n} line is out of the script. {key} takes that back.",
                    len(ids),
                    n=len(ids),
                    key=key_of("edit.undo"),
                )
            )

    def make_series(self) -> bool:
        """Every series becomes the lines that it stands for, which can then be edited; whether that could be done."""
        try:
            whole = without_series(self.script)
        except KittiwakeError as error:
            self.message.emit(str(error))
            return False
        if whole != self.script:
            self.put(tr("making series lines"), whole.changed(lines=unique_lines(whole.lines)))
        return True

    def respell(self) -> None:
        """How words are said, in all lines."""
        before = own_respellings()
        dialog = RespellingDialog(self.window(), self.script.respellings, before)

        def take() -> None:
            try:
                if dialog.own != before:
                    keep_own(dialog.own)
            except KittiwakeError as error:
                self.message.emit(str(error))
                return
            script = self.script.changed(respellings=dialog.respellings)
            self.put("respellings", with_own(script, dialog.own, before))

        dialog.accepted.connect(take)
        dialog.open()

    def _voice_chosen(self) -> None:
        key = str(self.voices.currentData())
        language = next((voice.language for voice in all_voices() if voice.key == key), self.script.language)
        self.put(tr("choosing a voice"), self.script.changed(voice=key, language=language))

    def shut_down(self) -> None:
        self.worker.shut_down()


@place("script", "Script", Stop.SOUND, share=0.68, alone=True, stays=True)
def script_page(at: Context) -> ScriptPage:
    page = ScriptPage(at.session)
    page.read_wanted.connect(lambda: commands.read_script(at))
    page.heard.connect(at.playback.hear_file)
    return page
