"""A clip as one receiver gets it."""
