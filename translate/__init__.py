"""Keeps the catalogues of languages in step with what the application says: ``./run words``."""
