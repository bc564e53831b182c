"""What is nobody else's business: folders that only their owner may enter, files that only their owner may read."""

from __future__ import annotations

import os
from pathlib import Path

FILE_MODE, FOLDER_MODE = 0o600, 0o700


def private_folder(folder: Path) -> Path:
    """Make a folder of ours for its owner alone. One that is there is left as it is: its owner may have decided otherwise.

    Raises
    ------
    OSError
    """
    missing = []
    at = folder
    while not at.is_dir():
        missing.append(at)
        if at.parent == at:
            break
        at = at.parent
    for one in reversed(missing):
        try:
            os.mkdir(one, FOLDER_MODE)  # noqa: PTH102 - with its mode from the first moment on
        except FileExistsError:
            if not one.is_dir():  # two windows that start at once may both want it
                raise
    return folder
