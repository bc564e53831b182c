"""A codec, a rule, a remedy, a touch-up, a voice, a form of delivery, a stand-in with its panel, a place with a table and a worker, and a command are added from outside: short files, and nothing under ``src`` is edited."""

from __future__ import annotations

import json
import os
import subprocess
import sys
from pathlib import Path

from tests.sounds import DEMO, FolderCase, noise, speech_like

HERE = Path(__file__).parent / "examples"
FILES = (
    "codec.py",
    "horn.py",
    "horn_ui.py",
    "rule.py",
    "remedy.py",
    "touch_up.py",
    "voice.py",
    "delivery.py",
    "longest_ui.py",
    "tide",
)
RECEIVER = HERE / "horn.toml"
WINDOW = """
import sys
from pathlib import Path
from kittiwake.core import extensions
from kittiwake.work.project import edits
from kittiwake.ui.shell.start import make_app, settle
app = make_app()
extensions.load("core"); extensions.load("ui")
from kittiwake.ui.shell.window import Window
window = Window(); window.use_colours(False); window.show()
project = window.session.project
edits.choose_receivers(project, [sys.argv[1]])
project.change("output", project.job.changed(output=sys.argv[3]))
window.add_paths([Path(sys.argv[2])]); settle(app, window)
window.board.select(project.job.clips[0].id, "horn")
window.run("make.all"); settle(app, window)
print([cell.state for cell in project.cells()])
window.run("standin.hand"); print(window.status.words.text())
panel = window.bench.stand_ins.panel("horn"); print(panel.text(), panel.isVisible())
print("forms:", any("paging horns" in name for _, name in __import__("kittiwake.core.fit.rules.form", fromlist=["x"]).forms()))
print("in menu:", [a.text() for m in window.menuBar().actions() if m.text() == "View" for a in m.menu().actions()][-1])
window.run("horn.count"); print(window.status.words.text())
window.run("tide.say"); print(window.status.words.text())
window.run("pauses.show"); page = window.bench.page_of("pauses")
while page.worker.busy: app.processEvents()
print(window.bench.page, page.table.rowCount(), page.table.text(0, 0), "|", window.status.words.text())
window.run("standin.press"); settle(app, window); print(window.player.title)
window.shut_down()
"""


TOUCHED = """
import sys
from pathlib import Path
from kittiwake.core import extensions
extensions.load("core")
from kittiwake.core.batch import plan_outputs
from kittiwake.core.fit import fit
from kittiwake.core.make import make_output
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Job, TouchUp, load_receiver
from kittiwake.core.model.job import load_job, save_job
path, out = Path(sys.argv[1]), Path(sys.argv[2])
clip, facts, menu = Clip.whole(path), analyze(path), load_receiver("phone-menu")
clip = clip.changed(touch_up=TouchUp(more=(("again", 2.0),)))
save_job(Job(clips=(clip,)), out / "j.kittiwake")
(clip,) = load_job(out / "j.kittiwake").clips
found = fit(clip, facts, menu)
made = make_output(plan_outputs([(clip, facts, found)], menu, out)[0])
print(made.status, made.seconds, made.bytes == found.predicted_bytes, made.error)
print([step.what for step in found.steps if "again" in step.what or "more" in step.what])
if len(sys.argv) > 3:
    from kittiwake.ui.shell.start import make_app
    from kittiwake.ui.dialogs.touch_dialog import TouchDialog
    app = make_app()
    dialog = TouchDialog(None, [clip.touch_up])
    box = dialog.stages["again"]
    print(box.accessibleName(), box.value()); box.setValue(1); print(dialog.changes())
"""


