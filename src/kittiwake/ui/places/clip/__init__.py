"""A clip: what it is, and what is to be done to it."""
