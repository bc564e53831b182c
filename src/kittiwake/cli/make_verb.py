"""The verb that makes."""

from __future__ import annotations

import contextlib
import itertools
import signal
import sys
from collections.abc import Sequence
from dataclasses import replace
from pathlib import Path
from threading import Event
from typing import Any, NoReturn

import click

from ..core.errors import KittiwakeError
from ..words import phrase, tr
from . import common
from .common import Found, complain, emit, leave, say, verb
from .progress import Making

_NAMES = phrase(
    "Outputs are called as their sources, as far as the receiver's rules for names allow. A name that is taken gets a number; --no-numbers refuses the file instead. With several receivers each has a folder of its own, by its delivery or its slug."
)


@verb(
    "make",
    "Make every output that needs no decision, and prove it.",
    "make --for phone-menu --into out/ recordings/",
    "make --for quay-beacon --remedy trim_and_speed_up --into out/ notice.ogg",
    "make --dry-run --for corpus --into out/ takes/",
    "make --form mp3 --rate 44100 --channels 2 --bit-rate 192k --into out/ theme.wav",
    "make --for master --set level.measure=loudness --set target_lufs=-20 --beside takes/",
    more=_NAMES,
)
@common.for_receivers
@click.option("--into", type=common.GivenPath(path_type=Path, file_okay=False), help="Output folder.")
@click.option("--mirror", is_flag=True, help="Within the output folder, have the folders that the sources have.")
@click.option("--beside", is_flag=True, help="Put outputs beside their sources, in place of --into.")
@click.option("--workers", type=click.IntRange(1, 64), default=None, help="How many at once; default: all cores.")
@click.option("--on", default="", metavar="ADDRESS", help="Make on the Dask cluster whose scheduler is there.")
@click.option("--dry-run", is_flag=True, help="Say what would be made, under which name and how large; make nothing.")
@click.option("--no-numbers", is_flag=True, help="Refuse a file whose name is taken, instead of numbering it.")
@click.option("--fail-if-altered", is_flag=True, help="Leave with 1 where an output was altered since it was made.")
@common.strict_option
@common.headerless
@common.stream_option
@common.true_rate_option
@common.remedy_option
@common.as_json
@common.paths_argument
def make_verb(
    paths: tuple[Path, ...],
    receivers: tuple[Any, ...],
    into: Path | None,
    mirror: bool,
    beside: bool,
    workers: int | None,
    on: str,
    dry_run: bool,
    no_numbers: bool,
    fail_if_altered: bool,
    strict: bool,
    stated: Any,
    stream: int | None,
    true_rate: int | None,
    remedies: Any,
    as_json: bool,
) -> None:
    from ..core.batch import BatchRequest

    if (into is None) is not beside or (beside and mirror):
        raise click.UsageError(tr("Say where outputs go: --into FOLDER, perhaps with --mirror, or --beside."))
    found = Found(paths, everything=stated is not None, into=into)
    request = BatchRequest(
        receivers=tuple(receivers),
        folders=(),
        stated=stated,
        stream=stream,
        true_rate=true_rate,
        remedies=tuple(remedies),
        numbers=not no_numbers,
        strict=strict,
    )
    parts = [
        (sources, replace(request, folders=folders_of(folder, receivers)))
        for folder, sources in _places(found, paths, into, mirror, beside).items()
    ]
    if dry_run:
        _dry_run(found, parts, strict, as_json)
    code = _made(found, parts, workers, on, fail_if_altered, as_json)
    sys.exit(code or (common.ALL_WELL if found.whole else common.FAILED))


def _places(
    found: Found, paths: tuple[Path, ...], into: Path | None, mirror: bool, beside: bool
) -> dict[Path, Sequence[Path]]:
    """Files by the folder that their outputs go to."""
    if not mirror and not beside:
        assert into is not None
        return {into.absolute(): found}
    roots = [path.absolute() if path.is_dir() else path.absolute().parent for path in paths]
    places: dict[Path, list[Path]] = {}
    for source in found:
        if beside:
            folder = source.parent
        else:
            root = next((root for root in roots if root in source.parents), source.parent)
            folder = (into or Path()).absolute() / source.parent.relative_to(root)
        places.setdefault(folder, []).append(source)
    return dict(places)


def folders_of(folder: Path, receivers: tuple[Any, ...]) -> tuple[Path, ...]:
    """``batch.places.folders_of``; what it refuses is wrong use."""
    from ..core.batch import places

    try:
        return places.folders_of(folder, receivers)
    except KittiwakeError as error:
        raise click.UsageError(str(error)) from error


