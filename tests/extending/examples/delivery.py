"""A form of delivery: the files, and their digests as sha256sum writes them."""

from __future__ import annotations

from kittiwake.work.deliver.form import Files, Form, register_form
from kittiwake.work.deliver.plan import Plan


def _pack(plan: Plan, manifests: dict[str, bytes]) -> Files:
    sums = "".join(f"{item.sha256}  {place}\n" for place, item in sorted(plan.places.items()))
    return {**dict.fromkeys(plan.places), "SHA256SUMS": sums.encode("utf-8"), **manifests}


register_form(Form("sums", "files with their digests", _pack, whole=False))
