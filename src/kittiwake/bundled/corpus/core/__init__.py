"""Corpora: rows about clips, how good each is, doubles, splits that stay, and what is handed to a training run."""
