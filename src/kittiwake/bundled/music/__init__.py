"""Hold music: loops found, closed, fitted for the line, with their rights."""
