"""Folders as people know them: without what every path on the machine begins with."""

from __future__ import annotations

from pathlib import Path

from ...demo import SHIPPED, copy_folder


def short_path(path: Path) -> str:
    """``~/Documents/Kittiwake``, ``demo/sounds`` for what ships; long ones lose their middle."""
    for root, name in ((SHIPPED.parent, "demo"), (copy_folder(), "demo"), (Path.home(), "~")):
        if path == root or root in path.parents:
            rest = path.relative_to(root)
            path = Path(name) / rest if rest.parts else Path(name)
            break
    parts = path.parts
    if len(parts) > 6:
        path = Path(*parts[:2], "…", *parts[-3:])
    return str(path)
