"""Names that a receiver takes, made from names that people give."""

from __future__ import annotations

import os
import re
import unicodedata
from collections.abc import Iterable

from ...words import phrase
from ..codec import FORMATS
from ..errors import MakeError
from ..model import Clip, Receiver
from ..model.name_rules import MOST_BYTES, Names

# Letters that do not come apart into a plain letter and an accent.
_PLAIN = (
    {"ß": "ss", "æ": "ae", "Æ": "AE", "ø": "o", "Ø": "O", "œ": "oe", "Œ": "OE", "đ": "d", "Đ": "D", "ł": "l",
     "Ł": "L", "þ": "th", "Þ": "Th", "ð": "d", "Ð": "D", "ı": "i", "'": "", "’": "",
     "ا": "a", "أ": "a", "إ": "i", "آ": "a"}
)  # fmt: skip


def legal_name(name: str, rules: Names) -> str:
    """The nearest legal name (without extension): characters kept where they are taken, else without their accents, else in letters of
    English, else replaced; never empty.
    """
    if rules.is_legal(name):
        return name
    name = unicodedata.normalize("NFC", name)
    gap, out = rules.replace_with, ""
    missing = False
    for character in name:
        found = _taken(_cased(character, rules), rules)
        if found is None:
            missing = True
            continue
        out += (gap if missing and out else "") + found
        missing = False
    if gap:
        out = re.sub(f"(?:{re.escape(gap)}){{2,}}", gap, out).strip(gap)
    out = _shortened(out.lstrip(". "), rules).rstrip(gap or None).rstrip(" ")
    if rules.is_legal(out):
        return out
    for fallback in ("clip", "CLIP", "1"):
        if rules.is_legal(fallback):
            return fallback
    return next((c for n in range(33, 127) if rules.is_legal(c := chr(n))), "あ")


def _taken(character: str, rules: Names) -> str | None:
    """A character as it may stand in a name: itself, without its accent, spelt out, or transliterated; nothing where it is dropped, None
    where it has to be replaced.
    """
    if all(map(rules.takes, character)):
        return character
    spelt = "".join(_PLAIN.get(c, c) for c in character)
    plain = _cased("".join(c for c in unicodedata.normalize("NFKD", spelt) if not unicodedata.combining(c)), rules)
    if all(map(rules.takes, plain)):
        return plain
    if character.isascii():
        return None
    from anyascii import anyascii  # its tables are only for letters that are of no use otherwise

    return "".join(filter(rules.takes, _cased(anyascii(character), rules))) or None


def _cased(text: str, rules: Names) -> str:
    return text if rules.case == "keep" else text.lower() if rules.case == "lower" else text.upper()


def _shortened(name: str, rules: Names) -> str:
    """No more characters, and no more bytes, than a name may have."""
    name = name[: rules.max_length]
    while len(name.encode("utf-8", "surrogatepass")) > MOST_BYTES:
        name = name[:-1]
    return name


def output_name(clip: Clip, number: int, rules: Names) -> str:
    """What the output of a clip is to be called (without extension), by the pattern of the rules.

    Parameters
    ----------
    number : place of the clip in its set, from 1.
    """
    fields: dict[str, str | int] = {
        "id": clip.id, "speaker": clip.speaker, "language": clip.language, "kind": clip.kind, "counter": number
    }  # fmt: skip
    mark = ""
    if rules.mark_corrected and clip.touch_up.true_rate:
        mark = f"{rules.replace_with or '-'}true{clip.touch_up.true_rate}"
    try:
        whole = rules.pattern.format(name=clip.name, **fields) + mark
        # Letters may become two (ß); most names are far from too long.
        long = rules if 2 * len(whole) <= rules.max_length else rules.changed(max_length=10_000)
        over = len(legal_name(whole, long)) - rules.max_length
        if over > 0 and "{name}" in rules.pattern:
            # The name gives way, so that counter and mark are not cut off.
            whole = rules.pattern.format(name=legal_name(clip.name, long)[:-over], **fields) + mark
    except (ValueError, KeyError, IndexError):  # a format that does not go with a field of this clip
        whole = clip.name + mark
    return legal_name(whole, rules)


