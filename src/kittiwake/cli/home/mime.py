"""The type of a job file (Shared MIME-info Specification)."""

from __future__ import annotations

from ...languages import in_all_languages
from ...words import phrase
from .identity import ICON, JOB_TYPE

_COMMENT = phrase("Kittiwake job")


def mime_package() -> str:
    others = "\n".join(
        f'    <comment xml:lang="{code}">{translation}</comment>'
        for code, translation in in_all_languages(_COMMENT).items()
    )
    return f"""\
<?xml version="1.0" encoding="UTF-8"?>
<mime-info xmlns="http://www.freedesktop.org/standards/shared-mime-info">
  <mime-type type="{JOB_TYPE}">
    <comment>{_COMMENT}</comment>
{others}
    <sub-class-of type="application/json"/>
    <icon name="{ICON}-job"/>
    <glob pattern="*.kittiwake"/>
  </mime-type>
</mime-info>
"""
