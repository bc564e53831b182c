"""The terminal: results on stdout, progress on stderr, exit codes."""

from __future__ import annotations

import hashlib
import json
import os
import signal
import subprocess
import sys
import time
from collections.abc import Callable
from pathlib import Path
from typing import Any

import click
import numpy as np
from click.testing import CliRunner, Result

from kittiwake.cli.main import cli
from kittiwake.commands import verbs
from kittiwake.core.codec import ulaw
from tests.sounds import DEMO, FolderCase, speech_like, spoken


def wait_until(condition: Callable[[], object]) -> None:
    until = time.monotonic() + 60
    while not condition():
        assert time.monotonic() < until
        time.sleep(0.002)


class TestVerbs(FolderCase):
    def run_verb(self, *words: str | Path) -> Result:
        return CliRunner().invoke(cli, [str(word) for word in words])

    def rows(self, result: Result) -> list[dict[str, Any]]:
        found = [json.loads(line) for line in result.stdout.splitlines()]
        return [row for row in found if "summary" not in row]

    def test_facts(self) -> None:
        result = self.run_verb("facts", "--json", DEMO)
        rows = self.rows(result)
        self.assertEqual(
            (result.exit_code, len(rows)), (1, 28)
        )  # three of 27 are no sound; the last line is a suspicion
        self.assertEqual((Path(rows[-1]["path"]).name, rows[-1]["suspicion"]), ("Spring fares.wav", "false_rate"))
        by_name = {Path(row["path"]).name: row for row in rows[:-1]}
        self.assertEqual(by_name["Pier two.wav"]["sides"], "inverted")
        self.assertFalse(by_name["Ticket office.wav"]["ok"])
        self.assertIn("empty", by_name["Ticket office.wav"]["error"])
        self.assertEqual(self.run_verb("facts", DEMO / "Welcome.wav").exit_code, 0)
        self.assertIn("48 kHz", self.run_verb("facts", DEMO / "Welcome.wav").stdout)

    def doubts(self, *words: str | Path) -> list[dict[str, Any]]:
        """What is said of rates: in lines of their own, or in the summary."""
        found = [json.loads(line) for line in self.run_verb(words[0], "--json", *words[1:]).stdout.splitlines()]
        return [row for row in found if "suspicion" in row] + [
            one for row in found if "summary" in row for one in row["rates"]
        ]

    def test_making_and_planning_tell_a_false_rate(self) -> None:
        sounds = [path for path in sorted(DEMO.iterdir()) if path.suffix in (".wav", ".flac", ".ogg", ".aiff")]
        making = ("make", "--for", "phone-menu", "--into", self.folder / "out")
        planning = ("fit", "--for", "phone-menu")
        for verb in (planning, (*making, "--dry-run"), making):
            found = self.doubts(*verb, *sounds)
            self.assertEqual(
                [(Path(row["path"]).name, row["suspicion"]) for row in found],
                [("Spring fares.wav", "false_rate")],
                verb,
            )
        for more in (("--remedy", "accept_false_rate"), ("--true-rate", "48000")):
            self.assertFalse(self.doubts(*making, "--dry-run", *more, *sounds), more)
        # Once more says nothing, since nothing is new; what counts warnings does not end well.
        self.assertNotIn("suspicion", self.run_verb(*making, "--json", *sounds).stdout)
        strict = [
            path for path in sounds if self.run_verb("fit", "--for", "phone-menu", "--strict", path).exit_code == 0
        ]
        self.assertIn(DEMO / "Spring fares.wav", strict)
        self.assertGreater(len(strict), 4)
        self.assertEqual(self.run_verb(*planning, *strict).exit_code, 0)
        self.assertEqual(self.run_verb(*planning, "--strict", *strict).exit_code, 1)

    def test_of_a_large_folder_it_is_said_that_rates_differ(self) -> None:
        for n in range(66):
            rate = 8000 if n % 3 else 16_000
            self.write(f"many/{n:02}.wav", speech_like(rate, 0.3, seed=n % 4), rate)
        out = ("make", "--for", "phone-menu", "--into", self.folder / "out")
        self.assertIn("44 × 8 kHz, 22 × 16 kHz", self.run_verb(*out, self.folder / "many").stderr)
        out = (*out[:-1], self.folder / "other")
        (row,) = self.doubts(*out, self.folder / "many")
        self.assertEqual(row["rates"], {"8000": 44, "16000": 22})

    def test_exit_codes_tell_a_decision_from_a_failure(self) -> None:
        silence = self.write("silence.wav", np.zeros(16_000, np.float32), 16_000)
        voice = self.write("voice.wav", speech_like(16_000, 1.0), 16_000)
        text = self.folder / "text.wav"
        text.write_text("no sound at all, but a sentence of words\n" * 9)
        for paths, code in (((voice,), 0), ((voice, silence), 3), ((voice, text), 1), ((silence, text), 1)):
            for verb in (("fit",), ("make", "--dry-run"), ("make", "--json")):
                into = ("--into", self.folder / f"out{code}") if verb[0] == "make" else ()
                done = self.run_verb(*verb, "--for", "phone-menu", *into, *paths)
                self.assertEqual(done.exit_code, code, (verb, paths, done.output))
        rows = [json.loads(line) for line in done.stdout.splitlines()]
        reported = {Path(row["path"]).name: (row["code"], row["remedies"]) for row in rows if "path" in row}
        self.assertEqual(reported["silence.wav"], ("decide", ["accept_silent"]))
        self.assertEqual(reported["text.wav"], ("cannot", []))

    def test_fit(self) -> None:
        result = self.run_verb(
            "fit", "--json", "--for", "quay-beacon", DEMO / "Safety notice.ogg", DEMO / "Quay closed.wav"
        )
        long, ready = self.rows(result)
        self.assertEqual(result.exit_code, 3)
        self.assertEqual((long["verdict"], ready["verdict"]), ("decide", "as_is"))
        self.assertEqual(long["problems"][0]["code"], "too_large")
        codes = [remedy["code"] for remedy in long["problems"][0]["remedies"]]
        self.assertEqual(codes, ["trim_and_speed_up", "cut_to_length", "ask"])
        self.assertEqual(ready["predicted_bytes"], (DEMO / "Quay closed.wav").stat().st_size)
        self.assertEqual(set(ready["steps"][0]), {"what", "reason"})
        self.assertEqual(ready["receiver"], "quay-beacon")
        self.assertIn("decide", self.run_verb("fit", "--for", "quay-beacon", DEMO / "Safety notice.ogg").stdout)

    def test_make_then_proof(self) -> None:
        out = self.folder / "out"
        result = self.run_verb("make", "--json", "--for", "phone-menu", "--into", out, DEMO)
        rows = self.rows(result)
        self.assertEqual((result.exit_code, len(rows)), (1, 27))
        made = [row for row in rows if row["status"] == "made"]
        self.assertEqual(len(made), 23)
        for row in made:
            path = Path(row["output"])
            self.assertEqual(row["sha256"], hashlib.sha256(path.read_bytes()).hexdigest())
            self.assertEqual(row["bytes"], path.stat().st_size)
            self.assertTrue(row["proof"]["passed"])
            self.assertEqual(set(row["proof"]["checks"][0]), {"name", "expected", "found", "passed"})
        for row in rows:
            if row["status"] == "refused":
                # What is wrong, and what to do.
                self.assertGreaterEqual(row["error"].count("."), 2, row["error"])
                self.assertIsNone(row["output"])
        proof = self.run_verb("proof", "--json", "--for", "phone-menu", out)
        self.assertEqual((proof.exit_code, len(self.rows(proof))), (0, 23))
        again = self.run_verb("make", "--json", "--for", "phone-menu", "--into", out, DEMO / "Welcome.wav")
        self.assertEqual((again.exit_code, self.rows(again)[0]["status"]), (0, "kept"))
        self.assertEqual(self.run_verb("proof", "--for", "quay-beacon", out / "Welcome.wav").exit_code, 1)

    def test_receivers(self) -> None:
        rows = self.rows(self.run_verb("receivers", "--json"))
        slugs = [row["slug"] for row in rows]
        self.assertEqual(slugs[0], "phone-menu")
        self.assertLessEqual(
            {"quay-beacon", "speech-engine", "deck-radio", "voice-board", "mobile-voice"}, set(slugs)
        )
        self.assertIn("phone-menu", self.run_verb("receivers").stdout)

    def test_a_receiver_of_ones_own(self) -> None:
        toml = self.folder / "buoy.toml"
        toml.write_text(
            'slug = "buoy"\nname = "Buoy"\n[rules]\n'
            'accepts = [{container = "wav", encoding = "pcm_s16", sample_rates = [11025]}]\n'
        )
        path = self.write("a b.wav", speech_like(48000, 1), 48000)
        result = self.run_verb("make", "--json", "--for", toml, "--into", self.folder / "o", path)
        row = self.rows(result)[0]
        self.assertEqual((result.exit_code, Path(row["output"]).name), (0, "a b.wav"))

    def test_headerless_in_and_out(self) -> None:
        from kittiwake.core.codec import ulaw

        x = speech_like(8000, 2)
        (self.folder / "in").mkdir()
        (self.folder / "in/greeting").write_bytes(ulaw.encode(x).tobytes())
        self.write("in/plain.wav", speech_like(16000, 2), 16000)
        result = self.run_verb("facts", "--json", "--headerless", "ulaw@8000", self.folder / "in")
        raw, plain = self.rows(result)
        self.assertEqual((raw["container"], raw["encoding"], raw["frames"]), ("raw", "ulaw", 16_000))
        self.assertEqual(plain["container"], "wav")
        words = ("make", "--json", "--for", "phone-menu-linear", "--for", "phone-menu-gsm", "--headerless", "ulaw@8k")
        result = self.run_verb(*words, "--into", self.folder / "o", self.folder / "in")
        rows = self.rows(result)
        self.assertEqual((result.exit_code, len(rows)), (0, 4), result.stderr)
        names = {str(Path(row["output"]).relative_to(self.folder / "o")) for row in rows}
        self.assertIn("phone-menu-linear/greeting.raw", names)
        self.assertIn("phone-menu-gsm/greeting.gsm", names)
        proof = self.run_verb("proof", "--json", "--for", "phone-menu-gsm", self.folder / "o/phone-menu-gsm")
        self.assertEqual((proof.exit_code, len(self.rows(proof))), (0, 2), proof.stdout)

    def test_headerless_files_of_a_folder_are_to_be_decided_and_read_as_guessed(self) -> None:
        """Never passed over silently: by their endings, and without one; what is left out is named."""
        place = self.folder / "in"
        place.mkdir()
        for name in ("one.ul", "two.raw", "three"):
            (place / name).write_bytes(ulaw.encode(spoken(8000)).tobytes())
        (place / "list.csv").write_text("name,text")
        facts = self.run_verb("facts", "--json", place)
        rows = self.rows(facts)
        self.assertEqual([row["suggested"] for row in rows], ["ulaw@8000"] * 3)
        self.assertEqual((facts.exit_code, [row["ok"] for row in rows]), (1, [False] * 3))
        self.assertIn("list.csv", facts.stderr)
        fits = self.rows(self.run_verb("fit", "--json", "--for", "phone-menu", place))
        self.assertEqual({row["verdict"] for row in fits}, {"decide"})
        self.assertEqual(fits[0]["problems"][0]["remedies"][0]["code"], "read_as_guessed")
        refused = self.run_verb("make", "--json", "--for", "phone-menu", "--into", self.folder / "out", place)
        self.assertEqual({row["status"] for row in self.rows(refused)}, {"refused"})
        words = ("--json", "--for", "phone-menu", "--remedy", "read_as_guessed")
        self.assertEqual({row["verdict"] for row in self.rows(self.run_verb("fit", *words, place))}, {"convert"})
        made = self.run_verb("make", *words, "--into", self.folder / "out", place)
        self.assertEqual((made.exit_code, {row["status"] for row in self.rows(made)}), (0, {"made"}))

    def test_true_rate_and_remedies(self) -> None:
        fares = DEMO / "Spring fares.wav"
        row = self.rows(self.run_verb("fit", "--json", "--for", "phone-menu", "--true-rate", "48000", fares))[0]
        self.assertTrue(any("48 kHz for the true rate" in step["what"] for step in row["steps"]))
        notice = DEMO / "Safety notice.ogg"
        words = (
            "make",
            "--json",
            "--for",
            "quay-beacon",
            "--remedy",
            "trim_and_speed_up",
            "--into",
            self.folder / "o",
            notice,
        )
        result = self.run_verb(*words)
        self.assertEqual((result.exit_code, self.rows(result)[0]["status"]), (0, "made"))
        self.assertLess(self.rows(result)[0]["bytes"], 200_000)

    def test_compare(self) -> None:
        result = self.run_verb("compare", "--json", DEMO / "Hold the line.wav")
        rows = self.rows(result)
        self.assertEqual(result.exit_code, 0)
        self.assertGreater(len(rows), 20)
        self.assertLessEqual(
            {"name", "bytes", "kbit_s", "ratio", "signal_to_distortion_db", "segmental_db", "stoi"}, set(rows[0])
        )
        self.assertEqual(self.run_verb("compare", DEMO / "Ticket office.wav").exit_code, 1)

    def test_showing_and_checking_receivers(self) -> None:
        shown = self.run_verb("receivers", "show", "deck-radio")
        self.assertIn('max_bytes = "56 kB"', shown.stdout)
        mine = self.folder / "mine.toml"
        mine.write_text(shown.stdout)
        self.assertEqual(self.run_verb("receivers", "check", mine).exit_code, 0)
        mine.write_text(shown.stdout.replace("pcm_s16", "g729"))
        result = self.run_verb("receivers", "check", "--json", mine)
        self.assertEqual(result.exit_code, 1)
        self.assertIn("Nothing here writes wav g729", self.rows(result)[0]["faults"][0])
        self.assertEqual(self.run_verb("receivers", "show", "nobody").exit_code, 2)

    def test_wrong_use_is_2_and_says_why_on_stderr(self) -> None:
        unwritable = self.folder / "odd.toml"
        unwritable.write_text(
            'slug = "odd"\nname = "Odd"\n[rules]\naccepts = [{container = "x", encoding = "y", sample_rates = [8000]}]\n'
        )
        for words in (
            ("fit", "--for", "nobody", DEMO), ("fit", DEMO), ("facts",), ("sing",), ("make", "--for", "phone-menu", DEMO),
            ("fit", "--for", unwritable, DEMO / "Welcome.wav"), ("facts", "--headerless", "gsm@16000", DEMO),
        ):  # fmt: skip
            with self.subTest(words):
                result = self.run_verb(*words)
                self.assertEqual((result.exit_code, result.stdout), (2, ""))
                self.assertTrue(result.stderr)

    def test_a_path_that_is_not_there_is_reported_beside_the_others(self) -> None:
        result = self.run_verb("facts", "--json", self.folder / "none.wav", DEMO / "Welcome.wav")
        self.assertEqual(([row["ok"] for row in self.rows(result)], result.exit_code), ([False, True], 1))

    def test_a_name_that_is_not_utf_8_is_read_made_and_told(self) -> None:
        good = self.write("x.wav", speech_like(8000, 2), 8000)
        film = self.folder / "y.mp4"
        film.write_bytes((DEMO / "Harbour tour.mp4").read_bytes())
        for path in (good, film):
            path.rename(os.fsdecode(os.fsencode(path.with_name("caf")) + b"\xe9" + path.suffix.encode()))
        result = self.run_verb("make", "--json", "--for", "phone-menu", "--into", self.folder / "o", self.folder)
        rows = self.rows(result)
        self.assertEqual((result.exit_code, [row["status"] for row in rows]), (0, ["made", "made"]), rows)
        self.assertEqual({Path(row["path"]).parent for row in rows}, {self.folder})
        command = [sys.executable, "-m", "kittiwake.cli", "facts", str(self.folder)]
        self.assertEqual(subprocess.run(command, capture_output=True).returncode, 0)

    def test_an_empty_folder_is_said(self) -> None:
        result = self.run_verb("facts", self.folder)
        self.assertEqual((result.exit_code, result.stdout), (1, ""))
        self.assertIn("No sound was found", result.stderr)

    def test_ctrl_c_stops_at_once_and_leaves_nothing(self) -> None:
        for number in range(4):
            self.write(f"in/{number}.wav", speech_like(48000, 60, seed=number), 48000)
        command = [sys.executable, "-m", "kittiwake.cli", "make", "--json", "--for", "phone-menu", "--into"]
        process = subprocess.Popen(
            [*command, str(self.folder / "o"), str(self.folder / "in")],
            stdout=subprocess.PIPE,
            stderr=subprocess.PIPE,
            text=True,
        )
        wait_until(lambda: list((self.folder / "o").glob(".kittiwake-*.part")))
        process.send_signal(signal.SIGINT)
        out, reported = process.communicate(timeout=60)
        self.assertEqual(process.returncode, 130)
        *rows, summary = [json.loads(line) for line in out.splitlines()]
        self.assertEqual((summary["summary"], summary["stopped"]), (True, True))
        self.assertIn(f"Stopped: {len(rows)} of 4", reported)
        left = [p for p in (self.folder / "o").iterdir() if not p.name.startswith(".kittiwake-made")]
        self.assertEqual(len(left), sum(row["status"] == "made" for row in rows))

    def test_every_verb_is_in_the_registry_with_its_help(self) -> None:
        self.assertEqual(
            {name for name in cli.list_commands(click.Context(cli)) if not cli.commands[name].hidden}, set(verbs())
        )
        for name in verbs():
            self.assertEqual(cli.commands[name].help, verbs()[name].help)

    def test_the_installed_command(self) -> None:
        command = Path(sys.executable).parent / "kittiwake"
        done = subprocess.run([command, "facts", "--json", DEMO / "Welcome.wav"], capture_output=True, text=True)
        self.assertEqual((done.returncode, done.stderr), (0, ""))
        self.assertEqual(json.loads(done.stdout)["sample_rate"], 48000)
