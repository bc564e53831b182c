"""Rules read off files that a machine is known to take: each with what it rests on, to be loosened or tightened."""

from __future__ import annotations

import math
import re
from collections import Counter
from collections.abc import Iterable, Sequence
from statistics import median
from typing import Any

from ...plain_data import dataclass
from ...words import joined, phrase
from ..codec import FORMATS
from ..errors import RulesError
from ..model import Facts, Header, Measures, Receiver
from ..model.receiver_file import receiver_from_data
from ..model.units import format_bytes, format_hz
from .repair import repaired

_LEVELS_APART_DB = 4.0  # between softest and loudest, within which a set was brought to a level
_LEAD_S = 0.12  # silence in front that is there by intent, when every file has it
_FEW = 5  # files, below which nothing is said of the largest


@dataclass(frozen=True, slots=True)
class Evidence:
    """One rule that was read off: the field it went into (empty where none did), in words, and what it rests on."""

    field: str
    rule: str
    seen: str


@dataclass(frozen=True, slots=True)
class Learned:
    """``receiver`` takes all the files it was read off."""

    receiver: Receiver
    evidence: tuple[Evidence, ...]


def learn(facts: Iterable[Facts], name: str, slug: str) -> Learned:
    """A receiver from files that the machine is known to take.

    Raises
    ------
    RulesError : none of them can be read, or nothing here writes any of their formats.
    """
    files = [(one, one.header, one.measures) for one in facts if one.ok and one.header and one.measures]
    if not files:
        raise RulesError(
            phrase("None of these files can be read."), phrase("Give files that the machine takes."), "no_files"
        )
    count = len(files)
    headers = [header for _, header, _ in files]
    accepts, evidence = _forms(headers, [sound for *_, sound in files])
    if not accepts:
        forms = joined(dict.fromkeys(f"{h.container} {h.encoding}" for h in headers), ", ")
        raise RulesError(
            phrase("Nothing here writes what these files are ({detail}).", detail=forms),
            phrase("Begin from another form."),
            "no_form",
        )
    channels = {header.channels for header in headers}
    rules: dict[str, Any] = {
        "channels": channels.pop() if len(channels) == 1 and max(channels) <= 2 else 0,
        "accepts": accepts,
    }
    channel_words = {1: phrase("one channel"), 2: phrase("two channels"), 0: phrase("one channel or two")}[
        rules["channels"]
    ]
    evidence.append(
        Evidence(
            "rules.channels", channel_words, f"{_all(count)}" if rules["channels"] else phrase("both are among them")
        )
    )
    rules["limits"], more = _limits(files, count)
    evidence += more
    rules["names"], more = _names([facts for facts, *_ in files])
    evidence += more
    treatment, more = _treatment([(h, m) for _, h, m in files])
    evidence += more
    data = {"slug": slug, "name": name, "purpose": phrase('Read off {n} files that it takes.', 'Read off {n} file that it takes.', count, n=count),
            "rules": rules, "treatment": treatment, "delivery": {"folder": slug}}  # fmt: skip
    receiver = receiver_from_data(data, name)
    better = repaired(receiver)
    return Learned(better[0] if better else receiver, tuple(evidence))


def _all(count: int) -> str:
    return phrase("all {count} files", count=count) if count > 1 else phrase("the one file")


def _forms(headers: Sequence[Header], sounds: Sequence[Measures]) -> tuple[list[dict[str, Any]], list[Evidence]]:
    """The forms that are taken, the most frequent first."""
    accepts, evidence = [], []
    counts = Counter((header.container, _encoding(header)) for header in headers)
    for key, many in counts.most_common():
        form = FORMATS.get(key)
        if form is None:
            sentence = f"{key[0]} {key[1]}"
            evidence.append(
                Evidence(
                    "",
                    phrase("{detail} is left out: nothing here writes it", detail=sentence),
                    phrase("{many} of {count} files", many=many, count=len(headers)),
                )
            )
            continue
        those = [n for n, header in enumerate(headers) if (header.container, _encoding(header)) == key]
        rates = Counter(headers[n].sample_rate for n in those)
        accepted: dict[str, Any] = {"container": key[0], "encoding": key[1], "sample_rates": sorted(rates)}
        seen = phrase("{many} of {count} files", many=many, count=len(headers)) if many < len(headers) else _all(many)
        evidence.append(Evidence("rules.accepts", form.name, seen))
        sentence = joined((format_hz(rate) for rate in sorted(rates)), phrase(" or "))
        evidence.append(
            Evidence(
                "rules.accepts",
                sentence,
                joined((phrase("{form} at {rate}", form=n, rate=format_hz(r)) for r, n in rates.most_common()), ", "),
            )
        )
        if form.bit_rates and form.size is not None:
            found = [8 * headers[n].bytes * headers[n].sample_rate / max(1, sounds[n].frames) for n in those]
            legal = form.legal_bit_rates(rates.most_common(1)[0][0])
            nearest = min(legal, key=lambda one: abs(math.log(one / median(found)))) if legal else 0
            accepted["bit_rate"] = nearest
            accepted["variable"] = form.variable and max(found) > 1.2 * min(found) and max(found) - min(found) > 8000
            kind = "about " if accepted["variable"] else ""
            seen = phrase(
                "{least:.0f} to {most:.0f} kbit/s with headers", least=min(found) / 1000, most=max(found) / 1000
            )
            evidence.append(
                Evidence(
                    "rules.accepts",
                    phrase("{kind}{nearest:g} kbit/s", kind=kind, nearest=nearest / 1000),
                    seen,
                )
            )
        accepts.append(accepted)
    return accepts, evidence


