"""What a field of a receiver's rules may hold, said where the field is declared.

These stand in annotations (``Annotated[int, Limited(ge=1)]``) and are read by pydantic when rules that somebody wrote are checked
(``RulePart.read``). pydantic takes a fifth of a second to load, which commands that meet only the receivers that ship do without.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import Annotated, Any


class Limited:
    """Limits by the names that pydantic has for them: ``ge``, ``gt``, ``le``, ``min_length``, ``max_length``, ``pattern``."""

    def __init__(self, **limits: Any) -> None:
        self._limits = limits

    def __get_pydantic_core_schema__(self, source: Any, handler: Any) -> Any:
        from pydantic import Field

        return handler.generate_schema(Annotated[source, Field(**self._limits)])


class Before:
    """``make`` turns what was written into what the field holds; it raises ``ValueError`` with what is wrong."""

    def __init__(self, make: Callable[[Any], Any]) -> None:
        self._make = make

    def __get_pydantic_core_schema__(self, source: Any, handler: Any) -> Any:
        from pydantic_core import core_schema

        return core_schema.no_info_before_validator_function(self._make, handler(source))


class After(Before):
    """The same, of a value whose kind is right already."""

    def __get_pydantic_core_schema__(self, source: Any, handler: Any) -> Any:
        from pydantic_core import core_schema

        return core_schema.no_info_after_validator_function(self._make, handler(source))
