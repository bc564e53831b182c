"""Which single clip is made without a worker process, and that nobody sees a difference."""

from __future__ import annotations

import shutil

import numpy as np
import soundfile

from kittiwake.core.batch import BatchRequest, run_batch
from kittiwake.core.batch.alone import executor_for
from kittiwake.core.fit.one_off import receiver_of_form
from kittiwake.core.model import Stated, load_receiver
from kittiwake.core.process import Processes
from tests.sounds import DEMO, FolderCase, speech_like


class TestAlone(FolderCase):
    def request(self, *receivers: str, **asked: object) -> BatchRequest:
        chosen = tuple(load_receiver(one) if "/" not in one else receiver_of_form(one) for one in receivers)
        folders = tuple(self.folder / one.slug for one in chosen)
        return BatchRequest(receivers=chosen, folders=folders, **asked)  # type: ignore[arg-type]

    def workers(self, *paths: object, **asked: object) -> bool:
        receivers = asked.pop("receivers", ("phone-menu",))
        return isinstance(executor_for(paths, self.request(*receivers, **asked)), Processes)  # type: ignore[arg-type, misc]

    def test_only_what_no_library_reads_or_writes(self) -> None:
        plain = self.write("plain.wav", speech_like(16_000, 1), 16_000)
        self.assertFalse(self.workers(plain))
        self.assertTrue(self.workers(plain, plain))
        self.assertTrue(self.workers())
        self.assertTrue(self.workers(self.folder / "is not there.wav"))
        self.assertTrue(self.workers(plain, stated=Stated("ulaw", 8000)))
        self.assertTrue(self.workers(plain, stream=1))
        self.assertTrue(self.workers(plain, receivers=("mp3/mp3",)))
        self.assertTrue(self.workers(plain, receivers=("phone-menu", "phone-menu-gsm")))
        self.assertFalse(self.workers(plain, receivers=("phone-menu", "phone-menu-alaw")))
        flac = self.folder / "a.flac"
        soundfile.write(flac, speech_like(16_000, 1), 16_000)
        self.assertTrue(self.workers(flac))
        damaged = self.folder / "damaged.wav"
        damaged.write_bytes(plain.read_bytes()[:-7])
        self.assertTrue(self.workers(damaged))
        long = self.folder / "long.wav"
        soundfile.write(long, np.zeros(2_100_000, np.float32), 48_000)
        self.assertTrue(self.workers(long))

    def test_the_same_bytes_and_records(self) -> None:
        source = DEMO / "Welcome.wav"
        made = []
        for receivers in (("phone-menu",), ("phone-menu-linear",)):
            request = self.request(*receivers)
            for executor in (executor_for([source], request), Processes(1)):
                shutil.rmtree(request.folders[0], ignore_errors=True)
                (result,) = run_batch([source], request, executor)
                self.assertEqual((result.status, result.error), ("made", None))
                made.append((result.sha256, result.bytes, result.proof.passed if result.proof else None))
        self.assertEqual(made[::2], made[1::2])
