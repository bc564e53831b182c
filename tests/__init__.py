"""Every test. Properties are tried on the same examples in each run; KITTIWAKE_EXPLORE=1 draws new ones."""

import atexit
import os
import shutil
import tempfile
from pathlib import Path

from hypothesis import settings

#: The variable that names the folder for whatever is temporary.
ROOM = "KITTIWAKE_TESTS_ROOM"
_ENOUGH = 4 << 30  # bytes: several times what tests lay down at once


def _memory() -> str | None:
    """A folder in memory, where nothing waits for a disk; None where there is none, or too little, or programs may not be run from it."""
    folder = Path("/dev/shm")
    try:
        found = os.statvfs(folder)
    except OSError:
        return None
    large = found.f_bavail * found.f_frsize >= _ENOUGH
    return str(folder) if large and not found.f_flag & os.ST_NOEXEC and os.access(folder, os.W_OK) else None


def tidy() -> None:
    """Remove the folder for whatever is temporary, where this process has made it."""
    if os.getpid() == _owner:
        shutil.rmtree(os.environ[ROOM], ignore_errors=True)


# As the application starts (cli/entry.py): linear algebra in threads of its own took two fifths more processor time of some tests, waiting.
os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")
# All processes of one run share one folder for whatever is temporary, which goes with the first of them.
_owner = 0
if ROOM not in os.environ:
    os.environ[ROOM] = tempfile.mkdtemp(prefix="kw-", dir=_memory())  # short: sockets have names of 108 bytes
    Path(os.environ[ROOM]).chmod(0o711)  # some tests are another user for a while
    _owner = os.getpid()
    atexit.register(tidy)
os.environ["TMPDIR"] = tempfile.tempdir = os.environ[ROOM]
# What the application keeps of one's machine must not be touched by tests, nor touch them.
_OWN = tempfile.mkdtemp(prefix="own-")
for _kind in ("STATE", "DATA", "CONFIG"):
    os.environ[f"XDG_{_kind}_HOME"] = f"{_OWN}/{_kind.lower()}"
# They have one cache: what one has found out about the demo need not be found out by the others.
os.environ["XDG_CACHE_HOME"] = f"{os.environ[ROOM]}/cache"

settings.register_profile("steady", derandomize=True, database=None, max_examples=40, deadline=None)
settings.register_profile("explore", derandomize=False, max_examples=500, deadline=None)
settings.load_profile("explore" if os.environ.get("KITTIWAKE_EXPLORE") else "steady")
