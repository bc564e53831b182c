"""How to read a source, as somebody stated it: the format of a headerless file, or which of several sound streams."""

from __future__ import annotations

import re

from ...plain_data import dataclass
from ...words import joined, phrase
from ..errors import RulesError

#: Encodings that a headerless file can be stated to have, with the sample rate each has by its standard (0: any).
HEADERLESS: dict[str, int] = {
    "pcm_s16le": 0, "pcm_s16be": 0, "pcm_u8": 0, "pcm_s8": 0, "pcm_s24le": 0, "pcm_f32le": 0, "ulaw": 0, "alaw": 0,
    "gsm": 8000, "g722": 16_000, "g723_1": 8000, "g729": 8000, "amr_nb": 8000, "oki_adpcm": 0,
    **{f"g726_{kbits}{order}": 8000 for kbits in (16, 24, 32, 40) for order in ("be", "le")},
}  # fmt: skip
#: Other words for the same, as people write them.
_ALSO = {"pcm": "pcm_s16le", "slin": "pcm_s16le", "linear": "pcm_s16le", "s16": "pcm_s16le", "mulaw": "ulaw", "g711u": "ulaw",
         "g711a": "alaw", "vox": "oki_adpcm", "g726": "g726_32be", "gsm_fr": "gsm", "amr": "amr_nb"}  # fmt: skip
# Compiled where one is read: few commands read any.
_TEXT = (
    r"^\s*([a-z0-9_.]+)\s*@\s*([0-9]+(?:\.[0-9]+)?)\s*(k)?(?:hz)?\s*(?:x\s*([0-9]+))?\s*(?:\+\s*([0-9]{1,9}))?\s*$"
)


@dataclass(frozen=True, slots=True)
class Stated:
    """Encoding (a key of ``HEADERLESS``), sample rate (Hz) and channels of a headerless file; or the sound stream to take
    of a file that has a header, counted from 0, with an empty encoding. ``skip`` bytes before the first sample are passed over.
    """

    encoding: str
    rate: int
    channels: int = 1
    stream: int = 0
    skip: int = 0

    @classmethod
    def of_stream(cls, stream: int) -> Stated:
        """Take this sound stream (from 0) of a file with a header."""
        return cls("", 0, 0, stream)

    @property
    def headerless(self) -> bool:
        return bool(self.encoding)

    def __str__(self) -> str:
        if not self.headerless:
            return f"stream@{self.stream + 1}"
        behind = f"+{self.skip}" if self.skip else ""
        return f"{self.encoding}@{self.rate}x{self.channels}{behind}"

    @classmethod
    def parse(cls, text: str) -> Stated:
        """From ``ENCODING@RATE[xCHANNELS][+BYTES]``: ``ulaw@8000``, ``pcm_s16le@16k``, ``pcm_s16be@8000x2``, ``ulaw@8000+23`` behind 23 bytes of something
        else; or ``stream@2``.

        Raises
        ------
        RulesError : the message names what is wrong and what is allowed.
        """
        if (stream := re.match(r"^\s*stream\s*@\s*([1-9][0-9]?)\s*$", text, re.IGNORECASE)) is not None:
            return cls.of_stream(int(stream[1]) - 1)
        found = re.match(_TEXT, text, re.IGNORECASE)
        if not found:
            raise RulesError(
                phrase("“{text}” does not state a headerless format.", text=text),
                phrase("Write for example ulaw@8000 or pcm_s16le@16000x2."),
                "stated",
            )
        name = found[1].lower().replace("-", "_").replace(".", "_")
        encoding = _ALSO.get(name, name)
        if encoding not in HEADERLESS:
            raise RulesError(
                phrase("“{found}” is not an encoding that a headerless file can have here.", found=found[1]),
                phrase("Use one of {list}.", list=joined(HEADERLESS, ", ")),
                "stated",
            )
        rate = round(float(found[2]) * (1000 if found[3] else 1))
        channels = int(found[4] or 1)
        only = HEADERLESS[encoding]
        if only and rate != only:
            raise RulesError(
                phrase(
                    "{encoding} is always at {only} Hz, not at {rate} Hz.", encoding=encoding, only=only, rate=rate
                ),
                phrase("Write {encoding}@{only}.", encoding=encoding, only=only),
                "stated",
            )
        simple = encoding.startswith("pcm_") or encoding in ("ulaw", "alaw")
        if not 1000 <= rate <= 768_000 or not 1 <= channels <= (8 if simple else 1):
            raise RulesError(
                phrase(
                    "{rate} Hz with {channels} channels cannot be {encoding}.",
                    rate=rate,
                    channels=channels,
                    encoding=encoding,
                ),
                phrase("Rates go from 1000 to 768000 Hz; only linear, µ-law and A-law have more than one channel."),
                "stated",
            )
        return cls(encoding, rate, channels, skip=int(found[5] or 0))
