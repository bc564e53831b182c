"""One short clip of the plainest kind needs no worker process."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from .. import process
from ..intake.plain import try_plain
from ..process import Executor, InProcess
from .request import BatchRequest

_LARGEST = 4 << 20  # bytes; some tenths of a second of work, after which a stop still answers in time
_OWN = ("pcm_s16", "pcm_s24", "ulaw", "alaw")  # encodings written here


def executor_for(paths: Sequence[Path], request: BatchRequest) -> Executor:
    """Where files are made: in this process where that cannot take the command along, else in worker processes, one for each core.

    What reads or writes files by a library has to be apart, since libraries crash over broken files; PCM in WAV is read and written by
    our own code.
    """
    if len(paths) != 1 or request.stated is not None or request.stream is not None:
        return process.Processes()
    forms = [accepts for receiver in request.receivers for accepts in receiver.rules.accepts]
    if not all(one.container == "wav" and one.encoding in _OWN for one in forms):
        return process.Processes()
    try:
        size = paths[0].stat().st_size
        plain = size <= _LARGEST and try_plain(paths[0], size) is not None
    except OSError:
        plain = False
    return InProcess() if plain else process.Processes()
