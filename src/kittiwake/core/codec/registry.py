"""Every format that can be written. A new one is one file in this room and one line here."""

from __future__ import annotations

from ..errors import RulesError
from . import flac, wav
from .format import Format

FORMATS: dict[tuple[str, str], Format] = {f.key: f for f in (wav.ULAW, wav.PCM_16, wav.PCM_24, flac.FLAC_16)}


def find_format(container: str, encoding: str) -> Format:
    """The format that writes this container and encoding.

    Raises
    ------
    RulesError : nothing here writes it; the message names what can be written.
    """
    try:
        return FORMATS[container, encoding]
    except KeyError:
        known = ", ".join(f"{c} {e}" for c, e in FORMATS)
        raise RulesError(
            f"Files of container “{container}” with encoding “{encoding}” cannot be written.",
            f"Use one of: {known}.",
            "no_format",
        ) from None
