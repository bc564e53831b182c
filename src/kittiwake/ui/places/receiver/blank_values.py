"""What is typed into the blanks of a sheet as plain data of a receiver, and the reverse."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from ....core.model.rule import Blank
from ....core.model.units import format_limit
from ....words import tr

_FORM = ("rules", "accepts", 0, "form")  # container and encoding, which are two fields


def read(data: dict[str, Any], blank: Blank) -> Any:
    if blank.path == _FORM:
        first = data["rules"]["accepts"][0]
        return first["container"], first["encoding"]
    if blank.path[-1] == "rates":
        first = data["rules"]["accepts"][0]
        return first["sample_rates"] or first["max_sample_rate"]
    if blank.kind == "more":
        return data["rules"].get("more", {}).get(blank.path[-1])
    if blank.kind == "ending":
        return data["rules"]["names"].get("extension")
    if str(blank.path[-1]).startswith("fade_"):
        return data["treatment"].get(blank.path[-1])
    value: Any = data
    for part in blank.path:
        value = value[part]
    return value


def write(data: dict[str, Any], blank: Blank, value: Any) -> None:
    first = data["rules"]["accepts"][0]
    if blank.path == _FORM:
        if value is not None:
            if (first["container"], first["encoding"]) != tuple(value):
                first["bit_rate"] = 0
            first["container"], first["encoding"] = value
        return
    if blank.path[-1] == "rates":
        highest = isinstance(value, int)
        first["sample_rates"] = [] if highest else value
        first["max_sample_rate"] = value if highest else None
        return
    if blank.kind == "more":
        more = data["rules"].setdefault("more", {})
        more.pop(blank.path[-1], None)
        if value is not None:
            more[blank.path[-1]] = value
        return
    place: Any = data
    for part in blank.path[:-1]:
        place = place[part]
    place[blank.path[-1]] = blank.empty if value is None else value


def as_text(value: Any, kind: str) -> str:
    if value is None:
        return ""
    if kind == "ending":
        return value or "none"
    if kind == "bit_rate":
        return f"{value / 1000:g}" if value else ""
    if kind == "words":
        return ", ".join(value)
    if kind == "size":
        return str.__str__(format_limit(value))
    if kind == "rates":
        return (
            tr("at most {rate}", rate=f"{value / 1000:g}")
            if isinstance(value, int)
            else ", ".join(f"{rate / 1000:g}" for rate in value)
        )
    return f"{value:g}".replace("-", "−") if kind == "number" or isinstance(value, float) else str(value)


def parsed(text: str, blank: Blank) -> Any:
    text = text.strip()
    parse: dict[str, Callable[[str], Any]] = {
        "number": _number,
        "rates": _rates,
        "bit_rate": _kilo,
        "ending": _ending,
        "words": _words,
        "more": _number_or_text,
    }
    if not text:
        return "" if blank.kind == "text" and blank.path[0] != "delivery" else None
    try:
        return parse[blank.kind](text) if blank.kind in parse else text
    except ValueError as error:
        raise ValueError(
            tr(
                "“{before} … {after}”: “{text}” is not right ({error}).",
                before=blank.before,
                after=blank.after,
                text=text,
                error=error,
            )
        ) from error


def _number(text: str) -> float | int:
    value = float(text.replace(",", ".").replace("−", "-"))
    return int(value) if value.is_integer() else value


def _number_or_text(text: str) -> float | int | str:
    try:
        return _number(text)
    except ValueError:
        return text


def _kilo(text: str) -> int:
    return round(1000 * float(_number(text)))


def _ending(text: str) -> str:
    return "" if text.casefold() in ("none", "nothing") else text if text.startswith(".") else f".{text}"


def _words(text: str) -> list[str]:
    return [word.strip() for word in text.split(",") if word.strip()]


def _rates(text: str) -> list[int] | int:
    plain = text.casefold().replace("khz", "")
    for highest in ("at most", tr("at most {rate}", rate="").strip().casefold()):
        if plain.startswith(highest):
            return round(float(_number(plain.removeprefix(highest).strip())) * 1000)
    return [round(float(part) * 1000) for part in plain.split(",")]
