"""How loud the clips of a set are."""
