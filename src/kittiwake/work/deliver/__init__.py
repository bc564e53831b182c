"""Handing over: a whole set in the form that a machine takes, what of it is new, and which copy is where."""

from .item import Item
from .plan import Plan, last_plan_of, plan_of
from .send import Sent, send

__all__ = ["Item", "Plan", "Sent", "last_plan_of", "plan_of", "send"]
