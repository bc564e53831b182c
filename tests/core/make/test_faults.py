"""Faults of disks, folders and sources: each a clear sentence, nothing lost, nothing half."""

from __future__ import annotations

import os
import shutil
import subprocess
import sys
import tempfile
import textwrap
import tracemalloc
from pathlib import Path
from unittest import mock

import numpy as np
import soundfile

from kittiwake.core.batch import BatchRequest, planned, run_batch
from kittiwake.core.disk import place
from kittiwake.core.intake import find_sound_files
from kittiwake.core.make.ledger import Ledger
from kittiwake.core.make.output import OutputPlan, Result
from kittiwake.core.make.staged import commit, verify, write
from kittiwake.core.measure import analyze
from kittiwake.core.model import load_receiver
from kittiwake.core.process import InProcess
from tests.sounds import FolderCase, sine, speech_like

MENU = load_receiver("phone-menu")


class FaultCase(FolderCase):
    def outcomes(self, *paths: Path) -> list[dict]:
        wish = BatchRequest((MENU,), (self.folder / "out",))
        return [result.to_dict() for result in run_batch(paths, wish, InProcess())]

    def visible(self) -> list[str]:
        return sorted(p.name for p in (self.folder / "out").iterdir() if not p.name.startswith(".kittiwake-made"))


class TestDisk(FaultCase):
    def test_a_disk_that_is_full(self) -> None:
        # A limit on file size stands in for it: the same call fails, with another number.
        long = self.write("long.wav", speech_like(16_000, 20), 16_000)
        short = self.write("short.wav", speech_like(16_000, 1), 16_000)
        code = textwrap.dedent(f"""
            import json, resource, signal
            from pathlib import Path
            from kittiwake.core.batch import BatchRequest, run_batch
            from kittiwake.core.model import load_receiver
            from kittiwake.core.process import InProcess
            signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
            resource.setrlimit(resource.RLIMIT_FSIZE, (60_000, 60_000))
            wish = BatchRequest((load_receiver("phone-menu"),), (Path({str(self.folder / "out")!r}),))
            for outcome in run_batch([Path({str(long)!r}), Path({str(short)!r})], wish, InProcess()):
                print(json.dumps(outcome.to_dict()))
        """)
        done = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True)
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertIn('"status": "failed"', done.stdout)
        self.assertIn("see to the disk", done.stdout)
        self.assertIn('"status": "made"', done.stdout)
        self.assertEqual(self.visible(), ["short.wav"])

    def test_a_folder_that_may_not_be_written(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 1), 16_000)
        out = self.folder / "out"
        out.mkdir()
        out.chmod(0o555)
        for folder in (self.folder, *self.folder.parents):
            if folder != Path(tempfile.gettempdir()) and str(folder).startswith(tempfile.gettempdir()):
                folder.chmod(0o755)
        code = textwrap.dedent(f"""
            import os
            from pathlib import Path
            from kittiwake.core.errors import KittiwakeError
            from kittiwake.core.batch import BatchRequest, run_batch
            from kittiwake.core.model import load_receiver
            from kittiwake.core.process import InProcess
            wish = BatchRequest((load_receiver("phone-menu"),), (Path({str(out)!r}),))
            list(run_batch([Path({str(path)!r})], BatchRequest(wish.receivers, (Path({str(self.folder / "warm")!r}),)), InProcess()))
            if os.geteuid() == 0:
                os.seteuid(65534)  # nothing stops root
            try:
                for outcome in run_batch([Path({str(path)!r})], wish, InProcess()):
                    print(outcome.status, outcome.error)
            except KittiwakeError as error:
                print(error)
        """)
        done = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True)
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertIn("cannot be used: Permission denied. Choose another output folder.", done.stdout)
        self.assertEqual(list(out.iterdir()), [])

    def test_the_ledger_cannot_be_written(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 1), 16_000)
        with mock.patch.object(Ledger, "add", side_effect=OSError(28, "No space left on device")):
            reported = self.outcomes(path)[0]
        self.assertEqual(reported["status"], "failed")
        self.assertIn("No space left on device", reported["error"])
        self.assertEqual(self.visible(), [])

    def test_a_folder_that_vanishes_before_the_names_are_given(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 1), 16_000)
        facts = analyze(path)
        clip, found = planned(path, facts, MENU)
        out = self.folder / "out"
        item = OutputPlan(clip, facts, found, MENU, out / "a.wav")
        staged = verify(write(item, None))
        for left in out.iterdir():
            left.unlink()
        out.rmdir()
        made = commit([staged], Ledger(out))[0]
        self.assertEqual(made.status, "failed")
        self.assertIn("No such file", made.error or "")

    def test_without_a_call_for_the_whole_file_system_each_file_is_forced(self) -> None:
        # As many as are put in place together, and more than are forced one by one anyway.
        paths = [self.write(f"{n}.wav", speech_like(16_000, 0.3, seed=n), 16_000) for n in range(24)]
        forced: list[int] = []
        fsync = os.fsync
        with (
            mock.patch.object(place, "_syncfs", return_value=False) as asked,
            mock.patch.object(place.os, "fsync", lambda handle: (forced.append(handle), fsync(handle))),
        ):
            self.assertEqual({expected["status"] for expected in self.outcomes(*paths)}, {"made"})
        self.assertTrue(asked.called)
        self.assertGreaterEqual(len(forced), 24)
        self.assertEqual(len(self.visible()), 24)


