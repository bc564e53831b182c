"""Runs over many files: nothing lost, nothing twice, nothing half, and only what changed is made again."""

from __future__ import annotations

import hashlib
import json
import os
import random
import shutil
import signal
import subprocess
import time
from collections import Counter
from pathlib import Path
from typing import Any
from unittest import mock

from kittiwake.core.errors import MakeError
from kittiwake.core.make import Outcome, Wish, make_clip, make_files, plan_outputs, planned
from kittiwake.core.make.account import account, explain, remove_orphans
from kittiwake.core.make.ledger import LEDGER, Ledger, only_run
from kittiwake.core.make.pool import Died, Failed, Helper, Later, Pool
from kittiwake.core.make.run import _do, _Run
from kittiwake.core.measure import look_at
from kittiwake.core.model import load_receiver
from kittiwake.core.model.receiver import Receiver
from tests.sounds import DEMO, FolderCase, make_command, speech_like

MENU = load_receiver("phone-menu")


def crash_on_three(task: int) -> int:
    if task == 3:
        os.abort()
    if task == 5:
        os._exit(7)
    return 10 * task


def behind(task: int) -> Later:
    """The end of the first task comes after the second has begun; that of the fourth never does."""
    begun = time.monotonic()

    def finish() -> tuple[float, float]:
        time.sleep(0.3)
        if task == 4:
            raise ValueError("a disk that fails as no disk does")
        return begun, time.monotonic()

    return Later(finish)


def slow(task: int) -> int:
    time.sleep(30)
    return task


def slow_after_two(task: int) -> int:
    return slow(task) if task >= 2 else task


def done_but_not_told(task: Any) -> Any:
    _do(task)
    time.sleep(30)


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
        found = dict(Pool(crash_on_three, 2).run(range(12)))
        self.assertEqual({task: result for task, result in found.items() if not isinstance(result, Died)},
                         {n: 10 * n for n in range(12) if n not in (3, 5)})  # fmt: skip
        self.assertIn("SIGABRT", found[3].reason)
        self.assertIn("code 7", found[5].reason)

    def test_what_goes_wrong_in_a_worker_is_told_as_what_it_is(self) -> None:
        found = dict(Pool(raises, 2).run(range(4)))
        self.assertIsInstance(found[2], Failed)
        self.assertIn("ValueError: a thing that nobody thought of", str(found[2]))
        self.assertNotIn("crashed", str(found[2]))
        self.assertIn("in raises", found[2].trace)
        self.assertEqual([found[n] for n in (0, 1, 3)], [0, 1, 3])
        self.assertIsInstance(dict(Pool(cannot_be_sent, 1).run([1]))[1], Failed)

    def test_large_tasks_and_results_do_not_wait_for_each_other(self) -> None:
        """Each of 600 kB: once worker and pool stood there for ever, each sending, and neither could be stopped."""
        tasks = [bytes([n]) * 600_000 for n in range(12)]
        began = time.monotonic()
        found = [result for _, result in Pool(echoed, 2).run(tasks)]
        self.assertEqual(sorted(found), sorted(tasks))
        self.assertLess(time.monotonic() - began, 10)
        self.assertEqual(Helper(echoed).ask(tasks[0]), tasks[0])

    def test_a_stop_is_answered_in_half_a_second_whatever_is_being_sent(self) -> None:
        until = time.monotonic() + 0.7
        began = time.monotonic()
        for _ in Pool(echoed, 2).run((bytes(2_000_000) for _ in range(10_000)), lambda: time.monotonic() > until):
            pass
        self.assertLess(time.monotonic() - began, 1.5)

    def test_the_next_task_is_begun_while_one_is_finished_and_a_failure_there_is_told(self) -> None:
        found = dict(Pool(behind, 1).run(range(3)))
        self.assertEqual(list(found), [0, 1, 2])
        for one, other in ((0, 1), (1, 2)):
            self.assertLess(found[other][0], found[one][1])
        self.assertIsInstance(dict(Pool(behind, 1).run([4]))[4], Died)

    def test_cancel_takes_less_than_half_a_second(self) -> None:
        began = time.monotonic()
        stop = began + 1.5
        asked: list[float] = []

        def cancelled() -> bool:
            if time.monotonic() > stop:
                asked.append(time.monotonic())
            return bool(asked)

        self.assertEqual(list(Pool(slow, 2).run(range(5), cancelled)), [])
        self.assertLess(time.monotonic() - asked[0], 0.5)

    def test_what_was_done_when_it_was_cancelled_is_still_told(self) -> None:
        stop: list[bool] = []
        run = Pool(slow_after_two, 1).run(range(5), lambda: bool(stop))
        first = next(run)
        time.sleep(1)  # the second result is there, and has not been asked for
        stop.append(True)
        self.assertEqual([first, *run], [(0, 0), (1, 1)])

    def test_pause_and_go_on(self) -> None:
        pool = Pool(crash_on_three, 1)
        pool.pause.set()
        stop = time.monotonic() + 1
        run = pool.run([1, 2], lambda: time.monotonic() > stop)
        self.assertEqual(list(run), [])
        pool.pause.clear()
        self.assertEqual(dict(pool.run([1, 2])), {1: 10, 2: 20})