def _made(
    found: Found,
    parts: list[tuple[Sequence[Path], Any]],
    workers: int | None,
    on: str,
    fail_if_altered: bool,
    as_json: bool,
) -> int:
    """Make them, and say what came of each; the exit code."""
    from ..core.batch import run_batch
    from .suspected import may_be_suspected, suspect_in_mixed_folders
    from .words import made_in_words

    undecided = suspected = 0
    doubts: list[dict[str, Any]] = []  # about rates
    sources: dict[str, bool] = {}  # as texts, which of many thousand take a third of what paths do
    stop = Event()
    # Ctrl+C drops the work in hand without a trace and still reports what was made.
    signal.signal(signal.SIGINT, lambda *_: stop.set())
    total = len(found) * len(parts[0][1].receivers)
    counts = dict.fromkeys(("made", "kept", "refused", "failed"), 0)
    altered = 0
    try:
        with contextlib.ExitStack() as stack:
            executor = _executor(found, parts[0][1], workers, on, stack)
            progress = stack.enter_context(Making(tr("Making"), total))
            results = (run_batch(items, request, executor, cancelled=stop.is_set) for items, request in parts)
            for result in itertools.chain.from_iterable(results):
                counts[result.status] += 1
                if result.good:
                    sources[result.path] = sources.get(result.path, False) or result.status == "made"
                altered += bool(result.altered)
                undecided += result.code == "decide"
                progress.made(result.good, result.source_seconds)
                if as_json:
                    emit(result.to_dict())
                else:
                    say(made_in_words(result.to_dict()))
    except KittiwakeError as error:
        complain(error, as_json)
        sys.exit(1)
    # What was stated is not doubted, and where nothing is new it was said before.
    if any(sources.values()) and not stop.is_set() and may_be_suspected(parts[0][1]):
        suspected = suspect_in_mixed_folders(map(Path, sources), doubts.append if as_json else None)
    done = sum(counts.values())
    if as_json:
        emit(
            {
                "summary": True,
                **counts,
                "altered": altered,
                "stopped": done < total,
                "passed_over": str(found.passed),
                "rates": doubts,
            }
        )
    if done < total:
        say(
            tr(
                "Stopped: {done} of {total} outputs were made or left as they are. The same command goes on from there.",
                done=done,
                total=total,
            ),
            err=True,
        )
    if stop.is_set() and done < total:
        return common.STOPPED
    lost = counts["refused"] + counts["failed"]
    doubtful = suspected and parts[0][1].strict
    if done < total or lost > undecided or (fail_if_altered and altered) or doubtful:
        return common.FAILED
    return common.WANTS_DECISION if undecided else common.ALL_WELL


def _executor(found: Found, request: Any, workers: int | None, on: str, stack: contextlib.ExitStack) -> Any:
    if not on and not workers:
        from ..core.batch.alone import executor_for

        return executor_for(found, request)
    if not on:
        from ..core.process import Processes

        return Processes(workers)
    from ..core.batch.cluster import Cluster

    return stack.enter_context(Cluster(on))


def _dry_run(found: Found, parts: list[tuple[Sequence[Path], Any]], strict: bool, as_json: bool) -> NoReturn:
    """What would be made, and nothing of it."""
    from .suspected import say_suspicions

    voices: dict[Path, list[Any]] = {}
    verdicts = set().union(*(_would_make(items, request, strict, as_json, voices) for items, request in parts))
    doubts: list[dict[str, Any]] = []
    if say_suspicions(voices, doubts.append if as_json else None) and strict:
        verdicts.add("warning")
    if doubts:
        emit({"summary": True, "rates": doubts})
    leave(not verdicts and found.whole, undecided=verdicts == {"decide"} and found.whole)


def _would_make(
    found: Sequence[Path], request: Any, strict: bool, as_json: bool, voices: dict[Path, list[Any]]
) -> set[str]:
    """Say what would come of each; the verdicts of those that would not be made.

    Parameters
    ----------
    voices : gets the voiceprints of each folder, to compare their rates by.
    """
    from ..core.batch.naming import Naming
    from ..core.fit.suspicion import Voiceprint
    from ..core.make.ledger import Ledger
    from .suspected import may_be_suspected
    from .words import would_make_in_words

    namings = [
        Naming(receiver, folder, Ledger(folder), request.true_rate, numbers=request.numbers, items=found).names(found)
        for receiver, folder in zip(request.receivers, request.folders, strict=True)
    ]
    refused: set[str] = set()
    doubted = may_be_suspected(request)
    looking = common.look(found, request.stated, request.stream, remedies=request.remedies, pitch=doubted)
    for facts, *names in zip(looking, *namings, strict=True):
        if doubted and (voice := Voiceprint.of(facts)):
            voices.setdefault(facts.path.parent, []).append(voice)
        for receiver, folder, name in zip(request.receivers, request.folders, names, strict=True):
            _, fit = common.planned(facts, receiver, request.true_rate, request.remedies)
            ready = common.is_good(fit, strict) and bool(name.stem)
            refused |= set() if ready else {fit.verdict}
            extension = receiver.rules.names.extension_for(fit.recipe.format.extension) if fit.recipe else ""
            output = folder / f"{name.stem}{extension}" if name.stem else None
            if as_json:
                values = {
                    "path": str(facts.path),
                    "receiver": receiver.slug,
                    "status": "would make" if ready else "would refuse",
                }
                emit(
                    {**values, "output": str(output) if ready else None, "taken": name.taken or None, **fit.to_dict()}
                )
            else:
                say(would_make_in_words(facts.path, receiver, output, name.taken, fit, ready))
    return refused
