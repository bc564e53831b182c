"""Tones: frequencies, levels and cadences as their sources say, no click at a join, ends that meet, keys that another decoder reads."""

from __future__ import annotations

import ctypes
import math
import tempfile
from fractions import Fraction
from pathlib import Path
from unittest import mock

import numpy as np
import soundfile
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.signal import zoom_fft

from kittiwake.bundled.tones.core.keys import KEYS, keys_recipe
from kittiwake.bundled.tones.core.making import clip_of_tone, recipe_beside, write_tone
from kittiwake.bundled.tones.core.plan import NAMES, countries, find_recipe, read_recipe, to_toml, tone_for
from kittiwake.bundled.tones.core.recipe import A_LAW, MU_LAW, Segment, ToneError, ToneRecipe, recipe_of
from kittiwake.bundled.tones.core.render import period_of, render
from kittiwake.core.fit import fit
from kittiwake.core.measure import analyze
from kittiwake.core.model import load_receiver
from tests.core.codec.second import library
from tests.sounds import FolderCase
from tests.tones_page import PAGE, page


def strength(sound: np.ndarray, hz: float, rate: int) -> float:
    """Amplitude of a frequency, by Goertzel's sum under a Hann window."""
    window = np.hanning(len(sound) + 2)[1:-1]
    turn = np.exp(-2j * np.pi * hz / rate * np.arange(len(sound)))
    return float(2 * abs(np.sum(sound * window * turn)) / window.sum())


def frequency(sound: np.ndarray, near: float, rate: int) -> float:
    """Where a line near a frequency is strongest, by a chirp z-transform of SciPy."""
    low, high = near * 0.99, near * 1.01
    lines = np.abs(zoom_fft(sound * np.hanning(len(sound)), [low, high], 401, fs=rate))
    return low + (high - low) * int(np.argmax(lines)) / 401


def heard(sound: np.ndarray) -> list[tuple[int, int]]:
    """From where to where there is sound: stretches of more than a few frames of nothing lie between."""
    there = np.flatnonzero(np.abs(sound) > 0)
    parts = np.split(there, np.flatnonzero(np.diff(there) > 20) + 1)
    return [(int(part[0]), int(part[-1]) + 1) for part in parts if len(part)]


