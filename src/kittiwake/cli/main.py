"""The verbs in a terminal. Results on stdout, progress on stderr; exit 0 all well, 1 something not, 2 wrong use."""

from __future__ import annotations

import io
import os
import signal
import sys
from collections.abc import Callable, Iterable, Iterator
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


_for = click.option("--for", "receiver", required=True, type=_Receiver(), help="A receiver's slug, or a TOML file.")


@click.group(help="Puts recorded voices into the machines that must speak them.")
@click.version_option(package_name="kittiwake")
def cli() -> None: ...


def _verb(name: str) -> Callable[[Callable[..., None]], click.Command]:
    """A command whose help comes from the registry of actions."""
    return cli.command(name, help=VERBS[name].help)


@_verb("facts")
@_as_json
@_paths
def facts_verb(paths: tuple[Path, ...], as_json: bool) -> None:
    good = True
    for facts in _look(paths):
        good &= facts.ok
        if as_json:
            _emit(facts.to_dict())
        else:
            from .words import facts_in_words

            click.echo(facts_in_words(facts))
    _leave(good)


@_verb("fit")
@_for
@_as_json
@_paths
def fit_verb(paths: tuple[Path, ...], receiver: Any, as_json: bool) -> None:
    from ..core.fit import fit
    from ..core.model import Clip

    good = True
    for facts in _look(paths):
        found = _planned(lambda facts=facts: fit(Clip.whole(facts.path), facts, receiver))  # type: ignore[misc]
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
@_as_json
@_paths
def make_verb(paths: tuple[Path, ...], receiver: Any, into: Path, workers: int | None, as_json: bool) -> None:
    from ..core.fit import fit
    from ..core.make import make_all, plan_outputs
    from ..core.model import Clip
    from .progress import Bar

    def plan() -> list[Any]:
        wanted = []
        for facts in _look(paths):
            clip = Clip.whole(facts.path)
            wanted.append((clip, facts, fit(clip, facts, receiver)))
        return plan_outputs(wanted, receiver, into.absolute())

    items = _planned(plan)
    good = True
    stop = Event()
    # Ctrl+C drops the work in hand without a trace and still reports what was made.
    signal.signal(signal.SIGINT, lambda *_: stop.set())
    with Bar("Making", len(items)) as bar:
        for made in make_all(
            items, workers=workers, watch=lambda item, share: bar.share(item, share), cancelled=stop.is_set
        ):
            bar.done(made.item)
            good &= made.status in ("made", "kept")
            if as_json:
                _emit(made.to_dict())
            else:
                from .words import made_in_words

                click.echo(made_in_words(made))
    _leave(good)


@_verb("proof")
@_for
@_as_json
@_paths
def proof_verb(paths: tuple[Path, ...], receiver: Any, as_json: bool) -> None:
    from ..core.make import prove

    good = True
    for path in _found(paths):
        proof = prove(path, receiver)
        good &= proof.passed
        if as_json:
            _emit({"path": str(path), "receiver": receiver.slug, **proof.to_dict()})
        else:
            from .words import proof_in_words

            click.echo(proof_in_words(path, receiver, proof))
    _leave(good)


@_verb("receivers")
@_as_json
def receivers_verb(as_json: bool) -> None:
    from ..core.model import shipped_receivers

    for receiver in shipped_receivers().values():
        if as_json:
            _emit(receiver.model_dump(mode="json"))
        else:
            from .words import receiver_in_words

            click.echo(receiver_in_words(receiver))


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


def _planned(work: Callable[[], Any]) -> Any:
    """The result of planning; a receiver that nothing can be written for is wrong use."""
    try:
        return work()
    except KittiwakeError as error:
        raise click.UsageError(str(error)) from error


def _found(paths: Iterable[Path]) -> Iterator[Path]:
    from ..core.intake import find_sound_files

    return find_sound_files(list(paths))


def _look(paths: Iterable[Path]) -> Iterator[Any]:
    """Facts of every file, in order, several at a time."""
    from ..core.measure import look_at
    from .progress import Bar

    workers = os.cpu_count() or 1
    found = list(_found(paths))
    if not found:
        click.echo("No sound was found there.", err=True)
        sys.exit(1)
    with Bar("Looking", len(found)) as bar, ThreadPoolExecutor(workers, thread_name_prefix="look") as pool:
        waiting: list[Any] = []
        for path in found:
            waiting.append(pool.submit(look_at, path))
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
