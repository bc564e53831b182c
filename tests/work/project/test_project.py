"""A project without a window: what it tells, what it keeps, and that reading it changes nothing."""

from __future__ import annotations

import copy
import os
import subprocess
import sys
from pathlib import Path

from kittiwake.core.batch import BatchRequest, PlannedClip, run_batch
from kittiwake.core.make.ledger import Ledger
from kittiwake.core.measure import analyze
from kittiwake.core.model import Stated, TouchUp, load_receiver
from kittiwake.core.model.job import save_job
from kittiwake.core.process import InProcess
from kittiwake.work.project import Project, edits
from kittiwake.work.project.outputs import News
from kittiwake.work.project.remembered import Remembered
from tests.sounds import FolderCase, noise, speech_like

MENU = load_receiver("phone-menu")


class ProjectCase(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.project = Project(Remembered(self.folder / "remembered.json"))
        self.asked: list[tuple[list[Path], bool]] = []
        self.sentences: list[str] = []
        self.project.wanted.connect(lambda paths, anew: self.asked.append((list(paths), anew)))
        self.project.message.connect(self.sentences.append)
        edits.choose_receivers(self.project, ["phone-menu"])
        self.project.change("output", self.project.job.changed(output=str(self.folder / "out")))

    def add(self, *paths: Path) -> None:
        self.project.add_sources(paths)
        for path in paths:
            self.project.take_facts(analyze(path, self.project.job.stated.get(path)))

    def speech(self, name: str, seed: int = 1) -> Path:
        return self.write(name, speech_like(16_000, 1, seed=seed), 16_000)

    def make(self) -> None:
        project = self.project
        cells = [cell for cell in project.cells() if cell.fit]
        clips = [PlannedClip(c.clip, c.facts, {MENU.slug: c.fit}, n) for n, c in enumerate(cells, 1)]  # type: ignore[dict-item, arg-type]
        request = BatchRequest((MENU,), (project.folder_of(MENU, Path()),))
        for result in run_batch(clips, request, InProcess()):
            project.outputs.take_result(next(c for c in cells if c.clip.id == result.clip), result)

    def states(self) -> list[str]:
        return [cell.state for cell in self.project.cells()]


class TestProject(ProjectCase):
    def test_it_needs_no_window(self) -> None:
        code = "import sys, kittiwake.work.project.edits; sys.exit(any(m.startswith('PySide6') for m in sys.modules))"
        self.assertEqual(subprocess.run([sys.executable, "-c", code]).returncode, 0)

    def test_from_a_file_to_a_made_cell_and_what_is_asked_for_on_the_way(self) -> None:
        path = self.speech("a.wav")
        changed: list[tuple[str, str]] = []
        self.project.cell_changed.connect(lambda *key: changed.append(key))
        self.project.add_sources([path])
        self.assertEqual((self.asked[-1], self.states()), (([path], False), ["waiting"]))
        self.project.take_facts(analyze(path))
        self.assertEqual(self.states(), ["convert"])
        self.make()
        self.assertEqual(self.states(), ["made"])
        self.assertEqual(changed, [(self.project.job.clips[0].id, MENU.slug)])
        edits.touch_up(self.project, self.project.job.clips, {"gain_db": -6.0})
        self.assertEqual(self.states(), ["stale"])
        self.project.history.undo()
        self.assertEqual(self.states(), ["made"])

    def test_a_record_of_a_clip_that_is_gone_is_not_opened(self) -> None:
        self.test_from_a_file_to_a_made_cell_and_what_is_asked_for_on_the_way()
        records = tuple(self.project.outputs.records.values())
        self.assertEqual(len(records), 1)
        path = self.folder / "gone.kittiwake"
        save_job(self.project.job.changed(made=records), path)
        self.project.open(path)
        self.assertEqual(len(self.project.outputs.records), 1)
        save_job(self.project.job.changed(clips=(), made=records), path)
        self.project.open(path)
        self.assertEqual(self.project.outputs.records, {})

    def test_reading_cells_changes_nothing_that_is_saved_or_told(self) -> None:
        self.add(self.speech("a.wav"), self.speech("b.wav", 2))
        self.make()
        before = (
            self.project.job,
            copy.copy(self.project.outputs.records),
            len(self.project.history),
            list(self.sentences),
        )
        for _ in range(2):
            list(self.project.cells())
            [self.project.plans.problems_of(clip) for clip in self.project.job.clips]
        after = self.project.job, self.project.outputs.records, len(self.project.history), self.sentences
        self.assertEqual(before, after)

    def test_what_another_run_made_is_known_by_the_ledger(self) -> None:
        path = self.speech("a.wav")
        list(run_batch([path], BatchRequest((MENU,), (self.project.folder_of(MENU, Path()),)), InProcess()))
        self.add(path)
        self.assertEqual(self.states(), ["convert"])
        entries = {(e.source, e.clip, e.receiver): e for e in Ledger(self.project.folder_of(MENU, Path()))}
        self.project.outputs.take_news(News(ledger=entries))
        self.assertEqual(self.states(), ["made"])
        (record,) = self.project.outputs.records.values()
        self.project.outputs.take_news(News(altered={(record.clip, record.receiver): record}))
        self.assertEqual(self.states(), ["stale"])
        self.project.outputs.take_news(News(gone={(record.clip, record.receiver): record}))
        self.assertEqual((self.states(), self.project.outputs.records), (["convert"], {}))
        self.assertEqual(len(self.sentences), 2)

    def test_a_source_that_changed_while_it_was_read_is_not_taken_for_made(self) -> None:
        path = self.speech("a.wav")
        self.project.add_sources([path])
        facts = analyze(path)
        self.speech("a.wav", 2)
        os.utime(path, ns=(1, 1))
        self.project.take_facts(facts)
        self.assertEqual(self.project.source_stamps[path], facts.stamp, "the stamp is of what was read")

    def test_a_format_stated_once_is_taken_for_the_next_and_undone_with_it(self) -> None:
        raw = [self.folder / name for name in ("a.raw", "b.raw")]
        for n, path in enumerate(raw):
            path.write_bytes((noise(8000, 1, -20, seed=n) * 32767).astype("<i2").tobytes())
        self.add(raw[0])
        self.project.headerless.state([raw[0]], Stated.parse("pcm_s16le@8000"))
        steps = len(self.project.history)
        self.add(raw[1])
        self.assertEqual(self.project.job.stated.get(raw[1]), Stated.parse("pcm_s16le@8000"))
        self.assertIn("as last stated in its folder", self.sentences[-1])
        self.assertEqual(len(self.project.history), steps + 1)
        self.project.history.undo()
        self.assertEqual(list(self.project.job.stated), [raw[0]])

    def test_of_another_job_nothing_is_kept(self) -> None:
        path = self.speech("a.wav")
        self.add(path)
        self.make()
        job = self.folder / "other.kittiwake"
        Project(Remembered(self.folder / "none.json")).save(job)
        cell = next(iter(self.project.cells()))
        self.project.open(job)
        project = self.project
        self.assertEqual((project.facts, project.outputs.records, project.plans.kept_fits), ({}, {}, {}))
        self.assertTrue(project.history.is_clean)
        assert cell.made
        project.outputs.take_result(cell, cell.made)
        self.assertEqual(project.outputs.records, {})


class TestReceivers(ProjectCase):
    def test_a_receiver_is_changed_duplicated_and_given_back(self) -> None:
        level = MENU.treatment.level.changed(target_dbov=-20.0)
        louder = MENU.changed(treatment=MENU.treatment.changed(level=level))
        mine = edits.change_receiver(self.project, louder)
        self.assertEqual(
            (self.project.receivers, mine.name, mine.treatment), ([mine], "My Phone menu", louder.treatment)
        )
        self.assertTrue(mine.slug.startswith("my-phone-menu"))
        again = edits.change_receiver(self.project, mine.changed(name="Hall"))
        self.assertEqual((self.project.receivers, again.slug, again.name), ([again], mine.slug, "Hall"))
        copy_ = edits.duplicate_receiver(self.project, mine.slug)
        assert copy_
        self.assertEqual([one.slug for one in self.project.receivers], [mine.slug, copy_.slug])
        self.assertEqual(copy_.treatment, louder.treatment)
        for _ in range(3):
            self.project.history.undo()
        self.assertEqual(self.project.receivers, [MENU])
        # A job of before, which gave other rules to a receiver that ships: they can be given back.
        self.project.change("as before", self.project.job.changed(own={MENU.slug: louder}))
        self.assertEqual(self.project.receivers, [louder])
        edits.reset_receiver(self.project, MENU.slug)
        self.assertEqual(self.project.receivers, [MENU])

    def test_what_was_decided_for_one_holds_for_the_changed_one(self) -> None:
        self.project.add_sources([self.folder / "one.wav"])
        clip = self.project.job.clips[0].changed(at={MENU.slug: TouchUp(gain_db=2.0)})
        edits.replace_clip(self.project, "louder", clip)
        mine = edits.change_receiver(self.project, MENU.changed(purpose="Mine."))
        self.assertEqual(self.project.job.clips[0].touch_up_at(mine.slug).gain_db, 2.0)

    def test_a_job_begins_for_some_receivers(self) -> None:
        self.project.begin(["deck-radio", "none-such"])
        self.assertEqual(([one.slug for one in self.project.receivers], self.project.job.clips), (["deck-radio"], ()))
        self.assertEqual((self.project.facts, self.project.history.can_undo), ({}, False))
