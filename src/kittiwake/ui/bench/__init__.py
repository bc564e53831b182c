"""The bench: shows whatever is selected on the board, and is where one works on it."""
