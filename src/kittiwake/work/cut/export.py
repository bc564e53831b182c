"""Spans written into a file of their own."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from pathlib import Path

from ...core.codec import find_format
from ...core.codec.cues import add_cues
from ...core.intake import open_sound
from ...core.model import Stated
from .forms import Mark, cues_of, to_csv, to_tsv, to_vtt

FORMS = {".tsv": to_tsv, ".csv": to_csv, ".vtt": to_vtt}


def write_marks(
    part: Path,
    form: str,
    source: Path,
    stated: Stated | None,
    marks: Sequence[Mark],
    checkpoint: Callable[[], object] = bool,
) -> None:
    """Write marks to ``part``: in the form of an ending, or with ``.wav`` as cue points in a copy of the source's sound.

    Parameters
    ----------
    checkpoint : called between blocks of sound; it may raise to end it.

    Raises
    ------
    KittiwakeError, OSError, ValueError
    """
    if form != ".wav":
        part.write_text(FORMS.get(form, to_tsv)(list(marks)), "utf-8")
        return
    reader = open_sound(source, stated)
    try:
        header = reader.header
        writer = find_format("wav", "pcm_s24").open(part, header.sample_rate, header.channels, dither="none")
        try:
            for block in reader.blocks():
                writer.write(block)
                checkpoint()
        finally:
            writer.close()
        add_cues(part, cues_of(list(marks), header.sample_rate))
    finally:
        reader.close()