def lost_in(name: str, legal: str) -> bool:
    """Whether letters or digits of a name are gone, or others, in the legal one: not only spaces, marks and accents."""
    plain = "".join(c for c in unicodedata.normalize("NFKD", "".join(_PLAIN.get(c, c) for c in name)) if c.isalnum())
    kept = [c for c in unicodedata.normalize("NFKD", legal).casefold() if c.isalnum()]
    return sum(1 for _ in plain) > len(kept) or any(c not in kept for c in plain.casefold())


def numbered(name: str, number: int, rules: Names) -> str:
    """``name`` with a number behind it, still legal: ``gate`` → ``gate_2``."""
    gap = rules.replace_with or ""
    tail = f"{gap}{number}"
    short = name[: max(1, rules.max_length - len(tail))].rstrip(" ") or name[:1]
    while len(short) > 1 and len((short + tail).encode("utf-8", "surrogatepass")) > MOST_BYTES:
        short = short[:-1]
    return short + tail


def bare_name(file: str) -> str:
    """A file's name, which is to lie in its folder and nowhere else.

    Raises
    ------
    MakeError : it would not.
    """
    if not file or file in (".", "..") or "/" in file or "\0" in file or file.startswith("."):
        raise MakeError(
            phrase("“{file!a}” is no name for an output: it would not lie in its folder.", file=file),
            phrase("Change the rules for names."),
            "no_name",
        )
    return file


def extensions_of(receiver: Receiver) -> frozenset[str]:
    """Every extension that an output for a receiver may have."""
    names = receiver.rules.names
    return frozenset(
        names.extension_for(form.extension)
        for one in receiver.rules.accepts
        if (form := FORMATS.get((one.container, one.encoding)))
    )


def beside_its_source(wish: str, source: str, folder: str, receiver: Receiver, extensions: Iterable[str]) -> str:
    """The wished name (without extension) of an output; one that would be that of its own source, which is never touched, says for whom it is:
    ``notice.wav`` → ``notice_phone-menu.wav``.

    Parameters
    ----------
    source, folder : paths of the source, and of where the output goes.
    extensions : ``extensions_of(receiver)``.
    """
    at, _, name = source.rpartition(os.sep)
    if at != folder or not any(name.casefold() == f"{wish}{one}".casefold() for one in extensions):
        return wish
    rules = receiver.rules.names
    longer = f"{wish}{rules.replace_with or '-'}{receiver.slug}"
    return longer if rules.is_legal(longer) else wish


def numbered_name(file: str, name: str, extensions: Iterable[str], rules: Names) -> str | None:
    """The stem of ``file`` where it is the legal ``name``, perhaps with a number behind it; None where other rules ask for another name."""
    for extension in extensions:
        if not file.endswith(extension) or (not extension and "." in file):
            continue
        stem = file[: len(file) - len(extension)]
        if stem == name:
            return stem  # it is legal, as every wanted name is
        base = re.sub(r"\d+$", "", stem).rstrip(rules.replace_with or None)
        if base != "" and base != stem and name.startswith(base) and rules.is_legal(stem):
            return stem
    return None


def unique_names(names: Iterable[str], rules: Names, taken: Iterable[str] = ()) -> list[str]:
    """A legal name for each, no two the same even where case does not count; later ones are numbered.

    The order of ``names`` decides who keeps the plain name, so the same list gives the same names.
    """
    used = {name.casefold() for name in taken}
    out = []
    for name in names:
        plain = legal_name(name, rules)
        chosen, number = plain, 2
        while chosen.casefold() in used:
            chosen, number = numbered(plain, number, rules), number + 1
        used.add(chosen.casefold())
        out.append(chosen)
    return out
