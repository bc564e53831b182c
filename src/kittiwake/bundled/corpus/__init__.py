"""Corpora: how good clips are to train on, doubles, sides, archives and datasheets."""
