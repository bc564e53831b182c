"""Writes a source archive anew, so that the same files give the same bytes: in order, with one time and no owners."""

from __future__ import annotations

import gzip
import io
import os
import sys
import tarfile
from pathlib import Path


def rewrite(path: Path, time: int) -> None:
    whole = io.BytesIO()
    with tarfile.open(path) as old, tarfile.open(fileobj=whole, mode="w", format=tarfile.PAX_FORMAT) as new:
        for member in sorted(old.getmembers(), key=lambda one: one.name):
            member.mtime, member.uid, member.gid, member.uname, member.gname, member.pax_headers = (
                time,
                0,
                0,
                "",
                "",
                {},
            )
            new.addfile(member, old.extractfile(member) if member.isfile() else None)
    with path.open("wb") as file, gzip.GzipFile("", "wb", 9, file, mtime=0) as packed:
        packed.write(whole.getvalue())


if __name__ == "__main__":
    for name in sys.argv[1:]:
        rewrite(Path(name), int(os.environ["SOURCE_DATE_EPOCH"]))
