"""What was made of a project's clips: in this session, in an earlier one, or in a terminal, and what became of it."""

from __future__ import annotations

import os
from collections.abc import Iterable
from dataclasses import field
from pathlib import Path

from ...core.fit import Fit, numbered_name, output_name
from ...core.fit.names import beside_its_source, extensions_of
from ...core.make import Result, fingerprint
from ...core.make.delivered import copies_in
from ...core.make.ledger import Entry
from ...core.measure.analyze import same_stamp, stamp_of
from ...core.model import Clip, MadeRecord, Receiver
from ...plain_data import dataclass
from ...words import joined, phrase
from .cell import Cell, Key
from .work import Work


@dataclass(slots=True)
class News:
    """What has changed on disk.

    Attributes
    ----------
    gone, altered : records whose file is not there, or is not as it was made.
    stamps : of outputs that are as they were made.
    sources, lost : that are not what was looked at, or not there any more.
    ledger : what the folders' ledgers know, by source, clip name and receiver, and by nothing, clip id and receiver; None where nothing is new.
    """

    gone: dict[Key, MadeRecord] = field(default_factory=dict)
    altered: dict[Key, MadeRecord] = field(default_factory=dict)
    stamps: dict[Key, str] = field(default_factory=dict)
    sources: list[Path] = field(default_factory=list)
    lost: list[Path] = field(default_factory=list)
    ledger: dict[tuple[str, str, str], Entry] | None = None


