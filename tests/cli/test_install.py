"""What the desktop and the shell are told of the application: valid by their own checkers, placed and taken away without a trace."""

from __future__ import annotations

import json
import os
import subprocess
import sys
import unittest
import zlib
from pathlib import Path

import click
from click.testing import CliRunner

from kittiwake.cli.home import placing
from kittiwake.cli.home.entries import quick_entry
from kittiwake.cli.home.files import files_of
from kittiwake.cli.home.identity import JOB_TYPE, SOUND_TYPES, VIDEO_TYPES
from kittiwake.cli.home.preview import draw_job
from kittiwake.cli.home.unit import watch_unit
from kittiwake.cli.main import cli
from kittiwake.core.model.job import load_job
from kittiwake.demo import SHIPPED as DEMO_JOB
from tests.sounds import FolderCase

OFFERED = [("phone-menu", "Phone menu"), ("my-box", "My “box” 100 % \\ ;x")]


def checked(*words: object) -> str:
    """What a checker says."""
    done = subprocess.run([str(word) for word in words], capture_output=True, text=True, check=False)
    return f"{done.stdout}{done.stderr}" + (f"\nleft with {done.returncode}" if done.returncode else "")


class Files(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.files = files_of(cli, "/opt/odd place/kitti$wake", OFFERED)
        placing.place(self.folder, self.files)

    def test_desktop_entries_pass_the_desktops_own_checker(self) -> None:
        for entry in (self.folder / "share/applications").glob("*.desktop"):
            self.assertEqual(checked("desktop-file-validate", entry), "", entry)

    def test_a_program_is_words_as_a_shell_takes_them(self) -> None:
        """Desktop Entry Specification, Exec; systemd.service(5), ExecStart."""
        for program, entry, unit in (
            ("kittiwake", "kittiwake quick %F", "/usr/bin/env kittiwake watch"),
            (
                "python3 -m 'kitti wake'",
                'python3 -m "kitti wake" quick %F',
                '/usr/bin/env python3 -m "kitti wake" watch',
            ),
            (
                '/bin/sh -c "a \\"b\\" 5%"',
                '/bin/sh -c "a \\\\"b\\\\" 5%%" quick %F',
                '/bin/sh -c "a \\"b\\" 5%%" watch',
            ),
            (
                "/opt/odd place/kitti$wake",
                '"/opt/odd place/kitti\\\\$wake" quick %F',
                '"/opt/odd place/kitti$$wake" watch',
            ),
        ):
            with self.subTest(program):
                self.assertIn(f"Exec={entry}\n", quick_entry(program))
                self.assertIn(f"ExecStart={unit}\n", watch_unit(program))
        for wrong in ("'kittiwake", "kitti\nwake", " "):
            done = CliRunner().invoke(cli, ["install", "--prefix", str(self.folder), "--program", wrong])
            self.assertEqual(done.exit_code, 2, wrong)
            self.assertIn("no command", done.output)

    def test_appstream_data_pass_its_checker_without_warning(self) -> None:
        (metainfo,) = (self.folder / "share/metainfo").iterdir()
        output = checked("appstreamcli", "validate", "--no-net", "--pedantic", metainfo)
        # There is no page in the net, and so none is named, which later versions of the checker warn of.
        found = [line for line in output.splitlines() if line.startswith(("W: ", "E: "))]
        self.assertEqual([line for line in found if "url-homepage-missing" not in line], [])
        self.assertTrue("successful" in output or found, output)

    def test_manual_pages_pass_their_checker_and_there_is_one_for_each_verb(self) -> None:
        pages = sorted((self.folder / "share/man/man1").iterdir())
        self.assertEqual(checked("mandoc", "-Tlint", "-Wwarning", *pages), "")
        verbs = {name for name in cli.list_commands(click.Context(cli)) if not cli.commands[name].hidden}
        self.assertEqual({page.stem.removeprefix("kittiwake").lstrip("-") for page in pages} - {""}, verbs)

    def test_a_manual_page_says_every_option_of_its_verb(self) -> None:
        cli.list_commands(click.Context(cli))
        for name, verb in cli.commands.items():
            if verb.hidden:
                continue
            page = (self.folder / f"share/man/man1/kittiwake-{name}.1").read_text()
            below = list(verb.commands.items()) if isinstance(verb, click.Group) else []
            for other, _ in below:
                self.assertIn(f"kittiwake {name} {other}".replace("-", "\\-"), page)
            for one in (verb, *(one for _, one in below if not one.hidden)):
                for param in one.params:
                    if isinstance(param, click.Option) and not param.hidden:
                        self.assertIn(param.opts[0].replace("-", "\\-"), page, (name, one.name))
        self.assertIn("kittiwake make \\-\\-dry\\-run", (self.folder / "share/man/man1/kittiwake-make.1").read_text())
        self.assertIn("3 nothing failed", (self.folder / "share/man/man1/kittiwake.1").read_text())

    def test_the_desktop_finds_jobs_by_their_type(self) -> None:
        self.assertIn(f"{JOB_TYPE}:*.kittiwake", (self.folder / "share/mime/globs2").read_text().replace("50:", ""))
        cache = (self.folder / "share/applications/mimeinfo.cache").read_text()
        for one in (JOB_TYPE, *SOUND_TYPES, *VIDEO_TYPES):
            self.assertIn(f"{one}=", cache)

    def test_the_same_input_gives_the_same_bytes(self) -> None:
        self.assertEqual(files_of(cli, "/opt/odd place/kitti$wake", OFFERED), self.files)

    def test_all_of_it_goes_without_a_trace(self) -> None:
        count, stay = placing.remove(self.folder)
        self.assertEqual((count, stay), (len(self.files), []))
        self.assertEqual(list(self.folder.iterdir()), [])

    def test_what_somebody_changed_or_put_there_stays(self) -> None:
        entry = self.folder / "share/applications/kittiwake.desktop"
        entry.write_text("mine")
        other = self.folder / "share/applications/other.desktop"
        other.write_text("[Desktop Entry]\nType=Application\nName=x\nExec=x\n")
        self.assertEqual(placing.place(self.folder, self.files), ["share/applications/kittiwake.desktop"])
        placing.remove(self.folder)
        self.assertEqual(entry.read_text(), "mine")
        self.assertTrue(other.exists())

    def test_a_record_that_somebody_wrote_takes_nothing_outside_away(self) -> None:
        outside = self.folder.parent / f"{self.folder.name}-outside"
        outside.write_text("x")
        self.addCleanup(outside.unlink)
        record = self.folder / placing.RECORD
        record.write_text(json.dumps({f"../{outside.name}": "x", str(outside): "y"}))
        placing.remove(self.folder)
        self.assertTrue(outside.exists())

    def test_a_new_version_takes_its_old_files_away(self) -> None:
        fewer = {name: content for name, content in self.files.items() if "man1" not in name}
        placing.place(self.folder, fewer)
        self.assertFalse((self.folder / "share/man").exists())


class Completion(unittest.TestCase):
    def complete(self, *words: str) -> list[str]:
        environment = os.environ | {
            "_KITTIWAKE_COMPLETE": "bash_complete",
            "COMP_WORDS": "kittiwake " + " ".join(words),
            "COMP_CWORD": str(len(words)),
        }
        code = "import sys; sys.argv[0] = 'kittiwake'; from kittiwake.cli.entry import main; main()"
        done = subprocess.run(
            [sys.executable, "-c", code], env=environment, capture_output=True, text=True, check=False
        )
        return [line.partition(",")[2] for line in done.stdout.splitlines()]

    def test_verbs_options_and_receivers_complete(self) -> None:
        self.assertEqual(self.complete("ma"), ["make"])
        self.assertEqual(self.complete("make", "--mir"), ["--mirror"])
        self.assertEqual(self.complete("make", "--for", "phone-menu-g"), ["phone-menu-gsm"])


class Preview(FolderCase):
    def test_a_job_is_drawn_as_a_picture_of_the_size_that_was_asked_for(self) -> None:
        job = load_job(DEMO_JOB)
        for size in (16, 128, 256):
            data = draw_job(job, size)
            self.assertEqual((data[:8], int.from_bytes(data[16:20], "big")), (b"\x89PNG\r\n\x1a\n", size))
            start = data.index(b"IDAT")
            length = int.from_bytes(data[start - 4 : start], "big")
            self.assertEqual(len(zlib.decompress(data[start + 4 : start + 4 + length])), size * (3 * size + 1))

    def test_the_verb_writes_it_and_says_what_is_wrong(self) -> None:
        target = self.folder / "p.png"
        words = [sys.executable, "-m", "kittiwake.cli", "preview"]
        self.assertEqual(checked(*words, DEMO_JOB, target, 64), "")
        self.assertTrue(target.read_bytes().startswith(b"\x89PNG"))
        bad = self.folder / "bad.kittiwake"
        bad.write_text("{")
        self.assertIn("left with 1", checked(*words, bad, target, 64))


class Verb(FolderCase):
    def test_install_and_remove_by_the_verb(self) -> None:
        words = [sys.executable, "-m", "kittiwake.cli", "install", "--prefix", self.folder / "p"]
        self.assertIn("files in", checked(*words))
        self.assertTrue(Path(self.folder / "p/share/applications/kittiwake.desktop").exists())
        self.assertIn("were taken away", checked(*words, "--remove"))
        self.assertIn("Nothing was installed", checked(*words, "--remove"))
        self.assertEqual(list((self.folder / "p").iterdir()), [])
