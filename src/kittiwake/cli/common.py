"""What the verbs share: their options, how they print, how they look at files, how they leave."""

from __future__ import annotations

import functools
import math
import sys
from collections.abc import Callable, Iterable, Iterator, Sequence
from pathlib import Path
from typing import TYPE_CHECKING, Any, NoReturn

import click

from ..commands import Command, register
from ..core.disk.text import printable, to_json
from ..core.errors import KittiwakeError
from ..version import __version__
from ..words import in_words, phrase, tr
from . import progress
from .help_pages import AllVerbs

if TYPE_CHECKING:
    from click.shell_completion import CompletionItem


class Number(click.FloatRange):
    """A number within bounds; what is none (NaN) lies in no bounds, though every comparison lets it through."""

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        found = super().convert(value, param, ctx)
        if not math.isfinite(found):
            self.fail(tr("“{value}” is no number that can be meant.", value=value), param, ctx)
        return found


class GivenPath(click.Path):
    """A path; an empty one is a slip and not the current folder."""

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        if str(value) == "":
            self.fail(tr("an empty path; write . for the current folder"), param, ctx)
        if "\0" in str(value):
            self.fail(tr("a path with NUL in it"), param, ctx)
        return super().convert(value, param, ctx)


class _Receiver(click.ParamType[Any]):
    name = "receiver"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        from ..core.model import load_receiver

        try:
            return load_receiver(value)
        except KittiwakeError as error:
            self.fail(printable(in_words(str(error))), param, ctx)

    def shell_complete(self, ctx: click.Context, param: click.Parameter, incomplete: str) -> list[CompletionItem]:
        from click.shell_completion import CompletionItem

        from ..core.model import shipped_receivers
        from ..core.model.own_receivers import own_receivers

        known = {**shipped_receivers(), **own_receivers()}
        found = [CompletionItem(slug, help=one.name) for slug, one in known.items() if slug.startswith(incomplete)]
        return found or [CompletionItem(incomplete, type="file")]


class _ReceiverWord(_Receiver):
    """As it is written: a slug, or the whole path of a TOML file."""

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        super().convert(value, param, ctx)
        return str(Path(value).absolute()) if str(value).endswith(".toml") else str(value)


receiver_type, receiver_word = _Receiver(), _ReceiverWord()


class _Stated(click.ParamType[Any]):
    name = "format"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        from ..core.model import Stated

        try:
            return Stated.parse(value)
        except KittiwakeError as error:
            self.fail(printable(in_words(str(error))), param, ctx)


class _Remedy(click.ParamType[Any]):
    name = "code"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        from ..core.fit.remedies import is_remedy, nearest_remedy

        if not is_remedy(value):
            near = nearest_remedy(value)
            self.fail(
                tr(
                    "there is no remedy “{value}”{near}",
                    value=value,
                    near=tr("; did you mean {near}?", near=near) if near else "",
                ),
                param,
                ctx,
            )
        return value


paths_argument = click.argument(
    "paths", nargs=-1, required=True, metavar="PATH...", type=GivenPath(path_type=Path, readable=False)
)
as_json = click.option("--json", "as_json", is_flag=True, help="One JSON object a line.")


class _Form(click.ParamType[Any]):
    name = "form"

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> Any:
        from ..core.fit.receiver_query import receiver_of_wish

        try:
            receiver_of_wish(value)
        except KittiwakeError as error:
            self.fail(printable(in_words(str(error))), param, ctx)
        return value


class _BitRate(click.ParamType[int]):
    """``192k``, ``192`` (kbit/s), or bit/s."""

    name = phrase("bit rate")

    def convert(self, value: Any, param: click.Parameter | None, ctx: click.Context | None) -> int:
        try:
            number = float(str(value).lower().removesuffix("bit/s").strip().removesuffix("k"))
        except ValueError:
            self.fail(tr("“{value}” is no bit rate, such as 192k", value=value), param, ctx)
        return round(number * 1000) if number < 1000 else round(number)


