"""Catalogues as files: TS, the format of Qt Linguist."""

from __future__ import annotations

import re
import xml.etree.ElementTree as ET
from collections.abc import Iterable, Mapping
from pathlib import Path

from kittiwake.languages import texts_in

from .collect import SOURCE, Message

LANGUAGES = ("de", "fr")
CONTEXT = "kittiwake"
_SAME = re.compile(
    r"\b(ms|k?Hz|dB|dBov|dBFS|dBm0|LUFS|kbit/s|min|kB|MB|KiB|RMS|WAV|MP3|FLAC|Ogg|Opus|AMR|GSM|AAC|NIST|SPHERE|IMA|ADPCM|OKI|Microsoft|Vorbis|CSV|JSON"
    r"|Lines|csv|jsonl|eSpeak|NG|STOI|TOML|toml|Kittiwake|keyring|get|kittiwake|quote)\b"
)


def path_of(language: str, home: str = "") -> Path:
    """The catalogue of the application, or of the extension in the folder ``home``."""
    return SOURCE / home / "languages" / f"{language}.ts"


def read(language: str) -> dict[str, tuple[str, ...]]:
    """Translations by the English text, of all catalogues: one, or of a plural those for one and for many."""
    found: dict[str, tuple[str, ...]] = {}
    for path in (path_of(language), *SOURCE.glob(f"bundled/*/languages/{language}.ts")):
        found |= texts_in(path)
    return found


def is_plain(text: str) -> bool:
    """Whether a text is the same in every language: signs, figures, units and names of formats."""
    return not re.search(r"[^\W\d_]{2,}", _SAME.sub("", re.sub(r"\{[^}]*\}", "", text)))


def write(language: str, wanted: Mapping[str, Message], kept: Mapping[str, tuple[str, ...]]) -> list[Path]:
    """Every text that is said, with its translation where there is one, in the catalogue of its home; what is said no longer is dropped. Returns the files."""
    homes = sorted({message.home for message in wanted.values()})
    return [_write(language, home, [m for m in wanted.values() if m.home == home], kept) for home in homes]


def _write(language: str, home: str, wanted: Iterable[Message], kept: Mapping[str, tuple[str, ...]]) -> Path:
    root = ET.Element("TS", version="2.1", language=language, sourcelanguage="en")
    context = ET.SubElement(root, "context")
    ET.SubElement(context, "name").text = CONTEXT
    for message in wanted:
        plural = bool(message.one)
        entry = ET.SubElement(context, "message", {"numerus": "yes"} if plural else {})
        place = message.where.rpartition(":")[0]
        ET.SubElement(entry, "location", filename=f"{'../' * (2 + home.count('/') if home else 1)}{place}")
        ET.SubElement(entry, "source").text = message.many
        if plural:
            ET.SubElement(entry, "extracomment").text = f"Where there is one: {message.one}"
        reported = ET.SubElement(entry, "translation")
        forms = kept.get(message.many)
        if forms is None and is_plain(message.many):
            forms = (message.one, message.many) if plural else (message.many,)
        if forms is None or len(forms) != (2 if plural else 1):
            reported.set("type", "unfinished")
            forms = ("", "") if plural else ("",)
        if plural:
            for form in forms:
                ET.SubElement(reported, "numerusform").text = form
        else:
            reported.text = forms[0]
    ET.indent(root, " ")
    path = path_of(language, home)
    path.parent.mkdir(exist_ok=True)
    text = ET.tostring(root, encoding="unicode")
    path.write_text(f'<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n{text}\n', "utf-8")
    return path
