"""Panels of stand-ins, one file each; a file put here is found by itself."""
