"""The verb that cuts and touches up, and makes what comes of it: whatever the window can say of a clip."""

from __future__ import annotations

import functools
import itertools
import signal
from collections.abc import Callable, Iterable, Iterator
from pathlib import Path
from threading import Event
from typing import Any

import click

from ..core import schema
from ..core.errors import KittiwakeError
from ..core.model.touch_parameters import TOUCH_PARAMETERS
from ..words import phrase, tr
from . import common
from .common import Found, complain, emit, leave, say, verb
from .progress import Making

_MORE = phrase(
    "Times are seconds, m:ss, or samples (44100 samples). Without --span the whole file is one clip; names of several spans come from the spans. Nothing is written to the sources."
)


class _Speed(click.ParamType[float]):
    """``8%`` faster, ``-5%``, or times as fast: ``1.08``."""

    name = "speed"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> float:
        text = str(value).replace("−", "-").removesuffix(tr("times")).removesuffix("times").strip()
        try:
            speed = 1 + float(text.removesuffix("%")) / 100 if text.endswith("%") else float(text)
        except ValueError:
            self.fail(tr("“{value}” is no speed, such as 8% or 1.08", value=value), param, ctx)
        from ..core.model.clip import bounds_of

        low, high = bounds_of("speed")
        if not low <= speed <= high:
            self.fail(tr("{value} is beyond −50% to 100%", value=value), param, ctx)
        return speed


def _touch_options(run: Callable[..., None]) -> Callable[..., None]:
    """Give a verb an option for each parameter of a touch-up that has one."""
    from ..core.model.clip import TouchUp

    for one in reversed(TOUCH_PARAMETERS.values()):
        if not one.option:
            continue
        kind: Any = None
        if one.name == "speed":
            kind = _Speed()
        elif choices := schema.choices_of(TouchUp, one.name):
            kind = click.Choice(choices)
        elif bounds := schema.bounds_of(TouchUp, one.name):
            kind = common.Number(*bounds)
        flag: dict[str, Any] = (
            {"is_flag": True, "default": None} if schema.is_flag(TouchUp, one.name) else {"type": kind}
        )
        run = click.option(one.option, one.name, metavar=one.metavar or None, help=one.help, **flag)(run)
    return run


@verb(
    "touch",
    "Cut and touch up recordings, and make what comes of it.",
    "touch --span '0:02 to 0:13 fog' --louder 3 --faster 8% --for quay-beacon --into out/ notice.wav",
    "touch --span '0:00 to 1:05 Welcome' --span '1:05 to 3:40 Fares' --form wav --into parts/ talk.wav",
    "touch --without-pauses --form mp3 --into out/ talk.wav",
    "touch --fade-in 2 --fade-out 2 --form mp3 --bit-rate 192k --into out/ theme.wav",
    more=_MORE,
)
@functools.partial(common.for_receivers, touch_ups=True)
@click.option("--into", required=True, type=common.GivenPath(path_type=Path, file_okay=False), help="Output folder.")
@click.option("--span", "spans", multiple=True, metavar="'FROM to TO NAME'", help="A clip of it; may be repeated.")
@click.option(
    "--spans",
    "table",
    type=common.GivenPath(path_type=Path, exists=True, dir_okay=False),
    help="Spans of a table (CSV, TSV), WebVTT, or the cue points of a WAV.",
)
@click.option(
    "--leave-out", "without", multiple=True, metavar="'FROM to TO'", help="A stretch left out; may be repeated."
)
@click.option("--without-pauses", is_flag=True, help="Leave out what lies between what is spoken.")
@_touch_options
@click.option("--name", help="Name of the clip, where there is one.")
@click.option("--kind", default="", help="Kind of message, such as alert.")
@common.headerless
@common.stream_option
@common.true_rate_option
@common.remedy_option
@common.as_json
@common.paths_argument
def touch_verb(
    paths: tuple[Path, ...],
    receivers: tuple[Any, ...],
    into: Path,
    spans: tuple[str, ...],
    table: Path | None,
    without: tuple[str, ...],
    without_pauses: bool,
    added: dict[str, float],
    name: str | None,
    kind: str,
    stated: Any,
    stream: int | None,
    true_rate: int | None,
    remedies: tuple[str, ...],
    as_json: bool,
    **touched: Any,
) -> None:  # fmt: skip
    from ..core.model.clip import TouchUp

    found = Found(paths, everything=stated is not None, into=into)
    if name and (len(found) > 1 or spans or table):
        raise click.UsageError(tr("--name is for one clip: name spans by themselves, '0:02 to 0:13 fog'."))
    try:
        changes = {key: value for key, value in touched.items() if value is not None}
        if added:
            changes["more"] = [[key, number] for key, number in added.items()]
        touch_up = TouchUp.from_dict({**changes, **({"true_rate": true_rate} if true_rate else {})})
    except KittiwakeError as error:
        raise click.UsageError(str(error)) from error
    good = found.whole
    items: list[Any] = []
    for facts in common.look(found, stated, stream, remedies=remedies):
        if not facts.ok:
            good = False
            complain(f"{facts.path}: {facts.error}", as_json, path=str(facts.path))
            continue
        try:
            clips = list(_clips(facts, touch_up, spans, table, without, without_pauses, name, kind))
            items += _planned(clips, facts, receivers, remedies, len(items))
        except KittiwakeError as error:
            raise click.UsageError(f"{facts.path.name}: {error}") from error
    leave(make_items(items, receivers, into, as_json) and good)


