"""The voices that there are, one file an engine."""
