"""What all parts of a receiver have in common: no key that is not known, no text for a number."""

from __future__ import annotations

from typing import Any, get_args

from pydantic import BaseModel, ConfigDict, model_validator


class RulePart(BaseModel):
    # A mistyped key must not pass for a rule that is not there, nor a text or a yes for a number.
    model_config = ConfigDict(extra="forbid", frozen=True, allow_inf_nan=False)

    @model_validator(mode="before")
    @classmethod
    def _plain_kinds(cls, data: Any) -> Any:
        if isinstance(data, dict):
            for name, value in data.items():
                field = cls.model_fields.get(name)
                numeric = field is not None and _is_numeric(field.annotation)
                for one in value if isinstance(value, list | tuple) else [value]:
                    if numeric and isinstance(one, bool):
                        raise ValueError(f"{name} = {str(one).lower()} is no number")
                    if numeric and isinstance(one, str) and name not in ("max_bytes", "total_bytes"):
                        raise ValueError(f"{name} = “{one[:40]}” is a text, not a number: write it without quotes")
        return data


def _is_numeric(annotation: Any) -> bool:
    """Whether a field holds numbers, in a list or not."""
    if annotation in (int, float):
        return True
    return any(_is_numeric(part) for part in get_args(annotation) if not isinstance(part, str))
