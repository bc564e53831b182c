"""The page of settings, and what they do to the window."""