class TestExtending(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        named = os.pathsep.join(str(HERE / name) for name in FILES)
        self.environment = {**os.environ, "KITTIWAKE_EXTENSIONS": named, "QT_QPA_PLATFORM": "offscreen"}

    def kittiwake(self, *words: object) -> subprocess.CompletedProcess[str]:
        command = [sys.executable, "-m", "kittiwake.cli", *map(str, words)]
        return subprocess.run(command, capture_output=True, text=True, env=self.environment)

    def test_each_is_short(self) -> None:
        for name in FILES:
            path = HERE / name
            texts = [one.read_text("utf-8") for one in (path.glob("*.py") if path.is_dir() else (path,))]
            self.assertLessEqual(sum(len(text.splitlines()) for text in texts), 60, name)

    def test_a_codec_in_the_terminal(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 2), 16_000)
        done = self.kittiwake("make", "--json", "--for", RECEIVER, "--into", self.folder / "out", path)
        reported = json.loads(done.stdout.splitlines()[0])
        self.assertEqual(
            (reported["status"], reported["bytes"], reported["error"]), ("made", 16_000, None), done.stderr
        )
        names = [check["name"] for check in reported["proof"]["checks"]]
        self.assertIn("samples, by kittiwake", names)
        out = self.folder / "out" / "a.horn"
        facts = json.loads(self.kittiwake("facts", "--json", "--headerless", "horn8@8000", out).stdout)
        self.assertEqual((facts["ok"], facts["encoding"]), (True, "horn8"))
        # Nothing of it is there without the extension.
        del self.environment["KITTIWAKE_EXTENSIONS"]
        refused = self.kittiwake("make", "--for", RECEIVER, "--into", self.folder / "out", path)
        self.assertNotEqual(refused.returncode, 0)

    def test_a_form_of_delivery(self) -> None:
        out, there = self.folder / "out", self.folder / "there"
        made = self.kittiwake("make", "--for", "phone-menu", "--into", out, DEMO / "Welcome.wav")
        self.assertEqual(made.returncode, 0, made.stderr)
        words = ("deliver", out, "--for", "phone-menu", "--set", "delivery.form=sums", "--into", there)
        for expected in ("2 files handed over", "0 files handed over"):
            self.assertIn(expected, self.kittiwake(*words).stdout)
        checked = subprocess.run(
            ["sha256sum", "-c", "SHA256SUMS"], cwd=there, capture_output=True, text=True, check=False
        )
        self.assertEqual(checked.stdout, "Welcome.wav: OK\n")

    def test_a_voice_and_what_it_costs_where_it_fails_or_dies(self) -> None:
        script = self.folder / "s.csv"
        words = ("good words", "please die", "some noise", "raise it", "fine")
        script.write_text("name,text\n" + "".join(f"line {n},{text}\n" for n, text in enumerate(words)), "utf-8")
        out, spoken = self.folder / "out", self.folder / "spoken"
        done = self.kittiwake(
            "speak", script, "--voice", "toot/low", "--for", "phone-menu", "--into", out, "--spoken", spoken
        )
        self.assertEqual(done.returncode, 1, done.stderr)
        self.assertEqual(sorted(path.stem for path in out.iterdir() if path.suffix == ".wav"), ["line_0", "line_4"])
        self.assertEqual(len([path for path in spoken.iterdir() if path.suffix == ".wav"]), 2)
        for name in ("line 1", "line 2", "line 3"):
            self.assertIn(name, done.stderr)

    def receiver(self, more: str, seconds: float = 10) -> Path:
        text = RECEIVER.read_text("utf-8").replace("max_seconds = 10", f"max_seconds = {seconds:g}")
        path = self.folder / "more.toml"
        path.write_text(f"{text}\n[rules.more]\n{more}\n", "utf-8")
        return path

    def test_a_rule_in_planning_and_in_proof(self) -> None:
        sound = speech_like(16_000, 4)
        sound[24_000:] = 0.0003 * noise(16_000, 2.5, 0)
        path = self.write("a.wav", sound, 16_000)
        strict, mild = self.receiver("speech_percent = 90"), self.folder / "mild.toml"
        mild.write_text(strict.read_text("utf-8").replace("90", "10"), "utf-8")
        fit = json.loads(self.kittiwake("fit", "--json", "--for", strict, path).stdout)
        (problem,) = (one for one in fit["problems"] if one["code"] == "too_quiet_between")
        self.assertEqual((fit["verdict"], problem["severity"]), ("decide", "decide"))
        self.assertIn("Paging horn wants 90 %", problem["message"])
        done = self.kittiwake("make", "--json", "--for", mild, "--into", self.folder / "out", path)
        checks = {one["name"]: one for one in json.loads(done.stdout.splitlines()[0])["proof"]["checks"]}
        self.assertTrue(checks["share of speech"]["passed"])
        proof = json.loads(self.kittiwake("proof", "--json", "--for", strict, self.folder / "out" / "a.horn").stdout)
        self.assertEqual([c["name"] for c in proof["checks"] if not c["passed"]], ["share of speech"])
        for wrong, expected in (
            ("speech_percent = 100", "1 to 99 %"),
            ("speech_per_cent = 50", "did you mean speech_percent"),
        ):
            refused = self.kittiwake("fit", "--for", self.receiver(wrong), path)
            self.assertEqual(refused.returncode, 2)
            self.assertIn(expected, refused.stderr)

    def test_a_rule_has_its_field_in_the_sheet(self) -> None:
        script = (
            "import sys\nfrom kittiwake.core import extensions\nextensions.load('core')\n"
            "from kittiwake.ui.shell.start import make_app\nfrom kittiwake.core.model import load_receiver\n"
            "from kittiwake.ui.places.receiver.rules_editor import RulesEditor\napp = make_app()\n"
            "sheet = RulesEditor(); sheet.show_receiver(load_receiver(sys.argv[1]))\n"
            "field = next(f for b, f in sheet.fields if b.path[-1] == 'speech_percent')\n"
            "print(field.accessibleName(), field.text()); field.setText('40'); print(sheet.receiver().rules.more)\n"
            "field.setText(''); print(sheet.receiver().rules.more)\n"
        )
        command = [sys.executable, "-c", script, str(self.receiver("speech_percent = 30"))]
        done = subprocess.run(command, capture_output=True, text=True, env=self.environment)
        reported = ["At least … % of it are speech 30", "{'speech_percent': 40.0}", "{}"]
        self.assertEqual(done.stdout.splitlines(), reported, done.stderr)

    def test_a_rule_and_a_touch_up_are_set_in_the_terminal(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 1), 16_000)
        words = ("--set", "speech_percent=99", path)
        fit = json.loads(self.kittiwake("fit", "--json", "--for", "phone-menu", *words).stdout)
        self.assertIn("too_quiet_between", [problem["code"] for problem in fit["problems"]])
        wrong = self.kittiwake("fit", "--for", "phone-menu", "--set", "speech_percent=100", path)
        self.assertEqual(wrong.returncode, 2)
        self.assertIn("1 to 99 %", wrong.stderr)
        out = self.folder / "touched"
        made = self.kittiwake("touch", "--json", "--set", "again=2", "--for", "phone-menu", "--into", out, path)
        self.assertEqual(json.loads(made.stdout.splitlines()[0])["seconds"], 4.0, made.stderr)
        for setting, expected in (("again=9", "from 0 to 5"), ("agan=1", "no field “agan”")):
            refused = self.kittiwake("touch", "--set", setting, "--for", "phone-menu", "--into", out, path)
            self.assertEqual(refused.returncode, 2)
            self.assertIn(expected, refused.stderr)

    def test_a_remedy_is_offered_and_taken(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 6), 16_000)
        short = self.receiver("", seconds=4)
        fit = json.loads(self.kittiwake("fit", "--json", "--for", short, path).stdout)
        codes = [remedy["code"] for problem in fit["problems"] for remedy in problem["remedies"]]
        self.assertIn("first_half", codes)
        words = ("make", "--json", "--remedy", "first_half", "--for", short, "--into", self.folder / "out", path)
        reported = json.loads(self.kittiwake(*words).stdout.splitlines()[0])
        self.assertEqual((reported["status"], reported["seconds"]), ("made", 3.0))

    def test_a_touch_up_in_the_job_in_planning_making_proof_and_its_form(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 1), 16_000)
        command = [sys.executable, "-c", TOUCHED, str(path), str(self.folder), "window"]
        done = subprocess.run(command, capture_output=True, text=True, env=self.environment)
        reported = [
            "made 4.0 True None",
            "['Say it 2 times more, half a second apart']",
            "Say it again: times, half a second apart 2.0",
            "{'more': (('again', 1.0),)}",
        ]
        self.assertEqual(done.stdout.splitlines(), reported, done.stderr)
        # Where the extension is not there the job still opens, and the clip says what is missing.
        del self.environment["KITTIWAKE_EXTENSIONS"]
        done = subprocess.run(command[:-1], capture_output=True, text=True, env=self.environment)
        self.assertIn("refused None True It is touched up by “again”, which is not there. Do without it", done.stdout)

    def test_all_of_them_in_the_window(self) -> None:
        command = [sys.executable, "-c", WINDOW, str(RECEIVER), str(DEMO / "Welcome.wav"), str(self.folder / "out")]
        done = subprocess.run(command, capture_output=True, text=True, env=self.environment)
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertEqual(
            done.stdout.splitlines(),
            [
                "['made']",
                "The paging horn took Welcome.horn; P sets it off.",
                "The horn holds Welcome.horn. True",
                "forms: True",
                "in menu: Pauses…",
                "There are 1 clips.",
                "1.81 s",
                "pauses 1 Welcome | 1 clips measured.",
                "Paging horn: Welcome.horn",
            ],
        )

    def test_a_folder_is_an_extension_behind_the_doors_of_those_that_are_bundled(self) -> None:
        env = {**os.environ, "KITTIWAKE_EXTENSIONS": str(HERE / "tide")}
        words = [sys.executable, "-m", "kittiwake.cli", "tide", str(DEMO / "Welcome.wav")]
        done = subprocess.run(words, env=env, capture_output=True, text=True, check=False)
        self.assertRegex(done.stdout, r"^\d+\.\d\d s in 1$", done.stderr)
        left_out = subprocess.run(
            words, env=env | {"KITTIWAKE_WITHOUT": "tide"}, capture_output=True, text=True, check=False
        )
        self.assertIn("No such command", left_out.stderr)

    def test_a_folder_brings_receivers_and_what_it_says_in_other_languages(self) -> None:
        env = {**os.environ, "KITTIWAKE_EXTENSIONS": str(HERE / "tide"), "QT_QPA_PLATFORM": "offscreen"}

        def done(*words: str, **more: str) -> str:
            run = subprocess.run(
                [sys.executable, *words], env=env | more, capture_output=True, text=True, check=False
            )
            return run.stdout + run.stderr

        receivers = ("-m", "kittiwake.cli", "receivers")
        self.assertRegex(done(*receivers, LANGUAGE="en", LC_ALL="C.UTF-8"), r"tide-gauge\s+Tide gauge")
        self.assertRegex(done(*receivers, LC_ALL="de_DE.UTF-8"), r"tide-gauge\s+Pegel")
        self.assertNotIn("tide-gauge", done(*receivers, KITTIWAKE_WITHOUT="tide"))
        made = done(
            "-m",
            "kittiwake.cli",
            "make",
            "--for",
            "tide-gauge",
            "--into",
            str(self.folder),
            str(DEMO / "Welcome.wav"),
        )
        self.assertIn("proof passed", made)
        window = (
            "from kittiwake.ui.shell.start import make_app; app = make_app()\n"
            "from kittiwake.ui.shell.language import use_language; use_language('de')\n"
            "from kittiwake.ui.shell.window import Window; window = Window()\n"
            "print(window.qactions['tide.say'].text(), '|', window.qactions['job.save'].text())"
        )
        self.assertIn("Wie lang alles spielt | Den Auftrag speichern", done("-c", window))

    def test_a_folder_that_fails_or_has_a_name_that_is_taken_is_told(self) -> None:
        for name, module, text in (
            ("broken", "__init__.py", "1 / 0"),
            ("empty", "notes.txt", ""),
            ("torn", "ebb_verb.py", "1 / 0"),
            ("tones", "__init__.py", ""),
        ):
            folder = self.folder / name
            folder.mkdir()
            if name == "torn":
                (folder / "__init__.py").touch()
            (folder / module).write_text(text)
            done = subprocess.run(
                [sys.executable, "-m", "kittiwake.cli", "--help"],
                env={**os.environ, "KITTIWAKE_EXTENSIONS": str(folder)}, capture_output=True, text=True, check=False,
            )  # fmt: skip
            self.assertEqual(done.returncode, 1, name)
            self.assertRegex(done.stderr, f"The extension .*{name} cannot be loaded", name)
            self.assertNotIn("Traceback", done.stderr)

    def test_an_extension_that_fails_is_told(self) -> None:
        wrong = self.folder / "wrong.py"
        wrong.write_text("import nothing_of_that_name\n")
        self.environment["KITTIWAKE_EXTENSIONS"] = str(wrong)
        done = self.kittiwake("receivers")
        self.assertEqual((done.returncode, done.stdout), (1, ""))
        self.assertIn(f"The extension {wrong} cannot be loaded (ModuleNotFoundError", done.stderr)
