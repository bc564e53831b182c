"""Proof: the checks find what is wrong."""

from __future__ import annotations

import shutil
from dataclasses import replace
from pathlib import Path

import numpy as np
import soundfile

from kittiwake.core.fit import fit
from kittiwake.core.make import make_clip, plan_outputs, prove
from kittiwake.core.make.proof import Promise, Proof
from kittiwake.core.measure import look_at
from kittiwake.core.model import Clip, load_receiver
from tests.sounds import DEMO, FolderCase, speech_like

MENU, BEACON = load_receiver("phone-menu"), load_receiver("quay-beacon")


def failed(proof: Proof) -> list[str]:
    return [check.name for check in proof.failures]


class TestProof(FolderCase):
    def good(self) -> Path:
        path = self.folder / "Hold.wav"
        shutil.copy(DEMO / "Hold the line.wav", path)
        return path

    def test_a_good_file_passes(self) -> None:
        proof = prove(self.good(), MENU)
        self.assertTrue(proof.passed, failed(proof))

    def test_each_fault_is_found_by_its_own_check(self) -> None:
        x = speech_like(8000, 3, -26)
        cases = {
            "format": self.write("a.wav", x, 8000, "ALAW"),
            "sample rate": self.write("b.wav", speech_like(16000, 3, -26), 16000, "ULAW"),
            "channels": self.write("c.wav", np.stack([x, x], 1), 8000, "ULAW"),
            "level": self.write("d.wav", x * np.float32(0.2), 8000, "ULAW"),
            "name": self.good().rename(self.folder / "Hold it.wav"),
        }
        for name, path in cases.items():
            with self.subTest(name):
                self.assertIn(name, failed(prove(path, MENU)))
        short = self.good()
        short.write_bytes(short.read_bytes()[:-3000])
        self.assertIn("whole", failed(prove(short, MENU)))
        big = self.write("big.wav", speech_like(8000, 13), 8000)
        self.assertEqual(failed(prove(big, BEACON)), ["size"])
        text = self.folder / "t.wav"
        text.write_text("not sound")
        self.assertEqual(failed(prove(text, MENU)), ["readable"])

    def test_too_quiet_is_right_where_peaks_allow_no_more(self) -> None:
        x = np.zeros(8000 * 3, np.float32)
        x[::400] = 0.9  # all peaks
        self.assertTrue(prove(self.write("peaks.wav", x, 8000, "ULAW"), MENU).passed)

    def test_one_wrong_sample_is_found_in_files_of_ours(self) -> None:
        clip, facts = Clip.whole(DEMO / "Welcome.wav"), look_at(DEMO / "Welcome.wav")
        for slug in ("phone-menu", "quay-beacon", "speech-engine"):
            receiver = load_receiver(slug)
            item = plan_outputs([(clip, facts, fit(clip, facts, receiver))], receiver, self.folder / slug)[0]
            made = make_clip(item)
            checks = {check.name: check for check in made.proof.checks}  # type: ignore[union-attr]
            reader = "libav" if slug == "speech-engine" else "libsndfile"
            check = checks[f"samples, by {reader}"]
            self.assertTrue(check.passed)
            promise = Promise(item.fit.recipe, int(check.expected, 16))  # type: ignore[arg-type]
            self.assertTrue(prove(item.output, receiver, promise).passed)
            if slug != "speech-engine":
                data = bytearray(item.output.read_bytes())
                data[-101] ^= 0x10
                item.output.write_bytes(bytes(data))
            else:
                x, rate = soundfile.read(str(item.output), dtype="int16")
                x[5000] += 1
                soundfile.write(str(item.output), x, rate, subtype="PCM_16")
            self.assertIn(f"samples, by {reader}", failed(prove(item.output, receiver, promise)))

    def test_a_wrong_length_and_size_are_found(self) -> None:
        clip, facts = Clip.whole(DEMO / "Welcome.wav"), look_at(DEMO / "Welcome.wav")
        recipe = fit(clip, facts, MENU).recipe
        assert recipe
        item = plan_outputs([(clip, facts, fit(clip, facts, MENU))], MENU, self.folder)[0]
        make_clip(item)
        wrong = Promise(replace(recipe, frames_out=recipe.frames_out + 1))
        self.assertEqual(failed(prove(item.output, MENU, wrong)), ["exact length", "exact size"])
