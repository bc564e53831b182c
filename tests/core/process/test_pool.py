"""Worker processes: alive when one is not, stopped at once, and never waiting for each other."""

from __future__ import annotations

import os
import threading
import time
from typing import Any

from kittiwake.core.process import Deferred, Processes, Unexpected, WorkerCrash, WorkerProcess
from tests.sounds import FolderCase


def crash_on_three(task: int) -> int:
    if task == 3:
        os.abort()
    if task == 5:
        os._exit(7)
    return 10 * task


def behind(task: int) -> Deferred:
    """The end of the first task comes after the second has begun; that of the fourth never does."""
    begun = time.monotonic()

    def finish() -> tuple[float, float]:
        time.sleep(0.3)
        if task == 4:
            raise ValueError("a disk that fails as no disk does")
        return begun, time.monotonic()

    return Deferred(finish)


def slow(task: int) -> int:
    time.sleep(30)
    return task


def slow_after_two(task: int) -> int:
    return slow(task) if task >= 2 else task


def raises(task: int) -> int:
    if task == 2:
        raise ValueError("a thing that nobody thought of")
    return task


def echoed(task: bytes) -> bytes:
    return task


def cannot_be_sent(task: int) -> Any:
    return lambda: task


class TestPool(FolderCase):
    def test_a_worker_that_dies_is_replaced_and_its_task_told(self) -> None:
        found = dict(Processes(2).run(crash_on_three, range(12)))
        self.assertEqual({task: result for task, result in found.items() if not isinstance(result, WorkerCrash)},
                         {n: 10 * n for n in range(12) if n not in (3, 5)})  # fmt: skip
        self.assertIn("SIGABRT", found[3].reason)
        self.assertIn("code 7", found[5].reason)

    def test_what_goes_wrong_in_a_worker_is_told_as_what_it_is(self) -> None:
        found = dict(Processes(2).run(raises, range(4)))
        self.assertIsInstance(found[2], Unexpected)
        self.assertIn("ValueError: a thing that nobody thought of", str(found[2]))
        self.assertNotIn("crashed", str(found[2]))
        self.assertIn("in raises", found[2].trace)
        self.assertEqual([found[n] for n in (0, 1, 3)], [0, 1, 3])
        self.assertIsInstance(dict(Processes(1).run(cannot_be_sent, [1]))[1], Unexpected)

    def test_large_tasks_and_results_do_not_wait_for_each_other(self) -> None:
        """Each of 600 kB: once worker and pool stood there for ever, each sending, and neither could be stopped."""
        tasks = [bytes([n]) * 600_000 for n in range(12)]
        began = time.monotonic()
        found = [result for _, result in Processes(2).run(echoed, tasks)]
        self.assertEqual(sorted(found), sorted(tasks))
        self.assertLess(time.monotonic() - began, 10)
        self.assertEqual(WorkerProcess(echoed).ask(tasks[0]), tasks[0])

    def test_a_stop_is_answered_in_half_a_second_whatever_is_being_sent(self) -> None:
        until = time.monotonic() + 0.7
        began = time.monotonic()
        for _ in Processes(2).run(
            echoed, (bytes(2_000_000) for _ in range(10_000)), lambda: time.monotonic() > until
        ):
            pass
        self.assertLess(time.monotonic() - began, 1.5)

    def test_the_next_task_is_begun_while_one_is_finished_and_a_failure_there_is_told(self) -> None:
        found = dict(Processes(1).run(behind, range(3)))
        self.assertEqual(list(found), [0, 1, 2])
        for one, other in ((0, 1), (1, 2)):
            self.assertLess(found[other][0], found[one][1])
        self.assertIsInstance(dict(Processes(1).run(behind, [4]))[4], WorkerCrash)

    def test_cancel_takes_less_than_half_a_second(self) -> None:
        began = time.monotonic()
        stop = began + 1.5
        asked: list[float] = []

        def cancelled() -> bool:
            if time.monotonic() > stop:
                asked.append(time.monotonic())
            return bool(asked)

        self.assertEqual(list(Processes(2).run(slow, range(5), cancelled)), [])
        self.assertLess(time.monotonic() - asked[0], 0.5)

    def test_what_was_done_when_it_was_cancelled_is_still_told(self) -> None:
        stop: list[bool] = []
        run = Processes(1).run(slow_after_two, range(5), lambda: bool(stop))
        first = next(run)
        time.sleep(1)  # the second result is there, and has not been asked for
        stop.append(True)
        self.assertEqual([first, *run], [(0, 0), (1, 1)])

    def test_pause_and_go_on(self) -> None:
        pause = threading.Event()
        pool = Processes(1, pause=pause)
        pause.set()
        stop = time.monotonic() + 1
        run = pool.run(crash_on_three, [1, 2], lambda: time.monotonic() > stop)
        self.assertEqual(list(run), [])
        pause.clear()
        self.assertEqual(dict(pool.run(crash_on_three, [1, 2])), {1: 10, 2: 20})
