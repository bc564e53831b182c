"""The datasheet of a corpus: what is in it, how good it is, how it was made. Markdown, with plots in SVG."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from html import escape

from ....core.fit.rules import demands_of
from ....version import __version__
from .files import Files
from .judged import Judged
from .pack import Packed
from .request import CorpusRequest
from .spread import Spread, spreads
from .store import Store

SHEET, PLOTS = "datasheet.md", "datasheet"


def write_sheet(
    store: Store,
    wish: CorpusRequest,
    files: Files,
    sides: Mapping[str, str],
    judged: Judged,
    packed: Packed,
    findings: Iterable[str],
    command: str,
) -> None:
    """Write ``datasheet.md`` and its plots.

    Parameters
    ----------
    findings : sentences about what is missing or contradicts itself. command : how it was made, for a terminal.
    """
    found = spreads(store)
    for name, spread in found.items():
        files.write_text(f"{PLOTS}/{name}.svg", histogram(spread))
    parts = [
        "# Datasheet\n",
        f"{sum(packed.clips.values()):,} clips, {hours(sum(packed.seconds.values()))}, for {wish.receiver.name}: {wish.receiver.purpose}\n",
        f"{demands_of(wish.receiver)}\n",
        "## Sides\n",
        _table(("side", "clips", "sound", "share", "speakers"), _side_rows(wish, sides, packed, store)),
        f"No speaker is on two sides. Who goes where was decided by the seed `{wish.seed}`, alike in length"
        + "".join(f" and {kind}" for kind in wish.balance)
        + "; `splits.csv` keeps it.\n",
        *_languages(store),
        "## Left out\n",
        f"{judged.of_clips - judged.clips:,} of {judged.of_clips:,} clips, {hours(judged.of_seconds - judged.seconds)} of {hours(judged.of_seconds)}.\n",
        _table(
            ("rule", "", "clips that break it", "sound"),
            [
                (words, "leaves out" if words in judged.drops else "flags", f"{cost.clips:,}", hours(cost.seconds))
                for words, cost in sorted(judged.costs.items())
            ],
        ),
        "## Qualities\n",
        "Measured on the sources of what is kept; for how, see the columns of `manifest.jsonl`.\n",
        _table(
            ("quality", "unit", "5 %", "median", "95 %", "what it is"),
            [
                (f"[{name}]({PLOTS}/{name}.svg)", spread.measure.unit, *(f"{value:,.{spread.measure.digits}f}" for value in (spread.p5, spread.median, spread.p95)), spread.measure.description)
                for name, spread in found.items()
            ],
        ),
        "".join(f"![{name}]({PLOTS}/{name}.svg)\n" for name in found),
        "## Findings\n",
        "\n".join(f"- {line}" for line in findings) or "None.",
        "\n## How it was made\n",
        f"```\n{command}\n```\n",
        f"Kittiwake {__version__}. The same sources and the same command give the same bytes; `sha256sum --check SHA256SUMS` tells whether they are.",
        "",
    ]  # fmt: skip
    files.write_text(SHEET, "\n".join(parts))


def hours(seconds: float) -> str:
    """As hours, or minutes and seconds where it is little."""
    if seconds >= 36_000:
        return f"{seconds / 3600:,.1f} h"
    if seconds >= 3600:
        return f"{seconds / 3600:.2f} h"
    return f"{int(seconds) // 60}:{int(seconds) % 60:02} min"


def _side_rows(wish: CorpusRequest, sides: Mapping[str, str], packed: Packed, store: Store) -> list[tuple[str, ...]]:
    whole = sum(packed.seconds.values()) or 1.0
    there = {name for name, *_ in store.speakers()}
    return [
        (
            side, f"{packed.clips[side]:,}", hours(packed.seconds[side]), f"{100 * packed.seconds[side] / whole:.1f} %",
            f"{sum(sides.get(name) == side for name in there):,}",
        )
        for side in wish.shares
    ]  # fmt: skip


def _languages(store: Store) -> list[str]:
    """Each with the sound in it, clip by clip: a speaker may have several."""
    rows = [(name or "not told", f"{count:,}", hours(seconds)) for name, count, seconds in store.languages()]
    return ["## Languages\n", _table(("language", "speakers", "sound"), rows)]


def _table(heads: Sequence[str], rows: Iterable[Sequence[str]]) -> str:
    lines = [heads, ["---"] * len(heads), *rows]
    return "\n".join(f"| {' | '.join(cell.replace('|', '/') for cell in line)} |" for line in lines) + "\n"


def histogram(spread: Spread) -> str:
    """A plot, 360 by 150, in SVG; readable on light and dark."""
    width, height, left, foot = 360, 150, 10, 34
    top = max(1, int(spread.counts.max()))
    step = (width - 2 * left) / len(spread.counts)
    bars = []
    for n, count in enumerate(spread.counts.tolist()):
        tall = (height - foot - 24) * count / top
        if count:
            tall = max(tall, 1.0)
            bars.append(
                f'<rect x="{left + n * step:.2f}" y="{height - foot - tall:.2f}" width="{step - 1:.2f}" height="{tall:.2f}"/>'
            )
    measure = spread.measure
    low, high = (f"{value:,.{measure.digits}f}" for value in (spread.low, spread.high))
    middle = f"median {spread.median:,.{measure.digits}f} {measure.unit}".strip()
    text = 'font-family="sans-serif" font-size="11" fill="#6b7a86"'
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {width} {height}" width="{width}" height="{height}">'
        f"<title>{escape(measure.name)}: {escape(measure.description)}</title>"
        f'<text x="{left}" y="15" {text}>{escape(measure.name.replace("_", " "))} · {escape(middle)}</text>'
        f'<g fill="#7f95a6">{"".join(bars)}</g>'
        f'<path d="M{left} {height - foot + 0.5}H{width - left}" stroke="#6b7a86" fill="none"/>'
        f'<text x="{left}" y="{height - 16}" {text}>{low}</text>'
        f'<text x="{width - left}" y="{height - 16}" text-anchor="end" {text}>{high} {escape(measure.unit)}</text>'
        f'<text x="{width / 2}" y="{height - 3}" text-anchor="middle" {text}>{spread.known:,} clips, the tallest bar {top:,}</text></svg>\n'
    )
