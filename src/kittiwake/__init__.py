"""Kittiwake: puts recorded voices into the machines that must speak them."""

__version__ = "0.1.0"
