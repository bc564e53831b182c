"""Watched folders: what is half there is waited for, and nothing is made twice."""

from __future__ import annotations

import contextlib
import errno
import shutil
import struct
import threading
import time
from collections.abc import Callable
from pathlib import Path
from unittest import mock

from kittiwake.core.errors import KittiwakeError, RulesError
from kittiwake.core.make.ledger import only_run
from kittiwake.core.process import InProcess
from kittiwake.work.watch import Arrived, Watch, WatchedFolder, keep_wishes, wishes
from kittiwake.work.watch.whole import Arrivals, is_being_written, is_short
from tests.sounds import DEMO, FolderCase

WELCOME = DEMO / "Welcome.wav"


class WholeFiles(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.now = 0.0
        self.arrivals = Arrivals(lambda: self.now)
        self.path = self.folder / "a.wav"

    def at(self, seconds: float) -> bool:
        self.now = seconds
        return self.arrivals.is_whole(self.path)

    def test_a_file_is_taken_a_second_after_it_has_come_to_rest(self) -> None:
        shutil.copy(WELCOME, self.path)
        self.assertEqual([self.at(second) for second in (0, 0.5, 1.0)], [False, False, True])

    def test_a_file_that_grows_or_is_open_for_writing_is_waited_for(self) -> None:
        data = WELCOME.read_bytes()
        with self.path.open("wb") as file:
            file.write(data[:1000])
            file.flush()
            self.assertTrue(is_being_written(self.path))
            self.assertEqual([self.at(second) for second in (0, 2, 100)], [False, False, False])
            file.write(data[1000:])
        self.assertFalse(is_being_written(self.path))
        self.assertEqual([self.at(second) for second in (101, 102)], [False, True])

    def test_a_file_shorter_than_its_head_says_has_half_a_minute_more(self) -> None:
        self.path.write_bytes(WELCOME.read_bytes()[:5000])
        self.assertTrue(is_short(self.path))
        self.assertEqual([self.at(second) for second in (0, 2, 29, 30)], [False, False, False, True])

    def test_a_head_that_leaves_the_length_open_is_not_short(self) -> None:
        for length in (0, 0xFFFFFFFF):
            self.path.write_bytes(b"RIFF" + struct.pack("<I", length) + b"WAVEfmt ")
            self.assertFalse(is_short(self.path))

    def test_empty_files_and_names_of_what_is_not_whole_are_never_taken(self) -> None:
        self.path.touch()
        self.assertEqual([self.at(second) for second in (0, 100)], [False, False])
        self.path = self.folder / "b.wav.part"
        shutil.copy(WELCOME, self.path)
        self.assertEqual([self.at(second) for second in (0, 100)], [False, False])


class Wishes(FolderCase):
    def test_what_is_kept_is_read_again(self) -> None:
        file = self.folder / "watched.toml"
        self.assertEqual(wishes(file), [])
        kept = [WatchedFolder.of(self.folder / "in", ["phone-menu", "corpus"], self.folder / "out")]
        keep_wishes(kept, file)
        self.assertEqual(wishes(file), kept)
        keep_wishes([], file)
        self.assertEqual(wishes(file), [])

    def test_what_is_wrong_is_told_with_the_folder(self) -> None:
        file = self.folder / "watched.toml"
        for text, expected in (
            ("[[folder]]\nreceivers = ['phone-menu']", "folder.1.path: it has to be given"),
            ("[[folder]]\npath = '/a'\nreceivers = 'phone-menu'", "folder.1.receivers = 'phone-menu': a list"),
            ("[[folder]]\npath = '/a'\nreceivers = ['phone-menuu']", "folder 1"),
            ("[[folder]]\npath = '/a'\nreceivers = ['corpus']\ninto = '/a'", "among what arrives"),
            ("folder", "cannot be read"),
        ):
            file.write_text(text)
            with self.assertRaises(RulesError) as caught:
                wishes(file)
            self.assertIn(expected, str(caught.exception))


class Watching(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.come = self.folder / "in"
        self.come.mkdir()
        self.wish = WatchedFolder.of(self.come, ["phone-menu"])

    def watch(self, *wishes_: WatchedFolder) -> Watch:
        watch = Watch(wishes_ or (self.wish,), InProcess(), locks=self.folder / "locks")
        self.addCleanup(watch.close)
        return watch

    def once(self) -> list[Arrived]:
        watch = self.watch()
        found = list(watch.once())
        watch.close()
        return found

    def outputs(self) -> dict[str, int]:
        return {path.name: path.stat().st_mtime_ns for path in (self.come / "made").glob("*.wav")}

    def test_what_was_made_once_is_kept_by_the_next_start_and_its_output_is_no_source(self) -> None:
        shutil.copy(WELCOME, self.come)
        self.assertEqual([one.result.status for one in self.once()], ["made"])
        before = self.outputs()
        self.assertEqual([one.result.status for one in self.once()], ["kept"])
        self.assertEqual(self.outputs(), before)

    def test_what_arrives_while_it_runs_is_made_once_and_a_new_copy_once_more(self) -> None:
        watch, found, stop = self.watch(), [], threading.Event()
        thread = threading.Thread(target=lambda: found.extend(watch.run(stop.is_set)))
        thread.start()
        try:
            deep = self.come / "deep"
            deep.mkdir()
            time.sleep(0.3)
            shutil.copy(WELCOME, deep / "x.wav.part")
            (deep / "x.wav.part").rename(deep / "x.wav")
            self.wait_for(lambda: len(self.outputs()) == 1)
            first = self.outputs()
            shutil.copy(DEMO / "Gangway.wav", deep / "x.wav")
            self.wait_for(lambda: self.outputs() != first)
        finally:
            stop.set()
            thread.join(20)
        self.assertFalse(thread.is_alive())
        self.assertEqual(len(self.outputs()), 1)

    def wait_for(self, condition: object) -> None:
        until = time.monotonic() + 25
        while not condition():  # type: ignore[operator]
            self.assertLess(time.monotonic(), until, "it did not happen in time")
            time.sleep(0.05)

    def test_two_programs_do_not_watch_one_folder(self) -> None:
        self.watch()
        with self.assertRaises(KittiwakeError) as caught:
            self.watch()
        self.assertIn("watched by another Kittiwake", str(caught.exception))

    def test_a_folder_that_is_not_there_is_told_and_waited_for(self) -> None:
        reported: list[str] = []
        gone = WatchedFolder.of(self.folder / "stick", ["phone-menu"])
        watch = Watch([gone], InProcess(), reported.append, self.folder / "locks")
        self.addCleanup(watch.close)
        self.assertEqual(list(watch.once()), [])
        (self.folder / "stick").mkdir()
        shutil.copy(WELCOME, self.folder / "stick")
        self.assertEqual(len(list(watch.once())), 1)
        self.assertEqual([text.rpartition(" is ")[2] for text in reported], ["waited for.", "there again."])

    def test_sources_stay_as_they_are(self) -> None:
        shutil.copy(WELCOME, self.come)
        before = (self.come / "Welcome.wav").read_bytes()
        self.once()
        self.assertEqual((self.come / "Welcome.wav").read_bytes(), before)
        self.assertEqual(sorted(path.name for path in self.come.iterdir()), ["Welcome.wav", "made"])

    def test_two_receivers_have_a_folder_each(self) -> None:
        self.wish = WatchedFolder.of(self.come, ["phone-menu", "quay-beacon"], self.folder / "out")
        shutil.copy(WELCOME, self.come)
        self.assertEqual({one.result.receiver for one in self.once()}, {"phone-menu", "quay-beacon"})
        self.assertEqual(len({Path(one.result.output or "").parent for one in self.once()}), 2)


class TestNothingForgotten(FolderCase):
    """What arrives while nothing can be made is made once it can; and nothing goes round in circles."""

    def watched(self, *folders: WatchedFolder) -> Watch:
        watch = Watch(folders, InProcess(), self.sentences.append, self.folder / "locks")
        self.addCleanup(watch.close)
        return watch

    def setUp(self) -> None:
        super().setUp()
        self.sentences: list[str] = []
        (self.folder / "in").mkdir()
        shutil.copy(WELCOME, self.folder / "in" / "welcome.wav")
        self.enterContext(mock.patch("kittiwake.work.watch.loop._AGAIN", 0.4))
        self.enterContext(mock.patch("kittiwake.work.watch.loop._IDLE", 0.5))
        self.enterContext(mock.patch("kittiwake.work.watch.whole._QUIET", 0.1))

    def until_made(self, watch: Watch, free: Callable[[], object]) -> list[Arrived]:
        """What becomes of it, if that which is in the way goes after a while."""
        until, found = [time.monotonic() + 25], []
        freed = threading.Timer(2.0, free)
        freed.start()
        for arrived in watch.run(lambda: time.monotonic() > until[0]):
            found.append(arrived)
            if arrived.result.good:
                until[0] = 0.0
        freed.join()
        return found

    def test_while_another_run_holds_the_folder(self) -> None:
        out = self.folder / "out"
        watch = self.watched(WatchedFolder.of(self.folder / "in", ["phone-menu"], out))
        with contextlib.ExitStack() as held, mock.patch("kittiwake.core.disk.journal._PATIENCE", 0.1):
            held.enter_context(only_run(out))
            found = self.until_made(watch, held.close)
        self.assertEqual([one.result.status for one in found], ["made"])
        self.assertEqual(len([text for text in self.sentences if "Another run" in text]), 1)

    def test_while_the_folder_cannot_be_used(self) -> None:
        out = self.folder / "out"
        out.write_text("a file of its name")
        watch = self.watched(WatchedFolder.of(self.folder / "in", ["phone-menu"], out))
        self.assertEqual([one.result.status for one in self.until_made(watch, out.unlink)], ["made"])
        self.assertTrue((out / "Welcome.wav").exists() or (out / "welcome.wav").exists())

    def test_while_the_disk_is_full(self) -> None:
        watch = self.watched(WatchedFolder.of(self.folder / "in", ["phone-menu"], self.folder / "out"))
        full = mock.patch("kittiwake.core.make.staged.sync_files", side_effect=OSError(errno.ENOSPC, "No space left"))
        full.start()
        found = self.until_made(watch, full.stop)
        self.assertEqual([one.result.status for one in found], ["failed", "made"])

    def test_circles_and_folders_that_are_one(self) -> None:
        one, other, third = (self.folder / name for name in ("in", "b", "c"))
        for path in (other, third):
            path.mkdir()
        link = self.folder / "link"
        link.symlink_to(one)
        of = WatchedFolder.of
        for wrong, why in (
            ([of(one, ["phone-menu"], other), of(other, ["phone-menu"], one)], "without end"),
            ([of(one, ["phone-menu"], other / "x"), of(other, ["phone-menu"], third), of(third, ["phone-menu"], link)], "without end"),
            ([of(one, ["phone-menu"]), of(link, ["deck-radio"])], "are one folder"),
            ([of(one, ["phone-menu"]), of(other / ".." / "in", ["deck-radio"])], "are one folder"),
        ):  # fmt: skip
            with self.subTest(why), self.assertRaisesRegex(RulesError, why):
                self.watched(*wrong)
        with self.assertRaisesRegex(RulesError, "nothing that arrives would be taken"):
            of(one, ["phone-menu"], self.folder)
        with self.assertRaisesRegex(RulesError, "among what arrives"):
            of(one, ["phone-menu"], link)
        # One after the other is a way, and no circle.
        watch = self.watched(of(one, ["phone-menu"], other), of(other, ["voicemail-drop"], third))
        self.assertGreaterEqual(len(list(watch.once())), 1)
