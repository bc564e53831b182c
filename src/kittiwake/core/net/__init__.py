"""Requests to services that somebody named: to their own address and nowhere else, in a time that is bounded, without telling their keys."""

from .ask import NetAnswer, NetError, ask, is_here
from .fields import filled_in, in_address, in_header, in_json, without_secret

__all__ = [
    "NetAnswer",
    "NetError",
    "ask",
    "filled_in",
    "in_address",
    "in_header",
    "in_json",
    "is_here",
    "without_secret",
]