class RunCase(FolderCase):
    def sources(self, count: int, seconds: float = 1.0) -> list[Path]:
        return [self.write(f"in/{n:03}.wav", speech_like(16_000, seconds, seed=n), 16_000) for n in range(count)]

    def run_all(
        self, paths: list[Path], receiver: Receiver = MENU, out: str = "out", **more: object
    ) -> list[Outcome]:
        return list(make_files(paths, Wish((receiver,), (self.folder / out,)), workers=2, **more))  # type: ignore[arg-type]

    def states(self, outcomes: list[Outcome]) -> Counter:
        return Counter(outcome.told["status"] for outcome in outcomes)

    def bytes_of(self, out: str = "out") -> dict[str, str]:
        folder = self.folder / out
        return {
            p.name: hashlib.sha256(p.read_bytes()).hexdigest() for p in folder.iterdir() if not p.name.startswith(".")
        }


class TestRuns(RunCase):
    def test_same_bytes_as_one_at_a_time(self) -> None:
        paths = sorted(path for path in DEMO.iterdir() if path.suffix != ".dat")
        for slug in ("phone-menu", "speech-engine", "quay-beacon", "master"):
            receiver = load_receiver(slug)
            run = {o.told["path"]: o.told["sha256"] for o in self.run_all(paths, receiver, slug) if o.good}
            for path in paths:
                facts = look_at(path)
                clip, found = planned(path, facts, receiver)
                made = make_clip(
                    plan_outputs([(clip, facts, found)], receiver, self.folder / "alone" / slug / path.name)[0]
                )
                self.assertEqual(run.get(str(path)), made.sha256, (slug, path.name, made.error))

    def test_again_makes_only_what_changed(self) -> None:
        paths = self.sources(40)
        self.assertEqual(self.states(self.run_all(paths)), {"made": 40})
        before = self.bytes_of()
        self.assertEqual(self.states(self.run_all(paths)), {"kept": 40})
        self.write("in/007.wav", speech_like(16_000, 1.2, seed=99), 16_000)
        (self.folder / "out/011.wav").unlink()
        found = self.run_all(paths)
        self.assertEqual(self.states(found), {"kept": 38, "made": 2})
        after = self.bytes_of()
        self.assertEqual({name for name in after if after[name] != before[name]}, {"007.wav"})
        # Touched but the same: looked at, and left as it is.
        os.utime(paths[3])
        self.assertEqual(self.states(self.run_all(paths)), {"kept": 40})
        self.assertEqual(self.bytes_of(), after)

    def test_what_is_kept_is_told_before_anything_is_made(self) -> None:
        paths = self.sources(7, 0.3)
        self.run_all(paths[:6])
        for workers in (0, 1):
            out = self.folder / "out"
            with mock.patch("kittiwake.core.make.run._TOLD", 2):
                told = [o.told["status"] for o in make_files(paths, Wish((MENU,), (out,)), workers=workers)]
            self.assertEqual(told, ["kept"] * 6 + ["made"])
            (out / "006.wav").unlink()

    def test_other_rules_make_all_anew_in_their_old_places(self) -> None:
        paths = self.sources(5)
        self.run_all(paths)
        level = MENU.treatment.level.model_copy(update={"target_dbov": -20.0})
        louder = MENU.model_copy(update={"treatment": MENU.treatment.model_copy(update={"level": level})})
        self.assertEqual(self.states(self.run_all(paths, louder)), {"made": 5})
        self.assertEqual(len(self.bytes_of()), 5)

    def test_one_bad_file_stops_no_other(self) -> None:
        paths = self.sources(6)
        paths[2].write_bytes(b"")
        paths[4].unlink()
        self.assertEqual(self.states(self.run_all(paths)), {"made": 4, "refused": 2})

    def test_what_was_put_in_place_before_its_worker_died_over_the_next_is_kept(self) -> None:
        wish = Wish((MENU,), (self.folder / "out",))
        (self.folder / "out").mkdir()
        run = _Run(self.sources(3), wish, 1, None)
        task = next(iter(run._tasks()))
        self.assertEqual({outcome.told["status"] for outcome in _do(task)}, {"made"})
        again = list(run._after_death(task))
        self.assertEqual([outcome.told["status"] for outcome in again], ["kept"] * len(task.files))

    def test_what_was_put_in_place_before_its_worker_was_stopped_is_told(self) -> None:
        wish = Wish((MENU,), (self.folder / "out",))
        (self.folder / "out").mkdir()
        stopped = time.monotonic() + 60

        def cancelled() -> bool:
            return time.monotonic() > stopped or len(list((self.folder / "out").glob("*.wav"))) == 2

        run = _Run(self.sources(4), wish, 1, cancelled)
        run._pool = Pool(done_but_not_told, 2)
        told = list(run.outcomes())
        self.assertEqual([outcome.told["status"] for outcome in told], ["made", "made"])
        self.assertEqual({Path(o.told["output"]).name: o.told["sha256"] for o in told}, self.bytes_of())
        self.assertEqual(self.states(self.run_all(self.sources(4))), {"kept": 2, "made": 2})

    def test_a_receiver_that_marks_spans_is_as_fast_the_second_time(self) -> None:
        paths = self.sources(2)
        master = Wish((load_receiver("master"),), (self.folder / "out",))
        self.assertTrue(master.receivers[0].rules.cue_points)
        list(make_files(paths, master, workers=0))
        for path in paths:  # not even opened
            stat = path.stat()
            path.write_bytes(b"\0" * stat.st_size)
            os.utime(path, ns=(stat.st_atime_ns, stat.st_mtime_ns))
        self.assertEqual({o.told["status"] for o in make_files(paths, master, workers=0)}, {"kept"})

    def test_altered_outputs_are_left_and_noticed(self) -> None:
        paths = self.sources(3)
        self.run_all(paths)
        (self.folder / "out/001.wav").write_bytes(b"somebody's own")
        self.assertEqual(self.states(self.run_all(paths)), {"kept": 2, "made": 1})
        self.assertEqual((self.folder / "out/001.wav").read_bytes(), b"somebody's own")
        self.assertTrue((self.folder / "out/001_2.wav").exists())

    def test_two_clips_of_one_name_even_where_case_does_not_count(self) -> None:
        one = self.write("a/Menu.wav", speech_like(16_000, 1, seed=1), 16_000)
        two = self.write("b/MENU.wav", speech_like(16_000, 1, seed=2), 16_000)
        self.run_all([one, two])
        self.assertEqual(sorted(self.bytes_of()), ["MENU_2.wav", "Menu.wav"])
        first = self.bytes_of()
        # The other way round each keeps the name that it has.
        self.assertEqual(self.states(self.run_all([two, one])), {"kept": 2})
        self.assertEqual(self.bytes_of(), first)

    def test_memory_of_a_receiver_is_shared_out_in_order(self) -> None:
        limits = MENU.rules.limits.model_copy(update={"total_bytes": 25_000})
        tight = MENU.model_copy(update={"rules": MENU.rules.model_copy(update={"limits": limits})})
        found = self.run_all(self.sources(5), tight)
        made = sorted(Path(o.told["path"]).stem for o in found if o.good)
        self.assertEqual(made, ["000", "001", "002"])


