"""The verbs in a terminal. Results on stdout, progress on stderr; exit 0 all well, 1 something not, 2 wrong use."""

from __future__ import annotations

import io
import os
import signal
import sys
from collections.abc import Callable, Iterable, Iterator, Sequence
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path
from threading import Event
from typing import Any

import click

from ..actions import VERBS
from ..core.errors import KittiwakeError
from ..core.model.text import to_json

_paths = click.argument(
    "paths", nargs=-1, required=True, metavar="PATH...", type=click.Path(path_type=Path, readable=False)
)
_as_json = click.option("--json", "as_json", is_flag=True, help="One JSON object a line.")


class _Receiver(click.ParamType[Any]):
    name = "receiver"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        from ..core.model import load_receiver

        try:
            return load_receiver(value)
        except KittiwakeError as error:
            self.fail(str(error), param, ctx)


_for = click.option(
    "--for",
    "receivers",
    required=True,
    multiple=True,
    type=_Receiver(),
    help="A receiver's slug, or a TOML file; may be repeated.",
)


@click.group(help="Puts recorded voices into the machines that must speak them.")
@click.version_option(package_name="kittiwake")
def cli() -> None: ...


def _verb(name: str) -> Callable[[Callable[..., None]], click.Command]:
    """A command whose help comes from the registry of actions."""
    return cli.command(name, help=VERBS[name].help)


class _Stated(click.ParamType[Any]):
    name = "format"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        from ..core.model import Stated

        try:
            return Stated.parse(value)
        except KittiwakeError as error:
            self.fail(str(error), param, ctx)


_headerless = click.option(
    "--headerless",
    "stated",
    type=_Stated(),
    metavar="ENCODING@RATE[xCHANNELS]",
    help="The format of files without a header, such as ulaw@8000 or pcm_s16le@16000x2.",
)
_stream = click.option(
    "--stream",
    type=click.IntRange(1, 99),
    metavar="N",
    help="Which sound stream of a video to use, from 1; default: the first.",
)
_true_rate = click.option(
    "--true-rate", type=click.IntRange(1000, 768_000), metavar="HZ", help="The rate the sound was really taken at."
)
_remedy = click.option(
    "--remedy",
    "remedies",
    multiple=True,
    metavar="CODE",
    help="Take this remedy wherever it is offered; may be repeated.",
)


@_verb("facts")
@_headerless
@_stream
@_as_json
@_paths
def facts_verb(paths: tuple[Path, ...], stated: Any, stream: int | None, as_json: bool) -> None:
    from ..core.fit.suspicion import Voiceprint

    good = True
    folders: dict[Path, list[Voiceprint]] = {}
    for facts in _look(paths, stated, stream, pitch=True):
        good &= facts.ok
        if print_ := Voiceprint.of(facts):
            folders.setdefault(facts.path.parent, []).append(print_)
        if as_json:
            _emit(facts.to_dict())
        else:
            from .words import facts_in_words

            click.echo(facts_in_words(facts))
    _suspect(folders, as_json)
    _leave(good)


def _suspect(folders: dict[Path, list[Any]], as_json: bool) -> None:
    """Say last whose rate looks false beside the others of its folder."""
    from ..core.fit.suspicion import suspicions

    for prints in folders.values():
        for path, problem in suspicions(prints).items():
            if as_json:
                _emit({"path": str(path), "suspicion": problem.code, "message": problem.message})
            else:
                click.echo(
                    f"{path}: {problem.message} If so: --true-rate {problem.remedies[0].touch_up['true_rate']}"
                )


@_verb("fit")
@_for
@_headerless
@_stream
@_true_rate
@_remedy
@_as_json
@_paths
def fit_verb(
    paths: tuple[Path, ...],
    receivers: tuple[Any, ...],
    stated: Any,
    stream: int | None,
    true_rate: int | None,
    remedies: Any,
    as_json: bool,
) -> None:
    good = True
    for facts in _look(paths, stated, stream):
        for receiver in receivers:
            _, found = _planned(facts, receiver, true_rate, remedies)
            good &= found.ready
            if as_json:
                _emit({"path": str(facts.path), "receiver": receiver.slug, **found.to_dict()})
            else:
                from .words import fit_in_words

                click.echo(fit_in_words(facts.path, receiver, found))
    _leave(good)


