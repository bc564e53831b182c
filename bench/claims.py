"""The figures of quality that stand in ``docs/``, measured again: ``./run claims [PART ...]``.

Each part prints a table and what it was measured on. The tests hold the same things to limits; this tells the figures themselves.
"""

from __future__ import annotations

import csv
import os
import sys
import tempfile
from collections.abc import Callable
from pathlib import Path

import numpy as np
import pystoi
import soundfile
import soxr

from kittiwake.core.batch import plan_outputs
from kittiwake.core.ear.listener import Listener
from kittiwake.core.fit import fit
from kittiwake.core.make import make_output
from kittiwake.core.measure import analyze
from kittiwake.core.measure.level import ActiveLevel
from kittiwake.core.measure.tops import broad_tops
from kittiwake.core.model import Clip, TouchUp, shipped_receivers
from kittiwake.core.packets.conceal import FRAME, concealed
from tests.core.codec import second
from tests.core.make.test_touch_up import PLAIN, RATE, pitch_of
from tests.core.measure.test_level import measured, stretches
from tests.core.measure.test_tops import loudest
from tests.sounds import Signal, db, really_spoken, rms, sine, spoken
from tests.work.cut import test_find as reading

VOICES: dict[str, Callable[[int], Signal]] = {"a real voice": really_spoken, "a synthetic voice": spoken}


def made(folder: Path, sound: Signal, rate: int, touch_up: TouchUp) -> Signal:
    """What the application makes of a sound with a touch-up, as floats at its own rate."""
    path = folder / "x.wav"
    soundfile.write(str(path), sound, rate, subtype="FLOAT")
    clip = Clip.whole(path).changed(touch_up=touch_up)
    facts = analyze(path)
    one = make_output(plan_outputs([(clip, facts, fit(clip, facts, PLAIN))], PLAIN, folder / "out")[0])
    assert one.status == "made", one.error
    out: Signal = soundfile.read(str(one.plan.output), dtype="float32")[0]
    return out


def level(folder: Path) -> None:
    """ITU-T P.56 against the recommendation word by word."""
    off: list[float] = []
    for voice in VOICES.values():
        for rate in (8000, 48_000):
            for part, true in stretches(voice(rate), rate, (0.25, 0.5, 1.0, 2.0, 4.0), (0.35, 0.9, 2.0)):
                off.append(abs(measured(part, rate)[0] - true))
    print(f"{len(off)} stretches of 0.25 to 4 s of a real and a synthetic voice, 8 and 48 kHz:")
    print(f"level off by at most {max(off):.4f} dB, median {np.median(off):.4f} dB")


