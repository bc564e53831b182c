"""Places, a folder each: where one works on what is selected on the board. ``page.py`` of each adds it to the registry (``place.py``)."""
