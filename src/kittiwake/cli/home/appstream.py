"""What a software centre says of the application (AppStream 1.0, metadata of a desktop application)."""

from __future__ import annotations

from xml.sax.saxutils import escape

from ... import __version__
from .identity import ID, JOB_TYPE, NAME, SOUND_TYPES, SUMMARY, VIDEO_TYPES

_TOLD = (
    "Clips on one side, receivers on the other, and one picture of how they fit: Kittiwake shows every recording against every machine that is to"
    " speak it, works out what has to happen, does it, proves each file by reading it back, and lets you hear it as it will be heard.",
    "It resamples, downmixes, levels, cuts and encodes prompts for phone menus, alert devices, radios and speech engines; cuts long readings into"
    " clips; records, speaks and makes tones; and builds speech corpora. Sources are never changed.",
)
_RELEASED = "2026-11-27"


def metainfo() -> str:
    told = "\n".join(f"    <p>{escape(text)}</p>" for text in _TOLD)
    types = "\n".join(f"    <mediatype>{one}</mediatype>" for one in (JOB_TYPE, *SOUND_TYPES, *VIDEO_TYPES))
    return f"""\
<?xml version="1.0" encoding="UTF-8"?>
<component type="desktop-application">
  <id>{ID}</id>
  <metadata_license>CC0-1.0</metadata_license>
  <project_license>GPL-3.0-or-later</project_license>
  <name>{NAME}</name>
  <summary>{escape(SUMMARY)}</summary>
  <developer id="org.example">
    <name>The {NAME} developers</name>
  </developer>
  <description>
{told}
  </description>
  <launchable type="desktop-id">kittiwake.desktop</launchable>
  <icon type="stock">kittiwake</icon>
  <categories>
    <category>AudioVideo</category>
    <category>Audio</category>
  </categories>
  <provides>
    <binary>kittiwake</binary>
{types}
  </provides>
  <supports>
    <control>keyboard</control>
    <control>pointing</control>
  </supports>
  <requires>
    <display_length compare="ge">640</display_length>
  </requires>
  <content_rating type="oars-1.1"/>
  <releases>
    <release version="{__version__}" date="{_RELEASED}"/>
  </releases>
</component>
"""
