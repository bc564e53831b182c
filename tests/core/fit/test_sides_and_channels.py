"""Which channel is taken, and how many are mixed: nothing is lost that is heard, and what holds nothing does not count."""

from __future__ import annotations

from functools import cached_property
from pathlib import Path

import av
import numpy as np
import soundfile

from kittiwake.core.fit import fit
from kittiwake.core.make import make_output
from kittiwake.core.make.output import OutputPlan
from kittiwake.core.measure import analyze
from kittiwake.core.model import Clip, load_receiver
from kittiwake.core.model.downmix import downmixed, shares
from tests.sounds import FolderCase, noise, rms, speech_like

RATE = 48_000
VOICE = speech_like(RATE, 2.0, dbov=-24)
HISS = noise(RATE, 2.0, -45.0)
HUM = (0.01 * np.sin(2 * np.pi * 50 * np.arange(2 * RATE) / RATE)).astype(np.float32)
NOTHING = np.zeros_like(VOICE)


def masked(path: Path, sound: np.ndarray, layout: str, codec: str = "pcm_s24le") -> None:
    """Write [shape=(channels, frames)] by libav, with what it notes of the layout."""
    with av.open(str(path), "w") as file:
        stream = file.add_stream(codec, rate=RATE, layout=layout)
        sample = "s32" if codec == "pcm_s24le" else "flt"
        plain = np.round(sound * 2**31).clip(-(2**31), 2**31 - 256) if sample == "s32" else sound
        packed = plain.astype(np.int32 if sample == "s32" else np.float32).T.reshape(1, -1)
        step = stream.codec_context.frame_size or 4096
        for at in range(0, sound.shape[1], step):
            part = np.ascontiguousarray(packed[:, at * len(sound) : (at + step) * len(sound)])
            frame = av.AudioFrame.from_ndarray(part, format=sample, layout=layout)
            frame.sample_rate = RATE
            file.mux(stream.encode(frame))
        file.mux(stream.encode(None))


def db(value: float) -> float:
    return float(20 * np.log10(max(value, 1e-9)))


