"""The sentences with blanks that the sheet of a receiver is made of."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from ...core.codec import FORMATS
from ...core.deliver.form import forms as all_forms
from ...core.standin.machine import kinds
from ...plain_data import dataclass
from ...words import phrase, tr


@dataclass(frozen=True, slots=True)
class Blank:
    """One sentence with one blank.

    Attributes
    ----------
    before, after : the words around the blank.
    path : where in the receiver's data it stands.
    choices : what may be chosen, value to words, or what gives it when it is shown; empty where it is typed.
    kind : how what is typed is read: ``text``, ``number``, ``rates`` (kHz), ``size``, ``words``, ``bit_rate`` (kbit/s, chosen
        from or typed), ``ending`` (of a file's name).
    """

    part: str
    before: str
    path: tuple[Any, ...]
    after: str = ""
    kind: str = "text"
    choices: tuple[tuple[Any, str], ...] | Callable[[], tuple[tuple[Any, str], ...]] = ()

    def chosen_from(self) -> tuple[tuple[Any, str], ...]:
        """What may be chosen now."""
        return self.choices() if callable(self.choices) else self.choices


def forms() -> tuple[tuple[tuple[str, str], str], ...]:
    """Every form that can be written, with its name."""
    return tuple((key, form.name) for key, form in FORMATS.items())


def delivery_forms() -> tuple[tuple[str, str], ...]:
    """Every form that a set can be handed over in."""
    return tuple((form.key, form.name) for form in all_forms().values())


def machines() -> tuple[tuple[str, str], ...]:
    """Every machine that there is a stand-in for."""
    return (
        ("", tr("no stand-in")),
        *((kind.key, tr("the stand-in {name}", name=kind.name)) for kind in kinds().values()),
    )


def bit_rates() -> tuple[tuple[int, str], ...]:
    """Bit rates that the trade uses, to be chosen from or typed over: kbit/s."""
    return tuple((1000 * kilo, str(kilo)) for kilo in (64, 96, 128, 160, 192, 256, 320))


_A0 = ("rules", "accepts", 0)
BLANKS = (
    Blank("RULES", phrase('It is called'), ("name",)),
    Blank("RULES", phrase('It takes'), (*_A0, "form"), choices=forms),
    Blank("RULES", phrase('At a rate of'), (*_A0, "rates"), "kHz", "rates"),
    Blank("RULES", phrase('With'), ("rules", "channels"), choices=((1, phrase('one channel')), (2, phrase('two channels')), (0, phrase('one or two channels')))),
    Blank("RULES", phrase('The bit rate is'), (*_A0, "variable"), choices=((False, phrase("constant")), (True, phrase("variable")))),
    Blank("RULES", phrase("of"), (*_A0, "bit_rate"), "kbit/s", "bit_rate", choices=bit_rates),
    Blank("RULES", phrase('A file has at most'), ("rules", "limits", "max_bytes"), "", "size"),
    Blank("RULES", phrase('All files together have at most'), ("rules", "limits", "total_bytes"), "", "size"),
    Blank("RULES", phrase('It lasts at most'), ("rules", "limits", "max_seconds"), "s", "number"),
    Blank("RULES", phrase('and at least'), ("rules", "limits", "min_seconds"), "s", "number"),
    Blank("RULES", phrase('Advised are at most'), ("rules", "limits", "advised_seconds"), "s", "number"),
    Blank("RULES", phrase('Speech is at'), ("rules", "limits", "min_level_dbov"), "", "number"),
    Blank("RULES", phrase("to"), ("rules", "limits", "max_level_dbov"), "dBov", "number"),
    Blank("RULES", phrase('Spans are'), ("rules", "cue_points"), choices=((False, phrase('not written into it')), (True, phrase('written into WAV as cue points')))),
    Blank("RULES", phrase('Kinds of message are'), ("rules", "kinds"), "", "words"),
    Blank("RULES", phrase('Names are made of'), ("rules", "names", "pattern")),
    Blank("RULES", phrase('A corrected rate is'), ("rules", "names", "mark_corrected"), choices=((False, phrase('not told in the name')), (True, phrase('told in the name')))),
    Blank("RULES", phrase('Names have the characters'), ("rules", "names", "allowed")),
    Blank("RULES", phrase('At most'), ("rules", "names", "max_length"), phrase('of them'), "number"),
    Blank("RULES", phrase("in"), ("rules", "names", "case"), choices=(("keep", phrase('any case')), ("lower", phrase('lower case')), ("upper", phrase("capitals")))),
    Blank("RULES", phrase('Files end in'), ("rules", "names", "extension"), "", "ending"),
    Blank("TREATMENT", phrase('The level is'), ("treatment", "level", "measure"), choices=(
        ("leave", phrase('left as it is')), ("active", phrase('set by active speech level')), ("loudness", phrase('set by loudness')), ("peak", phrase('set by peak')))),
    Blank("TREATMENT", phrase('Active speech level'), ("treatment", "level", "target_dbov"), "dBov", "number"),
    Blank("TREATMENT", phrase('Loudness'), ("treatment", "level", "target_lufs"), "LUFS", "number"),
    Blank("TREATMENT", phrase('Peak'), ("treatment", "level", "target_dbfs"), "dBFS", "number"),
    Blank("TREATMENT", phrase('Within'), ("treatment", "level", "tolerance_db"), phrase('dB of its target'), "number"),
    Blank("TREATMENT", phrase('Gain is'), ("treatment", "level", "together"), choices=((False, phrase('each clip’s own')), (True, phrase('one for the whole set')))),
    Blank("TREATMENT", phrase('One channel is taken'), ("treatment", "side"), choices=(
        ("auto", phrase('by what the sides hold')), ("left", phrase('from the left')), ("right", phrase('from the right')), ("mix", phrase('by mixing')))),
    Blank("TREATMENT", phrase('No peak goes over'), ("treatment", "ceiling_dbfs"), "dBFS", "number"),
    Blank("TREATMENT", phrase('A limiter holds peaks down by at most'), ("treatment", "limiter_db"), "dB", "number"),
    Blank("TREATMENT", phrase('The band is'), ("treatment", "band"), choices=(("full", phrase('kept whole')), ("telephone", phrase("300 to 3400 Hz")))),
    Blank("TREATMENT", phrase('Taken away is what lies below'), ("treatment", "high_pass_hz"), "Hz", "number"),
    Blank("TREATMENT", phrase('Presence is lifted by'), ("treatment", "presence_db"), "dB", "number"),
    Blank("TREATMENT", phrase('Air is trimmed to'), ("treatment", "trim_lead_seconds"), "s", "number"),
    Blank("TREATMENT", phrase('before and'), ("treatment", "trim_tail_seconds"), phrase('s after'), "number"),
    Blank("TREATMENT", phrase('The end is blended into the start over'), ("treatment", "loop_seconds"), "s", "number"),
    Blank("TREATMENT", phrase('It fades in over'), ("treatment", "fade_in_seconds"), "s", "number"),
    Blank("TREATMENT", phrase('and out over'), ("treatment", "fade_out_seconds"), "s", "number"),
    Blank("TREATMENT", phrase('Silence comes first for'), ("treatment", "lead_seconds"), "s", "number"),
    Blank("TREATMENT", phrase('Remedies speed it up by at most'), ("treatment", "max_speed_up"), "(0.15: 15 %)", "number"),
    Blank("TREATMENT", phrase('They leave air of'), ("treatment", "air_seconds"), phrase('s at both ends'), "number"),
    Blank("TREATMENT", phrase('Where depth falls, dither is'), ("treatment", "dither"), choices=(("tpdf", "TPDF"), ("shaped", phrase("noise-shaped")), ("none", phrase("none")))),
    Blank("TREATMENT", phrase('Outputs go to the folder'), ("delivery", "folder")),
    Blank("TREATMENT", phrase('The set is handed over as'), ("delivery", "form"), choices=delivery_forms),
    Blank("TREATMENT", phrase('each file as'), ("delivery", "names")),
    Blank("TREATMENT", phrase("with"), ("delivery", "manifest"), choices=(
        ("none", phrase('no list')), ("jsonl", phrase('a list in JSON lines')), ("csv", phrase('a list in CSV')), ("both", phrase('both lists')))),
    Blank("TREATMENT", phrase('Joined in one file, pauses are'), ("delivery", "pause_seconds"), "s", "number"),
    Blank("TREATMENT", phrase('It is tried on'), ("standin",), choices=machines),
)  # fmt: skip
