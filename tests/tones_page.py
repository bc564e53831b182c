"""Writes docs/tones.md from the plans of countries: ``./run formats``. A test holds the page against them."""

from __future__ import annotations

from pathlib import Path

from kittiwake.bundled.tones.core.keys import COLUMNS, KEYS, ROWS, SOURCE, pair_of
from kittiwake.bundled.tones.core.plan import NAMES, countries, to_toml, tone_for
from kittiwake.bundled.tones.core.recipe import Segment, ToneRecipe

PAGE = Path(__file__).resolve().parents[1] / "docs" / "tones.md"
_HEAD = """# Tones

Made by `./run formats` from `src/kittiwake/bundled/tones/core/plans`; do not edit by hand.

Dial tones, ringing, busy and so on are **tone recipes**: segments of up to four frequencies (or silence, words, sounds, other tones), each with level and
length. `kittiwake tone --list` lists those that ship, `kittiwake tone gb/ringing --for phone-menu --into out/` makes one, and in the window Shift+F4 opens the page
where they are heard, changed and put on the board. As a clip, a tone passes untreated: no receiver brings it to another level, trims its silence or filters it.

- **Levels** are those of a single sine, in dBm0. A sine at full scale is +3.14 dBm0 in A-law and +3.17 dBm0 in µ-law (ITU-T G.711), so −10 dBm0 are −13.14
  or −13.17 dBFS.
- **Edges** lie on the nearest sample. Inside of them a tone comes and goes over 3 ms, so that nothing clicks.
- **Endless** tones are as long as whole periods of all their frequencies need, and meet themselves: they can be repeated without a seam.
- **a × b** is a tone of a Hz whose amplitude swings b times a second, at the same power.
- **Sources**: the published ones are named. They were written down from memory, not copied out of the documents: hold them against your operator's
  figures where it matters. Where no level is published for a country, it is the nominal one of ITU-T E.180, −10 dBm0 together.

## A recipe of one's own

```toml
{example}```

`seconds` are left out for words (`say`), sounds (`play`, a file or the name of a clip) and other tones (`tone`), which then have their own length; given, they
are cut or repeated to it. `endless = true` closes a single tone on itself. `rate`, `repeats`, `seconds` of the whole, `ramp` and `full_scale` stand at the top;
`unit = "dBFS"` takes levels below full scale instead.

## Keys

{keys}

{source}. `keys:0123` are keys pressed one after the other; a comma is a pause of two seconds.

## Countries

| tone | sounds (Hz for seconds, – is silence) | dBm0 each | source |
|---|---|---|---|
"""


def _number(value: float) -> str:
    return f"{value:g}"


def _sounds(recipe: ToneRecipe) -> str:
    parts = []
    for one in recipe.segments:
        what = " + ".join(map(_number, one.hz)) if one.hz else "–"
        what = f"{what} × {_number(one.by)}" if one.by else what
        parts.append(what if recipe.endless else f"{what} for {_number(one.seconds or 0)}")
    return ", ".join(parts) + (", endless" if recipe.endless else "")


def page() -> str:
    mine = ToneRecipe(
        "Berth is full",
        (Segment(tone="gb/busy", times=2), Segment(seconds=0.3), Segment(say="This berth is full."), Segment((425.0,), (-13.0,), 0.2)),
    )  # fmt: skip
    keys = "| | " + " | ".join(f"{hz:g} Hz" for hz in COLUMNS) + " |\n" + "|---" * 5 + "|"
    for row in ROWS:
        inside = [key for key in KEYS if pair_of(key)[0] == row]
        keys += f"\n| {row:g} Hz | " + " | ".join(inside) + " |"
    lines = [_HEAD.format(example=to_toml(mine), keys=keys, source=SOURCE[0].upper() + SOURCE[1:])]
    for country in countries().values():
        lines.append(f"| **{country.name}** | | | {country.source} |\n")
        for kind, recipe in country.tones.items():
            levels = ", ".join(f"−{-one.level[0]:g}" for one in recipe.segments[:1])
            lines.append(
                f"| `{country.key}/{kind}`, {NAMES[kind]} | {_sounds(recipe)} | {levels} | {recipe.source} |\n"
            )
    return "".join(lines)


if __name__ == "__main__":
    tone_for("gb/ringing")
    PAGE.write_text(page(), "utf-8")
    print(f"{PAGE} written")