def tempo(folder: Path) -> None:
    """Speed and pitch on a tone; speech there and back."""
    tone = sine(440, RATE, 4, -12)
    middle = slice(RATE, 3 * RATE)
    for what, values in (("speed", (0.85, 0.92, 1.07, 1.15)), ("pitch", (-6.0, -4.0, -1.5, 0.5, 3.0, 6.0))):
        lengths, cents, levels, jumps = [], [], [], []
        for value in values:
            out = made(folder, tone, RATE, TouchUp(**{what: value}))
            wanted = len(tone) / value if what == "speed" else len(tone)
            lengths.append(abs(len(out) - wanted))
            cents.append(abs(1200 * np.log2(pitch_of(out) / 440) - (100 * value if what == "pitch" else 0)))
            levels.append(abs(db(rms(out[middle])) - db(rms(tone[middle]))))
            inner = out[RATE // 4 : -RATE // 4]
            parts = inner[: len(inner) // 4800 * 4800].reshape(-1, 4800)
            jumps.append(float(np.abs(np.diff(10 * np.log10((parts**2).mean(axis=1)))).max()))
        print(f"{what} {', '.join(f'{v:g}' for v in values)}, a tone of 440 Hz at {RATE} Hz: at most", end=" ")
        print(
            f"{max(lengths):.2f} frames, {max(cents):.2f} cents, {max(levels):.3f} dB; between tenths of a second",
            end=" ",
        )
        print(f"{max(jumps):.2f} dB")
    for name, voice in VOICES.items():
        x = voice(RATE)[: 5 * RATE]
        reported = []
        for speed in (0.7, 0.85, 0.95, 1.05, 1.15, 1.3):
            back = made(folder, made(folder, x, RATE, TouchUp(speed=speed)), RATE, TouchUp(speed=1 / speed))
            count = min(len(x), len(back))
            reported.append(f"{speed:g}: {pystoi.stoi(x[:count], back[:count], RATE):.3f}")
        print(f"STOI of {name} there and back, {', '.join(reported)}")


def finder(folder: Path) -> None:
    """Lines found in the demo reading, in noise. One synthetic voice."""
    known = reading.Reading()
    print("noise below speech | found | other speech | coughs | start: min, median, max | end | within 30 ms, of 80")
    for below in reading.NOISES:
        late, missing, extra, other = reading.errors(known, below)
        starts, stops = np.array(late).T
        near = int((np.abs(starts) <= 30).sum() + (np.abs(stops) <= 30).sum())
        parts = [f"{x.min():.0f}, {np.median(x):.0f}, {x.max():.0f}" for x in (starts, stops)]
        print(f"{below} dB | {40 - len(missing)} | {extra} | {other} | {parts[0]} | {parts[1]} | {near}")


def ear(folder: Path) -> None:
    """Names suggested by ear in the demo reading, in noise. One synthetic voice."""
    known = reading.Reading()
    lines = known.where["lines"]
    with (reading.READING / "Season list.csv").open(encoding="utf-8") as file:
        reported = list(csv.DictReader(file))
    names = [line["name"] for line in reported]
    listener = Listener([line["text"] for line in reported])
    air = round(0.1 * known.rate)

    def heard(sound: Signal, one: dict[str, int]) -> int | None:
        return listener.which(sound[one["start"] - air : one["stop"] + air], known.rate)

    print("noise below speech | right | none heard | wrong | flubs heard as a line | coughs heard as a line")
    for below in (None, 30, 20, 10, 5):
        sound = known.sound if below is None else known.in_room(below)
        places = [heard(sound, line) for line in lines]
        right = sum(
            place is not None and names[place] == line["name"] for place, line in zip(places, lines, strict=True)
        )
        others = {
            what: sum(heard(sound, o) is not None for o in known.where["others"] if o["what"] == what)
            for what in ("flub", "cough")
        }
        none = places.count(None)
        told_as = "as it is" if below is None else f"{below} dB"
        print(f"{told_as} | {right} | {none} | {len(lines) - right - none} | {others['flub']} | {others['cough']}")
    half = Listener([line["text"] for line in reported[::2]])
    strange = [line for line in lines if line["name"] in {one["name"] for one in reported[1::2]}]
    taken = sum(half.which(known.sound[o["start"] - air : o["stop"] + air], known.rate) is not None for o in strange)
    print(f"of {len(strange)} lines that are not on the list {taken} are heard as another one")


def g726(folder: Path) -> None:
    """ITU-T G.726 written here and decoded by libspandsp, which shares no code with it."""
    receiver = shipped_receivers()["low-rate-trunk"]
    for name, voice in VOICES.items():
        path = folder / f"{name}.wav"
        soundfile.write(str(path), voice(8000), 8000)
        clip, facts = Clip.whole(path), analyze(path)
        one = make_output(plan_outputs([(clip, facts, fit(clip, facts, receiver))], receiver, folder / "g726")[0])
        assert one.status == "made", one.error
        assert one.plan.output is not None
        codes = one.plan.output.read_bytes()
        theirs = second.g726_samples(codes, 32, True).astype(np.float32) / 32768
        found = soundfile.read(str(path), dtype="float32")[0]
        meters = [ActiveLevel(8000) for _ in range(2)]
        for meter, x in zip(meters, (theirs, found), strict=True):
            meter.add(x)
        wanted = receiver.treatment.level.target_dbov
        print(
            f"{name}: {meters[1].result()[0]:.2f} dBov, made for {wanted} dBov; libspandsp reads {meters[0].result()[0]:.2f} dBov"
        )


#: Letters and words by speakers of twenty languages: Debian's package klettres-data. Two of them were recorded over full scale.
LETTERS, OVERLOADED = Path(os.environ.get("LETTERS", "/usr/share/klettres")), ("ml", "pt_BR")


def clipped(folder: Path) -> None:
    """Sound that was clipped and then resampled, on voices that no limit was set on."""
    voices: dict[str, list[tuple[Signal, int]]] = {}
    for path in sorted(LETTERS.rglob("*.ogg")):
        sound, rate = soundfile.read(str(path), dtype="float32", always_2d=True)
        if len(sound) > 0.1 * rate and np.abs(sound[:, 0]).max() > 0.05:
            voices.setdefault(path.parts[-3], []).append((sound[:, 0].copy(), rate))
    if not voices:
        print(
            f"nothing in {LETTERS}: apt-get download klettres-data, unpack it with dpkg-deb -x, and name it: LETTERS=FOLDER ./run claims clipped"
        )
        return
    reported = {name: sum(broad_tops(loudest(x), rate) > 0 for x, rate in sample) for name, sample in voices.items()}
    plain = [name for name in voices if name not in OVERLOADED]
    print(
        f"single clips as they are: {sum(reported[n] for n in plain)} of {sum(len(voices[n]) for n in plain)} told;",
        end=" ",
    )
    print(", ".join(f"{n}: {reported[n]} of {len(voices[n])}" for n in OVERLOADED if n in voices))
    found: dict[tuple[int, int], list[bool]] = {}
    for name in plain:
        own = voices[name][0][1]
        sample = [x / np.abs(x).max() for x, rate in voices[name] if rate == own]
        for at in range(0, len(sample) - 8, 8):
            for over in (0, 3, 6, 12):
                cut = np.clip(np.concatenate(sample[at : at + 8]) * 10 ** (over / 20), -1, 1) * 0.7
                for rate in (48_000, 16_000, 8000):
                    x = soxr.resample(cut, own, rate).astype(np.float32)
                    found.setdefault((over, rate), []).append(broad_tops(loudest(x), rate) > 0)
    for (over, rate), hits in found.items():
        print(f"eight of them, clipped by {over} dB, at {rate} Hz: {sum(hits)} of {len(hits)} told")


def concealment(_: Path) -> None:
    """Speech at 8 kHz with a tenth of its packets of 20 ms lost, one by one: STOI against the whole, of 20 draws the median, with gaps filled and silent."""
    for name, voice in VOICES.items():
        sound = voice(8000)
        filled, silent = [], []
        for seed in range(20):
            lost = np.repeat(np.random.default_rng(seed).random(-(-len(sound) // 160)) < 0.1, 2)[
                : -(-len(sound) // FRAME)
            ]
            gaps = np.where(lost.repeat(FRAME)[: len(sound)], 0, sound).astype(np.float32)
            silent.append(pystoi.stoi(sound, gaps, 8000))
            filled.append(pystoi.stoi(sound, concealed(gaps, lost), 8000))
        print(f"{name}: filled {np.median(filled):.3f}, silent {np.median(silent):.3f}")


PARTS: dict[str, Callable[[Path], None]] = {
    "level": level,
    "tempo": tempo,
    "finder": finder,
    "ear": ear,
    "g726": g726,
    "clipped": clipped,
    "concealment": concealment,
}


def main() -> None:
    parts = sys.argv[1:] or list(PARTS)
    if unknown := set(parts) - set(PARTS):
        sys.exit(f"There is no part {', '.join(sorted(unknown))}. The parts: {', '.join(PARTS)}.")
    for part in parts:
        print(f"\n{part}: {(PARTS[part].__doc__ or '').strip()}")
        with tempfile.TemporaryDirectory(prefix="kittiwake-claims-") as name:
            PARTS[part](Path(name))


if __name__ == "__main__":
    main()
