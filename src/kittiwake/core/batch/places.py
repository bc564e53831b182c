"""Where the outputs of several receivers go."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from ...words import phrase
from ..errors import RulesError
from ..model import Receiver


def folders_of(folder: Path, receivers: Sequence[Receiver]) -> tuple[Path, ...]:
    """Several receivers get a folder each, one has the folder to itself.

    Raises
    ------
    RulesError : two would have the same.
    """
    folders = tuple(folder / (r.delivery.folder or r.slug) if len(receivers) > 1 else folder for r in receivers)
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
