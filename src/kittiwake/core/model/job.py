"""A job: the saved work. One JSON file, ``*.kittiwake``, described in docs/job-file.md."""

from __future__ import annotations

import dataclasses
import json
from collections.abc import Callable, Iterable, Iterator, Mapping
from dataclasses import field
from pathlib import Path
from typing import Any, Literal

from ...plain_data import dataclass
from ...words import phrase
from .. import schema
from ..disk.place import writing_whole
from ..disk.text import text_of, to_json
from ..errors import JobError, RulesError, reason_of
from ..schema import Frames, PathText, Text, fault
from .clip import Clip
from .job_document import JOB_FILE
from .receiver import Receiver
from .receiver_file import receiver_from_data
from .script import Script
from .span import Cut
from .stated import Stated
from .unknown import Unknown, unknown_in, with_unknown

#: Rises with every key that a program of before would lose.
JOB_VERSION = 2
EXTENSION = ".kittiwake"
_LARGEST = 1 << 30  # bytes


@dataclass(frozen=True, slots=True)
class MadeRecord:
    """An output that was made: for which clip and receiver, where, and from what.

    Attributes
    ----------
    fingerprint : digest of the recipe and rules that shaped the output; another one now means that it is stale.
    stamp : size and time of the source when it was made from it; another one now means the same.
    """

    clip: Text = ""
    receiver: Text = ""
    output: Text = ""
    sha256: Text = ""
    bytes: Frames = 0
    fingerprint: Text = ""
    stamp: Text = ""


_RECORD = tuple(field.name for field in dataclasses.fields(MadeRecord))


_FIRST_RECEIVERS = ("phone-menu", "quay-beacon", "speech-engine")
#: Where outputs may go, see ``Job.placement``.
Placement = Literal["one", "mirrored", "beside"]


@dataclass(frozen=True, slots=True)
class Job:
    """Sources are the files that clips point at; receivers are slugs, or paths of TOML files.

    Attributes
    ----------
    stated : formats of headerless sources.
    cuts : how sources are cut into spans; each span that is not set aside has a clip of the same id.
    placement : where outputs go: ``one`` folder for each receiver, the sources' folders ``mirrored`` in it, or ``beside`` the sources.
    script : the table of lines.
    dial_plan : of the telephone system that prompts are tried on, TOML; empty where there is none.
    unknown : what its file holds that is not known here; it is saved again as it is.
    own : receivers that this job describes itself, by slug; one goes before a shipped one of the same slug.
    """

    name: str = "Untitled"
    clips: tuple[Clip, ...] = ()
    receivers: tuple[str, ...] = _FIRST_RECEIVERS
    output: str = ""
    made: tuple[MadeRecord, ...] = ()
    stated: Mapping[Path, Stated] = field(default_factory=dict, hash=False)
    own: Mapping[str, Receiver] = field(default_factory=dict, hash=False)
    cuts: Mapping[Path, Cut] = field(default_factory=dict, hash=False)
    placement: str = "one"
    script: Script = field(default_factory=Script)
    dial_plan: str = ""
    unknown: Unknown = field(default_factory=dict, hash=False)

    @property
    def sources(self) -> tuple[Path, ...]:
        """Every source once, in the order of the clips."""
        return tuple(dict.fromkeys(clip.source for clip in self.clips))

    def changed(self, **changes: Any) -> Job:
        return dataclasses.replace(self, **changes)


def save_job(job: Job, path: Path, checkpoint: Callable[[], object] = bool) -> None:
    """Write a job whole or not at all. Sources below the job file's folder are saved relative to it.

    Parameters
    ----------
    checkpoint : called after each entry, where others are to get their turn meanwhile.

    Raises
    ------
    JobError : the file cannot be written; what was there before is untouched.
    """
    relative = _Relative(path.resolve().parent)
    # A source of which every span is set aside has no clip, and is kept all the same.
    cut = [source for source, cut in job.cuts.items() if cut.spans]
    sources = {source: number for number, source in enumerate(dict.fromkeys((*job.sources, *cut)))}
    data = {
        "kittiwake": JOB_VERSION,
        "name": job.name,
        "output": job.output,
        **({"placement": job.placement} if job.placement != "one" else {}),
        **_script_of(job),
        **({"dial_plan": job.dial_plan} if job.dial_plan else {}),
        "receivers": list(job.receivers),
        "own_receivers": [r.to_data(sparse=True) for r in job.own.values()],
        "sources": (
            with_unknown(
                {"path": path}
                | ({"stated": str(job.stated[source])} if source in job.stated else {})
                | ({"cut": job.cuts[source].to_dict()} if source in job.cuts else {}),
                job.unknown,
                "sources",
                path,
            )
            for source in sources
            for path in (relative(source),)
        ),
        "clips": (
            with_unknown({**clip.to_dict(), "source": sources[clip.source]}, job.unknown, "clips", clip.id)
            for clip in job.clips
        ),
        "made": ({name: getattr(record, name) for name in _RECORD} for record in job.made),
        **job.unknown.get("", {}).get("", {}),
    }
    try:
        path.parent.stat()  # a folder that is gone (a disk that was taken out) is not made anew
        with writing_whole(path) as file:
            for part in _lines(data):
                file.write(part.encode("utf-8"))
                checkpoint()  # which may end it
    except OSError as error:
        raise JobError(
            phrase("The job could not be saved to {path}: {reason_of}.", path=path, reason_of=reason_of(error)),
            phrase("Choose another folder; your work is still open."),
            "job_save",
        ) from error


