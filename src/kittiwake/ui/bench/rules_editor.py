"""A receiver's rules, treatment and delivery as sentences with blanks that are filled in place."""

from __future__ import annotations

import copy
from collections.abc import Callable
from dataclasses import dataclass
from typing import Any

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QLineEdit, QVBoxLayout, QWidget

from ...core.codec import FORMATS
from ...core.deliver.form import forms as all_forms
from ...core.errors import RulesError
from ...core.fit import check_receiver
from ...core.model import Receiver
from ...core.model.more_rules import RULES
from ...core.model.receiver_file import receiver_from_data
from ...core.model.units import format_limit
from ...core.standin.machine import kinds
from ...words import in_words, phrase, tr
from ..sentence import Sentence
from ..theme.scale import scaled
from .parts import part_label


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
    Blank("TREATMENT", phrase('The band is'), ("treatment", "band"), choices=(("full", phrase('kept whole')), ("telephone", "300 to 3400 Hz"))),
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


#: What an emptied blank means where it is not “no rule”.
_ZERO: dict[str, Any] = {
    "lead_seconds": 0.0, "fade_in_seconds": 0.0, "fade_out_seconds": 0.0, "loop_seconds": 0.0, "limiter_db": 0.0, "presence_db": 0.0, "folder": "", "names": "{name}", "pause_seconds": 0.0, "bit_rate": 0, "kinds": [],
}  # fmt: skip


