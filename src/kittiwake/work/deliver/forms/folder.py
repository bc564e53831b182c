"""A folder of files."""

from __future__ import annotations

from ....words import phrase
from ..form import Files, Form, register_form
from ..plan import Plan


def _pack(plan: Plan, manifests: dict[str, bytes]) -> Files:
    return {**dict.fromkeys(plan.places), **manifests}


register_form(Form("folder", phrase("a folder of files"), _pack, whole=False))
