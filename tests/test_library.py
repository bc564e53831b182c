"""The functions for scripts: each example of docs/library.md runs, one after the other, as they stand there."""

from __future__ import annotations

import contextlib
import io
import os
import re
import shutil
import subprocess
import sys
from pathlib import Path

import kittiwake
from tests.sounds import DEMO, FolderCase

PAGE = Path(__file__).parents[1] / "docs" / "library.md"


class TestLibrary(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        shutil.copy(DEMO / "Welcome.wav", self.folder / "welcome.wav")
        shutil.copy(DEMO / "Safety notice.ogg", self.folder / "notice.ogg")
        (self.folder / "hold.ul").write_bytes((DEMO / "Hold the line.wav").read_bytes()[44:])
        before = Path.cwd()
        os.chdir(self.folder)
        self.addCleanup(os.chdir, before)

    def test_every_example_of_the_page_runs(self) -> None:
        examples = re.findall(r"```python\n(.*?)```", PAGE.read_text("utf-8"), re.S)
        self.assertGreater(len(examples), 8)
        names: dict[str, object] = {}
        for example in examples:
            with contextlib.redirect_stdout(io.StringIO()):
                exec(compile(example, str(PAGE), "exec"), names)

    def test_bad_words_are_sentences(self) -> None:
        from kittiwake.core.errors import RulesError

        for wrong in (
            lambda: kittiwake.receiver("phone-menue"),
            lambda: kittiwake.look("hold.ul", headerless="ulow@8000"),
            lambda: list(kittiwake.make("welcome.wav", "nobody", "out")),
        ):
            with self.assertRaises(RulesError):
                wrong()
        with self.assertRaises(AttributeError):
            kittiwake.nothing  # noqa: B018

    def test_two_receivers_of_one_folder_are_refused_as_in_the_terminal(self) -> None:
        from kittiwake.core.errors import RulesError

        menu = kittiwake.receiver("phone-menu")
        other = menu.changed(slug="other", delivery=menu.delivery.changed(folder=menu.folder_name))
        with self.assertRaisesRegex(RulesError, "both go to"):
            list(kittiwake.make("welcome.wav", [menu, other], "out"))
        self.assertFalse((self.folder / "out").exists())

    def test_importing_it_loads_nothing(self) -> None:
        code = "import kittiwake, sys; sys.exit('numpy' in sys.modules)"
        self.assertEqual(subprocess.run([sys.executable, "-c", code]).returncode, 0)

    def test_the_window_starts_without_what_few_jobs_need(self) -> None:
        """Each of these takes a part of the second within which the window is to be there."""
        code = (
            "import sys, kittiwake.ui.shell.start; late = ('scipy.signal', 'scipy.stats', 'scipy.ndimage', 'scipy.fft', 'scipy.linalg', 'scipy.special',"
            " 'av', 'werkzeug', 'jiwer', 'num2words', 'openpyxl', 'distributed', 'onnxruntime'); sys.exit(str([m for m in late if m in sys.modules] or ''))"
        )
        done = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True)
        self.assertEqual(done.stderr.strip(), "")

    def test_workers_of_the_window_are_without_it(self) -> None:
        """What they do lies in the core: else each of them would load Qt first."""
        texts = [path.read_text("utf-8") for path in (Path(kittiwake.__file__).parent / "ui").rglob("*.py")]
        work = {name for text in texts for name in re.findall(r"WorkerProcess\((\w+)", text)}
        self.assertGreater(len(work), 5)
        self.assertEqual([name for name in sorted(work) if any(f"def {name}(" in text for text in texts)], [])

    def test_one_clip_is_made_without_the_libraries_that_few_commands_need(self) -> None:
        """A build script starts the command for every file."""
        code = (
            "import sys; from kittiwake.cli.main import cli\n"
            "cli(sys.argv[1:], standalone_mode=False)\n"
            "late = ('scipy', 'av', 'werkzeug', 'PySide6', 'email', 'ssl')\n"
            "sys.exit(str([m for m in late if m in sys.modules] or ''))"
        )
        made = ["make", "--for", "phone-menu", "--into", str(self.folder / "out"), str(self.folder / "welcome.wav")]
        done = subprocess.run([sys.executable, "-c", code, *made], capture_output=True, text=True)
        self.assertEqual((done.returncode, done.stderr.strip().splitlines()[-1:]), (0, []), done.stderr)

    def test_a_start_builds_the_page_that_it_shows_and_loads_no_other(self) -> None:
        code = (
            "import sys\n"
            "from kittiwake.demo import SHIPPED as DEMO\nfrom kittiwake.ui.shell.start import make_app\n"
            "from kittiwake.ui.shell.window import Window\n"
            "app = make_app(); window = Window(); window.use_colours(False); window.show(); window.open_job(DEMO); app.processEvents()\n"
            "assert window.bench.page == 'clip', window.bench.page\n"
            "late = [m for m in sys.modules if m.startswith('kittiwake.ui') and m.endswith(('_dialog', '_page', '.page'))]\n"
            "print(sorted(late), file=sys.stderr, flush=True)\n"
            "window.shut_down()"
        )
        kept = {f"XDG_{name}_HOME": str(self.folder / name) for name in ("CACHE", "CONFIG", "DATA", "STATE")}
        there = {"QT_QPA_PLATFORM": "offscreen", **kept}
        done = subprocess.run(
            [sys.executable, "-c", code], capture_output=True, text=True, env={**os.environ, **there}
        )
        reported = [line for line in done.stderr.splitlines() if "propagateSizeHints" not in line]
        self.assertEqual(reported, ["['kittiwake.ui.board.start_page', 'kittiwake.ui.places.clip.page']"])

    def test_loading_qt_leaves_the_function_that_imports_as_it_was(self) -> None:
        """Its own would read the source of every module that is loaded after it."""
        code = "import builtins; before = builtins.__import__; import kittiwake.ui.shell.start; assert builtins.__import__ is before"
        self.assertEqual(subprocess.run([sys.executable, "-c", code]).returncode, 0)
