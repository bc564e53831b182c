"""The verb that sends made files to a service that listens, and compares what it heard with what was meant."""

from __future__ import annotations

import signal
from pathlib import Path
from threading import Event
from typing import Any

import click

from ...cli import common
from ...cli.common import complain, emit, leave, say, verb
from ...core.disk.text import printable
from ...core.errors import KittiwakeError
from ...words import phrase, tr

MOST_EXPECTED = 400  # lines that go along with a request; services take a thousand or so


@verb(
    "hear",
    "Have a service listen to made files, and tell how many words it got wrong.",
    "hear --for speech-service out/ --texts script.csv",
    "hear --for my-service.toml out/ --kept answers.jsonl --json",
    "hear --for speech-service out/ --show",
    "hear --for speech-service takes/ --texts script.csv --codecs --picture codecs.svg",
    more=phrase(
        "The service is described in the receiver, [service]; where it names no url, a simulated one answers on the loopback interface, by the speech engine that runs here. With --kept nothing is asked twice for the same bytes."
    ),
)
@click.option("--for", "receiver", type=common._Receiver(), required=True, help="A receiver's slug, or a TOML file.")
@click.option(
    "--texts",
    type=common.GivenPath(path_type=Path, exists=True, dir_okay=False),
    help="A script: what is meant, by name.",
)
@click.option("--language", default="en", show_default=True, help="Of those that the script says nothing of.")
@click.option(
    "--kept", type=common.GivenPath(path_type=Path, dir_okay=False), help="Answers, kept from one run to the next."
)
@click.option(
    "--expect", is_flag=True, help="Let the service know the lines of the script: it hears one of them, or nothing."
)
@click.option(
    "--list",
    "list_",
    type=common.GivenPath(path_type=Path, dir_okay=False),
    help="Write all of it to a table, most doubtful first: .csv or .jsonl.",
)
@click.option(
    "--codecs",
    is_flag=True,
    help="Send the files as they are and after each codec, and tell what each costs in words.",
)
@click.option("--picture", type=common.GivenPath(path_type=Path, dir_okay=False), help="Of --codecs, as SVG.")
@click.option("--show", is_flag=True, help="Show the request for the first file, and a command for it; send nothing.")
@common.as_json
@common.paths_argument
def hear_verb(
    receiver: Any, texts: Path | None, language: str, kept: Path | None, expect: bool, list_: Path | None, codecs: bool, picture: Path | None,
    show: bool, as_json: bool, paths: tuple[Path, ...],
) -> None:  # fmt: skip
    if receiver.service is None:
        raise click.UsageError(tr("{receiver} is no service: its file has no [service].", receiver=receiver.name))
    from ...core.intake import find_sound_files
    from ...work.script.table import read_script
    from .core.ask import Store, ToAsk, as_command, hear, request_of
    from .core.simulated import Simulated, own_engines

    stop = Event()
    signal.signal(signal.SIGINT, lambda *_: stop.set())
    service = receiver.service.changed(expects=True) if expect else receiver.service
    simulated = engines = None
    try:
        lines = {line.name.casefold(): line for line in (read_script(texts).lines if texts else ())}
        texts_of = [line.text for line in lines.values()]
        items = []
        for path in find_sound_files(list(paths)):
            line = lines.get(path.stem.casefold())
            among = expected_of(line.text if line else "", texts_of)
            items.append(ToAsk(path, path.stem, (line.language if line else "") or language, None, among))
        if not items:
            raise KittiwakeError(
                tr("There is nothing to listen to."), tr("Name made files, or their folder."), "nothing"
            )
        if show:
            url = service.url or "http://127.0.0.1:PORT/hear"
            say(printable(request_of(items[0], service, url, "").shown).replace("\\n", "\n"))
            say(as_command(items[0], service, url))
            leave(True)
        if not service.url:
            engines = own_engines()
            simulated = Simulated(engines.hear)
        url = simulated.start() if simulated is not None else service.url
        store = Store(kept)
        if codecs:
            good = _codecs(items, lines, service, url, store, stop.is_set, picture, as_json)
        else:
            good = _show_answers(
                hear(items, service, url, store, stop.is_set), items, lines, language, list_, as_json
            )
        if store.trouble:
            say(printable(store.trouble), err=True)
    except KittiwakeError as error:
        complain(error, as_json)
        good = False
    finally:
        if simulated is not None:
            simulated.stop()
        if engines is not None:
            engines.close()
    leave(good)


