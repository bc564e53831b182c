"""Voices that speak lines: engines behind one small protocol, each one file in ``voices``."""
