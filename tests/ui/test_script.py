"""Prompts from a script, in the window."""

from __future__ import annotations

import shutil
from typing import Any
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from kittiwake.core.model.script import Respelling
from kittiwake.ui.dialogs.receiver_chooser import ReceiverChooser
from kittiwake.ui.dialogs.replace_dialog import ReplaceDialog
from kittiwake.ui.dialogs.respelling_dialog import RespellingDialog
from kittiwake.ui.places.script.table import STATE
from kittiwake.work.project import edits
from kittiwake.work.record import check_take
from kittiwake.work.script.edit import COLUMNS
from kittiwake.work.script.own_respellings import own_file
from kittiwake.work.script.respell import spoken_text
from kittiwake.work.script.table import read_text
from kittiwake.work.speak.engine import all_voices
from tests.sounds import speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier
SINGLE = "\n".join(f"line {n}: This is line {n} of the deck radio." for n in range(1, 21))


class ScriptCase(WindowCase):
    @property
    def page(self) -> Any:
        """The page of the job that is open."""
        return self.window.bench.page_of("script")

    def setUp(self) -> None:
        super().setUp()
        self.actions = 0
        self.session.project.begin(("phone-menu",))
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.board.setFocus()

    def act(self, key: Qt.Key, modifier: Qt.KeyboardModifier = Mod.NoModifier) -> None:
        self.actions += 1
        self.press(key, modifier)

    def speak(self) -> None:
        self.act(Key.Key_F11)
        self.wait_for(lambda: not self.page.worker.busy)
        self.app.processEvents()
        self.settle()

    def states(self) -> list[str]:
        model = self.page.table.row_model
        return [str(model.data(model.index(row, STATE))) for row in range(model.rowCount())]


