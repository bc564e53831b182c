"""The verb that sends made files to a service that listens, and compares what it heard with what was meant."""

from __future__ import annotations

import signal
from pathlib import Path
from threading import Event
from typing import Any

import click

from ..core.errors import KittiwakeError
from ..core.model.text import printable
from . import common
from .common import complain, emit, leave, say, verb


@verb(
    "hear",
    "Have a service listen to made files, and tell how many words it got wrong.",
    "hear --for speech-service out/ --texts script.csv",
    "hear --for my-service.toml out/ --kept answers.jsonl --json",
    "hear --for speech-service out/ --show",
    more="The service is described in the receiver, [service]; where it names no url, a simulated one answers on the loopback interface, by the speech\nengine that runs here. With --kept nothing is asked twice for the same bytes.",
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
@click.option("--show", is_flag=True, help="Show the request for the first file, and a command for it; send nothing.")
@common.as_json
@common.paths_argument
def hear_verb(
    receiver: Any, texts: Path | None, language: str, kept: Path | None, show: bool, as_json: bool, paths: tuple[Path, ...]
) -> None:  # fmt: skip
    if receiver.service is None:
        raise click.UsageError(f"{receiver.name} is no service: its file has no [service].")
    from ..core.intake import find_sound_files
    from ..core.script.table import read_script
    from ..core.service.ask import Store, ToAsk, as_command, hear, request_of
    from ..core.service.simulated import Simulated, free_ear

    stop = Event()
    signal.signal(signal.SIGINT, lambda *_: stop.set())
    service = receiver.service
    simulated = None
    try:
        lines = {line.name.casefold(): line for line in (read_script(texts).lines if texts else ())}
        items = []
        for path in find_sound_files(list(paths)):
            line = lines.get(path.stem.casefold())
            items.append(ToAsk(path, path.stem, (line.language if line else "") or language))
        if not items:
            raise KittiwakeError("There is nothing to listen to.", "Name made files, or their folder.", "nothing")
        if show:
            url = service.url or "http://127.0.0.1:PORT/hear"
            say(printable(request_of(items[0], service, url, "").shown).replace("\\n", "\n"))
            say(as_command(items[0], service, url))
            leave(True)
        if not service.url:
            simulated = Simulated(free_ear())
        url = simulated.start() if simulated is not None else service.url
        good = _told(hear(items, service, url, Store(kept), stop.is_set), items, lines, language, as_json)
    except KittiwakeError as error:
        complain(error, as_json)
        good = False
    finally:
        if simulated is not None:
            simulated.stop()
    leave(good)


def _told(answers: Any, items: list[Any], lines: dict[str, Any], language: str, as_json: bool) -> bool:
    """Say what came; whether every file got an answer."""
    from ..core.service.score import score

    good, errors, words = True, 0.0, 0
    for answer in common.counted("Listening", items, answers):
        line = lines.get(answer.name.casefold())
        meant = line.text if line else ""
        found = (
            score(meant, answer.text, (line.language if line else "") or language)
            if meant and not answer.error
            else None
        )
        good &= not answer.error
        if found is not None:
            count = len(found.meant.split())
            errors, words = errors + found.words * count, words + count
        if as_json:
            emit({
                "name": answer.name, "sha256": answer.sha256, "text": answer.text, "meant": meant, "confidence": answer.confidence, "error": answer.error,
                "seconds": answer.seconds, "tries": answer.tries, "kept": answer.kept,
                "word_error_rate": round(found.words, 4) if found else None, "character_error_rate": round(found.characters, 4) if found else None,
                "differences": [list(one) for one in found.differences] if found else None,
            })  # fmt: skip
        elif answer.error:
            say(f"{printable(answer.name)}: {printable(answer.error)}", err=True)
        else:
            rate = (
                f"  {found.words * 100:.0f} % of words wrong, meant “{meant}”"
                if found and found.words
                else ""
                if found is None
                else "  right"
            )
            say(f"{printable(answer.name)}: “{printable(answer.text)}”{printable(rate)}")
    if words and not as_json:
        say(f"Word error rate of all: {errors / words * 100:.1f} % of {words:,} words.")
    return good
