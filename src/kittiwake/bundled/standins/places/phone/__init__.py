"""The telephone menu and its calls."""
