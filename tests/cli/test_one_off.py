"""In the terminal: forms for once, receivers of one's own, outputs beside their sources or in their folders."""

from __future__ import annotations

import json
import shutil

import soundfile
from click.testing import CliRunner, Result

from kittiwake.cli.main import cli
from kittiwake.core.make.delivered import copies_in
from tests.sounds import DEMO, FolderCase, speech_like


class TestOneOff(FolderCase):
    def run_verb(self, *words: object) -> Result:
        return CliRunner().invoke(cli, [str(word) for word in words])

    def test_a_form_for_once_with_what_is_asked_of_it(self) -> None:
        out = self.folder / "out"
        form = ("--form", "mp3", "--rate", 44_100, "--channels", 2, "--bit-rate", "192k")
        made = self.run_verb("make", *form, "--into", out, DEMO / "Pier two.wav")
        self.assertEqual(made.exit_code, 0, made.output)
        found = soundfile.info(str(out / "Pier two.mp3"))
        self.assertEqual((found.samplerate, found.channels), (44_100, 2))
        several = self.run_verb(
            "make", "--form", "flac", "--form", "ogg", "--form", "opus", "--into", out, DEMO / "Gangway.wav"
        )
        self.assertEqual(several.exit_code, 0, several.output)
        self.assertEqual(len(list(out.rglob("Gangway.*"))), 3)
        for words in ((), ("--form", "mp3", "--rate", 16_000, "--bit-rate", "192k"), ("--for", "master", "--rate", 8000),
                      ("--for", "master", "--set", "nothing=1")):  # fmt: skip
            wrong = self.run_verb("make", *words, "--into", out, DEMO / "Gangway.wav")
            self.assertEqual(wrong.exit_code, 2, words)

    def test_outputs_beside_their_sources_and_in_their_folders(self) -> None:
        self.write("in/a/one.wav", speech_like(16_000, 1), 16_000)
        self.write("in/b/c/two.wav", speech_like(16_000, 1), 16_000)
        form = ("--form", "ulaw", "--rate", 8000, "--set", "extension=.ul")
        mirrored = self.run_verb("make", *form, "--mirror", "--into", self.folder / "out", self.folder / "in")
        self.assertEqual(mirrored.exit_code, 0, mirrored.output)
        there = sorted(str(path.relative_to(self.folder / "out")) for path in (self.folder / "out").rglob("*.ul"))
        self.assertEqual(there, ["a/one.ul", "b/c/two.ul"])
        beside = self.run_verb("make", *form, "--beside", self.folder / "in")
        self.assertEqual(beside.exit_code, 0, beside.output)
        self.assertTrue((self.folder / "in/b/c/two.ul").exists() and (self.folder / "in/a/one.ul").exists())
        self.assertEqual(self.run_verb("make", *form, "--beside", "--mirror", self.folder / "in").exit_code, 2)
        self.assertEqual(self.run_verb("make", *form, self.folder / "in").exit_code, 2)

    def test_what_lies_in_folders_below_is_known_and_goes_out(self) -> None:
        self.write("in/a/one.wav", speech_like(16_000, 1), 16_000)
        self.write("in/b/c/two.wav", speech_like(16_000, 1), 16_000)
        out = self.folder / "out"
        made = self.run_verb("make", "--for", "phone-menu", "--mirror", "--into", out, self.folder / "in")
        self.assertEqual(made.exit_code, 0, made.output)
        status = self.run_verb("status", "--json", out)
        reported = [json.loads(line) for line in status.output.splitlines()]
        self.assertEqual(
            [(one["output"], one["state"]) for one in reported],
            [(str(path), "as made") for path in sorted(out.rglob("*.wav"))],
        )
        sent = self.run_verb("deliver", out, "--for", "phone-menu", "--into", self.folder / "there")
        self.assertEqual(sent.exit_code, 0, sent.output)
        self.assertEqual(len(list((self.folder / "there").rglob("*.wav"))), 2)
        again = self.run_verb(
            "deliver", out, "--for", "phone-menu", "--into", self.folder / "there", "--json", "--dry-run"
        )
        self.assertEqual({json.loads(line)["state"] for line in again.output.splitlines()}, {"same"})
        # Of a job's folder, with one for each receiver, what is handed over is noted where the window looks for it.
        job = self.folder / "job"
        made = self.run_verb("make", "--for", "phone-menu", "--into", job / "phone-menu", self.folder / "in")
        self.assertEqual(made.exit_code, 0, made.output)
        sent = self.run_verb("deliver", job, "--for", "phone-menu", "--into", self.folder / "there too")
        self.assertEqual(sent.exit_code, 0, sent.output)
        self.assertEqual(len(copies_in(job / "phone-menu")), 2)
        self.assertEqual(copies_in(job), {})
        empty = self.folder / "empty"
        empty.mkdir()
        self.assertEqual(self.run_verb("status", empty).exit_code, 1)

    def test_a_receiver_of_ones_own_from_files(self) -> None:
        self.run_verb(
            "make",
            "--for",
            "phone-menu-gsm",
            "--into",
            self.folder / "known",
            DEMO / "Welcome.wav",
            DEMO / "Gangway.wav",
        )
        new = self.run_verb("receivers", "new", "hall", "--name", "Hall phone", "--from-files", self.folder / "known",
                            "--set", "max_seconds=20")  # fmt: skip
        self.assertEqual(new.exit_code, 0, new.output)
        self.assertIn("GSM", new.output)
        made = self.run_verb("make", "--for", "hall", "--into", self.folder / "out", DEMO / "Fog delay.m4a")
        self.assertEqual(made.exit_code, 0, made.output)
        self.assertIn("Hall phone", self.run_verb("receivers").output)
        self.assertIn("max_seconds = 20", self.run_verb("receivers", "show", "hall").output)
        self.assertEqual(self.run_verb("receivers", "forget", "hall").exit_code, 0)
        self.assertEqual(
            self.run_verb("make", "--for", "hall", "--into", self.folder / "out", DEMO / "Gangway.wav").exit_code, 2
        )
        for words in (
            ("new", "master"),
            ("new", "x", "--from", "master", "--form", "mp3"),
            ("new", "Not Legal"),
            ("forget", "none"),
        ):
            self.assertEqual(self.run_verb("receivers", *words).exit_code, 2, words)
        shutil.rmtree(self.folder / "known")
