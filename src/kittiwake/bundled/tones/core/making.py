"""Tones as sources of clips: a WAV file each, and beside it the recipe that it was made by."""

from __future__ import annotations

import hashlib
import io
import json
from pathlib import Path

import numpy as np
import soundfile
from numpy.typing import NDArray

from ....core.disk.place import write_whole
from ....core.errors import KittiwakeError, reason_of
from ....core.intake.short import read_short
from ....core.model import Clip, TouchUp
from ....words import phrase
from .plan import read_recipe, to_toml, tone_for
from .recipe import Segment, ToneError, ToneRecipe
from .render import Fetch, render

_DEFAULT_VOICE_LANGUAGE = "en-gb"


def fetch_from(folder: Path) -> Fetch:
    """What speaks words, and finds sound files from ``folder`` on."""

    def fetch(segment: Segment) -> tuple[NDArray[np.float32], int]:
        if segment.say:
            from ....work.speak.engine import engines, voice_for

            key = voice_for(segment.voice, _DEFAULT_VOICE_LANGUAGE).key
            engine, _, voice = key.partition("/")
            return engines()[engine].speak(segment.say, voice, 1.0)
        try:
            return read_short(folder / segment.play)
        except (OSError, KittiwakeError) as error:
            why = reason_of(error) if isinstance(error, OSError) else error.message
            sentence = phrase("“{play}” cannot be played: {why}", play=segment.play, why=why)
            raise ToneError(
                sentence, phrase("Give a sound file, from the folder of the recipe on."), "tone"
            ) from error

    return fetch


def stamps_of(recipe: ToneRecipe, folder: Path) -> str:
    """What the sound files of a recipe are known again by."""
    stamps = []
    for segment in recipe.segments:
        path = folder / segment.play
        if segment.play and path.is_file():
            found = path.stat()
            stamps.append(f"{path}:{found.st_size}:{found.st_mtime_ns}")
    return "\n".join(stamps)


def tone_path(recipe: ToneRecipe, folder: Path, extra: str = "") -> Path:
    """Where the sound of a recipe lies: by all that shapes it. ``extra`` is what its sounds are known again by."""
    digest = hashlib.sha256((json.dumps(recipe.to_dict(), sort_keys=True) + extra).encode()).hexdigest()[:12]
    plain = "".join(c if c.isalnum() or c in " -_." else "_" for c in recipe.name).strip(" .")[:60] or "tone"
    return folder / f"{plain} {digest}.wav"


def write_tone(recipe: ToneRecipe, folder: Path, fetch: Fetch | None = None, extra: str = "") -> Path:
    """Write the sound of a recipe, 24-bit WAV, and the recipe beside it; both appear whole. What is there already is left.

    Raises
    ------
    KittiwakeError : the recipe, or the disk.
    """
    path = tone_path(recipe, folder, extra)
    if path.exists():
        return path
    sound = render(recipe, fetch or fetch_from(folder), tone_for)
    if not len(sound):
        raise ToneError(
            phrase("“{name}” has no length.", name=recipe.name), phrase("Give its segments seconds."), "tone"
        )
    peak = float(np.abs(sound).max())
    if peak > 1:
        raise ToneError(
            phrase("“{name}” is louder than full scale.", name=recipe.name), phrase("Lower its levels."), "tone"
        )
    buffer = io.BytesIO()
    soundfile.write(
        buffer, np.round(sound * 8388607).astype(np.int32) << 8, recipe.rate, format="WAV", subtype="PCM_24"
    )
    try:
        folder.mkdir(parents=True, exist_ok=True)
        write_whole(path.with_suffix(".toml"), to_toml(recipe).encode("utf-8"))
        write_whole(path, buffer.getvalue())
    except OSError as error:
        sentence = phrase("{path} could not be written: {reason_of}.", path=path, reason_of=reason_of(error))
        raise ToneError(sentence, phrase("Choose another folder."), "no_folder") from error
    return path


def recipe_beside(path: Path) -> ToneRecipe | None:
    """The recipe that a sound file was made by, where it lies beside it."""
    beside = path.with_suffix(".toml")
    try:
        return read_recipe(beside) if beside.is_file() else None
    except KittiwakeError:
        return None


def clip_of_tone(recipe: ToneRecipe, path: Path) -> Clip:
    """The clip that a tone is: its level, its pauses and its band are meant, and no receiver changes them."""
    return Clip(path, recipe.name, kind="tone", touch_up=TouchUp(untreated=True))
