"""Every tone that ships, and recipes that are odd, held as tables."""

from __future__ import annotations

import unittest
from typing import Any

import numpy as np

from kittiwake.bundled.tones.core.keys import keys_recipe, pair_of
from kittiwake.bundled.tones.core.plan import countries, find_recipe, to_toml, tone_for, tone_keys
from kittiwake.bundled.tones.core.rates import at_rate, rate_for
from kittiwake.bundled.tones.core.recipe import Segment, recipe_of
from kittiwake.bundled.tones.core.render import period_of, render
from kittiwake.bundled.tones.core.words import (
    level_in_words,
    seconds_in_words,
    sounds_in_words,
    with_level,
    with_seconds,
    with_sounds,
)
from kittiwake.core.errors import KittiwakeError
from kittiwake.core.model import shipped_receivers
from tests.approved import approve


def said(work: Any, *given: Any) -> Any:
    try:
        return work(*given)
    except KittiwakeError as error:
        return str(error)


def described(sound: Any) -> list[Any]:
    sound = np.asarray(sound, np.float64)
    return [
        len(sound),
        float(np.abs(sound).max(initial=0)),
        float(np.sqrt(np.mean(sound**2))) if len(sound) else 0.0,
        sound[:: max(1, len(sound) // 7)][:8],
    ]


class TestApproved(unittest.TestCase):
    def test_tones(self) -> None:
        found: dict[str, Any] = {"countries": {key: [one.name, list(one.tones)] for key, one in countries().items()}}
        for key in tone_keys():
            recipe = tone_for(key)
            found[key] = [
                described(render(recipe)),
                [
                    [one.kind, sounds_in_words(one), level_in_words(one), seconds_in_words(one)]
                    for one in recipe.segments
                ][:3],
            ]
            if recipe.endless:
                found[key].append(period_of(recipe, recipe.segments[0]))
        for key in "0123456789*#ABCD":
            found[f"pair {key}"] = pair_of(key)
        found["keys"] = [described(render(keys_recipe(keys))) for keys in ("1", "12", "1,2", "*#")]
        found["rate"] = [rate_for([one]) for one in list(shipped_receivers().values())[::3]]
        found["at rate"] = [described(render(at_rate(tone_for(tone_keys()[0]), rate))) for rate in (16_000, 44_100)]
        approve(self, "tones", found)

    def test_recipes(self) -> None:
        found: dict[str, Any] = {}
        one = {"hz": [440], "seconds": 0.2, "level": -10}
        cases: tuple[dict[str, Any], ...] = (
            {"segment": [one]}, {"segment": []}, {}, {"segment": [{**one, "hz": []}]}, {"segment": [{**one, "hz": [1, 2, 3, 4, 5]}]}, {"segment": [{**one, "hz": [9000]}]}, {"segment": [{**one, "level": 20}]}, {"segment": [{**one, "level": [-10, -13], "hz": [440, 480]}]}, {"segment": [{**one, "seconds": -1}]}, {"segment": [{"seconds": 0.1}, one]},
            {"segment": [one], "repeats": 3}, {"segment": [one], "seconds": 0.5}, {"segment": [one], "endless": True}, {"segment": [one, one], "endless": True}, {"segment": [one], "rate": 300}, {"segment": [one], "rate": 44_100}, {"segment": [one], "ramp": 0.5}, {"segment": [one], "unit": "dBFS"}, {"segment": [one], "unit": "dBx"}, {"segment": [{**one, "by": 20}]}, {"segment": [{**one, "by": -3}]},
            {"segment": [{"say": "Hello"}]}, {"segment": [{"play": "a.wav", "seconds": 1}]}, {"segment": [{"tone": "gb/ringing"}]}, {"segment": [{"tone": "xx/none"}]}, {"segment": [{**one, "say": "x"}]}, {"segment": 3}, {"segment": [3]}, {"segment": [{**one, "odd": 1}]}, {"segment": [one], "full_scale": 3.17}, {"segment": [{**one, "hz": [440, 441], "level": 0}]}, {"segment": [one], "odd": 3}, {"segment": [one], "name": 3},
        )  # fmt: skip
        for n, case in enumerate(cases):
            recipe = said(recipe_of, {"name": "T", **case})
            if isinstance(recipe, str):
                found[f"{n}"] = recipe
                continue
            sound = said(render, recipe)
            found[f"{n}"] = [to_toml(recipe), sound if isinstance(sound, str) else described(sound), recipe.dbfs(-10)]
        base = Segment(hz=(440.0, 480.0), level=(-10.0,), seconds=1.0)
        for text in (
            "440",
            "440 + 480",
            "440 × 20",
            "–",
            "silence",
            "440, 480",
            "x",
            "",
            "350+440 × 12",
            "say Hello",
            "1e9",
        ):
            found[f"sounds {text}"] = str(said(with_sounds, base, text))
        bare = Segment(hz=(440.0,), level=(-10.0,))
        for text in ("silence", "350 + 440", "play: a.wav", "say: Hello", "tone: gb/ringing"):
            found[f"bare {text}"] = str(said(with_sounds, bare, text))
        for text in ("-10", "−13", "-10, -13", "x", "", "5 dB", "-10 dBm0"):
            found[f"level {text}"] = str(said(with_level, base, text))
        for text in ("0.5", "1,5 s", "500 ms", "x", "", "-1", "endless"):
            found[f"seconds {text}"] = str(said(with_seconds, base, text))
        for text in ("gb/ringing", "ringing", "xx/busy", "keys:123", "keys:x", "440+480", "", "nowhere.toml"):
            got = said(find_recipe, text)
            found[f"find {text}"] = got if isinstance(got, str) else to_toml(got)
        approve(self, "recipes", found)
