"""The type of a job file (Shared MIME-info Specification)."""

from __future__ import annotations

from .identity import ICON, JOB_TYPE, NAME


def mime_package() -> str:
    return f"""\
<?xml version="1.0" encoding="UTF-8"?>
<mime-info xmlns="http://www.freedesktop.org/standards/shared-mime-info">
  <mime-type type="{JOB_TYPE}">
    <comment>{NAME} job</comment>
    <sub-class-of type="application/json"/>
    <icon name="{ICON}-job"/>
    <glob pattern="*.kittiwake"/>
  </mime-type>
</mime-info>
"""
