"""The script: lines, voices, what was said."""