def _clips(
    facts: Any, touch_up: Any, spans: Iterable[str], table: Path | None, without: Iterable[str], without_pauses: bool,
    name: str | None, kind: str,
) -> Iterator[Any]:  # fmt: skip
    """The clips of a source: a span each, or all of it."""
    from ..core.batch import clip_of
    from ..core.model.clip import id_of_name
    from ..work.cut.forms import read_marks
    from ..work.cut.times import span_of_text

    rate, frames = touch_up.true_rate or facts.header.sample_rate, facts.measures.frames
    gaps = [span_of_text(text, rate)[:2] for text in without]
    places = [span_of_text(text, rate) for text in spans]
    if table is not None:
        places += [(round(mark.start * rate), round(mark.stop * rate), mark.name) for mark in read_marks(table)]
    whole = clip_of(facts.path).changed(kind=kind, name=name or facts.path.stem)
    start, stop = 0, frames
    if without_pauses:
        start, stop, pauses = _spoken(facts)
        gaps += pauses
    touch_up = touch_up.changed(without=tuple(sorted(gaps)))
    if not places:
        full = (start, stop) == (0, frames)
        yield whole.changed(start=start, stop=None if full else stop, touch_up=touch_up)
        return
    for number, (first, last, called) in enumerate(places, 1):
        if first >= frames:
            sentence = tr(
                "It ends at {frames:.3f} s, before {first:.3f} s.", frames=frames / rate, first=first / rate
            )
            raise KittiwakeError(sentence, tr("Give spans that lie inside of it."), "no_span")
        clip_name = called or f"{facts.path.stem} {number:02}"
        yield whole.changed(
            id=id_of_name(clip_name, whole.id), name=clip_name, start=first, stop=min(last, frames), touch_up=touch_up
        )


def _spoken(facts: Any) -> tuple[int, int, list[tuple[int, int]]]:
    """From the first that is spoken to the last, and the pauses between."""
    from ..work.cut import find_speech
    from ..work.cut.activity import activity_of

    speech = find_speech(activity_of(facts.path, facts.stated)).speech
    if not speech:
        raise KittiwakeError(tr("Nothing is spoken in it."), tr("Leave --without-pauses out."), "no_speech")
    gaps = [(one[1], other[0]) for one, other in itertools.pairwise(speech) if other[0] > one[1]]
    return speech[0][0], speech[-1][1], gaps


def _planned(
    clips: Iterable[Any], facts: Any, receivers: Iterable[Any], remedies: Iterable[str], before: int
) -> list[Any]:
    """Clips with their fits. A remedy holds at the receiver that it was offered for."""
    from ..core.batch import PlannedClip
    from ..core.batch.stages import with_remedies

    items = []
    for number, clip in enumerate(clips, before + 1):
        for receiver in receivers:
            clip, _ = with_remedies(clip, facts, receiver, remedies)
        fits = {receiver.slug: with_remedies(clip, facts, receiver, ())[1] for receiver in receivers}
        items.append(PlannedClip(clip, facts, fits, number))
    return items


def make_items(items: list[Any], receivers: tuple[Any, ...], into: Path, as_json: bool) -> bool:
    """Make what is ready, and say what stands in the way of the rest."""
    from ..core.batch import BatchRequest, run_batch
    from .make_verb import folders_of
    from .words import fit_in_words, made_in_words

    ready, good = [], True
    by_slug = {receiver.slug: receiver for receiver in receivers}
    for item in items:
        fits = {slug: fit for slug, fit in item.fits.items() if fit.ready}
        for slug, fit in item.fits.items():
            if not fit.ready:
                good = False
                if as_json:
                    emit({"path": str(item.clip.source), "clip": item.clip.name, "receiver": slug, **fit.to_dict()})
                else:
                    say(fit_in_words(Path(item.clip.name), by_slug[slug], fit))
        if fits:
            ready.append(type(item)(item.clip, item.facts, fits, item.place))
    stop = Event()
    signal.signal(signal.SIGINT, lambda *_: stop.set())
    request = BatchRequest(tuple(receivers), tuple(one.absolute() for one in folders_of(into, receivers)))
    with Making(tr("Making"), sum(len(item.fits) for item in ready)) as progress:
        for result in run_batch(ready, request, cancelled=stop.is_set) if ready else ():
            good &= result.good
            progress.made(result.good, result.source_seconds)
            if as_json:
                emit(result.to_dict())
            else:
                say(made_in_words(result.to_dict()))
    return good
