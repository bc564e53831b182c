"""Everyday jobs in the window, by keys, with the actions they take: a key, a click, a drag, a text typed with its Enter, a choice in the
desktop's own file dialog. Others are counted where they belong: several messages in ``test_recording``, sections by hand in ``test_ranges``, one
take in four forms in ``test_forms``, a reading against its list in ``test_cutting``.
"""

from __future__ import annotations

import shutil
from pathlib import Path
from unittest import mock

import numpy as np
import soundfile
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QFileDialog

from kittiwake.core.codec import FORMATS, alaw, ulaw
from kittiwake.core.measure import analyze
from kittiwake.core.model.own_receivers import last_used, own_folder
from kittiwake.ui.dialogs.receiver_chooser import ReceiverChooser
from kittiwake.ui.dialogs.touch_dialog import TouchDialog
from tests.core.measure.test_loudness import loudness
from tests.sounds import DEMO, spoken
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier
CONTROL = Mod.ControlModifier


class TestJobs(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        shutil.rmtree(own_folder(), ignore_errors=True)
        self.actions = 0
        self.session.project.begin(("phone-menu",))
        self.window.board.setFocus()

    def act(self, key: Qt.Key, modifier: Qt.KeyboardModifier = Mod.NoModifier) -> None:
        self.actions += 1
        self.press(key, modifier)

    def add_files(self, *paths: Path) -> None:
        """One action: the key and the choice in the desktop's dialog."""
        with mock.patch.object(QFileDialog, "getOpenFileNames", return_value=([str(path) for path in paths], "")):
            self.act(Key.Key_O, CONTROL)
        self._added()

    def add_folder(self, path: Path) -> None:
        with mock.patch.object(QFileDialog, "getExistingDirectory", return_value=str(path)):
            self.act(Key.Key_O, CONTROL | Mod.ShiftModifier)
        self._added()

    def _added(self) -> None:
        self.settle()
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.window.board.setFocus()

    def choose(self, text: str) -> None:
        """Two actions: the key, and what is typed with its Enter."""
        self.act(Key.Key_R, CONTROL)
        self.actions += 1
        chooser = self.window.findChildren(ReceiverChooser)[-1]
        QTest.keyClicks(chooser.field, text)
        self.press(Key.Key_Return)
        self.back_to_the_window()

    def make(self) -> list[Path]:
        self.act(Key.Key_M)
        self.settle()
        return self.visible_outputs()

    def test_a_folder_for_one_receiver_4(self) -> None:
        for name in ("Welcome.wav", "Fog delay.m4a"):
            (self.folder / "in").mkdir(exist_ok=True)
            shutil.copy(DEMO / name, self.folder / "in")
        self.add_folder(self.folder / "in")
        self.choose("deck")
        made = self.make()
        self.assertEqual({path.parent.name for path in made}, {"deck-radio"})
        self.assertEqual((len(made), self.actions), (2, 4))

    def test_the_first_file_without_reading_anything_4(self) -> None:
        self.assertTrue(self.window.board.start_page.isVisible())
        with mock.patch.object(QFileDialog, "getOpenFileNames", return_value=([str(DEMO / "Welcome.wav")], "")):
            self.actions += 1
            QTest.mouseClick(self.window.board.start_page.buttons[0], Qt.MouseButton.LeftButton)
        self._added()
        self.assertIn("Make 1 output", self.window.top.make_button.text())
        self.actions += 1
        QTest.mouseClick(self.window.top.make_button, Qt.MouseButton.LeftButton)
        self.settle()
        self.assertEqual(len(self.visible_outputs()), 1)
        self.assertLessEqual(self.actions, 4)
        self.assertTrue(self.window.board.hasFocus())

    def test_a_set_at_one_level_also_what_is_far_too_soft_5(self) -> None:
        sound, rate = soundfile.read(str(DEMO / "Welcome.wav"), dtype="float32")
        paths = [self.write(f"{n}.wav", sound * np.float32(10 ** (level / 20)), rate, "PCM_24")
                 for n, level in enumerate((-6, 0, 3, -12, -3, -40))]  # fmt: skip
        self.add_files(*paths)
        self.choose("wav 44.1k 16 bit mono -20 lufs")
        made = self.make()
        self.assertEqual(len(made), 6)
        for path in made:
            out, rate = soundfile.read(str(path), dtype="float32")
            self.assertEqual((rate, out.ndim, soundfile.info(str(path)).subtype), (44_100, 1, "PCM_16"))
            self.assertAlmostEqual(loudness(out, rate), -20, delta=0.3)
        self.assertLessEqual(self.actions, 5)

    def test_stereo_handed_over_with_fades_6(self) -> None:
        sound, rate = soundfile.read(str(DEMO / "Welcome.wav"), dtype="float32")
        both = np.stack([np.tile(sound, 3), 0.5 * np.tile(sound, 3)], 1)
        self.add_files(*(self.write(f"theme {n}.wav", both, rate) for n in range(3)))
        self.choose("mp3 192k fades 1 s")
        made = self.make()
        self.assertEqual(len(made), 3)
        for path in made:
            out, _ = soundfile.read(str(path), dtype="float32")
            self.assertEqual(out.shape[1], 2)
            self.assertLess(np.abs(out[:100]).max(), 0.01)
        self.assertLessEqual(self.actions, 6)

    def test_a_telephone_systems_prompts_to_wav_and_back_6(self) -> None:
        folder, sound = self.folder / "phone", spoken(8000)
        folder.mkdir()
        for n in range(3):
            part = sound[n * 400 :]
            (folder / f"m{n}.ulaw").write_bytes(ulaw.encode(part).tobytes())
            (folder / f"a{n}.alaw").write_bytes(alaw.encode(part).tobytes())
            (folder / f"l{n}.sln").write_bytes((part * 32767).astype("<i2").tobytes())
            writer = FORMATS["raw", "gsm"].open(folder / f"g{n}.gsm", 8000, 1, dither="none")
            writer.write(part[:, None])
            writer.close()
        self.add_folder(folder)
        self.act(Key.Key_H, CONTROL | Mod.ShiftModifier)
        self.settle()
        self.choose("wav; phone menu, linear")
        made = self.make()
        self.assertEqual(sorted(path.suffix for path in made), [".raw"] * 12 + [".wav"] * 12)
        for path in made:
            if path.suffix == ".wav":
                self.assertAlmostEqual(analyze(path).seconds or 0, len(sound) / 8000, delta=0.13)
        self.assertLessEqual(self.actions, 6)

    def test_a_receiver_of_ones_own_in_the_next_job_5(self) -> None:
        self.choose("ulaw 8k < 56 kB < 3 s")
        with mock.patch.object(self.window, "may_part", return_value=True):
            self.act(Key.Key_N, CONTROL)
        self.add_files(DEMO / "Welcome.wav")
        self.assertEqual([one.name for one in self.session.project.receivers], ["WAV µ-law, < 56 kB, < 3 s, 8 kHz"])
        self.assertEqual(last_used(), (self.session.project.receivers[0].slug,))
        (made,) = self.make()
        self.assertEqual(soundfile.info(str(made)).subtype, "ULAW")
        self.assertLessEqual(self.actions, 5)

    def test_an_alert_message_cut_louder_higher_faster_and_small_enough_10(self) -> None:
        self.session.project.begin(("quay-beacon",))
        self.add_files(DEMO / "Safety notice.ogg")
        self.act(Key.Key_K)
        wave = self.window.bench.page_of("cut").wave
        self.wait_for(lambda: wave.picture is not None)
        self.actions += 1  # a drag
        y = wave.height() // 3
        left, right = (QPoint(round(wave.x_of(second * 32_000)), y) for second in (0.5, 13.5))
        QTest.mousePress(wave, Qt.MouseButton.LeftButton, Mod.NoModifier, left)
        QTest.mouseMove(wave, QPoint((left.x() + right.x()) // 2, y))
        QTest.mouseMove(wave, right)
        QTest.mouseRelease(wave, Qt.MouseButton.LeftButton, Mod.NoModifier, right)
        self.actions += 1  # a name
        QTest.keyClicks(self.app.focusWidget(), "Alert")
        self.press(Key.Key_Return)
        self.act(Key.Key_E)
        dialog = self.window.findChild(TouchDialog)
        assert isinstance(dialog, TouchDialog)
        for name, text in (("gain_db", "4"), ("speed", "6"), ("pitch", "1")):
            self.actions += 1
            dialog.numbers[name].setFocus()
            dialog.numbers[name].selectAll()
            QTest.keyClicks(dialog.numbers[name], text)
        self.act(Key.Key_Return)
        self.back_to_the_window()
        (made,) = self.make()
        self.assertEqual((made.name, made.stat().st_size < 200_000), ("Alert.wav", True))
        clip = self.session.project.job.clips[0]
        self.assertEqual((clip.touch_up.gain_db, clip.touch_up.speed, clip.touch_up.pitch), (4.0, 1.06, 1.0))
        self.assertLessEqual(self.actions, 10)
