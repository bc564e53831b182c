"""Where the outputs of several receivers go."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from ...words import phrase
from ..errors import RulesError
from ..model import Receiver


def folders_of(folder: Path, receivers: Sequence[Receiver], *, each: bool | None = None) -> tuple[Path, ...]:
    """Several receivers get a folder each, one has the folder to itself, unless ``each`` says otherwise.

    Raises
    ------
    RulesError : two would have the same.
    """
    apart = len(receivers) > 1 if each is None else each
    folders = tuple(folder / one.folder_name if apart else folder for one in receivers)
    for n, one in enumerate(folders):
        if one in folders[:n]:
            first = receivers[folders.index(one)]
            raise RulesError(
                phrase(
                    "{first} and {second} both go to {place}.", first=first.name, second=receivers[n].name, place=one
                ),
                phrase("Make them one after the other, or give one another delivery.folder."),
                "same_folder",
            )
    return folders
