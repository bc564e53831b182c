"""The verb that makes a corpus."""

from __future__ import annotations

import contextlib
import shlex
import signal
import sys
from dataclasses import replace
from itertools import islice
from pathlib import Path
from threading import Event
from typing import Any

import click

from ...cli import common, progress
from ...cli.common import complain, emit, leave, say, verb
from ...core.disk.text import printable
from ...core.errors import KittiwakeError
from ...words import in_words, phrase, tr

_PREVIEW = 10
_STEPS = {"measured": "Measuring", "made": "Making"}


class _Rule(click.ParamType[Any]):
    name = "rule"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        from .core.rules import rule_of

        try:
            return rule_of(value) if isinstance(value, str) else value
        except KittiwakeError as error:
            self.fail(printable(in_words(str(error))), param, ctx)


class _Bytes(click.ParamType[int]):
    """``500MB``, ``1GB``: powers of 1000."""

    name = "size"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> int:
        text = str(value).strip().upper().removesuffix("B")
        factor = {"K": 10**3, "M": 10**6, "G": 10**9}.get(text[-1:], 1)
        try:
            size = round(float(text.rstrip("KMG")) * factor)
        except (ValueError, OverflowError):
            size = 0
        if size <= 0 and value != 0:
            self.fail(tr("“{value}” is no size, such as 500MB", value=value), param, ctx)
        return size


