"""Where outputs are put and written down, and how little memory making takes."""

from __future__ import annotations

import os
import subprocess
import sys
import textwrap
import time

import numpy as np
import soundfile

from kittiwake.core.disk.place import part_file, put_in_place, sweep, write_text_whole
from kittiwake.core.make.ledger import Entry, Ledger
from kittiwake.core.make.ledger_place import LEDGER
from tests.sounds import FolderCase, noise


class TestPlaceAndLedger(FolderCase):
    def test_a_file_that_turns_up_meanwhile_is_kept(self) -> None:
        final = self.folder / "x.wav"
        with part_file(self.folder) as part:
            part.write_bytes(b"ours")
            final.write_bytes(b"theirs")
            with self.assertRaises(Exception) as caught:
                put_in_place(part, final, replace=False)
        self.assertIn("File exists", str(caught.exception))
        self.assertEqual(final.read_bytes(), b"theirs")

    def test_sweep_takes_only_what_the_dead_left(self) -> None:
        dead = subprocess.Popen(["true"])
        dead.wait()
        for name in (
            f".kittiwake-{dead.pid}-00ff.part",
            f".kittiwake-{os.getpid()}-00ff.part",
            "kittiwake-1-00.part",
        ):
            (self.folder / name).touch()
        self.assertEqual(sweep(self.folder), 1)
        # Dead, but not buried yet.
        zombie = subprocess.Popen(["true"])
        time.sleep(0.2)
        (self.folder / f".kittiwake-{zombie.pid}-00ff.part").touch()
        self.assertEqual(sweep(self.folder), 1)
        zombie.wait()
        self.assertEqual(len(list(self.folder.iterdir())), 2)

    def test_who_writes_a_file_takes_away_what_the_dead_left_beside_it(self) -> None:
        """Jobs, lists, manifests and answers: each is written into a folder of which no run takes care."""
        dead = subprocess.Popen(["true"])
        dead.wait()
        left = self.folder / f".kittiwake-{dead.pid}-00ff.part"
        left.touch()
        write_text_whole(self.folder / "list.txt", "one")
        self.assertEqual([self.folder / "list.txt"], list(self.folder.iterdir()))

    def test_a_torn_line_is_passed_over(self) -> None:
        ledger = Ledger(self.folder)
        ledger.add(Entry("a.wav", "00", 1, "/s", "a", "x", "f"))
        with (self.folder / LEDGER).open("a") as file:
            file.write('{"output": "b.w')
        again = Ledger(self.folder)
        again.add(Entry("c.wav", "11", 2, "/s", "c", "x", "f"))
        last = Ledger(self.folder)
        self.assertEqual([bool(last.get(n)) for n in ("a.wav", "b.wav", "c.wav")], [True, False, True])
        self.assertEqual(last.output_of("/s", "c", "x").output, "c.wav")  # type: ignore[union-attr]


class TestMemory(FolderCase):
    def test_it_does_not_grow_with_length(self) -> None:
        peaks = []
        for minutes in (1, 12):
            path = self.folder / f"{minutes}.wav"
            with soundfile.SoundFile(str(path), "w", 48000, 2, "PCM_16") as file:
                block = np.stack([noise(48000, 10, -30, 1), noise(48000, 10, -30, 2)], 1)
                for _ in range(minutes * 6):
                    file.write(block)
            code = textwrap.dedent(f"""
                import sys
                from kittiwake.cli.entry import main
                sys.argv = ["kittiwake", "make", "--for", "phone-menu", "--into", "{self.folder}/o", "{path}"]
                try: main()
                except SystemExit as stop: assert not stop.code
                print(next(l.split()[1] for l in open('/proc/self/status') if l.startswith('VmHWM')), file=sys.stderr)
            """)
            done = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, check=True)
            peaks.append(int(done.stderr.split()[-1]) / 1024)
            path.unlink()
        self.assertLess(peaks[1], 200)
        self.assertLess(peaks[1] - peaks[0], 30, f"peak memory {peaks} MB")
