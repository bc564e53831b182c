"""Writers, one a format family, and the registry that knows what each can hold."""

from .format import Format, Writer
from .registry import FORMATS, find_format

__all__ = ["FORMATS", "Format", "Writer", "find_format"]
