"""Which receivers lines are for: people write names, or slugs; lines keep slugs."""

from __future__ import annotations

from collections.abc import Iterable, Mapping

from ...core.model.script import ScriptLine


def parts_of(text: str) -> tuple[str, ...]:
    """What is written between commas or semicolons."""
    return tuple(part.strip() for part in text.replace(";", ",").split(",") if part.strip())


def slugs_of(parts: Iterable[str], known: Mapping[str, str]) -> tuple[tuple[str, ...], tuple[str, ...]]:
    """Slugs of receivers that are written as slug or name in any case, and the parts that are neither.

    Parameters
    ----------
    known : names of the receivers there are, by slug.
    """
    by_word = {word.casefold(): slug for slug, name in known.items() for word in (name, slug)}
    found: dict[str, None] = {}
    unknown = []
    for part in parts:
        slug = by_word.get(part.casefold())
        if slug is None:
            unknown.append(part)
        else:
            found[slug] = None
    return tuple(found), tuple(unknown)


def with_slugs(
    lines: Iterable[ScriptLine], known: Mapping[str, str]
) -> tuple[tuple[ScriptLine, ...], tuple[str, ...]]:
    """Lines whose receivers are slugs, and what they name that is no receiver. A line that names only such goes to all."""
    out, strange = [], dict[str, None]()
    for line in lines:
        slugs, unknown = slugs_of(line.receivers, known)
        strange.update(dict.fromkeys(unknown))
        out.append(line.changed(receivers=slugs) if slugs != line.receivers else line)
    return tuple(out), tuple(strange)
