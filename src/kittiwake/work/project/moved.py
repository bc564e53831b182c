"""Sources that lie elsewhere than a job says: found again below a folder, by their names, then by what they hold."""

from __future__ import annotations

import os
from collections import defaultdict
from collections.abc import Callable, Iterable, Mapping
from pathlib import Path

from ...core.errors import Cancelled
from ...core.intake.digest import source_digest
from ...core.model import Job
from ...plain_data import dataclass
from ...words import phrase
from .project import Project

_MOST = 500_000  # files that are looked through below one folder


@dataclass(frozen=True, slots=True)
class Known:
    """What is known of a source that is not there: its bytes, and its digest (BLAKE3); None and empty where nobody has seen it."""

    bytes: int | None = None
    digest: str = ""


@dataclass(frozen=True, slots=True)
class Moved:
    """Where sources lie now; those that were not found; and those of which several files could be the one."""

    found: Mapping[Path, Path]
    missing: tuple[Path, ...]
    unsure: tuple[Path, ...]


def missing_sources(job: Job) -> tuple[Path, ...]:
    """Sources of a job, those of which every span is set aside too, that are not there."""
    every = dict.fromkeys((*job.sources, *job.cuts))
    return tuple(source for source in every if not source.is_file())


def find_moved(
    missing: Iterable[Path],
    folder: Path,
    known: Callable[[Path], Known],
    cancelled: Callable[[], bool] = lambda: False,
) -> Moved:
    """Look below a folder, at its own files too; no file is taken for two sources.

    By name first, whatever case it is in: where there are several, the one in folders of the same names, or of the same content. Then by content,
    where that is known: among files of the same size.

    Parameters
    ----------
    known : what is known of a source.

    Raises
    ------
    Cancelled
    """
    by_name, by_size = _index(folder, cancelled)
    found: dict[Path, Path] = {}
    unsure: list[Path] = []
    taken: set[Path] = set()
    left: list[Path] = []
    for source in missing:
        what = known(source)
        same = [path for path in by_name[source.name.casefold()] if path not in taken and _may_be(path, what)]
        one = _nearest(source, same)
        if one is None and len(same) > 1:
            one = _of_content(same, what, cancelled)
            if one is None:
                unsure.append(source)
                continue
        if one is None:
            left.append(source)
            continue
        found[source] = one
        taken.add(one)
    still = []
    for source in left:
        what = known(source)
        like = [path for path in by_size.get(what.bytes or -1, ()) if path not in taken] if what.digest else []
        one = _of_content(like, what, cancelled)
        if one is None:
            still.append(source)
        else:
            found[source] = one
            taken.add(one)
    return Moved(found, tuple(still), tuple(unsure))


def _index(folder: Path, cancelled: Callable[[], bool]) -> tuple[dict[str, list[Path]], dict[int, list[Path]]]:
    """Files below a folder by their names in small letters, and by their sizes."""
    by_name: dict[str, list[Path]] = defaultdict(list)
    by_size: dict[int, list[Path]] = defaultdict(list)
    count = 0
    for top, folders, names in os.walk(folder):
        folders[:] = sorted(name for name in folders if not name.startswith("."))
        for name in sorted(names):
            if cancelled():
                raise Cancelled
            path = Path(top) / name
            try:
                size = path.stat().st_size if path.is_file() else None
            except OSError:
                size = None
            if size is not None:
                by_name[name.casefold()].append(path)
                by_size[size].append(path)
                count += 1
        if count > _MOST:
            break
    return by_name, by_size


def _may_be(path: Path, what: Known) -> bool:
    """Whether a file of the same name may be it: another size is another recording."""
    try:
        return what.bytes is None or path.stat().st_size == what.bytes
    except OSError:
        return False


def _nearest(source: Path, same: list[Path]) -> Path | None:
    """The only one, or the only one that has most folders of the same names above it."""
    if len(same) <= 1:
        return same[0] if same else None

    def alike(path: Path) -> int:
        count = 0
        for one, other in zip(reversed(source.parts), reversed(path.parts), strict=False):
            if one.casefold() != other.casefold():
                break
            count += 1
        return count

    most = max(map(alike, same))
    best = [path for path in same if alike(path) == most]
    return best[0] if len(best) == 1 else None


def _of_content(paths: list[Path], what: Known, cancelled: Callable[[], bool]) -> Path | None:
    """The first that holds the same."""
    for path in paths if what.digest else ():
        try:
            if source_digest(path, cancelled) == what.digest:
                return path
        except OSError:
            continue
    return None


def put_moved(project: Project, found: Mapping[Path, Path]) -> int:
    """Let clips, cuts and stated formats point at where their sources are, as one step; returns how many sources that were. Names, decisions and spans
    stay. A source that two clips would come to share with another that the job has already is left as it is.
    """
    job = project.job
    here = set(job.sources) | set(job.cuts)
    going = {old: new for old, new in found.items() if old in here and new not in here}
    if not going:
        return 0
    clips = tuple(clip.changed(source=going[clip.source]) if clip.source in going else clip for clip in job.clips)
    cuts = {going.get(source, source): cut for source, cut in job.cuts.items()}
    stated = {going.get(source, source): one for source, one in job.stated.items()}
    text = phrase("finding {n} sources", "finding {n} source", len(going), n=len(going))
    project.change(text, job.changed(clips=clips, cuts=cuts, stated=stated))
    return len(going)
