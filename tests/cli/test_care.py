"""The terminal taken at its word, and in places where terminals go wrong."""

from __future__ import annotations

import json
import os
import re
import subprocess
import sys
from pathlib import Path
from typing import Any

import numpy as np
from click.testing import CliRunner, Result

from kittiwake.cli.main import cli
from kittiwake.core.fit.remedies import is_remedy, nearest_remedy
from tests.sounds import DEMO, FolderCase, speech_like

WELCOME = DEMO / "Welcome.wav"


class Case(FolderCase):
    def say(self, *words: str | Path) -> Result:
        return CliRunner().invoke(cli, [str(word) for word in words])

    def rows(self, result: Result) -> list[dict[str, Any]]:
        return [json.loads(line) for line in result.stdout.splitlines()]

    def command(self, *words: str | Path, **how: Any) -> subprocess.CompletedProcess[str]:
        given = [sys.executable, "-m", "kittiwake.cli", *map(str, words)]
        return subprocess.run(given, stderr=subprocess.PIPE, text=True, timeout=120, **how)


class TestWords(Case):
    def test_what_is_offered_can_be_taken(self) -> None:
        # Every code that stands in the planner's source, with those that are made of the name of a problem.
        fit = Path(__file__).parents[2] / "src/kittiwake/core/fit"
        source = "".join(path.read_text() for path in fit.glob("*.py"))
        codes = set(re.findall(r'Remedy\(\s*"(\w+)"', source))
        codes |= {f"accept_{code}" for code in re.findall(r'\b_?accept\(\s*"(\w+)"', source)}
        self.assertGreater(len(codes), 5)
        self.assertEqual({code for code in codes - {"ask"} if not is_remedy(code)}, set())

    def test_a_remedy_that_there_is_not_is_refused_with_the_nearest(self) -> None:
        result = self.say("fit", "--for", "quay-beacon", "--remedy", "trim_ear", WELCOME)
        self.assertEqual((result.exit_code, nearest_remedy("trim_ear")), (2, "trim_air"))
        self.assertIn("trim_air", result.stderr)

    def test_the_same_receiver_twice_and_nothing_for_a_folder(self) -> None:
        twice = ("--for", "phone-menu", "--for", "phone-menu")
        into = ("--into", self.folder / "o")
        for words in (
            ("make", *twice, *into, WELCOME), ("make", "--for", "phone-menu", "--into", "", WELCOME), ("facts", ""),
        ):  # fmt: skip
            with self.subTest(words):
                result = self.say(*words)
                self.assertEqual((result.exit_code, result.stdout), (2, ""))
        self.assertFalse((self.folder / "o").exists())

    def test_a_dry_run_makes_nothing_and_tells_what_the_run_then_makes(self) -> None:
        self.write("in/a b.wav", speech_like(48000, 2), 48000)
        self.write("in/a_b.wav", speech_like(48000, 1), 48000)
        words = ("--json", "--for", "phone-menu", "--into", self.folder / "o", self.folder / "in")
        would = [row for row in self.rows(self.say("make", "--dry-run", *words)) if "summary" not in row]
        self.assertFalse((self.folder / "o").exists())
        *made, summary = self.rows(self.say("make", *words))
        self.assertEqual((summary["made"], summary["failed"], summary["stopped"]), (2, 0, False))
        self.assertEqual(
            sorted((Path(row["output"]).name, row["predicted_bytes"]) for row in would),
            sorted((Path(row["output"]).name, Path(row["output"]).stat().st_size) for row in made),
        )

    def test_a_taken_name_is_refused_where_numbers_are_not_wanted(self) -> None:
        for name in ("in/a b.wav", "in/a_b.wav"):
            self.write(name, speech_like(48000, 1), 48000)
        words = ("make", "--json", "--no-numbers", "--for", "phone-menu", "--into", self.folder / "o")
        result = self.say(*words, self.folder / "in")
        self.assertEqual(result.exit_code, 1)
        self.assertEqual(sorted(row["status"] for row in self.rows(result)[:-1]), ["made", "refused"])

    def test_strict_counts_warnings(self) -> None:
        loud = np.clip(30 * speech_like(8000, 3), -0.9, 0.9)
        self.write("loud.wav", loud, 8000)
        words = ("--for", "phone-menu", self.folder / "loud.wav")
        self.assertIn("clip", self.say("fit", *words).stdout.lower())
        self.assertEqual([self.say("fit", *s, *words).exit_code for s in ((), ("--strict",))], [0, 1])

    def test_status_by_every_byte_and_what_was_deleted_forgotten(self) -> None:
        out = self.folder / "o"
        self.say("make", "--for", "phone-menu", "--into", out, WELCOME)
        (made,) = out.glob("*.wav")
        kept = made.stat()
        turned = bytearray(made.read_bytes())
        turned[-1] ^= 1
        made.write_bytes(turned)
        os.utime(made, ns=(kept.st_atime_ns, kept.st_mtime_ns))  # as a failing disk or a careful hand would leave it
        self.assertEqual(self.say("status", "--verify", out).exit_code, 1)
        made.unlink()
        self.assertEqual([self.say("status", *s, out).exit_code for s in ((), ("--forget",), ())], [1, 0, 0])

    def test_a_name_cannot_write_on_the_terminal(self) -> None:
        path = self.write("x.wav", speech_like(8000, 1), 8000)
        reported = path.rename(self.folder / "a\x1b[2J\rb\nc.wav")
        result = self.command("facts", reported, stdout=subprocess.PIPE)
        self.assertNotRegex(result.stdout + result.stderr, r"[\x00-\x09\x0b-\x1f]")