class TestTwoRuns(RunCase):
    def test_a_folder_holds_one_run(self) -> None:
        paths = self.sources(1)
        with only_run(self.folder / "out"), self.assertRaises(MakeError) as caught:
            self.run_all(paths)
        self.assertIn("Another run", str(caught.exception))
        self.assertEqual(self.states(self.run_all(paths)), {"made": 1})

    def test_a_folder_that_cannot_be(self) -> None:
        (self.folder / "out").write_text("a file")
        with self.assertRaises(MakeError) as caught:
            self.run_all(self.sources(1))
        self.assertIn("cannot be used", str(caught.exception))


class TestKilled(RunCase):
    def test_killed_at_random_moments_it_goes_on_without_half_files_or_double_work(self) -> None:
        paths = self.sources(24, 4.0)
        self.run_all(paths, out="whole")
        whole = self.bytes_of("whole")
        command = make_command(self.folder / "out")
        dice, kills, longest = random.Random(4), 0, 1.6
        for _ in range(40):
            if kills == 5:
                break
            process = subprocess.Popen(
                [*command, *map(str, paths)],
                stdout=subprocess.DEVNULL,
                stderr=subprocess.DEVNULL,
                start_new_session=True,
            )
            time.sleep(dice.uniform(0.3, longest))
            os.killpg(process.pid, signal.SIGKILL)
            if process.wait() == -signal.SIGKILL:
                kills += 1
            else:  # it was over; begun again with less done, and killed sooner
                longest *= 0.8
                shutil.rmtree(self.folder / "out")
            if (self.folder / "out").exists():
                for name, digest in self.bytes_of().items():
                    self.assertEqual(digest, whole[name], name)
        self.assertEqual(kills, 5)
        found = self.states(self.run_all(paths))
        self.assertEqual(found["made"] + found["kept"], 24)
        self.assertEqual(self.bytes_of(), whole)
        self.assertEqual([p for p in (self.folder / "out").iterdir() if p.name.endswith(".part")], [])


