"""A corpus in the window: measured, ruled, heard, written."""

from __future__ import annotations

import json
from typing import Any
from unittest import mock

import soundfile
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from kittiwake.bundled.corpus.places.corpus import page as corpus_page
from kittiwake.bundled.corpus.rows_dialog import RowsDialog
from tests.sounds import noise, speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier


class TestCorpus(WindowCase):
    @property
    def page(self) -> Any:
        """The page of the job that is open."""
        return self.window.bench.page_of("corpus")

    def setUp(self) -> None:
        super().setUp()
        self.session.project.begin(("corpus",))
        paths = []
        for n in range(4):
            sound = speech_like(16_000, 1.2, seed=n) + noise(16_000, 1.2, -32 if n == 1 else -70, seed=40 + n)
            paths.append(self.write(f"in/s{n % 2}_line{n}.wav", sound, 16_000))
        again, rate = soundfile.read(paths[0], dtype="float32")
        paths.append(self.write("in/s0_again.wav", again * 0.4, rate))
        self.window.add_paths(paths)
        self.settle()
        self.window.board.setFocus()

    def measured(self) -> None:
        self.press(Key.Key_F7, Mod.ShiftModifier)
        self.wait_for(
            lambda: len(self.page.qualities) == 5 and not self.page.worker.busy and not self.page.later.isActive()
        )
        self.app.processEvents()

    def test_measured_ruled_and_heard(self) -> None:
        self.measured()
        by_name = {self.session.project.clip(key).name: one for key, one in self.page.qualities.items()}  # type: ignore[union-attr]
        self.assertLess(by_name["s1_line1"].snr or 0, 20)
        self.assertIn("1 double", self.page.sum.text())
        self.assertEqual("s1_line1", self.page.table.text(0, 0), "the farthest out comes first")
        self.page.rule_field.setFocus()
        QTest.keyClicks(self.page.rule_field, "snr >= 20 dB")
        self.assertIn("broken by 1 of 5 clips", self.page.cost.text())
        self.press(Key.Key_Return)
        self.assertEqual(["snr ≥ 20 dB"], [rule.words for rule in self.page.drop])
        self.assertIn("4 kept", self.page.sum.text())
        QTest.keyClicks(self.page.rule_field, "beauty > 3")
        self.assertIn("is no rule", self.page.cost.text())
        self.assertFalse(self.page.drop_button.isEnabled())
        played = []
        self.page.played.connect(lambda clip, slug: played.append((clip, slug)))
        self.page.table.setFocus()
        self.press(Key.Key_Return)
        self.assertEqual("corpus", played[0][1])
        self.page.rule_table.setFocus()
        self.page.rule_table.set_current(0)
        self.press(Key.Key_Delete)
        self.assertEqual((), self.page.drop)

    def test_written_with_cuts_and_rules(self) -> None:
        clip = self.session.project.job.clips[2]
        cut = clip.changed(stop=12_000, text="Mind the gap", speaker="s0")
        clips = tuple(cut if one.id == clip.id else one for one in self.session.project.job.clips)
        self.session.project.change("a cut", self.session.project.job.changed(clips=clips))
        self.settle()
        self.measured()
        self.assertAlmostEqual(0.75, self.page.qualities[clip.id].seconds)
        self.page.rule_field.setText("snr >= 20 dB")
        self.page.add_rule()
        reported = []
        self.page.message.connect(reported.append)
        with mock.patch.object(corpus_page.QFileDialog, "getExistingDirectory", return_value=str(self.folder / "c")):
            self.page.write_button.click()
        self.wait_for(lambda: not self.page.worker.busy and any("is written" in line for line in reported))
        rows = [json.loads(line) for line in (self.folder / "c" / "manifest.jsonl").read_text().splitlines()]
        self.assertEqual(4, len(rows))
        row = next(one for one in rows if one["id"] == clip.name)
        self.assertEqual((0.75, "Mind the gap", "s0"), (row["seconds"], row["text"], row["speaker"]))

    def test_texts_and_speakers_are_shown_before_they_are_taken(self) -> None:
        table = self.folder / "t.csv"
        table.write_text("file,text,speaker,language\nin/s0_line0.wav,Hello,ida,en\nnone.wav,No,bo,en\n")
        self.press(Key.Key_F9, Mod.ShiftModifier)
        dialog = self.window.findChild(RowsDialog)
        dialog.file.setText(str(table))
        dialog.pattern.setText("{speaker}_{id}")
        dialog.show_rows()
        opened = [[dialog.table.text(0, n) for n in range(4)] + [dialog.notice.text()]]
        dialog.take_button.click()
        self.app.processEvents()
        self.assertEqual(["s0_line0", "Hello", "ida", "en"], opened[0][:4])
        self.assertIn("there is no such file", opened[0][4])
        self.assertIn("another speaker", opened[0][4])
        self.assertEqual(
            ("Hello", "ida", "en"),
            next(
                (one.text, one.speaker, one.language)
                for one in self.session.project.job.clips
                if one.name == "s0_line0"
            ),
        )
        self.window.run("edit.undo")
        self.assertEqual("", self.session.project.job.clips[0].text)