def _script_of(job: Job) -> dict[str, Any]:
    data = job.script.to_dict()
    if "script" in job.unknown and data:
        data["script"] = [with_unknown(line, job.unknown, "script", str(line["id"])) for line in data["script"]]
    return data


def load_job(path: Path, checkpoint: Callable[[], object] = bool) -> Job:
    """Open a job file.

    Parameters
    ----------
    checkpoint : called after each entry, where others are to get their turn meanwhile; it may raise to end it.

    Raises
    ------
    JobError : it cannot be read, is not a job, or is of a newer version than this program knows.
    """
    data = _data_of(path, checkpoint)
    try:
        return _job_of(data, path, path.resolve().parent, checkpoint)
    except RulesError as error:
        raise JobError(
            phrase("{name} cannot be opened: {message}", name=path.name, message=error.message),
            phrase("Open an older copy of it."),
            "job_damaged",
        ) from error
    except (KeyError, IndexError, TypeError, ValueError, AttributeError, RecursionError) as error:
        raise JobError(
            phrase(
                "{name} is not as a job file should be ({kind}: {error}).",
                name=path.name,
                kind=type(error).__name__,
                error=error,
            ),
            phrase("Open an older copy of it."),
            "job_damaged",
        ) from error


def _data_of(path: Path, checkpoint: Callable[[], object]) -> Mapping[str, Any]:
    """What stands in a job file of a version that is known here."""
    try:
        data = _parsed(text_of(path, _LARGEST, "job"), checkpoint)
    except OSError as error:
        raise JobError(
            phrase("{path} cannot be opened: {reason_of}.", path=path, reason_of=reason_of(error)),
            phrase("Check the path and its permissions."),
            "job_open",
        ) from error
    except (UnicodeDecodeError, json.JSONDecodeError, RecursionError) as error:
        why = phrase("lists within lists without end") if isinstance(error, RecursionError) else str(error)
        raise JobError(
            phrase("{name} is not a job file, or is damaged ({why}).", name=path.name, why=why),
            phrase("Open an older copy of it."),
            "job_damaged",
        ) from error
    version = data.get("kittiwake") if isinstance(data, dict) else None
    if type(version) is not int:
        raise JobError(
            phrase("{name} is not a Kittiwake job.", name=path.name),
            phrase("Open a file ending in .kittiwake."),
            "job_kind",
        )
    if version > JOB_VERSION:
        raise JobError(
            phrase(
                "{name} was saved by a newer Kittiwake (job version {version}, this one knows {job_version}).",
                name=path.name,
                version=version,
                job_version=JOB_VERSION,
            ),
            phrase("Open it with that version."),
            "job_newer",
        )
    found: Mapping[str, Any] = data
    return found


@dataclass(frozen=True, slots=True)
class _Source:
    """A source as a job file has it."""

    path: PathText
    stated: Text = ""
    cut: schema.Table | None = None


@dataclass(frozen=True, slots=True)
class JobFile:
    """A job file, but for the script."""

    clips: tuple[schema.Table, ...]
    sources: tuple[schema.Table, ...]
    kittiwake: int = JOB_VERSION
    name: Text = ""
    receivers: tuple[Text, ...] = _FIRST_RECEIVERS
    own_receivers: tuple[schema.Table, ...] = ()
    output: Text = ""
    made: tuple[schema.Table, ...] = ()
    dial_plan: Text = ""
    placement: Placement = "one"