class TestPlans(FolderCase):
    def test_what_is_said_of_national_tones(self) -> None:
        # ITU-T E.180 Supplement 2; ANSI T1.401 for the levels of North America; from memory.
        for key, hz, level, cadence in (
            ("us/dial", (350, 440), -13, None), ("us/ringing", (440, 480), -19, (2, 4)), ("us/busy", (480, 620), -24, (0.5, 0.5)),
            ("us/congestion", (480, 620), -24, (0.25, 0.25)), ("gb/dial", (350, 440), -13, None),
            ("gb/ringing", (400, 450), -13, (0.4, 0.2, 0.4, 2.0)), ("gb/busy", (400,), -10, (0.375, 0.375)),
            ("de/dial", (425,), -10, None), ("de/ringing", (425,), -10, (1, 4)), ("de/busy", (425,), -10, (0.48, 0.48)),
            ("fr/dial", (440,), -10, None), ("fr/ringing", (440,), -10, (1.5, 3.5)), ("fr/busy", (440,), -10, (0.5, 0.5)),
        ):  # fmt: skip
            tone = tone_for(key)
            self.assertEqual((tone.segments[0].hz, tone.segments[0].level), (hz, (level,)), key)
            self.assertEqual(tone.endless, cadence is None, key)
            if cadence:
                self.assertEqual(tuple(one.seconds for one in tone.segments), cadence, key)
        special = tone_for("de/special").segments
        self.assertEqual([one.hz for one in special], [(950,), (1400,), (1800,), ()])
        self.assertEqual([one.seconds for one in special[:3]], [0.33] * 3)

    def test_at_least_twelve_countries_each_with_every_tone_and_its_source(self) -> None:
        self.assertGreaterEqual(len(countries()), 14)
        for country in countries().values():
            self.assertEqual(set(country.tones), set(NAMES), country.key)
            for tone in country.tones.values():
                self.assertIn("memory", tone.source)

    def test_every_tone_has_its_frequencies_levels_and_cadence_in_its_sound(self) -> None:
        for country in countries().values():
            for tone in country.tones.values():
                sound, at = render(tone), Fraction(0)
                places = []
                for segment in tone.segments:
                    first, at = round(at), at + Fraction(str(segment.seconds)) * tone.rate
                    part = sound[first : round(at)]
                    if not segment.hz:
                        self.assertFalse(part.any(), tone.key)
                        continue
                    places.append((first, round(at)))
                    middle = part[len(part) // 8 : len(part) - len(part) // 8]
                    for number, hz in enumerate(segment.hz if not segment.by and len(middle) > 400 else ()):
                        self.assertAlmostEqual(frequency(middle, hz, tone.rate) / hz, 1, delta=0.001, msg=tone.key)
                        level = 20 * math.log10(strength(middle, hz, tone.rate)) + tone.full_scale
                        self.assertAlmostEqual(level, segment.level_of(number), delta=0.1, msg=tone.key)
                if not tone.endless:
                    merged = [places[0]]
                    for first, last in places[1:]:
                        merged = (
                            [*merged[:-1], (merged[-1][0], last)]
                            if first == merged[-1][1]
                            else [*merged, (first, last)]
                        )
                    for (first, last), (one, other) in zip(heard(sound), merged, strict=True):
                        # A ramp begins and ends below the finest step.
                        self.assertTrue(
                            0 <= first - one <= 2 and 0 <= other - last <= 2, (tone.key, first, one, last, other)
                        )
                    self.assertEqual(len(sound), round(at), tone.key)


class TestPage(FolderCase):
    def test_it_says_what_the_plans_say(self) -> None:
        self.assertEqual(PAGE.read_text("utf-8"), page(), "renew it with ./run formats")


class TestRendering(FolderCase):
    def test_levels_are_those_of_the_recommendation(self) -> None:
        # ITU-T G.711: a sine at full scale is +3.14 dBm0 in A-law, +3.17 dBm0 in µ-law.
        for scale in (A_LAW, MU_LAW):
            tone = ToneRecipe("x", (Segment((1000.0,), (scale,), 1.0),), full_scale=scale, ramp=0)
            self.assertAlmostEqual(float(np.abs(render(tone)).max()), 1.0, places=6)
        pair = ToneRecipe("x", (Segment((941.0, 1477.0), (-8.0, -5.5), 1.0),))
        sound = render(pair)
        low, high = (20 * math.log10(strength(sound, hz, 8000)) for hz in (941, 1477))
        self.assertAlmostEqual(high - low, 2.5, delta=0.02)
        dbfs = ToneRecipe("x", (Segment((1000.0,), (-20.0,), 1.0),), unit="dBFS")
        self.assertAlmostEqual(20 * math.log10(strength(render(dbfs), 1000, 8000)), -20, delta=0.02)

    def test_modulated_tones_keep_their_power(self) -> None:
        plain = ToneRecipe("x", (Segment((400.0,), (-10.0,), 2.0),), ramp=0)
        swung = ToneRecipe("x", (Segment((400.0,), (-10.0,), 2.0, by=16.0),), ramp=0)
        powers = [float(np.mean(render(one) ** 2)) for one in (plain, swung)]
        self.assertAlmostEqual(powers[0], powers[1], delta=0.001 * powers[0])
        carrier, side = (strength(render(swung), hz, 8000) for hz in (400, 416))
        self.assertAlmostEqual(side / carrier, 0.5, delta=0.01)

    def test_no_click_at_a_join(self) -> None:
        # A hard edge puts power far from the tone; ramps of 3 ms leave 60 dB less than the tone 2 kHz away from it.
        for ramp, quiet in ((0.003, True), (0.0, False)):
            tone = ToneRecipe("x", (Segment((425.0,), (-10.0,), 0.48), Segment(seconds=0.48)), ramp=ramp, repeats=5)
            spectrum = np.abs(np.fft.rfft(render(tone)))
            far = spectrum[len(spectrum) * 6 // 10 :].max() / spectrum.max()
            self.assertEqual(20 * math.log10(far) < -80, quiet, (ramp, 20 * math.log10(far)))

    def test_what_goes_on_closes_on_whole_periods(self) -> None:
        for country in countries().values():
            tone = country.tones["dial"]
            if tone.endless:
                once = render(tone)
                self.assertEqual(len(once) % period_of(tone, tone.segments[0]), 0, tone.key)
                longer = render(tone.changed(seconds=len(once) * 3 / tone.rate))
                self.assertLess(float(np.abs(np.tile(once, 3) - longer).max()), 1e-9, tone.key)

    @settings(max_examples=60, deadline=None)
    @given(
        st.lists(st.tuples(st.booleans(), st.integers(1, 700)), min_size=1, max_size=8),
        st.sampled_from([8000, 11_025, 16_000, 44_100, 48_000]),
        st.integers(1, 5),
    )
    def test_lengths_are_exact_however_parts_are_cut(
        self, parts: list[tuple[bool, int]], rate: int, times: int
    ) -> None:
        segments = tuple(
            Segment((440.0,) if on else (), (-10.0,) if on else (), thousandths / 1000) for on, thousandths in parts
        )
        tone = ToneRecipe("x", segments, rate=rate, repeats=times)
        once = round(Fraction(sum(thousandths for _, thousandths in parts), 1000) * rate)
        self.assertEqual(len(render(tone)), once * times)
        self.assertEqual(recipe_of({**tone.to_dict()}), tone)

    def test_joined_with_other_tones_words_and_sounds(self) -> None:
        self.write("jingle.wav", 0.4 * np.sin(2 * np.pi * 600 / 16_000 * np.arange(16_000)), 16_000)
        recipe = ToneRecipe("all", (
            Segment(tone="gb/busy", times=2), Segment(seconds=0.25), Segment(say="The line is busy."), Segment(play="jingle.wav", level=(-20.0,), seconds=2.5),
        ))  # fmt: skip
        path = write_tone(recipe, self.folder)
        sound, rate = soundfile.read(str(path))
        busy = render(tone_for("gb/busy"))
        self.assertEqual(rate, 8000)
        self.assertLess(float(np.abs(sound[:6000] - busy).max()), 1e-6)
        self.assertLess(float(np.abs(sound[6000:12_000] - busy).max()), 1e-6)
        self.assertAlmostEqual(20 * math.log10(strength(sound[-16_000:-8000], 600, 8000)) + A_LAW, -20, delta=0.1)
        self.assertEqual(recipe_beside(path), recipe)
        before = path.stat().st_mtime_ns
        self.assertEqual((write_tone(recipe, self.folder), path.stat().st_mtime_ns), (path, before))

    def test_an_hour_and_no_longer(self) -> None:
        one = {"name": "x", "rate": 8000, "segment": [{"hz": [400], "level": -10, "seconds": 1}]}
        with mock.patch("kittiwake.bundled.tones.core.render.MOST_SECONDS", 3):
            self.assertEqual(len(render(recipe_of({**one, "repeats": 3}))), 24_000)
            with self.assertRaisesRegex(ToneError, "longer than an hour"):
                render(recipe_of({**one, "repeats": 4}))

    def test_tones_of_tones_four_deep(self) -> None:
        tones = {"0": recipe_of({"name": "0", "segment": [{"hz": [400], "level": -10, "seconds": 1}]})}
        for n in range(1, 6):
            tones[str(n)] = recipe_of({"name": str(n), "segment": [{"tone": str(n - 1)}]})
        np.testing.assert_array_equal(render(tones["4"], lookup=tones.__getitem__), render(tones["0"]))
        with self.assertRaisesRegex(ToneError, "stands for itself"):
            render(tones["5"], lookup=tones.__getitem__)

    def test_what_is_wrong_is_a_sentence(self) -> None:
        good = {"name": "x", "segment": [{"hz": [400], "level": -10, "seconds": 1}]}
        self.assertEqual(recipe_of(good).segments[0].hz, (400.0,))
        for change, expected in (
            ({"name": ""}, "name"), ({"segment": []}, "segment"), ({"rate": 8001}, "rate"), ({"unit": "V"}, "unit"), ({"colour": 1}, "colour"),
            ({"segment": [{"hz": [400], "seconds": 1}]}, "how loud"), ({"segment": [{"hz": [400], "level": -10}]}, "how long"),
            ({"segment": [{"hz": [5000], "level": -10, "seconds": 1}]}, "do not fit"), ({"segment": [{"hz": [400, 500], "level": 0, "seconds": 1}]}, "full scale"),
            ({"segment": [{"hz": [1, 2, 3, 4, 5], "level": -10, "seconds": 1}]}, "at most 4"), ({"segment": [{"tone": "a", "say": "b"}]}, "only one"),
            ({"segment": [{"hz": [400, 500], "level": [-10, -10, -10], "seconds": 1}]}, "one for each"), ({"segment": [7]}, "table"),
            ({"repeats": True}, "repeats"), ({"endless": 1}, "true or false"),
        ):  # fmt: skip
            with self.assertRaises(ToneError, msg=str(change)) as raised:
                recipe_of({**good, **change})
            self.assertIn(expected, str(raised.exception))
        loop = self.folder / "loop.toml"
        loop.write_text("name = 1", "utf-8")
        for wrong in ("xx/dial", "gb/x", "keys:", "keys:x", str(loop), str(self.folder / "no.toml")):
            with self.assertRaises(ToneError):
                find_recipe(wrong)
        itself = ToneRecipe("x", (Segment(tone="me"),))
        with self.assertRaises(ToneError):
            render(itself, lookup=lambda _: itself)
        with self.assertRaises(ToneError):
            render(ToneRecipe("x", (Segment(seconds=3000.0),), repeats=2))
        with self.assertRaises(ToneError):
            write_tone(ToneRecipe("x", (Segment(play="no.wav"),)), self.folder)
        saved = self.folder / "t.toml"
        saved.write_text(to_toml(tone_for("us/ringing")), "utf-8")
        self.assertEqual(read_recipe(saved), tone_for("us/ringing"))

    def test_no_receiver_changes_its_level_its_pauses_or_its_band(self) -> None:
        tone = tone_for("de/ringing")
        clip = clip_of_tone(tone, write_tone(tone, self.folder))
        facts = analyze(clip.source)
        for slug in ("phone-menu", "deck-radio", "quay-beacon", "speech-engine", "hold-music"):
            found = fit(clip, facts, load_receiver(slug))
            assert found.recipe, slug
            self.assertEqual(found.recipe.level, "leave", slug)
            self.assertIsNone(found.recipe.low_cut, slug)
            self.assertAlmostEqual(
                found.recipe.seconds - found.recipe.lead / found.recipe.rate_out, 5.0, places=9, msg=slug
            )


def decoded(sound: np.ndarray) -> str:
    """The keys that libspandsp hears."""
    found = library("libspandsp.so.2")
    found.dtmf_rx_init.restype = ctypes.c_void_p
    state = ctypes.c_void_p(found.dtmf_rx_init(None, None, None))
    samples = np.ascontiguousarray(np.round(sound * 32767), np.int16)
    heard_keys = ""
    for at in range(0, len(samples), 160):
        block = samples[at : at + 160]
        found.dtmf_rx(state, block.ctypes.data_as(ctypes.c_void_p), len(block))
        buffer = ctypes.create_string_buffer(64)
        found.dtmf_rx_get(state, buffer, 63)
        heard_keys += buffer.value.decode()
    return heard_keys


def sent(sound: np.ndarray, form: str) -> np.ndarray:
    """Through a codec of libsndfile, which is not that of this project."""
    with tempfile.TemporaryDirectory() as folder:
        path = str(Path(folder) / "x.wav")
        soundfile.write(path, sound, 8000, format="WAV", subtype=form)
        return soundfile.read(path)[0]


def concealed(sound: np.ndarray, seed: int, share: float = 0.01) -> np.ndarray:
    """With a share of packets of 10 ms lost by chance, and concealed."""
    found, dice = library("libspandsp.so.2"), np.random.default_rng(seed)
    found.plc_init.restype = ctypes.c_void_p
    state = ctypes.c_void_p(found.plc_init(None))
    samples = np.ascontiguousarray(np.round(sound * 32767), np.int16)
    for at in range(0, len(samples) - 79, 80):
        block = samples[at : at + 80]
        work = found.plc_fillin if dice.random() < share else found.plc_rx
        work(state, block.ctypes.data_as(ctypes.c_void_p), len(block))
    return samples / 32767


class TestKeys(FolderCase):
    sound = render(keys_recipe(KEYS))

    def test_a_decoder_from_elsewhere_reads_all_sixteen(self) -> None:
        self.assertEqual(len(KEYS), 16)
        self.assertEqual(decoded(self.sound), KEYS)

    def test_through_codecs_and_with_packets_lost(self) -> None:
        for form in ("ULAW", "ALAW", "GSM610"):
            self.assertEqual(decoded(sent(self.sound, form)), KEYS, form)
        # One packet of 10 ms in a hundred is lost, and filled in as receivers do that, by the concealment of libspandsp.
        for form in ("ULAW", "GSM610"):
            carried = sent(self.sound, form)
            read = [decoded(concealed(carried, seed)) for seed in range(20)]
            self.assertEqual(read, [KEYS] * 20, form)

    def test_frequencies_are_those_of_the_recommendation(self) -> None:
        # ITU-T Q.23: 697 to 941 Hz by rows, 1209 to 1633 Hz by columns, each within 1.8 %.
        for key, low, high in (
            ("1", 697, 1209),
            ("5", 770, 1336),
            ("#", 941, 1477),
            ("D", 941, 1633),
            ("c", 852, 1633),
        ):
            sound = render(keys_recipe(key, on=0.5))[200:3800]
            for hz in (low, high):
                self.assertAlmostEqual(frequency(sound, hz, 8000) / hz, 1, delta=0.001)
        self.assertEqual(len(render(keys_recipe("1,2"))), 8000 * 2 + 3200)
