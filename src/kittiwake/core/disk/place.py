"""Outputs appear whole or not at all, and never on top of something that was not made here."""

from __future__ import annotations

import contextlib
import errno
import hashlib
import io
import os
import re
import stat
import unicodedata
from collections.abc import Callable, Iterator, Sequence
from contextlib import contextmanager
from pathlib import Path
from typing import BinaryIO

from ...words import phrase
from ..errors import Cancelled, MakeError, reason_of
from .private import FILE_MODE, private_folder

_HERE, _NOT_OVER = -100, 1  # AT_FDCWD and RENAME_NOREPLACE of Linux, renameat2(2)
_FEW = 4  # files, up to which each is forced to the disk by itself
_PART = r"^\.kittiwake-(\d+)-[0-9a-f]+\.part$"
_swept: set[Path] = set()  # folders, since this process began


def part_name(folder: Path) -> Path:
    """A name for a temporary file in ``folder``, which is made where it is not there.

    Raises
    ------
    MakeError : the folder cannot be made.
    """
    try:
        if not os.path.isdir(folder):  # noqa: PTH112 - asked once a file, and there almost always
            folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise MakeError(
            phrase("The folder {folder} cannot be made: {reason_of}.", folder=folder, reason_of=reason_of(error)),
            phrase("Choose another output folder."),
            "no_folder",
        ) from error
    return folder / f".kittiwake-{os.getpid()}-{os.urandom(6).hex()}.part"


@contextmanager
def part_file(folder: Path) -> Iterator[Path]:
    """A name for a temporary file in ``folder``; whatever is there at the end is removed. What a killed process left there goes too, when this one
    first writes into the folder.

    Raises
    ------
    MakeError : the folder cannot be made.
    """
    part = part_name(folder)
    if folder not in _swept:
        _swept.add(folder)
        sweep(folder)
    try:
        yield part
    finally:
        part.unlink(missing_ok=True)


def sweep(folder: Path, everybodys: bool = False) -> int:
    """Remove what a killed run left in ``folder``; returns how many. Parts of runs that still go are kept, unless ``everybodys`` says
    that there are none.
    """
    count = 0
    try:
        names = os.listdir(folder)  # noqa: PTH208 - strings, since there may be a million
    except OSError:
        return 0
    for name in names:
        found = name.startswith(".") and re.match(_PART, name)
        if found and (everybodys or not alive(int(found[1]))):
            (folder / name).unlink(missing_ok=True)
            count += 1
    return count


def alive(process: int) -> bool:
    """Whether a process of this number runs."""
    try:
        os.kill(process, 0)
    except ProcessLookupError:
        return False
    except PermissionError:
        pass
    try:
        # One that is dead and only not yet buried by its parent is dead.
        return Path(f"/proc/{process}/stat").read_text().rpartition(")")[2].split()[0] != "Z"
    except (OSError, IndexError):
        return True


def put_in_place(part: Path, final: Path, *, replace: bool, sync: bool = True) -> None:
    """Give a finished part its final name in one step.

    Parameters
    ----------
    replace : whether a file of that name may be replaced. Otherwise one that has turned up meanwhile is kept.
    sync : whether to force the folder's entry to the disk.

    Raises
    ------
    MakeError
    """
    try:
        if replace:
            part.replace(final)
        else:
            _rename_anew(part, final)
        if sync:
            sync_folder(final.parent)
    except OSError as error:
        raise MakeError(
            phrase(
                "{name} could not be put into {parent}: {reason_of}.",
                name=final.name,
                parent=final.parent,
                reason_of=reason_of(error),
            ),
            phrase("Nothing was overwritten; choose another folder or move that file."),
            "no_place",
        ) from error


def _rename_anew(part: Path, final: Path) -> None:
    """Rename, but never over what is there.

    Raises
    ------
    OSError : FileExistsError where the name is taken.
    """
    import ctypes

    libc = ctypes.CDLL(None, use_errno=True)
    if hasattr(libc, "renameat2"):
        if libc.renameat2(_HERE, os.fsencode(part), _HERE, os.fsencode(final), _NOT_OVER) == 0:
            return
        number = ctypes.get_errno()
        if number not in (errno.EINVAL, errno.ENOSYS, errno.ENOTSUP):
            raise OSError(number, os.strerror(number), str(final))
    try:
        os.link(part, final)  # fails where the name is taken, as well
    except FileExistsError:
        raise
    except OSError:
        # No hard links on this disk (FAT); the small gap between look and rename is all that is left.
        if final.exists():
            raise FileExistsError(errno.EEXIST, "File exists") from None
        part.rename(final)


def write_whole(path: Path, data: bytes, *, private: bool = False) -> None:
    """A small file, whole or not at all; what was there before is untouched until then. Its folder is made. What a link leads to is written,
    and the link stays.

    Parameters
    ----------
    private : whether nobody else may read it, nor enter the folders that are made for it.

    Raises
    ------
    MakeError, OSError
    """
    path = _behind_link(path)
    with _written(path, private) as (file, part):
        file.write(data)
        _finished(file)
        put_in_place(part, path, replace=True)


