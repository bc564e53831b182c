"""What a stand-in of a telephone holds: what is made for one on the board."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path

from ...words import tr
from ...work.project.project import Project
from .machines.phone import Phone


def stock(phone: Phone, project: Project, handed: dict[str, str]) -> Iterator[str]:
    """Hand the phone what is made for telephones, again only where it has changed, and take away what is made no more; yields what it refuses, in words.

    Parameters
    ----------
    handed : digests of what it holds, by name; kept up.
    """
    wanted: dict[str, tuple[str, str]] = {}
    for receiver in project.receivers:
        if receiver.standin != "phone":
            continue
        for clip in project.job.clips:
            cell = project.cell(clip, receiver)
            if cell.state == "made" and cell.record is not None:
                wanted.setdefault(Path(cell.record.output).stem.casefold(), (cell.record.output, cell.record.sha256))
    for name in [name for name in phone.shelf.files if Path(name).stem.casefold() not in wanted]:
        del phone.shelf.files[name]
        handed.pop(Path(name).stem.casefold(), None)
    for key, (output, digest) in wanted.items():
        if handed.get(key) == digest:
            continue
        path = Path(output)
        try:
            if phone.hand(path.name, path.read_bytes()):
                handed[key] = digest
            elif phone.refusal:
                yield tr("The phone refuses {name}: {reason}", name=path.name, reason=phone.refusal.reason)
        except OSError:
            continue
