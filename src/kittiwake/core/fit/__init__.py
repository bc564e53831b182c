"""How a clip and a receiver go together: a verdict, a path, a reasoned no. Pure: no files, no clock."""

from .company import Company, company_of, needs_company, shares_anything
from .findings import findings
from .names import legal_name, numbered_name, output_name, unique_names
from .plan import Fit, Problem, Recipe, Remedy, Step, fit
from .problems import check_receiver

__all__ = [
    "Company",
    "Fit",
    "Problem",
    "Recipe",
    "Remedy",
    "Step",
    "check_receiver",
    "company_of",
    "findings",
    "fit",
    "legal_name",
    "needs_company",
    "numbered_name",
    "output_name",
    "shares_anything",
    "unique_names",
]
