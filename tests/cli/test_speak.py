"""A script spoken in a terminal."""

from __future__ import annotations

import json
from pathlib import Path

from click.testing import CliRunner, Result

from kittiwake.cli.main import cli
from tests.sounds import FolderCase


class TestSpeak(FolderCase):
    def speak(self, *words: object) -> Result:
        return CliRunner().invoke(cli, ["speak", *map(str, words)])

    def test_from_a_script_to_proved_files_in_one_line(self) -> None:
        script, respell = self.folder / "s.csv", self.folder / "r.csv"
        script.write_text("name,text,colour\nberth-{},Berth {1..6} is open.,\nwelcome,Welcome to Skerrow.,x\n")
        respell.write_text("word,say\nSkerrow,Scarrow\n")
        words = (
            script,
            "--respell",
            respell,
            "--for",
            "deck-radio",
            "--spoken",
            self.folder / "spoken",
            "--into",
            self.folder / "out",
        )
        done = self.speak(*words)
        self.assertEqual(done.exit_code, 0, done.output)
        self.assertIn("no use for the columns colour", done.output)
        self.assertEqual(len(list((self.folder / "out").glob("*.wav"))), 7)
        self.assertTrue(all(path.stat().st_size <= 56_000 for path in (self.folder / "out").glob("*.wav")))
        again = self.speak(*words)
        self.assertEqual(again.output.count("kept "), 7)
        respell.write_text("word,say\nSkerrow,Skarrow\n")
        self.assertEqual(self.speak(*words).output.count("made "), 1)

    def test_voices_and_what_is_wrong(self) -> None:
        self.assertIn("espeak/de", self.speak("--voices").output)
        script = self.folder / "s.txt"
        script.write_text("a: {x}\n")
        for words in (
            (script,),
            (script, "--for", "deck-radio", "--into", self.folder / "o"),
            ("--for", "deck-radio"),
        ):
            self.assertEqual(self.speak(*words).exit_code, 2)
        script.write_text("a: Hello\nb: Hello\n")
        done = self.speak(script, "--voice", "nobody", "--for", "deck-radio", "--into", self.folder / "o")
        self.assertEqual(done.exit_code, 1)
        self.assertIn("no voice “nobody”", done.output)

    def test_lines_for_one_receiver_and_heard_back(self) -> None:
        script = self.folder / "s.csv"
        script.write_text(
            "name,text,for\na,The harbour is open today.,\nb,Berth seven is closed.,Deck radio\nc,Hello there.,Nobody\n"
        )
        done = self.speak(script, "--for", "deck-radio", "--for", "phone-menu", "--into", self.folder / "o", "--spoken", self.folder / "k", "--hear-back")  # fmt: skip
        self.assertEqual(done.exit_code, 0, done.output)
        self.assertIn("no receiver “Nobody”", done.output)
        made = sorted(str(path.relative_to(self.folder / "o")) for path in (self.folder / "o").rglob("*.wav"))
        self.assertEqual([Path(one).stem for one in made], ["a", "b", "c", "a", "c"])
        reported = self.speak(script, "--for", "deck-radio", "--into", self.folder / "p", "--spoken", self.folder / "k", "--hear-back", "--json")  # fmt: skip
        heard = [
            entry
            for line in reported.output.splitlines()
            if "heard" in (entry := json.loads(line) if line.startswith("{") else {})
        ]
        self.assertEqual(len(heard), 3)
        self.assertTrue(all(one["right"] == (one["heard"] != "") or one["heard"] for one in heard))
