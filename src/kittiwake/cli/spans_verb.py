"""The verb that finds what is spoken in a recording, and cuts it out if it is asked to."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path
from typing import Any

import click

from ..core.disk.text import printable
from ..core.errors import KittiwakeError, reason_of
from ..plain_data import dataclass
from ..words import phrase, tr
from . import common
from .common import Found, complain, emit, leave, say, verb

_MOST_NAMES = 4 << 20  # bytes
_MORE = phrase(
    "Times are seconds: start and stop with the air that a clip keeps, speech_start and speech_stop without. Level: active speech level, ITU-T P.56. Other sound (coughs, doors) is listed and never cut out. A name that is taken gets a number."
)


@verb(
    "spans",
    "Find what is spoken in recordings, and cut it out.",
    "spans reading.wav",
    "spans --names lines.txt --clips cut/ reading.wav",
    "spans --json --pause 0.8 recordings/",
    more=_MORE,
)
@click.option(
    "--above-room", type=common.Number(6, 30), metavar="DB", help="dB above the room where sound begins (9)."
)
@click.option("--pause", type=common.Number(0.1, 5), metavar="S", help="A shorter pause does not separate (0.5).")
@click.option("--shortest", type=common.Number(0.05, 5), metavar="S", help="Shorter speech is left out (0.15).")
@click.option("--air-before", type=common.Number(0, 2), metavar="S", help="Kept before the first sound (0.1).")
@click.option("--air-after", type=common.Number(0, 2), metavar="S", help="Kept after the last sound (0.1).")
@click.option(
    "--names",
    type=common.GivenPath(path_type=Path, exists=True, dir_okay=False),
    help="The lines that were read, in order: a name a line, “name: words”, or a table.",
)
@click.option(
    "--clips", type=common.GivenPath(path_type=Path, file_okay=False), help="Write each span of speech there, as WAV."
)
@common.headerless
@common.stream_option
@common.as_json
@common.paths_argument
def spans_verb(
    paths: tuple[Path, ...],
    stated: Any,
    stream: int | None,
    names: Path | None,
    clips: Path | None,
    as_json: bool,
    **settings: float | None,
) -> None:
    from ..core.disk.text import text_of
    from ..work.cut import Find, read_lines
    from ..work.cut.clips import write_clips

    find = Find(**{name: value for name, value in settings.items() if value is not None})
    try:
        lines = read_lines(text_of(names, _MOST_NAMES, tr("list of lines"))) if names else []
    except (OSError, UnicodeDecodeError) as error:
        why = reason_of(error) if isinstance(error, OSError) else tr("it is not UTF-8")
        raise click.UsageError(
            tr("{names} cannot be read as a list of lines: {why}.", names=names, why=why)
        ) from error
    found = Found(paths, everything=stated is not None)
    if lines and len(found) > 1:
        raise click.UsageError(tr("--names is a list for one recording; {n} were given.", n=len(found)))
    good = found.whole
    for path, form, heard in _heard(found, stated, stream, find, lines):
        if isinstance(heard, str):
            good = False
            complain(heard, as_json, path=str(path))
            continue
        written = {}
        if clips is not None:
            try:
                written = write_clips(heard, form, clips)
            except (KittiwakeError, OSError) as error:
                good = False
                complain(error if isinstance(error, KittiwakeError) else reason_of(error), as_json, path=str(path))
        _tell(heard, written, as_json)
        speech = sum(span.kind == "speech" for span in heard.spans)
        if lines and speech != len(lines):
            say(
                tr(
                    "{path}: {speech} found for {count} lines; check where they part.",
                    "{path}: {speech} found for {count} line; check where they part.",
                    len(lines),
                    path=path,
                    speech=speech,
                    count=len(lines),
                ),
                err=True,
            )
            good = False
    leave(good)


def _heard(found: Found, stated: Any, stream: int | None, find: Any, lines: Any) -> Iterator[tuple[Path, Any, Any]]:
    """Each path, how it is read, and what was found or a sentence."""
    from ..core.batch.each import each
    from ..core.process import WorkerCrash

    for path, heard in common.counted(tr("Listening"), found, each(_Hear(stated, stream, find, lines), found)):
        yield (path, None, str(heard)) if isinstance(heard, WorkerCrash) else (path, *heard)


@dataclass(frozen=True, slots=True)
class _Hear:
    """Work of a worker process."""

    stated: Any
    stream: int | None
    find: Any
    lines: Any

    def __call__(self, path: Path) -> tuple[Any, Any]:
        from ..core.intake.claims import stated_for
        from ..work.cut.spoken import spoken_in

        form = None
        try:
            form = stated_for(path, self.stated, self.stream)
            return form, spoken_in(path, form, self.find, self.lines)
        except KittiwakeError as error:
            return form, str(error)
        except OSError as error:
            return form, f"{path}: {reason_of(error)}."


def _tell(heard: Any, written: dict[Any, Path], as_json: bool) -> None:
    from .words import span_in_words

    if not as_json:
        floor = (
            ""
            if heard.threshold_dbfs is None
            else tr(", counted from {threshold_dbfs:.0f} dBFS", threshold_dbfs=heard.threshold_dbfs).replace("-", "−")
        )
        count = sum(span.kind == "speech" for span in heard.spans)
        say(
            tr(
                "{path}: {count} spoken, room {room_dbfs:.0f} dBFS",
                path=printable(str(heard.path)),
                count=count,
                room_dbfs=heard.room_dbfs,
            ).replace(" -", " −")
            + floor
        )
    for span in heard.spans:
        if not as_json:
            say(span_in_words(span, heard.rate, written.get(span)))
            continue
        times = {
            key: round(getattr(span, key) / heard.rate, 6) for key in ("start", "stop", "speech_start", "speech_stop")
        }
        level = None if span.level_dbov is None else round(span.level_dbov, 2)
        values = {"path": str(heard.path), "kind": span.kind, **times, "level_dbov": level, "name": span.name}
        if span.text:
            values["text"] = span.text
        if span in written:
            values["clip"] = str(written[span])
        emit(values)