class TestPlaces(Case):
    def test_a_full_disk_behind_stdout(self) -> None:
        with Path("/dev/full").open("w") as full:
            result = self.command("facts", WELCOME, stdout=full)
        self.assertEqual(result.returncode, 1)
        self.assertIn("No space left on device", result.stderr)
        self.assertNotIn("Traceback", result.stderr)

    def test_no_display(self) -> None:
        bare = {k: v for k, v in os.environ.items() if k not in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")}
        result = self.command("window", stdout=subprocess.PIPE, env=bare)
        self.assertEqual(result.returncode, 1)
        self.assertIn("display", result.stderr)

    def test_a_rate_at_which_nobody_records_says_nothing_odd(self) -> None:
        path = self.write("odd.wav", speech_like(8000, 0.4), 100)
        result = self.command("facts", "--json", path, stdout=subprocess.PIPE)
        self.assertEqual((result.returncode, result.stderr), (0, ""))
        self.assertLessEqual(json.loads(result.stdout)["bandwidth_hz"], 50)

    def test_libraries_do_not_talk_over_the_results(self) -> None:
        broken = self.folder / "broken.mp3"
        whole = (DEMO / "Sailing times.mp3").read_bytes()
        broken.write_bytes(whole[: len(whole) * 6 // 10])
        result = self.command("facts", "--json", broken, stdout=subprocess.PIPE)
        self.assertEqual(result.stderr, "")
        self.assertIn("breaks off", result.stdout)

    def test_a_verb_loads_itself_alone_and_a_wrong_one_looks_at_all(self) -> None:
        script = (
            "import sys\nfrom kittiwake.cli.main import cli\n"
            "try:\n    cli(sys.argv[1:])\nexcept SystemExit:\n    pass\n"
            "print(sorted(name.rpartition('.')[2] for name in sys.modules if '_verb' in name))\n"
            "print([n for n in ('logging', 'platformdirs', 'difflib', 'kittiwake.core.model.job') if n in sys.modules])\n"
        )

        def loaded(*words: object) -> list[str]:
            command = [sys.executable, "-c", script, *map(str, words)]
            return subprocess.run(command, capture_output=True, text=True, check=True).stdout.splitlines()[-2:]

        made = ("make", "--for", "phone-menu", "--into", self.folder / "o", DEMO / "Welcome.wav")
        self.assertEqual(loaded(*made), ["['make_verb']", "[]"])
        self.assertTrue((self.folder / "o" / "Welcome.wav").exists())
        for words in (("proof", "--help"), ("sail",), ("--help",)):
            self.assertIn("look_verbs", loaded(*words)[0])
            self.assertIn("window_verb", loaded(*words)[0])

    def test_no_process_is_left(self) -> None:
        mark = f"KITTIWAKE_TEST={self.folder}"
        env = {**os.environ, "KITTIWAKE_TEST": str(self.folder)}
        words = ("make", "--for", "phone-menu", "--into", self.folder / "o", DEMO)
        self.command(*words, stdout=subprocess.DEVNULL, env=env)
        left = []
        for process in Path("/proc").glob("[0-9]*/environ"):
            try:
                if mark.encode() in process.read_bytes():
                    left.append(process.with_name("cmdline").read_bytes())
            except OSError:  # it ended, or is somebody else's
                continue
        self.assertEqual(left, [])
