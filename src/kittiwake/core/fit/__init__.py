"""How a clip and a receiver go together: a verdict, a path, a reasoned no. Pure: no files, no clock."""

from .findings import findings
from .names import legal_name, unique_names
from .plan import Fit, Problem, Recipe, Remedy, Step, fit
from .problems import check_receiver

__all__ = [
    "Fit",
    "Problem",
    "Recipe",
    "Remedy",
    "Step",
    "check_receiver",
    "findings",
    "fit",
    "legal_name",
    "unique_names",
]
