"""Hold music: loops, messages, rights."""
