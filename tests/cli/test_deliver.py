"""Handing over, and trying on stand-ins, in a terminal."""

from __future__ import annotations

import json
from pathlib import Path

import soundfile
from click.testing import CliRunner, Result

from kittiwake.cli.main import cli
from tests.bundled import needs
from tests.sounds import FolderCase, speech_like


@needs("standins")
class TestDeliver(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        for n, name in enumerate(("1 Fares", "11 Adults", "2 Hours", "Welcome")):
            self.write(f"in/{name}.wav", speech_like(16_000, 0.6, seed=n), 16_000)
        self.out = self.folder / "out"
        self.kittiwake(
            "make", "--for", "phone-menu", "--set", "allowed=A-Za-z0-9 _-", "--into", self.out, self.folder / "in"
        )

    def kittiwake(self, *words: object) -> Result:
        return CliRunner().invoke(cli, [str(word) for word in words])

    def test_from_a_folder_to_an_archive_with_its_report(self) -> None:
        words = ("deliver", self.out, "--for", "phone-menu", "--set", "delivery.form=zip", "--into", self.folder / "there", "--try", "--report", self.folder / "r.html")  # fmt: skip
        tried = self.kittiwake(*words, "--dry-run")
        self.assertEqual(tried.exit_code, 0, tried.output)
        self.assertFalse((self.folder / "there").exists())
        done = self.kittiwake(*words, "--json")
        rows = [json.loads(line) for line in done.stdout.splitlines()]
        self.assertEqual({(row["state"], row["verdict"]) for row in rows}, {("new", "taken")})
        self.assertTrue((self.folder / "there" / "phone-menu.zip").exists())
        self.assertIn("every file is new", (self.folder / "r.html").read_text())
        self.assertEqual(
            {json.loads(line)["state"] for line in self.kittiwake(*words, "--json").stdout.splitlines()}, {"same"}
        )
        bad = self.kittiwake("deliver", self.folder / "in", "--for", "phone-menu", "--into", self.folder / "x")
        self.assertEqual(bad.exit_code, 1)
        self.assertIn("Nothing that was made for Phone menu", bad.output)

    def test_called_by_keys_and_every_prompt_heard(self) -> None:
        heard = self.folder / "heard.wav"
        done = self.kittiwake(
            "try",
            "phone-menu",
            self.out,
            "--do",
            "by-name",
            "--do",
            "dial 11",
            "--do",
            "walk",
            "--heard",
            heard,
            "--json",
        )
        self.assertEqual(done.exit_code, 0, done.output)
        rows = [json.loads(line) for line in done.stdout.splitlines()]
        self.assertEqual([row["taken"] for row in rows if "file" in row], [True] * 4)
        reported = [row for row in rows if "action" in row]
        self.assertIn("prompt: 11 Adults", reported[1]["told"])
        self.assertIn("4 of 4 prompts heard", reported[2]["told"])
        self.assertAlmostEqual(soundfile.info(heard).duration, reported[1]["seconds"] + reported[2]["seconds"], 3)
        wrong = self.kittiwake("try", "phone-menu", self.out, "--do", "sing")
        self.assertEqual(wrong.exit_code, 1)
        self.assertIn("cannot “sing”: it can dial", wrong.output)
        self.assertEqual(self.kittiwake("try", "master", self.out).exit_code, 2)

    def test_it_keeps_what_it_holds_and_refuses_with_a_reason(self) -> None:
        words = ("try", "voicemail-drop", "--keep", self.folder / "box")
        self.assertEqual(self.kittiwake(*words, *sorted(self.out.glob("*.wav"))).exit_code, 0)
        again = self.kittiwake(*words, "--do", "listen", "--do", "listen")
        self.assertIn("1 Fares.wav, new; 3 new left", again.output)
        self.assertIn("11 Adults.wav, new; 2 new left", again.output)
        refused = self.kittiwake(*words, self.folder / "in")
        self.assertEqual(refused.exit_code, 1)
        self.assertIn("refused  1 Fares.wav: Its encoding is PCM; µ-law is taken. (byte 20)", refused.output)
        lost = self.kittiwake("try", "voicemail-drop", self.out, "--fail", "lost")
        self.assertIn("The link was lost", lost.output)
        self.assertTrue(Path(self.folder / "box" / "held.jsonl").exists())