@_verb("make")
@_for
@click.option("--into", required=True, type=click.Path(path_type=Path, file_okay=False), help="Output folder.")
@click.option("--workers", type=click.IntRange(1, 64), default=None, help="How many at once; default: all cores.")
@click.option("--on", default="", metavar="ADDRESS", help="Make on the Dask cluster whose scheduler is there.")
@_headerless
@_stream
@_true_rate
@_remedy
@_as_json
@_paths
def make_verb(
    paths: tuple[Path, ...],
    receivers: tuple[Any, ...],
    into: Path,
    workers: int | None,
    on: str,
    stated: Any,
    stream: int | None,
    true_rate: int | None,
    remedies: Any,
    as_json: bool,
) -> None:
    from ..core.make import Wish, make_files
    from .progress import Making

    found = _found(paths, everything=stated is not None)
    # Several receivers get a folder each, one has the folder to itself.
    folders = [into / (r.delivery.folder or r.slug) if len(receivers) > 1 else into for r in receivers]
    wish = Wish(
        receivers=tuple(receivers),
        folders=tuple(folder.absolute() for folder in folders),
        stated=stated,
        stream=stream,
        true_rate=true_rate,
        remedies=tuple(remedies),
    )
    good = True
    stop = Event()
    # Ctrl+C drops the work in hand without a trace and still reports what was made.
    signal.signal(signal.SIGINT, lambda *_: stop.set())
    total = len(found) * len(receivers)
    done = 0
    try:
        with Making("Making", total) as progress:
            for outcome in make_files(found, wish, workers=workers, cancelled=stop.is_set, on=on):
                done += 1
                good &= outcome.good
                progress.made(outcome.good, outcome.source_seconds)
                if as_json:
                    _emit(outcome.told)
                else:
                    from .words import made_in_words

                    click.echo(made_in_words(outcome.told))
    except KittiwakeError as error:
        click.echo(str(error), err=True)
        sys.exit(1)
    if done < total:
        click.echo(
            f"Stopped: {done} of {total} outputs were made or left as they are. The same command goes on from there.",
            err=True,
        )
    _leave(good and done == total)


@_verb("status")
@click.option("--remove", is_flag=True, help="Remove outputs whose source is gone, if nobody has altered them.")
@_as_json
@click.argument(
    "folders", nargs=-1, required=True, metavar="FOLDER...", type=click.Path(path_type=Path, file_okay=False)
)
def status_verb(folders: tuple[Path, ...], remove: bool, as_json: bool) -> None:
    from ..core.make.account import account, remove_orphans

    good = True
    for folder in folders:
        try:
            if remove:
                for path, trouble in remove_orphans(folder.absolute()):
                    click.echo(f"could not remove  {path}: {trouble}" if trouble else f"removed  {path}", err=as_json)
            counts: dict[str, int] = {}
            for one in account(folder.absolute()):
                counts[one.state] = counts.get(one.state, 0) + 1
                good &= one.state == "as made"
                if as_json:
                    _emit(one.to_dict())
                elif one.state != "as made":
                    click.echo(f"{one.state}  {one.output}  (from {one.entry.source})")
            if not as_json:
                told = ", ".join(f"{count:,} {state}" for state, count in sorted(counts.items())) or "nothing made"
                click.echo(f"{folder}: {told}")
        except KittiwakeError as error:
            good = False
            click.echo(str(error), err=True)
    _leave(good)


@_verb("explain")
@_as_json
@click.argument("output", type=click.Path(path_type=Path))
def explain_verb(output: Path, as_json: bool) -> None:
    from ..core.make.account import explain

    try:
        found, steps = explain(output.absolute())
    except KittiwakeError as error:
        click.echo(str(error), err=True)
        sys.exit(1)
    if as_json:
        entry = found.entry
        more = {
            name: getattr(entry, name) for name in ("sha256", "source_digest", "order", "fingerprint", "versions")
        }
        figures = {"gain_db": entry.gain_db, "level_dbov": entry.level_dbov}
        _emit({**found.to_dict(), **more, **figures, "steps": list(steps)})
    else:
        from .words import explained_in_words

        click.echo(explained_in_words(found, steps))
    _leave(found.state == "as made")


@_verb("proof")
@_for
@_as_json
@_paths
def proof_verb(paths: tuple[Path, ...], receivers: tuple[Any, ...], as_json: bool) -> None:
    from ..core.make import prove

    headerless = any(accepted.container == "raw" for receiver in receivers for accepted in receiver.rules.accepts)
    good = True
    for path in _found(paths, everything=headerless):
        for receiver in receivers:
            proof = prove(path, receiver)
            good &= proof.passed
            if as_json:
                _emit({"path": str(path), "receiver": receiver.slug, **proof.to_dict()})
            else:
                from .words import proof_in_words

                click.echo(proof_in_words(path, receiver, proof))
    _leave(good)


@_verb("compare")
@_headerless
@_stream
@_as_json
@click.argument("file", type=click.Path(path_type=Path, readable=False))
def compare_verb(file: Path, stated: Any, stream: int | None, as_json: bool) -> None:
    import tempfile

    from ..core.make.compare import compare
    from ..core.measure.look import look_as_stated
    from ..core.model import Clip

    facts = look_as_stated(file.absolute(), stated, stream)
    if not facts.ok:
        click.echo(f"{file}: {facts.error}", err=True)
        sys.exit(1)
    with tempfile.TemporaryDirectory(prefix="kittiwake-compare-") as folder:
        if not as_json:
            from .words import COMPARISON_HEAD

            click.echo(COMPARISON_HEAD)
        for found in compare(Clip.whole(facts.path), facts, Path(folder)):
            if as_json:
                _emit({"path": str(facts.path), **found.to_dict()})
            else:
                from .words import comparison_in_words

                click.echo(comparison_in_words(found))
    _leave(True)