class TestAccount(RunCase):
    def test_each_state_is_told_and_orphans_go_only_on_request(self) -> None:
        paths = self.sources(6)
        self.run_all(paths)
        out = self.folder / "out"
        (out / "001.wav").write_bytes(b"altered")
        (out / "002.wav").unlink()
        self.write("in/003.wav", speech_like(16_000, 2), 16_000)
        paths[4].unlink()
        os.utime(paths[5])
        states = {one.entry.clip: one.state for one in account(out)}
        self.assertEqual(
            states,
            {
                "000": "as made",
                "001": "altered",
                "002": "deleted",
                "003": "source changed",
                "004": "source gone",
                "005": "as made",
            },
        )
        self.assertEqual([path.name for path, _ in remove_orphans(out)], ["004.wav"])
        self.assertFalse((out / "004.wav").exists())

    def test_an_output_is_explained(self) -> None:
        paths = self.sources(1)
        self.run_all(paths)
        found, steps = explain(self.folder / "out/000.wav")
        self.assertEqual((found.entry.source, found.state), (str(paths[0]), "as made"))
        self.assertTrue(any("Resample 16 kHz → 8 kHz" in step for step in steps))
        self.assertIn("soxr", found.entry.versions)
        with self.assertRaises(MakeError):
            explain(self.folder / "out/none.wav")

    def test_a_ledger_of_an_earlier_version_is_read(self) -> None:
        old = {
            "output": "a.wav",
            "sha256": "00",
            "bytes": 1,
            "source": "/s",
            "clip": "a",
            "receiver": "x",
            "fingerprint": "f",
        }
        (self.folder / LEDGER).write_text(
            json.dumps(old) + "\n" + json.dumps({**old, "later": 1, "output": "b.wav"}) + "\n"
        )
        ledger = Ledger(self.folder)
        self.assertEqual([entry.output for entry in ledger], ["a.wav", "b.wav"])
