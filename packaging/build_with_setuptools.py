"""Builds the source archive, and the wheel from what the archive holds: ``python -m build_with_setuptools FOLDER`` in the project."""

from __future__ import annotations

import os
import sys
import tarfile
from pathlib import Path

from setuptools import build_meta


def main(into: Path) -> None:
    into.mkdir(parents=True, exist_ok=True)
    name = build_meta.build_sdist(str(into))
    unpacked = into.parent / "unpacked"
    with tarfile.open(into / name) as archive:
        archive.extractall(unpacked, filter="data")
    (project,) = unpacked.iterdir()
    os.chdir(project)
    build_meta.build_wheel(str(into))


if __name__ == "__main__":
    main(Path(sys.argv[1]).absolute())
