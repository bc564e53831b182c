"""Plans, wishes, names and suspicions by the hundred, held as tables."""

from __future__ import annotations

import dataclasses
import math
from pathlib import Path
from typing import Any, ClassVar

import numpy as np
import soundfile
import soxr

from kittiwake.core.codec.cues import Cue
from kittiwake.core.fit import (
    Fit,
    check_receiver,
    context_of,
    fit,
)
from kittiwake.core.fit.batch_context import BatchContext, level_of_set
from kittiwake.core.fit.findings import findings
from kittiwake.core.fit.one_off import with_settings
from kittiwake.core.fit.path import applied, length_out
from kittiwake.core.fit.plausible import plausible
from kittiwake.core.fit.rules import demands_of
from kittiwake.core.fit.rules.level import MOVES, coarseness
from kittiwake.core.fit.suspicion import Voiceprint, pace_suspicion, suspicions
from kittiwake.core.make import prove
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Facts, TouchUp, load_receiver, shipped_receivers
from kittiwake.core.model.facts import Note
from kittiwake.core.model.rights import Rights
from tests.approved import approve, or_error
from tests.sounds import DEMO, FolderCase
from tests.variety import sounds as variety_sounds
from tests.variety import written

BASES = ("phone-menu", "speech-service", "hand-over")
SETTINGS = (
    ("max_seconds=3.5",), ("max_seconds=2.9",), ("max_seconds=0.05",), ("max_bytes=9000",), ("max_bytes=40000", "max_seconds=2"),
    ("min_seconds=3",), ("min_seconds=4",), ("advised_seconds=3",), ("advised_seconds=4", "max_seconds=9"), ("total_bytes=40000",),
    ("min_level_dbov=-25", "level.measure=leave"), ("max_level_dbov=-27", "target_dbov=-30"), ("min_level_dbov=-24", "max_level_dbov=-22", "level.measure=leave"), ("level.measure=loudness",), ("level.measure=peak",),
    ("level.measure=active", "target_dbov=-18"), ("level.measure=active", "target_dbov=-18", "limiter_db=4"), ("expected_bandwidth_hz=7000",),
    ("max_length=4",), ("trim_lead_seconds=0.1", "trim_tail_seconds=0.2"), ("loop_seconds=0.5",), ("loop_seconds=2",), ("lead_seconds=0.3",), ("fade_in_seconds=0.5", "fade_out_seconds=1"),
    ("high_pass_hz=120", "presence_db=3"), ("high_pass_hz=50",), ("band=telephone",), ("side=mix",), ("side=right",), ("dither=shaped",), ("dither=none",), ("ceiling_dbfs=-3", "ceiling_dbtp=-4"),
    ("channels=2",), ("channels=0",), ("together=true", "level.measure=active"), ("cue_points=true",),
)  # fmt: skip
TOUCHES = (
    TouchUp(speed=1.1), TouchUp(speed=0.8, pitch=2), TouchUp(pitch=-3), TouchUp(skip=800, keep=20_000), TouchUp(keep=3),
    TouchUp(without=((3000, 6000), (20_000, 20_400))), TouchUp(side="mix"), TouchUp(side="right"), TouchUp(side="ch3"), TouchUp(gain_db=6), TouchUp(gain_db=-20, limiter_db=3),
    TouchUp(fade_in=0.2, fade_out=0.5, fade_shape="even"), TouchUp(loop=0.0), TouchUp(loop=0.4), TouchUp(low_cut=200), TouchUp(remove_dc=True), TouchUp(true_rate=22_050), TouchUp(true_rate=999),
    TouchUp(untreated=True), TouchUp(form="wav/alaw"), TouchUp(accepted=("level_inside",)), TouchUp(accepted=("silent", "very_quiet", "peaks_limit_level", "sides_cancel")), TouchUp(more=(("nothing", 1.0),)),
)  # fmt: skip


