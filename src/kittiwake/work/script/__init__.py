"""The script: read from tables, series of lines, and respellings."""