class TestScript(ScriptCase):
    def test_a_hundred_and_twenty_names_from_nothing_to_proved_files_in_six_actions(self) -> None:
        self.act(Key.Key_F4)
        self.assertIs(self.app.focusWidget(), self.page.typed)
        QTest.keyClicks(self.page.typed, "berth-{}: Berth {1..100} is open for Skerrow")
        self.press(Key.Key_Return)  # the end of what was typed
        QApplication.clipboard().setText(SINGLE)
        self.page.table.setFocus()
        self.act(Key.Key_V, Mod.ControlModifier)
        self.assertIn("120 in all", self.page.head.text())
        self.actions += 1
        self.page.respell_button.click()
        dialog = self.window.findChild(RespellingDialog)
        assert isinstance(dialog, RespellingDialog)
        dialog.edit.setPlainText(
            "Skerrow = Scarrow\nberth = burth\ndeck = deck\nradio = raydio\nopen = oapen\nline = lyne"
        )
        dialog.accept()
        self.back_to_the_window()
        self.speak()
        self.assertEqual(len(self.session.project.job.clips), 120)
        self.act(Key.Key_R, Mod.ControlModifier)
        chooser = self.window.findChildren(ReceiverChooser)[-1]
        QTest.keyClicks(chooser.field, "deck")
        self.press(Key.Key_Return)
        self.back_to_the_window()
        self.act(Key.Key_M)
        self.settle()
        made = [path for path in self.visible_outputs() if "recordings" not in path.parts]
        self.assertEqual(len(made), 120)
        self.assertTrue(all(path.stat().st_size <= 56_000 for path in made))
        self.assertLessEqual(self.actions, 6)

    def test_one_change_makes_one_clip_stale_and_only_that_is_spoken_again(self) -> None:
        self.press(Key.Key_F4)
        self.page.paste("name,text\na,To Skerrow.\nb,To Tarn Holm.\n")
        self.assertEqual(self.states(), ["to speak", "to speak"])
        self.speak()
        self.assertTrue(all(state.endswith(", fits") for state in self.states()), self.states())
        self.window.run("make.all")
        self.settle()
        self.assertEqual(self.state("a", "phone-menu"), "made")
        before = {clip.name: clip.source for clip in self.session.project.job.clips}
        script = self.session.project.job.script
        edits.put_script(
            self.session.project, "respell", script.changed(respellings=(Respelling("Skerrow", "Scarrow"),))
        )
        self.page.refresh()
        self.assertEqual(self.states()[0], "changed: to speak")
        self.assertTrue(self.states()[1].endswith(", fits"), self.states()[1])
        self.speak()
        after = {clip.name: clip.source for clip in self.session.project.job.clips}
        self.assertEqual((before["b"], before["a"] == after["a"]), (after["b"], False))
        self.assertEqual((self.state("a", "phone-menu"), self.state("b", "phone-menu")), ("stale", "made"))
        # The job is opened as it was saved, and what a voice spoke is known again.
        job = self.folder / "j.kittiwake"
        self.session.project.save(job)
        self.session.project.history.mark_clean()
        self.window.open_job(job)
        self.settle()
        self.press(Key.Key_F4)
        self.assertTrue(all(state.endswith(", fits") for state in self.states()), self.states())

    def test_a_line_is_heard_at_once_and_a_take_takes_over_and_the_reverse(self) -> None:
        self.press(Key.Key_F4)
        self.page.paste("gate: The gate is open.\n")
        self.page.hear_button.click()
        self.wait_for(lambda: self.window.player.playing)
        self.assertEqual(self.window.player.title, "gate")
        self.window.player.pause()
        self.speak()
        (spoken,) = self.session.project.job.clips
        take = self.write("made/recordings/gate.wav", speech_like(48_000, 2), 48_000)
        edits.put_take(self.session.project, check_take(take, -70.0), "gate", "The gate is open.")
        self.settle()
        (clip,) = self.session.project.job.clips
        self.assertEqual((clip.source, clip.name), (take, "gate"))
        self.assertEqual(self.states(), ["a take stands for it"])
        self.page.table.set_current(0)
        self.assertTrue(self.page.spoken_button.isVisible())
        self.page.spoken_button.click()
        self.wait_for(lambda: not self.page.worker.busy)
        self.app.processEvents()
        (clip,) = self.session.project.job.clips
        self.assertEqual((clip.source, clip.id), (spoken.source, spoken.id))
        self.assertTrue(take.exists())

    def test_edited_in_place_with_what_cannot_be_said_in_words(self) -> None:
        self.press(Key.Key_F4)
        self.page.paste("one: First.\none: Second.\n")
        model = self.page.table.row_model
        self.assertEqual([line.name for line in model.rows], ["one", "one 2"])
        self.assertTrue(model.setData(model.index(0, 1), "First, said otherwise."))
        self.assertTrue(model.setData(model.index(0, COLUMNS.index("speed")), "8 %"))
        self.assertFalse(model.setData(model.index(0, COLUMNS.index("speed")), "fast"))
        self.assertIn("no speed", self.window.status.words.text())
        self.assertFalse(model.setData(model.index(0, 0), ""))
        self.assertTrue(model.setData(model.index(1, 3), "nobody"))
        self.speak()
        self.assertEqual(len(self.session.project.job.clips), 1)
        self.assertIn("no voice “nobody”", self.states()[1])
        self.press(Key.Key_F4)
        self.page.typed.setText("bad: {x}")
        self.page.add_typed()
        self.act(Key.Key_F11)
        self.assertIn("no series", self.window.status.words.text())
        self.page.table.setCurrentIndex(model.index(2, 0))
        self.page.remove()
        self.assertEqual(len(model.rows), 2)
        self.press(Key.Key_Z, Mod.ControlModifier)
        with mock.patch.object(QApplication.clipboard(), "text", return_value=""):
            self.page.paste("")
        self.assertIn("no text", self.window.status.words.text())
        self.window.grab()

    def test_what_is_too_long_is_told_and_spoken_faster_by_one_press(self) -> None:
        edits.choose_receivers(self.session.project, ["deck-radio"])
        self.press(Key.Key_F4)
        self.page.paste(
            "late: The boat to Skerrow leaves late today, because of fog at sea.\n"
            "no: " + "Much too long for any radio there is, whoever reads it. " * 3 + "\nok: Open.\n"
        )
        self.speak()
        self.assertIn("2 too long", self.page.head.text(), self.states())
        self.assertEqual(["too long for Deck radio" in state for state in self.states()], [True, True, False])
        self.assertEqual(self.page.faster_button.text(), "Speak 2 faster")
        self.page.faster_button.click()
        self.wait_for(lambda: not self.page.worker.busy)
        self.app.processEvents()
        self.settle()
        self.assertEqual(["too long for Deck radio" in state for state in self.states()], [False, True, False])
        late, no, _ = self.session.project.job.script.lines
        self.assertTrue(1 < late.speed <= 1.15 and no.speed == 1.0, (late.speed, no.speed))
        self.assertIn("would have to be faster than the rules allow", self.window.status.words.text())
        facts = self.session.project.facts[self.session.project.clip(late.id).source]
        self.assertLessEqual(facts.seconds, 3.5)

    def test_many_lines_are_changed_at_once(self) -> None:
        self.press(Key.Key_F4)
        self.page.paste("b 10: Ten to Skerrow.\nb 9: Nine to Skerrow.\na: Other.\n")
        model, changes = self.page.table.row_model, self.page.changes
        self.page.table.horizontalHeader().sectionClicked.emit(0)
        self.assertEqual([line.name for line in model.rows], ["a", "b 9", "b 10"])
        self.page.table.horizontalHeader().sectionClicked.emit(0)
        self.assertEqual([line.name for line in model.rows], ["b 10", "b 9", "a"])
        changes.replace()
        dialog = self.window.findChild(ReplaceDialog)
        QTest.keyClicks(dialog.words, "Skerrow")
        QTest.keyClicks(dialog.other, "Tarn Holm")
        QTest.keyClick(dialog.other, Key.Key_Return)
        self.assertEqual([line.text for line in model.rows][:2], ["Ten to Tarn Holm.", "Nine to Tarn Holm."])
        self.page.table.setCurrentIndex(model.index(0, COLUMNS.index("kind")))
        model.setData(model.index(0, COLUMNS.index("kind")), "menu")
        self.page.table.selectAll()
        changes.fill_down()
        self.assertEqual([line.kind for line in model.rows], ["menu"] * 3)
        self.page.table.setCurrentIndex(model.index(1, 3))
        QApplication.clipboard().setText("espeak/de\tde\t8 %\nespeak/fr-fr\tfr\t0.9\n\t\t1\n")
        changes.paste_over()
        self.assertEqual(
            [(line.voice, line.speed) for line in model.rows][1:], [("espeak/de", 1.08), ("espeak/fr-fr", 0.9)]
        )
        self.assertIn("1 beyond the last line", self.window.status.words.text())
        QApplication.clipboard().setText("espeak/de\tde\tfast\n")
        changes.paste_over()
        self.assertIn("no speed", self.window.status.words.text())
        edits.put_script(
            self.session.project, "r", self.page.script.changed(respellings=(Respelling("Ten", "Tenn"),))
        )
        self.page.refresh()
        self.assertEqual(model.data(model.index(0, 2)), "Tenn to Tarn Holm.")
        self.assertEqual(model.data(model.index(0, 2), Qt.ItemDataRole.EditRole), "")
        for _ in range(5):
            self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual([line.name for line in self.page.script.lines], ["b 10", "b 9", "a"])

    def test_lines_are_heard_back_and_what_sounds_like_another_is_flagged(self) -> None:
        if not any(voice.key == "piper/joe" for voice in all_voices()):
            self.skipTest("the natural voice is not installed")
        self.press(Key.Key_F4)
        self.page.changes.hearing.emit()
        self.assertIn("Speak the lines first", self.window.status.words.text())
        self.page.paste(
            "name,text,say it as\na,The ramp is open.,\nb,Life jackets are under the seats.,The ramp is open.\n"
        )
        self.page.voices.setCurrentIndex(self.page.voices.findData("piper/joe"))
        self.page.voices.activated.emit(self.page.voices.currentIndex())
        self.speak()
        self.page.changes.hearing.emit()
        self.wait_for(lambda: not self.page.worker.busy)
        self.app.processEvents()
        self.assertIn("1 sound like another line, 0 were not", self.window.status.words.text())
        self.assertEqual(["heard as “The ramp is open.”" in state for state in self.states()], [False, True])

    def test_a_word_mended_for_all_jobs_is_so_in_the_next(self) -> None:
        self.act(Key.Key_F4)
        self.page.take_table(read_text("a: To Skerrow at 9:05.\nb: To Tarn Holm."), "typed")
        self.addCleanup(lambda: own_file().unlink(missing_ok=True))
        self.page.respell()
        dialog = self.window.findChild(RespellingDialog)
        assert isinstance(dialog, RespellingDialog)
        dialog.own_edit.setPlainText("Skerrow = Scarrow\nNowhere = Elsewhere\n#:# = # #.")
        dialog.accept()
        said = [spoken_text(line, self.page.script.respellings, "en-gb") for line in self.page.script.lines]
        self.assertEqual(said, ["To Scarrow at 9 0 5.", "To Tarn Holm."])
        # What does not act in a job is not in it.
        self.assertNotIn("Nowhere", [one.word for one in self.page.script.respellings])
        self.session.project.begin(("phone-menu",))
        self.page.take_table(read_text("c: SKERROW calls."), "typed")
        self.assertEqual([one.say for one in self.page.script.respellings], ["Scarrow"])

    def test_a_line_for_one_receiver_is_left_out_at_the_others(self) -> None:
        self.session.project.begin(("phone-menu", "deck-radio"))
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.act(Key.Key_F4)
        self.page.take_table(read_text("name\ttext\tfor\na\tAll of us.\t\nb\tThe deck.\tDeck radio"), "typed")
        self.speak()
        self.assertEqual(self.state("b", "phone-menu"), "left_out")
        self.assertNotEqual(self.state("b", "deck-radio"), "left_out")
        model = self.page.table.row_model
        column = COLUMNS.index("receivers")
        self.assertEqual(model.data(model.index(1, column)), "Deck radio")
        self.assertFalse(model.setData(model.index(0, column), "Nobody"))
        self.assertIn("There is no receiver “Nobody”", self.window.status.words.text())
        # It counts at once: nothing has to be spoken again.
        self.assertTrue(model.setData(model.index(0, column), "phone-menu"))
        self.assertEqual(self.state("a", "deck-radio"), "left_out")

    def test_where_somebody_stays_the_line_is_spoken_ahead_unless_its_text_would_be_sent_away(self) -> None:
        self.act(Key.Key_F4)
        self.page.take_table(read_text("name\ttext\tvoice\na\tAll of us.\t\nb\tThe deck.\tnetwork/stand-in"), "typed")
        self.page.table.set_current(0)
        self.wait_for(lambda: list(self.page.folder.glob("a *.wav")), 20)
        self.page.table.set_current(1)
        QTest.qWait(600)
        self.assertEqual(list(self.page.folder.glob("b *.wav")), [])

    def test_a_job_without_a_name_gets_one_by_speaking_and_its_lines_stay_spoken(self) -> None:
        self.session.project.begin(("phone-menu",))  # its folder goes by the name of the job
        self.addCleanup(lambda: shutil.rmtree(self.page.folder, ignore_errors=True))
        self.act(Key.Key_F4)
        self.page.take_table(read_text("a: All of us.\nb: Some of us."), "typed")
        self.speak()
        self.assertEqual([state.split(", ")[1] for state in self.states()], ["fits", "fits"])
        clips = self.session.project.job.clips
        self.act(Key.Key_F11)
        self.assertIn("Every line is spoken", self.window.status.words.text())
        self.assertIs(self.session.project.job.clips, clips)
