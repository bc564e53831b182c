"""Colours, shapes and type."""
