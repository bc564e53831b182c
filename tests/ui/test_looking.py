"""Sources looked at in the background: every result arrives, whatever the number of threads."""

from __future__ import annotations

from pathlib import Path
from threading import Event
from unittest import mock

from kittiwake.core.model import Facts, Note
from kittiwake.ui.workers.sources import SourceWorker
from tests.ui.base import WindowCase


class _Instant:
    """In place of a process: finds at once that there is nothing."""

    asked: list[tuple[Path, bool]]

    def __init__(self) -> None:
        self.asked = []
        self.may = Event()
        self.may.set()

    def ask(self, task: tuple[Path, None, bool], *_: object) -> Facts:
        self.asked.append((task[0], task[2]))
        self.may.wait(20)
        return Facts(task[0], error=Note("empty", "Nothing."))

    def close(self) -> None:
        pass


class TestLooker(WindowCase):
    def looker(self, threads: int, helper: _Instant) -> SourceWorker:
        with mock.patch("os.cpu_count", return_value=threads + 1):
            looker = SourceWorker(begin_process=lambda: helper)  # type: ignore[arg-type, return-value]
        self.addCleanup(looker.stop)
        return looker

    def test_no_result_is_left_lying(self) -> None:
        looker = self.looker(8, _Instant())
        paths = [Path(f"/nowhere/{n}.wav") for n in range(3000)]
        arrived: list[Path] = []
        looker.looked.connect(lambda facts: arrived.append(facts.path))
        for first in range(0, len(paths), 7):
            looker.want(paths[first : first + 7], {})
            self.app.processEvents()
        self.wait_for(lambda: not looker.busy, 20)
        self.assertEqual(sorted(arrived), sorted(paths))

    def test_who_is_in_a_hurry_comes_next_and_anew_is_passed_on(self) -> None:
        helper = _Instant()
        looker = self.looker(1, helper)
        paths = [Path(f"/nowhere/{n}.wav") for n in range(50)]
        helper.may.clear()  # it begins with the first, and stays there
        looker.want(paths, {})
        self.wait_for(lambda: helper.asked, 20)
        looker.hurry(paths[40])
        helper.may.set()
        self.wait_for(lambda: not looker.busy, 20)
        self.assertEqual(helper.asked[:2], [(paths[0], False), (paths[40], False)])
        self.assertEqual(len(helper.asked), 50)
        looker.want([paths[3]], {}, anew=True)
        self.wait_for(lambda: not looker.busy, 20)
        self.assertEqual(helper.asked[-1], (paths[3], True))