class TestSources(FaultCase):
    def test_a_source_that_changes_under_the_reader(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 3), 16_000)
        facts = analyze(path)
        clip, found = planned(path, facts, MENU)
        item = OutputPlan(clip, facts, found, MENU, self.folder / "out" / "a.wav")
        for size in (20_000, 400_000):
            with path.open("rb+") as file:
                file.truncate(size)
            found = verify(write(item, None))
            assert isinstance(found, Result)
            self.assertEqual((found.status, found.code), ("failed", "changed"), size)
            self.assertEqual(list((self.folder / "out").glob(".kittiwake-*.part")), [])

    def test_fifo_device_link_and_loop(self) -> None:
        folder = self.folder / "odd"
        folder.mkdir()
        os.mkfifo(folder / "pipe.wav")
        (folder / "device.wav").symlink_to("/dev/zero")
        (folder / "nowhere.wav").symlink_to(self.folder / "gone.wav")
        (folder / "round").symlink_to(folder)
        good = self.write("elsewhere/good.wav", speech_like(16_000, 1), 16_000)
        (folder / "linked.wav").symlink_to(good)
        found = list(find_sound_files([folder]))
        self.assertEqual([path.name for path in found], ["linked.wav"])
        reported = {Path(t["path"]).name: t for t in self.outcomes(*sorted(folder.glob("*.wav")))}
        self.assertEqual(reported["linked.wav"]["status"], "made")
        for name in ("pipe.wav", "device.wav", "nowhere.wav"):
            self.assertEqual(reported[name]["status"], "refused", name)
            self.assertTrue(reported[name]["error"])

    def test_an_output_that_is_a_link_is_never_written_through(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 1), 16_000)
        self.outcomes(path)
        target = self.folder / "theirs.wav"
        target.write_bytes(b"theirs")
        (self.folder / "out/a.wav").unlink()
        (self.folder / "out/a.wav").symlink_to(target)
        self.assertEqual(self.outcomes(path)[0]["status"], "made")
        self.assertEqual(target.read_bytes(), b"theirs")
        self.assertIn("a_2.wav", self.visible())

    def test_names_too_long_and_folders_too_deep(self) -> None:
        deep = self.folder
        for _ in range(40):
            deep = deep / ("d" * 40)
        deep.mkdir(parents=True)
        path = deep / ("n" * 200 + ".wav")
        shutil.move(self.write("short.wav", speech_like(16_000, 1), 16_000), path)
        self.assertEqual([p.name for p in find_sound_files([self.folder])], [path.name])
        reported = self.outcomes(path)[0]
        self.assertEqual(reported["status"], "made", reported["error"])
        self.assertEqual(len(Path(reported["output"]).stem), MENU.rules.names.max_length)


class TestHostile(FaultCase):
    def test_absurd_rates_channels_and_values(self) -> None:
        x = sine(440, 8000, 0.5)
        absurd = self.write("rate.wav", x, 2_147_483_647)
        facts = analyze(absurd)
        self.assertTrue(facts.ok)
        self.assertEqual(planned(absurd, facts, MENU)[1].problems[0].code, "absurd_rate")
        many = self.write("many.wav", np.zeros((100, 300), np.float32), 8000)
        error = analyze(many).error
        self.assertIn("300 channels", error.message if error else "")
        x[5] = 3e38
        huge = analyze(self.write("huge.wav", x, 8000, "FLOAT"))
        self.assertTrue(huge.has("not_numbers"))
        self.assertLess(huge.measures.peak, 1)  # type: ignore[union-attr]

    def test_a_large_file_with_holes_costs_no_memory(self) -> None:
        path = self.folder / "sparse.wav"
        with soundfile.SoundFile(str(path), "w", 48_000, 2, "PCM_16", format="RF64") as file:
            file.write(np.zeros((48_000, 2), np.float32))
        with path.open("rb+") as file:
            file.truncate(1 << 30)
        tracemalloc.start()
        self.addCleanup(tracemalloc.stop)
        self.assertTrue(analyze(path, cancelled=None).ok)
        self.assertLess(tracemalloc.get_traced_memory()[1], 32 << 20)
