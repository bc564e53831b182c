"""Hold music: a loop is found, closed without a seam, measured there, repeated, and fitted for the line."""