def described(found: Fit, *, whole: bool = False) -> list[Any]:
    """A fit in short; ``whole`` with its path and its recipe."""
    problems = [
        [p.code, p.severity, p.message, [[r.code, r.what, r.result, r.touch_up, r.asks] for r in p.remedies]]
        for p in found.problems
    ]
    out = [found.verdict, found.predicted_bytes, found.predicted_seconds, found.predicted_exact, problems]
    if whole:
        out.append([f"{step.what} ({step.reason})" for step in found.steps])
        out.append(
            {**found.recipe.to_dict(), "cues": [list(cue) for cue in found.recipe.cues]} if found.recipe else None
        )
    return out


class TestApproved(FolderCase):
    known: ClassVar[dict[str, Facts]] = {}

    def facts(self) -> dict[str, Facts]:
        """Of every sound, looked at once."""
        if not self.known:
            self.known.update(
                (name, dataclasses.replace(analyze(path, pitch=True), path=Path(f"/in/{name}.wav")))
                for name, path in written(self.folder)
            )
        return self.known

    def clip(self, name: str, **more: Any) -> Clip:
        return Clip(source=Path(f"/in/{name}.wav"), name=name, id="one").changed(**more)

    def test_every_receiver(self) -> None:
        found = {}
        for name, facts in self.facts().items():
            for slug, receiver in shipped_receivers().items():
                got = described(fit(self.clip(name), facts, receiver))
                found[f"{name} {slug}"] = [*got[:4], [f"{p[0]} {p[1]}" for p in got[4]]]
        approve(self, "plans", found)

    def test_every_rule(self) -> None:
        found = {}
        for settings in SETTINGS:
            for slug in BASES:
                receiver = or_error(with_settings, load_receiver(slug), settings)
                if isinstance(receiver, str):
                    found[f"{slug} {settings}"] = receiver
                    continue
                found[f"{slug} {settings}"] = (
                    [demands_of(receiver), check_receiver(receiver)] if slug == "phone-menu" else []
                )
                for name in (
                    ("voice 16", "air", "inverted")
                    if slug != "phone-menu"
                    else ("voice 16", "air", "inverted", "four", "soft", "clipped", "short")
                ):
                    found[f"{slug} {settings} {name}"] = described(
                        fit(self.clip(name), self.facts()[name], receiver),
                        whole=name == "air" and slug == "phone-menu",
                    )
        approve(self, "rules", found)

    def test_every_touch_up(self) -> None:
        found = {}
        for n, touch in enumerate(TOUCHES):
            for name, slug in (
                ("voice 16", "phone-menu"),
                ("four", "quay-beacon"),
                ("later right", "hand-over"),
                ("offset", "master"),
                ("voice 48 µ-law", "hold-music"),
            ):
                found[f"{n} {name} {slug}"] = described(
                    fit(self.clip(name, touch_up=touch), self.facts()[name], load_receiver(slug)), whole=True
                )
        approve(self, "touched", found)

    def test_what_the_stages_do_to_sound(self) -> None:
        found: dict[str, Any] = {}
        sounds = {
            name: sound for name, sound, _, _ in variety_sounds() if name in ("voice 16", "later right", "four")
        }
        cases = [(touch, ()) for touch in TOUCHES] + [(TouchUp(), settings) for settings in SETTINGS]
        for touch, settings in cases:
            for name, slug in (("voice 16", "phone-menu"), ("later right", "master"), ("four", "phone-menu")):
                receiver = or_error(with_settings, load_receiver(slug), settings) if settings else load_receiver(slug)
                if isinstance(receiver, str):
                    continue
                plan = fit(self.clip(name, touch_up=touch), self.facts()[name], receiver)
                if plan.recipe is None or plan.recipe.copy:
                    continue
                recipe = plan.recipe
                span = sounds[name].reshape(len(sounds[name]), -1)[recipe.start : recipe.stop]
                whole = np.concatenate(list(applied(iter([span[:5000], span[5000:]]), recipe)))
                found[f"{name} {touch.to_dict()} {settings}"] = [
                    *whole.shape,
                    length_out(recipe),
                    float(np.abs(whole).max()),
                    float(np.sqrt(np.square(whole, dtype=np.float64).mean())),
                    np.round(whole[:: max(1, len(whole) // 5), 0], 4),
                ]
        approve(self, "applied", found)

    def test_odd_clips(self) -> None:
        """Long, being a table of cases."""
        facts, menu = self.facts()["voice 16"], load_receiver("phone-menu")
        paging = load_receiver("paging-controller")
        bad = Note("truncated", "It breaks off.", "Ask again.")
        found = {
            "not for it": described(fit(self.clip("a", receivers=("master",)), facts, menu)),
            "span": described(fit(self.clip("a", start=8000, stop=24_000), facts, menu), whole=True),
            "nothing": described(
                fit(self.clip("a", start=facts.measures.frames if facts.measures else 0), facts, menu)
            ),
            "one frame": described(
                fit(self.clip("a", start=facts.measures.frames - 1 if facts.measures else 0), facts, menu)
            ),
            "empty": described(fit(self.clip("a", start=9_999_999), facts, menu)),
            "breaks off": described(fit(self.clip("a"), dataclasses.replace(facts, notes=(bad,)), menu)),
            "odd numbers": described(
                fit(self.clip("a"), dataclasses.replace(facts, notes=(Note("not_numbers", "m", "r"),)), menu)
            ),
            "unread": described(
                fit(self.clip("a"), dataclasses.replace(facts, error=Note("damaged", "It is.", "Ask.")), menu)
            ),
            "kind": described(fit(self.clip("a", kind="alert"), facts, paging)),
            "no kind": described(fit(self.clip("a", kind="shanty"), facts, paging)),
            "music": described(fit(self.clip("a", kind="music"), facts, menu)),
            "past": described(
                fit(
                    self.clip("a", kind="music", rights=Rights(holder="x", licence="y", until="2001-01-01")),
                    facts,
                    menu,
                )
            ),
            "rights": described(
                fit(
                    self.clip("a", kind="music", rights=Rights(holder="x", licence="y", until="2999-01-01")),
                    facts,
                    menu,
                ),
                whole=True,
            ),
        }
        for before in (0, 20_000, 39_000, 39_990, 50_000):
            tight = with_settings(menu, ("total_bytes=40000",))
            found[f"memory {before}"] = described(
                fit(self.clip("a"), facts, tight, BatchContext(taken={"one": before}))
            )
        cues = BatchContext(inside={"one": tuple(Cue(9000 * n, 9000 * n + 5000, f"span {n}") for n in range(4))})
        found["cues"] = described(
            fit(self.clip("a"), facts, with_settings(load_receiver("quay-beacon"), ("cue_points=true",)), cues),
            whole=True,
        )
        clips = [
            (self.clip(name, id=name, start=start), self.facts()[name])
            for name, start in (("voice 16", 0), ("voice 16", 9000), ("soft", 0), ("inverted", 0))
        ]
        for settings in (
            ("total_bytes=400000",),
            ("together=true", "level.measure=active"),
            ("together=true", "level.measure=peak"),
            ("cue_points=true",),
        ):
            receiver = with_settings(load_receiver("quay-beacon"), settings)
            context = context_of(
                clips,
                receiver,
                lambda clip, facts, context, receiver=receiver: fit(clip, facts, receiver, context).predicted_bytes,
            )
            found[f"context {settings}"] = [
                context.gain_db,
                context.taken,
                {key: [list(c) for c in sample] for key, sample in context.inside.items()},
            ]
        levels = [
            (one.measures.level, one.seconds or 0)
            for one in (self.facts()["voice 16"], self.facts()["soft"], self.facts()["silence"])
            if one.measures
        ]
        for measure in ("active", "peak"):
            found[f"set {measure}"] = level_of_set(levels, with_settings(menu, (f"level.measure={measure}",)))
        approve(self, "odd-clips", found)

    def test_findings(self) -> None:
        found = {}
        for name, facts in self.facts().items():
            clip = self.clip(name, text="Welcome aboard, the ferry to Skerrow leaves from pier two at ten fifteen.")
            sample = findings(clip, facts)
            found[name] = [[p.code, p.severity, p.message, [r.what for r in p.remedies]] for p in sample]
            if (pace := pace_suspicion(clip, facts)) is not None:
                found[f"pace {name}"] = [pace.message, [[r.what, r.result, r.touch_up] for r in pace.remedies]]
        approve(self, "findings", found)

    def test_suspicions(self) -> None:
        found: dict[str, Any] = {}
        one_voice = (
            "Car deck.aiff",
            "Gangway.wav",
            "Main menu.wav",
            "Welcome.wav",
            "Sailing times.mp3",
            "Weather warning.wav",
            "Quay closed.wav",
        )
        siblings = []
        for name in one_voice:
            sound, own = soundfile.read(str(DEMO / name), dtype="float32", always_2d=True)
            for rate in (16_000, 22_050, 44_100, 48_000) if name < "M" else (own,):
                path = self.write(f"{name}-{rate}.wav", soxr.resample(sound[:, 0], own, rate), rate)
                siblings.append(Voiceprint.of(analyze(path, pitch=True)))
        prints = [dataclasses.replace(one, path=Path(one.path.name)) for one in siblings if one is not None]
        octaves = np.linspace(math.log2(60), math.log2(20_000), 500)
        for one in prints[::3]:
            level = np.interp(octaves, np.linspace(octaves[0], octaves[-1], len(one.level)), one.level)
            for true in (8000, 16_000, 22_050, 44_100, 48_000):
                for edge in (one.edge, 3900.0, 0.5 * one.rate):
                    found[f"plausible {one.path} {one.rate} {true} {edge:.0f}"] = plausible(
                        level, octaves, one.rate, true, one.pitch, one.pace, edge
                    )
        sound, own = soundfile.read(str(DEMO / "Opening hours.flac"), dtype="float32")
        for true, stamped in (
            (44_100, 48_000),
            (48_000, 44_100),
            (16_000, 22_050),
            (22_050, 44_100),
            (48_000, 16_000),
            (44_100, 22_050),
        ):
            path = self.write("odd.wav", soxr.resample(sound, own, true), stamped, "PCM_24")
            odd = Voiceprint.of(analyze(path, pitch=True))
            if odd is None:
                continue
            found[f"{true} {stamped} print"] = [odd.pitch, odd.pace, odd.edge, odd.level[::24]]
            for sample in (prints, prints[:4], prints[-5:]):
                got = suspicions([*sample, dataclasses.replace(odd, path=Path("odd"))])
                found[f"{true} as {stamped} beside {len(sample)}"] = {
                    str(p): [q.message, [[r.what, r.result, r.touch_up] for r in q.remedies]] for p, q in got.items()
                }
        approve(self, "suspicions", found)

    def test_what_few_bits_do_to_a_level(self) -> None:
        found = {
            f"{measure} at {target} dB, {depth} bits, {dither}": coarseness(measure, target, depth, dither)
            for measure in ("leave", "active", "loudness", "peak")
            for target in (-6.0, -26.0, -40.0, -60.0)
            for depth in (8, 14, 16)
            for dither in MOVES
        }
        approve(self, "coarseness", found)

    def test_proofs(self) -> None:
        found = {}
        for name, path in written(self.folder):
            if name in (
                "voice 8",
                "voice 16",
                "voice 48 µ-law",
                "soft",
                "clipped",
                "silence",
                "offset",
                "loud sine",
                "later right",
                "short",
                "four",
            ):
                for slug in (
                    "phone-menu",
                    "phone-menu-linear",
                    "quay-beacon",
                    "speech-engine",
                    "master",
                    "hold-music",
                ):
                    proof = prove(path, load_receiver(slug))
                    found[f"{name} {slug}"] = [[c.name, c.expected, c.found, c.passed] for c in proof.checks]
        for settings in (
            ("max_seconds=3",),
            ("max_bytes=40000",),
            ("min_seconds=5",),
            ("min_level_dbov=-25", "level.measure=leave"),
            ("max_level_dbov=-27", "target_dbov=-30"),
            ("level.measure=peak",),
            ("level.measure=loudness",),
            ("ceiling_dbtp=-9",),
            ("limiter_db=4",),
            ("channels=0",),
        ):
            for slug in ("phone-menu", "phone-menu-linear"):
                receiver = with_settings(load_receiver(slug), settings)
                for name, path in written(self.folder):
                    if name in ("voice 8", "bursts 16", "soft"):
                        found[f"{name} {slug} {settings}"] = [
                            [c.name, c.expected, c.found] for c in prove(path, receiver).failures
                        ]
        approve(self, "proofs", found)
