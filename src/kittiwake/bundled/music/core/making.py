"""Hold music as a source of a clip: a WAV file, and beside it the recipe that it was made by."""

from __future__ import annotations

import dataclasses
import hashlib
import io
import json
from collections.abc import Callable
from pathlib import Path

import numpy as np
import soundfile
import soxr
from numpy.typing import NDArray

from ....core.disk.place import write_whole
from ....core.disk.text import parse_toml, text_of
from ....core.errors import KittiwakeError, reason_of
from ....core.fit import fit
from ....core.intake import open_sound
from ....core.measure import analyze
from ....core.model import Clip, TouchUp, load_receiver
from ....core.sound.length import span_of
from ....core.sound.sides import select_channel
from ....plain_data import dataclass
from ....words import joined as joined_words
from ....words import phrase
from .fitting import at_speech_level, banded, frames_for, levelled, repeated, with_messages
from .loop import Loop, find_loop, length_to_fill
from .recipe import HoldRecipe, MusicError, Part
from .seam import Seam, blended, closed, seam_of

Mono = NDArray[np.float32]
_LONGEST_S = 3600.0
_JOIN_S = 1.0  # over which one part goes into the next
_MOST_TEXT = 1 << 20
_EXTENSION = ".hold.toml"
OVERVIEW = 600
#: Steps (s), and how many each way, by which a loop is moved where its seam stands out.
_MOVE_S, _MOVES = 0.03, 8


@dataclass(frozen=True, slots=True)
class HoldMusicResult:
    """What came of a recipe.

    Attributes
    ----------
    path : of the sound.
    loop : seconds of what the parts are together.
    seam : measured at the rate of the parts.
    end : measured where the whole, as it was made, meets itself.
    lufs : loudness of the music.
    messages : how many were laid over it.
    seconds : of what the parts are together.
    levels : dBFS of as many equal stretches of that, ``OVERVIEW`` of them.
    stretch : times as long as it was, for the sake of the length of the whole.
    """

    path: Path
    loop: tuple[float, float]
    seam: Seam
    end: Seam
    lufs: float
    messages: int
    seconds: float = 0.0
    levels: tuple[float, ...] = ()
    stretch: float = 1.0


def mono_of(part: Part, folder: Path) -> tuple[Mono, int]:
    """A part as one channel: its sides mixed, or one of them where they would cancel (as for a receiver that takes one channel).

    Raises
    ------
    KittiwakeError : it cannot be read.
    """
    path = folder / part.path
    facts = analyze(path)
    if facts.error or facts.header is None or facts.measures is None:
        sentence = facts.error.message if facts.error else phrase("there is no sound in it.")
        raise MusicError(joined_words((path.name, sentence), ": "), phrase("Give another file."), "music")
    found = fit(Clip.whole(path), facts, load_receiver("phone-menu-linear"))
    take, live = (found.recipe.take, found.recipe.live) if found.recipe else ("mix", ())
    rate = facts.header.sample_rate
    start = min(round(part.start * rate), facts.measures.frames)
    stop = facts.measures.frames if part.stop is None else min(round(part.stop * rate), facts.measures.frames)
    if stop - start < rate // 2 or stop - start > _LONGEST_S * rate:
        raise MusicError(
            phrase("{name} holds no music from {start:g} s on.", name=path.name, start=part.start),
            phrase("Give another span."),
            "music",
        )
    reader = open_sound(path, facts.stated)
    try:
        return np.concatenate(
            [
                block[:, 0]
                for block in select_channel(span_of(reader, start, stop), take, 1, live, facts.header.speakers)
            ]
        ), rate
    finally:
        reader.close()


def joined(parts: list[tuple[Mono, int]]) -> tuple[Mono, int]:
    """Parts one after the other, each blended into the next, at the highest of their rates."""
    rate = max(rate for _, rate in parts)
    whole = np.zeros(0, np.float32)
    for sound, own in parts:
        sound = soxr.resample(sound, own, rate, quality="VHQ") if own != rate else sound
        room = min(round(_JOIN_S * rate), len(whole), len(sound))
        if not room:
            whole = sound
            continue
        middle = blended(whole[-room:, None].astype(np.float64), sound[:room, None].astype(np.float64))[:, 0]
        whole = np.concatenate([whole[:-room], middle.astype(np.float32), sound[room:]])
    return whole, rate


