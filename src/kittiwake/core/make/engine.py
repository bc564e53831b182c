"""Plan and make outputs."""

from __future__ import annotations

import contextlib
import os
from collections.abc import Callable, Iterable, Mapping, Sequence
from pathlib import Path

from ..errors import KittiwakeError
from ..fit import Fit, numbered_name, output_name, unique_names
from ..fit.names import bare_name, numbered
from ..model import Clip, Facts, Receiver
from .draft import Prepared, failed, prepare
from .ledger import Ledger
from .place import put_in_place, sync_files, sync_folder
from .work import Made, WorkItem, unaltered


def plan_outputs(
    wanted: Iterable[tuple[Clip, Facts, Fit]],
    receiver: Receiver,
    folder: Path,
    places: Mapping[str, int] | None = None,
) -> list[WorkItem]:
    """Give each clip its output path in ``folder``: legal, unique, and never that of a file that was not made here.

    A clip that was made here before keeps its name, so that making it again replaces it.

    Parameters
    ----------
    places : of each clip (by id) in its set, from 1, for names that count; by default the order given.
    """
    chosen = list(wanted)
    ledger = Ledger(folder)
    rules = receiver.rules.names
    wishes = [output_name(clip, places[clip.id] if places else n, rules) for n, (clip, _, _) in enumerate(chosen, 1)]
    names = unique_names(wishes, rules)
    used: set[str] = set()
    items = []
    for (clip, facts, fit), wish, name in zip(chosen, wishes, names, strict=True):
        extension = fit.recipe.format.extension if fit.recipe else ""
        before = ledger.output_of(str(clip.source), clip.name, receiver.slug)
        file = f"{name}{extension}"
        if before and numbered_name(before.output, wish, {extension}, rules) and before.output.casefold() not in used:
            file = before.output
        number = 2
        while file.casefold() in used or (extension and not _free(folder, file, clip, receiver, ledger)):
            file = f"{numbered(name, number, rules)}{extension}"
            number += 1
        used.add(file.casefold())
        items.append(WorkItem(clip, facts, fit, receiver, folder / bare_name(file)))
    return items


def _free(folder: Path, file: str, clip: Clip, receiver: Receiver, ledger: Ledger) -> bool:
    """Whether a name may be used: nothing there, or an output of this very clip."""
    if not os.path.lexists(folder / file):
        return True
    entry = ledger.get(file)
    return entry is not None and (entry.source, entry.clip, entry.receiver) == (
        str(clip.source), clip.name, receiver.slug
    ) and unaltered(folder / file, entry)  # fmt: skip


def make_clip(
    item: WorkItem,
    *,
    ledger: Ledger | None = None,
    progress: Callable[[float], None] | None = None,
    cancelled: Callable[[], bool] | None = None,
) -> Made:
    """Make one output. Never raises for what a file or a disk does: ``Made`` says what happened.

    The source is read only. The output is written under a temporary name in its folder, proved there, and given its
    own name in one step; until then nothing of that name changes.

    Parameters
    ----------
    ledger : of the output's folder, where many outputs share it; otherwise it is read anew.
    """
    ledger = ledger or Ledger(item.output.parent)
    return deliver([prepare(item, ledger.get(item.output.name), progress=progress, cancelled=cancelled)], ledger)[0]


def deliver(prepared: Sequence[Prepared], ledger: Ledger) -> list[Made]:
    """Put outputs of one folder in place, all by one round of forcing things to the disk: first their bytes, then the ledger, then their
    names. Never raises for what a disk does.
    """
    ready = [one for one in prepared if one.part is not None and one.entry is not None]
    trouble: Exception | None = None
    try:
        if ready:
            sync_files([one.part for one in ready if one.part is not None])
            ledger.add(*(one.entry for one in ready if one.entry is not None))
    except OSError as error:
        trouble = error
    out = []
    for one in prepared:
        made = one.made
        if one.part is not None:
            try:
                if trouble is not None:
                    raise trouble
                put_in_place(one.part, made.item.output, replace=one.replace, sync=False)
            except (OSError, KittiwakeError) as error:
                made = failed(made.item, error)
            finally:
                one.part.unlink(missing_ok=True)
        out.append(made)
    if ready and trouble is None:
        with contextlib.suppress(OSError):
            sync_folder(ready[0].made.item.output.parent)
    return out
