"""What earlier deliveries left: only what is this receiver's own, as it was handed over, is replaced or deleted; killed ones leave nothing."""

from __future__ import annotations

import json
import os
import signal
import subprocess
import sys
import time
import unicodedata
from unittest import mock

from kittiwake.core.errors import Cancelled, KittiwakeError
from kittiwake.core.make.delivered import RECORD, all_delivered, delivered_in, only_delivery
from kittiwake.work.deliver import plan_of, send
from tests.work.deliver.test_deliver import DeliverCase, with_delivery


class TestWhoseItIs(DeliverCase):
    def test_a_target_that_ignores_case_or_accents_keeps_what_was_just_delivered(self) -> None:
        """As on FAT: a file goes out as “Pier”, later as “pier”, and both names lead to one file."""
        for old, new in (
            ("Pier", "pier"),
            (unicodedata.normalize("NFD", "Fähre"), unicodedata.normalize("NFC", "Fähre")),
        ):
            with self.subTest(new):
                send(self.plan([self.item(old)]))
                (self.there / f"{old}.wav").rename(self.there / f"{new}.wav")
                (self.there / f"{old}.wav").symlink_to(f"{new}.wav")
                sent = send(self.plan([self.item(new, 5)]), take_away=True)
                self.assertEqual((sent.deleted, dict(sent.stays)), ((), {}))
                self.assertTrue((self.there / f"{new}.wav").is_file())
                for path in self.there.iterdir():
                    path.unlink()

    def test_another_receivers_files_are_left_alone(self) -> None:
        menu, drop = with_delivery("phone-menu", manifest="jsonl"), with_delivery("voicemail-drop", manifest="none")
        send(plan_of([self.item("a"), self.item("both", 3)], menu, self.out, self.there))
        send(plan_of([self.item("b", 2), self.item("both", 3)], drop, self.out, self.there))
        sent = send(plan_of([self.item("c", 4)], drop, self.out, self.there), take_away=True)
        self.assertEqual(sent.deleted, ("b.wav",))
        self.assertEqual(set(self.lying()), {"a.wav", "both.wav", "c.wav", "manifest.jsonl"})
        self.assertIn("phone-menu", sent.stays["both.wav"])
        self.assertIn("both.wav stays: it is handed over for phone-menu too", sent.words)
        # A list of one receiver is not replaced by that of another.
        with self.assertRaisesRegex(KittiwakeError, r"manifest.jsonl.*Nothing was handed over"):
            send(
                plan_of([self.item("c", 4)], with_delivery("voicemail-drop", manifest="jsonl"), self.out, self.there)
            )

    def test_what_was_altered_stays_and_is_told(self) -> None:
        send(self.plan([self.item("a"), self.item("b", 2)]))
        (self.there / "b.wav").write_bytes(b"somebody's own by now")
        sent = send(self.plan([self.item("a")]), take_away=True)
        self.assertEqual((sent.deleted, dict(sent.stays)), ((), {"b.wav": "it was altered since"}))
        self.assertEqual((self.there / "b.wav").read_bytes(), b"somebody's own by now")

    def test_loose_files_go_when_an_archive_takes_their_place_and_the_reverse(self) -> None:
        send(self.plan([self.item("a"), self.item("b", 2)], form="folder"))
        sent = send(self.plan([self.item("a")], form="zip"), take_away=True)
        self.assertEqual((set(sent.deleted), set(self.lying())), ({"a.wav", "b.wav"}, {"phone-menu.zip"}))
        sent = send(self.plan([self.item("a")], form="folder"))
        self.assertEqual(sent.gone, ("phone-menu.zip",))
        sent = send(self.plan([self.item("a")], form="folder"), take_away=True)
        self.assertEqual((sent.deleted, set(self.lying())), (("phone-menu.zip",), {"a.wav"}))

    def test_what_the_stand_in_refused_is_told(self) -> None:
        sent = send(self.plan([self.item("a"), self.item("b", 2)]), {"a.wav": "taken", "b.wav": "too long (byte 40)"})
        self.assertEqual(sent.words, f"2 files handed over to {self.there}; 1 that the stand-in refuses: b.wav.")


