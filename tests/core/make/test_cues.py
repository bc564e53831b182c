"""Spans in what is made, where the receiver asks for them: at the right frames, and counted in the size that was foretold."""

from __future__ import annotations

import struct

import numpy as np
import soundfile
from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.batch import plan_outputs
from kittiwake.core.codec.cues import Cue, bytes_of_cues, cue_chunks
from kittiwake.core.fit import context_of, fit
from kittiwake.core.make import Result, make_output
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, Receiver, TouchUp, shipped_receivers
from tests.sounds import FolderCase, speech_like

RATE = 48_000


def receiver(encoding: str, rate: int, **treatment: object) -> Receiver:
    return Receiver.read(
        {
            "slug": "marked", "name": "Marked",
            "rules": {"cue_points": True, "accepts": [{"container": "wav", "encoding": encoding, "sample_rates": [rate]}]},
            "treatment": treatment,
        }
    )  # fmt: skip


def cues_in(data: bytes) -> list[Cue]:
    """Walks the chunks of a RIFF/WAVE file as the Multimedia Programming Interface and Data Specifications 1.0 (1991) lays them out."""
    assert data[:4] == b"RIFF" and data[8:12] == b"WAVE" and struct.unpack_from("<I", data, 4)[0] == len(data) - 8
    chunks, at = {}, 12
    while at < len(data):
        name, size = struct.unpack_from("<4sI", data, at)
        chunks[name] = data[at + 8 : at + 8 + size]
        at += 8 + size + size % 2
    assert at == len(data)
    if b"cue " not in chunks:
        return []
    count = struct.unpack_from("<I", chunks[b"cue "])[0]
    points = [struct.unpack_from("<II4sIII", chunks[b"cue "], 4 + 24 * n) for n in range(count)]
    reported: dict[bytes, dict[int, bytes]] = {b"labl": {}, b"ltxt": {}}
    inner, at = chunks[b"LIST"], 4
    assert inner[:4] == b"adtl"
    while at < len(inner):
        name, size, number = struct.unpack_from("<4sII", inner, at)
        reported[name][number] = inner[at + 12 : at + 8 + size]
        at += 8 + size + size % 2
    return [
        Cue(
            offset,
            offset + struct.unpack_from("<I", reported[b"ltxt"][number])[0],
            reported[b"labl"][number][:-1].decode(),
        )
        for number, _, chunk, _, _, offset in points
        if chunk == b"data"
    ]


