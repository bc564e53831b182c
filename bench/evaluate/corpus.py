"""Qualities and doubles of corpora, held against voices of people whose truth is known: mixtures, rooms, hum, bandwidths, planted copies."""

from __future__ import annotations

import io
import tempfile
from collections import Counter
from collections.abc import Callable, Iterator
from pathlib import Path

import numpy as np
import soundfile
import soxr
from scipy.signal import fftconvolve

from kittiwake.bundled.corpus.core.bands import Bands
from kittiwake.bundled.corpus.core.doubles import doubles
from kittiwake.bundled.corpus.core.likeness import Likeness, likeness_of
from kittiwake.bundled.corpus.core.quality import Quality, quality_of
from kittiwake.core.measure.level import ActiveLevel
from tests.sounds import at_tempo, coded_by_libav

from .rooms import Dice, coloured
from .voices import RATE, Signal, voices

_CLIPS = 60
_NOISES: dict[str, Callable[[int, Dice], Signal]] = {
    "white": lambda n, dice: coloured(n, dice, 0), "pink": lambda n, dice: coloured(n, dice, 3),
    "like speech": lambda n, dice: coloured(n, dice, 6, 60, 6000), "telephone band": lambda n, dice: coloured(n, dice, 0, 300, 3400),
}  # fmt: skip


def corpus(half: int) -> None:
    """Tables for one half of the voices."""
    with tempfile.TemporaryDirectory(prefix="kittiwake-evaluate-") as folder:
        _speech_to_noise(half, Path(folder))
        _others(half, Path(folder))
        _doubles(half, Path(folder))


def _clips(half: int, count: int, dice: Dice) -> Iterator[tuple[tuple[str, tuple[bytes, ...]], Signal]]:
    """What is said (voice, and which sounds), and its sound: lines of one voice with short pauses. None twice."""
    sample = [voice for voice in voices() if voice.half == half]
    seen: set[object] = set()
    while len(seen) < count:
        voice = sample[dice.integers(len(sample))]
        which = dice.integers(len(voice.lines), size=dice.integers(2, 6)).tolist()
        # Two lines may be one recording: what counts is the sound.
        said = (voice.name, tuple(voice.lines[n].tobytes() for n in which))
        if said in seen:
            continue
        seen.add(said)
        parts = [np.zeros(int(RATE * dice.uniform(0.05, 0.3)), np.float32)]
        for n in which:
            parts += [voice.lines[n], np.zeros(int(RATE * dice.uniform(0.02, 0.3)), np.float32)]
        yield said, np.concatenate(parts)


def _quality(sound: Signal, folder: Path, rate: int = RATE) -> Quality:
    soundfile.write(str(folder / "one.wav"), sound, rate, subtype="FLOAT")
    return quality_of(folder / "one.wav")[0]


def _speech_to_noise(half: int, folder: Path) -> None:
    dice = np.random.default_rng(10 + half)
    off: dict[int, list[float]] = {}
    for _, sound in _clips(half, _CLIPS, dice):
        meter = ActiveLevel(RATE)
        meter.add(sound, float(np.abs(sound).max()), float(np.dot(sound, sound)))
        level, _ = meter.result()
        for make in _NOISES.values():
            noise = make(len(sound), dice).astype(np.float64)
            for snr in (0, 10, 20, 30, 40):
                mixed = sound + noise * 10 ** ((level - snr) / 20) / np.sqrt(np.mean(noise**2))
                off.setdefault(snr, []).append((_quality(mixed.astype(np.float32), folder).snr or 0) - snr)
    print("| speech to noise, dB | median error | 5 % | 95 % | within 3 dB |\n|---|---|---|---|---|")
    for snr, errors in off.items():
        low, middle, high = np.percentile(errors, (5, 50, 95))
        print(
            f"| {snr} | {middle:+.1f} | {low:+.1f} | {high:+.1f} | {np.mean(np.abs(errors) <= 3):.1%} of {len(errors)} |",
            flush=True,
        )


