"""Cut and touched up in a terminal."""

from __future__ import annotations

import subprocess
import sys

import soundfile
from click.testing import CliRunner, Result

from kittiwake.cli.main import cli
from kittiwake.core.measure import analyze
from kittiwake.work.standin.microphone import READING
from tests.sounds import DEMO, FolderCase


class TestTouch(FolderCase):
    def touch(self, *words: object) -> Result:
        return CliRunner().invoke(cli, ["touch", *map(str, words), "--into", str(self.folder / "out")])

    def test_what_a_touch_up_can_say(self) -> None:
        notice = DEMO / "Safety notice.ogg"
        done = self.touch(
            "--span", "0:02 to 0:12 fog", "--louder", 3, "--faster", "1.25 times", "--for", "quay-beacon", notice
        )
        self.assertEqual(done.exit_code, 0, done.output)
        self.assertAlmostEqual(analyze(self.folder / "out/fog.wav").seconds or 0, 8.0, delta=0.01)
        done = self.touch(
            "--leave-out",
            "1 to 2",
            "--leave-out",
            "3 to 3.5",
            "--fade-in",
            0.5,
            "--name",
            "x",
            "--form",
            "wav",
            notice,
        )
        self.assertEqual(done.exit_code, 0, done.output)
        self.assertAlmostEqual(soundfile.info(str(self.folder / "out/x.wav")).duration, 14.499 - 1.5, delta=0.01)
        # What needs a decision is said, and made with the remedy that is named.
        asked = self.touch("--for", "quay-beacon", notice)
        self.assertEqual(asked.exit_code, 1)
        self.assertIn("[trim_and_speed_up]", asked.output)
        made = self.touch("--remedy", "trim_and_speed_up", "--kind", "alert", "--for", "quay-beacon", notice)
        self.assertEqual(made.exit_code, 0, made.output)

    def test_what_cannot_be_is_said(self) -> None:
        welcome = DEMO / "Welcome.wav"
        for words, expected in (
            (("--span", "soon"), "start, an end and a name"), (("--span", "20 to 30 x"), "ends at 1.809 s"), (("--faster", "fast"), "no speed"),
            (("--side", "ch9x"), "ch3"), (("--faster", "300%"), "beyond"), (("--span", "0 to 1 a", "--name", "b"), "--name is for one clip"),
        ):  # fmt: skip
            done = self.touch(*words, "--form", "wav", welcome)
            self.assertEqual(done.exit_code, 2, words)
            self.assertIn(expected, done.output)

    def test_an_mp3_is_read_without_a_word(self) -> None:
        """libsndfile seeks after each block, for which its decoder begins anew and complains; this once filled terminals."""
        sound, rate = soundfile.read(str(READING / "Season reading.flac"), dtype="int16", frames=40 * 22_050)
        reading = self.write("reading.wav", sound, rate)
        self.assertEqual(self.touch("--without-pauses", "--form", "mp3", reading).exit_code, 0)
        command = [sys.executable, "-m", "kittiwake.cli", "facts", str(self.folder / "out/reading.mp3")]
        done = subprocess.run(command, capture_output=True, text=True, timeout=60)
        self.assertEqual((done.returncode, done.stderr), (0, ""))
