"""Which release this is."""

__version__ = "0.1.0"