@verb(
    "corpus",
    "Make a corpus: rows, qualities, doubles, rules, sides, files and their list.",
    "corpus --pattern '{speaker}/{id}' --preview takes/",
    "corpus --table clips.csv --rule 'snr >= 20 dB' --flag 'reverb < 0.6 s' --into corpus/ takes/",
    "corpus --table clips.csv --doubles drop --split 90/5/5 --seed harbour --balance language --balance gender --shards 1GB --into corpus/ takes/",
    more=phrase(
        "Who is on which side stays as it is when clips are added. A run that was stopped goes on where it was; nothing is measured or made twice. Rules are of: seconds, level, snr, noise, bandwidth, speech, reverb, hum, clipped, dc, dropouts, start, end, pace, words_wrong."
    ),
)
@click.option(
    "--for",
    "receiver",
    type=common._Receiver(),
    default="corpus",
    show_default=True,
    help="What every file is to be.",
)
@click.option("--into", type=common.GivenPath(path_type=Path, file_okay=False), help="Where the corpus goes.")
@click.option(
    "--table",
    type=common.GivenPath(path_type=Path, exists=True, dir_okay=False),
    help="Texts, speakers, languages: CSV, TSV, JSON Lines or a spreadsheet.",
)
@click.option(
    "--pattern",
    default="",
    metavar="PATTERN",
    help="What names of folders and files tell, such as {speaker}/{language}-{id}.",
)
@click.option("--texts-beside", is_flag=True, help="name.txt beside name.wav is its text.")
@click.option("--language", default="", help="Of clips that nothing else tells it of.")
@click.option("--rule", "drop", type=_Rule(), multiple=True, help="Leave out what breaks it; may be repeated.")
@click.option("--flag", type=_Rule(), multiple=True, help="Say what breaks it; may be repeated.")
@click.option(
    "--doubles",
    type=click.Choice(("drop", "flag", "keep")),
    default="flag",
    show_default=True,
    help="Clips that repeat another.",
)
@click.option(
    "--split", "shares", default="80/10/10", show_default=True, help="Shares of training, development and test."
)
@click.option("--seed", default="1", show_default=True, help="Decides which speaker goes where.")
@click.option(
    "--balance",
    multiple=True,
    default=("language",),
    show_default=True,
    help="What the sides are alike in, beside length; may be repeated.",
)
@click.option(
    "--splits",
    type=common.GivenPath(path_type=Path, exists=True, dir_okay=False),
    help="A splits.csv of before: speakers stay where it says.",
)
@click.option(
    "--shards",
    type=_Bytes(),
    default=0,
    metavar="SIZE",
    help="TAR archives of at most this size, in place of folders.",
)
@click.option(
    "--no-loose",
    is_flag=True,
    help="With --shards: leave no clips beside the archives, which takes half the space; a later run makes them all anew.",
)
@click.option("--parquet", is_flag=True, help="Write the list as Parquet too.")
@click.option(
    "--segments",
    metavar="SHORTEST-LONGEST",
    help="Cut what is longer in pauses, into pieces of so many seconds: 3-15.",
)
@click.option(
    "--heard",
    type=common.GivenPath(path_type=Path, exists=True, dir_okay=False),
    help="What an engine heard (hear --kept): for words_wrong, and times of words.",
)
@click.option(
    "--gone",
    is_flag=True,
    help="Recordings whose folder is gone or empty are meant to be: what was made of them is deleted.",
)
@click.option("--preview", is_flag=True, help="Show the first rows, and what is wrong with rows; do nothing.")
@click.option("--dry-run", is_flag=True, help="Measure and judge, and tell what rules cost; make nothing.")
@click.option("--workers", type=click.IntRange(1, 64), default=None, help="How many at once; default: all cores.")
@click.option(
    "--on", default="", metavar="ADDRESS", help="Measure and make on the Dask cluster whose scheduler is there."
)
@common.as_json
@common.paths_argument
def corpus_verb(
    paths: tuple[Path, ...], receiver: Any, into: Path | None, table: Path | None, pattern: str, texts_beside: bool, language: str,
    drop: tuple[Any, ...], flag: tuple[Any, ...], doubles: Any, shares: str, seed: str, balance: tuple[str, ...], splits: Path | None, shards: int,
    no_loose: bool, parquet: bool, segments: str | None, heard: Path | None, gone: bool, preview: bool, dry_run: bool, workers: int | None, on: str, as_json: bool,
) -> None:  # fmt: skip
    from .core.heard import read_heard
    from .core.request import CorpusRequest
    from .core.row import Findings
    from .core.rows import Source, rows_of
    from .core.segments import lengths_of, segmented
    from .core.split import shares_of

    if no_loose and not shards:
        raise click.UsageError(tr("--no-loose is about archives: say how large they may be, --shards 1GB."))
    if into is None and not preview:
        raise click.UsageError(tr("Say where the corpus goes: --into FOLDER."))
    stop = Event()
    signal.signal(signal.SIGINT, lambda *_: stop.set())
    findings = Findings()
    good = False
    try:
        root = paths[0].absolute() if len(paths) == 1 and paths[0].is_dir() else Path.cwd()
        source = Source(table, pattern, texts_beside, language)
        files = _files(paths, into)
        heard_texts = read_heard(heard) if heard else {}
        rows = rows_of(files, root, source, findings)
        if segments:
            rows = segmented(rows, lengths_of(segments), findings, heard_texts)
        if heard_texts:
            rows = (
                replace(row, heard=known.text)
                if (known := heard_texts.get(row.id) or heard_texts.get(row.path.stem)) and row.clip is None
                else row
                for row in rows
            )
        if preview:
            _preview(rows, findings, as_json)
            leave(True)
        assert into is not None
        wish = CorpusRequest(
            receiver, drop, flag, doubles, shares_of(shares), seed, balance, _sides_of(splits), shards, parquet, gone, not no_loose,
        )  # fmt: skip
        good = _built(rows, findings, wish, into.absolute(), workers, on, stop, dry_run, as_json)
    except KittiwakeError as error:
        complain(error, as_json)
    leave(good)


def _files(paths: tuple[Path, ...], into: Path | None) -> Any:
    from ...core.batch.search import find_sources
    from ...core.intake import PassedOver

    passed = PassedOver()
    target = into.resolve() if into is not None else None
    for path in find_sources([path.absolute() for path in paths], passed, into=into):
        if target is None or target not in path.resolve().parents:
            yield path
    if str(passed):
        say(str(passed), err=True)


def _sides_of(splits: Path | None) -> dict[str, str]:
    """The side of each speaker, as a table tells it.

    Raises
    ------
    KittiwakeError : it has no such columns, or names a side that is none.
    """
    from ...work.script.table import read_rows
    from .core.split import sides_of_rows

    return {} if splits is None else sides_of_rows(read_rows(splits), splits.name)


