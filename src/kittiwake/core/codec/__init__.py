"""Writers, one a format family, and the registry that knows what each can hold."""

from .format import Format, Writer
from .registry import FORMATS, MODELLED, find_format

__all__ = ["FORMATS", "MODELLED", "Format", "Writer", "find_format"]