class Outputs:
    """States of a project's outputs."""

    def __init__(self, project: Work) -> None:
        self._project = project
        self._own: dict[Key, MadeRecord] = {}
        self._adopted: dict[Key, tuple[Entry, MadeRecord]] = {}
        #: Size and time of outputs that are as they were made.
        self.stamps: dict[Key, str] = {}
        #: What the ledgers of the output folders know, of this session or an earlier one.
        self.ledger: dict[tuple[str, str, str], Entry] = {}
        self._altered: set[Key] = set()
        self.results: dict[Key, tuple[Cell, Result]] = {}
        self._shares: dict[Key, float] = {}
        self._places: tuple[tuple[Clip, ...], dict[str, int]] = ((), {})
        self._called: dict[Key, tuple[Clip, Receiver, tuple[str, int], bool]] = {}

    @property
    def records(self) -> dict[Key, MadeRecord]:
        """Of every output that is known of, by clip id and receiver slug; a dictionary of its own."""
        return {key: record for key, (_, record) in self._adopted.items()} | self._own

    def begin(self, records: dict[Key, MadeRecord]) -> None:
        """Another job, of which these were made."""
        self._own = records
        for kept in (self._adopted, self.stamps, self.results, self._shares, self._called):
            kept.clear()
        self._altered.clear()
        self.ledger = {}  # of other folders

    def keep_only(self, clips: Iterable[Clip]) -> None:
        """Let go of what came of making clips that are not there any more."""
        ids = {clip.id for clip in clips}
        for key in [key for key in self.results if key[0] not in ids]:
            del self.results[key]
        for key in [key for key in self._called if key[0] not in ids]:
            del self._called[key]

    def cell(self, clip: Clip, receiver: Receiver) -> Cell:
        """Everything that a board shows of one clip at one receiver."""
        project, key = self._project, (clip.id, receiver.slug)
        facts = project.facts.get(clip.source)
        found = project.plans.fit_of(clip, receiver)
        record = self._own.get(key)
        if record is None or not self._lies_there(record, clip, receiver):
            record = self._adopted_record(clip, receiver, found)
        of, result = self.results.get(key, (None, None))
        if key in self._shares:
            return Cell(clip, receiver, "making", found, facts, record, result, self._shares[key])
        if found is None:
            return Cell(clip, receiver, "waiting", facts=facts)
        state: str = found.verdict
        if record and found.recipe is not None:
            if found.ready:
                current = (
                    record.fingerprint == project.plans.fingerprint_of(key, found, receiver)
                    and self._is_of_this_source(record, clip, receiver)
                    and self._is_called_so(record, clip, receiver)
                )
                state = "made" if current and key not in self._altered else "stale"
        elif result and of and result.status == "failed" and of.clip is clip and of.facts is facts:
            state = "failed"
        delivered = self._delivered(record, receiver) if record and state in ("made", "stale") else ""
        return Cell(clip, receiver, state, found, facts, record, result, delivered=delivered)

    def _is_of_this_source(self, record: MadeRecord, clip: Clip, receiver: Receiver) -> bool:
        """Whether an output was made from what its source is now. Copied or touched, a source has another stamp and is still the same."""
        stamp = self._project.source_stamps.get(clip.source, "")
        if same_stamp(record.stamp, stamp):
            return True
        facts, entry = self._project.facts.get(clip.source), self.entry_of(clip, receiver)
        return bool(
            stamp and facts and facts.digest and entry and entry.sha256 == record.sha256
            and entry.source_digest == facts.digest
        )  # fmt: skip

    def _is_called_so(self, record: MadeRecord, clip: Clip, receiver: Receiver) -> bool:
        """Whether an output has the name that its clip asks for, perhaps with a number behind it."""
        rules = receiver.rules.names
        place = self._place_of(clip) if "{counter" in rules.pattern else 1
        # Asked of every cell whenever they are counted, and answered alike as long as nothing of it is another.
        key, kept = (clip.id, receiver.slug), self._called.get((clip.id, receiver.slug))
        if kept and kept[0] is clip and kept[1] is receiver and kept[2] == (record.output, place):
            return kept[3]
        folder, _, name = record.output.rpartition(os.sep)
        extensions = extensions_of(receiver)
        wish = beside_its_source(output_name(clip, place, rules), str(clip.source), folder, receiver, extensions)
        extension = next((one for one in extensions if name.endswith(one)), "")
        right = numbered_name(name, wish, (extension,), rules) is not None
        self._called[key] = (clip, receiver, (record.output, place), right)
        return right

    def _place_of(self, clip: Clip) -> int:
        """The place of a clip on the board, from 1."""
        clips = self._project.job.clips
        if self._places[0] is not clips:
            self._places = (clips, {one.id: n for n, one in enumerate(clips, 1)})
        return self._places[1].get(clip.id, 1)

    def entry_of(self, clip: Clip, receiver: Receiver) -> Entry | None:
        """What the ledgers of the output folders know of a clip at a receiver: by its id, or of before there were ids, or of another job, by its source and
        name, unless that belongs to another clip of this job.
        """
        entry = self.ledger.get(("", clip.id, receiver.slug))
        if entry is not None:
            return entry
        entry = self.ledger.get((str(clip.source), clip.name, receiver.slug))
        return None if entry is not None and entry.id and self._project.has_clip(entry.id) else entry

    def _delivered(self, record: MadeRecord, receiver: Receiver) -> str:
        """Whether that copy was handed over; ``older`` where any place that it went to has another one."""
        root = self._project.output_folder / receiver.folder_name
        known = copies_in(root)
        copies = known.get(os.path.relpath(record.output, root)) if known else None
        return "" if not copies else "delivered" if set(copies) == {record.sha256} else "older"

    def _lies_there(self, record: MadeRecord, clip: Clip, receiver: Receiver) -> bool:
        """Whether an output lies where outputs go now; it may have been made when they went elsewhere."""
        place, folder = os.path.dirname(record.output), str(self._project.folder_of(receiver, clip.source))  # noqa: PTH120 - asked of every cell
        return place == folder or os.path.realpath(place) == os.path.realpath(folder)

    def _adopted_record(self, clip: Clip, receiver: Receiver, found: Fit | None) -> MadeRecord | None:
        """What was made of a clip in another session, or in a terminal, as the ledger of its folder tells; computed once for each entry."""
        entry = self.entry_of(clip, receiver)
        if entry is None or found is None or found.recipe is None:
            return None
        key = (clip.id, receiver.slug)
        kept = self._adopted.get(key)
        if kept is None or kept[0] != entry:
            same = fingerprint(found, receiver, entry.source_digest) == entry.fingerprint
            mark = self._project.plans.fingerprint_of(key, found, receiver) if same else "other"
            output = str(self._project.folder_of(receiver, clip.source) / entry.output)
            record = MadeRecord(clip.id, receiver.slug, output, entry.sha256, entry.bytes, mark, entry.stamp)
            kept = self._adopted[key] = (entry, record)
        return kept[1]

    @property
    def known_stamps(self) -> dict[Key, str]:
        """Size and time of every output when it was last seen as it was made; a dictionary of its own."""
        return {key: entry.output_stamp for key, (entry, _) in self._adopted.items()} | self.stamps

    def is_altered(self, key: Key) -> bool:
        """Whether the made file of a cell is not as it was made."""
        return key in self._altered

    def set_share(self, key: Key, share: float | None) -> None:
        """How far making of a cell has come, 0 to 1; None when it is over."""
        if share is None:
            self._shares.pop(key, None)
        else:
            self._shares[key] = share
        self._project.cell_changed.emit(*key)

    def making_is_over(self) -> None:
        """Nothing is being made any more."""
        for key in list(self._shares):
            self.set_share(key, None)

    def take_result(self, cell: Cell, result: Result) -> None:
        """Note what came of making a cell."""
        key = cell.key
        self._shares.pop(key, None)
        if not self._project.has_clip(cell.clip.id):
            return  # of a job that was open before, or of a clip that is gone
        self.results[key] = cell, result
        if result.good and result.output and cell.fit:
            self._own[key] = MadeRecord(
                clip=cell.clip.id,
                receiver=cell.receiver.slug,
                output=result.output,
                sha256=result.sha256 or "",
                bytes=result.bytes or 0,
                fingerprint=fingerprint(cell.fit, cell.receiver),
                stamp=self._project.source_stamps.get(cell.clip.source, ""),
            )
            self.stamps[key] = stamp_of(result.output)
            self._altered.discard(key)
        self._project.cell_changed.emit(*key)

    def take_news(self, news: News) -> None:
        """Take up what has changed on disk, and tell it."""
        project = self._project
        sentences = []
        records = self.records
        gone = {key for key, record in news.gone.items() if records.get(key) == record}
        if gone:
            self._forget(gone)
            sentences.append(phrase("{files} not there any more, and can be made again.", files=_files(len(gone))))
        altered = {key for key, record in news.altered.items() if records.get(key) == record} - self._altered
        if altered:
            self._altered |= altered
            sentences.append(
                phrase(
                    "{files} altered by something else since; nothing of that will be overwritten.",
                    files=_files(len(altered)),
                )
            )
        self.stamps.update((key, stamp) for key, stamp in news.stamps.items() if key in records)
        mended = self._altered & news.stamps.keys()
        self._altered -= mended
        for key in gone | altered | mended:
            project.cell_changed.emit(*key)
        if news.ledger is not None:
            self.ledger = news.ledger
            for receiver in project.receivers:
                project.column_changed.emit(receiver.slug)
        for paths, one, many in (
            (
                news.sources,
                phrase("has changed, and is looked at again"),
                phrase("have changed, and are looked at again"),
            ),
            (news.lost, phrase("is not there any more"), phrase("are not there any more")),
        ):
            again = [path for path in paths if path in project.facts and project.clips_of(path)]
            if again:
                sentences.append(_of(again, one, many))
                project.look_again(again)
        if sentences:
            project.message.emit(joined(sentences))

    def _forget(self, gone: set[Key]) -> None:
        for key in gone:
            self._own.pop(key, None)
            self._adopted.pop(key, None)
            self.stamps.pop(key, None)
            self.results.pop(key, None)
        clips = {clip.id: clip for clip in self._project.job.clips}
        places = {(str(clips[i].source), clips[i].name, slug) for i, slug in gone if i in clips}
        places |= {("", i, slug) for i, slug in gone}
        # Another one, since a thread that looks may be reading this one.
        self.ledger = {place: entry for place, entry in self.ledger.items() if place not in places}


def _files(count: int) -> str:
    return phrase("A made file was") if count == 1 else phrase("{count} made files were", count=count)


def _of(sources: list[Path], one: str, many: str) -> str:
    """What is said of one source by its name, of many by their number."""
    return (
        phrase("{count} sources {many}.", count=len(sources), many=many)
        if len(sources) > 1
        else phrase("{name} {one}.", name=sources[0].name, one=one)
    )
