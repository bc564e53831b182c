"""Clips that pass without a receiver's treatment: tones, and music fitted beforehand, whose level, ends and band are meant."""

from __future__ import annotations

from .clip import TouchUp
from .receiver import Level, Receiver


def receiver_for(receiver: Receiver, touch: TouchUp) -> Receiver:
    """The receiver as it treats a clip that is touched up so; itself, unless the clip passes untreated.

    Rules, ceilings, dither and the silence in front stay: the machine needs them whatever the sound is.
    """
    if not touch.untreated:
        return receiver
    before = receiver.treatment
    plain = before.changed(
        level=Level(measure="leave"),
        limiter_db=0.0,
        high_pass_hz=None,
        band="full",
        presence_db=0.0,
        remove_dc=False,
        trim_lead_seconds=None,
        trim_tail_seconds=None,
        loop_seconds=0.0,
        fade_in_seconds=0.0,
        fade_out_seconds=0.0,
        expected_bandwidth_hz=None,
    )
    return receiver.changed(treatment=plain)
