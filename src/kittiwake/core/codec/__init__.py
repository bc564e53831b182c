"""Writers, one a format family, and the registry that knows what each can hold."""

from .format import FORMATS, Format, Writer, register
from .registry import find_format, is_for_voices

__all__ = ["FORMATS", "Format", "Writer", "find_format", "is_for_voices", "register"]
