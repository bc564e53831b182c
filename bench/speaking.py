"""Voices: how much faster than real time, what two processes bring over one, how soon a line is heard; and hold music."""

from __future__ import annotations

import statistics
import time
from collections.abc import Callable
from pathlib import Path

import numpy as np
import soundfile

from kittiwake.bundled.music.core.making import make
from kittiwake.bundled.music.core.recipe import HoldRecipe, Part
from kittiwake.core.model.script import Script, ScriptLine
from kittiwake.core.process import Processes, WorkerProcess
from kittiwake.work.speak.engine import all_voices, engines
from kittiwake.work.speak.spoken import path_of, speak_lines, speak_one, wish_of

Figures = dict[str, float]
_WORDS = ("boat", "berth", "quay", "ramp", "lounge", "deck", "ticket", "harbour")


def _script(voice: str, count: int) -> Script:
    lines = (
        f"The {_WORDS[n % 8]} {n} is open for passengers to Skerrow, please go to {_WORDS[n // 8 % 8]} {n + 3}."
        for n in range(count)
    )
    return Script(tuple(ScriptLine(f"line {n}", text) for n, text in enumerate(lines)), voice=voice)


def _took(work: Callable[[], object]) -> float:
    began = time.perf_counter()
    work()
    return time.perf_counter() - began


def speaking(folder: Path, quick: bool) -> Figures:
    """Ratios; the parties take turns."""
    figures: Figures = {}
    for voice, name, count in (
        ("espeak/en-gb", "voice that is always there", 120),
        ("piper/joe", "natural voice", 12 if quick else 40),
    ):
        if voice not in {one.key for one in all_voices()}:
            continue
        script = _script(voice, count)
        key, _, own = voice.partition("/")
        engines()[key].speak("Warm.", own, 1.0)
        began, seconds = time.process_time(), 0.0
        for line in script.lines[: 40 if quick else None]:
            sound, rate = engines()[key].speak(line.text, own, 1.0)
            seconds += len(sound) / rate
        figures[f"{name}: times real time, a core"] = seconds / (time.process_time() - began)
        taken: dict[int, list[float]] = {1: [], 2: []}
        for turn in range(3 if quick else 5):
            for workers in taken:
                into = folder / f"{key} {workers} {turn}"
                taken[workers].append(
                    _took(lambda w=workers, d=into, s=script: list(speak_lines(s.lines, s, d, Processes(w))))
                )
        figures[f"{name}: {count} lines, s"] = statistics.median(taken[2])
        figures[f"{name}: two processes against one (1.8 wanted)"] = statistics.median(taken[1]) / statistics.median(
            taken[2]
        )
        figures[f"{name}: a line heard, warm, s (0.3 wanted)"] = _heard(script, folder / f"{key} heard")
    figures |= _music(folder)
    return figures


def _heard(script: Script, folder: Path) -> float:
    """From asking to the whole sound, in the process that speaks what is to be heard."""
    helper, taken = WorkerProcess(speak_one), []
    for line in script.lines[:8]:
        wish = wish_of(line, script)
        path = path_of(wish, line.name, folder)
        taken.append(_took(lambda w=wish, p=path: helper.ask((w, p))))
    helper.close()
    return statistics.median(taken[1:])


def _music(folder: Path) -> Figures:
    """Three minutes of noise and chords to a loop, ten minutes long."""
    rate, dice = 44_100, np.random.default_rng(1)
    time_ = np.arange(180 * rate) / rate
    sound = 0.1 * np.sin(2 * np.pi * 220 * time_) * (
        1 + np.sin(2 * np.pi * 0.5 * time_)
    ) + 0.02 * dice.standard_normal(len(time_))
    soundfile.write(str(folder / "m.wav"), sound.astype(np.float32), rate)
    recipe = HoldRecipe("x", (Part("m.wav"),), seconds=600)
    return {"hold music: 3 min searched, closed, 10 min made, s": _took(lambda: make(recipe, folder))}
