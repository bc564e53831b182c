"""Places in the window."""
