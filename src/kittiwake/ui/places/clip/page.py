"""The bench for a clip: its waveform, its facts, what is to be said about it."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from ....core.cache.drawing import PartialOverview
from ....core.fit import Remedy
from ....core.model import Clip, Facts, Measures
from ....core.model.units import db, format_bandwidth, format_bytes, format_db, format_hz, format_kind, format_seconds
from ....words import decimal, in_words, phrase, tr
from ....work.project import edits
from ...shell.session import Session
from ...theme.scale import scaled
from ...widgets.parts import ProblemList, pairs_html, part_label, rich_label, scrolled
from ...widgets.short_path import short_path
from ...widgets.spectrum import SpectrumLayer, SpectrumView
from ...widgets.wave import WaveLayer, WaveView
from ...widgets.worded import Label
from ..place import PlacePage, Stop, place

if TYPE_CHECKING:
    from ...shell.context import Context

_SIDES = {
    "mono": phrase("one channel"),
    "identical": phrase("both the same"),
    "inverted": phrase("one is the other upside down"),
    "left_only": phrase("only the left holds sound"),
    "right_only": phrase("only the right holds sound"),
    "left_leads": phrase("the same sound, best on the left"),
    "right_leads": phrase("the same sound, best on the right"),
    "different": phrase("they differ"),
}


class ClipPage(PlacePage):
    """Shows one clip."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self._session = session
        self._clip: Clip | None = None
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 10, 14, 10)
        row.setSpacing(18)
        left = QWidget()
        column = QVBoxLayout(left)
        column.setContentsMargins(0, 0, 8, 0)
        self._head = Label()
        self._head.setProperty("head", True)
        self._head.setWordWrap(True)
        column.addWidget(self._head)
        self.problems = ProblemList(self._apply)
        column.addWidget(self.problems)
        self.facts_label = rich_label()
        column.addWidget(self.facts_label)
        column.addStretch(1)
        area = scrolled(left, tr("Facts and findings of the clip"))
        area.setMinimumWidth(scaled(300))
        area.setMaximumWidth(scaled(400))
        row.addWidget(area, 1)
        plots = QVBoxLayout()
        plots.setSpacing(4)
        self.wave = WaveView()
        self.spectrum = SpectrumView()
        plots.addWidget(part_label(tr("WAVEFORM")))
        plots.addWidget(self.wave, 3)
        self._spectrum_label = part_label(tr("SPECTRUM"))
        plots.addWidget(self._spectrum_label)
        plots.addWidget(self.spectrum, 2)
        row.addLayout(plots, 1)

    def set_playing(self, seconds: float | None) -> None:
        self.wave.set_cursor(seconds)

    def begin(self, clip: Clip) -> None:
        self._clip = clip
        facts = self._session.project.facts.get(clip.source)
        self._head.setText(clip.name)
        if facts is None:
            self.facts_label.setText(tr("Looking at it …"))
            self.problems.show_problems(())
        else:
            self.problems.show_problems(self._session.project.plans.problems_of(clip))
            true_rate = clip.touch_up.true_rate
            pairs = facts_pairs(facts, true_rate)
            if not clip.whole_source and facts.header and facts.measures:
                rate = clip.rate_of(facts.header.sample_rate)
                stop = facts.measures.frames if clip.stop is None else clip.stop
                part = tr(
                    "{start} to {stop} of the source",
                    start=format_seconds(clip.start / rate),
                    stop=format_seconds(stop / rate),
                )
                pairs.insert(
                    0,
                    (
                        "Part",
                        tr(
                            "{part}, {stop}. K cuts it otherwise.",
                            part=part,
                            stop=format_seconds((stop - clip.start) / rate),
                        ),
                    ),
                )
            self.facts_label.setText(pairs_html(pairs))
        self._plots(facts)

    def _plots(self, facts: Facts | None) -> None:
        sound = facts.measures if facts and facts.ok else None
        if facts is None and self._clip and (partial := self._session.partial.get(self._clip.source)):
            self.show_partial(partial)
            return
        if sound is None or facts is None:
            waiting = facts is None
            self.wave.show_layers([], tr("Looking at it …") if waiting else tr("There is no sound to show."))
            self.spectrum.show_layers([])
            self._spectrum_label.hide()
            return
        self._spectrum_label.show()
        overview, seconds, share = sound.overview, facts.seconds or 0, 1.0
        if self._clip is not None and facts.header:
            share = self._clip.rate_of(facts.header.sample_rate) / facts.header.sample_rate
            seconds /= share
        if self._clip is not None and not self._clip.whole_source and facts.header:
            # Only its part of the source.
            total = max(1, sound.frames)
            stop = total if self._clip.stop is None else self._clip.stop
            first = int(self._clip.start / total * len(overview))
            overview = overview[first : max(first + 1, round(stop / total * len(overview)))]
            seconds = self._clip.frames_of(total) / self._clip.rate_of(facts.header.sample_rate)
        self.wave.show_layers([WaveLayer(tr("Source"), overview, seconds, "wave_output")])
        layer = SpectrumLayer(
            tr(
                "Source, sound up to {format_bandwidth}",
                format_bandwidth=format_bandwidth(sound.bandwidth * share),
            ),
            sound.spectrum,
            sound.spectrum_step * share,
            "wave_output",
        )
        self.spectrum.show_layers([layer])

    def show_partial(self, partial: PartialOverview) -> None:
        """Draw what is known so far of a source that is still being looked at."""
        layers = []
        if len(partial.coarse) and partial.seconds:
            layers.append(WaveLayer(tr("From a few places"), partial.coarse, partial.seconds, "wave_source"))
        if len(partial.outline):
            layers.append(WaveLayer(tr("Read so far"), partial.outline, partial.done, "wave_output"))
        share = partial.share
        sentence = tr("Looking at it, {share:.0%} …", share=share) if share is not None else tr("Looking at it …")
        self.facts_label.setText(sentence)
        self.wave.show_layers(layers, sentence)
        self.spectrum.show_layers([])
        self._spectrum_label.hide()

    def _apply(self, remedy: Remedy) -> None:
        if self._clip:
            edits.apply_remedy(self._session.project, self._clip, None, remedy)