class TestRecord(DeliverCase):
    def test_damaged_lines_say_nothing_and_swallow_nothing(self) -> None:
        send(self.plan([self.item("a")]))
        with (self.out / RECORD).open("a", encoding="utf-8") as file:
            for entry in ({"output": 5, "name": "x", "sha256": "1"}, {"output": "x", "name": ["x"], "sha256": "1"}, {"output": "x", "name": "x", "sha256": "1", "gone": "no"}, [], 7):  # fmt: skip
                file.write(json.dumps(entry) + "\n")
            file.write("[" * 100_000 + "\n" + "x" * (2 << 20) + "\n")
            file.write('{"output": "torn.wav", "na')
        send(self.plan([self.item("a"), self.item("b", 2)]))
        self.assertEqual({one.name for one in delivered_in(self.out).values()}, {"a.wav", "b.wav"})
        (self.out / RECORD).unlink()
        os.mkfifo(self.out / RECORD)
        self.assertEqual(delivered_in(self.out), {})
        with self.assertRaisesRegex(KittiwakeError, "ordinary file"):
            send(self.plan([self.item("a")]))

    def test_two_at_once(self) -> None:
        self.out.mkdir()
        with only_delivery(self.out), mock.patch("kittiwake.core.disk.journal._PATIENCE", 0.1):
            with self.assertRaisesRegex(KittiwakeError, "Another delivery is going out"):
                send(self.plan([self.item("a")]))
            self.assertFalse(self.there.exists())

    def test_names_that_are_no_text(self) -> None:
        name = os.fsdecode(b"k\xe4se")
        sent = send(self.plan([self.item(name)], manifest="both"))
        self.assertEqual(sent.written[0], f"{name}.wav")
        self.assertEqual(send(self.plan([self.item(name)], manifest="both")).written, ())

    def test_a_pipe_where_a_file_is_to_go_is_not_waited_for(self) -> None:
        self.there.mkdir()
        os.mkfifo(self.there / "a.wav")
        with self.assertRaisesRegex(KittiwakeError, "lies in"):
            send(self.plan([self.item("a")]))


class TestInterrupted(DeliverCase):
    def test_a_disk_that_goes_in_the_middle_is_told(self) -> None:
        items = [self.item(f"m{n}", n) for n in range(40)]

        def unmount(done: int) -> None:
            if done == 16:
                self.there.rename(self.folder / "the stick, gone")
                self.there.mkdir()

        with self.assertRaisesRegex(KittiwakeError, "its disk is gone"):
            send(self.plan(items), progress=unmount)
        self.assertEqual(self.lying(), {})

    def test_stopped_and_gone_on(self) -> None:
        items = [self.item(f"m{n}", n) for n in range(40)]
        asked = iter(range(1000))
        with self.assertRaises(Cancelled):
            send(self.plan(items), cancelled=lambda: next(asked) > 20)
        self.assertEqual({one.name for one in all_delivered(self.out)}, set(self.lying()))
        sent = send(self.plan(items))
        self.assertEqual(len(sent.same) + len(sent.written), 40)
        self.assertTrue(sent.same)

    def test_killed_at_any_moment_it_is_gone_on_with_and_leaves_nothing(self) -> None:
        """Each time with other sounds under the same names, so that files of the killed delivery are replaced."""
        code = (
            "import sys, json\nfrom pathlib import Path\nfrom kittiwake.work.deliver import Item, plan_of, send\n"
            "from kittiwake.core.model import load_receiver\n"
            "items = [Item(Path(o), s, b, 0.2, 8000, Path(o).stem) for o, s, b in json.loads(sys.argv[1])]\n"
            "out, there = Path(sys.argv[2]), Path(sys.argv[3])\nprint('go', flush=True)\n"
            "send(plan_of(items, load_receiver('phone-menu'), out, there))\n"
        )
        killed = 0
        for turn in range(6):
            items = [self.item(f"m{n}", 100 * turn + n) for n in range(48)]
            reported = json.dumps([(str(one.output), one.sha256, one.bytes) for one in items])
            process = subprocess.Popen([sys.executable, "-c", code, reported, str(self.out), str(self.there)], stdout=subprocess.PIPE)  # fmt: skip
            assert process.stdout is not None
            process.stdout.readline()
            time.sleep(0.004 + 0.012 * turn)
            process.send_signal(signal.SIGKILL)
            killed += process.wait() == -signal.SIGKILL
            process.stdout.close()
        self.assertGreater(killed, 0)
        sent = send(self.plan(items))
        self.assertEqual({path.name for path in self.there.iterdir()}, {f"m{n}.wav" for n in range(48)})
        self.assertEqual({name: self.lying()[name] for name in sent.written}, {one.name: one.output.read_bytes() for one in items if one.name in sent.written})  # fmt: skip
        for one in items:
            self.assertEqual(self.lying()[one.name], one.output.read_bytes())


class TestResults(DeliverCase):
    def test_a_result_replaces_nothing_but_a_result(self) -> None:
        from kittiwake.core.disk.place import write_over_own

        path = self.folder / "precious.wav"

        def ours(beginning: bytes) -> bool:
            return beginning.startswith(b"result")

        for there, replaced in ((None, True), (b"", True), (b"result of before", True), (b"RIFF recording", False)):
            with self.subTest(there):
                path.unlink(missing_ok=True)
                if there is not None:
                    path.write_bytes(there)
                if replaced:
                    write_over_own(path, b"result", ours)
                    self.assertEqual(path.read_bytes(), b"result")
                else:
                    with self.assertRaisesRegex(KittiwakeError, "is there already"):
                        write_over_own(path, b"result", ours)
                    self.assertEqual(path.read_bytes(), there)
