"""What the commands of the window do, one file a room; a file put here is found by itself."""

from importlib import import_module
from pkgutil import iter_modules

for _found in iter_modules(__path__):
    import_module(f"{__name__}.{_found.name}")
