"""Corpora: rows, qualities, doubles, splits, and what is handed to a training run."""