def write_text_whole(path: Path, text: str, *, private: bool = True) -> None:
    """Write a small file that a person keeps (settings, lists, what was used last), whole or not at all, as ``write_whole``.

    Raises
    ------
    OSError : what was there before is untouched.
    """
    with writing_whole(path, private=private) as file:
        file.write(text.encode("utf-8"))


@contextmanager
def writing_whole(path: Path, *, private: bool = False) -> Iterator[BinaryIO]:
    """As ``write_whole``, of what is written bit by bit; where that ends in an error nothing has changed.

    Raises
    ------
    OSError : what was there before is untouched.
    """
    path = _behind_link(path)
    with _written(path, private) as (file, part):
        yield file
        _finished(file)
        part.replace(path)
        sync_folder(path.parent)


def _behind_link(path: Path) -> Path:
    return Path(os.path.realpath(path)) if path.is_symlink() else path


@contextmanager
def _written(path: Path, private: bool) -> Iterator[tuple[BinaryIO, Path]]:
    """A file under a temporary name beside where it is to go, with the rights of what it is to replace; and that name."""
    if private:
        private_folder(path.parent)
    else:
        path.parent.mkdir(parents=True, exist_ok=True)
    with part_file(path.parent) as part:
        handle = os.open(part, os.O_WRONLY | os.O_CREAT | os.O_EXCL | os.O_CLOEXEC, FILE_MODE if private else 0o666)
        with os.fdopen(handle, "wb") as file:
            if not private:
                with contextlib.suppress(OSError):
                    os.fchmod(handle, stat.S_IMODE(path.stat().st_mode))
            yield file, part


def _finished(file: BinaryIO) -> None:
    """All of it on the disk."""
    file.flush()
    os.fsync(file.fileno())


def sync_files(paths: Sequence[Path]) -> None:
    """Force files of one folder to the disk: one by one, or many by one call for the whole file system, which costs as much as one.

    Raises
    ------
    OSError
    """
    if len(paths) > _FEW and _syncfs(paths[0].parent):
        return
    for path in paths:
        with path.open("rb+") as file:
            os.fsync(file.fileno())


def _syncfs(folder: Path) -> bool:
    """Whether the system has done it; Python has no call for it."""
    import ctypes

    handle = os.open(folder, os.O_RDONLY)
    try:
        return int(ctypes.CDLL(None, use_errno=True).syncfs(handle)) == 0
    except (AttributeError, OSError):
        return False
    finally:
        os.close(handle)


def sync_folder(folder: Path) -> None:
    """Force a folder's entries to the disk."""
    handle = os.open(folder, os.O_RDONLY)
    try:
        os.fsync(handle)
    except OSError:
        pass  # some network disks cannot; the rename itself is still atomic there
    finally:
        os.close(handle)


def file_digest(path: Path, cancelled: Callable[[], bool] | None = None) -> str:
    """SHA-256 of an ordinary file, hexadecimal. A pipe or a device would never end.

    Raises
    ------
    OSError, Cancelled
    """
    digest = hashlib.sha256()
    with open_ordinary(path) as file:
        while block := file.read(1 << 20):
            if cancelled and cancelled():
                raise Cancelled
            digest.update(block)
    return digest.hexdigest()


def open_ordinary(path: Path) -> io.FileIO:
    """An ordinary file, for reading.

    Raises
    ------
    OSError : among others for a pipe or a device, which is not waited for.
    """
    file = open(os.open(path, os.O_RDONLY | os.O_NONBLOCK | os.O_CLOEXEC), "rb", buffering=0)  # noqa: SIM115, PTH123
    if not stat.S_ISREG(os.fstat(file.fileno()).st_mode):
        file.close()
        raise OSError(errno.EINVAL, "it is not an ordinary file")
    return file


def name_key(name: str) -> str:
    """One text for all names that some disk takes for one: those that differ in case (FAT, NTFS), or in how accents are composed (Unicode
    Standard Annex #15, forms C and D).
    """
    return unicodedata.normalize("NFC", unicodedata.normalize("NFC", name).casefold())


def write_over_own(path: Path, data: bytes, is_ours: Callable[[bytes], bool]) -> None:
    """As ``write_whole``, of a file that somebody named for a result: what lies there by that name is replaced only where it is such a result.

    Parameters
    ----------
    is_ours : whether a file that begins with these bytes (4096 at most) was written for the same purpose.

    Raises
    ------
    MakeError, OSError
    """
    if os.path.lexists(path):
        try:
            with open_ordinary(path) as file:
                beginning = file.read(4096)
        except OSError:
            beginning = b"?"
        if beginning and not is_ours(beginning):
            raise MakeError(
                phrase("{path} is there already, and is no result that was written here before.", path=path),
                phrase("Choose another name, or move that file away."),
                "taken",
            )
    write_whole(path, data)
