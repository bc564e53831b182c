"""Spans of a source written as files of their own, without any other change."""

from __future__ import annotations

from pathlib import Path

from ...core.codec import find_format
from ...core.disk.place import file_digest, part_name, put_in_place, sweep
from ...core.fit.names import bare_name, numbered, unique_names
from ...core.model import Stated
from ...core.model.name_rules import Names
from .spoken import Spoken, SpokenRecording, cut_from

_NAMES = Names(allowed=r"\w .,'()-")


def write_clips(heard: SpokenRecording, stated: Stated | None, folder: Path) -> dict[Spoken, Path]:
    """Each span of speech, its air included, as WAV at the rate and with the channels of its source: 16 bits where that holds all of it, 24
    otherwise. What is in the folder is never replaced: a name that is taken gets a number, unless it is by the same bytes, as at a second call. Each file
    appears whole or not at all.

    Raises
    ------
    IntakeError, MakeError, OSError : what was written before stays.
    """
    from ...core.intake import open_sound

    speech = [span for span in heard.spans if span.kind == "speech"]
    if not speech:
        return {}
    reader = open_sound(heard.path, stated)
    header = reader.header
    reader.close()
    form = find_format("wav", "pcm_s16" if header.bits and header.bits <= 16 else "pcm_s24")
    names = unique_names([span.name for span in speech], _NAMES)
    ours: set[str] = set()  # of this call, in small letters: two spans that sound alike are still two
    out: dict[Spoken, Path] = {}
    part, writer, now = part_name(folder), None, -1
    sweep(folder)

    def finish() -> None:
        if writer is not None:
            writer.close()
            final = _place_for(part, folder, names[now], ours)
            ours.add(final.name.casefold())
            if final.exists():
                part.unlink()
            else:
                put_in_place(part, final, replace=False)
            out[speech[now]] = final

    try:
        for n, block in cut_from(heard.path, stated, [(span.start, span.stop) for span in speech]):
            if n != now:
                finish()
                part, now = part_name(folder), n
                writer = form.open(part, header.sample_rate, header.channels, dither="none")
            assert writer is not None
            writer.write(block)
        finish()
    finally:
        part.unlink(missing_ok=True)
    return out


def _place_for(part: Path, folder: Path, name: str, ours: set[str]) -> Path:
    """The first of ``name``, ``name_2`` and so on that is free, or that an earlier call has written the same bytes to."""
    there = {path.name.casefold(): path for path in folder.iterdir() if path != part}
    digest, plain, number = file_digest(part), name, 2
    while True:
        final = folder / bare_name(f"{name}.wav")
        known = there.get(final.name.casefold())
        if final.name.casefold() not in ours:
            if known is None:
                return final
            if known.is_file() and known.stat().st_size == part.stat().st_size and file_digest(known) == digest:
                return known
        name, number = numbered(plain, number, _NAMES), number + 1
