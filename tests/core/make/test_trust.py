"""What somebody could do to us by files: ledgers that lie, disks that take half, folders that hold what we made ourselves."""

from __future__ import annotations

import json
import os
import subprocess
import sys
import time
from pathlib import Path
from unittest import mock

from kittiwake.core.batch import BatchRequest, plan_outputs, run_batch
from kittiwake.core.batch.search import find_sources
from kittiwake.core.disk.place import file_digest
from kittiwake.core.errors import MakeError
from kittiwake.core.fit import fit
from kittiwake.core.intake import PassedOver
from kittiwake.core.intake.folder import find_sound_files, plain_path
from kittiwake.core.make import make_output
from kittiwake.core.make.ledger import Entry, Ledger, only_run
from kittiwake.core.make.ledger_place import LEDGER
from kittiwake.core.make.status import explain, forget_deleted, output_statuses, remove_orphans
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.process import InProcess, Processes
from tests.sounds import FolderCase, batch_of, speech_like

MENU = load_receiver("phone-menu")


def entry(output: str, path: Path | None = None, **more: object) -> Entry:
    """A line for an output, as true as ``path`` makes it."""
    size = path.stat().st_size if path else 1
    stamp = f"{size}:{path.stat().st_mtime_ns}" if path else ""
    digest = file_digest(path) if path else "00"
    whole = {"bytes": size, "sha256": digest, "output_stamp": stamp, **more}
    return Entry(output, source="/gone/x.wav", clip="x", receiver="phone-menu", fingerprint="f", **whole)  # type: ignore[arg-type]


