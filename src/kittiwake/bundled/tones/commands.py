"""Commands of tones."""

from __future__ import annotations

from ...commands import command
from ...ui.board.ways_to_begin import way_to_begin
from ...ui.shell.context import Context
from ...words import phrase

way_to_begin(
    "tone.open",
    phrase("Make tones"),
    phrase("dial, ringing and busy tones of nineteen countries, keys, and recipes of your own."),
    4,
)


@command(
    "tone.open",
    "Tones…",
    "Dial, ringing and busy tones of countries, keys that are pressed, and recipes of one's own; a tone of the board is changed.",
    "Shift+F4",
    menu="Record",
)
def open_tones(at: Context) -> None:
    at.status.say("")
    at.bench.go_to("tone", at.board.current_clip())
