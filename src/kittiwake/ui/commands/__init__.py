"""What the commands of the window do, one file a room; a file put here is found by itself."""

from ...core.extensions import import_all, import_door

import_all(__name__, __path__)
import_door("commands")
