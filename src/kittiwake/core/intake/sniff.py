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


def head_of(path: Path, count: int = 4096, skip: int = 0) -> bytes:
    """The first bytes of a file, or those behind ``skip``; none where it cannot be read, or is no file: a FIFO would be waited for without end."""
    try:
        if not stat.S_ISREG(path.stat().st_mode):
            return b""
        with path.open("rb") as file:
            file.seek(skip)
            return file.read(count)
    except OSError:
        return b""


_LONGEST_TEXT = 65_536  # bytes of text before sound that are looked for
_LEAST_TEXT = 12  # bytes of text that sound hardly begins with by chance
_LEAST_LETTERS = 6  # different ones: A-law is silent as "UUUU"
_PRINTABLE = frozenset((*range(0x20, 0x7F), *b"\t\r\n\f"))
_BLOCKS = 64  # bytes: what a header is filled up with NULs to is a multiple of that


def text_before(path: Path) -> int:
    """How many bytes of plain text a file begins with before anything else: whole lines, or text that is filled up with NULs. 0 for none, and for a
    file that is nothing but text.
    """
    head = head_of(path, _LONGEST_TEXT)
    run = next((at for at, byte in enumerate(head) if byte not in _PRINTABLE), len(head))
    if (
        run == len(head)
        or run < _LEAST_TEXT
        or len({*head[:run]} & {*b"0123456789abcdefghijklmnopqrstuvwxyz"}) < _LEAST_LETTERS
    ):
        return 0
    if head[run]:
        # Sound may begin with bytes that are printable too, but hardly with the end of a line.
        return head.rfind(b"\n", 0, run) + 1
    filled = next((at for at in range(run, len(head)) if head[at]), len(head))
    whole = filled // _BLOCKS * _BLOCKS
    # Silence behind it is of NULs as well: a whole block, or a whole number of 16-bit samples to the end.
    return whole if whole > run else filled - (path.stat().st_size - filled) % 2


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
