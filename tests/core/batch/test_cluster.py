"""Making on a cluster: two worker processes of a local one, of which one is killed in the middle."""

from __future__ import annotations

import hashlib
import os
import signal
import subprocess
from pathlib import Path
from unittest import mock

from kittiwake.bundled.corpus.core.build import Built, build
from kittiwake.bundled.corpus.core.request import CorpusRequest
from kittiwake.bundled.corpus.core.row import Findings, Row
from kittiwake.core.batch import BatchRequest, cluster, run_batch
from kittiwake.core.batch.cluster import Cluster
from kittiwake.core.errors import MakeError
from kittiwake.core.make.status import output_statuses
from kittiwake.core.model import load_receiver
from kittiwake.core.process import Processes
from tests.sounds import FolderCase, make_command, speech_like

OURS = {**cluster.versions(), "code": cluster.code_digest()}


def _has_no_such_code(*_: object) -> str:
    """A worker that has another package, or none."""
    raise ImportError("no module of that name")


def digests(folder: Path) -> dict[str, str]:
    return {
        p.name: hashlib.sha256(p.read_bytes()).hexdigest()
        for p in folder.iterdir()
        if not p.name.startswith(".") and p.is_file()
    }


class TestCluster(FolderCase):
    @classmethod
    def setUpClass(cls) -> None:
        from distributed import LocalCluster

        cls.local = LocalCluster(
            n_workers=2, threads_per_worker=1, processes=True, dashboard_address=None, silence_logs=50
        )
        cls.addClassCleanup(cls.local.close)

    def setUp(self) -> None:
        super().setUp()
        self.sources = [self.write(f"in/{n:02}.wav", speech_like(16_000, 4, seed=n), 16_000) for n in range(24)]

    def cluster(self) -> Cluster:
        found = Cluster(self.local.scheduler_address)
        self.addCleanup(found.close)
        return found

    def wish(self, folder: str) -> BatchRequest:
        return BatchRequest((load_receiver("phone-menu"),), (self.folder / folder,))

    def test_one_worker_killed_and_the_bytes_and_the_ledger_are_as_from_here(self) -> None:
        here = list(run_batch(self.sources, self.wish("here"), Processes(2)))
        self.assertTrue(all(outcome.good for outcome in here))
        there = []
        victim = self.local.workers[0].pid
        for outcome in run_batch(self.sources, self.wish("there"), self.cluster()):
            there.append(outcome)
            if len(there) == 4:
                os.kill(victim, signal.SIGKILL)
        self.assertEqual([o.error for o in there if not o.good], [])
        self.assertEqual(len(there), len(self.sources))
        self.assertEqual(digests(self.folder / "there"), digests(self.folder / "here"))
        self.assertFalse([p for p in (self.folder / "there").iterdir() if p.name.endswith(".part")])
        self.assertEqual({one.state for one in output_statuses(self.folder / "there")}, {"as made"})
        self.assertEqual(len(list(output_statuses(self.folder / "there"))), len(self.sources))
        # Nothing is left to do, for a cluster or for this machine.
        again = list(run_batch(self.sources, self.wish("there")))
        self.assertEqual({outcome.status for outcome in again}, {"kept"})

    def test_what_cannot_be_used_is_told_before_anything_is_made(self) -> None:
        with self.assertRaises(MakeError) as caught:
            list(run_batch(self.sources, self.wish("out"), Cluster("tcp://127.0.0.1:1")))
        self.assertIn("No scheduler answers", str(caught.exception))
        # Other libraries there than here, and a source that is another file there.
        others = {"numpy": "0.1"}
        for name, lie, expected in (
            ("versions", lambda: others, "has other libraries"),
            ("code_digest", lambda: "other", "is another one than here"),
            ("what_is_wrong", _has_no_such_code, "is another one than here (no module"),
            ("stamp_of", lambda path: "1:1", "is not there, or another file"),
        ):
            with mock.patch.object(cluster, name, lie), self.assertRaises(MakeError) as caught:
                list(run_batch(self.sources, self.wish("out"), self.cluster()))
            self.assertIn(expected, str(caught.exception))
        # A folder that is not the same there: what it holds is not what was put in here.
        token = self.folder / "out" / ".token"
        self.assertIn("cannot be read and written", cluster.what_is_wrong({token: "x"}, {}, OURS))
        token.write_text("y")
        self.assertIn("is another folder there", cluster.what_is_wrong({token: "x"}, {}, OURS))
        self.assertEqual(digests(self.folder / "out"), {})

    def test_a_corpus_of_the_same_bytes_as_from_here(self) -> None:
        rows = [Row(path, path.stem, "", f"s{n % 5}", "en") for n, path in enumerate(self.sources)]
        found = []
        for name, executor in (("here", Processes(2)), ("there", self.cluster())):
            wish = CorpusRequest(load_receiver("corpus"), shard_bytes=200_000)
            *_, last = build(rows, Findings(), wish, self.folder / name, "kittiwake corpus", executor)
            self.assertIsInstance(last, Built)
            found.append(digests(self.folder / name))
        self.assertGreater(len([name for name in found[0] if name.endswith(".tar")]), 3)
        self.assertEqual(*found)

    def test_from_the_terminal(self) -> None:
        command = make_command(self.folder / "o", "--on", self.local.scheduler_address, *self.sources[:2])
        done = subprocess.run(command, capture_output=True, text=True)
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertEqual(len(digests(self.folder / "o")), 2)
