"""Every line of docs/recipes.md, run on recordings like those it names."""

from __future__ import annotations

import contextlib
import os
import re
import shlex
import shutil
from pathlib import Path

import numpy as np
import soundfile
from click.testing import CliRunner

from kittiwake.cli.main import cli
from kittiwake.core.codec import FORMATS, alaw, ulaw
from kittiwake.core.measure import analyze
from kittiwake.work.standin.microphone import READING
from tests.bundled import needs
from tests.bundled.music.core.test_hold import RATE, music
from tests.core.measure.test_loudness import loudness
from tests.sounds import DEMO, FolderCase, spoken

RECIPES = Path(__file__).parents[1] / "docs" / "recipes.md"
#: Where a line is meant to leave with 1: some of the demo's recordings ask for a decision, or are no sound.
ASKS = ("--for phone-menu --into out/ prompts/", "--for hall-phone", "--dry-run --for quay-beacon")


def blocks() -> list[list[str]]:
    found = re.findall(r"```sh\n(.*?)```", RECIPES.read_text("utf-8"), re.DOTALL)
    return [block.strip().splitlines() for block in found]


@needs("corpus", "music", "services", "standins", "tones")
class TestRecipes(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        (self.folder / "prompts").mkdir()
        for name in ("Welcome.wav", "Main menu.wav", "Safety notice.ogg", "Fog delay.m4a"):
            shutil.copy(DEMO / name, self.folder / "prompts")
        shutil.copy(DEMO / "Ticket office.wav", self.folder / "prompts")  # empty
        shutil.copy(DEMO / "Safety notice.ogg", self.folder / "notice.ogg")
        shutil.copy(READING / "Season reading.flac", self.folder / "talk.flac")
        sound, rate = soundfile.read(str(DEMO / "Welcome.wav"), dtype="float32")
        self.write("greeting.wav", sound, rate)
        self.write("closed.wav", sound[::-1].copy(), rate)
        for n in range(3):
            self.write(f"theme-{n + 1}.wav", np.stack([np.tile(sound, 2), np.tile(sound, 2) * 0.5], 1), rate)
        for n, level in enumerate((0, -3, -6, 3, -9, -45)):
            self.write(f"six/{n}.wav", sound * np.float32(10 ** (level / 20) * 0.5), rate, "PCM_24")
        self._phone()
        for n in range(3):
            self.write(f"taken/P{n}.wav", spoken(8000), 8000, "ULAW")
        self.write("tree/a/one.wav", spoken(16_000), 16_000)
        self.write("tree/b/two.wav", spoken(16_000), 16_000)
        lines = ["gate-open: The gate is open.", "gate-closed: The gate is closed."]
        (self.folder / "lines.txt").write_text("\n".join(lines))
        gap = np.zeros(16_000, np.float32)
        self.write("reading.wav", np.concatenate([gap, spoken(16_000), gap, spoken(16_000), gap]), 16_000)
        (self.folder / "names.csv").write_text(
            "name,text\nberth-{},Berth {1..3} is open.\nswell,Berth four is closed until the swell is less.\n"
        )
        self.write("waltz.wav", music(10), RATE)
        old = Path.cwd()
        os.chdir(self.folder)
        self.addCleanup(os.chdir, old)

    def _phone(self) -> None:
        """Twelve prompts of four kinds."""
        (self.folder / "phone").mkdir()
        sound = spoken(8000)
        for n in range(3):
            part = sound[n * 400 :]
            (self.folder / f"phone/m{n}.ulaw").write_bytes(ulaw.encode(part).tobytes())
            (self.folder / f"phone/a{n}.alaw").write_bytes(alaw.encode(part).tobytes())
            (self.folder / f"phone/l{n}.sln").write_bytes((part * 32767).astype("<i2").tobytes())
            writer = FORMATS["raw", "gsm"].open(self.folder / f"phone/g{n}.gsm", 8000, 1, dither="none")
            writer.write(part[:, None])
            writer.close()

    def test_every_line_does_what_it_says(self) -> None:
        for lines in blocks():
            for folder in ("out", "wav", "back", "cut"):
                shutil.rmtree(folder, ignore_errors=True)
            for line in lines:
                words = shlex.split(line)
                self.assertEqual(words[0], "kittiwake")
                with contextlib.chdir(self.folder) if hasattr(contextlib, "chdir") else contextlib.nullcontext():
                    done = CliRunner().invoke(cli, words[1:])
                wanted = 1 if any(one in line for one in ASKS) else 0
                self.assertEqual(done.exit_code, wanted, f"{line}\n{done.output}\n{done.exception}")
            self._check(" ".join(lines))

    def _check(self, line: str) -> None:
        made = sorted(path for path in Path("out").rglob("*.*") if path.is_file() and not path.name.startswith("."))
        if "target_lufs" in line:
            for path in made:
                sound, rate = soundfile.read(str(path), dtype="float32")
                self.assertEqual((rate, sound.ndim), (44_100, 1))
                self.assertAlmostEqual(loudness(sound, rate), -20, delta=0.3, msg=path.name)
        elif "--louder" in line:
            self.assertEqual([(path.name, path.stat().st_size < 200_000) for path in made], [("Alert.wav", True)])
        elif "Good night" in line:
            self.assertEqual({path.stem for path in made}, {"Welcome", "Fares", "Boats", "Delays", "Good night"})
            self.assertAlmostEqual(analyze(Path("out/Delays.wav")).seconds or 0, 40, places=2)
        elif "read_as_guessed" in line:
            self.assertEqual((len(list(Path("wav").glob("*.wav"))), len(list(Path("back").glob("*.raw")))), (12, 12))
        elif "--fade-in" in line:
            self.assertEqual([soundfile.info(str(path)).channels for path in made], [2, 2, 2])
        elif "--form opus" in line:
            self.assertEqual({path.suffix for path in made}, {".wav", ".flac", ".mp3", ".opus"})
        elif "--names" in line:
            self.assertEqual({path.stem for path in made}, {"gate-open", "gate-closed"})
        elif "--mirror" in line:
            self.assertEqual({str(path) for path in made}, {"out/a/one.wav", "out/b/two.wav"})
            self.assertTrue(Path("tree/a/one.ul").exists())
        elif "deliver" in line:
            self.assertTrue(Path("handover/phone-menu.zip").exists() and Path("handover/report.html").exists())
        elif "--heard" in line:
            self.assertGreater(soundfile.info("heard.wav").duration, 10)
        elif "--dry-run" in line:
            self.assertEqual(made, [])
        else:
            self.assertTrue(made, line)