_RECEIVER_OPTIONS = (
    click.option("--for", "receivers", multiple=True, type=receiver_type, help="A receiver's slug, or a TOML file; may be repeated."),
    click.option("--form", "forms", multiple=True, type=_Form(), metavar="FORM",
                 help="A form for once: mp3, wav/ulaw, or “wav 44.1k mono -20 lufs”; may be repeated."),
    click.option("--rate", type=click.IntRange(1000, 768_000), metavar="HZ", help="Sample rate of the forms; default: the source's."),
    click.option("--channels", type=click.IntRange(1, 2), help="Channels of the forms; default: as the source has."),
    click.option("--bit-rate", type=_BitRate(), default=0, metavar="KBIT", help="Bit rate of the forms, such as 192k."),
    click.option("--variable", is_flag=True, help="Let the bit rate of the forms vary."),
    click.option("--set", "settings", multiple=True, metavar="FIELD=VALUE",
                 help="A field of the receivers, such as level.measure=loudness or max_seconds=3; may be repeated."),
)  # fmt: skip


def for_receivers_if_any(run: Callable[..., None]) -> Callable[..., None]:
    """As ``for_receivers``, where a verb can do without."""
    return for_receivers(run, needed=False)


def for_receivers(run: Callable[..., None], *, needed: bool = True, touch_ups: bool = False) -> Callable[..., None]:
    """Options that name receivers, or describe them for once; the verb gets ``receivers``.

    With ``touch_ups`` it gets ``added`` too: what ``--set`` says of touch-ups that were added from outside, by key.
    """

    @functools.wraps(run)
    def with_receivers(
        *, receivers: tuple[Any, ...], forms: tuple[str, ...], rate: int | None, channels: int | None, bit_rate: int,
        variable: bool, settings: tuple[str, ...], **others: Any,
    ) -> None:  # fmt: skip
        if needed and not receivers and not forms:
            raise click.UsageError(tr("Say what to make for: --for RECEIVER, or --form FORM."))
        if not forms and (rate or channels or bit_rate or variable):
            raise click.UsageError(
                tr("--rate, --channels, --bit-rate and --variable go with --form; --set changes a receiver.")
            )
        chosen = list(receivers)
        try:
            if touch_ups:
                others["added"], settings = _added(settings)
            if forms or settings:
                from ..core.fit.one_off import receiver_of_form, with_settings
                from ..core.fit.receiver_query import receiver_of_wish

                asked: dict[str, Any] = {
                    "rate": rate,
                    "channels": channels or 0,
                    "bit_rate": bit_rate,
                    "variable": variable,
                }
                plain = any(asked.values())
                chosen += [receiver_of_form(form, **asked) if plain else receiver_of_wish(form) for form in forms]
                chosen = [with_settings(receiver, settings) for receiver in chosen] if settings else chosen
        except KittiwakeError as error:
            raise click.UsageError(printable(str(error))) from error
        run(receivers=tuple(chosen), **others)

    found: Callable[..., None] = with_receivers
    for option in reversed(_RECEIVER_OPTIONS):
        found = option(found)
    return found


def _added(settings: Iterable[str]) -> tuple[dict[str, float], tuple[str, ...]]:
    """Numbers of touch-ups from outside, by key; and the settings that are not about one.

    Raises
    ------
    KittiwakeError : a number is none, or out of its range.
    """
    from ..core.model.stages import STAGES

    numbers, others = {}, []
    for setting in settings:
        key, _, text = setting.partition("=")
        if (stage := STAGES.get(key.strip())) is None:
            others.append(setting)
            continue
        try:
            number = float(text)
        except ValueError:
            number = math.nan
        if not stage.low <= number <= stage.high:
            raise KittiwakeError(
                tr(
                    "{key} is a number from {low:g} to {high:g}, not “{text}”.",
                    key=stage.key,
                    low=stage.low,
                    high=stage.high,
                    text=text.strip(),
                )
            )
        numbers[stage.key] = number
    return numbers, tuple(others)


headerless = click.option(
    "--headerless",
    "stated",
    type=_Stated(),
    metavar="ENCODING@RATE[xCHANNELS][+BYTES]",
    help="The format of files without a header, such as ulaw@8000 or pcm_s16le@16000x2; ulaw@8000+23 passes over the first 23 bytes.",
)
stream_option = click.option(
    "--stream",
    type=click.IntRange(1, 99),
    metavar="N",
    help="Which sound stream of a video to use, from 1; default: the first.",
)
true_rate_option = click.option(
    "--true-rate", type=click.IntRange(1000, 768_000), metavar="HZ", help="The rate the sound was really taken at."
)
remedy_option = click.option(
    "--remedy",
    "remedies",
    multiple=True,
    metavar="CODE",
    type=_Remedy(),
    help="Take this remedy wherever it is offered; may be repeated. “kittiwake fit” names those that can be taken.",
)
strict_option = click.option("--strict", is_flag=True, help="Warnings count as not fitting.")