def loop_of(recipe: HoldRecipe, sound: Mono, rate: int) -> Loop:
    """The loop that the recipe names, or the one that is found.

    Raises
    ------
    KittiwakeError : there is none.
    """
    if recipe.loop is None:
        return find_loop(sound, rate, recipe.shortest)
    start, stop = (round(second * rate) for second in recipe.loop)
    if not 0 <= start < stop - rate // 2 or stop > len(sound):
        sentence = phrase(
            "A loop from {start:g} to {stop:g} s does not lie inside of {length:.2f} s.",
            start=recipe.loop[0],
            stop=recipe.loop[1],
            length=len(sound) / rate,
        )
        raise MusicError(sentence, phrase("Give other times."), "music")
    return Loop(start, stop, 0.0)


def make(
    recipe: HoldRecipe, folder: Path, cancelled: Callable[[], bool] = lambda: False
) -> tuple[Mono, HoldMusicResult]:
    """The sound of a recipe, at its rate; files are looked for from ``folder`` on.

    Raises
    ------
    KittiwakeError : something in it cannot be read, or is too short.
    """
    if not recipe.parts:
        raise MusicError(phrase("There is no music in it."), phrase("Give a file."), "music")
    sound, rate = joined([mono_of(part, folder) for part in recipe.parts])
    loop = loop_of(recipe, sound, rate)
    _go_on(cancelled)
    once, seam = _closed(sound, rate, loop, recipe.fade)
    if recipe.loop is None and seam.is_heard:
        loop, once, seam = _moved(sound, rate, loop, recipe.fade) or (loop, once, seam)
    # A length that is no whole number of rounds is met by a hair of tempo, so that the end meets the start in time.
    stretch = 1.0 if recipe.seconds is None else recipe.seconds * rate / length_to_fill(once, rate, recipe.seconds)
    fitted = banded(once, rate, recipe.rate, frames_for(round(len(once) * stretch), rate, recipe.rate), recipe.band)
    _go_on(cancelled)
    fitted, lufs = levelled(fitted, recipe.rate, recipe.lufs, recipe.limiter_db)
    frames = len(fitted) if recipe.seconds is None else round(recipe.seconds * recipe.rate)
    whole = repeated(fitted, frames, round(recipe.fade * recipe.rate), blended)
    count = 0
    if recipe.messages:
        messages = [_message(name, folder, recipe) for name in recipe.messages]
        whole, count = with_messages(whole, recipe.rate, messages, recipe.every, recipe.duck_db)
    _go_on(cancelled)
    end = seam_of(whole, recipe.rate)
    times = (loop.start / rate, loop.stop / rate)
    return whole, HoldMusicResult(Path(), times, seam, end, lufs, count, len(sound) / rate, _overview(sound), stretch)


def _closed(sound: Mono, rate: int, loop: Loop, fade: float) -> tuple[Mono, Seam]:
    once = closed(sound, loop.start, loop.stop, round(fade * rate))[:, 0]
    return once, seam_of(once, rate)


def _moved(sound: Mono, rate: int, loop: Loop, fade: float) -> tuple[Loop, Mono, Seam] | None:
    """The same loop begun a little earlier or later, the least so that its seam does not stand out; None where none is like that."""
    for shift in sorted((sign * n for n in range(1, _MOVES + 1) for sign in (-1, 1)), key=abs):
        by = round(shift * _MOVE_S * rate)
        moved = Loop(loop.start + by, loop.stop + by, loop.unlike_db)
        if moved.start < 0 or moved.stop > len(sound):
            continue
        once, seam = _closed(sound, rate, moved, fade)
        if not seam.is_heard:
            return moved, once, seam
    return None


