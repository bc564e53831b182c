"""The demo is opened as a copy of one's own: nothing that is done with it gets into the folder of the program."""

from __future__ import annotations

import os
from pathlib import Path
from unittest import mock

import kittiwake
from kittiwake.core.model.job import load_job
from kittiwake.demo import SHIPPED, copy_folder, is_demo, own_copy
from tests.ui.base import WindowCase

PROGRAM = Path(kittiwake.__file__).resolve().parent


class TestDemo(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        self.enterContext(mock.patch.dict(os.environ, {"XDG_DATA_HOME": f"{self.folder}/data"}))

    def places(self) -> list[Path]:
        project = self.session.project
        sources = [clip.source for clip in project.job.clips]
        return [*sources, *project.folders(), project.recordings_folder]

    def test_nothing_of_it_leads_into_the_program(self) -> None:
        self.window.run("job.demo")
        self.window.run("cut.demo")
        self.assertGreater(len(self.session.project.job.clips), 25)
        for placement in ("job.beside", "job.mirrored", "job.one_folder"):
            self.window.run(placement)
            for place in self.places():
                self.assertNotIn(PROGRAM, place.resolve().parents, placement)

    def test_the_copy_is_the_demo_and_no_job_to_save_over(self) -> None:
        path = own_copy()
        self.assertEqual(path.parent, copy_folder())
        self.assertTrue(is_demo(path) and is_demo(SHIPPED) and not is_demo(path.with_name("mine.kittiwake")))
        names = [clip.source.name for clip in load_job(SHIPPED).clips]
        self.assertEqual([clip.source.name for clip in load_job(path).clips], names)
        for source in (SHIPPED.parent / "sounds").iterdir():
            self.assertEqual((copy_folder() / "sounds" / source.name).read_bytes(), source.read_bytes())

    def test_what_was_altered_stays_and_what_is_gone_comes_back(self) -> None:
        path = own_copy()
        kept, gone = sorted((path.parent / "sounds").iterdir())[:2]
        kept.write_bytes(b"mine")
        gone.unlink()
        path.write_text("{}")
        own_copy()
        self.assertEqual(kept.read_bytes(), b"mine")
        self.assertTrue(gone.is_file())
        self.assertEqual(path.read_bytes(), SHIPPED.read_bytes())

    def test_where_there_is_no_room_it_is_opened_where_it_ships(self) -> None:
        (self.folder / "data").write_text("no folder")
        self.assertEqual(own_copy(), SHIPPED)
