"""A set handed to a stand-in: what it says of each file."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from pathlib import Path

from ...core.errors import Cancelled
from ...words import phrase
from ..deliver.form import bytes_of, form_called
from ..deliver.manifest import JSONL, as_jsonl, manifests
from ..deliver.plan import Plan
from .link import Link, Outcome
from .machine import kinds

TAKEN = "taken"
#: Files of one folder are handed over in this order, whatever they are called.
_FIRST = (".jsonl", ".h", ".bin", ".toml")


def in_order(paths: list[Path]) -> list[Path]:
    """Lists and headers before what they speak of."""
    return sorted(
        paths, key=lambda path: (_FIRST.index(path.suffix.lower()) if path.suffix.lower() in _FIRST else 9, str(path))
    )


def judged(
    plan: Plan,
    link: Link,
    cancelled: Callable[[], bool] = bool,
    *,
    real: bool = False,
    progress: Callable[[float], None] | None = None,
) -> Iterator[tuple[str, str]]:
    """Place and verdict of each file, as it is shown: ``taken``, or why not.

    Parameters
    ----------
    real : whether it takes the time that the machine's link takes.
    progress : gets the share of all bytes that is through, 0 to 1.

    Raises
    ------
    KittiwakeError : an output is not as it was made.
    Cancelled
    """
    form = form_called(plan.receiver.delivery.form)
    if link.kind.lists:
        said = link.hand(JSONL, as_jsonl({_basename(place): item for place, item in plan.places.items()}, {}))
        if not said.taken:
            yield from (
                (place, phrase("The list: {verdict_of}", verdict_of=verdict_of(said))) for place in plan.places
            )
            return
    if form.hands is not None:
        files = form.pack(plan, manifests("none", plan.places, {}))
        answers = [link.hand(name, files[name] or b"") for name in form.hands(plan)]
        bad = next((one for one in answers if not one.taken), None)
        yield from ((place, verdict_of(bad) if bad else TAKEN) for place in plan.places)
        return
    through, whole = 0, max(1, plan.bytes)
    for place, item in plan.places.items():
        if cancelled():
            raise Cancelled
        before = through

        def tell(share: float, before: int = before, size: int = item.bytes) -> None:
            if progress is not None:
                progress((before + share * size) / whole)

        outcome = link.hand(_basename(place), bytes_of(plan, place), real=real, progress=tell, cancelled=cancelled)
        if cancelled() and not outcome.taken:
            raise Cancelled
        through += item.bytes
        yield place, verdict_of(outcome)


def verdict_of(outcome: Outcome) -> str:
    return TAKEN if outcome.taken else outcome.reason + phrase(" (byte {at:,})", at=outcome.at)


def link_to(key: str, fail: str = "") -> Link | None:
    """A link to a new machine of that kind; None where there is none."""
    kind = kinds().get(key)
    return None if kind is None else Link(kind, kind.make(), fail)


def _basename(place: str) -> str:
    return place.rsplit("/", 1)[-1]
