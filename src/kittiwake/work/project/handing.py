"""What of a project can be handed over to a receiver: its made outputs, with all that is known of them."""

from __future__ import annotations

from pathlib import Path

from ...core.model import Receiver
from ..deliver.item import Item
from .cell import Cell
from .project import Project


def root_of(project: Project, receiver: Receiver) -> Path:
    """The folder that the record of deliveries of a receiver lies in."""
    return project.output_folder / receiver.folder_name


def items_of(project: Project, receiver: Receiver) -> tuple[list[Item], list[str]]:
    """Made outputs in the order of the board, and names of clips that are for this receiver and are not made as they would be now."""
    items, missing = [], []
    for clip in project.job.clips:
        cell = project.cell(clip, receiver)
        if cell.state == "made" and cell.record is not None:
            items.append(_item(project, cell))
        elif cell.state != "left_out":
            missing.append(clip.name)
    return items, missing


def _item(project: Project, cell: Cell) -> Item:
    clip, record, facts = cell.clip, cell.record, cell.facts
    assert record is not None
    recipe = cell.fit.recipe if cell.fit else None
    entry = project.outputs.entry_of(clip, cell.receiver)
    level = entry.level_dbov if entry is not None else None
    touch = clip.touch_up_at(cell.receiver.slug)
    return Item(
        Path(record.output),
        record.sha256,
        record.bytes,
        recipe.seconds if recipe else None,
        recipe.rate_out if recipe else None,
        clip.name,
        clip.text,
        clip.speaker,
        clip.language,
        clip.kind,
        str(clip.source),
        touch.true_rate,
        level,
        facts.measures.bandwidth_hz if facts and facts.measures else None,
        clip.rights,
        record.fingerprint,
        tuple(problem.message for problem in cell.fit.warnings) if cell.fit else (),
    )
