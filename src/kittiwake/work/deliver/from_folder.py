"""What a folder of made outputs holds for a receiver, as its ledger and those of folders below it tell."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

from ...core.errors import KittiwakeError
from ...core.make.ledger import Entry, Ledger
from ...core.make.status import ledger_folders
from ...core.model import Receiver
from ...core.model.script import ScriptLine
from ...words import phrase
from .item import Item


def items_in(folder: Path, receiver: Receiver, lines: Iterable[ScriptLine] = ()) -> list[Item]:
    """Outputs that were made for a receiver and are there, by name.

    Parameters
    ----------
    lines : of a script; text, language and kind of those whose name is that of a clip, or of its file.

    Raises
    ------
    KittiwakeError : nothing was made for it there.
    """
    texts = {line.name.casefold(): line for line in lines}
    entries = [
        (place, one)
        for place in ledger_folders(folder)
        for one in Ledger(place)
        if one.receiver == receiver.slug and (place / one.output).is_file()
    ]
    if not entries:
        raise KittiwakeError(
            phrase("Nothing that was made for {name} lies in {folder}.", name=receiver.name, folder=folder),
            phrase("kittiwake make --for {slug} --into {folder} makes it.", slug=receiver.slug, folder=folder),
            "nothing",
        )
    return [
        _item(place, receiver, one, texts)
        for place, one in sorted(entries, key=lambda each: (each[1].output, each[0]))
    ]


def root_in(folder: Path, receiver: Receiver, items: Iterable[Item]) -> Path:
    """The folder that holds the record of deliveries: where a job's outputs lie by receiver, that of this one, as a window has it."""
    own = folder / receiver.folder_name
    return own if all(own in item.output.parents for item in items) else folder


def _item(folder: Path, receiver: Receiver, entry: Entry, texts: dict[str, ScriptLine]) -> Item:
    stem = Path(entry.output).stem.casefold()
    line = texts.get(entry.clip.casefold()) or texts.get(stem) or ScriptLine("")
    rates = {rate for one in receiver.rules.accepts for rate in one.sample_rates or ()}
    return Item(
        folder / entry.output,
        entry.sha256,
        entry.bytes,
        entry.seconds,
        rates.pop() if len(rates) == 1 else None,
        entry.clip,
        line.text,
        "",
        line.language,
        line.kind,
        entry.source,
        None,
        entry.level_dbov,
        None,
        None,
        entry.fingerprint,
    )