def _others(half: int, folder: Path) -> None:
    dice = np.random.default_rng(20 + half)
    rooms: dict[float, list[float]] = {}
    hums: dict[str, list[bool]] = {}
    widths: dict[int, list[float]] = {}
    for _, sound in _clips(half, _CLIPS, dice):
        for seconds in (0.0, 0.3, 0.5, 0.8, 1.2):
            heard = sound
            if seconds:
                time = np.arange(round((seconds + 0.1) * RATE)) / RATE
                tail = dice.standard_normal(len(time)) * 10 ** (-3 * time / seconds)
                tail[:48], tail[0] = 0, np.sqrt((tail**2).sum())
                heard = fftconvolve(sound, tail / tail[0])
            found = _quality((heard + 1e-4 * dice.standard_normal(len(heard))).astype(np.float32), folder).reverb
            if found is not None:
                rooms.setdefault(seconds, []).append(found)
        if len(sound) >= 3 * RATE:
            time = np.arange(len(sound)) / RATE
            for name, hertz, level in (("none", 0, 0), ("50 Hz, −20 dB", 50, -20), ("60 Hz, −30 dB", 60, -30)):
                hum = (
                    sum(0.05 * 10 ** (level / 20) / n * np.sin(2 * np.pi * hertz * n * time + n) for n in (1, 2, 3))
                    if hertz
                    else 0.0
                )
                hums.setdefault(name, []).append(_quality((sound + hum).astype(np.float32), folder).hum is not None)
        for cut in (2000, 3400, 5000, 7000):
            # Cut off by a filter that shares no code with ours, at 48 kHz, under the noise of 16 bits.
            wide = soxr.resample(sound, RATE, 48_000)
            turned = np.fft.rfft(wide)
            turned[np.fft.rfftfreq(len(wide), 1 / 48_000) > cut] = 0
            narrow = np.fft.irfft(turned, len(wide)) + dice.standard_normal(len(wide)) * 10 ** (-98 / 20)
            widths.setdefault(cut, []).append(
                (_quality(narrow.astype(np.float32), folder, 48_000).bandwidth or 0) / cut - 1
            )
    print("\n| reverberation time, s | 10 % | median | 90 % |\n|---|---|---|---|")
    for seconds, times in rooms.items():
        low, middle, high = np.percentile(times, (10, 50, 90))
        print(f"| {seconds or 'dry'} | {low:.2f} | {middle:.2f} | {high:.2f} |")
    print("\n| hum | found |\n|---|---|")
    for name, expected in hums.items():
        print(f"| {name} | {sum(expected)} of {len(expected)} |")
    print("\n| cut off at, Hz | median error | within 5 % |\n|---|---|---|")
    for cut, errors in widths.items():
        print(
            f"| {cut} | {np.median(errors):+.1%} | {np.mean(np.abs(errors) <= 0.05):.1%} of {len(errors)} |",
            flush=True,
        )


def _likeness(sound: Signal, rate: int) -> Likeness | None:
    bands = Bands(rate)
    bands.add(sound.astype(np.float32))
    return likeness_of(bands.powers(), bands.seconds, bands.raised_powers())


def _as_wav(sound: Signal, rate: int, subtype: str) -> Signal:
    data = io.BytesIO()
    soundfile.write(data, sound, rate, format="WAV", subtype=subtype)
    data.seek(0)
    read: Signal = soundfile.read(data, dtype="float32")[0]
    return read


def _copy(sound: Signal, kind: int, folder: Path) -> tuple[Signal, int]:
    """A copy of each kind: GSM, −12 dB, 30 ms later, resampled, µ-law, MP3."""
    if kind in (0, 4):
        return _as_wav(soxr.resample(sound, RATE, 8000), 8000, "GSM610" if kind == 0 else "ULAW"), 8000
    if kind == 1:
        return sound * np.float32(10 ** (-12 / 20)), RATE
    if kind == 2:
        return np.concatenate([np.zeros(round(0.03 * RATE), np.float32), sound]), RATE
    if kind == 3:
        return soxr.resample(sound, RATE, 11_025), 11_025
    path = coded_by_libav(folder / "one.mp3", "libmp3lame", soxr.resample(sound, RATE, 24_000), 24_000, b="24000")
    decoded, rate = soundfile.read(str(path), dtype="float32")
    return decoded, rate


_KINDS = ("GSM", "−12 dB", "30 ms later", "11.025 kHz", "µ-law at 8 kHz", "MP3 at 24 kbit/s")


#: Share by which each is shorter, and whether its pitch stays.
_SPEEDS = ((0.03, False), (-0.03, False), (0.02, True), (-0.03, True))


def _at_speed(sound: Signal, kind: int) -> tuple[Signal, int]:
    """A copy that plays faster or slower: as a tape does, or with its pitch kept."""
    share, keeps = _SPEEDS[kind]
    if not keeps:
        return soxr.resample(sound, RATE, round(RATE * (1 - share))), RATE
    return at_tempo(sound, RATE, 1 / (1 - share)), RATE


_SPEED_KINDS = tuple(
    f"{abs(share):.0%} {'shorter' if share > 0 else 'longer'}{', same pitch' if keeps else ''}"
    for share, keeps in _SPEEDS
)


def _doubles(half: int, folder: Path) -> None:
    """2,000 clips, a hundred of them copies; many others share words, the very same recordings of them."""
    print("\n| clips, copies | found | false | precision | recall | missed |\n|---|---|---|---|---|---|")
    for copied, kinds in ((lambda sound, kind: _copy(sound, kind, folder), _KINDS), (_at_speed, _SPEED_KINDS)):
        for seed in (5, 20, 30):
            _planted(half, seed, copied, kinds)


def _planted(
    half: int, seed: int, copied: Callable[[Signal, int], tuple[Signal, int]], kinds: tuple[str, ...]
) -> None:
    dice = np.random.default_rng(seed + half)
    clips = [sound for _, sound in _clips(half, 1900, dice)]
    planted = dice.permutation(1900)[:100].tolist()
    sample = [_likeness(sound, RATE) for sound in clips]
    sample += [_likeness(*copied(clips[n], k % len(kinds))) for k, n in enumerate(planted)]
    found = {(one.one, one.other) for one in doubles(sample)}
    true = {(n, 1900 + k): k % len(kinds) for k, n in enumerate(planted)}
    right = found & set(true)
    missed = Counter(kinds[kind] for pair, kind in true.items() if pair not in found)
    print(
        f"| 2,000, 100 | {len(right)} | {len(found) - len(right)} | {len(right) / max(1, len(found)):.3f} | {len(right) / 100:.2f} "
        f"| {', '.join(f'{count} {kind}' for kind, count in missed.items()) or '–'} |",
        flush=True,
    )
