"""``kittiwake spans``: what is spoken, a line a span, and clips on request."""

from __future__ import annotations

import json
from pathlib import Path
from typing import Any

import numpy as np
import soundfile
from click.testing import CliRunner, Result

from kittiwake import demo
from kittiwake.cli.main import cli
from kittiwake.core.measure import analyze
from tests.sounds import FolderCase

READING = Path(demo.__file__).parent / "reading"
SOURCE = READING / "Season reading.flac"


class TestSpans(FolderCase):
    def run_verb(self, *words: str | Path | float) -> Result:
        return CliRunner().invoke(cli, ["spans", *(str(word) for word in words)])

    def beginning(self) -> Path:
        """Of the reading, where all of it would only take longer: 40 s."""
        sound, rate = soundfile.read(str(SOURCE), dtype="int16", frames=40 * 22_050)
        return self.write("beginning.wav", sound, rate)

    def rows(self, result: Result) -> list[dict[str, Any]]:
        return [json.loads(line) for line in result.stdout.splitlines()]

    def test_a_line_a_span_with_its_fields(self) -> None:
        result = self.run_verb("--json", SOURCE)
        rows = self.rows(result)
        self.assertEqual(result.exit_code, 0)
        fields = {"path", "kind", "start", "stop", "speech_start", "speech_stop", "level_dbov", "name"}
        self.assertTrue(all(set(row) == fields for row in rows))
        self.assertEqual(rows, sorted(rows, key=lambda row: row["start"]))
        self.assertEqual([sum(row["kind"] == kind for row in rows) for kind in ("speech", "other")], [42, 3])
        for row in rows:
            self.assertLessEqual(row["start"], row["speech_start"])
            self.assertGreaterEqual(row["stop"], row["speech_stop"])
            self.assertEqual(bool(row["name"]), row["kind"] == "speech")
        where = json.loads((READING / "where.json").read_text("utf-8"))["lines"]
        for line in where:
            self.assertTrue(
                any(abs(row["speech_start"] - line["start"] / 22_050) < 0.1 for row in rows), line["name"]
            )

    def test_levels_are_those_that_facts_measure(self) -> None:
        """Active speech level of the clip by itself (ITU-T P.56), whatever silence is cut off."""
        out = self.folder / "cut"
        rows = self.rows(self.run_verb("--json", "--clips", out, self.beginning()))
        for row in [row for row in rows if row["kind"] == "speech"][:6]:
            measures = analyze(Path(row["clip"])).measures
            assert measures is not None
            self.assertAlmostEqual(row["level_dbov"], measures.level.active_dbov, delta=0.02)

    def test_settings_and_air(self) -> None:
        source = self.beginning()
        usual = self.rows(self.run_verb("--json", source))
        airy = self.rows(self.run_verb("--json", "--air-before", 0.3, "--air-after", 0, source))
        self.assertAlmostEqual(airy[0]["speech_start"] - airy[0]["start"], 0.3, delta=0.006)
        self.assertEqual(airy[0]["speech_stop"], airy[0]["stop"])
        self.assertEqual(airy[0]["speech_start"], usual[0]["speech_start"])
        self.assertLess(len(self.rows(self.run_verb("--json", "--pause", 1.5, source))), len(usual))
        self.assertLess(len(self.rows(self.run_verb("--json", "--shortest", 1.2, source))), len(usual))

    def test_clips_hold_the_samples_of_their_source(self) -> None:
        out = self.folder / "cut"
        source = self.folder / "two sides.wav"
        sound, rate = soundfile.read(str(SOURCE), dtype="int16", frames=15 * 22_050)
        both = np.stack([sound, sound // 2], axis=1)
        soundfile.write(str(source), both, rate, subtype="PCM_16")
        names = self.folder / "names.txt"
        names.write_text("welcome: Welcome aboard\n../../etc/x\nname with ä\nfour\n", "utf-8")
        result = self.run_verb("--json", "--clips", out, "--names", names, source)
        rows = [row for row in self.rows(result) if row["kind"] == "speech"]
        self.assertEqual(result.exit_code, 0, result.stderr)
        self.assertEqual([row["name"] for row in rows], ["welcome", "../../etc/x", "name with ä", "four"])
        self.assertEqual(rows[0]["text"], "Welcome aboard")
        for row in rows:
            clip = Path(row["clip"])
            self.assertEqual(clip.parent, out)
            got, got_rate = soundfile.read(str(clip), dtype="int16")
            first, last = round(row["start"] * rate), round(row["stop"] * rate)
            self.assertEqual(got_rate, rate)
            np.testing.assert_array_equal(got, both[first:last])
        self.assertEqual(sorted(path.suffix for path in out.iterdir()), [".wav"] * 4)

    def test_what_is_there_is_never_replaced(self) -> None:
        out = self.folder / "cut"
        source = self.beginning()
        first = self.rows(self.run_verb("--json", "--clips", out, source))
        before = {path: path.read_bytes() for path in out.iterdir()}
        again = self.rows(self.run_verb("--json", "--clips", out, source))
        self.assertEqual({path: path.read_bytes() for path in out.iterdir()}, before)
        self.assertEqual([row.get("clip") for row in first], [row.get("clip") for row in again])
        changed = next(iter(before))
        changed.write_bytes(before[changed] + b"x")
        third = self.rows(self.run_verb("--json", "--clips", out, source))
        self.assertEqual(changed.read_bytes(), before[changed] + b"x")
        clips = [row["clip"] for row in third if "clip" in row]
        self.assertEqual((len(set(clips)), len(list(out.iterdir()))), (len(before), len(before) + 1))
        self.assertGreater(len(before), 6)

    def test_too_few_lines_are_said_and_many_files_take_no_list(self) -> None:
        names = self.folder / "names.txt"
        names.write_text("one\ntwo\n", "utf-8")
        few = self.run_verb("--names", names, SOURCE)
        self.assertEqual(few.exit_code, 1)
        self.assertIn("42 found for 2 lines", few.stderr)
        self.assertEqual(self.run_verb("--names", names, SOURCE, READING / "where.json").exit_code, 2)
        self.assertEqual(self.run_verb("--pause", 0, SOURCE).exit_code, 2)

    def test_silence_and_what_is_no_sound(self) -> None:
        quiet, text = self.folder / "quiet.wav", self.folder / "text.wav"
        soundfile.write(str(quiet), np.zeros(16_000), 16_000)
        text.write_text("this is no sound")
        result = self.run_verb("--json", quiet, text)
        self.assertEqual(result.exit_code, 1)
        self.assertEqual([row["ok"] for row in self.rows(result)], [False])
        self.assertEqual(self.run_verb(quiet).exit_code, 0)
