"""Recording from a list of names."""
