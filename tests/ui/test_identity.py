"""What lies in the output folder and at the machine is what the board shows, whatever was renamed, spoken again, taken off or recorded anew meanwhile."""

from __future__ import annotations

import random
from pathlib import Path

from kittiwake.core.model.script import Script, ScriptLine
from kittiwake.work.deliver import plan_of, send
from kittiwake.work.project import edits
from kittiwake.work.project.handing import items_of, root_of
from tests.sounds import speech_like
from tests.ui.base import WindowCase


class IdentityCase(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        self.there = self.folder / "machine"
        self.session.project.begin(("phone-menu",))
        self.session.project.change("out", self.session.project.job.changed(output=str(self.folder / "made")))
        self.takes = [self.write(f"in/take {n}.wav", speech_like(8000, 0.4, seed=n), 8000) for n in range(6)]

    def make(self) -> None:
        self.settle()
        self.window.run("make.all")
        self.wait_for(lambda: not self.window.maker.busy)
        self.settle()

    def made(self) -> dict[str, str]:
        """Names of made outputs on the board, with the clips that they are of."""
        project = self.session.project
        cells = [project.cell(clip, one) for clip in project.job.clips for one in project.receivers]
        return {
            Path(cell.record.output).name: cell.clip.name for cell in cells if cell.state == "made" and cell.record
        }

    def lying(self, folder: Path) -> set[str]:
        return {path.name for path in folder.rglob("*") if path.is_file() and not path.name.startswith(".")}

    def deliver(self) -> None:
        project = self.session.project
        receiver = project.receivers[0]
        items, _ = items_of(project, receiver)
        send(plan_of(items, receiver, root_of(project, receiver), self.there), take_away=True)


class TestScript(IdentityCase):
    def speak(self, **texts: int) -> None:
        """Lines spoken: each by the number of the sound that stands for what a voice would say."""
        by_name = {line.name: line.id for line in self.session.project.job.script.lines}
        edits.put_spoken(self.session.project, {by_name[name]: self.takes[n] for name, n in texts.items()})

    def test_a_changed_line_is_spoken_made_and_delivered_under_its_own_name(self) -> None:
        project = self.session.project
        line = ScriptLine("welcome", "Welcome aboard.")
        edits.put_script(project, "script", Script((line,)))
        self.speak(welcome=0)
        self.make()
        self.deliver()
        first = (self.there / "welcome.wav").read_bytes()
        # Changed, and not spoken: what would be handed over says the old words.
        edits.put_script(project, "text", project.job.script.replaced(project.job.script.lines[0].changed(text="Welcome.")))  # fmt: skip
        self.settle()
        self.assertEqual(self.state("welcome", "phone-menu"), "decide")
        cell = project.cell(project.job.clips[0], project.receivers[0])
        assert cell.fit
        self.assertIn("was changed, and not spoken since: “Welcome.”", cell.fit.problems[0].message)
        self.make()
        self.assertEqual(items_of(project, project.receivers[0])[0], [])
        # Spoken, it takes the place of what was there.
        self.speak(welcome=1)
        self.make()
        self.assertEqual(self.lying(self.folder / "made"), {"welcome.wav"})
        self.deliver()
        self.assertEqual(self.lying(self.there), {"welcome.wav"})
        self.assertNotEqual((self.there / "welcome.wav").read_bytes(), first)
        # Undone, its words are the old ones again, and so is its sound.
        for _ in range(2):
            self.window.run("edit.undo")
        self.settle()
        self.assertEqual(self.state("welcome", "phone-menu"), "stale")

    def test_a_respelling_or_another_voice_counts_as_well(self) -> None:
        project = self.session.project
        edits.put_script(project, "script", Script((ScriptLine("a", "Skerrow."), ScriptLine("b", "Fog."))))
        self.speak(a=0, b=1)
        self.settle()
        self.assertNotEqual(self.state("a", "phone-menu"), "decide")
        edits.put_script(project, "voice", project.job.script.changed(voice="espeak/de"))
        self.assertEqual([self.state(name, "phone-menu") for name in "ab"], ["decide", "decide"])


class TestRenaming(IdentityCase):
    def test_a_new_name_reaches_the_file(self) -> None:
        project = self.session.project
        self.window.add_paths(self.takes[:1])
        self.make()
        self.assertEqual(self.made(), {"take_0.wav": "take 0"})
        edits.replace_clip(project, "name", project.job.clips[0].changed(name="pier"))
        self.settle()
        self.assertEqual(self.state("pier", "phone-menu"), "stale")
        self.make()
        self.assertEqual(self.lying(self.folder / "made"), {"pier.wav"})
        self.assertEqual(self.made(), {"pier.wav": "pier"})


class TestAnything(IdentityCase):
    def test_random_edits_makings_and_deliveries(self) -> None:
        dice = random.Random(7)
        project = self.session.project
        self.window.add_paths(self.takes[:4])
        self.settle()
        for turn in range(14):
            clips = project.job.clips
            if clips:
                clip = dice.choice(clips)
                match dice.randrange(5):
                    case 0 | 1:
                        edits.replace_clip(project, "name", clip.changed(name=dice.choice(["a", "b", "c", "d"])))
                    case 2:
                        edits.replace_clip(project, "take", clip.changed(source=dice.choice(self.takes)))
                    case 3:
                        edits.replace_clip(project, "level", clip.changed(touch_up=clip.touch_up.changed(gain_db=float(turn))))  # fmt: skip
                    case _ if len(clips) > 2:
                        edits.remove_clips(project, {clip.id})
            if dice.random() < 0.6:
                continue
            self.make()
            made = self.made()
            self.assertEqual(len(made), len(project.job.clips))
            unwanted = {path.name for path, _ in self.session.outputs.unwanted()}
            self.assertEqual(self.lying(self.folder / "made"), set(made) | unwanted)
            self.assertEqual(set(made) & unwanted, set())
            self.deliver()
            self.assertEqual(self.lying(self.there), set(made))
            for item in items_of(project, project.receivers[0])[0]:
                self.assertEqual((self.there / item.name).read_bytes(), item.output.read_bytes())


class TestTwoJobs(IdentityCase):
    def test_two_jobs_without_a_name_do_not_write_into_one_folder(self) -> None:
        project = self.session.project
        project.outputs_at = self.folder / "documents"
        made = []
        for n in (0, 1):
            project.begin(("phone-menu",))
            self.window.add_paths([self.takes[n]])
            self.make()
            self.assertEqual({cell.state for cell in project.cells()}, {"made"})
            made.append(project.output_folder)
        self.assertEqual([path.name for path in made], ["in", "in 2"])
        self.assertIn("in 2", self.window.top.output_button.text())
        self.assertEqual([len(self.lying(path)) for path in made], [1, 1])
        # The same recordings once more are the same job, whether it was saved or not.
        project.begin(("phone-menu",))
        self.window.add_paths([self.takes[0]])
        self.make()
        self.assertEqual(project.output_folder.name, "in")
        self.assertEqual(len(self.lying(made[0])), 1)
