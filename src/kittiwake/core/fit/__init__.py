"""How a clip and a receiver go together: a verdict, a path, a reasoned no. Pure: no files, no clock."""

from .batch_context import BatchContext, context_of, needs_context, shares_anything
from .names import legal_name, numbered_name, output_name, unique_names
from .plan import Fit, Problem, Recipe, Remedy, Step, fit
from .rules import check_receiver

__all__ = [
    "BatchContext",
    "Fit",
    "Problem",
    "Recipe",
    "Remedy",
    "Step",
    "check_receiver",
    "context_of",
    "fit",
    "legal_name",
    "needs_context",
    "numbered_name",
    "output_name",
    "shares_anything",
    "unique_names",
]