def _preview(rows: Any, findings: Any, as_json: bool) -> None:
    count = 0
    for row in rows:
        count += 1
        values = {
            "id": row.id,
            "text": row.text,
            "speaker": row.speaker,
            "language": row.language,
            **dict(row.traits),
        }
        if as_json:
            emit({**values, "path": str(row.path)})
        elif count <= _PREVIEW:
            say(printable("  ".join(f"{key}={value}" for key, value in values.items() if value)))
    if as_json:
        emit({"rows": count, "findings": findings.sentences})
        return
    say(
        tr(
            "{count:,} rows{faults}.",
            "{count:,} row{faults}.",
            count,
            count=count,
            faults=tr(", of which these are the first {preview}", preview=_PREVIEW) if count > _PREVIEW else "",
        )
    )
    for line in islice(findings.sentences, 50):
        say(printable(line), err=True)


def _built(
    rows: Any,
    findings: Any,
    wish: Any,
    into: Path,
    workers: int | None,
    on: str,
    stop: Event,
    dry_run: bool,
    as_json: bool,
) -> bool:
    from .core.build import Built, Step, build

    command = shlex.join(["kittiwake", *sys.argv[1:]])
    with _executor(workers, on) as executor, contextlib.ExitStack() as shown:
        bar, what = None, ""
        for step in build(rows, findings, wish, into, command, executor, stop.is_set, write=not dry_run):
            if isinstance(step, Built):
                shown.close()
                _tell(step, wish, as_json)
                return _no_side_is_empty(step, wish)
            assert isinstance(step, Step)
            if step.name != what:
                shown.close()
                bar, what = shown.enter_context(progress.Bar(_STEPS[step.name], step.total)), step.name
            if bar is not None and step.done:
                bar.reach(step.done)
    say(tr("Stopped; the same command goes on from here."), err=True)
    return False


def _no_side_is_empty(built: Any, wish: Any) -> bool:
    """Whether every side that is to have a share has something; says which have not."""
    if built.packed is None or not sum(built.packed.clips.values()):
        return True
    empty = [side for side, share in wish.shares.items() if share > 0 and not built.packed.clips[side]]
    for side in empty:
        say(
            tr(
                "Nothing came into {side}: there are too few speakers to give it one. Give --splits, or another --split.",
                side=side,
            ),
            err=True,
        )
    return not empty


def _executor(workers: int | None, on: str) -> Any:
    if on:
        from ...core.batch.cluster import Cluster

        return Cluster(on)
    from ...core.process import Processes

    return contextlib.nullcontext(Processes(workers) if workers else Processes())


def _tell(built: Any, wish: Any, as_json: bool) -> None:
    from .core.sheet import hours

    judged, packed = built.judged, built.packed
    if as_json:
        emit({
            "clips": judged.clips, "seconds": round(judged.seconds, 3), "of_clips": judged.of_clips, "of_seconds": round(judged.of_seconds, 3),
            "rules": {words: {"clips": cost.clips, "seconds": round(cost.seconds, 3), "drops": words in judged.drops} for words, cost in judged.costs.items()},
            "splits": {side: {"clips": packed.clips[side], "seconds": round(packed.seconds[side], 3)} for side in wish.shares} if packed else None,
            "shards": list(packed.shards) if packed else [], "findings": built.findings,
        })  # fmt: skip
        return
    say(
        tr(
            "{clips:,} of {of_clips:,} clips kept, {kept} of {all}.",
            clips=judged.clips,
            of_clips=judged.of_clips,
            kept=hours(judged.seconds),
            all=hours(judged.of_seconds),
        )
    )
    for words, cost in judged.costs.items():
        does = tr("leaves out") if words in judged.drops else tr("flags")
        say(
            tr(
                "  {rule}: {does} {clips:,} clips, {hours}",
                "  {rule}: {does} {clips:,} clip, {hours}",
                cost.clips,
                rule=printable(words),
                does=does,
                clips=cost.clips,
                hours=hours(cost.seconds),
            )
        )
    for side in wish.shares if packed else ():
        say(
            tr(
                "  {side}: {clips:,} clips, {hours}",
                "  {side}: {clips:,} clip, {hours}",
                packed.clips[side],
                side=side,
                clips=packed.clips[side],
                hours=hours(packed.seconds[side]),
            )
        )
    if packed and packed.shards and wish.loose:
        say(
            tr(
                "  The same clips lie loose in clips/ as well: the next run goes on from them. With --no-loose they are deleted, and made anew then."
            )
        )
    for line in built.findings:
        say(printable(line), err=True)
