"""ZIP and TAR, with the manifest inside. The same set gives the same bytes: files in order, at one time, without owners."""

from __future__ import annotations

import io
import tarfile
import zipfile

from ....words import phrase
from ..form import Files, Form, bytes_of, register_form
from ..manifest import manifests as made_manifests
from ..plan import Plan

_TIME = (1980, 1, 1, 0, 0, 0)  # the earliest that ZIP knows
_TIME_S = 315_532_800  # the same, seconds since 1970


def _contents(plan: Plan, manifests: dict[str, bytes]) -> dict[str, bytes]:
    inside = manifests or made_manifests("jsonl", plan.places, {})
    return {**{place: bytes_of(plan, place) for place in sorted(plan.places)}, **inside}


def _zip(plan: Plan, manifests: dict[str, bytes]) -> Files:
    buffer = io.BytesIO()
    with zipfile.ZipFile(buffer, "w", zipfile.ZIP_DEFLATED, compresslevel=6) as archive:
        for place, data in _contents(plan, manifests).items():
            info = zipfile.ZipInfo(place, _TIME)
            info.compress_type, info.external_attr, info.create_system = zipfile.ZIP_DEFLATED, 0o644 << 16, 3
            archive.writestr(info, data)
    return {f"{plan.receiver.slug}.zip": buffer.getvalue()}


def _tar(plan: Plan, manifests: dict[str, bytes]) -> Files:
    buffer = io.BytesIO()
    with tarfile.open(fileobj=buffer, mode="w", format=tarfile.PAX_FORMAT) as archive:
        for place, data in _contents(plan, manifests).items():
            info = tarfile.TarInfo(place)
            info.size, info.mtime, info.mode = len(data), _TIME_S, 0o644
            archive.addfile(info, io.BytesIO(data))
    return {f"{plan.receiver.slug}.tar": buffer.getvalue()}


register_form(Form("zip", phrase("a ZIP archive"), _zip))
register_form(Form("tar", phrase("a TAR archive"), _tar))
