"""One piece of work for each of many files: results in order, and a crash that costs one file."""

from __future__ import annotations

import os
import time
from collections.abc import Iterator
from pathlib import Path
from typing import Any

from kittiwake.core.batch.each import analyze_files, each, prove_files
from kittiwake.core.model import load_receiver
from kittiwake.core.process import InProcess, Processes, WorkerCrash
from tests.sounds import FolderCase, speech_like


def named(path: Path) -> str:
    time.sleep(0.2 if path.name == "0" else 0)
    if path.name == "3":
        os.abort()
    if path.name == "5":
        raise ValueError("no such thing")
    return path.name


class Crashing(InProcess):
    """An executor whose workers all end."""

    def run(self, work: Any, tasks: Any, cancelled: Any = None, **_: Any) -> Iterator[tuple[Any, Any]]:
        for task in tasks:
            yield task, WorkerCrash("its process was ended by SIGSEGV")


class TestEach(FolderCase):
    def test_results_come_in_order_and_a_crash_costs_one(self) -> None:
        paths = [Path(f"/nowhere/{n}") for n in range(12)]
        found = list(each(named, paths, Processes(2)))
        self.assertEqual([path for path, _ in found], paths)
        self.assertEqual([n for n, (_, result) in enumerate(found) if isinstance(result, WorkerCrash)], [3, 5])
        self.assertEqual([result for n, (_, result) in enumerate(found) if n not in (3, 5)],
                         [str(n) for n in range(12) if n not in (3, 5)])  # fmt: skip
        self.assertIn("SIGABRT", str(found[3][1]))
        self.assertIn("no such thing", str(found[5][1]))

    def test_facts_and_proofs_of_a_file_whose_decoder_crashes_say_so(self) -> None:
        path = self.write("a.wav", speech_like(16_000, 1), 16_000)
        facts = next(analyze_files([path], executor=Crashing()))
        assert facts.error
        self.assertEqual((facts.path, facts.ok, facts.error.code), (path, False, "crashed"))
        self.assertIn("SIGSEGV", facts.error.message)
        self.assertTrue(facts.error.remedy.startswith("Ask for another copy"))
        receivers = [load_receiver("phone-menu"), load_receiver("corpus")]
        _, proofs = next(prove_files([path], receivers, Crashing()))
        self.assertEqual([proof.passed for proof in proofs], [False, False])
        self.assertIn("crashed", proofs[0].failures[0].found)

    def test_as_in_this_process(self) -> None:
        paths = [self.write(f"{n}.wav", speech_like(16_000, 0.5, seed=n), 16_000) for n in range(5)]
        here = [facts.to_dict() for facts in analyze_files(paths, executor=InProcess())]
        self.assertEqual([facts.to_dict() for facts in analyze_files(paths)], here)
