"""What a file may be called at a receiver."""

from __future__ import annotations

import re
import re._parser as re_parser  # type: ignore[import-not-found]
import unicodedata
import warnings
from functools import lru_cache
from string import Formatter
from typing import Annotated, ClassVar, Literal

from ...plain_data import dataclass
from ..schema import Limited
from .rule_part import RulePart

#: Bytes that a name without extension may have: file systems take 255 with it.
MOST_BYTES = 240
#: What names may hold where a receiver does not say: nothing that any file system or shell script stumbles over, but spaces.
ANY_LETTERS = r"\w '()+,.=@\[\]&-"
_WIDEST = 64  # characters that a field of a pattern may be filled up to

#: What a pattern of names may be put together from.
NAME_FIELDS = ("name", "id", "speaker", "language", "kind", "counter")


@dataclass(frozen=True, slots=True, kw_only=True)
class Names(RulePart):
    """What a file may be called, without its extension. ``allowed`` is the inside of a character class, as in regular expressions; by default
    letters and digits of every script, spaces, and what people put between words. Whatever it says, no name holds what parts folders or
    cannot be seen, begins with a dot, begins or ends with a space, or is longer than file systems take.

    ``extension`` takes the place of the format's own (``.ul``, or ``""`` for none).

    ``pattern`` puts names together from fields of the clip: ``{speaker}_{counter:03}``. With ``mark_corrected`` the name of a
    file whose source had a false rate ends in the true one.
    """

    left_out: ClassVar[tuple[str, ...]] = ("extension",)

    pattern: str = "{name}"
    mark_corrected: bool = False

    allowed: Annotated[str, Limited(min_length=1, max_length=400)] = ANY_LETTERS
    case: Literal["keep", "lower", "upper"] = "keep"
    max_length: Annotated[int, Limited(ge=1, le=200)] = 64
    replace_with: Annotated[str, Limited(max_length=8)] = "_"
    extension: Annotated[str, Limited(max_length=16, pattern=r"^(\.[^./\\\x00-\x1f ]+)*$")] | None = None

    def extension_for(self, own: str) -> str:
        """The extension of a file whose format has ``own``."""
        return own if self.extension is None else self.extension

    @property
    def plain_only(self) -> bool:
        """Whether letters beyond those of English are not taken."""
        return not self.takes("é") or not self.takes("あ")

    def __post_init__(self) -> None:
        if not _is_one_class(self.allowed):
            raise ValueError(f"allowed = “{self.allowed}” is not a set of characters, such as A-Za-z0-9_-")
        for field in ("allowed", "replace_with", "pattern"):
            for character in {"/", "\0"} & set(getattr(self, field)):
                seen = "/" if character == "/" else "NUL"
                raise ValueError(
                    f"{field} holds “{seen}”, which no name can have; folders are named in delivery.folder"
                )
        if not all(self.takes(c) for c in self.replace_with):
            raise ValueError(f"replace_with = “{self.replace_with}” is not among the allowed characters")
        if not any(map(self.is_legal, (*map(chr, range(33, 127)), "あ"))):
            raise ValueError(
                f"allowed = “{self.allowed}” with case = “{self.case}” leaves no character to make names of"
            )
        if len(self.pattern) > 200:
            raise ValueError("pattern is longer than 200 characters")
        fields = "{" + "}, {".join(NAME_FIELDS) + "}"
        try:
            used = [field for _, field, _, _ in Formatter().parse(self.pattern) if field is not None]
            widths = re.findall(r"[0-9]+", "".join(spec or "" for _, _, spec, _ in Formatter().parse(self.pattern)))
            if any(len(width) > 3 or int(width) > _WIDEST for width in widths):
                raise ValueError(f"pattern = “{self.pattern}” makes a field wider than {_WIDEST}")
            self.pattern.format(**{field: 1 if field == "counter" else "a" for field in NAME_FIELDS})
        except (KeyError, IndexError, AttributeError, TypeError) as error:
            raise ValueError(f"pattern = “{self.pattern}” is not made of {fields}") from error
        except ValueError as error:
            if "wider than" in str(error):
                raise
            raise ValueError(f"pattern = “{self.pattern}” is not made of {fields}") from error
        if not used or not set(used) <= set(NAME_FIELDS):
            raise ValueError(f"pattern = “{self.pattern}” needs at least one of {fields}, and no other")

    def is_legal(self, name: str) -> bool:
        """Whether a name (without extension) may be used as it stands."""
        if not name or len(name) > self.max_length or name[0] in ". " or name[-1] == " ":
            return False
        if not _only(self.allowed).fullmatch(name) and not all(map(self.takes, name)):
            return False
        if not name.isascii() and (len(name.encode("utf-8", "surrogatepass")) > MOST_BYTES or not name.isprintable()):
            return False
        return self.case == "keep" or name == (name.lower() if self.case == "lower" else name.upper())

    def takes(self, character: str) -> bool:
        """Whether a name may hold this character, somewhere after its beginning."""
        return _takes(self.allowed, character)


@lru_cache(maxsize=4096)
def _takes(allowed: str, character: str) -> bool:
    if character in "/\0" or not character.isprintable():
        return False
    one = _only(allowed)
    # What is written above or below letters goes with letters of all scripts.
    with_marks = unicodedata.combining(character) or unicodedata.category(character)[0] == "M"
    return bool(one.fullmatch(character) or (with_marks and one.fullmatch("あ")))


@lru_cache(maxsize=256)
def _only(allowed: str) -> re.Pattern[str]:
    """Names of allowed characters, but for what no name holds."""
    return re.compile(f"(?:(?![/\\x00-\\x1f\\x7f])[{allowed}])+")


def _is_one_class(allowed: str) -> bool:
    """Whether this, in square brackets, is one set of characters and nothing besides: a pattern with more in it could be made to take for ever."""
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("error")  # sets within sets, which Python means to read otherwise one day
            parsed = list(re_parser.parse(f"[{allowed}]"))
    except (re.error, RecursionError, OverflowError, FutureWarning, Warning):
        return False
    return len(parsed) == 1 and str(parsed[0][0]) in ("IN", "LITERAL", "NOT_LITERAL", "ANY")
