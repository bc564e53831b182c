"""The demo job: announcements of an invented ferry company."""

from __future__ import annotations

import shutil
from pathlib import Path

#: The job that ships.
SHIPPED = Path(__file__).parent / "brinmar.kittiwake"


def own_copy() -> Path:
    """The demo job in a copy of one's own, so that nothing made of it gets into the folder of the program.

    Sounds that are there already are left as they are; the job is that which ships.

    Returns
    -------
    The copied job, or the one that ships where there is no room for a copy, or no right to make one.
    """
    from ..core.disk.place import write_whole
    from ..core.errors import KittiwakeError

    job, data = copy_folder() / SHIPPED.name, SHIPPED.read_bytes()
    try:
        _copied("sounds")
        if not job.is_file() or job.read_bytes() != data:
            write_whole(job, data)
    except (OSError, KittiwakeError):
        return SHIPPED
    return job


def own_reading() -> Path:
    """The folder of the reading that can be cut, copied likewise."""
    from ..core.errors import KittiwakeError

    try:
        return _copied("reading")
    except (OSError, KittiwakeError):
        return SHIPPED.parent / "reading"


def _copied(name: str) -> Path:
    from ..core.disk.place import write_whole

    folder = copy_folder() / name
    for shipped in sorted((SHIPPED.parent / name).iterdir()):
        place = folder / shipped.name
        if shipped.is_file() and not place.exists():
            write_whole(place, shipped.read_bytes())
            shutil.copystat(shipped, place)  # what was found out about it stays known
    return folder


def copy_folder() -> Path:
    """Where the copy lies."""
    from platformdirs import user_data_path

    return user_data_path("kittiwake") / "demo"


def is_demo(path: Path) -> bool:
    """Whether a job is the one that ships, or its copy: what is done with it is saved elsewhere."""
    found = path.resolve()
    return found == (copy_folder() / SHIPPED.name).resolve() or SHIPPED.parent.resolve() in found.parents
