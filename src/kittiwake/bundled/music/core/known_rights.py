"""Rights that were stated once: in the tags of a file itself, or by a person, who is not asked again."""

from __future__ import annotations

import contextlib
import json
from pathlib import Path

from platformdirs import user_config_path

from ....core.disk.place import write_whole
from ....core.errors import KittiwakeError
from ....core.model.rights import Rights

_MOST_BYTES = 1 << 20
#: Names that tags go by in the containers of the trade.
_TAGS = {
    "holder": ("copyright", "artist", "album_artist"),
    "licence": ("license", "licence", "usage_terms"),
    "proof": ("license_url", "wcop", "wcopyright"),
}


def rights_of(path: Path) -> Rights:
    """What was stated for a file, else what its tags say; empty where neither does."""
    stated = _kept().get(str(path.absolute()))
    if isinstance(stated, dict):
        with contextlib.suppress(KittiwakeError):
            return Rights.from_dict(stated)
    return _tagged(path)


def keep_rights(path: Path, rights: Rights) -> None:
    """Remember what was stated for a file; a disk that does not take it costs only the memory."""
    kept = _kept()
    kept[str(path.absolute())] = rights.to_dict()
    with contextlib.suppress(OSError):
        _file().parent.mkdir(parents=True, exist_ok=True)
        write_whole(_file(), json.dumps(kept, indent=1, ensure_ascii=False).encode("utf-8"))


def _file() -> Path:
    return user_config_path("kittiwake") / "rights.json"


def _kept() -> dict[str, object]:
    try:
        if _file().stat().st_size > _MOST_BYTES:
            return {}
        found = json.loads(_file().read_text("utf-8"))
    except (OSError, ValueError):
        return {}
    return found if isinstance(found, dict) else {}


def _tagged(path: Path) -> Rights:
    import av

    try:
        with av.open(str(path)) as container:
            tags = {key.casefold(): value for key, value in container.metadata.items()}
    except (OSError, av.FFmpegError, UnicodeDecodeError):
        return Rights()
    return Rights(
        **{
            field: next((tags[name].strip() for name in names if tags.get(name)), "")
            for field, names in _TAGS.items()
        }
    )
