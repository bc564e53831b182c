"""Cutting a long reading into named clips: finding speech, spans and their names, lists, and open forms for both."""

from ...core.model.span import Cut, Line, Span
from .edit import merged
from .find import Activity, Find, find_speech
from .names import named, read_lines, shown_names

__all__ = ["Activity", "Cut", "Find", "Line", "Span", "find_speech", "merged", "named", "read_lines", "shown_names"]
