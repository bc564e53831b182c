"""One file a section; each registers what can be set in it."""
