"""Work beside the window: what was asked for comes back with the answer, in the window's own thread, to whoever still waits for it."""

from __future__ import annotations

import ast
import threading
import time
import unittest
from collections.abc import Callable
from pathlib import Path
from typing import Any

from PySide6.QtCore import QEvent, QObject
from PySide6.QtWidgets import QApplication

import kittiwake.ui
from kittiwake.core.errors import KittiwakeError
from kittiwake.ui.shell.start import make_app
from kittiwake.ui.workers.worker import Outcome, Task, Worker


def until(condition: Callable[[], object], seconds: float = 20.0) -> None:
    """Let the window work until something holds, and a moment longer."""
    end = time.monotonic() + seconds
    while not condition() and time.monotonic() < end:
        QApplication.processEvents()
        time.sleep(0.002)
    assert condition()
    QApplication.processEvents()
    QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)


class TestWorker(unittest.TestCase):
    def setUp(self) -> None:
        make_app()
        self.worker = Worker(None, "It broke", threads=1)
        self.addCleanup(self.worker.shut_down)
        self.found: list[Outcome[Any, Any]] = []

    def _wait(self) -> None:
        until(lambda: not self.worker.busy)

    def test_what_was_asked_comes_back_with_the_answer_in_the_windows_thread(self) -> None:
        threads: list[threading.Thread] = []

        def work(task: Task) -> int:
            threads.append(threading.current_thread())
            return 3

        def then(outcome: Outcome[str, int]) -> None:
            threads.append(threading.current_thread())
            self.found.append(outcome)

        self.assertTrue(self.worker.begin("one", work, then))
        self._wait()
        self.assertEqual(self.found, [Outcome("one", 3, None, False)])
        self.assertIsNot(threads[0], threading.main_thread())
        self.assertIs(threads[1], threading.main_thread())

    def test_one_at_a_time_unless_it_is_queued(self) -> None:
        gate = threading.Event()
        self.assertTrue(self.worker.begin("one", lambda _: gate.wait(5), self.found.append))
        self.assertFalse(self.worker.begin("two", lambda _: True, self.found.append))
        self.worker.queue("three", lambda _: True, self.found.append)
        gate.set()
        self._wait()
        self.assertEqual([one.asked for one in self.found], ["one", "three"])

    def test_what_is_reported_comes_before_the_end_and_in_order(self) -> None:
        def work(task: Task) -> None:
            for n in range(50):
                task.report(n)

        order: list[object] = []
        self.worker.begin(None, work, lambda _: order.append("over"), order.append)
        self._wait()
        self.assertEqual(order, [*range(50), "over"])

    def test_in_place_of_another_nothing_comes_of_that_one(self) -> None:
        began = threading.Event()

        def slow(task: Task) -> str:
            began.set()
            while not task.stopped():
                pass
            task.report("late")
            return "late"

        news: list[object] = []
        self.worker.begin("one", slow, self.found.append, news.append)
        began.wait(5)
        self.worker.begin("two", lambda _: "now", self.found.append, news.append, instead=True)
        self._wait()
        self.assertEqual([(one.asked, one.found) for one in self.found], [("two", "now")])
        self.assertEqual(news, [])

    def test_what_is_stopped_gives_what_there_was(self) -> None:
        began = threading.Event()

        def work(task: Task) -> str:
            began.set()
            while not task.stopped():
                pass
            return "a part"

        self.worker.begin("one", work, self.found.append)
        began.wait(5)
        self.worker.stop()
        self._wait()
        self.assertEqual(self.found, [Outcome("one", "a part", None, True)])

    def test_whatever_goes_wrong_is_an_error_with_a_sentence(self) -> None:
        def expected(task: Task) -> None:
            raise KittiwakeError("The disk is full.", "Choose another.", "disk")

        def unexpected(task: Task) -> None:
            raise ValueError("seven")

        self.worker.queue("one", expected, self.found.append)
        self.worker.queue("two", unexpected, self.found.append)
        self._wait()
        self.assertEqual([one.wrong for one in self.found], ["The disk is full. Choose another.", "It broke: seven."])
        self.assertEqual(self.found[0].error and self.found[0].error.code, "disk")

    def test_after_the_end_nothing_is_given_and_nothing_begun(self) -> None:
        gate = threading.Event()
        self.worker.begin("one", lambda _: gate.wait(5), self.found.append)
        gate.set()
        self.worker.shut_down()
        self.assertFalse(self.worker.begin("two", lambda _: True, self.found.append))
        until(lambda: True)
        self.assertEqual(self.found, [])

    def test_whoever_asked_may_be_gone(self) -> None:
        parent = QObject()
        worker = Worker(parent)
        gate = threading.Event()
        worker.begin("one", lambda _: gate.wait(5), self.found.append)
        parent.deleteLater()
        until(lambda: True)
        gate.set()
        worker.wait(5)
        until(lambda: True)

    def test_several_at_once_use_so_many_threads_and_no_more(self) -> None:
        worker, lock = Worker(None, threads=3), threading.Lock()
        self.addCleanup(worker.shut_down)
        going: list[int] = [0, 0]
        gate = threading.Barrier(3)

        def work(task: Task) -> None:
            with lock:
                going[0] += 1
                going[1] = max(going)
            gate.wait(5)
            with lock:
                going[0] -= 1

        for _ in range(9):
            worker.queue(None, work)
        until(lambda: not worker.busy)
        self.assertEqual(going, [0, 3])


class TestThreads(unittest.TestCase):
    def test_nothing_else_in_the_window_has_threads_but_the_player(self) -> None:
        root, others = Path(str(kittiwake.ui.__file__)).parent, []
        for path in root.rglob("*.py"):
            for node in ast.walk(ast.parse(path.read_text("utf-8"))):
                names = {one.name for one in node.names} if isinstance(node, ast.ImportFrom | ast.Import) else set()
                if names & {"Thread", "ThreadPoolExecutor", "QThread", "QThreadPool"}:
                    others.append(str(path.relative_to(root)))
        self.assertEqual(sorted(others), ["ear/player.py", "workers/worker.py"])
