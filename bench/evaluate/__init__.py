"""The speech finder, held against speech that nobody here recorded: ``./run evaluate``."""
