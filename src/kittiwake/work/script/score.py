"""What was heard against what was meant: word and character error rate, by jiwer, on texts that were made alike openly."""

from __future__ import annotations

import contextlib
import unicodedata

from ...plain_data import dataclass


@dataclass(frozen=True, slots=True)
class Score:
    """Attributes
    ----------
    words : word error rate, 0 for none; above 1 where more was heard than meant.
    characters : character error rate.
    meant, heard : the texts as they were compared.
    differences : (kind, meant, heard) of each stretch: ``equal``, ``substitute``, ``delete`` (was not heard), ``insert`` (was not meant).
    """

    words: float
    characters: float
    meant: str
    heard: str
    differences: tuple[tuple[str, str, str], ...]


def alike(text: str, language: str = "en") -> str:
    """Small letters, no marks but apostrophes within words, numbers in words, one blank between words."""
    from num2words import num2words

    plain = unicodedata.normalize("NFKC", text).casefold().replace("’", "'")
    out = []
    for word in "".join(c if c.isalnum() or c == "'" else " " for c in plain).split():
        word = word.strip("'")
        if word.isascii() and word.isdigit() and len(word) < 16:
            with contextlib.suppress(NotImplementedError):
                word = num2words(int(word), lang=language.split("-")[0])
            out += "".join(c if c.isalnum() else " " for c in word).split()
        elif word:
            out.append(word)
    return " ".join(out)


def score(meant: str, heard: str, language: str = "en") -> Score:
    """Compare two texts. Where nothing is meant, everything that is heard is an error: its rate is 1, or 0 where nothing is heard."""
    import jiwer

    one, two = alike(meant, language), alike(heard, language)
    if not one:
        wrong = 1.0 if two else 0.0
        return Score(wrong, wrong, one, two, (("insert", "", two),) if two else ())
    words, characters = jiwer.process_words(one, two), jiwer.process_characters(one, two)
    left, right = one.split(), two.split()
    chunks = tuple(
        (
            chunk.type,
            " ".join(left[chunk.ref_start_idx : chunk.ref_end_idx]),
            " ".join(right[chunk.hyp_start_idx : chunk.hyp_end_idx]),
        )
        for chunk in words.alignments[0]
    )
    return Score(float(words.wer), float(characters.cer), one, two, chunks)
