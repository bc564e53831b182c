"""What each parameter of a touch-up is called where its change is undone, and its option in a terminal.

The parameters themselves, with their types and bounds, stand in ``clip.TouchUp``; the words of the form in which clips are touched up stand with the stage of sound that a field sets (``fit/path``), which
takes its bounds from there.
"""

from __future__ import annotations

from ...plain_data import dataclass
from ...words import phrase


@dataclass(frozen=True, slots=True)
class TouchParameter:
    """One field of ``TouchUp``.

    Attributes
    ----------
    name : of the field.
    noun : what it is called where a change of it is undone; empty where that has words of its own.
    option : in a terminal, ``--louder``; empty where it has none, or one that is more than a value.
    metavar, help : of the option.
    """

    name: str
    noun: str = ""
    option: str = ""
    metavar: str = ""
    help: str = ""


#: In the order of the options.
_ALL = (
    TouchParameter("gain_db", phrase("the level"), "--louder", "DB", phrase("On top of what the receiver asks for.")),
    TouchParameter("speed", phrase("the speed"), "--faster", "PERCENT", phrase("8%, -5%, or 1.08 times; the pitch stays.")),
    TouchParameter("pitch", phrase("the pitch"), "--higher", "SEMITONES", phrase("The length stays.")),
    TouchParameter("fade_in", phrase("the fade in"), "--fade-in", "S", phrase("Over so many seconds.")),
    TouchParameter("fade_out", phrase("the fade out"), "--fade-out", "S", phrase("Over so many seconds.")),
    TouchParameter("fade_shape", phrase("the fades"), option="--fade-shape", help=phrase("Gentle at both ends, or a straight line.")),
    TouchParameter("low_cut", phrase("the low end"), "--low-cut", "HZ", phrase("Keep nothing below.")),
    TouchParameter("limiter_db", phrase("the limiter"), "--limiter", "DB", phrase("What single peaks may be held down by.")),
    TouchParameter("loop", phrase("the loop"), "--loop", "S", phrase("Blend so much of the end into the start; 0 never.")),
    TouchParameter("side", phrase("the side"), option="--side", help=phrase("left, right, mix, or a channel such as ch3.")),
    TouchParameter("remove_dc", phrase("the DC offset"), option="--remove-dc", help=phrase("Take away a DC offset.")),
    TouchParameter("untreated", phrase("the treatment"), option="--untreated", help=phrase("Without the receiver's level, trimming and filters: for tones.")),
    TouchParameter("without", phrase("a stretch")),
    TouchParameter("more", phrase("what was added")),
    TouchParameter("true_rate"),
    TouchParameter("skip"),
    TouchParameter("keep"),
    TouchParameter("form"),
    TouchParameter("accepted"),
)  # fmt: skip
TOUCH_PARAMETERS = {one.name: one for one in _ALL}
