"""What the first bytes of a file tell, whatever its name is."""

from __future__ import annotations

import stat
from pathlib import Path

_MAGIC: tuple[tuple[int, bytes], ...] = (
    (0, b"RIFF"), (0, b"RF64"), (0, b"RIFX"), (0, b"riff"), (0, b"FORM"), (0, b".snd"), (0, b"caff"),
    (0, b"fLaC"), (0, b"OggS"), (0, b"ID3"), (0, b"NIST_1A"), (0, b"#!AMR"), (4, b"ftyp"),
    (0, b"\x1aE\xdf\xa3"),  # Matroska, WebM
    (0, b"\xff\xfb"), (0, b"\xff\xf3"), (0, b"\xff\xf2"), (0, b"\xff\xfa"),  # MPEG layer III frame
    (0, b"\xff\xf1"), (0, b"\xff\xf9"),  # AAC in ADTS
)  # fmt: skip


def head_of(path: Path, count: int = 4096) -> bytes:
    """The first bytes of a file; none where it cannot be read, or is no file: a FIFO would be waited for without end."""
    try:
        if not stat.S_ISREG(path.stat().st_mode):
            return b""
        with path.open("rb") as file:
            return file.read(count)
    except OSError:
        return b""


def looks_like_sound(path: Path) -> bool:
    """Whether a file begins as one of the well-known sound or video containers does."""
    head = head_of(path, 16)
    return any(head[at : at + len(magic)] == magic for at, magic in _MAGIC)


def looks_like_text(path: Path) -> bool:
    """Whether a file begins with nothing but printable text."""
    head = head_of(path)
    if not head or b"\0" in head:
        return False
    try:
        text = head.decode("utf-8", errors="strict")
    except UnicodeDecodeError as error:
        # The last character may be cut in two by the end of the block that was read.
        if error.start < len(head) - 4:
            return False
        text = head[: error.start].decode("utf-8")
    return all(c.isprintable() or c in "\t\r\n\f" for c in text)
