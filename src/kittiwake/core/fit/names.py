"""Names that a receiver takes, made from names that people give."""

from __future__ import annotations

import re
import unicodedata
from collections.abc import Iterable

from ..model import Clip
from ..model.receiver import Names

# Letters that do not come apart into a plain letter and an accent.
_PLAIN = str.maketrans(
    {"ß": "ss", "æ": "ae", "Æ": "AE", "ø": "o", "Ø": "O", "œ": "oe", "Œ": "OE", "đ": "d", "Đ": "D", "ł": "l",
     "Ł": "L", "þ": "th", "Þ": "Th", "ð": "d", "Ð": "D", "ı": "i", "'": "", "’": ""}
)  # fmt: skip


def legal_name(name: str, rules: Names) -> str:
    """The nearest legal name (without extension): accents dropped, other characters replaced, never empty."""
    if rules.is_legal(name):
        return name
    plain = unicodedata.normalize("NFKD", name.translate(_PLAIN))
    plain = "".join(c for c in plain if not unicodedata.combining(c))
    if rules.case != "keep":
        plain = plain.lower() if rules.case == "lower" else plain.upper()
    gap = rules.replace_with
    out = re.sub(f"[^{rules.allowed}]+", gap, plain)
    if gap:
        out = re.sub(f"(?:{re.escape(gap)}){{2,}}", gap, out).strip(gap)
    out = out[: rules.max_length].rstrip(gap or None)
    if out:
        return out
    for fallback in ("clip", "CLIP", "1"):
        if rules.is_legal(fallback):
            return fallback
    return re.sub(f"[^{rules.allowed}]", "", "".join(map(chr, range(33, 127))))[:1] or "clip"


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
        long = rules if 2 * len(whole) <= rules.max_length else rules.model_copy(update={"max_length": 10_000})
        over = len(legal_name(whole, long)) - rules.max_length
        if over > 0 and "{name}" in rules.pattern:
            # The name gives way, so that counter and mark are not cut off.
            whole = rules.pattern.format(name=legal_name(clip.name, long)[:-over], **fields) + mark
    except (ValueError, KeyError, IndexError):  # a format that does not go with a field of this clip
        whole = clip.name + mark
    return legal_name(whole, rules)


def numbered(name: str, number: int, rules: Names) -> str:
    """``name`` with a number behind it, still legal: ``gate`` → ``gate_2``."""
    gap = rules.replace_with or ""
    tail = f"{gap}{number}"
    return name[: max(1, rules.max_length - len(tail))] + tail


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