@click.group(
    cls=AllVerbs,
    help="Puts recorded voices into the machines that must speak them.",
    context_settings={"max_content_width": 100},
)
@click.version_option(__version__, prog_name="kittiwake")
def cli() -> None: ...


def verb(name: str, help: str, *examples: str, more: str = "") -> Callable[[Callable[..., None]], click.Command]:
    """A verb of the terminal, in the registry of commands; its help page has examples and what the exit code says."""
    register(Command(f"cli.{name}", name, help))
    return cli.command(name, help=help, more=more, examples=examples)


def say(text: str, err: bool = False) -> None:
    """Print for people: what a name holds that is no character to be seen does not reach the terminal."""
    progress.clear()
    click.echo(printable(in_words(text), keep="\n\u202f\u00a0"), err=err)


def emit(data: dict[str, Any]) -> None:
    progress.clear()
    click.echo(to_json(data))


def complain(error: object, as_json: bool, **more: Any) -> None:
    """Say what went wrong; in JSON as a line of its own too."""
    text = str(error)
    if as_json:
        emit({**more, "ok": False, "error": text})
    say(text, err=True)


#: Exit codes, as every help page says them.
ALL_WELL, FAILED, WANTS_DECISION, STOPPED = 0, 1, 3, 130


def leave(good: bool, undecided: bool = False) -> NoReturn:
    """``undecided``: whether all that is not good only wants a decision."""
    sys.exit(ALL_WELL if good else WANTS_DECISION if undecided else FAILED)


class Found(Sequence[Path]):
    """The files that were meant, and what was passed over on the way."""

    def __init__(self, paths: Iterable[Path], *, everything: bool = False, into: Path | None = None) -> None:
        from ..core.batch.search import find_sources
        from ..core.intake import PassedOver, PathList
        from ..core.intake.folder import SHOWN

        self.passed = PassedOver()
        self._paths: Sequence[Path] = PathList(
            find_sources(list(paths), self.passed, everything=everything, into=into)
        )
        if str(self.passed):
            say(str(self.passed), err=True)
            for path, why in self.passed.listed[SHOWN:]:
                say(f"  {path}: {why}", err=True)
        if not self._paths:
            say(tr("No sound was found there."), err=True)
            sys.exit(1)

    @property
    def whole(self) -> bool:
        """Whether every folder could be looked into."""
        return not self.passed.unreadable

    def __len__(self) -> int:
        return len(self._paths)

    def __getitem__(self, index: Any) -> Any:
        return self._paths[index]

    def __iter__(self) -> Iterator[Path]:
        return iter(self._paths)


def look(
    found: Sequence[Path],
    stated: Any = None,
    stream: int | None = None,
    *,
    pitch: bool = False,
    remedies: Iterable[str] = (),
) -> Iterator[Any]:
    """Facts of every file, in order, several at a time."""
    from ..core.batch.each import analyze_files

    guessed = "read_as_guessed" in remedies
    return counted(tr("Looking"), found, analyze_files(found, stated, stream, pitch=pitch, guessed=guessed))


def counted(doing: str, found: Sequence[Path], results: Iterable[Any]) -> Iterator[Any]:
    """Results of files as they come, under a bar that says what is being done."""
    with progress.Bar(doing, len(found)) as bar:
        for result in results:
            yield result
            bar.done()


def planned(facts: Any, receiver: Any, true_rate: int | None, remedies: Iterable[str]) -> tuple[Any, Any]:
    """The clip that a file is, with the wished remedies taken, and its fit."""
    from ..core.batch import planned

    try:
        return planned(facts.path, facts, receiver, true_rate, remedies)
    except KittiwakeError as error:  # a receiver that nothing can be written for is wrong use
        raise click.UsageError(str(error)) from error


def is_good(fit: Any, strict: bool) -> bool:
    """Whether a fit needs nobody's attention."""
    return bool(fit.ready) and not (strict and fit.warnings)
