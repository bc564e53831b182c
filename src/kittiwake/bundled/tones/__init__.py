"""Tones: recipes, plans of countries, and the page where they are made."""
