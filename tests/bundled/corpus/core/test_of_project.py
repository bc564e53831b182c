"""Clips of a project as rows of a corpus, and back."""

from __future__ import annotations

import dataclasses
from pathlib import Path

from kittiwake.bundled.corpus.core.of_project import corpus_rows, take_rows
from kittiwake.core.model import TouchUp, load_receiver
from kittiwake.work.project.remembered import Remembered
from tests.work.project.test_project import ProjectCase

MENU = load_receiver("phone-menu")


class TestRows(ProjectCase):
    def test_those_that_are_for_the_receiver_and_can_be_read_have_rows(self) -> None:
        broken = self.folder / "broken.wav"
        broken.write_bytes(b"RIFF")
        self.add(self.speech("one.wav"), self.speech("two.wav", 2), self.speech("three.wav", 3), broken)
        one, two, three, _ = self.project.job.clips
        names = {one.id: " Ship's / bell. ", two.id: "ship's-bell", three.id: "..."}
        new = tuple(
            clip.changed(
                name=names.get(clip.id, clip.name),
                text="Welcome" if clip is one else "",
                kind="alert" if clip is one else "",
                receivers=("quay-beacon",) if clip is three else (),
                at={"phone-menu": TouchUp(gain_db=3)} if clip is two else {},
            )
            for clip in self.project.job.clips
        )
        self.project.change("names", self.project.job.changed(clips=new))
        rows = corpus_rows(self.project, MENU)
        self.assertEqual(list(rows), [one.id, two.id])
        self.assertEqual([row.id for row in rows.values()], ["Ship's-bell", "ship's-bell-2"])
        first, second = rows.values()
        self.assertEqual((first.text, first.traits), ("Welcome", (("kind", "alert"),)))
        self.assertEqual((second.traits, second.clip.touch_up.gain_db if second.clip else None), ((), 3))

    def test_what_was_typed_in_rows_goes_back_to_their_clips(self) -> None:
        self.add(self.speech("one.wav"), self.speech("two.wav", 2))
        rows = list(corpus_rows(self.project, MENU).items())
        changed = [
            (rows[0][0], dataclasses.replace(rows[0][1], text="Hello", speaker="Ann", language="en")),
            rows[1],
            ("nobody", rows[1][1]),
        ]
        self.assertEqual(take_rows(self.project, changed), 1)
        clip = self.project.job.clips[0]
        self.assertEqual((clip.text, clip.speaker, clip.language), ("Hello", "Ann", "en"))
        self.assertEqual(take_rows(self.project, changed), 0)
        self.project.history.undo()
        self.assertEqual(self.project.job.clips[0].text, "")

    def test_what_is_remembered_has_a_place_of_its_own(self) -> None:
        self.assertEqual(Remembered().path.name, "headerless.json")
        self.assertIn("kittiwake", str(Remembered().path))
        self.assertIsNone(Remembered(Path("/nowhere/at/all.json")).format_of(Path("/x")))
