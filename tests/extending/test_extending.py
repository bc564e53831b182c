"""A codec, a stand-in with its panel and a command are added from outside: short files, and nothing under ``src`` is edited."""

from __future__ import annotations

import json
import os
import subprocess
import sys
from pathlib import Path

from tests.sounds import DEMO, FolderCase, speech_like

HERE = Path(__file__).parent / "examples"
FILES = ("codec.py", "horn.py", "horn_ui.py")
RECEIVER = HERE / "horn.toml"
WINDOW = """
import sys
from pathlib import Path
from kittiwake.core import extensions
from kittiwake.core.project import edits
from kittiwake.ui.start import make_app, settle
app = make_app()
extensions.load("core"); extensions.load("ui")
from kittiwake.ui.window import Window
window = Window(); window.use_colours(False); window.show()
project = window.session.project
edits.choose_receivers(project, [sys.argv[1]])
project.change("output", project.job.changed(output=sys.argv[3]))
window.add_paths([Path(sys.argv[2])]); settle(app, window)
window.board.select(project.job.clips[0].id, "horn")
window.run("make.all"); settle(app, window)
print([cell.state for cell in project.cells()])
window.run("standin.hand"); print(window.foot.words.text())
panel = window.bench.stand_ins.panel("horn"); print(panel.text(), panel.isVisible())
print("forms:", any("paging horns" in name for _, name in __import__("kittiwake.ui.bench.rules_editor", fromlist=["x"]).forms()))
print("in menu:", [a.text() for m in window.menuBar().actions() if m.text() == "View" for a in m.menu().actions()][-1])
window.run("horn.count"); print(window.foot.words.text())
window.run("standin.press"); settle(app, window); print(window.player.title)
window.shut_down()
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
            self.assertLessEqual(len((HERE / name).read_text("utf-8").splitlines()), 60, name)

    def test_a_codec_in_the_terminal(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 2), 16_000)
        done = self.kittiwake("make", "--json", "--for", RECEIVER, "--into", self.folder / "out", path)
        told = json.loads(done.stdout.splitlines()[0])
        self.assertEqual((told["status"], told["bytes"], told["error"]), ("made", 16_000, None), done.stderr)
        names = [check["name"] for check in told["proof"]["checks"]]
        self.assertIn("samples, by kittiwake", names)
        out = self.folder / "out" / "a.horn"
        facts = json.loads(self.kittiwake("facts", "--json", "--headerless", "horn8@8000", out).stdout)
        self.assertEqual((facts["ok"], facts["encoding"]), (True, "horn8"))
        # Nothing of it is there without the extension.
        del self.environment["KITTIWAKE_EXTENSIONS"]
        refused = self.kittiwake("make", "--for", RECEIVER, "--into", self.folder / "out", path)
        self.assertNotEqual(refused.returncode, 0)

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
                "in menu: Count the clips",
                "There are 1 clips.",
                "Paging horn: Welcome.horn",
            ],
        )

    def test_an_extension_that_fails_is_told(self) -> None:
        wrong = self.folder / "wrong.py"
        wrong.write_text("import nothing_of_that_name\n")
        self.environment["KITTIWAKE_EXTENSIONS"] = str(wrong)
        done = self.kittiwake("receivers")
        self.assertEqual((done.returncode, done.stdout), (1, ""))
        self.assertIn(f"The extension {wrong} cannot be loaded (ModuleNotFoundError", done.stderr)
