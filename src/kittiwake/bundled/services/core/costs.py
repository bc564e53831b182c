"""What a codec costs in word errors: the same clips, sent as they are and after each codec."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Sequence
from html import escape
from pathlib import Path

import numpy as np
import soundfile
import soxr
from numpy.typing import NDArray

from ....core.errors import Cancelled, KittiwakeError
from ....core.fit import fit
from ....core.make.compare import Candidate, candidates, decoded, receiver_of
from ....core.make.stream import write_stream
from ....core.model import Clip, Facts, TouchUp
from ....core.model.service import Service
from ....plain_data import dataclass
from ....words import phrase
from ....work.script.score import score
from .ask import Store, ToAsk, hear

RATE = 16_000  # Hz, at which everything is sent: what is compared is the codec, not the link
AS_IT_IS = phrase("as it is")


@dataclass(frozen=True, slots=True)
class Meant:
    """A clip, the facts of its source, and what is said in it."""

    clip: Clip
    facts: Facts
    text: str
    language: str = "en"


@dataclass(frozen=True, slots=True)
class CodecCost:
    """Attributes
    ----------
    words_wrong : word error rate of all clips together, 0 for none.
    more : by how much that is over the rate of the clips as they are.
    kbit_s : 0 for the clips as they are.
    words : that were meant; ``unanswered`` clips had no answer, and are left out of the rate.
    """

    name: str
    words_wrong: float
    more: float
    kbit_s: float
    words: int
    unanswered: int = 0


def codec_costs(
    clips: Sequence[Meant],
    service: Service,
    url: str,
    store: Store,
    folder: Path,
    wanted: Iterable[Candidate] | None = None,
    cancelled: Callable[[], bool] = bool,
) -> Iterator[CodecCost]:
    """The clips as they are first, then each codec. What was answered for the same bytes is not asked again.

    Parameters
    ----------
    folder : for coded files; the caller removes it.

    Raises
    ------
    KittiwakeError : there is no key, or no clip has a text.
    """
    with_text = [one for one in clips if one.text.strip() and one.facts.ok]
    if not with_text:
        raise KittiwakeError(
            phrase("No clip has a text to compare with."), phrase("Give texts: a script, or a table."), "no_text"
        )
    base: float | None = None
    for candidate in (None, *(candidates() if wanted is None else wanted)):
        if cancelled():
            return
        items, bits, seconds = _coded(with_text, candidate, folder, cancelled)
        if not items:
            continue  # a codec that is not to be had here leaves its line out
        wrong, words, unanswered = 0.0, 0, 0
        for answer in hear(items, service, url, store, cancelled):
            meant = with_text[int(answer.name)]
            if answer.error:
                unanswered += 1
                continue
            found = score(meant.text, answer.text, meant.language)
            count = len(found.meant.split())
            wrong, words = wrong + found.words * count, words + count
        if cancelled():
            return
        rate = wrong / words if words else 0.0
        base = rate if base is None else base
        name = AS_IT_IS if candidate is None else candidate.name
        yield CodecCost(
            name,
            rate,
            rate - base,
            round(bits / seconds / 1000, 1) if candidate and seconds else 0.0,
            words,
            unanswered,
        )


def _coded(
    clips: Sequence[Meant], candidate: Candidate | None, folder: Path, cancelled: Callable[[], bool]
) -> tuple[list[ToAsk], int, float]:
    """Files to send, and bits and seconds of what was coded. The source at its full band is PCM of 16 bits at ``RATE``."""
    from ....core.codec import FORMATS

    plain = candidate or Candidate(FORMATS["wav", "pcm_s16"], RATE)
    receiver = receiver_of(plain)
    items, bits, seconds = [], 0, 0.0
    for n, one in enumerate(clips):
        touch = one.clip.touch_up
        bare = one.clip.changed(
            touch_up=TouchUp(true_rate=touch.true_rate, side=touch.side, skip=touch.skip, keep=touch.keep), at={}
        )
        found = fit(bare, one.facts, receiver)
        assert one.facts.measures is not None
        if found.recipe is None or found.recipe.copy:
            found = fit(
                bare.changed(start=one.clip.start, stop=one.clip.stop or one.facts.measures.frames),
                one.facts,
                receiver,
            )
        if found.recipe is None:
            continue
        path = folder / f"coded{plain.form.extension or '.bin'}"
        path.unlink(missing_ok=True)
        try:
            write_stream(one.facts, found.recipe, path, cancelled=cancelled)
            sound: NDArray[np.float64] = decoded(path, found, plain.rate)
        except Cancelled:
            return [], 0, 0.0
        except KittiwakeError:
            continue
        bits += 8 * path.stat().st_size
        seconds += len(sound) / plain.rate
        wide = soxr.resample(sound, plain.rate, RATE) if plain.rate != RATE else sound
        sent = folder / f"{n}.flac"
        soundfile.write(str(sent), np.clip(wide, -1, 1), RATE, subtype="PCM_16")
        items.append(ToAsk(sent, str(n), one.language))
    return items, bits, seconds


def bars(costs: Sequence[CodecCost]) -> str:
    """A picture in SVG: a bar each, as long as its word error rate; readable on light and dark."""
    row, left, wide = 22, 230, 300
    most = max([one.words_wrong for one in costs] + [0.01])
    text = 'font-family="sans-serif" font-size="12" fill="#6b7a86"'
    out = []
    for n, one in enumerate(costs):
        y = n * row + 6
        size = wide * one.words_wrong / most
        more = f" ({one.more * 100:+.1f})".replace("-", "−") if one.name != AS_IT_IS else ""
        out.append(
            f'<text x="{left - 8}" y="{y + 12}" text-anchor="end" {text}>{escape(one.name)}</text>'
            f'<rect x="{left}" y="{y}" width="{max(size, 1):.1f}" height="15" fill="#7f95a6"/>'
            f'<text x="{left + size + 6:.1f}" y="{y + 12}" {text}>{one.words_wrong * 100:.1f} %{more}</text>'
        )
    height = len(costs) * row + 12
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {left + wide + 120} {height}" width="{left + wide + 120}" height="{height}">'
        f"<title>Words wrong after each codec</title>{''.join(out)}</svg>\n"
    )