class TestCues(FolderCase):
    def made(self, clips: list[Clip], to: Receiver, count: int = 9) -> list[Result]:
        facts = analyze(clips[0].source)
        pairs = [(clip, facts) for clip in clips]
        context = context_of(pairs, to, lambda c, f, alone: fit(c, f, to, alone).predicted_bytes)
        wanted = [(clip, facts, fit(clip, facts, to, context)) for clip in clips]
        made = [make_output(item) for item in plan_outputs(wanted, to, self.folder / "out")[:count]]
        for one in made:
            self.assertIn(one.status, ("made", "kept"), one.error)  # kept: asked for once more
            self.assertEqual(one.bytes, one.plan.fit.predicted_bytes)
            self.assertEqual(one.plan.output.stat().st_size, one.bytes)
        return made

    def test_clips_inside_a_clip_are_where_their_sound_is(self) -> None:
        """Impulses mark the starts: what is heard at a cue is what was at the span's start."""
        sound = np.zeros(4 * RATE, np.float32)
        starts = [round(s * RATE) for s in (0.5, 1.25, 2.9)]
        sound[starts] = 0.5
        path = self.folder / "reading.wav"
        soundfile.write(str(path), sound, RATE, subtype="FLOAT")
        inside = [Clip(path, f"line {n}", s, s + 9600) for n, s in enumerate(starts)]
        # A stretch of a quarter of a second is left out between the second and the third.
        whole = Clip(path, "all of it", 4800, 3 * RATE + 24_000, TouchUp(without=((2 * RATE, 2 * RATE + RATE // 4),)))
        to = receiver("pcm_s24", 16_000, level={"measure": "leave"}, lead_seconds=0.2)
        made = self.made([whole, *inside], to)
        out, _ = soundfile.read(str(made[0].plan.output), dtype="float32")
        cues = cues_in(made[0].plan.output.read_bytes())
        self.assertEqual([cue.name for cue in cues], ["line 0", "line 1", "line 2"])
        for cue in cues:
            near = np.abs(out[cue.start - 200 : cue.start + 200])
            self.assertLessEqual(abs(int(near.argmax()) - 200), 1)
            self.assertAlmostEqual(cue.stop - cue.start, 3200, delta=1)
        # A clip with nothing inside is marked itself, after the silence that comes first.
        alone = cues_in(made[2].plan.output.read_bytes())
        self.assertEqual(alone, [Cue(3200, 6400, "line 1")])

    def test_nobody_asked_or_nothing_cut_means_no_cue_and_copies_stay_copies(self) -> None:
        path = self.folder / "whole.wav"
        soundfile.write(str(path), speech_like(RATE, 1.0), RATE, subtype="PCM_24")
        master = shipped_receivers()["master"]
        self.assertTrue(master.rules.cue_points)
        one = self.made([Clip.whole(path)], master)[0]
        self.assertEqual(one.plan.output.read_bytes(), path.read_bytes())
        # Cut into clips, it is delivered with them: the same samples, and cues.
        both = self.made([Clip.whole(path), Clip(path, "piece", 4800, 9600)], master)
        self.assertEqual(cues_in(both[0].plan.output.read_bytes()), [Cue(4800, 9600, "piece")])
        a, b = (soundfile.read(str(p), dtype="int32")[0] for p in (path, both[0].plan.output))
        np.testing.assert_array_equal(a, b)

    @settings(max_examples=15)
    @given(
        st.sampled_from([("ulaw", 8000), ("alaw", 8000), ("pcm_s16", 16_000), ("pcm_f32", 48_000)]),
        st.lists(st.tuples(st.integers(0, 30_000), st.integers(1200, 20_000), st.text(max_size=12)), max_size=4),
        st.floats(0.85, 1.15),
    )
    def test_the_size_is_foretold_and_cues_lie_within(
        self, form: tuple[str, int], spans: list[tuple[int, int, str]], speed: float
    ) -> None:
        path = self.folder / "x.wav"
        if not path.exists():
            soundfile.write(str(path), speech_like(RATE, 1.0), RATE, subtype="PCM_16")
        whole = Clip.whole(path).changed(touch_up=TouchUp(speed=speed))
        names = [f"{name.replace(chr(0), '')}{n}" for n, (_, _, name) in enumerate(spans)]
        clips = [
            whole,
            *(Clip(path, name, a, min(RATE, a + b)) for name, (a, b, _) in zip(names, spans, strict=True)),
        ]
        made = self.made(clips, receiver(*form), count=2)
        frames = soundfile.info(str(made[0].plan.output)).frames
        cues = cues_in(made[0].plan.output.read_bytes())
        for cue in cues:
            self.assertLess(cue.start, cue.stop)
            self.assertLessEqual(cue.stop, frames)

    def test_names_that_no_file_can_hold_are_written_as_near_as_can_be(self) -> None:
        path = self.folder / "x.wav"
        soundfile.write(str(path), speech_like(RATE, 0.5), RATE, subtype="PCM_16")
        made = self.made([Clip(path, "caf\udce9\0 bar", 4800, 9600)], receiver("pcm_s16", 16_000))
        self.assertEqual(cues_in(made[0].plan.output.read_bytes()), [Cue(0, 1600, "caf? bar")])

    def test_chunks_are_as_long_as_they_say(self) -> None:
        for cues in ([], [Cue(0, 5, "é")], [Cue(0, 5, "ab"), Cue(7, 9, "")]):
            self.assertEqual(bytes_of_cues(cues), len(cue_chunks(cues)) if cues else 0)
