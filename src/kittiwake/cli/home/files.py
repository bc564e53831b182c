"""Every file that tells a system of the application, by its place under a prefix such as ``/usr`` or ``~/.local``."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path

import click

from . import appstream, completion, entries, manual, mime, unit
from .identity import ID

_ICONS = Path(__file__).parent / "icons"


def files_of(cli: click.Group, program: str, receivers: Iterable[tuple[str, str]]) -> dict[str, bytes]:
    """Place -> content. The same input gives the same bytes.

    Parameters
    ----------
    program : the command that the desktop is to start, or its path.
    receivers : slug and name of those that the menu entry offers.
    """
    text = {
        "share/applications/kittiwake.desktop": entries.window_entry(program, receivers),
        "share/applications/kittiwake-quick.desktop": entries.quick_entry(program),
        "share/thumbnailers/kittiwake.thumbnailer": entries.thumbnailer_entry(program),
        "share/mime/packages/kittiwake.xml": mime.mime_package(),
        f"share/metainfo/{ID}.metainfo.xml": appstream.metainfo(),
        "share/systemd/user/kittiwake-watch.service": unit.watch_unit(program),
        "share/icons/hicolor/scalable/apps/kittiwake.svg": (_ICONS / "kittiwake.svg").read_text("utf-8"),
        "share/icons/hicolor/scalable/mimetypes/kittiwake-job.svg": (_ICONS / "kittiwake-job.svg").read_text("utf-8"),
        **dict(completion.completions(cli)),
        **{f"share/man/man1/{name}": page for name, page in manual.manual_pages(cli)},
    }
    return {place: content.encode() for place, content in text.items()}
