"""Voices to read with: people, from the packages of ``material``, and two speech engines; each with its lines, cut to what is spoken."""

from __future__ import annotations

import re
import sys
from collections import defaultdict
from collections.abc import Iterator
from dataclasses import dataclass
from functools import cache
from pathlib import Path

import numpy as np
import soundfile
import soxr
from numpy.typing import NDArray

from .material import HOME, fetched

RATE = 16_000
STEP = RATE // 200  # 5 ms
Signal = NDArray[np.float32]
_MOST = 40  # lines of a voice
#: Kept out: recorded far over full scale, or several words with pauses in one file, or too noisy to know an edge.
_LEFT_OUT = {"ml", "tn", "nb", "hu", "ar", "cs", "da"}
SAID = {
    "en-us": (
        "Please hold the line.", "The office is closed today.", "Press one for tickets.", "The last ferry has left.",
        "Mind the gap at the ramp.", "Your call is important.", "Gate two is open.", "Wait for the green light.",
        "The crossing takes an hour.", "Good morning.", "Bicycles travel free.", "Lifts are out of order.",
    ),
    "de": (
        "Bitte warten Sie einen Augenblick.", "Das Büro ist heute geschlossen.", "Drücken Sie die Eins.", "Die letzte Fähre ist weg.",
        "Vorsicht an der Rampe.", "Guten Morgen.", "Tor zwei ist offen.", "Die Überfahrt dauert eine Stunde.", "Fahrräder fahren frei.",
        "Alle Plätze sind besetzt.", "Der Aufzug ist außer Betrieb.", "Bis bald an Bord.",
    ),
    "fr-fr": (
        "Veuillez patienter un instant.", "Le bureau est fermé.", "Tapez un pour les billets.", "Le dernier bateau est parti.",
        "Attention à la passerelle.", "Bonjour.", "La porte deux est ouverte.", "La traversée dure une heure.", "Les vélos sont gratuits.",
        "Toutes les places sont prises.", "À bientôt à bord.", "Attendez le feu vert.",
    ),
}  # fmt: skip


@dataclass(frozen=True)
class Voice:
    """``lines``: mono at 16 kHz, −26 dBov each, cut to what is spoken. ``half``: 0 to tune on, 1 to report."""

    name: str
    kind: str
    half: int
    lines: tuple[Signal, ...]


@cache
def voices() -> tuple[Voice, ...]:
    """Every voice, in a stable order; each kind is dealt out to both halves in turn. Kept beside the packages once they were cut."""
    kept = HOME / "voices.npz"
    if not kept.exists():
        every = [*_people(), *_engines()]
        np.savez(kept, **{f"{name}|{kind}|{n}": line for name, kind, lines in every for n, line in enumerate(lines)})
    out = []
    seen: dict[str, int] = defaultdict(int)
    read: dict[tuple[str, str], list[Signal]] = defaultdict(list)
    for key, line in np.load(kept).items():
        name, kind, _ = key.split("|")
        read[name, kind].append(line)
    for (name, kind), lines in read.items():
        out.append(Voice(name, kind, seen[kind] % 2, tuple(lines)))
        seen[kind] += 1
    return tuple(out)


def _people() -> Iterator[tuple[str, str, list[Signal]]]:
    found = fetched()
    for package, kind, pattern in (
        ("tuxpaint-stamps-default", "things named", r"_desc(?:_([a-z]+))?\.ogg$"),
        ("klettres-data", "letters and syllables", r"/klettres/([a-zA-Z_]+)/"),
    ):
        by_language = defaultdict(list)
        for path in sorted(found[package].rglob("*.ogg")) if package in found else []:
            match = re.search(pattern, str(path))
            if match:
                by_language[match[1] or "en"].append(path)
        for language, paths in sorted(by_language.items()):
            if language not in _LEFT_OUT and len(paths) >= _MOST:
                picked = (_line(path) for path in paths[:: max(1, len(paths) // (2 * _MOST))])
                lines = [line for line in picked if line is not None][:_MOST]
                if len(lines) >= 14:
                    yield f"{language} {kind}", kind, lines


def _engines() -> Iterator[tuple[str, str, list[Signal]]]:
    try:
        from kittiwake.demo.record import Espeak, Piper

        espeak, piper = Espeak(), Piper()
    except ImportError:
        print("The speech engines are not installed: ./run evaluate installs them.", file=sys.stderr)
        return
    for n, (language, texts) in enumerate(SAID.items()):
        if n == 1:
            said = (piper.say(text) for text in SAID["en-us"])
            lines = [line for line in (_cut(*one) for one in said) if line is not None]
            yield "Piper en", "engine", lines
        for pitch in (35, 60):
            said = (espeak.say(text, language, pitch) for text in texts)
            lines = [line for line in (_cut(*one) for one in said) if line is not None]
            yield f"eSpeak NG {language} {pitch}", "engine", lines


def _line(path: Path) -> Signal | None:
    try:
        return _cut(*soundfile.read(str(path), dtype="float32", always_2d=True))
    except (soundfile.LibsndfileError, OSError):
        return None


def _cut(sound: Signal, rate: int) -> Signal | None:
    mono = sound.mean(axis=1) if sound.ndim > 1 else sound
    return cut_to_speech(soxr.resample(mono, rate, RATE) if rate != RATE else mono)


def levels(sound: Signal) -> NDArray[np.float64]:
    """dB of each 5 ms."""
    whole = sound[: len(sound) // STEP * STEP].reshape(-1, STEP).astype(np.float64)
    out: NDArray[np.float64] = 10 * np.log10((whole**2).mean(axis=1) + 1e-12)
    return out


def cut_to_speech(sound: Signal, pause: float = 0.25, breath: float = 0.2) -> Signal | None:
    """What lies between the first and the last 5 ms within 28 dB of the speech, at −26 dBov; None where the recording is too noisy to tell, has a
    pause of so many seconds inside, breath or a tail that is longer and more than 18 dB under the speech, or is longer than 6 s.
    """
    level = levels(sound)
    if len(level) < 40:
        return None
    body = np.percentile(level, 95) - 6
    edge = max(body - 28, np.percentile(level, 5) + 8)
    if edge > body - 20:
        return None
    loud = np.flatnonzero(np.convolve(level >= edge, np.ones(3), "same") >= 2)
    core = np.flatnonzero(level >= body - 18)
    if (
        len(loud) < 30
        or np.diff(core).max() > pause * 200
        or max(core[0] - loud[0], loud[-1] - core[-1]) > breath * 200
    ):
        return None
    part = sound[loud[0] * STEP : (loud[-1] + 1) * STEP]
    if len(part) > 6 * RATE or np.abs(part).max() > 1.5:
        return None
    scale = 10 ** (-26 / 20) / np.sqrt((part**2).mean())
    out: Signal = (part * scale).astype(np.float32)
    return out
