"""What a software centre says of the application (AppStream 1.0, metadata of a desktop application)."""

from __future__ import annotations

from xml.sax.saxutils import escape

from ...languages import in_all_languages
from ...version import __version__
from ...words import phrase
from .identity import ID, JOB_TYPE, NAME, SOUND_TYPES, SUMMARY, VIDEO_TYPES

_SENTENCES = (
    phrase(
        "Clips on one side, receivers on the other, and one picture of how they fit: Kittiwake shows every recording against every machine that is to"
        " speak it, works out what has to happen, does it, proves each file by reading it back, and lets you hear it as it will be heard."
    ),
    phrase(
        "It resamples, downmixes, levels, cuts and encodes prompts for phone menus, alert devices, radios and speech engines; cuts long readings into"
        " clips; records, speaks and makes tones; and builds speech corpora. Sources are never changed."
    ),
)
_RELEASED = "2026-11-27"


def _lines(tag: str, text: str, indent: str) -> list[str]:
    """An element for each language."""
    others = in_all_languages(text).items()
    return [f"{indent}<{tag}>{escape(text)}</{tag}>"] + [
        f'{indent}<{tag} xml:lang="{code}">{escape(translation)}</{tag}>' for code, translation in others
    ]


def metainfo() -> str:
    sentence = "\n".join(line for text in _SENTENCES for line in _lines("p", text, "    "))
    summary = "\n".join(_lines("summary", SUMMARY, "  "))
    types = "\n".join(f"    <mediatype>{one}</mediatype>" for one in (JOB_TYPE, *SOUND_TYPES, *VIDEO_TYPES))
    return f"""\
<?xml version="1.0" encoding="UTF-8"?>
<component type="desktop-application">
  <id>{ID}</id>
  <metadata_license>CC0-1.0</metadata_license>
  <project_license>GPL-3.0-or-later</project_license>
  <name>{NAME}</name>
{summary}
  <developer id="org.example">
    <name>The {NAME} developers</name>
  </developer>
  <description>
{sentence}
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
