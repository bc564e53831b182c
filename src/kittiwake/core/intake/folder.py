"""Find the sound in folders."""

from __future__ import annotations

import os
from collections.abc import Iterator
from pathlib import Path

from .sniff import looks_like_sound

#: Names that claim to be sound or video. Files with other names count where their content says sound.
SOUND_EXTENSIONS = frozenset(
    [
        ".wav",
        ".wave",
        ".rf64",
        ".w64",
        ".aif",
        ".aiff",
        ".aifc",
        ".au",
        ".snd",
        ".caf",
        ".flac",
        ".ogg",
        ".oga",
        ".opus",
        ".mp3",
        ".m4a",
        ".aac",
        ".amr",
        ".awb",
        ".3gp",
        ".sph",
        ".nist",
        ".wma",
        ".mka",
        ".mp4",
        ".m4v",
        ".mov",
        ".mkv",
        ".webm",
        ".avi",
        ".gsm",
        ".g722",
        ".ac3",
        ".spx",
    ]
)


def find_sound_files(paths: list[Path], *, everything: bool = False) -> Iterator[Path]:
    """Every sound file among ``paths``, folders searched to the bottom, in a stable order and each once.

    A file named directly is always yielded, so that its trouble is reported; in folders, hidden entries and files
    that neither are named as sound nor begin as sound are passed over. Linked folders are not followed.

    Parameters
    ----------
    everything : take every file that is not hidden, as where headerless files are looked for.
    """
    seen: set[Path] = set()
    for path in paths:
        for found in _walk(path, everything) if path.is_dir() else [path]:
            real = found.absolute()
            if real not in seen:
                seen.add(real)
                yield real


def _walk(folder: Path, everything: bool) -> Iterator[Path]:
    for root, folders, files in os.walk(folder):
        folders[:] = sorted(name for name in folders if not name.startswith("."))
        for name in sorted(files):
            path = Path(root, name)
            if name.startswith(".") or not path.is_file():
                continue
            if everything or path.suffix.lower() in SOUND_EXTENSIONS or looks_like_sound(path):
                yield path
