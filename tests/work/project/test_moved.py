"""Sources that have moved are found again by name, then by content, and never another recording in their place."""

from __future__ import annotations

from pathlib import Path

from kittiwake.core.errors import Cancelled
from kittiwake.core.intake.digest import source_digest
from kittiwake.work.project import Project
from kittiwake.work.project.moved import Known, Moved, find_moved, missing_sources, put_moved
from tests.sounds import FolderCase, speech_like


class TestMoved(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.files: dict[str, Path] = {}
        for n, name in enumerate(("a/one.wav", "a/two.wav", "b/one.wav", "c/three.wav")):
            self.files[name] = self.write(f"old/{name}", speech_like(8000, 0.5 + n / 10, seed=n), 8000)
        self.known = {path: Known(path.stat().st_size, source_digest(path)) for path in self.files.values()}

    def look(self, *names: str, nothing_known: bool = False) -> Moved:
        missing = [self.files[name] for name in names or self.files]
        return find_moved(
            missing, self.folder / "new", (lambda _: Known()) if nothing_known else self.known.__getitem__
        )

    def where(self, moved: Moved) -> dict[str, str]:
        return {
            old.relative_to(self.folder / "old").as_posix(): new.relative_to(self.folder / "new").as_posix()
            for old, new in moved.found.items()
        }

    def test_a_folder_that_moved_as_it_is(self) -> None:
        (self.folder / "old").rename(self.folder / "new")
        for nothing_known in (False, True):
            moved = self.look(nothing_known=nothing_known)
            self.assertEqual(self.where(moved), {name: name for name in self.files})
            self.assertEqual((moved.missing, moved.unsure), ((), ()))

    def test_renamed_ones_are_found_by_content_and_another_recording_of_the_name_is_not_taken(self) -> None:
        (self.folder / "new").mkdir()
        self.files["a/one.wav"].rename(self.folder / "new/renamed.wav")
        self.write("new/two.wav", speech_like(8000, 3.0, seed=9), 8000)
        self.files["c/three.wav"].rename(self.folder / "new/THREE.WAV")
        moved = self.look("a/one.wav", "a/two.wav", "c/three.wav")
        self.assertEqual(self.where(moved), {"a/one.wav": "renamed.wav", "c/three.wav": "THREE.WAV"})
        self.assertEqual([path.name for path in moved.missing], ["two.wav"])

    def test_several_of_one_name_are_told_apart_by_content_or_not_at_all(self) -> None:
        (self.folder / "new/x").mkdir(parents=True)
        (self.folder / "new/y").mkdir()
        self.files["a/one.wav"].rename(self.folder / "new/x/one.wav")
        self.files["b/one.wav"].rename(self.folder / "new/y/one.wav")
        self.assertEqual(
            self.where(self.look("a/one.wav", "b/one.wav")), {"a/one.wav": "x/one.wav", "b/one.wav": "y/one.wav"}
        )
        moved = self.look("a/one.wav", nothing_known=True)
        self.assertEqual((moved.found, [path.name for path in moved.unsure]), ({}, ["one.wav"]))

    def test_a_search_can_be_stopped(self) -> None:
        (self.folder / "old").rename(self.folder / "new")
        with self.assertRaises(Cancelled):
            find_moved(self.files.values(), self.folder / "new", self.known.__getitem__, lambda: True)

    def test_clips_cuts_and_formats_go_along_as_one_step(self) -> None:
        project = Project()
        project.add_sources(list(self.files.values()))
        before = project.job
        (self.folder / "old").rename(self.folder / "new")
        self.assertEqual(set(missing_sources(project.job)), set(self.files.values()))
        self.assertEqual(put_moved(project, self.look().found), 4)
        self.assertEqual(missing_sources(project.job), ())
        self.assertEqual(
            [(one.id, one.name) for one in project.job.clips], [(one.id, one.name) for one in before.clips]
        )
        project.history.undo()
        self.assertEqual(project.job, before)
