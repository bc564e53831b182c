"""Clips in several forms at once, and what is stated of files without a header."""

from __future__ import annotations

from unittest import mock

import soundfile
from PySide6.QtCore import Qt

from kittiwake.core.codec import alaw, ulaw
from kittiwake.core.model import Stated
from kittiwake.ui.commands import edit
from kittiwake.ui.dialogs.forms_dialog import FormsDialog
from kittiwake.work.project import edits
from tests.sounds import DEMO, speech_like, spoken
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestForms(WindowCase):
    def test_one_take_in_four_forms_takes_four_actions(self) -> None:
        self.window.add_paths([DEMO / "Two at the desk.wav"])  # 1
        self.settle()
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.board.setFocus()
        self.press(Key.Key_M, Mod.ControlModifier)  # 2
        dialog = self.window.findChild(FormsDialog)
        assert isinstance(dialog, FormsDialog)
        for key in (Key.Key_1, Key.Key_2, Key.Key_3, Key.Key_5):  # 3: the keys of four forms, typed in one go
            self.press(key)
        self.assertEqual(dialog.make_button.text(), "Make 4 forms  Enter")
        self.press(Key.Key_Return)  # 4
        self.back_to_the_window()
        self.settle()
        made = sorted(path.suffix for path in self.visible_outputs())
        self.assertEqual(made, [".flac", ".mp3", ".ogg", ".wav"])
        for path in self.visible_outputs():
            self.assertEqual(soundfile.info(str(path)).channels, 2, path)
        # What stood on the board before is left alone; the forms go away with one step back.
        self.assertEqual(self.state("Two at the desk", "phone-menu"), "convert")
        self.press(Key.Key_Z, Mod.ControlModifier)
        self.assertEqual(
            [one.slug for one in self.session.project.receivers], ["phone-menu", "quay-beacon", "speech-engine"]
        )

    def test_what_cannot_be_is_said_and_what_is_near_is_taken(self) -> None:
        dialog = FormsDialog(self.window, "x")
        dialog.other.setText("mp9")
        self.assertIn("no form “mp9”", dialog.notice.text())
        self.assertFalse(dialog.make_button.isEnabled())
        dialog.other.setText("amr, wav/gsm")
        dialog.channels.setCurrentIndex(2)
        dialog.boxes["opus"].setChecked(True)
        dialog.boxes["mp3"].setChecked(True)
        dialog.rate.setCurrentIndex(dialog.rate.findData(44_100))
        dialog.bit_rate.setCurrentIndex(dialog.bit_rate.findData(192_000))
        rates = {one.rules.accepts[0].container: one.rules.accepts[0] for one in dialog.chosen}
        self.assertEqual((rates["ogg"].sample_rates, rates["mp3"].bit_rate), ((48_000,), 192_000))
        self.assertEqual(len(dialog.chosen), 4)
        dialog.close()


class TestTruth(WindowCase):
    def test_a_true_rate_shows_everywhere(self) -> None:
        self.window.add_paths([self.write("fast.wav", speech_like(48_000, 4), 44_100)])
        self.settle()
        clip = self.session.project.job.clips[0]
        model = self.window.board.board_model
        seconds = 4 * 48_000 / 44_100
        self.assertEqual(model.data(model.index(0, 1)), f"{seconds:.2f} s")
        edits.state_true_rate(self.session.project, [clip], 48_000)
        self.assertEqual(model.data(model.index(0, 1)), "4.00 s")
        self.window.board.select(clip.id)
        page = self.window.bench.page_of("clip")
        self.assertIn("48 kHz, as you stated (its header says 44.1 kHz)", page.facts_label.text())
        self.assertIn("4.00 s", page.facts_label.text())
        self.assertAlmostEqual(page.wave.layers[0].seconds, 4.0, places=3)
        self.press(Key.Key_K)
        self.wait_for(lambda: self.window.bench.page_of("cut").finder.activity is not None)
        self.window.bench.page_of("cut").work.add_typed("1 to 2 x")
        span = self.session.project.cut_of(clip.source).spans[0]
        self.assertEqual((span.start, span.stop), (48_000, 96_000))
        self.window.grab()

    def test_one_form_for_a_folder_never_makes_noise_of_what_is_another(self) -> None:
        sound = spoken(8000)
        names = {
            "a.raw": ulaw.encode(sound).tobytes(),
            "b.raw": ulaw.encode(sound).tobytes(),
            "c.alaw": alaw.encode(sound).tobytes(),
        }
        for name, data in names.items():
            (self.folder / name).write_bytes(data)
        paths = [self.folder / name for name in names]
        self.window.add_paths(paths)
        self.settle()
        with mock.patch.object(edit, "chosen", return_value="Leave them") as asked:
            edit.state_for(self.window.context, paths, Stated("ulaw", 8000))
        self.assertIn("c.alaw", asked.call_args.args[2])
        stated = self.session.project.job.stated
        self.assertEqual([stated[path].encoding for path in paths[:2]], ["ulaw", "ulaw"])
        self.assertNotIn(paths[2], [path for path, one in stated.items() if one.encoding == "ulaw"])
        self.press(Key.Key_Z, Mod.ControlModifier)
        with mock.patch.object(edit, "chosen", return_value="Read them as they look"):
            edit.state_for(self.window.context, paths, Stated("ulaw", 8000))
        self.settle()
        self.assertEqual(self.session.project.job.stated[paths[2]].encoding, "alaw")


class TestPlaces(WindowCase):
    def test_outputs_in_one_folder_mirrored_and_beside_their_sources(self) -> None:
        for place in ("a", "b/c"):
            self.write(f"in/{place}/line 01.wav", speech_like(16_000, 1), 16_000)
        self.session.project.begin(("editing-copy",))
        self.window.add_paths([self.folder / "in"])
        self.settle()
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.board.setFocus()
        for command, wanted in (
            ("job.mirrored", {"made/editing-copy/a/line 01.wav", "made/editing-copy/b/c/line 01.wav"}),
            ("job.one_folder", {"made/editing-copy/line 01.wav", "made/editing-copy/line 01_2.wav"}),
            ("job.beside", {"in/a/line 01_editing-copy.wav", "in/b/c/line 01_editing-copy.wav"}),
        ):
            before = set(self.folder.rglob("*.wav"))
            self.window.run(command)
            self.settle()
            # What was made elsewhere is not what is wanted here.
            self.wait_for(lambda: {cell.state for cell in self.session.project.cells()} == {"convert"})
            self.window.run("make.all")
            self.settle()
            made = {str(path.relative_to(self.folder)) for path in set(self.folder.rglob("*.wav")) - before}
            self.assertEqual(made, wanted, command)
        self.assertIn("beside their sources", self.window.top.output_button.text())
        job = self.folder / "j.kittiwake"
        self.session.project.save(job)
        self.session.project.history.mark_clean()
        self.window.open_job(job)
        self.settle()
        self.assertEqual(self.session.project.job.placement, "beside")
        self.assertEqual({cell.state for cell in self.session.project.cells()}, {"made"})
