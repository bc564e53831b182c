"""A script spoken in a terminal."""

from __future__ import annotations

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