class RulesEditor(QWidget):
    """Fields for one receiver. ``edited`` says that what stands in them is right, or why it is not."""

    edited = Signal(object, Sentence)  # Receiver or None, the trouble

    def __init__(self) -> None:
        super().__init__()
        self._receiver: Receiver | None = None
        self._fields: list[tuple[Blank, QLineEdit | QComboBox]] = []
        whole = QHBoxLayout(self)
        whole.setContentsMargins(0, 0, 8, 0)
        whole.setSpacing(26)
        columns = {}
        for part, title in (("RULES", tr("RULES")), ("TREATMENT", tr("TREATMENT AND DELIVERY"))):
            columns[part] = QVBoxLayout()
            columns[part].setSpacing(4)
            columns[part].addWidget(part_label(in_words(title)))
            whole.addLayout(columns[part], 1)
        row: QHBoxLayout | None = None
        others = [Blank("RULES", r.before, ("rules", "more", r.key), r.after, "more") for r in RULES.values()]
        for blank in (*BLANKS, *others):
            # A sentence that goes on in small letters stays on its line.
            if row is None or not blank.before[0].islower():
                holder = QWidget()
                row = QHBoxLayout(holder)
                row.setContentsMargins(0, 0, 0, 0)
                row.setSpacing(7)
                columns[blank.part].addWidget(holder)
            self._put(row, blank)
        for column in columns.values():
            column.addStretch(1)
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(120)
        self._timer.timeout.connect(self._check)

    def _put(self, row: QHBoxLayout, blank: Blank) -> None:
        row.addWidget(QLabel(in_words(blank.before)))
        field: QLineEdit | QComboBox
        if blank.choices:
            field = QComboBox()
            for value, words in blank.chosen_from():
                field.addItem(in_words(words), value)
            field.setMinimumWidth(scaled(60))
            field.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            field.setEditable(blank.kind == "bit_rate")
            if (typed := field.lineEdit()) is not None:
                typed.setPlaceholderText(tr("as usual"))
                field.setInsertPolicy(QComboBox.InsertPolicy.NoInsert)
                field.editTextChanged.connect(lambda _: self._timer.start())
            else:
                field.currentIndexChanged.connect(lambda _: self._timer.start())
        else:
            field = QLineEdit()
            field.setPlaceholderText(tr("the format's own") if blank.kind == "ending" else tr("no rule"))
            field.textEdited.connect(lambda _: self._timer.start())
        field.setAccessibleName(f"{in_words(blank.before)} … {in_words(blank.after)}".strip())
        row.addWidget(field, 3 if blank.path[-1] == "form" else 1)
        if blank.after:
            row.addWidget(QLabel(in_words(blank.after)))
        self._fields.append((blank, field))

    def _show_targets(self) -> None:
        """Only the target of the measure that is chosen; the others stay as they are, unseen."""
        measure = next(
            f.currentData() for b, f in self._fields if b.path[-1] == "measure" and isinstance(f, QComboBox)
        )
        wanted = {"active": "target_dbov", "loudness": "target_lufs", "peak": "target_dbfs"}.get(measure)
        for blank, field in self._fields:
            shown = wanted is not None if blank.path[-1] == "tolerance_db" else blank.path[-1] == wanted
            holder = field.parentWidget()
            if holder and (blank.path[-1] == "tolerance_db" or str(blank.path[-1]).startswith("target_")):
                holder.setVisible(shown)

    def show_receiver(self, receiver: Receiver) -> None:
        """Fill the blanks; what was typed for another receiver is dropped."""
        self._receiver = receiver
        data = receiver.model_dump(mode="json")
        for blank, field in self._fields:
            value = _read(data, blank)
            field.blockSignals(True)
            if isinstance(field, QComboBox) and field.isEditable():
                field.setEditText(_as_text(value, blank.kind))
            elif isinstance(field, QComboBox):
                at = next((n for n, (choice, _) in enumerate(blank.chosen_from()) if choice == value), -1)
                field.setCurrentIndex(at)
            else:
                field.setText(_as_text(value, blank.kind))  # as it is typed: with a point
            field.blockSignals(False)
        self._show_targets()

    def _check(self) -> None:
        if self._receiver is None:
            return
        self._show_targets()
        try:
            found = self.receiver()
            faults = check_receiver(found)
        except (RulesError, ValueError) as error:
            self.edited.emit(None, str(error))
            return
        self.edited.emit(None if faults else found, " ".join(faults))

    def receiver(self) -> Receiver:
        """The receiver that stands in the blanks.

        Raises
        ------
        RulesError, ValueError : what stands there is none; the message names the field.
        """
        assert self._receiver is not None
        data = copy.deepcopy(self._receiver.model_dump(mode="json"))
        for blank, field in self._fields:
            chosen = isinstance(field, QComboBox) and not field.isEditable()
            _write(data, blank, field.currentData() if chosen else _parsed(_text_of(field), blank))  # type: ignore[union-attr]
        return receiver_from_data(data, self._receiver.name)

    def begin_to_name(self) -> None:
        """Put the keyboard into the name of the receiver."""
        field = self._fields[0][1]
        field.setFocus()
        if isinstance(field, QLineEdit):
            field.selectAll()

    def typed(self) -> list[str]:
        """What stands in the blanks, to be put there again."""
        return [_text_of(field) for _, field in self._fields]

    def put_typed(self, typed: list[str]) -> None:
        """Put what was typed for this receiver into the blanks again."""
        for (_, field), text in zip(self._fields, typed, strict=True):
            if isinstance(field, QLineEdit):
                field.setText(text)
            elif field.isEditable():
                field.setEditText(text)
            else:
                field.setCurrentIndex(field.findText(text))
        self._check()

    def put_receiver(self, receiver: Receiver) -> None:
        """Fill the blanks with the rules of another version of the receiver, not taken yet."""
        shown = self._receiver
        self.show_receiver(receiver)
        self._receiver = shown
        self._check()


def _text_of(field: QLineEdit | QComboBox) -> str:
    return field.text() if isinstance(field, QLineEdit) else field.currentText()


def _read(data: dict[str, Any], blank: Blank) -> Any:
    if blank.path[-1] == "form":
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


def _write(data: dict[str, Any], blank: Blank, value: Any) -> None:
    first = data["rules"]["accepts"][0]
    if blank.path[-1] == "form":
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
    if value is None and blank.path[-1] in _ZERO:
        value = _ZERO[str(blank.path[-1])]
    place[blank.path[-1]] = value


def _as_text(value: Any, kind: str) -> str:
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
    return f"{value:g}" if kind == "number" or isinstance(value, float) else str(value)


def _parsed(text: str, blank: Blank) -> Any:
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