class TestDownmix(FolderCase):
    def test_shares_are_those_of_bs_775(self) -> None:
        """ITU-R BS.775-3, annex 4, table 2: centre and surround to left and right at −3 dB; here divided by their sum, so that nothing is clipped."""
        left, right = shares(6, 2)
        np.testing.assert_allclose(left / left[0], [1, 0, 0.7071, 0, 0.7071, 0], atol=1e-4)
        np.testing.assert_allclose(right / right[1], [0, 1, 0.7071, 0, 0, 0.7071], atol=1e-4)
        for channels in range(1, 17):
            for wanted in (1, 2):
                rows = shares(channels, wanted)
                self.assertAlmostEqual(float(rows.sum(axis=1).max()), 1.0, 5)
                self.assertTrue((rows >= 0).all())
        full = np.ones((6, 4), np.float32)
        self.assertLessEqual(float(np.abs(downmixed(full, 2)).max()), 1.0 + 1e-6)

    def made(
        self, name: str, *channels: np.ndarray, slug: str = "phone-menu", level: bool = False
    ) -> tuple[np.ndarray, list[str]]:
        """What is made of a file with these channels at its own level, and the steps of its path."""
        path = self.folder / f"{name}.wav"
        soundfile.write(path, np.stack(channels, axis=1), RATE, subtype="PCM_24")
        receiver = load_receiver(slug)
        if not level:
            receiver = receiver.changed(
                treatment=receiver.treatment.changed(level=receiver.treatment.level.changed(measure="leave"))
            )
        clip, facts = Clip.whole(path), analyze(path)
        found = fit(clip, facts, receiver)
        done = make_output(OutputPlan(clip, facts, found, receiver, self.folder / name / "out.wav"))
        self.assertEqual(done.status, "made", done.error)
        return soundfile.read(Path(done.output or ""), always_2d=True)[0], [
            f"{step.what} ({step.reason})" for step in found.steps
        ]

    def test_the_centre_is_heard_in_two_channels(self) -> None:
        """5.1 with the voice in the centre, as films have it, and 3 to 8 channels."""
        for count in range(3, 9):
            if count == 4:
                continue  # left, right and what is behind: there is no centre
            with self.subTest(channels=count):
                channels = [HISS * 0.3] * count
                channels[2] = VOICE
                sound, steps = self.made(f"c{count}", *channels, slug="editing-copy")
                self.assertEqual(sound.shape[1], 2)
                self.assertGreater(db(rms(sound[:, 0])), db(rms(VOICE)) - 14)
                np.testing.assert_allclose(sound[:, 0], sound[:, 1], atol=0.02)
                self.assertTrue(any("BS.775" in step and "centre" in step for step in steps), steps)

    def test_the_loudspeakers_that_a_file_states_are_those_that_are_mixed(self) -> None:
        """WAVE_FORMAT_EXTENSIBLE masks (Microsoft, mmreg.h), and files by libav: the centre is heard in both and fully in one, low frequencies in none."""
        for layout in (
            "5.1",
            "5.1(side)",
            "5.0",
            "4.0",
            "3.1",
            "2.1",
            "3.0(back)",
            "quad",
            "6.1",
            "7.1",
            "7.1(wide)",
        ):
            names = [one.name for one in av.AudioLayout(layout).channels]
            for name in ("FC", "LFE", "FR"):
                if name not in names:
                    continue
                with self.subTest(layout=layout, channel=name):
                    path = self.folder / f"{layout} {name}.wav"
                    sound = np.stack([HISS * 0.1] * len(names))
                    sound[names.index(name)] = VOICE
                    masked(path, sound, layout)
                    facts = analyze(path)
                    assert facts.header
                    stated = facts.header.speakers
                    self.assertIn(stated, ((), tuple(names)))
                    left, right = shares(len(names), 2, (), stated)[:, names.index(name)]
                    one = shares(len(names), 1, (), stated)[0, names.index(name)]
                    if name == "LFE":
                        self.assertEqual((left, right, one), (0, 0, 0))
                    elif name == "FC":
                        self.assertEqual(left, right)
                        self.assertEqual(one, shares(len(names), 1, (), stated)[0].max())
                    else:
                        self.assertEqual(left, 0)
                        self.assertGreater(right, 0.25)

    def test_the_order_of_channels_in_ogg(self) -> None:
        """RFC 7845, 5.1.1.2: left, centre, right; libsndfile leaves that order as it is."""
        path = self.folder / "centre.opus"
        sound = np.stack([HISS * 0.01] * 6)
        sound[2] = VOICE  # as libav orders 5.1
        masked(path, sound, "5.1", "libopus")
        facts = analyze(path)
        assert facts.header and facts.measures
        found = fit(Clip.whole(path), facts, load_receiver("phone-menu-linear"))
        done = make_output(
            OutputPlan(Clip.whole(path), facts, found, load_receiver("phone-menu-linear"), self.folder / "out.raw")
        )
        self.assertEqual(done.status, "made", done.error)
        loudest = max(
            (name for name in facts.measures.levels if name != "mix"),
            key=lambda name: facts.measures.levels[name].rms,
        )  # type: ignore[union-attr]
        at = ("left", "right", "ch3").index(loudest)
        names = facts.header.speakers or ("FL", "FR", "FC", "LFE", "BL", "BR")
        self.assertEqual(names[at], "FC")

    @cached_property
    def alone(self) -> float:
        """The level of what is made of the voice by itself, dB."""
        return db(rms(self.made("alone", VOICE)[0]))

    def test_channels_that_hold_nothing_do_not_count(self) -> None:
        for name, at, count in (
            ("one of four", 3, 4),
            ("only a centre", 2, 6),
            ("the first of eight", 0, 8),
            ("low frequencies only", 3, 6),
        ):
            with self.subTest(name):
                channels = [NOTHING] * count
                channels[at] = VOICE
                sound, steps = self.made(name, *channels)
                self.assertAlmostEqual(db(rms(sound)), self.alone, delta=0.6)
                self.assertTrue(any("only this one holds anything" in step for step in steps), steps)
        sound, steps = self.made("front of six", VOICE, VOICE, NOTHING, NOTHING, NOTHING, NOTHING)
        self.assertAlmostEqual(db(rms(sound)), self.alone, delta=0.6)
        self.assertTrue(any("4 silent ones do not count" in step for step in steps), steps)

    def test_a_side_that_holds_only_noise_is_none(self) -> None:
        for name, other in (
            ("hiss at -45", HISS),
            ("hiss at -34", noise(RATE, 2.0, -34.0)),
            ("hiss at -60", noise(RATE, 2.0, -60.0)),
            ("hum", HUM),
        ):
            for turned in (False, True):
                with self.subTest(name, turned=turned):
                    both = (other, VOICE) if turned else (VOICE, other)
                    sound, steps = self.made(f"{name} {turned}", *both)
                    self.assertAlmostEqual(db(rms(sound)), self.alone, delta=0.6)
                    self.assertTrue(any("silent, or holds only noise" in step for step in steps), steps)
        # Two that speak in turn, or music beside a voice, are two.
        half = len(VOICE) // 2
        one, two = VOICE.copy(), speech_like(RATE, 2.0, dbov=-30, seed=9)
        one[half:], two[:half] = 0, 0
        self.assertEqual(analyze(self.stereo("turns", one, two)).measures.sides, "different")  # type: ignore[union-attr]

    def stereo(self, name: str, left: np.ndarray, right: np.ndarray) -> Path:
        path = self.folder / f"{name}.wav"
        soundfile.write(path, np.stack([left, right], axis=1), RATE, subtype="PCM_24")
        return path

    def test_sides_that_are_the_same_but_for_a_level_nobody_hears(self) -> None:
        facts = analyze(self.stereo("softer", VOICE, VOICE * np.float32(0.98)))
        assert facts.measures
        self.assertEqual(facts.measures.sides, "identical")
        receiver = load_receiver("phone-menu")
        self.assertEqual(fit(Clip.whole(facts.path), facts, receiver).verdict, "convert")