class TestLyingLedgers(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.out = self.folder / "out"
        self.out.mkdir()

    def lines(self, *lines: str | bytes) -> None:
        data = b"".join((line.encode() if isinstance(line, str) else line) + b"\n" for line in lines)
        (self.out / LEDGER).write_bytes(data)

    def test_removing_never_leaves_the_folder(self) -> None:
        victim = self.folder / "victim.wav"
        victim.write_bytes(b"of somebody else")
        for output in ("../victim.wav", str(victim), "sub/../../victim.wav", ".", "..", "", "a/b", ".hidden"):
            true = entry(output, victim)
            self.lines(json.dumps({name: getattr(true, name) for name in Entry.__slots__}))
            self.assertEqual(remove_orphans(self.out), [], output)
            self.assertEqual(list(output_statuses(self.out)), [], output)
            self.assertTrue(victim.exists())

    def test_removing_goes_by_every_byte_and_never_through_links(self) -> None:
        theirs = self.out / "x.wav"
        theirs.write_bytes(b"altered, with the size and the time that the ledger has")
        Ledger(self.out).add(entry("x.wav", theirs, sha256="00"))
        self.assertEqual(remove_orphans(self.out), [])
        self.assertTrue(theirs.exists())
        link = self.out / "y.wav"
        link.symlink_to(theirs)
        Ledger(self.out).add(entry("y.wav", theirs))
        self.assertEqual(remove_orphans(self.out), [])
        self.assertTrue(link.is_symlink())
        ours = self.out / "z.wav"
        ours.write_bytes(b"made here")
        Ledger(self.out).add(entry("z.wav", ours))
        self.assertEqual(remove_orphans(self.out), [(ours, "")])
        # What is gone for good can be forgotten, and only that.
        self.assertEqual(forget_deleted(self.out), 1)
        self.assertEqual({one.entry.output for one in output_statuses(self.out)}, {"x.wav", "y.wav"})
        self.assertEqual(forget_deleted(self.out), 0)

    def test_a_ledger_that_is_no_file_is_refused(self) -> None:
        target = self.folder / "target"
        target.write_bytes(b"")
        (self.out / LEDGER).symlink_to(target)
        for work in (lambda: list(output_statuses(self.out)), lambda: explain(self.out / "x.wav")):
            with self.assertRaises(MakeError):
                work()
        with self.assertRaises(OSError):
            Ledger(self.out).add(entry("x.wav"))
        with self.assertRaises(OSError), only_run(self.out):
            pass
        self.assertEqual(target.read_bytes(), b"")
        (self.out / LEDGER).unlink()
        os.mkfifo(self.out / LEDGER)
        began = time.monotonic()
        with self.assertRaises(MakeError):
            list(output_statuses(self.out))
        with self.assertRaises(OSError):
            Ledger(self.out).add(entry("x.wav"))
        self.assertLess(time.monotonic() - began, 5)

    def test_lines_that_nobody_here_wrote_are_passed_over(self) -> None:
        good = json.dumps(
            {
                "output": "ok.wav",
                "sha256": "00",
                "bytes": 1,
                "source": "/s",
                "clip": "c",
                "receiver": "r",
                "fingerprint": "f",
            }
        )
        odd = [
            "[" * 3000 + "]" * 3000, '{"output": ' + "[" * 100_000, "x" * (3 << 20), "null", "[]", "7", '"text"', "{}",
            good.replace('"bytes": 1', '"bytes": "1"'), good.replace('"bytes": 1', '"bytes": true'), good.replace('"ok.wav"', "[7]"),
            good.replace("/s", "\\u0000"), good.replace('"f"', '"f", "path": [[1]]'), good.replace('"f"', '"f", "seconds": "5"'),
        ]  # fmt: skip
        self.lines(*odd, good, b"\xff\xfe", good[:40])
        self.assertEqual([one.output for one in Ledger(self.out)], ["ok.wav"])
        Ledger(self.out).add(entry("more.wav"))
        self.assertEqual({one.output for one in Ledger(self.out)}, {"ok.wav", "more.wav"})


class TestDisksThatTakeHalf(FolderCase):
    def test_a_short_write_is_gone_on_with_or_taken_back(self) -> None:
        ledger = Ledger(self.folder)
        ledger.add(entry("first.wav"))
        before = (self.folder / LEDGER).read_bytes()
        write = os.write
        with mock.patch("os.write", side_effect=lambda handle, data: write(handle, bytes(data)[:7])):
            ledger.add(entry("second.wav"), entry("third.wav"))
        self.assertEqual({one.output for one in Ledger(self.folder)}, {"first.wav", "second.wav", "third.wav"})
        (self.folder / LEDGER).write_bytes(before)
        calls = 0

        def full(handle: int, data: bytes) -> int:
            nonlocal calls
            calls += 1
            if calls > 2:
                raise OSError(28, "No space left on device")
            return write(handle, bytes(data)[:30])

        with mock.patch("os.write", side_effect=full), self.assertRaises(OSError):
            ledger.add(entry("second.wav"))
        self.assertEqual((self.folder / LEDGER).read_bytes(), before)

    def test_a_disk_that_is_full_while_looking_is_no_fault_of_the_source(self) -> None:
        path = self.write("in.wav", speech_like(48_000, 2), 48_000)
        wish = BatchRequest((MENU,), (self.folder / "out",))
        with mock.patch(
            "kittiwake.core.sound.spool.Spool.append", side_effect=OSError(28, "No space left on device")
        ):
            reported = next(iter(run_batch([path], wish, InProcess()))).to_dict()
        self.assertEqual(reported["status"], "failed")
        self.assertIn("No space left on device", reported["error"])
        self.assertNotIn("another copy", reported["error"])


class TestWhatWeMade(FolderCase):
    def made(self, into: Path, *paths: Path) -> list[dict[str, object]]:
        return [outcome.to_dict() for outcome in run_batch(list(paths), BatchRequest((MENU,), (into,)), Processes(1))]

    def test_outputs_are_no_sources(self) -> None:
        """``make . --into out``, again and again: once it made w_2 of w, and w_2_2 of that."""
        self.write("w.wav", speech_like(16_000, 1), 16_000)
        out = self.folder / "out"
        for _ in range(3):
            passed = PassedOver()
            found = list(find_sources([self.folder], passed))
            self.assertEqual([path.name for path in found], ["w.wav"])
            self.made(out, *found)
        self.assertEqual((passed.made_here, [path.name for path in out.glob("*.wav")]), (1, ["w.wav"]))
        self.assertIn("made here", str(passed))
        # Alone, they are what is meant, but never where they would be made once more.
        passed = PassedOver()
        self.assertEqual(list(find_sources([out], passed)), [out / "w.wav"])
        self.assertEqual(passed.made_here, 0)
        self.assertEqual(list(find_sources([out], PassedOver(), into=out)), [])
        # One that somebody altered is theirs, and so is one that is named.
        (out / "w.wav").write_bytes((self.folder / "w.wav").read_bytes())
        self.assertEqual(len(list(find_sources([self.folder], PassedOver()))), 2)
        self.assertEqual(list(find_sources([out / "w.wav"], PassedOver())), [out / "w.wav"])

    def test_one_file_has_one_path(self) -> None:
        path = self.write("a/x.wav", speech_like(8000, 0.2), 8000)
        (self.folder / "b").mkdir()
        odd = self.folder / "b" / ".." / "a" / "x.wav"
        self.assertEqual(plain_path(odd), plain_path(path))
        self.assertEqual(len(list(find_sound_files([odd, path, self.folder / "b" / ".."]))), 1)

    def test_a_folder_that_cannot_be_looked_into_is_told(self) -> None:
        self.write("a/x.wav", speech_like(8000, 0.2), 8000)
        (self.folder / "b").mkdir()
        scandir, passed = os.scandir, PassedOver()

        def refused(path: str) -> object:
            if str(path).endswith("/b"):
                raise PermissionError(13, "Permission denied", path)
            return scandir(path)

        with mock.patch("os.scandir", side_effect=refused):  # root may read everything
            self.assertEqual([p.name for p in find_sound_files([self.folder], passed=passed)], ["x.wav"])
        self.assertEqual([(Path(p).name, why) for p, why in passed.unreadable], [("b", "Permission denied")])
        self.assertIn("cannot be looked into: Permission denied", str(passed))

    def test_a_folder_that_may_be_read_and_not_entered_is_told_and_the_rest_found(self) -> None:
        self.write("in/a/x.wav", speech_like(8000, 0.2), 8000)
        shut = self.write("in/b/y.wav", speech_like(8000, 0.2), 8000).parent
        shut.chmod(0o444)
        self.addCleanup(shut.chmod, 0o755)
        # The administrator enters everything, but for one who has laid that down.
        plain = ["setpriv", "--bounding-set=-dac_override,-dac_read_search"] if os.geteuid() == 0 else []
        code = (
            "import sys; from pathlib import Path; from kittiwake.core.batch.search import find_sources\n"
            "from kittiwake.core.intake import PassedOver; passed = PassedOver()\n"
            "print([path.name for path in find_sources([Path(sys.argv[1])], passed)], passed)"
        )
        done = subprocess.run(
            [*plain, sys.executable, "-c", code, str(self.folder / "in")], capture_output=True, text=True, check=True
        )
        self.assertEqual(
            done.stdout.strip(), f"['x.wav'] The folder {shut} cannot be looked into: Permission denied."
        )

    def test_one_that_was_altered_is_told(self) -> None:
        path = self.write("hello.wav", speech_like(16_000, 1), 16_000)
        out = self.folder / "out"
        self.made(out, path)
        (out / "hello.wav").write_bytes(b"altered")
        reported = self.made(out, path)[0]
        self.assertEqual((Path(str(reported["output"])).name, reported["altered"]), ("hello_2.wav", "hello.wav"))
        self.assertIn("hello.wav was altered", " ".join(reported["said"]))  # type: ignore[arg-type]
        refused = next(iter(run_batch([path], BatchRequest((MENU,), (out,), numbers=False), Processes(1)))).to_dict()
        self.assertEqual(refused["status"], "refused")
        self.assertEqual((out / "hello.wav").read_bytes(), b"altered")

    def test_a_name_that_loses_its_letters_is_told(self) -> None:
        path = self.write("日本.wav", speech_like(16_000, 1), 16_000)
        reported = self.made(self.folder / "out", path)[0]
        self.assertIn("does not take “日本”", " ".join(reported["said"]))  # type: ignore[arg-type]
        self.assertEqual(
            self.made(self.folder / "o", self.write("a b.wav", speech_like(16_000, 1), 16_000))[0]["said"], []
        )

    def test_what_the_window_made_a_terminal_leaves_alone_and_the_reverse(self) -> None:
        path = self.write("hello.wav", speech_like(16_000, 1), 16_000)
        facts, clip = analyze(path), Clip.whole(path)
        for receiver in (MENU, load_receiver("quay-beacon")):
            out = self.folder / receiver.slug
            items = plan_outputs([(clip, facts, fit(clip, facts, receiver))], receiver, out)
            self.assertEqual([made.status for made in batch_of(items, workers=1)], ["made"])
            before = (out / "hello.wav").stat()
            reported = next(iter(run_batch([path], BatchRequest((receiver,), (out,)), Processes(1)))).to_dict()
            self.assertEqual(reported["status"], "kept")
            self.assertIsNone(reported["proof"])  # it was not even opened
            self.assertEqual((out / "hello.wav").stat().st_mtime_ns, before.st_mtime_ns)
            again = plan_outputs([(clip, facts, fit(clip, facts, receiver))], receiver, out)
            self.assertEqual(make_output(again[0]).status, "kept")