def expected_of(own: str, every: list[str]) -> tuple[str, ...]:
    """The lines that a service is told one of is said: all of them, or of very many the one that is meant and others from all over the script."""
    if len(every) <= MOST_EXPECTED:
        return tuple(every)
    step = -(-len(every) // (MOST_EXPECTED - 1))
    return tuple(dict.fromkeys([*([own] if own else []), *every[::step]]))


def _show_answers(
    answers: Any, items: list[Any], lines: dict[str, Any], language: str, list_: Path | None, as_json: bool
) -> bool:
    """Say what came; whether every file got an answer."""
    from ...core.disk.place import write_over_own
    from .core.listed import as_csv, as_jsonl, is_list, listed, sum_of, sums

    every = []
    for answer in common.counted(tr("Listening"), items, answers):
        line = lines.get(answer.name.casefold())
        one = listed(
            answer, line.text if line else "", (line.language if line else "") or language, line.voice if line else ""
        )
        every.append(one)
        if as_json:
            emit(one.to_dict())
        elif answer.error:
            say(f"{printable(answer.name)}: {printable(answer.error)}", err=True)
        else:
            wrong = "" if one.found is None else "  right"
            if one.found is not None and one.found.words:
                wrong = tr(
                    "  {words:.0f} % of words wrong, meant “{meant}”", words=one.found.words * 100, meant=one.meant
                )
            say(f"{printable(answer.name)}: “{printable(answer.text)}”{printable(wrong)}")
    every.sort(key=lambda one: (-one.doubt, one.answer.name))
    if list_ is not None:
        data = as_csv(every) if list_.suffix.lower() == ".csv" else as_jsonl(every)
        write_over_own(list_.absolute(), data, is_list)
    whole = sum_of("all", every)
    if whole.words and not as_json:
        say(
            tr(
                "Word error rate of all: {words_wrong:.1f} % of {words:,} words.",
                words_wrong=whole.words_wrong * 100,
                words=whole.words,
            )
        )
        for by in ("language", "speaker"):
            for part in sums(every, by):
                say(f"  {by} {printable(part.name)}: {part.sentence}")
    return not whole.unanswered


def _codecs(
    items: list[Any],
    lines: dict[str, Any],
    service: Any,
    url: str,
    store: Any,
    cancelled: Any,
    picture: Path | None,
    as_json: bool,
) -> bool:
    import dataclasses
    import tempfile

    from ...core.disk.place import write_over_own
    from ...core.measure.analyze import analyze
    from ...core.model import Clip
    from .core.costs import Meant, bars, codec_costs

    clips = []
    for item in items:
        line = lines.get(item.name.casefold())
        if line is not None and line.text:
            clips.append(
                Meant(Clip.whole(item.path.absolute()), analyze(item.path.absolute()), line.text, item.language)
            )
    found = []
    with tempfile.TemporaryDirectory(prefix="kittiwake-codecs-") as folder:
        for cost in codec_costs(clips, service, url, store, Path(folder), None, cancelled):
            found.append(cost)
            if as_json:
                emit(dataclasses.asdict(cost))
            else:
                more = f"{cost.more * 100:+6.1f}".replace("-", "−") if len(found) > 1 else ""
                bits = f"{cost.kbit_s:6.1f} kbit/s" if cost.kbit_s else ""
                say(
                    tr(
                        "{name:34}{words_wrong:6.1f} % of words wrong  {more:6}  {bits}",
                        name=cost.name,
                        words_wrong=cost.words_wrong * 100,
                        more=more,
                        bits=bits,
                    )
                )
    if picture is not None:
        write_over_own(
            picture.absolute(), bars(found).encode("utf-8"), lambda beginning: beginning.startswith(b"<svg")
        )
    return all(not cost.unanswered for cost in found)
