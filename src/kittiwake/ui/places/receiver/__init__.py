"""A receiver: its rules, and its machine."""
