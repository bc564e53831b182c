"""What a script uses: a few functions over the core. Documented with examples in docs/library.md, which run as tests."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator
from pathlib import Path

from .core import extensions
from .core.batch import BatchRequest, planned, run_batch
from .core.batch.places import folders_of
from .core.batch.search import find_sources
from .core.fit import Fit
from .core.intake import PassedOver
from .core.make import Proof, Result
from .core.make import prove as _prove
from .core.measure.analyze import analyze_as_stated
from .core.model import Facts, Receiver, Stated, load_receiver
from .core.process import InProcess, Processes

#: Called after each output with how many are done, how many there will be, and what came of the last.
Progress = Callable[[int, int, Result], object]


extensions.load("core")


def receiver(name: str | Path) -> Receiver:
    """A receiver that ships, by its slug, or one in a TOML file, by its path.

    Raises
    ------
    RulesError : there is none, or its file is wrong; the message names the field.
    """
    return load_receiver(str(name))


def look(path: str | Path, *, headerless: str | None = None) -> Facts:
    """What a sound file is and holds. Never raises for a bad file: ``facts.ok`` is false then, and ``facts.error`` a sentence.

    Parameters
    ----------
    headerless : how to read a file without a header, such as ``ulaw@8000`` or ``pcm_s16le@16000x2``.

    Raises
    ------
    RulesError : ``headerless`` cannot be understood.
    """
    return analyze_as_stated(Path(path).absolute(), Stated.parse(headerless) if headerless else None)


def plan(source: str | Path | Facts, to: Receiver | str | Path, *, remedies: Iterable[str] = ()) -> Fit:
    """What would be made of a source for a receiver: verdict, steps, exact or predicted size, problems with remedies. Makes nothing.

    Parameters
    ----------
    source : a path, or what ``look`` gave.
    remedies : codes of remedies to take wherever they are offered.
    """
    facts = source if isinstance(source, Facts) else look(source)
    return planned(facts.path, facts, _receiver(to), remedies=remedies)[1]


def make(
    sources: str | Path | Iterable[str | Path],
    to: Receiver | str | Path | Iterable[Receiver | str | Path],
    into: str | Path,
    *,
    headerless: str | None = None,
    true_rate: int | None = None,
    remedies: Iterable[str] = (),
    workers: int | None = None,
    progress: Progress | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Iterator[Result]:
    """Make files for receivers, prove them, and yield what came of each, in any order. What has not changed since it was made is left as it is.

    Parameters
    ----------
    sources : files and folders.
    to : one receiver, whose outputs go into the folder ``into``; or several, each of which has a folder of its own in it.
    headerless : the format of files without a header.
    true_rate : Hz, at which the sound was really taken, where headers are wrong.
    remedies : codes of remedies to take wherever they are offered.
    workers : processes; default one for each core. 0 does it in this one, which a decoder that crashes then takes along.
    progress : see ``Progress``.
    cancelled : once it returns true, work in hand is dropped without a trace.

    Raises
    ------
    MakeError : another run makes into one of the folders, or one cannot be made.
    RulesError : a receiver is wrong, or two of them have the same folder.
    """
    given = [sources] if isinstance(sources, str | Path) else list(sources)
    stated = Stated.parse(headerless) if headerless else None
    paths = list(find_sources([Path(one) for one in given], PassedOver(), everything=stated is not None))
    several = not isinstance(to, Receiver | str | Path)
    receivers = tuple(_receiver(one) for one in to) if several else (_receiver(to),)  # type: ignore[union-attr, arg-type]
    folders = folders_of(Path(into).absolute(), receivers, each=several)
    request = BatchRequest(receivers, folders, stated, true_rate=true_rate, remedies=tuple(remedies))
    executor = InProcess() if workers == 0 else Processes(workers)
    total = len(paths) * len(receivers)
    for done, result in enumerate(run_batch(paths, request, executor, cancelled=cancelled), 1):
        if progress is not None:
            progress(done, total, result)
        yield result


def prove(output: str | Path, to: Receiver | str | Path) -> Proof:
    """Check any file, whoever made it, against the rules of a receiver."""
    return _prove(Path(output).absolute(), _receiver(to))


def _receiver(to: Receiver | str | Path) -> Receiver:
    return to if isinstance(to, Receiver) else receiver(to)


__all__ = ["Facts", "Fit", "Progress", "Proof", "Receiver", "Result", "look", "make", "plan", "prove", "receiver"]