def _sides_in_words(sound: Measures) -> str:
    """How they relate, and how alike they are in each band: 1 the same, 0 nothing in common, −1 upside down."""
    sentence = _SIDES[sound.sides]
    if abs(sound.side_lag) > 2e-5:
        sentence += tr(
            ", the right {side_lag:.2f} ms {later}",
            side_lag=abs(sound.side_lag) * 1000,
            later=tr("later") if sound.side_lag > 0 else tr("earlier"),
        )
    if sound.side_bands:
        names = (tr("to 300 Hz"), tr("to 1 kHz"), tr("to {khz} kHz", khz=3.4), tr("above"))
        bands = ", ".join(
            tr("{one:+.2f} {name}", one=one, name=name) for one, name in zip(sound.side_bands, names, strict=True)
        )
        sentence += tr("; alike {bands}", bands=bands).replace("-", "−")
    return sentence


def _rate_in_words(stamped: int, true_rate: int | None) -> str:
    if not true_rate or true_rate == stamped:
        return format_hz(stamped)
    return tr(
        "{true_rate}, as you stated (its header says {stamped})",
        true_rate=format_hz(true_rate),
        stamped=format_hz(stamped),
    )


def facts_pairs(facts: Facts, true_rate: int | None = None) -> list[tuple[str, str]]:
    """Names and values of everything that is known of a source, at its true rate (Hz) where that was stated."""
    head, sound = facts.header, facts.measures
    pairs = [(tr("File"), facts.path.name), (tr("Folder"), short_path(facts.path.parent))]
    if head:
        pairs += [
            (tr("Kind"), format_kind(head.container, head.encoding)),
            (tr("Rate, channels"), _rate_in_words(head.sample_rate, true_rate) + f", {head.channels}"),
            (tr("Size"), format_bytes(head.bytes)),
        ]
    if sound and head:
        level = sound.level
        share = (true_rate or head.sample_rate) / head.sample_rate
        pairs += [
            (
                tr("Length"),
                tr(
                    "{seconds}, {frames:,} frames",
                    seconds=format_seconds((facts.seconds or 0) / share),
                    frames=sound.frames,
                ),
            ),
            (
                tr("Speech level"),
                tr(
                    "{active_dbov}, {activity:.0%} of the time",
                    active_dbov=format_db(level.active_dbov, "dBov"),
                    activity=level.activity,
                ),
            ),
            (tr("Peak, RMS"), f"{in_words(format_db(db(sound.peak)))}, {in_words(format_db(db(sound.rms)))}"),
            (tr("Sound up to"), format_bandwidth(sound.bandwidth * share)),
            (tr("Sides"), _sides_in_words(sound)),
            (
                tr("Clipped"),
                tr("{count:,} samples", count=n)
                if (n := sound.clipped_samples or sound.flat_samples)
                else tr("none"),
            ),
            (tr("DC offset"), decimal(f"{sound.dc_offset * 100:.2f} %").replace("-0", "−0").replace("−0.00", "0.00")),
        ]
    pairs += [(tr("Note"), note.message) for note in facts.notes]
    return pairs


@place("clip", "Clip", Stop.SOUND, share=0.47)
def clip_page(at: Context) -> ClipPage:
    page = ClipPage(at.session)
    page.wave.seek.connect(at.player.seek)
    return page