def _overview(sound: Mono) -> tuple[float, ...]:
    edges = np.linspace(0, len(sound), OVERVIEW + 1).astype(int)[:-1]
    sums = np.add.reduceat(sound.astype(np.float64) ** 2, edges)
    sizes = np.diff(np.append(edges, len(sound)))
    return tuple(float(level) for level in 10 * np.log10(np.maximum(sums / np.maximum(1, sizes), 1e-10)))


def _go_on(cancelled: Callable[[], bool]) -> None:
    if cancelled():
        raise MusicError(phrase("It was stopped."), "", "cancelled")


def _message(name: str, folder: Path, recipe: HoldRecipe) -> Mono:
    sound, rate = mono_of(Part(name), folder)
    if rate != recipe.rate:
        sound = soxr.resample(sound, rate, recipe.rate, quality="VHQ")
    return at_speech_level(sound, recipe.rate, recipe.message_dbov)


def hold_path(recipe: HoldRecipe, folder: Path, sources: Path) -> Path:
    """Where the sound of a recipe lies: by all that shapes it, its files among that."""
    identity = [json.dumps(recipe.to_dict(), sort_keys=True)]
    for name in (*(part.path for part in recipe.parts), *recipe.messages):
        path = sources / name
        if path.is_file():
            found = path.stat()
            identity.append(f"{name}:{found.st_size}:{found.st_mtime_ns}")
    digest = hashlib.sha256("\n".join(identity).encode()).hexdigest()[:12]
    plain = "".join(c if c.isalnum() or c in " -_." else "_" for c in recipe.name).strip(" .")[:60] or phrase(
        "hold music"
    )
    return folder / f"{plain} {digest}.wav"


def write_hold(
    recipe: HoldRecipe, folder: Path, sources: Path, cancelled: Callable[[], bool] = lambda: False
) -> HoldMusicResult:
    """Write the sound of a recipe, 24-bit WAV, and the recipe beside it; both appear whole.

    Raises
    ------
    KittiwakeError : the recipe, or the disk.
    """
    sound, held = make(recipe, sources, cancelled)
    path = hold_path(recipe, folder, sources)
    buffer = io.BytesIO()
    whole = np.round(sound.astype(np.float64) * 8388607).astype(np.int32) << 8
    soundfile.write(buffer, whole, recipe.rate, format="WAV", subtype="PCM_24")
    try:
        folder.mkdir(parents=True, exist_ok=True)
        write_whole(path.with_suffix(_EXTENSION), to_toml(recipe.changed(loop=held.loop)).encode("utf-8"))
        write_whole(path, buffer.getvalue())
    except OSError as error:
        sentence = phrase("{path} could not be written: {reason_of}.", path=path, reason_of=reason_of(error))
        raise MusicError(sentence, phrase("Choose another folder."), "no_folder") from error
    return dataclasses.replace(held, path=path)


def to_toml(recipe: HoldRecipe) -> str:
    import tomli_w

    return tomli_w.dumps(recipe.to_dict())


def read_hold(path: Path) -> HoldRecipe:
    """A recipe from a TOML file.

    Raises
    ------
    KittiwakeError : it cannot be read, or is none.
    """
    try:
        return HoldRecipe.from_dict(parse_toml(text_of(path, _MOST_TEXT, "recipe")))
    except (OSError, UnicodeDecodeError, ValueError) as error:
        sentence = reason_of(error) if isinstance(error, OSError) else str(error)
        raise MusicError(
            phrase("{name} is no recipe that can be read: {detail}.", name=path.name, detail=sentence),
            phrase("Mend it."),
            "music",
        ) from error


def hold_beside(path: Path) -> HoldRecipe | None:
    """The recipe that a sound file was made by, where it lies beside it."""
    beside = path.with_suffix(_EXTENSION)
    try:
        return read_hold(beside) if beside.is_file() else None
    except KittiwakeError:
        return None


def clip_of_hold(recipe: HoldRecipe, path: Path) -> Clip:
    """The clip that hold music is: fitted already, with its rights, and untreated by receivers."""
    return Clip(path, recipe.name, kind="music", rights=recipe.rights, touch_up=TouchUp(untreated=True))
