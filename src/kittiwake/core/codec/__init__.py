"""Writers, one a format family, and the registry that knows what each can hold."""

from .format import Format, Writer
from .registry import FOR_VOICES, FORMATS, MODELLED, find_format

__all__ = ["FORMATS", "FOR_VOICES", "MODELLED", "Format", "Writer", "find_format"]
