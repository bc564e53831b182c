"""Speaks a season's announcements in one sitting: forty lines with pauses, two flubs and three coughs. Run by ``./run voices``.

What is spoken where is written beside it, so that cutting can be judged.
"""

from __future__ import annotations

import csv
import json
import sys
from pathlib import Path

import numpy as np
import soundfile
from numpy.typing import NDArray

from kittiwake.core.measure import ActiveLevel

from .record import Piper

Signal = NDArray[np.float32]
FOLDER = Path(__file__).parent / "reading"
RATE = 22_050
#: How far below the active level of a line sound still counts as spoken (dB), in parts of 5 ms.
EDGE_DB = -25.0

#: File name and words of every line.
LINES = (
    ("welcome-spring", "Welcome aboard for the spring season."),
    ("boarding-one", "Boarding at pier one."),
    ("boarding-two", "Boarding at pier two."),
    ("boarding-three", "Boarding at pier three."),
    ("gate-open", "The gate is open."),
    ("gate-closed", "The gate is closed."),
    ("skerrow-eight", "The boat to Skerrow leaves at eight."),
    ("skerrow-noon", "The boat to Skerrow leaves at noon."),
    ("skerrow-six", "The boat to Skerrow leaves at six."),
    ("tarn-holm-nine", "The boat to Tarn Holm leaves at nine."),
    ("tarn-holm-four", "The boat to Tarn Holm leaves at four."),
    ("last-boat", "This is the last boat today."),
    ("delay-fog", "We are delayed by fog."),
    ("delay-swell", "We are delayed by heavy swell."),
    ("delay-ten", "We expect to leave in ten minutes."),
    ("delay-thirty", "We expect to leave in half an hour."),
    ("cancelled", "This sailing is cancelled."),
    ("refund", "Your fare will be paid back at the office."),
    ("car-deck", "Please go to your vehicles now."),
    ("engines-off", "Switch off your engines."),
    ("no-smoking", "Smoking is not allowed on the car deck."),
    ("dogs", "Keep your dog on a lead."),
    ("children", "Hold small children by the hand."),
    ("steps", "Mind the step."),
    ("rail", "Please stand back from the rail."),
    ("jackets", "Life jackets are under the seats."),
    ("muster", "Go to your muster station."),
    ("drill", "This is only a drill."),
    ("drill-over", "The drill is over."),
    ("kiosk-open", "The kiosk on the upper deck is open."),
    ("kiosk-closed", "The kiosk is closed."),
    ("arrival-skerrow", "We are arriving at Skerrow."),
    ("arrival-tarn-holm", "We are arriving at Tarn Holm."),
    ("foot-first", "StatusBar passengers leave first."),
    ("wait-seats", "Please stay in your seats."),
    ("belongings", "Take your belongings with you."),
    ("bus", "The bus waits at the quay."),
    ("taxi", "There are no taxis tonight."),
    ("thanks", "Thank you for sailing with us."),
    ("good-night", "Good night."),
)
#: Before which line what goes wrong: a line begun wrongly, or a cough.
FLUBS = {7: "The boat to Skerrow leaves at nine. No.", 23: "Mind the stop. Sorry."}
COUGHS = (4, 16, 31)


def spoken_part(sound: Signal) -> tuple[int, int]:
    """First frame and the one after the last that count as spoken."""
    meter = ActiveLevel(RATE)
    meter.add(sound)
    least = 10 ** ((meter.result()[0] + EDGE_DB) / 20)
    step = RATE // 200
    parts = sound[: len(sound) // step * step].reshape(-1, step)
    loud = np.flatnonzero(np.sqrt((parts**2).mean(axis=1)) >= least)
    return int(loud[0]) * step, int(loud[-1] + 1) * step


def cough(dice: np.random.Generator) -> Signal:
    """A cough: two bursts of throaty noise, half a second in all, softer than speech."""
    time = np.arange(round(0.45 * RATE)) / RATE
    noise = dice.standard_normal(len(time))
    throat = np.convolve(noise, np.hanning(24) / 12, "same")
    shape = np.exp(-time * 16) + 0.6 * np.exp(-np.clip(time - 0.24, 0, None) * 18) * (time >= 0.24)
    return (0.11 * throat * shape).astype(np.float32)


def record() -> None:
    """Speak the reading, and write it, the list to read from, and where each line is."""
    FOLDER.mkdir(exist_ok=True)
    dice = np.random.default_rng(1888)
    joe = Piper()
    parts: list[Signal] = []
    lines, others = [], []
    at = 0

    def put(sound: Signal) -> int:
        nonlocal at
        parts.append(sound.astype(np.float32))
        at += len(sound)
        return at - len(sound)

    def pause(low: float, high: float) -> None:
        put(np.zeros(round(dice.uniform(low, high) * RATE), np.float32))

    def say(text: str) -> tuple[int, int]:
        sound, rate = joe.say(text)
        assert rate == RATE
        meter = ActiveLevel(RATE)
        meter.add(sound)
        sound = sound * np.float32(10 ** ((-24 + dice.uniform(-2, 2) - meter.result()[0]) / 20))
        first, last = spoken_part(sound)
        begins = put(sound)
        return begins + first, begins + last

    pause(1.5, 1.6)
    for number, (name, text) in enumerate(LINES):
        if number in FLUBS:
            first, last = say(FLUBS[number])
            others.append({"what": "flub", "start": first, "stop": last})
            pause(0.9, 1.6)
        if number in COUGHS:
            sound = cough(dice)
            begins = put(sound)
            others.append({"what": "cough", "start": begins, "stop": begins + len(sound)})
            pause(0.9, 1.6)
        first, last = say(text)
        lines.append({"name": name, "start": first, "stop": last})
        pause(2.0, 3.4)
    whole = np.concatenate(parts)
    whole = whole + dice.standard_normal(len(whole)).astype(np.float32) * np.float32(10 ** (-76 / 20))
    soundfile.write(str(FOLDER / "Season reading.flac"), whole, RATE, subtype="PCM_16")
    with (FOLDER / "Season list.csv").open("w", newline="", encoding="utf-8") as file:
        out = csv.writer(file)
        out.writerow(("name", "text"))
        out.writerows(LINES)
    values = {"rate": RATE, "frames": len(whole), "edge_db": EDGE_DB, "lines": lines, "others": others}
    (FOLDER / "where.json").write_text(json.dumps(values, indent=1), "utf-8")


if __name__ == "__main__":
    record()
    print(f"{sum(p.stat().st_size for p in FOLDER.iterdir()) / 1e6:.2f} MB", file=sys.stderr)