def _encoding(header: Header) -> str:
    """As writers call it: lossless and headerless forms name their samples."""
    if header.container == "flac":
        return f"pcm_s{header.bits or 16}"
    if header.container == "raw" and header.encoding == "pcm_s16":
        return "pcm_s16le"
    return header.encoding


def _limits(files: Sequence[tuple[Facts, Header, Measures]], count: int) -> tuple[dict[str, Any], list[Evidence]]:
    longest = max(sound.frames / header.sample_rate for _, header, sound in files)
    largest = max(header.bytes for _, header, _ in files)
    advised = math.ceil(longest * 10) / 10
    limits: dict[str, Any] = {"advised_seconds": advised}
    evidence = [
        Evidence(
            "rules.limits.advised_seconds",
            phrase("at most {advised:g} s is advised", advised=advised),
            phrase("the longest has {longest:.2f} s", longest=longest),
        )
    ]
    if count >= _FEW:
        step = 10 ** max(0, len(str(largest)) - 2)
        limits["max_bytes"] = math.ceil(largest / step) * step
        seen = phrase("the largest has {largest}", largest=format_bytes(largest))
        evidence.append(
            Evidence(
                "rules.limits.max_bytes", phrase("at most {limits}", limits=format_bytes(limits["max_bytes"])), seen
            )
        )
    return limits, evidence


def _names(facts: Sequence[Facts]) -> tuple[dict[str, Any], list[Evidence]]:
    stems = [one.path.stem for one in facts]
    longest = max(map(len, stems))
    names: dict[str, Any] = {}
    evidence = []
    for allowed, description in (("0-9", "digits"), ("a-z0-9_-", phrase('small letters, digits, _ and -')), ("A-Z0-9_-", phrase('capitals, digits, _ and -')),
                          ("A-Za-z0-9_-", phrase('letters, digits, _ and -'))):  # fmt: skip
        if all(re.fullmatch(f"[{allowed}]+", stem) for stem in stems):
            names["allowed"] = allowed
            if "_" not in allowed:
                names["replace_with"] = ""
            names |= (
                {"case": "lower"}
                if allowed.startswith("a-z")
                else {"case": "upper"}
                if allowed.startswith("A-Z0")
                else {}
            )
            evidence.append(
                Evidence(
                    "rules.names.allowed",
                    phrase("names of {detail}", detail=description),
                    phrase("{all}, such as {stems}", all=_all(len(stems)), stems=stems[0]),
                )
            )
            break
    if longest <= 8 and "allowed" in names:
        names["max_length"] = 8
        evidence.append(
            Evidence(
                "rules.names.max_length",
                phrase("names of at most 8 characters"),
                phrase("the longest has {longest}", longest=longest),
            )
        )
    extensions = Counter(one.path.suffix for one in facts)
    extension, many = extensions.most_common(1)[0]
    header = facts[0].header
    own = FORMATS.get((header.container, _encoding(header))) if header else None
    if own is not None and many == len(facts) and extension != own.extension:
        names["extension"] = extension
        description = (
            phrase("files end in {extension}", extension=extension)
            if extension
            else phrase("files have no extension")
        )
        evidence.append(Evidence("rules.names.extension", description, _all(many)))
    return names, evidence


def _treatment(sounds: Sequence[tuple[Header, Measures]]) -> tuple[dict[str, Any], list[Evidence]]:
    treatment: dict[str, Any] = {}
    evidence = []
    levels = [sound.level.active_dbov for _, sound in sounds if math.isfinite(sound.level.active_dbov)]
    if levels:
        seen = phrase(
            "speech levels from {softest:.1f} to {loudest:.1f} dBov", softest=min(levels), loudest=max(levels)
        ).replace("-", "−")
        if max(levels) - min(levels) <= _LEVELS_APART_DB and len(levels) > 1:
            target = max(-60.0, min(0.0, round(2 * median(levels)) / 2))
            treatment["level"] = {"measure": "active", "target_dbov": target}
            rule = phrase("speech is brought to {target:g} dBov", target=target).replace("-", "−")
            evidence.append(Evidence("treatment.level", rule, seen))
        else:
            evidence.append(
                Evidence(
                    "",
                    phrase("the level is left as it is"),
                    phrase("{seen}: no level that they were brought to", seen=seen),
                )
            )
    leads = [sound.speech_span()[0] / header.sample_rate for header, sound in sounds]
    if len(leads) > 1 and min(leads) >= _LEAD_S:
        lead = math.floor(min(leads) * 20) / 20
        treatment |= {"lead_seconds": lead, "trim_lead_seconds": 0.0}
        seen = phrase(
            "the first sound comes after {shortest:.2f} to {longest:.2f} s", shortest=min(leads), longest=max(leads)
        )
        evidence.append(Evidence("treatment.lead_seconds", phrase("{lead:g} s of silence first", lead=lead), seen))
    return treatment, evidence
