"""Receivers for a single occasion: a form with what is asked of it, and fields of a receiver set by name."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any

from ...words import joined, phrase
from ..codec import FORMATS, Format
from ..disk.text import parse_toml
from ..errors import RulesError
from ..installed import document
from ..model import Receiver
from ..model.receiver_file import receiver_from_data
from ..nearest import nearest
from .path import PATH
from .repair import repaired
from .rules import RULES, check_receiver

_HIGHEST = 48_000  # Hz; the rate of a form that can have any is the source's own, up to what people play
LONGEST_NAME = 40  # letters that the name of a receiver may have
#: What people call forms, where it is not the container, the encoding or the extension.
_ALSO = {"vorbis": ("ogg", "vorbis"), "aac": ("mp4", "aac"), "m4a": ("mp4", "aac"), "ulaw": ("wav", "ulaw"), "alaw": ("wav", "alaw"),
         "opus": ("ogg", "opus"), "ogg": ("ogg", "vorbis"), "wav": ("wav", "pcm_s16"), "flac": ("flac", "pcm_s16"),
         "aiff": ("aiff", "pcm_s16"), "raw": ("raw", "pcm_s16le"), "headerless": ("raw", "pcm_s16le"), "linear": ("raw", "pcm_s16le"),
         "linear16": ("raw", "pcm_s16le"), "slin": ("raw", "pcm_s16le"), "sln": ("raw", "pcm_s16le"), "pcm": ("wav", "pcm_s16"), "lpcm": ("wav", "pcm_s16")}  # fmt: skip
#: Two words that go together: where there is no header, they name what is in it.
HEADERLESS = {
    "ulaw": "ulaw",
    "alaw": "alaw",
    "gsm": "gsm",
    "pcm": "pcm_s16le",
    "linear": "pcm_s16le",
    "linear16": "pcm_s16le",
}


def form_called(name: str) -> Format:
    """The form that people call so: ``mp3``, ``flac``, ``wav/ulaw``.

    Raises
    ------
    RulesError : none is; the message names what was probably meant.
    """
    plain = name.strip().casefold().lstrip(".")
    if plain in _ALSO:
        return FORMATS[_ALSO[plain]]
    container, slash, encoding = plain.partition("/")
    if slash and (container, encoding) in FORMATS:
        return FORMATS[container, encoding]
    for form in () if slash else FORMATS.values():
        if plain in (form.container, form.encoding, form.extension.lstrip(".")):
            return form
    known = [*_ALSO, "mp3", *(f"{c}/{e}" for c, e in FORMATS)]
    near = nearest(plain, known, 2, 0.5)
    meant = (
        phrase("Did you mean {list}?", list=joined(near, phrase(" or ")))
        if near
        else phrase("Write mp3, flac, m4a, opus, or container/encoding such as wav/ulaw.")
    )
    raise RulesError(
        phrase("There is no form “{name}”.", name=name),
        phrase("{meant} {document} lists all.", meant=meant, document=document("formats.md")),
        "no_form",
    )


def receiver_of_form(
    name: str, *, rate: int | None = None, channels: int = 0, bit_rate: int = 0, variable: bool = False
) -> Receiver:
    """A receiver that takes one form and asks nothing more. The slug tells forms apart: ``mp3-44100-192k``.

    Parameters
    ----------
    rate : Hz; None keeps the source's own, as far as the form can have it.
    channels : 1 or 2; 0 keeps one as one and several as two.
    bit_rate : bit/s; 0 is the form's usual one.

    Raises
    ------
    RulesError : there is no such form, or it cannot be had so.
    """
    form = form_called(name)
    accepted: dict[str, Any] = {"container": form.container, "encoding": form.encoding}
    able = [one for one in form.rates if not bit_rate or bit_rate in form.legal_bit_rates(one)]
    if rate is not None:
        accepted["sample_rates"] = [rate]
    elif form.rates:
        accepted["sample_rates"] = able or list(form.rates)
    else:
        accepted["max_sample_rate"] = min(form.rate_range[1], _HIGHEST)
    accepted["bit_rate"], accepted["variable"] = bit_rate, variable
    kind = form.encoding if form.encoding.startswith(form.container) or form.container in ("mp3", "mp4") else ""
    words = [
        form.container,
        kind or form.encoding.replace("_", "-"),
        str(rate or ""),
        ("", "mono", "stereo")[channels],
    ]
    words += [f"{bit_rate // 1000}k" if bit_rate else "", "vbr" if variable else ""]
    slug = "-".join(dict.fromkeys(filter(None, words))).replace("_", "-")[:40].strip("-")
    data = {
        "slug": slug,
        "name": form.name[:LONGEST_NAME],
        "purpose": phrase('For once.'),
        "rules": {"channels": channels or (0 if form.max_channels > 1 else 1),
                  "accepts": [accepted]},
        "delivery": {"folder": slug},
    }  # fmt: skip
    found = receiver_from_data(data, name)
    faults = check_receiver(found)
    if faults:
        better = repaired(found)
        raise RulesError(
            joined(faults), phrase("It can be had with {better}.", better=better[1]) if better else "", "no_form"
        )
    return found


def with_settings(receiver: Receiver, settings: tuple[str, ...]) -> Receiver:
    """A receiver with fields set by name: ``treatment.level.target_lufs=-20``. A value is one of TOML, or plain text.

    ``level.measure`` and ``max_seconds`` are enough where only one field ends so.

    Raises
    ------
    RulesError : no such field, or a value that cannot be.
    """
    data = receiver.to_data()
    places = dict(_places(data))
    for setting in settings:
        key, equals, text = setting.partition("=")
        if not equals:
            raise RulesError(
                phrase("“{setting}” sets nothing.", setting=setting),
                phrase("Write FIELD=VALUE, such as rules.channels=1."),
                "no_field",
            )
        path = _path_of(key.strip(), list(places))
        place = data
        for part in path[:-1]:
            place = place[int(part)] if isinstance(place, list) else place.setdefault(part, {})
        if isinstance(place, list):
            place[int(path[-1])] = _value(text)
        else:
            place[path[-1]] = _value(text)
    found = receiver_from_data(data, receiver.name)
    faults = check_receiver(found)
    if faults:
        raise RulesError(joined(faults), phrase("Set something else."), "rules")
    return found


def _places(data: Any, at: tuple[str, ...] = ()) -> Any:
    """Every field of plain data with its path, tables and lists of tables gone into."""
    inside = data.items() if isinstance(data, dict) else enumerate(data)
    for key, value in inside:
        here = (*at, str(key))
        yield ".".join(here), here
        if isinstance(value, dict) or (isinstance(value, list) and value and isinstance(value[0], dict)):
            yield from _places(value, here)


def _sayable() -> Iterator[str]:
    """Every field that a rule, or a stage that treats sound, has a sentence for in the sheet."""
    for blanks in (*(rule.blanks for rule in RULES.values()), *(stage.blanks for stage in PATH)):
        yield from (".".join(map(str, blank.path)) for blank in blanks)


def _path_of(key: str, known: list[str]) -> list[str]:
    """The path of a field by its name, or the end of it; of forms that are taken the first is meant."""
    wanted = key.replace("accepts.", "accepts.0.") if "accepts.0" not in key else key
    # Fields that are written only where they hold something: whatever a sentence of the sheet stands for.
    known = list(dict.fromkeys([*known, *_sayable()]))
    ends = [one for one in known if one == wanted] or [one for one in known if one.endswith(f".{wanted}")]
    if len(ends) == 1 or (ends and all(".accepts." in one for one in ends)):
        return ends[0].split(".")
    if ends:
        raise RulesError(
            phrase("“{key}” could be {list}.", key=key, list=joined(ends, phrase(" or "))),
            phrase("Write more of it."),
            "no_field",
        )
    near = nearest(wanted, [*known, *(one.rpartition(".")[2] for one in known)], 2, 0.5)
    meant = (
        phrase("Did you mean {list}?", list=joined(near, phrase(" or ")))
        if near
        else phrase("{document} lists all fields.", document=document("receivers.md"))
    )
    raise RulesError(phrase("A receiver has no field “{key}”.", key=key), meant, "no_field")


def _value(text: str) -> Any:
    try:
        return parse_toml(f"x = {text}")["x"]
    except ValueError:
        return text
