"""What is promised holds for any clip and any rules: an output passes proof, nothing is over its ceiling, and the level does not depend on
what form the sound came in.
"""

from __future__ import annotations

import math
from pathlib import Path

import numpy as np
import soundfile
import soxr

from kittiwake.core.batch import plan_outputs
from kittiwake.core.codec import FORMATS
from kittiwake.core.errors import RulesError
from kittiwake.core.fit import check_receiver, fit
from kittiwake.core.intake import open_sound
from kittiwake.core.make import Result, make_output
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver, Stated
from kittiwake.core.model.receiver_file import receiver_from_data
from tests.sounds import FolderCase, db, really_spoken, spoken

FORMS = [key for key, form in FORMATS.items() if form.is_there()]


def random_receiver(dice: np.random.Generator) -> Receiver | None:
    """Rules as they come; None where they contradict themselves, and are refused."""
    container, encoding = FORMS[dice.integers(len(FORMS))]
    rates = FORMATS[container, encoding].rates or (8000, 11_025, 16_000, 22_050, 48_000)
    level = {
        "measure": str(dice.choice(["leave", "active", "loudness", "peak"])),
        "target_dbov": float(dice.uniform(-40, -12)),
        "target_lufs": float(dice.uniform(-40, -12)),
        "target_dbfs": float(dice.uniform(-12, -1)),
        "tolerance_db": 1.0,
    }
    treatment = {
        "level": level,
        "ceiling_dbfs": float(dice.choice([-0.1, -1.0, -6.0, 0.0])),
        "limiter_db": float(dice.choice([0, 0, 3, 12])),
        "dither": str(dice.choice(["tpdf", "shaped", "none"])),
        "band": str(dice.choice(["full", "full", "telephone"])),
        "lead_seconds": float(dice.choice([0, 0, 0.25])),
        "presence_db": float(dice.choice([0, 0, 3])),
    }
    if dice.random() < 0.3:
        treatment["ceiling_dbtp"] = float(dice.choice([-1.0, -3.0]))
    if dice.random() < 0.2:
        treatment["trim_lead_seconds"] = treatment["trim_tail_seconds"] = 0.1
    accepts = {"container": container, "encoding": encoding, "sample_rates": [int(dice.choice(rates))]}
    data = {"slug": "any", "name": "Any", "rules": {"accepts": [accepts]}, "treatment": treatment}
    try:
        receiver = receiver_from_data(data, "It")
    except RulesError:
        return None
    return None if check_receiver(receiver) else receiver


class TestPromises(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.voices = [spoken(16_000), really_spoken(16_000), spoken(16_000, "Welcome.wav")]

    def source(self, dice: np.random.Generator, name: str) -> tuple[np.ndarray, int]:
        """Some seconds of a voice: soft or loud, clipped, off centre, at some rate."""
        voice = self.voices[dice.integers(len(self.voices))]
        length = int(16_000 * dice.choice([0.3, 0.6, 1.5, 2.5]))
        start = int(dice.integers(0, max(1, len(voice) - length)))
        sound = voice[start : start + length]
        sound = sound / max(1e-3, float(np.abs(sound).max())) * np.float32(10 ** (dice.uniform(-40, 3) / 20))
        if dice.random() < 0.2:
            sound = sound + np.float32(dice.choice([0.05, 0.003]))
        rate = int(dice.choice([8000, 16_000, 44_100]))
        return np.clip(soxr.resample(sound, 16_000, rate), -1, 1 - 2.0**-15).astype(np.float32), rate

    def made(self, path: Path, receiver: Receiver) -> tuple[Result, str]:
        clip, facts = Clip.whole(path), analyze(path)
        found = fit(clip, facts, receiver)
        item = plan_outputs([(clip, facts, found)], receiver, self.folder / "out")[0]
        return make_output(item), found.verdict

    def check(self, count: int, seed: int) -> int:
        """Make ``count`` outputs by random rules; returns how many there were to make."""
        dice = np.random.default_rng(seed)
        tried = 0
        for n in range(count):
            receiver = random_receiver(dice)
            sound, rate = self.source(dice, f"{n}")
            if receiver is None:
                continue
            path = self.folder / f"s{n}.wav"
            soundfile.write(str(path), sound, rate, subtype="PCM_16")
            made, verdict = self.made(path, receiver)
            reported = (
                f"seed {seed}, clip {n}: {receiver.to_data(sparse=True)} {verdict} {made.error} {made.messages}"
            )
            if verdict in ("decide", "cannot"):
                self.assertEqual(made.status, "refused", reported)
                continue
            tried += 1
            self.assertEqual(made.status, "made", reported)
            form = receiver.rules.accepts[0]
            stated = Stated(form.encoding, form.sample_rates[0]) if form.container == "raw" else None
            out = analyze(made.plan.output, stated)
            assert out.measures is not None and out.header is not None
            slack = 0.06 if FORMATS[form.container, form.encoding].lossy else 0.01
            self.assertLessEqual(db(out.measures.peak), receiver.treatment.ceiling_dbfs + slack, reported)
            if receiver.treatment.ceiling_dbtp is not None and stated is None:
                # A second opinion on what lies between the samples: eight times oversampled, by another quality.
                reader = open_sound(made.plan.output)
                heard = np.concatenate(list(reader.blocks()))[:, 0]
                reader.close()
                over = np.abs(soxr.resample(heard, 1, 8, quality="VHQ")).max()
                self.assertLessEqual(db(float(over)), receiver.treatment.ceiling_dbtp + 0.3, reported)
        return tried

    def test_whatever_is_made_passes_proof_and_stays_under_its_ceiling(self) -> None:
        self.assertGreater(self.check(32, 11), 12)

    def test_one_sound_comes_out_alike_from_16_and_from_24_bits(self) -> None:
        dice = np.random.default_rng(5)
        compared = 0
        while compared < 15:
            data = {
                "slug": "any",
                "name": "Any",
                "rules": {"accepts": [{"container": "wav", "encoding": "pcm_s16", "sample_rates": [16_000]}]},
                "treatment": {
                    "level": {
                        "measure": str(dice.choice(["leave", "active", "loudness", "peak"])),
                        "target_dbov": float(dice.uniform(-30, -12)),
                        "target_lufs": float(dice.uniform(-30, -12)),
                        "target_dbfs": float(dice.uniform(-12, 0)),
                    },
                    "ceiling_dbfs": float(dice.uniform(-8, 0)),
                    "limiter_db": float(dice.choice([0, 6, 12])),
                },
            }
            try:
                receiver = receiver_from_data(data, "It")
            except RulesError:
                continue
            voice = self.voices[compared % 3][:40_000]
            voice = voice / np.abs(voice).max() * np.float32(10 ** (dice.uniform(-12, 0) / 20)) * np.float32(0.9999)
            levels = []
            for subtype in ("PCM_16", "PCM_24"):
                path = self.folder / f"{compared}{subtype}.wav"
                soundfile.write(str(path), voice, 16_000, subtype=subtype)
                made, _ = self.made(path, receiver)
                self.assertEqual(made.status, "made", (data, made.error))
                sound = analyze(made.plan.output).measures
                assert sound is not None
                levels.append(sound.level.active_dbov)
                self.assertLessEqual(db(sound.peak), receiver.treatment.ceiling_dbfs + 0.01)
            self.assertTrue(math.isclose(*levels, abs_tol=0.3), (data, levels))
            compared += 1
