"""Lines spoken into files: one for each text, voice and speed, which is there already where it was spoken before."""

from __future__ import annotations

import hashlib
import json
from collections.abc import Callable, Iterator, Sequence
from pathlib import Path

import numpy as np
import soundfile

from ...core.batch.each import each
from ...core.disk.place import write_whole
from ...core.errors import KittiwakeError, reason_of
from ...core.model.script import Script, ScriptLine
from ...core.process import Executor, WorkerCrash
from ...plain_data import dataclass
from ...words import phrase
from ..script.respell import spoken_text
from .engine import VoiceError, engines, voice_for

_AIR_S = 0.15  # of silence at both ends, so that nothing begins or ends with a word
_LONGEST_S = 600.0
_PEAK = 0.89


@dataclass(frozen=True, slots=True)
class SpeechRequest:
    """What is to be spoken: text for the engine, key of the voice, speed."""

    text: str
    voice: str
    speed: float

    def digest(self) -> str:
        """Of everything that shapes the sound; 12 hexadecimal digits."""
        engine = engines().get(self.voice.split("/")[0])
        shaped = [self.text, self.voice, round(self.speed, 4), engine.version() if engine else "", _AIR_S]
        return hashlib.sha256(json.dumps(shaped).encode()).hexdigest()[:12]


@dataclass(frozen=True, slots=True)
class Spoken:
    """What came of a line: its file, or in a sentence why there is none."""

    line: str
    path: Path | None
    seconds: float = 0.0
    error: str = ""


def wish_of(line: ScriptLine, script: Script) -> SpeechRequest:
    """The text that a voice gets for a line.

    Raises
    ------
    VoiceError : there is no such voice.
    """
    language = line.language or script.language
    voice = voice_for(line.voice or script.voice, language)
    return SpeechRequest(spoken_text(line, script.respellings, script.language), voice.key, line.speed)


def path_of(wish: SpeechRequest, name: str, folder: Path) -> Path:
    """Where a line lies once it is spoken: by what shaped it, so that a change makes another file and no change none."""
    plain = "".join(c if c.isalnum() or c in " -_." else "_" for c in name).strip(" .")[:60] or "line"
    return folder / f"{plain} {wish.digest()}.wav"


def speak(wish: SpeechRequest, path: Path) -> float:
    """Speak into a 16-bit WAV file, which appears whole; returns its seconds.

    Raises
    ------
    KittiwakeError : the voice cannot, or the disk.
    """
    engine, _, name = wish.voice.partition("/")
    sound, rate = engines()[engine].speak(wish.text, name, wish.speed)
    sound = np.asarray(sound, np.float32).reshape(-1)
    if not len(sound) or not np.isfinite(sound).all() or len(sound) > _LONGEST_S * rate:
        raise VoiceError(
            phrase("The voice gave no usable sound for “{text}”.", text=wish.text[:40]),
            phrase("Try another voice."),
            "no_sound",
        )
    peak = float(np.abs(sound).max())
    if peak > _PEAK:
        sound = sound * np.float32(_PEAK / peak)
    air = np.zeros(round(_AIR_S * rate), np.float32)
    whole = np.concatenate([air, sound, air])
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        write_whole(path, _wav(whole, rate))
    except OSError as error:
        raise VoiceError(
            phrase("{path} could not be written: {reason_of}.", path=path, reason_of=reason_of(error)),
            phrase("Choose another folder."),
            "no_folder",
        ) from error
    return len(whole) / rate


def _wav(sound: np.ndarray, rate: int) -> bytes:
    import io

    buffer = io.BytesIO()
    soundfile.write(buffer, np.round(sound * 32767).astype(np.int16), rate, format="WAV", subtype="PCM_16")
    return buffer.getvalue()


@dataclass(frozen=True, slots=True)
class _Speak:
    """Work of a worker process: a voice that dies costs the line that it died over."""

    wishes: dict[Path, SpeechRequest]

    def __call__(self, path: Path) -> float | str:
        try:
            return speak(self.wishes[path], path)
        except KittiwakeError as error:
            return str(error)
        except Exception as error:  # a library's surprise costs one line
            return phrase("The voice failed ({name}: {error}).", name=type(error).__name__, error=error)


def speak_one(task: tuple[SpeechRequest, Path]) -> float | str:
    """Work of a worker process that is asked for one line after the other: seconds, or a sentence."""
    return _Speak({task[1]: task[0]})(task[1])


def speak_lines(
    lines: Sequence[ScriptLine],
    script: Script,
    folder: Path,
    executor: Executor | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Iterator[Spoken]:
    """Speak lines that are not spoken yet, several at once; what came of each, in order. One that fails stops no other."""
    plans: list[tuple[ScriptLine, Path | None, str]] = []
    missing: dict[Path, SpeechRequest] = {}
    for line in lines:
        try:
            wish = wish_of(line, script)
            path = path_of(wish, line.name, folder)
        except KittiwakeError as error:
            plans.append((line, None, str(error)))
            continue
        if not path.exists():
            missing[path] = wish
        plans.append((line, path, ""))
    results: dict[Path, float | str] = {}
    spoken = each(_Speak(missing), list(missing), executor, cancelled) if missing else iter(())
    for line, found, why in plans:
        while found in missing and found not in results:
            following = next(spoken, None)
            if following is None:
                results[found] = phrase("It was stopped before that was spoken.")
                break
            done, result = following
            results[done] = str(result) if isinstance(result, WorkerCrash) else result
        outcome = results.get(found) if found is not None else why
        if isinstance(outcome, str):
            yield Spoken(line.id, None, 0.0, outcome)
        else:
            assert found is not None
            yield Spoken(line.id, found, outcome if outcome is not None else _seconds(found))


def _seconds(path: Path) -> float:
    try:
        return float(soundfile.info(str(path)).duration)
    except (OSError, RuntimeError):
        return 0.0
