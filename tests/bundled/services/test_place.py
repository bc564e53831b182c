"""Heard by a service, in the window."""

from __future__ import annotations

import csv
from unittest import mock

import numpy as np
from PySide6.QtCore import Qt
from PySide6.QtGui import QGuiApplication

from kittiwake.bundled.services.core import costs, simulated
from kittiwake.work.project import edits
from tests.sounds import speech_like
from tests.ui.base import WindowCase

Key, Mod = Qt.Key, Qt.KeyboardModifier
SAID = {0: "berth one is open", 1: "the boat is late", 2: "berth three is open"}


class TestHeard(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        self.heard: list[int] = []

        def ear(sound: np.ndarray, rate: int, *_: object) -> tuple[str, float]:
            self.heard.append(len(sound))
            return SAID[round(len(sound) / rate * 2) - 1], 0.75

        patched = mock.patch.object(simulated, "own_engines", return_value=mock.Mock(hear=ear))
        patched.start()
        self.addCleanup(patched.stop)
        self.session.project.begin(("speech-service",))
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        paths = [self.write(f"in/{n}.wav", speech_like(16_000, 0.5 * (n + 1), seed=n), 16_000) for n in range(3)]
        self.window.add_paths(paths)
        self.settle()
        texts = ("Berth 1 is open.", "The boat is here.", "")
        clips = tuple(
            clip.changed(text=text) for clip, text in zip(self.session.project.job.clips, texts, strict=True)
        )
        self.session.project.change("texts", self.session.project.job.changed(clips=clips))
        self.settle()
        self.window.board.setFocus()

    def listened(self) -> None:
        page = self.window.bench.page_of("heard")
        self.wait_for(lambda: not page.worker.busy and page.table.rowCount() == 3)
        self.app.processEvents()

    def test_to_the_service_and_back_in_two_actions(self) -> None:
        page = self.window.bench.page_of("heard")
        self.press(Key.Key_M)  # 1
        self.wait_for(lambda: not self.window.maker.busy)
        self.settle()
        self.press(Key.Key_F11, Mod.ShiftModifier)  # 2
        self.listened()
        by_name = {self.session.project.clip(key).name: value for key, value in page.answers.items()}  # type: ignore[union-attr]
        self.assertEqual([by_name[str(n)][0].text for n in range(3)], list(SAID.values()))
        first, second = by_name["0"][1], by_name["1"][1]
        assert first is not None and second is not None
        self.assertEqual((first.words, second.words), (0.0, 0.25))
        self.assertIsNone(by_name["2"][1], "nothing is meant")
        self.assertIn("3 of 3 answered, 12.5 % of 8 words wrong", page.sum.text())
        self.assertIn('"encoding": "wav", "sample_rate": 16000', page.request.text())
        # What was not heard is struck through, what was not meant underlined.
        row = next(n for n in range(3) if page.table.text(n, 0) == "1")
        words = page.table.rows[row].found and page.table.row_model.columns[1].html(page.table.rows[row])
        self.assertIn(">here</s>", words)
        self.assertIn("<b>late</b></u>", words)
        # Asked again, nothing is sent: the bytes are the same.
        before = len(self.heard)
        page.ask()
        self.listened()
        self.assertEqual(len(self.heard), before)
        self.assertTrue(all(answer.kept for answer, _ in page.answers.values()))
        # What was heard is taken as the text, and taken back.
        row = next(n for n in range(3) if page.table.text(n, 0) == "2")
        page.table.set_current(row)
        page.take()
        self.assertEqual(self.clip("2").text, "berth three is open")
        self.session.project.history.undo()
        self.assertEqual(self.clip("2").text, "")
        page.play()
        self.assertIn("2 → Speech service", self.window.player.title)

    def test_the_most_doubtful_first_as_a_list_and_what_codecs_cost(self) -> None:
        page = self.window.bench.page_of("heard")
        self.press(Key.Key_M)
        self.wait_for(lambda: not self.window.maker.busy)
        self.press(Key.Key_F11, Mod.ShiftModifier)
        self.listened()
        self.assertEqual("1", page.table.text(0, 0))
        self.assertIn("wav, 16000 Hz", page.table.text(0, 6))
        self.assertIn("×", page.table.text(0, 5))
        page.write_list(self.folder / "heard.csv")
        with (self.folder / "heard.csv").open(newline="", encoding="utf-8") as file:
            rows = list(csv.DictReader(file))
        self.assertEqual(
            ["1", "the boat is late", "0.25"], [rows[0][key] for key in ("name", "text", "word_error_rate")]
        )
        page.table.setFocus()
        page.table.set_current(0)
        self.press(Key.Key_T)
        self.assertIn("the boat is late", [clip.text for clip in self.session.project.job.clips])
        page.copy_button.click()
        self.assertTrue(QGuiApplication.clipboard().text().startswith("printf "))
        two = [one for one in costs.candidates() if one.name in ("WAV, µ-law, 8 kHz", "headerless G.722, 16 kHz")]
        with mock.patch.object(costs, "candidates", return_value=two):
            page.codecs_button.click()
            self.wait_for(lambda: len(page.costs.bars.costs) == 3 and not page.costs.busy)
        self.assertEqual(["as it is", *(one.name for one in two)], [one.name for one in page.costs.bars.costs])
        page.costs.back_button.click()
        self.assertTrue(page.table.isVisibleTo(page))

    def test_what_is_false_is_said(self) -> None:
        self.press(Key.Key_M)
        self.wait_for(lambda: not self.window.maker.busy)
        self.settle()
        project = self.session.project
        receiver = project.receivers[0]
        assert receiver.service is not None
        wrong = receiver.service.changed(body=receiver.service.body.replace("{encoding}", "linear16"))
        project.receivers[0] = receiver.changed(service=wrong)
        page = self.window.bench.page_of("heard")
        page.begin(project.receivers[0])
        self.listened()
        self.assertIn("encoding says linear16, and the sound is wav", next(iter(page.answers.values()))[0].error)
        self.assertIn("3 without an answer", page.sum.text())

    def test_without_a_service(self) -> None:
        edits.choose_receivers(self.session.project, ["phone-menu"])
        self.window.board.setFocus()
        self.press(Key.Key_F11, Mod.ShiftModifier)
        self.assertIn("No receiver of the board is a service", self.window.status.words.text())
