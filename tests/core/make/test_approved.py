"""Outputs of many sounds at many receivers, held as a table of figures."""

from __future__ import annotations

import tempfile
from pathlib import Path
from typing import Any

import numpy as np

from kittiwake.core.batch import plan_outputs
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.fit import fit
from kittiwake.core.fit.one_off import with_settings
from kittiwake.core.intake import open_sound
from kittiwake.core.make import make_output
from kittiwake.core.make.compare import compare, intelligibility
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver, TouchUp, load_receiver
from tests.approved import approve
from tests.sounds import DEMO, FolderCase, noise
from tests.variety import voice, written

SETTINGS = (
    (), ("level.measure=peak",), ("level.measure=loudness",), ("level.measure=leave",), ("level.measure=active", "target_dbov=-12"), ("level.measure=active", "target_dbov=-12", "limiter_db=6"), ("level.measure=loudness", "target_lufs=-9", "limiter_db=3"), ("ceiling_dbfs=-9",), ("ceiling_dbtp=-6",), ("lead_seconds=0.25",), ("loop_seconds=0.3",),
    ("fade_in_seconds=0.3", "fade_out_seconds=0.5"), ("band=telephone",), ("high_pass_hz=200", "presence_db=4"), ("trim_lead_seconds=0.05", "trim_tail_seconds=0.1"), ("dither=shaped",), ("side=mix",), ("channels=2",),
)  # fmt: skip
TOUCHES = (TouchUp(gain_db=4), TouchUp(gain_db=-9, fade_in=0.1, fade_out=0.3, fade_shape="even"), TouchUp(speed=1.15), TouchUp(pitch=2), TouchUp(without=((8000, 12_000),)), TouchUp(loop=0.2), TouchUp(low_cut=250, remove_dc=True), TouchUp(skip=2000, keep=20_000), TouchUp(true_rate=17_000), TouchUp(untreated=True), TouchUp(accepted=("level_inside",)))  # fmt: skip


class TestApproved(FolderCase):
    def made(self, clip: Clip, receiver: Receiver, facts: Any) -> list[Any]:
        plan = fit(clip, facts, receiver)
        if plan.recipe is None or not plan.ready:
            return [plan.verdict]
        into = Path(tempfile.mkdtemp(dir=self.folder))
        got = make_output(plan_outputs([(clip, facts, plan)], receiver, into)[0])
        if got.output is None or not Path(got.output).exists():
            return [got.status, str(got.error)]
        reader = open_sound(Path(got.output), plan.recipe.stated)
        try:
            sound = np.concatenate(list(reader.blocks()))
        finally:
            reader.close()
        proof = [[c.name, c.passed] for c in got.proof.checks] if got.proof else []
        return [
            got.status,
            got.bytes,
            got.seconds,
            got.gain_db,
            got.messages,
            len(proof),
            all(ok for _, ok in proof),
            sound.shape,
            float(np.abs(sound).max()),
            float(np.sqrt(np.square(sound, dtype=np.float64).mean())),
            np.round(sound[:: max(1, len(sound) // 6), 0], 3),
        ]

    def test_outputs(self) -> None:
        found: dict[str, Any] = {}
        sample = {name: (path, analyze(path)) for name, path in written(self.folder)}
        for settings in SETTINGS:
            for slug in ("phone-menu", "quay-beacon"):
                receiver = with_settings(load_receiver(slug), settings) if settings else load_receiver(slug)
                for name in ("voice 16", "later right", "soft") if settings else sample:
                    path, facts = sample[name]
                    found[f"{slug} {settings} {name}"] = self.made(
                        Clip.whole(path).changed(id="one"), receiver, facts
                    )
        for n, touch in enumerate(TOUCHES):
            for slug in ("phone-menu", "master"):
                path, facts = sample["voice 16"]
                found[f"touch {n} {slug}"] = self.made(
                    Clip.whole(path).changed(id="one", touch_up=touch), load_receiver(slug), facts
                )
        for slug, settings in (
            ("quay-beacon", ("min_level_dbov=-20", "level.measure=leave")),
            ("quay-beacon", ("max_level_dbov=-30", "level.measure=leave")),
            ("quay-beacon", ("min_level_dbov=-14", "level.measure=peak", "target_dbfs=-8")),
            ("quay-beacon", ("max_level_dbov=-30", "level.measure=peak", "target_dbfs=-3")),
        ):
            path, facts = sample["voice 16"]
            clip = Clip.whole(path).changed(id="one", touch_up=TouchUp(accepted=("level_inside",)))
            found[f"range {settings}"] = self.made(clip, with_settings(load_receiver(slug), settings), facts)
        approve(self, "outputs", found)

    def test_comparisons(self) -> None:
        path = DEMO / "Opening hours.flac"
        clip, facts = Clip.whole(path).changed(id="one", touch_up=TouchUp(keep=60_000)), analyze(path)
        found: dict[str, Any] = {}
        for one in compare(clip, facts, self.folder):
            data = {key: value for key, value in one.to_dict().items() if "second" not in key or key == "seconds"}
            found[one.candidate.name] = {
                key: value
                for key, value in data.items()
                if not isinstance(value, str) or str(self.folder) not in value
            }
        v = np.asarray(voice(16_000), np.float64)
        for db in (-60, -40, -20):
            found[f"words {db}"] = intelligibility(v, v + noise(16_000, len(v) / 16_000, db), 16_000)
        found["words short"] = intelligibility(v[:800], v[:800], 16_000)
        found["words silent"] = intelligibility(0 * v, v, 16_000)
        approve(self, "comparisons", found)
        self.assertRaises(
            KittiwakeError, lambda: list(compare(clip, analyze(self.folder / "nothing.wav"), self.folder))
        )
