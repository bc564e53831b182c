"""What tells a desktop and a shell of the application: entries, types of files, pictures, manual pages, completion.

``files.py`` knows them all; each other file writes one kind. Nothing here is read by the application itself.
"""
