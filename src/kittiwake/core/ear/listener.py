"""A speech engine that runs here: it tells which line of a list somebody says.

It stands in for the engines that one sends speech to, and needs the extra ``kittiwake[engine]`` (PocketSphinx with its American English
model). It hears nothing but the lines it is given, so that it may also hear one of them in something else: a suggestion, never a finding.
"""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from importlib.util import find_spec
from pathlib import Path
from typing import Any

import numpy as np
import soxr
from numpy.typing import NDArray

from ...words import phrase
from ..errors import KittiwakeError
from ..installed import how_to_add
from ..intake import open_sound
from ..model import Stated
from ..model.facts import Signal
from ..model.span import Line, Span
from ..sound.pieces import pieces

RATE = 16_000
_QUIET = 0.5  # s before and after what is said, without which first and last words are missed
_LOUD = 0.5  # of full scale
_LONGEST = 60.0  # s; nothing longer is one line

_ONES = "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen"
_TENS = "twenty thirty forty fifty sixty seventy eighty ninety"

# How letters are said where a dictionary does not know the word (an invented place, most likely). The longest that fits comes first.
_SOUNDS = {
    "tch": "CH", "igh": "AY", "ch": "CH", "sh": "SH", "th": "TH", "ph": "F", "ck": "K", "ng": "NG", "qu": "K W", "wh": "W",
    "ee": "IY", "ea": "IY", "oo": "UW", "ou": "AW", "ow": "OW", "ai": "EY", "ay": "EY", "oa": "OW", "oi": "OY", "oy": "OY",
    "au": "AO", "aw": "AO", "ar": 'AA R', "er": "ER", "ir": "ER", "ur": "ER", "or": 'AO R',
    "a": "AE", "b": "B", "c": "K", "d": "D", "e": "EH", "f": "F", "g": "G", "h": "HH", "i": "IH", "j": "JH", "k": "K", "l": "L",
    "m": "M", "n": "N", "o": "AA", "p": "P", "q": "K", "r": "R", "s": "S", "t": "T", "u": "AH", "v": "V", "w": "W", "x": "K S",
    "y": "IY", "z": "Z",
}  # fmt: skip


def is_installed() -> bool:
    """Whether the engine's library is there."""
    return find_spec("pocketsphinx") is not None


def words_of(text: str) -> list[str]:
    """The words of a line as they are said: in small letters, without marks, numbers up to 99 in words, longer ones figure by figure."""
    ones, tens = _ONES.split(), _TENS.split()
    out: list[str] = []
    for word in re.findall(r"[a-z]+(?:'[a-z]+)*|[0-9]+", text.lower().replace("\u2019", "'")):
        if not word.isdigit():
            out.append(word)
        elif len(word) > 2 or (len(word) == 2 and word[0] == "0"):
            out += [ones[int(figure)] for figure in word]
        elif int(word) < 20:
            out.append(ones[int(word)])
        else:
            out += [tens[int(word[0]) - 2], *([ones[int(word[1])]] if word[1] != "0" else [])]
    return out


def sounds_of(word: str) -> str:
    """A guess at how a word is said, as phones of the CMU dictionary with blanks between them."""
    word = re.sub(r"([^aeo])\1", r"\1", word.replace("'", ""))
    if len(word) > 3 and word.endswith("e") and word[-2] not in "aeiou":
        word = word[:-1]
    out, at = [], 0
    while at < len(word):
        size = next((n for n in (3, 2, 1) if word[at : at + n] in _SOUNDS and at + n <= len(word)), 0)
        if size:
            out.append(_SOUNDS[word[at : at + size]])
        at += max(1, size)
    return " ".join(out)


class Listener:
    """Hears which of some lines is said.

    Parameters
    ----------
    texts : the words of each line; one without words is never heard.

    Raises
    ------
    KittiwakeError : where the engine is not installed, or no line has words.
    """

    def __init__(self, texts: Sequence[str]) -> None:
        if not is_installed():
            raise KittiwakeError(
                phrase("The speech engine is not installed."),
                phrase(
                    "{how_to_add} Names can be typed, or come from a list in order.", how_to_add=how_to_add("engine")
                ),
                "no_engine",
            )
        import pocketsphinx  # a quarter of a second, and 30 MB of model

        where = f"{pocketsphinx.get_model_path()}/en-us"
        self._decoder = pocketsphinx.Decoder(
            hmm=f"{where}/en-us", dict=f"{where}/cmudict-en-us.dict", lm=None, samprate=RATE, loglevel="FATAL"
        )
        self._lines: dict[str, int] = {}
        for place, text in enumerate(texts):
            words = words_of(text)
            if words:
                self._lines.setdefault(" ".join(words), place)
        if not self._lines:
            raise KittiwakeError(phrase("None of the lines has words to listen for: the list needs a column “text”."))
        unknown = {w for line in self._lines for w in line.split() if self._decoder.lookup_word(w) is None}
        for count, word in enumerate(sorted(unknown), 1):
            self._decoder.add_word(word, sounds_of(word), count == len(unknown))
        grammar = f"#JSGF V1.0;\ngrammar lines;\npublic <line> = {' | '.join(self._lines)} ;\n"
        self._decoder.add_jsgf_string("lines", grammar)
        self._decoder.activate_search("lines")

    def which(self, samples: NDArray[np.float32], rate: int) -> int | None:
        """The place, in the list, of the line that is said in ``samples`` (one channel, full scale 1); None where none is."""
        peak = float(np.max(np.abs(samples))) if len(samples) else 0.0
        if not peak or not np.isfinite(peak):
            return None
        sound = soxr.resample(samples, rate, RATE) if rate != RATE else samples
        quiet = np.zeros(round(_QUIET * RATE), np.float32)
        padded = np.clip(np.concatenate([quiet, sound * (_LOUD / peak), quiet]), -1, 1)
        self._decoder.start_utt()
        self._decoder.process_raw((padded * 32767).astype("<i2").tobytes(), full_utt=True)
        self._decoder.end_utt()
        heard = self._decoder.hyp()
        return self._lines.get(heard.hypstr) if heard is not None else None


def hear_lines(
    path: Path,
    stated: Stated | None,
    side: Signal,
    spans: Sequence[Span],
    lines: Sequence[Line],
    report: Callable[[str, int | None, float], None],
) -> None:
    """Listen to each span of a source for the lines.

    Parameters
    ----------
    side : which channels are listened to.
    report : called after each span with its id, the place of the line in ``lines`` (None: none of them is heard), and the share that is done.

    Raises
    ------
    KittiwakeError : where there is no engine, no line has words, or the source cannot be read.
    """
    ear = Listener([line.text for line in lines])
    reader = open_sound(path, stated)
    try:
        rate = reader.header.sample_rate
        parts: dict[int, list[NDArray[np.float32]]] = {}
        places = [(span.start, min(span.stop, span.start + round(_LONGEST * rate))) for span in spans]
        count = 0
        for n, samples, last in pieces(reader, side, places):
            parts.setdefault(n, []).append(samples)
            if last:
                count += 1
                report(spans[n].id, ear.which(np.concatenate(parts.pop(n)), rate), count / len(spans))
    finally:
        reader.close()


#: What ``hear_lines`` is given, in its order.
Asked = tuple[Path, Stated | None, Any, tuple[Span, ...], tuple[Line, ...]]


def tell_lines(asked: Asked, tell: Callable[[Any], None]) -> str:
    """``hear_lines`` as a function of one thing that a process can be asked; gives a sentence where it cannot be done, else nothing."""
    try:
        hear_lines(*asked, report=lambda *what: tell(what))
    except KittiwakeError as error:
        return str(error)
    return ""
