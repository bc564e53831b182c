"""The stages of a path: their lengths add up, what they touch, and that each says what it does."""

from __future__ import annotations

import unittest
from dataclasses import replace
from functools import lru_cache
from typing import Any

from hypothesis import given, settings
from hypothesis import strategies as st

from kittiwake.core.fit import fit
from kittiwake.core.fit.one_off import with_settings
from kittiwake.core.fit.path import Touch, length_out, touches
from kittiwake.core.model import Clip, Facts, Receiver, TouchUp, load_receiver, shipped_receivers
from tests.sounds import DEMO, looked_at

_SPEECH = DEMO / "Main menu.wav"
_TOUCHED: list[dict[str, Any]] = [
    {"speed": 1.2}, {"pitch": 2.0}, {"remove_dc": True}, {"low_cut": 80.0}, {"without": ((20_000, 30_000),)},
]  # fmt: skip


def facts() -> Facts:
    return looked_at(_SPEECH)


@lru_cache
def receiver(slug: str) -> Receiver:
    return load_receiver(slug)


class TestPath(unittest.TestCase):
    @settings(max_examples=60, deadline=None)
    @given(
        slug=st.sampled_from(sorted(shipped_receivers())),
        speed=st.floats(0.6, 1.8),
        pitch=st.sampled_from((0.0, 0.0, -2.0, 1.5)),
        start=st.integers(0, 40_000),
        length=st.integers(20_000, 120_000),
        cut=st.one_of(st.none(), st.tuples(st.integers(0, 100_000), st.integers(1, 20_000))),
    )
    def test_the_lengths_of_the_stages_add_up_to_that_of_the_output(
        self, slug: str, speed: float, pitch: float, start: int, length: int, cut: tuple[int, int] | None
    ) -> None:
        without = ((cut[0], cut[0] + cut[1]),) if cut else ()
        touch = TouchUp(speed=round(speed, 2), pitch=pitch, without=without)
        clip = Clip(_SPEECH, "x", start=start, stop=start + length, touch_up=touch)
        recipe = fit(clip, facts(), receiver(slug)).recipe
        if recipe is not None:
            self.assertEqual(length_out(recipe), recipe.frames_out)

    def test_what_makes_finer_steps_is_dithered(self) -> None:
        """From 16 bits to 16 at the rate they have: each thing that is done by itself, and what makes none."""
        own = with_settings(receiver("phone-menu-linear"), ("sample_rates=[44100]", "level.measure=leave"))
        clip = Clip.whole(_SPEECH)
        for change, dither in (
            ({}, "if_scaled"), ({"speed": 1.1}, "always"), ({"pitch": 1.0}, "always"), ({"fade_in": 0.1}, "always"), ({"fade_out": 0.1}, "always"),
            ({"low_cut": 80.0}, "always"), ({"without": ((30_000, 40_000),)}, "always"), ({"limiter_db": 2.0}, "always"), ({"loop": 0.2}, "always"),
            ({"skip": 4000, "keep": 60_000}, "if_scaled"), ({"side": "mix"}, "always"), ({"side": "right"}, "if_scaled"), ({"gain_db": -3.0}, "if_scaled"),
        ):  # fmt: skip
            recipe = fit(clip.changed(touch_up=TouchUp(**change)), facts(), own).recipe
            assert recipe is not None
            self.assertEqual((recipe.rate_in, recipe.dither), (recipe.rate_out, dither), change)
        for setting, dither in (
            ("fade_in_seconds=0.1", "always"), ("fade_out_seconds=0.1", "always"), ("presence_db=2", "always"), ("limiter_db=2", "always"), ("loop_seconds=0.2", "always"),
            ("high_pass_hz=60", "always"), ("band=telephone", "always"), ("sample_rates=[16000]", "always"), ("lead_seconds=0.5", "if_scaled"), ("dither=none", "never"),
        ):  # fmt: skip
            recipe = fit(clip, facts(), with_settings(own, (setting,))).recipe
            assert recipe is not None
            self.assertEqual(recipe.dither, dither, setting)

    def test_what_touches_the_sound(self) -> None:
        plain = fit(Clip.whole(_SPEECH), facts(), receiver("master")).recipe
        assert plain is not None
        for changes in _TOUCHED:
            clip = Clip(_SPEECH, "x", touch_up=TouchUp(**changes))
            recipe = fit(clip, facts(), receiver("master")).recipe
            assert recipe is not None
            wanted = Touch.NOTHING if "remove_dc" in changes else Touch.SOUND  # it has no offset worth it
            self.assertGreaterEqual(touches(recipe), wanted, changes)
        untouched = replace(
            plain, take="left", rate_in=plain.rate_out, trimmed=False, lead=0, loop=0, fade_in=0, fade_out=0,
            low_cut=None, high_cut=None, presence_db=0.0, dc_offsets=(),
        )  # fmt: skip
        self.assertIs(touches(untouched), Touch.NOTHING)
        frame: list[dict[str, Any]] = [
            {"take": "mix"}, {"rate_in": 48_000 if plain.rate_out != 48_000 else 16_000},
            {"lead": 1}, {"loop": 1}, {"fade_in": 1}, {"fade_out": 1},
        ]  # fmt: skip
        for changes in frame:
            self.assertIs(touches(replace(untouched, **changes)), Touch.FRAME, changes)
        sound: list[dict[str, Any]] = [
            {"dc_offsets": (0.1,)}, {"presence_db": 1.0}, {"low_cut": 50.0}, {"high_cut": 3400.0}, {"trimmed": True},
            {"speed": 1.1}, {"pitch": 1.0}, {"without": ((0, 5),)}, {"more": (("hum", 1.0),)},
        ]  # fmt: skip
        for changes in sound:
            self.assertIs(touches(replace(untouched, **changes)), Touch.SOUND, changes)
