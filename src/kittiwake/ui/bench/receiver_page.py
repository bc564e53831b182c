"""The bench for a receiver: its rules as sentences, and its stand-in."""

from __future__ import annotations

from PySide6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from ...core.codec import FORMATS
from ...core.model import Receiver
from ...core.model.units import format_db, format_hz, format_limit
from ..session import Session
from .beacon_panel import BeaconPanel
from .parts import part_label, rich_label, scrolled, steps_html


class ReceiverPage(QWidget):
    """Shows one receiver."""

    def __init__(self, session: Session, beacon: BeaconPanel) -> None:
        super().__init__()
        self._session = session
        self.beacon = beacon
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 10, 14, 10)
        row.setSpacing(24)
        left = QWidget()
        column = QVBoxLayout(left)
        column.setContentsMargins(0, 0, 8, 0)
        self._head = QLabel()
        self._head.setProperty("head", True)
        column.addWidget(self._head)
        self._purpose = QLabel()
        self._purpose.setProperty("soft", True)
        self._purpose.setWordWrap(True)
        column.addWidget(self._purpose)
        columns = QGridLayout()
        columns.setHorizontalSpacing(28)
        columns.setRowStretch(1, 1)
        self._labels = []
        for at, title in enumerate(("RULES", "TREATMENT AND DELIVERY")):
            label = rich_label()
            self._labels.append(label)
            columns.addWidget(part_label(title), 0, at)
            columns.addWidget(label, 1, at)
            columns.setColumnStretch(at, 1)
        column.addLayout(columns, 1)
        row.addWidget(scrolled(left, "Rules of the receiver"), 1)
        row.addWidget(beacon)

    def show_receiver(self, receiver: Receiver) -> None:
        self._head.setText(receiver.name)
        self._purpose.setText(receiver.purpose)
        self._labels[0].setText(steps_html(rules_in_sentences(receiver)))
        self._labels[1].setText(steps_html(treatment_in_sentences(receiver, str(self._session.folder_of(receiver)))))
        self.beacon.setVisible(receiver.standin == "beacon")


def rules_in_sentences(receiver: Receiver) -> list[tuple[str, str]]:
    """Each rule as a sentence, and what follows from it."""
    rules = receiver.rules
    out = []
    for number, accepted in enumerate(rules.accepts):
        form = FORMATS.get((accepted.container, accepted.encoding))
        name = form.name if form else f"{accepted.container} {accepted.encoding}"
        rates = " or ".join(format_hz(rate) for rate in accepted.sample_rates)
        rate = rates or f"at most {format_hz(accepted.max_sample_rate)}"
        what = "This is what is made for it." if number == 0 else "A file that is already so is left as it is."
        out.append((f"It takes {name}, {rate}.", what))
    channels = ("It takes one or two channels.", "It takes one channel.", "It takes two channels.")[rules.channels]
    out.append((channels, "Sides are chosen by what they hold." if rules.channels == 1 else ""))
    limits = rules.limits
    if limits.max_bytes:
        form = FORMATS.get((rules.accepts[0].container, rules.accepts[0].encoding))
        highest = rules.accepts[0].max_sample_rate or (rules.accepts[0].sample_rates or (0,))[-1]
        frames = form.frames_within(limits.max_bytes, rules.channels, highest) if form else None
        seconds = f"That is exactly {frames / highest:.3f} s at {format_hz(highest)}." if frames and highest else ""
        out.append(
            (f"A file may have at most {limits.max_bytes:,} bytes ({format_limit(limits.max_bytes)}).", seconds)
        )
    if limits.max_seconds:
        out.append((f"A file may last at most {limits.max_seconds:g} s.", ""))
    names = rules.names
    case = {"keep": "", "lower": ", in lower case", "upper": ", in capitals"}[names.case]
    out.append(
        (
            f"A name has at most {names.max_length} of the characters {names.allowed}{case}.",
            "Other names are made to fit.",
        )
    )
    return out


def treatment_in_sentences(receiver: Receiver, folder: str) -> list[tuple[str, str]]:
    """What is done on the way, and where outputs go."""
    treatment = receiver.treatment
    level = treatment.level
    out = []
    named = {
        "active": "Active speech level, ITU-T P.56",
        "loudness": "Loudness, ITU-R BS.1770",
        "peak": "The largest sample",
    }
    if level.measure != "leave":
        target = format_db(level.target, level.unit)
        out.append((f"Sound is brought to {target}.", f"{named[level.measure]}, within {level.tolerance_db:g} dB."))
    else:
        out.append(("The level is left as it is.", "Only peaks that would be cut off are brought down."))
    if treatment.band == "telephone":
        out.append(("Only the telephone band is kept.", "300 to 3400 Hz, linear phase."))
    elif treatment.high_pass_hz:
        out.append((f"Sound below {format_hz(treatment.high_pass_hz)} is taken away.", "Linear phase."))
    if treatment.lead_seconds:
        out.append((f"{treatment.lead_seconds:g} s of silence come first.", "So that the first word is not lost."))
    out.append((f"No peak goes over {format_db(treatment.ceiling_dbfs)}.", "Nothing is ever clipped."))
    if treatment.expected_bandwidth_hz:
        wide = format_hz(treatment.expected_bandwidth_hz)
        out.append((f"Sound up to {wide} is expected.", "Narrower sound is marked, and made all the same."))
    if treatment.dither == "tpdf":
        out.append(("Where depth falls, TPDF dither is added.", "Encodings with uneven steps need none."))
    out.append(("Outputs go here:", folder))
    return out
