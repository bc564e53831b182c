"""Tones of telephone networks: recipes of segments, the plans of countries, and their sound to the sample."""