@cli.group("receivers", help=VERBS["receivers"].help, invoke_without_command=True)
@_as_json
@click.pass_context
def receivers_verb(context: click.Context, as_json: bool) -> None:
    from ..core.model import shipped_receivers

    if context.invoked_subcommand:
        return
    for receiver in shipped_receivers().values():
        if as_json:
            _emit(receiver.model_dump(mode="json"))
        else:
            from .words import receiver_in_words

            click.echo(receiver_in_words(receiver))


@receivers_verb.command("show", help="Print the TOML of a receiver, to begin one of your own from.")
@click.argument("which")
def show_verb(which: str) -> None:
    from ..core.model.receiver import receiver_text

    try:
        click.echo(receiver_text(which), nl=False)
    except KittiwakeError as error:
        raise click.UsageError(str(error)) from error


@receivers_verb.command("check", help="Say whether TOML files describe receivers that can be made for.")
@_as_json
@click.argument("files", nargs=-1, required=True)
def check_verb(files: tuple[str, ...], as_json: bool) -> None:
    from ..core.fit import check_receiver
    from ..core.model import load_receiver

    good = True
    for file in files:
        try:
            receiver = load_receiver(file)
            faults = check_receiver(receiver)
        except KittiwakeError as error:
            faults = [str(error)]
        good &= not faults
        if as_json:
            _emit({"receiver": file, "ok": not faults, "faults": faults})
        else:
            click.echo(f"{file}: {'right' if not faults else ' '.join(faults)}")
    _leave(good)


@_verb("window")
@click.option("--demo", is_flag=True, help="Open the demo job.")
@click.option(
    "--picture", type=click.Path(path_type=Path, dir_okay=False), help="Save a picture of the window; leave."
)
@click.option("--dark/--light", default=None, help="Instead of what the desktop says.")
@click.argument("paths", nargs=-1, type=click.Path(path_type=Path, exists=True))
def window_verb(paths: tuple[Path, ...], demo: bool, picture: Path | None, dark: bool | None) -> None:
    from ..ui.start import start

    sys.exit(start(list(paths), demo=demo, picture=picture, dark=dark))


def _planned(facts: Any, receiver: Any, true_rate: int | None, remedies: Iterable[str]) -> tuple[Any, Any]:
    """The clip that a file is, with the wished remedies taken, and its fit."""
    from ..core.make import planned

    try:
        return planned(facts.path, facts, receiver, true_rate, remedies)
    except KittiwakeError as error:  # a receiver that nothing can be written for is wrong use
        raise click.UsageError(str(error)) from error


def _found(paths: Iterable[Path], *, everything: bool = False) -> Sequence[Path]:
    from ..core.intake import PathList, find_sound_files

    found = PathList(find_sound_files(list(paths), everything=everything))
    if not found:
        click.echo("No sound was found there.", err=True)
        sys.exit(1)
    return found


def _look(
    paths: Iterable[Path], stated: Any = None, stream: int | None = None, *, pitch: bool = False
) -> Iterator[Any]:
    """Facts of every file, in order, several at a time."""
    from ..core.measure.look import look_as_stated
    from .progress import Bar

    workers = os.cpu_count() or 1
    found = _found(paths, everything=stated is not None)
    with Bar("Looking", len(found)) as bar, ThreadPoolExecutor(workers, thread_name_prefix="look") as pool:
        waiting: list[Any] = []
        for path in found:
            waiting.append(pool.submit(look_as_stated, path, stated, stream, pitch=pitch))
            if len(waiting) > 4 * workers:
                yield waiting.pop(0).result()
                bar.done()
        for future in waiting:
            yield future.result()
            bar.done()


def _emit(data: dict[str, Any]) -> None:
    click.echo(to_json(data))


def _leave(good: bool) -> None:
    sys.exit(0 if good else 1)


def main() -> None:
    """Entry point of ``kittiwake``; with no words at all it opens the window."""
    for stream in (sys.stdout, sys.stderr):
        # A file name that is not valid UTF-8 must not stop the listing of the others.
        if isinstance(stream, io.TextIOWrapper):
            stream.reconfigure(errors="backslashreplace")
    try:
        cli(args=None if len(sys.argv) > 1 else ["window"])
    except BrokenPipeError:  # the reader of our output has seen enough
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        sys.exit(1)


if __name__ == "__main__":
    main()
