"""A second start gives its files to the window that was used last."""

from __future__ import annotations

import os
import socket
import threading
import time
from pathlib import Path

from kittiwake.work.desktop.handover import Handed, Listener, hand_over
from tests.sounds import FolderCase


class Handing(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.place = self.folder / "run"

    def listener(self) -> Listener:
        one = Listener(self.place)
        self.addCleanup(one.close)
        return one

    def give(self, *paths: Path) -> tuple[list[bool], threading.Thread]:
        answers: list[bool] = []
        thread = threading.Thread(target=lambda: answers.append(hand_over(paths, self.place)))
        thread.start()
        return answers, thread

    def test_paths_come_as_they_were_whatever_their_names_hold(self) -> None:
        window = self.listener()
        odd = self.folder / os.fsdecode(b"caf\xe9 \xe2\x98\x83\n.wav")
        answers, thread = self.give(odd, Path("relative.wav"))
        handed = None
        while handed is None and thread.is_alive():
            handed = window.take()
        thread.join()
        self.assertEqual(handed, Handed((odd, Path("relative.wav").absolute()), ""))
        self.assertEqual(answers, [True])

    def test_without_a_window_nobody_takes_them(self) -> None:
        self.assertFalse(hand_over([Path("a.wav")], self.place))
        self.assertFalse(self.place.exists())

    def test_the_window_that_was_used_last_gets_them(self) -> None:
        first, second = self.listener(), self.listener()
        os.utime(first.place, (1, 1))
        os.utime(second.place, (2, 2))
        first.touch()
        _, thread = self.give(Path("/a.wav"))
        handed = None
        while handed is None and thread.is_alive():
            handed = first.take()
        thread.join()
        self.assertIsNotNone(handed)
        self.assertIsNone(second.take())

    def test_a_socket_that_was_left_by_a_crash_is_cleared_away(self) -> None:
        self.place.mkdir(mode=0o700)
        left = self.place / "window-1-a.sock"
        with socket.socket(socket.AF_UNIX) as dead:
            dead.bind(str(left))
        self.assertFalse(hand_over([Path("/a.wav")], self.place))
        self.assertFalse(left.exists())

    def test_a_folder_that_others_may_write_to_is_not_trusted(self) -> None:
        self.place.mkdir()
        self.place.chmod(0o777)
        with self.assertRaises(OSError):
            Listener(self.place)
        self.assertFalse(hand_over([Path("/a.wav")], self.place))

    def test_nonsense_is_refused_and_the_window_goes_on(self) -> None:
        window = self.listener()
        deep = b'{"paths": ' + b"[" * 200_000 + b"\n"
        lone = b'{"paths": ["/a\\ud83d"]}\n'
        for data in (b"\n", b"[1]\n", b'{"paths": 3}\n', b'{"paths": ["a\\u0000"]', b"", deep, lone):
            with socket.socket(socket.AF_UNIX) as line:
                line.connect(str(window.place))
                line.sendall(data)
                line.shutdown(socket.SHUT_WR)
                taken = window.take()
                self.assertTrue(taken is None or taken.paths == (), data)

    def test_a_token_that_is_none_costs_no_file(self) -> None:
        window = self.listener()
        for token in (b'"a\\u0000b"', b'"\\ud800"', b"[[]]", b"7", b'"' + b"a" * 4000 + b'"'):
            with socket.socket(socket.AF_UNIX) as line:
                line.connect(str(window.place))
                line.sendall(b'{"paths": ["/a.wav"], "token": ' + token + b"}\n")
                self.assertEqual(window.take(), Handed((Path("/a.wav"),), ""), token)

    def test_a_peer_that_drips_does_not_hold_the_window(self) -> None:
        window = self.listener()
        with socket.socket(socket.AF_UNIX) as line:
            line.connect(str(window.place))
            ended = threading.Event()

            def drip() -> None:
                while not ended.wait(0.1):
                    try:
                        line.sendall(b" ")
                    except OSError:
                        return

            thread = threading.Thread(target=drip)
            thread.start()
            began = time.monotonic()
            self.assertIsNone(window.take())
            took = time.monotonic() - began
            ended.set()
            thread.join()
            self.assertLess(took, 3)
