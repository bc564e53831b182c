"""Every format that can be written: each family of codecs is one file in ``families``, and registers its own."""

from __future__ import annotations

from ...words import phrase
from ..errors import RulesError
from ..extensions import import_all, import_door
from ..nearest import nearest
from . import families
from .format import FORMATS, Format

import_all(families.__name__, families.__path__)
import_door("formats")
# As people look for them: by container, the common ones first.
_CONTAINERS = ("wav", "rf64", "aiff", "au", "caf", "sphere", "flac", "raw", "amr", "ogg", "mp3", "mp4")
_FIRST = (
    "ulaw",
    "alaw",
    "pcm_s16",
    "pcm_s16le",
    "pcm_s16be",
    "pcm_s24",
    "pcm_u8",
    "pcm_s8",
    "pcm_s32",
    "pcm_f32",
    "gsm",
)
_sorted = sorted(
    FORMATS.values(),
    key=lambda form: (
        _CONTAINERS.index(form.container) if form.container in _CONTAINERS else len(_CONTAINERS),
        _FIRST.index(form.encoding) if form.encoding in _FIRST else len(_FIRST),
    ),
)
FORMATS.clear()
FORMATS.update((form.key, form) for form in _sorted)


def is_for_voices(encoding: str) -> bool:
    """Whether an encoding was made for voices, and does not keep the power of what is none."""
    return any(form.for_voices for form in FORMATS.values() if form.encoding == encoding)


def find_format(container: str, encoding: str) -> Format:
    """The format that writes this container and encoding.

    Raises
    ------
    RulesError : nothing here writes it; the message names what can be written.
    """
    try:
        return FORMATS[container, encoding]
    except KeyError:
        from ..installed import document

        raise RulesError(
            phrase(
                "Files of container “{container}” with encoding “{encoding}” cannot be written.",
                container=container,
                encoding=encoding,
            ),
            phrase(
                "{nearest_forms} {document} lists all.",
                nearest_forms=nearest_forms(container, encoding),
                document=document("formats.md"),
            ),
            "no_format",
        ) from None


def nearest_forms(container: str, encoding: str) -> str:
    """What can be written that was probably meant, as a sentence."""
    encodings = [e for c, e in FORMATS if c == container]
    near = nearest(encoding, encodings or [e for _, e in FORMATS], 2, 0.5)
    if not encodings:
        containers = list(dict.fromkeys(c for c, _ in FORMATS))
        found = nearest(container, containers, 1) or containers
        return phrase("Containers are {list}.", list=", ".join(found))
    return (
        phrase("Did you mean {list}?", list=" or ".join(near))
        if near
        else phrase("In {container} there is {list}.", container=container, list=", ".join(encodings))
    )