def _job_of(data: Mapping[str, Any], path: Path, base: Path, checkpoint: Callable[[], object]) -> Job:
    """The job that plain data is, every value checked."""
    found = JOB_FILE.read(JobFile, data)
    listed = [JOB_FILE.read(_Source, entry, phrase("a source")) for entry in _each(found.sources, checkpoint)]
    sources = [base / entry.path for entry in listed]
    clips = tuple(
        Clip.from_dict(entry, sources[_index(entry, len(sources))]) for entry in _each(found.clips, checkpoint)
    )
    ids: set[str] = set()
    for clip in clips:
        if clip.id in ids:
            raise JOB_FILE.wrong(fault(clip.id, phrase("one that no other clip has"), "id"), phrase("a clip"))
        ids.add(clip.id)
    own = [receiver_from_data(entry, phrase("A receiver in it")) for entry in found.own_receivers]
    return Job(
        name=found.name or path.stem,
        clips=clips,
        receivers=tuple(dict.fromkeys(found.receivers)),
        output=_output(found.output, base),
        script=Script.from_dict(data),
        dial_plan=found.dial_plan,
        placement=found.placement,
        made=tuple(
            JOB_FILE.read(MadeRecord, entry, phrase("an entry of made")) for entry in _each(found.made, checkpoint)
        ),
        own={receiver.slug: receiver for receiver in own},
        stated={
            source: Stated.parse(entry.stated) for source, entry in zip(sources, listed, strict=True) if entry.stated
        },
        cuts={
            source: Cut.from_dict(entry.cut)
            for source, entry in zip(sources, listed, strict=True)
            if entry.cut is not None
        },
        unknown=unknown_in(data, JobFile, _Source),
    )


def _index(entry: Mapping[str, Any], count: int) -> int:
    at = entry.get("source")
    if type(at) is not int or not 0 <= at < count:
        raise JOB_FILE.wrong(
            fault(at, phrase("the place of one of its {count} sources", count=count), "source"), phrase("a clip")
        )
    return at


def _output(folder: str, base: Path) -> str:
    """The output folder; one that is not absolute lies beside the job file, wherever the program was started."""
    if not folder:
        return ""
    try:
        return str(base / Path(JOB_FILE.read(PathText, folder, "output")).expanduser())
    except RuntimeError:
        raise JOB_FILE.wrong(fault(folder, phrase("a folder of somebody who is known here"), "output")) from None


def _each(entries: Iterable[Any], checkpoint: Callable[[], object]) -> Iterator[Any]:
    for entry in entries:
        yield entry
        checkpoint()


def _parsed(text: str, checkpoint: Callable[[], object]) -> Any:
    """As ``json.loads``; what ``save_job`` has written is read entry by entry, since that call lets nobody else have a turn."""
    lists: dict[str, list[Any]] = {}
    within: list[Any] | None = None
    rest = []
    try:
        for line in text.split("\n"):
            if within is not None and line.startswith("  {") and line.endswith(("}", "},")):
                within.append(json.loads(line.rstrip(",")))
                checkpoint()
                continue
            if line.startswith(' "') and line.endswith('": ['):
                within = lists.setdefault(line[2:-4], [])
            elif not line.startswith("  "):
                within = None
            rest.append(line)
        data = json.loads("\n".join(rest))
        for key, entries in lists.items():
            if entries:
                if data[key]:
                    raise ValueError(key)  # some entries are written otherwise
                data[key] = entries
    except (ValueError, KeyError, TypeError):
        return json.loads(text)  # written by somebody else, or damaged; this says how
    return data


def _lines(data: dict[str, Any]) -> Iterator[str]:
    """JSON with a line for every entry of a list, piece by piece: to be read by people, and written fast however many there are."""
    for number, (key, value) in enumerate(data.items()):
        yield f"{',' if number else '{'}\n {to_json(key)}: "
        if isinstance(value, str | int | float | dict | None):
            yield to_json(value)
            continue
        empty = True
        for entry in value:
            yield f"{'[' if empty else ','}\n  {to_json(entry)}"
            empty = False
        yield "[]" if empty else "\n ]"
    yield "\n}\n"


class _Relative:
    """Paths as a job file has them: relative to its folder where they lie below it. Each folder is looked up once."""

    def __init__(self, base: Path) -> None:
        self._base = base
        self._folders: dict[Path, str | None] = {}

    def __call__(self, source: Path) -> str:
        folder = source.parent
        if folder not in self._folders:
            try:
                self._folders[folder] = folder.resolve().relative_to(self._base).as_posix()
            except ValueError:
                self._folders[folder] = None
        within = self._folders[folder]
        if within is None:
            return str(source)
        return source.name if within == "." else f"{within}/{source.name}"
