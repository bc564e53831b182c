"""Open anything as facts and a stream of float32 blocks. Sources are only ever read."""

from .folder import PassedOver, PathList, find_sound_files
from .reader import BLOCK, Reader, open_sound

__all__ = ["BLOCK", "PassedOver", "PathList", "Reader", "find_sound_files", "open_sound"]
