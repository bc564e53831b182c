"""What a form of delivery is, and which there are: one file each in ``forms``."""

from __future__ import annotations

from collections.abc import Callable

from ...core.errors import KittiwakeError
from ...core.nearest import nearest
from ...core.registry import Registry
from ...plain_data import dataclass
from ...words import joined, phrase
from .plan import Plan

Files = dict[str, bytes | None]


@dataclass(frozen=True, slots=True)
class Form:
    """A form.

    Attributes
    ----------
    pack : the files that go into the folder of the delivery, by their places: bytes, or None for an output that is copied as it is; given the
        plan and the manifests. Raises ``KittiwakeError`` where something cannot go in that form. The same plan gives the same bytes.
    whole : whether everything is sent anew when anything has changed.
    hands : names (of those of ``pack``) that a machine is given, in order, where that is not each output by its place; None where it is.
    """

    key: str
    name: str
    pack: Callable[[Plan, dict[str, bytes]], Files]
    whole: bool = True
    hands: Callable[[Plan], tuple[str, ...]] | None = None


_FORMS: Registry[str, Form] = Registry("form of delivery", "kittiwake.work.deliver.forms", "forms")


def register_form(form: Form) -> None:
    """Add a form.

    Raises
    ------
    ValueError : there is one of that key.
    """
    _FORMS.add(form.key, form)


def forms() -> dict[str, Form]:
    """All forms by their keys."""
    return _FORMS.found()


def form_called(key: str) -> Form:
    """A form by its key.

    Raises
    ------
    KittiwakeError : there is none.
    """
    known = forms()
    if key not in known:
        near = nearest(key, known, 1)
        meant = phrase("Did you mean {near}? ", near=near[0]) if near else ""
        raise KittiwakeError(
            phrase("There is no form of delivery “{key}”.", key=key),
            phrase("{meant}There is {list}.", meant=meant, list=joined(known, ", ")),
            "no_form",
        )
    return known[key]


def bytes_of(plan: Plan, place: str) -> bytes:
    """A made file, as it was when it was made.

    Raises
    ------
    KittiwakeError : it is not there, or something else has altered it.
    """
    import hashlib

    from ...core.errors import reason_of

    item = plan.places[place]
    try:
        data = item.output.read_bytes()
    except OSError as error:
        raise KittiwakeError(
            phrase("{output} cannot be read: {reason_of}.", output=item.output, reason_of=reason_of(error)),
            phrase("Make it again."),
            "no_output",
        ) from error
    if hashlib.sha256(data).hexdigest() != item.sha256:
        raise KittiwakeError(
            phrase("{output} is not as it was made.", output=item.output),
            phrase("Make it again, and deliver then."),
            "altered",
        )
    return data
