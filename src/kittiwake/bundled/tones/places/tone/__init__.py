"""Tones by recipe."""
