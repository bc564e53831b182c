"""What can be done about a problem, one file a kind; each registers what it offers (``registry.remedy``)."""

from ...extensions import import_all, import_door
from .registry import (
    REMEDIES,
    accept,
    acceptable,
    ask,
    is_remedy,
    known,
    nearest_remedy,
    remedy,
    unaccepted,
    with_offers,
)

__all__ = [
    "REMEDIES",
    "accept",
    "acceptable",
    "ask",
    "is_remedy",
    "known",
    "nearest_remedy",
    "remedy",
    "unaccepted",
    "with_offers",
]

import_all(__name__, __path__)
import_door("remedies")
