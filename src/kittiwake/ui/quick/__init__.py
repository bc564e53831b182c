"""Quick convert: a few files, one receiver, no board."""
