"""JSON that can hold any file name."""

from __future__ import annotations

import json
from typing import Any


def to_json(data: Any, indent: int | None = None) -> str:
    """As JSON (RFC 8259). File names that are not valid UTF-8 are kept by escapes, so that nothing is lost."""
    text = json.dumps(data, ensure_ascii=False, indent=indent)
    try:
        text.encode("utf-8")
    except UnicodeEncodeError:
        return json.dumps(data, ensure_ascii=True, indent=indent)
    return text
