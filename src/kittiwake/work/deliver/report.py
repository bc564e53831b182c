"""The report that goes to whoever ordered a set: one page of HTML that needs nothing else."""

from __future__ import annotations

import html
from collections.abc import Callable, Mapping
from pathlib import Path

from ...core.model.units import format_bytes, format_hz, format_seconds
from ...words import joined
from .item import Item
from .plan import Plan

_STYLE = """
body { font: 15px/1.45 system-ui, sans-serif; color: #1d2a30; background: #fbfaf6; margin: 2rem auto; max-width: 62rem; padding: 0 1rem }
h1 { font-size: 1.5rem; margin: 0 } h2 { font-size: 1.1rem; margin: 1.8rem 0 .4rem } p { margin: .3rem 0 }
table { border-collapse: collapse; width: 100% } th, td { text-align: left; padding: .3rem .6rem .3rem 0; border-bottom: 1px solid #ddd8cb;
vertical-align: top } td.n { text-align: right; white-space: nowrap; font-variant-numeric: tabular-nums }
small, .soft { color: #5a6a72 } code { font-size: .85em; word-break: break-all } svg { display: block; width: 9rem; height: 1.6rem }
.bad { font-weight: 600 } @media print { body { margin: 0; background: #fff } }
"""
_POINTS = 120
#: By which a page of ours is known again, before it is replaced.
_BEGINNING = '<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="generator" content="Kittiwake, acceptance report">'


def report_of(
    plan: Plan,
    verdicts: Mapping[str, str],
    rules: str,
    *,
    title: str = "",
    when: str = "",
    outlines: Callable[[Path], list[float]] | None = None,
) -> str:
    """The page.

    Parameters
    ----------
    rules : what the receiver demands, in words.
    outlines : gives levels of a made file from its beginning to its end, 0 to 1, to be drawn.
    """
    receiver = plan.receiver
    bad = {place: verdict for place, verdict in verdicts.items() if verdict != "taken"}
    parts = [
        f"<h1>{_e(title or receiver.name)}</h1>",
        f"<p class=soft>{len(plan.places)} files for {_e(receiver.name)}, {format_bytes(plan.bytes)}"
        f"{f', {_e(when)}' if when else ''}. {_e(receiver.purpose)}</p>",
        _problems(plan, bad),
        f"<h2>What has changed</h2><p>{_e(_changes(plan))}</p>{_changed_list(plan)}",
        f"<h2>What the receiver demands</h2><p>{_e(rules)}</p>",
        _files(plan, verdicts, outlines),
    ]
    return (
        f"{_BEGINNING}<title>{_e(title or receiver.name)}</title>"
        f"<style>{_STYLE}</style></head><body>{''.join(parts)}</body></html>\n"
    )


def is_report(beginning: bytes) -> bool:
    """Whether a file that begins so is a page that was written here."""
    return beginning.startswith(_BEGINNING.encode())


def _e(text: object) -> str:
    return html.escape("".join(c if c.isprintable() else "�" for c in str(text)))


def _problems(plan: Plan, bad: Mapping[str, str]) -> str:
    rows = [f"<tr><td class=bad>{_e(place)}</td><td>refused: {_e(text)}</td></tr>" for place, text in bad.items()]
    for place, item in plan.places.items():
        rows += [f"<tr><td>{_e(place)}</td><td>{_e(text)}</td></tr>" for text in item.problems]
    if not rows:
        return "<h2>To be minded</h2><p>Nothing: every file is as the receiver demands.</p>"
    return f"<h2>To be minded</h2><table>{''.join(rows)}</table>"


def _changes(plan: Plan) -> str:
    if plan.count("new") == len(plan.places) and not plan.gone:
        return "This is the first delivery: every file is new."
    return f"Against the delivery before: {plan.words}."


def _changed_list(plan: Plan) -> str:
    changes = [f"{place} ({state})" for place, state in plan.states.items() if state == "changed"]
    if plan.count("new") != len(plan.places):
        changes += [f"{place} (new)" for place, state in plan.states.items() if state == "new"]
    changes += [f"{one.name} (no more)" for one in plan.gone]
    return f"<p>{_e(', '.join(changes))}</p>" if changes else ""


def _files(plan: Plan, verdicts: Mapping[str, str], outlines: Callable[[Path], list[float]] | None) -> str:
    rows = []
    for place, item in plan.places.items():
        verdict = verdicts.get(place, "")
        said = "taken" if verdict == "taken" else f"refused: {verdict}" if verdict else "not tried"
        picture = _svg(outlines(item.output)) if outlines else ""
        level = "" if item.level_dbov is None else f"{item.level_dbov:.1f} dBov".replace("-", "−")
        about = joined(filter(None, (format_hz(item.rate) if item.rate else "", item.kind, item.language)), ", ")
        rows.append(
            f"<tr><td><b>{_e(place)}</b><br>{_e(item.text)}<br><small>{_e(about)}</small></td><td>{picture}</td>"
            f"<td class=n>{format_seconds(item.seconds)}</td><td class=n>{format_bytes(item.bytes)}</td><td class=n>{_e(level)}</td>"
            f"<td>{_e(said)}<br><small>sha-256 <code>{_e(item.sha256)}</code></small>{_rights(item)}</td></tr>"
        )
    head = "<tr><th>File</th><th>Sound</th><th>Length</th><th>Size</th><th>Speech level</th><th>Machine, digest</th></tr>"
    return f"<h2>Files</h2><table>{head}{''.join(rows)}</table>"


def _rights(item: Item) -> str:
    if item.rights is None:
        return ""
    sentence = joined(
        filter(None, (item.rights.holder, item.rights.licence, item.rights.until and f"until {item.rights.until}")),
        ", ",
    )
    return f"<br><small>{_e(sentence)}</small>"


def _svg(levels: list[float]) -> str:
    """A sound from left to right, as high as it is loud."""
    if not levels:
        return ""
    step = max(1, -(-len(levels) // _POINTS))
    tops = [max(levels[n : n + step]) for n in range(0, len(levels), step)]
    up = joined((f"{n},{20 - 20 * min(1.0, top):.1f}" for n, top in enumerate(tops)))
    return (
        f'<svg viewBox="0 0 {max(1, len(tops) - 1)} 20" preserveAspectRatio="none" role="img" aria-label="level over time">'
        f'<polygon fill="#50687a" points="0,20 {up} {len(tops) - 1},20"/></svg>'
    )


def outline_of(path: Path) -> list[float]:
    """Levels of a file from its beginning to its end, 0 for −48 dBFS and less, 1 for full scale; none where it cannot be read."""
    import numpy as np

    from ...core.measure import analyze

    facts = analyze(path)
    if facts.measures is None or not len(facts.measures.overview):
        return []
    tops = np.abs(facts.measures.overview).max(axis=1)
    levels: list[float] = (1 + 20 * np.log10(np.maximum(tops, 1e-6)) / 48).clip(0, 1).tolist()
    return levels
